// Vessels in cut-away, with what is in them: see docs/pictures.md.
import type { Content, VesselKind } from '$core';
import { mound, piece } from './pieces';
import { area, at, circle, INK, line, scatter, shape, type Pen } from './pen';

/** Half widths at rim and base, height, wall colour, whether the side is curved. */
type Section = {
  rim: number;
  base: number;
  height: number;
  wall: string;
  curved?: boolean;
  glass?: boolean;
  handle?: 'side' | 'ear' | 'two';
};

const SECTIONS = {
  bowl: { rim: 54, base: 26, height: 50, wall: '#7f9fb0', curved: true },
  'large-bowl': { rim: 62, base: 30, height: 60, wall: '#7f9fb0', curved: true },
  'small-bowl': { rim: 36, base: 18, height: 34, wall: '#8aa6a0', curved: true },
  saucepan: { rim: 50, base: 48, height: 56, wall: '#5f7078', handle: 'side' },
  'frying-pan': { rim: 58, base: 50, height: 26, wall: '#4a555c', handle: 'side' },
  wok: { rim: 62, base: 22, height: 40, wall: '#4a555c', curved: true, handle: 'side' },
  jug: { rim: 34, base: 30, height: 74, wall: '#a9c3cf', glass: true, handle: 'ear' },
  glass: { rim: 22, base: 18, height: 50, wall: '#a9c3cf', glass: true },
  cup: { rim: 24, base: 20, height: 38, wall: '#b5665a', handle: 'ear' },
  jar: { rim: 24, base: 28, height: 54, wall: '#a9c3cf', glass: true },
  dish: { rim: 66, base: 60, height: 34, wall: '#b5806a', handle: 'two' },
  tin: { rim: 60, base: 56, height: 28, wall: '#7a858c' },
  tray: { rim: 78, base: 74, height: 11, wall: '#7a858c' },
  board: { rim: 80, base: 78, height: 9, wall: '#a9c9c1' },
  plate: { rim: 62, base: 34, height: 11, wall: '#8fa3ad' },
  'storage-box': { rim: 54, base: 48, height: 40, wall: '#8fb5c5', glass: true },
  bag: { rim: 50, base: 44, height: 68, wall: '#cfe0ea', curved: true, glass: true },
  cooker: { rim: 58, base: 56, height: 62, wall: '#5f7078', handle: 'two' },
  sieve: { rim: 44, base: 20, height: 36, wall: '#6f7f88', curved: true },
} satisfies Record<VesselKind, Section>;

export const sectionOf = (kind: VesselKind): Section => SECTIONS[kind];

const outline = ({ rim, base, height, curved }: Section, x: number, foot: number, inset = 0) => {
  const top = foot - height;
  const low = foot - inset;
  const [r, b] = [rim - inset, base - inset];
  return curved
    ? `M${x - r} ${top}C${x - r} ${top + height * 0.62} ${x - b - 4} ${low} ${x - b} ${low}H${x + b}C${x + b + 4} ${low} ${x + r} ${top + height * 0.62} ${x + r} ${top}`
    : `M${x - r} ${top}L${x - b} ${low - 4}Q${x - b} ${low} ${x - b + 4} ${low}H${x + b - 4}Q${x + b} ${low} ${x + b} ${low - 4}L${x + r} ${top}`;
};

export type Filled = {
  contents?: readonly Content[];
  /** 0 to 1 of its height; worked out from the contents where it is not said. */
  level?: number;
  boil?: 0 | 1 | 2;
  /** Drawn over the contents and under the wall: a tool's end. */
  within?: string;
  seed?: number;
};

