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
const MOST_TICKS = 240_000;
// Measures of two systems (5 mL spoons, imperial cups) may share no part of a useful size: they are then added up apart.
const FINEST = 5_000;

/** Measures that are all whole multiples of one tick, the largest first, and what they can make. */
type Family = { tick: Fraction; sized: { id: string; ticks: number }[]; fewest: Uint16Array };
/** What each family gives, in its own ticks. */
type Made = { parts: number[]; error: number; count: number };

/**
 * Finds the fillings that make an amount: fewest fillings first, then fewest different measures, then the larger measures.
 * Where none is exact, the nearest amount that the measures can make, with its error; of two as near, the one with fewer fillings.
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

  const families = familiesOf(usable, wanted);
  if (!families) return [];
  const made = nearest(families, wanted.valueOf());
  if (!made) return [];
  const plans = plansFor(families, made.parts, most);
  const sizeOf = new Map(usable.map((m) => [m.id, m.size]));
  return plans.map((fillings) => {
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

/** Groups measures by what they have in common; null when the amount is too fine or too large for a table. */
function familiesOf(usable: { id: string; size: Fraction }[], wanted: Fraction): Family[] | null {
  const groups: { tick: Fraction; members: typeof usable }[] = [];
  for (const one of [...usable].sort((a, b) => b.size.compare(a.size))) {
    const group = groups.find((g) => {
      const tick = g.tick.gcd(one.size);
      return g.members[0]!.size.div(tick).compare(FINEST) <= 0;
    });
    if (group) {
      group.tick = group.tick.gcd(one.size);
      group.members.push(one);
    } else groups.push({ tick: one.size, members: [one] });
  }
  const families: Family[] = [];
  for (const { tick, members } of groups) {
    const sized = members.map((m) => ({ id: m.id, ticks: Number(m.size.div(tick).n) }));
    const reach = Math.ceil(wanted.div(tick).valueOf()) + sized.at(-1)!.ticks;
    if (reach > MOST_TICKS) return null;
    families.push({ tick, sized, fewest: fewestFillings(sized, reach) });
  }
  return families;
}

/** For every number of ticks up to `reach`, the fewest fillings that make it (0xffff where none does). */
function fewestFillings(sized: Family['sized'], reach: number): Uint16Array {
  const best = new Uint16Array(reach + 1).fill(0xffff);
  best[0] = 0;
  for (const { ticks } of sized)
    for (let t = ticks; t <= reach; t++) {
      const before = best[t - ticks]!;
      if (before < 0xfffe && before + 1 < best[t]!) best[t] = before + 1;
    }
  return best;
}

/** What the families can make together nearest to `wanted` millilitres: least error, then fewest fillings, then the smaller. Never nothing at all. */
function nearest(families: Family[], wanted: number): Made | null {
  let best: Made | null = null;
  const consider = (parts: number[], total: number, count: number) => {
    if (total <= 0) return;
    const error = Math.abs(total - wanted);
    // errors of a rounding apart are one and the same amount
    const same = best !== null && Math.abs(error - best.error) < 1e-9;
    if (best === null || (same ? count < best.count : error < best.error)) best = { parts, error, count };
  };
  const last = families.at(-1)!;
  const lastTick = last.tick.valueOf();
  const visit = (index: number, parts: number[], total: number, count: number): void => {
    const family = families[index]!;
    const tick = family.tick.valueOf();
    if (index < families.length - 1) {
      for (let t = 0; t < family.fewest.length && total + t * tick <= wanted * 1.5 + tick; t++)
        if (family.fewest[t]! < 0xffff) visit(index + 1, [...parts, t], total + t * tick, count + family.fewest[t]!);
      return;
    }
    const goal = Math.max(0, (wanted - total) / lastTick);
    let under = Math.min(Math.floor(goal + 1e-9), last.fewest.length - 1);
    while (under > 0 && last.fewest[under]! === 0xffff) under--;
    consider([...parts, under], total + under * lastTick, count + last.fewest[under]!);
    let over = under + 1;
    while (over < last.fewest.length && last.fewest[over]! === 0xffff) over++;
    if (over < last.fewest.length) consider([...parts, over], total + over * lastTick, count + last.fewest[over]!);
  };
  visit(0, [], 0, 0);
  return best;
}

type Filling = { measure: string; times: number };

/** The ways to fill what each family gives, together; best first. */
function plansFor(families: Family[], parts: number[], most: number): Filling[][] {
  const own = families.map((family, i) => (parts[i] === 0 ? [[]] : combinations(family.sized, family.fewest, parts[i]!, most)));
  const together = own.reduce<Filling[][]>((all, next) => all.flatMap((a) => next.map((b) => [...a, ...b])), [[]]);
  const count = (plan: Filling[]) => plan.reduce((n, f) => n + f.times, 0);
  return together.sort((a, b) => count(a) - count(b) || a.length - b.length).slice(0, most);
}

/** All ways to make `total` with the fewest fillings and, to offer a choice, one filling more; best first, at most `most`. */
function combinations(sized: Family['sized'], fewest: Uint16Array, total: number, most: number): Filling[][] {
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
