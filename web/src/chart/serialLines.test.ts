import { fireEvent, render, screen, waitFor } from '@testing-library/svelte';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { begin, chart, last, server } from '../testing/server';
import SerialLines from './SerialLines.svelte';
import { heldBy } from './serialLines.svelte';

vi.mock('../api/client', async (original) =>
  (await import('../testing/server')).standIn(await original<object>())
);

const pads = (n: string) => [
  { name: `R${n}`, side: 'RX', inverter: 'nothing turns the line round' },
  { name: `T${n}`, side: 'TX', inverter: 'nothing turns the line round' }
];
const map = {
  boardId: 'board-f4-pad',
  modems: true,
  board: 'F4 board',
  processor: 'F4 class',
  computer: '',
  uarts: [
    { name: '3', jobs: 'positioning', soft: false, pads: pads('3') },
    { name: '4', jobs: '', soft: false, pads: pads('4') }
  ],
  lines: [
    {
      partId: 'GNSS',
      name: 'GNSS module',
      job: 'GNSS',
      format: 'NMEA',
      volts5: false,
      speaks: 'NMEA 0183',
      wires: [
        { partPad: 'TX', boardPad: 'R3', uart: '3', toBoard: true, turned: '' },
        { partPad: 'RX', boardPad: 'T4', uart: '4', toBoard: false, turned: '' }
      ],
      verdict: 'WRONG' as const,
      found: [{ text: 'Its wires lie on two ports.', remedy: 'Both belong on one port.' }]
    }
  ],
  notes: ['Telemetry goes back over the receiver’s own line.']
};

describe('the serial lines of a craft', () => {
  beforeEach(() =>
    begin({ '/api/crafts/{craftId}/serial-map': map, '/api/crafts/{craftId}/uarts': chart() })
  );

  it('stand at every port that one of their wires lies on, once', () => {
    expect(heldBy(map as never)).toEqual([
      { uart: '3', label: 'GNSS module', pads: ['R3'], state: 'danger' },
      { uart: '4', label: 'GNSS module', pads: ['T4'], state: 'danger' }
    ]);
  });

  it('are judged in words with what puts them right, and the ports are told as the leads lie', async () => {
    const told: unknown[] = [];
    render(SerialLines, { chart: chart(), ontold: (now: unknown) => told.push(now) });
    await waitFor(() => screen.getByText('Its wires lie on two ports.'));
    expect(screen.getByText('wrong')).toBeTruthy();
    expect(screen.getByRole('link', { name: 'Modem chain' }).getAttribute('href')).toContain('?craft=TERN');
    expect(screen.getByText('Both belong on one port.')).toBeTruthy();
    await fireEvent.click(screen.getByRole('button', { name: 'Set UARTs from the wiring' }));
    await waitFor(() => expect(told).toHaveLength(1));
    expect(last('PUT')).toMatchObject({ path: '/api/crafts/{craftId}/uarts', body: { version: 3 } });
  });

  it('say why the ports were not told', async () => {
    render(SerialLines, { chart: chart(), ontold: () => undefined });
    await waitFor(() => screen.getByText('Its wires lie on two ports.'));
    server.refusal = 'The craft was changed meanwhile.';
    await fireEvent.click(screen.getByRole('button', { name: 'Set UARTs from the wiring' }));
    await waitFor(() => screen.getByText('The craft was changed meanwhile.'));
  });

  it('are not shown where the ports of the board are not entered', async () => {
    begin({
      '/api/crafts/{craftId}/serial-map': {
        boardId: '',
        modems: false,
        board: '',
        processor: '',
        computer: '',
        uarts: [],
        lines: [],
        notes: []
      }
    });
    render(SerialLines, { chart: chart(), ontold: () => undefined });
    await waitFor(() => expect(last('GET')).toBeDefined());
    expect(screen.queryByText('Serial lines')).toBeNull();
  });
});
