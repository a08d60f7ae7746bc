// Foods in their states: whole, and as what a knife, a grater or a masher leaves. Each is drawn about 0,0.
import type { Look, State } from '$core';
import { area, at, circle, ellipse, INK, line, scatter, shape, through, type Point } from './pen';

const r1 = (n: number) => Math.round(n * 10) / 10;

const roundWhole = (l: Look, s: number) => {
  const r = s / 2;
  const apple = /apple|pear|peach|plum|cherries/.test(l.name);
  const stalk = apple
    ? line(`M0 ${-r + 3}q1 -7 6 -10`, 2.6, l.mark) + shape(`M5 ${-r - 3}q9 -8 15 -2q-7 7 -15 2z`, '#6fa04a', 1.8)
    : l.name === 'tomato'
      ? shape(`M0 ${-r + 4}l-9 4 4 -8 -9 -4 10 0 4 -8 4 8 10 0 -9 4 4 8z`, '#5f9a42', 1.6)
      : '';
  const eyes = /potato|celeriac|turnip|kiwi/.test(l.name)
    ? [
        [-0.4, -0.2],
        [0.35, -0.35],
        [0.1, 0.3],
        [-0.2, 0.5],
      ]
        .map(([x, y]) => line(`M${r1(x * r)} ${r1(y * r)}h3`, 1.8, l.mark))
        .join('')
    : '';
  const tops = /beetroot|radish|turnip/.test(l.name)
    ? line(`M0 ${-r + 2}q-4 -10 -10 -14M0 ${-r + 2}q0 -10 2 -16M0 ${-r + 2}q4 -8 12 -11`, 3, '#5f9a42')
    : '';
  const rounds =
    l.name === 'pear'
      ? `M0 ${-r}c${r1(r * 0.45)} 0 ${r1(r * 0.4)} ${r1(r * 0.7)} ${r1(r * 0.7)} ${r1(r * 1.05)}c${r1(r * 0.4)} ${r1(r * 0.5)} 0 ${r1(r * 0.95)} ${r1(-r * 0.7)} ${r1(r * 0.95)}c${r1(-r * 0.7)} 0 ${r1(-r * 1.1)} ${r1(-r * 0.45)} ${r1(-r * 0.7)} ${r1(-r * 0.95)}c${r1(r * 0.3)} ${r1(-r * 0.35)} ${r1(r * 0.25)} ${r1(-r * 1.05)} ${r1(r * 0.7)} ${r1(-r * 1.05)}z`
      : '';
  if (/lemon|lime/.test(l.name))
    return shape(
      `M${r1(-r * 1.25)} 0q${r1(r * 0.2)} ${r1(-r * 0.2)} ${r1(r * 0.3)} ${r1(-r * 0.35)}q${r1(r * 0.4)} ${r1(-r * 0.5)} ${r1(r * 0.95)} ${r1(-r * 0.5)}t${r1(r * 0.95)} ${r1(r * 0.5)}q${r1(r * 0.1)} ${r1(r * 0.15)} ${r1(r * 0.3)} ${r1(r * 0.35)}q${r1(-r * 0.2)} ${r1(r * 0.2)} ${r1(-r * 0.3)} ${r1(r * 0.35)}q${r1(-r * 0.4)} ${r1(r * 0.5)} ${r1(-r * 0.95)} ${r1(r * 0.5)}t${r1(-r * 0.95)} ${r1(-r * 0.5)}q${r1(-r * 0.1)} ${r1(-r * 0.15)} ${r1(-r * 0.3)} ${r1(-r * 0.35)}z`,
      l.skin,
    );
  return (
    tops +
    (rounds ? shape(rounds, l.skin) : ellipse(0, 0, r * (/potato|mango|kiwi/.test(l.name) ? 1.2 : 1), r * 0.95, l.skin)) +
    eyes +
    stalk
  );
};

