import { Problem, words, type Schemas } from '../api/client';

type Answer = Schemas['CaptureAnswer'];

/** Sends a file as it is, telling how much of it went; the typed client cannot send files with progress. */
export function send<T = Answer>(
  file: Blob,
  signal: string,
  progress: (share: number) => void,
  address = '/api/instruments/capture',
  asked: Record<string, string> = {}
): { answer: Promise<T>; stop: () => void } {
  const request = new XMLHttpRequest();
  const answer = new Promise<T>((resolve, reject) => {
    const query = Object.entries(signal ? { ...asked, signal } : asked)
      .map(([name, value]) => `${name}=${encodeURIComponent(value)}`)
      .join('&');
    request.open('POST', query ? `${address}?${query}` : address);
    request.setRequestHeader('Content-Type', 'application/octet-stream');
    request.upload.onprogress = (event) => progress(event.total > 0 ? event.loaded / event.total : 0);
    request.onload = () => {
      const body = parsed(request.responseText);
      if (request.status === 200) {
        resolve(body as T);
      } else {
        const detail = (body as { detail?: string }).detail;
        reject(new Problem(detail ?? `The program answered with ${request.status}.`, request.status, []));
      }
    };
    request.onerror = () => reject(new Problem('The program does not answer. Is it still running?', 0, []));
    request.onabort = () => reject(new Problem('Stopped. Nothing was read.', 0, []));
    request.send(file);
  });
  return { answer, stop: () => request.abort() };
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return {};
  }
}

/** One recording: on its way in, asked which signal is meant, read, or refused. */
export class CaptureState {
  name = $state('');
  share = $state<number | null>(null);
  error = $state('');
  answer = $state.raw<Answer | null>(null);
  signal = $state('');
  private file: Blob | null = null;
  private stopping = (): void => {};

  constructor(private readonly sending = send) {}

  /** Reads a file anew. */
  async drop(file: Blob, name: string): Promise<void> {
    this.file = file;
    this.name = name;
    this.signal = '';
    await this.read();
  }

  /** Reads another signal of the same file. */
  async choose(signal: string): Promise<void> {
    this.signal = signal;
    await this.read();
  }

  stop(): void {
    this.stopping();
  }

  private async read(): Promise<void> {
    const file = this.file;
    if (!file) {
      return;
    }
    this.error = '';
    this.share = 0;
    const sent = this.sending(file, this.signal, (share) => {
      if (this.file === file) {
        this.share = share;
      }
    });
    this.stopping = sent.stop;
    try {
      const answer = await sent.answer;
      if (this.file === file) {
        this.answer = answer;
      }
    } catch (thrown) {
      this.answer = null;
      this.error = words(thrown);
    } finally {
      this.share = null;
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
