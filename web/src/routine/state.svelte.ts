import { api, ask, type Schemas } from '../api/client';
import { Doing } from '../shared/doing.svelte';

type View = Schemas['RoutineView'];
type Entry = Schemas['StepEntry'];

/** One run of the pre-power routine on the screen: a step at a time, each judged by the server before the next. */
export class RoutineState extends Doing {
  view = $state.raw<View>();
  /** The step on show, from 0; as many as there are steps when all are done. */
  at = $state(0);
  readings = $state<Record<string, Entry>>({});
  passed = $state<Record<string, boolean>>({});
  /** The step that failed, where one did. */
  failed = $state('');
  written = $state('');
  chosen = $state('');
  /** The question that tells what the reading alone did not; nothing while none is asked. */
  secondWay = $state.raw<Schemas['QuestionView']>();
  secondAnswer = $state('');
  /** What a reading says that needs a second way. */
  said = $state('');
  private started = Date.now();

  constructor(readonly mark: string) {
    super();
  }

  step = $derived.by(() => this.view?.steps[this.at]);
  complete = $derived(
    (this.step?.question.scale ? this.written.trim() !== '' : this.chosen !== '') &&
      (!this.secondWay || this.secondAnswer !== '')
  );
  finished = $derived(this.view !== undefined && (this.at >= this.view.steps.length || this.failed !== ''));

  /** Reads the routine, of the school that the occasion asks for or of the one that was chosen; a run begins anew. */
  async load(school?: Schemas['RoutineView']['school']): Promise<void> {
    await this.run(async () => {
      this.view = await ask(
        api.GET('/api/crafts/{mark}/routine', {
          params: { path: { mark: this.mark }, query: { school } }
        })
      );
      this.at = 0;
      this.failed = '';
      this.readings = {};
      this.passed = {};
    });
  }

  /** Sets the school that the owner holds to, for every craft. */
  async holdTo(school: Schemas['RoutineView']['school']): Promise<void> {
    await this.run(async () => {
      await ask(api.PUT('/api/routine-school', { body: { school } }));
    });
    await this.load();
  }

  choose(i: number): void {
    const second = this.secondWay?.outcomes[i];
    if (second) {
      this.secondAnswer = second.id;
      return;
    }
    const outcome = this.step?.question.outcomes[i];
    if (outcome) {
      this.chosen = outcome.id;
    }
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
          ...(this.secondAnswer ? { secondWay: this.secondAnswer } : {})
        }
      : { outcomes: { seen: this.chosen } };
    await this.run(async () => {
      const judged = await ask(
        api.POST('/api/crafts/{mark}/routine/judge/{step}', {
          params: { path: { mark: this.mark, step: step.id } },
          body: entry
        })
      );
      if (judged.secondWay) {
        this.secondWay = judged.secondWay;
        this.said = judged.expected;
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
    this.written = '';
    this.chosen = '';
    this.secondWay = undefined;
    this.secondAnswer = '';
    this.said = '';
  }

  /** Takes the number of the step; another number asks for another second way. */
  write(text: string): void {
    this.clear();
    this.written = text;
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
        api.POST('/api/crafts/{mark}/routine', {
          params: { path: { mark: this.mark } },
          body: {
            readings: { ...this.readings },
            minutes: (Date.now() - this.started) / 60000,
            school: this.view?.school
          }
        })
      );
    });
  }
}
