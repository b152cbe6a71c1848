import { api, ask, type Schemas } from '../api/client';
import { Doing } from '../shared/doing.svelte';
import { send } from '../shared/upload.svelte';
import { shrunk } from './shrink';

type KeptFile = Schemas['KeptFile'];

/** Photos and files of a craft. */
export class Files extends Doing {
  all = $state.raw<KeptFile[]>([]);
  /** The line of the log that was last dealt with; what goes wrong is told there. */
  line = $state<number>();

  constructor(readonly mark: string) {
    super();
  }

  address(file: KeptFile): string {
    return `/api/crafts/${encodeURIComponent(this.mark)}/files/${file.id}`;
  }

  /** Those beside a finding of a work-up. */
  beside(workUpId: number, n: number): KeptFile[] {
    return this.all.filter((file) => file.workUpId === workUpId && file.n === n);
  }

  /** Those beside a line of the log. */
  besideLine(line: number): KeptFile[] {
    return this.all.filter((file) => file.logId === line);
  }

  async look(): Promise<void> {
    await this.run(async () => {
      this.all = await ask(api.GET('/api/crafts/{mark}/files', { params: { path: { mark: this.mark } } }));
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
      const address = `/api/crafts/${encodeURIComponent(this.mark)}/files`;
      this.all = await send<KeptFile[]>(await shrunk(file), '', () => {}, address, asked).answer;
    });
  }

  async takeOff(file: KeptFile): Promise<void> {
    this.line = file.logId ?? undefined;
    await this.run(async () => {
      const path = { mark: this.mark, id: file.id };
      this.all = await ask(api.DELETE('/api/crafts/{mark}/files/{id}', { params: { path } }));
    });
  }
}
