// Foods in pieces: what a knife, a grater or a masher leaves. Each is drawn about 0,0.
import type { Look, State } from '$core';
import { longBody, solid } from './foods';
import { area, at, circle, ellipse, INK, line, scatter, shape, through, type Point } from './pen';

const r1 = (n: number) => Math.round(n * 10) / 10;

/** A food as it comes, about s wide. */
export const whole = (l: Look, s = 44): string => solid(l, s) ?? heap(l, 'whole', 12, s * 1.3);

/** One piece of a food in a state. `size` is its larger side. */
export function piece(l: Look, state: State, size: number, seed = 0): string {
  if (state === 'shell' || state === 'filled') return boat(l, size * 1.2, state === 'filled');
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

/** A half that its inside was taken out of, open at the top, about s wide; heaped with what was put back into it. */
export function boat(l: Look, s: number, filled: boolean): string {
  const h = s / 2;
  const hollow = ellipse(0, -h * 0.16, h * 0.76, h * 0.16, darker({ ...l, skin: l.flesh }), 1.4);
  const heap_ = shape(
    `M${-h * 0.8} ${-h * 0.16}q${h * 0.3} ${-h * 0.62} ${h * 0.8} ${-h * 0.56}t${h * 0.8} ${h * 0.56}z`,
    '#f1d9a0',
    1.8,
    '#b98b3a',
  );
  return (
    shape(`M${-h} ${-h * 0.16}Q${-h} ${h * 0.72} 0 ${h * 0.72}T${h} ${-h * 0.16}z`, l.skin, 2.2) +
    ellipse(0, -h * 0.16, h, h * 0.26, l.flesh, 2) +
    (filled ? heap_ : hollow)
  );
}

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
    case 'flat':
      return (
        shape(`M${-h} ${h * 0.3}Q${-h} ${-h * 0.75} 0 ${-h * 0.75}T${h} ${h * 0.3}z`, l.skin, 2.2) +
        [-0.5, 0, 0.5].map((k, i) => ellipse(k * h, -h * (i % 2 ? 0.35 : 0.05), h * 0.13, h * 0.07, l.mark, 0)).join('')
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
  shell: 40,
  filled: 40,
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
    const count = rows === 1 ? n : Math.max(1, Math.round((n / rows) * (0.65 + (0.7 * row) / Math.max(1, rows - 1 || 1))));
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
