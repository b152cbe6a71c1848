import { fireEvent, render, screen, waitFor } from '@testing-library/svelte';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { begin, chart, last, server } from '../testing/server';
import BoardOrientation from './BoardOrientation.svelte';
import Instruments from './Instruments.svelte';
import WireDrop from './WireDrop.svelte';
import LimiterBulb from './LimiterBulb.svelte';
import Meter from './Meter.svelte';
import MadeUp from './MadeUp.svelte';
import ModemChain from './ModemChain.svelte';
import MotorMap from './MotorMap.svelte';
import BatteryInstrument from './BatteryInstrument.svelte';
import UartPlanner from './UartPlanner.svelte';
import RailBudget from './RailBudget.svelte';
import ReadHere from './ReadHere.svelte';
import ScaleFromReadings from './ScaleFromReadings.svelte';
import SenseChain from './SenseChain.svelte';
import TakeOffMotion from './TakeOffMotion.svelte';

const { params } = vi.hoisted(() => ({ params: {} as Record<string, string> }));
vi.mock('sv-router', () => ({ searchParams: { get: (key: string) => params[key] } }));
vi.mock('../api/client', async (original) =>
  (await import('../testing/server')).standIn(await original<object>())
);

// A plot asks for the pixels of the screen and draws on a canvas, neither of which this one has.
vi.mock('uplot', () => ({
  default: class {
    destroy(): void {}
    setSize(): void {}
    setData(): void {}
  }
}));

const post = () => last('POST')?.body as Record<string, unknown> | undefined;

beforeEach(() => {
  delete params.craft;
  begin({
    '/api/crafts': [{ craftId: 'TERN', name: 'small' }],
    '/api/crafts/{craftId}': chart({ sheet: { shape: 'X', told: {} } })
  });
});

describe('the instruments', () => {
  it('are listed by the server, family by family, each with its own address', async () => {
    server.answers['/api/instruments'] = [
      { title: 'Take-off', instruments: [{ id: 'motor-map', title: 'Motor map', text: 'what spins' }] },
      { title: 'Radio', instruments: [{ id: 'trim', title: 'Trim', text: 'what is off' }] }
    ];
    render(Instruments);
    const link = await waitFor(() => screen.getByRole('link', { name: 'Trim' }));
    expect(link.getAttribute('href')).toBe('/instruments/trim');
    expect(screen.getAllByRole('heading', { level: 2 }).map((h) => h.textContent)).toEqual([
      'Take-off',
      'Radio'
    ]);
  });
});

