// Sheets to write on and boards to choose from: checklist, first-then, choice board, tool hunt, labels, data sheet, help cards.
import { hand } from '../../pictures/hands';
import { ACTION, Pen } from '../../pictures/pen';
import type { Form, PaperOptions } from '../model';
import { bodyOf, cardParts, deal, finish, grid, picture, placed, rect, rule, saysOf, type Rect } from '../page';
import { breakLines, drawLines, fitText, lineHeight, widthOf } from '../text';

/** A line for each step: number, picture, words, a box to tick. Long words make the line higher. */
export const checklist: Form = (data, options) => {
  const body = bodyOf(options);
  const pt = 16;
  const textX = body.x + 38;
  const textW = body.w - 38 - 14;
  const rows = data.cards.map((card) => {
    const lines = saysOf(card).flatMap((p) => breakLines(p, textW, pt));
    return { card, lines, h: Math.max(21, lines.length * lineHeight(pt) + 4) };
  });
  const pages: string[] = [];
  let [page, y] = ['', body.y];
  const flush = () => {
    pages.push(page);
    [page, y] = ['', body.y];
  };
  for (const { card, lines, h } of rows) {
    // a step longer than a page goes on at the next
    for (let i = 0, rest = lines; i === 0 || rest.length > 0; i++) {
      const room = Math.max(1, Math.floor((body.y + body.h - y - 4) / lineHeight(pt)));
      const wanted = i === 0 ? h : rest.length * lineHeight(pt) + 4;
      if (y > body.y && y + Math.min(wanted, body.h) > body.y + body.h) {
        flush();
        i--;
        continue;
      }
      const now = rest.slice(0, room);
      const here = i === 0 ? Math.max(21, now.length * lineHeight(pt) + 4) : now.length * lineHeight(pt) + 4;
      page +=
        (i === 0
          ? picture(card.svg, { x: body.x, y: y + 1, w: 34, h: 19 }) +
            rect({ x: body.x + body.w - 10, y: y + 5, w: 9, h: 9 }, { width: 0.7 })
          : '') +
        drawLines(now, textX, y + 2, pt) +
        rule(body.x, y + here, body.x + body.w, y + here, 0.2);
      y += here;
      rest = rest.slice(room);
      if (rest.length === 0) break;
      flush();
    }
  }
  if (page) flush();
  return finish(pages, data, options, 'checklist');
};

/** Two steps a row, first and then; the same step is never on two rows. */
export const firstThen: Form = (data, options) => {
  const body = bodyOf(options);
  const rows = options.turn === 'portrait' ? 3 : 2;
  const h = body.h / rows;
  const w = (body.w - 14) / 2;
  const pages = deal(deal(data.cards, 2), rows).map((page) =>
    page
      .map((pair, r) => {
        const y = body.y + r * h;
        return pair
          .map((card, i) => {
            const x = body.x + i * (w + 14);
            const [inner] = cardParts(card, w, h - 16, [12, 24], options.words);
            return (
              drawLines([i === 0 ? 'First' : 'Then'], x + 2, y, 20) +
              rect({ x, y: y + 9, w, h: h - 14 }, { width: 0.8, round: 3 }) +
              placed(inner, x, y + 9)
            );
          })
          .concat(pair.length > 1 ? [drawLines(['→'], body.x + w + 7, y + h / 2 - 6, 28, { anchor: 'middle', colour: ACTION })] : [])
          .join('');
      })
      .join(''),
  );
  return finish(pages, data, options, 'first, then');
};

/** Pictures to point at: what is in the dish. */
export const choice: Form = (data, options) => {
  const body = bodyOf(options);
  const [columns, rows] = options.turn === 'portrait' ? [2, 3] : [3, 2];
  const places = grid({ ...body, y: body.y + 12, h: body.h - 12 }, columns, rows, 4);
  const pages = deal(data.foods, places.length).map(
    (page) =>
      drawLines(['I choose'], body.x, body.y, 24) +
      page
        .map(({ name, svg }, i) => {
          const p = places[i];
          const words = fitText([name], p.w - 8, 18, 26, 10) ?? { lines: breakLines(name, p.w - 8, 10).slice(0, 3), pt: 10 };
          return (
            rect(p, { width: 0.8, round: 3 }) +
            picture(svg, { x: p.x + 4, y: p.y + 4, w: p.w - 8, h: p.h - 28 }) +
            drawLines(words.lines, p.x + p.w / 2, p.y + p.h - 21, words.pt, { anchor: 'middle' })
          );
        })
        .join(''),
  );
  return finish(pages, data, options, 'choice board');
};

