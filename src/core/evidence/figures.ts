// What a record shows before and after teaching began: level, trend, variability, overlap, and what each of these hides.
import { nap } from './nap';
import { median, pairsWithin } from './pairs';
import { pnd } from './pnd';
import { tau, tauU } from './tau';
import { theilSen } from './theil-sen';

/** One stretch of a record. Null: too few points to say. */
export type Stretch = {
  n: number;
  median: number | null;
  mean: number | null;
  lowest: number | null;
  highest: number | null;
  /** Theil-Sen, percentage points a lesson. */
  slope: number | null;
  /** Share of points no further than a quarter of the median from it, in %: 80 % is called stable (common practice). */
  near: number | null;
};

export const WARNINGS = [
  'no-baseline',
  'few-baseline',
  'short-baseline',
  'few-later',
  'rising-baseline',
  'full-baseline',
  'one-point-decides',
  'other-changes',
] as const;
export type Warning = (typeof WARNINGS)[number];

export type Figures = {
  before: Stretch;
  after: Stretch;
  nap: number | null;
  tau: number | null;
  tauU: number | null;
  pnd: number | null;
  /** Share of later points within the range of the baseline, in %. */
  overlap: number | null;
  warnings: Warning[];
};

/** A standard of single-case research asks for at least 3 points a phase, 5 to be met without reservation (What Works Clearinghouse). */
export const FEWEST = 3;
const ENOUGH = 5;
/** From this much of its pairs rising, a baseline is said to rise by itself (common practice). */
const RISES = 0.4;
/** A single baseline point that moves PND by this many percentage points decides it alone. */
const MOVES = 20;
const NEAR = 0.25;

const orNull = (n: number) => (Number.isFinite(n) ? n : null);

/** @param values in % */
export function stretchOf(values: readonly number[]): Stretch {
  const middle = median(values);
  const near = values.filter((v) => Math.abs(v - middle) <= NEAR * middle).length;
  return {
    n: values.length,
    median: orNull(middle),
    mean: orNull(values.reduce((sum, v) => sum + v, 0) / values.length),
    lowest: orNull(Math.min(...values)),
    highest: orNull(Math.max(...values)),
    slope: values.length < FEWEST ? null : orNull(theilSen(values)),
    near: values.length < FEWEST ? null : orNull((100 * near) / values.length),
  };
}

/**
 * The figures of a record. What there is too little for is null, and why stands among the warnings.
 * @param a baseline, in %; @param b what came after it
 * @param changes how many other things changed after the baseline: procedure, own way, version
 */
export function figuresOf(a: readonly number[], b: readonly number[], changes = 0): Figures {
  const enough = a.length >= FEWEST && b.length >= FEWEST;
  const figure = (of: (a: readonly number[], b: readonly number[]) => number) => (enough ? orNull(of(a, b)) : null);
  const [lowest, highest] = [Math.min(...a), Math.max(...a)];
  return {
    before: stretchOf(a),
    after: stretchOf(b),
    nap: figure(nap),
    tau: figure(tau),
    tauU: figure(tauU),
    pnd: figure(pnd),
    overlap: figure(() => (100 * b.filter((v) => v >= lowest && v <= highest).length) / b.length),
    warnings: warningsOf(a, b, changes),
  };
}

function warningsOf(a: readonly number[], b: readonly number[], changes: number): Warning[] {
  const trend = pairsWithin(a);
  const pairs = (a.length * (a.length - 1)) / 2;
  return [
    ...(a.length === 0 ? (['no-baseline'] as const) : a.length < FEWEST ? (['few-baseline'] as const) : []),
    ...(a.length >= FEWEST && a.length < ENOUGH ? (['short-baseline'] as const) : []),
    ...(b.length < FEWEST ? (['few-later'] as const) : []),
    ...(a.length >= FEWEST && (trend.higher - trend.lower) / pairs >= RISES ? (['rising-baseline'] as const) : []),
    ...(a.some((v) => v >= 100) ? (['full-baseline'] as const) : []),
    ...(oneDecides(a, b) ? (['one-point-decides'] as const) : []),
    ...(changes > 0 ? (['other-changes'] as const) : []),
  ];
}

function oneDecides(a: readonly number[], b: readonly number[]): boolean {
  if (a.length < FEWEST || b.length === 0) return false;
  const rest = [...a].sort((x, y) => x - y).slice(0, -1);
  return pnd(rest, b) - pnd(a, b) >= MOVES;
}
