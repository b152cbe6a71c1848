import { fireEvent, render, screen } from '@testing-library/svelte';
import { describe, expect, it, vi } from 'vitest';
import Locks from './Locks.svelte';

const lock = (id: string, shut: number) => ({ id, label: id, shut });

describe('locks of a craft that is to arm', () => {
  it('are shut or open where that is sure, and else shut to a share', () => {
    render(Locks, {
      locks: [
        lock('tilt', 0),
        lock('switch', 1),
        lock('receiver', 0.46),
        lock('fix', 0.05),
        lock('throttle', 0.95)
      ]
    });
    expect(
      screen.getAllByRole('listitem').map((item) => item.textContent!.replace(/\s+/g, ' ').trim())
    ).toEqual(['open tilt', 'shut switch', 'shut: 46% receiver', 'open fix', 'shut throttle']);
  });

  it('are filled as far as they are shut, and lifted from the half down', () => {
    const { container } = render(Locks, { locks: [lock('a', 0.25), lock('b', 0.75)] });
    const fills = [...container.querySelectorAll('.fill')].map((rect) => Number(rect.getAttribute('height')));
    expect(fills).toEqual([5, 15]);
    expect([...container.querySelectorAll('g')].map((g) => g.classList.contains('lifted'))).toEqual([
      true,
      false
    ]);
  });

  it('are pressed only where somebody listens, and say which one is', async () => {
    const chosen = vi.fn();
    const { unmount } = render(Locks, { locks: [lock('a', 0)] });
    expect(screen.queryByRole('button')).toBeNull();
    unmount();
    render(Locks, { locks: [lock('a', 0), lock('b', 1)], chosen: 'b', onchoose: chosen });
    await fireEvent.click(screen.getByRole('button', { name: /a/ }));
    expect(chosen).toHaveBeenCalledWith('a');
    expect(screen.getByRole('button', { name: /b/ }).getAttribute('aria-pressed')).toBe('true');
  });
});
