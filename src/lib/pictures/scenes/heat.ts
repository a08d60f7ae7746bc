// Rings, ovens, kettles and what is done at them; and telling whether food is done.
import { lookByName, type Content, type VesselKind } from '$core';
import { heap, piece, whole } from '../foods';
import { hand } from '../hands';
import { counter, COUNTER, dialAngle, disc, flames, hob, HOB_TOP, lcd, oven, steam, stand } from '../kitchen';
import { packed } from '../packs';
import { ACTION, area, at, box, circle, ellipse, INK, line, shape, type Pen } from '../pen';
import { arrow, around } from '../signs';
import { held } from '../tools';
import { lid, sectionOf, vessel } from '../vessels';
import { asContent, contentsOf, mainLook, mainThing, seedOf, type Draw, type Scenes } from './model';
import { placed, steady } from './vessel-scenes';

/** A dial, its pointer on a share of its sweep; it is read, so it is never mirrored. */
function knob(pen: Pen, x: number, y: number, r: number, shares: readonly [number, number], marks: readonly [number, string][]): string {
  const pointer = (share: number) => at(x, y, line(`M0 ${-r * 0.15}V${-r * 0.82}`, 8, '#fff'), dialAngle(share));
  const ticks = marks
    .map(([share, words]) => {
      const a = ((dialAngle(share) - 90) * Math.PI) / 180;
      return (
        line(
          `M${x + Math.cos(a) * (r + 4)} ${y + Math.sin(a) * (r + 4)}L${x + Math.cos(a) * (r + 11)} ${y + Math.sin(a) * (r + 11)}`,
          2.4,
        ) + (words ? pen.text(words, x + Math.cos(a) * (r + 22), y + Math.sin(a) * (r + 22) + 5, 14) : '')
      );
    })
    .join('');
  const [a, b] = shares;
  return (
    pen.upright(
      x,
      circle(x, y, r, '#3a4248', 3) +
        pen.show(
          [
            [0, 1],
            [0.4, 0],
          ],
          pointer(a),
        ) +
        pen.from(0.4, pointer(b)),
    ) + ticks
  );
}

const FLAME_WORD = ['off', 'low', 'medium', 'high'];

const dial: Draw = (pen, stage) => {
  const d = stage.dial ?? { kind: 'hob' as const, heat: null, from: 0, to: 2 };
  if (d.kind === 'oven') {
    const off = stage.form === 'off';
    const value = Number.parseInt(d.heat ?? '', 10) || (off ? 0 : 180);
    const f = /F/.test(d.heat ?? '') || value > 290;
    const top = f ? 500 : 250;
    const share = off ? 0 : Math.min(0.95, Math.max(0.1, value / top));
    const marks: [number, string][] = (f ? [0, 200, 300, 400, 500] : [0, 50, 100, 150, 200, 250]).map((n) => [
      n / top,
      n === 0 ? 'off' : String(n),
    ]);
    const rh = hand(pen, 'pinch', [112, 104], { arm: [262, 176], turn: 96 });
    return (
      box(6, 4, 228, 152, '#e3e8eb', 8) +
      knob(pen, 92, 86, 40, off ? [0.7, 0] : [0, share], marks) +
      pen.text(off ? 'off' : (d.heat ?? (f ? '350 °F' : '180 °C')).replace(/\s*°\s*/, ' °'), 188, 36, 24, ACTION) +
      (off ? '' : shape('M176 62h28v26h-28z', '#55483f') + line('M180 68h20', 3, '#e8743a')) +
      pen.move(
        [
          [0, 0, 0, off ? 30 : -40],
          [0.4, 0, 0, 0],
          [1, 0, 0, 0],
        ],
        rh.back + rh.front,
        [92, 86],
      ) +
      (off ? arrow(150, 128, 120, 144, 10) : '')
    );
  }
  const off = d.to === 0;
  const pan = stage.vessel?.kind ?? 'saucepan';
  const contents = stage.vessel?.contents ?? [];
  const p = vessel(pen, sectionOf(pan).height < 14 ? 'saucepan' : pan, 76, HOB_TOP - 22, { contents, seed: seedOf(stage) });
  const rh = hand(pen, 'pinch', [196, 112], { arm: [262, 176], turn: 100 });
  const shares = [0, 0.3, 0.6, 0.95];
  const fire = (level: number, ghost = false) => at(0, -22, flames(76, level, ghost, 38));
  return (
    area('M0 116H240V160H0z', '#dfe4e7') +
    line('M-4 116H244', 2.4) +
    line('M28 116V101H124V116', 2.6) +
    pen.show(
      [
        [0, 1],
        [0.4, 0],
      ],
      fire(d.from),
    ) +
    pen.from(0.4, fire(d.from, true) + fire(d.to)) +
    p.back +
    p.front +
    knob(
      pen,
      184,
      100,
      28,
      [shares[d.from]!, shares[d.to]!],
      shares.map((s, i) => [s, i === 0 ? 'off' : '']),
    ) +
    pen.text(FLAME_WORD[d.to]!, 184, 34, 27, ACTION) +
    pen.move(
      [
        [0, 0, 0, d.to > d.from ? -40 : 40],
        [0.4, 0, 0, 0],
        [1, 0, 0, 0],
      ],
      rh.back + rh.front,
      [184, 100],
    ) +
    (off ? line('M60 140L92 156M92 140L60 156', 4, ACTION) : '')
  );
};

