// Telling whether food is done, and waiting.
import { whole, piece } from '../pieces';
import { hand } from '../hands';
import { counter, COUNTER, disc, lcd, oven, steam } from '../kitchen';
import { packed } from '../packs';
import { area, at, box, circle, INK, line, shape } from '../pen';
import { arrow } from '../signs';
import { held, toolFor } from '../tools';
import { sectionOf, vessel } from '../vessels';
import { eye } from './hob';
import { contentsOf, seedOf, type Draw, type Scenes } from './model';
import { brown } from './oven';
import { aboveRim, placed } from './placed';

/** Is it done? A fork or a knife goes in; what to look for stands beside it. */
const check: Draw = (pen, stage) => {
  const contents = contentsOf(stage);
  const tool = /knife/.test(stage.words)
    ? 'table-knife'
    : /skewer|stick|toothpick/.test(stage.words)
      ? 'cocktail-stick'
      : toolFor(stage.tool, 'tests', 'fork');
  const x = 84;
  const v = placed(pen, stage, x, { contents, kind: stage.vessel?.kind ?? 'plate' });
  const tip: [number, number] = [x + 4, v.foot - Math.min(18, v.section.height)];
  const rh = held(pen, tool, tip, 20, [250, -30]);
  return (
    v.ground +
    v.back +
    pen.move('0 0 -26, 0.4 0 2, 0.7 0 2, 1 0 -26', rh.tool) +
    v.front +
    pen.move('0 0 -26, 0.4 0 2, 0.7 0 2, 1 0 -26', aboveRim(pen, v.top, rh.tool) + rh.back + rh.front) +
    eye(pen, 204, 112) +
    arrow(34, 24, 34, 54) +
    (v.onHob ? steam(x - 60, v.top, 1) : '')
  );
};

const taste: Draw = (pen, stage) => {
  const content = contentsOf(stage)[0];
  const rh = held(pen, 'teaspoon', [96, 66], 70, [262, 60]);
  const face =
    shape('M-10 170V44Q-10 -14 46 -14Q86 -14 84 34L92 58Q92 64 84 64L84 84Q82 102 62 100V170z', pen.skin) +
    circle(58, 36, 4.4, INK, 0) +
    line('M84 74Q74 76 68 72', 3) +
    line('M48 24q8 -6 18 -2', 3) +
    shape('M-10 40Q-6 -24 46 -22Q86 -20 84 14Q70 2 44 8Q20 14 14 44z', '#4a3528');
  return (
    face +
    pen.move(
      '0 50 40, 0.5 0 6, 0.8 0 6, 1 50 40',
      rh.back +
        rh.tool +
        at(
          96,
          60,
          content.look.shape === 'liquid' || content.look.shape === 'cream'
            ? area('M-8 0q8 -6 16 0q-8 6 -16 0z', content.look.flesh) + line('M-8 0q8 -6 16 0q-8 6 -16 0z', 1.6)
            : piece(content.look, content.state, 14),
        ) +
        rh.front,
    ) +
    steam(116, 40, 1) +
    arrow(196, 116, 150, 100, 8)
  );
};

const thermometer: Draw = (pen, stage) => {
  const contents = contentsOf(stage);
  const big = contents.find((c) => ['slab', 'drumstick', 'round', 'sausage'].includes(c.look.shape)) ?? contents[0];
  const degrees = /(\d{2,3})\s*°?\s*([CF])/i.exec(stage.words);
  const shown = degrees ? `${degrees[1]}°` : /poultry|chicken|turkey/i.test(`${big.name}`) ? '74°' : '';
  const v = placed(pen, stage, 88, {
    contents: ['slab', 'drumstick', 'round', 'sausage'].includes(big.look.shape) ? [] : contents,
    kind: stage.vessel?.kind ?? 'plate',
  });
  const rh = hand(pen, 'shell', [152, 34], { arm: [262, 10] });
  const probe = line('M96 112L138 50', 6.4) + line('M96 112L138 50', 3.4, '#c9d2d7') + circle(144, 40, 20, '#fff');
  const food = ['slab', 'drumstick', 'round', 'sausage'].includes(big.look.shape)
    ? at(84, Math.min(v.top - 4, 112), whole({ ...big.look, skin: brown(big.look.skin) }, 72))
    : '';
  return (
    v.ground +
    v.back +
    v.front +
    food +
    pen.move('0 16 -24, 0.5 0 0, 1 0 0', rh.back + probe + rh.front) +
    lcd(pen, 166, 92, 66, 40, shown, 28) +
    line('M164 60Q190 70 196 90', 2.4, INK, ' stroke-dasharray="4 4"')
  );
};

/** A hand sets the timer; the disc shows how long. What waits stands beside it. */
const timer: Draw = (pen, stage) => {
  const rise = stage.form === 'rise';
  const v = stage.vessel
    ? vessel(pen, stage.vessel.kind, 0, 0, { contents: stage.vessel.contents, ...(rise ? { level: 0.95 } : {}), seed: seedOf(stage) })
    : null;
  const fit = stage.vessel ? Math.min(1, 58 / (sectionOf(stage.vessel.kind).rim + 2)) : 1;
  const t = stage.things[0];
  const left = v
    ? at(60, COUNTER, v.back + v.front, 0, fit)
    : t?.look
      ? at(58, COUNTER, t.state === 'whole' && t.pack !== 'none' ? packed(t.look, t.pack) : at(0, -26, whole(t.look, 56)))
      : '';
  const inside = v && stage.vessel ? at(120, 92, v.back + v.front, 0, Math.min(0.9, 56 / sectionOf(stage.vessel.kind).rim)) : '';
  const baked = stage.form === 'oven' ? at(-14, 46, oven(true) + inside, 0, 0.6) : '';
  const cx = left || baked ? 176 : 120;
  const rh = hand(pen, 'pinch', [cx + 30, 106], { arm: [268, 170], turn: 60 });
  const cloth = rise ? shape(`M4 ${v ? COUNTER + v.top * fit : 90}q58 -14 116 0v22q-10 -6 -20 -14H26q-10 8 -22 14z`, '#c9dfe6') : '';
  return (
    counter() +
    (baked || left) +
    cloth +
    box(cx - 46, 20, 92, 120, '#c9d0d4', 14) +
    disc(pen, cx, 72, 38, stage.minutes ?? 5) +
    box(cx - 30, 136, 60, 8, '#8b979e', 3, 2) +
    rh.back +
    rh.front
  );
};

const cool: Draw = (pen, stage) => {
  const contents = contentsOf(stage);
  const kind = stage.vessel?.kind ?? 'plate';
  const v = vessel(pen, kind, 92, COUNTER - 10, { contents, seed: seedOf(stage) });
  const rack = line(`M${92 - 66} 132H${92 + 66}M44 132v8M140 132v8`, 5, '#6f7f88');
  // nobody touches it: a hand held off, and the time
  const palm = hand(pen, 'open', [196, 112], { arm: [262, 150], turn: 40 });
  return (
    counter() +
    rack +
    v.back +
    v.front +
    steam(64, v.top - 4, 1) +
    steam(100, v.top - 4, 1) +
    disc(pen, 204, 38, 28, stage.minutes ?? 10) +
    palm.back +
    palm.front
  );
};

export const DONE: Scenes = { check, taste, thermometer, timer, cool };
