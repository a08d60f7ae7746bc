// Fetching, putting away, keeping; labels, plugs, the table.
import { type Thing } from '$core';
import { hand } from '../hands';
import { cabinet, counter, COUNTER, drawer, snow } from '../kitchen';
import { packBody, standing } from '../packs';
import { area, at, box, circle, ellipse, INK, line, shape, type Pen } from '../pen';
import { arrow } from '../signs';
import { held, measureAlone } from '../tools';
import { sectionOf, vessel } from '../vessels';
import { eye } from './hob';
import { gloved, contentsOf, mainLook, mainThing, seedOf, type Draw, type Scenes } from './model';

/** A thing on 0,0; a measure with what stands on it. */
export const set = (pen: Pen, t: Thing, s: number) => (t.measure ? measureAlone(pen, t.measure, s) : standing(t, s));

export const row = (pen: Pen, things: readonly Thing[], y: number, from: number, to: number, s: number) =>
  things.map((t, i) => at(from + ((i + 0.5) * (to - from)) / things.length, y, set(pen, t, s))).join('');

/** Small and without a pack: fingers go behind it, so that it is seen. */
const isBare = (t: Thing) => t.look !== null && (t.pack === 'none' || t.pack === 'tap');

/** Where it is taken from, with more of the same: a single fruit in the air could as well be on its way back. */
const fruitBowl = (pen: Pen, t: Thing) => {
  const bowl = vessel(pen, 'bowl', 178, COUNTER, {});
  return bowl.back + [152, 178, 204].map((x, i) => at(x, 108 - (i % 2) * 8, set(pen, t, 42))).join('') + bowl.front;
};

/** Out of where it is kept: the first in the hand, the others still there. */
const fetch: Draw = (pen, stage) => {
  const things = stage.things.length > 0 ? stage.things : [mainThing(stage)];
  const [first, ...rest] = things;
  const out = '0 -62 0, 0.6 0 0, 1 0 0';
  const store = stage.store ?? 'counter';
  if (store === 'counter') {
    const rh = hand(pen, isBare(first) ? 'shell' : 'wrap', isBare(first) ? [58, 112] : [66, 96], { arm: [-20, 120], side: 'left' });
    return (
      counter() +
      (rest.length > 0 ? row(pen, rest, COUNTER, 108, 236, 56) : isBare(first) ? fruitBowl(pen, first) : '') +
      pen.move('0 30 0, 0.6 0 -10, 1 0 -10', rh.back + at(74, 126, set(pen, first, 64)) + rh.front) +
      arrow(128, 40, 70, 34, 14)
    );
  }
  if (store === 'drawer') {
    const rh = hand(pen, 'fist', [164, 44], { arm: [262, 10] });
    return (
      drawer() +
      rest.map((t, i) => at(54 + i * 40, 92, set(pen, t, 40), -8 + i * 9)).join('') +
      shape('M20 96H220V100H20z', '#b99a68', 1.6) +
      pen.move('0 -6 50, 0.6 0 0, 1 0 0', rh.back + at(156, 62, set(pen, first, 66)) + rh.front) +
      arrow(46, 62, 46, 26)
    );
  }
  const shelves = row(pen, rest.slice(0, 2), 58, 68, 156, 38) + row(pen, rest.slice(2), 104, 68, 156, 38);
  const bare = !stage.vessel && isBare(first);
  const rh = hand(pen, gloved(stage, bare ? 'shell' : 'wrap'), bare ? [200, 96] : [204, 88], { arm: [264, 100] });
  return (
    cabinet(store) +
    shelves +
    pen.move(
      out,
      rh.back +
        (stage.vessel
          ? at(176, 112, vesselOnShelf(pen, stage), 0, Math.min(0.7, 40 / sectionOf(stage.vessel.kind).rim))
          : at(186, 116, set(pen, first, 58))) +
        rh.front,
    ) +
    (stage.form === 'freezer'
      ? pen.from(
          0.5,
          [172, 186, 200].map((x, i) => line(`M${x} ${124 + (i % 2) * 6}v9`, 5, '#5fa8cc')).join('') + line('M160 150h52', 6, '#8cc6e0'),
        )
      : '') +
    arrow(176, 30, 224, 30)
  );
};

const away: Draw = (pen, stage) => {
  const dish = stage.vessel;
  const inDish = dish !== null && (stage.form !== '' || stage.store === 'microwave');
  const things = stage.things.length > 0 ? stage.things : [mainThing(stage)];
  const store = stage.store ?? (stage.things[0]?.look ? 'cupboard' : 'cupboard');
  const into = store === 'counter' ? 'cupboard' : store;
  const first = inDish
    ? at(112, 101, vesselOnShelf(pen, stage), 0, 46 / sectionOf(dish.kind).rim > 0.86 ? 0.86 : 46 / sectionOf(dish.kind).rim)
    : at(118, 103, set(pen, things[0], 40));
  if (into === 'drawer') {
    const rh = hand(pen, 'fist', [140, 56], { arm: [262, 10] });
    return (
      drawer() +
      things
        .slice(1, 4)
        .map((t, i) => at(54 + i * 36, 92, set(pen, t, 40)))
        .join('') +
      pen.move('0 20 -30, 0.6 0 10, 1 20 -30', rh.back + at(132, 78, set(pen, things[0], 56)) + rh.front) +
      shape('M20 96H220V154H20z', '#cfb588') +
      arrow(206, 26, 206, 62)
    );
  }
  const bare = !inDish && isBare(things[0]);
  const rh = hand(pen, gloved(stage, bare ? 'shell' : 'wrap'), bare ? [136, 88] : [inDish ? 172 : 150, 88], { arm: [264, 96] });
  const others = into === 'microwave' ? '' : row(pen, things.slice(1, 3), 58, 68, 156, 36);
  return cabinet(into) + others + pen.move('0 66 0, 0.6 0 0, 1 66 0', rh.back + first + rh.front) + arrow(228, 40, 178, 40);
};

