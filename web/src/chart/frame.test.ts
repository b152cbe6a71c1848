import { fireEvent, render, screen, waitFor } from '@testing-library/svelte';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Schemas } from '../api/client';
import { begin, chart, last, server } from '../testing/server';
import Frame from './Frame.svelte';

const { gone } = vi.hoisted(() => ({ gone: [] as unknown[] }));
vi.mock('../navigation', () => ({
  navigate: (...to: unknown[]) => gone.push(to),
  route: { params: { craftId: 'TERN' } }
}));
vi.mock('../api/client', async (original) =>
  (await import('../testing/server')).standIn(await original<object>())
);

const place = (forwardMm: number, rightMm: number) => ({ forwardMm, rightMm });
const sheet = {
  shape: 'X',
  motors: [place(80, 90), place(-80, 90), place(-80, -90), place(80, -90)],
  massG: 640,
  motorMassG: 33,
  propDiameterMm: 127,
  thrustToWeight: 6,
  balance: place(0, 0),
  propSpins: ['COUNTER_CLOCKWISE', 'CLOCKWISE', 'COUNTER_CLOCKWISE', 'CLOCKWISE'],
  wiring: ['REAR_RIGHT', 'FRONT_RIGHT', 'REAR_LEFT', 'FRONT_LEFT'],
  mounted: { rollDeg: 0, pitchDeg: 0, yawDeg: 270 },
  told: {}
};

const sent = () => (last('PUT')?.body as { sheet: Schemas['BuildSheet']; reason: string }) ?? {};

async function changed(pressing: string, doing: () => Promise<unknown>): Promise<Schemas['BuildSheet']> {
  render(Frame);
  await fireEvent.click(await waitFor(() => screen.getByRole('button', { name: pressing })));
  await doing();
  await fireEvent.input(screen.getByLabelText('Why it is changed'), { target: { value: 'measured' } });
  await fireEvent.click(screen.getByRole('button', { name: 'Save to the sheet' }));
  await waitFor(() => expect(gone).toHaveLength(1));
  expect(sent().reason).toBe('measured');
  return sent().sheet;
}

describe('frame and motors', () => {
  beforeEach(() => {
    gone.length = 0;
    const drawn = chart({ sheet });
    begin({ '/api/crafts/{craftId}': drawn, '/api/craft-drawing': drawn.drawing });
    server.answers['/api/crafts/{craftId}/build-sheet'] = drawn;
  });

  it('moves the four motors alike where they lie alike, and one alone when told so', async () => {
    const all = await changed('the REAR_LEFT motor', () =>
      fireEvent.change(screen.getByLabelText('mm right of the middle'), { target: { value: '-70' } })
    );
    expect(all.motors).toEqual([place(80, 70), place(-80, 70), place(-80, -70), place(80, -70)]);
  });

  it('moves one motor alone when told so', async () => {
    const one = await changed('the REAR_LEFT motor', async () => {
      await fireEvent.click(screen.getByLabelText('the other motors move alike'));
      await fireEvent.change(screen.getByLabelText('mm forward of the middle'), { target: { value: '-95' } });
    });
    expect(one.motors).toEqual([place(80, 90), place(-80, 90), place(-95, -90), place(80, -90)]);
  });

  it('wires an output to another corner in exchange, and tells which way a motor turns', async () => {
    const wired = await changed('the FRONT_LEFT motor', async () => {
      await fireEvent.click(screen.getByText('output 1'));
      await fireEvent.click(screen.getByText('counter-clockwise'));
    });
    expect(wired.wiring).toEqual(['FRONT_LEFT', 'FRONT_RIGHT', 'REAR_LEFT', 'REAR_RIGHT']);
    expect(wired.propSpins[3]).toBe('COUNTER_CLOCKWISE');
  });

  it('turns the board by quarters and over, by keyboard too', async () => {
    render(Frame);
    const board = await waitFor(() => screen.getByRole('button', { name: 'the flight controller' }));
    await fireEvent.keyDown(board, { key: 'Enter' });
    await fireEvent.click(screen.getByText('A quarter to the right'));
    await fireEvent.click(screen.getByText('On its other face'));
    await waitFor(() =>
      expect((last('POST')!.body as Schemas['BuildSheet']).mounted).toEqual({
        rollDeg: 180,
        pitchDeg: 0,
        yawDeg: 0
      })
    );
  });

  it('says what is wrong with a sheet and keeps the last drawing', async () => {
    render(Frame);
    await waitFor(() => screen.getByLabelText('All-up mass with battery, g'));
    server.refusal = 'A craft weighs between 20 g and 20 kg.';
    await fireEvent.change(screen.getByLabelText('All-up mass with battery, g'), { target: { value: '1' } });
    await waitFor(() => screen.getByText('A craft weighs between 20 g and 20 kg.'));
    expect(screen.getByRole('button', { name: 'the flight controller' })).toBeTruthy();
  });
});
