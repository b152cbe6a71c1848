import { api, ask, words, type Schemas } from '../api/client';
import { AnswerState } from '../shared/answer/answer.svelte';
import { Doing } from '../shared/doing.svelte';

type View = Schemas['WorkUpView'];
type WriteAnswer = Schemas['WriteAnswer'];
type Card = Schemas['CheckCard'];

const SURENESS = ['SURE', 'FAIRLY', 'DOUBTFUL'] as const;
const SOON_MS = 300;
export type Sureness = (typeof SURENESS)[number];

/** The letters that mean something on a work-up, so that none of them is an outcome. */
export const RESERVED = 'dbuswotfc';

/** One work-up on the screen: what the server says of it, and what is being entered. */
export class WorkUpState extends Doing {
  view = $state.raw<View>();
  /** A check asked for out of turn. */
  outOfTurn = $state.raw<Card>();
  /** The ways to put a fault right, asked for before it stands out. */
  fixOutOfTurn = $state.raw<Schemas['FixCard']>();
  /** Whether to go on checking although a suspect stands out. */
  checkOn = $state(false);
  /** A number told that was asked back; entered again as it is, it counts. */
  private askedBack = '';
  sureness = $state<Sureness>('SURE');
  constructor(readonly id: number) {
    super();
  }

  /** The check on the card. */
  card = $derived.by(() => {
    const view = this.view;
    if (!view || view.stage === 'CLOSED') {
      return undefined;
    }
    if (this.outOfTurn) {
      return this.outOfTurn;
    }
    if (view.stage === 'PROVING') {
      return view.proof?.next;
    }
    return view.stage === 'FIXING' && !this.checkOn ? undefined : view.next;
  });

  /** The fix on the card. */
  fix = $derived.by(() => {
    const view = this.view;
    if (!view || this.outOfTurn || view.stage === 'CLOSED') {
      return undefined;
    }
    return this.fixOutOfTurn ?? (view.stage === 'FIXING' && !this.checkOn ? view.fix : undefined);
  });

  /** What is being answered on the card. */
  readonly answer = new AnswerState(() => this.card, RESERVED);

  /** Whether there is enough to record. */
  complete = $derived.by(() => this.card?.ready === true && this.answer.hasTold && this.answer.answered);

  async load(): Promise<void> {
    await this.run(async () => {
      this.view = await this.asked();
    });
  }

  /** The number of the last event that was written at another device while something is being entered here; 0 while none was. */
  ahead = $state(0);

  /** Takes in that the work-up went on elsewhere: at once, or when asked for where something is being entered. */
  async wentOn(version: number): Promise<void> {
    if (this.busy) {
      // What is being written here may be just that, or be refused by it.
      setTimeout(() => void this.wentOn(version), SOON_MS);
      return;
    }
    if (!this.view || version <= this.view.version) {
      return;
    }
    if (this.answer.answered || this.answer.told.trim() !== '') {
      this.ahead = version;
      return;
    }
    await this.catchUp();
  }

  /** Shows the work-up as it stands now; what was being entered is let go. */
  async catchUp(): Promise<void> {
    this.ahead = 0;
    this.outOfTurn = undefined;
    this.fixOutOfTurn = undefined;
    this.clearEntry();
    await this.load();
  }

  /**
   * Takes a key that was pressed outside any field. The field of a number takes what is typed before the bench is ready too, so its
   * first digit must not get lost.
   */
  press(key: string): void {
    if (this.card?.ready || this.answer.question?.scale) {
      this.answer.press(key);
    }
  }

  /** Answers a check of one question at once. */
  async answerAtOnce(outcome: string): Promise<void> {
    this.answer.picks = { [this.card?.questions[0]?.id ?? '']: outcome };
    await this.record();
  }

  async record(override = ''): Promise<void> {
    const card = this.card;
    const view = this.view;
    if (!card || !view || !(override || this.complete)) {
      return;
    }
    const told = this.answer.told;
    const done = await this.send(() =>
      api.POST('/api/work-ups/{id}/findings', {
        params: { path: { id: this.id } },
        body: {
          version: view.version,
          checkId: card.checkId,
          outcomes: { ...this.answer.picks },
          numbers: this.answer.numbers(),
          told: card.told ? told : undefined,
          sure: this.askedBack !== '' && this.askedBack === told,
          sureness: this.sureness,
          override
        }
      })
    );
    this.askedBack = !done && this.wrong.some((one) => one.where === 'told') ? told : '';
  }

  /** Records what a snapshot of the settings holds. */
  async take(checkId: string, outcome: string): Promise<void> {
    await this.send((version) =>
      api.POST('/api/work-ups/{id}/findings', {
        params: { path: { id: this.id } },
        body: { version, checkId, outcomes: { seen: outcome }, sureness: 'SURE' }
      })
    );
  }

  async takeBack(n: number): Promise<void> {
    await this.send((version) =>
      api.DELETE('/api/work-ups/{id}/findings/{n}', {
        params: { path: { id: this.id, n }, query: { version } }
      })
    );
  }

