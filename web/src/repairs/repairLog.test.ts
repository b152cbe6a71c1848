import { fireEvent, render, screen, waitFor } from '@testing-library/svelte';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import RepairLog from './RepairLog.svelte';

const { asked, all } = vi.hoisted(() => ({ asked: [] as Record<string, unknown>[], all: { count: 0 } }));
const PAGE = 50;

function entry(id: number): object {
  return {
    id,
    workUpId: id,
    craftId: 'TERN',
    closedAt: '2026-03-01T10:00:00Z',
    complaint: `complaint ${id}`,
    ended: 'solved and proven',
    reason: '',
    causes: [],
    kinds: [],
    parts: [],
    fixes: [],
    changes: [],
    proof: [],
    minutes: 10
  };
}

vi.mock('../api/client', async (original) => ({
  ...(await original<object>()),
  api: {
    GET: async (path: string, init: { params?: { query?: Record<string, unknown> } } = {}) => {
      if (path !== '/api/repair-log') {
        return { data: [], response: new Response() };
      }
      const query = init.params?.query ?? {};
      asked.push(query);
      const skip = Number(query.skip ?? 0);
      const entries = Array.from({ length: Math.min(PAGE, all.count - skip) }, (_, i) => entry(skip + i + 1));
      return { data: { entries, all: all.count, minutes: 600, returning: [] }, response: new Response() };
    }
  }
}));

beforeEach(() => (asked.length = 0));

describe('the repair log', () => {
  it('shows a long one page by page', async () => {
    all.count = 120;
    render(RepairLog);
    expect(await screen.findByText(/120\s+entries/)).toBeTruthy();
    expect(screen.getAllByRole('article')).toHaveLength(50);
    await fireEvent.click(screen.getByText('Show more (70 older)'));
    await waitFor(() => expect(screen.getAllByRole('article')).toHaveLength(100));
    await fireEvent.click(screen.getByText('Show more (20 older)'));
    await waitFor(() => expect(screen.getAllByRole('article')).toHaveLength(120));
    expect(screen.queryByText(/Show more/)).toBeNull();
    expect(asked.map((q) => q.skip)).toEqual([undefined, 50, 100]);
  });

  it('asks for days as they are where the reader is', async () => {
    all.count = 0;
    render(RepairLog);
    await screen.findByText(/It fills as work-ups are closed/);
    await fireEvent.input(screen.getByLabelText('From'), { target: { value: '2026-03-01' } });
    await waitFor(() => expect(asked.at(-1)).toMatchObject({ from: '2026-03-01' }));
    expect(asked.at(-1)?.zone).toBe(Intl.DateTimeFormat().resolvedOptions().timeZone);
    expect(await screen.findByText(/Widen the search/)).toBeTruthy();
  });
});
