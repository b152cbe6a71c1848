import { fireEvent, render, screen, waitFor } from '@testing-library/svelte';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import AsideList from './AsideList.svelte';
import Bench from './Bench.svelte';
import UnreadableStrip from './UnreadableStrip.svelte';

interface Sent {
  method: string;
  path: string;
  params?: { path?: Record<string, unknown> };
  body?: unknown;
}

const { sent, reply } = vi.hoisted(() => ({
  sent: [] as Sent[],
  reply: { bench: {} as object, refuse: '' }
}));

vi.mock('../api/client', async (original) => {
  const call =
    (method: string) =>
    async (path: string, init: object = {}) => {
      sent.push({ method, path, ...init });
      return reply.refuse
        ? { error: { detail: reply.refuse }, response: new Response(null, { status: 409 }) }
        : { data: path === '/api/bench' ? reply.bench : {}, response: new Response() };
    };
  return { ...(await original<object>()), api: { GET: call('GET'), POST: call('POST'), PUT: call('PUT') } };
});

vi.mock('../navigation', () => ({ navigate: vi.fn() }));

const empty = { needing: [], unreadable: [], fit: [], due: [], grounded: [], aside: [] };

beforeEach(() => {
  sent.length = 0;
  reply.bench = empty;
  reply.refuse = '';
});

describe('the bench', () => {
  it('leads to the first craft where there is none', async () => {
    render(Bench);
    const first = await screen.findByText('Enter the first craft');
    expect(first.getAttribute('href')).toBe('/new-craft');
  });

  it('shows what cannot be read beside what can', async () => {
    reply.bench = {
      ...empty,
      fit: [{ craftId: 'TERN', name: 'quick look', craftClass: '5-inch', due: [] }],
      unreadable: [{ sort: 'CRAFT', name: 'SKUA', why: 'Its build sheet cannot be read.', goBackTo: 2 }],
      aside: [{ sort: 'CRAFT', name: 'GONE', reason: 'sheet lost' }]
    };
    render(Bench);
    expect(await screen.findByText('Craft SKUA')).toBeTruthy();
    expect(screen.getByText('TERN')).toBeTruthy();
    expect(screen.getByText('sheet lost')).toBeTruthy();
  });

  it('lists a work-up that is still being worked out, and asks again until it is there', async () => {
    vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] });
    const summary = {
      workUpId: 3,
      craftId: 'TERN',
      name: '',
      complaint: 'flips',
      stage: 'LOOKING',
      minutes: 4
    };
    reply.bench = {
      ...empty,
      needing: [
        { ...summary, suspect: '', belief: 0, word: '', next: 'Being worked out', blocked: '', pending: true }
      ]
    };
    render(Bench);
    await vi.waitFor(() => expect(screen.getByText('Being worked out…')).toBeTruthy());
    reply.bench = {
      ...empty,
      needing: [
        {
          ...summary,
          suspect: 'a prop',
          belief: 0.5,
          word: 'even',
          next: 'Look',
          blocked: '',
          pending: false
        }
      ]
    };
    await vi.advanceTimersByTimeAsync(1600);
    await vi.waitFor(() => expect(screen.getByText('a prop')).toBeTruthy());
    expect(screen.queryByText('Being worked out…')).toBeNull();
    vi.useRealTimers();
  });

  it('says in the words of the server why it could not be had', async () => {
    reply.refuse = 'The data file is locked by another program.';
    render(Bench);
    expect((await screen.findByRole('alert')).textContent).toContain('locked by another program');
  });
});

describe('a record that cannot be read', () => {
  it('goes back to the sheet that can be', async () => {
    const onchange = vi.fn();
    const record = { sort: 'CRAFT', name: 'SKUA', why: 'why', goBackTo: 2 } as const;
    render(UnreadableStrip, { record, onchange });
    await fireEvent.click(screen.getByText('Go back to sheet 2'));
    await waitFor(() => expect(onchange).toHaveBeenCalledOnce());
    expect(sent[0]).toMatchObject({
      method: 'POST',
      path: '/api/crafts/{craftId}/repair',
      params: { path: { craftId: 'SKUA' } },
      body: { revision: 2 }
    });
  });

  it('is put aside with a reason: a work-up as a work-up', async () => {
    const onchange = vi.fn();
    render(UnreadableStrip, {
      record: { sort: 'WORK_UP', name: 'SKUA: x', why: 'why', workUpId: 7 },
      onchange
    });
    expect(screen.queryByText(/Go back/)).toBeNull();
    await fireEvent.click(screen.getAllByText('Set aside')[0]!);
    await fireEvent.input(await screen.findByLabelText('Reason, for the log'), {
      target: { value: 'spoilt' }
    });
    await fireEvent.click(screen.getAllByText('Set aside').at(-1)!);
    await waitFor(() => expect(onchange).toHaveBeenCalledOnce());
    expect(sent[0]).toMatchObject({
      path: '/api/work-ups/{id}/aside',
      params: { path: { id: 7 } },
      body: { reason: 'spoilt' }
    });
  });

  it('offers nothing for a pack, which keeps nobody from anything', () => {
    render(UnreadableStrip, { record: { sort: 'BATTERY', name: 'A1', why: 'why' }, onchange: vi.fn() });
    expect(screen.queryAllByRole('button')).toHaveLength(0);
  });

  it('stays, with the refusal, where the server refuses', async () => {
    reply.refuse = 'changed meanwhile';
    const onchange = vi.fn();
    render(UnreadableStrip, { record: { sort: 'CRAFT', name: 'SKUA', why: 'why', goBackTo: 1 }, onchange });
    await fireEvent.click(screen.getByText('Go back to sheet 1'));
    expect((await screen.findByRole('alert')).textContent).toBe('changed meanwhile');
    expect(onchange).not.toHaveBeenCalled();
  });
});

describe('what was put aside', () => {
  it('is brought back by its own button', async () => {
    const onchange = vi.fn();
    const aside = [
      { sort: 'CRAFT', name: 'GONE', reason: 'lost' },
      { sort: 'WORK_UP', name: 'SKUA: x', reason: 'spoilt', workUpId: 7 }
    ] as never;
    render(AsideList, { aside, onchange });
    await fireEvent.click(screen.getByLabelText('Bring GONE back'));
    await fireEvent.click(screen.getByLabelText('Bring SKUA: x back'));
    await waitFor(() => expect(onchange).toHaveBeenCalledTimes(2));
    expect(sent.map((s) => s.path)).toEqual(['/api/crafts/{craftId}/aside', '/api/work-ups/{id}/aside']);
    expect(sent.map((s) => s.body)).toEqual([{}, {}]);
  });
});
