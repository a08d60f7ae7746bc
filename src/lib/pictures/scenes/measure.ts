// Measuring: cups and spoons made level, a jug to its line, a scale to its number.
import { lookByName, type Stage } from '$core';
import { whole, heap } from '../pieces';
import { hand } from '../hands';
import { counter, COUNTER, lcd, stream } from '../kitchen';
import { packBody } from '../packs';
import { ACTION, area, at, box, INK, line, shape, type Pen, type Point } from '../pen';
import { arrow } from '../signs';
import { dryMeasure } from '../tools';
import { vessel } from '../vessels';
import { lying, asContent, mainLook, mainThing, type Draw, type Scenes } from './model';

/** The plain spoon and cup: heaped and made level, over what it comes from; so often. */
const measure: Draw = (pen, stage) => {
  const t = mainThing(stage);
  const l = t.look ?? lookByName('food');
  const m = stage.measures[0];
  if (!m || m.shape === 'jug' || (stage.reads && stage.measures.length === 0)) return jugTo(pen, stage);
  const spoon = m.shape === 'spoon';
  const from = l.pack === 'none' || l.pack === 'tap' ? 'bag' : l.pack;
  const source = at(48, COUNTER, packBody(l, from), 0, 1.35);
  const fill = l.flesh;
  const liquid = l.shape === 'liquid';
  const my = spoon ? 78 : 74;
  const mx = spoon ? 128 : 132;
  const cup = dryMeasure(pen, m.label, spoon, m.size, mx, my, fill);
  const r = spoon ? 12 + 10 * m.size : 22 + 18 * Math.sqrt(m.size);
  const grip: Point = [mx + r + (spoon ? 54 : 38), my + 4];
  const rh = hand(pen, 'pinch', [grip[0], grip[1] - 2], { arm: [270, -6] });
  const lumps = l.shape === 'powder' || liquid || l.shape === 'cream' ? '' : at(mx, my - 1, heap(l, t.state, spoon ? 3 : 5, r * 1.5));
  const heaped = liquid
    ? ''
    : pen.until(
        0.35,
        area(`M${mx - r} ${my}q${r} ${-r * 1.2} ${2 * r} 0z`, fill) + line(`M${mx - r} ${my}q${r} ${-r * 1.2} ${2 * r} 0`, 1.8, l.mark),
      );
  const knife = liquid
    ? ''
    : pen.move(
        [
          [0, 46, -22],
          [0.35, r * 0.8, 0],
          [0.75, -r * 0.9, 0],
          [1, -r * 0.9, 0],
        ],
        at(mx, my - 1, box(-26, -6, 52, 6, '#c9d2d7', 3, 2)),
      );
  const count = marks(pen, stage, 190, 132);
  // beside a row of spoons the label stands below it
  const unit = spoon
    ? count === ''
      ? pen.text(m.label, 142, 132, 28, ACTION)
      : pen.text(m.label, 190, 157, 20, ACTION)
    : pen.text('cup', mx, my + 78 > 134 ? 134 : my + 66, 16, INK, 600);
  return (
    counter() +
    source +
    cup +
    lumps +
    heaped +
    knife +
    rh.back +
    rh.front +
    unit +
    count +
    (liquid ? arrow(74, 34, 108, 60, -12) : arrow(mx + r + 4, my - 20, mx - r - 8, my - 20))
  );
};

/** How often: a small measure for each filling, the first crossed off. */
function marks(pen: Pen, stage: Stage, x: number, y: number): string {
  const all = stage.measures.flatMap((m) => Array.from({ length: m.times }, () => m));
  if (all.length < 2) return '';
  const shown = all.slice(0, 10);
  const per = Math.min(5, shown.length);
  const s = shown.length > 5 ? 12 : 15;
  return shown
    .map((m, i) => {
      const cx = x + 34 - (per - 1 - (i % per)) * (s + 5);
      const cy = y - 12 + Math.floor(i / per) * (s + 6) - (shown.length > 5 ? 10 : 0);
      const k = 0.6 + 0.4 * m.size;
      const one =
        m.shape === 'spoon'
          ? shape(
              `M${cx - s * 0.45 * k} ${cy}q0 ${s * 0.8 * k} ${s * 0.45 * k} ${s * 0.8 * k}t${s * 0.45 * k} ${-s * 0.8 * k}z`,
              '#e3ecf0',
              1.8,
            )
          : shape(`M${cx - s * 0.45 * k} ${cy - s * 0.1}h${s * 0.9 * k}l-2 ${s * 0.8 * k}h${-s * 0.9 * k + 4}z`, '#e3ecf0', 1.8);
      return one + (i === 0 ? line(`M${cx - 8} ${cy - 5}L${cx + 8} ${cy + 13}`, 3, ACTION) : '');
    })
    .join('');
}