const vesselOnShelf = (pen: Pen, stage: Parameters<Draw>[1]) => {
  const v = vessel(pen, stage.vessel!.kind, 0, 0, { contents: stage.vessel!.contents, seed: seedOf(stage) });
  return v.back + v.front;
};

/** Into a box with a lid; then where the cold is. */
const boxScene: Draw = (pen, stage) => {
  const contents = stage.vessel?.kind === 'storage-box' && stage.vessel.contents.length ? stage.vessel.contents : contentsOf(stage);
  const v = vessel(pen, 'storage-box', 92, COUNTER, { contents });
  const rh = hand(pen, 'flat', [104, v.top - 10], { arm: [262, 10] });
  const cold =
    stage.form === 'store'
      ? at(
          200,
          96,
          box(-24, -44, 52, 92, '#e8eef1', 4) +
            line('M-24 -8H28', 2.4) +
            line('M-16 -30v14M-16 2v18', 4, '#7f939d') +
            (stage.store === 'freezer' || /\bfreez/i.test(stage.words) ? snow(10, 24, 9) : ''),
        )
      : '';
  return (
    counter() +
    v.back +
    v.front +
    pen.move('0 0 -34, 0.5 0 0, 1 0 0', box(92 - 62, v.top - 8, 124, 11, '#5f9fbf', 4) + rh.back + rh.front) +
    cold +
    (cold ? arrow(160, 60, 178, 66, -6) : arrow(30, 26, 30, 60))
  );
};

const label: Draw = (pen, stage) => {
  const l = mainLook(stage);
  if (stage.form === 'date') {
    const v = vessel(pen, 'storage-box', 90, COUNTER, { contents: contentsOf(stage) });
    const rh = hand(pen, 'pinch', [128, 108], { arm: [262, 60] });
    const pencil = line('M120 116L160 60', 9) + line('M120 116L160 60', 5, '#c9452c');
    return (
      counter() +
      v.back +
      v.front +
      box(28, v.top - 8, 124, 11, '#5f9fbf', 4) +
      box(56, 106, 68, 26, '#fff', 3, 2) +
      line('M64 116h30M64 124h20', 3) +
      pen.move('0 -24 0, 0.5 0 0, 1 -24 0', rh.back + pencil + rh.front)
    );
  }
  const pack = l.pack === 'none' ? 'box' : l.pack;
  const lh = hand(pen, 'wrap', [64, 100], { arm: [-20, 110], side: 'left' });
  const rh = hand(pen, 'point', [118, 92], { arm: [262, 150] });
  return (
    lh.back +
    at(90, 148, packBody(l, pack), 0, 2) +
    box(62, 62, 64, 56, '#fff', 3, 2) +
    line('M70 74h46M70 84h38M70 94h46M70 104h30', 3.4) +
    lh.front +
    pen.move('0 -36 -14, 0.5 0 0, 1 -36 -14', rh.back + rh.front) +
    eye(pen, 196, 36)
  );
};

const plug: Draw = (pen, stage) => {
  const out = stage.form === 'out';
  const rh = hand(pen, 'wrap', [152, 82], { arm: [262, 96] });
  const socket = box(20, 40, 70, 84, '#f6f8f9', 8) + [66, 92].map((y) => circle(58, y, 5, INK, 0)).join('');
  const plugged =
    box(100, 62, 48, 38, '#3a4248', 8) +
    line('M100 70H80M100 92H80', 6) +
    line('M100 70H80M100 92H80', 3, '#c9a53a') +
    line('M148 82Q190 84 186 130T240 150', 7) +
    line('M148 82Q190 84 186 130T240 150', 3.4, '#5f7078');
  return (
    socket +
    pen.move(
      out
        ? [
            [0, -22, 0],
            [0.6, 10, 0],
            [1, 10, 0],
          ]
        : [
            [0, 26, 0],
            [0.6, -14, 0],
            [1, -14, 0],
          ],
      plugged + rh.back + rh.front,
    ) +
    (out ? arrow(112, 32, 160, 32) : arrow(160, 32, 112, 32))
  );
};

const tableScene: Draw = (pen) => {
  const rh = held(pen, 'spoon', [188, 112], 176, [206, 190]);
  return (
    area('M0 0H240V160H0z', '#d8b98a') +
    ellipse(112, 84, 56, 50, '#f6f8f9') +
    ellipse(112, 84, 36, 32, '#e8edf0', 1.8) +
    at(
      36,
      128,
      line('M-7 -70V-52Q-7 -44 0 -44T7 -52V-70M0 -70V0', 7) + line('M-7 -70V-52Q-7 -44 0 -44T7 -52V-70M0 -70V0', 3.4, '#c9d2d7'),
    ) +
    circle(62, 26, 17, '#e3f0f6') +
    circle(62, 26, 11, '#b9dcec', 1.6) +
    pen.move('0 26 26, 0.6 0 0, 1 26 26', rh.back + rh.tool + rh.front) +
    arrow(224, 60, 202, 44, 6)
  );
};

export const STORES: Scenes = { fetch, away, box: boxScene, label, plug, table: tableScene };
