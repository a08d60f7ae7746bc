// From one thing into another: pouring, tipping, spooning.
import { lookByName, type Content, type Stage, type StageVessel, type VesselKind } from '$core';
import { boat, whole, heap, mound, piece } from '../pieces';
import { hand } from '../hands';
import { counter, COUNTER, steam } from '../kitchen';
import { packBody } from '../packs';
import { area, at, box, circle, line, type Pen, type Point } from '../pen';
import { arrow, toAndFro } from '../signs';
import { held, toolFor } from '../tools';
import { sectionOf, vessel } from '../vessels';
import { gloved, lying, asContent, mainLook, mainThing, seedOf, type Draw, type Scenes } from './model';
import { fill } from './coat';
import { threads } from './falling';
import { inPlace, placed, steady } from './placed';

/** From a board, a bowl, a packet or the hand into the vessel, close above it. */
const put: Draw = (pen, stage) => {
  // into a skin it goes with a spoon
  if (stage.onto?.state === 'shell') return spoon(pen, stage);
  const all = stage.things.filter((t) => t.look);
  const t = all[0] ?? mainThing(stage);
  const l = t.look ?? lookByName('food');
  if (stage.things.length > 0 && (l.shape === 'liquid' || (l.shape === 'powder' && all.length === 1))) return tipIn(pen, stage, t.state);
  const kind = stage.vessel?.kind ?? 'bowl';
  const x = kind === 'plate' || kind === 'tray' || kind === 'board' ? 96 : 88;
  const v = placed(pen, stage, x, { contents: stage.vessel?.contents ?? [], kind });
  const lh = steady(pen, v, x, stage);
  const big = t.state === 'whole' && !['grains', 'small', 'tubes', 'strands', 'sprig', 'leaf', 'cream'].includes(l.shape);
  // tipped out, and not laid piece by piece
  const isTipped = /^(?:tip|pour|turn|empty|scrape)\b/i.test(stage.words);
  if (!isTipped && (big || kind === 'tray' || kind === 'plate' || kind === 'board')) {
    const rh = hand(pen, 'pinch', [x + 22, v.top - 8], { arm: [262, -26] });
    const held_ =
      t.state === 'whole' || t.state === 'peeled'
        ? at(x + 16, v.top - 6, whole(t.state === 'peeled' ? { ...l, skin: l.flesh } : l, 36))
        : at(x + 16, v.top - 2, piece(l, t.state, 26));
    return (
      inPlace(v, lh) +
      pen.move('0 24 -26, 0.6 0 0, 0.8 0 6, 1 24 -26', rh.back + held_ + rh.front) +
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
      ? dustOf(l, lip, v.foot - 8)
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
  const carrier =
    stage.source && stage.source.kind !== 'board'
      ? tilted(
          at(0, 17, sourceOf(pen, stage.source), 0, 0.72),
          [-sectionOf(stage.source.kind).rim * 0.72, 17 - sectionOf(stage.source.kind).height * 0.72],
          [lip[0], lip[1] - 1],
          -52,
        )
      : cut
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
    pen.move('0 16 -10 24, 0.35 0 0 0, 0.85 0 0 0, 1 16 -10 24', rh.back + carrier + rh.front, [lip[0] + 62, lip[1] - 22]) +
    arrow(lip[0] + 30, lip[1] - 50 < 12 ? 12 : lip[1] - 50, lip[0] - 14, lip[1] - 22 < 22 ? 24 : lip[1] - 22, -10) +
    (v.onHob && stage.vessel?.hot ? steam(x - 60, v.top - 4, 1) : '')
  );
}

/** What trickles from a lip, and the little heap that it makes. */
function dustOf(l: ReturnType<typeof mainLook>, [x, y]: Point, foot: number): string {
  const specks = Array.from({ length: 16 }, (_, i) => {
    const down = i / 16;
    return circle(x - 6 - 10 * down + (((i * 7) % 9) - 4) * (0.5 + down), y + 6 + (foot - y - 18) * down, 2.2, l.flesh, 1.2, l.mark);
  }).join('');
  return at(x - 18, foot - 8, mound(l, 40)) + specks;
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

const sourceOf = (pen: Pen, { kind, contents }: StageVessel) => {
  const v = vessel(pen, kind, 0, 0, { contents });
  return v.back + v.front;
};

const smallBowl = (pen: Pen, l: ReturnType<typeof mainLook>, contents: Content[]) => {
  const v = vessel(pen, 'small-bowl', 0, 17, {
    contents: contents.length > 0 ? contents : [lying(l.name, l)],
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
  if (drizzle && !fromVessel && (l.shape === 'cream' || l.pack === 'none' || stage.tool === 'spoon')) return threads(pen, stage, l);
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
    contents: from && from.contents.length > 0 ? from.contents : [lying(l.name, { ...l, shape: 'liquid' })],
    level: 0.6,
  });
  return v.back + v.front;
}

/** The inside comes out of its skin and into a bowl; the skin stays whole. */
function scoopOut(pen: Pen, stage: Stage, rh: ReturnType<typeof held>): string {
  const l = mainLook(stage);
  const bowl = vessel(pen, 'bowl', 0, 0, { contents: [lying(l.name, l, 'mashed')], level: 0.3, seed: seedOf(stage) });
  const lh = hand(pen, gloved(stage, 'rim'), [36, 96], { arm: [-20, 60], side: 'left' });
  return (
    counter() +
    lh.back +
    at(84, 112, boat(l, 92, false)) +
    lh.front +
    at(192, COUNTER, bowl.back + bowl.front, 0, 0.72) +
    pen.move(
      '0 0 0, 0.25 -6 6 -8, 0.6 92 -8 0, 0.8 92 0 26, 1 0 0',
      rh.back + rh.tool + at(98, 76, mound({ ...l, shape: 'cream' }, 22)) + rh.front,
    ) +
    arrow(112, 40, 172, 52, -16)
  );
}

/** With a spoon or a ladle from one place to another. */
const spoon: Draw = (pen, stage) => {
  const t = mainThing(stage);
  const content = stage.things[0]?.look ? asContent(t) : (stage.source?.contents[0] ?? stage.vessel?.contents[0] ?? asContent(t));
  const tool = stage.form === 'ladle' ? 'ladle' : stage.form === 'scrape' ? 'spatula' : toolFor(stage.tool, 'lifts', 'spoon');
  const from =
    stage.source ?? (stage.form === 'out' ? null : { kind: 'bowl' as const, contents: [content], lid: false, hot: false, onHob: false });
  const to = stage.vessel ?? { kind: 'bowl' as const, contents: [], lid: false, hot: false, onHob: false };
  const small = (k: VesselKind): VesselKind =>
    k === 'large-bowl' || k === 'saucepan' || k === 'bowl' || k === 'cooker'
      ? 'bowl'
      : k === 'frying-pan' || k === 'wok'
        ? 'frying-pan'
        : k;
  if (stage.form === 'fill' && stage.onto) return fill(pen, stage, stage.onto);
  const hollow = stage.onto?.state === 'shell' ? stage.onto.look : null;
  if (stage.form === 'out' && stage.vessel) return scoopOut(pen, stage, held(pen, tool, [96, 88], 46, [262, -10]));
  const out = stage.form === 'out';
  const fitted = (kind: VesselKind, x: number, contents: readonly Content[]) => {
    const k = small(kind) === 'frying-pan' ? 'tin' : small(kind);
    const v = vessel(pen, k, 0, 0, { contents, seed: seedOf(stage) });
    return at(x, COUNTER, v.back + v.front, 0, Math.min(1, 52 / (sectionOf(k).rim + 2)));
  };
  const a = from && !out ? fitted(from.kind, 60, from.contents.length > 0 ? from.contents : [content]) : '';
  const b = out ? '' : hollow ? at(182, 116, boat(hollow, 84, false)) : fitted(to.kind, 180, to.contents);
  const shell = out ? at(104, 104, mound(content.look, 90)) : '';
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
  const way = out ? '0 0 4, 0.5 6 -14, 1 0 4' : '0 -86 30, 0.3 -84 -14, 0.7 0 0 -8, 0.85 10 6 26, 1 -86 30';
  return (
    counter() +
    a +
    b +
    shell +
    pen.move(way, rh.back + rh.tool + load + rh.front) +
    (out ? arrow(70, 50, 96, 72, -8) : arrow(72, 56, 128, 46, -18))
  );
};

export const INTO: Scenes = { put, pour, spoon };
