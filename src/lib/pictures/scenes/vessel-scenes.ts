// What happens in and over vessels: filling, putting in, pouring, stirring, mashing, draining, covering.
import { lookByName, type Content, type Stage, type StageVessel, type VesselKind } from '$core';
import { heap, mound, piece, whole } from '../foods';
import { hand } from '../hands';
import { counter, COUNTER, disc, hob, HOB_TOP, lcd, mat, sink, steam, stream } from '../kitchen';
import { packBody, packed } from '../packs';
import { ACTION, area, at, box, circle, INK, line, shape, type Pen, type Point } from '../pen';
import { around, arrow, toAndFro } from '../signs';
import { dryMeasure, hasHeld, held } from '../tools';
import { lid, sectionOf, vessel } from '../vessels';
import { asContent, contentsOf, mainLook, mainThing, seedOf, type Draw, type Scenes } from './model';

const PANS = new Set<VesselKind>(['saucepan', 'frying-pan', 'wok']);

/** The vessel of a step on its place: the hob where it stands there, else the counter. */
export function placed(
  pen: Pen,
  stage: Stage,
  x: number,
  more: { within?: string; boil?: 0 | 1 | 2; contents?: readonly Content[]; heat?: number; kind?: VesselKind } = {},
) {
  const kind = more.kind ?? stage.vessel?.kind ?? 'bowl';
  const lit = more.heat ?? (stage.vessel?.onHob ? 2 : 0);
  const onHob = more.heat !== undefined || (stage.vessel?.onHob ?? false);
  const foot = onHob && PANS.has(kind) ? HOB_TOP : stage.mat ? COUNTER - 6 : COUNTER;
  const v = vessel(pen, kind, x, foot, {
    contents: more.contents ?? stage.vessel?.contents ?? [],
    boil: more.boil ?? 0,
    within: more.within ?? '',
    seed: seedOf(stage),
  });
  const ground =
    foot === HOB_TOP ? hob(x, lit, Math.min(46, sectionOf(kind).base)) : counter() + (stage.mat ? mat(x, sectionOf(kind).base + 16) : '');
  return { ...v, kind, foot, onHob: foot === HOB_TOP, ground, section: sectionOf(kind), hot: onHob || (stage.vessel?.hot ?? false) };
}
type Placed = ReturnType<typeof placed>;

/** The other hand steadies it: a pan by its handle, a bowl at its rim; with a mitt where it is hot and has no handle. */
export function steady(pen: Pen, v: Placed, x: number, stage: Stage): { back: string; front: string } {
  if (stage.oneHand) return { back: '', front: '' };
  const hot = v.hot && v.section.handle !== 'side';
  if (v.section.handle === 'side')
    return hand(pen, 'fist', [x - v.section.rim - 32, v.top + 13], { arm: [-20, v.top - 6], side: 'left', turn: 90 });
  if (v.section.height < 14) return hand(pen, 'rim', [x - v.section.rim - 2, v.top - 8], { arm: [-26, v.top - 40], side: 'left' });
  return hand(pen, hot ? 'mitt' : 'rim', [x - v.section.rim - 2, v.top + (hot ? 10 : 2)], { arm: [-26, v.top - 26], side: 'left' });
}

const STIRRED = new Set(['spoon', 'wooden-spoon', 'whisk', 'spatula', 'fork', 'turner', 'ladle', 'slotted-spoon', 'teaspoon']);
const SWAY = [
  [0, -20, 0, -4],
  [0.25, 12, -4, 3],
  [0.5, -20, 0, -4],
  [0.75, 12, -4, 3],
  [1, -20, 0, -4],
] as const;