const STIRS = new Set(['stir', 'fry', 'brown', 'soften', 'wilt', 'reduce', 'melt', 'poach', 'blanch']);

/** A pan on the ring, with what the hand does there and the time beside it. */
const onHob: Draw = (pen, stage) => {
  const x = 100;
  const contents = stage.vessel?.contents.length ? stage.vessel.contents : stage.form === 'empty' ? [] : contentsOf(stage);
  const kind: VesselKind =
    stage.vessel && ['saucepan', 'frying-pan', 'wok'].includes(stage.vessel.kind)
      ? stage.vessel.kind
      : stage.form === 'fry' || stage.form === 'brown'
        ? 'frying-pan'
        : 'saucepan';
  const wet =
    contents.some((c) => c.look.shape === 'liquid' && c.look.name !== 'oil') ||
    ['boil', 'simmer', 'poach', 'blanch', 'steam'].includes(stage.form);
  const all: Content[] =
    ['boil', 'simmer', 'poach', 'blanch'].includes(stage.form) && !contents.some((c) => c.look.shape === 'liquid')
      ? [{ name: 'water', look: lookByName('water'), state: 'whole', mixed: false, cooked: false }, ...contents]
      : contents;
  const heat =
    stage.form === 'boil' || stage.form === 'blanch'
      ? 3
      : stage.form === 'simmer' || stage.form === 'melt' || stage.form === 'poach'
        ? 1
        : 2;
  const boil = !wet ? 0 : stage.form === 'boil' || stage.form === 'blanch' || stage.form === 'steam' ? 2 : 1;
  const clock = stage.minutes ? disc(pen, 208, stage.vessel?.lid || stage.form === 'steam' ? 108 : 36, 27, stage.minutes) : '';
  const stirring = STIRS.has(stage.form);
  const covered = stage.form === 'steam' || (stage.vessel?.lid ?? false);
  if (stirring && !covered) {
    const tool =
      stage.tool && ['spatula', 'spoon', 'wooden-spoon', 'turner', 'slotted-spoon', 'long-spoon'].includes(stage.tool)
        ? stage.tool === 'long-spoon'
          ? 'wooden-spoon'
          : stage.tool
        : 'wooden-spoon';
    const sway = [
      [0, -18, 0, -3],
      [0.25, 14, -3, 3],
      [0.5, -18, 0, -3],
      [0.75, 14, -3, 3],
      [1, -18, 0, -3],
    ] as const;
    const rh = held(pen, tool, [x + 8, HOB_TOP - 10], 30, [262, clock ? 62 : -6]);
    const v = placed(pen, stage, x, { contents: all, heat, kind, boil: boil as 0 | 1 | 2, within: pen.move(sway, rh.tool) });
    const lh = steady(pen, v, x, stage);
    return (
      v.ground +
      lh.back +
      v.back +
      v.front +
      lh.front +
      pen.move(sway, rh.back) +
      pen.clip(`M-60 -60H300V${v.top}H-60z`, pen.move(sway, rh.tool)) +
      pen.move(sway, rh.front) +
      around(x - 16, v.top - 16, 24, 9) +
      steam(x - 60, v.top - 2, 1) +
      clock
    );
  }
  const v = placed(pen, stage, x, { contents: all, heat, kind, boil: boil as 0 | 1 | 2 });
  if (covered) {
    // the lid goes on; then the time runs
    const rh = hand(pen, 'pinch', [x, v.top - 22], { arm: [262, -40] });
    return (
      v.ground +
      v.back +
      v.front +
      pen.move(
        [
          [0, 0, -30],
          [0.35, 0, 0],
          [1, 0, 0],
        ],
        lid(kind, x, v.top + 2),
      ) +
      pen.move(
        [
          [0, 0, -30],
          [0.35, 0, 0],
          [0.7, 0, 0],
          [1, 40, -30],
        ],
        rh.back + rh.front,
      ) +
      steam(x - 72, v.top, 1) +
      clock
    );
  }
  if (stage.form === 'empty') {
    const lh = steady(pen, v, x, stage);
    return (
      v.ground +
      lh.back +
      v.back +
      v.front +
      lh.front +
      steam(x - 34, v.top - 6, 1) +
      steam(x + 20, v.top - 6, 1) +
      (clock || eye(pen, 204, 64))
    );
  }
  // heating until it boils or goes on simmering: one hand holds the handle, eyes on the pan
  const lh = steady(pen, v, x, stage);
  return (
    v.ground +
    lh.back +
    v.back +
    v.front +
    lh.front +
    steam(x - 34, v.top - 4, boil === 2 ? 3 : 2) +
    clock +
    (clock ? '' : eye(pen, 196, 64))
  );
};

