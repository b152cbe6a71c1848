import { beforeEach, describe, expect, it, vi } from 'vitest';
import { api, type Schemas } from '../api/client';
import { SetUpState } from './setUp.svelte';

type Step = Schemas['StepToDo'];

function step(id: string, questions: Step['questions'], more: Partial<Step> = {}): Step {
  return {
    id,
    checkId: id,
    title: id,
    instruction: [],
    why: '',
    expected: '',
    questions,
    bench: [],
    minutes: 1,
    ready: true,
    complaint: 'sticks-wrong',
    ...more
  };
}

const outcomes = [
  { id: 'yes', label: 'yes' },
  { id: 'no', label: 'no' }
];
const two = [
  { id: 'a', text: 'A?', outcomes },
  { id: 'b', text: 'B?', outcomes }
];

function view(todo: Step[]): Schemas['SetUpView'] {
  return {
    craftId: 'TERN',
    occasions: [],
    ended: [],
    run: {
      version: 3,
      occasion: 'RADIO',
      label: 'new radio',
      happened: 'PART_SWAP',
      begunAt: '2026-01-01T00:00:00Z',
      minutes: 9,
      routineDue: false,
      todo,
      craftVersion: 7,
      conflicts: [],
      waiting: [],
      passed: [
        {
          title: 'bind',
          given: ['moves'],
          at: '2026-01-01T00:00:00Z',
          reading: { checkId: 'bind', outcomes: { seen: 'moves' }, numbers: {} }
        }
      ],
      leftOut: []
    }
  };
}

function answering(given: unknown): ReturnType<typeof vi.spyOn> {
  return vi.spyOn(api, 'POST').mockResolvedValue({ data: given, response: new Response() } as never);
}

describe('a set-up', () => {
  beforeEach(() => vi.restoreAllMocks());

  it('looks at the next step unless another is pressed', () => {
    const work = new SetUpState('TERN');
    work.view = view([step('first', two), step('second', two)]);
    expect(work.step?.id).toBe('first');
    work.choose('second');
    expect(work.step?.id).toBe('second');
  });

  it('answers one question after the other and records only what is whole', async () => {
    const post = answering(view([]));
    const work = new SetUpState('TERN');
    work.view = view([step('first', two)]);
    work.answer.press('1');
    expect(work.complete).toBe(false);
    await work.give();
    expect(post).not.toHaveBeenCalled();
    work.answer.press('2');
    expect(work.answer.picks).toEqual({ a: 'yes', b: 'no' });
    await work.give();
    expect(post.mock.calls[0]![1]).toMatchObject({
      body: { version: 3, stepId: 'first', outcomes: { a: 'yes', b: 'no' } }
    });
    expect(work.answer.picks).toEqual({});
  });

  it('keeps what was answered when the server refuses', async () => {
    vi.spyOn(api, 'POST').mockResolvedValue({
      error: { detail: 'The pre-power routine is due.' },
      response: new Response(null, { status: 409 })
    } as never);
    const work = new SetUpState('TERN');
    work.view = view([step('first', two)]);
    work.answer.press('1');
    work.answer.press('1');
    await work.give();
    expect(work.error).toContain('routine');
    expect(work.answer.picks).toEqual({ a: 'yes', b: 'yes' });
  });

  it('hands all readings to the work-up that a wrong step opens', async () => {
    const post = answering({ id: 7 });
    const wrong = step('order', two, {
      given: ['no'],
      reading: { checkId: 'order', outcomes: { a: 'no', b: 'yes' }, numbers: {} }
    });
    const work = new SetUpState('TERN');
    work.view = view([wrong]);
    expect(await work.workUp(wrong)).toBe(7);
    const body = (post.mock.calls[0]![1] as { body: { before: { checkId: string }[] } }).body;
    expect(body.before.map((one) => one.checkId)).toEqual(['bind', 'order']);
    expect(body).toMatchObject({ kind: 'sticks-wrong', occasion: 'PART_SWAP' });
  });
});
