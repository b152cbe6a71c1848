import { fireEvent, render, screen, waitFor } from '@testing-library/svelte';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Schemas } from '../api/client';
import BenchLine from './BenchLine.svelte';
import Findings from './Findings.svelte';
import Outcomes from './Outcomes.svelte';
import ReadyBench from './ReadyBench.svelte';
import Suspects from './Suspects.svelte';
import { WorkUpState } from './state.svelte';

const { sent, reply, written } = vi.hoisted(() => ({
  written: { id: 3, craftId: 'TERN', version: 6, recorded: [] },
  sent: [] as { method: string; path: string; body?: unknown }[],
  reply: { view: {} as object, refusal: '' }
}));

vi.mock('../api/client', async (original) => {
  const call =
    (method: string) =>
    async (path: string, init: { body?: unknown } = {}) => {
      if (path.endsWith('/files')) {
        return { data: [], response: new Response() };
      }
      sent.push({ method, path, body: init.body });
      return reply.refusal
        ? { error: { detail: reply.refusal }, response: new Response(null, { status: 409 }) }
        : { data: method === 'GET' ? reply.view : written, response: new Response() };
    };
  return {
    ...(await original<object>()),
    api: { GET: call('GET'), POST: call('POST'), PUT: call('PUT'), DELETE: call('DELETE') }
  };
});

const bench = {
  propsOn: false,
  batteryIn: false,
  limiterIn: false,
  usbIn: false,
  antennaOn: true,
  radioOn: false,
  atField: false,
  shortTest: 'NOT_DONE'
} as unknown as Schemas['BenchState'];

const line = (n: number, more: object = {}) => ({
  n,
  at: `2026-11-0${n}T10:00:00Z`,
  sort: 'finding',
  title: `check ${n}`,
  answers: [`answer ${n}`],
  sureness: 'sure',
  cleared: [],
  takenBack: false,
  before: false,
  canTakeBack: false,
  ...more
});

function working(more: object = {}): WorkUpState {
  const work = new WorkUpState(3);
  reply.view = {
    id: 3,
    version: 5,
    craftId: 'TERN',
    stage: 'LOOKING',
    bench,
    evidence: [],
    suspects: [],
    ...more
  };
  work.view = reply.view as never;
  return work;
}

beforeEach(() => {
  sent.length = 0;
  reply.refusal = '';
});

describe('what is known', () => {
  it('says what each reading clears, its doubt, and that it was taken back', () => {
    const work = working({
      evidence: [
        line(1, { cleared: ['the lead PLUG.+ to PB.IN+'] }),
        line(2, { sureness: 'doubtful' }),
        line(3, { takenBack: true })
      ]
    });
    render(Findings, { work });
    expect(screen.getByText('clears the lead PLUG.+ to PB.IN+')).toBeTruthy();
    expect(screen.getByText('doubtful')).toBeTruthy();
    expect(screen.getByText('taken back')).toBeTruthy();
    expect(screen.queryByText('sure')).toBeNull();
  });

  it('is taken back by its number', async () => {
    const work = working({ evidence: [line(4, { canTakeBack: true })] });
    render(Findings, { work });
    await fireEvent.click(screen.getByRole('button', { name: 'Undo: check 4' }));
    await waitFor(() => expect(sent.map((one) => one.method)).toEqual(['DELETE', 'GET']));
    expect(sent[0]!.path).toContain('findings');
  });
});

describe('the bench', () => {
  it('is in words and signs, and shouts when props are on with the pack in', () => {
    const { unmount } = render(BenchLine, { work: working() });
    expect(screen.getByRole('button', { name: 'pre-power checks due' })).toBeTruthy();
    expect(screen.queryByText('Props on and battery in')).toBeNull();
    unmount();
    render(BenchLine, { work: working({ bench: { ...bench, propsOn: true, batteryIn: true } }) });
    expect(screen.getByText('Props on and battery in')).toBeTruthy();
  });

  it('asks for a reason where the server refuses a change', async () => {
    const work = working();
    render(BenchLine, { work });
    reply.refusal = 'The pre-power routine comes first.';
    await fireEvent.click(screen.getByRole('button', { name: 'battery out' }));
    await waitFor(() => expect(screen.getByText('Record it all the same?')).toBeTruthy());
    expect((sent[0]!.body as { state: { batteryIn: boolean } }).state.batteryIn).toBe(true);
  });

  it('of a closed work-up cannot be changed', () => {
    render(BenchLine, { work: working({ stage: 'CLOSED' }) });
    for (const button of screen.getAllByRole<HTMLButtonElement>('button')) {
      if (button.closest('[aria-label="Bench state"]')) {
        expect(button.disabled).toBe(true);
      }
    }
  });
});