/** A tool goes round in what is there. */
const stir: Draw = (pen, stage) => {
  const beats = stage.form === 'whisk' || stage.form === 'whip';
  const tool = beats
    ? stage.tool === 'fork'
      ? 'fork'
      : 'whisk'
    : stage.form === 'fluff'
      ? 'fork'
      : stage.form === 'fold' || stage.form === 'well'
        ? (stage.tool ?? 'spatula')
        : stage.tool && STIRRED.has(stage.tool)
          ? stage.tool
          : 'wooden-spoon';
  const x = 112;
  const contents = whatIsStirred(stage);
  const depth = stage.vessel && stage.vessel.kind === 'plate' ? 8 : 12;
  const probe = placed(pen, stage, x, { contents });
  const rh = held(pen, tool, [x + 10, probe.foot - depth], 23, [262, -16]);
  const fat = tool === 'wooden-spoon' || tool === 'spoon' || tool === 'whisk' || tool === 'fork' || tool === 'teaspoon';
  const v = placed(pen, stage, x, { contents, within: pen.move(SWAY, rh.tool) });
  const lh = steady(pen, v, x, stage);
  const above = pen.clip(`M-60 -60H300V${v.top}H-60z`, pen.move(SWAY, rh.tool));
  const well = stage.form === 'well' ? at(x, v.foot - 22, shape('M-18 -8Q0 22 18 -8', '#fff', 2.4)) : '';
  const foam = stage.form === 'whip' ? at(x - 22, v.foot - 20, mound(lookByName('tub'), 54)) : '';
  const way =
    stage.form === 'fold' || stage.form === 'toss' ? arrow(x - 34, v.top - 8, x - 6, v.top - 22, -16) : around(x - 20, v.top - 20, 26, 10);
  return (
    v.ground +
    lh.back +
    v.back +
    foam +
    well +
    v.front +
    lh.front +
    pen.move(SWAY, rh.back) +
    above +
    pen.move(SWAY, fat ? rh.front : rh.front) +
    way +
    (v.onHob && stage.vessel?.hot ? steam(x - 66, v.top - 6, 1) : '')
  );
};

function whatIsStirred(stage: Stage): Content[] {
  const named = stage.things.filter((t) => t.look).map(asContent);
  const there = stage.vessel?.contents ?? [];
  const all = [...there, ...named.filter((n) => !there.some((c) => c.look.name === n.look.name))];
  if (all.length === 0) return contentsOf(stage);
  if (stage.form === 'whisk' && all.length === 1 && all[0]!.look.shape === 'egg') {
    const egg = all[0]!;
    return [{ ...egg, look: { ...egg.look, shape: 'liquid', flesh: egg.look.flesh } }];
  }
  return all.map((c) => ({ ...c, mixed: true }));
}

const mash: Draw = (pen, stage) => {
  const x = 116;
  const contents = contentsOf(stage);
  const l = contents.find((c) => c.look.shape !== 'liquid')?.look ?? mainLook(stage);
  const soft: Content = { name: 'mash', look: { ...l, shape: 'cream' }, state: 'mashed', mixed: true, cooked: true };
  const shown = [soft];
  const left = (v: Placed) =>
    [0, 1, 2, 3, 4, 5]
      .map((i) =>
        at(
          x + 20 + (i % 3) * 13 * (v.section.base / 48),
          v.foot - 12 - Math.floor(i / 3) * 12,
          piece(l, ['grains', 'small'].includes(l.shape) ? 'whole' : 'dice', 14, i),
          i * 25,
        ),
      )
      .join('');
  const probe = placed(pen, stage, x);
  const rh = held(pen, stage.tool === 'fork' ? 'fork' : 'masher', [x - 8, probe.foot - 14], 8, [262, -12]);
  const down = [
    [0, 0, -26],
    [0.25, 0, 2],
    [0.5, 0, -26],
    [0.75, 0, 2],
    [1, 0, -26],
  ] as const;
  const v = placed(pen, stage, x, { contents: shown, within: left(probe) + pen.move(down, rh.tool) });
  const lh = steady(pen, v, x, stage);
  return (
    v.ground +
    lh.back +
    v.back +
    v.front +
    lh.front +
    pen.move(down, rh.back) +
    pen.clip(`M-60 -60H300V${v.top}H-60z`, pen.move(down, rh.tool)) +
    pen.move(down, rh.front) +
    arrow(x - 36, v.top - 34, x - 36, v.top - 6)
  );
};