describe('an instrument opened from a chart', () => {
  beforeEach(() => {
    params.craft = 'TERN';
  });

  it('reckons with the scale that the craft was told', async () => {
    render(SenseChain);
    await waitFor(() =>
      expect(post()).toMatchObject({ scale: 10, topOhm: 10000, bottomOhm: 1000, tolerance: 0.01 })
    );
  });

  it('takes readings against that scale', async () => {
    render(ScaleFromReadings);
    await waitFor(() => expect(screen.getByLabelText<HTMLInputElement>(/[Ss]cale/).value).toBe('10'));
  });

  it('says why one reading gives no scale', async () => {
    server.answers['/api/instruments/scale-from-readings'] = {
      causes: [{ what: 'The sense lead sits on a regulated 12 V', belief: 0.8, why: '' }],
      advice: 'One reading gives no scale.'
    };
    render(ScaleFromReadings);
    await fireEvent.input(screen.getAllByLabelText('Meter, V')[0]!, { target: { value: '15.2' } });
    await fireEvent.input(screen.getAllByLabelText('Shown, V')[0]!, { target: { value: '12' } });
    await waitFor(() => screen.getByText('One reading gives no scale.'));
    expect(screen.queryByText(/Enter the scale/)).toBeNull();
  });

  it('asks which picture it was before it takes a motion', async () => {
    render(BoardOrientation);
    expect(screen.queryByText('Nose down: it goes')).toBeNull();
    await fireEvent.click(screen.getByRole('button', { name: /a craft that tilts/ }));
    await fireEvent.click(screen.getByRole('button', { name: 'on its back' }));
    const group = screen.getByText('Nose down: it goes').closest('fieldset')!;
    await fireEvent.click(
      [...group.querySelectorAll('button')].find((b) => b.textContent?.includes('nose down'))!
    );
    await waitFor(() =>
      expect(post()).toMatchObject({ picture: 'ATTITUDE', lie: 'OVER', motions: { NOSE_DOWN: 'NOSE_DOWN' } })
    );
  });

  it('starts from the alignment that the board was told', async () => {
    render(BoardOrientation);
    await waitFor(() => expect(post()).toMatchObject({ told: { rollDeg: 180, pitchDeg: 0, yawDeg: 90 } }));
  });

  it('starts from the school and shape of the craft', async () => {
    render(MotorMap);
    await waitFor(() => expect(post()).toMatchObject({ convention: 'OUTWARD', shape: 'X' }));
  });

  const open = () => {
    params.craft = 'TERN';
    server.answers['/api/crafts/{craftId}'] = chart({
      sheet: { shape: 'X', told: {} },
      workUps: [{ id: 4, complaint: 'flips', ended: '', open: true, openedAt: '' }]
    });
    server.answers['/api/work-ups/{id}'] = { version: 7 };
    server.answers['/api/work-ups/{id}/findings'] = {};
    server.answers['/api/instruments/motor-map'] = {
      contradictions: [],
      orders: [],
      wiring: [],
      inferred: [],
      reverse: [],
      props: [],
      missing: []
    };
  };

  it('takes what turned by presses on the drawing, one output after the other, and enters it into the work-up', async () => {
    open();
    render(MotorMap);
    await waitFor(() => expect(post()).toMatchObject({ shape: 'X' }));
    expect(screen.queryByRole('button', { name: 'front-right, clockwise' })).toBeNull();
    await fireEvent.click(screen.getByLabelText('The props are off'));
    for (const rotor of [
      'front-right, clockwise',
      'rear-left, clockwise',
      'front-left, counter-clockwise',
      'rear-right, counter-clockwise'
    ]) {
      await fireEvent.click(screen.getByRole('button', { name: rotor }));
    }
    await waitFor(() =>
      expect(post()).toMatchObject({
        seen: [
          { output: 1, corner: 'FRONT_RIGHT', spin: 'CLOCKWISE' },
          { output: 2, corner: 'REAR_LEFT' },
          { output: 3, corner: 'FRONT_LEFT' },
          { output: 4, corner: 'REAR_RIGHT', spin: 'COUNTER_CLOCKWISE' }
        ]
      })
    );
    await fireEvent.click(await screen.findByText('Enter the four motors into work-up 4'));
    await waitFor(() => expect(screen.getByText('To work-up 4')).toBeTruthy());
    expect(last('POST')).toMatchObject({
      path: '/api/work-ups/{id}/findings',
      body: {
        version: 7,
        checkId: 'motors',
        outcomes: { 'spin-1': 'front-right-cw', 'spin-4': 'rear-right-ccw' }
      }
    });
  });

  it('takes a press back, and the hand of a prop by keyboard', async () => {
    render(MotorMap);
    await fireEvent.click(screen.getByLabelText('The props are off'));
    await fireEvent.click(screen.getByRole('button', { name: 'rear-left, clockwise' }));
    await fireEvent.click(screen.getByText(/^Output 1/));
    await fireEvent.click(screen.getByRole('button', { name: 'rear-left, clockwise' }));
    await waitFor(() => expect((post()!.seen as { corner?: string }[])[0]!.corner).toBeUndefined());
    await fireEvent.click(screen.getByText('Props by eye'));
    await fireEvent.keyDown(screen.getByRole('button', { name: 'front-left, clockwise' }), { key: 'Enter' });
    await waitFor(() => expect(post()).toMatchObject({ props: { FRONT_LEFT: 'CLOCKWISE' } }));
  });

  it('names its faults and sends those that are chosen', async () => {
    server.answers['/api/instruments/faults'] = [{ faultId: 'motor-dead', title: 'A motor is dead' }];
    render(TakeOffMotion);
    await waitFor(() => expect(screen.getAllByText('A motor is dead')).toHaveLength(2));
    await fireEvent.change(screen.getByLabelText('Fault'), { target: { value: 'motor-dead' } });
    await waitFor(() => expect(post()).toEqual({ craftId: 'TERN', faultIds: ['motor-dead'] }));
  });

  it('shows what hangs on each regulator, and says when it is too much', async () => {
    server.answers['/api/instruments/rail-budget'] = {
      missing: [],
      fromUsb: ['receiver'],
      rails: [
        {
          name: '5 V of the board',
          volts: 5,
          limitA: 2,
          givesA: 1.9,
          givesV: 5,
          spareA: -0.3,
          parts: [{ part: 'receiver', amps: 0.06, fromUsb: true }],
          poor: []
        }
      ]
    };
    render(RailBudget);
    await waitFor(() => screen.getByText('0.30 A over the budget'));
    expect(screen.getByText('On USB power alone these run: receiver.')).toBeDefined();
  });

  it('plans with the board and the parts of the craft, each where it is soldered', async () => {
    Object.assign(server.answers, {
      '/api/instruments/port-planner': { boards: [], jobs: [] },
      '/api/crafts/{craftId}/serial-map': {
        boardId: 'board-f4-pad',
        lines: [
          {
            name: 'receiver',
            job: 'RECEIVER',
            format: 'SBUS',
            volts5: false,
            wires: [{ partPad: 'S', boardPad: 'SBUS', uart: '1' }]
          },
          { name: 'GNSS module', job: 'GNSS', format: 'NMEA', volts5: false, wires: [] }
        ]
      }
    });
    render(UartPlanner);
    await waitFor(() =>
      expect(post()).toEqual({
        board: 'board-f4-pad',
        wishes: [
          { name: 'receiver', job: 'RECEIVER', format: 'SBUS', volts5: false, at: '1' },
          { name: 'GNSS module', job: 'GNSS', format: 'NMEA', volts5: false, at: '' }
        ]
      })
    );
  });

  it('judges the chain of its modems as their boxes are told', async () => {
    const wire = { baud: 57600, farBaud: 38400, flow: true, flowWired: false, highV: 3.3, farHighV: 3.3 };
    server.answers['/api/crafts/{craftId}/modem-chain'] = {
      board: wire,
      air: {
        baud: 64000,
        oneWay: false,
        changed: false,
        restarted: true,
        rangeFirst: false,
        stations: 1,
        uarts: 1
      },
      ground: wire,
      bytesPerS: 800,
      twoWay: true
    };
    render(ModemChain);
    await waitFor(() => expect(post()).toMatchObject({ bytesPerS: 800, ground: { farBaud: 38400 } }));
  });

  it('makes a recording up of one of its pads, sound or with a fault', async () => {
    server.answers['/api/crafts/{craftId}/signal/choices'] = {
      pads: ['R1', 'T1'],
      faults: [{ id: 'dead-RX', title: 'Dead in itself: the receiver' }]
    };
    const made: string[] = [];
    const asked: string[] = [];
    vi.stubGlobal('fetch', async (address: string) => {
      asked.push(address);
      return new Response('#0', { status: 200 });
    });
    render(MadeUp, { onmade: (_file: Blob, name: string) => made.push(name) });
    await waitFor(() => screen.getByLabelText('With'));
    await fireEvent.change(screen.getByLabelText('With'), { target: { value: 'dead-RX' } });
    await fireEvent.click(screen.getByRole('button', { name: 'Read it' }));
    await waitFor(() => expect(made).toEqual(['a made-up recording of pad R1 of TERN']));
    expect(asked[0]).toBe('/api/crafts/TERN/signal?pad=R1&fault=dead-RX&form=VCD&noiseV=0.05');
    vi.unstubAllGlobals();
  });

  it('reads between the two points that were chosen', async () => {
    Object.assign(params, { red: 'FC.S1', black: 'C4.S1' });
    server.answers['/api/crafts/{craftId}/power-map'] = {
      points: [
        { id: 'FC.S1', label: 'board S1', partId: 'FC', x: 0, y: 0 },
        { id: 'C4.S1', label: 'controllers S1', partId: 'C4', x: 9, y: 9 }
      ],
      boxes: [],
      wires: [],
      width: 100,
      height: 100
    };
    render(ReadHere);
    await waitFor(() => expect(post()).toMatchObject({ craftId: 'TERN', red: 'FC.S1', black: 'C4.S1' }));
    delete params.red;
    delete params.black;
  });
});

