import type { Schemas } from '../api/client';
import { AnswerState } from '../shared/answer/answer.svelte';

type Entry = Schemas['BeforeEntry'];

/** A check that was made before the craft came to the bench, with what it gave. */
export interface SeenBefore {
  entry: Entry;
  answer: AnswerState;
}

/** What was found out before a work-up is opened. */
export class BeforeState {
  seen = $state<SeenBefore[]>([]);
  typed = $state('');

  constructor(readonly entries: () => Entry[]) {}

  /** The checks that the typed letters may mean and that are not among those seen; none while nothing is typed. */
  found = $derived.by(() => {
    const words = this.typed.toLowerCase().split(/\s+/).filter(Boolean);
    return words.length === 0
      ? []
      : this.entries()
          .filter((one) => !this.seen.some((s) => s.entry.checkId === one.checkId))
          .filter((one) => words.every((word) => said(one).includes(word)))
          .slice(0, 8);
  });

  add(entry: Entry): void {
    this.seen.push({ entry, answer: new AnswerState(() => entry) });
    this.typed = '';
  }

  remove(checkId: string): void {
    this.seen = this.seen.filter((one) => one.entry.checkId !== checkId);
  }

  /** What is sent: the checks of which anything was answered. */
  answers(): NonNullable<Schemas['Intake']['before']> {
    return this.seen
      .filter((one) => one.answer.answered)
      .map(({ entry, answer }) => ({
        checkId: entry.checkId,
        outcomes: { ...answer.picks },
        numbers: answer.numbers(),
        told: entry.told ? answer.told : undefined
      }));
  }
}

/** All that is said of a check, for the letters that are typed. */
function said(entry: Entry): string {
  return [entry.title, ...entry.questions.flatMap((q) => [q.text, ...q.outcomes.map((o) => o.label)])]
    .join(' ')
    .toLowerCase();
}
