import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Schemas } from '../api/client';
import { RoutineState } from './state.svelte';

const view = {
  craftId: 'KITE',
  state: 'NOT_DONE',
  why: 'a crash',
  steps: [
    { id: 'look', title: 'Look', question: { id: 'seen', outcomes: [{ id: 'sound', label: 'sound' }] } },
    {
      id: 'short',
      title: 'Short test',
      question: { id: 'seen', outcomes: [], scale: { example: 'climbing', words: [] } }
    }
  ]
} as unknown as Schemas['RoutineView'];

const { sent, reply } = vi.hoisted(() => ({
  sent: [] as { path: string; body?: unknown }[],
  reply: { passed: true, view: {} as object }
}));

vi.mock('../api/client', async (original) => {
  const call = async (path: string, init: { body?: unknown } = {}) => {
    sent.push({ path, body: init.body });
    const judged = { passed: reply.passed, expected: 'climbing' };
    return { data: path.includes('judge') ? judged : reply.view, response: new Response() };
  };
  return { ...(await original<object>()), api: { GET: call, POST: call, PUT: call } };
});

describe('a run of the routine', () => {
  let run: RoutineState;

  beforeEach(async () => {
    sent.length = 0;
    reply.passed = true;
    reply.view = view;
    run = new RoutineState('KITE');
    await run.load();
  });

  it('goes on only with a reading that was judged, and ends when all have passed', async () => {
    await run.give();
    expect(run.at).toBe(0);
    run.press('1');
    await run.give();
    expect(run.at).toBe(1);
    run.answer.write('seen', 'climbing');
    await run.give();
    expect(run.finished).toBe(true);
    await run.keep();
    expect(sent.at(-1)).toMatchObject({
      body: { readings: { look: { outcomes: { seen: 'sound' } }, short: { written: 'climbing' } } }
    });
  });

  it('reads the routine again when the owner holds to the other school', async () => {
    await run.holdTo('FULL');
    expect(sent.slice(-2)).toMatchObject([
      { path: '/api/pre-power-convention', body: { convention: 'FULL' } },
      { path: '/api/crafts/{craftId}/routine' }
    ]);
  });

  it('stops at a step that fails, and goes back to it', async () => {
    run.press('1');
    await run.give();
    reply.passed = false;
    run.answer.write('seen', '0.3');
    await run.give();
    expect(run.failed).toBe('short');
    expect(run.finished).toBe(true);
    run.back();
    expect(run.finished).toBe(false);
    expect(run.readings.short).toBeUndefined();
    expect(run.readings.look).toBeDefined();
  });
});
