// The exact search: for each class of steps one closed set, so that the counts over the whole recipe are least in their order.
import type { Kitchen } from '../plan/model';
import { closedSets, type Priced } from './closed';
import { totalOf, type Cost } from './costs';
import type { Learner } from './model';
import type { Class } from './problem';

export type Chosen = { class: Class; priced: Priced };
export type Found = { chosen: Chosen[]; total: number[]; nodes: number; sets: Map<Class, Priced[]> };

/** Finds a best choice; among equals the one that comes first in the catalogue. */
export function search(classes: readonly Class[], learner: Learner, kitchen: Kitchen): Found {
  const sets = new Map(classes.map((c) => [c, closedSets(c.site, learner, kitchen)]));
  const kept = reduced(classes.map((c): Option[] => sets.get(c)!.map((priced) => optionOf(priced, c.times))));
  let nodes = 0;
  const picked = new Map<number, Option>();
  for (const part of partsOf(kept)) {
    const best = solve(
      part.map((i) => kept[i]!),
      () => void nodes++,
    );
    part.forEach((i, k) => picked.set(i, best[k]!));
  }
  const chosen = classes.map((c, i) => ({ class: c, priced: picked.get(i)!.priced }));
  return { chosen, total: totalOf(chosen.map((x) => ({ cost: x.priced.cost, times: x.class.times }))), nodes, sets };
}

/**
 * One closed set with what it costs by itself and what is paid once, in two parts: `first` and `second` count tools not known, hazards, stand-ins
 * and then methods and tools; `third` counts ways to learn and then uses. The counts of one recipe are far below the factors.
 */
type Option = { priced: Priced; first: number; second: number; third: number; once: readonly Once[] };
type Once = { key: string; first: number; third: number };

const FIRST = { unknown: 1e7, hazards: 1e3, standIn: 1 } as const;
const SECOND = { method: 1e4, tool: 1 } as const;
const THIRD = { way: 1e4, use: 1 } as const;

function optionOf(priced: Priced, times: number): Option {
  const c: Cost = priced.cost;
  return {
    priced,
    first: c.hazards * times * FIRST.hazards,
    second: (c.method * SECOND.method + c.tool * SECOND.tool) * times,
    third: c.uses * times * THIRD.use,
    once: [
      ...c.unknown.map((t): Once => ({ key: `?${t}`, first: FIRST.unknown, third: 0 })),
      ...c.standIns.map((t): Once => ({ key: `~${t}`, first: FIRST.standIn, third: 0 })),
      ...c.ways.map((w): Once => ({ key: w, first: 0, third: THIRD.way })),
    ],
  };
}

type Sum = [first: number, second: number, third: number];
const isLess = (a: Sum, b: Sum): boolean => {
  for (let i = 0; i < 3; i++)
    if (a[i]! < b[i]! - 1e-6) return true;
    else if (a[i]! > b[i]! + 1e-6) return false;
  return false;
};
const plus = (a: Sum, b: Sum): Sum => [a[0] + b[0], a[1] + b[1], a[2] + b[2]];

/**
 * Makes the question small and keeps a best answer in it: what only one class could pay is that class's own cost; what a class without a choice pays
 * is free for the others; and an option goes where another of its class costs no more, though it had to pay all that the first does not.
 */
function reduced(classes: readonly Option[][]): Option[][] {
  let now = classes.map((options) => [...options]);
  for (;;) {
    const sharers = new Map<string, number>();
    const free = new Set<string>();
    for (const options of now) {
      for (const key of new Set(options.flatMap((o) => o.once.map((x) => x.key)))) sharers.set(key, (sharers.get(key) ?? 0) + 1);
      if (options.length === 1) for (const x of options[0]!.once) free.add(x.key);
    }
    const next = now.map((options) => {
      if (options.length === 1) return options;
      const folded = options.map((o): Option => {
        const own = o.once.filter((x) => sharers.get(x.key) === 1);
        return {
          ...o,
          first: own.reduce((n, x) => n + x.first, o.first),
          third: own.reduce((n, x) => n + x.third, o.third),
          once: o.once.filter((x) => sharers.get(x.key)! > 1 && !free.has(x.key)),
        };
      });
      return undominated(folded);
    });
    const size = (list: readonly Option[][]) => list.reduce((n, o) => n + o.length, 0);
    if (size(next) === size(now)) return next;
    now = next;
  }
}

