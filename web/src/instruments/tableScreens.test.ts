import { fireEvent, render, screen, waitFor, within } from '@testing-library/svelte';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { begin, last, server } from '../testing/server';
import BaudError from './BaudError.svelte';
import ByteBudget from './ByteBudget.svelte';
import MotorProtocols from './MotorProtocols.svelte';
import ScreenLayout from './ScreenLayout.svelte';
import VideoChannels from './VideoChannels.svelte';

vi.mock('sv-router', () => ({ searchParams: { get: () => undefined } }));
vi.mock('../api/client', async (original) =>
  (await import('../testing/server')).standIn(await original<object>())
);

const post = () => last('POST')?.body as Record<string, unknown> | undefined;

beforeEach(() => begin());

describe('motor protocols', () => {
  const protocol = (id: string, more: object = {}) => ({
    id,
    label: id,
    digital: false,
    stoppedUs: 1000,
    fullUs: 2000,
    longestUs: 2000,
    keepsUp: false,
    ...more
  });
  const answer = {
    protocols: [
      protocol('PWM'),
      protocol('ONESHOT125'),
      protocol('DSHOT300', { digital: true, longestUs: 53.3, keepsUp: true })
    ],
    choice: 'DSHOT300',
    calibrate: false,
    steps: [],
    dueUs: 250,
    spread: 0
  };

  it('names the choice and shows how much of the time each takes', async () => {
    server.answers['/api/instruments/motor-protocols'] = answer;
    render(MotorProtocols);
    await waitFor(() => screen.getByText('DSHOT300', { selector: '.reading' }));
    const pwm = screen.getByRole('row', { name: /PWM/ });
    expect(pwm.textContent).toContain('1 ms to 2 ms');
    expect(pwm.textContent).toContain('does not keep up');
    expect(screen.getByRole('row', { name: /DSHOT300/ }).textContent).toContain('53.3 µs');
    expect(screen.queryByText(/Idle/)).toBeNull();
  });

  it('gives an idle once thresholds are entered, and how to set the ends where that is due', async () => {
    server.answers['/api/instruments/motor-protocols'] = {
      ...answer,
      choice: undefined,
      idle: 6.54,
      usualIdle: 5.5,
      spread: 2.2,
      stiff: true,
      calibrate: true,
      steps: ['Throttle up.', 'Pack in.']
    };
    render(MotorProtocols);
    await waitFor(() => expect(screen.getAllByText(/take all props off/)).toHaveLength(2));
    await fireEvent.click(screen.getAllByLabelText('The props are off')[0]!);
    await fireEvent.input(await screen.findByLabelText('motor 2'), { target: { value: '6.1' } });
    await waitFor(() => expect(post()).toMatchObject({ thresholds: [6.1], loopHz: 4000 }));
    expect(screen.getByText('6.5 %')).toBeTruthy();
    expect(screen.getByText(/One needs much more than is usual/)).toBeTruthy();
    expect(screen.getByText(/Nothing they support keeps/)).toBeTruthy();
    expect(screen.getAllByRole('listitem').map((one) => one.textContent)).toEqual([
      'Throttle up.',
      'Pack in.'
    ]);
    await fireEvent.click(screen.getByLabelText('PWM'));
    await waitFor(() => expect(post()?.spoken).toEqual(['ONESHOT125', 'DSHOT300']));
  });
});

describe('the byte budget', () => {
  const hop = (name: string, share: number) => ({
    name,
    baud: 9600,
    share,
    fits: share <= 0.7,
    mayBytesPerS: 672
  });

  beforeEach(() => {
    server.answers['/api/instruments/byte-budget'] = {
      bytesPerS: 812.4,
      hops: [hop('wire', 0.14), hop('air', 0.85)],
      divideBy: 1.21,
      leastBaud: 19200
    };
  });

  it('says which hop is too slow and by what to divide', async () => {
    render(ByteBudget);
    await waitFor(() => screen.getByText('812'));
    expect(screen.getByText(/85 % – too much, 672 bytes a second at most/)).toBeTruthy();
    expect(screen.getByText(/Divide all rates/).textContent!.replace(/\s+/g, ' ')).toContain('1.2, or give');
  });

  it('reckons with messages and hops as they are added, changed and left out', async () => {
    render(ByteBudget);
    await fireEvent.click(screen.getByRole('button', { name: '+ message' }));
    await waitFor(() => expect(post()?.messages).toHaveLength(5));
    await fireEvent.click(screen.getByRole('button', { name: 'Leave out attitude' }));
    await fireEvent.click(screen.getByRole('button', { name: 'Leave out air' }));
    await fireEvent.input(screen.getByLabelText('position: bytes'), { target: { value: '31' } });
    await waitFor(() => {
      const messages = post()?.messages as { name: string; payload: number }[];
      expect(messages.map((one) => one.name)).toEqual(['heartbeat', 'position', 'battery', 'message']);
      expect(messages[1]!.payload).toBe(31);
      expect(post()?.hops).toHaveLength(2);
    });
  });
});

