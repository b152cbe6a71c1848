import { api, ask, type Schemas } from '../api/client';
import { Doing } from '../shared/doing.svelte';
import { send } from '../shared/upload.svelte';

type Every = Schemas['BackupsNow']['every'];

/** What comes in and goes out of the workshop, and its backups. */
export class Transfer extends Doing {
  arrived = $state.raw<Schemas['Arrived'] | null>(null);
  entered = $state.raw<Schemas['ListedCraft'][]>([]);
  backups = $state.raw<Schemas['BackupsNow'] | null>(null);
  share = $state(0);

  async look(): Promise<void> {
    await this.run(async () => {
      this.backups = await ask(api.GET('/api/backups'));
    });
  }

  async takeCharts(file: File): Promise<void> {
    this.arrived = null;
    await this.run(async () => {
      this.arrived = await send<Schemas['Arrived']>(file, '', (s) => (this.share = s), '/api/bundles').answer;
    });
  }

  async takeTable(file: File): Promise<void> {
    this.entered = [];
    await this.run(async () => {
      this.entered = await send<Schemas['ListedCraft'][]>(file, '', () => {}, '/api/crafts/table').answer;
    });
  }

  async backUp(): Promise<void> {
    await this.run(async () => {
      this.backups = await ask(api.POST('/api/backups'));
    });
  }

  async keep(every: Every, keep: number): Promise<void> {
    await this.run(async () => {
      this.backups = await ask(api.PUT('/api/backups', { body: { every, keep } }));
    });
  }

  /** When the newest backup of this data file was made that can be gone back to; nothing where there is none. */
  get newest(): string {
    return this.backups?.all.find((one) => one.own && one.trouble === '')?.at ?? '';
  }
}

/** The time zone of whoever looks, for papers that name days. */
export function zone(): string {
  return `zone=${encodeURIComponent(Intl.DateTimeFormat().resolvedOptions().timeZone)}`;
}
