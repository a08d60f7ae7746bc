// One sheet of paper as an SVG in millimetres: its edge, its title, its number, and the parts that forms put on it.
import { ACTION, INK } from '../pictures/pen';
import { PAPERS, type Page, type PaperCard, type PaperData, type PaperOptions } from './model';
import { breakLines, drawLines, fitText, lineHeight, mm } from './text';

/** No printer that we know of prints nearer to the edge than this (common practice: 6 mm, here with room to spare). */
export const MARGIN = 10;
const HEAD = 9;

export type Rect = { x: number; y: number; w: number; h: number };

/** Width and height of the sheet as it is held. */
export function sheetOf({ size, turn }: Pick<PaperOptions, 'size' | 'turn'>): [number, number] {
  const [w, h] = PAPERS[size];
  return turn === 'portrait' ? [w, h] : [h, w];
}

/** What is left for a form under the title. */
export function bodyOf(options: PaperOptions): Rect {
  const [w, h] = sheetOf(options);
  return { x: MARGIN, y: MARGIN + HEAD, w: w - 2 * MARGIN, h: h - 2 * MARGIN - HEAD };
}

export const rect = ({ x, y, w, h }: Rect, more: { stroke?: string; width?: number; fill?: string; dash?: string; round?: number } = {}) =>
  `<rect x="${mm(x)}" y="${mm(y)}" width="${mm(w)}" height="${mm(h)}" rx="${more.round ?? 0}" fill="${more.fill ?? 'none'}" stroke="${more.stroke ?? INK}" stroke-width="${more.width ?? 0.5}"${more.dash ? ` stroke-dasharray="${more.dash}"` : ''}/>`;
/** From where, to where: x, y, x, y. */
export type Line = readonly [number, number, number, number];
export const rule = (x1: number, y1: number, x2: number, y2: number, width = 0.3, dash = '') => rules([[x1, y1, x2, y2]], width, dash);
/** Lines that are one shape of the page: a browser takes its time for each shape that it prints. */
export const rules = (lines: readonly Line[], width: number, dash = '') =>
  `<path d="${lines.map(([x1, y1, x2, y2]) => `M${mm(x1)} ${mm(y1)}L${mm(x2)} ${mm(y2)}`).join('')}" stroke="${INK}" stroke-width="${width}" fill="none"${dash ? ` stroke-dasharray="${dash}"` : ''}/>`;

/** A picture of 240 x 160 as large as it goes, in the middle of a place. */
export function picture(svg: string, { x, y, w, h }: Rect): string {
  const k = Math.min(w / 240, h / 160);
  return `<svg x="${mm(x + (w - 240 * k) / 2)}" y="${mm(y + (h - 160 * k) / 2)}" width="${mm(240 * k)}" height="${mm(160 * k)}" viewBox="0 0 240 160" overflow="hidden">${svg}</svg>`;
}

/** Whatever pages there are, each with the title and its number. */
export function finish(parts: readonly string[], data: PaperData, options: PaperOptions, what: string): Page[] {
  const [width, height] = sheetOf(options);
  const title = [data.title, what, data.learner ?? '', data.from].filter(Boolean).join(' · ');
  return parts.map((svg, i) => {
    const number = `${i + 1} of ${parts.length}`;
    const head = fitText([title], width - 2 * MARGIN - 24, lineHeight(11), 11, 6) ?? {
      pt: 6,
      lines: breakLines(title, width - 2 * MARGIN - 24, 6).slice(0, 1),
    };
    return {
      width,
      height,
      svg: drawLines(head.lines, MARGIN, MARGIN, head.pt) + drawLines([number], width - MARGIN, MARGIN, 11, { anchor: 'end' }) + svg,
    };
  });
}

