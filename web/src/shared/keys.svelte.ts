/** A key and what it does; keys are written as the keyboard sends them. */
export interface Key {
  key: string;
  label: string;
  run: () => void;
  /** Not shown in the list of keys. Default: false. */
  silent?: boolean;
}

/** The keys in force: those of the frame and those of the view on show. */
class Keys {
  private sets = $state.raw<Key[][]>([]);
  private leader = $state('');

  get all(): Key[] {
    return this.sets.flat();
  }

  /** Puts keys in force until the returned function is called. */
  add(keys: Key[]): () => void {
    this.sets = [...this.sets, keys];
    return () => {
      this.sets = this.sets.filter((set) => set !== keys);
    };
  }

  /** Runs what the event's key stands for. Keys typed into a field, or with a modifier, stay where they are. */
  handle(event: KeyboardEvent): void {
    if (event.ctrlKey || event.metaKey || event.altKey || event.defaultPrevented || isTyping(event.target)) {
      return;
    }
    if (event.key === 'Enter' && isPressable(event.target)) {
      return;
    }
    const pressed = this.leader ? `${this.leader} ${event.key}` : event.key;
    this.leader = '';
    const found = this.all.findLast((key) => key.key === pressed);
    if (found) {
      event.preventDefault();
      found.run();
    } else if (this.all.some((key) => key.key.startsWith(`${pressed} `))) {
      this.leader = pressed;
    }
  }
}

/** Enter on a button or link is that button's own, but on a chosen outcome it records. */
function isPressable(target: EventTarget | null): boolean {
  return (
    target instanceof HTMLElement &&
    target.closest('a, button, summary') !== null &&
    !target.closest('[data-outcomes]')
  );
}

function isTyping(target: EventTarget | null): boolean {
  if (!(target instanceof HTMLElement)) {
    return false;
  }
  return (
    target.isContentEditable ||
    target.closest('dialog[open], [role=dialog]') !== null ||
    target instanceof HTMLTextAreaElement ||
    target instanceof HTMLSelectElement ||
    (target instanceof HTMLInputElement && !['checkbox', 'radio', 'button'].includes(target.type))
  );
}

export const keys = new Keys();
