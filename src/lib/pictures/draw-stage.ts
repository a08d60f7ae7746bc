// Draws the stage of a step as the inside of an SVG of 240 x 160: the same for the screen, for paper and for export.
import { lookOf, type Content, type Scene, type Stage, type VesselKind } from '$core';
import { ACTION, at, box, circle, HEIGHT, Pen, WIDTH, type PenOptions } from './pen';
import { SCENES_BY_NAME } from './scenes/index';
import { drawOwn } from './scenes/own-photos';
import { adult, warning, type Warning } from './signs';
import { cutsAlone } from './tools';
import { vessel } from './vessels';

const WARNS = new Map([
  ['hot', 'hot'],
  ['steam', 'steam'],
  ['splash', 'hot'],
  ['sharp', 'sharp'],
  ['edge', 'sharp'],
  ['raw-egg', 'raw'],
  ['raw-meat', 'raw'],
  ['raw-fish', 'raw'],
  ['raw-flour', 'raw'],
  ['electric', 'electric'],
] as const);

/** Scenes with a blade and food that must be held. */
const BLADES = new Set<Scene>(['board', 'prick']);

/** Hazards as marks: at most two, each kind once. They stand along the upper left edge, where no scene puts what is read. */
function marksOf(pen: Pen, stage: Stage): string {
  const all = new Set(stage.hazards.flatMap((h) => (WARNS as ReadonlyMap<string, Warning>).get(h) ?? []));
  // steam is hot: one mark says both
  if (all.has('hot')) all.delete('steam');
  const kinds = [...all].slice(0, 2);
  // a machine that is not mirrored keeps its display where it is: the marks keep clear of it
  const other = pen.left && stage.scene === 'microwave';
  const x = (i: number) => (other ? WIDTH - 20 - i * 34 : 20 + i * 34);
  return kinds.map((kind, i) => pen.upright(x(i), warning(x(i), 22, kind))).join('') + (stage.adult ? pen.upright(20, adult(20, 58)) : '');
}

/**
 * The picture of a stage. Numbers in it are the amount, the time and the temperature; the step's words stand beside it, not in it.
 * Refers to drawings of `spriteFor` where whole tools are shown.
 */
export function drawStage(stage: Stage, options: PenOptions = {}): string {
  // a blade that wants a second hand on the food is drawn with one, whoever it is for: the fit says what to do instead
  const oneHand = stage.oneHand && (!BLADES.has(stage.scene) || cutsAlone(stage.tool));
  const pen = new Pen({ id: `c${stage.stepKey.replace(/[^a-zA-Z0-9]/g, '')}`, ...options, oneHand });
  const draw = SCENES_BY_NAME.get(stage.scene) ?? SCENES_BY_NAME.get('plain')!;
  const own = drawOwn(pen, stage, new Map(options.photos ?? []));
  return pen.finish((own ?? draw(pen, stage)) + marksOf(pen, stage) + countMark(pen, stage));
}

/** Where the count stands, if not along the counter, above which vessels stand: in a lower corner, five to a row; nowhere where a number is read already. */
const COUNTED = new Map<Scene, 'left' | 'right' | 'nowhere'>([
  ['fetch', 'right'],
  ['crack', 'right'],
  ['shape', 'left'],
  ['cutter', 'left'],
  ['board', 'left'],
  ['spread', 'left'],
  ['roll', 'left'],
  ['repeat', 'nowhere'],
  ['measure', 'nowhere'],
  ['scale', 'nowhere'],
  ['dial', 'nowhere'],
  ['microwave', 'nowhere'],
]);

/** How many of one kind, as dots in fives: for whoever counts and does not read the number. */
function countMark(pen: Pen, { scene, count, things, words }: Stage): string {
  const place = COUNTED.get(scene) ?? 'counter';
  if (place === 'nowhere' || count === null) return '';
  // of several things it is the first one's, which is the one in the hand
  if (things.length > 1 && place !== 'counter' && !words.includes(`${count} ${things[0].name}`)) return '';
  const perRow = place === 'counter' ? 12 : 5;
  const rows = Math.ceil(count / perRow);
  const gap = (i: number) => (place === 'counter' ? Math.floor(i / 5) * 6 : 0);
  const width = Math.min(count, perRow) * 11 + gap(Math.min(count, perRow) - 1) + 3;
  const x = place === 'left' ? 7 : WIDTH - (place === 'right' ? 59 : width + 4);
  const y = HEIGHT - 8 - (rows - 1) * 11;
  // a gap after the fifth
  const dots = Array.from({ length: count }, (_, i) =>
    circle(x + 5 + (i % perRow) * 11 + gap(i), y + Math.floor(i / perRow) * 11, 4, ACTION, 0),
  );
  const wide = place === 'counter' ? width : 58;
  return pen.upright(x + wide / 2 - 2, box(x - 2, y - 7, wide, rows * 11 + 3, '#fff', 4, 0) + dots.join(''));
}

/** A vessel with what is in it, by itself: for the counter as it stands. */
export function drawHeld(kind: VesselKind, items: readonly string[], id: string): string {
  const pen = new Pen({ id });
  const contents = items.slice(0, 5).map((name): Content => ({ name, look: lookOf(name), state: 'whole', mixed: false }));
  const { back, front } = vessel(pen, kind, 0, 0, { contents });
  return pen.finish(at(120, 148, back + front, 0, 1.6));
}