/** The plain spoon and cup: heaped and made level, over what it comes from; so often. */
const measure: Draw = (pen, stage) => {
  const t = mainThing(stage);
  const l = t.look ?? lookByName('food');
  const m = stage.measures[0];
  if (!m || m.shape === 'jug' || (stage.reads && stage.measures.length === 0)) return jugTo(pen, stage);
  const spoon = m.shape === 'spoon';
  const total = stage.measures.reduce((n, f) => n + f.times, 0);
  const from = l.pack === 'none' || l.pack === 'tap' ? 'bag' : l.pack;
  const source = at(48, COUNTER, packBody(l, from), 0, 1.35);
  const fill = l.shape === 'egg' ? l.flesh : l.flesh;
  const liquid = l.shape === 'liquid';
  const my = spoon ? 78 : 74;
  const mx = spoon ? 128 : 132;
  const cup = dryMeasure(pen, m.label, spoon, m.size, mx, my, fill);
  const r = spoon ? 12 + 10 * m.size : 22 + 18 * Math.sqrt(m.size);
  const grip: Point = [mx + r + (spoon ? 54 : 38), my + 4];
  const rh = hand(pen, 'pinch', [grip[0], grip[1] - 2], { arm: [270, -6] });
  const lumps = l.shape === 'powder' || liquid || l.shape === 'cream' ? '' : at(mx, my - 1, heap(l, t.state, spoon ? 3 : 5, r * 1.5));
  const heaped = liquid
    ? ''
    : pen.until(
        0.35,
        area(`M${mx - r} ${my}q${r} ${-r * 1.2} ${2 * r} 0z`, fill) + line(`M${mx - r} ${my}q${r} ${-r * 1.2} ${2 * r} 0`, 1.8, l.mark),
      );
  const knife = liquid
    ? ''
    : pen.move(
        [
          [0, 46, -22],
          [0.35, r * 0.8, 0],
          [0.75, -r * 0.9, 0],
          [1, -r * 0.9, 0],
        ],
        at(mx, my - 1, box(-26, -6, 52, 6, '#c9d2d7', 3, 2)),
      );
  const count = marks(pen, stage, 200, 132);
  const unit = spoon ? pen.text(m.label, 128, 132, 30, ACTION) : pen.text('cup', mx, my + 78 > 134 ? 134 : my + 66, 16, INK, 600);
  return (
    counter() +
    source +
    (spoon ? '' : '') +
    cup +
    lumps +
    heaped +
    knife +
    rh.back +
    rh.front +
    unit +
    count +
    (total > 1 ? '' : '') +
    (liquid ? arrow(74, 34, 108, 60, -12) : arrow(mx + r + 4, my - 20, mx - r - 8, my - 20))
  );
};

/** How often: a small measure for each filling, the first crossed off. */
function marks(pen: Pen, stage: Stage, x: number, y: number): string {
  const all = stage.measures.flatMap((m) => Array.from({ length: m.times }, () => m));
  if (all.length < 2) return '';
  const shown = all.slice(0, 10);
  const per = Math.min(5, shown.length);
  const s = shown.length > 5 ? 12 : 15;
  return shown
    .map((m, i) => {
      const cx = x + 34 - (per - 1 - (i % per)) * (s + 5);
      const cy = y - 12 + Math.floor(i / per) * (s + 6) - (shown.length > 5 ? 10 : 0);
      const k = 0.6 + 0.4 * m.size;
      const one =
        m.shape === 'spoon'
          ? shape(
              `M${cx - s * 0.45 * k} ${cy}q0 ${s * 0.8 * k} ${s * 0.45 * k} ${s * 0.8 * k}t${s * 0.45 * k} ${-s * 0.8 * k}z`,
              '#e3ecf0',
              1.8,
            )
          : shape(`M${cx - s * 0.45 * k} ${cy - s * 0.1}h${s * 0.9 * k}l-2 ${s * 0.8 * k}h${-s * 0.9 * k + 4}z`, '#e3ecf0', 1.8);
      return one + (i === 0 ? line(`M${cx - 8} ${cy - 5}L${cx + 8} ${cy + 13}`, 3, ACTION) : '');
    })
    .join('');
}

/** A jug with the line that is wanted. */
function jugTo(pen: Pen, stage: Stage): string {
  const l = mainLook(stage);
  const pour = hand(pen, 'wrap', [186, 52], { arm: [262, 30], turn: -30 });
  const y = 92;
  const jug = vessel(pen, 'jug', 92, COUNTER, {
    contents: [{ name: l.name, look: { ...l, shape: 'liquid' }, state: 'whole', mixed: false, cooked: false }],
    level: 0.62,
  });
  const ticks = line('M112 126h12M112 110h12M112 76h12', 2, '#5f7078');
  const label = pen.text(stage.reads ?? stage.measures[0]?.label.replace(/\s*jug\s*/i, '') ?? '', 176, 128, 28, ACTION);
  const tap = l.pack === 'tap';
  const body = tap
    ? ''
    : pen.move(
        [
          [0, 14, 0, 40],
          [0.3, 0, 0, 0],
          [0.8, 0, 0, 0],
          [1, 14, 0, 40],
        ],
        pour.back + at(166, 66, at(0, 26, packBody(l, l.pack === 'none' ? 'carton' : l.pack)), -62) + pour.front,
        [186, 52],
      );
  const from = tap
    ? shape('M84 22V12Q84 6 90 6H150V-6H82Q70 -4 70 8V22z', '#aab6bc') + stream(77, 24, y)
    : pen.from(0.25, line(`M124 56Q104 60 102 ${y}`, 9, l.mark) + line(`M124 56Q104 60 102 ${y}`, 6, l.flesh));
  return (
    counter() +
    jug.back +
    from +
    jug.front +
    ticks +
    line(`M60 ${y}H128`, 4, ACTION) +
    shape(`M128 ${y}l12 -8v16z`, ACTION, 1) +
    body +
    label
  );
}

