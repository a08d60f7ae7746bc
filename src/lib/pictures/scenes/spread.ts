// Spreading, brushing, greasing, lining.
import { half, whole } from '../pieces';
import { lookByName, type Look, type Stage } from '$core';
import { hand } from '../hands';
import { board, counter, COUNTER } from '../kitchen';
import { packed } from '../packs';
import { area, at, circle, ellipse, line, shape, type Pen } from '../pen';
import { arrow, toAndFro } from '../signs';
import { held } from '../tools';
import { vessel } from '../vessels';
import { contentsOf, mainLook, type Draw, type Scenes } from './model';
import { inPlace, placed, steady } from './placed';

/** On bread, in a tin, on a tray: the smear grows behind the tool. */
const spread: Draw = (pen, stage) => {
  const all = stage.things.filter((t) => t.look);
  const l = all[0]?.look ?? mainLook(stage);
  if (stage.form === 'bread') {
    const carrier =
      (stage.onto?.look && ['loaf', 'flat', 'biscuit'].includes(stage.onto.look.shape) ? stage.onto.look : undefined) ??
      all.find((t) => t.look && ['loaf', 'flat', 'biscuit'].includes(t.look.shape))?.look ??
      stage.vessel?.contents.find((c) => ['loaf', 'flat'].includes(c.look.shape))?.look ??
      lookByName('bread');
    const smear = all.find((t) => t.look !== carrier)?.look ?? l;
    const lh = hand(pen, 'open', [58, 108], { arm: [-16, 170], side: 'left', turn: -20 });
    const rh = held(pen, stage.tool && stage.tool !== 'knife' ? stage.tool : 'table-knife', [146, 62], 140, [222, 190]);
    const base =
      carrier.shape === 'flat'
        ? ellipse(112, 78, 72, 58, carrier.flesh, 2.6, carrier.mark)
        : shape('M52 44q-10 -30 60 -30t60 30q0 10 -8 13V136q0 8 -8 8H68q-8 0 -8 -8V57q-8 -3 -8 -13z', carrier.skin) +
          area('M62 44q-6 -21 50 -21t50 21l-7 10V132q0 4 -4 4H73q-4 0 -4 -4V54z', carrier.flesh);
    const smears = (w: number) =>
      shape(
        `M78 52q${w * 0.5} -14 ${w} 2q8 30 -4 52q${-w * 0.5} 12 ${-w + 8} 2q-10 -28 -4 -56z`,
        smear.flesh === carrier.flesh ? smear.mark : smear.flesh,
        2,
        smear.mark,
      );
    const jar = at(208, 78, smear.pack !== 'none' ? packedSmall(smear) : '');
    return (
      board() +
      base +
      pen.show('0 1, 0.35 0', smears(34)) +
      pen.from(0.35, smears(64)) +
      jar +
      lh.back +
      lh.front +
      pen.move('0 -34 0, 0.35 0 0, 0.55 -30 18, 0.8 2 20, 1 -34 0', rh.back + rh.tool + rh.front) +
      arrow(92, 20, 136, 20)
    );
  }
  const brush = stage.form === 'brush' || stage.form === 'grease' || stage.form === 'baste';
  const tool = stage.form === 'edge' ? 'table-knife' : stage.form === 'baste' ? 'spoon' : brush ? 'pastry-brush' : 'spatula';
  const inTin = stage.form === 'grease' ? [] : contentsOf(stage);
  const v = placed(pen, stage, 108, {
    kind: stage.vessel?.kind ?? (stage.form === 'grease' ? 'tin' : stage.form === 'brush' ? 'tray' : 'dish'),
    contents: inTin,
  });
  if (stage.form === 'rub') {
    const clove = stage.things.find((t) => t.look?.name === 'garlic')?.look;
    if (clove) return rubbedWith(pen, stage, clove);
    const rh = hand(pen, 'flat', [120, 92], { arm: [262, 10] });
    const lh = hand(pen, 'open', [64, 112], { arm: [-16, 60], side: 'left' });
    const food =
      (stage.onto?.look && !RUNS.has(stage.onto.look.shape) ? stage.onto.look : null) ??
      // what is rubbed, and not what it is rubbed with
      stage.things.find((t) => t.look && !RUNS.has(t.look.shape))?.look ??
      lookByName('poultry-leg');
    const rubbed = [...stage.things.filter((t) => t.look).map((t) => t.look!)].find((one) => one !== food);
    const beside = rubbed ? at(216, COUNTER, packedSmall(rubbed)) : '';
    const oily = rubbed && ['liquid', 'cream', 'block'].includes(rubbed.shape);
    const gloss = oily ? line('M92 92q14 -14 36 -14M150 104q6 8 2 16M100 104q4 -6 10 -8', 4, '#fff') : '';
    const dots = Array.from({ length: 9 }, (_, i) =>
      circle(92 + ((i * 23) % 62), 104 + ((i * 7) % 18), 2, l === food ? '#8a4a18' : l.mark, 0),
    ).join('');
    return (
      counter() +
      vessel(pen, 'tray', 118, COUNTER, {}).back +
      vessel(pen, 'tray', 118, COUNTER, {}).front +
      at(120, 112, whole(food, 78)) +
      (oily ? gloss : dots) +
      beside +
      lh.back +
      lh.front +
      pen.move('0 -14 0, 0.25 14 0, 0.5 -14 0, 0.75 14 0, 1 -14 0', rh.back + rh.front) +
      toAndFro(96, 40, 150, 40)
    );
  }
  const tip: [number, number] = stage.form === 'edge' ? [108 + v.section.base - 8, v.foot - 10] : [118, Math.max(v.foot - 16, v.top + 2)];
  const rh = held(pen, tool, tip, stage.form === 'edge' ? 6 : 40, [262, -20]);
  const lh = hand(pen, stage.vessel?.hot ? 'mitt' : 'rim', [108 - v.section.rim - 2, v.top - 2], { arm: [-26, v.top - 40], side: 'left' });
  const sweep = stage.form === 'edge' ? '0 0 -16, 0.4 0 0, 0.8 -20 0, 1 0 -16' : '0 -34 0, 0.3 20 0, 0.6 -24 0, 0.9 20 0, 1 -34 0';
  const shine =
    stage.form === 'grease'
      ? pen.from(
          0.3,
          line(`M${108 - v.section.base + 8} ${v.foot - 7}H118`, 5, l.shape === 'liquid' || l.shape === 'block' ? l.skin : '#e8cd6a'),
        )
      : '';
  const pot =
    brush && stage.form !== 'baste'
      ? at(
          216,
          COUNTER,
          packedSmall(l.pack !== 'none' ? l : lookByName(stage.form === 'grease' ? 'oil' : /egg/i.test(stage.words) ? 'egg' : 'milk-jug')),
        )
      : '';
  return (
    v.ground +
    lh.back +
    v.back +
    shine +
    v.front +
    lh.front +
    pot +
    pen.move(sweep, rh.back + rh.tool + rh.front) +
    (stage.form === 'edge' ? arrow(44, 30, 76, 30) : toAndFro(62, Math.max(20, v.top - 46), 112, Math.max(20, v.top - 46)))
  );
};