describe('channel and frequency', () => {
  const pilot = (channel: string, megahertz: number, disturbed: string[] = []) => ({
    channel,
    megahertz,
    free: true,
    disturbed
  });
  const answer = {
    pilots: [pilot('R1', 5658), pilot('R2', 5695, ['twice R3 less R1']), pilot('R3', 5732)],
    products: [{ onMhz: 5806 }],
    freeFromMhz: 5725,
    freeToMhz: 5875,
    best: ['R1', 'R4', 'R7'],
    calm: true
  };

  beforeEach(() =>
    begin({
      'GET /api/instruments/video-channels': [
        {
          name: 'R',
          channels: ['R1', 'R2', 'R3', 'R4', 'R7'].map((name, i) => ({ name, megahertz: 5658 + 37 * i }))
        }
      ],
      'POST /api/instruments/video-channels': answer
    })
  );

  it('says who is disturbed by what, and takes what keeps farthest apart', async () => {
    render(VideoChannels);
    await waitFor(() => screen.getByLabelText('Pilot 1'));
    await fireEvent.change(screen.getByLabelText('Pilot 3'), { target: { value: 'R3' } });
    await fireEvent.click(screen.getByLabelText(/only channels that are free/));
    await waitFor(() => screen.getByText('They interfere with each other.'));
    expect(screen.getByText('twice R3 less R1')).toBeTruthy();
    expect(post()).toMatchObject({ free: true, bands: ['R', 'F'] });
    await fireEvent.click(screen.getByRole('button', { name: 'Use these' }));
    await waitFor(() => expect(post()?.pilots).toEqual(['R1', 'R4', 'R7']));
  });

  it('keeps one pilot at the least', async () => {
    render(VideoChannels);
    await waitFor(() => screen.getByLabelText('Pilot 3'));
    await fireEvent.click(screen.getByRole('button', { name: 'remove pilot 3' }));
    await fireEvent.click(screen.getByRole('button', { name: 'remove pilot 2' }));
    expect(screen.getByRole<HTMLButtonElement>('button', { name: 'remove pilot 1' }).disabled).toBe(true);
    await fireEvent.click(screen.getByRole('button', { name: 'Add pilot' }));
    await waitFor(() => expect(post()?.pilots).toEqual(['R1', 'R2']));
  });
});

describe('the screen layout', () => {
  const item = (text: string, column: number, row: number, stands: string) => ({
    text,
    column,
    row,
    stands,
    said: stands.toLowerCase(),
    nearestColumn: 2,
    nearestRow: 1
  });

  it('says how many items are not wholly seen, moves the chosen one by arrows and brings all in', async () => {
    server.answers['/api/instruments/screen-layout'] = {
      columns: 30,
      rows: 13,
      firstColumn: 2,
      lastColumn: 27,
      firstRow: 1,
      lastRow: 11,
      items: [item('16.4V', 0, 0, 'OUTSIDE'), item('12:01', 10, 5, 'INSIDE')]
    };
    render(ScreenLayout);
    await waitFor(() => screen.getByText('1 not fully visible.'));
    expect(screen.getByRole('img', { name: 'Raster of 30 columns and 13 rows' })).toBeTruthy();
    const items = screen.getByRole('list', { name: 'Items' });
    await fireEvent.click(within(items).getByRole('button', { name: /12:01/ }));
    expect(within(items).getByRole('button', { pressed: true }).textContent).toContain('12:01');
    await fireEvent.click(screen.getByRole('button', { name: 'Move them inside' }));
    await waitFor(() =>
      expect((post()?.items as { column: number }[])[0]).toMatchObject({ column: 2, row: 1 })
    );
    await fireEvent.change(screen.getByLabelText('Camera'), { target: { value: 'SIXTY' } });
    await waitFor(() => expect(post()).toMatchObject({ fields: 'SIXTY' }));
  });
});

describe('the baud error', () => {
  it('reckons as it is typed and says what is wrong', async () => {
    render(BaudError);
    server.refusal = 'A clock has at least 1 kHz.';
    const field = screen.getAllByRole<HTMLInputElement>('textbox')[0]!;
    await fireEvent.input(field, { target: { value: '0' } });
    await waitFor(() => screen.getByText('A clock has at least 1 kHz.'));
    expect(field.value).toBe('0');
  });
});