const scale: Draw = (pen, stage) => {
  const t = mainThing(stage);
  const l = t.look ?? lookByName('food');
  const bowl = vessel(pen, 'small-bowl', 96, 104, { contents: [asContent(t)], level: 0.6 });
  const loose = ['powder', 'liquid', 'grains', 'cream', 'strands', 'tubes', 'small'].includes(l.shape);
  const rh = loose ? hand(pen, 'wrap', [176, 40], { arm: [262, 24], turn: -30 }) : hand(pen, 'pinch', [120, 56], { arm: [250, -30] });
  const pack = l.pack === 'none' ? 'bag' : l.pack;
  const moving = loose
    ? pen.move(
        [
          [0, 10, -4, 30],
          [0.3, 0, 0, 0],
          [0.9, 0, 0, 0],
          [1, 10, -4, 30],
        ],
        rh.back + at(158, 52, at(0, 26, packBody(l, pack)), -64) + rh.front,
        [176, 40],
      )
    : pen.move(
        [
          [0, 0, -22],
          [0.6, 0, 8],
          [1, 0, -22],
        ],
        rh.back + at(114, 58, whole(l, 34)) + rh.front,
      );
  const falling = loose ? pen.from(0.3, line('M120 46Q104 52 102 78', 9, l.mark) + line('M120 46Q104 52 102 78', 6, l.flesh)) : '';
  const display = lcd(pen, 56, 121, 80, 24, '', 24);
  return (
    counter() +
    shape('M40 112H152L160 150H32z', '#c9d0d4') +
    box(44, 104, 104, 9, '#e8eef1', 3) +
    display +
    pen.show(
      [
        [0, 1],
        [0.3, 0],
      ],
      pen.text('0', 96, 141, 22),
    ) +
    pen.from(0.3, pen.text(stage.reads ?? '', 96, 141, 22, ACTION)) +
    bowl.back +
    falling +
    bowl.front +
    moving
  );
};

/** From a board, a bowl, a packet or the hand into the vessel, close above it. */
const put: Draw = (pen, stage) => {
  const all = stage.things.filter((t) => t.look);
  const t = all[0] ?? mainThing(stage);
  const l = t.look ?? lookByName('food');
  if (stage.things.length > 0 && (l.shape === 'liquid' || (l.shape === 'powder' && all.length === 1))) return tipIn(pen, stage, t.state);
  const kind = stage.vessel?.kind ?? 'bowl';
  const x = kind === 'plate' || kind === 'tray' ? 96 : 88;
  const v = placed(pen, stage, x, { contents: stage.vessel?.contents ?? [], kind });
  const lh = steady(pen, v, x, stage);
  const big = t.state === 'whole' && !['grains', 'small', 'tubes', 'strands', 'sprig', 'leaf', 'cream'].includes(l.shape);
  if (big || kind === 'tray' || kind === 'plate') {
    const rh = hand(pen, 'pinch', [x + 22, v.top - 8], { arm: [262, -26] });
    const held_ =
      t.state === 'whole' || t.state === 'peeled'
        ? at(x + 16, v.top - 6, whole(t.state === 'peeled' ? { ...l, skin: l.flesh } : l, 36))
        : at(x + 16, v.top - 2, piece(l, t.state, 26));
    return (
      v.ground +
      lh.back +
      v.back +
      v.front +
      lh.front +
      pen.move(
        [
          [0, 24, -26],
          [0.6, 0, 0],
          [0.8, 0, 6],
          [1, 24, -26],
        ],
        rh.back + held_ + rh.front,
      ) +
      arrow(x - 30, v.top - 46, x - 30, v.top - 16)
    );
  }
  return tipIn(pen, stage, t.state);
};

