import { fireEvent, render, screen } from '@testing-library/svelte';
import { describe, expect, it } from 'vitest';
import { readNumber, understood } from './number';
import NumberEntry from './NumberEntry.svelte';

describe('a number as it is written', () => {
  it.each([
    ['2,5', 'A', 2.5],
    ['16,4', 'V', 16.4],
    ['16.4 V', 'V', 16.4],
    ['300 mV', 'V', 0.3],
    ['2k2', 'ohm', 2200],
    ['10 k', 'ohm', 10_000],
    ['1M', 'ohm', 1e6],
    ['0R3', 'ohm', 0.3],
    ['1.5 Ah', 'mAh', 1500],
    ['−3', '°', -3],
    [' 7 ', '', 7]
  ])('%s in %s is %d', (text, unit, value) => {
    expect(readNumber(text, { unit })).toMatchObject({ value });
  });

  it('empty is no number and never 0', () => {
    expect(readNumber('  ')).toEqual({ value: null, said: '' });
  });

  it.each([
    ['1.234,5', 'V'],
    ['1 2', 'V'],
    ['12 A', 'V'],
    ['12 m', 'ohm'],
    ['OL', 'V'],
    ['soon', ''],
    ['1e3', 'V']
  ])('%s in %s is refused in words', (text, unit) => {
    expect(readNumber(text, { unit })).toHaveProperty('wrong');
  });

  it('keeps to its limits, and to whole numbers', () => {
    expect(readNumber('15', { min: 1, max: 14 })).toEqual({ wrong: '14 at most' });
    expect(readNumber('0', { min: 1, unit: 'V' })).toEqual({ wrong: '1 V at least' });
    expect(readNumber('3,5', { whole: true })).toEqual({ wrong: 'a whole number is wanted' });
  });

  it('says what a reading is taken for', () => {
    expect(understood('4k7', 'ohm')).toBe('= 4700 ohm');
    expect(understood('OL', 'ohm')).toContain('beyond');
    expect(understood('climbing', 'ohm')).toContain('climbs');
    expect(understood('12', 'V')).toBe('');
  });
});

describe('the field for a number', () => {
  it('shows what it understood, and refuses the rest', async () => {
    render(NumberEntry, { value: 3, unit: 'V', 'aria-label': 'volts' });
    const field = screen.getByLabelText<HTMLInputElement>('volts');
    expect(field.value).toBe('3');
    await fireEvent.input(field, { target: { value: '2,5' } });
    expect(screen.getByText('= 2.5 V')).toBeTruthy();
    expect(field.validity.valid).toBe(true);
    await fireEvent.input(field, { target: { value: '2,5x' } });
    expect(screen.getByRole('alert').textContent).toContain('not a unit');
    expect(field.validity.valid).toBe(false);
    expect(field.value, 'what was typed stays').toBe('2,5x');
  });
});
