import { fireEvent, render, screen, waitFor, within } from '@testing-library/svelte';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Schemas } from '../api/client';
import FileList from '../files/FileList.svelte';
import { Files } from '../files/files.svelte';
import { keys } from '../shared/keys.svelte';
import { begin, chart, last, server } from '../testing/server';
import Chart from './Chart.svelte';
import ArchiveCraft from './ArchiveCraft.svelte';
import LogList from './LogList.svelte';
import LogNote from './LogNote.svelte';
import NameAndBuilder from './NameAndBuilder.svelte';
import RadioOff from '../radiooff/RadioOff.svelte';
import SetUp from '../setup/SetUp.svelte';

const { gone, route } = vi.hoisted(() => ({
  gone: [] as unknown[],
  route: { params: { craftId: 'TERN' } as Record<string, string> }
}));
vi.mock('../navigation', () => ({ navigate: (...to: unknown[]) => gone.push(to), route }));
vi.mock('sv-router', () => ({ searchParams: { get: () => undefined } }));
vi.mock('../api/client', async (original) =>
  (await import('../testing/server')).standIn(await original<object>())
);

const AT = '2026-11-01T10:00:00Z';
const press = (key: string) => keys.handle(new KeyboardEvent('keydown', { key }));

beforeEach(() => {
  gone.length = 0;
  begin();
});

describe('the radio-off test', () => {
  const outcomes = [
    { id: 'stop', label: 'they stop' },
    { id: 'on', label: 'they go on' }
  ];

  beforeEach(() =>
    begin({
      '/api/crafts/{craftId}/radio-off': {
        state: 'NOT_DONE',
        why: 'never made',
        instruction: [[{ text: 'Arm it.' }], [{ text: 'Switch the radio off.' }]],
        expectedLabel: 'they stop',
        afterS: 1.66,
        questions: [
          { id: 'does', text: '?', outcomes },
          {
            id: 'after',
            text: 'after how many seconds',
            outcomes: [],
            scale: { unit: 's', example: '1.7', quantity: 'time', words: [] }
          }
        ]
      },
      '/api/crafts/{craftId}/radio-off/judge': {
        passed: true,
        stages: [{ name: 'receiver', works: 'AS_SET', why: 'it sends no frames' }]
      }
    })
  );

  it('is judged while it is entered and kept by a key', async () => {
    render(RadioOff);
    await waitFor(() => screen.getByText('Due: never made.', { exact: false }));
    expect(screen.getByText('1.7 s')).toBeTruthy();
    expect(screen.getByText('Switch the radio off.').tagName).toBe('LI');
    press('1');
    await waitFor(() => screen.getByText('It passes.'));
    expect(screen.getByText('it sends no frames', { exact: false }).textContent).toContain('works as set');
    await fireEvent.input(screen.getByLabelText('After how many seconds'), { target: { value: ' 1.7 ' } });
    press('Enter');
    expect(last('POST')?.path, 'not before the props are said to be off').toBe(
      '/api/crafts/{craftId}/radio-off/judge'
    );
    await fireEvent.click(screen.getByLabelText('The props are off'));
    press('Enter');
    await waitFor(() => expect(gone).toEqual([['/crafts/:craftId', { params: { craftId: 'TERN' } }]]));
    expect(last('POST')).toMatchObject({
      path: '/api/crafts/{craftId}/radio-off',
      body: { outcomes: { does: 'stop' }, after: '1.7', propsOff: true }
    });
  });

  it('asks no seconds of motors that go on, and leads to a work-up', async () => {
    server.answers['/api/crafts/{craftId}/radio-off/judge'] = { passed: false, stages: [] };
    render(RadioOff);
    await fireEvent.click(await screen.findByRole('button', { name: /they go on/ }));
    await waitFor(() => screen.getByText('It does not pass.'));
    expect(screen.queryByLabelText('After how many seconds')).toBeNull();
    expect(screen.getByRole('link', { name: 'Start a work-up' }).getAttribute('href')).toBe(
      '/work-ups/new?craft=TERN&kind=failsafe-wrong'
    );
  });

  it('is not kept before anything was seen', async () => {
    render(RadioOff);
    await waitFor(() => screen.getByText('they stop', { selector: 'strong' }));
    press('Enter');
    expect(last('POST')).toBeUndefined();
  });
});