/** The near end of a bowl, a board or a pack is lowered to the rim and what is in it runs or slides in. */
function tipIn(pen: Pen, stage: Stage, state: Content['state']): string {
  const all = stage.things.filter((t) => t.look).slice(0, 3);
  const t = all[0] ?? mainThing(stage);
  const l = t.look ?? lookByName('food');
  const runs = l.shape === 'liquid' || l.shape === 'cream';
  const cut = !['whole', 'peeled'].includes(state);
  const x = 84;
  const v = placed(pen, stage, x, { contents: stage.vessel?.contents ?? [] });
  const lh = steady(pen, v, x, stage);
  const lip: Point = [x + 26, v.top - 12];
  const falling = runs
    ? runOf(l, lip, v.foot - 5, 7)
    : l.shape === 'powder'
      ? area(`M${lip[0] - 4} ${lip[1] + 3}L${lip[0] - 22} ${v.foot - 18}h20L${lip[0] + 6} ${lip[1] + 4}z`, l.flesh) +
        line(
          `M${lip[0] - 4} ${lip[1] + 3}L${lip[0] - 22} ${v.foot - 18}M${lip[0] + 6} ${lip[1] + 4}L${lip[0] - 2} ${v.foot - 18}`,
          1.6,
          l.mark,
        )
      : [0, 1, 2, 3, 4]
          .map((i) =>
            at(
              lip[0] - 8 - (i % 3) * 9,
              lip[1] + 6 + i * 9,
              piece(all[i % all.length || 0]?.look ?? l, all[i % all.length || 0]?.state ?? state, 15, i),
              i * 40,
            ),
          )
          .join('');
  const rh = hand(pen, 'wrap', [lip[0] + 62, lip[1] - 22], { arm: [264, lip[1] - 30], turn: -16 });
  const carrier = cut
    ? at(
        lip[0] + 2,
        lip[1],
        box(0, -6, 96, 9, '#d3e3df', 4) +
          [12, 30, 48, 20, 38]
            .map((bx, i) =>
              at(
                bx,
                -13 - (i > 2 ? 9 : 0),
                piece(all[i % (all.length || 1)]?.look ?? l, all[i % (all.length || 1)]?.state ?? state, 16, i),
              ),
            )
            .join(''),
        -22,
      )
    : tilted(
        smallBowl(
          pen,
          l,
          all.map((a) => asContent(a)),
        ),
        [-35, -16],
        [lip[0], lip[1] - 1],
        -52,
      );
  return (
    v.ground +
    lh.back +
    v.back +
    pen.from(0.3, falling) +
    v.front +
    lh.front +
    pen.move(
      [
        [0, 16, -10, 24],
        [0.35, 0, 0, 0],
        [0.85, 0, 0, 0],
        [1, 16, -10, 24],
      ],
      rh.back + carrier + rh.front,
      [lip[0] + 62, lip[1] - 22],
    ) +
    arrow(lip[0] + 30, lip[1] - 50 < 12 ? 12 : lip[1] - 50, lip[0] - 14, lip[1] - 22 < 22 ? 24 : lip[1] - 22, -10) +
    (v.onHob && stage.vessel?.hot ? steam(x - 60, v.top - 4, 1) : '')
  );
}

/** What runs from a lip straight down, and the pool that it makes. */
function runOf(l: ReturnType<typeof mainLook>, [x, y]: Point, foot: number, w: number): string {
  const d = `M${x + 2} ${y - 3}q-8 2 -9 12V${foot - 2}`;
  const pool = `M${x - 40} ${foot}q4 -7 20 -7h22q14 0 18 7z`;
  return (
    area(pool, l.flesh) + line(`M${x - 40} ${foot}q4 -7 20 -7h22q14 0 18 7`, 1.8, l.mark) + line(d, w + 2.6, l.mark) + line(d, w, l.flesh)
  );
}

/** Something turned so that its mouth is just over a lip: what it pours starts there. */
function tilted(inner: string, [mx, my]: Point, [x, y]: Point, turn: number): string {
  const a = (turn * Math.PI) / 180;
  return at(x - (mx * Math.cos(a) - my * Math.sin(a)), y - (mx * Math.sin(a) + my * Math.cos(a)), inner, turn);
}
/** Where a pack that stands on 0,28 is poured from. */
const mouthOf = (pack: string): Point =>
  pack === 'tin' || pack === 'tub'
    ? [-20, pack === 'tin' ? -24 : -2]
    : pack === 'jar'
      ? [-14, -20]
      : pack === 'bottle'
        ? [-5, -33]
        : [-14, -28];

const smallBowl = (pen: Pen, l: ReturnType<typeof mainLook>, contents: Content[]) => {
  const v = vessel(pen, 'small-bowl', 0, 17, {
    contents: contents.length > 0 ? contents : [{ name: l.name, look: l, state: 'whole', mixed: false, cooked: false }],
    level: 0.5,
  });
  return v.back + v.front;
};

