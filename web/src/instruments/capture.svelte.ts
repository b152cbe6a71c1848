import { type Schemas } from '../api/client';
import { send, Upload } from '../shared/upload.svelte';

type Answer = Schemas['CaptureAnswer'];

/** One recording: on its way in, asked which signal is meant, read, or refused. */
export class CaptureState extends Upload<Answer> {
  answer = $state.raw<Answer | null>(null);
  signal = $state('');

  constructor(sending: typeof send<Answer> = send) {
    super('/api/instruments/capture', sending);
  }

  /** Reads a file anew. */
  async drop(file: Blob, name: string): Promise<void> {
    this.take(file, name);
    await this.choose('');
  }

  /** Reads another signal of the same file. */
  async choose(signal: string): Promise<void> {
    this.signal = signal;
    const answer = await this.read(signal);
    if (answer || this.error) {
      this.answer = answer;
    }
  }
}

/** A time as a bench says it. */
export function lasting(seconds: number): string {
  const [value, unit] =
    seconds >= 1
      ? [seconds, 's']
      : seconds >= 1e-3
        ? [seconds * 1e3, 'ms']
        : seconds >= 1e-6
          ? [seconds * 1e6, 'µs']
          : [seconds * 1e9, 'ns'];
  return `${Number(value.toPrecision(3))} ${unit}`;
}

/** The line as it is drawn: x in shares of the whole, y 0 for high and 1 for low. */
export function drawn(firstHigh: boolean, stretches: number[]): { x: number; y: number }[] {
  const whole = stretches.reduce((sum, one) => sum + one, 0);
  const points: { x: number; y: number }[] = [];
  let at = 0;
  let high = firstHigh;
  for (const stretch of whole > 0 ? stretches : []) {
    points.push({ x: at / whole, y: high ? 0 : 1 });
    at += stretch;
    points.push({ x: at / whole, y: high ? 0 : 1 });
    high = !high;
  }
  return points;
}
