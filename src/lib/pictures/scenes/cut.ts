// Peeling, cutting, grating, squeezing, cracking: what hands and blades do to a food.
import { lookByName } from '$core';
import { body, half, heap, piece, whole } from '../foods';
import { hand } from '../hands';
import { board, counter, COUNTER } from '../kitchen';
import { area, at, box, circle, ellipse, INK, line, shape } from '../pen';
import { arrow, toAndFro } from '../signs';
import { held } from '../tools';
import { vessel } from '../vessels';
import { mainLook, mainThing, type Draw, type Scenes } from './model';
import type { Look, State } from '$core';

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
const isRound = (l: Look) => ROUND.has(l.shape);

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

const CUTS: Partial<Record<string, { state: State; n: number }>> = {
  slices: { state: 'slices', n: 5 },
  dice: { state: 'dice', n: 11 },
  pieces: { state: 'dice', n: 8 },
  chopped: { state: 'chopped', n: 19 },
  sticks: { state: 'sticks', n: 7 },
  shreds: { state: 'grated', n: 11 },
  wedges: { state: 'wedges', n: 4 },
};

/** Knife in the right hand, the other a claw, clear of the blade; what was cut lies on the right. */
const rockingCut: Draw = (pen, stage) => {
  const l = mainLook(stage);
  const { state, n } = CUTS[stage.form] ?? CUTS.pieces!;
  const food = onBoard(l, mainThing(stage).state === 'peeled');
  const rocker = stage.tool === 'rocker-knife';
  const left = hand(pen, 'claw', [food.hold - 2, 74], { arm: [-14, 150], side: 'left', turn: -8 });
  const right = held(pen, stage.tool ?? 'knife', [food.edge + 1, 36], 166, [206, 190]);
  const rock = [
    [0, 0, 0, 0],
    [0.2, 0, 5, -5],
    [0.4, 0, 0, 0],
    [0.6, 0, 5, -4],
    [0.8, 0, 0, 0],
  ] as const;
  const cut = at(188, 58, heap(l, state, n, 76));
  const some = at(188, 58, heap(l, state, Math.ceil(n / 2), 60));
  return (
    board() +
    food.draw +
    (state === 'dice' || state === 'chopped' ? lines(l, true) : '') +
    pen.show(
      [
        [0, 1],
        [0.4, 0],
      ],
      some,
    ) +
    pen.from(0.4, cut) +
    (rocker ? '' : left.back + left.front) +
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
    pen.move(
      [
        [0, 0, -8],
        [0.3, 0, -2],
        [0.6, 0, 4],
        [1, 0, -8],
      ],
      knife.back + knife.tool + knife.front,
    ) +
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
      pen.move(
        [
          [0, 0, -6],
          [0.3, 0, 4],
          [1, 0, 0],
        ],
        right.back + right.tool + right.front,
      ) +
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
      pen.move(
        [
          [0, -34, 0],
          [0.3, -14, 0],
          [0.6, 0, 0],
        ],
        right.back + right.tool + right.front,
      ) +
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
      pen.move(
        [
          [0, 0, -10],
          [0.3, 0, 4],
          [1, 0, 0],
        ],
        right.back + right.tool + right.front,
      ) +
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
              .map(([x, y]) => ellipse(x!, y!, 1.8, 2.6, l.mark, 0))
              .join(''),
        );
    return (
      board() +
      left.back +
      berry +
      left.front +
      pen.move(
        [
          [0, -16, 8],
          [0.6, 0, 0],
          [1, -16, 8],
        ],
        pinch.back + at(108, 56, out, 0, 1.6) + pinch.front,
      ) +
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
    pen.move(
      [
        [0, -6, 2],
        [0.35, 6, 3, 6],
        [0.7, 0, 0],
      ],
      right.back + right.tool + right.front,
    ) +
    pen.from(0.4, at(196, 124, out)) +
    arrow(122, 116, 172, 124)
  );
};

