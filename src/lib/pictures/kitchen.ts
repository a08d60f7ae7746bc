// The places of a kitchen: counter, hob, sink, oven, fridge, shelves; and what is read there: dials, displays, timers.
import { COLOURS, ACTION, area, at, box, circle, ellipse, HEIGHT, INK, line, shape, WIDTH, type Pen } from './pen';

export const COUNTER = 140;
export const HOB_TOP = 121;

export const counter = () => area(`M0 ${COUNTER}H${WIDTH}V${HEIGHT}H0z`, '#ece2d6') + line(`M-4 ${COUNTER}H${WIDTH + 4}`, 2.4);
/** A board from above. It is pale blue-green: wood would swallow carrots, potatoes and hands. */
export const board = (x = 8, y = 6, w = 224, h = 148) => box(x, y, w, h, COLOURS.board, 12) + circle(x + w - 14, y + 14, 5, '#fff', 2);

/** The heat under a pan, 0 to 3 high, or a dotted ghost of what it was: flames, or on a plate as many lines of glow. */
export function heat(pen: Pen, x: number, level: number, ghost = false, half = 40): string {
  const h = [0, 7, 11, 16][level] ?? 11;
  if (level === 0) return '';
  if (isPlate(pen))
    return Array.from({ length: level }, (_, i) => {
      const d = `M${x - half} ${HOB_TOP + 13 + i * 4}H${x + half}`;
      return ghost ? line(d, 1.6, INK, ' stroke-dasharray="2 3"') : line(d, 2.6, '#d8432a');
    }).join('');
  const flames = Array.from({ length: 5 }, (_, i) => {
    const fx = x - half + (i * half * 2) / 4;
    return `M${fx} ${HOB_TOP + 17}c${-h * 0.5} ${-h * 0.3} ${-h * 0.35} ${-h * 0.7} 0 ${-h}c${h * 0.35} ${h * 0.3} ${h * 0.5} ${h * 0.7} 0 ${h}z`;
  }).join('');
  return ghost ? line(flames, 1.6, INK, ' stroke-dasharray="2 3"') : shape(flames, '#4f8fd0', 1.6);
}

/** Whether this kitchen heats with plates or a glass top; with flames where nobody has said. */
const isPlate = (pen: Pen) => pen.controls.heat === 'plate';

/** What a pan stands on: bars over the flames, or a plate. */
export const rest = (pen: Pen, x: number, half: number) =>
  isPlate(pen)
    ? box(x - half - 4, HOB_TOP + 1, 2 * half + 8, 8, '#4a5459', 2, 2)
    : line(`M${x - half - 4} 138V${HOB_TOP + 2}H${x + half + 4}V138`, 2.6);

/** The hob in section: pan base at HOB_TOP, the heat below it. */
export const hob = (pen: Pen, x: number, level: number, half = 46) =>
  area(`M0 ${COUNTER}H${WIDTH}V${HEIGHT}H0z`, '#dfe4e7') +
  box(x - half - 8, 138, 2 * half + 16, 24, '#c9d0d4', 3) +
  line(`M-4 ${COUNTER - 2}H${WIDTH + 4}`, 2.4) +
  rest(pen, x, half) +
  heat(pen, x, level, false, half - 6);

/** A basin in section with a tap; the water, if it runs, is drawn by the scene. */
export const sink = (tapX: number) =>
  area(`M0 118H${WIDTH}V${HEIGHT}H0z`, '#dfe4e7') +
  shape('M30 118V150Q30 160 44 160H196Q210 160 210 150V118', '#f6f8f9') +
  line('M-4 118H30M210 118H244', 2.4) +
  shape(`M${tapX - 8} 34V22Q${tapX - 8} 16 ${tapX - 2} 16H${tapX + 60}V4H${tapX - 10}Q${tapX - 24} 6 ${tapX - 24} 20V34z`, '#aab6bc') +
  line(`M${tapX + 40} 4V-6`, 8);

