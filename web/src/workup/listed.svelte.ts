import { type Schemas } from '../api/client';
import { send, Upload } from '../shared/upload.svelte';

/** A listing for a work-up: on its way in, kept on the chart, or refused. */
export class ListedState extends Upload<Schemas['SnapshotView']> {
  constructor(mark: string, why: string, sending: typeof send<Schemas['SnapshotView']> = send) {
    super(`/api/crafts/${encodeURIComponent(mark)}/snapshots`, sending, (name) => ({ why, name }));
  }

  /** Keeps it; gives the check by which the work-up takes it for a finding, or nothing where it was refused. */
  async drop(file: Blob, name: string): Promise<string> {
    this.take(file, name);
    return (await this.read(''))?.row.checkId ?? '';
  }
}