const eye = (pen: Pen, x: number, y: number) =>
  pen.upright(
    x,
    shape(`M${x - 30} ${y}Q${x} ${y - 26} ${x + 30} ${y}Q${x} ${y + 26} ${x - 30} ${y}z`, '#fff') +
      circle(x, y, 12, '#7a5238') +
      circle(x, y, 5, INK, 0) +
      circle(x + 4, y - 4, 2.4, '#fff', 0),
  );

const kettle: Draw = (pen) => {
  const rh = hand(pen, 'point', [150, 114], { arm: [262, 150], turn: -10 });
  const body =
    shape('M62 138Q56 84 82 64H130Q152 84 148 138z', '#c9d2d7') +
    shape('M66 86L40 70 44 92 62 108z', '#c9d2d7') +
    line('M132 66Q176 60 170 108L148 116', 9) +
    line('M132 66Q176 60 170 108L148 116', 5, '#3a4248') +
    box(92, 54, 28, 12, '#3a4248', 4) +
    box(56, 136, 100, 9, '#3a4248', 3) +
    box(74, 92, 14, 36, '#b9dcec', 4, 2);
  return (
    counter() +
    body +
    box(138, 118, 18, 12, '#e8743a', 3, 2) +
    rh.back +
    rh.front +
    pen.from(0.4, steam(36, 66, 2)) +
    arrow(206, 92, 172, 112, -8)
  );
};

const toaster: Draw = (pen, stage) => {
  const l = stage.things[0]?.look ?? lookByName('bread');
  const brown = { ...l, flesh: '#c98a45' };
  const rh = hand(pen, 'point', [186, 84], { arm: [262, 40], turn: 60 });
  return (
    counter() +
    pen.move(
      [
        [0, 0, -26],
        [0.4, 0, 0],
        [1, 0, 0],
      ],
      [96, 138].map((x) => at(x, 70, whole(pen.at === 'loop' ? l : brown, 56))).join(''),
    ) +
    shape('M56 140V92Q56 78 72 78H164Q180 78 180 92V140z', '#c9d2d7') +
    box(180, 88, 8, 40, '#7f8f98', 3) +
    pen.move(
      [
        [0, 0, -4],
        [0.4, 0, 26],
        [1, 0, 26],
      ],
      box(176, 84, 20, 10, '#3a4248', 3) + rh.back + rh.front,
    ) +
    arrow(218, 66, 218, 104) +
    (stage.minutes ? disc(pen, 28, 104, 22, stage.minutes) : '')
  );
};

