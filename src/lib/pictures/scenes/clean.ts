// At the sink and after: washing, rinsing, drying, wiping, sweeping.
import { lookByName } from '$core';
import { whole, heap, piece } from '../pieces';
import { hand } from '../hands';
import { board, counter, sink, stream } from '../kitchen';
import { packBody } from '../packs';
import { ACTION, area, at, box, circle, ellipse, line, shape } from '../pen';
import { around, arrow, toAndFro } from '../signs';
import { sprite } from '../sprite';
import { measureAlone } from '../tools';
import { sectionOf, vessel } from '../vessels';
import { lying, asContent, mainLook, mainThing, type Draw, type Scenes } from './model';
import { inPlace, placed, steady } from './placed';

const CLOTH = '#8fb5c5';

const foam = (points: readonly (readonly [number, number, number])[]) =>
  points.map(([x, y, r]) => circle(x, y, r, '#f4fbfe', 1.8, '#5fa8cc')).join('');

/** Under the tap: hands, food, dishes, a pan. */
const atSink: Draw = (pen, stage) => {
  if (stage.form === 'fill') {
    const kind = stage.vessel?.kind ?? 'saucepan';
    const v = vessel(pen, sectionOf(kind).rim > 54 ? 'saucepan' : kind, 110, 142, {
      contents: [lying('water', lookByName('water'))],
      level: 0.6,
    });
    const lh = hand(pen, 'fist', [110 - sectionOf(kind).rim - 30, v.top + 13], { arm: [-20, 60], side: 'left', turn: 90 });
    const rh = hand(pen, 'pinch', [176, -2], { arm: [262, -20] });
    return sink(126) + lh.back + v.back + stream(112, 34, v.top + 26) + v.front + lh.front + rh.back + rh.front;
  }
  const tap = sink(126);
  if (stage.form === 'hands') {
    const lh = hand(pen, 'open', [112, 92], { arm: [-20, 108], side: 'left', turn: -6 });
    const rh = hand(pen, 'open', [126, 88], { arm: [262, 104], turn: 6 });
    const rub = '0 -7 0, 0.25 7 0, 0.5 -7 0, 0.75 7 0, 1 -7 0';
    const soap = at(214, 106, box(-18, -10, 36, 20, '#f0a8b8', 8) + line('M-10 -3h20', 1.8, '#c9708a'));
    return (
      tap +
      stream(112, 34, 84) +
      lh.back +
      lh.front +
      pen.move(rub, rh.back + rh.front) +
      foam([
        [84, 78, 9],
        [98, 104, 8],
        [122, 74, 10],
        [140, 84, 8],
        [112, 112, 10],
        [152, 102, 7],
        [72, 100, 6],
      ]) +
      soap +
      (stage.minutes ? pen.text('20 s', 30, 34, 22, ACTION) : '') +
      toAndFro(60, 56, 96, 56)
    );
  }
  if (stage.form === 'rinse') {
    const t = mainThing(stage);
    const l = t.look ?? lookByName('food');
    const fine = ['grains', 'small', 'tubes', 'strands', 'leaf', 'sprig', 'prawn'].includes(l.shape);
    if (fine) {
      const s = vessel(pen, 'sieve', 112, 128, { contents: [asContent(t)], level: 0.5 });
      const lh = hand(pen, 'fist', [44, 92], { arm: [-20, 78], side: 'left', turn: 90 });
      const rh = hand(pen, 'pinch', [128, 112], { arm: [262, 60] });
      return (
        tap +
        lh.back +
        line('M28 96H68', 9) +
        line('M28 96H68', 5, '#6f7f88') +
        lh.front +
        stream(112, 34, 100) +
        s.back +
        pen.move('0 -8 0, 0.5 8 0, 1 -8 0', rh.back + rh.front) +
        s.front +
        [92, 106, 120, 132].map((x, i) => line(`M${x} ${134 + (i % 2) * 4}v12`, 4, '#5fa8cc')).join('')
      );
    }
    // under the tap one hand turns it by itself
    const lh = pen.oneHand ? { back: '', front: '' } : hand(pen, 'shell', [92, 100], { arm: [-20, 120], side: 'left' });
    const rh = hand(pen, 'shell', [136, 100], { arm: [262, 120] });
    return (
      tap +
      lh.back +
      rh.back +
      stream(112, 34, 84) +
      pen.move(
        '0 0 0 -10, 0.5 0 0 10, 1 0 0 -10',
        at(114, 92, t.state === 'whole' ? whole(l, l.shape === 'long' || l.shape === 'pods' ? 50 : 48) : piece(l, t.state, 48)),
        [114, 92],
      ) +
      line('M88 76Q78 96 84 124M140 76Q150 96 144 124', 4, '#8cc6e0') +
      lh.front +
      rh.front +
      around(178, 60, 20, 9)
    );
  }
  const lh = hand(pen, 'rim', [146, 78], { arm: [262, 40] });
  const rh = hand(pen, 'flat', [104, 84], { arm: [-20, 20], side: 'left' });
  const measure = stage.things[0]?.measure;
  const dish = measure
    ? at(118, 124, measureAlone(pen, { ...measure, label: '' }, 84)) + pen.text(measure.label, 116, 154, 18, ACTION)
    : stage.things[0] && !stage.things[0].look
      ? at(80, 62, sprite(stage.things[0].drawing, 74))
      : ellipse(116, 96, 40, 34, '#f6f8f9') + ellipse(116, 96, 24, 20, '#e8edf0', 1.8);
  return (
    tap +
    stream(112, 34, 60) +
    dish +
    lh.back +
    lh.front +
    pen.move('0 -12 0, 0.25 12 0, 0.5 -12 0, 0.75 12 0, 1 -12 0', box(84, 82, 44, 20, '#5f9a42', 5) + rh.back + rh.front) +
    foam([
      [66, 124, 10],
      [86, 132, 11],
      [108, 134, 10],
      [132, 130, 12],
      [152, 126, 9],
      [96, 116, 7],
    ]) +
    around(62, 62, 20, 9)
  );
};

