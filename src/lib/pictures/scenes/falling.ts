// What falls: sprinkled, sifted, drained.
import { lookByName, type Content, type Look, type Stage } from '$core';
import { mound, piece } from '../pieces';
import { hand } from '../hands';
import { counter, COUNTER, sink, steam } from '../kitchen';
import { packBody, packed } from '../packs';
import { at, circle, INK, line, shape, type Pen, type Point } from '../pen';
import { toAndFro } from '../signs';
import { held } from '../tools';
import { vessel } from '../vessels';
import { lying, contentsOf, mainThing, type Draw, type Scenes } from './model';
import { inPlace, placed, steady } from './placed';

const sprinkle: Draw = (pen, stage) => {
  const surface = stage.form === 'surface';
  const all = stage.things.filter((t) => t.look);
  const t = all[0] ?? mainThing(stage);
  const l = t.look ?? lookByName('salt');
  const contents = stage.vessel?.contents.length ? stage.vessel.contents : all.length > 0 ? [] : contentsOf(stage);
  const x = 104;
  const v = surface ? null : placed(pen, stage, x, { contents, kind: stage.vessel?.kind ?? 'plate' });
  const top = v ? Math.min(v.top, v.foot - 18) : COUNTER - 6;
  const sieve = stage.form === 'sieve';
  const season = l.pack === 'shaker' && !sieve;
  const y = Math.max(44, top - 34);
  const grain = (i: number) =>
    l.shape === 'powder'
      ? circle(x - 26 + ((i * 31) % 56), y + 12 + ((i * 13 + (i % 3) * 7) % Math.max(14, top - y)), 2.4, l.skin, 1.4, l.mark)
      : at(
          x - 26 + ((i * 31) % 56),
          y + 14 + ((i * 13 + (i % 3) * 7) % Math.max(14, top - y)),
          piece(l, t.state === 'whole' && l.shape !== 'grains' ? (l.shape === 'block' ? 'grated' : 'torn') : t.state, 12, i),
          i * 30,
        );
  const grains = Array.from({ length: 9 }, (_, i) => grain(i)).join('');
  const rh = sieve
    ? hand(pen, 'fist', [x + 70, y - 12], { arm: [262, y - 40], turn: 90 })
    : hand(pen, 'pinch', [x + 6, y], { arm: [262, y - 70] });
  const lh = v && !sieve ? steady(pen, v, x, stage) : { back: '', front: '' };
  const tool = sieve
    ? shape(`M${x - 40} ${y - 14}H${x + 40}Q${x + 34} ${y + 8} ${x} ${y + 8}T${x - 40} ${y - 14}z`, '#e8eef1') +
      line(`M${x + 40} ${y - 12}H${x + 110}`, 8) +
      line(`M${x + 40} ${y - 12}H${x + 110}`, 4, '#8b979e') +
      at(x, y - 14, mound(l, 50))
    : season
      ? at(x + 4, y + 6, at(0, 40, packed(l)), 150)
      : '';
  const shaker = season ? hand(pen, 'wrap', [x + 24, y - 12], { arm: [262, y - 40], turn: -14 }) : null;
  const sway = '0 -22 0, 0.25 16 0, 0.5 -22 0, 0.75 16 0, 1 -22 0';
  const two = all[1]?.look ? at(214, COUNTER - 2, packed(all[1].look), 0, 0.7) : '';
  const flour = surface
    ? Array.from({ length: 16 }, (_, i) => circle(40 + ((i * 37) % 160), COUNTER + 4 + (i % 3) * 5, 2, '#fff', 1, l.mark)).join('')
    : '';
  return (
    (v ? inPlace(v, lh) : counter() + flour) +
    two +
    pen.move(sway, grains) +
    pen.move(sway, shaker ? shaker.back + at(x + 10, y - 18, at(0, 20, packBody(l)), 160) + shaker.front : rh.back + tool + rh.front) +
    toAndFro(x - 56, 18, x - 8, 18)
  );
};

/** From a spoon, in a thin line that goes to and fro over what is there. */
export function threads(pen: Pen, stage: Stage, l: Look): string {
  const x = 100;
  const v = placed(pen, stage, x, { contents: stage.vessel?.contents ?? [], kind: stage.vessel?.kind ?? 'plate' });
  const w = Math.min(44, v.section.rim - 10);
  const y = v.section.height < 20 ? v.top - 9 : v.top + 14;
  const tip: Point = [x + w - 6, Math.min(y - 44, v.top - 34)];
  const rh = held(pen, 'spoon', tip, 62, [262, tip[1] - 30]);
  const zigzag = `M${x - w} ${y}l${w * 0.33} -7 ${w * 0.33} 10 ${w * 0.33} -10 ${w * 0.33} 10 ${w * 0.33} -10 ${w * 0.3} 6`;
  const look = { ...l, mark: l.mark === l.flesh ? '#8a6a3a' : l.mark };
  const thread = `M${tip[0] - 3} ${tip[1] - 2}q-4 4 -4 12V${y - 4}`;
  const sway = '0 -40 0, 0.3 0 0, 0.5 -30 0, 0.6 -8 0, 1 -40 0';
  return (
    inPlace(v, steady(pen, v, x, stage)) +
    line(zigzag, 7, look.mark) +
    line(zigzag, 4, look.flesh) +
    pen.move(
      sway,
      rh.back +
        rh.tool +
        at(tip[0] - 2, tip[1] - 6, mound({ ...l, shape: 'cream' }, 20)) +
        line(thread, 5.6, look.mark) +
        line(thread, 3, look.flesh) +
        rh.front,
    ) +
    toAndFro(x - 46, Math.max(20, tip[1] - 22), x + 6, Math.max(20, tip[1] - 22)) +
    (stage.hazards.includes('hot') ? steam(x - v.section.rim + 8, v.top - 2, 1) : '')
  );
}