const cut: Draw = (pen, stage) => {
  if (stage.form === 'halves' || stage.form === 'quarters') return bridgeCut(pen, stage);
  return CUTS[stage.form] ? rockingCut(pen, stage) : cutAway(pen, stage);
};

/** The peeler goes along the food and away from the hand that holds it; the peel falls. */
const peel: Draw = (pen, stage) => {
  const l = mainLook(stage);
  const long = l.shape === 'long' || l.shape === 'pods';
  const food = (peeled: boolean) =>
    long ? at(118, 84, body(l, 118, peeled), 0) : at(112, 84, whole(peeled ? { ...l, skin: l.flesh } : l, 74));
  const left = hand(pen, 'wrap', long ? [62, 84] : [78, 88], { arm: [-16, 104], side: 'left' });
  const right = held(pen, stage.tool ?? 'peeler', long ? [150, 72] : [128, 56], 46, [262, 10]);
  const part = (x: number) => pen.clip(`M${x} 20H240V130H${x}z`, food(false));
  const curl = line('M150 70c12 -10 6 -34 -8 -30', 9) + line('M150 70c12 -10 6 -34 -8 -30', 5.4, l.skin);
  const peels = [0, 1, 2]
    .map((i) => at(96 + i * 26, 146, line(`M-9 ${i % 2 ? 0 : 2}q9 -8 18 0`, 8) + line(`M-9 ${i % 2 ? 0 : 2}q9 -8 18 0`, 4.6, l.skin)))
    .join('');
  return (
    counter() +
    left.back +
    food(true) +
    pen.show(
      [
        [0, 1],
        [0.25, 0],
      ],
      part(0),
    ) +
    pen.show(
      [
        [0, 0],
        [0.25, 1],
        [0.5, 0],
      ],
      part(112),
    ) +
    pen.show(
      [
        [0, 0],
        [0.5, 1],
        [1, 0],
      ],
      part(long ? 146 : 124),
    ) +
    left.front +
    pen.from(0.5, peels) +
    pen.move(
      [
        [0, -60, 0],
        [0.5, 0, 0],
        [0.75, 26, 4],
        [0.9, 10, -22],
        [1, -60, 0],
      ],
      curl + right.back + right.tool + right.front,
    ) +
    arrow(108, 30, 148, 30)
  );
};

