import { describe, expect, it } from 'vitest';
import { Problem } from '../api/client';
import { Doing } from './doing.svelte';

class Asking extends Doing {
  ask(doing: () => Promise<void>): Promise<boolean> {
    return this.run(doing);
  }
}

describe('what is asked of the server', () => {
  it('is asked one thing at a time', async () => {
    const asking = new Asking();
    let answer = (): void => undefined;
    const first = asking.ask(() => new Promise((resolve) => (answer = resolve)));
    expect(asking.busy).toBe(true);
    expect(await asking.ask(() => Promise.reject(new Error('never asked')))).toBe(false);
    expect(asking.error).toBe('');
    answer();
    expect(await first).toBe(true);
    expect(asking.busy).toBe(false);
  });

  it('shows a refusal and its fields until it is asked again', async () => {
    const asking = new Asking();
    const refusal = new Problem('Not so.', 422, [{ where: 'pads', right: 'has at least one' }]);
    expect(await asking.ask(() => Promise.reject(refusal))).toBe(false);
    expect(asking.error).toContain('Not so.');
    expect(asking.wrong).toEqual([{ where: 'pads', right: 'has at least one' }]);
    expect(asking.busy).toBe(false);
    expect(await asking.ask(() => Promise.resolve())).toBe(true);
    expect(asking.error).toBe('');
    expect(asking.wrong).toEqual([]);
  });
});
