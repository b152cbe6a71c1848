import { fireEvent, render, screen, waitFor } from '@testing-library/svelte';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Schemas } from '../api/client';
import { begin, last, server } from '../testing/server';
import PartsLibrary from './PartsLibrary.svelte';
import PartTypeForm from './PartTypeForm.svelte';
import { BEGIN, PartTypeState } from './partType.svelte';

const { params, gone, route } = vi.hoisted(() => ({
  params: {} as Record<string, string>,
  gone: [] as unknown[],
  route: { params: {} as Record<string, string> }
}));
vi.mock('sv-router', () => ({ searchParams: { get: (key: string) => params[key] } }));
vi.mock('../navigation', () => ({ navigate: (...to: unknown[]) => gone.push(to), route }));
vi.mock('../api/client', async (original) =>
  (await import('../testing/server')).standIn(await original<object>())
);

const regulator: Schemas['PartType'] = {
  ...structuredClone(BEGIN),
  id: 'regulator-5v-1a',
  label: 'Regulator, 5 V, 1 A',
  shortName: 'REG',
  highestV: 26,
  pads: [
    { name: '+', kind: 'SUPPLY', volts: 0, row: 0, usb: false, room: 1 },
    { name: '-', kind: 'GROUND', volts: 0, row: 0, usb: false, room: 2 },
    { name: '5V', kind: 'FEED', volts: 5, row: 1, usb: false, room: 2 }
  ],
  regulators: [{ in: '+', out: '5V', minus: '-', volts: 5, limitA: 1, linear: false }],
  loads: []
};

const library = [
  { partType: regulator, own: false },
  { partType: { ...structuredClone(regulator), id: 'mine', label: 'Mine, 5 V' }, own: true }
];

describe('a part type', () => {
  it('lies row by row, and a new pad has a name of its own', () => {
    const work = new PartTypeState('', regulator);
    expect(work.rows.map((row) => row.pads.map((one) => one.pad.name))).toEqual([['+', '-'], ['5V']]);
    work.addRow();
    expect(work.pad).toMatchObject({ name: 'P4', row: 2 });
    work.addPad(2);
    expect(work.names).toEqual(['+', '-', '5V', 'P4', 'P5']);
  });

  it('carries a new name of a pad into everything that hangs on it', () => {
    const work = new PartTypeState('', regulator);
    work.at = 2;
    work.rename('B5');
    expect(work.partType.regulators?.[0]?.out).toBe('B5');
    work.at = 0;
    work.rename('VIN');
    expect(work.partType.regulators?.[0]?.in).toBe('VIN');
    expect(work.partType.leaks?.[0]?.from).toBe('VIN');
    expect(work.partType.capacitors?.[0]?.plus).toBe('VIN');
  });

  it('leads the ports of a board out by the names of its serial pads, and a pad takes its side along', () => {
    const state = new PartTypeState('', {
      ...BEGIN,
      kind: 'BOARD',
      pads: [
        { name: 'R3', kind: 'SERIAL', volts: 0, row: 0, usb: false, room: 2 },
        { name: 'T3', kind: 'SERIAL', volts: 0, row: 0, usb: false, room: 2 }
      ]
    });
    state.leadOut();
    expect(state.partType.uarts?.pads.map((one) => [one.pad, one.uart, one.side])).toEqual([
      ['R3', '3', 'RX'],
      ['T3', '3', 'TX']
    ]);
    state.rename('RCIN');
    expect(state.partType.uarts?.pads[0]?.pad).toBe('RCIN');
    state.removePad();
    expect(state.partType.uarts?.pads.map((one) => one.pad)).toEqual(['T3']);
  });

  it('speaks on a pad of its own, and falls silent with it', () => {
    const state = new PartTypeState('', {
      ...BEGIN,
      pads: [
        { name: 'S', kind: 'SERIAL', volts: 0, row: 0, usb: false, room: 2 },
        { name: '+', kind: 'SUPPLY', volts: 5, row: 1, usb: false, room: 1 }
      ]
    });
    state.addLine();
    state.addLine();
    expect(state.partType.spoken?.map((one) => one.sends)).toEqual(['S', '']);
    state.rename('SIG');
    expect(state.partType.spoken?.[0]?.sends).toBe('SIG');
    state.removePad();
    expect(state.partType.spoken?.map((one) => one.sends)).toEqual(['']);
  });

  it('loses what hangs on a pad together with the pad', () => {
    const work = new PartTypeState('', regulator);
    work.at = 2;
    work.removePad();
    expect(work.partType.regulators).toEqual([]);
    expect(work.partType.leaks).toHaveLength(1);
    expect(work.names).toEqual(['+', '-']);
  });

  it('begins with no draw where the part type that it is like has none', () => {
    expect(new PartTypeState('', regulator).partType.loads).toEqual([]);
    expect(new PartTypeState('').partType.loads).toHaveLength(1);
  });
});

