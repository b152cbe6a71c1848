import { api, ask } from '../api/client';

/** Where each instrument is, by its title; asked for once, when the first text names one. */
let pages = $state.raw<Readonly<Record<string, string>>>({});
let asked = false;

export function instrumentPages(): Readonly<Record<string, string>> {
  return pages;
}

/** Fetches the titles for a text that quotes something; a failure leaves the text as it is. */
export async function learnInstruments(): Promise<void> {
  if (asked) {
    return;
  }
  asked = true;
  try {
    const families = await ask(api.GET('/api/instruments'));
    pages = Object.fromEntries(
      families.flatMap((one) => one.instruments.map((it) => [it.title, `/instruments/${it.id}`]))
    );
  } catch {
    asked = false;
  }
}
