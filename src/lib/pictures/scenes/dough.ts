// Hands in dough, and what is rolled, shaped and folded.
import { lookByName, type Look, type Stage } from '$core';
import { heap, whole } from '../pieces';
import { hand } from '../hands';
import { board, counter, COUNTER } from '../kitchen';
import { at, box, circle, ellipse, INK, line, shape, type Pen } from '../pen';
import { around, arrow, toAndFro } from '../signs';
import { held } from '../tools';
import { asContent, contentsOf, mainLook, mainThing, type Draw, type Scenes } from './model';
import { aboveRim, PANS, placed, steady } from './placed';

const DOUGH = lookByName('dough');

const flourDots = Array.from({ length: 14 }, (_, i) =>
  circle(24 + ((i * 53) % 196), COUNTER + 5 + (i % 3) * 4, 1.6, '#fff', 1, '#b8a888'),
).join('');

const handsIn: Draw = (pen, stage) => {
  const x = 120;
  const v = placed(pen, stage, x, { contents: contentsOf(stage).map((c) => ({ ...c, mixed: true })), kind: 'large-bowl' });
  const rub = stage.form === 'rub';
  const lh = hand(pen, rub ? 'pinch' : 'fist', [96, rub ? 92 : 98], { arm: [-20, 0], side: 'left', turn: rub ? 0 : 30 });
  const rh = hand(pen, rub ? 'pinch' : 'fist', [144, rub ? 92 : 98], { arm: [262, 0], turn: rub ? 0 : -30 });
  const crumbs = rub
    ? pen.from(0.3, [92, 100, 140, 150].map((cx, i) => circle(cx, 100 + (i % 2) * 8, 2.6, DOUGH.flesh, 1.4, DOUGH.mark)).join(''))
    : '';
  const work = '0 0 -8, 0.25 4 2, 0.5 0 -8, 0.75 4 2, 1 0 -8';
  return (
    v.ground +
    v.back +
    pen.move(work, lh.back) +
    pen.move(work, rh.back) +
    crumbs +
    pen.move(work, lh.front + rh.front) +
    v.front +
    (rub ? toAndFro(96, 34, 144, 34) : around(x, 34, 26, 10))
  );
};

/** Pressed flat or into a corner: with the tool that is named; with the bare hand only where nothing is hot. */
function pressed(pen: Pen, stage: Stage): string {
  const tool = stage.tool ?? (stage.hazards.includes('hot') ? 'spatula' : null);
  const pieces = /\b(?:balls?|each|cakes?|patties)\b/i.test(stage.words) && (!stage.vessel || !PANS.has(stage.vessel.kind));
  const down = '0 0 -24, 0.4 0 4, 0.7 0 -2, 1 0 -24';
  const l = stage.things[0]?.look ?? DOUGH;
  const soft = ['dough', 'cream', 'round', 'flat'].includes(l.shape) ? l : DOUGH;
  const x = 112;
  const v = placed(pen, stage, x, {
    kind: pieces ? 'tray' : (stage.vessel?.kind ?? 'dish'),
    contents: pieces ? [] : stage.vessel?.contents.length ? stage.vessel.contents : [asContent(mainThing(stage))],
  });
  const thumb = /\b(?:thumb|finger)\b/i.test(stage.words);
  const lumps = pieces
    ? circle(60, v.top - 14, 15, soft.flesh, 2.4, soft.mark) +
      ellipse(118, v.top - 4, 26, 9, soft.flesh, 2.4, soft.mark) +
      (thumb ? ellipse(118, v.top - 9, 7, 3, soft.mark, 0) : '') +
      ellipse(172, v.top - 4, 22, 8, soft.flesh, 2.4, soft.mark)
    : '';
  const y = pieces ? v.top - 12 : Math.max(v.foot - 20, v.top + 2);
  const working = tool
    ? held(pen, tool, [124, y], 62, [262, -10])
    : {
        ...hand(pen, thumb ? 'point' : 'flat', [118, y - (thumb ? 2 : 6)], { arm: thumb ? [262, 60] : [262, 0], turn: thumb ? -70 : 0 }),
        tool: '',
      };
  const lh = steady(pen, v, x, stage);
  return (
    v.ground +
    lh.back +
    v.back +
    (pieces ? v.front + lumps : '') +
    pen.move(down, working.back + working.tool + working.front) +
    (pieces ? '' : v.front) +
    lh.front +
    (pieces || !tool ? '' : pen.move(down, aboveRim(pen, v.top, working.back + working.tool) + working.front)) +
    arrow(60, 20, 60, 54)
  );
}