/** A vessel standing at x, foot on y; its wall is in front of what is in it. */
export function vessel(
  pen: Pen,
  kind: VesselKind,
  x: number,
  foot: number,
  { contents = [], level, boil = 0, within = '', seed = 1 }: Filled = {},
): { back: string; front: string; top: number; inner: string } {
  const sec: Section = SECTIONS[kind];
  const top = foot - sec.height;
  const inside = `${outline(sec, x, foot, 3)}Z`;
  const flat = sec.height <= 12;
  const fill = contents.length > 0 ? (level ?? levelOf(contents, sec)) : 0;
  const surface = foot - 4 - (sec.height - 8) * fill;
  const runs =
    contents.find((c) => c.look.shape === 'liquid') ??
    contents.find((c) => c.look.shape === 'cream' || c.look.shape === 'powder' || c.state === 'mashed');
  const mash = mashOf(contents);
  // potatoes with milk are mash, and carrots in stock a carrot soup
  const liquid =
    runs && mash && runs.look !== mash.look ? { ...runs, look: { ...runs.look, flesh: mash.look.flesh, mark: mash.look.mark } } : runs;
  const lumps = contents.filter(
    (c) =>
      c !== runs &&
      // what was mashed with the rest is the mash
      !(c.mixed && (c.state === 'mashed' || c.look.shape === 'powder' || c.look.shape === 'liquid' || c.look.shape === 'cream')),
  );
  const lying = flat
    ? onTop(lumps, x, foot - sec.height + 2, sec.rim * 0.78, seed)
    : lumpsIn(
        lumps.filter((c) => c.look.shape !== 'powder'),
        x,
        foot - 5,
        sec,
        surface,
        liquid !== undefined,
        seed,
      ) + dusted(lumps, x, surface, sec);
  const body = liquid ? liquidIn(pen, liquid, x, surface, foot, sec.rim, boil) : '';
  const tint = sec.glass ? '#e3f0f6' : '#edf2f4';
  const wall = outline(sec, x, foot, 3);
  return {
    back: handles(sec, x, foot) + area(inside, tint) + (flat ? '' : pen.clip(inside, body + lying + within)),
    front:
      line(wall, 8.4) +
      line(wall, 4.8, sec.wall) +
      (flat
        ? (liquid
            ? at(
                x,
                top + 1,
                area(`M${-sec.rim * 0.7} 2q${sec.rim * 0.7} -16 ${sec.rim * 1.4} 0z`, liquid.look.flesh) +
                  line(`M${-sec.rim * 0.7} 2q${sec.rim * 0.7} -16 ${sec.rim * 1.4} 0z`, 1.8),
              )
            : '') +
          lying +
          within
        : ''),
    top,
    inner: inside,
  };
}

/** What gives what was mashed or blended its colour: not its butter, its onion or its herbs, where there is more. */
function mashOf(contents: readonly Content[]): Content | undefined {
  const all = contents.filter((c) => c.mixed && c.state === 'mashed' && !['liquid', 'powder', 'cream'].includes(c.look.shape));
  return all.find((c) => !['bulb', 'block', 'sprig', 'leaf'].includes(c.look.shape)) ?? all[0];
}

/** A spice that nobody has stirred in lies on the top as a little heap. */
const dusted = (lumps: readonly Content[], x: number, surface: number, sec: Section): string => {
  const powders = lumps.filter((c) => c.look.shape === 'powder').slice(0, 3);
  const step = (sec.base * 1.2) / Math.max(1, powders.length);
  return powders.map((c, i) => at(x + (i - (powders.length - 1) / 2) * step, surface - 3, mound(c.look, Math.min(30, step)))).join('');
};

/** How full: more foods, more room; never over the rim (common practice). */
const levelOf = (contents: readonly Content[], sec: Section) => {
  const loose = contents.filter((c) => c.look.shape !== 'powder' || !c.mixed).length;
  return Math.min(0.85, (sec.height < 30 ? 0.35 : 0.28) + 0.12 * loose);
};

