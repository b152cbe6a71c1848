import { fireEvent, render, screen } from '@testing-library/svelte';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { begin } from '../testing/server';
import Finder from './Finder.svelte';

const { gone } = vi.hoisted(() => ({ gone: [] as unknown[] }));
vi.mock('../api/client', async (original) =>
  (await import('../testing/server')).standIn(await original<object>())
);
vi.mock('../navigation', () => ({ navigate: (...to: unknown[]) => gone.push(to) }));

beforeEach(() => {
  gone.length = 0;
  begin({
    '/api/batteries': [{ label: 'A1', kind: { cells: 4, capacityMah: 1499.6 } }],
    '/api/crafts': [
      { craftId: 'TERN', name: 'Beach colony' },
      { craftId: 'EIDER', name: 'Survey lines' }
    ],
    '/api/work-ups': [
      { id: 7, craftId: 'TERN', complaint: 'flips', open: true },
      { id: 3, craftId: 'EIDER', complaint: 'reads low', open: false }
    ],
    '/api/handbook': [{ id: 'prop-hand', title: 'A prop of the wrong hand' }]
  });
});

async function opened(): Promise<HTMLElement> {
  render(Finder, { open: true, onclose: vi.fn() });
  await screen.findByText('TERN, Beach colony');
  return screen.getByLabelText(/Craft, battery, work-up/);
}

describe('the finder', () => {
  it('finds by any words in any order, of what it is called and what it is', async () => {
    const field = await opened();
    await fireEvent.input(field, { target: { value: 'open tern' } });
    expect(screen.queryByText('TERN, Beach colony')).toBeNull();
    screen.getByText('TERN: flips');
    await fireEvent.input(field, { target: { value: '1500 battery' } });
    screen.getByText('Battery A1, 4 cells, 1500 mAh');
    await fireEvent.input(field, { target: { value: 'nothing like it' } });
    expect(screen.queryByText('TERN: flips')).toBeNull();
  });

  it('goes where the arrows point, and no further than the ends', async () => {
    const field = await opened();
    await fireEvent.keyDown(field, { key: 'ArrowUp' });
    await fireEvent.keyDown(field, { key: 'ArrowDown' });
    await fireEvent.keyDown(field, { key: 'Enter' });
    expect(gone).toEqual([['/crafts/:craftId', { params: { craftId: 'EIDER' } }]]);
    gone.length = 0;
    for (let i = 0; i < 20; i++) {
      await fireEvent.keyDown(field, { key: 'ArrowDown' });
    }
    await fireEvent.keyDown(field, { key: 'Enter' });
    expect(gone).toEqual([['/handbook/:id', { params: { id: 'prop-hand' } }]]);
  });

  it('goes nowhere while nothing is found', async () => {
    const field = await opened();
    await fireEvent.input(field, { target: { value: 'zzz' } });
    await fireEvent.keyDown(field, { key: 'Enter' });
    expect(gone).toEqual([]);
  });
});
