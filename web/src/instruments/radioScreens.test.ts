import { fireEvent, render, screen, waitFor, within } from '@testing-library/svelte';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { begin, chart, last, server } from '../testing/server';
import Arming from './Arming.svelte';
import ChannelOrder from './ChannelOrder.svelte';
import FailsafeTimeline from './failsafe/FailsafeTimeline.svelte';
import Modes from './modes/Modes.svelte';
import RadioSession from './RadioSession.svelte';
import ReturnHome from './ReturnHome.svelte';
import TrimAndTravel from './TrimAndTravel.svelte';

const { params } = vi.hoisted(() => ({ params: {} as Record<string, string> }));
vi.mock('sv-router', () => ({ searchParams: { get: (key: string) => params[key] } }));
vi.mock('../api/client', async (original) =>
  (await import('../testing/server')).standIn(await original<object>())
);

const post = () => last('POST')?.body as Record<string, unknown> | undefined;
const asked = (path: string) => server.sent.filter((one) => one.method === 'POST' && one.path === path);

beforeEach(() => {
  delete params.craft;
  begin({
    '/api/crafts': [{ craftId: 'TERN', name: 'small' }],
    '/api/crafts/{craftId}': chart({ sheet: { shape: 'X', told: {} } })
  });
});

describe('the failsafe timeline', () => {
  const path = '/api/instruments/failsafe-timeline';
  const answer = {
    end: 'it falls',
    heights: [
      { atS: 0, heightM: 20 },
      { atS: 3, heightM: 0 }
    ],
    events: [
      { atS: 0.7, text: 'the FC notices' },
      { atS: 3, text: 'it comes down' }
    ],
    blindM: 12.4,
    impactMs: 18.24,
    impactJ: 99.6,
    driftM: 0.2,
    hoverPercent: 31.6,
    hazards: ['It falls on whoever stands there.'],
    pilot: ['Flip the switch.'],
    spread: { blindM: { least: 8, most: 17 }, impactMs: { least: 18.2, most: 18.22 }, ends: [] }
  };

  beforeEach(() => {
    server.answers[path] = answer;
  });

  it('draws how it ends and says what it costs, ranges where they are worth a word', async () => {
    render(FailsafeTimeline);
    await waitFor(() => screen.getByText('It falls.'));
    expect(screen.getByRole('img', { name: 'Height over time: it falls' })).toBeTruthy();
    expect(screen.getByText(/12 m/).textContent!.replace(/\s+/g, ' ')).toContain('8 to 17 m');
    const down = screen.getByText(/18.2 m\/s, 100 J/);
    expect(down.textContent).not.toContain('18.2 to');
    expect(screen.queryByText('the wind takes it')).toBeNull();
    expect(screen.getByText('It falls on whoever stands there.').className).toContain('caution');
    expect(screen.getByText('Flip the switch.')).toBeTruthy();
  });

  it('reckons anew with every setting that is dragged, and with the link that comes back', async () => {
    render(FailsafeTimeline);
    await fireEvent.input(screen.getByLabelText(/guard time/), { target: { value: '4' } });
    await waitFor(() => expect(post()).toMatchObject({ guardS: 4, afterGuardTime: 'DROP' }));
    expect(post()).not.toHaveProperty('backS');
    await fireEvent.input(screen.getByLabelText('The link is back after, s'), { target: { value: '2.5' } });
    await waitFor(() => expect(post()).toMatchObject({ backS: 2.5 }));
  });

  it('asks what a return home needs only where it returns', async () => {
    render(FailsafeTimeline);
    expect(screen.queryByLabelText('Satellites seen')).toBeNull();
    await fireEvent.change(screen.getByLabelText('Then'), { target: { value: 'RETURN_HOME' } });
    await waitFor(() => screen.getByLabelText('Satellites seen'));
    expect(
      within(screen.getByLabelText<HTMLSelectElement>('Compare with')).queryByText('returns home')
    ).toBeNull();
  });

  it('sets the other school beside it', async () => {
    render(FailsafeTimeline);
    await fireEvent.change(screen.getByLabelText('Compare with'), {
      target: { value: 'LAND' }
    });
    await waitFor(() =>
      expect(
        asked(path).some((one) => (one.body as { afterGuardTime: string }).afterGuardTime === 'LAND')
      ).toBe(true)
    );
    await waitFor(() => screen.getByText(/Thin, lands on a fixed throttle: it falls, 100 J/));
  });

  it('takes a craft as its sheet has it and says what would be safer', async () => {
    params.craft = 'TERN';
    server.answers['/api/crafts/{craftId}/lost-link'] = {
      receiver: 'HOLD',
      noticeS: 1,
      presetArm: false,
      presetThrottle: 0,
      detectS: 0.3,
      guardS: 2,
      afterGuardTime: 'LAND',
      landingThrottle: 25,
      landingS: 10,
      home: { fix: true, homeSet: true, levelSound: true },
      speedMs: 5,
      heightM: 10,
      distanceM: 20,
      windMs: 0
    };
    server.answers['/api/crafts/{craftId}/safest-failsafe'] = {
      convention: 'motors off',
      settings: [
        {
          settingId: 'guard',
          label: 'guard time',
          safest: '0.5 s',
          now: '2 s',
          differs: true,
          why: 'no longer'
        }
      ]
    };
    render(FailsafeTimeline);
    await waitFor(() => expect(post()).toMatchObject({ receiver: 'HOLD', guardS: 2, craftId: 'TERN' }));
    const row = await screen.findByRole('row', { name: /guard time/ });
    expect(row.textContent).toContain('now 2 s');
  });

  it('says what is wrong and shows no old answer beside it', async () => {
    render(FailsafeTimeline);
    await waitFor(() => screen.getByText('It falls.'));
    server.refusal = 'The height is 1 to 120 m.';
    await fireEvent.input(screen.getByLabelText(/^height/), { target: { value: '3' } });
    await waitFor(() => screen.getByText('The height is 1 to 120 m.'));
    expect(screen.queryByText('It falls.')).toBeNull();
  });
});

