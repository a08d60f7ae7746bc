// Hands out of round strokes, always in two layers with the thing that they hold between: see docs/pictures.md.
import { COLOURS, INK, line, through, type Pen, type Point } from './pen';

/** Strokes of one width; `joined` ones of the back layer share an outline. */
type Stroke = { width: number; points: readonly Point[] };
type Pose = { wrist: Point; back: readonly Stroke[]; front: readonly Stroke[] };

const s = (width: number, ...lines: readonly (readonly Point[])[]): Stroke[] => lines.map((points) => ({ width, points }));

export type PoseName = 'fist' | 'along' | 'pinch' | 'flat' | 'open' | 'claw' | 'bridge' | 'wrap' | 'rim' | 'shell' | 'point' | 'mitt';

// Right hand, grip point 0,0, arm to +x. Widths and points in units of the picture.
const POSES = {
  /** Handle along y, the arm across it: spoon, whisk, masher, pan handle. */
  fist: {
    wrist: [27, 1],
    back: [
      ...s(15, [
        [4, -9],
        [17, -7],
        [18, 7],
        [5, 10],
      ]),
      ...s(24, [
        [10, 0],
        [22, 0],
      ]),
    ],
    front: [
      ...s(
        8,
        [
          [-7, -13],
          [9, -13],
        ],
        [
          [-8, -4.5],
          [10, -4.5],
        ],
        [
          [-8, 4],
          [10, 4],
        ],
        [
          [-6, 12.5],
          [8, 12.5],
        ],
      ),
      ...s(8, [
        [19, -13],
        [9, -20],
        [-4, -20],
      ]),
    ],
  },
  /** Handle in line with the arm, tool to +y: knife, turner, brush. */
  along: {
    wrist: [5, -26],
    back: [
      ...s(20, [
        [6, 8],
        [7, -12],
      ]),
      ...s(19, [
        [5, -10],
        [5, -20],
      ]),
    ],
    front: [
      ...s(
        8,
        [
          [-5, 13],
          [8, 13],
        ],
        [
          [-7, 5],
          [9, 5],
        ],
        [
          [-7, -3.5],
          [9, -3.5],
        ],
        [
          [-6, -12],
          [8, -12],
        ],
      ),
      ...s(7.5, [
        [14, -6],
        [13, 8],
        [5, 23],
      ]),
    ],
  },
  /** Finger tips at 0,0, pointing down: salt, a dial, the end of a spoon. */
  pinch: {
    wrist: [30, -36],
    back: [
      ...s(20, [
        [22, -30],
        [15, -26],
      ]),
      ...s(
        8,
        [
          [16, -32],
          [4, -26],
          [9, -10],
        ],
        [
          [12, -36],
          [-1, -26],
          [5, -8],
        ],
      ),
    ],
    front: [
      ...s(8.5, [
        [12, -32],
        [-8, -22],
        [-3, -2],
      ]),
      ...s(8.5, [
        [24, -18],
        [12, -13],
        [3, -2],
      ]),
    ],
  },
  /** Palm down, from the side: press, knead, pat. */
  flat: {
    wrist: [30, -14],
    back: [
      ...s(15, [
        [24, -12],
        [4, -8],
      ]),
      ...s(8.5, [
        [2, -8],
        [-30, -5],
      ]),
    ],
    front: s(8, [
      [16, -5],
      [4, 0],
      [-6, -1],
    ]),
  },
  /** Seen from above, fingers apart: wash, steady what is flat. */
  open: {
    wrist: [30, 4],
    back: [
      ...s(24, [
        [22, 4],
        [4, 1],
      ]),
      ...s(
        8.5,
        [
          [4, -9],
          [-22, -15],
        ],
        [
          [2, -2],
          [-28, -4],
        ],
        [
          [2, 5],
          [-26, 6],
        ],
        [
          [4, 12],
          [-20, 16],
        ],
      ),
    ],
    front: s(8.5, [
      [20, -8],
      [8, -20],
      [-2, -26],
    ]),
  },
  /** From above, finger tips curled back, knuckles to -x, thumb tucked behind: holds food while it is cut. */
  claw: {
    wrist: [36, 8],
    back: s(26, [
      [30, 5],
      [16, 3],
    ]),
    front: [
      ...s(8.5, [
        [26, 20],
        [17, 21],
        [12, 17],
      ]),
      ...s(
        9,
        [
          [18, -10],
          [1, -11],
          [4, -6],
        ],
        [
          [18, -2],
          [-3, -3],
          [1, 2],
        ],
        [
          [18, 6],
          [-3, 5],
          [1, 10],
        ],
        [
          [18, 13],
          [0, 13],
          [4, 17],
        ],
      ),
    ],
  },
  /** An arch with its feet at -16,0 and 16,0: the blade goes under it. */
  bridge: {
    wrist: [22, -44],
    back: [
      ...s(22, [
        [18, -38],
        [2, -32],
      ]),
      ...s(
        9,
        [
          [2, -34],
          [-14, -26],
          [-19, -1],
        ],
        [
          [6, -36],
          [-8, -30],
          [-12, -4],
        ],
      ),
    ],
    front: s(10, [
      [14, -34],
      [22, -22],
      [20, 0],
    ]),
  },
  /** Four fingers in front of a body: tin, carton, jug. */
  wrap: {
    wrist: [34, 2],
    back: s(20, [
      [24, -6],
      [26, 8],
    ]),
    front: [
      ...s(
        8.5,
        [
          [20, -13],
          [-8, -12],
        ],
        [
          [22, -4],
          [-12, -3],
        ],
        [
          [22, 5],
          [-11, 6],
        ],
      ),
      ...s(8, [
        [20, 14],
        [-6, 14],
      ]),
    ],
  },
  /** On the rim of a vessel that stands to -x. */
  rim: {
    wrist: [28, -14],
    back: s(18, [
      [20, -8],
      [12, -4],
    ]),
    front: s(
      8.5,
      [
        [18, 2],
        [8, 14],
        [1, 22],
      ],
      [
        [20, -4],
        [4, 6],
        [-3, 15],
      ],
      [
        [10, -8],
        [-4, -6],
        [-9, 4],
      ],
    ),
  },
  /** Fingers behind, one thumb in front: an egg half, any small thing that must be seen whole. */
  shell: {
    wrist: [34, 8],
    back: [
      ...s(22, [
        [24, 6],
        [12, 4],
      ]),
      ...s(
        8,
        [
          [14, -8],
          [-6, -16],
        ],
        [
          [14, -1],
          [-12, -7],
        ],
        [
          [14, 7],
          [-10, 4],
        ],
        [
          [14, 13],
          [-6, 13],
        ],
      ),
    ],
    front: s(9, [
      [20, 10],
      [6, 2],
      [-4, 0],
    ]),
  },
  /** One straight finger, its tip at 0,0: presses a key, the palm stays below and beside. */
  point: {
    wrist: [36, 34],
    back: [
      ...s(22, [
        [32, 32],
        [22, 24],
      ]),
      ...s(9, [
        [18, 18],
        [0, 0],
      ]),
    ],
    front: s(
      8.5,
      [
        [26, 16],
        [14, 20],
        [18, 27],
      ],
      [
        [32, 20],
        [18, 28],
        [24, 34],
      ],
      [
        [14, 32],
        [6, 24],
        [10, 16],
      ],
    ),
  },
  mitt: {
    wrist: [34, 2],
    back: s(28, [
      [26, 1],
      [20, 1],
    ]),
    front: [
      ...s(28, [
        [20, 2],
        [-4, 3],
      ]),
      ...s(12, [
        [22, -9],
        [8, -17],
        [0, -16],
      ]),
    ],
  },
} satisfies { readonly [name in PoseName]: Pose };

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
    `<path d="${sleeve}" fill="${SLEEVE}" stroke="${INK}" stroke-width="${EDGE}" stroke-linejoin="round"/>`
  );
}
