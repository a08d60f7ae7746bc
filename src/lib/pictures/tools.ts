// Tools as hands hold them: the working end at 0,0, the handle upwards; and a tool in a hand.
import { adaptedTool, toolById, type DrawnMeasure } from '$core';
import { hand, type Hand } from './hands';
import type { PoseName } from './poses';
import { COLOURS, area, at, box, circle, INK, line, shape, type Pen, type Point } from './pen';

const METAL = COLOURS.metal;
const HANDLE = COLOURS.handle;
const WOOD = '#c99a5f';

/** `across`: the handle lies across the tool, so the hand comes from the side. `alone`: it cuts with no second hand on the food. */
type ToolDrawing = { draw: string; grip: number; pose: PoseName; across?: true; alone?: true };

const handle = (from: number, to: number, w = 9, colour: string = HANDLE) => box(-w / 2, -to, w, to - from, colour, 4, 2);
const stem = (from: number, to: number, w = 5) => line(`M0 ${-from}V${-to}`, w + 3.6) + line(`M0 ${-from}V${-to}`, w, METAL);
const knifeBlade = (length: number, wide: number, blunt = false) =>
  blunt
    ? shape(`M-4 ${-length}V-8Q-4 0 3 0Q9 -2 9 -10V${-length}z`, METAL, 2)
    : shape(`M-3 ${-length}V-1Q${wide * 0.8} -8 ${wide} -28V${-length}z`, METAL, 2);

const wires = [-13, -6, 0, 6, 13].map((x) => `M0 -38C${x * 1.6} -30 ${x * 1.5} -8 0 0`).join('');