describe('switches and modes on the screen', () => {
  beforeEach(() => {
    server.answers['/api/instruments/modes'] = {
      remarks: [{ weight: 'caution', text: 'Nothing turns it off.' }],
      combinations: [
        { positions: { 'arm switch': 1000, 'self-level switch': 1000 }, on: [] },
        { positions: { 'arm switch': 2000, 'self-level switch': 1000 }, on: ['arm'] }
      ]
    };
  });

  it('tell what is on as a lever is pressed, by mouse and by key', async () => {
    render(Modes);
    await waitFor(() => screen.getByText('Nothing is on: disarmed, rates.'));
    await fireEvent.click(screen.getByRole('button', { name: 'arm switch to 2000 µs' }));
    expect(screen.getByText('On: arm.')).toBeTruthy();
    await fireEvent.keyDown(screen.getByRole('button', { name: 'arm switch to 1000 µs' }), { key: ' ' });
    expect(screen.getByText('Nothing is on: disarmed, rates.')).toBeTruthy();
    expect(screen.getByText('Nothing turns it off.').className).toContain('caution');
  });

  it('are tried on the craft only with the props off', async () => {
    render(Modes);
    expect(screen.queryByText(/Flip each switch/)).toBeNull();
    await fireEvent.click(screen.getByLabelText('The props are off'));
    expect(screen.getByText(/Flip each switch/)).toBeTruthy();
  });

  it('follow a mode that is laid out otherwise', async () => {
    render(Modes);
    await fireEvent.input(screen.getByLabelText('Mode 1 from'), { target: { value: '1300' } });
    await waitFor(() => expect((post()?.modes as { fromUs: number }[])[0]!.fromUs).toBe(1300));
    await fireEvent.click(screen.getByRole('button', { name: 'Remove self-level' }));
    await waitFor(() => expect(post()?.modes).toHaveLength(1));
  });
});

describe('trim and travel', () => {
  it('says what to set at the radio, an end out of reach as such', async () => {
    server.answers['/api/instruments/trim-and-travel'] = {
      bars: [
        { stick: 'roll', reversed: true, trimUs: 0, lowPct: 100, highPct: 100 },
        { stick: 'pitch', reversed: false, trimUs: -12, lowPct: 94, highPct: null }
      ]
    };
    render(TrimAndTravel);
    const roll = await screen.findByRole('row', { name: /reverse it/ });
    expect(roll.textContent!.replace(/\s+/g, ' ')).toContain('low as it is high as it is');
    const pitch = screen.getByRole('row', { name: /middle −12 µs/ });
    expect(pitch.textContent).toContain('low 94 %');
    expect(pitch.textContent).toContain('high out of reach');
  });

  it('leaves out a bar of which an end is not entered, and the throttle has no middle', async () => {
    render(TrimAndTravel);
    await fireEvent.input(screen.getByLabelText('yaw low end'), { target: { value: '' } });
    await waitFor(() => expect(post()?.bars).toHaveLength(3));
    const bars = post()?.bars as { stick: string; centreUs?: number }[];
    expect(bars.map((one) => one.stick)).toEqual(['ROLL', 'PITCH', 'THROTTLE']);
    expect(bars[2]).not.toHaveProperty('centreUs');
  });
});

