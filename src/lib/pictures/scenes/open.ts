// Each pack opens in its own way.
import { type Thing } from '$core';
import { hand } from '../hands';
import { counter } from '../kitchen';
import { lidOf, packBody } from '../packs';
import { at, circle, INK, line, shape } from '../pen';
import { around, arrow } from '../signs';
import { mainLook, type Draw, type Scenes } from './model';

/** Each pack opens in its own way. */
const open: Draw = (pen, stage) => {
  const l = mainLook(stage);
  const pack = stage.form as Thing['pack'];
  const k = 1.7;
  const foot = 150;
  const x = 104;
  const lh = hand(pen, 'wrap', [x - 28, 112], { arm: [-20, 124], side: 'left' });
  if (pack === 'jar' || pack === 'bottle' || pack === 'shaker') {
    const top = foot - (pack === 'bottle' ? 66 : pack === 'jar' ? 54 : 46) * k;
    const rh = hand(pen, 'wrap', [x + 12, top], { arm: [262, top - 40], turn: -20 });
    return (
      counter() +
      lh.back +
      at(x, foot, packBody(l, pack), 0, k) +
      lh.front +
      pen.move('0 0 0 0, 0.4 0 0 24, 0.6 4 -8 24, 1 0 0 0', at(x, foot, lidOf(pack, l), 0, k) + rh.back + rh.front, [x, top]) +
      around(188, 66, 22, 10)
    );
  }
  if (pack === 'tub' || pack === 'eggbox' || pack === 'box') {
    const top = foot - (pack === 'box' ? 62 : 36) * k;
    const rh = hand(pen, 'pinch', [x + 30, top - 6], { arm: [262, top - 70] });
    const film =
      pack === 'tub'
        ? shape(`M${x - 40} ${top + 8}L${x + 34} ${top - 22}l8 6L${x + 42} ${top + 8}z`, '#dfe6ea')
        : pack === 'box'
          ? shape(`M${x - 36} ${top + 14}L${x + 26} ${top - 14}l22 6L${x + 36} ${top + 12}z`, '#dccaa6')
          : shape(`M${x - 48} ${top + 2}Q${x} ${top - 52} ${x + 48} ${top + 2}z`, '#b9b2a6');
    return (
      counter() +
      lh.back +
      at(x, foot, packBody(l, pack), 0, k) +
      lh.front +
      pen.move('0 0 16 18, 0.6 0 0 0, 1 0 16 18', film + rh.back + rh.front, [x - 40, top + 8]) +
      arrow(206, 104, 206, 70)
    );
  }
  if (pack === 'tin') return can(pen, stage);
  // a bag, a carton, a packet: a corner is cut off with scissors
  const body = pack === 'carton' ? 'carton' : pack === 'sachet' ? 'sachet' : 'bag';
  const top = foot - (body === 'sachet' ? 40 : 54) * k;
  const rh = hand(pen, 'fist', [188, top + 4], { arm: [264, top - 10], turn: 84 });
  const blades =
    shape(`M168 ${top + 2}L118 ${top - 4}q-6 1 0 6l48 8z`, '#c9d2d7', 2) +
    shape(`M168 ${top + 4}L120 ${top + 16}q-6 0 -2 -5l46 -14z`, '#c9d2d7', 2) +
    circle(186, top - 6, 9, 'none', 6) +
    circle(186, top + 14, 9, 'none', 6) +
    circle(166, top + 4, 4, '#7f8f98', 1.8);
  return (
    counter() +
    lh.back +
    at(x, foot, packBody(l, body), 0, k) +
    lh.front +
    pen.move('0 18 0, 0.6 0 0, 1 18 0', rh.back + blades + rh.front) +
    line(`M${x + 6} ${top + 2}H${x + 40}`, 2.4, INK, ' stroke-dasharray="4 3"') +
    arrow(206, top + 44, 176, top + 28, -4)
  );
};

/** The wheel runs along the rim; the hand that holds the tin stays low, away from the lid. */
const can: Draw = (pen, stage) => {
  const l = mainLook(stage);
  const lh = hand(pen, 'wrap', [62, 122], { arm: [-20, 134], side: 'left' });
  const rh = hand(pen, 'fist', [184, 66], { arm: [264, 60], turn: 84 });
  const tin = at(92, 150, packBody({ ...l, pack: 'tin' }, 'tin'), 0, 1.75);
  const opener =
    line('M126 58L214 60M126 66L214 78', 11) +
    line('M126 58L214 60M126 66L214 78', 6.6, '#c9452c') +
    circle(124, 62, 14, '#dbe2e5') +
    at(124, 62, pen.move('0 0 0 0, 0.8 0 0 180, 1 0 0 180', line('M-8 0H8M0 -8V8', 3)));
  const cover = pen.from(0.4, shape('M56 54Q60 30 92 30T130 50Q92 58 56 54z', '#e8edf0'));
  return counter() + lh.back + tin + cover + lh.front + rh.back + opener + rh.front + around(186, 26, 20, 9);
};

export const OPEN: Scenes = { open, can };