/** A cut clove goes over bread, or round the inside of a dish. */
function rubbedWith(pen: Pen, stage: Stage, clove: Look): string {
  const bread = stage.vessel?.contents.find((c) => !RUNS.has(c.look.shape) && c.look !== clove)?.look;
  const rub = '0 -20 0, 0.25 16 3, 0.5 -20 0, 0.75 16 3, 1 -20 0';
  if (!bread) {
    const v = placed(pen, stage, 108, { kind: stage.vessel?.kind ?? 'dish', contents: [] });
    const rh = hand(pen, 'pinch', [112, v.foot - 22], { arm: [262, -20] });
    return (
      inPlace(v, steady(pen, v, 108, stage)) +
      pen.move(rub, rh.back + at(108, v.foot - 14, half(clove, 22)) + rh.front) +
      toAndFro(80, 30, 136, 30)
    );
  }
  const lh = hand(pen, 'open', [52, 112], { arm: [-16, 170], side: 'left', turn: -20 });
  const rh = hand(pen, 'pinch', [128, 66], { arm: [262, -10] });
  return (
    board() +
    at(116, 84, whole(bread, 128)) +
    lh.back +
    lh.front +
    pen.move(rub, rh.back + at(122, 74, half(clove, 30)) + rh.front) +
    toAndFro(90, 18, 146, 18)
  );
}

const RUNS = new Set(['liquid', 'powder', 'cream', 'grains', 'block', 'sprig', 'leaf']);

const packedSmall = (l: ReturnType<typeof mainLook>) =>
  l.pack === 'none' || l.pack === 'eggbox' ? at(0, -14, whole(l, 30)) : at(0, 0, packed(l), 0, 0.66);

const line_: Draw = (pen, stage) => {
  const v = placed(pen, stage, 120, { kind: stage.vessel?.kind ?? 'tray', contents: [] });
  const paper = /foil/i.test(stage.words) ? '#d8dee2' : '#f6ecd8';
  const w = v.section.rim;
  const lh = hand(pen, 'pinch', [120 - w + 14, v.top - 16], { arm: [-20, -10], side: 'left' });
  const rh = hand(pen, 'pinch', [120 + w - 14, v.top - 16], { arm: [262, -10] });
  const sheet = shape(
    `M${120 - w + 4} ${v.top - 14}q8 6 14 ${Math.min(20, v.section.height)}h${2 * w - 36}q6 -14 14 ${-Math.min(20, v.section.height)}`,
    paper,
  );
  return (
    v.ground +
    v.back +
    pen.move('0 0 -34, 0.6 0 0, 1 0 -34', lh.back + rh.back + sheet + lh.front + rh.front) +
    v.front +
    arrow(120, 24, 120, 62)
  );
};

export const SPREAD: Scenes = { spread, line: line_ };
