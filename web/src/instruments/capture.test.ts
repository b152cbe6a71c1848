import { describe, expect, it, vi } from 'vitest';
import { CaptureState, drawn, lasting } from './capture.svelte';

const told = { signals: ['TX'], tells: { edges: 4 } };

describe('a recording', () => {
  it('is read when it is dropped, and its progress is shown meanwhile', async () => {
    const state = new CaptureState((_file, _signal, progress) => {
      progress(0.4);
      expect(state.share).toBe(0.4);
      return { answer: Promise.resolve(told as never), stop: vi.fn() };
    });
    await state.drop(new Blob(['x']), 'pad.vcd');
    expect(state.answer).toEqual(told);
    expect(state.share).toBeNull();
    expect(state.name).toBe('pad.vcd');
  });

  it('is read again for another of its signals', async () => {
    const asked: string[] = [];
    const state = new CaptureState((_file, signal) => {
      asked.push(signal);
      return { answer: Promise.resolve(told as never), stop: vi.fn() };
    });
    await state.drop(new Blob(['x']), 'pad.vcd');
    await state.choose('RX');
    expect(asked).toEqual(['', 'RX']);
  });

  it('says why it was refused and shows nothing of the one before', async () => {
    let fails = false;
    const state = new CaptureState(() => ({
      answer: fails ? Promise.reject(new Error('Line 3: time runs back.')) : Promise.resolve(told as never),
      stop: vi.fn()
    }));
    await state.drop(new Blob(['x']), 'a');
    fails = true;
    await state.drop(new Blob(['y']), 'b');
    expect(state.error).toBe('Line 3: time runs back.');
    expect(state.answer).toBeNull();
  });

  it('can be stopped', async () => {
    const stop = vi.fn();
    const state = new CaptureState(() => ({ answer: Promise.resolve(told as never), stop }));
    await state.drop(new Blob(['x']), 'a');
    state.stop();
    expect(stop).toHaveBeenCalled();
  });
});

describe('a line', () => {
  it('is drawn level by level over its whole length', () => {
    expect(drawn(true, [1, 3])).toEqual([
      { x: 0, y: 0 },
      { x: 0.25, y: 0 },
      { x: 0.25, y: 1 },
      { x: 1, y: 1 }
    ]);
    expect(drawn(false, [])).toEqual([]);
    expect(drawn(false, [0, 0])).toEqual([]);
  });

  it('lasts as a bench says it', () => {
    expect([2, 0.003, 0.0000086806, 2e-7].map(lasting)).toEqual(['2 s', '3 ms', '8.68 µs', '200 ns']);
  });
});
