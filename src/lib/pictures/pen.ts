// The pen that scenes are drawn with: lines and shapes in the picture's grid, and movement that is drawn at one moment or plays as a loop.
import type { Controls } from '$core';

/** The picture's own grid. */
export const WIDTH = 240;
export const HEIGHT = 160;

export const INK = '#1e2528';
/** The one colour of movement, levels and numbers: see docs/pictures.md. */
export const ACTION = '#0b5c7a';
/** What hands and foods lie against; apart from every skin (checked by a test). */
export const COLOURS = { handle: '#2f6b5c', metal: '#c9d2d7', board: '#d3e3df', sleeve: '#c7d0d6', glove: '#c9452c' } as const;
/** The moment that a still picture shows: the act is nearly done, so that source, act and trace are seen together. */
const STILL = 0.6;
/** The moments of a strip. */
export const STRIP = [0.1, 0.45, 0.8] as const;
const LOOP_SECONDS = 3;

export type Point = readonly [x: number, y: number];
/** Where a moving part is: the moment (0 to 1), how far from its own place, how far turned (degrees), how large. */
export type Frame = readonly [t: number, dx: number, dy: number, turn?: number, scale?: number];
/**
 * Frames as scenes write them: "0 12 0, 0.5 0 -8" is two frames.
 * @returns the same list each time for the same words
 */
function framesOf(words: string): readonly Frame[] {
  let frames = READ.get(words);
  if (!frames) READ.set(words, (frames = words.split(', ').map((one) => one.split(' ').map(Number) as unknown as Frame)));
  return frames;
}
const READ = new Map<string, readonly Frame[]>();

/** From which moment a thing is there (1) or not (0). */
export type Shown = readonly [t: number, there: 0 | 1];

export const SKINS = ['#fadcbc', '#debb90', '#c19a65', '#a57939', '#7a5238'] as const;

export type PenOptions = {
  /** The moment, 0 to 1, or a loop. */
  at?: number | 'loop';
  /** Which of the five skins. */
  skin?: number;
  /** Prefix of ids inside the drawing: two pictures on one page must not share a clip. */
  id?: string;
  /** Left-handed: everything is mirrored but dials, numbers and whatever else is read. */
  left?: boolean;
  /** No second hand holds or steadies. */
  oneHand?: boolean;
  /** With what the hob heats, and by what hob, oven and microwave are set. */
  controls?: Controls;
  /** Addresses of the class's own photographs, each with what it is of: "tool:whisk", "place:drawer 1". */
  photos?: readonly (readonly [string, string])[];
};

const short = (n: number) => String(Math.round(n * 10) / 10);

