// Hands out of round strokes, always in two layers with the thing that they hold between: see docs/pictures.md.
import { COLOURS, INK, line, through, type Pen, type Point } from './pen';
import { POSES, type Pose, type PoseName, type Stroke } from './poses';

const GLOVE = COLOURS.glove;
const SLEEVE = COLOURS.sleeve;
const EDGE = 2.2;

export type Hand = { back: string; front: string };

export type HandOptions = {
  /** Turned so far, in degrees. */ turn?: number;
  /** The point on or beyond the edge of the picture that the arm comes from. */ arm: Point;
  side?: 'right' | 'left';
  /** Skin seen before the sleeve begins: sleeves are rolled up. */ bare?: number;
};

/** Poses of the second hand that only steady what lies or stands. */
const STEADIES = new Set<PoseName>(['claw', 'rim', 'open']);

/** A hand whose grip point is at x, y. Where there is one hand, no second one steadies. */
export function hand(pen: Pen, pose: PoseName, [x, y]: Point, { turn = 0, arm, side = 'right', bare = 34 }: HandOptions): Hand {
  if (pen.oneHand && side === 'left' && STEADIES.has(pose)) return { back: '', front: '' };
  const { wrist, back, front }: Pose = POSES[pose];
  const mirror = side === 'left' ? -1 : 1;
  const a = (turn * Math.PI) / 180;
  const world = ([px, py]: Point): Point => [
    x + px * mirror * Math.cos(a) - py * Math.sin(a),
    y + px * mirror * Math.sin(a) + py * Math.cos(a),
  ];
  const skin = pose === 'mitt' ? GLOVE : pen.skin;
  const stroke = (one: Stroke, more: number, colour: string) => line(through(one.points.map(world)), one.width + more, colour);
  const joined = back.filter((one) => one.width >= 13);
  const apart = back.filter((one) => one.width < 13);
  const each = (ones: readonly Stroke[]) => ones.map((one) => stroke(one, 2 * EDGE, INK) + stroke(one, 0, skin)).join('');
  const w = world(wrist);
  return {
    back:
      armOf(pen, w, arm, pose === 'mitt' ? 0 : bare) +
      each(apart) +
      joined.map((one) => stroke(one, 2 * EDGE, INK)).join('') +
      joined.map((one) => stroke(one, 0, skin)).join('') +
      line(through([w, towards(w, arm, pose === 'mitt' ? 6 : 12)]), 17, skin),
    front: each(front),
  };
}

const towards = ([ax, ay]: Point, [bx, by]: Point, by_: number): Point => {
  const d = Math.hypot(bx - ax, by - ay) || 1;
  return [ax + ((bx - ax) * by_) / d, ay + ((by - ay) * by_) / d];
};

/** Skin from the wrist on, then a sleeve that widens to beyond the edge, so that movement never shows its end. */
function armOf(pen: Pen, wrist: Point, edge: Point, bare: number): string {
  const end = towards(wrist, edge, Math.hypot(edge[0] - wrist[0], edge[1] - wrist[1]) + 70);
  const cuff = towards(wrist, edge, bare + 4);
  const d = Math.hypot(end[0] - cuff[0], end[1] - cuff[1]) || 1;
  const [nx, ny] = [-(end[1] - cuff[1]) / d, (end[0] - cuff[0]) / d];
  const at = ([px, py]: Point, k: number): Point => [px + nx * k, py + ny * k];
  const sleeve = through([at(cuff, 11.5), at(end, 18), at(end, -18), at(cuff, -11.5)], true);
  return (
    line(through([wrist, cuff]), 17 + 2 * EDGE, INK) +
    line(through([wrist, cuff]), 17, pen.skin) +
    `<path d="${sleeve}" fill="${SLEEVE}" stroke="${INK}" stroke-width="${EDGE}"/>`
  );
}