const HELD_TOOLS: ReadonlyMap<string, ToolDrawing> = new Map<string, ToolDrawing>([
  [
    'spoon',
    {
      draw:
        stem(14, 60) + handle(52, 96, 7, METAL) + shape('M0 -22c8 0 10 10 8 16c-2 6 -5 7 -8 7s-6 -1 -8 -7c-2 -6 0 -16 8 -16z', METAL, 2),
      grip: 70,
      pose: 'fist',
    },
  ],
  [
    'wooden-spoon',
    {
      draw: box(-4, -104, 8, 88, WOOD, 3, 2) + shape('M0 -24c10 0 13 12 11 18c-3 7 -7 8 -11 8s-8 -1 -11 -8c-2 -6 1 -18 11 -18z', WOOD, 2),
      grip: 78,
      pose: 'fist',
    },
  ],
  ['whisk', { draw: line(wires, 4.4) + line(wires, 2, METAL) + handle(36, 92, 9), grip: 68, pose: 'fist' }],
  [
    'masher',
    {
      draw:
        line('M-15 -6C-15 -36 -2 -34 0 -50C2 -34 15 -36 15 -6', 6.4) +
        line('M-15 -6C-15 -36 -2 -34 0 -50C2 -34 15 -36 15 -6', 3.4, METAL) +
        box(-20, -8, 40, 8, METAL, 3, 2) +
        handle(48, 104, 10),
      grip: 80,
      pose: 'fist',
    },
  ],
  ['knife', { draw: knifeBlade(62, 15) + handle(60, 112, 10), grip: 88, pose: 'along' }],
  [
    'rocker-knife',
    {
      // a round blade under a handle that lies across it: pressed down and rocked with one hand
      draw:
        shape('M-38 -34Q-32 0 0 0T38 -34z', METAL, 2.2) +
        line('M-28 -18Q-20 -5 0 -4T28 -18', 1.8) +
        box(-5, -48, 10, 16, METAL, 2, 2) +
        box(-24, -62, 48, 15, HANDLE, 6, 2),
      grip: 54,
      pose: 'fist',
      across: true,
      alone: true,
    },
  ],
  [
    'bread-knife',
    {
      draw: knifeBlade(70, 11) + line('M11 -26l-3 5 3 5 -3 5M12 -56l-3 6 3 6 -3 6 3 6', 1.6) + handle(68, 116, 10),
      grip: 92,
      pose: 'along',
    },
  ],
  ['table-knife', { draw: knifeBlade(54, 9, true) + handle(52, 104, 8, METAL), grip: 80, pose: 'along' }],
  [
    'spatula',
    { draw: stem(30, 62) + handle(54, 110, 9) + shape('M-11 -34H11V-6Q6 0 -2 0T-11 -6z', '#d7ad7a', 2), grip: 84, pose: 'along' },
  ],
  [
    'turner',
    {
      draw: stem(26, 62) + handle(54, 110, 9) + shape('M-15 -30H15L17 0H-17z', METAL, 2) + line('M-6 -24V-6M0 -24V-6M6 -24V-6', 2),
      grip: 84,
      pose: 'along',
    },
  ],
  [
    'fork',
    {
      draw:
        stem(30, 62) +
        handle(54, 100, 7, METAL) +
        line('M-8 0V-20Q-8 -30 0 -30T8 -20V0M0 0V-30', 6) +
        line('M-8 0V-20Q-8 -30 0 -30T8 -20V0M0 0V-30', 2.8, METAL),
      grip: 76,
      pose: 'along',
    },
  ],
  [
    'ladle',
    { draw: stem(14, 70) + handle(62, 108, 8, METAL) + shape('M-22 -16H20Q20 6 -1 6T-22 -16z', METAL, 2.2), grip: 84, pose: 'fist' },
  ],
  [
    'slotted-spoon',
    {
      draw:
        stem(14, 66) +
        handle(58, 104, 8, METAL) +
        shape('M-18 -14H18Q18 4 0 4T-18 -14z', METAL, 2.2) +
        [-9, 0, 9].map((x) => circle(x, -7, 2.4, '#fff', 1.4)).join(''),
      grip: 80,
      pose: 'fist',
    },
  ],
  [
    'tongs',
    { draw: line('M-8 0Q-16 -40 0 -92Q16 -40 8 0', 8) + line('M-8 0Q-16 -40 0 -92Q16 -40 8 0', 4.4, METAL), grip: 58, pose: 'fist' },
  ],
  [
    'pastry-brush',
    {
      draw:
        handle(30, 96, 8, WOOD) +
        box(-10, -36, 20, 12, METAL, 2, 2) +
        shape('M-10 -25H10L12 0Q0 4 -12 0z', '#e9d9b8', 2) +
        line('M-5 -22V-2M0 -22V0M5 -22V-2', 1.4),
      grip: 68,
      pose: 'along',
    },
  ],
  ['thermometer', { draw: line('M0 0V-54', 6) + line('M0 0V-54', 3, METAL) + circle(0, -66, 17, '#fff'), grip: 66, pose: 'shell' }],
  [
    'peeler',
    {
      draw:
        shape('M-17 -6H17V3H-17z', METAL, 2) +
        line('M-17 -4V-16Q-17 -22 0 -24Q17 -22 17 -16V-4', 6) +
        line('M-17 -4V-16Q-17 -22 0 -24Q17 -22 17 -16V-4', 2.8, METAL) +
        handle(24, 80, 10),
      grip: 54,
      pose: 'fist',
    },
  ],
  [
    'garlic-press',
    {
      draw: box(-13, -18, 26, 20, METAL, 4, 2.2) + line('M-4 -18L-9 -84M5 -18L11 -84', 9) + line('M-4 -18L-9 -84M5 -18L11 -84', 5, METAL),
      grip: 58,
      pose: 'fist',
    },
  ],
  ['cocktail-stick', { draw: line('M0 0V-48', 4.4) + line('M0 0V-48', 1.8, WOOD), grip: 44, pose: 'pinch' }],
  [
    'teaspoon',
    {
      draw: stem(10, 56, 4) + shape('M0 -18c7 0 8 8 7 13c-2 5 -4 6 -7 6s-5 -1 -7 -6c-1 -5 0 -13 7 -13z', METAL, 2),
      grip: 56,
      pose: 'pinch',
    },
  ],
]);

const ALIKE = new Map([
  ['scoop', 'ladle'],
  ['pestle', 'wooden-spoon'],
  ['corer', 'knife'],
]);

/** How a tool is held: its own drawing, or that of the usual tool that it looks like. */
function drawingOf(id: string): ToolDrawing | undefined {
  const like = (adaptedTool(id) ?? toolById(id))?.picture ?? '';
  return HELD_TOOLS.get(id) ?? HELD_TOOLS.get(ALIKE.get(id) ?? like);
}

/** Whether it needs no second hand: with any other blade, food that nobody holds is no picture to learn from. */
export const cutsAlone = (id: string | null): boolean => (id ? (drawingOf(id)?.alone ?? false) : false);

