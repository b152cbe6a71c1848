import { fireEvent, render, screen, waitFor } from '@testing-library/svelte';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { begin, last, server } from '../testing/server';
import NewCraft from './NewCraft.svelte';

const { params, gone } = vi.hoisted(() => ({ params: {} as Record<string, string>, gone: [] as unknown[] }));
vi.mock('sv-router', () => ({ searchParams: { get: (key: string) => params[key] } }));
vi.mock('../navigation', () => ({ navigate: (...to: unknown[]) => gone.push(to) }));
vi.mock('../api/client', async (original) =>
  (await import('../testing/server')).standIn(await original<object>())
);

const one = (id: string, label = id) => ({ id, label });
const choices = {
  classes: [one('INCH_5', '5-inch'), one('INCH_7', '7-inch')],
  spins: [one('INWARD', 'inward'), one('OUTWARD', 'outward')],
  numberings: [one('REAR_RIGHT_FIRST', 'rear-right first'), one('FRONT_RIGHT_FIRST', 'front-right first')],
  modes: [one('LEVEL', 'self-level'), one('RATE', 'rate')],
  layouts: [one('STACK', 'four on one board'), one('SEPARATE', 'separate')],
  chemistries: [one('LIPO', 'lipo')],
  parts: [one('receiver', 'Receiver'), one('camera', 'Camera')],
  boards: [{ id: 'board-f7', label: 'F7 board', layouts: ['STACK'] }],
  occasions: []
};

async function opened(): Promise<void> {
  render(NewCraft);
  await waitFor(() => screen.getByLabelText('Craft ID'));
  await fireEvent.input(screen.getByLabelText('Craft ID'), { target: { value: 'KITE' } });
}

describe('a new craft', () => {
  beforeEach(() => {
    gone.length = 0;
    delete params.like;
    begin({
      '/api/choices': choices,
      '/api/crafts': [{ craftId: 'TERN', name: 'small' }]
    });
  });

  it('is entered by its class, schools and seat, with a pack of the usual resistance for its size', async () => {
    await opened();
    await fireEvent.change(document.querySelector('#spins')!, { target: { value: 'OUTWARD' } });
    await fireEvent.click(screen.getByRole('button', { name: 'Save craft' }));
    await waitFor(() => expect(last('POST')).toBeDefined());
    expect(last('POST')?.body).toMatchObject({
      craftId: 'KITE',
      spins: 'OUTWARD',
      numbering: 'REAR_RIGHT_FIRST',
      layout: 'STACK',
      battery: { cells: 4, capacityMah: 1500, cellMilliohms: 4 },
      mounted: { rollDeg: 0, pitchDeg: 0, yawDeg: 0 }
    });
  });

  it('takes the flight board that was chosen among those of its layout', async () => {
    await opened();
    await fireEvent.change(screen.getByLabelText('Flight controller'), { target: { value: 'board-f7' } });
    await fireEvent.click(screen.getByRole('button', { name: 'Save craft' }));
    await waitFor(() => expect(last('POST')).toBeDefined());
    expect((last('POST')?.body as { parts: string[] }).parts[0]).toBe('board-f7');
  });

  it('built like another takes everything of that one', async () => {
    params.like = 'TERN';
    await opened();
    await fireEvent.click(screen.getByRole('button', { name: 'Save craft' }));
    await waitFor(() =>
      expect(last('POST')?.body).toEqual({ craftId: 'KITE', name: '', builder: '', like: 'TERN' })
    );
  });

  it('says what is wrong and keeps what was entered', async () => {
    await opened();
    server.refusal = 'There is a craft marked “KITE” already.';
    await fireEvent.click(screen.getByRole('button', { name: 'Save craft' }));
    await waitFor(() => screen.getByText('There is a craft marked “KITE” already.'));
    expect(screen.getByLabelText<HTMLInputElement>('Craft ID').value).toBe('KITE');
    expect(gone).toHaveLength(0);
  });
});
