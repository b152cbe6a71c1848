const KEPT = 'first-minute';
const SEEN = 'seen';

/** What somebody who never saw the program is told, one line after the other, each where it helps. */
export const LINES: readonly { on: RegExp; text: string }[] = [
  {
    on: /^\/$/,
    text: 'New here? A faulty craft gets a work-up. Press 1 to open the first of the bench, n to begin one.'
  },
  {
    on: /^\/work-ups\/\d+$/,
    text: 'A work-up is what is known, the next check, and the suspects. Answer the check by its digit, then Enter.'
  },
  {
    on: /^\/work-ups\/\d+$/,
    text: 'Each answer moves the suspects. w says why, u takes an answer back, o asks another check.'
  },
  {
    on: /^\/work-ups\/\d+$/,
    text: 'f shows how to put the leading suspect right. That is all: ? lists every key.'
  }
];

/** The first minute of somebody new: where they are in it. */
export class FirstMinute {
  at = $state(0);

  constructor(private readonly kept: Pick<Storage, 'getItem' | 'setItem'> = localStorage) {
    const was = kept.getItem(KEPT);
    this.at = was === SEEN ? LINES.length : Math.max(0, Math.min(Number(was) || 0, LINES.length));
  }

  /** The line that helps on a page; nothing where none does. Who went on by themselves is not told what they know. */
  line(path: string): string {
    const line = LINES[this.at];
    const next = LINES[this.at + 1];
    if (line && !line.on.test(path) && next?.on.test(path) === true) {
      return next.text;
    }
    return line?.on.test(path) === true ? line.text : '';
  }

  next(path: string): void {
    const line = LINES[this.at];
    this.go(this.at + (line && !line.on.test(path) ? 2 : 1));
  }

  skip(): void {
    this.go(LINES.length);
  }

  private go(at: number): void {
    this.at = at;
    this.kept.setItem(KEPT, at >= LINES.length ? SEEN : String(at));
  }
}
