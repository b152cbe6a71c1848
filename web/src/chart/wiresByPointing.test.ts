import { fireEvent, render, screen } from '@testing-library/svelte';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { begin, chart } from '../testing/server';
import WiresByPointing from './WiresByPointing.svelte';
import { WiringState } from './wiring.svelte';

vi.mock('../api/client', async (original) =>
  (await import('../testing/server')).standIn(await original<object>())
);

const spot = (id: string, x: number) => ({
  id,
  label: `flight board ${id}`,
  name: id,
  partId: 'FC',
  x,
  y: 10,
  pad: true,
  right: true
});
const map = {
  width: 100,
  height: 50,
  boxes: [],
  points: [spot('FC.T4', 10), spot('RX.TEL', 60), spot('FC.T3', 30)],
  wires: []
};
const wire = { from: 'FC.T4', to: 'RX.TEL', gaugeAwg: 26, lengthMm: 70, plugged: true };

async function wired(sought = ''): Promise<WiringState> {
  begin({
    '/api/crafts/{craftId}': chart({
      sheet: { told: {}, electrics: { parts: [], wires: [wire], battery: { cells: 4 } } }
    }),
    '/api/wiring-map': map
  });
  const work = new WiringState('TERN');
  await work.load();
  render(WiresByPointing, { work, sought });
  return work;
}

beforeEach(() => {
  Element.prototype.scrollIntoView = vi.fn();
});

describe('leads by pointing', () => {
  it('begin at the pad that somebody was led to, with the focus in its first lead', async () => {
    await wired('FC.T4');
    await screen.findByText('Wires at flight board FC.T4');
    const from = screen.getByLabelText<HTMLInputElement>('Wire 1 from pad');
    expect(from.value).toBe('FC.T4');
    await vi.waitFor(() => expect(document.activeElement).toBe(from));
    expect(Element.prototype.scrollIntoView).toHaveBeenCalled();
  });

  it('say that a pad has none, and take a lead off', async () => {
    const work = await wired('FC.T3');
    await screen.findByText('None.');
    expect(work.wires).toHaveLength(1);
  });

  it('ask for a pad while none is picked', async () => {
    await wired();
    await screen.findByText('Press a pad to see and change its wires.');
    expect(screen.queryByText(/Wires at/)).toBeNull();
  });

  it('take a lead off where it is shown', async () => {
    const work = await wired('RX.TEL');
    await fireEvent.click(await screen.findByRole('button', { name: 'remove wire 1' }));
    expect(work.wires).toHaveLength(0);
    screen.getByText('None.');
  });
});
