// Peeling, tearing, grating, pulling apart, snipping.
import { whole, body, half, heap, piece } from '../pieces';
import { hand } from '../hands';
import { counter, COUNTER } from '../kitchen';
import { at, circle, INK, line, shape } from '../pen';
import { around, arrow, toAndFro } from '../signs';
import { held } from '../tools';
import { vessel } from '../vessels';
import { isRound } from './board';
import { lying, gloved, mainLook, mainThing, type Draw, type Scenes } from './model';

/** The peeler goes along the food and away from the hand that holds it; the peel falls. */
const peel: Draw = (pen, stage) => {
  const { state } = mainThing(stage);
  const skinned = mainLook(stage);
  const l = state === 'peeled' ? { ...skinned, skin: skinned.flesh } : skinned;
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
    pen.show('0 1, 0.25 0', part(0)) +
    pen.show('0 0, 0.25 1, 0.5 0', part(112)) +
    pen.show('0 0, 0.5 1, 1 0', part(long ? 146 : 124)) +
    left.front +
    pen.from(0.5, peels) +
    pen.move('0 -60 0, 0.5 0 0, 0.75 26 4, 0.9 10 -22, 1 -60 0', curl + right.back + right.tool + right.front) +
    arrow(108, 30, 148, 30)
  );
};

/** Skin, leaves or pieces come off by hand. */
const byHand: Draw = (pen, stage) => {
  const l = mainLook(stage);
  const apart = ['tear', 'break', 'pull'].includes(stage.form);
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
      pen.move('0 12 0, 0.5 -4 0 -10, 1 12 0', at(106, 64, parted(-1)) + lh.front, [106, 64]) +
      pen.move('0 -12 0, 0.5 4 0 10, 1 -12 0', at(134, 64, parted(1)) + rh.front, [134, 64]) +
      toAndFro(92, 20, 148, 20)
    );
  }
  if (stage.form === 'twist') {
    const lh = hand(pen, 'shell', [72, 90], { arm: [-20, 110], side: 'left' });
    const rh = hand(pen, 'shell', [168, 90], { arm: [262, 110] });
    return (
      counter() +
      pen.move('0 8 0 0, 0.5 0 0 -14, 1 8 0 0', lh.back + at(88, 84, half(l, 62)) + lh.front, [88, 84]) +
      pen.move('0 -8 0 0, 0.5 0 0 14, 1 -8 0 0', rh.back + at(154, 84, whole(l, 62)) + rh.front, [154, 84]) +
      around(74, 34, 24, 12) +
      at(166, 34, `<g transform="scale(-1 1)">${around(0, 0, 24, 12)}</g>`)
    );
  }
  if (stage.form === 'pop') {
    const lh = hand(pen, gloved(stage, 'pinch'), [80, 84], { arm: [-20, 10], side: 'left' });
    const rh = hand(pen, gloved(stage, 'pinch'), [160, 84], { arm: [262, 10] });
    return (
      counter() +
      vessel(pen, 'plate', 120, COUNTER, {}).back +
      vessel(pen, 'plate', 120, COUNTER, {}).front +
      at(120, 106, whole(l, 78)) +
      pen.from(0.3, shape('M94 96L120 78L146 96L130 112H110z', l.flesh, 2) + line('M120 78V112M98 98H142', 1.8, l.mark)) +
      pen.move('0 -8 0, 0.5 6 0, 1 -8 0', lh.back + lh.front) +
      pen.move('0 8 0, 0.5 -6 0, 1 8 0', rh.back + rh.front) +
      arrow(30, 112, 56, 112) +
      arrow(210, 112, 184, 112)
    );
  }
  if (stage.form === 'shell') {
    const lh = hand(pen, 'shell', [96, 66], { arm: [-20, 40], side: 'left' });
    const rh = hand(pen, 'pinch', [132, 58], { arm: [260, -10] });
    const bowl = vessel(pen, 'small-bowl', 120, COUNTER, {
      contents: [lying(l.name, l)],
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
    pen.move('0 -10 -14, 0.6 0 0, 1 -10 -14', rh.back + rh.front) +
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
    pen.move('0 -8 -22, 0.45 2 14, 0.7 -8 -22, 1 -8 -22', rh.back + block + rh.front) +
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
    pen.move('0 10 0, 0.5 -8 0, 1 10 0', lh.back + lh.tool + lh.front) +
    pen.move('0 -10 0, 0.5 8 0, 1 -10 0', rh.back + rh.tool + rh.front) +
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
    pen.move('0 6 0, 0.3 -6 0, 0.6 0 0, 1 6 0', rh.back + blades + rh.front)
  );
};

export const BY_HAND: Scenes = { peel, 'by-hand': byHand, grate, forks, scissors };
