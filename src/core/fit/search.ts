// The exact search: for each class of steps one closed set, so that the counts over the whole recipe are least in their order.
import type { Kitchen } from '../plan/model';
import { closedSets, type Priced } from './closed';
import { compare, totalOf, type Cost } from './costs';
import type { Learner } from './model';
import type { Class } from './problem';

export type Chosen = { class: Class; priced: Priced };
export type Found = { chosen: Chosen[]; total: number[]; nodes: number; sets: Map<Class, Priced[]> };

/** Finds a best choice; among equals the one that comes first in the catalogue. */
export function search(classes: readonly Class[], learner: Learner, kitchen: Kitchen): Found {
  const sets = new Map(classes.map((c) => [c, closedSets(c.site, learner, kitchen)]));
  const kept = classes.map((c): Option[] => undominated(sets.get(c)!.map((priced) => optionOf(priced, c.times))));
  let nodes = 0;
  const picked = new Map<number, Option>();
  for (const part of partsOf(kept)) {
    const best = solve(part.map((i) => kept[i]!), () => void nodes++);
    part.forEach((i, k) => picked.set(i, best[k]!));
  }
  const chosen = classes.map((c, i) => ({ class: c, priced: picked.get(i)!.priced }));
  return { chosen, total: totalOf(chosen.map((x) => ({ cost: x.priced.cost, times: x.class.times }))), nodes, sets };
}

/** One closed set with what it costs by itself, and what is paid once: [not known, hazards, stand-ins] and [method, tool, ways, uses]. */
type Option = { priced: Priced; first: number; second: number; once: readonly Once[] };
type Once = { key: string; first: number; second: number };

// counts of one recipe stay far below these; two numbers hold all seven in order
const FIRST = { unknown: 1e7, hazards: 1e3, standIn: 1 } as const;
const SECOND = { method: 1e11, tool: 1e8, way: 1e4, use: 1 } as const;

function optionOf(priced: Priced, times: number): Option {
  const c: Cost = priced.cost;
  return {
    priced,
    first: c.hazards * times * FIRST.hazards,
    second: (c.method * SECOND.method + c.tool * SECOND.tool + c.uses * SECOND.use) * times,
    once: [
      ...c.unknown.map((t): Once => ({ key: `?${t}`, first: FIRST.unknown, second: 0 })),
      ...c.standIns.map((t): Once => ({ key: `~${t}`, first: FIRST.standIn, second: 0 })),
      ...c.ways.map((w): Once => ({ key: w, first: 0, second: SECOND.way })),
    ],
  };
}

/** Drops what another of the same class beats whatever the other classes do. */
function undominated(options: readonly Option[]): Option[] {
  const beats = (a: Option, b: Option): boolean => {
    const keys = new Set(b.once.map((o) => o.key));
    if (!a.once.every((o) => keys.has(o.key))) return false;
    if (a.first !== b.first) return a.first < b.first;
    if (a.second !== b.second) return a.second < b.second;
    return a.once.length < b.once.length;
  };
  return options.filter((o) => !options.some((p) => p !== o && beats(p, o)));
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

const less = (a1: number, a2: number, b1: number, b2: number) => a1 < b1 - 1e-6 || (a1 <= b1 + 1e-6 && a2 < b2 - 1e-6);

/** Branch and bound in one part. The bound gives each class its cheapest set, what is paid once split over the classes that could share it. */
function solve(classes: readonly Option[][], count: () => void): Option[] {
  const order = classes.map((_, i) => i).sort((a, b) => classes[a]!.length - classes[b]!.length);
  const sharers = new Map<string, number>();
  for (const options of classes) for (const key of new Set(options.flatMap((o) => o.once.map((x) => x.key)))) sharers.set(key, (sharers.get(key) ?? 0) + 1);
  const used = new Map<string, number>();
  const now: Option[] = [];
  let best: Option[] | null = null;
  let bestFirst = Infinity;
  let bestSecond = Infinity;

  const added = (o: Option): [number, number] => {
    let [f, s] = [o.first, o.second];
    for (const x of o.once)
      if (!used.get(x.key)) {
        f += x.first;
        s += x.second;
      }
    return [f, s];
  };
  const bound = (from: number): [number, number] => {
    let [f, s] = [0, 0];
    for (let k = from; k < order.length; k++) {
      let [minF, minS] = [Infinity, Infinity];
      for (const o of classes[order[k]!]!) {
        let [of, os] = [o.first, o.second];
        for (const x of o.once)
          if (!used.get(x.key)) {
            const n = sharers.get(x.key)!;
            of += x.first / n;
            os += x.second / n;
          }
        if (of < minF) minF = of;
        if (os < minS) minS = os;
      }
      f += minF;
      s += minS;
    }
    // a charge is paid whole
    return [Math.ceil(f - 1e-6), Math.ceil(s - 1e-6)];
  };

  const visit = (k: number, f: number, s: number): void => {
    count();
    if (k === order.length) {
      if (best === null || less(f, s, bestFirst, bestSecond)) {
        best = [...now];
        [bestFirst, bestSecond] = [f, s];
      }
      return;
    }
    const [bf, bs] = bound(k);
    if (best !== null && !less(f + bf, s + bs, bestFirst, bestSecond)) return;
    const options = classes[order[k]!]!.map((o) => ({ o, cost: added(o) })).sort((a, b) => a.cost[0] - b.cost[0] || a.cost[1] - b.cost[1]);
    for (const { o, cost } of options) {
      now.push(o);
      for (const x of o.once) used.set(x.key, (used.get(x.key) ?? 0) + 1);
      visit(k + 1, f + cost[0], s + cost[1]);
      for (const x of o.once) used.set(x.key, used.get(x.key)! - 1);
      now.pop();
    }
  };
  visit(0, 0, 0);
  const out: Option[] = [];
  order.forEach((i, k) => (out[i] = best![k]!));
  return out;
}

export { compare };
