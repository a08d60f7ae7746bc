// Draws a card's picture as SVG: the same for the screen, for print and for export.
import type { Card, DrawnMeasure, Motif } from '$core';
import { DRAWN } from './drawn';
import { OPENMOJI } from './openmoji';

/** The picture's own grid. */
const WIDTH = 240;
const HEIGHT = 160;

/** Whether there is a drawing of that name. */
export function hasDrawing(name: string): boolean {
  return DRAWN.has(name) || OPENMOJI.has(name);
}

const body = (name: string) => DRAWN.get(name) ?? OPENMOJI.get(name) ?? DRAWN.get('mixture')!;
const known = (name: string) => (hasDrawing(name) ? name : 'mixture');

/** One drawing, its 72-grid put at x, y with the side given in units of the picture. */
function place(name: string, x: number, y: number, side: number, turn = 0): string {
  const scale = side / 72;
  const rotate = turn ? ` rotate(${turn} 36 36)` : '';
  return `<use href="#yr-${known(name)}" transform="translate(${x} ${y}) scale(${Math.round(scale * 1000) / 1000})${rotate}"/>`;
}

const INK = '#1e2528';
const ARROW = '#0b5c7a';
const line = (d: string, colour = ARROW, width = 5) =>
  `<path d="${d}" fill="none" stroke="${colour}" stroke-width="${width}" stroke-linecap="round" stroke-linejoin="round"/>`;
const text = (words: string, x: number, y: number, size: number, weight = 700) =>
  `<text x="${x}" y="${y}" font-size="${size}" font-weight="${weight}" text-anchor="middle" fill="${INK}" font-family="'Atkinson Hyperlegible Next Variable', sans-serif">${escape(words)}</text>`;
