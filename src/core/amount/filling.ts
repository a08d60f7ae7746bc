// How to make an amount with the measures in the drawer: which to fill, and how many times.
import { Fraction, toFraction, toQuantity, type Quantity } from './quantity';
import { millilitresIn, type MeasureSystem, type Unit } from './units';

/** A cup, spoon or jug: what it holds when filled once. `id` names it within a kitchen. */
export type Measure = { id: string; quantity: Quantity; unit: Unit; kind: 'dry' | 'liquid' | 'spoon' };

/** One way to make an amount. `error` is |made - wanted| as a fraction of the amount, "0" when exact. */
export type FillingPlan = {
  fillings: { measure: string; times: number }[];
  error: string;
  direction: 'exact' | 'over' | 'under';
};

export type FillingOptions = {
  /** Whose cups and spoons the measures are; default US. */
  system?: MeasureSystem;
  /** A liquid of a quarter cup or more goes in a jug, less in spoons; anything else in dry cups and spoons. Without it, any measure serves. */
  substance?: 'dry' | 'liquid';
  /** Only these measures (a learner's known ones). */
  known?: string[];
  /** How many plans at most; default 5. */
  most?: number;
};

// Past this many ticks an amount is so fine that the table would cost more than the answer is worth.
const MOST_TICKS = 60_000;

type Sized = { id: string; ticks: number };

/**
 * Finds the fillings that make an amount: fewest fillings first, then fewest different measures, then the larger measures.
 * Where none is exact, the nearest amount that the measures can make, with its error.
 * @returns best first; empty when the amount is not a volume, is zero, or no measure serves. Never rounds in silence: see `error`.
 * @example planFilling({ quantity: '4/3', unit: 'cup' }, drawer)[0] // 1 x cup, 1 x third-cup, error '0'
 */
export function planFilling(
  amount: { quantity: Quantity; unit: Unit },
  measures: readonly Measure[],
  options: FillingOptions = {},
): FillingPlan[] {
  const { system = 'us', most = 5 } = options;
  const wanted = volume(amount, system);
  if (!wanted || wanted.compare(0) <= 0) return [];
  const usable = choose(measures, wanted, system, options);
  if (usable.length === 0) return [];

  const tick = commonTick([wanted, ...usable.map((m) => m.size)], usable[0]!.size);
  const target = Math.round(wanted.div(tick).valueOf());
  const sized: Sized[] = usable
    .map((m) => ({ id: m.id, ticks: Math.round(m.size.div(tick).valueOf()) }))
    .filter((m) => m.ticks > 0)
    .sort((a, b) => b.ticks - a.ticks);
  const reach = target + sized.at(-1)!.ticks;
  if (reach > MOST_TICKS * 4) return [];

  const fewest = fewestFillings(sized, reach);
  const made = nearest(fewest, target);
  const plans = combinations(sized, fewest, made, most);
  const sizeOf = new Map(usable.map((m) => [m.id, m.size]));
  return plans.map((fillings) => {
    // from the true sizes, not from ticks: a tick may stand in for a size that has no common part
    const exact = fillings.reduce((sum, x) => sum.add(sizeOf.get(x.measure)!.mul(x.times)), new Fraction(0));
    const off = exact.sub(wanted);
    const direction = off.equals(0) ? 'exact' : off.compare(0) > 0 ? 'over' : 'under';
    return { fillings, error: toQuantity(off.abs().div(wanted)), direction };
  });
}

function volume(amount: { quantity: Quantity; unit: Unit }, system: MeasureSystem): Fraction | null {
  const value = toFraction(amount.quantity);
  const size = millilitresIn(amount.unit, system);
  return value && size ? value.mul(size) : null;
}

