// Lays braille out for an embosser: lines of 40 cells, pages of 25 lines, in the ASCII of North American braille (BRF).

const CELLS = 40;
const LINES = 25;
/** Cells kept free at the end of a page's first line for its number. */
const NUMBER_ROOM = 6;

/** A number as braille digits: the number sign, then letters. */
export const brailleNumber = (n: number): string => `#${[...String(n)].map((d) => 'jabcdefghi'[Number(d)]).join('')}`;

/** Words of a line broken at 40 cells; runovers are indented, as lists are (Braille Formats: first cell, runovers in cell 3). */
function wrapped(line: string, width: (first: boolean) => number): string[] {
  const out: string[] = [];
  let now = '';
  const room = () => width(out.length === 0) - (out.length === 0 ? 0 : 2);
  const push = () => {
    out.push(out.length === 0 ? now : `  ${now}`);
    now = '';
  };
  for (let word of line.split(' ').filter(Boolean)) {
    if (now && now.length + 1 + word.length > room()) push();
    while (word.length > room()) {
      // a word longer than a line is parted with the hyphen
      now = `${word.slice(0, room() - 1)}-`;
      word = word.slice(now.length - 1);
      push();
    }
    now = now ? `${now} ${word}` : word;
  }
  if (now) push();
  return out;
}

/**
 * Braille lines as a file for an embosser.
 * @param title already in braille, like all lines
 */
export function brf(title: string, lines: readonly string[]): string {
  const body: string[] = [
    ...wrapped(title, () => CELLS - NUMBER_ROOM).map((l) => l.trim()),
    '',
    ...lines.flatMap((line) => wrapped(line, () => CELLS)),
  ];
  const pages: string[][] = [[]];
  for (const line of body) {
    const page = pages.at(-1)!;
    // the first line of each page holds its number; on later pages it holds nothing else
    if (page.length === LINES) pages.push(['', line]);
    else page.push(line);
  }
  return pages
    .map((page, i) => {
      const number = brailleNumber(i + 1);
      const first = page[0] ?? '';
      return [first + ' '.repeat(Math.max(1, CELLS - first.length - number.length)) + number, ...page.slice(1)].join('\r\n');
    })
    .map((page) => `${page}\r\n\f`)
    .join('');
}
