import { api, ask, type Schemas } from '../api/client';
import { AnswerState } from '../shared/answer/answer.svelte';
import { Doing } from '../shared/doing.svelte';

type View = Schemas['RoutineView'];
type Entry = Schemas['StepEntry'];

/** The letters that mean something on the routine, so that none of them is an outcome. */
export const RESERVED = 'u';

/** One run of the pre-power routine on the screen: a step at a time, each judged by the server before the next. */
export class RoutineState extends Doing {
  view = $state.raw<View>();
  /** The step on show, from 0; as many as there are steps when all are done. */
  at = $state(0);
  readings = $state<Record<string, Entry>>({});
  passed = $state<Record<string, boolean>>({});
  /** The step that failed, where one did. */
  failed = $state('');
  /** A question that tells what a reading alone did not, of the number as it was written, and what that says. */
  private doubt = $state.raw<{ written: string; question: Schemas['QuestionView']; said: string }>();
  private started = Date.now();

  constructor(readonly craftId: string) {
    super();
  }

  step = $derived.by(() => this.view?.steps[this.at]);
  /** What is being answered of the step. */
  readonly answer = new AnswerState(
    () => (this.step ? { questions: [this.step.question] } : undefined),
    RESERVED
  );
  private written = $derived.by(() => this.answer.written[this.step?.question.id ?? ''] ?? '');
  /** What is asked a second way: of another number something else would be. */
  private doubted = $derived.by(() => (this.doubt?.written === this.written ? this.doubt : undefined));
  /** The question that tells what the reading alone did not; nothing while none is asked. */
  secondWay = $derived.by(() => this.doubted?.question);
  /** What a reading says that needs a second way. */
  said = $derived.by(() => this.doubted?.said ?? '');
  readonly second = new AnswerState(
    () => (this.secondWay ? { questions: [this.secondWay] } : undefined),
    RESERVED
  );
  complete = $derived.by(() => this.answer.whole && (!this.secondWay || this.second.whole));
  finished = $derived(this.view !== undefined && (this.at >= this.view.steps.length || this.failed !== ''));

  /** Reads the routine, of the convention that the occasion asks for or of the one that was chosen; a run begins anew. */
  async load(convention?: Schemas['RoutineView']['convention']): Promise<void> {
    await this.run(async () => {
      this.view = await ask(
        api.GET('/api/crafts/{craftId}/routine', {
          params: { path: { craftId: this.craftId }, query: { convention } }
        })
      );
      this.at = 0;
      this.failed = '';
      this.readings = {};
      this.passed = {};
    });
  }

  /** Sets the convention that the owner holds to, for every craft. */
  async holdTo(convention: Schemas['RoutineView']['convention']): Promise<void> {
    await this.run(async () => {
      await ask(api.PUT('/api/pre-power-convention', { body: { convention } }));
    });
    await this.load();
  }

  /** Takes a key that was pressed outside any field. */
  press(key: string): void {
    (this.secondWay ? this.second : this.answer).press(key);
  }

  /** Has the reading judged and goes on; a failed one ends the run. */
  async give(): Promise<void> {
    const step = this.step;
    if (!step || !this.complete || this.finished) {
      return;
    }
    const entry: Entry = step.question.scale
      ? {
          outcomes: {},
          written: this.written,
          ...(this.secondWay ? { secondWay: this.second.picks[this.secondWay.id] } : {})
        }
      : { outcomes: { seen: this.answer.picks[step.question.id]! } };
    await this.run(async () => {
      const judged = await ask(
        api.POST('/api/crafts/{craftId}/routine/judge/{step}', {
          params: { path: { craftId: this.craftId, step: step.id } },
          body: entry
        })
      );
      if (judged.secondWay) {
        this.doubt = { written: this.written, question: judged.secondWay, said: judged.expected };
        this.second.clear();
        return;
      }
      this.readings = { ...this.readings, [step.id]: entry };
      this.passed = { ...this.passed, [step.id]: judged.passed };
      if (judged.passed) {
        this.at += 1;
      } else {
        this.failed = step.id;
      }
      this.clear();
    });
  }

  private clear(): void {
    this.answer.clear();
    this.second.clear();
    this.doubt = undefined;
  }

  /** Back to the step before, its reading taken out. */
  back(): void {
    if (this.failed) {
      this.failed = '';
    } else {
      this.at = Math.max(0, this.at - 1);
    }
    this.clear();
    const step = this.view?.steps[this.at];
    if (step) {
      const fewer = { ...this.readings };
      delete fewer[step.id];
      this.readings = fewer;
    }
  }

  /** Puts the run on the chart. */
  async keep(): Promise<boolean> {
    return this.run(async () => {
      this.view = await ask(
        api.POST('/api/crafts/{craftId}/routine', {
          params: { path: { craftId: this.craftId } },
          body: {
            readings: { ...this.readings },
            minutes: (Date.now() - this.started) / 60000,
            convention: this.view?.convention
          }
        })
      );
    });
  }
}
