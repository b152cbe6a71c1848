import { fireEvent, render, screen } from '@testing-library/svelte';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import CloseSheet from './CloseSheet.svelte';
import type { WorkUpState } from './state.svelte';

const closed = vi.fn();

function working(passes: boolean, takes = true): WorkUpState {
  return {
    view: { proof: { passes } },
    busy: false,
    error: '',
    close: (...sent: unknown[]) => {
      closed(...sent);
      return Promise.resolve(takes);
    }
  } as unknown as WorkUpState;
}

beforeEach(() => closed.mockClear());

describe('the end of a work-up', () => {
  it('is solved only once the proof has passed, and needs no reason then', async () => {
    const onclose = vi.fn();
    render(CloseSheet, { work: working(true), open: true, onclose });
    expect(screen.getByRole<HTMLInputElement>('radio', { name: /Solved/ }).checked).toBe(true);
    await fireEvent.click(screen.getByRole('button', { name: 'Close it' }));
    expect(closed).toHaveBeenCalledWith('SOLVED', '');
    await vi.waitFor(() => expect(onclose).toHaveBeenCalledOnce());
  });

  it('wants a reason for every other end', async () => {
    render(CloseSheet, { work: working(false), open: true, onclose: vi.fn() });
    expect(screen.getByRole<HTMLInputElement>('radio', { name: /Solved/ }).disabled).toBe(true);
    const close = screen.getByRole<HTMLButtonElement>('button', { name: 'Close it' });
    expect(close.disabled).toBe(true);
    await fireEvent.input(screen.getByLabelText('Reason'), { target: { value: '  ' } });
    expect(close.disabled).toBe(true);
    await fireEvent.click(screen.getByRole('radio', { name: /Handed over/ }));
    await fireEvent.input(screen.getByLabelText('Reason'), { target: { value: 'to its maker' } });
    await fireEvent.click(close);
    expect(closed).toHaveBeenCalledWith('HANDED_OVER', 'to its maker');
  });

  it('stays open where the server refuses', async () => {
    const onclose = vi.fn();
    render(CloseSheet, { work: working(true, false), open: true, onclose });
    await fireEvent.click(screen.getByRole('button', { name: 'Close it' }));
    expect(closed).toHaveBeenCalledOnce();
    expect(onclose).not.toHaveBeenCalled();
  });
});
