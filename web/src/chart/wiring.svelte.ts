import { api, ask, type Schemas } from '../api/client';
import { Doing } from '../shared/doing.svelte';

type Chart = Schemas['Chart'];
type Lead = Schemas['WireEntry'];

/** Parts and wires of a craft while they are being changed. */
export class WiringState extends Doing {
  chart = $state.raw<Chart>();
  parts = $state<Schemas['PartEntry'][]>([]);
  wires = $state<Lead[]>([]);
  battery = $state<Schemas['BatteryOnSheet']>();

  constructor(readonly craftId: string) {
    super();
  }

  async load(): Promise<void> {
    await this.take(() =>
      ask(api.GET('/api/crafts/{craftId}', { params: { path: { craftId: this.craftId } } }))
    );
  }

  async layOut(layout: 'SEPARATE' | 'STACK', battery: Schemas['BatteryOnSheet']): Promise<void> {
    await this.take(() =>
      ask(
        api.PUT('/api/crafts/{craftId}/layout', {
          params: { path: { craftId: this.craftId } },
          body: { version: this.chart!.version, layout, battery, parts: [] }
        })
      )
    );
  }

  async addPart(archetype: string): Promise<void> {
    await this.take(() =>
      ask(
        api.POST('/api/crafts/{craftId}/parts', {
          params: { path: { craftId: this.craftId } },
          body: { version: this.chart!.version, archetype }
        })
      )
    );
  }

  /** Takes the partTypes that the library has otherwise by now over to this craft. */
  async takeOver(): Promise<void> {
    await this.take(() =>
      ask(
        api.PUT('/api/crafts/{craftId}/part-types', {
          params: { path: { craftId: this.craftId } },
          body: { version: this.chart!.version }
        })
      )
    );
  }

  async removePart(partId: string): Promise<void> {
    await this.take(() =>
      ask(
        api.DELETE('/api/crafts/{craftId}/parts/{partId}', {
          params: { path: { craftId: this.craftId, partId }, query: { version: this.chart!.version } }
        })
      )
    );
  }

  /** Parts, wires and battery as they stand now; nothing for a craft that is not wired. */
  entry(): Schemas['ElectricEntry'] | undefined {
    const electrics = this.chart?.sheet.electrics;
    return electrics && this.battery
      ? {
          ...electrics,
          parts: $state.snapshot(this.parts),
          wires: $state.snapshot(this.wires),
          battery: $state.snapshot(this.battery)
        }
      : undefined;
  }

  /** Whether a wire, counted from 0, ends at a pad. */
  touches(wire: number, pad: string): boolean {
    return this.wires[wire]!.from === pad || this.wires[wire]!.to === pad;
  }

  /** Runs a wire between two pads, as thick and long as the last one at either; does nothing where one runs already. */
  join(from: string, to: string): void {
    const ends = [...this.wires.keys()];
    if (ends.some((i) => this.touches(i, from) && this.touches(i, to))) {
      return;
    }
    const like = this.wires.findLast((_, i) => this.touches(i, from) || this.touches(i, to));
    const { gaugeAwg, lengthMm, plugged } = like ?? { gaugeAwg: 28, lengthMm: 80, plugged: false };
    this.wires.push({ from, to, gaugeAwg, lengthMm, plugged });
  }

  /** Puts the changed parts, wires and battery on the sheet. */
  async keep(reason: string): Promise<boolean> {
    const chart = this.chart!;
    return this.take(() =>
      ask(
        api.PUT('/api/crafts/{craftId}/build-sheet', {
          params: { path: { craftId: this.craftId } },
          body: {
            version: chart.version,
            reason,
            sheet: { ...chart.sheet, electrics: this.entry()! }
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
      this.wires = chart.sheet.electrics?.wires.map((wire) => ({ ...wire })) ?? [];
      this.battery = chart.sheet.electrics ? { ...chart.sheet.electrics.battery } : undefined;
    });
  }
}
