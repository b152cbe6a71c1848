import { beforeEach, describe, expect, it, vi } from 'vitest';
import { Problem } from '../api/client';
import { begin } from '../testing/server';
import { RecordedState } from './recorded.svelte';

vi.mock('../api/client', async (original) =>
  (await import('../testing/server')).standIn(await original<object>())
);

const kept = (number: number, checkId: string) => ({
  number,
  checkId,
  name: `${number}.vcd`,
  outcome: 'still',
  told: 'Nothing moves on it.',
  at: '2026-11-01T10:00:00Z'
});
const asked: { signal: string; address: string; with: Record<string, string> }[] = [];

function recorded(answer: () => Promise<unknown>): RecordedState {
  return new RecordedState(7, 'signal-at-pad-R3', ((
    _file: Blob,
    signal: string,
    progress: (share: number) => void,
    address: string,
    more: Record<string, string>
  ) => {
    asked.push({ signal, address, with: more });
    progress(0.5);
    return { answer: answer(), stop: () => undefined };
  }) as never);
}

describe('a recording dropped on a check', () => {
  beforeEach(() => {
    asked.length = 0;
    begin({ '/api/work-ups/{id}/captures': [kept(1, 'signal-at-pad-R3'), kept(2, 'signal-at-pad-T3')] });
  });

  it('is sent to the check, gives an outcome, and stands among what was kept for it', async () => {
    const state = recorded(async () => ({
      number: 1,
      outcome: 'still',
      label: 'nothing',
      answer: { signals: ['pad'], tells: { verdicts: [] } }
    }));
    await state.drop(new Blob(['x']), 'pad.vcd');
    expect(asked).toEqual([
      {
        signal: '',
        address: '/api/work-ups/7/captures',
        with: { check: 'signal-at-pad-R3', name: 'pad.vcd' }
      }
    ]);
    expect(state.finding?.outcome).toBe('still');
    expect(state.kept.map((one) => one.number)).toEqual([1]);
    expect(state.share).toBeNull();
  });

  it('asks which signal is meant and reads that one', async () => {
    const answers = [
      { outcome: '', label: '', answer: { signals: ['a', 'b'] } },
      { number: 1, outcome: 'right', label: 'SBUS', answer: { signals: ['a', 'b'], tells: { verdicts: [] } } }
    ];
    const state = recorded(async () => answers.shift());
    await state.drop(new Blob(['x']), 'two.vcd');
    expect(state.signals).toEqual(['a', 'b']);
    expect(state.finding).toBeNull();
    await state.choose('b');
    expect(asked.at(-1)?.signal).toBe('b');
    expect(state.signals).toEqual([]);
    expect(state.finding?.outcome).toBe('right');
  });

  it('that cannot be read says why and leaves nothing standing', async () => {
    const state = recorded(() => Promise.reject(new Problem('Line 3 is no number.', 422, [])));
    await state.drop(new Blob(['x']), 'bad.csv');
    expect(state.error).toBe('Line 3 is no number.');
    expect(state.finding).toBeNull();
    expect(state.share).toBeNull();
  });

  it('of nothing is not chosen from', async () => {
    const state = recorded(async () => ({}));
    await state.choose('a');
    expect(asked).toHaveLength(0);
  });
});
