import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Schemas } from '../api/client';
import { WorkUpState } from './state.svelte';

const card = {
  checkId: 'arrow',
  ready: true,
  questions: [
    {
      id: 'seen',
      text: 'Where?',
      outcomes: [
        { id: 'forward', label: 'forward' },
        { id: 'back', label: 'back' }
      ]
    }
  ]
} as unknown as Schemas['CheckCard'];

function view(more: object = {}): Schemas['WorkUpView'] {
  return { id: 3, version: 5, stage: 'LOOKING', evidence: [], suspects: [], next: card, ...more } as never;
}

interface Sent {
  method: string;
  path: string;
  body?: unknown;
  params?: unknown;
}
const { sent, reply, written } = vi.hoisted(() => ({
  sent: [] as Sent[],
  written: { id: 3, craftId: 'TERN', version: 6, recorded: [] as object[] },
  reply: { view: {} as object, refused: undefined as object | undefined, after: Promise.resolve() }
}));

vi.mock('../api/client', async (original) => {
  const call =
    (method: string) =>
    async (path: string, init: { body?: unknown; params?: unknown } = {}) => {
      sent.push({ method, path, body: init.body, params: init.params });
      await (method === 'GET' ? reply.after : undefined);
      return reply.refused
        ? { error: reply.refused, response: new Response(null, { status: 409 }) }
        : { data: method === 'GET' ? reply.view : written, response: new Response() };
    };
  return {
    ...(await original<object>()),
    api: { GET: call('GET'), POST: call('POST'), PUT: call('PUT'), DELETE: call('DELETE') }
  };
});