/** Least and most points of a card's words, by cards on a page: what stands on four can be read at arm's length. */
const POINTS = new Map([
  [1, [28, 54]],
  [2, [24, 40]],
  [4, [18, 34]],
  [6, [16, 22]],
  [9, [14, 18]],
] as const);
export const pointsFor = (perPage: number): readonly [number, number] => POINTS.get(perPage as 4) ?? [14, 18];

const FACTORS = new Map([
  ['usual', 1],
  ['large', 1.3],
  ['largest', 1.6],
] as const);
/** The points that words of a card may have, in the size that was chosen: the least and the most. */
export function sized([least, most]: readonly [number, number], { text }: PaperOptions): [number, number] {
  const factor = FACTORS.get(text) ?? 1;
  return [least * factor, most * factor];
}

/** What a card says, in paragraphs. */
export const saysOf = (card: PaperCard): string[] => [
  `${card.number}. ${card.adult ? 'An adult: ' : ''}${card.text}`,
  ...card.lines.map((l) => `→ ${l}`),
  ...(card.hazards ? [card.hazards] : []),
];

/** Shares of a card that its picture may take, largest first: long words make it smaller. */
const PICTURE_SHARES = [0.62, 0.5, 0.38, 0.26];

/**
 * A card: its picture and its words, whole. Words too long for one card go on on further ones; nothing is cut off.
 * @returns the inside of each card that it takes, for a place of that size at 0,0
 */
export function cardParts(
  card: PaperCard,
  w: number,
  h: number,
  [least, most]: readonly [number, number],
  words: PaperOptions['words'],
): string[] {
  const pad = 3.5;
  const [iw, ih] = [w - 2 * pad, h - 2 * pad];
  if (words === 'none') return [picture(card.svg, { x: pad, y: pad, w: iw, h: ih })];
  const says = saysOf(card);
  for (const share of PICTURE_SHARES) {
    const ph = Math.min(ih * share, iw / 1.5);
    const fitted = fitText(says, iw, ih - ph - 2, most, least);
    if (!fitted) continue;
    // what is left over is shared above and below
    const spare = Math.max(0, (ih - ph - 2 - fitted.height) / 2);
    const top = (words === 'above' ? pad + fitted.height + 2 : pad) + spare;
    return [
      picture(card.svg, { x: pad, y: top, w: iw, h: ph }) +
        drawLines(fitted.lines, pad, (words === 'above' ? pad : pad + ph + 2) + spare, fitted.pt),
    ];
  }
  const lines = says.flatMap((p) => breakLines(p, iw, least));
  const share = ih * PICTURE_SHARES.at(-1)!;
  const first = Math.floor((ih - share - 2) / lineHeight(least));
  const each = Math.floor((ih - lineHeight(least)) / lineHeight(least));
  const out = [picture(card.svg, { x: pad, y: pad, w: iw, h: share }) + drawLines(lines.slice(0, first), pad, pad + share + 2, least)];
  for (let i = first; i < lines.length; i += each)
    out.push(
      drawLines([`${card.number}, goes on:`], pad, pad, least, { colour: ACTION }) +
        drawLines(lines.slice(i, i + each), pad, pad + lineHeight(least), least),
    );
  return out;
}

export const placed = (inner: string, x: number, y: number) => `<g transform="translate(${mm(x)} ${mm(y)})">${inner}</g>`;

/** A grid of places that fills the body. */
export function grid(body: Rect, columns: number, rows: number, gap = 0): Rect[] {
  const w = (body.w - gap * (columns - 1)) / columns;
  const h = (body.h - gap * (rows - 1)) / rows;
  return Array.from({ length: columns * rows }, (_, i) => ({
    x: body.x + (i % columns) * (w + gap),
    y: body.y + Math.floor(i / columns) * (h + gap),
    w,
    h,
  }));
}

/** Items dealt out page by page. */
export const deal = <T>(items: readonly T[], each: number): T[][] =>
  Array.from({ length: Math.ceil(items.length / each) }, (_, i) => items.slice(i * each, (i + 1) * each));