export const stream = (x: number, y: number, to: number, colour = '#8cc6e0', w = 12) =>
  area(`M${x - w / 2} ${y}H${x + w / 2}L${x + w / 2 + 2} ${to}H${x - w / 2 - 2}z`, colour) +
  line(`M${x - w / 2 + 3} ${y + 3}V${to - 4}`, 1.8, '#fff');

/** An oven from the front with its door down: dark inside, glowing bar, rack. */
export const oven = (lit = true) =>
  box(40, 2, 160, 116, '#dfe4e7', 6) +
  [56, 76, 166, 186].map((x) => circle(x, 13, 6, '#3a4248', 1.6)).join('') +
  box(96, 7, 50, 12, '#cfe6d6', 2, 1.6) +
  area('M52 26H188V108H52z', '#55483f') +
  area('M68 36H172V94H68z', '#463b33') +
  line('M52 26L68 36M188 26L172 36M52 108L68 94M188 108L172 94', 1.6, '#2b241f') +
  (lit ? line('M74 42H166', 4, '#e8743a') : line('M74 42H166', 4, '#75665b')) +
  line('M58 78H182', 3, '#b9c2c7') +
  shape('M36 118H204L214 140H26z', '#c9d0d4') +
  shape('M56 121H184L190 135H50z', '#8f8478', 1.8);

/** An open cold box or cupboard from the front with two shelves; what stands there is drawn by the scene. */
export function cabinet(kind: 'fridge' | 'freezer' | 'cupboard' | 'microwave'): string {
  if (kind === 'microwave')
    return (
      box(30, 30, 190, 112, '#dfe4e7', 7) +
      area('M42 42H160V130H42z', '#6a5d52') +
      ellipse(101, 118, 50, 6, '#b9c2c7', 2) +
      shape('M42 36L8 22V150L42 136z', '#c9d0d4') +
      line('M14 70V104', 4, '#7f939d') +
      box(172, 42, 38, 20, '#cfe6d6', 3) +
      [72, 88, 104].map((y) => [178, 191, 204].map((x) => circle(x, y, 4, '#fff', 1.4)).join('')).join('') +
      counter()
    );
  const cold = kind !== 'cupboard';
  const wall = cold ? '#e8eef1' : '#d9c3a0';
  return (
    box(56, 4, 112, 154, wall, 5) +
    area('M66 13H158V149H66z', cold ? (kind === 'freezer' ? '#dcebf3' : '#fbfdfe') : '#f3e8d5') +
    line('M66 58H158M66 104H158', 3, cold ? '#8fa6b2' : '#9c7c4f') +
    shape(cold ? 'M56 4L20 -4V166L56 158z' : 'M56 4L26 0V162L56 158z', cold ? '#cfdade' : '#c4a878') +
    (cold ? line('M28 60V96', 4, '#7f939d') : circle(34, 82, 4, '#7a5f38', 1.6)) +
    (kind === 'freezer' ? snow(112, 30, 9) + snow(86, 26, 5) + snow(140, 26, 5) : '')
  );
}
/** The sign of a freezer. */
export const snow = (x: number, y: number, r: number) =>
  line(
    [0, 60, 120]
      .map((a) => {
        const c = Math.cos((a * Math.PI) / 180) * r;
        const s = Math.sin((a * Math.PI) / 180) * r;
        return `M${x - c} ${y - s}L${x + c} ${y + s}`;
      })
      .join(''),
    2.6,
    ACTION,
  );

export const drawer = () =>
  box(20, 70, 200, 84, '#d9c3a0', 5) +
  shape('M34 70H206L218 96H22z', '#f3e8d5') +
  box(20, 96, 200, 54, '#cfb588', 5) +
  box(100, 116, 40, 9, '#7a5f38', 4, 2);

