import { expect, it } from 'vitest';
import { ask, Problem } from './client';

const refused = new Response(null, { status: 409 });

it('turns a refusal into a problem with its words and places', async () => {
  const call = Promise.resolve({
    error: { detail: 'taken', errors: [{ where: 'craftId', right: 'another' }] },
    response: refused
  });
  const problem = await ask(call).catch((thrown: unknown) => thrown);
  expect(problem).toBeInstanceOf(Problem);
  expect(problem).toMatchObject({ message: 'taken', status: 409, errors: [{ where: 'craftId' }] });
});

it('says so when nothing answers', async () => {
  await expect(ask(Promise.reject(new TypeError('fetch failed')))).rejects.toThrow('does not answer');
});
