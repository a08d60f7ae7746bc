// What a knife does on a board: hands clear of the blade, what was cut beside it.
import { table, type Look, type Stage, type State } from '$core';
import { whole, body, half, heap, piece } from '../pieces';
import { hand } from '../hands';
import { board } from '../kitchen';
import { at, circle, ellipse, INK, line, shape, type Pen } from '../pen';
import { arrow } from '../signs';
import { cutsAlone, held, toolFor } from '../tools';
import { sectionOf } from '../vessels';
import { contentsOf, mainLook, mainThing, type Draw, type Scenes } from './model';
import { inPlace, placed, steady } from './placed';

const ROUND = new Set([
  'round',
  'bulb',
  'pepper',
  'floret',
  'mushroom',
  'egg',
  'small',
  'dough',
  'cream',
  'biscuit',
  'grains',
  'prawn',
  'drumstick',
]);

export const isRound = (l: Look) => ROUND.has(l.shape);

/** The food on the board, and where the blade meets it. */
function onBoard(l: Look, peeled: boolean): { draw: string; edge: number; hold: number } {
  if (isRound(l))
    return {
      draw: at(88, 72, l.shape === 'bulb' && peeled ? half(l, 62) : body(peeled ? { ...l, skin: l.flesh } : l, 62)),
      edge: 119,
      hold: 64,
    };
  return { draw: at(76, 72, body(l, 96, peeled)), edge: 124, hold: 76 };
}

const lines = (l: Look, cross: boolean) => {
  const [x, w] = isRound(l) ? [88, 26] : [92, 28];
  const down = [-0.6, 0, 0.6].map((k) => `M${x + k * w} ${50}V94`).join('');
  return line(
    down + (cross ? `M${x - w} 62H${x + w}M${x - w} 74H${x + w}M${x - w} 86H${x + w}` : ''),
    1.6,
    '#4a5560',
    ' stroke-dasharray="4 3"',
  );
};

const CUTS = table<{ state: State; n: number }>({
  slices: { state: 'slices', n: 5 },
  dice: { state: 'dice', n: 11 },
  pieces: { state: 'dice', n: 8 },
  chopped: { state: 'chopped', n: 19 },
  sticks: { state: 'sticks', n: 7 },
  shreds: { state: 'grated', n: 11 },
  halves: { state: 'halves', n: 2 },
  quarters: { state: 'wedges', n: 4 },
  wedges: { state: 'wedges', n: 4 },
});

/** Knife in the right hand, the other a claw, clear of the blade; what was cut lies on the right. */
const rockingCut: Draw = (pen, stage) => {
  const l = mainLook(stage);
  const { state, n } = CUTS.get(stage.form) ?? CUTS.get('pieces')!;
  const food = onBoard(l, mainThing(stage).state === 'peeled');
  const left = hand(pen, 'claw', [food.hold - 2, 74], { arm: [-14, 150], side: 'left', turn: -8 });
  const rocks = cutsAlone(stage.tool);
  const right = rocks
    ? held(pen, stage.tool!, [food.edge - 12, 92], 0, [262, 6])
    : held(pen, stage.tool ?? 'knife', [food.edge + 1, 36], 166, [206, 190]);
  const rock = '0 0 0 0, 0.2 0 5 -5, 0.4 0 0 0, 0.6 0 5 -4, 0.8 0 0 0';
  const below = rocks ? 118 : 58;
  const cut = at(188, below, heap(l, state, n, 76));
  const some = at(188, below, heap(l, state, Math.ceil(n / 2), 60));
  return (
    board() +
    food.draw +
    (state === 'dice' || state === 'chopped' ? lines(l, true) : '') +
    pen.show('0 1, 0.4 0', some) +
    pen.from(0.4, cut) +
    left.back +
    left.front +
    pen.move(rock, right.back + right.tool + right.front, [food.edge, 120]) +
    arrow(food.edge + 26, 12, food.edge + 26, 34)
  );
};

