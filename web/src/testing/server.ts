import type { Schemas } from '../api/client';

/** What a test sent, and what it is answered: by method and address, or by the address alone. */
export interface Server {
  sent: { method: string; path: string; body?: unknown; params?: unknown }[];
  answers: Record<string, unknown>;
  /** A refusal for whatever is written, in the server's words; empty while it takes everything. */
  refusal: string;
}

export const server: Server = { sent: [], answers: {}, refusal: '' };

/** Forgets what was sent and answered. */
export function begin(answers: Record<string, unknown> = {}): void {
  server.sent.length = 0;
  server.answers = answers;
  server.refusal = '';
}

/** The real client module with a server that answers from memory. */
export function standIn(original: object): object {
  const call =
    (method: string) =>
    async (path: string, init: { body?: unknown; params?: unknown } = {}) => {
      server.sent.push({ method, path, body: init.body, params: init.params });
      return server.refusal && method !== 'GET'
        ? { error: { detail: server.refusal, errors: [] }, response: new Response(null, { status: 422 }) }
        : { data: server.answers[`${method} ${path}`] ?? server.answers[path], response: new Response() };
    };
  return {
    ...original,
    api: {
      GET: call('GET'),
      POST: call('POST'),
      PUT: call('PUT'),
      PATCH: call('PATCH'),
      DELETE: call('DELETE')
    }
  };
}

/** The last request of a sort. */
export function last(method: string): (typeof server.sent)[number] | undefined {
  return server.sent.findLast((one) => one.method === method);
}

const drive = (corner: string, forwardMm: number, rightMm: number) => ({
  corner,
  name: corner,
  shortName: corner,
  forwardMm,
  rightMm,
  propDiameterMm: 127,
  spin: 'CLOCKWISE',
  spinLabel: 'cw',
  motor: 1,
  output: 1
});

/** A chart with as much on it as screens look at. */
export function chart(more: object = {}): Schemas['Chart'] {
  return {
    craftId: 'TERN',
    version: 3,
    sheet: { told: {}, electrics: undefined },
    told: [
      { id: 'voltage-scale', label: 'voltage scale', written: '10', said: '10', usual: false },
      { id: 'alignment', label: 'board alignment', written: '180/0/90', said: '', usual: false },
      { id: 'spins', label: 'direction of motors', written: 'outward', said: '', usual: false }
    ],
    drawing: {
      shape: 'X',
      drives: [
        drive('FRONT_RIGHT', 85, 85),
        drive('REAR_RIGHT', -85, 85),
        drive('REAR_LEFT', -85, -85),
        drive('FRONT_LEFT', 85, -85)
      ],
      arrowDeg: 0,
      faceDown: false
    },
    facts: [],
    grounds: [],
    unknowns: [],
    conflicts: [],
    missing: [],
    behindTheLibrary: [],
    revisions: [],
    log: [],
    corrections: [],
    workUps: [],
    ...more
  } as unknown as Schemas['Chart'];
}
