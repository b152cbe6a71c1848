import type { Schemas } from '../api/client';

type Job = Schemas['WishAsked']['job'];
type Format = Schemas['WishAsked']['format'];

/** A part as it is joined, and how its UART is set, as it is entered; begins with a common mistake on a board that has one inverted pad. */
export class TwoEndsState {
  board = $state('board-f4-pad');
  job = $state<Job>('RECEIVER');
  format = $state<Format>('SBUS');
  baud = $state(100_000);
  volts5 = $state(false);
  supplyV = $state<number | null>(5);
  standsV = $state<number | null>(5);
  sends = $state('R3 RX');
  hears = $state('');
  ground = $state(true);
  computer = $state(false);
  read = $state(true);
  toldPort = $state('3');
  toldJob = $state<Job | ''>('RECEIVER');
  toldFormat = $state<Format>('SBUS');
  toldBaud = $state(100_000);
  inverted = $state(true);
  oneWire = $state(false);
  softOn = $state(false);

  /** Another board has other pads. */
  chooseBoard(id: string): void {
    this.board = id;
    this.sends = '';
    this.hears = '';
    this.read = false;
  }

  chooseJob(job: Job, jobs: Schemas['JobView'][]): void {
    this.job = job;
    const formats = jobs.find((one) => one.id === job)?.formats ?? [];
    const first = formats.find((one) => one.id === this.format) ?? formats[0];
    if (first) {
      this.chooseFormat(first.id, formats);
    }
  }

  /** A part speaks its format at the usual rate until somebody says otherwise. */
  chooseFormat(format: Format, formats: Schemas['FormatView'][]): void {
    this.format = format;
    this.baud = formats.find((one) => one.id === format)?.bauds[0] ?? this.baud;
  }

  asked(): Schemas['EndsAsked'] {
    return {
      board: this.board,
      part: { name: 'the part', job: this.job, format: this.format, volts5: this.volts5 },
      baud: this.baud,
      ...(this.sends ? { sends: this.sends } : {}),
      ...(this.hears ? { hears: this.hears } : {}),
      ground: this.ground,
      supplyV: this.supplyV ?? 0,
      standsV: this.standsV ?? 0,
      computer: this.computer,
      ...(this.read
        ? {
            told: {
              uart: this.toldPort,
              jobs: this.toldJob ? [this.toldJob] : [],
              format: this.toldFormat,
              baud: this.toldBaud,
              inverted: this.inverted,
              oneWire: this.oneWire,
              softOn: this.softOn
            }
          }
        : {})
    };
  }
}