describe('an instrument alone', () => {
  it('works the drop of a lead out anew with each number', async () => {
    server.answers['/api/instruments/lead-drop'] = {
      dropV: 0.042,
      resistanceMohm: 2.11,
      heatW: 0.84,
      diameterMm: 1.29,
      areaMm2: 1.31,
      thinnestAwg: 19
    };
    render(WireDrop);
    await waitFor(() => screen.getByText('0.042 V'));
    expect(screen.getByText('AWG 19')).toBeDefined();
    await fireEvent.input(screen.getByLabelText('Current, A'), { target: { value: '35' } });
    await waitFor(() => expect(post()).toMatchObject({ currentA: 35, gaugeAwg: 16 }));
  });

  it('says that no gauge will do, that a bulb cannot do the job, and that a pin would die', async () => {
    const drop = { dropV: 1, resistanceMohm: 2, heatW: 8, diameterMm: 1, areaMm2: 1 };
    server.answers['/api/instruments/lead-drop'] = drop;
    render(WireDrop);
    await waitFor(() => screen.getByText(/none: shorten the wire/));
    const bulb = { currentA: 1, craftV: 2, bulbV: 3, look: 'dark', shortW: 66, series: 2, beside: [] };
    server.answers['/api/instruments/limiter-bulb'] = { ...bulb, fitness: 'BURNS_OUT' };
    render(LimiterBulb);
    await waitFor(() => screen.getByText(/puts 66 W into it/));
    const chain = { ratio: 2, converterV: 3.3, pinV: 8.2, killsPin: true, step: 4095, clipped: true };
    server.answers['/api/instruments/sense-chain'] = {
      ...chain,
      shownV: 6.6,
      shownPlusMinusV: 0,
      fullScaleV: 6.6,
      stepV: 0.002,
      rightScale: 2,
      leastTopOhm: 40200
    };
    render(SenseChain);
    await waitFor(() => screen.getByText(/8.2 V would be at the ADC pin/));
  });

  it('says what is wrong with a number in the words of the server', async () => {
    server.refusal = 'bulbV lies between 1 and 260 V.';
    render(LimiterBulb);
    await waitFor(() => screen.getByText('bulbV lies between 1 and 260 V.'));
  });

  it('offers the rules of when to land', async () => {
    server.answers['/api/choices'] = { chemistries: [{ id: 'LIPO', label: 'lipo' }] };
    server.answers['/api/landing-voltage-rules'] = [
      { id: 'LONG_LIFE', label: 'long life' },
      { id: 'BOLD', label: 'bold' }
    ];
    render(BatteryInstrument);
    await waitFor(() => screen.getByText('bold'));
    await waitFor(() => expect(post()).toMatchObject({ rule: 'LONG_LIFE', kind: { cells: 4 } }));
  });

  it('keeps a meter in the units of its booklet', async () => {
    const meter = {
      counts: 6000,
      voltsShare: 0.005,
      voltsDigits: 2,
      ohmsShare: 0.008,
      ohmsDigits: 3,
      leadOhms: 0.3,
      highestOhms: 40e6,
      testVolts: 0.6
    };
    begin({ '/api/meter': meter });
    render(Meter);
    await waitFor(() =>
      expect(screen.getAllByRole<HTMLInputElement>('textbox').map((f) => f.value)).toContain('0.5')
    );
    await fireEvent.click(screen.getByRole('button', { name: 'Keep it' }));
    await waitFor(() => expect(last('PUT')?.body).toEqual(meter));
  });
});
