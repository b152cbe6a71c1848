import { fireEvent, render, screen, waitFor } from '@testing-library/svelte';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import EntryForm from './EntryForm.svelte';
import BatteryLog from './BatteryLog.svelte';

const { sent, reply } = vi.hoisted(() => ({ sent: [] as unknown[], reply: { status: 200 } }));

vi.mock('../api/client', async (original) => ({
  ...(await original<object>()),
  api: {
    POST: async (_: string, init: { body: unknown }) => {
      sent.push(init.body);
      return reply.status === 200
        ? { data: { label: 'P1' }, response: new Response() }
        : { error: { detail: 'volts lie between 0 and 60' }, response: new Response(null, { status: 422 }) };
    }
  }
}));

beforeEach(() => {
  sent.length = 0;
  reply.status = 200;
});

describe('the log of a pack', () => {
  it('says only what is known of each entry', () => {
    const at = '2026-11-01T10:00:00Z';
    render(BatteryLog, {
      onchanged: vi.fn(),
      battery: {
        label: 'P1',
        corrections: [],
        entries: [
          { id: 2, at, entry: { minutes: 6, usedMah: 900, chargedMah: 1010, craft: 'TERN', note: '' } },
          { id: 1, at, entry: { restV: 16.6, loadV: 16.1, note: 'cold day' } }
        ]
      } as never
    });
    expect(screen.getByText('TERN, 6 min, counted 900 mAh, charged back 1010 mAh')).toBeTruthy();
    expect(screen.getByText('16.6 V at rest, 16.1 V under ? A, cold day')).toBeTruthy();
  });

  it('says what an entry would give where there is none', () => {
    render(BatteryLog, {
      battery: { label: 'P1', corrections: [], entries: [] } as never,
      onchanged: vi.fn()
    });
    expect(screen.getByText(/Nothing yet/)).toBeTruthy();
  });
});

describe('an entry', () => {
  const type = (label: string, value: string) =>
    fireEvent.input(screen.getByLabelText(label), { target: { value } });

  it('leaves open what is not known, and is empty for the next', async () => {
    const onadded = vi.fn();
    render(EntryForm, { label: 'P1', onadded });
    await type('Flown, min', '6.5');
    await type('Charged back, mAh', '1010');
    await fireEvent.click(screen.getByRole('button', { name: 'Enter' }));
    await waitFor(() => expect(onadded).toHaveBeenCalledWith({ label: 'P1' }));
    expect(sent).toEqual([{ minutes: 6.5, chargedMah: 1010, note: '' }]);
    expect(screen.getByLabelText<HTMLInputElement>('Flown, min').value).toBe('');
  });

  it('keeps what was entered where it is refused', async () => {
    reply.status = 422;
    const onadded = vi.fn();
    render(EntryForm, { label: 'P1', onadded });
    await type('At rest, V', '600');
    await fireEvent.click(screen.getByRole('button', { name: 'Enter' }));
    await waitFor(() => expect(screen.getByText('volts lie between 0 and 60')).toBeTruthy());
    expect(onadded).not.toHaveBeenCalled();
    expect(screen.getByLabelText<HTMLInputElement>('At rest, V').value).toBe('600');
  });
});