/** A jug with the line that is wanted. */
function jugTo(pen: Pen, stage: Stage): string {
  const l = mainLook(stage);
  const pour = hand(pen, 'wrap', [186, 52], { arm: [262, 30], turn: -30 });
  const y = 92;
  const jug = vessel(pen, 'jug', 92, COUNTER, {
    contents: [lying(l.name, { ...l, shape: 'liquid' })],
    level: 0.62,
  });
  const ticks = line('M112 126h12M112 110h12M112 76h12', 2, '#5f7078');
  const label = pen.text(stage.reads ?? stage.measures[0]?.label.replace(/\s*jug\s*/i, '') ?? '', 176, 128, 28, ACTION);
  const tap = l.pack === 'tap';
  const body = tap
    ? ''
    : pen.move(
        '0 14 0 40, 0.3 0 0 0, 0.8 0 0 0, 1 14 0 40',
        pour.back + at(166, 66, at(0, 26, packBody(l, l.pack === 'none' ? 'carton' : l.pack)), -62) + pour.front,
        [186, 52],
      );
  const from = tap
    ? shape('M84 22V12Q84 6 90 6H150V-6H82Q70 -4 70 8V22z', '#aab6bc') + stream(77, 24, y)
    : pen.from(0.25, line(`M124 56Q104 60 102 ${y}`, 9, l.mark) + line(`M124 56Q104 60 102 ${y}`, 6, l.flesh));
  return (
    counter() +
    jug.back +
    from +
    jug.front +
    ticks +
    line(`M60 ${y}H128`, 4, ACTION) +
    shape(`M128 ${y}l12 -8v16z`, ACTION, 1) +
    body +
    label
  );
}

const scale: Draw = (pen, stage) => {
  const t = mainThing(stage);
  const l = t.look ?? lookByName('food');
  const bowl = vessel(pen, 'small-bowl', 96, 104, { contents: [asContent(t)], level: 0.6 });
  const loose = ['powder', 'liquid', 'grains', 'cream', 'strands', 'tubes', 'small'].includes(l.shape);
  const rh = loose ? hand(pen, 'wrap', [176, 40], { arm: [262, 24], turn: -30 }) : hand(pen, 'pinch', [120, 56], { arm: [250, -30] });
  const pack = l.pack === 'none' ? 'bag' : l.pack;
  const moving = loose
    ? pen.move(
        '0 10 -4 30, 0.3 0 0 0, 0.9 0 0 0, 1 10 -4 30',
        rh.back + at(158, 52, at(0, 26, packBody(l, pack)), -64) + rh.front,
        [176, 40],
      )
    : pen.move('0 0 -22, 0.6 0 8, 1 0 -22', rh.back + at(114, 58, whole(l, 34)) + rh.front);
  const falling = loose ? pen.from(0.3, line('M120 46Q104 52 102 78', 9, l.mark) + line('M120 46Q104 52 102 78', 6, l.flesh)) : '';
  const display = lcd(pen, 56, 121, 80, 24, '', 24);
  return (
    counter() +
    shape('M40 112H152L160 150H32z', '#c9d0d4') +
    box(44, 104, 104, 9, '#e8eef1', 3) +
    display +
    pen.show('0 1, 0.3 0', pen.text('0', 96, 141, 22)) +
    pen.from(0.3, pen.text(stage.reads ?? '', 96, 141, 22, ACTION)) +
    bowl.back +
    falling +
    bowl.front +
    moving
  );
};

export const MEASURES: Scenes = { measure, scale };
