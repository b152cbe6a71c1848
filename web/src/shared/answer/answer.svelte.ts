import type { Key } from '../keys.svelte';

/** How a number is entered: its quantity, unit and example, and the words that stand for one, such as OL. */
export interface Scale {
  unit: string;
  example: string;
  quantity: string;
  words: readonly { id: string; label: string }[];
}

/** One thing that is asked: by its outcomes, or a number where it has a scale. */
export interface Question {
  id: string;
  text: string;
  outcomes: readonly { id: string; label: string }[];
  scale?: Scale | undefined;
}

/** Everything that is asked at once. */
export interface Asked {
  questions: readonly Question[];
  /** The number to enter along with the answer, such as what the meter shows meanwhile. */
  told?: Omit<Scale, 'words'> | undefined;
}

const DIGITS = Array.from('1234567890');
const LETTERS = Array.from('abcdefghijklmnopqrstuvwxyz');
/** The keys of the frame: day and night, new work-up, and what goes somewhere. */
const FRAME = 'gmn';

/** The letters that may be those of outcomes. */
function freeLetters(reserved: string): string[] {
  return LETTERS.filter((letter) => !(FRAME + reserved).includes(letter));
}

/** The keys that may answer, whatever is asked. */
export function answerKeys(label: string, press: (key: string) => void, reserved = ''): Key[] {
  return [...DIGITS, ...freeLetters(reserved)].map((key, i) => ({
    key,
    label,
    silent: i > 0,
    run: () => press(key)
  }));
}

/**
 * The key of each outcome, each different: a count by its own digit, others by their place from 1 to 9, and what is left over by
 * the letters that mean nothing else on the view, in their order.
 */
export function outcomeKeys(outcomes: readonly { id: string }[], reserved = ''): (string | undefined)[] {
  const letters = freeLetters(reserved);
  const counts = outcomes.some((one) => /^\d$/.test(one.id));
  let place = 0;
  return outcomes.map((one) => {
    if (counts) {
      return /^\d$/.test(one.id) ? one.id : letters.shift();
    }
    place += 1;
    return place <= 9 ? String(place) : letters.shift();
  });
}

/** What is being answered: outcomes chosen, numbers written, and which of several questions is asked now. */
export class AnswerState {
  /** The outcome chosen, by question. */
  picks = $state<Record<string, string>>({});
  /** Numbers as written, by question. */
  written = $state<Record<string, string>>({});
  /** The number to enter along with the answer, as written. */
  told = $state('');
  /** The place of the question that is asked now. */
  asking = $state(0);

  /**
   * @param asked    what is asked; nothing while nothing is
   * @param reserved the letters that mean something else on the view
   */
  constructor(
    private readonly asked: () => Asked | undefined,
    private readonly reserved = ''
  ) {}

  questions = $derived.by(() => this.asked()?.questions ?? []);

  /** Several things asked one after the other, each by its outcomes. */
  oneByOne = $derived.by(() => this.questions.length > 1 && this.questions.every((one) => !one.scale));

  /** The question that a key answers. */
  question = $derived.by(() => this.questions[this.oneByOne ? this.asking : 0]);

  /** Whether any question is answered. */
  answered = $derived.by(() => Object.keys(this.picks).length + Object.keys(this.numbers()).length > 0);

  /** Whether the number that goes along is written, where one does. */
  hasTold = $derived.by(() => !this.asked()?.told || this.told.trim() !== '');

  /** Whether every question is answered. */
  whole = $derived.by(
    () =>
      this.hasTold &&
      this.questions.every((one) =>
        one.scale ? (this.written[one.id] ?? '').trim() !== '' : this.picks[one.id] !== undefined
      )
  );

  /** The key of an outcome; nothing where its question is not the one that is asked. */
  keyOf(question: Question, place: number): string | undefined {
    return question === this.question ? outcomeKeys(question.outcomes, this.reserved)[place] : undefined;
  }

  /** Takes a key that was pressed outside any field: of an outcome, or the next digit of a number. */
  press(key: string): void {
    const question = this.question;
    if (question?.scale) {
      if (/\d/.test(key)) {
        this.write(question.id, (this.written[question.id] ?? '') + key);
      }
      return;
    }
    const place = question ? outcomeKeys(question.outcomes, this.reserved).indexOf(key) : -1;
    if (question && place >= 0) {
      this.pick(question.id, question.outcomes[place]!.id);
    }
  }

  /** Chooses an outcome, or takes it back when it was chosen; goes on to the next question of several. */
  pick(question: string, outcome: string): void {
    if (this.picks[question] === outcome) {
      this.set(question, undefined);
      return;
    }
    this.set(question, outcome);
    if (this.oneByOne) {
      const place = this.questions.findIndex((one) => one.id === question);
      this.asking = Math.min(place + 1, this.questions.length - 1);
    }
  }

  /** Answers a question, or leaves it open. */
  set(question: string, outcome: string | undefined): void {
    const picks = { ...this.picks };
    if (outcome === undefined) {
      delete picks[question];
    } else {
      picks[question] = outcome;
    }
    this.picks = picks;
  }

  /** Takes the text of a number. */
  write(question: string, text: string): void {
    this.written = { ...this.written, [question]: text };
  }

  /** The numbers that were written, by question. */
  numbers(): Record<string, string> {
    return Object.fromEntries(Object.entries(this.written).filter(([, text]) => text.trim() !== ''));
  }

  clear(): void {
    this.picks = {};
    this.written = {};
    this.told = '';
    this.asking = 0;
  }
}
