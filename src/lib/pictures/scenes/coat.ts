// A piece that is covered in crumbs, and a hollow thing that is filled.
import { lookByName, type Content, type Look, type Thing } from '$core';
import { boat, heap, mound, piece, whole } from '../pieces';
import { hand } from '../hands';
import { counter, COUNTER } from '../kitchen';
import { at, circle, ellipse, line, shape, type Pen } from '../pen';
import { around, arrow } from '../signs';
import { held, toolFor } from '../tools';
import { vessel } from '../vessels';
import { asContent, contentsOf, gloved, type Draw, type Scenes } from './model';
import { STIR } from './stir';

const FINE = new Set(['grains', 'powder', 'small', 'biscuit']);
const isFine = (c: Content) => FINE.has(c.look.shape) || c.state === 'chopped' || c.state === 'mashed';

/** Each piece is laid in the crumbs, pressed and turned, until no bare place is left. */
const coat: Draw = (pen, stage) => {
  const all = [...stage.things.filter((t) => t.look).map(asContent), ...contentsOf(stage)];
  const crumbs = all.find((c) => FINE.has(c.look.shape)) ?? all.find(isFine);
  if (!crumbs) return STIR.stir!(pen, stage);
  const coated = all.find((c) => c !== crumbs && !isFine(c) && c.look.shape !== 'liquid')?.look ?? lookByName('dough');
  const round = /\b(?:balls?|roll)\b/i.test(stage.words);
  const bits = (n: number, x: number, y: number, w: number, h: number) =>
    Array.from({ length: n }, (_, i) => {
      const [dx, dy] = [(((i * 37) % 100) / 50 - 1) * w, (((i * 61) % 100) / 50 - 1) * h];
      return crumbs.look.shape === 'powder'
        ? circle(x + dx, y + dy, 2, crumbs.look.flesh, 1, crumbs.look.mark)
        : at(x + dx, y + dy, piece(crumbs.look, crumbs.state === 'whole' ? 'whole' : 'chopped', 7, i), i * 50);
    }).join('');
  const lump = round
    ? circle(0, 0, 21, coated.flesh, 2.4)
    : coated.shape === 'long' || coated.shape === 'sausage'
      ? whole(coated, 60)
      : ellipse(0, 0, 34, 15, coated.flesh, 2.4);
  const [w, h] = round ? [14, 12] : [25, 9];
  const rh = hand(pen, 'pinch', [126, 82], { arm: [262, -20] });
  const lh = hand(pen, 'rim', [44, 122], { arm: [-26, 90], side: 'left' });
  const done = at(212, 124, `<g transform="scale(0.62)">${lump}${bits(16, 0, 0, w + 4, h + 2)}</g>`);
  return (
    counter() +
    lh.back +
    vessel(pen, 'plate', 108, COUNTER, {}).back +
    vessel(pen, 'plate', 108, COUNTER, {}).front +
    at(108, 126, mound({ ...crumbs.look, shape: 'powder' }, 96)) +
    bits(14, 108, 124, 40, 8) +
    lh.front +
    pen.move('0 0 -34, 0.3 0 4, 0.5 0 -18, 0.7 0 4, 1 0 -34', rh.back + at(112, 96, lump) + bits(9, 112, 104, w, h * 0.7) + rh.front) +
    done +
    line('M188 140H236', 5, '#8fa3ad') +
    around(60, 46, 22, 10)
  );
};

/** The thing that is filled, its opening up: a pocket of bread, a tube, a hollowed or open food. */
function carrier(l: Look): { back: string; front: string } {
  switch (l.shape) {
    case 'flat':
    case 'loaf':
      return {
        back: shape('M38 90Q104 62 170 90Q104 110 38 90z', l.flesh, 2.4, l.mark),
        front:
          shape('M38 90Q104 112 170 90Q176 138 104 140Q32 138 38 90z', l.skin, 2.4, l.mark) +
          [64, 96, 132, 150].map((x, i) => ellipse(x, 118 + (i % 2) * 8, 6, 3, l.mark, 0)).join(''),
      };
    case 'tubes':
      return {
        back: ellipse(62, 112, 12, 24, l.mark, 2.4),
        front: shape('M62 88H196Q206 112 196 136H62Q74 112 62 88z', l.skin, 2.4, l.mark) + line('M90 96H186M90 128H186', 2, l.mark),
      };
    default:
      return { back: '', front: at(104, 112, boat(l, l.shape === 'mushroom' || l.shape === 'leaf' ? 104 : 88, false)) };
  }
}

/** What goes in goes in with a spoon, and stands out of the opening. */
export function fill(pen: Pen, stage: Parameters<Draw>[1], onto: Thing): string {
  const l = onto.look ?? lookByName('flatbread');
  const t = stage.things.find((one) => one.look && one.look.name !== l.name) ?? stage.things[0];
  const content: Content = t?.look ? asContent(t) : contentsOf(stage)[0];
  const tube = l.shape === 'tubes';
  const { back, front } = carrier(l);
  const tool = toolFor(stage.tool, 'lifts', 'spoon');
  const tip: [number, number] = tube ? [44, 104] : [116, 60];
  const rh = held(pen, tool, tip, tube ? -28 : 48, tube ? [120, -60] : [262, -20]);
  const lh = hand(pen, gloved(stage, 'rim'), tube ? [206, 112] : [30, 92], tube ? { arm: [270, 80] } : { arm: [-24, 50], side: 'left' });
  const soft = ['liquid', 'cream', 'powder'].includes(content.look.shape) || content.state === 'mashed';
  const load = at(
    tip[0] + (tube ? -2 : 4),
    tip[1] - 12,
    soft ? mound({ ...content.look, shape: 'cream' }, 24) : heap(content.look, content.state, 3, 24),
  );
  const inside = tube
    ? ''
    : at(
        104,
        l.shape === 'flat' || l.shape === 'loaf' ? 84 : 98,
        soft ? mound({ ...content.look, shape: 'cream' }, 60) : heap(content.look, content.state, 5, 64),
      );
  return (
    counter() +
    lh.back +
    back +
    pen.from(0.5, inside) +
    front +
    lh.front +
    pen.move(tube ? '0 -14 -16, 0.5 12 4, 1 -14 -16' : '0 30 -30, 0.45 0 6, 0.7 -4 -8, 1 30 -30', rh.back + rh.tool + load + rh.front) +
    (tube ? arrow(16, 58, 34, 86, -6) : arrow(72, 24, 84, 54, 6))
  );
}

export const COAT: Scenes = { coat };