export const escapeText = (words: string) =>
  words.replace(/[&<>"]/g, (c) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[c]!);

/** A closed shape with an outline. Its corners, and a line's ends, are made round by `finish`. */
export const shape = (d: string, fill: string, width = 2.4, stroke = INK) =>
  `<path d="${d}" fill="${fill}" stroke="${stroke}" stroke-width="${width}"/>`;
export const line = (d: string, width = 2.4, stroke = INK, more = '') =>
  `<path d="${d}" fill="none" stroke="${stroke}" stroke-width="${width}"${more}/>`;
export const area = (d: string, fill: string) => `<path d="${d}" fill="${fill}"/>`;
export const circle = (x: number, y: number, r: number, fill: string, width = 2.4, stroke = INK) =>
  `<circle cx="${short(x)}" cy="${short(y)}" r="${short(r)}" fill="${fill}"${width ? ` stroke="${stroke}" stroke-width="${width}"` : ''}/>`;
export const ellipse = (x: number, y: number, rx: number, ry: number, fill: string, width = 2.4, stroke = INK) =>
  `<ellipse cx="${short(x)}" cy="${short(y)}" rx="${short(rx)}" ry="${short(ry)}" fill="${fill}"${width ? ` stroke="${stroke}" stroke-width="${width}"` : ''}/>`;
export const box = (x: number, y: number, w: number, h: number, fill: string, round = 3, width = 2.4) =>
  `<rect x="${short(x)}" y="${short(y)}" width="${short(w)}" height="${short(h)}" rx="${round}" fill="${fill}"${width ? ` stroke="${INK}" stroke-width="${width}"` : ''}/>`;
export const at = (x: number, y: number, inner: string, turn = 0, scale = 1) =>
  inner &&
  `<g transform="translate(${short(x)} ${short(y)})${turn ? ` rotate(${short(turn)})` : ''}${scale === 1 ? '' : ` scale(${Math.round(scale * 1000) / 1000})`}">${inner}</g>`;
/** A path through points. */
export const through = (points: readonly Point[], closed = false) =>
  `M${points.map(([x, y]) => `${short(x)} ${short(y)}`).join('L')}${closed ? 'Z' : ''}`;

/** Words in a picture, about their middle. */
export const lettering = (words: string, x: number, y: number, size: number, colour = INK, weight = 700) =>
  `<text x="${short(x)}" y="${short(y)}" font-size="${size}" font-weight="${weight}" text-anchor="middle" fill="${colour}" font-family="'Atkinson Hyperlegible Next Variable','Atkinson Hyperlegible Next',sans-serif">${escapeText(words)}</text>`;

/** Numbers that look random and are the same each time, from a seed. */
export function scatter(seed: number): () => number {
  let s = (seed * 2654435761) >>> 0 || 1;
  return () => {
    s = (Math.imul(s, 1664525) + 1013904223) >>> 0;
    return s / 4294967296;
  };
}

/** One drawing in the making. */
export class Pen {
  readonly at: number | 'loop';
  readonly skin: string;
  readonly left: boolean;
  readonly oneHand: boolean;
  readonly controls: Controls;
  readonly #id: string;
  #ids = 0;

  constructor({ at: moment = STILL, skin = 1, id = 'p', left = false, oneHand = false, controls = {} }: PenOptions = {}) {
    this.controls = controls;
    this.oneHand = oneHand;
    this.at = moment;
    this.skin = SKINS[skin] ?? SKINS[1];
    this.#id = id;
    this.left = left;
  }

  /** What is inside a shape and nothing else. */
  clip(d: string, inner: string): string {
    if (!inner) return '';
    const id = `${this.#id}-${++this.#ids}`;
    return `<clipPath id="${id}"><path d="${d}"/></clipPath><g clip-path="url(#${id})">${inner}</g>`;
  }

  /** A part that moves. It turns and grows about `pivot`. */
  move(way: readonly Frame[] | string, inner: string, pivot: Point = [0, 0]): string {
    if (!inner) return '';
    const frames = typeof way === 'string' ? framesOf(way) : way;
    if (this.at !== 'loop') {
      const [dx, dy, turn, scale] = between(frames, this.at);
      if (!dx && !dy && !turn && scale === 1) return inner;
      const [px, py] = pivot;
      const grow =
        scale === 1
          ? ''
          : ` translate(${short(px)} ${short(py)}) scale(${Math.round(scale * 1000) / 1000}) translate(${short(-px)} ${short(-py)})`;
      const rotate = turn ? ` rotate(${short(turn)} ${short(px)} ${short(py)})` : '';
      return `<g transform="translate(${short(dx)} ${short(dy)})${rotate}${grow}">${inner}</g>`;
    }
    const list = closed(frames);
    const turns = list.some((f) => f[3]) ? motion('rotate', list, (f) => `${short(f[3] ?? 0)} ${short(pivot[0])} ${short(pivot[1])}`) : '';
    const grows = list.some((f) => (f[4] ?? 1) !== 1);
    const scaled = grows
      ? `<g transform="translate(${short(pivot[0])} ${short(pivot[1])})"><g>${motion('scale', list, (f) => String(f[4] ?? 1))}<g transform="translate(${short(-pivot[0])} ${short(-pivot[1])})">${inner}</g></g></g>`
      : inner;
    const turned = turns ? `<g>${turns}${scaled}</g>` : scaled;
    return `<g>${motion('translate', list, (f) => `${short(f[1])} ${short(f[2])}`)}${turned}</g>`;
  }

  /** A part that is there from some moment on, or until one. It comes at once: what is half there looks like a ghost. */
  show(when: readonly Shown[] | string, inner: string): string {
    if (!inner) return '';
    const frames = typeof when === 'string' ? (framesOf(when) as unknown as readonly Shown[]) : when;
    if (this.at !== 'loop') return there(frames, this.at) ? inner : '';
    const list = frames[0][0] > 0 ? [[0, frames[0][1] ? 0 : 1] as Shown, ...frames] : frames;
    return `<g><animate attributeName="opacity" calcMode="discrete" dur="${LOOP_SECONDS}s" repeatCount="indefinite" values="${list.map((f) => f[1]).join(';')}" keyTimes="${list.map((f) => f[0]).join(';')}"/>${inner}</g>`;
  }

  /** From this moment on. */
  from = (t: number, inner: string) =>
    this.show(
      t <= 0
        ? [[0, 1]]
        : [
            [0, 0],
            [t, 1],
          ],
      inner,
    );
  /** Until this moment. */
  until = (t: number, inner: string) =>
    this.show(
      [
        [0, 1],
        [t, 0],
      ],
      inner,
    );

  /** Something that is read, about its middle: it stays as it is for a left hand. */
  upright(x: number, inner: string): string {
    return this.left && inner ? `<g transform="translate(${short(2 * x)} 0) scale(-1 1)">${inner}</g>` : inner;
  }

  text(words: string, x: number, y: number, size: number, colour = INK, weight = 700): string {
    return this.upright(x, lettering(words, x, y, size, colour, weight));
  }

  /** The whole picture. Ends and corners are round everywhere: said once, since a page with many pictures takes its time for what each shape says. */
  finish(inner: string): string {
    return `<g stroke-linecap="round" stroke-linejoin="round"${this.left ? ` transform="translate(${WIDTH} 0) scale(-1 1)"` : ''}>${inner}</g>`;
  }
}

/** Frames that end where they began, with a rest before they start again. */
function closed(frames: readonly Frame[]): readonly Frame[] {
  const first = frames[0][0] > 0 ? [[0, ...frames[0].slice(1)] as unknown as Frame, ...frames] : frames;
  const last = first.at(-1)!;
  return last[0] < 1 ? [...first, [1, ...last.slice(1)] as unknown as Frame] : first;
}

const EASE = '.42 0 .58 1';
function motion(kind: string, frames: readonly Frame[], value: (f: Frame) => string): string {
  return `<animateTransform attributeName="transform" type="${kind}" dur="${LOOP_SECONDS}s" repeatCount="indefinite" calcMode="spline" keySplines="${frames
    .slice(1)
    .map(() => EASE)
    .join(';')}" keyTimes="${frames.map((f) => f[0]).join(';')}" values="${frames.map(value).join(';')}"/>`;
}

/** Where it is at a moment. */
function between(frames: readonly Frame[], t: number): [number, number, number, number] {
  const next = frames.findIndex((f) => f[0] >= t);
  const b = frames[next] ?? frames.at(-1)!;
  const a = next > 0 ? frames[next - 1] : b;
  const share = b[0] === a[0] ? 0 : (t - a[0]) / (b[0] - a[0]);
  const mix = (x: number, y: number) => x + (y - x) * share;
  return [mix(a[1], b[1]), mix(a[2], b[2]), mix(a[3] ?? 0, b[3] ?? 0), mix(a[4] ?? 1, b[4] ?? 1)];
}

const there = (frames: readonly Shown[], t: number) => {
  const last = frames.filter((f) => f[0] <= t).at(-1);
  return last ? last[1] === 1 : frames[0][1] === 0;
};