const escape = (words: string) => words.replace(/[&<>"]/g, (c) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[c]!);

// The movement of the action, drawn over the scene in the one action colour.
const DOWN = line('M120 18v40') + line('M106 46l14 14 14-14');
const ACROSS = line('M96 78h44') + line('M128 64l14 14-14 14');
const ROUND = line('M92 52a32 18 0 1 1 50 14') + line('M146 50l-3 17-16-4');
const TILT = line('M84 40c24-18 44-8 48 18') + line('M118 48l14 12 10-16');
const TO_AND_FRO = line('M92 40h56') + line('M104 28l-14 12 14 12') + line('M136 28l14 12-14 12');
const PRESS = line('M120 14v34') + line('M108 38l12 12 12-12') + line('M94 56h52');
const UP = line('M120 66V22') + line('M106 34l14-14 14 14');
const OVER = line('M84 62c0-44 72-44 72 0') + line('M144 50l12 14 14-12');
const DROPS = [88, 112, 136, 156].map((x, i) => line(`M${x} ${20 + (i % 2) * 8}v14`)).join('');

function clock(x: number, y: number, r: number, minutes: number): string {
  const share = Math.min(1, minutes / 60);
  const end = share * 2 * Math.PI;
  const px = x + r * Math.sin(end);
  const py = y - r * Math.cos(end);
  // yellow means "next" and nothing else, so time is drawn in the action colour
  const disc =
    share >= 1
      ? `<circle cx="${x}" cy="${y}" r="${r}" fill="#9cc4d4"/>`
      : `<path d="M${x} ${y}V${y - r}A${r} ${r} 0 ${share > 0.5 ? 1 : 0} 1 ${px.toFixed(1)} ${py.toFixed(1)}Z" fill="#9cc4d4"/>`;
  const shown =
    minutes >= 60
      ? `${Math.round(minutes / 6) / 10} h`
      : minutes < 1
        ? `${Math.round(minutes * 60)} s`
        : `${Math.round(minutes * 10) / 10} min`;
  return `<circle cx="${x}" cy="${y}" r="${r}" fill="#fff"/>${disc}<circle cx="${x}" cy="${y}" r="${r}" fill="none" stroke="${INK}" stroke-width="3"/><path d="M${x} ${y}V${y - r * 0.7}" stroke="${INK}" stroke-width="3" stroke-linecap="round"/>${text(shown, x, y + r + 20, 18)}`;
}

/** A container with what is in it, small: for the counter. At most four things are drawn. */
export function drawThing(container: string, things: readonly string[]): string {
  const shown = things.slice(0, 4);
  const side = shown.length > 2 ? 56 : 76;
  const left = 120 - (shown.length * side) / 2;
  return shown.map((name, i) => place(name, left + i * side, 2, side)).join('') + place(container, 64, 46, 112);
}

/** A measure as it looks: a cup with a handle, a spoon, a jug; its size shows, its label stands on it. */
function measure(m: DrawnMeasure, x: number, y: number, side: number): string {
  const s = side / 72;
  const at = (inner: string) => `<g transform="translate(${x} ${y}) scale(${s.toFixed(3)})">${inner}</g>`;
  const outline = `fill="#e6ecef" stroke="${INK}" stroke-width="2.5" stroke-linejoin="round"`;
  if (m.shape === 'jug') return place('jug', x, y, side);
  if (m.shape === 'spoon') {
    const r = 9 + 11 * Math.min(1, m.size);
    return (
      at(`<path d="M${26 + r} 34H70v8H${26 + r}" ${outline}/><ellipse cx="26" cy="38" rx="${r + 4}" ry="${r}" ${outline}/>`) +
      text(m.label, x + side / 2, y + side + 10, side < 50 ? 16 : 19)
    );
  }
  const h = 18 + 24 * m.size;
  const w = 30 + 14 * m.size;
  const top = 62 - h;
  return (
    at(
      `<path d="M${4 + w} ${top + 2}H70v7H${4 + w}" ${outline}/><path d="M4 ${top}h${w}l-4 ${h}H8z" ${outline}/><path d="M6 ${top + 3}h${w - 4}" stroke="${ARROW}" stroke-width="4"/>`,
    ) + text(m.label, x + side / 2, y + side + 10, side < 50 ? 16 : 19)
  );
}

function measuring(card: Card): string {
  const all = card.measures.flatMap((m) => Array.from({ length: Math.min(m.times, 6) }, () => m)).slice(0, 6);
  const perRow = all.length > 4 ? 3 : all.length > 2 ? 2 : all.length;
  const rows = Math.ceil(all.length / perRow);
  const side = Math.min(rows > 1 ? 44 : 80, 128 / perRow - 8);
  const left = 108;
  const step = (WIDTH - left - 4) / perRow;
  const top = rows > 1 ? 2 : 62 - side / 2 - 10;
  const drawn = all
    .map((m, i) => measure(m, left + (i % perRow) * step + (step - side) / 2, top + Math.floor(i / perRow) * (side + 24), side))
    .join('');
  const total = card.measures.reduce((n, m) => n + m.times, 0);
  const times = total > 1 ? text(`${total} times`, left + (WIDTH - left) / 2, 154, 20) : '';
  return place(card.things[0] ?? 'mixture', 2, 36, 80) + line('M84 78h18') + line('M94 68l11 10-11 10') + drawn + times;
}

/** Several things in a row or a block: what is fetched, or what is put away. */
function group(names: string[]): string {
  const list = names.length > 0 ? names : ['mixture'];
  const side = list.length > 2 ? 70 : list.length > 1 ? 96 : 124;
  if (list.length <= 2)
    return list.map((n, i) => place(n, WIDTH / 2 - (list.length * side) / 2 + i * side, (HEIGHT - side) / 2, side)).join('');
  return list
    .slice(0, 4)
    .map((n, i) => place(n, 48 + (i % 2) * 74, 6 + Math.floor(i / 2) * 76, side))
    .join('');
}

/** The thing, in its place, with the tool over it and the movement. */
function work(card: Card, movement: string, tool = card.tool, turn = 0): string {
  const base = card.place && card.place !== card.things[0] ? card.place : null;
  const thing = card.things[0] ?? null;
  const low = base ? place(base, 60, 52, 112) : '';
  const on = thing ? place(thing, base ? 84 : 60, base ? 34 : 44, base ? 64 : 112) : base ? '' : place('mixture', 60, 44, 112);
  const hand = tool ? place(tool, 156, 14, 80, turn) : '';
  return low + on + hand + movement;
}

/** From the thing to the place, with an arrow between. */
function move(card: Card, arrow: string): string {
  return place(card.things[0] ?? 'mixture', 8, 8, 84) + place(card.place ?? 'bowl', 112, 44, 112) + arrow;
}

const fire = (x: number, y: number) =>
  [0, 18, 36, 54]
    .map((d) => `<path d="M${x + d} ${y}c-6-8 2-12 0-18 8 6 10 12 4 18z" fill="#d9652b" stroke="${INK}" stroke-width="1.6"/>`)
    .join('');
const snow = (x: number, y: number) => line(`M${x} ${y - 14}v28M${x - 12} ${y - 7}l24 14M${x - 12} ${y + 7}l24-14`, ARROW, 4);

const SCENES: Record<Motif, (card: Card) => string> = {
  get: (c) => group(c.things),
  'put-in': (c) => move(c, line('M84 30c26 0 44 8 58 26') + line('M144 38l0 20-19-4')),
  'put-on': (c) => move(c, DOWN),
  pour: (c) =>
    place(c.things[0] ?? 'jug', 14, 6, 88, 38) + place(c.place ?? 'bowl', 104, 48, 112) + line('M100 52c12 2 22 10 26 26', '#5fa8c9', 7),
  stir: (c) => work(c, ROUND, c.tool ?? 'spoon', 20),
  whisk: (c) => work(c, ROUND, c.tool ?? 'whisk', 20),
  mash: (c) => work(c, PRESS, c.tool ?? 'masher'),
  cut: (c) =>
    place('board', 40, 46, 124) +
    place(c.things[0] ?? 'mixture', 62, 34, 80) +
    place(c.tool ?? 'knife', 150, 8, 84, -60) +
    line('M102 30v84', ARROW, 4).replace('fill="none"', 'fill="none" stroke-dasharray="9 9"'),
  peel: (c) => work({ ...c, place: null }, line('M70 44c20-14 52-14 76 4') + line('M132 32l16 17-20 8'), c.tool),
  grate: (c) =>
    place(c.tool ?? 'grater', 96, 30, 124) + place(c.things[0] ?? 'mixture', 20, 12, 80) + line('M88 60v56') + line('M74 104l14 14 14-14'),
  crack: (c) => place('egg', 70, 2, 78) + line('M104 30l8 10-8 8 10 10', INK, 3) + place(c.place ?? 'bowl', 64, 60, 100),
  squeeze: (c) =>
    place(c.tool ?? 'juicer', 56, 58, 108) +
    place(c.things[0] ?? 'lemon', 84, 8, 60) +
    line('M64 40c6-26 88-26 96 0') +
    line('M150 26l12 15 12-14'),
  rinse: (c) => place('tap', 6, 2, 76) + place(c.things[0] ?? 'mixture', 96, 56, 100) + DROPS,
  drain: (c) =>
    place(c.tool ?? 'sieve', 62, 40, 112) +
    place(c.things[0] ?? 'mixture', 78, 14, 60) +
    [96, 116, 136].map((x) => line(`M${x} 128v16`, '#5fa8c9', 5)).join(''),
  open: (c) => work({ ...c, place: null }, '', c.tool) + line('M92 30a34 16 0 1 1 44 14') + line('M140 28l-3 17-17-4'),
  fill: (c) =>
    c.measures.length > 0
      ? measuring(c)
      : place(c.things[0] ?? 'mixture', 8, 36, 92) +
        ACROSS.replaceAll('M96', 'M100') +
        place(c.tool === 'scale' ? 'scale' : 'jug', 142, 32, 92),
  spread: (c) => work(c, TO_AND_FRO, c.tool ?? 'table-knife'),
  sprinkle: (c) =>
    place('pinch', 84, -4, 72, 180) +
    place(c.things[0] ?? 'herb', 6, 14, 66) +
    [92, 112, 132, 102, 124].map((x, i) => `<circle cx="${x}" cy="${70 + (i % 3) * 9}" r="3.2" fill="${ARROW}"/>`).join('') +
    place(c.place ?? 'plate', 66, 72, 96),
  roll: (c) => work({ ...c, place: 'board' }, TO_AND_FRO, c.tool ?? 'rolling-pin'),
  knead: (c) =>
    place('board', 40, 56, 130) +
    place(c.things[0] ?? 'mixture', 72, 44, 70) +
    place('hand', 120, 6, 80, 60) +
    PRESS.replaceAll('120', '76'),
  press: (c) => work({ ...c, place: null }, PRESS, c.tool ?? 'hand'),
  shape: (c) => place(c.things[0] ?? 'mixture', 20, 44, 92) + place('hand', 128, 8, 84, 30) + ROUND.replace('M92 52', 'M104 108'),
  'turn-over': (c) => work(c, OVER, c.tool ?? 'spatula'),
  'lift-out': (c) => work(c, UP, c.tool),
  'take-off': (c) => work(c, UP, c.tool),
  'wash-hands': () => place('hands', 16, 16, 128) + place('soap', 152, 20, 72) + clock(188, 118, 18, 0.34),
  wear: (c) => place(c.things[0] ?? 'apron', 60, 14, 132),
  wipe: (c) => place(c.things[0] ?? 'table', 50, 46, 120) + place('cloth', 118, 14, 70) + TO_AND_FRO.replaceAll('40', '30'),
  'wash-up': (c) => place(c.things[0] ?? 'dishes', 30, 36, 112) + place('sponge', 146, 12, 78) + DROPS,
  'switch-on': (c) => work({ ...c, things: [] }, dial(c, true), null),
  'switch-off': (c) => work({ ...c, things: [] }, dial(c, false), null),
  heat: (c) =>
    place(c.place ?? 'saucepan', 40, 24, 116) +
    (c.things[0] && c.things[0] !== c.place ? place(c.things[0], 64, 4, 62) : '') +
    fire(70, 142) +
    line('M36 148h130', INK, 4),
  oven: (c) =>
    place('oven', 90, 12, 136) +
    (c.things[0] ? place(c.things[0], 6, 44, 80) : c.place && c.place !== 'oven' ? place(c.place, 6, 44, 80) : '') +
    (c.dial ? text(c.dial.split(' (')[0], 46, 92, 24) : line('M74 84h20') + line('M86 74l11 10-11 10')),
  microwave: (c) =>
    place('microwave', 84, 20, 136) + place(c.things[0] ?? 'plate', 4, 46, 78) + line('M74 84h16') + line('M82 74l11 10-11 10'),
  wait: (c) => clock(c.things[0] ? 168 : 120, 64, 46, c.minutes ?? 5) + (c.things[0] ? place(c.things[0], 8, 28, 96) : ''),
  cover: (c) =>
    place(c.place ?? 'bowl', 56, 54, 116) + place(c.tool ?? 'lid', 68, -4, 92) + line('M196 20v40') + line('M182 48l14 14 14-14'),
  look: (c) => place('eye', 76, 0, 78) + place(c.things[0] ?? 'mixture', 64, 62, 96),
  chill: (c) =>
    place('fridge', 112, 8, 140) +
    place(c.things[0] ?? c.place ?? 'storage-box', 6, 50, 86) +
    line('M90 92h24') +
    line('M106 82l11 10-11 10') +
    snow(226, 28),
  serve: (c) => place('bowl', 110, 50, 108) + place(c.tool ?? 'spoon', 20, 16, 84, -30) + TILT,
  eat: () => place('meal', 58, 18, 128),
  tie: () => place('hair', 56, 12, 136),
  tear: (c) =>
    place(c.things[0] ?? 'herb', 64, 36, 108) +
    line('M54 40H22') +
    line('M34 28L20 40l14 12') +
    line('M186 40h32') +
    line('M206 28l14 12-14 12'),
  prick: (c) => work({ ...c, place: null }, DOWN, c.tool ?? 'fork', 200),
  away: (c) => place(c.things[0] ?? 'dishes', 8, 40, 88) + place(c.tool === 'bin' ? 'bin' : 'storage-box', 136, 34, 96) + ACROSS,
  line: (c) => place(c.place ?? 'tray', 56, 62, 116) + place('paper', 78, 6, 72) + DOWN.replaceAll('120', '196').replaceAll('106', '182'),
  check: (c) => place(c.things[0] ?? 'mixture', 54, 48, 108) + place('eye', 150, 4, 76),
};

function dial(card: Card, on: boolean): string {
  const x = 196;
  const mark = on ? `M${x} 108l16-22` : `M${x} 108v-26`;
  const words = on ? 'on' : 'off';
  return `<circle cx="${x}" cy="108" r="30" fill="#fff" stroke="${INK}" stroke-width="3"/><path d="${mark}" stroke="${on ? ARROW : INK}" stroke-width="6" stroke-linecap="round"/>${text(words, x, 70, 22)}${card.dial ? text(card.dial, x, 156, 16) : ''}`;
}

/** Names of the drawings that pictures refer to. */
function namesIn(svg: string): string[] {
  return [...new Set([...svg.matchAll(/#yr-([\w-]+)/g)].map((m) => m[1]))];
}

/** The drawings that some pictures refer to, each once: the inside of a hidden SVG on the same page. */
export function spriteFor(pictures: readonly string[]): string {
  return `<defs>${namesIn(pictures.join(''))
    .map((name) => `<g id="yr-${name}">${body(name)}</g>`)
    .join('')}</defs>`;
}

/**
 * A picture that needs no sprite: its drawings stand in it. For a picture that comes and goes, since a change of a page's sprite redraws all its pictures.
 */
export function standalone(picture: string): string {
  return picture.replace(/<use href="#yr-([\w-]+)"([^>]*)\/>/g, (_all, name: string, rest: string) => `<g${rest}>${body(name)}</g>`);
}

/**
 * The picture of a card, as the inside of an SVG of WIDTH x HEIGHT that refers to drawings of `spriteFor`. A step with no known technique shows its things side by side.
 * Text in it is the amount, the time and the temperature; the step's words stand beside it, not in it.
 */
export function drawCard(card: Card): string {
  const scene = card.motif
    ? SCENES[card.motif](card)
    : group(card.things.length > 0 ? card.things : card.tool ? [card.tool] : card.place ? [card.place] : []);
  const time =
    card.minutes && card.motif !== 'wait' && card.motif !== 'switch-on' && card.motif !== 'wash-hands'
      ? clock(210, 34, 20, card.minutes)
      : '';
  const count =
    card.count && card.things.length === 1 && card.measures.length === 0
      ? `<g><circle cx="26" cy="26" r="20" fill="#fff" stroke="${INK}" stroke-width="3"/>${text(String(card.count), 26, 34, 24)}</g>`
      : '';
  return scene + time + count;
}
