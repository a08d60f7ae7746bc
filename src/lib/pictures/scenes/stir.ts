// What is done in a vessel: stirring, mashing, soaking, dipping, covering.
import { lookByName, type Content, type Stage } from '$core';
import { whole, mound, piece } from '../pieces';
import { hand } from '../hands';
import { disc, steam } from '../kitchen';
import { at, shape, type Point } from '../pen';
import { around, arrow } from '../signs';
import { held, toolFor } from '../tools';
import { lid, sectionOf } from '../vessels';
import { gloved, asContent, contentsOf, mainLook, mainThing, type Draw, type Scenes } from './model';
import { inPlace, aboveRim, placed, steady, type Placed } from './placed';

const SWAY = '0 -20 0 -4, 0.25 12 -4 3, 0.5 -20 0 -4, 0.75 12 -4 3, 1 -20 0 -4';

/** A tool goes round in what is there. */
const stir: Draw = (pen, stage) => {
  const beats = stage.form === 'whisk' || stage.form === 'whip';
  const tool = beats
    ? stage.tool === 'fork'
      ? 'fork'
      : 'whisk'
    : stage.form === 'fluff'
      ? 'fork'
      : stage.form === 'fold' || stage.form === 'well'
        ? toolFor(stage.tool, 'stirs', 'spatula')
        : toolFor(stage.tool, 'stirs', 'wooden-spoon');
  const x = 112;
  const contents = whatIsStirred(stage);
  const depth = stage.vessel && stage.vessel.kind === 'plate' ? 8 : 12;
  const probe = placed(pen, stage, x, { contents });
  const rh = held(pen, tool, [x + 10, probe.foot - depth], 23, [262, -16]);
  const v = placed(pen, stage, x, { contents, within: pen.move(SWAY, rh.tool) });
  const lh = steady(pen, v, x, stage);
  const above = aboveRim(pen, v.top, pen.move(SWAY, rh.tool));
  const well = stage.form === 'well' ? at(x, v.foot - 22, shape('M-18 -8Q0 22 18 -8', '#fff', 2.4)) : '';
  const foam = stage.form === 'whip' ? at(x - 22, v.foot - 20, mound(lookByName('tub'), 54)) : '';
  const way =
    stage.form === 'fold' || stage.form === 'toss' ? arrow(x - 34, v.top - 8, x - 6, v.top - 22, -16) : around(x - 20, v.top - 20, 26, 10);
  return (
    v.ground +
    lh.back +
    v.back +
    foam +
    well +
    v.front +
    lh.front +
    pen.move(SWAY, rh.back) +
    above +
    pen.move(SWAY, rh.front) +
    way +
    (v.onHob && stage.vessel?.hot ? steam(x - 66, v.top - 6, 1) : '')
  );
};

function whatIsStirred(stage: Stage): Content[] {
  const named = stage.things.filter((t) => t.look).map(asContent);
  const there = stage.vessel?.contents ?? [];
  const all = [...there, ...named.filter((n) => !there.some((c) => c.look.name === n.look.name))];
  if (all.length === 0) return contentsOf(stage);
  if (stage.form === 'whisk' && all.length === 1 && all[0].look.shape === 'egg') {
    const egg = all[0];
    return [{ ...egg, look: { ...egg.look, shape: 'liquid', flesh: egg.look.flesh } }];
  }
  return all.map((c) => ({ ...c, mixed: true }));
}

const mash: Draw = (pen, stage) => {
  const x = 116;
  const contents = contentsOf(stage);
  const broken = stage.form === 'break' ? stage.things[0]?.look : undefined;
  const l = broken ?? contents.find((c) => c.look.shape !== 'liquid')?.look ?? mainLook(stage);
  const soft: Content = { name: 'mash', look: { ...l, shape: 'cream' }, state: 'mashed', mixed: true };
  const shown = [soft];
  const isDone = contents.some((c) => c.state === 'mashed');
  const left = (v: Placed) =>
    (isDone ? [] : [0, 1, 2, 3, 4, 5])
      .map((i) =>
        at(
          x + 20 + (i % 3) * 13 * (v.section.base / 48),
          v.foot - 12 - Math.floor(i / 3) * 12,
          piece(l, ['grains', 'small'].includes(l.shape) ? 'whole' : 'dice', 14, i),
          i * 25,
        ),
      )
      .join('');
  const probe = placed(pen, stage, x);
  const rh = held(
    pen,
    stage.form === 'break' ? toolFor(stage.tool, 'stirs', 'wooden-spoon') : stage.tool === 'fork' ? 'fork' : 'masher',
    [x - 8, probe.foot - 14],
    8,
    [262, -12],
  );
  const down = '0 0 -26, 0.25 0 2, 0.5 0 -26, 0.75 0 2, 1 0 -26';
  const v = placed(pen, stage, x, { contents: shown, within: left(probe) + pen.move(down, rh.tool) });
  const lh = steady(pen, v, x, stage);
  return (
    inPlace(v, lh) +
    pen.move(down, rh.back) +
    aboveRim(pen, v.top, pen.move(down, rh.tool)) +
    pen.move(down, rh.front) +
    arrow(x - 36, v.top - 34, x - 36, v.top - 6)
  );
};