/** The door, the dish inside, and the keys in the order in which they are pressed. */
const microwave: Draw = (pen, stage) => {
  const kind: VesselKind = stage.vessel && sectionOf(stage.vessel.kind).rim < 60 ? stage.vessel.kind : 'bowl';
  const contents = stage.vessel?.contents.length ? stage.vessel.contents : contentsOf(stage);
  const minutes = stage.minutes ?? 1;
  const seconds = Math.round(minutes * 60);
  const shown = `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
  const v = vessel(pen, kind === 'jug' ? 'cup' : kind, 0, 0, { contents });
  const k = 0.62;
  const keys = [...shown.replace(':', '').replace(/^0/, '')];
  const pad = Array.from({ length: 12 }, (_, i) => {
    const label = i < 9 ? String(i + 1) : i === 9 ? '' : i === 10 ? '0' : '';
    const [kx, ky] = [176 + (i % 3) * 19, 62 + Math.floor(i / 3) * 17];
    const order = keys.indexOf(label);
    return label
      ? box(kx - 8, ky - 7, 16, 14, order >= 0 ? '#cfe3ec' : '#fff', 3, order >= 0 ? 2.6 : 1.4) + pen.text(label, kx, ky + 5, 12)
      : '';
  }).join('');
  const start = box(168, 128, 54, 15, '#cfe3ec', 4, 2.6) + pen.text('start', 195, 140, 13);
  const rh = hand(pen, 'point', [210, 142], { arm: [270, 200] });
  return (
    box(4, 14, 230, 136, '#dfe4e7', 8) +
    box(14, 26, 142, 112, '#55483f', 6) +
    area('M22 34H148V130H22z', '#6a5d52') +
    ellipse(85, 122, 52, 6, '#b9c2c7', 2) +
    at(85, 118, v.back + v.front, 0, k) +
    lcd(pen, 166, 24, 58, 26, shown, 22) +
    pad +
    start +
    pen.move(
      [
        [0, -14, -66],
        [0.35, -14, -66],
        [0.55, 0, 0],
        [1, 0, 0],
      ],
      rh.back + rh.front,
    ) +
    line('M160 36V128', 5, '#8b979e')
  );
};

const cooker: Draw = (pen, stage) => {
  const contents = stage.vessel?.contents.length ? stage.vessel.contents : contentsOf(stage);
  const v = vessel(pen, 'cooker', 92, 128, { contents });
  const rh = hand(pen, 'point', [128, 138], { arm: [262, 160] });
  return (
    counter() +
    shape('M30 128H154L160 150H24z', '#c9d0d4') +
    v.back +
    v.front +
    lid('cooker', 92, 68) +
    circle(118, 138, 8, '#3a4248', 2) +
    rh.back +
    rh.front +
    disc(pen, 206, 54, 30, stage.minutes ?? 240)
  );
};

/** What goes in is pale and cold; the gloved hands slide the tray onto the rack, the time beside it. */
const inOven: Draw = (pen, stage) => {
  if (stage.form.startsWith('air')) return airFryer(pen, stage);
  const out = stage.form === 'out';
  const contents = stage.vessel?.contents.length ? stage.vessel.contents : contentsOf(stage);
  const kind: VesselKind =
    stage.vessel && sectionOf(stage.vessel.kind).height < 40 && !['frying-pan', 'wok', 'sieve', 'small-bowl'].includes(stage.vessel.kind)
      ? stage.vessel.kind
      : 'tray';
  const browned = contents.map((c) => ({ ...c, look: out ? { ...c.look, skin: brown(c.look.skin), flesh: brown(c.look.flesh) } : c.look }));
  const v = vessel(pen, kind, 120, out ? 128 : 92, { contents: browned, seed: seedOf(stage) });
  const y = v.top + 6;
  const half = sectionOf(kind).rim;
  const lh = hand(pen, 'mitt', [120 - half - 4, y], { arm: [out ? -16 : 10, 200], side: 'left', turn: -28 });
  const rh = hand(pen, 'mitt', [120 + half + 4, y], { arm: [out ? 256 : 230, 200], turn: 28 });
  const slide = out
    ? ([
        [0, 0, -34, 0, 0.84],
        [0.6, 0, 0, 0, 1],
        [1, 0, 4, 0, 1.03],
      ] as const)
    : ([
        [0, 0, 30, 0, 1.12],
        [0.6, 0, 0, 0, 1],
        [0.8, 0, -4, 0, 0.96],
        [1, 0, 30, 0, 1.12],
      ] as const);
  return (
    oven(true) +
    pen.move(slide, at(0, 0, lh.back + rh.back + v.back + v.front + lh.front + rh.front, 0, 1), [120, 92]) +
    (out ? steam(88, y - 10, 2) + steam(140, y - 12, 1) + arrow(222, 76, 222, 120) : arrow(222, 120, 222, 76)) +
    (stage.minutes && !out ? disc(pen, 22, 34, 20, stage.minutes) : '')
  );
};

/** The basket on its handle, half way in or out. */
const airFryer: Draw = (pen, stage) => {
  const out = stage.form === 'air-out';
  const contents = stage.vessel?.contents.length ? stage.vessel.contents : contentsOf(stage);
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
const brown = (colour: string) => {
  const n = Number.parseInt(colour.slice(1), 16);
  const mix = (v: number, to: number) => Math.round(v * 0.55 + to * 0.45);
  return `#${[mix(n >> 16, 0xa0), mix((n >> 8) & 255, 0x62), mix(n & 255, 0x22)].map((c) => c.toString(16).padStart(2, '0')).join('')}`;
};