/** Strokes on both sides of a timer that rings. */
const ringing = (x: number, y: number, r: number): string =>
  line(
    [-1, 1]
      .flatMap((side) =>
        [1.18, 1.36].map((far) => {
          const [dx, dy] = [side * r * far * 0.8, r * far * 0.6];
          return `M${(x + dx).toFixed(1)} ${(y - dy).toFixed(1)}q${(side * r * 0.28).toFixed(1)} ${dy.toFixed(1)} 0 ${(2 * dy).toFixed(1)}`;
        }),
      )
      .join(''),
    2.6,
    ACTION,
  );

/** Minutes as a disc that runs out; the number in the middle. None left: it rings. */
export function disc(pen: Pen, x: number, y: number, r: number, minutes: number): string {
  const share = Math.min(1, minutes / 60);
  const a = share * 2 * Math.PI;
  const wedge =
    share >= 1
      ? circle(x, y, r, '#9cc4d4', 0)
      : area(
          `M${x} ${y}V${y - r}A${r} ${r} 0 ${share > 0.5 ? 1 : 0} 1 ${(x + r * Math.sin(a)).toFixed(1)} ${(y - r * Math.cos(a)).toFixed(1)}z`,
          '#9cc4d4',
        );
  const said = minutes > 0 ? showMinutes(minutes) : { number: '0', unit: 'min' };
  const ticks = Array.from({ length: 12 }, (_, i) => {
    const t = (i * Math.PI) / 6;
    return `M${(x + r * 0.88 * Math.sin(t)).toFixed(1)} ${(y - r * 0.88 * Math.cos(t)).toFixed(1)}L${(x + r * Math.sin(t)).toFixed(1)} ${(y - r * Math.cos(t)).toFixed(1)}`;
  }).join('');
  return (
    (minutes > 0 ? '' : ringing(x, y, r)) +
    circle(x, y, r, '#fff', 0) +
    pen.upright(x, wedge) +
    line(ticks, 1.6) +
    circle(x, y, r, 'none', 3) +
    pen.text(said.number, x, y + r * 0.28, r * (said.number.length > 2 ? 0.62 : 0.86)) +
    pen.text(said.unit, x, y + r * 0.62, r * 0.34, INK, 600)
  );
}

function showMinutes(minutes: number): { number: string; unit: string } {
  if (minutes < 1) return { number: String(Math.round(minutes * 60)), unit: 'sec' };
  if (minutes < 90) return { number: String(Math.round(minutes)), unit: 'min' };
  return { number: String(Math.round(minutes / 6) / 10), unit: 'hours' };
}

/** A dial with marks; the pointer on `share` of its sweep, from lower left over the top to lower right. */
export function dialAngle(share: number): number {
  return -135 + 270 * share;
}

export const lcd = (pen: Pen, x: number, y: number, w: number, h: number, words: string, size = 24) =>
  box(x, y, w, h, '#d5ead9', 4) + pen.text(words, x + w / 2, y + h / 2 + size * 0.36, size);

export const steam = (x: number, y: number, n = 2) =>
  Array.from({ length: n }, (_, i) =>
    at(
      x + i * 14,
      y,
      line('M0 0c-7 -7 7 -12 0 -20c-6 -7 5 -11 0 -16', 5, '#fff') + line('M0 0c-7 -7 7 -12 0 -20c-6 -7 5 -11 0 -16', 2.6, '#7f919b'),
    ),
  ).join('');

export const stand = (x: number) =>
  line(`M${x - 46} ${COUNTER - 2}H${x + 46}M${x - 36} ${COUNTER - 2}v-5M${x + 36} ${COUNTER - 2}v-5`, 5, '#6b5a45');

/** A mat that holds what stands on it: rubber with studs. */
export const mat = (x: number, half: number) =>
  box(x - half, COUNTER - 6, half * 2, 7, '#1f7f74', 2, 2) +
  line(`M${x - half + 5} ${COUNTER - 2.5}H${x + half - 5}`, 2.4, '#fff', ' stroke-dasharray="1 8"');
