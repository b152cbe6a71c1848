import { describe, expect, it } from 'vitest';
import { FirstMinute, LINES } from './firstMinute.svelte';

function drawer(): Pick<Storage, 'getItem' | 'setItem'> & { held: Map<string, string> } {
  const held = new Map<string, string>();
  return {
    held,
    getItem: (key) => held.get(key) ?? null,
    setItem: (key, value) => void held.set(key, value)
  };
}

describe('the first minute', () => {
  it('speaks where it helps and nowhere else', () => {
    const minute = new FirstMinute(drawer());
    expect(minute.line('/')).toContain('Press 1');
    expect(minute.line('/handbook')).toBe('');
    expect(minute.line('/work-ups/3'), 'who opened one already').toContain('next check');
    minute.next('/work-ups/3');
    expect(minute.line('/')).toBe('');
    expect(minute.line('/work-ups/3')).toContain('moves the suspects');
  });

  it('ends after its last line and is not told again', () => {
    const kept = drawer();
    const minute = new FirstMinute(kept);
    minute.next('/');
    for (let i = 1; i < LINES.length; i++) {
      minute.next('/work-ups/1');
    }
    expect(minute.line('/work-ups/1')).toBe('');
    expect(new FirstMinute(kept).line('/')).toBe('');
  });

  it('is skipped at once, and picked up where it was left', () => {
    const kept = drawer();
    const minute = new FirstMinute(kept);
    minute.next('/');
    expect(new FirstMinute(kept).line('/work-ups/1')).toBe(LINES[1]!.text);
    minute.skip();
    expect(new FirstMinute(kept).line('/work-ups/1')).toBe('');
  });
});
