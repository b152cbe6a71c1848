import { describe, expect, it, vi } from 'vitest';
import { api } from '../../api/client';
import { ModesState } from './modes.svelte';

const answer = {
  remarks: [],
  combinations: [
    { positions: { 'arm switch': 1000, 'self-level switch': 1000 }, on: [] },
    { positions: { 'arm switch': 2000, 'self-level switch': 1000 }, on: ['arm'] },
    { positions: { 'arm switch': 2000, 'self-level switch': 2000 }, on: ['arm', 'self-level'] }
  ]
};

function solvedBy(given: unknown): ModesState {
  vi.spyOn(api, 'POST').mockResolvedValue({ data: given, response: new Response() } as never);
  return new ModesState();
}

describe('switches and modes', () => {
  it('begins at rest and follows the levers', async () => {
    const work = solvedBy(answer);
    await work.solve();
    expect(work.on).toEqual([]);
    work.move('arm switch', 2000);
    expect(work.on).toEqual(['arm']);
    work.move('self-level switch', 2000);
    expect(work.on).toEqual(['arm', 'self-level']);
  });

  it('falls back to rest when a position is gone', () => {
    const work = solvedBy(answer);
    work.move('arm switch', 2000);
    work.laid.switches[0]!.positions = [1100, 1900];
    expect(work.at('arm switch')).toBe(1100);
  });

  it('knows nothing of a combination that was not gone through', async () => {
    const work = solvedBy({ remarks: [], combinations: [] });
    await work.solve();
    expect(work.on).toBeUndefined();
  });

  it('puts a new switch where a mode waits for one', () => {
    const work = solvedBy(answer);
    work.addMode();
    expect(work.channels).toEqual([5, 6, 7]);
    work.addSwitch();
    expect(work.laid.switches.at(-1)!.channel).toBe(7);
  });
});