/** Through a sieve over the sink; hot pans with gloves, pouring away from the body. */
const drain: Draw = (pen, stage) => {
  const t = mainThing(stage);
  const l = t.look ?? lookByName('food');
  const hot = stage.form === 'hot' || stage.hazards.includes('hot');
  const inside: Content = lying(t.name, l, t.state);
  if (stage.form === 'squeeze') {
    const lh = hand(pen, 'fist', [92, 62], { arm: [-20, 50], side: 'left', turn: 90 });
    const rh = hand(pen, 'fist', [148, 62], { arm: [262, 50], turn: 90 });
    return (
      sink(196) +
      pen.from(0.3, [104, 120, 136].map((x) => line(`M${x} 84v34`, 5, '#5fa8cc')).join('')) +
      lh.back +
      rh.back +
      at(120, 64, shape('M-34 -10Q0 -24 34 -10Q40 8 30 14Q0 24 -30 14Q-40 8 -34 -10z', l.flesh)) +
      pen.move('0 0 0, 0.5 6 0 10, 1 0 0', lh.front) +
      pen.move('0 0 0, 0.5 -6 0 -10, 1 0 0', rh.front)
    );
  }
  const keeps = stage.form === 'strain';
  const sieve = vessel(pen, 'sieve', 96, keeps ? 92 : 112, { contents: [inside], level: 0.6 });
  if (keeps) {
    const bowl = vessel(pen, 'bowl', 96, COUNTER, {
      contents: [
        {
          ...inside,
          look: { ...lookByName('soup'), ...(l.shape === 'liquid' || l.shape === 'cream' ? { flesh: l.flesh, mark: l.mark } : {}) },
        },
      ],
      level: 0.4,
    });
    const rh = hand(pen, 'fist', [178, 58], { arm: [264, 30], turn: 90 });
    return (
      counter() +
      bowl.back +
      [78, 92, 106, 118]
        .map((x, i) => line(`M${x} ${94 + (i % 2) * 4}v16`, 4.4, l.shape === 'liquid' || l.shape === 'cream' ? l.mark : '#a5592a'))
        .join('') +
      bowl.front +
      rh.back +
      line('M138 60H196', 9) +
      line('M138 60H196', 5, '#6f7f88') +
      sieve.back +
      // what stays behind
      [82, 96, 110].map((x, i) => circle(x, 84 - (i % 2) * 4, 5, l.flesh, 1.8, l.mark === l.flesh ? INK : l.mark)).join('') +
      sieve.front +
      rh.front +
      toAndFro(70, 26, 120, 26)
    );
  }
  const tin = t.pack === 'tin' && !hot;
  const lh = hand(pen, 'fist', [30, 74], { arm: [-20, 60], side: 'left', turn: 90 });
  const handle = line('M14 78H52', 9) + line('M14 78H52', 5, '#6f7f88');
  const rh = hand(pen, hot ? 'mitt' : 'wrap', [176, 44], { arm: [264, 40], turn: -30 });
  const second = hot ? hand(pen, 'mitt', [120, 44], { arm: [60, -40], side: 'left', turn: 20 }) : null;
  const pan = vessel(pen, 'saucepan', 0, 28, { contents: [{ ...inside, state: t.state }], level: 0.4 });
  const pourer_ = tin ? at(158, 58, at(0, 26, packBody(l, 'tin')), -72) : at(166, 42, at(0, 0, pan.back + pan.front, 0, 0.62), -60);
  const drops = [74, 88, 102, 116].map((x, i) => line(`M${x} ${116 + (i % 2) * 5}v18`, 4.4, '#5fa8cc')).join('');
  return (
    sink(212) +
    (hot ? '' : lh.back) +
    handle +
    (hot ? line('M40 80H152', 6, '#6f7f88') : '') +
    sieve.back +
    pen.from(
      0.3,
      [0, 1, 2].map((i) => at(122 - i * 8, 60 + i * 9, piece(l, t.state, 15, i))).join('') + line('M132 56Q116 62 112 88', 7, '#8cc6e0'),
    ) +
    sieve.front +
    (hot ? '' : lh.front) +
    pen.from(0.4, drops) +
    pen.move('0 16 -6 30, 0.35 0 0 0, 0.85 0 0 0, 1 16 -6 30', rh.back + pourer_ + rh.front, [176, 44]) +
    (hot ? steam(66, 58, 2) + (second ? '' : '') : '')
  );
};

export const FALLING: Scenes = { sprinkle, drain };