/** A long thing along x, tip to the right. */
function longBody(l: Look, length: number, colour = l.skin, thick = 13): string {
  const h = length / 2;
  const even = /cucumber|courgette|banana|celery|leek|spring-onion|rhubarb|lemongrass|ear-of-corn/.test(l.name);
  const d =
    l.name === 'banana'
      ? `M${-h} ${-thick * 0.5}q${h} ${thick * 2} ${2 * h} 0q4 -4 2 -8q${-h} ${thick * 0.9} ${-2 * h - 4} -2q-4 6 0 10z`
      : even
        ? `M${-h + 6} ${-thick}H${h - 8}q10 0 10 ${thick}t-10 ${thick}H${-h + 6}q-8 0 -8 ${-thick}t8 ${-thick}z`
        : `M${-h} ${-thick}q${length * 0.5} ${-4} ${length} ${thick - 1}q${-length * 0.5} ${thick + 6} ${-length} ${thick + 2}q-7 ${-thick} 0 ${-2 * thick - 1}z`;
  const tops = /carrot|parsnip/.test(l.name)
    ? line(`M${-h} 0q-9 -8 -17 -7M${-h} 0q-10 0 -18 4M${-h} 2q-6 5 -12 11`, 3.4, '#5f9a42')
    : /leek|spring-onion/.test(l.name)
      ? shape(`M${h - 22} ${-thick}L${h + 12} ${-thick - 6}L${h + 8} 0L${h + 14} ${thick + 4}L${h - 22} ${thick}z`, l.mark, 2)
      : /aubergine|eggplant/.test(l.name)
        ? shape(`M${-h - 8} -4l12 -8 10 4 -4 8 4 8 -10 5 -12 -9z`, '#5f9a42', 2)
        : '';
  const marks = /carrot|parsnip/.test(l.name)
    ? line(`M${r1(-h * 0.6)} ${-thick + 3}v7M${r1(-h * 0.1)} ${thick - 5}v6M${r1(h * 0.3)} ${-thick + 6}v6`, 1.8, l.mark)
    : '';
  return tops + shape(d, colour) + marks;
}

