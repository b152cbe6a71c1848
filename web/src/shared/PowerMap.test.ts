import { fireEvent, render, screen } from '@testing-library/svelte';
import { describe, expect, it, vi } from 'vitest';
import type { Schemas } from '../api/client';
import PowerMap from './PowerMap.svelte';

const spot = (id: string, x: number, y: number, pad = true) => ({
  id,
  label: `point ${id}`,
  name: id,
  partId: id.split('.')[0]!,
  x,
  y,
  pad,
  right: x < 100
});

const map = {
  width: 400,
  height: 200,
  boxes: [
    { partId: 'A', label: 'part A', x: 0, y: 0, width: 90, height: 100 },
    { partId: 'B', label: 'part B', x: 300, y: 0, width: 90, height: 100 }
  ],
  points: [spot('A.1', 90, 40), spot('A.2', 90, 70), spot('B.1', 300, 40)],
  wires: [
    {
      id: 'A.1>B.1',
      label: 'lead',
      purpose: 'SUPPLY',
      state: 'DOUBTED',
      corners: [90, 40, 200, 40, 200, 40, 300, 40]
    }
  ]
} as unknown as Schemas['PowerMap'];

describe('the lead and power map', () => {
  it('marks a doubted lead with a sign, not by colour alone', () => {
    render(PowerMap, { map, label: 'Wires' });
    expect(screen.getByText('?')).toBeTruthy();
    expect(screen.getByRole('img', { name: 'Wires' })).toBeTruthy();
  });

  it('is picked by mouse and by keyboard, and the arrows go to the nearest point that way', async () => {
    const onpick = vi.fn();
    render(PowerMap, { map, label: 'Wires', onpick });
    await fireEvent.click(screen.getByRole('button', { name: 'point A.2' }));
    expect(onpick).toHaveBeenLastCalledWith('A.2');
    const first = screen.getByRole('button', { name: 'point A.1' });
    await fireEvent.focus(first);
    await fireEvent.keyDown(first, { key: 'ArrowRight' });
    const next = screen.getByRole('button', { name: 'point B.1' });
    expect(document.activeElement).toBe(next);
    await fireEvent.keyDown(next, { key: 'Enter' });
    expect(onpick).toHaveBeenLastCalledWith('B.1');
  });

  it('names the probes on the points', () => {
    render(PowerMap, { map, label: 'Wires', red: 'A.1', black: 'B.1', onpick: () => {} });
    expect(screen.getByRole('button', { name: 'point A.1, red' }).getAttribute('aria-pressed')).toBe('true');
    expect(screen.getByText('black')).toBeTruthy();
  });

  it('can show only a strip around the probes', () => {
    const { container } = render(PowerMap, {
      map,
      label: 'Wires',
      red: 'A.1',
      black: 'A.2',
      closeTo: ['A.1']
    });
    const [, , width] = container.querySelector('svg')!.getAttribute('viewBox')!.split(' ').map(Number);
    expect(width).toBeGreaterThanOrEqual(250);
    expect(width).toBeLessThan(map.width);
  });
});