const pour: Draw = (pen, stage) => {
  const t = mainThing(stage);
  const l = t.look ?? lookByName('water');
  const x = 84;
  const fromVessel =
    stage.source ??
    (stage.things.length === 0 && stage.vessel === null
      ? { kind: 'jug' as const, contents: [], lid: false, hot: false, onHob: false }
      : null);
  const v = placed(pen, stage, x, { contents: stage.vessel?.contents ?? [] });
  const lh = steady(pen, v, x, stage);
  const look = stage.source?.contents[0]?.look ?? l;
  const drizzle = stage.form === 'drizzle';
  const lip: Point = [x + 24, v.top - 14];
  const w = drizzle ? 3 : 8;
  const run = runOf(look, lip, v.foot - 5, w);
  const rh = hand(pen, 'wrap', [lip[0] + 66, lip[1] - 10], { arm: [264, lip[1] - 20], turn: -24 });
  const pack = l.pack !== 'none' && l.pack !== 'tap' && !fromVessel;
  const carrier = pack
    ? tilted(at(0, 28, packBody(l, l.pack)), mouthOf(l.pack), [lip[0], lip[1] - 1], -66)
    : tilted(pourer(pen, fromVessel, look), [-22, -24], [lip[0], lip[1] - 1], -58);
  return (
    v.ground +
    lh.back +
    v.back +
    pen.from(0.3, run) +
    v.front +
    lh.front +
    pen.move(
      [
        [0, 14, -6, 34],
        [0.35, 0, 0, 0],
        [0.85, drizzle ? -24 : 0, 0, 0],
        [1, 14, -6, 34],
      ],
      rh.back + carrier + rh.front,
      [lip[0] + 66, lip[1] - 10],
    ) +
    (drizzle ? toAndFro(x - 40, v.top - 22, x, v.top - 22) : '') +
    (stage.hazards.includes('hot') || (look.name === 'water' && /boiling|hot/i.test(stage.words)) ? steam(x - 36, v.top - 2, 2) : '')
  );
};

function pourer(pen: Pen, from: StageVessel | null, l: ReturnType<typeof mainLook>): string {
  const kind: VesselKind =
    from && sectionOf(from.kind).height > 20
      ? from.kind === 'jug'
        ? 'jug'
        : from.kind === 'saucepan' || from.kind === 'large-bowl' || from.kind === 'bowl'
          ? 'small-bowl'
          : 'glass'
      : 'glass';
  const v = vessel(pen, kind, 0, kind === 'jug' ? 36 : 25, {
    contents:
      from && from.contents.length > 0
        ? from.contents
        : [{ name: l.name, look: { ...l, shape: 'liquid' }, state: 'whole', mixed: false, cooked: false }],
    level: 0.6,
  });
  return v.back + v.front;
}

