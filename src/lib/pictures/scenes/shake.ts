// A vessel moved with what is in it: shaken, tilted; and food pushed together in it.
import { type Content } from '$core';
import { piece } from '../pieces';
import { hand } from '../hands';
import { counter } from '../kitchen';
import { area, at, box, line, shape, type Pen } from '../pen';
import { arrow, toAndFro } from '../signs';
import { held, toolFor } from '../tools';
import { vessel } from '../vessels';
import { contentsOf, seedOf, type Draw, type Scenes } from './model';
import { aboveRim, inPlace, placed, steady } from './placed';

const CLOSED = new Set(['jar', 'glass', 'jug', 'cup', 'storage-box', 'bowl', 'small-bowl', 'large-bowl']);

/** Small parts of what is shaken, in the air. */
const tossed = (contents: readonly Content[], x: number, y: number, spread: number): string =>
  [-1, -0.4, 0.25, 0.8]
    .map((k, i) => {
      const c = contents[i % contents.length];
      return c.look.shape === 'liquid' || c.look.shape === 'cream'
        ? ''
        : at(x + k * spread, y - (i % 2) * 9, piece(c.look, c.state, c.state === 'whole' ? 18 : 13, i), i * 40);
    })
    .join('');

/** A lidded jar or a bag in both hands: one keeps it shut. An open tray, pan or basket is moved to and fro. */
const shake: Draw = (pen, stage) => {
  if (stage.form === 'tilt') return tilt(pen, stage);
  const contents = contentsOf(stage).map((c) => ({ ...c, mixed: true }));
  if (stage.vessel?.kind === 'bag' || /\bbag\b/i.test(stage.words)) return shakenBag(pen, contents);
  if (!stage.vessel || CLOSED.has(stage.vessel.kind)) return shakenJar(pen, contents, seedOf(stage));
  const x = 118;
  const v = placed(pen, stage, x, { contents });
  const handled = v.section.handle === 'side';
  const grip = stage.vessel.hot || stage.hazards.includes('hot') ? 'mitt' : 'wrap';
  const lh = handled
    ? hand(pen, 'fist', [x - v.section.rim - 32, v.top + 13], { arm: [-20, v.top], side: 'left', turn: 90 })
    : hand(pen, grip, [x - v.section.rim - 2, v.top + 6], { arm: [-26, v.top + 30], side: 'left' });
  const rh = handled ? { back: '', front: '' } : hand(pen, grip, [x + v.section.rim + 2, v.top + 6], { arm: [266, v.top + 30] });
  const way = '0 -10 0, 0.25 10 0, 0.5 -10 0, 0.75 10 0, 1 -10 0';
  return (
    v.ground +
    pen.move(way, lh.back + rh.back + v.back + v.front + lh.front + rh.front) +
    pen.move('0 -4 4, 0.25 4 -6, 0.5 -4 4, 0.75 4 -6, 1 -4 4', tossed(contents, x, v.top - 12, v.section.rim * 0.6)) +
    toAndFro(x - 40, Math.max(20, v.top - 48), x + 40, Math.max(20, v.top - 48))
  );
};

const UP_AND_DOWN = '0 0 -8 -4, 0.25 0 8 4, 0.5 0 -8 -4, 0.75 0 8 4, 1 0 -8 -4';
/** Lines beside what is moved fast. */
const stir = line('M66 46q-9 6 -12 16M174 98q9 -6 12 -16M60 104q-8 -5 -10 -14M180 44q8 5 10 14', 2.4);

function shakenJar(pen: Pen, contents: readonly Content[], seed: number): string {
  const v = vessel(pen, 'jar', 120, 118, { contents, level: 0.6, seed });
  const lh = hand(pen, 'wrap', [104, 100], { arm: [-20, 150], side: 'left' });
  const rh = hand(pen, 'wrap', [136, 60], { arm: [262, 16] });
  const cap = box(94, 52, 52, 14, '#c9452c', 4);
  return (
    counter() +
    pen.move(UP_AND_DOWN, at(0, 0, lh.back + rh.back + v.back + v.front + cap + lh.front + rh.front), [120, 84]) +
    stir +
    arrow(36, 64, 36, 30) +
    arrow(36, 64, 36, 98)
  );
}

