import { render, screen } from '@testing-library/svelte';
import { describe, expect, it } from 'vitest';
import type { Schemas } from '../api/client';
import { chart } from '../testing/server';
import Place from './Place.svelte';
import Sticks from './Sticks.svelte';

const nowhere = { kind: 'NOWHERE', corners: [] } as Schemas['PlaceView'];
const map = {
  width: 400,
  height: 300,
  boxes: [{ partId: 'RX', label: 'receiver', x: 10, y: 10, width: 100, height: 60 }],
  points: [
    { id: 'RX.+', partId: 'RX', label: 'receiver +', x: 20, y: 20 },
    { id: 'RX.-', partId: 'RX', label: 'receiver -', x: 40, y: 20 }
  ],
  wires: [],
  spots: []
} as unknown as Schemas['PowerMap'];

describe('the place of a check', () => {
  const drawing = chart().drawing;

  it('without one of its own is the craft from above', () => {
    render(Place, { place: nowhere, drawing, label: 'TERN from above' });
    expect(screen.getByRole('img', { name: /TERN from above/ })).toBeDefined();
  });

  it('under probes names both', () => {
    const probes = {
      powered: false,
      red: 'RX.+',
      redLabel: 'receiver +',
      black: 'RX.-',
      blackLabel: 'receiver -'
    };
    render(Place, { place: { ...nowhere, kind: 'PROBES', probes }, map, label: 'x' });
    expect(screen.getByLabelText('Red probe on receiver +, black on receiver -')).toBeDefined();
  });

  it('of one part shows that part, and the craft where no leads are entered', () => {
    const place = { ...nowhere, kind: 'PART', partId: 'RX' } as Schemas['PlaceView'];
    const { unmount } = render(Place, { place, map, drawing, label: 'Look at the receiver' });
    expect(screen.getByLabelText('Look at the receiver')).toBeDefined();
    unmount();
    render(Place, { place, drawing, label: 'from above' });
    expect(screen.getByRole('img', { name: /from above/ })).toBeDefined();
  });

  it('of a stick says which and which way, throttle and yaw on the left', () => {
    render(Sticks, { name: 'throttle', toward: 'up' });
    const tip = document.querySelector('.tip')!;
    expect(Number(tip.getAttribute('cx'))).toBeLessThan(140);
    expect(Number(tip.getAttribute('cy'))).toBeLessThan(70);
    expect(screen.getByRole('img', { name: 'Push the throttle stick up' })).toBeDefined();
  });
});
