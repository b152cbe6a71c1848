import { fireEvent, render, screen, waitFor } from '@testing-library/svelte';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { api } from '../api/client';
import Pair from './Pair.svelte';
import OtherDevices from './OtherDevices.svelte';
import { DevicesState, spaced, wayBack } from './devices.svelte';

vi.mock('sv-router', () => ({ searchParams: new Map([['back', '/work-ups/7']]) }));

const device = {
  id: 'seat-1',
  name: 'tablet',
  from: '192.168.1.20',
  since: '2026-11-27T10:00:00Z',
  lastSeen: '2026-11-27T10:05:00Z'
};
const on = { mode: 'TLS', addresses: ['https://192.168.1.5:8643/'], fingerprint: 'AA:BB', devices: [device] };

function answers(method: 'GET' | 'POST' | 'DELETE', data: unknown): ReturnType<typeof vi.spyOn> {
  return vi.spyOn(api, method).mockResolvedValue({ data, response: new Response() } as never);
}

function refuses(method: 'GET' | 'POST' | 'DELETE', status: number, detail: string): void {
  vi.spyOn(api, method).mockResolvedValue({
    error: { detail, errors: [] },
    response: new Response(null, { status })
  } as never);
}

beforeEach(() => vi.restoreAllMocks());
afterEach(() => vi.unstubAllGlobals());

describe('second seats at the bench', () => {
  it('tell how to turn them on while they are off, and offer no code', async () => {
    answers('GET', { mode: 'OFF', addresses: [], fingerprint: '', devices: [] });
    render(OtherDevices);
    await screen.findByText('./medic serve --lan');
    expect(screen.queryByRole('button', { name: 'Make a code' })).toBeNull();
  });

  it('show address, fingerprint, code and who is in', async () => {
    answers('GET', on);
    render(OtherDevices);
    await screen.findByText('https://192.168.1.5:8643/');
    screen.getByText('AA:BB');
    screen.getByText('tablet');
    answers('POST', { ...on, code: { digits: '12345678', until: '2026-11-27T10:10:00Z', triesLeft: 1 } });
    await fireEvent.click(screen.getByRole('button', { name: 'Make a code' }));
    await screen.findByText('1234 5678');
    screen.getByText(/1 try left|1\s+try left/);
  });

  it('send one away by its id', async () => {
    answers('GET', on);
    const gone = answers('DELETE', { ...on, devices: [] });
    render(OtherDevices);
    await fireEvent.click(await screen.findByRole('button', { name: 'end pairing of tablet' }));
    expect(gone).toHaveBeenCalledWith('/api/devices/{id}', { params: { path: { id: 'seat-1' } } });
    await screen.findByText('None.');
  });

  it('are not managed from a seat, which may leave', async () => {
    refuses('GET', 403, 'at the bench only');
    answers('DELETE', { name: '' });
    const assign = vi.fn();
    vi.stubGlobal('location', { ...location, assign });
    render(OtherDevices);
    await fireEvent.click(await screen.findByRole('button', { name: 'Leave' }));
    await waitFor(() => expect(assign).toHaveBeenCalledWith('/pair'));
    expect(screen.queryByText('at the bench only')).toBeNull();
  });

  it('say any other refusal', async () => {
    refuses('GET', 500, 'broken');
    const work = new DevicesState();
    await work.look();
    expect(work.error).toBe('broken');
    expect(work.isSeat).toBe(false);
  });
});

describe('a seat that is paired', () => {
  it('sends code and name, and goes back where it came from', async () => {
    const sent = answers('POST', { name: 'tablet' });
    const assign = vi.fn();
    vi.stubGlobal('location', { ...location, assign });
    render(Pair);
    const pair = screen.getByRole<HTMLButtonElement>('button', { name: 'Pair it' });
    expect(pair.disabled).toBe(true);
    await fireEvent.input(screen.getByLabelText('Code from the bench'), { target: { value: '1234 5678' } });
    await fireEvent.input(screen.getByLabelText('Name of this device'), { target: { value: 'tablet' } });
    await fireEvent.click(pair);
    expect(sent).toHaveBeenCalledWith('/api/devices/pair', {
      body: { code: '1234 5678', name: 'tablet' }
    });
    await waitFor(() => expect(assign).toHaveBeenCalledWith('/work-ups/7'));
  });

  it('stays and says why where the code is wrong', async () => {
    refuses('POST', 422, 'That is not the code.');
    render(Pair);
    await fireEvent.input(screen.getByLabelText('Code from the bench'), { target: { value: '1' } });
    await fireEvent.input(screen.getByLabelText('Name of this device'), { target: { value: 'x' } });
    await fireEvent.click(screen.getByRole('button', { name: 'Pair it' }));
    await screen.findByText('That is not the code.');
  });

  it('is led to no other place than a view of this program', () => {
    for (const evil of [
      '',
      'https://elsewhere',
      '//elsewhere',
      '/\\elsewhere',
      'javascript:x',
      '/pair',
      '/pair?back=/pair'
    ]) {
      expect(wayBack(evil)).toBe('/');
    }
    expect(wayBack('/crafts/TERN')).toBe('/crafts/TERN');
  });

  it('reads a code in two groups', () => expect(spaced('00421337')).toBe('0042 1337'));
});