/** Without what another of the same class beats whatever the other classes do; of two alike the first stays. */
function undominated(options: readonly Option[]): Option[] {
  const beats = (a: Option, b: Option): boolean => {
    const keys = new Set(b.once.map((o) => o.key));
    const extra = a.once.filter((o) => !keys.has(o.key));
    const all: Sum = [extra.reduce((n, x) => n + x.first, a.first), a.second, extra.reduce((n, x) => n + x.third, a.third)];
    return !isLess([b.first, b.second, b.third], all);
  };
  let list = [...options];
  for (const b of [...options].reverse()) if (list.some((a) => a !== b && beats(a, b))) list = list.filter((x) => x !== b);
  return list;
}

/** Classes that share nothing that is paid once are solved apart. */
function partsOf(classes: readonly Option[][]): number[][] {
  const root = classes.map((_, i) => i);
  const find = (i: number): number => (root[i] === i ? i : (root[i] = find(root[i]!)));
  const first = new Map<string, number>();
  classes.forEach((options, i) => {
    for (const o of options)
      for (const { key } of o.once) {
        const other = first.get(key);
        if (other === undefined) first.set(key, i);
        else root[find(i)] = find(other);
      }
  });
  const parts = new Map<number, number[]>();
  classes.forEach((_, i) => parts.set(find(i), [...(parts.get(find(i)) ?? []), i]));
  return [...parts.values()];
}

/**
 * Solves a part: first what tools and methods it takes, then, among all that take no more, the fewest ways to learn. An option with which the
 * first could not be reached is dropped between the two.
 */
function solve(classes: readonly Option[][], count: () => void): Option[] {
  const plain = classes.map((options) => distinct(options.map((o) => ({ ...o, third: 0, once: o.once.filter((x) => x.first > 0) }))));
  const goal = branch(plain, [Infinity, Infinity, Infinity], count).sum;
  const budget: Sum = [goal[0], goal[1], Infinity];
  const within = reduced(affordable(classes, budget));
  const out: Option[] = [];
  for (const part of partsOf(within)) {
    const own = part.map((i) => within[i]!);
    const limit = part.length === classes.length ? budget : partBudget(own, count);
    branch(own, limit, count).options.forEach((o, k) => (out[part[k]!] = o));
  }
  return out;
}

/** What a part takes at least by itself: parts share nothing, so their least sums add up. */
const partBudget = (classes: readonly Option[][], count: () => void): Sum => {
  const { sum } = branch(
    classes.map((options) => distinct(options.map((o) => ({ ...o, third: 0, once: o.once.filter((x) => x.first > 0) })))),
    [Infinity, Infinity, Infinity],
    count,
  );
  return [sum[0], sum[1], Infinity];
};

/** One of each that costs the same and needs the same. */
function distinct(options: readonly Option[]): Option[] {
  const by = new Map<string, Option>();
  for (const o of options) {
    const key = `${o.first}/${o.second}/${o.once
      .map((x) => x.key)
      .sort()
      .join()}`;
    if (!by.has(key)) by.set(key, o);
  }
  return undominated([...by.values()]);
}

/** Without options with which the budget could not be kept: the least that a whole choice with each could cost is over it. */
function affordable(classes: readonly Option[][], budget: Sum): Option[][] {
  const sharers = sharersOf(classes);
  const share = (key: string) => 1 / sharers.get(key)!;
  const least = classes.map((options) => cheapest(options, share));
  const all = least.reduce<Sum>(plus, [0, 0, 0]);
  return classes.map((options, i) =>
    options.filter((o) => {
      const own = cheapest([o], share);
      const [f, s] = [all[0] - least[i]![0] + own[0], all[1] - least[i]![1] + own[1]];
      return !isLess(budget, [Math.ceil(f - 1e-6), Math.ceil(s - 1e-6), 0]);
    }),
  );
}

