import { fireEvent, render, screen, waitFor } from '@testing-library/svelte';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import WireRow from './WireRow.svelte';
import LogNote from './LogNote.svelte';

const { sent, reply } = vi.hoisted(() => ({ sent: [] as unknown[], reply: { status: 200 } }));

vi.mock('../api/client', async (original) => ({
  ...(await original<object>()),
  api: {
    POST: async (_: string, init: { body: unknown }) => {
      sent.push(init.body);
      return reply.status === 200
        ? { data: {}, response: new Response() }
        : { error: { detail: 'too long' }, response: new Response(null, { status: reply.status }) };
    }
  }
}));

beforeEach(() => {
  sent.length = 0;
  reply.status = 200;
});

describe('a wire', () => {
  it('names each of its fields by its number and is taken off by its own button', async () => {
    const onremove = vi.fn();
    const wire = { from: 'PLUG.+', to: 'PB.IN+', gaugeAwg: 12, lengthMm: 60, plugged: true };
    render(WireRow, { wire, number: 3, onremove });
    expect(screen.getByLabelText<HTMLInputElement>('Wire 3 from pad').value).toBe('PLUG.+');
    expect(screen.getByLabelText<HTMLInputElement>('Gauge of wire 3').value).toBe('12');
    expect(screen.getByLabelText<HTMLInputElement>('Length of wire 3 in millimetres').value).toBe('60');
    expect(screen.getByLabelText<HTMLInputElement>('plugged').checked).toBe(true);
    await fireEvent.click(screen.getByRole('button', { name: 'remove wire 3' }));
    expect(onremove).toHaveBeenCalledOnce();
  });
});

describe('a note in the log', () => {
  it('is not sent while it is empty', async () => {
    render(LogNote, { craftId: 'TERN', onnoted: () => {} });
    expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Enter' }).disabled).toBe(true);
  });

  it('says that a crash makes the routine due, sends its sort, and is ready for the next', async () => {
    const onnoted = vi.fn();
    render(LogNote, { craftId: 'TERN', onnoted });
    await fireEvent.change(screen.getByLabelText('Kind of entry'), { target: { value: 'CRASH' } });
    expect(screen.getByText('Makes the pre-power checks due again.')).toBeTruthy();
    const what = screen.getByLabelText<HTMLInputElement>('What happened');
    await fireEvent.input(what, { target: { value: 'into the hedge' } });
    await fireEvent.click(screen.getByRole('button', { name: 'Enter' }));
    await waitFor(() => expect(onnoted).toHaveBeenCalledOnce());
    expect(sent).toEqual([{ kind: 'CRASH', text: 'into the hedge' }]);
    expect(what.value).toBe('');
  });

  it('keeps what was written where it was refused', async () => {
    reply.status = 422;
    render(LogNote, { craftId: 'TERN', onnoted: () => {} });
    const what = screen.getByLabelText<HTMLInputElement>('What happened');
    await fireEvent.input(what, { target: { value: 'flew' } });
    await fireEvent.click(screen.getByRole('button', { name: 'Enter' }));
    await waitFor(() => expect(screen.getByText('too long')).toBeTruthy());
    expect(what.value).toBe('flew');
  });
});
