import { beforeEach, describe, expect, it, vi } from 'vitest';
import { FlashState } from './flash.svelte';

const steps = [
  { id: 'target', text: '', stops: '' },
  { id: 'write', text: '', stops: '' }
];
const { sent, reply } = vi.hoisted(() => ({ sent: [] as unknown[], reply: { view: {} as object } }));

vi.mock('../api/client', async (original) => ({
  ...(await original<object>()),
  api: {
    GET: async () => ({ data: reply.view, response: new Response() }),
    POST: async (_path: string, init: { body: unknown }) => {
      sent.push(init.body);
      return { data: {}, response: new Response() };
    }
  }
}));

function memory(): Pick<Storage, 'getItem' | 'setItem'> {
  const kept = new Map<string, string>();
  return { getItem: (key) => kept.get(key) ?? null, setItem: (key, value) => void kept.set(key, value) };
}

describe('a flash', () => {
  beforeEach(() => {
    sent.length = 0;
    reply.view = { snapshot: 3, steps, remedies: [{ text: 'cable' }, { text: 'driver' }] };
  });

  it('opens its steps with a snapshot that holds, and goes from one to the next', async () => {
    const flash = new FlashState('TERN', memory());
    await flash.load('alder', '2');
    expect(flash.ready).toBe(true);
    expect(flash.next?.id).toBe('target');
    flash.tick('target');
    expect(flash.next?.id).toBe('write');
  });

  it('is not begun without one until somebody says why, and that is logged', async () => {
    for (const view of [
      { steps, remedies: [] },
      { snapshot: 3, stale: 'Repaired', steps, remedies: [] }
    ]) {
      reply.view = view;
      const flash = new FlashState('TERN', memory());
      await flash.load('alder', '2');
      expect(flash.ready).toBe(false);
      await flash.goWithout('the board is dead');
      expect(flash.ready).toBe(true);
      expect(sent.at(-1)).toMatchObject({ text: expect.stringContaining('the board is dead') as string });
    }
  });

  it('keeps its ticks and remedies over a reload until it begins anew', async () => {
    const kept = memory();
    const flash = new FlashState('TERN', kept);
    await flash.load('alder', '2');
    flash.tick('target');
    flash.tryNext();
    const again = new FlashState('TERN', kept);
    expect(again.done).toEqual(['target']);
    expect(again.tried).toBe(1);
    again.anew();
    expect(new FlashState('TERN', kept).done).toEqual([]);
  });

  it('tries no more remedies than there are', async () => {
    const flash = new FlashState('TERN', memory());
    await flash.load('alder', '2');
    for (let i = 0; i < 5; i++) {
      flash.tryNext();
    }
    expect(flash.tried).toBe(2);
  });
});
