// Breaks words into lines and finds the size at which they fit: with the widths of the program's own face, so that what is laid out is what comes out.
import { table } from '$core';
import { escapeText, INK } from '../pictures/pen';

/** Millimetres in a point. */
export const PT = 25.4 / 72;
/** Distance from line to line, of the size of the letters. */
const LEADING = 1.22;

// Advance widths of Atkinson Hyperlegible Next at weight 600, thousandths of the size, from the font file: U+0020 to U+007E, then others.
const ASCII = [
  303, 298, 362, 730, 604, 953, 727, 195, 324, 324, 485, 598, 252, 369, 253, 424, 656, 430, 569, 592, 621, 602, 617, 529, 621, 578, 253,
  253, 564, 617, 564, 526, 780, 662, 634, 654, 683, 589, 562, 711, 699, 415, 546, 654, 548, 848, 710, 737, 617, 747, 639, 604, 592, 687,
  628, 877, 666, 627, 615, 333, 424, 344, 573, 391, 274, 544, 587, 502, 586, 555, 349, 582, 565, 285, 255, 536, 301, 870, 565, 567, 587,
  591, 368, 497, 360, 559, 509, 723, 522, 499, 492, 370, 249, 370, 543,
];
const OTHERS = table<number>({
  '½': 843,
  '⅓': 1035,
  '¼': 837,
  '⅔': 1035,
  '¾': 904,
  '⅛': 1035,
  '°': 381,
  '–': 502,
  '—': 830,
  '’': 259,
  '→': 838,
  '▲': 769,
  '×': 535,
  é: 555,
  è: 555,
  î: 285,
});
/** What the table does not have is taken to be as wide as the widest usual letter. */
const WIDEST = 1000;

/** Width of words in millimetres at a size in points. */
export function widthOf(words: string, pt: number): number {
  let sum = 0;
  for (const c of words) sum += ASCII[c.codePointAt(0)! - 32] ?? OTHERS.get(c) ?? WIDEST;
  // a hair more: printers round each letter
  return (sum / 1000) * pt * PT * 1.02;
}

/** Lines no wider than that; a word that is wider by itself is parted. */
export function breakLines(words: string, width: number, pt: number): string[] {
  const lines: string[] = [];
  let line = '';
  for (const word of words.split(/\s+/).filter(Boolean)) {
    const next = line ? `${line} ${word}` : word;
    if (widthOf(next, pt) <= width) {
      line = next;
      continue;
    }
    if (line) lines.push(line);
    line = '';
    for (const c of word) {
      if (line && widthOf(line + c, pt) > width) {
        lines.push(line);
        line = '';
      }
      line += c;
    }
  }
  if (line) lines.push(line);
  return lines;
}

export const lineHeight = (pt: number) => pt * PT * LEADING;

export type Fitted = { pt: number; lines: string[]; height: number };

/** The largest size, in whole points, at which the paragraphs fit; null where even the smallest does not. */
export function fitText(paragraphs: readonly string[], width: number, height: number, most: number, least: number): Fitted | null {
  for (let pt = most; pt >= least; pt--) {
    const lines = paragraphs.flatMap((p) => breakLines(p, width, pt));
    if (lines.length * lineHeight(pt) <= height) return { pt, lines, height: lines.length * lineHeight(pt) };
  }
  return null;
}

/** Lines of text, the first one's top at y. */
export function drawLines(
  lines: readonly string[],
  x: number,
  y: number,
  pt: number,
  more: { anchor?: 'start' | 'middle' | 'end'; weight?: number; colour?: string } = {},
): string {
  const { anchor = 'start', weight = 600, colour = INK } = more;
  const step = lineHeight(pt);
  return lines
    .map(
      (line, i) =>
        `<text x="${mm(x)}" y="${mm(y + i * step + pt * PT * 0.93)}" font-size="${mm(pt * PT)}" font-weight="${weight}" text-anchor="${anchor}" fill="${colour}" font-family="'Atkinson Hyperlegible Next Variable','Atkinson Hyperlegible Next',sans-serif">${escapeText(line)}</text>`,
    )
    .join('');
}

export const mm = (n: number) => String(Math.round(n * 100) / 100);