/** Skin, leaves or pieces come off by hand. */
const byHand: Draw = (pen, stage) => {
  const l = mainLook(stage);
  const apart = ['tear', 'break', 'twist', 'pull'].includes(stage.form);
  if (apart || stage.form === 'crumble' || stage.form === 'pick') {
    const parted = (side: 1 | -1) =>
      l.shape === 'leaf'
        ? at(0, 0, pen.clip(side < 0 ? 'M-40 -40H0L-6 -16 4 0 -4 18 0 40H-40z' : 'M40 -40H0L-6 -16 4 0 -4 18 0 40H40z', whole(l, 54)))
        : l.shape === 'loaf' || l.shape === 'flat' || l.shape === 'slab' || l.shape === 'biscuit'
          ? pen.clip(side < 0 ? 'M-40 -40H0L-6 -10 4 4 -3 18 0 40H-40z' : 'M40 -40H0L-6 -10 4 4 -3 18 0 40H40z', whole(l, 64))
          : at(side * 12, 0, piece(l, 'torn', 34, side + 1));
    const crumble = stage.form === 'crumble';
    const lh = hand(pen, 'pinch', [92, 60], { arm: [-20, -10], side: 'left' });
    const rh = hand(pen, 'pinch', [148, 60], { arm: [260, -10] });
    const bits = at(120, 118, heap(l, crumble ? 'chopped' : 'torn', 7, 70));
    return (
      counter() +
      vessel(pen, 'plate', 120, COUNTER, {}).back +
      vessel(pen, 'plate', 120, COUNTER, {}).front +
      pen.from(0.35, bits) +
      lh.back +
      rh.back +
      pen.move(
        [
          [0, 12, 0],
          [0.5, -4, 0, -10],
          [1, 12, 0],
        ],
        at(106, 64, parted(-1)) + lh.front,
        [106, 64],
      ) +
      pen.move(
        [
          [0, -12, 0],
          [0.5, 4, 0, 10],
          [1, -12, 0],
        ],
        at(134, 64, parted(1)) + rh.front,
        [134, 64],
      ) +
      toAndFro(92, 20, 148, 20)
    );
  }
  if (stage.form === 'pop') {
    const lh = hand(pen, 'pinch', [80, 84], { arm: [-20, 10], side: 'left' });
    const rh = hand(pen, 'pinch', [160, 84], { arm: [262, 10] });
    return (
      counter() +
      vessel(pen, 'plate', 120, COUNTER, {}).back +
      vessel(pen, 'plate', 120, COUNTER, {}).front +
      at(120, 106, whole(l, 78)) +
      pen.from(0.3, shape('M94 96L120 78L146 96L130 112H110z', l.flesh, 2) + line('M120 78V112M98 98H142', 1.8, l.mark)) +
      pen.move(
        [
          [0, -8, 0],
          [0.5, 6, 0],
          [1, -8, 0],
        ],
        lh.back + lh.front,
      ) +
      pen.move(
        [
          [0, 8, 0],
          [0.5, -6, 0],
          [1, 8, 0],
        ],
        rh.back + rh.front,
      ) +
      arrow(30, 112, 56, 112) +
      arrow(210, 112, 184, 112)
    );
  }
  if (stage.form === 'shell') {
    const lh = hand(pen, 'shell', [96, 66], { arm: [-20, 40], side: 'left' });
    const rh = hand(pen, 'pinch', [132, 58], { arm: [260, -10] });
    const bowl = vessel(pen, 'small-bowl', 120, COUNTER, {
      contents: [{ name: l.name, look: l, state: 'whole', mixed: false, cooked: false }],
      level: 0.4,
    });
    return (
      counter() +
      bowl.back +
      bowl.front +
      lh.back +
      at(112, 62, whole(l, 40)) +
      lh.front +
      rh.back +
      rh.front +
      pen.from(0.4, at(120, 92, piece(l, 'whole', 12))) +
      arrow(164, 70, 164, 104)
    );
  }
  // the skin is pulled down and away
  const lh = hand(pen, 'shell', [78, 90], { arm: [-20, 130], side: 'left' });
  const rh = hand(pen, 'pinch', [146, 56], { arm: [262, 0] });
  const inner =
    l.shape === 'long'
      ? at(100, 74, body({ ...l, skin: l.flesh }, 90), -70)
      : at(104, 78, whole({ ...l, skin: l.flesh, mark: l.flesh === '#fff' ? l.mark : l.mark }, 62));
  const skin =
    l.shape === 'long'
      ? pen.clip('M40 84H170V160H40z', at(100, 74, body(l, 90), -70))
      : pen.clip('M60 82H150V130H60z', at(104, 78, whole(l, 62)));
  const flap = shape('M124 70Q140 40 150 56Q146 72 132 84Z', l.skin) + shape('M84 64Q66 46 60 62Q68 76 84 84z', l.skin);
  return (
    counter() +
    at(176, 140, shape('M-22 0q8 -14 20 -8q14 -6 24 8z', l.skin)) +
    lh.back +
    inner +
    skin +
    flap +
    lh.front +
    pen.move(
      [
        [0, -10, -14],
        [0.6, 0, 0],
        [1, -10, -14],
      ],
      rh.back + rh.front,
    ) +
    arrow(176, 62, 196, 92, -8)
  );
};