describe('the channel order', () => {
  const path = '/api/instruments/channel-order';

  it('goes from stick to stick and names the order that fits', async () => {
    server.answers[path] = {
      orders: ['AETR', 'TAER'],
      next: 'THROTTLE',
      wires: [],
      reversed: [],
      against: []
    };
    render(ChannelOrder);
    await waitFor(() => expect(asked(path)).toHaveLength(1));
    await fireEvent.click(screen.getByRole('button', { name: 'throttle goes up' }));
    await waitFor(() =>
      expect(post()).toEqual({ board: 'AETR', seen: [{ stick: 'ROLL', bar: 'THROTTLE', up: true }] })
    );
    expect(screen.getByText('2 orders fit')).toBeTruthy();
    expect(screen.getByRole('button', { name: 'throttle', pressed: true })).toBeTruthy();
    server.answers[path] = {
      orders: ['TAER'],
      sure: 0.97,
      wires: [
        { channel: 1, row: 'throttle', now: 'roll' },
        { channel: 4, row: 'yaw', now: 'yaw' }
      ],
      reversed: ['yaw'],
      against: []
    };
    await fireEvent.click(screen.getByRole('button', { name: 'No bar moves' }));
    await waitFor(() => screen.getByText('Set the FC to TAER'));
    expect(screen.getByText('Reverse at the radio: yaw.')).toBeTruthy();
    expect(screen.getByText(/from the row of roll/).textContent).toContain('channel 1');
    expect(screen.queryByText(/channel 4/)).toBeNull();
  });

  it('takes back what was seen', async () => {
    server.answers[path] = { orders: ['AETR'], sure: 0.9, wires: [], reversed: [], against: ['roll'] };
    render(ChannelOrder);
    await fireEvent.click(screen.getByRole('button', { name: 'roll goes down' }));
    await waitFor(() => screen.getByText(/roll → roll, down/));
    expect(screen.getByText(/Does not fit: roll/)).toBeTruthy();
    await fireEvent.click(screen.getByRole('button', { name: 'undo' }));
    await waitFor(() => expect(post()?.seen).toEqual([]));
  });
});

describe('will it arm', () => {
  it('shows the first lock that is shut, and any that is pressed', async () => {
    params.craft = 'TERN';
    const lock = (id: string, shut: boolean) => ({
      id,
      label: id,
      shut,
      why: `because of ${id}`,
      settings: []
    });
    server.answers['/api/instruments/arming'] = {
      arms: false,
      locks: [lock('throttle', false), lock('switch', true)]
    };
    render(Arming);
    await waitFor(() => screen.getByText('It doesn’t arm: 1 blocking.'));
    expect(screen.getByText('because of switch.')).toBeTruthy();
    expect(screen.getByText(/No snapshot of it is saved/)).toBeTruthy();
    await fireEvent.click(screen.getByRole('button', { name: /throttle/ }));
    expect(screen.getByText('because of throttle.')).toBeTruthy();
    await fireEvent.click(screen.getByLabelText(/the radio is on/));
    await waitFor(() => expect(post()).toMatchObject({ craftId: 'TERN', radioOn: false, throttle: 0 }));
  });

  it('asks for the craft first', () => {
    render(Arming);
    expect(screen.getByText('Choose the craft first.')).toBeTruthy();
    expect(post()).toBeUndefined();
  });
});

describe('return home', () => {
  it('is no go while anything is not known, and says which', async () => {
    params.craft = 'TERN';
    const condition = (what: string, go: string) => ({
      what,
      go,
      value: '–',
      source: 'sheet',
      remedy: `see to ${what}`
    });
    server.answers['/api/instruments/return-home'] = {
      go: false,
      conditions: [condition('fix', 'GO'), condition('wind', 'UNKNOWN'), condition('satellites', 'NO_GO')],
      plan: []
    };
    render(ReturnHome);
    await waitFor(() => screen.getByText('No go: 1 do not hold, 1 not known.'));
    expect(screen.getByText('see to wind')).toBeTruthy();
    expect(screen.queryByText('see to fix')).toBeNull();
    expect(post()).toEqual({ craftId: 'TERN' });
    await fireEvent.input(screen.getByLabelText('Wind, m/s'), { target: { value: '4' } });
    await waitFor(() => expect(post()).toMatchObject({ windMs: 4 }));
  });
});

describe('receiver and board on the bench', () => {
  const seen = (atS: number, text: string, more: object = {}) => ({
    atS,
    text,
    lamp: 'SOLID',
    motorPercent: 0,
    armed: false,
    lost: false,
    barsUs: { ROLL: 1500 },
    ...more
  });

  it('shows any moment of the session that is pressed', async () => {
    server.answers['/api/instruments/radio-session'] = {
      seen: [
        seen(0, 'radio on'),
        seen(8, 'radio off', { lamp: 'SLOW', motorPercent: 32.6, armed: true, lost: true })
      ]
    };
    render(RadioSession);
    await waitFor(() => screen.getByText(/LED solid/));
    expect(screen.getByText('still')).toBeTruthy();
    await fireEvent.click(screen.getByRole('button', { name: /radio off/ }));
    expect(screen.getByText(/LED blinks/)).toBeTruthy();
    expect(screen.getByText('33 %')).toBeTruthy();
    expect(screen.getByText('armed, link lost')).toBeTruthy();
    expect(screen.getAllByText('–')).toHaveLength(3);
  });

  it('takes another session as it is typed', async () => {
    render(RadioSession);
    await fireEvent.input(screen.getByLabelText(/What is done at the radio/), {
      target: { value: '0 radio on' }
    });
    await waitFor(() => expect(post()).toEqual({ session: '0 radio on' }));
  });
});