describe('a work-up on the screen', () => {
  beforeEach(() => {
    sent.length = 0;
    reply.refused = undefined;
    reply.view = view();
  });

  it('takes digits as a number where a number is asked, and asks for the number that goes with a reading', async () => {
    const scale = { quantity: 'resistance', unit: 'ohm', example: '0.4', words: [{ id: 'ol', label: 'OL' }] };
    reply.view = view({ next: { ...card, questions: [{ id: 'seen', text: '', outcomes: [], scale }] } });
    const work = new WorkUpState(3);
    await work.load();
    work.press('4');
    work.press('7');
    expect(work.answer.written).toEqual({ seen: '47' });
    expect(work.complete).toBe(true);
    reply.view = view({
      next: {
        ...card,
        questions: [{ id: 'seen', text: '', outcomes: [], scale }],
        told: { ...scale, words: [] }
      }
    });
    await work.load();
    expect(work.complete).toBe(false);
    work.answer.told = '16.4';
    await work.record();
    expect(sent.at(-2)).toMatchObject({ body: { numbers: { seen: '47' }, told: '16.4' } });
  });

  it('enters a number that was asked back when it is entered again as it is, and no other', async () => {
    reply.view = view({ next: { ...card, told: { quantity: 'voltage', words: [] } } });
    const work = new WorkUpState(3);
    await work.load();
    work.press('1');
    work.answer.told = '25';
    reply.refused = { detail: 'Never.', errors: [{ where: 'told', right: 'Look once more.' }] };
    await work.record();
    expect(sent.at(-1)).toMatchObject({ body: { told: '25', sure: false } });
    work.answer.told = '16';
    await work.record();
    expect(sent.at(-1)).toMatchObject({ body: { told: '16', sure: false } });
    await work.record();
    expect(sent.at(-1)).toMatchObject({ body: { told: '16', sure: true } });
  });

  it('records what was chosen on the version it has seen, and clears the entry', async () => {
    const work = new WorkUpState(3);
    await work.load();
    expect(work.complete).toBe(false);
    work.press('2');
    expect(work.complete).toBe(true);
    work.nextSureness();
    await work.record();
    expect(sent[1]).toMatchObject({
      method: 'POST',
      body: { version: 5, checkId: 'arrow', outcomes: { seen: 'back' }, sureness: 'FAIRLY' }
    });
    expect(work.answer.picks).toEqual({});
    expect(work.sureness).toBe('SURE');
  });

  it('lists what was recorded at once, and shows the plan when it is worked out', async () => {
    const work = new WorkUpState(3);
    await work.load();
    work.press('2');
    written.recorded = [{ n: 6, title: 'the arrow' }];
    let plan = (): void => {};
    reply.after = new Promise((resolve) => (plan = resolve));
    const done = work.record();
    await vi.waitFor(() => expect(work.view?.evidence.at(-1)?.n).toBe(6));
    expect(work.busy).toBe(true);
    reply.view = view({ version: 6 });
    plan();
    await done;
    expect(sent.map((one) => one.method)).toEqual(['GET', 'POST', 'GET']);
    expect(work.view?.version).toBe(6);
    written.recorded = [];
  });

  it('chooses and records nothing while the bench is not ready', async () => {
    reply.view = view({ next: { ...card, ready: false } });
    const work = new WorkUpState(3);
    await work.load();
    work.press('1');
    await work.record();
    expect(work.answer.picks).toEqual({});
    expect(sent).toHaveLength(1);
  });

  it('keeps the first digit of a number that is typed before the bench is ready', async () => {
    const scale = { quantity: 'resistance', unit: 'ohm', example: '0.4', words: [] };
    reply.view = view({
      next: { ...card, ready: false, questions: [{ id: 'seen', text: '', outcomes: [], scale }] }
    });
    const work = new WorkUpState(3);
    await work.load();
    work.press('2');
    expect(work.answer.written).toEqual({ seen: '2' });
    expect(work.complete).toBe(false);
  });

  it('asks several things one after the other, and is recorded when it is broken off', async () => {
    const outcomes = [
      { id: 'turns', label: 'turns' },
      { id: 'none', label: 'nothing turns' }
    ];
    const questions = ['one', 'two', 'three'].map((id) => ({ id, text: id, outcomes }));
    reply.view = view({ next: { ...card, checkId: 'motors', questions } });
    const work = new WorkUpState(3);
    await work.load();
    work.press('1');
    expect(work.answer.asking).toBe(1);
    work.press('2');
    expect(work.complete).toBe(true);
    await work.record();
    expect(sent.at(-2)).toMatchObject({ body: { outcomes: { one: 'turns', two: 'none' } } });
    expect(work.answer.asking).toBe(0);
  });

  it('takes back the last entry that can be', async () => {
    reply.view = view({
      evidence: [
        { n: 2, canTakeBack: true },
        { n: 4, canTakeBack: false }
      ]
    });
    const work = new WorkUpState(3);
    await work.load();
    await work.takeBackLast();
    expect(sent[1]).toMatchObject({
      method: 'DELETE',
      params: { path: { id: 3, n: 2 }, query: { version: 5 } }
    });
  });

  it('shows the proof instead of the plan while proving, and no check when closed', async () => {
    const hover = { ...card, checkId: 'hover' };
    reply.view = view({ stage: 'PROVING', proof: { tests: [], passes: false, next: hover } });
    const work = new WorkUpState(3);
    await work.load();
    expect(work.card?.checkId).toBe('hover');
    work.view = view({ stage: 'CLOSED' });
    expect(work.card).toBeUndefined();
  });

  it('shows the fix when one stands out, until the technician checks on', async () => {
    const fix = { faultId: 'f', options: [] };
    reply.view = view({ stage: 'FIXING', fix });
    const work = new WorkUpState(3);
    await work.load();
    expect(work.card).toBeUndefined();
    expect(work.fix).toMatchObject({ faultId: 'f' });
    work.checkOn = true;
    expect(work.card?.checkId).toBe('arrow');
    expect(work.fix).toBeUndefined();
  });

  it('shows at once what was written at another seat, unless something is being entered here', async () => {
    const work = new WorkUpState(3);
    await work.load();
    sent.length = 0;
    await work.wentOn(5);
    expect(sent, 'what is known already').toEqual([]);
    reply.view = view({ version: 6 });
    await work.wentOn(6);
    expect(work.view?.version).toBe(6);
    work.press('1');
    reply.view = view({ version: 7 });
    await work.wentOn(7);
    expect(work.view?.version, 'while something is entered').toBe(6);
    expect(work.ahead).toBe(7);
    expect(work.answer.answered).toBe(true);
    await work.catchUp();
    expect(work.view?.version).toBe(7);
    expect(work.ahead).toBe(0);
    expect(work.answer.answered).toBe(false);
  });
});