function shakenBag(pen: Pen, contents: readonly Content[]): string {
  const lh = hand(pen, 'wrap', [86, 112], { arm: [-20, 140], side: 'left' });
  const rh = hand(pen, 'fist', [126, 36], { arm: [262, 0], turn: 90 });
  const bag = shape('M112 34H132L138 52Q170 66 166 118Q164 134 146 134H92Q76 134 76 118Q72 66 106 52z', '#d5e8f270');
  const inside = [0, 1, 2, 3, 4, 5, 6]
    .map((i) => {
      const c = contents[i % contents.length];
      return at(92 + (i % 4) * 18, 82 + Math.floor(i / 4) * 24 + (i % 2) * 10, piece(c.look, c.state, 17, i), i * 35);
    })
    .join('');
  return (
    counter() +
    pen.move(UP_AND_DOWN, lh.back + rh.back + inside + bag + lh.front + rh.front, [120, 84]) +
    stir +
    arrow(36, 64, 36, 30) +
    arrow(36, 64, 36, 98)
  );
}

/** What runs in it covers the base. */
const tilt: Draw = (pen, stage) => {
  const x = 124;
  const contents = contentsOf(stage);
  const v = placed(pen, stage, x, { kind: stage.vessel?.kind ?? 'frying-pan', contents: [] });
  const runs = contents.find((c) => ['liquid', 'cream', 'egg'].includes(c.look.shape)) ?? contents[0];
  const lh = hand(pen, 'fist', [x - v.section.rim - 32, v.top + 13], { arm: [-20, v.top], side: 'left', turn: 90 });
  const [l, r] = [x - v.section.base, x + v.section.base];
  // it stands level while the pan does not: thin at the near end, deep at the far one
  const pool = pen.clip(
    v.inner,
    area(`M${l - 10} ${v.foot - 7}L${r + 14} ${v.foot - 22}V${v.foot}H${l - 10}z`, runs.look.flesh) +
      line(`M${l - 10} ${v.foot - 7}L${r + 14} ${v.foot - 22}`, 2, runs.look.mark),
  );
  return (
    v.ground +
    pen.move('0 0 -14 -12, 0.6 0 -14 14, 1 0 -14 -12', lh.back + v.back + pool + v.front + lh.front, [x, v.foot]) +
    arrow(x + 52, 24, x + 82, 60, -12)
  );
};

/** Food is pushed to one side, or in from the edge: the rest of the base is bare. */
const push: Draw = (pen, stage) => {
  const x = 116;
  const tool = toolFor(stage.tool, 'stirs', 'spatula');
  const probe = placed(pen, stage, x);
  const { rim, base } = probe.section;
  const flat = probe.section.height < 14;
  const rh = held(pen, tool, [x + 4, probe.foot - (flat ? 14 : 8)], 34, [262, -16]);
  const way = '0 44 0, 0.6 0 0, 0.8 0 0, 1 44 0';
  const contents = contentsOf(stage);
  const full = vessel(pen, probe.kind, x, probe.foot, { contents, seed: seedOf(stage) });
  const empty = vessel(pen, probe.kind, x, probe.foot, {});
  const left = `M-20 -20H${x + 2}V170H-20z`;
  const lh = steady(pen, probe, x, stage);
  const edge = flat
    ? ''
    : area(`M${x + 2} ${probe.foot - 6}L${x + 2} ${probe.top}L${x + rim} ${probe.top}L${x + base} ${probe.foot - 6}z`, '#edf2f4');
  return (
    inPlace({ ground: probe.ground, back: full.back + edge, front: flat ? empty.front + pen.clip(left, full.front) : full.front }, lh) +
    pen.move(
      way,
      (flat ? rh.tool : aboveRim(pen, probe.top, rh.tool)) + (flat ? '' : pen.clip(`${probe.inner}`, rh.tool)) + rh.back + rh.front,
    ) +
    arrow(x + 56, Math.max(22, probe.top - 20), x + 10, Math.max(22, probe.top - 20))
  );
};

export const SHAKE: Scenes = { shake, push };