function liquidIn(pen: Pen, c: Content, x: number, y: number, foot: number, half: number, boil: number): string {
  const l = c.look;
  const wave =
    l.shape === 'liquid'
      ? `M${x - half} ${y}q${half / 2} -3 ${half} 0t${half} 0`
      : `M${x - half} ${y}q${half / 4} -7 ${half / 2} 0t${half / 2} 0t${half / 2} 0t${half / 2} 0`;
  const specks =
    l.shape === 'powder'
      ? Array.from({ length: 9 }, (_, i) => circle(x - half + 12 + (i * half * 2) / 9.5, y + 8 + (i % 3) * 8, 1.3, l.mark, 0)).join('')
      : '';
  const body = `${wave}V${foot}H${x - half}z`;
  return (
    area(body, l.flesh) +
    line(wave, 2, l.shape === 'liquid' && !/^#f|^#e/.test(l.flesh) ? INK : l.mark) +
    specks +
    bubbles(pen, x, y, half, boil)
  );
}

function bubbles(pen: Pen, x: number, y: number, half: number, boil: number): string {
  if (boil === 0) return '';
  const n = boil === 1 ? 4 : 9;
  return Array.from({ length: n }, (_, i) => {
    const bx = x - half * 0.75 + (half * 1.5 * i) / (n - 1);
    return pen.move(
      [
        [0, 0, 6],
        [0.25 + (i % 3) * 0.1, 0, -3],
        [0.5, 0, 5],
        [0.75 + (i % 3) * 0.08, 0, -3],
        [1, 0, 6],
      ],
      circle(bx, y + 1 + (i % 2) * 5, boil === 1 ? 3.4 : 4.6, '#fff', 1.6),
    );
  }).join('');
}

/** Lumps in rows from the bottom, several foods one after the other; at most 22. */
function lumpsIn(lumps: readonly Content[], x: number, foot: number, sec: Section, surface: number, wet: boolean, seed: number): string {
  if (lumps.length === 0) return '';
  const next = scatter(seed);
  const each = Math.max(3, Math.floor(22 / lumps.length));
  const size = 13;
  const out: string[] = [];
  let [row, along] = [0, 0];
  const mixed = lumps.some((c) => c.mixed);
  const order = mixed
    ? Array.from({ length: each * lumps.length }, (_, i) => lumps[i % lumps.length])
    : lumps.flatMap((c) => Array.from({ length: each }, () => c));
  for (const [i, c] of order.entries()) {
    const y = foot - size * 0.45 - row * size * 0.78;
    if (y < Math.max(foot - sec.height + 12, wet ? surface - 2 : -Infinity)) break;
    const share = (foot - y) / sec.height;
    const room = sec.base + (sec.rim - sec.base) * (sec.curved ? Math.sqrt(share) : share) - 10;
    const count = Math.max(2, Math.floor((2 * room) / size));
    const px = x - room + ((along + 0.5 + (row % 2) * 0.2) * 2 * room) / count;
    out.push(at(px + (next() - 0.5) * 3, y + (next() - 0.5) * 3, piece(c.look, lumpState(c), lumpSize(c), i), (next() - 0.5) * 50));
    if (++along >= count) [row, along] = [row + 1, 0];
  }
  return out.join('');
}

const lumpState = (c: Content) => c.state;
const lumpSize = (c: Content) =>
  c.state === 'halves'
    ? 22
    : c.state === 'whole' || c.state === 'peeled'
      ? ['grains', 'small', 'tubes', 'strands'].includes(c.look.shape)
        ? 12
        : 24
      : c.state === 'slices' || c.state === 'torn'
        ? 17
        : c.state === 'sticks'
          ? 24
          : c.state === 'grated'
            ? 18
            : c.state === 'chopped'
              ? 9
              : 13;

/** Things lying on a plate or a tray. */
function onTop(lumps: readonly Content[], x: number, y: number, half: number, seed: number): string {
  const next = scatter(seed);
  const all = lumps.slice(0, 4);
  return all
    .map((c, i) => {
      const big =
        ['slab', 'drumstick', 'sausage', 'biscuit', 'flat', 'loaf', 'egg', 'round'].includes(c.look.shape) &&
        (c.state === 'whole' || c.state === 'halves');
      const n = big ? 2 : 5;
      const width = (2 * half) / all.length;
      return Array.from({ length: n }, (_, k) =>
        at(
          x - half + width * (i + (k + 0.5) / n),
          y - (big ? 7 : 3 + (k % 2) * 5) + next(),
          piece(c.look, c.state, big ? 22 : 13, k),
          big ? 0 : (next() - 0.5) * 40,
        ),
      ).join('');
    })
    .join('');
}

function handles(sec: Section, x: number, foot: number): string {
  const top = foot - sec.height;
  if (sec.handle === 'side') return shape(`M${x - sec.rim - 2} ${top + 8}h-46q-5 0 -5 5t5 5h46z`, '#3a4248');
  if (sec.handle === 'two') return shape(`M${x - sec.rim - 10} ${top + 6}h${2 * sec.rim + 20}v9h${-2 * sec.rim - 20}z`, '#3a4248');
  if (sec.handle === 'ear')
    return (
      line(`M${x - sec.rim + 1} ${top + 12}h-14q-5 0 -5 6v${sec.height * 0.4}q0 6 5 6h15`, 9) +
      line(`M${x - sec.rim + 1} ${top + 12}h-14q-5 0 -5 6v${sec.height * 0.4}q0 6 5 6h15`, 4.6, sec.wall)
    );
  return '';
}

/** A lid with its knob, resting on the rim. */
export const lid = (kind: VesselKind, x: number, top: number): string => {
  const r = SECTIONS[kind].rim + 3;
  return shape(`M${x - r} ${top}q4 -16 ${r} -16t${r} 16z`, '#a9b8c0') + shape(`M${x - 9} ${top - 16}v-9q9 -4 18 0v9z`, '#3a4248');
};
