import { fireEvent, render, screen, waitFor } from '@testing-library/svelte';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Schemas } from '../api/client';
import { begin, chart, last, server } from '../testing/server';
import CheckPanel from './CheckPanel.svelte';
import Closed from './Closed.svelte';
import FixPanel from './FixPanel.svelte';
import OtherChecks from './OtherChecks.svelte';
import ProofPanel from './ProofPanel.svelte';
import { WorkUpState } from './state.svelte';

vi.mock('../api/client', async (original) =>
  (await import('../testing/server')).standIn(await original<object>())
);

const outcomes = [
  { id: 'yes', label: 'yes' },
  { id: 'no', label: 'no' }
];
const card = (more: object = {}): Schemas['CheckCard'] =>
  ({
    checkId: 'finger',
    kind: 'finger-test',
    title: 'Turn the motor by hand',
    instruction: [[{ text: 'Pack out.' }], [{ text: 'Turn it.' }]],
    why: 'It halves what is left.',
    minutes: 1,
    before: [],
    cautions: [],
    ready: true,
    place: { kind: 'NOWHERE' },
    questions: [{ id: 'seen', text: 'Does it grate?', outcomes }],
    predictions: [],
    takesRecording: false,
    takesExport: false,
    readsBack: false,
    ...more
  }) as unknown as Schemas['CheckCard'];

function working(more: object = {}): WorkUpState {
  const work = new WorkUpState(3);
  work.view = {
    id: 3,
    version: 5,
    craftId: 'TERN',
    stage: 'LOOKING',
    bench: {},
    drawing: chart().drawing,
    ahead: [],
    evidence: [],
    suspects: [],
    checks: [],
    made: [],
    cautions: [],
    ...more
  } as never;
  return work;
}

const nothing = () => {};

beforeEach(() => begin({ '/api/work-ups/{id}': {} }));

describe('a check', () => {
  it('says why, how, and what comes then', () => {
    render(CheckPanel, {
      work: working({ ahead: ['Look at the leads'] }),
      card: card({ before: ['yes'] }),
      onothers: nothing,
      onown: nothing
    });
    expect(screen.getByText('It halves what is left.')).toBeTruthy();
    expect(screen.getByText(/A second look/).textContent).toContain('the first gave yes');
    expect(screen.getByText('Look at the leads').tagName).toBe('LI');
    expect(screen.getByRole('link', { name: 'handbook' }).getAttribute('href')).toBe('/handbook/finger-test');
  });

  it('out of turn gives no reason and leads back to the plan', async () => {
    const work = working({ ahead: ['Look at the leads'] });
    work.outOfTurn = card();
    render(CheckPanel, { work, card: card(), onothers: nothing, onown: nothing });
    expect(screen.getByText('Out of turn', { exact: false })).toBeTruthy();
    expect(screen.queryByText('It halves what is left.')).toBeNull();
    expect(screen.queryByText('Look at the leads')).toBeNull();
    await fireEvent.click(screen.getByRole('button', { name: 'Back to the plan' }));
    expect(work.outOfTurn).toBeUndefined();
  });

  it('of the proof is not put aside', () => {
    render(CheckPanel, {
      work: working({ stage: 'PROVING' }),
      card: card(),
      onothers: nothing,
      onown: nothing
    });
    expect(screen.queryByRole('button', { name: /Put aside/ })).toBeNull();
    expect(screen.getByText(/^Proof/)).toBeTruthy();
  });

  it('hands on to other checks and to an own test', async () => {
    const onothers = vi.fn();
    const onown = vi.fn();
    render(CheckPanel, { work: working(), card: card(), onothers, onown });
    await fireEvent.click(screen.getByRole('button', { name: /Another check/ }));
    await fireEvent.click(screen.getByRole('button', { name: /Own suspicion/ }));
    expect(onothers).toHaveBeenCalledOnce();
    expect(onown).toHaveBeenCalledOnce();
  });
});

describe('a fix', () => {
  const fix = (more: object = {}): Schemas['FixCard'] =>
    ({
      faultId: 'scale',
      kind: 'told-scale',
      title: 'The scale is wrong',
      belief: 0.97,
      trial: false,
      options: [
        {
          fixId: 'enter',
          title: 'Enter the scale',
          steps: [[{ text: 'Open the power page.' }]],
          values: [{ what: 'scale', before: '10', after: '11' }]
        },
        {
          fixId: 'change',
          title: 'Change the resistor',
          steps: [[{ text: 'Iron.' }]],
          values: []
        }
      ],
      ...more
    }) as unknown as Schemas['FixCard'];

  it('gives each way with what to enter, and records the one that was taken', async () => {
    const work = working({ fix: fix() });
    render(FixPanel, { work, fix: fix() });
    expect(screen.getByText(/To fix/).textContent).toMatch(/97\s?%/);
    expect(screen.getByText('11', { selector: 'strong' })).toBeTruthy();
    expect(screen.getByRole('heading', { name: 'Or: Change the resistor' })).toBeTruthy();
    expect(screen.queryByText(/does not stand out/)).toBeNull();
    await fireEvent.click(screen.getAllByRole('button', { name: 'Done this way' })[1]!);
    await waitFor(() =>
      expect(last('POST')?.body).toMatchObject({ version: 5, faultId: 'scale', fixId: 'change' })
    );
  });

  it('says that it is a try where it does not stand out', () => {
    render(FixPanel, { work: working({ fix: fix() }), fix: fix({ trial: true, belief: 0.4 }) });
    expect(screen.getByText(/if it doesn’t help, undo the fix/)).toBeTruthy();
  });

  it('that was asked for before its time says so, and leads back', async () => {
    const work = working();
    work.fixOutOfTurn = fix();
    render(FixPanel, { work, fix: fix() });
    expect(screen.getByText(/safer than fixing on a guess/)).toBeTruthy();
    await fireEvent.click(screen.getByRole('button', { name: 'Back to the checks' }));
    expect(work.fixOutOfTurn).toBeUndefined();
  });
});