const knead: Draw = (pen, stage) => {
  const press = stage.form === 'press';
  const l = stage.things[0]?.look ?? DOUGH;
  const soft = press ? l : DOUGH;
  if (press) {
    return pressed(pen, stage);
  }
  const fist = stage.form === 'fist';
  const lh = hand(pen, fist ? 'claw' : 'flat', [94, 104], { arm: [-20, 20], side: 'left', turn: -10 });
  const rh = hand(pen, fist ? 'fist' : 'flat', [138, 102], { arm: [262, 20], turn: fist ? 0 : 10 });
  const down = '0 0 -12, 0.3 -4 4, 0.5 0 -12, 0.8 -4 4, 1 0 -12';
  const lump = shape('M50 140c-6 -24 12 -38 40 -34q30 12 60 -2c28 -2 40 18 34 36z', soft.flesh, 2.4, soft.mark);
  return (
    counter() +
    flourDots +
    lump +
    line('M84 116q10 10 24 6M150 118q14 -2 20 6', 2, soft.mark) +
    pen.move(down, lh.back + rh.back + lh.front + rh.front) +
    arrow(30, 60, 30, 94) +
    arrow(196, 132, 226, 132)
  );
};

const roll: Draw = (pen, stage) => {
  const l = stage.things[0]?.look ?? DOUGH;
  const colour = l.shape === 'dough' || l.shape === 'flat' ? l : DOUGH;
  const lh = hand(pen, 'fist', [44, 80], { arm: [-20, 170], side: 'left', turn: 0 });
  const rh = hand(pen, 'fist', [196, 80], { arm: [262, 170] });
  const pin = box(64, 64, 112, 30, '#c99a5f', 13) + box(30, 73, 36, 13, '#a97b42', 6) + box(174, 73, 36, 13, '#a97b42', 6);
  const to = '0 0 -22, 0.25 0 24, 0.5 0 -22, 0.75 0 24, 1 0 -22';
  return (
    board() +
    at(120, 80, ellipse(0, 0, 78, 60, colour.flesh, 2.4, colour.mark)) +
    pen.move(to, lh.back + rh.back + pin + lh.front + rh.front) +
    arrow(120, 56, 120, 22) +
    arrow(120, 104, 120, 138)
  );
};

/** Fruit is rolled under the flat hand, and stays what it is. */
function rolledUnderHand(pen: Pen, l: Look): string {
  const rh = hand(pen, 'flat', [128, 92], { arm: [262, 10] });
  return (
    counter() +
    pen.move('0 -34 0 -60, 0.25 34 0 60, 0.5 -34 0 -60, 0.75 34 0 60, 1 -34 0 -60', at(116, 116, whole(l, 48)), [116, 116]) +
    pen.move('0 -34 0, 0.25 34 0, 0.5 -34 0, 0.75 34 0, 1 -34 0', rh.back + rh.front) +
    toAndFro(80, 40, 150, 40)
  );
}

