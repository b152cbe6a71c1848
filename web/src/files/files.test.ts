import { beforeEach, describe, expect, it, vi } from 'vitest';
import { api } from '../api/client';
import { Files } from './files.svelte';
import { fitted, shrunk } from './shrink';

const FILE = {
  id: 3,
  workUpId: 7,
  n: 2,
  name: 'a.jpg',
  type: 'image/jpeg',
  picture: true,
  at: '2026-11-27T10:00:00Z',
  bytes: 9
};

describe('photos', () => {
  beforeEach(() => vi.restoreAllMocks());

  it.each([
    [4000, 3000, 1600, 1200],
    [3000, 4000, 1200, 1600],
    [800, 600, 800, 600],
    [1, 20000, 1, 1600]
  ])('of %i by %i are kept as %i by %i', (width, height, toWidth, toHeight) => {
    expect(fitted(width, height)).toEqual({ width: toWidth, height: toHeight });
  });

  it('are the only files that are made smaller', async () => {
    const text = new File(['x'], 'x.txt', { type: 'text/plain' });
    expect(await shrunk(text)).toBe(text);
  });

  it('stand beside their finding', async () => {
    vi.spyOn(api, 'GET').mockResolvedValue({
      data: [FILE, { ...FILE, id: 4, n: 3 }],
      response: new Response()
    } as never);
    const files = new Files('A B');
    await files.look();
    expect(files.beside(7, 2).map((file) => file.id)).toEqual([3]);
    expect(files.beside(8, 2)).toEqual([]);
    expect(files.address(FILE)).toBe('/api/crafts/A%20B/files/3');
  });

  it('are taken off', async () => {
    const off = vi.spyOn(api, 'DELETE').mockResolvedValue({ data: [], response: new Response() } as never);
    const files = new Files('A');
    await files.takeOff(FILE);
    expect(off).toHaveBeenCalledWith('/api/crafts/{mark}/files/{id}', {
      params: { path: { mark: 'A', id: 3 } }
    });
    expect(files.all).toEqual([]);
  });
});