/** Halving: the hand an arch over the food, the blade under the arch; below lie the halves. */
const bridgeCut: Draw = (pen, stage) => {
  const l = mainLook(stage);
  const quarters = stage.form === 'quarters';
  const bridge = hand(pen, 'bridge', [104, 86], { arm: [30, -40], side: 'left' });
  const knife = held(pen, stage.tool ?? 'knife', [60, 74], 90, [262, 52]);
  const food = l.shape === 'long' ? at(104, 78, body(l, 120)) : at(104, 76, quarters ? half(l, 50) : whole(l, 50));
  const cut = quarters
    ? [66, 106, 146, 186].map((x) => at(x, 132, piece(l, 'wedges', 32))).join('')
    : l.shape === 'long'
      ? at(74, 130, half(l, 84)) + at(172, 130, half(l, 84))
      : at(88, 130, half(l, 42)) + at(150, 130, half(l, 42));
  return (
    board() +
    bridge.back +
    food +
    pen.move('0 0 -8, 0.3 0 -2, 0.6 0 4, 1 0 -8', knife.back + knife.tool + knife.front) +
    bridge.front +
    pen.from(0.5, cut) +
    arrow(210, 16, 210, 38)
  );
};

/** Cutting away: ends, core, seeds, stone. What stays is large, what goes lies apart. */
const cutAway: Draw = (pen, stage) => {
  const l = mainLook(stage);
  if (stage.form === 'ends') {
    const food = at(96, 72, body(l.shape === 'long' || l.shape === 'pods' ? l : { ...l }, l.shape === 'long' ? 110 : 62));
    const edge = l.shape === 'long' || l.shape === 'pods' ? 142 : 118;
    const left = hand(pen, 'claw', [edge - 58, 74], { arm: [-14, 150], side: 'left', turn: -8 });
    const right = held(pen, 'knife', [edge, 36], 166, [216, 190]);
    const end = at(
      186,
      60,
      l.shape === 'long' ? shape('M-12 -11q18 2 24 11q-6 10 -24 11z', l.skin) : shape('M-10 -16q16 16 0 32q-10 -16 0 -32z', l.skin),
    );
    return (
      board() +
      food +
      pen.from(0.35, end) +
      left.back +
      left.front +
      pen.move('0 0 -6, 0.3 0 4, 1 0 0', right.back + right.tool + right.front) +
      line(`M${edge} 44V100`, 2, '#4a5560', ' stroke-dasharray="4 3"') +
      arrow(edge + 28, 12, edge + 28, 32)
    );
  }
  if (stage.form === 'score') {
    const left = hand(pen, 'claw', [52, 80], { arm: [-14, 150], side: 'left', turn: -8 });
    const right = held(pen, 'knife', [122, 60], 158, [216, 190]);
    return (
      board() +
      at(104, 76, body(l, 110)) +
      line('M84 58l-10 30M104 58l-10 30M122 60l-10 28', 3.4) +
      left.back +
      left.front +
      pen.move('0 -34 0, 0.3 -14 0, 0.6 0 0', right.back + right.tool + right.front) +
      arrow(150, 22, 128, 48)
    );
  }
  const sorts = {
    pit: ellipse(0, 0, 11, 13, l.mark),
    hull: line('M0 0l-8 -5M0 0l8 -5M0 0l0 -9', 4, '#5f9a42'),
    core: shape('M-7 -14h14l-3 14 3 14h-14l3 -14z', '#efe0b0', 2) + ellipse(-1, -3, 2, 3.4, l.mark, 0) + ellipse(2, 4, 2, 3.4, l.mark, 0),
    seeds: [-10, 0, 9, -4, 6].map((x, i) => ellipse(x, (i % 3) * 7 - 6, 3, 4.4, '#f3e6bd', 1.4, l.mark)).join(''),
  };
  const out = sorts[stage.form as keyof typeof sorts] ?? sorts.seeds;
  if (stage.form === 'core') {
    // the half lies on its cut side to the board edge; the blade goes down beside the core, well clear of the claw
    const left = hand(pen, 'claw', [52, 78], { arm: [-14, 156], side: 'left', turn: -8 });
    const right = held(pen, 'knife', [112, 36], 166, [206, 190]);
    return (
      board() +
      at(92, 76, half(l, 66)) +
      line('M82 44V108M104 44V108', 2, '#4a5560', ' stroke-dasharray="4 3"') +
      left.back +
      left.front +
      pen.move('0 0 -10, 0.3 0 4, 1 0 0', right.back + right.tool + right.front) +
      pen.from(0.4, at(186, 62, out, 0, 1.5)) +
      arrow(142, 12, 142, 34)
    );
  }
  if (stage.form === 'hull') {
    const left = hand(pen, 'shell', [70, 92], { arm: [-14, 130], side: 'left' });
    const pinch = hand(pen, 'pinch', [112, 52], { arm: [256, -20] });
    const berry = /mushroom/.test(l.name)
      ? at(90, 82, whole(l, 62), 180)
      : at(
          90,
          84,
          shape('M-26 -14Q0 -34 26 -14Q28 12 0 32Q-28 12 -26 -14z', l.skin) +
            [
              [-10, -4],
              [8, -6],
              [0, 8],
              [-8, 14],
              [9, 10],
            ]
              .map(([x, y]) => ellipse(x, y, 1.8, 2.6, l.mark, 0))
              .join(''),
        );
    return (
      board() +
      left.back +
      berry +
      left.front +
      pen.move('0 -16 8, 0.6 0 0, 1 -16 8', pinch.back + at(108, 56, out, 0, 1.6) + pinch.front) +
      arrow(168, 60, 168, 28)
    );
  }
  // a spoon, not a blade, towards the hand that holds it
  const left = hand(pen, 'shell', [62, 90], { arm: [-14, 130], side: 'left' });
  const right = held(pen, 'spoon', [100, 78], 62, [256, 60]);
  return (
    board() +
    left.back +
    at(80, 80, half(l, 64)) +
    left.front +
    pen.move('0 -6 2, 0.35 6 3 6, 0.7 0 0', right.back + right.tool + right.front) +
    pen.from(0.4, at(196, 124, out)) +
    arrow(122, 116, 172, 124)
  );
};

