import { api, ask, words, type Schemas } from '../api/client';
import { send } from '../instruments/capture.svelte';

type Finding = Schemas['CaptureFinding'];

/** A recording for one check of a work-up: on its way in, asked which signal is meant, read and kept, or refused. */
export class RecordedState {
  name = $state('');
  share = $state<number | null>(null);
  error = $state('');
  signals = $state.raw<string[]>([]);
  finding = $state.raw<Finding | null>(null);
  kept = $state.raw<Schemas['Kept'][]>([]);
  private file: Blob | null = null;
  private stopping = (): void => {};

  constructor(
    private readonly workUp: number,
    private readonly check: string,
    private readonly sending: typeof send<Finding> = send
  ) {}

  /** What was kept for this check before. */
  async load(): Promise<void> {
    try {
      const all = await ask(
        api.GET('/api/work-ups/{id}/captures', { params: { path: { id: this.workUp } } })
      );
      this.kept = all.filter((one) => one.checkId === this.check);
    } catch (thrown) {
      this.error = words(thrown);
    }
  }

  async drop(file: Blob, name: string): Promise<void> {
    this.file = file;
    this.name = name;
    await this.read('');
  }

  async choose(signal: string): Promise<void> {
    await this.read(signal);
  }

  stop(): void {
    this.stopping();
  }

  private async read(signal: string): Promise<void> {
    const file = this.file;
    if (!file) {
      return;
    }
    this.error = '';
    this.finding = null;
    this.signals = [];
    this.share = 0;
    const sent = this.sending(
      file,
      signal,
      (share) => {
        if (this.file === file) {
          this.share = share;
        }
      },
      `/api/work-ups/${this.workUp}/captures`,
      { check: this.check, name: this.name }
    );
    this.stopping = sent.stop;
    try {
      const finding = await sent.answer;
      if (this.file !== file) {
        return;
      }
      if (finding.answer.tells) {
        this.finding = finding;
        await this.load();
      } else {
        this.signals = finding.answer.signals;
      }
    } catch (thrown) {
      this.error = words(thrown);
    } finally {
      this.share = null;
    }
  }
}
