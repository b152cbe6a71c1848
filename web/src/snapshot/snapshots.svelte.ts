import { api, ask, words, type Schemas } from '../api/client';
import { send, Upload } from '../shared/upload.svelte';

type View = Schemas['SnapshotView'];

/** The snapshots of one craft: those there are, the one on show, what changed since another, and a listing on its way in. */
export class SnapshotsState extends Upload<View> {
  rows = $state.raw<Schemas['SnapshotRow'][]>([]);
  view = $state.raw<View | null>(null);
  changes = $state.raw<Schemas['ChangesView'] | null>(null);
  whatIf = $state.raw<Schemas['WhatIf'] | null>(null);
  loaded = $state(false);
  why = $state('');
  /** Settings that were put back already, by id. */
  ticked = $state.raw<string[]>([]);

  constructor(
    readonly craftId: string,
    sending: typeof send<View> = send,
    private readonly kept: Pick<Storage, 'getItem' | 'setItem'> = localStorage
  ) {
    super(`/api/crafts/${encodeURIComponent(craftId)}/snapshots`, sending, (name) => ({
      why: this.why,
      name
    }));
  }

  /** Groups of changes, in their order. */
  groups = $derived.by(() => {
    const all = this.changes?.changes ?? [];
    const groups = all.map((change) => change.group);
    return groups
      .filter((group, i) => groups.indexOf(group) === i)
      .map((group) => ({
        group,
        changes: all.filter((change) => change.group === group)
      }));
  });

  /** Reads the list, and shows a snapshot of it: the newest where none is named. */
  async load(number = 0, since = 0): Promise<void> {
    await this.trying(async () => {
      this.rows = await ask(
        api.GET('/api/crafts/{craftId}/snapshots', { params: { path: { craftId: this.craftId } } })
      );
      this.loaded = true;
      const shown = this.rows.find((row) => row.number === number) ?? this.rows[0];
      if (shown) {
        await this.show(shown.number, since);
      }
    });
  }

  /** Shows a snapshot, and what changed since another: the one before it where none is named. */
  async show(number: number, since = 0): Promise<void> {
    await this.trying(async () => {
      const path = { craftId: this.craftId, number };
      this.whatIf = null;
      this.view = await ask(api.GET('/api/crafts/{craftId}/snapshots/{number}', { params: { path } }));
      const before = since || this.rows.find((row) => row.number < number)?.number;
      this.changes = before
        ? await ask(
            api.GET('/api/crafts/{craftId}/snapshots/{number}/changes', {
              params: { path, query: { since: before } }
            })
          )
        : null;
      this.ticked = JSON.parse(this.kept.getItem(this.list()) ?? '[]') as string[];
    });
  }

  /** Takes a file in; its reason is asked first. */
  async drop(file: Blob, name: string): Promise<void> {
    this.take(file, name);
    const view = await this.read('');
    if (view) {
      this.why = '';
      await this.load(view.row.number);
    }
  }

  /** Ticks a setting as put back, or takes the tick away; it is remembered on this machine. */
  tick(setting: string): void {
    this.ticked = this.ticked.includes(setting)
      ? this.ticked.filter((one) => one !== setting)
      : [...this.ticked, setting];
    this.kept.setItem(this.list(), JSON.stringify(this.ticked));
  }

  /** What would follow from another value of one setting. */
  async think(setting: string, value: string): Promise<void> {
    await this.trying(async () => {
      this.whatIf = await ask(
        api.GET('/api/crafts/{craftId}/snapshots/{number}/what-if', {
          params: {
            path: { craftId: this.craftId, number: this.view!.row.number },
            query: { setting, value }
          }
        })
      );
    });
  }

  private list(): string {
    return `put-back ${this.craftId} ${this.changes?.since ?? 0} ${this.changes?.number ?? 0}`;
  }

  private async trying(asking: () => Promise<void>): Promise<void> {
    this.error = '';
    try {
      await asking();
    } catch (thrown) {
      this.error = words(thrown);
    }
  }
}

/** How well a change explains what was found in the open work-up, in words; empty where it says nothing of it. */
export function explains(weight: number): string {
  if (weight >= 1.5) {
    return `makes what was found ${weight >= 1000 ? 'more than 1000' : Math.round(weight)} times likelier`;
  }
  return weight <= 0.67 ? 'speaks against what was found' : '';
}