/** A hot pan is lifted across to the stand, one gloved hand on each side. */
const liftOff: Draw = (pen, stage) => {
  const contents = stage.vessel?.contents.length ? stage.vessel.contents : contentsOf(stage);
  const kind: VesselKind = stage.vessel && sectionOf(stage.vessel.kind).height > 12 ? stage.vessel.kind : 'saucepan';
  const v = vessel(pen, kind, 0, 0, { contents, seed: seedOf(stage) });
  const r = sectionOf(kind).rim * 0.72;
  const h = sectionOf(kind).height * 0.72;
  const lh = hand(pen, 'mitt', [156 - r - 8, 118 - h + 8], { arm: [100, -40], side: 'left', turn: -10 });
  const rh = hand(pen, 'mitt', [156 + r + 2, 118 - h + 14], { arm: [268, 30] });
  return (
    area('M0 140H110V160H0z', '#dfe4e7') +
    area('M110 140H240V160H110z', '#ece2d6') +
    line('M-4 140H244', 2.4) +
    line('M14 138V123H96V138', 2.6) +
    stand(160) +
    pen.move(
      [
        [0, -102, -14],
        [0.3, -80, -40],
        [0.6, 0, -6],
        [0.8, 0, 12],
        [1, 0, 12],
      ],
      lh.back + at(156, 124, v.back + v.front, 0, 0.72) + rh.back + rh.front + lh.front,
    ) +
    arrow(46, 64, 92, 52, -14) +
    steam(150, 52, 1)
  );
};