/** Box grater: one hand on its handle, the food moves down; fingers stay clear of the end. */
const grate: Draw = (pen, stage) => {
  const l = mainLook(stage);
  const zest = stage.form === 'zest';
  const lh = hand(pen, 'fist', [112, 30], { arm: [-20, 6], side: 'left', turn: 90 });
  const rh = hand(pen, 'wrap', [184, 72], { arm: [262, 56] });
  const grater =
    line('M98 34Q98 20 112 20T126 34', 8) +
    line('M98 34Q98 20 112 20T126 34', 4.4, '#8b979e') +
    shape('M92 34H132L150 136H74z', '#dbe2e5') +
    [50, 66, 82, 98, 114]
      .map((y, r) => [-16, 0, 16].map((x) => line(`M${112 + x - 5 + (r % 2) * 6} ${y}q5 7 10 0`, 2.2)).join(''))
      .join('');
  const block = isRound(l)
    ? at(152, 72, whole(l, 46))
    : shape('M136 56H190V88H142z', l.flesh) + (l.shape === 'block' ? '' : line('M140 60H188', 4, l.skin));
  const pile = zest ? at(112, 128, heap(l, 'grated', 4, 56)) : at(110, 122, heap(l, 'grated', 12, 96));
  return (
    counter() +
    shape('M40 138H186l-8 8H48z', '#dfe6ea') +
    grater +
    lh.back +
    lh.front +
    pen.from(0.3, pile) +
    pen.move(
      [
        [0, -8, -22],
        [0.45, 2, 14],
        [0.7, -8, -22],
        [1, -8, -22],
      ],
      rh.back + block + rh.front,
    ) +
    arrow(222, 70, 222, 116)
  );
};

/** Two forks pull apart. */
const forks: Draw = (pen, stage) => {
  const l = mainLook(stage);
  const lh = held(pen, 'fork', [98, 96], -32, [-20, 0], 'left');
  const rh = held(pen, 'fork', [142, 96], 32, [260, 0]);
  const plate = vessel(pen, 'plate', 120, COUNTER, {});
  const lump = shape('M62 128q-2 -22 26 -24h64q28 2 26 24z', l.flesh, 2.4, l.mark === l.flesh ? INK : l.mark);
  const strands = [74, 92, 150, 166]
    .map((x, i) => line(`M${x} ${126 - (i % 2) * 6}q8 -8 16 -2`, 6, l.mark) + line(`M${x} ${126 - (i % 2) * 6}q8 -8 16 -2`, 3.4, l.flesh))
    .join('');
  return (
    counter() +
    plate.back +
    lump +
    line('M120 106l-6 8 8 6 -6 8', 2.4) +
    strands +
    plate.front +
    pen.move(
      [
        [0, 10, 0],
        [0.5, -8, 0],
        [1, 10, 0],
      ],
      lh.back + lh.tool + lh.front,
    ) +
    pen.move(
      [
        [0, -10, 0],
        [0.5, 8, 0],
        [1, -10, 0],
      ],
      rh.back + rh.tool + rh.front,
    ) +
    toAndFro(90, 16, 150, 16)
  );
};

const scissors: Draw = (pen, stage) => {
  const l = mainLook(stage);
  const bowl = vessel(pen, 'small-bowl', 108, COUNTER, {});
  const lh = hand(pen, 'pinch', [60, 58], { arm: [-20, -10], side: 'left' });
  const rh = hand(pen, 'fist', [186, 62], { arm: [262, 50], turn: 80 });
  const blades =
    shape('M172 62L112 54Q106 55 112 60L170 68z', '#c9d2d7', 2) +
    shape('M172 64L114 76Q108 76 112 71L168 58z', '#c9d2d7', 2) +
    circle(168, 63, 4, '#7f8f98', 1.8) +
    circle(184, 52, 9, 'none', 6) +
    circle(184, 52, 9, 'none', 3) +
    circle(184, 74, 9, 'none', 6);
  const food =
    l.shape === 'sprig' || l.shape === 'long' || l.shape === 'leaf'
      ? at(88, 62, l.shape === 'long' ? body(l, 70) : whole(l, 44), l.shape === 'long' ? 0 : 90)
      : at(88, 64, whole(l, 40));
  return (
    counter() +
    bowl.back +
    bowl.front +
    lh.back +
    food +
    lh.front +
    pen.from(0.35, [0, 1, 2, 3].map((i) => at(96 + i * 9, 92 + (i % 2) * 12, piece(l, 'torn', 12, i))).join('')) +
    pen.move(
      [
        [0, 6, 0],
        [0.3, -6, 0],
        [0.6, 0, 0],
        [1, 6, 0],
      ],
      rh.back + blades + rh.front,
    )
  );
};