describe('the proof', () => {
  const test = (checkId: string, state: string) => ({ checkId, title: checkId, expected: 'level', state });

  it('closes only when every test has passed', async () => {
    const onclose = vi.fn();
    const made = [{ n: 4, title: 'New prop', fault: 'Prop damaged', values: [] }];
    const { unmount } = render(ProofPanel, {
      work: working({ made, proof: { passes: false, tests: [test('hover', 'TO_DO')] } }),
      onclose
    });
    expect(screen.queryByRole('button', { name: /Close as solved/ })).toBeNull();
    expect(screen.getByRole('row', { name: /hover/ }).textContent).toContain('to do');
    unmount();
    render(ProofPanel, {
      work: working({ made, proof: { passes: true, tests: [test('hover', 'PASSED')] } }),
      onclose
    });
    await fireEvent.click(screen.getByRole('button', { name: /Close as solved/ }));
    expect(onclose).toHaveBeenCalledOnce();
  });

  it('stands on a closed work-up, which can be opened again with a reason', async () => {
    const made = [
      { n: 4, title: 'Entered', fault: 'Scale wrong', values: [{ what: 'scale', before: '10', after: '11' }] }
    ];
    render(Closed, {
      work: working({ ended: 'solved', made, proof: { passes: true, tests: [test('hover', 'PASSED')] } })
    });
    expect(screen.getByRole('heading', { name: 'Closed: solved' })).toBeTruthy();
    expect(screen.getByText('10 → 11')).toBeTruthy();
    expect(screen.getByText('hover: level, passed')).toBeTruthy();
    await fireEvent.click(screen.getByRole('button', { name: 'It came back…' }));
    expect(await screen.findByText(/What was learnt stays/)).toBeTruthy();
  });
});

describe('other checks', () => {
  const check = (checkId: string, bits: number, more: object = {}) => ({
    checkId,
    title: `Check ${checkId}`,
    bits,
    minutes: 1,
    skippedAt: 0,
    done: false,
    locked: false,
    ...more
  });
  const checks = [
    check('weak', 0.1),
    check('strong', 0.9),
    check('aside', 0.5, { skippedAt: 7, locked: true })
  ];
  const map = {
    points: [
      { id: 'PLUG.+', label: 'plus of the plug' },
      { id: 'FC.5V', label: '5 V of the board' }
    ]
  };

  it('stand in the order of what they tell by the minute, and are found by a part of their name', async () => {
    const work = working({ checks });
    const opened = vi.spyOn(work, 'openCheck').mockResolvedValue(undefined as never);
    const onclose = vi.fn();
    render(OtherChecks, { work, open: true, onclose });
    const names = (await screen.findAllByText(/^Check /)).map((one) => one.textContent);
    expect(names).toEqual(['Check strong', 'Check aside', 'Check weak']);
    const field = screen.getByLabelText('Part of its name');
    await fireEvent.input(field, { target: { value: 'WEA' } });
    await fireEvent.keyDown(field, { key: 'Enter' });
    expect(opened).toHaveBeenCalledWith('weak');
    expect(onclose).toHaveBeenCalledOnce();
  });

  it('are taken up again where they were put aside', async () => {
    server.answers['/api/work-ups/{id}/findings/{n}'] = {};
    const work = working({ checks });
    const back = vi.spyOn(work, 'takeBack').mockResolvedValue(undefined as never);
    render(OtherChecks, { work, open: true, onclose: nothing });
    await fireEvent.click(await screen.findByRole('button', { name: 'take up again' }));
    expect(back).toHaveBeenCalledWith(7);
  });

  it('may be a meter between any two points, by name or by place, never on one alone', async () => {
    const work = working({ checks, map });
    const opened = vi.spyOn(work, 'openCheck').mockResolvedValue(undefined as never);
    render(OtherChecks, { work, open: true, onclose: nothing });
    const measure = await screen.findByRole<HTMLButtonElement>('button', { name: 'Measure there' });
    await fireEvent.input(screen.getByLabelText('Red on'), { target: { value: 'plus of the plug' } });
    await fireEvent.input(screen.getByLabelText('Black on'), { target: { value: 'PLUG.+' } });
    expect(measure.disabled).toBe(true);
    await fireEvent.input(screen.getByLabelText('Black on'), { target: { value: 'fc.5v' } });
    await fireEvent.change(screen.getByLabelText('Resistance or voltage'), { target: { value: 'volts' } });
    await fireEvent.click(measure);
    expect(opened).toHaveBeenCalledWith('volts~PLUG.+~FC.5V');
  });
});
