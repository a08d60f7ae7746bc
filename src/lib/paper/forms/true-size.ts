// How large: sizes that steps name, as large as they are, to lie beside the board.
import type { TrueSize } from '$core';
import { ACTION } from '../../pictures/pen';
import type { Form } from '../model';
import { bodyOf, finish, rect, rule, type Rect } from '../page';
import { breakLines, drawLines, lineHeight } from '../text';

const PT = 12;
const LABEL_PT = 20;
/** Millimetres between a shape and what stands under it. */
const GAP = 3;
/** A length is drawn as a bar so high. */
const BAR = 8;

/** The shape with its size to the side, at the left of its place. */
function shapeAt({ shape, mm, label }: TrueSize, x: number, y: number): string {
  const words = drawLines([label], x + mm + 6, y + Math.max(0, (heightOf({ shape, mm }) - lineHeight(LABEL_PT)) / 2), LABEL_PT, {
    colour: ACTION,
  });
  if (shape === 'round')
    return `<circle cx="${x + mm / 2}" cy="${y + mm / 2}" r="${mm / 2}" fill="none" stroke="#1e2528" stroke-width="0.5"/>` + words;
  if (shape === 'square') return rect({ x, y, w: mm, h: mm }, { width: 0.5 }) + words;
  return (
    rect({ x, y, w: mm, h: BAR }, { width: 0.5, fill: '#d3e3df' }) +
    rule(x, y - 2, x, y + BAR + 2) +
    rule(x + mm, y - 2, x + mm, y + BAR + 2) +
    words
  );
}
const heightOf = ({ shape, mm }: Pick<TrueSize, 'shape' | 'mm'>) => (shape === 'length' ? BAR : mm);

/** Print at 100 %, not fitted to the page: the bar of 100 mm on each page tells whether it was. */
const checked = (body: Rect) =>
  rule(body.x, body.y + 4, body.x + 100, body.y + 4) +
  rule(body.x, body.y + 2, body.x, body.y + 6) +
  rule(body.x + 100, body.y + 2, body.x + 100, body.y + 6) +
  drawLines(['Printed at 100 %, this line is 10 cm, a little less than 4 in.'], body.x, body.y + 6, 9);

export const trueSize: Form = (data, options) => {
  const body = bodyOf(options);
  const top = body.y + 16;
  const pages: string[] = [];
  let [page, y] = [checked(body), top];
  for (const size of data.sizes) {
    const lines = breakLines(size.step, body.w, PT).slice(0, 4);
    const h = heightOf(size) + GAP + lines.length * lineHeight(PT) + 8;
    if (y + h > body.y + body.h && y > top) {
      pages.push(page);
      [page, y] = [checked(body), top];
    }
    page += shapeAt(size, body.x, y) + drawLines(lines, body.x, y + heightOf(size) + GAP, PT);
    y += h;
  }
  if (data.sizes.length === 0) page += drawLines(['No step of this recipe says how large something is.'], body.x, top, 14);
  return finish([...pages, page], data, options, 'how large');
};
