import type { Schemas } from '../api/client';

type Part = Schemas['TextPart'];

/** Where a part of a text leads; nowhere where it is mere words, or of a craft and no craft is named. */
export function leadsTo(part: Part, craftId?: string): string | undefined {
  if (part.id === undefined) {
    return undefined;
  }
  switch (part.kind) {
    case 'INSTRUMENT':
      return `/instruments/${part.id}`;
    case 'PAGE':
    case 'CHECK':
      return `/handbook/${part.id}`;
    case 'PAD':
    case 'WIRE':
      // A wire is named by the pads that it joins.
      return onCraft(`wiring?pad=${encodeURIComponent(part.id.split('>')[0]!)}`, craftId);
    case 'SETTING':
      return onCraft(`configuration?setting=${encodeURIComponent(part.id)}`, craftId);
    default:
      return undefined;
  }
}

function onCraft(page: string, craftId?: string): string | undefined {
  return craftId === undefined ? undefined : `/crafts/${encodeURIComponent(craftId)}/${page}`;
}