  async takeBackLast(): Promise<void> {
    const last = this.view?.evidence.findLast((e) => e.canTakeBack);
    if (last) {
      await this.takeBack(last.n);
    }
  }

  async skip(): Promise<void> {
    const card = this.card;
    if (card && this.view?.stage !== 'PROVING') {
      await this.send((version) =>
        api.POST('/api/work-ups/{id}/skips', {
          params: { path: { id: this.id } },
          body: { version, checkId: card.checkId }
        })
      );
    }
  }

  async suspect(faultId: string, said: string): Promise<boolean> {
    return this.send((version) =>
      api.POST('/api/work-ups/{id}/suspicions', {
        params: { path: { id: this.id } },
        body: { version, faultId, words: said }
      })
    );
  }

  /** Notes what no fault of the book says, in the craft's log. */
  async note(said: string): Promise<boolean> {
    return this.run(async () => {
      await ask(
        api.POST('/api/crafts/{craftId}/log', {
          params: { path: { craftId: this.view!.craftId } },
          body: { kind: 'NOTE', text: said.trim() }
        })
      );
    });
  }

  async ownTest(faultId: string, speaksFor: boolean, strong: boolean, said: string): Promise<boolean> {
    return this.send((version) =>
      api.POST('/api/work-ups/{id}/own-tests', {
        params: { path: { id: this.id } },
        body: { version, faultId, speaksFor, strong, words: said }
      })
    );
  }

  async setBench(state: Schemas['BenchState'], override = ''): Promise<boolean> {
    return this.send(
      (version) =>
        api.PUT('/api/work-ups/{id}/bench-state', {
          params: { path: { id: this.id } },
          body: { version, state, override }
        }),
      true
    );
  }

  async benchReady(): Promise<void> {
    const after = this.card?.benchAfter;
    if (after && !this.card?.ready) {
      await this.setBench(after);
    }
  }

  /** Puts a fault right; one that is hardly believed only with a reason. */
  async makeFix(faultId: string, fixId: string, confirmed = ''): Promise<void> {
    await this.send((version) =>
      api.POST('/api/work-ups/{id}/fixes', {
        params: { path: { id: this.id } },
        body: { version, faultId, fixId, ...(confirmed ? { confirmed } : {}) }
      })
    );
  }

  /** Corrects the record where the craft is right and the record was not. */
  async correct(conflictId: string, way: number): Promise<void> {
    await this.send((version) =>
      api.POST('/api/work-ups/{id}/corrections', {
        params: { path: { id: this.id } },
        body: { version, conflictId, way }
      })
    );
  }

  async close(end: Schemas['Closing']['end'], reason: string): Promise<boolean> {
    return this.send((version) =>
      api.POST('/api/work-ups/{id}/close', {
        params: { path: { id: this.id } },
        body: { version, end, reason }
      })
    );
  }

  async reopen(reason: string): Promise<boolean> {
    return this.send((version) =>
      api.POST('/api/work-ups/{id}/reopen', { params: { path: { id: this.id } }, body: { version, reason } })
    );
  }

  /** Lays another check on the card. */
  async openCheck(checkId: string): Promise<void> {
    try {
      this.outOfTurn = await ask(
        api.GET('/api/work-ups/{id}/checks/{checkId}', { params: { path: { id: this.id, checkId } } })
      );
      this.clearEntry();
    } catch (thrown) {
      this.error = words(thrown);
    }
  }

  /** Shows how a fault is put right, before it stands out. */
  async openFix(faultId: string): Promise<void> {
    try {
      this.fixOutOfTurn = await ask(
        api.GET('/api/work-ups/{id}/fixes/{faultId}', { params: { path: { id: this.id, faultId } } })
      );
      this.outOfTurn = undefined;
    } catch (thrown) {
      this.error = words(thrown);
    }
  }

  nextSureness(): void {
    this.sureness = SURENESS[(SURENESS.indexOf(this.sureness) + 1) % SURENESS.length]!;
  }

  private clearEntry(): void {
    this.answer.clear();
    this.sureness = 'SURE';
  }

  /** Writes; what was recorded is listed at once, and the plan follows when it is worked out. */
  private async send(
    call: (version: number) => Promise<{ data?: WriteAnswer; error?: unknown; response: Response }>,
    keepCard = false
  ): Promise<boolean> {
    const before = this.view;
    const card = this.outOfTurn?.checkId;
    const done = await this.run(async () => {
      const written = await ask(call(before?.version ?? 0));
      this.view = before && {
        ...before,
        version: written.version,
        evidence: [...before.evidence, ...written.recorded]
      };
      this.view = await this.asked();
    });
    if (done && keepCard && card) {
      await this.openCheck(card);
    } else if (done) {
      this.outOfTurn = undefined;
      this.fixOutOfTurn = undefined;
      this.checkOn = false;
      this.clearEntry();
    }
    return done;
  }

  private asked(): Promise<View> {
    return ask(api.GET('/api/work-ups/{id}', { params: { path: { id: this.id } } }));
  }
}
