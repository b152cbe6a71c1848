import { api, ask, type Schemas } from '../api/client';
import { Doing } from '../shared/doing.svelte';

type Sheet = Schemas['BuildSheet'];
type Spin = Sheet['propSpins'][number];
type Corner = Schemas['CraftDrawing']['drives'][number]['corner'];

/** The corners in the order of a sheet, clockwise from the front right. */
export const corners: Corner[] = ['FRONT_RIGHT', 'REAR_RIGHT', 'REAR_LEFT', 'FRONT_LEFT'];

/** The frame of a craft, its motors and how its board sits, while they are being changed. */
export class FrameState extends Doing {
  chart = $state.raw<Schemas['Chart']>();
  sheet = $state<Sheet>();
  drawing = $state.raw<Schemas['CraftDrawing']>();
  /** Whether the four motors lie alike on all sides, so that one moves with the others. */
  alike = $state(false);

  constructor(readonly craftId: string) {
    super();
  }

  async load(): Promise<void> {
    await this.run(async () => {
      const chart = await ask(
        api.GET('/api/crafts/{craftId}', { params: { path: { craftId: this.craftId } } })
      );
      this.chart = chart;
      this.sheet = structuredClone(chart.sheet);
      this.drawing = chart.drawing;
      this.alike = isAlike(this.sheet.motors);
    });
  }

  /** Draws the sheet as it stands; what is wrong with it is said, and the last drawing stays. */
  async draw(): Promise<void> {
    await this.run(async () => {
      this.drawing = await ask(api.POST('/api/craft-drawing', { body: $state.snapshot(this.sheet)! }));
    });
  }

  /** Moves a motor along one axis; the others go along where all lie alike. */
  move(motor: number, axis: 'forwardMm' | 'rightMm', mm: number): void {
    const motors = this.sheet!.motors;
    if (!this.alike) {
      motors[motor]![axis] = mm;
      return;
    }
    for (const one of motors) {
      if (one[axis] !== 0) {
        one[axis] = Math.sign(one[axis]) * Math.abs(mm);
      }
    }
  }

  /** Says where it balances along one axis; with neither said it is taken as under the centre of thrust. */
  balance(axis: 'forwardMm' | 'rightMm', mm: number | null): void {
    const sheet = this.sheet!;
    const other = axis === 'forwardMm' ? 'rightMm' : 'forwardMm';
    sheet.balance =
      mm === null && !sheet.balance?.[other]
        ? undefined
        : ({ [axis]: mm ?? 0, [other]: sheet.balance?.[other] ?? 0 } as Sheet['balance']);
  }

  turns(motor: number, spin: Spin): void {
    this.sheet!.propSpins[motor] = spin;
  }

  /** Wires an output, from 1, to a corner; the corner that it drove gets the other's output. Nothing where the wires say it. */
  wire(output: number, corner: Corner): void {
    const wiring = this.sheet!.wiring;
    if (wiring) {
      const other = wiring.indexOf(corner);
      wiring[other] = wiring[output - 1]!;
      wiring[output - 1] = corner;
    }
  }

  /** Turns the board on its device by a quarter, clockwise from above. */
  turnBoard(): void {
    const device = this.sheet!.mounted;
    device.yawDeg = (device.yawDeg + 90) % 360;
  }

  /** Lays the board on its other face. */
  turnBoardOver(): void {
    const device = this.sheet!.mounted;
    device.rollDeg = (device.rollDeg + 180) % 360;
  }

  async keep(reason: string): Promise<boolean> {
    return this.run(async () => {
      await ask(
        api.PUT('/api/crafts/{craftId}/build-sheet', {
          params: { path: { craftId: this.craftId } },
          body: { version: this.chart!.version, reason, sheet: $state.snapshot(this.sheet)! }
        })
      );
    });
  }
}

function isAlike(motors: Sheet['motors']): boolean {
  const lengths = (axis: 'forwardMm' | 'rightMm') =>
    new Set(motors.map((one) => Math.abs(one[axis])).filter((mm) => mm !== 0)).size <= 1;
  return lengths('forwardMm') && lengths('rightMm');
}
