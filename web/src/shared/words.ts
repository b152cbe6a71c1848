/** A probability as a figure: whole percent, and never 0 or 100 when it is not. */
export function percent(belief: number): string {
  const whole = Math.round(belief * 100);
  if (whole === 0 && belief > 0) {
    return '<1%';
  }
  if (whole === 100 && belief < 1) {
    return '>99%';
  }
  return `${whole}%`;
}

/** How many times better or worse a finding fits, for people: ×12 or ÷12. */
export function times(ratio: number): string {
  const factor = ratio >= 1 ? ratio : 1 / ratio;
  const figure = factor >= 1000 ? '>1000' : factor >= 10 ? factor.toFixed(0) : factor.toFixed(1);
  return `${ratio >= 1 ? '×' : '÷'}${figure}`;
}

/** Minutes as people say them. */
export function minutes(value: number): string {
  if (value > 0 && value < 1) {
    return 'under 1 min';
  }
  return value < 90 ? `${Math.round(value)} min` : `${(value / 60).toFixed(1)} h`;
}

/** A clock may be off by this without anybody minding. */
const SLACK_MS = 60_000;

/** Marks a moment that has not come yet: the clock was ahead when it was recorded. */
function marked(date: Date, text: string): string {
  return date.getTime() > Date.now() + SLACK_MS ? `${text} (not yet: the clock was ahead)` : text;
}

const onDay = (date: Date): string =>
  date.toLocaleDateString('en-GB', { day: 'numeric', month: 'short', year: 'numeric' });

/** Stands in for a time that can't be read. */
const unknown = (date: Date): boolean => date.getTime() === 0;

/** A moment as day and time of this place. */
export function moment(iso: string): string {
  const date = new Date(iso);
  return unknown(date) ? 'at a time that is not known' : marked(date, `${onDay(date)}, ${clock(iso)}`);
}

/** The day of a moment. */
export function day(iso: string): string {
  const date = new Date(iso);
  return unknown(date) ? 'on a day that is not known' : marked(date, onDay(date));
}

/** The time of day of a moment. */
export function clock(iso: string): string {
  return new Date(iso).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' });
}

/** Words with a capital at their head. */
export function sentence(words: string): string {
  return words.charAt(0).toUpperCase() + words.slice(1);
}