describe('a set-up on the screen', () => {
  const step = (id: string, more: Partial<Schemas['StepToDo']> = {}): Schemas['StepToDo'] => ({
    id,
    checkId: id,
    title: `step ${id}`,
    instruction: [[{ text: `do ${id}` }]],
    why: `why ${id}`,
    expected: 'yes',
    questions: [
      {
        id: 'seen',
        text: 'Is it so?',
        outcomes: [
          { id: 'yes', label: 'yes' },
          { id: 'no', label: 'no' }
        ]
      }
    ],
    bench: [],
    minutes: 1,
    ready: true,
    complaint: 'sticks-wrong',
    ...more
  });
  const view = (todo: Schemas['StepToDo'][], more: object = {}) => ({
    craftId: 'TERN',
    occasions: [],
    ended: [],
    run: {
      version: 4,
      occasion: 'RADIO',
      label: 'new radio',
      happened: 'PART_SWAP',
      begunAt: AT,
      minutes: 12,
      routineDue: false,
      todo,
      conflicts: [],
      waiting: [],
      passed: [],
      leftOut: [{ id: 'weigh', why: 'weight', reason: 'nothing of it was touched' }],
      ...more
    }
  });
  const path = '/api/crafts/{craftId}/set-up';

  it('begins with what it is for, by press or by number', async () => {
    begin({
      [path]: {
        craftId: 'TERN',
        occasions: [
          { id: 'BUILD', label: 'new build', steps: 30, minutes: 60 },
          { id: 'REST', label: 'after a long rest', steps: 9, minutes: 20 }
        ],
        ended: [{ label: 'new build', endedAt: AT, passed: 28 }]
      }
    });
    render(SetUp);
    await waitFor(() => screen.getByText('9 steps, 20 min'));
    expect(screen.getByText(/New build: ended/).textContent).toContain('28 steps passed');
    press('2');
    await waitFor(() => expect(last('POST')?.body).toEqual({ occasion: 'REST' }));
  });

  it('shows the next step with what it should give, and records the answer by keys', async () => {
    begin({
      [path]: view([step('bind', { bench: ['Switch the radio on'] }), step('order', { ready: false })]),
      [`${path}/steps`]: view([step('order')], { version: 5 })
    });
    render(SetUp);
    await waitFor(() => screen.getByRole('heading', { name: 'step bind' }));
    expect(screen.getByText('First:', { exact: false }).textContent).toContain('Switch the radio on');
    expect(screen.getByRole<HTMLButtonElement>('button', { name: /step order/ }).disabled).toBe(true);
    expect(screen.getByText('nothing of it was touched')).toBeTruthy();
    press('Enter');
    expect(last('POST')).toBeUndefined();
    press('1');
    press('Enter');
    await waitFor(() => screen.getByRole('heading', { name: 'step order' }));
    expect(last('POST')?.body).toMatchObject({ version: 4, stepId: 'bind', outcomes: { seen: 'yes' } });
  });

  it('leads from a step that is wrong to its work-up', async () => {
    const reading = { checkId: 'bind', outcomes: { seen: 'no' }, numbers: {} };
    begin({ [path]: view([step('bind', { given: ['no'], reading })]), '/api/work-ups': { id: 31 } });
    render(SetUp);
    await fireEvent.click(await screen.findByRole('button', { name: /Open a work-up/ }));
    await waitFor(() => expect(gone).toEqual([['/work-ups/:id', { params: { id: '31' } }]]));
    expect(last('POST')?.body).toMatchObject({ craftId: 'TERN', before: [reading] });
  });

  it('asks for the routine before the pack, and ends on the chart when all is passed', async () => {
    begin({ [path]: view([step('bind')], { routineDue: true }) });
    const { unmount } = render(SetUp);
    expect((await screen.findByRole('link', { name: 'pre-power checks' })).getAttribute('href')).toBe(
      '/crafts/TERN/routine'
    );
    unmount();
    begin({ [path]: view([]), [`${path}/end`]: { craftId: 'TERN', occasions: [], ended: [] } });
    render(SetUp);
    await fireEvent.click(await screen.findByRole('button', { name: 'Save to the chart' }));
    await waitFor(() => expect(last('POST')?.path).toBe(`${path}/end`));
  });

  it('asks for a number that is told along before it records', async () => {
    const scale = { quantity: 'voltage shown', unit: 'V', example: '16.2 V', low: 0, high: 65, words: [] };
    const asks = step('scale', {
      told: { ...scale, quantity: 'meter reading' } as never,
      questions: [{ id: 'seen', text: 'what does it show', outcomes: [], scale: scale as never }]
    });
    begin({ [path]: view([asks]), [`${path}/steps`]: view([]) });
    render(SetUp);
    await fireEvent.input(await screen.findByLabelText('What does it show'), { target: { value: '16.1' } });
    const record = screen.getByRole<HTMLButtonElement>('button', { name: /^Record/ });
    expect(record.disabled).toBe(true);
    await fireEvent.input(screen.getByLabelText('First, the meter reading'), { target: { value: '16.2' } });
    expect(record.disabled).toBe(false);
    await fireEvent.click(record);
    await waitFor(() =>
      expect(last('POST')?.body).toMatchObject({ numbers: { seen: '16.1' }, told: '16.2' })
    );
  });
});

