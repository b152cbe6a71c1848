import { type Schemas } from '../api/client';
import { send, Upload } from '../shared/upload.svelte';

/** One family's table: shown to be changed, or on its way in. */
export class FamilyState extends Upload<Schemas['FamilyView']> {
  table = $state('');
  /** What the family is called that was kept last. */
  kept = $state('');

  constructor(
    sending: typeof send<Schemas['FamilyView']> = send,
    private readonly fetching: typeof fetch = (...asked) => fetch(...asked)
  ) {
    super('/api/firmware-families', sending);
  }

  /** Shows the table of a family. */
  async open(id: string): Promise<void> {
    this.kept = '';
    const answer = await this.fetching(`/api/firmware-families/${encodeURIComponent(id)}`);
    if (answer.ok) {
      this.table = (await answer.text()).replaceAll('\r\n', '\n');
    } else {
      this.error = `There is no family “${id}” any more.`;
    }
  }

  /** Takes a table in, whole or not at all; tells whether it was kept. */
  async keep(file: Blob, name: string): Promise<boolean> {
    this.take(file, name);
    const kept = await this.read('');
    this.kept = kept?.label ?? '';
    return kept !== null;
  }
}
