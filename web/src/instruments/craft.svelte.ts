import { searchParams } from 'sv-router';
import { api, ask, type Schemas } from '../api/client';
import { Loading } from '../shared/loading.svelte';

/** The craft that an instrument was opened for, where it was. */
export class OpenedFor {
  readonly chart = new Loading<Schemas['Chart']>();
  readonly craftId = String(searchParams.get('craft') ?? '');

  async load(): Promise<Schemas['Chart'] | undefined> {
    if (this.craftId) {
      await this.chart.load(() =>
        ask(api.GET('/api/crafts/{craftId}', { params: { path: { craftId: this.craftId } } }))
      );
    }
    return this.chart.value;
  }

  /** How a device of the craft is configured, as on its sheet; nothing while no craft is there. */
  told(setting: string): string | undefined {
    return this.chart.value?.told.find((one) => one.id === setting)?.written;
  }
}
