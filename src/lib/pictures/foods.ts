// Foods as they come: whole, each drawn about 0,0.
import type { Look } from '$core';
import { area, at, circle, ellipse, INK, line, shape } from './pen';

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
export function longBody(l: Look, length: number, colour = l.skin, thick = 13): string {
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

/** A food that is one thing, as it comes, about s wide; null for what lies loose. */
export function solid(l: Look, s: number): string | null {
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
      return null;
  }
}
