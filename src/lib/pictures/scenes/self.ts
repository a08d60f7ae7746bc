// On one's own body: hair, apron, sleeves, rings, gloves; asking.
import { hand } from '../hands';
import { ACTION, at, box, circle, INK, line, shape, type Pen } from '../pen';
import { arrow } from '../signs';
import { type Draw, type Scenes } from './model';

const HAIR = '#4a3528';

/** A head from the side, looking to the right, at the left edge. */
export const profile = (pen: Pen): string =>
  shape('M-10 170V50Q-10 -10 40 -10Q76 -10 76 32L84 54Q84 60 76 60V74Q74 90 56 90V170z', pen.skin) +
  circle(52, 34, 4, INK, 0) +
  line('M76 68Q62 78 54 66', 3) +
  shape('M-10 40Q-6 -22 40 -20Q76 -18 76 12Q62 2 40 6Q18 12 12 42z', HAIR);

/** On one's own body. */
const self: Draw = (pen, stage) => {
  switch (stage.form) {
    case 'hair': {
      const lh = hand(pen, 'pinch', [104, 74], { arm: [-10, 150], side: 'left', turn: 20 });
      const rh = hand(pen, 'fist', [142, 84], { arm: [256, 140], turn: 10 });
      return (
        shape('M84 170V128H156V170z', '#7fa6b8') +
        box(104, 104, 32, 30, pen.skin, 8) +
        circle(120, 62, 44, HAIR) +
        line('M92 34Q120 20 148 34M84 58Q120 36 156 58', 2.4, '#7a5f4a') +
        lh.back +
        rh.back +
        pen.move(
          '0 0 0, 0.5 0 6, 1 0 0',
          shape('M110 66Q120 56 130 66Q140 112 128 146Q120 154 112 146Q100 112 110 66z', HAIR) +
            line('M116 80Q114 110 118 136M126 80Q128 110 124 138', 2, '#7a5f4a') +
            box(106, 72, 28, 12, '#c9452c', 5),
        ) +
        lh.front +
        rh.front
      );
    }
    case 'apron': {
      const lh = hand(pen, 'fist', [66, 108], { arm: [-4, 60], side: 'left', turn: 40 });
      const rh = hand(pen, 'fist', [174, 108], { arm: [244, 60], turn: -40 });
      return (
        shape('M70 170V60Q70 34 96 30H144Q170 34 170 60V170z', '#c7d0d6') +
        shape('M92 40Q92 52 84 64H78V170H162V64H156Q148 52 148 40z', '#2f6b5c') +
        line('M92 42Q94 8 120 6T148 42', 7) +
        line('M92 42Q94 8 120 6T148 42', 3.6, '#2f6b5c') +
        box(98, 112, 44, 34, '#3a8270', 5) +
        line('M78 104H58M162 104H182', 8) +
        line('M78 104H58M162 104H182', 4.4, '#2f6b5c') +
        lh.back +
        lh.front +
        rh.back +
        rh.front +
        arrow(34, 132, 56, 128, -10) +
        arrow(206, 132, 184, 128, 10)
      );
    }
    case 'ask': {
      const raised = hand(pen, 'open', [176, 74], { arm: [214, 176], turn: 62 });
      return (
        profile(pen) +
        shape('M96 14H160Q172 14 172 26V50Q172 62 160 62H124L98 78L104 62H96Q84 62 84 50V26Q84 14 96 14z', '#fff') +
        pen.text('?', 128, 54, 44, ACTION) +
        pen.move('0 0 44, 0.4 0 0, 1 0 0', raised.back + raised.front) +
        arrow(222, 92, 222, 52)
      );
    }
    case 'sleeves': {
      const arm = hand(pen, 'open', [196, 104], { arm: [-70, 104], side: 'left', bare: 260 });
      const other = hand(pen, 'wrap', [86, 84], { arm: [170, -50], turn: -56 });
      const rolled =
        shape('M-20 78H54V130H-20z', '#c7d0d6') + shape('M44 74H68Q74 104 68 134H44z', '#aab6bc') + line('M54 78Q58 104 54 130', 1.8);
      return arm.back + arm.front + pen.move('0 74 0, 0.6 0 0, 1 74 0', rolled + other.back + other.front) + arrow(150, 148, 96, 148);
    }
    case 'rings': {
      const lh = hand(pen, 'open', [112, 96], { arm: [-30, 120], side: 'left' });
      const rh = hand(pen, 'pinch', [166, 84], { arm: [262, 0] });
      const ring = circle(0, 0, 13, 'none', 9) + circle(0, 0, 13, 'none', 5, '#b9c2c7') + shape('M-6 -15l6 -8 6 8 -6 6z', '#5fa8cc', 2);
      return lh.back + lh.front + pen.move('0 -36 12, 0.6 0 0, 1 -36 12', at(152, 92, ring) + rh.back + rh.front) + arrow(150, 34, 186, 34);
    }
    default: {
      const lh = hand(pen, 'mitt', [96, 70], { arm: [-10, 150], side: 'left', turn: -30 });
      const rh = hand(pen, 'fist', [74, 128], { arm: [250, 160], turn: -40 });
      return (
        lh.back +
        lh.front +
        shape('M40 118l26 -30 18 16 -26 30z', '#a8361f') +
        pen.move('0 18 -18, 0.6 0 0, 1 18 -18', rh.back + rh.front) +
        at(
          182,
          70,
          box(-18, -6, 40, 42, '#c9452c', 14) +
            line('M-16 6Q-30 0 -26 -16', 13) +
            line('M-16 6Q-30 0 -26 -16', 9, '#c9452c') +
            box(-20, 32, 44, 12, '#a8361f', 3),
        ) +
        arrow(136, 118, 106, 130, 6)
      );
    }
  }
};

export const SELF: Scenes = { self };
