import { api, ask, words, type Schemas } from '../api/client';
import { send, Upload } from '../shared/upload.svelte';

type Finding = Schemas['CaptureFinding'];

/** A recording for one check of a work-up: on its way in, asked which signal is meant, read and kept, or refused. */
export class RecordedState extends Upload<Finding> {
  signals = $state.raw<string[]>([]);
  finding = $state.raw<Finding | null>(null);
  kept = $state.raw<Schemas['Kept'][]>([]);

  constructor(
    private readonly workUp: number,
    private readonly check: string,
    sending: typeof send<Finding> = send
  ) {
    super(`/api/work-ups/${workUp}/captures`, sending, (name) => ({ check, name }));
  }

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
    this.take(file, name);
    await this.choose('');
  }

  async choose(signal: string): Promise<void> {
    this.finding = null;
    this.signals = [];
    const finding = await this.read(signal);
    if (finding?.answer.tells) {
      this.finding = finding;
      await this.load();
    } else {
      this.signals = finding?.answer.signals ?? [];
    }
  }
}
