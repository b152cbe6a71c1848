import { fireEvent, render, screen, waitFor } from '@testing-library/svelte';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { begin, chart, last, server } from '../testing/server';
import Configuration from './Configuration.svelte';
import { ConfigurationState } from './configuration.svelte';

const { gone } = vi.hoisted(() => ({ gone: [] as unknown[] }));
vi.mock('../navigation', () => ({
  navigate: (...to: unknown[]) => gone.push(to),
  route: { params: { craftId: 'TERN' } }
}));
vi.mock('../api/client', async (original) =>
  (await import('../testing/server')).standIn(await original<object>())
);

const settings = [
  {
    id: 'voltage-scale',
    device: 'flight controller',
    group: 'power',
    label: 'voltage scale',
    usual: '11',
    expected: 'a number from 0.001 to 1000',
    values: []
  },
  {
    id: 'spins',
    device: 'flight controller',
    group: 'motors',
    label: 'direction of motors',
    usual: 'inward',
    expected: 'one of inward, outward',
    values: [
      { written: 'inward', said: 'front blades turn inward' },
      { written: 'outward', said: 'front blades turn outward' }
    ]
  }
];

describe('the configuration of a craft', () => {
  beforeEach(() => {
    gone.length = 0;
    begin({
      '/api/settings': settings,
      '/api/crafts/{craftId}': chart({ sheet: { configuration: { 'voltage-scale': '10' } } }),
      '/api/crafts/{craftId}/build-sheet': chart({
        sheet: { configuration: { spins: 'outward' } },
        version: 4
      })
    });
  });

  it('names what is not as usual and nothing else', async () => {
    const work = new ConfigurationState('TERN');
    await work.load();
    expect(work.named.map((one) => one.id)).toEqual(['voltage-scale']);
    expect(work.rest.map((one) => one.id)).toEqual(['spins']);
    expect(work.changed).toEqual([]);
  });

  it('is changed by naming a setting, and put back by making it as usual', async () => {
    const work = new ConfigurationState('TERN');
    await work.load();
    work.name('spins');
    expect(work.changed).toEqual([]);
    work.values.spins = 'outward';
    work.asUsual('voltage-scale');
    expect(work.changed.map((one) => one.id)).toEqual(['voltage-scale', 'spins']);
    expect(await work.keep('new props')).toBe(true);
    expect(last('PUT')?.body).toMatchObject({
      version: 3,
      reason: 'new props',
      sheet: { configuration: { spins: 'outward' } }
    });
    expect(work.changed).toEqual([]);
  });

  it('asks for a reason before it goes on the sheet, and says a refusal', async () => {
    render(Configuration);
    const field = await waitFor(() => screen.getByLabelText<HTMLInputElement>(/Voltage scale/));
    const keep = screen.getByRole<HTMLButtonElement>('button', { name: 'Save to the sheet' });
    expect(keep.disabled).toBe(true);
    await fireEvent.input(field, { target: { value: '12' } });
    expect(keep.disabled).toBe(true);
    await fireEvent.input(screen.getByLabelText(/Why it is changed: voltage scale/), {
      target: { value: 'measured' }
    });
    expect(keep.disabled).toBe(false);
    server.refusal = 'voltage scale is a number from 0.001 to 1000';
    await fireEvent.click(keep);
    await waitFor(() => screen.getByText('voltage scale is a number from 0.001 to 1000'));
    expect(gone).toHaveLength(0);
    server.refusal = '';
    await fireEvent.click(keep);
    await waitFor(() => expect(gone).toHaveLength(1));
  });
});