describe('the log of a craft', () => {
  const log = [
    { id: 9, at: AT, kind: 'crash', text: 'Hit the mast' },
    { id: 4, at: AT, kind: 'note', text: 'Work-up closed', workUpId: 3 }
  ] as Schemas['LogEntry'][];

  it('has the photos of each line beside it', async () => {
    const photo = (id: number, logId?: number) => ({
      id,
      logId,
      name: `${id}.jpg`,
      type: 'image/jpeg',
      picture: true,
      at: AT,
      bytes: 9
    });
    begin({ '/api/crafts/{craftId}/files': [photo(1, 9), photo(2)] });
    const files = new Files('TERN');
    await files.look();
    render(LogList, { chart: chart({ log }), files, onchanged: vi.fn() });
    const [first, second] = screen.getAllByRole('listitem');
    expect(within(first!).getByRole('img', { name: '1.jpg' })).toBeTruthy();
    expect(within(second!).queryByRole('img')).toBeNull();
    expect(screen.getByRole('link', { name: 'work-up 3' }).getAttribute('href')).toBe('/work-ups/3');
    expect(screen.getByLabelText('Photo: Hit the mast')).toBeTruthy();
  });

  it('archives a craft with a reason, and brings it back', async () => {
    begin({ '/api/crafts/{craftId}/aside': {} });
    const onchanged = vi.fn();
    const { rerender } = render(ArchiveCraft, { chart: chart({}), onchanged });
    await fireEvent.click(screen.getByRole('button', { name: 'Archive it…' }));
    await fireEvent.input(screen.getByLabelText('Reason, for the log'), { target: { value: 'sold' } });
    await fireEvent.click(screen.getByRole('button', { name: 'Archive it' }));
    await waitFor(() => expect(onchanged).toHaveBeenCalledOnce());
    expect(last('PUT')?.body).toEqual({ reason: 'sold' });
    await rerender({ chart: chart({ aside: 'sold' }), onchanged });
    await fireEvent.click(screen.getByRole('button', { name: 'Bring it back' }));
    await waitFor(() => expect(onchanged).toHaveBeenCalledTimes(2));
    expect(last('PUT')?.body).toEqual({});
  });

  it('keeps a photo with the line that it was taken for', async () => {
    const files = new Files('TERN');
    const kept = vi.spyOn(files, 'keep').mockResolvedValue();
    render(LogList, { chart: chart({ log }), files, onchanged: vi.fn() });
    const file = new File(['x'], 'mast.txt', { type: 'text/plain' });
    await fireEvent.change(screen.getByLabelText('Photo: Hit the mast'), { target: { files: [file] } });
    expect(kept).toHaveBeenCalledWith(file, { line: 9 });
  });

  it('says at the line what went wrong with its photo, and at the files what went wrong with others', async () => {
    const beside = { id: 1, logId: 9 } as Schemas['KeptFile'];
    const alone = { id: 2 } as Schemas['KeptFile'];
    const files = new Files('TERN');
    render(FileList, { files });
    render(LogList, { chart: chart({ log }), files, onchanged: vi.fn() });
    const [first, second] = within(screen.getAllByRole('list').at(-1)!).getAllByRole('listitem');
    server.refusal = 'It is gone already.';
    await files.takeOff(beside, 'r');
    await waitFor(() => expect(first!.textContent).toContain('It is gone already.'));
    expect(screen.getAllByText('It is gone already.')).toHaveLength(1);
    await files.takeOff(alone, 'r');
    await waitFor(() => expect(first!.textContent).not.toContain('It is gone already.'));
    expect(second!.textContent).not.toContain('It is gone already.');
    expect(screen.getAllByText('It is gone already.')).toHaveLength(1);
  });

  it('takes a note, and says what makes the routine due', async () => {
    begin({ '/api/crafts/{craftId}/log': [] });
    const onnoted = vi.fn();
    render(LogNote, { craftId: 'TERN', onnoted });
    const enter = screen.getByRole<HTMLButtonElement>('button', { name: 'Enter' });
    expect(enter.disabled).toBe(true);
    await fireEvent.change(screen.getByLabelText('Kind of entry'), { target: { value: 'PART' } });
    expect(screen.getByText('Makes the pre-power checks due again.')).toBeTruthy();
    await fireEvent.input(screen.getByLabelText('What happened'), { target: { value: 'new camera' } });
    await fireEvent.click(enter);
    await waitFor(() => expect(onnoted).toHaveBeenCalledOnce());
    expect(last('POST')?.body).toEqual({ kind: 'PART', text: 'new camera' });
    expect(screen.getByLabelText<HTMLInputElement>('What happened').value).toBe('');
  });

  it('keeps a note that was refused', async () => {
    const onnoted = vi.fn();
    render(LogNote, { craftId: 'TERN', onnoted });
    server.refusal = 'The log takes no more today.';
    await fireEvent.input(screen.getByLabelText('What happened'), { target: { value: 'flew' } });
    await fireEvent.click(screen.getByRole('button', { name: 'Enter' }));
    await waitFor(() => screen.getByText('The log takes no more today.'));
    expect(onnoted).not.toHaveBeenCalled();
    expect(screen.getByLabelText<HTMLInputElement>('What happened').value).toBe('flew');
  });
});

