import { api, ask, type Schemas } from '../api/client';
import { AnswerState } from '../shared/answer/answer.svelte';
import { Doing } from '../shared/doing.svelte';

type View = Schemas['SetUpView'];
type Step = Schemas['StepToDo'];
/** A work-up takes over so many readings. */
const MOST_BEFORE = 10;

/** The set-up of one craft, gone through step by step. */
export class SetUpState extends Doing {
  view = $state<View>();
  chosen = $state('');
  /** A number told that was asked back; entered again as it is, it counts. */
  private askedBack = '';

  constructor(readonly craftId: string) {
    super();
  }

  private get path(): { path: { craftId: string } } {
    return { path: { craftId: this.craftId } };
  }

  /** The step that is looked at: the next one, unless another was pressed. */
  get step(): Step | undefined {
    const todo = this.view?.run?.todo ?? [];
    return todo.find((one) => one.id === this.chosen) ?? todo[0];
  }

  /** What is being answered of the step. */
  readonly answer = new AnswerState(() => this.step);

  /** Whether every question of the step has its answer. */
  get complete(): boolean {
    return this.step !== undefined && this.answer.whole;
  }

  choose(id: string): void {
    this.chosen = id;
    this.answer.clear();
  }

  private doing(act: () => Promise<View>): Promise<boolean> {
    return this.run(async () => {
      this.view = await act();
    });
  }

  load(): Promise<boolean> {
    return this.doing(() => ask(api.GET('/api/crafts/{craftId}/set-up', { params: this.path })));
  }

  begin(occasion: Schemas['Beginning']['occasion']): Promise<boolean> {
    return this.doing(() =>
      ask(api.POST('/api/crafts/{craftId}/set-up', { params: this.path, body: { occasion } }))
    );
  }

  async give(): Promise<void> {
    const step = this.step;
    const run = this.view?.run;
    if (!step || !run || !this.complete) {
      return;
    }
    const told = this.answer.told;
    const body = {
      version: run.version,
      stepId: step.id,
      outcomes: $state.snapshot(this.answer.picks),
      numbers: this.answer.numbers(),
      ...(step.told ? { told: told.trim(), sure: this.askedBack !== '' && this.askedBack === told } : {})
    };
    if (
      await this.doing(() => ask(api.POST('/api/crafts/{craftId}/set-up/steps', { params: this.path, body })))
    ) {
      // A step that was wrong stays in view, with what can be done about it; one that passed is no longer among those to do.
      this.chosen = step.id;
      this.answer.clear();
    }
    this.askedBack = this.wrong.some((one) => one.where === 'told') ? told : '';
  }

  /** Settles a conflict of the record, and looks anew at what the set-up waits for. */
  async settle(conflictId: string, way: number, made: boolean): Promise<void> {
    const version = this.view?.run?.craftVersion ?? 0;
    await this.doing(async () => {
      await ask(
        api.POST('/api/crafts/{craftId}/conflicts', {
          params: this.path,
          body: { version, conflictId, way, made }
        })
      );
      return ask(api.GET('/api/crafts/{craftId}/set-up', { params: this.path }));
    });
  }

  end(reason: string): Promise<boolean> {
    const version = this.view?.run?.version ?? 0;
    return this.doing(() =>
      ask(api.POST('/api/crafts/{craftId}/set-up/end', { params: this.path, body: { version, reason } }))
    );
  }

  /** Opens a work-up for a step that did not give what it should, with all readings so far; its number, or nothing. */
  async workUp(step: Step): Promise<number | undefined> {
    const run = this.view?.run;
    if (!run || !step.reading) {
      return undefined;
    }
    const before = [...run.passed.map((one) => one.reading), step.reading].slice(-MOST_BEFORE);
    let id: number | undefined;
    await this.run(async () => {
      const opened = await ask(
        api.POST('/api/work-ups', {
          body: {
            craftId: this.craftId,
            kind: step.complaint,
            complaint: `Set-up, ${run.label}: ${step.title}`,
            occasion: run.happened,
            seen: {},
            before: before.map((one) => ({
              checkId: one.checkId,
              outcomes: one.outcomes,
              numbers: one.numbers,
              ...(one.told ? { told: one.told } : {})
            }))
          }
        })
      );
      id = opened.id;
    });
    return id;
  }
}
