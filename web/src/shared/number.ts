/** What was understood of a number as somebody wrote it, in the unit of its field. */
export type Read = { value: number | null; said: string } | { wrong: string };

/** What a field takes. */
export interface Limits {
  unit?: string;
  min?: number;
  max?: number;
  whole?: boolean;
}

const OHMS = { ohm: 1, ohms: 1, Ω: 1, r: 1, kΩ: 1e3, kohm: 1e3, MΩ: 1e6, Mohm: 1e6, mΩ: 1e-3, mohm: 1e-3 };

/** How many of a field's unit one of each written unit is; case parts only mega from milli. */
const UNITS: Record<string, Record<string, number>> = {
  V: { V: 1, mV: 1e-3, kV: 1e3, volt: 1, volts: 1 },
  A: { A: 1, mA: 1e-3, amp: 1, amps: 1 },
  mAh: { mAh: 1, Ah: 1e3 },
  W: { W: 1, mW: 1e-3, kW: 1e3, watt: 1, watts: 1 },
  ohm: OHMS,
  mΩ: Object.fromEntries(Object.entries(OHMS).map(([unit, factor]) => [unit, factor * 1e3])),
  mm: { mm: 1, cm: 10, m: 1e3 },
  m: { m: 1, cm: 1e-2, mm: 1e-3, km: 1e3 },
  g: { g: 1, kg: 1e3 },
  Hz: { Hz: 1, kHz: 1e3, MHz: 1e6 },
  baud: { baud: 1, Bd: 1, bit: 1 },
  s: { s: 1, ms: 1e-3, min: 60 },
  µs: { µs: 1, us: 1, ms: 1e3 },
  '°': { '°': 1, deg: 1, degrees: 1 },
  '°C': { '°C': 1, C: 1 },
  '%': { '%': 1, percent: 1 }
};

const BARE: Record<string, number> = { k: 1e3, K: 1e3, M: 1e6 };
const WRITTEN = /^([+-]?(?:\d+(?:[.,]\d*)?|[.,]\d+))\s*(\D*)$/;
const LETTER_AS_POINT = /^(\d+)([rRkKM])(\d+)$/;

function factor(written: string, unit: string): number | undefined {
  const units = UNITS[unit] ?? (unit ? { [unit]: 1 } : {});
  if (written === '') {
    return 1;
  }
  const exact = units[written];
  if (exact !== undefined) {
    return exact;
  }
  const bare = BARE[written];
  if (bare !== undefined) {
    // Ten k of a field in milliohm are ten thousand ohm; of any other, ten thousand of its own unit.
    return unit === 'mΩ' ? bare * 1e3 : bare;
  }
  const like = Object.entries(units).filter(([one]) => one.toLowerCase() === written.toLowerCase());
  return like.length === 1 ? like[0]![1] : undefined;
}

/** A number short enough to read, without the dust of the arithmetic. */
function plain(value: number): string {
  return String(Number(value.toPrecision(12)));
}

/** Reads a number with or without a unit; comma and point both part the decimals. An empty text is no number, and never 0. */
export function readNumber(text: string, { unit = '', min, max, whole = false }: Limits = {}): Read {
  const trimmed = text.trim().replace('−', '-');
  if (trimmed === '') {
    return { value: null, said: '' };
  }
  const such = `such as 12${unit ? ` ${unit}` : ''}${whole ? '' : ' or 2,5'}`;
  if (/^o\.?l$|^open$/i.test(trimmed)) {
    return { wrong: `OL is no number; write one, ${such}` };
  }
  const parts = WRITTEN.exec(trimmed.replace(LETTER_AS_POINT, '$1.$3$2'));
  if (!parts) {
    return { wrong: `not a number; write one, ${such}` };
  }
  const times = factor(parts[2]!.trim(), unit);
  if (times === undefined) {
    return {
      wrong: unit
        ? `“${parts[2]!.trim()}” is not a unit of this; write ${unit}`
        : `no unit here; write a number`
    };
  }
  const value = Number((Number(parts[1]!.replace(',', '.')) * times).toPrecision(12));
  if (whole && !Number.isInteger(value)) {
    return { wrong: 'a whole number is wanted' };
  }
  if (min !== undefined && value < min) {
    return { wrong: `${plain(min)}${unit ? ` ${unit}` : ''} at least` };
  }
  if (max !== undefined && value > max) {
    return { wrong: `${plain(max)}${unit ? ` ${unit}` : ''} at most` };
  }
  return { value, said: plain(value) === trimmed ? '' : `= ${plain(value)}${unit ? ` ${unit}` : ''}` };
}

const OVER = /^(o|o[. ]?l|0\.?l|open|over limit|overload)$/i;
const CLIMBS = /^(c|climb\w*|ris\w+|counting up|counts up|charging)$/i;

/** What a reading is taken for, where that is not just what stands in the field; the server has the last word. */
export function understood(text: string, unit: string): string {
  const trimmed = text.trim();
  if (OVER.test(trimmed)) {
    return 'beyond the meter’s range';
  }
  if (CLIMBS.test(trimmed)) {
    return 'climbs and does not settle';
  }
  const read = readNumber(trimmed, { unit });
  return 'wrong' in read ? '' : read.said;
}