describe('name and builder', () => {
  const craft = chart({ name: 'quick look', builder: '', state: 'GROUNDED' });

  it('are changed on top of what was seen, the state left as it is', async () => {
    const onchanged = vi.fn();
    begin({ '/api/crafts/{craftId}': { ...craft, version: 4 } });
    render(NameAndBuilder, { chart: craft, onchanged });
    await fireEvent.input(screen.getByLabelText(/Built by/), { target: { value: 'the club' } });
    await fireEvent.click(screen.getByRole('button', { name: 'Enter' }));
    await waitFor(() => expect(onchanged).toHaveBeenCalledWith(expect.objectContaining({ version: 4 })));
    expect(last('PATCH')?.body).toEqual({
      version: 3,
      name: 'quick look',
      builder: 'the club',
      state: 'GROUNDED',
      reason: ''
    });
  });

  it('stay as typed when somebody else was quicker', async () => {
    const onchanged = vi.fn();
    render(NameAndBuilder, { chart: craft, onchanged });
    server.refusal = 'It was changed meanwhile.';
    await fireEvent.input(screen.getByLabelText(/What it is for/), { target: { value: 'counts' } });
    await fireEvent.click(screen.getByRole('button', { name: 'Enter' }));
    await waitFor(() => screen.getByText('It was changed meanwhile.'));
    expect(onchanged).not.toHaveBeenCalled();
  });
});

