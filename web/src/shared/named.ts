/** A piece of a text, and where it leads if it names something. */
export interface Piece {
  text: string;
  to?: string;
}

/** Takes a text apart at the titles that stand in it between “ and ”; what is quoted and has no page stays text. */
export function pieces(text: string, pages: Readonly<Record<string, string>>): Piece[] {
  const found: Piece[] = [];
  let from = 0;
  for (const match of text.matchAll(/“([^”]*)”/g)) {
    const title = match[1]!;
    if (Object.hasOwn(pages, title)) {
      found.push({ text: text.slice(from, match.index + 1) }, { text: title, to: pages[title]! });
      from = match.index + match[0].length - 1;
    }
  }
  found.push({ text: text.slice(from) });
  return found.filter((piece) => piece.text !== '');
}
