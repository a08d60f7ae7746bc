// Fetching and putting away where the class has photographs of its own places and tools: the place on one side, what is fetched on the other.
import { type Stage, type Store, type Thing } from '$core';
import { cabinet, drawer } from '../kitchen';
import { at, box, escapeText, type Pen } from '../pen';
import { arrow } from '../signs';
import { set } from './stores';

/** Addresses of photographs, by what they are of: "tool:whisk", "place:drawer 1". */
export type OwnPhotos = ReadonlyMap<string, string>;

const SCENES = new Set(['fetch', 'away']);

/** A photograph, cut to its frame. It is never mirrored: a drawer is where it is. */
const framed = (pen: Pen, href: string, x: number, y: number, w: number, h: number) =>
  pen.upright(
    x + w / 2,
    `<image href="${escapeText(href)}" x="${x}" y="${y}" width="${w}" height="${h}" preserveAspectRatio="xMidYMid slice"/>`,
  ) + box(x, y, w, h, 'none', 4, 1.6);

const PLACES = 'place:';
/** Words and numbers with a space about each: "drawer 1" is not in "drawer 12". */
const wordsOf = (text: string) =>
  ` ${
    text
      .toLowerCase()
      .match(/[\p{L}\d]+/gu)
      ?.join(' ') ?? ''
  } `;

/** The photograph of the place that the words name; of two, the one whose name says more. */
function placeOf(words: string, photos: OwnPhotos): string | null {
  const said = wordsOf(words);
  const places = [...photos].filter(([thing]) => thing.startsWith(PLACES) && said.includes(wordsOf(thing.slice(PLACES.length))));
  return places.sort(([a], [b]) => b.length - a.length)[0]?.[1] ?? null;
}

const PLACE = { x: 6, y: 48, wide: 108, high: 72 };

function place(pen: Pen, photo: string | null, store: Store | null): string {
  const { x, y, wide, high } = PLACE;
  if (photo) return framed(pen, photo, x, y, wide, high);
  if (store === null || store === 'counter') return '';
  const drawn = store === 'drawer' ? drawer() : cabinet(store);
  return at(x, y, drawn, 0, wide / 240);
}

/** Where up to four things stand: x, y, width and height of each. */
function frames(n: number): [number, number, number, number][] {
  if (n === 1) return [[140, 44, 94, 80]];
  if (n === 2) return [0, 1].map((i) => [140, 14 + i * 70, 94, 64]);
  return Array.from({ length: n }, (_, i) => [140 + (i % 2) * 49, 34 + Math.floor(i / 2) * 52, 46, 48]);
}

function thing(pen: Pen, t: Thing, photo: string | undefined, [x, y, w, h]: [number, number, number, number]): string {
  if (photo) return framed(pen, photo, x, y, w, h);
  const s = Math.min(w, h) * 0.92;
  return at(x + w / 2, y + h - (h - s) / 2, set(pen, t, s));
}

/** The picture with the photographs that there are; null where the step fetches nothing, or nothing of it has one. */
export function drawOwn(pen: Pen, stage: Stage, photos: OwnPhotos): string | null {
  if (photos.size === 0 || !SCENES.has(stage.scene)) return null;
  const things = stage.things.slice(0, 4);
  const own = things.map((t) => (t.look ? undefined : photos.get(`tool:${t.name}`)));
  const where = placeOf(stage.words, photos);
  if (things.length === 0 || (!where && own.every((photo) => photo === undefined))) return null;
  const here = place(pen, where, stage.store);
  const [from, to] = stage.scene === 'fetch' ? [116, 136] : [138, 118];
  return here + things.map((t, i) => thing(pen, t, own[i], frames(things.length)[i])).join('') + (here ? arrow(from, 84, to, 84) : '');
}