const press: Draw = (pen) => {
  const g = lookByName('garlic');
  const bowl = vessel(pen, 'small-bowl', 84, COUNTER, {
    contents: [{ name: 'garlic', look: { ...g, shape: 'round' }, state: 'chopped', mixed: false, cooked: false }],
    level: 0.4,
  });
  const rh = hand(pen, 'fist', [172, 62], { arm: [262, 62], turn: 90 });
  const tool =
    box(66, 48, 36, 26, '#c9d2d7', 5) +
    [74, 84, 94].map((x) => circle(x, 74, 2, INK, 0)).join('') +
    line('M102 54H214M102 68H214', 11) +
    line('M102 54H214M102 68H214', 6.4, '#c9d2d7') +
    at(84, 48, ellipse(0, 0, 11, 9, '#faf5ea'));
  return (
    counter() +
    bowl.back +
    bowl.front +
    rh.back +
    tool +
    rh.front +
    pen.from(0.3, [74, 84, 94].map((x) => line(`M${x} 78v14`, 6) + line(`M${x} 78v14`, 3.2, '#faf5ea')).join('')) +
    arrow(216, 12, 194, 34) +
    arrow(216, 122, 194, 94)
  );
};

const squeeze: Draw = (pen, stage) => {
  const l = mainLook(stage);
  const fruit =
    l.shape === 'liquid' ? lookByName(/lime/.test(stage.words) ? 'lime' : /orange/.test(stage.words) ? 'tangerine' : 'lemon') : l;
  const rh = hand(pen, 'flat', [130, 48], { arm: [262, -6] });
  const lh = hand(pen, 'rim', [74, 110], { arm: [-20, 66], side: 'left' });
  const juicer =
    shape('M64 108H176Q172 138 148 140H92Q68 138 64 108z', '#e3f0f6') +
    area('M72 122H168Q162 137 146 137H94Q78 137 72 122z', fruit.flesh) +
    shape('M92 108Q106 82 120 78Q134 82 148 108z', '#fbfdfe') +
    line('M120 80V106M108 90L104 106M132 90L136 106', 2);
  return (
    counter() +
    juicer +
    pen.move(
      [
        [0, 0, -8, -18],
        [0.3, 0, 0, 14],
        [0.6, 0, 0, -14],
        [0.9, 0, 0, 14],
        [1, 0, -8, -18],
      ],
      shape('M90 84A30 30 0 0 1 150 84z', fruit.skin) + area('M94 84A26 20 0 0 0 146 84z', fruit.flesh),
      [120, 80],
    ) +
    rh.back +
    rh.front +
    pen.from(
      0.3,
      [86, 154].map((x) => at(x, 112, shape('M0 -8c5 6 6 9 6 11a6 6 0 0 1 -12 0c0 -2 1 -5 6 -11z', fruit.flesh, 1.8))).join(''),
    ) +
    lh.back +
    lh.front +
    toAndFro(64, 40, 36, 62) +
    arrow(196, 66, 196, 96)
  );
};

/** Crushed in a closed bag under a rolling pin. */
const crush: Draw = (pen, stage) => {
  const l = mainLook(stage);
  const bag =
    shape('M34 138q-6 -34 14 -34H176q20 0 14 34z', '#eaf3f7') +
    at(112, 122, heap(l, 'chopped', 12, 120)) +
    box(186, 108, 16, 28, '#7fb0d0', 3);
  const lh = hand(pen, 'fist', [56, 76], { arm: [-16, 20], side: 'left', turn: 90 });
  const rh = hand(pen, 'fist', [176, 76], { arm: [260, 20], turn: 90 });
  const pin = box(70, 64, 92, 28, '#c99a5f', 12) + box(34, 72, 36, 11, '#a97b42', 5) + box(162, 72, 36, 11, '#a97b42', 5);
  return (
    counter() +
    bag +
    pen.move(
      [
        [0, 0, 0],
        [0.3, 0, 14],
        [0.5, 0, 0],
        [0.8, 0, 14],
        [1, 0, 0],
      ],
      lh.back + rh.back + pin + lh.front + rh.front,
    ) +
    arrow(116, 16, 116, 48)
  );
};