/** What to find in this kitchen, and where it is kept. */
export const toolHunt: Form = (data, options) => {
  const body = bodyOf(options);
  const [columns, rows] = options.turn === 'portrait' ? [2, 6] : [3, 4];
  const places = grid(body, columns, rows, 3);
  const pages = deal(data.tools, places.length).map((page) =>
    page
      .map(({ name, place, svg }, i) => {
        const p = places[i];
        const w = p.w - p.h - 18;
        const words = fitText([name, ...(place ? [place] : [])], w, p.h - 6, 18, 8) ?? { lines: breakLines(name, w, 8), pt: 8, height: 0 };
        return (
          rect(p, { width: 0.5, round: 2 }) +
          picture(svg, { x: p.x + 2, y: p.y + 2, w: p.h - 4, h: p.h - 4 }) +
          drawLines(words.lines, p.x + p.h + 1, p.y + (p.h - words.height) / 2, words.pt) +
          rect({ x: p.x + p.w - 12, y: p.y + p.h / 2 - 4.5, w: 9, h: 9 }, { width: 0.7 })
        );
      })
      .join(''),
  );
  return finish(pages.length > 0 ? pages : [drawLines(['The steps name no tools.'], body.x, body.y, 16)], data, options, 'find the tools');
};

/** Millimetres that a label is wide and high: to be cut out and stuck on the measure itself. */
export const LABEL = { w: 60, h: 25 } as const;

/** A label for each measure of this kitchen; the bar shows its part of a cup or a tablespoon. */
export const labels: Form = (data, options) => {
  const body = bodyOf(options);
  const columns = Math.floor(body.w / (LABEL.w + 3));
  const rows = Math.floor(body.h / (LABEL.h + 3));
  const pages = deal(data.measures, columns * rows).map((page) =>
    page
      .map(({ label, size, shape, kind }, i) => {
        const [x, y] = [body.x + (i % columns) * (LABEL.w + 3), body.y + Math.floor(i / columns) * (LABEL.h + 3)];
        const full = shape === 'spoon' ? Math.min(1, size) : size;
        return (
          rect({ x, y, ...LABEL }, { width: 0.3, dash: '2 1.5' }) +
          drawLines([label], x + 4, y + 2, 34) +
          rect({ x: x + 4, y: y + 17, w: LABEL.w - 8, h: 5 }, { width: 0.4 }) +
          rect({ x: x + 4, y: y + 17, w: (LABEL.w - 8) * full, h: 5 }, { width: 0.4, fill: ACTION }) +
          drawLines([kind], x + LABEL.w - 4, y + 3, 9, { anchor: 'end' })
        );
      })
      .join(''),
  );
  return finish(
    pages.length > 0 ? pages : [drawLines(['This kitchen has no measures yet: say which under Kitchen.'], body.x, body.y, 16)],
    data,
    options,
    'labels',
  );
};

/** Letters that a box has room for; with more it stays empty, to be written in. */
const MOST_LETTERS = 8;

/** Steps by learners: in each box the letters of the levels, of which the one that was given is ringed. */
export const dataSheet: Form = (data, options) => {
  const body = bodyOf(options);
  const perSheet = options.turn === 'portrait' ? 6 : 10;
  const names = data.learners.length > 0 ? data.learners : ['', '', '', ''];
  const pages: string[] = [];
  for (const part of deal(names, perSheet)) {
    const boxW = 17;
    const textW = body.w - part.length * boxW - 4;
    const pt = 10;
    const rows = data.cards.map((card) => ({ lines: breakLines(`${card.number}. ${card.text}`, textW, pt) }));
    const letters = data.levels.length <= MOST_LETTERS ? data.levels.map((l) => l.code) : [];
    const legend = breakLines(
      `${letters.length > 0 ? 'Ring a letter: ' : ''}${data.levels.map((l) => `${l.code} ${l.name}`).join(' · ')}`,
      body.w,
      9,
    );
    const headH = 16;
    const room = body.h - headH - legend.length * lineHeight(9) - 14;
    for (const page of paged(rows, room, (r) => Math.max(8, r.lines.length * lineHeight(pt) + 2)))
      pages.push(
        drawLines(['Date:'], body.x, body.y, 11) +
          drawLines(['Who wrote this:'], body.x + 55, body.y, 11) +
          part
            .map((name, i) =>
              drawLines([short(name, boxW - 2)], body.x + body.w - (part.length - i) * boxW + boxW / 2, body.y + 9, 10, {
                anchor: 'middle',
              }),
            )
            .join('') +
          rowsOf(page, body, { head: headH, columns: part.length, boxW, pt, letters }) +
          drawLines(legend, body.x, body.y + body.h - legend.length * lineHeight(9), 9),
      );
  }
  return finish(pages, data, options, 'data sheet');
};

const LETTER_PT = 8;
/** Letters in a row of a box: far enough apart to be ringed by hand. */
const IN_A_ROW = 4;
function lettersIn(w: number, h: number, letters: readonly string[]): string {
  const rows = deal(letters, IN_A_ROW);
  return rows
    .flatMap((row, r) =>
      row.map((letter, i) => {
        const middle = (h * (r + 0.5)) / rows.length;
        const x = (w * (i + 0.5)) / Math.min(IN_A_ROW, letters.length);
        return drawLines([letter], x, middle - lineHeight(LETTER_PT) / 2, LETTER_PT, { anchor: 'middle', weight: 500 });
      }),
    )
    .join('');
}

