import { fireEvent, render, screen } from '@testing-library/svelte';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { begin, last, server } from '../testing/server';
import VersionSearch from './VersionSearch.svelte';

vi.mock('../api/client', async (original) =>
  (await import('../testing/server')).standIn(await original<object>())
);

const step = (version: string, belief: number, worked = 0, failed = 0) => ({
  version,
  before: '',
  belief,
  worked,
  failed
});
const searching = { steps: [step('4.1', 0.5), step('4.2', 0.5, 1, 2)], next: '4.1', left: 1.2, proof: [] };

beforeEach(() => begin({ '/api/instruments/version-search': searching }));

describe('which version broke it', () => {
  it('says what to try next, and how many trials are left', async () => {
    render(VersionSearch);
    await screen.findByText('4.1', { selector: '.big .reading' });
    screen.getByText(/About 2\s+trials are left/);
    screen.getByText('failed 2×');
  });

  it('counts a trial, and takes it back', async () => {
    render(VersionSearch);
    await fireEvent.click(await screen.findByRole('button', { name: 'It does not' }));
    expect(last('POST')!.body).toMatchObject({
      trials: [{ version: '4.1', works: false }],
      seemsToWork: 0.1
    });
    await fireEvent.click(screen.getByRole('button', { name: 'Undo trial 1' }));
    expect(last('POST')!.body).toMatchObject({ trials: [] });
  });

  it('forgets trials of a version that is not in the list any more, and empty lines', async () => {
    render(VersionSearch);
    await fireEvent.click(await screen.findByRole('button', { name: 'It works' }));
    await fireEvent.input(screen.getByLabelText(/Versions, one a line/), {
      target: { value: ' 4.0 \n\n4.5\n' }
    });
    expect(last('POST')!.body).toMatchObject({ versions: ['4.0', '4.5'], trials: [] });
  });

  it('ends with the version that broke it and the proof that it did', async () => {
    server.answers['/api/instruments/version-search'] = {
      steps: [step('4.1', 0.98)],
      left: 0,
      found: '4.1',
      proof: ['flash back', 'flash forth']
    };
    render(VersionSearch);
    await screen.findByText(/broke it/, { selector: 'p' });
    expect(screen.getAllByRole('listitem').map((item) => item.textContent)).toEqual([
      'flash back',
      'flash forth'
    ]);
    expect(screen.queryByRole('button', { name: 'It works' })).toBeNull();
  });
});
