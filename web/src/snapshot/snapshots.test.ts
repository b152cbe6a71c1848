import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Schemas } from '../api/client';
import { explains, SnapshotsState } from './snapshots.svelte';

const rows = [
  { number: 3, why: 'after the flash' },
  { number: 2, why: 'before the flash' },
  { number: 1, why: 'set up' }
];
const { asked } = vi.hoisted(() => ({ asked: [] as { path: string; params: unknown }[] }));

vi.mock('../api/client', async (original) => ({
  ...(await original<object>()),
  api: {
    GET: async (path: string, init: { params: { path: { number?: number }; query?: { since: number } } }) => {
      asked.push({ path, params: init.params });
      const number = init.params.path.number;
      const data = path.endsWith('/snapshots')
        ? rows
        : path.endsWith('/changes')
          ? {
              since: init.params.query?.since,
              number,
              changes: [
                { settingId: 'a', group: 'motors' },
                { settingId: 'b', group: 'uarts' },
                { settingId: 'c', group: 'motors' }
              ],
              putBack: []
            }
          : { row: { number } };
      return { data, response: new Response() };
    }
  }
}));

function memory(): Pick<Storage, 'getItem' | 'setItem'> {
  const kept = new Map<string, string>();
  return { getItem: (key) => kept.get(key) ?? null, setItem: (key, value) => void kept.set(key, value) };
}

describe('the snapshots of a craft', () => {
  beforeEach(() => {
    asked.length = 0;
  });

  it('shows the newest, and what changed since the one before it', async () => {
    const state = new SnapshotsState('TERN', vi.fn(), memory());
    await state.load();
    expect(state.view?.row.number).toBe(3);
    expect(state.changes?.since).toBe(2);
    expect(state.groups.map((group) => [group.group, group.changes.length])).toEqual([
      ['motors', 2],
      ['uarts', 1]
    ]);
  });

  it('has nothing to compare the first with', async () => {
    const state = new SnapshotsState('TERN', vi.fn(), memory());
    await state.load(1);
    expect(state.view?.row.number).toBe(1);
    expect(state.changes).toBeNull();
  });

  it('keeps the ticks of a put-back list over a reload, list by list', async () => {
    const kept = memory();
    const state = new SnapshotsState('TERN', vi.fn(), kept);
    await state.load();
    state.tick('gain');
    const again = new SnapshotsState('TERN', vi.fn(), kept);
    await again.load();
    expect(again.ticked).toEqual(['gain']);
    again.tick('gain');
    expect(again.ticked).toEqual([]);
    await again.show(3, 1);
    expect(again.ticked, 'another list').toEqual([]);
  });

  it('shows what was taken in, with its reason sent along', async () => {
    const sending = vi.fn((_file, _signal, _progress, address: string, more?: Record<string, string>) => ({
      answer: Promise.resolve({ row: { number: 2 } } as Schemas['SnapshotView']),
      stop: () => {},
      address,
      more
    }));
    const state = new SnapshotsState('A B', sending, memory());
    state.why = 'before the flash';
    await state.drop(new Blob(['a = 1']), 'all.txt');
    expect(sending.mock.calls[0]?.slice(3)).toEqual([
      '/api/crafts/A%20B/snapshots',
      { why: 'before the flash', name: 'all.txt' }
    ]);
    expect(state.view?.row.number).toBe(2);
    expect(state.why).toBe('');
  });

  it('says how well a change explains what was found', () => {
    expect(explains(493)).toContain('493 times likelier');
    expect(explains(5000)).toContain('more than 1000');
    expect(explains(1)).toBe('');
    expect(explains(0.01)).toContain('against');
  });
});