const lidScene: Draw = (pen, stage) => {
  const off = stage.form === 'off';
  const x = 108;
  const contents = contentsOf(stage);
  const v = placed(pen, stage, x, { contents, kind: stage.vessel?.kind ?? 'bowl' });
  const cover = /foil/i.test(stage.words)
    ? shape(`M${x - v.section.rim - 6} ${v.top + 4}l6 -12 10 3 14 -6 16 5 18 -5 18 6 16 -4 10 4 8 -2 8 11z`, '#d8dee2')
    : /cling|film|wrap/i.test(stage.words)
      ? shape(`M${x - v.section.rim - 6} ${v.top + 8}q0 -12 10 -12h${2 * v.section.rim - 8}q10 0 10 12`, '#d9edf5b0')
      : /cloth|towel/i.test(stage.words)
        ? shape(
            `M${x - v.section.rim - 10} ${v.top + 22}V${v.top - 4}q${v.section.rim} -10 ${2 * v.section.rim + 20} 0V${v.top + 22}q-12 -6 -22 -14h${-2 * v.section.rim + 24}q-10 8 -22 14z`,
            '#c9dfe6',
          )
        : /plate/i.test(stage.words)
          ? shape(`M${x - 62} ${v.top - 2}q10 -10 34 -10h56q24 0 34 10z`, '#f6f8f9')
          : lid(v.kind, x, v.top + 2);
  const hot = stage.vessel?.hot || stage.vessel?.onHob || gloved(stage, 'pinch') === 'mitt';
  const knob: Point = [x, v.top - 24];
  // a lid comes off away from the face: its far edge rises first
  const rh = hand(pen, hot && off ? 'mitt' : 'pinch', hot && off ? [x + 12, v.top - 22] : knob, {
    arm: [262, v.top - 70 < -30 ? -30 : v.top - 70],
  });
  const way = off ? '0 0 0, 0.6 -14 -18 -16, 0.8 -14 -18 -16, 1 0 0' : '0 10 -40, 0.6 0 -7, 0.8 0 0, 1 10 -40';
  return (
    v.ground +
    v.back +
    v.front +
    pen.move(way, (hot && off ? '' : rh.back) + cover + (hot && off ? rh.back : '') + rh.front, [x + 40, v.top]) +
    (hot ? steam(x - 74, v.top - 4, off ? 2 : 1) : '') +
    (off ? arrow(214, 100, 214, 66) : arrow(36, 20, 36, 52))
  );
};

/** It lies in water or sauce, and the time runs. */
const soak: Draw = (pen, stage) => {
  const sauce = stage.form === 'sauce';
  const t = mainThing(stage);
  const l = t.look ?? lookByName('food');
  const liquid: Content = {
    name: 'liquid',
    look: sauce ? { ...lookByName('soup') } : lookByName('water'),
    state: 'whole',
    mixed: false,
  };
  const x = 84;
  const v = placed(pen, stage, x, {
    contents: [liquid, ...(l.shape === 'liquid' ? [] : [asContent(t)])],
    kind: stage.vessel && sectionOf(stage.vessel.kind).height > 20 ? stage.vessel.kind : 'bowl',
  });
  const rh = hand(pen, 'pinch', [x + 18, v.top - 4], { arm: [262, -30] });
  return (
    v.ground +
    v.back +
    v.front +
    pen.move(
      '0 0 -24, 0.5 0 0, 1 0 -24',
      rh.back +
        (['grains', 'powder', 'liquid', 'cream'].includes(l.shape)
          ? ''
          : at(x + 12, v.top, piece(l, t.state === 'whole' ? 'torn' : t.state, 24))) +
        rh.front,
    ) +
    disc(pen, 202, 104, 32, stage.minutes ?? 30)
  );
};

const dip: Draw = (pen, stage) => {
  const t = mainThing(stage);
  const l = t.look ?? lookByName('food');
  const x = 104;
  const contents = stage.vessel?.contents.length
    ? stage.vessel.contents
    : [{ name: 'batter', look: lookByName('batter'), state: 'mashed' as const, mixed: true }];
  const v = placed(pen, stage, x, {
    contents,
    kind: stage.vessel && sectionOf(stage.vessel.kind).height > 20 ? stage.vessel.kind : 'small-bowl',
  });
  const rh = hand(pen, 'pinch', [x + 14, v.top - 12], { arm: [262, -40] });
  const lh = steady(pen, v, x, stage);
  return (
    inPlace(v, lh) +
    pen.move(
      '0 0 -26, 0.4 0 8, 0.7 0 -4, 1 0 -26',
      rh.back + at(x + 6, v.top - 4, t.state === 'whole' ? whole(l, 34) : piece(l, t.state, 28)) + rh.front,
    ) +
    arrow(x - 42, v.top - 44, x - 42, v.top - 14)
  );
};

export const STIR: Scenes = { stir, mash, lid: lidScene, soak, dip };