const shapeScene: Draw = (pen, stage) => {
  const l = stage.things[0]?.look ?? DOUGH;
  const soft = ['cream', 'dough', 'powder'].includes(l.shape)
    ? l
    : { ...DOUGH, flesh: l.flesh, skin: l.skin, mark: l.mark === l.flesh ? INK : l.mark };
  const ball = (x: number, y: number, r: number) => circle(x, y, r, soft.flesh, 2.2, soft.mark === soft.flesh ? INK : soft.mark);
  const first = stage.things[0];
  if (stage.form === 'balls' && first?.look?.shape === 'round' && first.state === 'whole') return rolledUnderHand(pen, first.look);
  if (stage.form === 'divide') {
    const n = Math.min(stage.count ?? 4, 8);
    const rh = held(pen, stage.tool ?? 'table-knife', [104, 46], 150, [210, 190]);
    const lh = hand(pen, 'claw', [44, 84], { arm: [-14, 160], side: 'left', turn: -8 });
    const cols = Math.ceil(n / 2);
    return (
      board() +
      at(90, 74, ellipse(0, 0, 40, 32, soft.flesh, 2.4, soft.mark)) +
      line('M90 42V106M50 74H130', 2.2, soft.mark, ' stroke-dasharray="5 4"') +
      lh.back +
      lh.front +
      rh.back +
      rh.tool +
      rh.front +
      Array.from({ length: n }, (_, i) => ball(216 - (i % cols) * 26, 34 + Math.floor(i / cols) * 28, 11)).join('')
    );
  }
  const flatten = /\bpatt|\bflat|\bburger|\bcake/i.test(stage.words);
  const lh = hand(pen, 'open', [110, 84], { arm: [-20, 110], side: 'left', turn: -6 });
  const rh = hand(pen, 'flat', [136, 54], { arm: [262, 10] });
  const done = [160, 186, 212].map((x) => (flatten ? ellipse(x, 132, 12, 7, soft.flesh, 2.2, soft.mark) : ball(x, 130, 10))).join('');
  return (
    counter() +
    box(144, 138, 84, 8, '#7a858c', 3) +
    done +
    lh.back +
    lh.front +
    (flatten ? ellipse(116, 70, 26, 12, soft.flesh, 2.4, soft.mark) : ball(116, 64, 20)) +
    pen.move('0 -10 0, 0.25 10 0, 0.5 -10 0, 0.75 10 0, 1 -10 0', rh.back + rh.front) +
    (flatten ? arrow(60, 16, 60, 44) : around(70, 30, 22, 11))
  );
};

const cutter: Draw = (pen, stage) => {
  const l = stage.things[0]?.look ?? DOUGH;
  const c = l.shape === 'dough' || l.shape === 'flat' || l.shape === 'loaf' ? l : DOUGH;
  const rh = hand(pen, 'claw', [132, 66], { arm: [250, -30], turn: -30 });
  return (
    board() +
    at(112, 82, ellipse(0, 0, 96, 60, c.flesh, 2.4, c.mark)) +
    [
      [60, 72],
      [96, 112],
    ]
      .map(([x, y]) => circle(x, y, 19, '#d3e3df', 2, c.mark))
      .join('') +
    pen.move('0 0 -18, 0.4 0 4, 0.8 0 0, 1 0 -18', circle(124, 72, 22, c.flesh, 6, '#8b979e') + rh.back + rh.front) +
    circle(206, 124, 18, c.flesh, 2.2, c.mark) +
    arrow(84, 18, 84, 42)
  );
};

