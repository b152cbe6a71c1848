import type { Schemas } from '../api/client';

type Entry = Schemas['BeforeEntry'];

/** A check that was made before the craft came to the bench, with what it gave. */
export interface SeenBefore {
  entry: Entry;
  outcomes: Record<string, string>;
  numbers: Record<string, string>;
  told: string;
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
    this.seen.push({ entry, outcomes: {}, numbers: {}, told: '' });
    this.typed = '';
  }

  remove(checkId: string): void {
    this.seen = this.seen.filter((one) => one.entry.checkId !== checkId);
  }

  answer(one: SeenBefore, question: string, outcome: string | undefined): void {
    if (outcome === undefined) {
      delete one.outcomes[question];
    } else {
      one.outcomes[question] = outcome;
    }
  }

  /** What is sent: the checks of which anything was answered. */
  answers(): NonNullable<Schemas['Intake']['before']> {
    return this.seen.flatMap((one) => {
      const numbers = Object.fromEntries(
        Object.entries(one.numbers).filter(([, text]) => text.trim() !== '')
      );
      return Object.keys(one.outcomes).length + Object.keys(numbers).length === 0
        ? []
        : [
            {
              checkId: one.entry.checkId,
              outcomes: { ...one.outcomes },
              numbers,
              told: one.entry.told ? one.told : undefined
            }
          ];
    });
  }
}

/** All that is said of a check, for the letters that are typed. */
function said(entry: Entry): string {
  return [entry.title, ...entry.questions.flatMap((q) => [q.text, ...q.outcomes.map((o) => o.label)])]
    .join(' ')
    .toLowerCase();
}
