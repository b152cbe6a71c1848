import { describe, expect, it } from 'vitest';
import { TwoEndsState } from './twoEnds.svelte';

const formats = [
  { id: 'POLLED' as const, label: 'polled', page: 'p', bauds: [57600], inverted: true },
  { id: 'CRSF' as const, label: 'CRSF', page: 'p', bauds: [416666, 420000], inverted: false }
];

describe('two ends', () => {
  it('are asked with what was entered and without what was not', () => {
    const ends = new TwoEndsState();
    expect(ends.asked()).toMatchObject({ sends: 'R3 RX', told: { uart: '3', jobs: ['RECEIVER'] } });
    expect(ends.asked()).not.toHaveProperty('hears');
    ends.read = false;
    ends.sends = '';
    expect(ends.asked()).not.toHaveProperty('told');
    expect(ends.asked()).not.toHaveProperty('sends');
  });

  it('take the usual rate of another format, and of another job the first that it can be', () => {
    const ends = new TwoEndsState();
    ends.chooseFormat('CRSF', formats);
    expect(ends.baud).toBe(416666);
    ends.chooseJob('TELEMETRY', [{ id: 'TELEMETRY', label: 'telemetry', formats }]);
    expect(ends.format).toBe('CRSF');
    ends.format = 'SBUS';
    ends.chooseJob('TELEMETRY', [{ id: 'TELEMETRY', label: 'telemetry', formats }]);
    expect([ends.format, ends.baud]).toEqual(['POLLED', 57600]);
  });

  it('forget their pads on another board', () => {
    const ends = new TwoEndsState();
    ends.chooseBoard('board-f7');
    expect([ends.sends, ends.hears, ends.read]).toEqual(['', '', false]);
  });
});