function sharersOf(classes: readonly Option[][]): Map<string, number> {
  const sharers = new Map<string, number>();
  for (const options of classes)
    for (const key of new Set(options.flatMap((o) => o.once.map((x) => x.key)))) sharers.set(key, (sharers.get(key) ?? 0) + 1);
  return sharers;
}

/** The least of each count by itself, what is paid once taken for its share. */
function cheapest(options: readonly Option[], share: (key: string) => number): Sum {
  const least: Sum = [Infinity, Infinity, Infinity];
  for (const o of options) {
    let [f, t] = [o.first, o.third];
    for (const x of o.once) {
      const part = share(x.key);
      f += x.first * part;
      t += x.third * part;
    }
    if (f < least[0]) least[0] = f;
    if (o.second < least[1]) least[1] = o.second;
    if (t < least[2]) least[2] = t;
  }
  return least;
}

/** Branch and bound. The bound gives each class its cheapest option, what is paid once split over the classes that could share it. */
function branch(classes: readonly Option[][], budget: Sum, count: () => void): { options: Option[]; sum: Sum } {
  const order = classes.map((_, i) => i).sort((a, b) => classes[a]!.length - classes[b]!.length);
  // how many of the classes from each place on could share a charge
  const sharersFrom: Map<string, number>[] = [];
  for (let k = order.length - 1; k >= 0; k--) {
    const here = new Map(sharersFrom[k + 1]);
    for (const key of new Set(classes[order[k]!]!.flatMap((o) => o.once.map((x) => x.key)))) here.set(key, (here.get(key) ?? 0) + 1);
    sharersFrom[k] = here;
  }
  const used = new Map<string, number>();
  const now: Option[] = [];
  let best: Option[] | null = null;
  let bestSum: Sum = [Infinity, Infinity, Infinity];
  const added = (o: Option): Sum => {
    let [f, t] = [o.first, o.third];
    for (const x of o.once)
      if (!used.get(x.key)) {
        f += x.first;
        t += x.third;
      }
    return [f, o.second, t];
  };
  const bound = (from: number): Sum => {
    let sum: Sum = [0, 0, 0];
    for (let k = from; k < order.length; k++)
      sum = plus(
        sum,
        cheapest(classes[order[k]!]!, (key) => (used.get(key) ? 0 : 1 / sharersFrom[from]!.get(key)!)),
      );
    // a charge is paid whole
    return [Math.ceil(sum[0] - 1e-6), Math.ceil(sum[1] - 1e-6), Math.ceil(sum[2] - 1e-6)];
  };
  const visit = (k: number, sum: Sum): void => {
    count();
    if (k === order.length) {
      if (best === null || isLess(sum, bestSum)) {
        best = [...now];
        bestSum = sum;
      }
      return;
    }
    const least = plus(sum, bound(k));
    if (isLess(budget, least) || (best !== null && !isLess(least, bestSum))) return;
    const options = classes[order[k]!]!.map((o) => ({ o, cost: added(o) })).sort((a, b) =>
      isLess(a.cost, b.cost) ? -1 : isLess(b.cost, a.cost) ? 1 : 0,
    );
    for (const { o, cost } of options) {
      now.push(o);
      for (const x of o.once) used.set(x.key, (used.get(x.key) ?? 0) + 1);
      visit(k + 1, plus(sum, cost));
      for (const x of o.once) used.set(x.key, used.get(x.key)! - 1);
      now.pop();
    }
  };
  visit(0, [0, 0, 0]);
  const out: Option[] = [];
  order.forEach((i, k) => (out[i] = best![k]!));
  return { options: out, sum: bestSum };
}
