// Pressing, squeezing, crushing, cracking.
import { lookByName } from '$core';
import { heap } from '../pieces';
import { hand } from '../hands';
import { counter, COUNTER } from '../kitchen';
import { area, at, box, circle, ellipse, INK, line, shape } from '../pen';
import { arrow, toAndFro } from '../signs';
import { vessel } from '../vessels';
import { lying, mainLook, type Draw, type Scenes } from './model';

const press: Draw = (pen) => {
  const g = lookByName('garlic');
  const bowl = vessel(pen, 'small-bowl', 84, COUNTER, {
    contents: [lying('garlic', { ...g, shape: 'round' }, 'chopped')],
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
      '0 0 -8 -18, 0.3 0 0 14, 0.6 0 0 -14, 0.9 0 0 14, 1 0 -8 -18',
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
    pen.move('0 0 0, 0.3 0 14, 0.5 0 0, 0.8 0 14, 1 0 0', lh.back + rh.back + pin + lh.front + rh.front) +
    arrow(116, 16, 116, 48)
  );
};

/** The shell is opened over a bowl: fingers behind, one thumb in front of each half. */
const crack: Draw = (pen, stage) => {
  const egg = lookByName('egg');
  const apart = stage.form === 'apart';
  const bowl = vessel(pen, apart ? 'small-bowl' : 'bowl', apart ? 84 : 120, COUNTER, {
    contents: [lying('egg', { ...egg, shape: 'liquid', flesh: egg.mark })],
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
    pen.move('0 12 0 30, 0.5 0 0 0, 1 12 0 30', lh.back + (apart ? yolk : '') + shellHalf(96, apart ? 10 : 62) + lh.front, [96, 46]) +
    pen.move('0 -12 0 -30, 0.5 0 0 0, 1 -12 0 -30', rh.back + shellHalf(144, apart ? -10 : -62) + rh.front, [144, 46]) +
    (apart ? toAndFro(96, 14, 144, 14) : arrow(112, 16, 84, 16) + arrow(128, 16, 156, 16))
  );
};

export const SQUEEZE: Scenes = { press, squeeze, crush, crack };
