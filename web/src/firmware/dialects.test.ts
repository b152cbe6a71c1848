import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Schemas } from '../api/client';
import { ABLE, FamilyState } from './dialects.svelte';

const { asked, answers } = vi.hoisted(() => ({
  asked: [] as { path: string; body: unknown }[],
  answers: { post: { label: 'Oak' } as unknown, refused: '' }
}));

vi.mock('../api/client', async (original) => ({
  ...(await original<object>()),
  api: {
    GET: async () => ({
      data: {
        rows: [
          ['family', 'oak', 'Oak', 'set', '1', '2'],
          ['name', 'setting', 'since', 'until', 'times', 'values'],
          ['cells', 'cells', '1', '', '', ''],
          [ABLE, 'soft-serial', '2', '', '', 'may-be-left-out']
        ]
      },
      response: new Response()
    }),
    POST: async (path: string, init: { body: unknown }) => {
      asked.push({ path, body: init.body });
      return answers.refused
        ? {
            error: { detail: answers.refused, errors: [{ where: 'rows[3]', right: answers.refused }] },
            response: new Response('', { status: 422 })
          }
        : { data: answers.post, response: new Response() };
    }
  }
}));

function answering(answer: Promise<Schemas['FamilyView']>) {
  return vi.fn(() => ({ answer, stop: () => {} }));
}

beforeEach(() => {
  asked.length = 0;
  answers.refused = '';
});

describe('a firmware family', () => {
  it('is shown row by row and kept as it was shown', async () => {
    const state = new FamilyState();
    await state.open('oak', true);
    expect([state.id, state.label, state.versions]).toEqual(['oak', 'Oak', '1, 2']);
    expect(state.rows).toHaveLength(2);
    expect(await state.keepShown()).toBe(true);
    expect(asked[0]?.body).toEqual({
      rows: [
        ['family', 'oak', 'Oak', 'set', '1', '2'],
        ['name', 'setting', 'since', 'until', 'times', 'values'],
        ['cells', 'cells', '1', '', '', ''],
        [ABLE, 'soft-serial', '2', '', '', 'may-be-left-out']
      ]
    });
    expect(state.kept).toBe('Oak');
  });

  it('that ships is begun anew under another id', async () => {
    const state = new FamilyState();
    await state.open('oak', false);
    expect(state.id).toBe('oak-own');
  });

  it('has a new row at the top, and one less when it is removed', async () => {
    const state = new FamilyState();
    await state.open('oak', true);
    state.add();
    expect(state.rows[0]).toEqual(['', '', '1', '', '', '']);
    state.remove(state.rows[0]!);
    expect(state.rows).toHaveLength(2);
  });

  it('that is refused points at its row and keeps what was typed', async () => {
    answers.refused = 'Line 4: there is no ability “x”.';
    const state = new FamilyState();
    await state.open('oak', true);
    expect(await state.keepShown()).toBe(false);
    expect(state.wrongRow).toBe(1);
    expect(state.rows).toHaveLength(2);
    expect(state.kept).toBe('');
  });

  it('as a table is taken in whole, or refused with its line', async () => {
    const kept = new FamilyState(answering(Promise.resolve({ label: 'Oak' } as Schemas['FamilyView'])));
    expect(await kept.keep(new Blob(['x']), 'family.csv')).toBe(true);
    expect(kept.kept).toBe('Oak');
    const refused = new FamilyState(
      answering(Promise.reject(new Error('Line 3: there is no setting “cell”.')))
    );
    expect(await refused.keep(new Blob(['x']), 'family.csv')).toBe(false);
    expect(refused.error).toContain('Line 3');
  });
});