/** The shell is opened over a bowl: fingers behind, one thumb in front of each half. */
const crack: Draw = (pen, stage) => {
  const egg = lookByName('egg');
  const apart = stage.form === 'apart';
  const bowl = vessel(pen, apart ? 'small-bowl' : 'bowl', apart ? 84 : 120, COUNTER, {
    contents: [{ name: 'egg', look: { ...egg, shape: 'liquid', flesh: egg.mark }, state: 'whole', mixed: false, cooked: false }],
    level: 0.3,
  });
  const second = apart ? vessel(pen, 'small-bowl', 172, COUNTER, {}) : null;
  const lh = hand(pen, 'shell', [84, 46], { arm: [-20, 60], side: 'left' });
  const rh = hand(pen, 'shell', [156, 46], { arm: [260, 60] });
  const shellHalf = (x: number, turn: number) =>
    at(x, 44, shape('M-19 -8L-12 -2 -6 -9 0 -2 7 -9 12 -2 19 -8Q18 18 0 20T-19 -8z', egg.skin), turn);
  const yolk = apart
    ? at(98, 38, circle(0, 0, 12, egg.flesh))
    : at(120, 82, shape('M-16 -30Q-8 -8 -18 8Q0 22 18 8Q8 -8 16 -30z', '#f6f2e2', 2) + circle(0, -4, 12, egg.flesh));
  return (
    counter() +
    bowl.back +
    (second ? second.back + second.front + at(172, 132, circle(0, 0, 11, egg.flesh)) : '') +
    bowl.front +
    (apart ? pen.from(0.3, line('M86 66Q80 80 84 104', 9, '#cfc9b0') + line('M86 66Q80 80 84 104', 6, '#f6f2e2')) : pen.from(0.35, yolk)) +
    pen.move(
      [
        [0, 12, 0, 30],
        [0.5, 0, 0, 0],
        [1, 12, 0, 30],
      ],
      lh.back + (apart ? yolk : '') + shellHalf(96, apart ? 10 : 62) + lh.front,
      [96, 46],
    ) +
    pen.move(
      [
        [0, -12, 0, -30],
        [0.5, 0, 0, 0],
        [1, -12, 0, -30],
      ],
      rh.back + shellHalf(144, apart ? -10 : -62) + rh.front,
      [144, 46],
    ) +
    (apart ? toAndFro(96, 14, 144, 14) : arrow(112, 16, 84, 16) + arrow(128, 16, 156, 16))
  );
};

const prick: Draw = (pen, stage) => {
  const l = mainLook(stage);
  const lh = hand(pen, 'claw', [46, 84], { arm: [-14, 160], side: 'left', turn: -8 });
  const rh = held(pen, 'fork', [120, 64], 24, [230, -40]);
  const holes = [
    [92, 66],
    [100, 84],
    [120, 94],
    [140, 84],
    [146, 66],
  ]
    .map(([x, y]) => circle(x!, y!, 2.6, INK, 0))
    .join('');
  return (
    board() +
    at(118, 78, isRound(l) || l.shape === 'sausage' ? whole(l, 92) : body(l, 120)) +
    holes +
    lh.back +
    lh.front +
    pen.move(
      [
        [0, 0, -26],
        [0.3, 0, 0],
        [0.5, 18, -20],
        [0.7, 4, 2],
        [1, 0, -26],
      ],
      rh.back + rh.tool + rh.front,
    ) +
    arrow(196, 74, 196, 112)
  );
};

export const CUT: Scenes = { board: cut, peel, 'by-hand': byHand, grate, forks, scissors, press, squeeze, crush, crack, prick };
