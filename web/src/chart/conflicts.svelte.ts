import { api, ask, type Schemas } from '../api/client';
import { Doing } from '../shared/doing.svelte';

/** The conflicts of one record: what of it can't be right together, settled one at a time. */
export class ConflictsState extends Doing {
  view = $state.raw<Schemas['ConflictsView']>();

  constructor(readonly craftId: string) {
    super();
  }

  async load(): Promise<void> {
    await this.run(async () => {
      this.view = await ask(
        api.GET('/api/crafts/{craftId}/conflicts', { params: { path: { craftId: this.craftId } } })
      );
    });
  }

  /** Settles one: something was done to the craft, or it is right so and the record was not. */
  settle(conflictId: string, way: number, made: boolean): Promise<boolean> {
    return this.run(async () => {
      this.view = await ask(
        api.POST('/api/crafts/{craftId}/conflicts', {
          params: { path: { craftId: this.craftId } },
          body: { version: this.view!.version, conflictId, way, made }
        })
      );
    });
  }
}
