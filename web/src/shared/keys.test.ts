import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { keys } from './keys.svelte';

describe('keys', () => {
  const ran = vi.fn();
  let remove: () => void;

  beforeEach(() => {
    ran.mockReset();
    remove = keys.add([
      { key: 'n', label: 'new', run: () => ran('n') },
      { key: 'g b', label: 'bench', run: () => ran('g b') },
      { key: 'Enter', label: 'record', run: () => ran('Enter') }
    ]);
  });
  afterEach(() => {
    remove();
    document.body.innerHTML = '';
  });

  function press(key: string, target: Element = document.body, more: KeyboardEventInit = {}): KeyboardEvent {
    const event = new KeyboardEvent('keydown', { key, cancelable: true, ...more });
    Object.defineProperty(event, 'target', { value: target });
    keys.handle(event);
    return event;
  }

  function element(html: string, selector: string): Element {
    document.body.innerHTML = html;
    return document.querySelector(selector)!;
  }

  it('runs a key, and two in a row after a leader', () => {
    press('n');
    press('g');
    press('b');
    expect(ran.mock.calls).toEqual([['n'], ['g b']]);
  });

  it('leaves what is typed into a field or pressed with a modifier alone', () => {
    press('n', element('<input type="text" />', 'input'));
    press('n', element('<select></select>', 'select'));
    press('n', document.body, { ctrlKey: true });
    expect(ran).not.toHaveBeenCalled();
  });

  it('does nothing of the page while a dialog has the focus', () => {
    press('n', element('<div role="dialog"><button>x</button></div>', 'button'));
    press('g', element('<dialog open><p tabindex="0">x</p></dialog>', 'p'));
    press('b');
    expect(ran).not.toHaveBeenCalled();
  });

  it('leaves Enter to the button that has it, but records from a chosen outcome', () => {
    press('Enter', element('<button>x</button>', 'button'));
    expect(ran).not.toHaveBeenCalled();
    expect(
      press('Enter', element('<div data-outcomes><button>x</button></div>', 'button')).defaultPrevented
    ).toBe(true);
    expect(ran).toHaveBeenCalledWith('Enter');
  });

  it('lets the newest set win and forgets a set that is removed', () => {
    const later = vi.fn();
    const off = keys.add([{ key: 'n', label: 'other', run: later }]);
    press('n');
    off();
    press('n');
    expect(later).toHaveBeenCalledTimes(1);
    expect(ran).toHaveBeenCalledTimes(1);
  });
});
