// What is done in a pan on the ring, and out of it.
import { lookByName, type Content, type VesselKind } from '$core';
import { whole, heap } from '../pieces';
import { hand } from '../hands';
import { COUNTER, disc, hob, HOB_TOP, stand, steam } from '../kitchen';
import { area, at, box, circle, ellipse, INK, line, shape, type Pen } from '../pen';
import { around, arrow } from '../signs';
import { held, toolFor } from '../tools';
import { lid, sectionOf, vessel } from '../vessels';
import { lying, asContent, contentsOf, mainLook, mainThing, seedOf, type Draw, type Scenes } from './model';
import { brown } from './oven';
import { inPlace, aboveRim, placed, steady } from './placed';

const STIRS = new Set(['stir', 'fry', 'brown', 'soften', 'wilt', 'reduce', 'melt', 'poach', 'blanch']);

/** A pan on the ring, with what the hand does there and the time beside it. */
const onHob: Draw = (pen, stage) => {
  const x = 100;
  const contents = stage.vessel?.contents.length ? stage.vessel.contents : stage.form === 'empty' ? [] : contentsOf(stage);
  const kind: VesselKind =
    stage.vessel && ['saucepan', 'frying-pan', 'wok'].includes(stage.vessel.kind)
      ? stage.vessel.kind
      : stage.form === 'fry' || stage.form === 'brown'
        ? 'frying-pan'
        : 'saucepan';
  const wet =
    contents.some((c) => c.look.shape === 'liquid' && c.look.name !== 'oil') ||
    ['boil', 'simmer', 'poach', 'blanch', 'steam'].includes(stage.form);
  const all: Content[] =
    ['boil', 'simmer', 'poach', 'blanch'].includes(stage.form) && !contents.some((c) => c.look.shape === 'liquid')
      ? [lying('water', lookByName('water')), ...contents]
      : contents;
  const heat =
    stage.form === 'boil' || stage.form === 'blanch'
      ? 3
      : stage.form === 'simmer' || stage.form === 'melt' || stage.form === 'poach'
        ? 1
        : 2;
  const boil = !wet ? 0 : stage.form === 'boil' || stage.form === 'blanch' || stage.form === 'steam' ? 2 : 1;
  const clock =
    stage.minutes !== null
      ? disc(pen, stage.minutes === 0 ? 202 : 208, stage.vessel?.lid || stage.form === 'steam' ? 108 : 36, 27, stage.minutes)
      : '';
  const stirring = STIRS.has(stage.form);
  const covered = stage.form === 'steam' || (stage.vessel?.lid ?? false);
  if (stirring && !covered) {
    const tool = toolFor(stage.tool, 'stirs', 'wooden-spoon');
    const sway = '0 -18 0 -3, 0.25 14 -3 3, 0.5 -18 0 -3, 0.75 14 -3 3, 1 -18 0 -3';
    const rh = held(pen, tool, [x + 8, HOB_TOP - 10], 30, [262, clock ? 62 : -6]);
    const v = placed(pen, stage, x, { contents: all, heat, kind, boil: boil, within: pen.move(sway, rh.tool) });
    const lh = steady(pen, v, x, stage);
    return (
      inPlace(v, lh) +
      pen.move(sway, rh.back) +
      aboveRim(pen, v.top, pen.move(sway, rh.tool)) +
      pen.move(sway, rh.front) +
      around(x - 16, v.top - 16, 24, 9) +
      steam(x - 60, v.top - 2, 1) +
      clock
    );
  }
  const v = placed(pen, stage, x, { contents: all, heat, kind, boil: boil });
  if (covered) {
    // the time is up: nobody touches the lid yet
    if (stage.minutes === 0) return v.ground + v.back + v.front + lid(kind, x, v.top + 2) + steam(x - 72, v.top, 1) + clock;
    // the lid goes on; then the time runs
    const rh = hand(pen, 'pinch', [x, v.top - 22], { arm: [262, -40] });
    return (
      v.ground +
      v.back +
      v.front +
      pen.move('0 0 -30, 0.35 0 0, 1 0 0', lid(kind, x, v.top + 2)) +
      pen.move('0 0 -30, 0.35 0 0, 0.7 0 0, 1 40 -30', rh.back + rh.front) +
      steam(x - 72, v.top, 1) +
      clock
    );
  }
  if (stage.form === 'empty') {
    const lh = steady(pen, v, x, stage);
    return inPlace(v, lh) + steam(x - 34, v.top - 6, 1) + steam(x + 20, v.top - 6, 1) + (clock || eye(pen, 204, 64));
  }
  // heating until it boils or goes on simmering: one hand holds the handle, eyes on the pan
  const lh = steady(pen, v, x, stage);
  return inPlace(v, lh) + steam(x - 34, v.top - 4, boil === 2 ? 3 : 2) + clock + (clock ? '' : eye(pen, 196, 64));
};

