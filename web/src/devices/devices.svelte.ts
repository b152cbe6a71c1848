import { api, ask, Problem, words, type Schemas } from '../api/client';
import { Doing } from '../shared/doing.svelte';

/** Second devices, as the bench sees them; and whether this window is one itself. */
export class DevicesState extends Doing {
  now = $state.raw<Schemas['OtherDevices']>();
  /** Whether this window came in over the network. */
  isSeat = $state(false);

  /** Looks how it stands, beside whatever is being done. */
  async look(): Promise<void> {
    const before = this.now;
    try {
      const seen = await ask(api.GET('/api/devices'));
      // What was done meanwhile is newer than what was asked for before.
      this.now = this.now === before ? seen : this.now;
      this.error = '';
    } catch (thrown) {
      this.isSeat = thrown instanceof Problem && thrown.status === 403;
      this.error = this.isSeat ? '' : words(thrown);
    }
  }

  async newCode(): Promise<void> {
    await this.run(async () => {
      this.now = await ask(api.POST('/api/devices/code'));
    });
  }

  async end(id: string): Promise<void> {
    await this.run(async () => {
      this.now = await ask(api.DELETE('/api/devices/{id}', { params: { path: { id } } }));
    });
  }

  /** Pairs this window by the code that was read off the bench; says whether it is in. */
  async pair(code: string, name: string): Promise<boolean> {
    return this.run(async () => {
      await ask(api.POST('/api/devices/pair', { body: { code, name } }));
    });
  }

  async leave(): Promise<boolean> {
    return this.run(async () => {
      await ask(api.DELETE('/api/devices/mine'));
    });
  }
}

/** The digits of a code in two groups, as they are read aloud. */
export function spaced(digits: string): string {
  return `${digits.slice(0, 4)} ${digits.slice(4)}`;
}

/** Where a device goes once it is in: back to the view that it came from, and nowhere else. */
export function wayBack(asked: string): string {
  return /^\/(?![/\\])/.test(asked) && !asked.startsWith('/pair') ? asked : '/';
}
