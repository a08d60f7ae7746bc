// How hands are held: each pose as strokes of a width through points, in two layers. Right hand, grip point 0,0, arm to +x; units of the picture.
import type { Point } from './pen';

/** A round stroke of one width. Those of the back layer of 13 and more share an outline. */
export type Stroke = { width: number; points: readonly Point[] };
export type Pose = { wrist: Point; back: readonly Stroke[]; front: readonly Stroke[] };

/** Reads "15: 4,-9 17,-7; 24: 10,0 22,0": strokes, each with its width and its points. */
const strokes = (words: string): Stroke[] =>
  words.split('; ').map((one) => {
    const [width, points] = one.split(': ');
    return { width: Number(width), points: points.split(' ').map((p) => p.split(',').map(Number) as unknown as Point) };
  });
const pose = (wrist: Point, back: string, front: string): Pose => ({ wrist, back: strokes(back), front: strokes(front) });

export const POSES = {
  /** Handle along y, the arm across it: spoon, whisk, masher, pan handle. */
  fist: pose(
    [27, 1],
    '15: 4,-9 17,-7 18,7 5,10; 24: 10,0 22,0',
    '8: -7,-13 9,-13; 8: -8,-4.5 10,-4.5; 8: -8,4 10,4; 8: -6,12.5 8,12.5; 8: 19,-13 9,-20 -4,-20',
  ),
  /** Handle in line with the arm, tool to +y: knife, turner, brush. */
  along: pose(
    [5, -26],
    '20: 6,8 7,-12; 19: 5,-10 5,-20',
    '8: -5,13 8,13; 8: -7,5 9,5; 8: -7,-3.5 9,-3.5; 8: -6,-12 8,-12; 7.5: 14,-6 13,8 5,23',
  ),
  /** Finger tips at 0,0, pointing down: salt, a dial, the end of a spoon. */
  pinch: pose(
    [30, -36],
    '20: 22,-30 15,-26; 8: 16,-32 4,-26 9,-10; 8: 12,-36 -1,-26 5,-8',
    '8.5: 12,-32 -8,-22 -3,-2; 8.5: 24,-18 12,-13 3,-2',
  ),
  /** Palm down, from the side: press, knead, pat. */
  flat: pose([30, -14], '15: 24,-12 4,-8; 8.5: 2,-8 -30,-5', '8: 16,-5 4,0 -6,-1'),
  /** Seen from above, fingers apart: wash, steady what is flat. */
  open: pose([30, 4], '24: 22,4 4,1; 8.5: 4,-9 -22,-15; 8.5: 2,-2 -28,-4; 8.5: 2,5 -26,6; 8.5: 4,12 -20,16', '8.5: 20,-8 8,-20 -2,-26'),
  /** From above, finger tips curled back, knuckles to -x, thumb tucked behind: holds food while it is cut. */
  claw: pose(
    [36, 8],
    '26: 30,5 16,3',
    '8.5: 26,20 17,21 12,17; 9: 18,-10 1,-11 4,-6; 9: 18,-2 -3,-3 1,2; 9: 18,6 -3,5 1,10; 9: 18,13 0,13 4,17',
  ),
  /** An arch with its feet at -16,0 and 16,0: the blade goes under it. */
  bridge: pose([22, -44], '22: 18,-38 2,-32; 9: 2,-34 -14,-26 -19,-1; 9: 6,-36 -8,-30 -12,-4', '10: 14,-34 22,-22 20,0'),
  /** Four fingers in front of a body: tin, carton, jug. */
  wrap: pose([34, 2], '20: 24,-6 26,8', '8.5: 20,-13 -8,-12; 8.5: 22,-4 -12,-3; 8.5: 22,5 -11,6; 8: 20,14 -6,14'),
  /** On the rim of a vessel that stands to -x. */
  rim: pose([28, -14], '18: 20,-8 12,-4', '8.5: 18,2 8,14 1,22; 8.5: 20,-4 4,6 -3,15; 8.5: 10,-8 -4,-6 -9,4'),
  /** Fingers behind, one thumb in front: an egg half, any small thing that must be seen whole. */
  shell: pose([34, 8], '22: 24,6 12,4; 8: 14,-8 -6,-16; 8: 14,-1 -12,-7; 8: 14,7 -10,4; 8: 14,13 -6,13', '9: 20,10 6,2 -4,0'),
  /** One straight finger, its tip at 0,0: presses a key, the palm stays below and beside. */
  point: pose([36, 34], '22: 32,32 22,24; 9: 18,18 0,0', '8.5: 26,16 14,20 18,27; 8.5: 32,20 18,28 24,34; 8.5: 14,32 6,24 10,16'),
  mitt: pose([34, 2], '28: 26,1 20,1', '28: 20,2 -4,3; 12: 22,-9 8,-17 0,-16'),
};
export type PoseName = keyof typeof POSES;