describe('the parts library', () => {
  beforeEach(() => {
    gone.length = 0;
    route.params = {};
    delete params.like;
    begin({ '/api/parts-library': library, '/api/parts-library/{id}': [library[0]] });
  });

  it('says what each takes and gives, and lets only ones own be changed or taken off', async () => {
    render(PartsLibrary);
    await waitFor(() => screen.getByText('Regulator, 5 V, 1 A'));
    expect(screen.getAllByText('takes 4.5 to 26 V; gives 5 V, 1 A')).toHaveLength(2);
    expect(screen.getAllByRole('link', { name: 'change' })).toHaveLength(1);
    await fireEvent.click(screen.getByRole('button', { name: 'remove Mine, 5 V from the parts library' }));
    await waitFor(() => expect(screen.queryByText('Mine, 5 V')).toBeNull());
    expect(last('DELETE')?.params).toEqual({ path: { id: 'mine' } });
  });

  it('takes a file in and says what came of it, and refuses one that is none', async () => {
    server.answers['/api/parts-library/own'] = { added: 1, changed: 0, same: 2 };
    render(PartsLibrary);
    const field = await waitFor(() => screen.getByLabelText<HTMLInputElement>('Import part types'));
    const file = (text: string) => ({ name: 'library.json', text: async () => text });
    await fireEvent.change(field, { target: { files: [file('{"partTypes": []}')] } });
    await waitFor(() => screen.getByText('1 imported, 0 changed, 2 unchanged.'));
    expect(last('POST')?.body).toEqual({ partTypes: [] });
    await fireEvent.change(field, { target: { files: [file('not json')] } });
    await waitFor(() => screen.getByText(/library.json is no JSON/));
  });

  it('a part type is entered on its drawing and saved', async () => {
    params.like = 'regulator-5v-1a';
    render(PartTypeForm);
    await waitFor(() => screen.getByRole('button', { name: '5V: feed, 5 V' }));
    await fireEvent.click(screen.getByRole('button', { name: '5V: feed, 5 V' }));
    await fireEvent.input(screen.getByLabelText('As printed'), { target: { value: 'BEC' } });
    await fireEvent.input(screen.getByLabelText('What it is called'), { target: { value: 'My regulator' } });
    await fireEvent.input(screen.getByLabelText('ID: small letters and dashes'), {
      target: { value: 'my-reg' }
    });
    await fireEvent.input(screen.getByLabelText('limit, A'), { target: { value: '1.5' } });
    await fireEvent.click(screen.getByRole('button', { name: 'Add to the parts library' }));
    await waitFor(() => expect(gone).toEqual([['/parts']]));
    expect(last('POST')?.body).toMatchObject({
      id: 'my-reg',
      label: 'My regulator',
      regulators: [{ out: 'BEC', limitA: 1.5 }]
    });
  });

  it('what ships is not changed, but offers one like it', async () => {
    route.params = { id: 'regulator-5v-1a' };
    render(PartTypeForm);
    const link = await waitFor(() => screen.getByRole<HTMLAnchorElement>('link', { name: 'duplicate one' }));
    expect(link.getAttribute('href')).toBe('/parts/new?like=regulator-5v-1a');
  });
});
