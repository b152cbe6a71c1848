import { describe, expect, it, vi } from 'vitest';
import type { Schemas } from '../api/client';
import { FamilyState } from './families.svelte';

function answering(answer: Promise<Schemas['FamilyView']>) {
  return vi.fn(() => ({ answer, stop: () => {} }));
}

describe('a firmware family', () => {
  it('is shown as its table and kept whole', async () => {
    const sending = answering(Promise.resolve({ label: 'Oak' } as Schemas['FamilyView']));
    const state = new FamilyState(
      sending,
      vi.fn(async () => new Response('family,oak\r\n'))
    );
    await state.open('oak');
    expect(state.table).toBe('family,oak\n');
    expect(await state.keep(new Blob([state.table]), 'family.csv')).toBe(true);
    expect(state.kept).toBe('Oak');
  });

  it('that is refused leaves the table as it was typed and says why', async () => {
    const state = new FamilyState(
      answering(Promise.reject(new Error('Line 3: there is no setting “cell”.'))),
      vi.fn()
    );
    state.table = 'x';
    expect(await state.keep(new Blob(['x']), 'family.csv')).toBe(false);
    expect(state.error).toContain('Line 3');
    expect(state.table).toBe('x');
    expect(state.kept).toBe('');
  });

  it('that is gone is said to be', async () => {
    const state = new FamilyState(
      answering(Promise.resolve({ label: '' } as Schemas['FamilyView'])),
      vi.fn(async () => new Response('', { status: 404 }))
    );
    await state.open('elm');
    expect(state.error).toContain('elm');
  });
});
