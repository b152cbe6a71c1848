import { api, ask, type Schemas } from '../api/client';
import { send, Upload } from '../shared/upload.svelte';

/** What a listing gave, as the answer of a check. */
export interface ListedFinding {
  checkId: string;
  outcome: string;
}

/** A listing for a work-up: on its way in, kept on the chart, or refused. */
export class ListedState extends Upload<Schemas['SnapshotView']> {
  constructor(craftId: string, why: string, sending: typeof send<Schemas['SnapshotView']> = send) {
    super(`/api/crafts/${encodeURIComponent(craftId)}/snapshots`, sending, (name) => ({ why, name }));
  }

  /**
   * Keeps it; gives what the work-up takes for a finding, or nothing where it was refused.
   *
   * @param readBack the work-up in which it is read back against what the craft should be told; else it speaks for itself
   */
  async drop(file: Blob, name: string, readBack?: number): Promise<ListedFinding | undefined> {
    this.take(file, name);
    const kept = await this.read('');
    if (!kept) {
      return undefined;
    }
    if (readBack === undefined) {
      return { checkId: kept.row.checkId, outcome: 'listed' };
    }
    return ask(
      api.GET('/api/work-ups/{id}/read-back', {
        params: { path: { id: readBack }, query: { snapshot: kept.row.number } }
      })
    );
  }
}
