import createClient from 'openapi-fetch';
import type { components, paths } from './schema';

export type Schemas = components['schemas'];

/** The typed client of the interface; every call stays on this server. */
export const api = createClient<paths>({ baseUrl: '' });

/** A second device that is not paired, or not any more, is led to where it can be; the bench is never asked. */
api.use({
  onResponse({ response }) {
    if (response.status === 401 && location.pathname !== '/pair') {
      location.assign(`/pair?back=${encodeURIComponent(location.pathname)}`);
    }
  }
});

/** What the server refused: in its words, with the place and what would be right. */
export class Problem extends Error {
  constructor(
    message: string,
    readonly status: number,
    readonly errors: { where: string; right: string }[]
  ) {
    super(message);
  }
}

type Answer<T> = { data?: T; error?: unknown; response: Response };

/** The data of an answer, or a thrown {@link Problem}. */
export async function ask<T>(call: Promise<Answer<T>>): Promise<T> {
  let answer: Answer<T>;
  try {
    answer = await call;
  } catch {
    throw new Problem('The program does not answer. Is it still running?', 0, []);
  }
  if (answer.data !== undefined && answer.response.ok) {
    return answer.data;
  }
  const body = (answer.error ?? {}) as { detail?: string; errors?: { where: string; right: string }[] };
  throw new Problem(
    body.detail ?? `The program answered with ${answer.response.status}.`,
    answer.response.status,
    body.errors ?? []
  );
}

/** The words of anything thrown. */
export function words(thrown: unknown): string {
  return thrown instanceof Error ? thrown.message : String(thrown);
}
