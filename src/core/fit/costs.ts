// What a way costs, in one order: each count is over the whole recipe, and the next counts only between equals.
import type { Adaptation, Where } from './model';
import type { Site } from './problem';
import { whereIs } from './here';
import type { Kitchen } from '../plan/model';

/** The counts, the first first. */
export const LEVELS = [
  'left',
  'kept',
  'adult',
  'modified',
  'shared',
  'unknown',
  'hazards',
  'stand-ins',
  'method',
  'tool',
  'ways',
  'uses',
] as const;

/** One closed set for one step. `adult`: a person does the step instead; `open`: nothing closes it. */
export type Way = { of: readonly Adaptation[]; who: 'learner' | 'shared' | 'adult' | 'open' };

/** What it costs in one step; what is charged once in a recipe stands in the sets. */
export type Cost = {
  left: number;
  kept: number;
  adult: number;
  modified: number;
  shared: number;
  hazards: number;
  method: number;
  tool: number;
  uses: number;
  /** Tools that nobody has said are here, stand-ins, and ways to learn: paid once each. */
  unknown: readonly string[];
  standIns: readonly string[];
  ways: readonly string[];
};

const any = (list: readonly Adaptation[], test: (w: Adaptation) => boolean) => (list.some(test) ? 1 : 0);

type ByPlace = { unknown: string[]; standIns: string[] };
const PLACES = new WeakMap<Kitchen, Map<Adaptation, ByPlace>>();

/** A way's tools that are not simply here, worked out once for a kitchen. */
export function toolsBy(way: Adaptation, kitchen: Kitchen): ByPlace {
  let by = PLACES.get(kitchen);
  if (!by) PLACES.set(kitchen, (by = new Map<Adaptation, ByPlace>()));
  let places = by.get(way);
  if (!places) {
    const at = (where: Where) => way.tools.filter((t) => whereIs(t, kitchen) === where);
    by.set(way, (places = { unknown: [...at('not-known'), ...at('lacking')], standIns: at('stand-in') }));
  }
  return places;
}

const unique = (lists: readonly (readonly string[])[]): readonly string[] => (lists.length === 1 ? lists[0]! : [...new Set(lists.flat())]);

export function costOf(site: Site, way: Way, kitchen: Kitchen): Cost {
  const chosen = way.of;
  const places = chosen.map((w) => toolsBy(w, kitchen));
  return {
    left: way.who === 'open' ? 1 : 0,
    kept: site.keeps.length > 0 && !chosen.some((w) => site.keeps.includes(w)) ? 1 : 0,
    adult: way.who === 'adult' ? 1 : 0,
    modified: any(chosen, (w) => w.skill !== 'same'),
    shared: any(chosen, (w) => w.kind === 'share'),
    hazards: chosen.reduce((n, w) => n + w.brings.length, 0),
    method: any(chosen, (w) => w.kind === 'method'),
    tool: any(chosen, (w) => w.kind === 'tool'),
    uses: chosen.length,
    // what is lacking is asked for only in the second search, where it counts as not known
    unknown: unique(places.map((p) => p.unknown)),
    standIns: unique(places.map((p) => p.standIns)),
    ways: chosen.map((w) => w.id),
  };
}

/** The counts of a whole choice, in the order of LEVELS. */
export function totalOf(costs: readonly { cost: Cost; times: number }[]): number[] {
  const sum = (pick: (c: Cost) => number) => costs.reduce((n, { cost, times }) => n + pick(cost) * times, 0);
  const distinct = (pick: (c: Cost) => readonly string[]) => new Set(costs.flatMap(({ cost }) => pick(cost))).size;
  return [
    sum((c) => c.left),
    sum((c) => c.kept),
    sum((c) => c.adult),
    sum((c) => c.modified),
    sum((c) => c.shared),
    distinct((c) => c.unknown),
    sum((c) => c.hazards),
    distinct((c) => c.standIns),
    sum((c) => c.method),
    sum((c) => c.tool),
    distinct((c) => c.ways),
    sum((c) => c.uses),
  ];
}

/** Less than 0 where a goes before b. */
export function compare(a: readonly number[], b: readonly number[]): number {
  for (let i = 0; i < a.length; i++) if (a[i] !== b[i]) return a[i]! - b[i]!;
  return 0;
}

/** The counts that are sums: known for one step without the others. */
export const aloneOf = (c: Cost): number[] => [c.left, c.kept, c.adult, c.modified, c.shared];
