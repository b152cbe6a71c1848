import { Problem, words } from '../api/client';

/** Sends a file as it is, telling how much of it went; the typed client cannot send files with progress. */
export function send<T>(
  file: Blob,
  signal: string,
  progress: (share: number) => void,
  address: string,
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
      if (Math.floor(request.status / 100) === 2) {
        resolve(body as T);
      } else {
        const { detail, errors } = body as { detail?: string; errors?: Problem['errors'] };
        reject(
          new Problem(detail ?? `The program answered with ${request.status}.`, request.status, errors ?? [])
        );
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

/** One file on its way in: how much of it went, and why it was refused. */
export class Upload<T> {
  name = $state('');
  share = $state<number | null>(null);
  error = $state('');
  /** The places that the refusal names. */
  wrong = $state.raw<Problem['errors']>([]);
  private file: Blob | null = null;
  private stopping = (): void => {};

  /** @param asked what goes with the file in its address */
  constructor(
    private readonly address: string,
    private readonly sending: typeof send<T>,
    private readonly asked: (name: string) => Record<string, string> = () => ({})
  ) {}

  stop(): void {
    this.stopping();
  }

  /** Shows why something was refused; '' for nothing. */
  protected refused(thrown: unknown): void {
    this.error = words(thrown);
    this.wrong = thrown instanceof Problem ? thrown.errors : [];
  }

  protected take(file: Blob, name: string): void {
    this.file = file;
    this.name = name;
  }

  /** What came of the file; nothing where there is none, it was refused, or another took its place meanwhile. */
  protected async read(signal: string): Promise<T | null> {
    const file = this.file;
    if (!file) {
      return null;
    }
    this.refused('');
    this.share = 0;
    const sent = this.sending(
      file,
      signal,
      (share) => {
        if (this.file === file) {
          this.share = share;
        }
      },
      this.address,
      this.asked(this.name)
    );
    this.stopping = sent.stop;
    try {
      const answer = await sent.answer;
      return this.file === file ? answer : null;
    } catch (thrown) {
      this.refused(thrown);
      return null;
    } finally {
      this.share = null;
    }
  }
}
