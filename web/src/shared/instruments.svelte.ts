import { api, ask } from '../api/client';

/** Where each instrument is, by its title; asked for once, when the first text names one. */
let pages = $state.raw<ReadonlyMap<string, string>>(new Map());
let asked = false;

export function instrumentPages(): ReadonlyMap<string, string> {
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
    pages = new Map(
      families.flatMap((one) => one.instruments.map((it) => [it.title, `/instruments/${it.id}`]))
    );
  } catch {
    asked = false;
  }
}