/** The measures that suit the substance; two of one size count once, the one that suits best. */
function choose(measures: readonly Measure[], wanted: Fraction, system: MeasureSystem, options: FillingOptions) {
  const quarterCup = millilitresIn('cup', system)!.div(4);
  const jug = options.substance === 'liquid' && wanted.compare(quarterCup) >= 0;
  const rank = (m: Measure) => {
    if (options.substance === 'dry') return m.kind === 'liquid' ? -1 : 1;
    if (options.substance === 'liquid') {
      if (jug) return m.kind === 'liquid' ? 2 : 1;
      return m.kind === 'liquid' ? -1 : 1;
    }
    return 1;
  };
  const bySize = new Map<string, { id: string; size: Fraction; rank: number }>();
  for (const m of measures) {
    const size = volume(m, system);
    const own = rank(m);
    if (!size || size.compare(0) <= 0 || own < 0) continue;
    if (options.known && !options.known.includes(m.id)) continue;
    const key = size.toFraction();
    const held = bySize.get(key);
    if (!held || own > held.rank) bySize.set(key, { id: m.id, size, rank: own });
  }
  return [...bySize.values()];
}

/**
 * The largest amount of which all are whole multiples. Mixed systems (a 250 mL jug and US spoons) may have none of a useful
 * size; then 1/400 of the smallest measure stands in: finer than a hand can fill.
 */
function commonTick(all: Fraction[], fallbackFrom: Fraction): Fraction {
  const gcd = all.reduce((a, b) => a.gcd(b));
  const largest = all.reduce((a, b) => (a.compare(b) > 0 ? a : b));
  if (largest.div(gcd).compare(MOST_TICKS) <= 0) return gcd;
  const smallest = all.slice(1).reduce((a, b) => (a.compare(b) < 0 ? a : b), fallbackFrom);
  const fine = smallest.div(400);
  return largest.div(fine).compare(MOST_TICKS) <= 0 ? fine : largest.div(MOST_TICKS);
}

/** For every number of ticks up to `reach`, the fewest fillings that make it (0xffff where none does). */
function fewestFillings(sized: Sized[], reach: number): Uint16Array {
  const best = new Uint16Array(reach + 1).fill(0xffff);
  best[0] = 0;
  for (const { ticks } of sized)
    for (let t = ticks; t <= reach; t++) {
      const before = best[t - ticks]!;
      if (before < 0xfffe && before + 1 < best[t]!) best[t] = before + 1;
    }
  return best;
}

/** The number of ticks nearest to the target that can be made; of two as near, the smaller. Never nothing at all. */
function nearest(fewest: Uint16Array, target: number): number {
  for (let off = 0; ; off++) {
    const under = target - off;
    if (under > 0 && fewest[under]! < 0xffff) return under;
    const over = target + off;
    if (over < fewest.length && fewest[over]! < 0xffff) return over;
    if (under <= 0 && over >= fewest.length) return target;
  }
}

type Filling = { measure: string; times: number };

/** All ways to make `total` with the fewest fillings and, to offer a choice, one filling more; best first, at most `most`. */
function combinations(sized: Sized[], fewest: Uint16Array, total: number, most: number): Filling[][] {
  const shortest = fewest[total]!;
  const found: { fillings: Filling[]; count: number; order: number }[] = [];
  // Both bounds keep the search small however the drawer is stocked.
  let budget = 20_000;
  const visit = (index: number, left: number, count: number, held: Filling[], limit: number): void => {
    if (budget-- <= 0) return;
    if (left === 0) {
      found.push({ fillings: held, count, order: found.length });
      return;
    }
    const measure = sized[index];
    if (!measure || count + fewest[left]! > limit) return;
    for (let times = Math.min(Math.floor(left / measure.ticks), limit - count); times >= 0; times--) {
      const next = times > 0 ? [...held, { measure: measure.id, times }] : held;
      visit(index + 1, left - times * measure.ticks, count + times, next, limit);
    }
  };
  visit(0, total, 0, [], shortest);
  if (found.length < most) {
    const exact = found.splice(0);
    visit(0, total, 0, [], shortest + 1);
    const seen = new Set(exact.map((p) => JSON.stringify(p.fillings)));
    found.unshift(...exact);
    for (let i = found.length - 1; i >= exact.length; i--) if (seen.has(JSON.stringify(found[i]!.fillings))) found.splice(i, 1);
  }
  return found
    .sort((a, b) => a.count - b.count || a.fillings.length - b.fillings.length || a.order - b.order)
    .slice(0, most)
    .map((p) => p.fillings);
}
