import { api, ask, type Schemas } from '../api/client';
import { Doing } from '../shared/doing.svelte';
import { send } from '../shared/upload.svelte';
import { shrunk } from './shrink';

type KeptFile = Schemas['KeptFile'];

/** Photos and files of a craft. */
export class Files extends Doing {
  all = $state.raw<KeptFile[]>([]);
  /** What was put right of them, newest first. */
  history = $state.raw<Schemas['EntryCorrection'][]>([]);
  /** The line of the log that was last dealt with; what goes wrong is told there. */
  line = $state<number>();

  constructor(readonly craftId: string) {
    super();
  }

  address(file: KeptFile): string {
    return `/api/crafts/${encodeURIComponent(this.craftId)}/files/${file.id}`;
  }

  /** Those that were not taken off. */
  get shown(): KeptFile[] {
    return this.all.filter((file) => !file.withdrawn);
  }

  get takenOff(): KeptFile[] {
    return this.all.filter((file) => file.withdrawn);
  }

  /** Those beside a finding of a work-up. */
  beside(workUpId: number, n: number): KeptFile[] {
    return this.shown.filter((file) => file.workUpId === workUpId && file.n === n);
  }

  /** Those beside a line of the log. */
  besideLine(line: number): KeptFile[] {
    return this.shown.filter((file) => file.logId === line);
  }

  async look(): Promise<void> {
    await this.run(async () => {
      this.all = await ask(
        api.GET('/api/crafts/{craftId}/files', { params: { path: { craftId: this.craftId } } })
      );
      this.history = this.all.length > 0 ? await this.corrections() : [];
    });
  }

  /** Keeps a file beside a finding or a line of the log, or with the craft alone. */
  async keep(
    file: File,
    to: { workUp: number; n: number } | { line: number } | Record<string, never> = {}
  ): Promise<void> {
    this.line = 'line' in to ? to.line : undefined;
    await this.run(async () => {
      const beside = Object.entries(to).map(([key, value]) => [key, String(value)]);
      const asked = { name: file.name, ...Object.fromEntries(beside) };
      const address = `/api/crafts/${encodeURIComponent(this.craftId)}/files`;
      this.all = await send<KeptFile[]>(await shrunk(file), '', () => {}, address, asked).answer;
    });
  }

  /** Names a file anew, or brings it back; it stays beside what it stood unless it is of the craft alone from now on. */
  async correct(file: KeptFile, name: string, alone: boolean, reason: string): Promise<void> {
    const beside = alone ? {} : { workUp: file.workUpId, n: file.n, line: file.logId };
    await this.change(file, (params) =>
      ask(api.PUT('/api/crafts/{craftId}/files/{id}', { params, body: { name, ...beside, reason } }))
    );
  }

  async takeOff(file: KeptFile, reason: string): Promise<void> {
    await this.change(file, (params) =>
      ask(api.POST('/api/crafts/{craftId}/files/{id}/withdrawal', { params, body: { reason } }))
    );
  }

  private async change(
    file: KeptFile,
    changed: (params: { path: { craftId: string; id: number } }) => Promise<KeptFile[]>
  ): Promise<void> {
    this.line = file.logId ?? undefined;
    await this.run(async () => {
      this.all = await changed({ path: { craftId: this.craftId, id: file.id } });
      this.history = await this.corrections();
    });
  }

  private corrections(): Promise<Schemas['EntryCorrection'][]> {
    return ask(
      api.GET('/api/crafts/{craftId}/files/corrections', { params: { path: { craftId: this.craftId } } })
    );
  }
}
