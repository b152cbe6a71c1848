import { api, ask, words, type Schemas } from '../api/client';

type View = Schemas['WorkUpView'];
type Card = Schemas['CheckCard'];

const SURENESS = ['SURE', 'FAIRLY', 'DOUBTFUL'] as const;
export type Sureness = (typeof SURENESS)[number];

/** One work-up on the screen: what the server says of it, and what is being entered. */
export class WorkUpState {
  view = $state.raw<View>();
  error = $state('');
  busy = $state(false);
  /** A check asked for out of turn. */
  outOfTurn = $state.raw<Card>();
  /** The ways to put a fault right, asked for before it stands out. */
  fixOutOfTurn = $state.raw<Schemas['FixCard']>();
  /** Whether to go on checking although a suspect stands out. */
  checkOn = $state(false);
  picks = $state<Record<string, string>>({});
  written = $state('');
  /** The number told along with the answer, where the check asks for one. */
  told = $state('');
  sureness = $state<Sureness>('SURE');

  constructor(readonly id: number) {}

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

  /** Whether there is enough to record. */
  complete = $derived.by(() => {
    const card = this.card;
    if (!card?.ready) {
      return false;
    }
    if (card.told && this.told.trim() === '') {
      return false;
    }
    return card.scale ? this.written.trim() !== '' : Object.keys(this.picks).length > 0;
  });

  async load(): Promise<void> {
    await this.run(() => ask(api.GET('/api/work-ups/{id}', { params: { path: { id: this.id } } })));
  }

  /** Chooses the outcome of the only question, or the word of a scale, by its number, from 0. */
  choose(i: number): void {
    const word = this.card?.scale?.words[i];
    if (word && this.card?.ready) {
      this.written = word.id;
    }
    const question = this.card?.questions[0];
    const outcome = question?.outcomes[i];
    if (question && outcome && this.card?.ready) {
      this.picks = { ...this.picks, [question.id]: outcome.id };
    }
  }

  async record(override = ''): Promise<void> {
    const card = this.card;
    const view = this.view;
    if (!card || !view || !(override || this.complete)) {
      return;
    }
    await this.write(() =>
      api.POST('/api/work-ups/{id}/findings', {
        params: { path: { id: this.id } },
        body: {
          version: view.version,
          checkId: card.checkId,
          outcomes: { ...this.picks },
          written: card.scale ? this.written : undefined,
          told: card.told ? this.told : undefined,
          sureness: this.sureness,
          override
        }
      })
    );
  }

  async takeBack(n: number): Promise<void> {
    await this.write((version) =>
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
      await this.write((version) =>
        api.POST('/api/work-ups/{id}/skips', {
          params: { path: { id: this.id } },
          body: { version, checkId: card.checkId }
        })
      );
    }
  }

  async suspect(faultId: string, said: string): Promise<boolean> {
    return this.write((version) =>
      api.POST('/api/work-ups/{id}/suspicions', {
        params: { path: { id: this.id } },
        body: { version, faultId, words: said }
      })
    );
  }

  async ownTest(faultId: string, speaksFor: boolean, strong: boolean, said: string): Promise<boolean> {
    return this.write((version) =>
      api.POST('/api/work-ups/{id}/own-tests', {
        params: { path: { id: this.id } },
        body: { version, faultId, speaksFor, strong, words: said }
      })
    );
  }

  async setBench(state: Schemas['BenchState'], override = ''): Promise<boolean> {
    return this.write(
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

  async makeFix(faultId: string, fixId: string): Promise<void> {
    await this.write((version) =>
      api.POST('/api/work-ups/{id}/fixes', {
        params: { path: { id: this.id } },
        body: { version, faultId, fixId }
      })
    );
  }

  async close(end: Schemas['Closing']['end'], reason: string): Promise<boolean> {
    return this.write((version) =>
      api.POST('/api/work-ups/{id}/close', {
        params: { path: { id: this.id } },
        body: { version, end, reason }
      })
    );
  }

  async reopen(reason: string): Promise<boolean> {
    return this.write((version) =>
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
    this.picks = {};
    this.written = '';
    this.told = '';
    this.sureness = 'SURE';
  }

  private async write(
    call: (version: number) => Promise<{ data?: View; error?: unknown; response: Response }>,
    keepCard = false
  ): Promise<boolean> {
    const version = this.view?.version ?? 0;
    const card = this.outOfTurn?.checkId;
    const done = await this.run(() => ask(call(version)));
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

  private async run(fetching: () => Promise<View>): Promise<boolean> {
    if (this.busy) {
      return false;
    }
    this.busy = true;
    this.error = '';
    try {
      this.view = await fetching();
      return true;
    } catch (thrown) {
      this.error = words(thrown);
      return false;
    } finally {
      this.busy = false;
    }
  }
}