/** What a tool that is held is good for: going round in a pan, taking food out, telling whether it is done. */
export type Use = 'stirs' | 'lifts' | 'tests';
const USES = new Map<string, readonly Use[]>([
  ['spoon', ['stirs', 'lifts', 'tests']],
  ['teaspoon', ['stirs', 'tests']],
  ['wooden-spoon', ['stirs']],
  ['spatula', ['stirs', 'lifts']],
  ['turner', ['stirs', 'lifts']],
  ['slotted-spoon', ['stirs', 'lifts']],
  ['ladle', ['stirs', 'lifts']],
  ['fork', ['stirs', 'lifts', 'tests']],
  ['whisk', ['stirs']],
  ['tongs', ['lifts']],
  ['table-knife', ['tests']],
  ['cocktail-stick', ['tests']],
]);

/** The step's own tool where it does that, else the usual one. An adapted tool does what the one does that it looks like. */
export function toolFor(id: string | null, use: Use, usual: string): string {
  const like = id ? ((adaptedTool(id) ?? toolById(id))?.picture ?? '') : '';
  return id && (USES.get(id) ?? USES.get(like))?.includes(use) ? id : usual;
}

export type Held = Hand & { tool: string };

/**
 * A tool in a hand: its working end on the thing, so that the hand lands by itself.
 * @param angle how far the handle leans to the right, in degrees
 */
export function held(pen: Pen, id: string, tip: Point, angle: number, arm: Point, side: 'right' | 'left' = 'right'): Held {
  const { draw, grip, pose, across } = drawingOf(id) ?? HELD_TOOLS.get('spoon')!;
  const a = (angle * Math.PI) / 180;
  const point: Point = [tip[0] + Math.sin(a) * grip, tip[1] - Math.cos(a) * grip];
  const { back, front } = hand(pen, pose, point, { turn: pose === 'pinch' || pose === 'shell' ? 0 : angle + (across ? 90 : 0), arm, side });
  return { back, front, tool: at(tip[0], tip[1], draw, angle) };
}

/** A measure by itself on 0,0, `s` high, with what stands on it: larger ones are drawn larger. */
export function measureAlone(pen: Pen, { label, shape: kind, size }: Omit<DrawnMeasure, 'times'>, s: number): string {
  const spoon = kind === 'spoon';
  const w = s * (spoon ? 0.2 + 0.16 * size : 0.26 + 0.16 * Math.sqrt(size));
  const h = s * (spoon ? 0.16 + 0.12 * size : 0.3 + 0.14 * Math.sqrt(size));
  const x = -s * 0.14;
  const bowl = spoon
    ? `M${x - w} ${-h}Q${x - w} 0 ${x} 0T${x + w} ${-h}z`
    : `M${x - w} ${-h}L${x - w * 0.78} 0H${x + w * 0.78}L${x + w} ${-h}z`;
  const number = pen.text(label.replace(/\s*(?:cups?|jug)\b/i, ''), x, -h - s * 0.14, Math.round(s * (spoon ? 0.3 : 0.36)));
  return shape(`M${x + w - 2} ${-h + 1}H${s * 0.52}v${s * 0.08}H${x + w - 3}z`, METAL, 2) + shape(bowl, '#f2f5f6', 2.4) + number;
}

/** A measuring spoon or cup, level: bowl at x, y, its handle to the right. */
export function dryMeasure(pen: Pen, label: string, spoon: boolean, size: number, x: number, y: number, filled: string | null): string {
  const r = spoon ? 12 + 10 * size : 0;
  const w = spoon ? r : 22 + 18 * Math.sqrt(size);
  const h = spoon ? r * 1.1 : 28 + 22 * Math.sqrt(size);
  const bowl = spoon
    ? `M${x - w} ${y}Q${x - w} ${y + h} ${x} ${y + h}T${x + w} ${y}z`
    : `M${x - w} ${y}L${x - w + 5} ${y + h - 4}Q${x - w + 6} ${y + h} ${x - w + 10} ${y + h}H${x + w - 10}Q${x + w - 6} ${y + h} ${x + w - 5} ${y + h - 4}L${x + w} ${y}z`;
  return (
    shape(`M${x + w - 4} ${y + 2}h${spoon ? 66 : 48}q5 0 5 4t-5 4h${spoon ? -66 : -48}z`, METAL, 2.2) +
    shape(bowl, filled ?? '#f2f5f6', 3) +
    (filled ? line(`M${x - w} ${y}H${x + w}`, 4, '#0b5c7a') : '') +
    (spoon
      ? ''
      : pen.upright(x, area(`M${x - 17} ${y + h / 2 - 12}h34v22h-34z`, '#ffffffd9')) +
        pen.text(label.replace(/\s*cups?/i, ''), x, y + h / 2 + 7, 22, INK))
  );
}
