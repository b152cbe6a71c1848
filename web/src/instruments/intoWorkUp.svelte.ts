import { api, ask, type Schemas } from '../api/client';
import { Doing } from '../shared/doing.svelte';

/** What an instrument found out, as the finding of a check. */
export interface Finding {
  checkId: string;
  outcomes: Record<string, string>;
}

/** How a check names an outcome that the instruments know as, say, `FRONT_RIGHT`. */
export function outcome(name: string): string {
  return name.toLowerCase().replace('_', '-');
}

/** Enters what an instrument found out into a work-up, as if it had been answered there. */
export class IntoWorkUp extends Doing {
  /** What was entered, told by its answers; empty until then. */
  entered = $state('');

  async enter(id: number, finding: Finding): Promise<void> {
    await this.run(async () => {
      const at = { params: { path: { id } } };
      const view: Schemas['WorkUpView'] = await ask(api.GET('/api/work-ups/{id}', at));
      await ask(
        api.POST('/api/work-ups/{id}/findings', {
          ...at,
          body: { version: view.version, ...finding, sureness: 'SURE' }
        })
      );
      this.entered = JSON.stringify(finding);
    });
  }
}