/** A food as it comes, about s wide. */
export function whole(l: Look, s = 44): string {
  const k = s / 44;
  const by = (inner: string) => at(0, 0, inner, 0, k);
  switch (l.shape) {
    case 'round':
      return roundWhole(l, s);
    case 'long':
      return at(0, 0, longBody(l, 84), 0, s / 60);
    case 'bulb':
      return by(
        shape('M0 -20c4 6 22 8 22 24c0 12 -11 17 -22 17s-22 -5 -22 -17c0 -16 18 -18 22 -24z', l.skin) +
          line('M0 -20v-8M-3 -18c-8 8 -10 24 -4 38M3 -18c8 8 10 24 4 38', 1.8, l.mark),
      );
    case 'pepper':
      return by(
        shape('M-4 -14c-14 -6 -20 6 -18 18c2 12 8 18 14 17q8 -3 16 0c8 1 13 -6 14 -17c2 -12 -6 -24 -18 -18z', l.skin) +
          line('M0 -14q-2 -8 6 -12', 4, l.mark) +
          line('M-8 -8q-6 12 0 26M8 -8q6 12 0 26', 1.8, l.mark === '#4f8a35' ? '#a5301f' : l.mark),
      );
    case 'floret':
      return by(
        shape('M-7 4L-5 22H5L7 4z', l.flesh) +
          shape('M-22 4a10 10 0 0 1 4 -16a11 11 0 0 1 18 -9a11 11 0 0 1 18 9a10 10 0 0 1 4 16q-22 10 -44 0z', l.skin) +
          line('M-12 -6q4 -4 8 0M2 -10q4 -4 8 0M-4 2q4 -4 8 0', 1.8, l.mark),
      );
    case 'leaf':
      return by(
        shape('M0 24c-14 0 -24 -10 -22 -22c-4 -12 6 -20 14 -18q8 -8 16 0c10 -2 18 6 14 18c2 12 -8 22 -22 22z', l.skin) +
          line('M0 22V-10M0 10l-12 -10M0 10l12 -10M0 0l-8 -8M0 0l8 -8', 2, l.mark),
      );
    case 'sprig':
      return by(
        line('M0 24Q0 0 4 -20', 2.4, l.mark) +
          [
            [-8, 10],
            [8, 6],
            [-9, -4],
            [10, -8],
            [-4, -16],
            [6, -22],
          ]
            .map(([x, y]) => ellipse(x, y, 8, 5.5, l.skin, 1.8, l.mark))
            .join(''),
      );
    case 'mushroom':
      return by(shape('M-6 0V16q6 5 12 0V0z', l.flesh) + shape('M-22 2c0 -16 12 -22 22 -22s22 6 22 22q-22 7 -44 0z', l.skin));
    case 'block':
      return by(
        l.name === 'cheese-wedge'
          ? shape('M-22 4L14 -16Q22 -8 22 4V18H-22z', l.skin) +
              line('M-22 4H22', 2) +
              circle(-8, 11, 3, l.mark, 0) +
              circle(8, 11, 2.4, l.mark, 0)
          : shape('M-22 -4l8 -10H22V8l-8 10H-22z', l.skin) + line('M-22 -4H14V18M14 -4L22 -14', 2),
      );
    case 'slab':
      return by(
        /salmon|fish/.test(l.name)
          ? shape('M-24 -8q24 -10 46 4q4 8 -4 12q-20 8 -42 2q-4 -10 0 -18z', l.skin) +
              line('M-12 -8q5 9 0 18M0 -9q5 9 0 19M12 -6q5 7 0 15', 2, l.mark)
          : shape('M-22 -6c4 -12 24 -14 36 -8c12 4 12 20 2 24c-10 5 -20 0 -28 3c-9 2 -13 -10 -10 -19z', l.skin) +
              line('M-12 -4q10 -7 20 0', 2.4, l.mark),
      );
    case 'drumstick':
      return by(
        line('M10 8L24 20', 7, INK) +
          line('M10 8L24 20', 4, '#faf2e2') +
          shape('M12 8c-6 10 -26 8 -32 -4c-5 -12 8 -22 20 -18c14 3 18 14 12 22z', l.skin),
      );
    case 'egg':
      return by(shape('M0 -22c10 0 17 14 17 25a17 17 0 0 1 -34 0c0 -11 7 -25 17 -25z', l.skin));
    case 'loaf':
      return by(
        shape('M-20 -6q-6 -14 20 -14t20 14q0 4 -4 5V20H-16V-1q-4 -1 -4 -5z', l.skin) +
          area('M-13 -5q-4 -9 13 -9t13 9l-2 4V15H-11V-1z', l.flesh),
      );
    case 'flat':
      return by(ellipse(0, 2, 26, 13, l.skin) + [-12, 2, 12].map((x, i) => ellipse(x, i % 2 ? -2 : 5, 3.4, 2, l.mark, 0)).join(''));
    case 'sausage':
      return by(shape('M-22 -4q22 -8 44 0q6 7 0 13q-22 8 -44 0q-6 -6 0 -13z', l.skin));
    case 'prawn':
      return by(
        line('M-14 10C-16 -10 10 -16 16 2', 17, INK) +
          line('M-14 10C-16 -10 10 -16 16 2', 12.5, l.skin) +
          line('M-13 -2l8 4M-4 -10l3 8M8 -9l-3 7', 1.8, l.mark) +
          shape('M-14 10l-6 10 12 -4z', l.skin, 2),
      );
    case 'pods':
      return by(
        [-12, 0, 12].map((y) => line(`M-24 ${y + 3}q24 -10 48 0`, 11, INK) + line(`M-24 ${y + 3}q24 -10 48 0`, 7, l.skin)).join(''),
      );
    case 'biscuit':
      return by(ellipse(0, 0, 20, 18, l.skin) + [-8, 6, 0].map((x, i) => circle(x, [-4, -6, 7][i], 2.4, l.mark, 0)).join(''));
    case 'dough':
      return by(shape('M-24 14c-6 -18 8 -30 24 -30s30 12 24 30z', l.skin) + line('M-8 -6q8 -5 16 0', 1.8, l.mark));
    default:
      return heap(l, 'whole', 12, s * 1.3);
  }
}