export const eye = (pen: Pen, x: number, y: number) =>
  pen.upright(
    x,
    shape(`M${x - 30} ${y}Q${x} ${y - 26} ${x + 30} ${y}Q${x} ${y + 26} ${x - 30} ${y}z`, '#fff') +
      circle(x, y, 12, '#7a5238') +
      circle(x, y, 5, INK, 0) +
      circle(x + 4, y - 4, 2.4, '#fff', 0),
  );

/** A hot pan is lifted across to the stand, one gloved hand on each side. */
const liftOff: Draw = (pen, stage) => {
  const contents = contentsOf(stage);
  const kind: VesselKind = stage.vessel && sectionOf(stage.vessel.kind).height > 12 ? stage.vessel.kind : 'saucepan';
  const v = vessel(pen, kind, 0, 0, { contents, seed: seedOf(stage) });
  const r = sectionOf(kind).rim * 0.72;
  const h = sectionOf(kind).height * 0.72;
  const lh = hand(pen, 'mitt', [156 - r - 8, 118 - h + 8], { arm: [100, -40], side: 'left', turn: -10 });
  const rh = hand(pen, 'mitt', [156 + r + 2, 118 - h + 14], { arm: [268, 30] });
  return (
    area('M0 140H110V160H0z', '#dfe4e7') +
    area('M110 140H240V160H110z', '#ece2d6') +
    line('M-4 140H244', 2.4) +
    line('M14 138V123H96V138', 2.6) +
    stand(160) +
    pen.move(
      '0 -102 -14, 0.3 -80 -40, 0.6 0 -6, 0.8 0 12, 1 0 12',
      lh.back + at(156, 124, v.back + v.front, 0, 0.72) + rh.back + rh.front + lh.front,
    ) +
    arrow(46, 64, 92, 52, -14) +
    steam(150, 52, 1)
  );
};

const MADE_OF_MANY = new Set(['mixture', 'food', 'dough', 'batter', 'soup', 'burger']);

/** The turner goes under; the browned side comes up. */
const turn: Draw = (pen, stage) => {
  const l = mainLook(stage);
  const flat = ['flat', 'slab', 'biscuit', 'loaf', 'cream', 'sausage'].includes(l.shape);
  const pale = flat ? { ...l } : lookByName('burger');
  const x = 92;
  const tray = stage.vessel?.kind === 'tray' || stage.vessel?.kind === 'dish';
  const v = placed(
    pen,
    stage,
    x,
    tray ? { contents: [], kind: 'tray' } : { contents: [], heat: 2, kind: stage.vessel?.kind === 'wok' ? 'wok' : 'frying-pan' },
  );
  const slab = (dark: boolean) => shape('M-26 -6Q0 -13 26 -6Q30 2 22 5H-22Q-30 2 -26 -6z', dark ? brown(pale.flesh) : pale.flesh, 2.4);
  // slices of courgette are slices; what was made of many things is a cake of it
  const c = asContent(mainThing(stage));
  const inPieces = !flat && !MADE_OF_MANY.has(l.name);
  const pieces = (dark: boolean) =>
    heap(dark ? { ...l, flesh: brown(l.flesh) } : l, c.state === 'whole' || c.state === 'peeled' ? 'slices' : c.state, 4, 46);
  const food = inPieces ? pieces : slab;
  const rh = held(pen, 'turner', [x + 26, v.foot - 12], 58, [264, 20]);
  const lh = steady(pen, v, x, stage);
  return (
    v.ground +
    lh.back +
    v.back +
    at(x - 34, v.foot - 8, at(0, 0, food(false), 0, 0.7)) +
    v.front +
    lh.front +
    pen.move('0 0 8 0, 0.3 0 -8 0, 0.6 -4 -20 0, 1 0 8 0', rh.back + rh.tool + rh.front) +
    pen.move(
      '0 0 10 0, 0.3 0 -14 0, 0.6 -8 -30 -110, 0.8 -20 4 -180, 1 -20 4 -180',
      at(x + 20, v.foot - 18, at(0, 2, food(true)) + at(0, -4, food(false))),
      [x + 20, v.foot - 18],
    ) +
    arrow(x + 44, 34, x - 22, 40, -22)
  );
};

