import { fireEvent, render, screen } from '@testing-library/svelte';
import { describe, expect, it, vi } from 'vitest';
import type { Schemas } from '../api/client';
import Choice from './Choice.svelte';
import PowerMapKey from './PowerMapKey.svelte';
import ProbeStrip from './ProbeStrip.svelte';

const map = (gap: number) =>
  ({
    width: gap + 200,
    height: 120,
    boxes: [
      { partId: 'A', label: 'part A', x: 0, y: 0, width: 90, height: 100 },
      { partId: 'B', label: 'part B', x: 90 + gap, y: 0, width: 90, height: 100 }
    ],
    points: [
      { id: 'A.1', label: 'A 1', name: '1', partId: 'A', x: 90, y: 40, pad: true, right: true },
      { id: 'B.1', label: 'B 1', name: '1', partId: 'B', x: 90 + gap, y: 40, pad: true, right: false }
    ],
    wires: []
  }) as unknown as Schemas['PowerMap'];

describe('where the probes go', () => {
  const probes = { red: 'A.1', black: 'B.1', label: 'Red on A 1, black on B 1' };

  it('is one drawing where both fit', () => {
    render(ProbeStrip, { map: map(120), ...probes });
    expect(screen.getAllByRole('img')).toHaveLength(1);
  });

  it('is one for each probe where they are far apart', () => {
    render(ProbeStrip, { map: map(700), ...probes });
    expect(screen.getByRole('img', { name: /the red probe$/ })).toBeTruthy();
    expect(screen.getByRole('img', { name: /the black probe$/ })).toBeTruthy();
  });
});

describe('the key of the map', () => {
  it('gives a sign or a line, and words, for all that is drawn', () => {
    render(PowerMapKey);
    for (const words of ['supply', 'ground', 'signal', 'sense', 'proven sound', 'doubted', 'broken', 'pad']) {
      expect(screen.getByText(words)).toBeTruthy();
    }
    expect(
      new Set([...document.querySelectorAll('line')].map((line) => line.getAttribute('class'))).size
    ).toBe(4);
  });
});

describe('a choice', () => {
  it('says its digit and whether it is chosen', async () => {
    const onchoose = vi.fn();
    render(Choice, { label: 'bright', digit: '2', chosen: true, onchoose });
    const button = screen.getByRole('button', { name: '2 bright' });
    expect(button.getAttribute('aria-pressed')).toBe('true');
    await fireEvent.click(button);
    expect(onchoose).toHaveBeenCalledOnce();
  });
});
