import { api, ask, type Schemas } from '../api/client';
import { Doing } from '../shared/doing.svelte';

type Setting = Schemas['SettingView'];

/** How the devices of a craft are set, while that is being changed: a map of what is not as usual. */
export class ConfigurationState extends Doing {
  chart = $state.raw<Schemas['Chart']>();
  settings = $state.raw<Setting[]>([]);
  /** As written, by setting; what is as usual is not in it. */
  values = $state<Record<string, string>>({});

  constructor(readonly craftId: string) {
    super();
  }

  /** The settings that are named: those that are not as usual, and those just taken up. */
  named = $derived(this.settings.filter((one) => this.values[one.id] !== undefined));
  rest = $derived(this.settings.filter((one) => this.values[one.id] === undefined));
  changed = $derived.by(() => {
    const before = this.chart?.sheet.configuration ?? {};
    return this.settings.filter(
      (one) => (before[one.id] ?? one.usual) !== (this.values[one.id] ?? one.usual)
    );
  });

  async load(): Promise<void> {
    await this.run(async () => {
      const [settings, chart] = await Promise.all([
        ask(api.GET('/api/settings')),
        ask(api.GET('/api/crafts/{craftId}', { params: { path: { craftId: this.craftId } } }))
      ]);
      this.settings = settings;
      this.take(chart);
    });
  }

  /** Names a setting, at first with its usual value. */
  name(id: string): void {
    const setting = this.settings.find((one) => one.id === id);
    if (setting && this.values[id] === undefined) {
      this.values[id] = setting.usual;
    }
  }

  /** Puts a setting back to usual. */
  asUsual(id: string): void {
    this.values = Object.fromEntries(Object.entries(this.values).filter(([other]) => other !== id));
  }

  async keep(reason: string): Promise<boolean> {
    const chart = this.chart!;
    return this.run(async () => {
      this.take(
        await ask(
          api.PUT('/api/crafts/{craftId}/build-sheet', {
            params: { path: { craftId: this.craftId } },
            body: {
              version: chart.version,
              reason,
              sheet: { ...chart.sheet, configuration: $state.snapshot(this.values) }
            }
          })
        )
      );
    });
  }

  private take(chart: Schemas['Chart']): void {
    this.chart = chart;
    this.values = { ...chart.sheet.configuration };
  }
}
