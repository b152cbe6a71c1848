import { beforeEach, describe, expect, it, vi } from 'vitest';
import { api } from '../api/client';
import { Transfer, zone } from './transfer.svelte';

const NOW = { every: 'NEVER' as const, keep: 5, folder: '/x/backups', all: [], trouble: '' };

function answers(method: 'GET' | 'POST' | 'PUT', data: unknown): ReturnType<typeof vi.spyOn> {
  return vi.spyOn(api, method).mockResolvedValueOnce({ data, response: new Response() } as never);
}

beforeEach(() => vi.restoreAllMocks());

describe('in and out', () => {
  it('shows no backup where none was made, and the newest where there are some', async () => {
    const work = new Transfer();
    expect(work.newest).toBe('');
    answers('GET', NOW);
    answers('POST', {
      ...NOW,
      all: [
        { name: 'd', number: 3, at: '2026-11-29T10:00:00Z', bytes: 0, own: true, trouble: 'it is empty' },
        { name: 'b', number: 2, at: '2026-11-27T10:00:00Z', bytes: 3, own: true, trouble: '' },
        { name: 'o', number: 9, at: '2026-11-30T10:00:00Z', bytes: 3, own: false, trouble: '' }
      ]
    });
    await work.look();
    expect(work.newest).toBe('');
    await work.backUp();
    expect(work.newest).toBe('2026-11-27T10:00:00Z');
  });

  it('keeps to what the owner settles', async () => {
    const work = new Transfer();
    const put = answers('PUT', { ...NOW, every: 'DAY', keep: 3 });
    await work.keep('DAY', 3);
    expect(put).toHaveBeenCalledWith('/api/backups', { body: { every: 'DAY', keep: 3 } });
    expect(work.backups?.keep).toBe(3);
  });

  it('names the time zone of whoever looks', () => {
    expect(zone()).toMatch(/^zone=[A-Za-z%_+-]/);
  });
});
