// Cards to cut out, a strip, sequence cards with their key, a placemat, large print: forms made of cards.
import type { Form, PaperCard, PaperData, PaperOptions } from '../model';
import {
  bodyOf,
  cardParts,
  deal,
  finish,
  grid,
  picture,
  placed,
  pointsFor,
  rect,
  rule,
  rules,
  saysOf,
  sheetOf,
  sized,
  type Line,
  type Rect,
} from '../page';
import { breakLines, drawLines, fitText, lineHeight } from '../text';

/** Columns and rows, by cards on a page, on paper that stands upright. */
const GRIDS = new Map<number, [number, number]>([
  [1, [1, 1]],
  [2, [1, 2]],
  [4, [2, 2]],
  [6, [2, 3]],
  [9, [3, 3]],
]);
function gridFor({ perPage, turn }: PaperOptions): [number, number] {
  const [c, r] = GRIDS.get(perPage) ?? [2, 2];
  return turn === 'portrait' ? [c, r] : [r, c];
}

/** Marks at the corners of a place, outside what is kept. */
const cutMarks = ({ x, y, w, h }: Rect) =>
  rules(
    [
      [x, y],
      [x + w, y],
      [x, y + h],
      [x + w, y + h],
    ].flatMap(([cx, cy]): Line[] => [
      [cx - 2, cy, cx + 2, cy],
      [cx, cy - 2, cx, cy + 2],
    ]),
    0.2,
  );

const framed = (inner: string, place: Rect) =>
  placed(rect({ x: 1, y: 1, w: place.w - 2, h: place.h - 2 }, { width: 0.6, round: 2 }) + placed(inner, 1, 1), place.x, place.y) +
  cutMarks(place);

/** The back of a card: its words in full size, so that it can be read from behind while the picture faces the learner. */
function backOf(card: PaperCard, w: number, h: number, [least, most]: readonly [number, number]): string {
  const fitted = fitText(saysOf(card), w - 10, h - 10, most + 6, least) ?? fitText(saysOf(card), w - 10, h - 10, least, 6);
  return fitted ? drawLines(fitted.lines, 4, Math.max(4, (h - fitted.height) / 2), fitted.pt) : '';
}

export const cards: Form = (data, options) => {
  const [columns, rows] = gridFor(options);
  const places = grid(bodyOf(options), columns, rows);
  const { w, h } = places[0];
  const points = sized(pointsFor(options.perPage), options);
  const faces = data.cards.flatMap((card) =>
    cardParts(card, w - 2, h - 2, points, options.backs ? 'none' : options.words).map((inner) => ({ inner, card })),
  );
  const pages = deal(faces, places.length).flatMap((page) => {
    const front = page.map(({ inner }, i) => framed(inner, places[i])).join('');
    if (!options.backs) return [front];
    // turned over along the long edge, left and right change places
    const back = page
      .map(({ card }, i) => {
        const row = Math.floor(i / columns);
        const place = places[row * columns + (columns - 1 - (i % columns))];
        return framed(backOf(card, w - 2, h - 2, points), place);
      })
      .join('');
    return [front, back];
  });
  return finish(pages, data, options, 'cards');
};

/** One column after the other, to be cut and hung as a strip. */
export const strip: Form = (data, options) => {
  const body = bodyOf(options);
  const columns = options.turn === 'portrait' ? 3 : 4;
  const rows = options.turn === 'portrait' ? 5 : 3;
  const w = body.w / columns;
  const h = body.h / rows;
  const parts = data.cards.flatMap((card) => cardParts(card, w - 1, h - 1, sized([9, 14], options), options.words));
  const pages = deal(parts, columns * rows).map((page) =>
    page
      .map((inner, i) => {
        const place = { x: body.x + Math.floor(i / rows) * w, y: body.y + (i % rows) * h, w, h };
        return placed(inner, place.x, place.y) + rect(place, { width: 0.3 });
      })
      .join(''),
  );
  return finish(pages, data, options, 'strip');
};

/** Cards without their numbers in another order, each with a letter; the last page is the key. */
export const sequence: Form = (data, options) => {
  const body = bodyOf(options);
  const [columns, rows] = options.turn === 'portrait' ? [2, 3] : [3, 2];
  const places = grid(body, columns, rows);
  const { w, h } = places[0];
  const mixed = shuffled(data.cards);
  const letter = (i: number) => (i < 26 ? '' : String.fromCharCode(64 + Math.floor(i / 26))) + String.fromCharCode(65 + (i % 26));
  const faces = mixed.map((card, i) => {
    const room = fitText([card.text], w - 20, h * 0.36, 20, 9);
    const pic = { x: 4, y: 4, w: w - 10, h: h * 0.56 };
    const words =
      options.words === 'none'
        ? ''
        : room
          ? drawLines(room.lines, 4, h * 0.6, room.pt)
          : drawLines(breakLines(card.text, w - 20, 9).slice(0, Math.floor((h * 0.36) / lineHeight(9))), 4, h * 0.6, 9);
    return picture(card.svg, pic) + words + drawLines([letter(i)], w - 6, h - 12, 18, { anchor: 'end' });
  });
  const pages = deal(faces, places.length).map((page) => page.map((inner, i) => framed(inner, places[i])).join(''));
  const order = data.cards.map((card, i) => `${i + 1}. ${letter(mixed.indexOf(card))}`);
  const perColumn = Math.floor((body.h - 14) / lineHeight(14));
  const keys = deal(order, perColumn * 4).map(
    (part) =>
      drawLines(['The order'], body.x, body.y, 18) +
      deal(part, perColumn)
        .map((column, i) => drawLines(column, body.x + (i * body.w) / 4, body.y + 14, 14))
        .join(''),
  );
  return finish([...pages, ...keys], data, options, 'sequence cards');
};

