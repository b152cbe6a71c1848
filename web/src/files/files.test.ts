import { fireEvent, render, screen, waitFor } from '@testing-library/svelte';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { api } from '../api/client';
import FileList from './FileList.svelte';
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
  bytes: 9,
  withdrawn: false
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

  it('are taken off with a reason, and brought back as they were', async () => {
    const off = { ...FILE, withdrawn: true };
    const answer = (data: unknown) => ({ data, response: new Response() }) as never;
    const post = vi.spyOn(api, 'POST').mockResolvedValue(answer([off]));
    const put = vi.spyOn(api, 'PUT').mockResolvedValue(answer([FILE]));
    vi.spyOn(api, 'GET').mockResolvedValue(answer([{ entryId: 3, before: 'a.jpg', reason: 'r' }]));
    const files = new Files('A');
    const params = { path: { craftId: 'A', id: 3 } };
    await files.takeOff(FILE, 'another craft');
    expect(post).toHaveBeenCalledWith('/api/crafts/{craftId}/files/{id}/withdrawal', {
      params,
      body: { reason: 'another craft' }
    });
    expect([files.shown, files.takenOff]).toEqual([[], [off]]);
    expect(files.beside(7, 2)).toEqual([]);
    expect(files.history).toHaveLength(1);
    await files.correct(off, 'b.jpg', false, 'it was this one');
    expect(put).toHaveBeenCalledWith('/api/crafts/{craftId}/files/{id}', {
      params,
      body: { name: 'b.jpg', workUp: 7, n: 2, line: undefined, reason: 'it was this one' }
    });
    await files.correct(FILE, 'b.jpg', true, 'of the craft alone');
    expect(put.mock.calls.at(-1)?.[1]).toMatchObject({
      body: { name: 'b.jpg', reason: 'of the craft alone' }
    });
    expect(JSON.stringify(put.mock.calls.at(-1)?.[1])).not.toContain('workUp');
  });

  it('are put right in a form that asks why', async () => {
    const files = new Files('A');
    files.all = [FILE];
    const off = vi.spyOn(files, 'takeOff').mockResolvedValue();
    render(FileList, { files });
    await fireEvent.click(screen.getByRole('button', { name: 'correct a.jpg' }));
    const take = screen.getByRole<HTMLButtonElement>('button', { name: 'Remove file' });
    expect(take.disabled).toBe(true);
    await fireEvent.input(screen.getByLabelText('What was wrong with it'), { target: { value: 'blurred' } });
    await fireEvent.click(take);
    expect(off).toHaveBeenCalledWith(FILE, 'blurred');
    await waitFor(() => expect(screen.queryByRole('button', { name: 'Remove file' })).toBeNull());
  });
});
