import { api, ask, type Schemas } from '../api/client';
import { Loading } from '../shared/loading.svelte';

type Item = Schemas['ScreenItem'];

/** Items of a screen, where they fall in what the goggles show, and the one that the keys move. */
export class ScreenLayout {
  solved = new Loading<Schemas['ScreenAnswer']>();
  fields = $state<'FIFTY' | 'SIXTY'>('FIFTY');
  seen = $state<number | null>(85);
  items = $state<Item[]>([
    { text: 'RSSI 99', column: 1, row: 1 },
    { text: '16.4V', column: 24, row: 1 },
    { text: '3.98V/CELL', column: 19, row: 2 },
    { text: 'LOW VOLTAGE', column: 9, row: 10 },
    { text: '02:41', column: 2, row: 14 },
    { text: '812MAH', column: 22, row: 14 },
    { text: 'EIDER', column: 12, row: 15 }
  ]);
  chosen = $state(0);
  adding = $state('');

  solve(): void {
    const body = {
      fields: this.fields,
      seenPercent: this.seen ?? 0,
      items: this.items.map((item) => ({ ...item }))
    };
    void this.solved.load(() => ask(api.POST('/api/instruments/screen-layout', { body })));
  }

  /** Moves the chosen item; the raster holds it. */
  move(columns: number, rows: number): void {
    const item = this.items[this.chosen];
    const grid = this.solved.value;
    if (item && grid) {
      item.column = Math.max(0, Math.min(grid.columns - item.text.length, item.column + columns));
      item.row = Math.max(0, Math.min(grid.rows - 1, item.row + rows));
    }
  }

  key(event: KeyboardEvent): void {
    const way: Record<string, [number, number]> = {
      ArrowLeft: [-1, 0],
      ArrowRight: [1, 0],
      ArrowUp: [0, -1],
      ArrowDown: [0, 1]
    };
    const move = way[event.key];
    if (move) {
      event.preventDefault();
      this.move(...move);
    }
  }

  /** Brings every item that is not wholly seen to the nearest place that is. */
  bringIn(): void {
    this.solved.value?.items.forEach((placed, i) => {
      const item = this.items[i];
      if (item && placed.stands !== 'INSIDE' && placed.stands !== 'OVERLAPS') {
        item.column = placed.nearestColumn;
        item.row = placed.nearestRow;
      }
    });
  }

  add(): void {
    const text = this.adding.trim().slice(0, 30);
    if (text) {
      this.items.push({ text, column: 10, row: 7 });
      this.chosen = this.items.length - 1;
      this.adding = '';
    }
  }

  remove(): void {
    this.items.splice(this.chosen, 1);
    this.chosen = Math.max(0, Math.min(this.chosen, this.items.length - 1));
  }
}