/** One piece of a food in a state. `size` is its larger side. */
export function piece(l: Look, state: State, size: number, seed = 0): string {
  const h = size / 2;
  const edge = size > 12 ? 1.8 : 1.4;
  const tone = darker(l);
  switch (l.shape) {
    case 'grains': {
      const long = /rice|oat|corn-flake|seed|raisin|brown|cooked/.test(l.name);
      return ellipse(
        0,
        0,
        long ? h * 0.85 : h * 0.7,
        long ? h * 0.5 : h * 0.7,
        seed % 3 === 0 && l.flesh !== l.skin ? l.flesh : l.skin,
        edge,
        l.mark,
      );
    }
    case 'small':
      if (state === 'whole' || state === 'peeled') return ellipse(0, 0, h * 0.9, h * 0.8, l.skin, edge, l.mark);
      break;
    case 'strands':
      return (
        line(`M${-h * 1.5} ${h * 0.4}q${h * 0.8} ${-h * 1.6} ${h * 1.5} 0t${h * 1.5} ${-h * 0.2}`, 4.6, l.mark) +
        line(`M${-h * 1.5} ${h * 0.4}q${h * 0.8} ${-h * 1.6} ${h * 1.5} 0t${h * 1.5} ${-h * 0.2}`, 2.6, l.skin)
      );
    case 'tubes':
      return (
        shape(`M${-h} ${-h * 0.4}L${h * 0.7} ${-h * 0.4}L${h} ${h * 0.4}L${-h * 0.7} ${h * 0.4}z`, l.skin, edge, l.mark) +
        line(`M${-h * 0.5} 0H${h * 0.5}`, 1.2, l.mark)
      );
    case 'powder':
    case 'liquid':
    case 'cream':
      return circle(0, 0, h * 0.35, l.skin, 1, l.mark);
    case 'leaf':
    case 'sprig':
      return state === 'whole' || state === 'torn'
        ? shape(
            `M${-h} 0q${h * 0.4} ${-h} ${h} ${-h * 0.5}q${h} 0 ${h} ${h * 0.5}q${-h * 0.6} ${h} ${-h * 1.1} ${h * 0.5}q${-h} 0 ${-h * 0.9} ${-h * 0.5}z`,
            seed % 2 ? l.flesh : l.skin,
            edge,
            l.mark,
          )
        : line(`M${-h} 2q${h} -5 ${size} 0`, 4.4, l.mark) + line(`M${-h} 2q${h} -5 ${size} 0`, 2.4, seed % 2 ? l.flesh : l.skin);
    case 'floret':
      if (state !== 'grated' && state !== 'chopped') return whole(l, size);
      break;
    case 'egg':
      return state === 'whole'
        ? whole(l, size)
        : state === 'slices'
          ? ellipse(0, 0, h, h * 0.8, l.mark, edge) + circle(0, 0, h * 0.45, l.flesh, 0)
          : shape(
              through(
                [
                  [-h, -h * 0.6],
                  [h * 0.6, -h * 0.8],
                  [h, h * 0.6],
                  [-h * 0.6, h * 0.7],
                ],
                true,
              ),
              seed % 2 ? l.mark : l.flesh,
              edge,
              '#b5a06a',
            );
    case 'prawn':
    case 'sausage':
    case 'drumstick':
    case 'biscuit':
    case 'loaf':
    case 'flat':
      if (state === 'whole') return whole(l, size * 1.2);
      break;
    default:
      break;
  }
  switch (state) {
    case 'slices':
      if (l.shape === 'bulb')
        return (
          circle(0, 0, h, l.flesh, edge, l.mark) +
          circle(0, 0, h * 0.62, l.flesh, edge, l.mark) +
          (h > 6 ? circle(0, 0, h * 0.28, l.flesh, edge, l.mark) : '')
        );
      if (['block', 'loaf', 'slab', 'flat'].includes(l.shape))
        return shape(
          through(
            [
              [-h, -h * 0.6],
              [h, -h * 0.6],
              [h, h * 0.6],
              [-h, h * 0.6],
            ],
            true,
          ),
          l.flesh,
          edge,
          tone,
        );
      return (
        circle(0, 0, h * 0.95, l.skin, edge, tone) +
        circle(0, 0, h * 0.72, l.flesh, 0) +
        (/carrot|parsnip/.test(l.name) ? circle(0, 0, h * 0.3, l.mark, 0) : seeds(l, h))
      );
    case 'halves':
      return half(l, size);
    case 'wedges':
      return (
        shape(`M${-h} ${-h * 0.5}Q0 ${h * 1.5} ${h} ${-h * 0.5}Q0 ${-h * 0.1} ${-h} ${-h * 0.5}z`, l.flesh, edge, tone) +
        line(`M${-h} ${-h * 0.5}Q0 ${h * 1.5} ${h} ${-h * 0.5}`, 3, l.skin)
      );
    case 'sticks':
      return shape(
        through(
          [
            [-h, -size * 0.11],
            [h, -size * 0.11],
            [h, size * 0.11],
            [-h, size * 0.11],
          ],
          true,
        ),
        l.flesh,
        edge,
        tone,
      );
    case 'dice':
    case 'chopped': {
      const q = h * (state === 'chopped' ? 0.75 : 0.82);
      const skin = seed % 3 === 0 && l.skin !== l.flesh ? line(`M${r1(-q)} ${r1(-q)}H${r1(q)}`, 2.6, l.skin) : '';
      return (
        shape(
          through(
            [
              [-q, -q],
              [q, -q * 0.9],
              [q * 0.9, q],
              [-q, q],
            ],
            true,
          ),
          l.flesh,
          edge,
          tone,
        ) + skin
      );
    }
    case 'grated':
      return (
        line(`M${-h} ${h * 0.2}q${h} ${-h * 0.8} ${size} 0`, 5, tone) + line(`M${-h} ${h * 0.2}q${h} ${-h * 0.8} ${size} 0`, 2.8, l.flesh)
      );
    case 'torn':
      return shape(
        through(
          [
            [-h, -h * 0.2],
            [-h * 0.2, -h],
            [h, -h * 0.4],
            [h * 0.7, h * 0.7],
            [-h * 0.4, h * 0.8],
          ],
          true,
        ),
        l.flesh,
        edge,
        tone,
      );
    case 'peeled':
      return ellipse(0, 0, h, h * 0.85, l.flesh, edge, tone);
    default:
      return at(0, 0, whole(l, size), 0, 1);
  }
}