/** With a spoon or a ladle from one place to another. */
const spoon: Draw = (pen, stage) => {
  const t = mainThing(stage);
  const content = stage.things[0]?.look ? asContent(t) : (stage.source?.contents[0] ?? stage.vessel?.contents[0] ?? asContent(t));
  const tool =
    stage.form === 'ladle'
      ? 'ladle'
      : stage.form === 'scrape'
        ? 'spatula'
        : stage.tool && hasHeld(stage.tool) && stage.tool !== 'knife'
          ? stage.tool
          : 'spoon';
  const from =
    stage.source ?? (stage.form === 'out' ? null : { kind: 'bowl' as const, contents: [content], lid: false, hot: false, onHob: false });
  const to = stage.vessel ?? { kind: 'bowl' as const, contents: [], lid: false, hot: false, onHob: false };
  const small = (k: VesselKind): VesselKind =>
    k === 'large-bowl' || k === 'saucepan' || k === 'bowl' || k === 'cooker'
      ? 'bowl'
      : k === 'frying-pan' || k === 'wok'
        ? 'frying-pan'
        : k;
  const out = stage.form === 'out' || stage.form === 'fill';
  const fitted = (kind: VesselKind, x: number, contents: readonly Content[]) => {
    const k = small(kind) === 'frying-pan' ? 'tin' : small(kind);
    const v = vessel(pen, k, 0, 0, { contents, seed: seedOf(stage) });
    return at(x, COUNTER, v.back + v.front, 0, Math.min(1, 52 / (sectionOf(k).rim + 2)));
  };
  const a = from && !out ? fitted(from.kind, 60, from.contents.length > 0 ? from.contents : [content]) : '';
  const b = out ? '' : fitted(to.kind, 180, to.contents);
  const shell = out
    ? at(104, 104, stage.form === 'fill' ? whole(stage.onto?.look ?? lookByName('bell-pepper'), 74) : mound(content.look, 90))
    : '';
  const x = out ? 112 : 150;
  const y = out ? 86 : 74;
  const rh = held(pen, tool, [x, y], tool === 'ladle' ? 18 : 46, [262, -10]);
  const load = at(
    x + (tool === 'ladle' ? 0 : 4),
    y - 14,
    content.look.shape === 'liquid' || content.look.shape === 'cream' || content.look.shape === 'powder'
      ? mound({ ...content.look, shape: 'cream' }, 24)
      : heap(content.look, content.state, 3, 24),
  );
  const way = out
    ? ([
        [0, 0, 4],
        [0.5, 6, -14],
        [1, 0, 4],
      ] as const)
    : ([
        [0, -86, 30],
        [0.3, -84, -14],
        [0.7, 0, 0, -8],
        [0.85, 10, 6, 26],
        [1, -86, 30],
      ] as const);
  return (
    counter() +
    a +
    b +
    shell +
    pen.move(way, rh.back + rh.tool + load + rh.front) +
    (out ? arrow(70, 50, 96, 72, -8) : arrow(72, 56, 128, 46, -18))
  );
};

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
  const sway = [
    [0, -22, 0],
    [0.25, 16, 0],
    [0.5, -22, 0],
    [0.75, 16, 0],
    [1, -22, 0],
  ] as const;
  const two = all[1]?.look ? at(214, COUNTER - 2, packed(all[1].look), 0, 0.7) : '';
  const flour = surface
    ? Array.from({ length: 16 }, (_, i) => circle(40 + ((i * 37) % 160), COUNTER + 4 + (i % 3) * 5, 2, '#fff', 1, l.mark)).join('')
    : '';
  return (
    (v ? v.ground + lh.back + v.back + v.front + lh.front : counter() + flour) +
    two +
    pen.move(sway, grains) +
    pen.move(sway, shaker ? shaker.back + at(x + 10, y - 18, at(0, 20, packBody(l)), 160) + shaker.front : rh.back + tool + rh.front) +
    toAndFro(x - 56, 18, x - 8, 18)
  );
};

