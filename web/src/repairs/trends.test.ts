import { render, screen } from '@testing-library/svelte';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { begin, server } from '../testing/server';
import Trends from './Trends.svelte';

vi.mock('../api/client', async (original) =>
  (await import('../testing/server')).standIn(await original<object>())
);

const share = (id: string, times: number) => ({ id, title: id, times, minutes: 12.4 });
const trends = {
  months: [{ month: '2026-10', closed: 2, solved: 1, minutes: 30 }],
  crafts: [share('TERN', 3)],
  causes: [share('prop-hand', 1)],
  families: [],
  parts: [share('Video transmitter', 2)],
  builders: [share('the club', 3)]
};
const saved = [
  { workUpId: 4, craftId: 'TERN', cause: 'prop of the wrong hand', tookMinutes: 2.5, fixedMinutes: 9.2 },
  { workUpId: 2, craftId: 'SHAG', cause: 'outputs swapped', tookMinutes: 4, fixedMinutes: 3 }
];

// Its plot asks for the screen's mode as it is loaded.
vi.hoisted(() => vi.stubGlobal('matchMedia', () => ({ matches: false, addEventListener: () => {} })));

beforeEach(() => begin({ '/api/repair-log/trends': trends, '/api/repair-log/saved': saved }));

describe('trends of the ledger', () => {
  it('set what searches took beside a fixed order, in all and one by one', async () => {
    render(Trends);
    const line = await screen.findByText(/solved work-ups took/);
    expect(line.textContent!.replace(/\s+/g, ' ')).toMatch(/last 2 solved.*7 min.*12 min: 6 min saved/);
    expect(screen.getByRole('row', { name: /TERN prop of the wrong hand 2.5 min 9.2 min/ })).toBeTruthy();
    expect(screen.getAllByRole('link', { name: 'SHAG' })[0]!.getAttribute('href')).toBe('/work-ups/2');
  });

  it('claim nothing saved where nothing was', async () => {
    server.answers['/api/repair-log/saved'] = [saved[1]];
    render(Trends);
    expect((await screen.findByText(/solved work-ups took/)).textContent).toContain('nothing saved');
  });

  it('say nothing of it before anything was solved, and lead to the ledger by craft, cause and part', async () => {
    server.answers['/api/repair-log/saved'] = [];
    render(Trends);
    expect((await screen.findByRole('link', { name: 'TERN' })).getAttribute('href')).toBe(
      '/repair-log?craft=TERN'
    );
    expect(screen.getByRole('link', { name: 'prop-hand' }).getAttribute('href')).toBe(
      '/repair-log?cause=prop-hand'
    );
    expect(screen.queryByText(/solved work-ups took/)).toBeNull();
    expect(screen.getByRole('link', { name: 'Video transmitter' }).getAttribute('href')).toBe(
      '/repair-log?q=Video%20transmitter'
    );
    expect(screen.getByText('the club').tagName).toBe('SPAN');
    expect(screen.getAllByText(/3 times, about 12 min each/)).toHaveLength(2);
    screen.getByText('None yet.');
  });

  it('lead to the bench while nothing was closed', async () => {
    server.answers['/api/repair-log/trends'] = { ...trends, months: [] };
    render(Trends);
    await screen.findByText(/Nothing was closed yet/);
  });
});