type Row = { lines: string[] };
function paged(rows: readonly Row[], room: number, heightOf: (row: Row) => number): { row: Row; h: number }[][] {
  const pages: { row: Row; h: number }[][] = [[]];
  let used = 0;
  for (const row of rows) {
    // words that take a page and more end in dots: here only the box counts
    const most = Math.floor((room - 2) / lineHeight(10));
    const fitted = row.lines.length > most ? { lines: [...row.lines.slice(0, most - 1), '…'] } : row;
    const h = heightOf(fitted);
    if (used + h > room && used > 0) {
      pages.push([]);
      used = 0;
    }
    pages.at(-1)!.push({ row: fitted, h });
    used += h;
  }
  return pages;
}
type Boxes = { head: number; columns: number; boxW: number; pt: number; letters: readonly string[] };
function rowsOf(page: readonly { row: Row; h: number }[], body: Rect, { head, columns, boxW, pt, letters }: Boxes): string {
  let y = body.y + head;
  let out = rule(body.x, y, body.x + body.w, y);
  for (const { row, h } of page) {
    out += drawLines(row.lines, body.x, y + 1, pt, { weight: 500 });
    for (let c = 0; c < columns; c++) {
      const x = body.x + body.w - (columns - c) * boxW;
      out += rect({ x, y, w: boxW, h }, { width: 0.3 });
      out += placed(lettersIn(boxW, h, letters), x, y);
    }
    y += h;
    out += rule(body.x, y, body.x + body.w, y);
  }
  return out;
}

/** As much of a name as goes in. */
function short(name: string, width: number): string {
  let s = name;
  while (s.length > 1 && widthOf(s, 10) > width) s = s.slice(0, -1);
  return s;
}

const SAYS = ['I need help', 'Please wait', 'Stop', 'More', 'I have finished', 'It is too loud'] as const;

/** Cards to hold up. Words and marks only: whoever uses them can point. */
export const help: Form = (data, options: PaperOptions) => {
  const [columns, rows] = options.turn === 'portrait' ? [2, 3] : [3, 2];
  const places = grid(bodyOf(options), columns, rows, 4);
  const page = SAYS.map((words, i) => {
    const p = places[i];
    const fitted = fitText([words], p.w - 12, p.h / 2 - 6, 40, 14)!;
    return (
      rect(p, { width: 1.2, round: 4 }) +
      placed(markOf(i, p), p.x, p.y) +
      drawLines(fitted.lines, p.x + p.w / 2, p.y + p.h / 2 + 4, fitted.pt, { anchor: 'middle' })
    );
  }).join('');
  return finish([page], data, options, 'cards to hold up');
};

/** A plain mark over the words: raised hand, clock, bar, plus, tick, waves. */
function markOf(i: number, { w, h }: Rect): string {
  const [x, y, r] = [w / 2, h * 0.28, h * 0.17];
  const stroke = (d: string, width = 2.4) =>
    `<path d="${d}" fill="none" stroke="${ACTION}" stroke-width="${width}" stroke-linecap="round" stroke-linejoin="round"/>`;
  const circle = `<circle cx="${x}" cy="${y}" r="${r}" fill="none" stroke="${ACTION}" stroke-width="2.4"/>`;
  const marks = [
    raisedHand(x, y, r),
    circle + stroke(`M${x} ${y - r * 0.6}V${y}L${x + r * 0.5} ${y + r * 0.3}`),
    circle + stroke(`M${x - r * 0.5} ${y}H${x + r * 0.5}`, 4),
    circle + stroke(`M${x - r * 0.5} ${y}H${x + r * 0.5}M${x} ${y - r * 0.5}V${y + r * 0.5}`),
    circle + stroke(`M${x - r * 0.5} ${y}L${x - r * 0.1} ${y + r * 0.4}L${x + r * 0.5} ${y - r * 0.4}`),
    stroke(
      `M${x - r} ${y - r * 0.3}V${y + r * 0.3}M${x - r * 0.3} ${y - r * 0.7}V${y + r * 0.7}M${x + r * 0.4} ${y - r}V${y + r}M${x + r * 1.1} ${y - r * 0.5}V${y + r * 0.5}`,
    ),
  ];
  return marks[i] ?? '';
}

/** The hand of the pictures, its fingers up. */
function raisedHand(x: number, y: number, r: number): string {
  const pen = new Pen();
  const { back, front } = hand(pen, 'open', [0, 0], { arm: [0, 60], turn: 90, bare: 60 });
  const k = r / 34;
  return `<g transform="translate(${x} ${y}) scale(${k.toFixed(3)})"><clipPath id="raised-hand"><path d="M-60 -60H60V46H-60z"/></clipPath><g clip-path="url(#raised-hand)">${pen.finish(back + front)}</g></g>`;
}