describe('a chart', () => {
  const whole = (more: object = {}) =>
    chart({
      name: 'quick look',
      builder: 'the club',
      craftClass: '5-inch',
      state: 'FIT',
      fitness: 'DUE',
      due: [{ what: 'radio-off test', why: 'never made', page: 'radio-off' }],
      revision: 2,
      facts: [{ what: 'Mass', value: '620 g' }],
      revisions: [
        { number: 2, reason: 'new prop', enteredAt: AT, changes: [{ what: 'prop', before: 'a', after: 'b' }] }
      ],
      ...more
    });

  it('says what it is, what is due, and where to go on', async () => {
    begin({ '/api/crafts/{craftId}': whole(), '/api/crafts/{craftId}/files': [] });
    render(Chart);
    const line = await screen.findByText(/something is due/);
    expect(line.textContent!.replace(/\s+/g, ' ')).toContain('quick look · 5-inch · builder: the club');
    expect(screen.getByRole('link', { name: 'radio-off test' }).getAttribute('href')).toBe(
      '/crafts/TERN/radio-off'
    );
    expect(screen.getByRole('link', { name: 'Start a work-up' })).toBeTruthy();
    expect(screen.getByText('a → b')).toBeTruthy();
  });

  it('goes on with the work-up that is open', async () => {
    const workUps = [{ id: 12, complaint: 'flips', openedAt: AT, open: true, ended: '' }];
    begin({ '/api/crafts/{craftId}': whole({ workUps }), '/api/crafts/{craftId}/files': [] });
    render(Chart);
    expect((await screen.findByRole('link', { name: 'Go on with the work-up' })).getAttribute('href')).toBe(
      '/work-ups/12'
    );
  });

  it('grounds the craft with all else as it was', async () => {
    begin({ '/api/crafts/{craftId}': whole(), '/api/crafts/{craftId}/files': [] });
    render(Chart);
    const ground = await screen.findByRole('button', { name: 'Ground craft' });
    server.answers['/api/crafts/{craftId}'] = whole({ state: 'GROUNDED', fitness: 'GROUNDED' });
    await fireEvent.click(ground);
    await fireEvent.click(await screen.findByRole('button', { name: 'Sign off craft…' }));
    expect(last('PATCH')?.body).toMatchObject({ version: 3, name: 'quick look', state: 'GROUNDED' });
    expect(last('PATCH')?.body).not.toHaveProperty('builder');
    await fireEvent.input(screen.getByLabelText('Reason, for the log'), {
      target: { value: 'flown home by its owner' }
    });
    await fireEvent.click(screen.getByRole('button', { name: 'Sign off craft' }));
    await waitFor(() =>
      expect(last('POST')).toMatchObject({
        path: '/api/crafts/{craftId}/sign-off',
        body: { version: 3, reason: 'flown home by its owner' }
      })
    );
  });

  it('says what of its record can’t be right, and settles it on the craft or on the sheet', async () => {
    const conflict = {
      id: 'alignment',
      severity: 'CANNOT_WORK',
      cause: 'It is mounted 180/0/0 and configured 0/0/0',
      remedy: '',
      settings: [],
      pads: [],
      ways: [
        {
          way: 1,
          title: 'Enter the alignment 180/0/0',
          steps: [[{ text: 'Enter it and save.' }]],
          minutes: 1
        },
        { way: 2, title: 'Turn the FC over', steps: [[{ text: 'Four screws.' }]], minutes: 12 }
      ]
    };
    begin({
      '/api/crafts/{craftId}': whole({
        fitness: 'GROUNDED',
        grounds: [{ text: 'Can’t work: mounted', conflict: true }],
        conflicts: [conflict]
      }),
      '/api/crafts/{craftId}/conflicts': { craftId: 'TERN', version: 3, conflicts: [conflict], doubts: [] },
      '/api/crafts/{craftId}/files': []
    });
    render(Chart);
    await screen.findByText(/mounted 180\/0\/0 and configured 0\/0\/0/);
    expect(screen.queryByRole('button', { name: 'Sign off craft…' })).toBeNull();
    await fireEvent.click(screen.getAllByRole('button', { name: 'Done on the craft' })[1]!);
    await waitFor(() =>
      expect(last('POST')?.body).toEqual({ version: 3, conflictId: 'alignment', way: 2, made: true })
    );
    await waitFor(() =>
      expect(
        screen.getAllByRole<HTMLButtonElement>('button', { name: /correct the record/ })[0]!.disabled
      ).toBe(false)
    );
    await fireEvent.click(screen.getAllByRole('button', { name: /correct the record/ })[0]!);
    await waitFor(() =>
      expect(last('POST')?.body).toEqual({ version: 3, conflictId: 'alignment', way: 1, made: false })
    );
  });
});