/** The turner goes under; the browned side comes up. */
const turn: Draw = (pen, stage) => {
  const l = mainLook(stage);
  const flat = ['flat', 'slab', 'biscuit', 'loaf', 'cream', 'sausage'].includes(l.shape);
  const pale = flat ? { ...l } : lookByName('burger');
  const x = 92;
  const tray = stage.vessel?.kind === 'tray' || stage.vessel?.kind === 'dish';
  const v = placed(
    pen,
    stage,
    x,
    tray ? { contents: [], kind: 'tray' } : { contents: [], heat: 2, kind: stage.vessel?.kind === 'wok' ? 'wok' : 'frying-pan' },
  );
  const food = (dark: boolean) => shape('M-26 -6Q0 -13 26 -6Q30 2 22 5H-22Q-30 2 -26 -6z', dark ? brown(pale.flesh) : pale.flesh, 2.4);
  const rh = held(pen, 'turner', [x + 26, v.foot - 12], 58, [264, 20]);
  const lh = steady(pen, v, x, stage);
  return (
    v.ground +
    lh.back +
    v.back +
    at(x - 34, v.foot - 8, at(0, 0, food(false), 0, 0.7)) +
    v.front +
    lh.front +
    pen.move(
      [
        [0, 0, 8, 0],
        [0.3, 0, -8, 0],
        [0.6, -4, -20, 0],
        [1, 0, 8, 0],
      ],
      rh.back + rh.tool + rh.front,
    ) +
    pen.move(
      [
        [0, 0, 10, 0],
        [0.3, 0, -14, 0],
        [0.6, -8, -30, -110],
        [0.8, -20, 4, -180],
        [1, -20, 4, -180],
      ],
      at(x + 20, v.foot - 18, at(0, 2, food(true)) + at(0, -4, food(false))),
      [x + 20, v.foot - 18],
    ) +
    arrow(x + 44, 34, x - 22, 40, -22)
  );
};

/** Out of the pan and onto a plate, or onto paper. */
const lift: Draw = (pen, stage) => {
  const skim = stage.form === 'skim';
  const content = stage.things[0]?.look
    ? asContent(mainThing(stage))
    : (stage.source?.contents[0] ?? stage.vessel?.contents.find((c) => c.look.shape !== 'liquid') ?? asContent(mainThing(stage)));
  const tool = skim
    ? 'slotted-spoon'
    : stage.tool && ['tongs', 'slotted-spoon', 'turner', 'spatula', 'fork', 'spoon', 'ladle'].includes(stage.tool)
      ? stage.tool
      : 'tongs';
  const from = vessel(pen, 'saucepan', 62, HOB_TOP, {
    contents: stage.source?.contents.length
      ? stage.source.contents
      : [{ name: 'water', look: lookByName('water'), state: 'whole', mixed: false, cooked: false }, content],
  });
  const plate = vessel(pen, skim ? 'small-bowl' : 'plate', 182, COUNTER, {});
  const paper = stage.form === 'paper' ? shape('M136 128l8 -6 12 4 14 -4 12 4 16 -4 12 4 14 -3 4 5z', '#fbf7ee', 2) : '';
  const rh = held(pen, tool, [166, 104], 26, [262, -20]);
  const food = skim
    ? circle(166, 100, 6, '#fff') + circle(174, 98, 5, '#fff')
    : at(
        166,
        104,
        content.state === 'whole' || content.state === 'peeled' ? whole(content.look, 32) : heap(content.look, content.state, 3, 28),
      );
  return (
    hob(62, 0, 40) +
    area(`M122 ${COUNTER}H240V160H122z`, '#ece2d6') +
    from.back +
    from.front +
    plate.back +
    plate.front +
    paper +
    pen.move(
      [
        [0, -100, -6],
        [0.3, -96, -44],
        [0.6, 0, -6],
        [0.8, 0, 14],
        [1, -100, -6],
      ],
      rh.back + food + rh.tool + rh.front,
    ) +
    arrow(74, 30, 130, 34, -14)
  );
};