/** The line round small pieces: a darker tone of the food, or ink where food is light. */
const darker = (l: Look) => (l.mark === l.flesh ? INK : l.mark);

const seeds = (l: Look, h: number) =>
  /tomato|cucumber|courgette|kiwi|lemon|lime|tangerine|aubergine|eggplant|melon/.test(l.name) && h > 5
    ? [0, 60, 120, 180, 240, 300]
        .map((a) =>
          ellipse(Math.cos((a * Math.PI) / 180) * h * 0.42, Math.sin((a * Math.PI) / 180) * h * 0.42, h * 0.13, h * 0.13, l.mark, 0),
        )
        .join('')
    : '';

/** The cut face of one half, about s wide. */
export function half(l: Look, s: number): string {
  const h = s / 2;
  switch (l.shape) {
    case 'long':
      return (
        shape(
          `M${-h} ${-h * 0.28}H${h * 0.8}q${h * 0.3} ${h * 0.28} 0 ${h * 0.56}H${-h}q${-h * 0.25} ${-h * 0.28} 0 ${-h * 0.56}z`,
          l.skin,
        ) +
        area(`M${-h + 2} ${-h * 0.16}H${h * 0.76}q${h * 0.16} ${h * 0.16} 0 ${h * 0.32}H${-h + 2}z`, l.flesh) +
        line(`M${-h * 0.7} 0H${h * 0.6}`, 2.4, l.mark, ' stroke-dasharray="3 5"')
      );
    case 'bulb':
      return circle(0, 0, h, l.flesh, 2, l.skin) + [0.75, 0.5, 0.25].map((k) => circle(0, 0, h * k, 'none', 1.6, l.mark)).join('');
    case 'pepper':
      return (
        shape(
          `M${-h * 0.8} ${-h}q${h * 0.8} ${h * 0.4} ${h * 1.6} 0q${h * 0.4} ${h * 1.4} ${-h * 0.3} ${h * 1.9}q${-h * 0.5} ${-h * 0.2} ${-h} 0q${-h * 0.8} ${-h * 0.5} ${-h * 0.3} ${-h * 1.9}z`,
          l.skin,
        ) +
        area(
          `M${-h * 0.5} ${-h * 0.6}q${h * 0.5} ${h * 0.3} ${h} 0q${h * 0.2} ${h} ${-h * 0.2} ${h * 1.3}h${-h * 0.6}q${-h * 0.5} ${-h * 0.4} ${-h * 0.2} ${-h * 1.3}z`,
          l.flesh,
        ) +
        circle(0, -h * 0.4, h * 0.2, '#f6ecc0', 1.4, l.mark)
      );
    default: {
      const pit = /peach|plum|mango|avocado|cherries|olive/.test(l.name) ? circle(0, h * 0.1, h * 0.32, l.mark, 1.8) : '';
      const core = /apple|pear/.test(l.name)
        ? ellipse(0, 0, h * 0.26, h * 0.36, '#efe0b0', 1.6, l.mark) +
          ellipse(-h * 0.09, 0, 1.8, 3, l.mark, 0) +
          ellipse(h * 0.09, 0, 1.8, 3, l.mark, 0)
        : '';
      const spokes = /lemon|lime|tangerine/.test(l.name)
        ? line(
            [0, 60, 120]
              .map((a) => {
                const c = Math.cos((a * Math.PI) / 180) * h * 0.7;
                const q = Math.sin((a * Math.PI) / 180) * h * 0.7;
                return `M${r1(-c)} ${r1(-q)}L${r1(c)} ${r1(q)}`;
              })
              .join(''),
            1.8,
            '#fff',
          )
        : '';
      return circle(0, 0, h, l.skin, 2) + circle(0, 0, h * 0.82, l.flesh, 0) + (spokes || pit || core || seeds(l, h * 1.1));
    }
  }
}

