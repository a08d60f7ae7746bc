// Into the oven and the air fryer, out of them, and out of the tin.
import { heap, mound, whole } from '../pieces';
import { lookByName, type VesselKind } from '$core';
import { hand } from '../hands';
import { counter, disc, oven, steam } from '../kitchen';
import { area, at, box, line, shape } from '../pen';
import { arrow } from '../signs';
import { sectionOf, vessel } from '../vessels';
import { contentsOf, seedOf, type Draw, type Scenes } from './model';

/** What goes in is pale and cold; the gloved hands slide the tray onto the rack, the time beside it. */
const inOven: Draw = (pen, stage) => {
  if (stage.form.startsWith('air')) return airFryer(pen, stage);
  const out = stage.form === 'out';
  const grill = stage.form === 'grill';
  const contents = contentsOf(stage);
  const kind: VesselKind =
    stage.vessel && sectionOf(stage.vessel.kind).height < 40 && !['frying-pan', 'wok', 'sieve', 'small-bowl'].includes(stage.vessel.kind)
      ? stage.vessel.kind
      : 'tray';
  const browned = contents.map((c) => ({ ...c, look: out ? { ...c.look, skin: brown(c.look.skin), flesh: brown(c.look.flesh) } : c.look }));
  const v = vessel(pen, kind, 120, out ? 134 : 126, { contents: browned, seed: seedOf(stage) });
  const y = v.top + 6;
  const half = sectionOf(kind).rim;
  const lh = hand(pen, 'mitt', [120 - half - 4, y], { arm: [out ? -16 : 10, 200], side: 'left', turn: -28 });
  const rh = hand(pen, 'mitt', [120 + half + 4, y], { arm: [out ? 256 : 230, 200], turn: 28 });
  // the still shows it before the open oven: on the rack it could as well be on its way out
  const rack = grill ? -62 : -38;
  const slide = out
    ? `0 0 ${rack} 0 0.84, 0.6 0 0 0 1, 1 0 4 0 1.03`
    : `0 0 8 0 1.06, 0.6 0 0 0 1, 0.85 0 ${rack} 0 0.84, 1 0 ${rack} 0 0.84`;
  return (
    oven(true) +
    (grill ? glow : '') +
    pen.move(slide, at(0, 0, lh.back + rh.back + v.back + v.front + lh.front + rh.front, 0, 1), [120, 92]) +
    (out ? steam(88, y - 10, 2) + steam(140, y - 12, 1) + arrow(120, 48, 120, y - 26) : arrow(120, y - 14, 120, grill ? 56 : 58)) +
    (stage.minutes && !out ? disc(pen, 22, 34, 20, stage.minutes) : '')
  );
};

/** A grill heats from above: its bar glows downwards, and the rack is high. */
const glow =
  line('M74 42H166', 7, '#ff5a2a') +
  line('M80 50v7M96 50v10M112 50v7M128 50v10M144 50v7M160 50v10', 2.6, '#ff8a4a') +
  line('M62 64H178', 3, '#b9c2c7');

/** The basket on its handle, half way in or out. */
const airFryer: Draw = (pen, stage) => {
  const out = stage.form === 'air-out';
  const contents = contentsOf(stage);
  const shown = out ? contents.map((c) => ({ ...c, look: { ...c.look, skin: brown(c.look.skin), flesh: brown(c.look.flesh) } })) : contents;
  const v = vessel(pen, 'tin', 0, 0, { contents: shown, seed: seedOf(stage) });
  const rh = hand(pen, out ? 'mitt' : 'wrap', [206, 112], { arm: [268, 130] });
  const body =
    shape('M20 140V44Q20 14 56 12H104Q134 14 134 44V140z', '#4a555c') +
    box(40, 30, 72, 24, '#2b3338', 5) +
    pen.text('air fryer', 76, 47, 15, '#fff', 600) +
    area('M60 84H134V134H60z', '#2b3338');
  const basket = at(122, 132, v.back + v.front, 0, 0.9) + box(172, 100, 34, 13, '#2b3338', 5);
  return (
    counter() +
    body +
    pen.move(
      out
        ? [
            [0, -40, 0],
            [0.6, 0, 0],
            [1, 0, 0],
          ]
        : [
            [0, 24, 0],
            [0.6, -8, 0],
            [1, -8, 0],
          ],
      rh.back + basket + rh.front,
    ) +
    (out ? arrow(158, 72, 208, 72) + steam(126, 92, 2) : arrow(208, 72, 158, 72)) +
    (stage.minutes ? disc(pen, 206, 34, 24, stage.minutes) : '')
  );
};

/** Pale food as the oven leaves it: the same hue, darker. */
export const brown = (colour: string) => {
  const n = Number.parseInt(colour.slice(1), 16);
  const mix = (v: number, to: number) => Math.round(v * 0.55 + to * 0.45);
  return `#${[mix(n >> 16, 0xa0), mix((n >> 8) & 255, 0x62), mix(n & 255, 0x22)].map((c) => c.toString(16).padStart(2, '0')).join('')}`;
};

/** The tin is turned over onto a rack. */
const turnOut: Draw = (pen, stage) => {
  if (stage.form === 'cold') {
    const bowl = vessel(pen, 'bowl', 0, 25, {});
    const contents = contentsOf(stage);
    const l = stage.things[0]?.look ?? contents[0]?.look ?? lookByName('dough');
    const soft = ['cream', 'liquid', 'powder'].includes(l.shape) ? { ...l, shape: 'cream' as const } : l;
    const lh = hand(pen, 'wrap', [66, 40], { arm: [-20, 10], side: 'left' });
    const rh = hand(pen, 'rim', [158, 30], { arm: [262, -10] });
    return (
      counter() +
      pen.move(
        '0 0 -40, 0.5 0 0, 1 0 0',
        at(
          128,
          114,
          l.shape === 'dough' ? whole(l, 74) : soft.shape === 'cream' ? mound(soft, 84) : heap(l, stage.things[0]?.state ?? 'whole', 7, 84),
        ),
      ) +
      pen.move(
        '0 0 0 -96, 0.5 0 0 0, 1 0 -4 0',
        lh.back + rh.back + at(112, 46, bowl.back + bowl.front, 128, 0.86) + lh.front + rh.front,
        [112, 46],
      ) +
      arrow(186, 40, 204, 92, -14)
    );
  }
  const cake =
    shape('M78 126V106Q78 98 86 98H154Q162 98 162 106V126z', '#d9a55a', 2.4) + line('M88 106h12M112 112h12M138 106h10', 2, '#8a5526');
  const lh = hand(pen, 'mitt', [60, 60], { arm: [-20, 40], side: 'left' });
  const rh = hand(pen, 'mitt', [180, 60], { arm: [262, 40] });
  const rack =
    line('M50 130H190M64 130V140M176 130V140M84 130v-0', 5, '#6f7f88') +
    line('M70 130h2M92 130h2M114 130h2M136 130h2M158 130h2', 8, '#6f7f88');
  const tin = shape('M66 44H174L168 78H72z', '#7a858c') + line('M72 78H168', 2.4);
  return (
    counter() +
    rack +
    cake +
    pen.move('0 0 16 -160, 0.5 0 14 0, 0.7 0 -4 0, 1 0 -8 0', lh.back + rh.back + tin + lh.front + rh.front, [120, 60]) +
    arrow(212, 110, 212, 76)
  );
};

export const OVEN: Scenes = { oven: inOven, 'turn-out': turnOut };