/** The tin is turned over onto a rack. */
const turnOut: Draw = (pen, stage) => {
  if (stage.form === 'cold') {
    const lh = hand(pen, 'rim', [70, 44], { arm: [-26, 10], side: 'left' });
    const rh = hand(pen, 'rim', [172, 44], { arm: [266, 10] });
    const bowl = vessel(pen, 'bowl', 0, 0, {});
    const l = lookByName('dough');
    return (
      counter() +
      at(120, 124, whole(l, 66)) +
      pen.move(
        [
          [0, 0, 10, -150],
          [0.5, 0, 4, 0],
          [1, 0, 0, 0],
        ],
        lh.back + rh.back + at(120, 34, bowl.back + bowl.front, 180) + lh.front + rh.front,
        [120, 50],
      ) +
      arrow(40, 84, 40, 118)
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
    pen.move(
      [
        [0, 0, 16, -160],
        [0.5, 0, 14, 0],
        [0.7, 0, -4, 0],
        [1, 0, -8, 0],
      ],
      lh.back + rh.back + tin + lh.front + rh.front,
      [120, 60],
    ) +
    arrow(212, 110, 212, 76)
  );
};

/** Is it done? A fork or a knife goes in; what to look for stands beside it. */
const check: Draw = (pen, stage) => {
  const contents = stage.vessel?.contents.length ? stage.vessel.contents : contentsOf(stage);
  const tool = /knife/.test(stage.words)
    ? 'table-knife'
    : /skewer|stick|toothpick/.test(stage.words)
      ? 'cocktail-stick'
      : stage.tool && stage.tool !== 'knife'
        ? stage.tool
        : 'fork';
  const known = ['fork', 'table-knife', 'cocktail-stick', 'spoon', 'teaspoon'].includes(tool) ? tool : 'fork';
  const x = 84;
  const v = placed(pen, stage, x, { contents, kind: stage.vessel?.kind ?? 'plate' });
  const tip: [number, number] = [x + 4, v.foot - Math.min(18, v.section.height)];
  const rh = held(pen, known, tip, 20, [250, -30]);
  return (
    v.ground +
    v.back +
    pen.move(
      [
        [0, 0, -26],
        [0.4, 0, 2],
        [0.7, 0, 2],
        [1, 0, -26],
      ],
      rh.tool,
    ) +
    v.front +
    pen.move(
      [
        [0, 0, -26],
        [0.4, 0, 2],
        [0.7, 0, 2],
        [1, 0, -26],
      ],
      pen.clip(`M-60 -80H300V${v.top}H-60z`, rh.tool) + rh.back + rh.front,
    ) +
    eye(pen, 204, 112) +
    arrow(34, 24, 34, 54) +
    (v.onHob ? steam(x - 60, v.top, 1) : '')
  );
};

const taste: Draw = (pen, stage) => {
  const content = contentsOf(stage)[0]!;
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
      [
        [0, 50, 40],
        [0.5, 0, 6],
        [0.8, 0, 6],
        [1, 50, 40],
      ],
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
  const contents = stage.vessel?.contents.length ? stage.vessel.contents : contentsOf(stage);
  const big = contents.find((c) => ['slab', 'drumstick', 'round', 'sausage'].includes(c.look.shape)) ?? contents[0]!;
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
    pen.move(
      [
        [0, 16, -24],
        [0.5, 0, 0],
        [1, 0, 0],
      ],
      rh.back + probe + rh.front,
    ) +
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
  const cx = left ? 176 : 120;
  const rh = hand(pen, 'pinch', [cx + 30, 106], { arm: [268, 170], turn: 60 });
  const cloth = rise ? shape(`M4 ${v ? COUNTER + v.top * fit : 90}q58 -14 116 0v22q-10 -6 -20 -14H26q-10 8 -22 14z`, '#c9dfe6') : '';
  return (
    counter() +
    left +
    cloth +
    box(cx - 46, 20, 92, 120, '#c9d0d4', 14) +
    disc(pen, cx, 72, 38, stage.minutes ?? 5) +
    box(cx - 30, 136, 60, 8, '#8b979e', 3, 2) +
    rh.back +
    rh.front
  );
};

const cool: Draw = (pen, stage) => {
  const contents = stage.vessel?.contents.length ? stage.vessel.contents : contentsOf(stage);
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

export const HEAT: Scenes = {
  dial,
  hob: onHob,
  kettle,
  toaster,
  microwave,
  cooker,
  oven: inOven,
  'lift-off': liftOff,
  turn,
  lift,
  'turn-out': turnOut,
  check,
  taste,
  thermometer,
  timer,
  cool,
};
export { eye };
