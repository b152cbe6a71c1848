import { describe, expect, it } from 'vitest';
import { day, minutes, moment, percent, times } from './words';

describe('percent', () => {
  it('never says 0 or 100 when it is not', () => {
    expect(percent(0)).toBe('0%');
    expect(percent(0.002)).toBe('<1%');
    expect(percent(0.999)).toBe('>99%');
    expect(percent(1)).toBe('100%');
    expect(percent(0.485)).toBe('49%');
  });
});

describe('times', () => {
  it('says how many times better or worse', () => {
    expect(times(12.3)).toBe('×12');
    expect(times(1 / 12.3)).toBe('÷12');
    expect(times(2.54)).toBe('×2.5');
    expect(times(5000)).toBe('×>1000');
  });
});

describe('minutes', () => {
  it('rounds as people do', () => {
    expect(minutes(0)).toBe('0 min');
    expect(minutes(0.4)).toBe('under 1 min');
    expect(minutes(12.6)).toBe('13 min');
    expect(minutes(120)).toBe('2.0 h');
  });
});

describe('moments', () => {
  const soon = (ms: number): string => new Date(Date.now() + ms).toISOString();

  it('are marked when they have not come yet', () => {
    expect(moment(soon(2 * 86_400_000))).toContain('the clock was ahead');
    expect(day(soon(2 * 86_400_000))).toContain('the clock was ahead');
    expect(moment(soon(-1000))).not.toContain('clock was ahead');
    expect(day(soon(20_000))).not.toContain('clock was ahead');
  });
});