const fold: Draw = (pen, stage) => {
  const l = mainLook(stage);
  const c = l.shape === 'flat' || l.shape === 'dough' ? l : lookByName('flatbread');
  const isFilling = (x: { shape: string }) => !['flat', 'liquid', 'cream', 'dough', 'powder'].includes(x.shape);
  const filling =
    stage.things.find((t) => t.look && isFilling(t.look))?.look ?? stage.vessel?.contents.find((x) => isFilling(x.look))?.look;
  const stuff = filling ? heap(filling, 'dice', 6, 44) : '';
  const lh = hand(pen, 'pinch', [84, 84], { arm: [-20, 150], side: 'left' });
  const rh = hand(pen, 'pinch', [156, 84], { arm: [262, 150] });
  const up = '0 0 22, 0.6 0 0, 1 0 22';
  if (stage.form === 'roll')
    return (
      board() +
      at(120, 56, ellipse(0, 0, 82, 44, c.flesh, 2.4, c.mark)) +
      at(120, 56, stuff) +
      pen.move(
        up,
        lh.back +
          rh.back +
          box(56, 82, 128, 26, c.flesh, 13, 2.4) +
          line('M70 88q6 8 0 14M170 88q-6 8 0 14', 2, c.mark) +
          lh.front +
          rh.front,
      ) +
      arrow(216, 128, 216, 92)
    );
  if (stage.form === 'sides') {
    const flap = (way: string, edge: string, fingers: ReturnType<typeof hand>) =>
      pen.move(way, shape(edge, c.skin, 2.4, c.mark) + fingers.back + fingers.front);
    return (
      board() +
      at(120, 84, ellipse(0, 0, 64, 62, c.flesh, 2.4, c.mark)) +
      at(120, 92, stuff) +
      flap('0 0 0, 0.6 16 0, 1 0 0', 'M74 40Q48 84 74 128Q92 84 74 40z', hand(pen, 'pinch', [78, 84], { arm: [-20, 110], side: 'left' })) +
      flap('0 0 0, 0.6 -16 0, 1 0 0', 'M166 40Q192 84 166 128Q148 84 166 40z', hand(pen, 'pinch', [162, 84], { arm: [262, 110] })) +
      arrow(36, 24, 76, 24) +
      arrow(204, 24, 164, 24)
    );
  }
  if (stage.form === 'seal' && /\bbag\b/i.test(stage.words)) return sealBag(pen, stage);
  if (stage.form === 'seal')
    return (
      board() +
      shape('M52 96A70 66 0 0 1 188 96z', c.flesh, 2.4, c.mark) +
      Array.from({ length: 9 }, (_, i) => line(`M${62 + i * 14.5} 96v-12`, 3, c.mark)).join('') +
      pen.move(
        '0 -70 0, 0.7 10 0, 1 -70 0',
        hand(pen, 'pinch', [140, 92], { arm: [262, -10] }).back + hand(pen, 'pinch', [140, 92], { arm: [262, -10] }).front,
      ) +
      arrow(84, 122, 152, 122)
    );
  if (stage.form === 'wrap')
    return (
      board() +
      shape('M120 10L206 78L120 148L34 78z', c.flesh, 2.4, c.mark) +
      at(120, 92, stuff) +
      shape('M34 78L92 62L92 104z', c.skin, 2.4, c.mark) +
      pen.move(
        '0 26 0, 0.6 0 0, 1 26 0',
        shape('M206 78L148 60L148 106z', c.skin, 2.4, c.mark) +
          hand(pen, 'pinch', [154, 84], { arm: [262, 10] }).back +
          hand(pen, 'pinch', [154, 84], { arm: [262, 10] }).front,
      ) +
      arrow(214, 120, 168, 120)
    );
  // seen from the side: the sheet lies flat, and its other half comes over the filling
  const foil = /\bfoil\b/i.test(stage.words) ? { flesh: '#d8dee2', mark: '#7f8f98' } : c;
  const over = hand(pen, 'pinch', [168, 68], { arm: [262, -20] });
  const hold = hand(pen, 'open', [66, 124], { arm: [-20, 60], side: 'left' });
  const sheet = (d: string) => line(d, 12, foil.mark) + line(d, 8, foil.flesh);
  return (
    counter() +
    sheet('M64 133H206') +
    at(130, 118, filling ? heap(filling, 'dice', 8, 84) : '') +
    pen.move(
      '0 0 -10 24, 0.6 0 0 0, 0.8 0 4 -8, 1 0 -10 24',
      sheet('M64 133Q36 130 42 108Q50 84 92 82Q136 80 168 70') + over.back + over.front,
      [56, 118],
    ) +
    hold.back +
    hold.front +
    arrow(120, 36, 204, 108, -42)
  );
};

/** The mouth of a bag is pressed shut from one side to the other. */
function sealBag(pen: Pen, stage: Stage): string {
  const rh = hand(pen, 'pinch', [150, 48], { arm: [262, -20] });
  const lh = hand(pen, 'pinch', [66, 48], { arm: [-20, -20], side: 'left' });
  return (
    counter() +
    lh.back +
    at(116, 110, heap(mainLook(stage), stage.things[0]?.state ?? 'whole', 8, 84)) +
    shape('M62 46H172L178 138H56z', '#d5e8f250') +
    line('M62 54H172', 5, '#0b5c7a') +
    lh.front +
    pen.move('0 -66 0, 0.7 10 0, 1 -66 0', rh.back + rh.front) +
    arrow(84, 20, 140, 20)
  );
}

export const DOUGHS: Scenes = { 'hands-in': handsIn, knead, roll, shape: shapeScene, cutter, fold };
