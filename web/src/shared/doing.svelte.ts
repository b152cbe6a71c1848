import { Problem, words } from '../api/client';

/** What a screen asks of the server, one thing at a time; a refusal stands beside it. */
export class Doing {
  busy = $state(false);
  error = $state('');
  /** What the refusal says field by field, where it does. */
  wrong = $state.raw<{ where: string; right: string }[]>([]);

  /** Does it, unless something is being done already; says whether it was done. */
  protected async run(doing: () => Promise<void>): Promise<boolean> {
    if (this.busy) {
      return false;
    }
    this.busy = true;
    this.error = '';
    this.wrong = [];
    try {
      await doing();
      return true;
    } catch (thrown) {
      this.error = words(thrown);
      this.wrong = thrown instanceof Problem ? thrown.errors : [];
      return false;
    } finally {
      this.busy = false;
    }
  }
}