/** Always the same other order for the same steps. */
function shuffled<T extends { key: string }>(items: readonly T[]): T[] {
  const hash = (s: string) => [...s].reduce((n, c) => (Math.imul(n ^ c.charCodeAt(0), 16777619) >>> 0) % 1000003, 2166136261 % 1000003);
  return [...items].sort((a, b) => hash(a.key) - hash(b.key) || (a.key < b.key ? -1 : 1));
}

/** All steps small on as few pages as can be read, for the place where somebody works. */
export const placemat: Form = (data, given) => {
  const options = { ...given, turn: 'landscape' as const };
  const [columns, rows] = data.cards.length <= 12 ? [4, 3] : data.cards.length <= 20 ? [5, 4] : [6, 4];
  const places = grid(bodyOf(options), columns, rows, 2);
  const { w, h } = places[0];
  const parts = data.cards.flatMap((card) => cardParts(card, w, h, [7, 12], options.words));
  const pages = deal(parts, places.length).map((page) =>
    page.map((inner, i) => placed(inner, places[i].x, places[i].y) + rect(places[i], { width: 0.3, round: 1.5 })).join(''),
  );
  return finish(pages, data, options, 'placemat');
};

/** Words at 36 points or more, the picture beside or over them. */
export const largePrint: Form = (data, options) => {
  const body = bodyOf(options);
  const parts = data.cards.flatMap((card) => cardParts(card, body.w, body.h, [36, 60], options.words === 'none' ? 'under' : options.words));
  return finish(
    parts.map((inner) => placed(inner, body.x, body.y)),
    data,
    options,
    'large print',
  );
};

/** Two sheets a leaf, in the order in which they lie when the stack is folded: a cover, then the steps. */
export const booklet: Form = (data, given) => {
  const options: PaperOptions = { ...given, turn: 'landscape' };
  const [sw, sh] = sheetOf(options);
  const half: Rect = { x: 0, y: 0, w: sw / 2, h: sh };
  const inner = { w: half.w - 20, h: sh - 32 };
  const leaves = [
    coverOf(data, inner.w, inner.h),
    ...data.cards.flatMap((card) => cardParts(card, inner.w, inner.h, sized([18, 34], options), options.words)),
  ];
  while (leaves.length % 4 !== 0) leaves.push('');
  const n = leaves.length;
  const last = 1 + data.cards.length;
  const at = (page: number, side: 0 | 1) =>
    placed(
      placed(leaves[page], 10, 14) +
        (leaves[page] && page > 0
          ? drawLines([`${data.title} · ${page + 1} of ${Math.max(last, leaves.filter(Boolean).length)}`], half.w / 2, sh - 13, 10, {
              anchor: 'middle',
            })
          : ''),
      side * half.w,
      0,
    );
  const sheets: string[] = [];
  for (let i = 0; i < n / 4; i++) {
    sheets.push(at(n - 1 - 2 * i, 0) + at(2 * i, 1) + fold(sw, sh));
    sheets.push(at(2 * i + 1, 0) + at(n - 2 - 2 * i, 1) + fold(sw, sh));
  }
  return sheets.map((svg, i) => ({
    width: sw,
    height: sh,
    svg:
      svg +
      drawLines(
        [`${data.title} · booklet, sheet ${Math.floor(i / 2) + 1}, ${i % 2 ? 'inside' : 'outside'} · ${i + 1} of ${sheets.length}`],
        12,
        4,
        8,
      ),
  }));
};

const fold = (w: number, h: number) => rule(w / 2, 2, w / 2, 7, 0.2, '1 1') + rule(w / 2, h - 7, w / 2, h - 2, 0.2, '1 1');

function coverOf({ title, learner, cards: all }: PaperData, w: number, h: number): string {
  const name = fitText([title], w, h * 0.3, 44, 14) ?? { lines: breakLines(title, w, 14).slice(0, 6), pt: 14, height: 0 };
  const best = all.findLast((c) => /\b(?:serve|stir|mix|bake)\b/i.test(c.text)) ?? all[Math.floor(all.length / 2)];
  return (
    drawLines(name.lines, w / 2, h * 0.06, name.pt, { anchor: 'middle' }) +
    (best ? picture(best.svg, { x: 0, y: h * 0.38, w, h: h * 0.45 }) : '') +
    (learner ? drawLines([learner], w / 2, h * 0.88, 24, { anchor: 'middle' }) : '')
  );
}
