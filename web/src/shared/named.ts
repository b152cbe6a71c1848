/** A piece of a text, and where it leads if it names something. */
export interface Piece {
  text: string;
  to?: string;
}

/** Takes a text apart at the titles that stand in it between “ and ”; what is quoted and has no page stays text. */
export function pieces(text: string, pages: ReadonlyMap<string, string>): Piece[] {
  const found: Piece[] = [];
  let from = 0;
  for (const match of text.matchAll(/“([^”]*)”/g)) {
    const to = pages.get(match[1]!);
    if (to !== undefined) {
      found.push({ text: text.slice(from, match.index + 1) }, { text: match[1]!, to });
      from = match.index + match[0].length - 1;
    }
  }
  found.push({ text: text.slice(from) });
  return found.filter((piece) => piece.text !== '');
}
