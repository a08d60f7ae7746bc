// Getting ready, fetching, opening, washing up, serving: what is done around the cooking.
import { lookByName, type Thing } from '$core';
import { heap, whole } from '../foods';
import { hand } from '../hands';
import { board, cabinet, counter, COUNTER, drawer, sink, stream } from '../kitchen';
import { lidOf, packBody, standing } from '../packs';
import { ACTION, area, at, box, circle, ellipse, INK, line, shape, type Pen } from '../pen';
import { around, arrow, toAndFro } from '../signs';
import { sprite } from '../sprite';
import { held } from '../tools';
import { sectionOf, vessel } from '../vessels';
import { eye } from './heat';
import { asContent, contentsOf, mainLook, mainThing, seedOf, type Draw, type Scenes } from './model';
import { placed, steady } from './vessel-scenes';

const HAIR = '#4a3528';
const CLOTH = '#8fb5c5';

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
          [
            [0, 0, 0],
            [0.5, 0, 6],
            [1, 0, 0],
          ],
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
    case 'sleeves': {
      const arm = hand(pen, 'open', [196, 104], { arm: [-70, 104], side: 'left', bare: 260 });
      const other = hand(pen, 'wrap', [86, 84], { arm: [170, -50], turn: -56 });
      const rolled =
        shape('M-20 78H54V130H-20z', '#c7d0d6') + shape('M44 74H68Q74 104 68 134H44z', '#aab6bc') + line('M54 78Q58 104 54 130', 1.8);
      return (
        arm.back +
        arm.front +
        pen.move(
          [
            [0, 74, 0],
            [0.6, 0, 0],
            [1, 74, 0],
          ],
          rolled + other.back + other.front,
        ) +
        arrow(150, 148, 96, 148)
      );
    }
    case 'rings': {
      const lh = hand(pen, 'open', [112, 96], { arm: [-30, 120], side: 'left' });
      const rh = hand(pen, 'pinch', [166, 84], { arm: [262, 0] });
      const ring = circle(0, 0, 13, 'none', 9) + circle(0, 0, 13, 'none', 5, '#b9c2c7') + shape('M-6 -15l6 -8 6 8 -6 6z', '#5fa8cc', 2);
      return (
        lh.back +
        lh.front +
        pen.move(
          [
            [0, -36, 12],
            [0.6, 0, 0],
            [1, -36, 12],
          ],
          at(152, 92, ring) + rh.back + rh.front,
        ) +
        arrow(150, 34, 186, 34)
      );
    }
    default: {
      const lh = hand(pen, 'mitt', [96, 70], { arm: [-10, 150], side: 'left', turn: -30 });
      const rh = hand(pen, 'fist', [74, 128], { arm: [250, 160], turn: -40 });
      return (
        lh.back +
        lh.front +
        shape('M40 118l26 -30 18 16 -26 30z', '#a8361f') +
        pen.move(
          [
            [0, 18, -18],
            [0.6, 0, 0],
            [1, 18, -18],
          ],
          rh.back + rh.front,
        ) +
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

const foam = (points: readonly (readonly [number, number, number])[]) =>
  points.map(([x, y, r]) => circle(x, y, r, '#f4fbfe', 1.8, '#5fa8cc')).join('');

/** Under the tap: hands, food, dishes, a pan. */
const atSink: Draw = (pen, stage) => {
  if (stage.form === 'fill') {
    const kind = stage.vessel?.kind ?? 'saucepan';
    const v = vessel(pen, sectionOf(kind).rim > 54 ? 'saucepan' : kind, 110, 142, {
      contents: [{ name: 'water', look: lookByName('water'), state: 'whole', mixed: false, cooked: false }],
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
    const rub = [
      [0, -7, 0],
      [0.25, 7, 0],
      [0.5, -7, 0],
      [0.75, 7, 0],
      [1, -7, 0],
    ] as const;
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
        pen.move(
          [
            [0, -8, 0],
            [0.5, 8, 0],
            [1, -8, 0],
          ],
          rh.back + rh.front,
        ) +
        s.front +
        [92, 106, 120, 132].map((x, i) => line(`M${x} ${134 + (i % 2) * 4}v12`, 4, '#5fa8cc')).join('')
      );
    }
    const lh = hand(pen, 'shell', [92, 100], { arm: [-20, 120], side: 'left' });
    const rh = hand(pen, 'shell', [136, 100], { arm: [262, 120] });
    return (
      tap +
      lh.back +
      rh.back +
      stream(112, 34, 84) +
      pen.move(
        [
          [0, 0, 0, -10],
          [0.5, 0, 0, 10],
          [1, 0, 0, -10],
        ],
        at(114, 92, l.shape === 'long' || l.shape === 'pods' ? at(0, 0, whole(l, 50), 0) : whole(l, 48)),
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
  const dish =
    stage.things[0] && !stage.things[0].look
      ? at(80, 62, sprite(stage.things[0].drawing, 74))
      : ellipse(116, 96, 40, 34, '#f6f8f9') + ellipse(116, 96, 24, 20, '#e8edf0', 1.8);
  return (
    tap +
    stream(112, 34, 60) +
    dish +
    lh.back +
    lh.front +
    pen.move(
      [
        [0, -12, 0],
        [0.25, 12, 0],
        [0.5, -12, 0],
        [0.75, 12, 0],
        [1, -12, 0],
      ],
      box(84, 82, 44, 20, '#5f9a42', 5) + rh.back + rh.front,
    ) +
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
        [
          [0, -10, 0],
          [0.25, 12, 6],
          [0.5, -10, 0],
          [0.75, 12, 6],
          [1, -10, 0],
        ],
        at(24, 10, `<g transform="scale(0.72)">${cloth}</g>`) + rh.back + rh.front,
      ) +
      around(184, 36, 22, 10)
    );
  return (
    counter() +
    lh.back +
    cloth +
    pen.move(
      [
        [0, -8, 0],
        [0.25, 8, 0],
        [0.5, -8, 0],
        [0.75, 8, 0],
        [1, -8, 0],
      ],
      rh.back + rh.front,
    ) +
    lh.front +
    toAndFro(86, 24, 146, 24)
  );
};

const wipe: Draw = (pen, stage) => {
  const food = stage.things.find((t) => t.look);
  if (food?.look) {
    const lh = hand(pen, 'shell', [84, 96], { arm: [-16, 140], side: 'left' });
    const wipes = hand(pen, 'flat', [128, 74], { arm: [262, 10] });
    return (
      board() +
      lh.back +
      at(104, 88, whole(food.look, 70)) +
      lh.front +
      pen.move(
        [
          [0, -14, 0],
          [0.25, 14, 4],
          [0.5, -14, 0],
          [0.75, 14, 4],
          [1, -14, 0],
        ],
        shape('M88 72q26 -14 62 -2q8 14 2 22q-32 -8 -60 0q-10 -10 -4 -20z', CLOTH) + wipes.back + wipes.front,
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
        .map(([x, y]) => circle(x!, y!, 3, '#8a5526', 0))
        .join('');
  const shine = line('M150 130q20 -6 40 0M168 118q14 -4 28 0', 3, '#fff');
  return (
    table +
    pen.until(0.75, dirt) +
    shine +
    pen.move(
      [
        [0, 40, 0],
        [0.3, 0, 0],
        [0.5, 36, 8],
        [0.8, -36, 6],
        [1, 40, 0],
      ],
      cloth + rh.back + rh.front,
    ) +
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
      .map(([x, y]) => circle(x!, y!, 3.4, '#8a5526', 0))
      .join('') +
    pen.move(
      [
        [0, 20, 0],
        [0.5, -8, 0],
        [1, 20, 0],
      ],
      lh.back + rh.back + broom + lh.front + rh.front,
    ) +
    arrow(200, 140, 154, 140) +
    line('M4 150h34l6 -14', 5, '#7f8f98')
  );
};

const row = (things: readonly Thing[], y: number, from: number, to: number, s: number) =>
  things.map((t, i) => at(from + ((i + 0.5) * (to - from)) / things.length, y, standing(t, s))).join('');

/** Out of where it is kept: the first in the hand, the others still there. */
const fetch: Draw = (pen, stage) => {
  const things = stage.things.length > 0 ? stage.things : [mainThing(stage)];
  const [first, ...rest] = things;
  const out = [
    [0, -62, 0],
    [0.6, 0, 0],
    [1, 0, 0],
  ] as const;
  const store = stage.store ?? 'counter';
  if (store === 'counter') {
    const rh = hand(pen, 'wrap', [66, 96], { arm: [-20, 110], side: 'left' });
    return (
      counter() +
      row(rest, COUNTER, 108, 236, 56) +
      pen.move(
        [
          [0, 30, 0],
          [0.6, 0, -10],
          [1, 0, -10],
        ],
        rh.back + at(74, 126, standing(first!, 64)) + rh.front,
      ) +
      arrow(100, 30, 52, 30)
    );
  }
  if (store === 'drawer') {
    const rh = hand(pen, 'fist', [164, 44], { arm: [262, 10] });
    return (
      drawer() +
      rest.map((t, i) => at(54 + i * 40, 92, standing(t, 40), -8 + i * 9)).join('') +
      shape('M20 96H220V100H20z', '#b99a68', 1.6) +
      pen.move(
        [
          [0, -6, 50],
          [0.6, 0, 0],
          [1, 0, 0],
        ],
        rh.back + at(156, 62, standing(first!, 66)) + rh.front,
      ) +
      arrow(46, 62, 46, 26)
    );
  }
  const shelves = row(rest.slice(0, 2), 58, 68, 156, 38) + row(rest.slice(2), 104, 68, 156, 38);
  const rh = hand(pen, 'wrap', [204, 88], { arm: [264, 96] });
  return (
    cabinet(store) +
    shelves +
    pen.move(
      out,
      rh.back +
        (stage.vessel
          ? at(176, 112, vesselOnShelf(pen, stage), 0, Math.min(0.7, 40 / sectionOf(stage.vessel.kind).rim))
          : at(186, 116, standing(first!, 58))) +
        rh.front,
    ) +
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
    : at(118, 103, standing(things[0]!, 40));
  if (into === 'drawer') {
    const rh = hand(pen, 'fist', [140, 56], { arm: [262, 10] });
    return (
      drawer() +
      things
        .slice(1, 4)
        .map((t, i) => at(54 + i * 36, 92, standing(t, 40)))
        .join('') +
      pen.move(
        [
          [0, 20, -30],
          [0.6, 0, 10],
          [1, 20, -30],
        ],
        rh.back + at(132, 78, standing(things[0]!, 56)) + rh.front,
      ) +
      shape('M20 96H220V154H20z', '#cfb588') +
      arrow(206, 26, 206, 62)
    );
  }
  const rh = hand(pen, 'wrap', [inDish ? 172 : 150, 88], { arm: [264, 96] });
  const others = row(things.slice(1, 3), 58, 68, 156, 36);
  return (
    cabinet(into) +
    others +
    pen.move(
      [
        [0, 66, 0],
        [0.6, 0, 0],
        [1, 66, 0],
      ],
      rh.back + first + rh.front,
    ) +
    arrow(228, 40, 178, 40)
  );
};

const vesselOnShelf = (pen: Pen, stage: Parameters<Draw>[1]) => {
  const v = vessel(pen, stage.vessel!.kind, 0, 0, { contents: stage.vessel!.contents, seed: seedOf(stage) });
  return v.back + v.front;
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
    pen.move(
      [
        [0, 10, -12],
        [0.5, 0, 4],
        [0.8, 0, 4],
        [1, 10, -12],
      ],
      rh.back + what + rh.front,
    ) +
    arrow(190, 52, 190, 88)
  );
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
            line(
              [0, 60, 120]
                .map((a) => {
                  const c = Math.cos((a * Math.PI) / 180) * 9;
                  const s = Math.sin((a * Math.PI) / 180) * 9;
                  return `M${10 - c} ${24 - s}L${10 + c} ${24 + s}`;
                })
                .join(''),
              2.4,
              ACTION,
            ),
        )
      : '';
  return (
    counter() +
    v.back +
    v.front +
    pen.move(
      [
        [0, 0, -34],
        [0.5, 0, 0],
        [1, 0, 0],
      ],
      box(92 - 62, v.top - 8, 124, 11, '#5f9fbf', 4) + rh.back + rh.front,
    ) +
    cold +
    (cold ? arrow(160, 60, 178, 66, -6) : arrow(30, 26, 30, 60))
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
    pen.move(
      [
        [0, 20, -26],
        [0.6, 0, 10],
        [1, 20, -26],
      ],
      ellipse(118, 76, 11, 30, '#f6f8f9') + rh.back + rh.front,
    ) +
    arrow(212, 60, 212, 96)
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
      pen.move(
        [
          [0, -24, 0],
          [0.5, 0, 0],
          [1, -24, 0],
        ],
        rh.back + pencil + rh.front,
      )
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
    pen.move(
      [
        [0, -36, -14],
        [0.5, 0, 0],
        [1, -36, -14],
      ],
      rh.back + rh.front,
    ) +
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
    pen.move(
      [
        [0, 26, 26],
        [0.6, 0, 0],
        [1, 26, 26],
      ],
      rh.back + rh.tool + rh.front,
    ) +
    arrow(224, 60, 202, 44, 6)
  );
};

/** Each pack opens in its own way. */
const open: Draw = (pen, stage) => {
  const l = mainLook(stage);
  const pack = stage.form as Thing['pack'];
  const k = 1.7;
  const foot = 150;
  const x = 104;
  const lh = hand(pen, 'wrap', [x - 28, 112], { arm: [-20, 124], side: 'left' });
  if (pack === 'jar' || pack === 'bottle' || pack === 'shaker') {
    const top = foot - (pack === 'bottle' ? 66 : pack === 'jar' ? 54 : 46) * k;
    const rh = hand(pen, 'wrap', [x + 12, top], { arm: [262, top - 40], turn: -20 });
    return (
      counter() +
      lh.back +
      at(x, foot, packBody(l, pack), 0, k) +
      lh.front +
      pen.move(
        [
          [0, 0, 0, 0],
          [0.4, 0, 0, 24],
          [0.6, 4, -8, 24],
          [1, 0, 0, 0],
        ],
        at(x, foot, lidOf(pack, l), 0, k) + rh.back + rh.front,
        [x, top],
      ) +
      around(188, 66, 22, 10)
    );
  }
  if (pack === 'tub' || pack === 'eggbox' || pack === 'box') {
    const top = foot - (pack === 'box' ? 62 : 36) * k;
    const rh = hand(pen, 'pinch', [x + 30, top - 6], { arm: [262, top - 70] });
    const film =
      pack === 'tub'
        ? shape(`M${x - 40} ${top + 8}L${x + 34} ${top - 22}l8 6L${x + 42} ${top + 8}z`, '#dfe6ea')
        : pack === 'box'
          ? shape(`M${x - 36} ${top + 14}L${x + 26} ${top - 14}l22 6L${x + 36} ${top + 12}z`, '#dccaa6')
          : shape(`M${x - 48} ${top + 2}Q${x} ${top - 52} ${x + 48} ${top + 2}z`, '#b9b2a6');
    return (
      counter() +
      lh.back +
      at(x, foot, packBody(l, pack), 0, k) +
      lh.front +
      pen.move(
        [
          [0, 0, 16, 18],
          [0.6, 0, 0, 0],
          [1, 0, 16, 18],
        ],
        film + rh.back + rh.front,
        [x - 40, top + 8],
      ) +
      arrow(206, 104, 206, 70)
    );
  }
  if (pack === 'tin') return can(pen, stage);
  // a bag, a carton, a packet: a corner is cut off with scissors
  const body = pack === 'carton' ? 'carton' : pack === 'sachet' ? 'sachet' : 'bag';
  const top = foot - (body === 'sachet' ? 40 : 54) * k;
  const rh = hand(pen, 'fist', [188, top + 4], { arm: [264, top - 10], turn: 84 });
  const blades =
    shape(`M168 ${top + 2}L118 ${top - 4}q-6 1 0 6l48 8z`, '#c9d2d7', 2) +
    shape(`M168 ${top + 4}L120 ${top + 16}q-6 0 -2 -5l46 -14z`, '#c9d2d7', 2) +
    circle(186, top - 6, 9, 'none', 6) +
    circle(186, top + 14, 9, 'none', 6) +
    circle(166, top + 4, 4, '#7f8f98', 1.8);
  return (
    counter() +
    lh.back +
    at(x, foot, packBody(l, body), 0, k) +
    lh.front +
    pen.move(
      [
        [0, 18, 0],
        [0.6, 0, 0],
        [1, 18, 0],
      ],
      rh.back + blades + rh.front,
    ) +
    line(`M${x + 6} ${top + 2}H${x + 40}`, 2.4, INK, ' stroke-dasharray="4 3"') +
    arrow(206, top + 44, 176, top + 28, -4)
  );
};

/** The wheel runs along the rim; the hand that holds the tin stays low, away from the lid. */
const can: Draw = (pen, stage) => {
  const l = mainLook(stage);
  const lh = hand(pen, 'wrap', [62, 122], { arm: [-20, 134], side: 'left' });
  const rh = hand(pen, 'fist', [184, 66], { arm: [264, 60], turn: 84 });
  const tin = at(92, 150, packBody({ ...l, pack: 'tin' }, 'tin'), 0, 1.75);
  const opener =
    line('M126 58L214 60M126 66L214 78', 11) +
    line('M126 58L214 60M126 66L214 78', 6.6, '#c9452c') +
    circle(124, 62, 14, '#dbe2e5') +
    at(
      124,
      62,
      pen.move(
        [
          [0, 0, 0, 0],
          [0.8, 0, 0, 180],
          [1, 0, 0, 180],
        ],
        line('M-8 0H8M0 -8V8', 3),
      ),
    );
  const cover = pen.from(0.4, shape('M56 54Q60 30 92 30T130 50Q92 58 56 54z', '#e8edf0'));
  return counter() + lh.back + tin + cover + lh.front + rh.back + opener + rh.front + around(186, 26, 20, 9);
};

const serve: Draw = (pen, stage) => {
  const share = stage.form === 'share';
  const contents = stage.vessel?.contents.length
    ? stage.vessel.contents
    : stage.source?.contents.length
      ? stage.source.contents
      : contentsOf(stage);
  const from = stage.source ?? (stage.vessel && (share || !['plate', 'bowl'].includes(stage.vessel.kind)) ? stage.vessel : null);
  const kind = from
    ? ['large-bowl', 'saucepan', 'cooker', 'dish', 'tin', 'frying-pan', 'wok', 'tray'].includes(from.kind)
      ? from.kind
      : 'bowl'
    : null;
  const plates = share ? [150, 206] : [182];
  const served = plates
    .map((x) => {
      const v = vessel(pen, 'plate', x, COUNTER, { contents, seed: seedOf(stage) + x });
      return at(0, 0, `<g transform="translate(${x} 0) scale(${share ? 0.5 : 0.86} 1) translate(${-x} 0)">${v.back + v.front}</g>`);
    })
    .join('');
  const v = kind ? vessel(pen, kind === 'large-bowl' ? 'bowl' : kind, 0, 0, { contents, seed: seedOf(stage) }) : null;
  if (!v) {
    const whole_ = vessel(pen, stage.vessel?.kind ?? 'plate', 112, COUNTER, { contents, seed: seedOf(stage) });
    const lh = hand(pen, 'rim', [112 - sectionOf(stage.vessel?.kind ?? 'plate').rim - 2, whole_.top + 2], {
      arm: [-26, whole_.top - 40],
      side: 'left',
    });
    const rh = hand(pen, 'rim', [112 + sectionOf(stage.vessel?.kind ?? 'plate').rim + 2, whole_.top + 2], { arm: [266, whole_.top - 40] });
    return (
      counter() +
      pen.move(
        [
          [0, 0, -18],
          [0.6, 0, 0],
          [1, 0, -18],
        ],
        lh.back + rh.back + whole_.back + whole_.front + lh.front + rh.front,
      ) +
      arrow(112, 18, 112, 46)
    );
  }
  const rh = held(
    pen,
    stage.tool && ['ladle', 'tongs', 'turner', 'spatula', 'slotted-spoon', 'spoon'].includes(stage.tool) ? stage.tool : 'spoon',
    [160, 92],
    40,
    [262, -10],
  );
  const load =
    contents[0]!.look.shape === 'liquid'
      ? ellipse(162, 84, 12, 5, contents[0]!.look.flesh, 1.8)
      : at(
          162,
          84,
          heap(contents.find((c) => c.look.shape !== 'liquid')!.look, contents.find((c) => c.look.shape !== 'liquid')!.state, 3, 26),
        );
  return (
    counter() +
    at(60, COUNTER, v.back + v.front, 0, Math.min(0.86, 54 / (sectionOf(kind!).rim + (sectionOf(kind!).handle === 'two' ? 12 : 2)))) +
    served +
    pen.move(
      [
        [0, -92, 6],
        [0.35, -84, -34],
        [0.65, 0, 0],
        [0.85, 10, 22, 20],
        [1, -92, 6],
      ],
      rh.back + rh.tool + load + rh.front,
    ) +
    arrow(76, 40, 126, 36, -14)
  );
};

const eat: Draw = (pen, stage) => {
  const contents = stage.vessel?.contents.length ? stage.vessel.contents : contentsOf(stage);
  const plate = vessel(pen, 'plate', 132, 150, { contents });
  const rh = held(pen, 'spoon', [102, 76], 62, [262, 90]);
  const face =
    shape('M-10 170V50Q-10 -10 40 -10Q76 -10 76 32L84 54Q84 60 76 60V74Q74 90 56 90V170z', pen.skin) +
    circle(52, 34, 4, INK, 0) +
    line('M76 68Q62 78 54 66', 3) +
    shape('M-10 40Q-6 -22 40 -20Q76 -18 76 12Q62 2 40 6Q18 12 12 42z', HAIR);
  return (
    face +
    line('M60 152H244', 2.4) +
    plate.back +
    plate.front +
    pen.move(
      [
        [0, 36, 44],
        [0.5, 0, 0],
        [0.75, 0, 0],
        [1, 36, 44],
      ],
      rh.back +
        rh.tool +
        at(
          100,
          70,
          contents[0]!.look.shape === 'liquid'
            ? ellipse(0, 0, 10, 4, contents[0]!.look.flesh, 1.8)
            : heap(contents[0]!.look, contents[0]!.state, 2, 20),
        ) +
        rh.front,
    )
  );
};

const repeat: Draw = (pen, stage) => {
  return (
    board(20, 10, 200, 140) +
    at(88, 80, contentsOf(stage)[0] ? whole(contentsOf(stage)[0]!.look, 60) : '') +
    around(164, 84, 40, 34) +
    (stage.count ? pen.text(`${stage.count}×`, 164, 146, 30, ACTION) : '')
  );
};

/** What nobody has a scene for: the things themselves, and a hand that shows them. */
const plain: Draw = (pen, stage) => {
  const things = stage.things.slice(0, 3);
  const v = stage.vessel ? placed(pen, stage, 112) : null;
  if (things.length === 0 && v) {
    const lh = steady(pen, v, 112, stage);
    return v.ground + lh.back + v.back + v.front + lh.front;
  }
  const rh = hand(pen, 'point', [176, 96], { arm: [262, 150] });
  return counter() + (things.length > 0 ? row(things, COUNTER, 20, 170, 70) : at(70, 60, sprite('meal', 70))) + rh.back + rh.front;
};

export const HOME: Scenes = {
  self,
  sink: atSink,
  towel,
  wipe,
  sweep,
  fetch,
  away,
  bin,
  box: boxScene,
  dishwasher,
  label,
  plug,
  table: tableScene,
  open,
  can,
  pat: (pen, stage) => {
    const l = mainLook(stage);
    const rh = hand(pen, 'flat', [126, 84], { arm: [262, 10] });
    return (
      board() +
      at(112, 104, whole(l, 92)) +
      pen.move(
        [
          [0, 0, -16],
          [0.3, 0, 2],
          [0.5, 0, -16],
          [0.8, 0, 2],
          [1, 0, -16],
        ],
        shape('M76 86q30 -14 74 -2q10 16 2 28q-38 -10 -72 0q-12 -14 -4 -26z', '#fbf7ee') +
          line('M86 94q26 -8 54 0', 1.8) +
          rh.back +
          rh.front,
      ) +
      arrow(40, 34, 40, 66)
    );
  },
  serve,
  eat,
  repeat,
  plain,
};