const towel: Draw = (pen, stage) => {
  const dishes = stage.form === 'dishes';
  const lh = hand(pen, dishes ? 'rim' : 'open', [96, 78], { arm: [-20, 100], side: 'left' });
  const rh = hand(pen, 'open', [140, 80], { arm: [262, 100] });
  const cloth =
    shape('M78 56Q112 40 152 58Q162 100 150 140Q114 152 80 138Q70 96 78 56z', CLOTH) +
    line('M84 120Q114 132 148 122M86 130Q114 142 148 132', 2.4, '#fff');
  if (dishes)
    return (
      ellipse(112, 84, 60, 54, '#f6f8f9') +
      ellipse(112, 84, 38, 34, '#e8edf0', 1.8) +
      hand(pen, 'rim', [56, 70], { arm: [-20, 40], side: 'left' }).back +
      hand(pen, 'rim', [56, 70], { arm: [-20, 40], side: 'left' }).front +
      pen.move(
        '0 -10 0, 0.25 12 6, 0.5 -10 0, 0.75 12 6, 1 -10 0',
        at(24, 10, `<g transform="scale(0.72)">${cloth}</g>`) + rh.back + rh.front,
      ) +
      around(184, 36, 22, 10)
    );
  return (
    counter() +
    lh.back +
    cloth +
    pen.move('0 -8 0, 0.25 8 0, 0.5 -8 0, 0.75 8 0, 1 -8 0', rh.back + rh.front) +
    lh.front +
    toAndFro(86, 24, 146, 24)
  );
};

const wipe: Draw = (pen, stage) => {
  const food = stage.things.find((t) => t.look);
  const rim = stage.vessel && /\b(?:edge|rim|side|lip)s?\b/i.test(stage.words) ? placed(pen, stage, 100) : null;
  if (rim) {
    const wipes = hand(pen, 'pinch', [100 + rim.section.rim, rim.top - 6], { arm: [262, -10] });
    return (
      inPlace(rim, steady(pen, rim, 100, stage)) +
      pen.move(
        '0 0 -8, 0.4 0 6, 0.7 0 -4, 1 0 -8',
        wipes.back +
          shape(`M${86 + rim.section.rim} ${rim.top - 12}q14 -8 30 2q2 16 -6 26q-12 6 -20 -4q-6 -12 -4 -24z`, CLOTH) +
          wipes.front,
      ) +
      toAndFro(70, 24, 120, 24)
    );
  }
  if (food?.look) {
    // the cloth is at its side: what is wiped has to be seen
    const lh = hand(pen, 'shell', [62, 100], { arm: [-16, 140], side: 'left' });
    const wipes = hand(pen, 'flat', [150, 62], { arm: [262, 0] });
    return (
      board() +
      lh.back +
      at(94, 92, whole(food.look, 92)) +
      lh.front +
      pen.move(
        '0 -10 0, 0.25 12 8, 0.5 -10 0, 0.75 12 8, 1 -10 0',
        shape('M112 58q22 -12 52 -2q8 12 0 20q-26 0 -46 14q-10 -14 -6 -32z', CLOTH) +
          line('M122 66q14 -6 30 -2', 2, '#fff') +
          wipes.back +
          wipes.front,
      ) +
      toAndFro(90, 24, 140, 24)
    );
  }
  const spill = stage.form === 'spill';
  const rh = hand(pen, 'flat', [140, 92], { arm: [262, 20] });
  const cloth = shape('M92 106q6 -12 24 -10q30 -8 44 0q12 8 0 16q-34 10 -64 2q-10 -2 -4 -8z', CLOTH);
  const table = area('M-10 70L30 40H210L250 70V160H-10z', '#d8b98a') + line('M-10 70L30 40H210L250 70', 2.4);
  const dirt = spill
    ? shape('M34 116q-12 -16 10 -20q16 -8 30 2q14 6 8 18q-10 14 -26 8q-16 6 -22 -8z', '#e8a05c', 2)
    : [
        [40, 92],
        [58, 110],
        [44, 128],
        [70, 96],
      ]
        .map(([x, y]) => circle(x, y, 3, '#8a5526', 0))
        .join('');
  const shine = line('M150 130q20 -6 40 0M168 118q14 -4 28 0', 3, '#fff');
  return (
    table +
    pen.until(0.75, dirt) +
    shine +
    pen.move('0 40 0, 0.3 0 0, 0.5 36 8, 0.8 -36 6, 1 40 0', cloth + rh.back + rh.front) +
    toAndFro(90, 24, 150, 24)
  );
};

