import { api, ask, type Schemas } from '../api/client';
import { Doing } from '../shared/doing.svelte';

/** How a verdict is said, and how it is drawn. */
export const VERDICTS = {
  SOUND: { word: 'sound', state: 'sound' },
  DOUBTFUL: { word: 'doubtful', state: 'doubt' },
  UNKNOWN: { word: 'unknown', state: 'unknown' },
  WRONG: { word: 'wrong', state: 'danger' },
  HARMS: { word: 'harms', state: 'danger' }
} as const;

function distinct(all: string[]): string[] {
  return all.filter((one, i) => all.indexOf(one) === i);
}

/** What holds each UART: the part of every line with a wire on it, once for each UART. */
export function heldBy(
  map: Schemas['SerialMapView']
): { uart: string; label: string; pads: string[]; state: 'sound' | 'doubt' | 'danger' | 'unknown' }[] {
  return map.lines.flatMap((line) =>
    distinct(line.wires.map((wire) => wire.uart)).map((uart) => ({
      uart,
      label: line.name,
      pads: line.wires.filter((wire) => wire.uart === uart).map((wire) => wire.boardPad),
      state: VERDICTS[line.verdict].state
    }))
  );
}

/** Tells the uarts of a craft's sheet what the wires on it want. */
export class TellingPorts extends Doing {
  async tell(chart: Schemas['Chart'], done: (now: Schemas['Chart']) => void): Promise<void> {
    await this.run(async () => {
      done(
        await ask(
          api.PUT('/api/crafts/{craftId}/uarts', {
            params: { path: { craftId: chart.craftId } },
            body: { version: chart.version }
          })
        )
      );
    });
  }
}