const PIECE: Partial<Record<State, number>> = {
  slices: 24,
  sticks: 44,
  dice: 17,
  chopped: 11,
  grated: 30,
  halves: 46,
  wedges: 42,
  torn: 24,
};

/** Several pieces lying about 0,0, as a board holds them: fewer and larger rather than many. */
export function heap(l: Look, state: State, n: number, width: number, seed = 1): string {
  const next = scatter(seed + state.length);
  const loose = ['grains', 'powder', 'cream', 'liquid', 'strands', 'tubes', 'small'].includes(l.shape);
  if (state === 'mashed' || l.shape === 'cream' || l.shape === 'powder' || l.shape === 'liquid') return mound(l, width);
  const size = loose ? Math.min(13, width / 4) : Math.min(PIECE[state] ?? 30, width * 0.62);
  const places: Point[] = [];
  const rows = Math.max(1, Math.round(Math.sqrt(n / 1.6)));
  for (let row = 0; row < rows; row++) {
    const count = Math.max(1, Math.round((n / rows) * (0.65 + (0.7 * row) / Math.max(1, rows - 1 || 1))));
    for (let i = 0; i < count; i++)
      places.push([
        (i - (count - 1) / 2) * (width / Math.max(3, count + 0.4)) + (next() - 0.5) * 4,
        (row - (rows - 1) / 2) * size * (state === 'sticks' ? 0.3 : 0.78) + (next() - 0.5) * 3,
      ]);
  }
  return places
    .map(([x, y], i) =>
      at(
        x,
        y,
        piece(l, state, size, i),
        loose || state === 'dice' || state === 'chopped' || state === 'grated'
          ? (next() - 0.5) * 60
          : state === 'sticks'
            ? (next() - 0.5) * 24
            : 0,
      ),
    )
    .join('');
}

/** One soft mound. */
export function mound(l: Look, width: number): string {
  const h = width / 2;
  const d = `M${-h} ${h * 0.35}c${h * 0.1} ${-h * 0.7} ${h * 0.5} ${-h * 0.9} ${h} ${-h * 0.9}s${h * 0.9} ${h * 0.2} ${h} ${h * 0.9}z`;
  const specks =
    l.shape === 'powder'
      ? [-0.4, -0.1, 0.3, 0.5].map((x, i) => circle(x * h, h * (0.1 - (i % 2) * 0.3), 1.2, l.mark, 0)).join('')
      : line(`M${-h * 0.5} ${-h * 0.1}q${h * 0.25} ${-h * 0.3} ${h * 0.5} 0t${h * 0.5} 0`, 1.8, l.mark);
  return shape(d, l.flesh, 2, darker(l)) + specks;
}

/** Roundish food as one thing on a board, and what is cut from it: length it still has. */
export function body(l: Look, length: number, peeled = false): string {
  const colour = peeled ? l.flesh : l.skin;
  if (l.shape === 'long' || l.shape === 'pods' || l.shape === 'sausage')
    return longBody(l.shape === 'long' ? l : { ...l, name: 'cucumber' }, length, colour, l.shape === 'pods' ? 7 : 12);
  if (l.shape === 'block' || l.shape === 'loaf')
    return (
      shape(
        through(
          [
            [-length / 2, -20],
            [length / 2, -20],
            [length / 2, 20],
            [-length / 2, 20],
          ],
          true,
        ),
        l.flesh,
      ) + line(`M${-length / 2} -14H${length / 2}`, 1.6, l.mark)
    );
  if (l.shape === 'slab')
    return (
      shape(`M${-length / 2} -14q${length / 2} -14 ${length} 0q8 14 0 28q${-length / 2} 12 ${-length} 0q-9 -14 0 -28z`, l.skin) +
      line(`M${-length * 0.25} -4q${length * 0.2} -7 ${length * 0.4} 0`, 2, l.mark)
    );
  if (l.shape === 'leaf' || l.shape === 'sprig') return [-14, 14, 0].map((y, i) => at(i * 6 - 6, y, whole(l, 40), 90)).join('');
  return whole(peeled ? { ...l, skin: l.flesh } : l, Math.min(58, length));
}