describe('what is believed', () => {
  const rest = { count: 3, belief: 0.12, titles: ['a small one'], twice: 0.06, nothing: 0.02 };
  const believed = (more: object = {}) =>
    working({
      suspects: [{ faultId: 'f', kind: 'k', title: 'A prop', others: [], belief: 0.7, word: 'likely' }],
      notInBook: { belief: 0.16, word: 'possible' },
      made: [],
      astray: 0,
      rest,
      ...more
    });

  it('is shown whole: the listed, the small ones, nothing, and what no book holds', () => {
    render(Suspects, { work: believed(), why: false, onwhy: vi.fn() });
    expect(screen.getByText('3 others, unlikely')).toBeTruthy();
    expect(screen.getByText('a small one')).toBeTruthy();
    expect(screen.getByText('Nothing is wrong')).toBeTruthy();
    expect(screen.getByText('None of the known faults')).toBeTruthy();
    expect(screen.getByText(/Two of these at once: 6/)).toBeTruthy();
  });

  it('says so without any suspect', () => {
    render(Suspects, { work: believed({ suspects: [] }), why: false, onwhy: vi.fn() });
    expect(screen.getByText('None of the known faults')).toBeTruthy();
  });
});

describe('several questions of one check', () => {
  const questions = ['spin-1', 'spin-2'].map((id, i) => ({
    id,
    text: `Motor ${i + 1}`,
    outcomes: [
      { id: 'cw', label: 'clockwise' },
      { id: 'none', label: 'nothing turns' }
    ]
  }));

  it('are asked one after the other, and each can be gone back to', async () => {
    const card = { checkId: 'motors', ready: true, questions } as unknown as Schemas['CheckCard'];
    const work = working({ next: card });
    render(Outcomes, { work, card });
    await fireEvent.click(screen.getByRole('button', { name: '1 clockwise' }));
    expect(work.answer.picks).toEqual({ 'spin-1': 'cw' });
    expect(screen.getByRole('button', { name: /Motor 2 now/ })).toBeTruthy();
    await fireEvent.click(screen.getByRole('button', { name: /Motor 1 clockwise/ }));
    await fireEvent.click(screen.getByRole('button', { name: '2 nothing turns' }));
    expect(work.answer.picks).toEqual({ 'spin-1': 'none' });
  });

  it('have the field of a number in focus, and the words of the meter to press', async () => {
    const scale = {
      quantity: 'resistance',
      unit: 'ohm',
      example: '0.4',
      words: [{ id: 'ol', label: 'OL' }]
    };
    const card = { checkId: 'ohms', ready: true, questions: [{ id: 'seen', text: '', outcomes: [], scale }] };
    const work = working({ next: card });
    render(Outcomes, { work, card: card as unknown as Schemas['CheckCard'] });
    await waitFor(() => expect(document.activeElement?.id).toBe('reading'));
    expect(screen.getByRole('button', { name: 'OL' })).toBeTruthy();
    await fireEvent.keyDown(document.activeElement!, { key: 'Escape' });
    expect(document.activeElement?.id).not.toBe('reading');
  });
});

describe('getting ready', () => {
  const card = (more: object) =>
    ({
      checkId: 'x',
      ready: false,
      locked: false,
      blocked: '',
      steps: [],
      ...more
    }) as unknown as Schemas['CheckCard'];

  it('leads to the routine where that is due, and back', () => {
    const steps = [{ step: 'SHORT_TEST', label: 'pre-power checks', guards: true }];
    render(ReadyBench, { work: working(), card: card({ locked: true, steps }) });
    expect(screen.getByText('Locked until this is done')).toBeTruthy();
    const link = screen.getByRole('link', { name: 'Do the pre-power checks' });
    expect(link.getAttribute('href')).toBe('/crafts/TERN/routine?back=3');
    expect(screen.getByText('(guards against damage)')).toBeTruthy();
    expect(screen.queryByRole('button', { name: /All of this is done/ })).toBeNull();
  });

  it('is one press where only the bench changes', () => {
    const steps = [{ step: 'BATTERY_OUT', label: 'battery out', guards: true }];
    render(ReadyBench, { work: working(), card: card({ steps }) });
    expect(screen.getByRole('button', { name: /All of this is done/ })).toBeTruthy();
  });

  it('has no way in with the pack after a failed routine', () => {
    render(ReadyBench, { work: working(), card: card({ blocked: 'the routine failed' }) });
    expect(screen.getByText('No safe way there')).toBeTruthy();
    expect(screen.getByRole('link', { name: 'run the pre-power checks again' })).toBeTruthy();
  });
});