/** A sheet of kitchen paper on a plate: its dots tell it from the plate. */
const sheet =
  shape('M128 130L140 112L156 116L176 111L196 116L216 111L228 130z', '#fbf7ee', 2) +
  [148, 162, 176, 190, 204, 155, 169, 183, 197, 211].map((x, i) => circle(x, i < 5 ? 120 : 126, 1.6, '#0b5c7a', 0)).join('');
const paperRoll = (x: number, y: number) =>
  box(x - 15, y - 34, 30, 52, '#fbf7ee', 3) +
  ellipse(x, y - 34, 15, 5, '#fbf7ee') +
  ellipse(x, y - 34, 5, 2, '#b8875a', 1.6) +
  [-8, 0, 8].map((dx, i) => circle(x + dx, y - 16 + (i % 2) * 14, 1.6, '#0b5c7a', 0)).join('');

/** Out of the pan and onto a plate, or onto paper. */
const lift: Draw = (pen, stage) => {
  const skim = stage.form === 'skim';
  // fat comes off with a spoon, and out of a pan with no water in it
  const fat = stage.form === 'fat';
  const content = stage.things[0]?.look
    ? asContent(mainThing(stage))
    : (stage.source?.contents[0] ?? stage.vessel?.contents.find((c) => c.look.shape !== 'liquid') ?? asContent(mainThing(stage)));
  const tool = skim ? 'slotted-spoon' : toolFor(stage.tool, 'lifts', fat ? 'spoon' : 'tongs');
  const from = vessel(pen, fat ? (stage.vessel?.kind ?? 'frying-pan') : 'saucepan', 62, HOB_TOP, {
    contents: stage.source?.contents.length ? stage.source.contents : fat ? [content] : [lying('water', lookByName('water')), content],
  });
  const plate = vessel(pen, skim || fat ? 'small-bowl' : 'plate', 182, COUNTER, {});
  const paper = stage.form === 'paper' ? sheet + paperRoll(218, 86) : '';
  const foam = skim ? [28, 42, 56, 70, 86, 98].map((fx, i) => circle(fx, from.top + 22 - (i % 2) * 4, 7, '#fdf8ea', 1.8)).join('') : '';
  const rh = held(pen, tool, [166, 104], 26, [262, -20]);
  const food = skim
    ? circle(166, 100, 6, '#fff') + circle(174, 98, 5, '#fff')
    : fat
      ? ellipse(168, 113, 8, 6, '#e8b93c')
      : at(
          166,
          104,
          content.state === 'whole' || content.state === 'peeled' ? whole(content.look, 32) : heap(content.look, content.state, 3, 28),
        );
  return (
    hob(pen, 62, 0, 40) +
    area(`M122 ${COUNTER}H240V160H122z`, '#ece2d6') +
    from.back +
    foam +
    from.front +
    plate.back +
    plate.front +
    paper +
    pen.move('0 -100 -6, 0.3 -96 -44, 0.6 0 -6, 0.8 0 14, 1 -100 -6', rh.back + food + rh.tool + rh.front) +
    arrow(74, 30, 130, 34, -14)
  );
};

export const HOB: Scenes = { hob: onHob, 'lift-off': liftOff, turn, lift };
