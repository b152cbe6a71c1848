import { beforeEach, describe, expect, it, vi } from 'vitest';
import { WiringState } from './wiring.svelte';

interface Sent {
  method: string;
  path: string;
  body?: { version?: number; reason?: string; sheet?: { electrics: { wires: unknown[] } } };
}
const { sent, reply } = vi.hoisted(() => ({
  sent: [] as Sent[],
  reply: { data: undefined as unknown, error: undefined as unknown, status: 200 }
}));

vi.mock('../api/client', async (original) => {
  const call =
    (method: string) =>
    async (path: string, init: { body?: Sent['body'] } = {}) => {
      sent.push({ method, path, ...(init.body && { body: init.body }) });
      return {
        data: reply.status === 200 ? reply.data : undefined,
        error: reply.error,
        response: new Response(null, { status: reply.status })
      };
    };
  return {
    ...(await original<object>()),
    api: { GET: call('GET'), POST: call('POST'), PUT: call('PUT'), DELETE: call('DELETE') }
  };
});

const wire = { from: 'PLUG.+', to: 'PB.IN+', gaugeAwg: 12, lengthMm: 60, plugged: false };
const chart = (version: number, wired = true) => ({
  version,
  sheet: {
    massG: 640,
    electrics: wired
      ? {
          parts: [{ id: 'PB', archetype: 'power-board', label: 'power board', arms: [], drawA: 0 }],
          wires: [wire],
          battery: { cells: 4 }
        }
      : undefined
  }
});

describe('parts and leads while they are changed', () => {
  beforeEach(() => {
    sent.length = 0;
    reply.data = chart(7);
    reply.error = undefined;
    reply.status = 200;
  });

  it('runs a lead between two pads once, as thick and long as the last one at either', async () => {
    const state = new WiringState('TERN');
    await state.load();
    state.join('PB.1+', 'PLUG.+');
    state.join('PLUG.+', 'PB.1+');
    state.join('RX.+', 'FC.R5');
    expect(state.wires.slice(1)).toEqual([
      { from: 'PB.1+', to: 'PLUG.+', gaugeAwg: 12, lengthMm: 60, plugged: false },
      { from: 'RX.+', to: 'FC.R5', gaugeAwg: 28, lengthMm: 80, plugged: false }
    ]);
    expect(state.touches(1, 'PLUG.+')).toBe(true);
    expect(state.touches(2, 'PLUG.+')).toBe(false);
    expect(state.entry()!.wires).toHaveLength(3);
    expect(state.chart!.sheet.electrics!.wires).toHaveLength(1);
  });

  it('takes copies, so that what is not kept changes nothing', async () => {
    const state = new WiringState('TERN');
    await state.load();
    state.wires[0]!.lengthMm = 999;
    expect(state.chart!.sheet.electrics!.wires[0]!.lengthMm).toBe(60);
  });

  it('keeps all of it with the version it was read at and the reason', async () => {
    const state = new WiringState('TERN');
    await state.load();
    state.wires.push({ ...wire, to: 'PB.IN-' });
    expect(await state.keep('new lead')).toBe(true);
    const put = sent.find((s) => s.method === 'PUT')!;
    expect(put.body!.version).toBe(7);
    expect(put.body!.reason).toBe('new lead');
    expect(put.body!.sheet!.electrics.wires).toHaveLength(2);
  });

  it('says what the server says and leaves the entries as they are', async () => {
    const state = new WiringState('TERN');
    await state.load();
    state.wires[0]!.gaugeAwg = 99;
    reply.status = 422;
    reply.error = { detail: 'wire gauges run from 0 to 40, not 99' };
    expect(await state.keep('thicker')).toBe(false);
    expect(state.error).toContain('0 to 40');
    expect(state.wires[0]!.gaugeAwg).toBe(99);
    expect(state.busy).toBe(false);
  });

  it('lays out, adds and takes off on top of the newest version', async () => {
    const state = new WiringState('TERN');
    await state.load();
    reply.data = chart(8);
    await state.layOut('STACK', { cells: 6 } as never);
    reply.data = chart(9);
    await state.addPart('receiver');
    await state.removePart('RX');
    expect(sent.map((s) => s.method)).toEqual(['GET', 'PUT', 'POST', 'DELETE']);
    expect(sent[1]!.body!.version).toBe(7);
    expect(sent[2]!.body!.version).toBe(8);
  });

  it('knows a craft without parts and leads', async () => {
    reply.data = chart(1, false);
    const state = new WiringState('BARE');
    await state.load();
    expect(state.parts).toEqual([]);
  });

  it('sends one thing at a time', async () => {
    const state = new WiringState('TERN');
    const first = state.load();
    await state.load();
    await first;
    expect(sent).toHaveLength(1);
  });
});
