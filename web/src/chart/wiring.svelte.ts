import { api, ask, type Schemas } from '../api/client';
import { Doing } from '../shared/doing.svelte';

type Chart = Schemas['Chart'];
type Lead = Schemas['LeadEntry'];

/** Parts and leads of a craft while they are being changed. */
export class WiringState extends Doing {
  chart = $state.raw<Chart>();
  parts = $state<Schemas['PartEntry'][]>([]);
  leads = $state<Lead[]>([]);
  pack = $state<Schemas['PackEntry']>();

  constructor(readonly mark: string) {
    super();
  }

  async load(): Promise<void> {
    await this.take(() => ask(api.GET('/api/crafts/{mark}', { params: { path: { mark: this.mark } } })));
  }

  async layOut(layout: 'SEPARATE' | 'STACK', pack: Schemas['PackEntry']): Promise<void> {
    await this.take(() =>
      ask(
        api.PUT('/api/crafts/{mark}/layout', {
          params: { path: { mark: this.mark } },
          body: { version: this.chart!.version, layout, pack, parts: [] }
        })
      )
    );
  }

  async addPart(archetype: string): Promise<void> {
    await this.take(() =>
      ask(
        api.POST('/api/crafts/{mark}/parts', {
          params: { path: { mark: this.mark } },
          body: { version: this.chart!.version, archetype }
        })
      )
    );
  }

  /** Takes the sorts that the shelf has otherwise by now over to this craft. */
  async takeOver(): Promise<void> {
    await this.take(() =>
      ask(
        api.PUT('/api/crafts/{mark}/sorts', {
          params: { path: { mark: this.mark } },
          body: { version: this.chart!.version }
        })
      )
    );
  }

  async removePart(partId: string): Promise<void> {
    await this.take(() =>
      ask(
        api.DELETE('/api/crafts/{mark}/parts/{partId}', {
          params: { path: { mark: this.mark, partId }, query: { version: this.chart!.version } }
        })
      )
    );
  }

  /** Puts the changed parts, leads and pack on the sheet. */
  async keep(reason: string): Promise<boolean> {
    const chart = this.chart!;
    const electrics = chart.sheet.electrics!;
    return this.take(() =>
      ask(
        api.PUT('/api/crafts/{mark}/build-sheet', {
          params: { path: { mark: this.mark } },
          body: {
            version: chart.version,
            reason,
            sheet: {
              ...chart.sheet,
              electrics: {
                ...electrics,
                parts: $state.snapshot(this.parts),
                leads: $state.snapshot(this.leads),
                pack: $state.snapshot(this.pack)!
              }
            }
          }
        })
      )
    );
  }

  private take(fetching: () => Promise<Chart>): Promise<boolean> {
    return this.run(async () => {
      const chart = await fetching();
      this.chart = chart;
      this.parts = chart.sheet.electrics?.parts.map((part) => ({ ...part })) ?? [];
      this.leads = chart.sheet.electrics?.leads.map((lead) => ({ ...lead })) ?? [];
      this.pack = chart.sheet.electrics ? { ...chart.sheet.electrics.pack } : undefined;
    });
  }
}
