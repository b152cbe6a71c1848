import { api, ask, type Schemas } from '../api/client';
import { Doing } from '../shared/doing.svelte';
import { Loading } from '../shared/loading.svelte';

type View = Schemas['FlashView'];

/** A flash on its way: planned, its steps ticked off one by one, remedies tried in their order. Ticks survive a reload. */
export class FlashState extends Doing {
  readonly plan = new Loading<View>();
  done = $state.raw<string[]>([]);
  /** How many remedies were tried. */
  tried = $state(0);
  /** Why it goes on without a snapshot that holds; empty while there is one or nobody said. */
  without = $state('');

  constructor(
    readonly craftId: string,
    private readonly kept: Pick<Storage, 'getItem' | 'setItem'> = localStorage
  ) {
    super();
    const before = JSON.parse(kept.getItem(this.key()) ?? '{}') as {
      done?: string[];
      tried?: number;
      without?: string;
    };
    this.done = before.done ?? [];
    this.tried = before.tried ?? 0;
    this.without = before.without ?? '';
  }

  view = $derived(this.plan.value);

  /** Whether there is a snapshot that tells how the craft is, or somebody said why not. */
  ready = $derived(
    (this.view?.snapshot !== undefined && this.view.stale === undefined) || this.without !== ''
  );

  /** The step that comes next; nothing once all are done. */
  next = $derived(this.view?.steps.find((step) => !this.done.includes(step.id)));

  async load(family: string, version: string): Promise<void> {
    await this.plan.load(() =>
      ask(
        api.GET('/api/crafts/{craftId}/flash-plan', {
          params: { path: { craftId: this.craftId }, query: { family, version } }
        })
      )
    );
  }

  /** Goes on without a snapshot; the reason goes into the craft's log. */
  async goWithout(reason: string): Promise<void> {
    await this.run(async () => {
      await ask(
        api.POST('/api/crafts/{craftId}/log', {
          params: { path: { craftId: this.craftId } },
          body: { kind: 'NOTE', text: `Flashed without a snapshot of the settings: ${reason}` }
        })
      );
      this.without = reason;
      this.keep();
    });
  }

  tick(step: string): void {
    this.done = this.done.includes(step) ? this.done.filter((one) => one !== step) : [...this.done, step];
    this.keep();
  }

  tryNext(): void {
    this.tried = Math.min(this.tried + 1, this.view?.remedies.length ?? 0);
    this.keep();
  }

  /** Begins anew, for the next flash. */
  anew(): void {
    this.done = [];
    this.tried = 0;
    this.without = '';
    this.keep();
  }

  private key(): string {
    return `flash ${this.craftId}`;
  }

  private keep(): void {
    this.kept.setItem(
      this.key(),
      JSON.stringify({ done: this.done, tried: this.tried, without: this.without })
    );
  }
}