const cut: Draw = (pen, stage) => {
  // an arch takes a second hand
  if ((stage.form === 'halves' || stage.form === 'quarters') && !cutsAlone(stage.tool)) return bridgeCut(pen, stage);
  return CUTS.has(stage.form) ? rockingCut(pen, stage) : cutAway(pen, stage);
};

const prick: Draw = (pen, stage) => {
  const l = mainLook(stage);
  if (/\b(?:film|lid|wrap|cover)\b/i.test(stage.words)) return prickFilm(pen, stage);
  const lh = hand(pen, 'claw', [46, 84], { arm: [-14, 160], side: 'left', turn: -8 });
  const rh = held(pen, 'fork', [120, 64], 24, [230, -40]);
  const holes = [
    [92, 66],
    [100, 84],
    [120, 94],
    [140, 84],
    [146, 66],
  ]
    .map(([x, y]) => circle(x, y, 2.6, INK, 0))
    .join('');
  return (
    board() +
    at(118, 78, isRound(l) || l.shape === 'sausage' ? whole(l, 92) : body(l, 120)) +
    holes +
    lh.back +
    lh.front +
    pen.move('0 0 -26, 0.3 0 0, 0.5 18 -20, 0.7 4 2, 1 0 -26', rh.back + rh.tool + rh.front) +
    arrow(196, 74, 196, 112)
  );
};

/** The cover of a dish, drawn tight, gets holes for the steam. */
function prickFilm(pen: Pen, stage: Stage): string {
  const kind = stage.vessel && sectionOf(stage.vessel.kind).height > 20 ? stage.vessel.kind : 'dish';
  const v = placed(pen, stage, 104, { kind, contents: contentsOf(stage) });
  const r = v.section.rim + 5;
  const rh = held(pen, toolFor(stage.tool, 'tests', 'fork'), [118, v.top], 26, [250, -40]);
  return (
    inPlace(v, steady(pen, v, 104, stage)) +
    shape(`M${104 - r} ${v.top + 9}q-2 -10 8 -11H${96 + r}q10 1 8 11`, '#d9edf5d0') +
    [78, 94, 134].map((x) => circle(x, v.top - 1, 2.4, INK, 0)).join('') +
    pen.move('0 0 -26, 0.3 0 3, 0.5 0 -20, 0.7 0 3, 1 0 -26', rh.back + rh.tool + rh.front) +
    arrow(40, 24, 40, 58)
  );
}

/** Paper is pressed on it. */
const pat: Draw = (pen, stage) => {
  const l = mainLook(stage);
  const rh = hand(pen, 'flat', [126, 84], { arm: [262, 10] });
  return (
    board() +
    at(112, 104, whole(l, 92)) +
    pen.move(
      '0 0 -16, 0.3 0 2, 0.5 0 -16, 0.8 0 2, 1 0 -16',
      shape('M76 86q30 -14 74 -2q10 16 2 28q-38 -10 -72 0q-12 -14 -4 -26z', '#fbf7ee') +
        line('M86 94q26 -8 54 0', 1.8) +
        rh.back +
        rh.front,
    ) +
    arrow(40, 34, 40, 66)
  );
};

export const BOARD: Scenes = { board: cut, prick, pat };
