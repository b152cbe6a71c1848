import { describe, expect, it } from 'vitest';
import { ScreenLayout } from './screenLayout.svelte';
import { VideoChannels } from './videoChannels.svelte';

const GRID = { columns: 30, rows: 16, firstColumn: 2, lastColumn: 27, firstRow: 1, lastRow: 14, items: [] };

describe('the screen', () => {
  it('moves the chosen item by the arrow keys and never off the raster', () => {
    const work = new ScreenLayout();
    work.solved.value = GRID;
    work.items = [{ text: 'abc', column: 26, row: 15 }];
    const key = (name: string): void => work.key(new KeyboardEvent('keydown', { key: name }));
    key('ArrowRight');
    key('ArrowRight');
    key('ArrowDown');
    expect(work.items[0]).toEqual({ text: 'abc', column: 27, row: 15 });
    key('ArrowUp');
    key('ArrowLeft');
    expect(work.items[0]).toEqual({ text: 'abc', column: 26, row: 14 });
    key('x');
    expect(work.items[0]).toEqual({ text: 'abc', column: 26, row: 14 });
  });

  it('brings in what is not wholly seen and leaves the rest', () => {
    const work = new ScreenLayout();
    work.items = [
      { text: 'a', column: 0, row: 0 },
      { text: 'b', column: 9, row: 9 }
    ];
    const placed = { text: '', said: '', nearestColumn: 3, nearestRow: 2 };
    work.solved.value = {
      ...GRID,
      items: [
        { ...placed, column: 0, row: 0, stands: 'OUTSIDE' },
        { ...placed, column: 9, row: 9, stands: 'INSIDE' }
      ]
    };
    work.bringIn();
    expect(work.items.map((one) => [one.column, one.row])).toEqual([
      [3, 2],
      [9, 9]
    ]);
  });

  it('takes an item on and off, and chooses another', () => {
    const work = new ScreenLayout();
    work.items = [];
    work.adding = '  name ';
    work.add();
    work.adding = ' ';
    work.add();
    expect(work.items).toEqual([{ text: 'name', column: 10, row: 7 }]);
    work.remove();
    expect(work.items).toEqual([]);
    expect(work.chosen).toBe(0);
  });
});

describe('pilots', () => {
  const answer = {
    pilots: [],
    products: [],
    best: ['R1', 'R4'],
    calm: true,
    freeFromMhz: 5725,
    freeToMhz: 5875
  };

  it('are eight at most and one at least, each new one on a channel of its own', () => {
    const work = new VideoChannels();
    work.table.value = [
      {
        name: 'R',
        channels: [1, 2, 3, 4, 5, 6, 7, 8, 9].map((n) => ({ name: `R${n}`, megahertz: 5600 + n, free: true }))
      }
    ];
    for (let i = 0; i < 9; i++) {
      work.add();
    }
    expect(new Set(work.pilots).size).toBe(8);
    for (let i = 0; i < 9; i++) {
      work.remove(0);
    }
    expect(work.pilots).toHaveLength(1);
  });

  it('take the better choice, and lie along the axis from end to end', () => {
    const work = new VideoChannels();
    work.solved.value = answer;
    work.takeBest();
    expect(work.pilots).toEqual(['R1', 'R4']);
    expect(work.at(work.ends.low)).toBe(0);
    expect(work.at(work.ends.high)).toBe(100);
    work.toggle('F');
    work.toggle('A');
    expect(work.bands).toEqual(['R', 'A']);
  });
});