const sweep: Draw = (pen) => {
  const lh = hand(pen, 'fist', [150, 40], { arm: [262, -20] });
  const rh = hand(pen, 'fist', [134, 84], { arm: [262, 90] });
  const broom =
    line('M166 -10L104 122', 9) +
    line('M166 -10L104 122', 5, '#c99a5f') +
    shape('M88 116L126 130L112 154H62z', '#e0bb6a') +
    line('M80 152L94 124M94 154L106 128M106 154L116 130', 1.8);
  return (
    area('M0 150H240V160H0z', '#ece2d6') +
    line('M-4 152H244', 2.4) +
    [
      [44, 146],
      [34, 140],
      [54, 148],
    ]
      .map(([x, y]) => circle(x, y, 3.4, '#8a5526', 0))
      .join('') +
    pen.move('0 20 0, 0.5 -8 0, 1 20 0', lh.back + rh.back + broom + lh.front + rh.front) +
    arrow(200, 140, 154, 140) +
    line('M4 150h34l6 -14', 5, '#7f8f98')
  );
};

const dishwasher: Draw = (pen) => {
  const rh = hand(pen, 'rim', [140, 50], { arm: [262, 0] });
  return (
    box(30, 4, 150, 70, '#dfe4e7', 5) +
    area('M40 14H170V74H40z', '#aab6bc') +
    shape('M20 96H190V140H20z', '#c9d0d4') +
    line('M34 96V128M58 96V128M82 96V128M106 96V128M130 96V128M154 96V128M176 96V128M26 128H184', 3, '#5f7078') +
    [58, 82].map((x) => ellipse(x + 4, 96, 9, 26, '#f6f8f9')).join('') +
    pen.move('0 20 -26, 0.6 0 10, 1 20 -26', ellipse(118, 76, 11, 30, '#f6f8f9') + rh.back + rh.front) +
    arrow(212, 60, 212, 96)
  );
};

const bin: Draw = (pen, stage) => {
  const recycle = stage.form === 'recycle';
  const l = mainLook(stage);
  const rh = hand(pen, 'pinch', [130, 40], { arm: [262, -20] });
  const what =
    recycle || l.pack === 'tin'
      ? at(122, 62, `<g transform="scale(0.7)">${packBody(lookByName('canned-food'))}</g>`)
      : at(124, 48, l.name === 'food' ? shape('M-16 6q4 -16 16 -14q14 0 16 14q-16 8 -32 0z', '#e0a35a') : at(0, 0, heap(l, 'torn', 3, 30)));
  return (
    area('M0 150H240V160H0z', '#ece2d6') +
    line('M-4 150H244', 2.4) +
    shape('M84 78H164L156 150H92z', recycle ? '#8fb5c5' : '#8b979e') +
    shape('M80 70H168V80H80z', '#6f7f88') +
    shape('M80 68L62 20 68 18 88 66z', '#6f7f88') +
    (recycle
      ? at(124, 116, line('M-14 8L-2 -12 8 2M8 2l-9 -2M8 2l2 -9M16 8H-10', 4, '#fff'))
      : line('M108 92V138M124 92V138M140 92V138', 2.4)) +
    pen.move('0 10 -12, 0.5 0 4, 0.8 0 4, 1 10 -12', rh.back + what + rh.front) +
    arrow(190, 52, 190, 88)
  );
};

export const CLEAN: Scenes = { sink: atSink, towel, wipe, sweep, dishwasher, bin };