/** Through a sieve over the sink; hot pans with gloves, pouring away from the body. */
const drain: Draw = (pen, stage) => {
  const t = mainThing(stage);
  const l = t.look ?? lookByName('food');
  const hot = stage.form === 'hot' || stage.hazards.includes('hot');
  const inside: Content = { name: t.name, look: l, state: t.state, mixed: false, cooked: false };
  if (stage.form === 'squeeze') {
    const lh = hand(pen, 'fist', [92, 62], { arm: [-20, 50], side: 'left', turn: 90 });
    const rh = hand(pen, 'fist', [148, 62], { arm: [262, 50], turn: 90 });
    return (
      sink(196) +
      pen.from(0.3, [104, 120, 136].map((x) => line(`M${x} 84v34`, 5, '#5fa8cc')).join('')) +
      lh.back +
      rh.back +
      at(120, 64, shape('M-34 -10Q0 -24 34 -10Q40 8 30 14Q0 24 -30 14Q-40 8 -34 -10z', l.flesh)) +
      pen.move(
        [
          [0, 0, 0],
          [0.5, 6, 0, 10],
          [1, 0, 0],
        ],
        lh.front,
      ) +
      pen.move(
        [
          [0, 0, 0],
          [0.5, -6, 0, -10],
          [1, 0, 0],
        ],
        rh.front,
      )
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
    pen.move(
      [
        [0, 16, -6, 30],
        [0.35, 0, 0, 0],
        [0.85, 0, 0, 0],
        [1, 16, -6, 30],
      ],
      rh.back + pourer_ + rh.front,
      [176, 44],
    ) +
    (hot ? steam(66, 58, 2) + (second ? '' : '') : '')
  );
};

const lidScene: Draw = (pen, stage) => {
  const off = stage.form === 'off';
  const x = 108;
  const contents = stage.vessel?.contents.length ? stage.vessel.contents : contentsOf(stage);
  const v = placed(pen, stage, x, { contents, kind: stage.vessel?.kind ?? 'bowl' });
  const cover = /foil/i.test(stage.words)
    ? shape(`M${x - v.section.rim - 6} ${v.top + 4}l6 -12 10 3 14 -6 16 5 18 -5 18 6 16 -4 10 4 8 -2 8 11z`, '#d8dee2')
    : /cling|film|wrap/i.test(stage.words)
      ? shape(`M${x - v.section.rim - 6} ${v.top + 8}q0 -12 10 -12h${2 * v.section.rim - 8}q10 0 10 12`, '#d9edf5b0')
      : /cloth|towel/i.test(stage.words)
        ? shape(
            `M${x - v.section.rim - 10} ${v.top + 22}V${v.top - 4}q${v.section.rim} -10 ${2 * v.section.rim + 20} 0V${v.top + 22}q-12 -6 -22 -14h${-2 * v.section.rim + 24}q-10 8 -22 14z`,
            '#c9dfe6',
          )
        : /plate/i.test(stage.words)
          ? shape(`M${x - 62} ${v.top - 2}q10 -10 34 -10h56q24 0 34 10z`, '#f6f8f9')
          : lid(v.kind, x, v.top + 2);
  const hot = stage.vessel?.hot || stage.vessel?.onHob;
  const knob: Point = [x, v.top - 24];
  // a lid comes off away from the face: its far edge rises first
  const rh = hand(pen, hot && off ? 'mitt' : 'pinch', hot && off ? [x + 12, v.top - 22] : knob, {
    arm: [262, v.top - 70 < -30 ? -30 : v.top - 70],
  });
  const way = off
    ? ([
        [0, 0, 0],
        [0.6, -14, -18, -16],
        [0.8, -14, -18, -16],
        [1, 0, 0],
      ] as const)
    : ([
        [0, 10, -40],
        [0.6, 0, -7],
        [0.8, 0, 0],
        [1, 10, -40],
      ] as const);
  return (
    v.ground +
    v.back +
    v.front +
    pen.move(way, (hot && off ? '' : rh.back) + cover + (hot && off ? rh.back : '') + rh.front, [x + 40, v.top]) +
    (hot ? steam(x - 74, v.top - 4, off ? 2 : 1) : '') +
    (off ? arrow(214, 100, 214, 66) : arrow(36, 20, 36, 52))
  );
};

/** It lies in water or sauce, and the time runs. */
const soak: Draw = (pen, stage) => {
  const sauce = stage.form === 'sauce';
  const t = mainThing(stage);
  const l = t.look ?? lookByName('food');
  const liquid: Content = {
    name: 'liquid',
    look: sauce ? { ...lookByName('soup') } : lookByName('water'),
    state: 'whole',
    mixed: false,
    cooked: false,
  };
  const x = 84;
  const v = placed(pen, stage, x, {
    contents: [liquid, ...(l.shape === 'liquid' ? [] : [asContent(t)])],
    kind: stage.vessel && sectionOf(stage.vessel.kind).height > 20 ? stage.vessel.kind : 'bowl',
  });
  const rh = hand(pen, 'pinch', [x + 18, v.top - 4], { arm: [262, -30] });
  return (
    v.ground +
    v.back +
    v.front +
    pen.move(
      [
        [0, 0, -24],
        [0.5, 0, 0],
        [1, 0, -24],
      ],
      rh.back +
        (['grains', 'powder', 'liquid', 'cream'].includes(l.shape)
          ? ''
          : at(x + 12, v.top, piece(l, t.state === 'whole' ? 'torn' : t.state, 24))) +
        rh.front,
    ) +
    disc(pen, 202, 104, 32, stage.minutes ?? 30)
  );
};

const dip: Draw = (pen, stage) => {
  const t = mainThing(stage);
  const l = t.look ?? lookByName('food');
  const x = 104;
  const contents = stage.vessel?.contents.length
    ? stage.vessel.contents
    : [{ name: 'batter', look: lookByName('batter'), state: 'mashed' as const, mixed: true, cooked: false }];
  const v = placed(pen, stage, x, {
    contents,
    kind: stage.vessel && sectionOf(stage.vessel.kind).height > 20 ? stage.vessel.kind : 'small-bowl',
  });
  const rh = hand(pen, 'pinch', [x + 14, v.top - 12], { arm: [262, -40] });
  const lh = steady(pen, v, x, stage);
  return (
    v.ground +
    lh.back +
    v.back +
    v.front +
    lh.front +
    pen.move(
      [
        [0, 0, -26],
        [0.4, 0, 8],
        [0.7, 0, -4],
        [1, 0, -26],
      ],
      rh.back + at(x + 6, v.top - 4, t.state === 'whole' ? whole(l, 34) : piece(l, t.state, 28)) + rh.front,
    ) +
    arrow(x - 42, v.top - 44, x - 42, v.top - 14)
  );
};

export const VESSEL: Scenes = { stir, mash, measure, scale, put, pour, spoon, sprinkle, drain, lid: lidScene, soak, dip };
