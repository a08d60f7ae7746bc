// The closed sets of ways for one step: none of its barriers left and none added.
import type { Kitchen } from '../plan/model';
import { aloneOf, compare, costOf, type Cost, type Way } from './costs';
import { ends, isBarrier, leftBy } from './meet';
import type { Adaptation, Asked, Learner } from './model';
import type { Site } from './problem';

export type Priced = { way: Way; cost: Cost };

/**
 * All closed sets that may be best: depth first on an open barrier with the fewest ways, once from nothing and once from each kept way.
 * A set that is worse in the counts that are sums than one already closed is left, since no other step can make up for it.
 * "Adult does" is always among them, but for eating; where nothing closes a step and no adult can do it, it is left open.
 */
export function closedSets(site: Site, learner: Learner, kitchen: Kitchen): Priced[] {
  const found = new Map<string, Priced>();
  let best: number[] | null = null;
  const offer = (way: Way) => {
    const cost = costOf(site, way, kitchen);
    const alone = aloneOf(cost);
    const order = best === null ? -1 : compare(alone, best);
    if (order > 0) return;
    if (order < 0) {
      found.clear();
      best = alone;
    }
    found.set(
      way.who +
        way.of
          .map((w) => w.id)
          .sort()
          .join(),
      { way, cost },
    );
  };
  offer(site.canAdult ? { of: [], who: 'adult' } : { of: [], who: 'open' });
  // one of a whole stretch is given to all of its steps or to none
  const starts: Adaptation[][] = [[], ...site.keeps.filter((w) => site.ways.includes(w)).map((w) => [w])];
  const bit = new Map([...site.given, ...site.ways].map((w, i) => [w, 1n << BigInt(i)]));
  const seen = new Set<bigint>();
  let closed: bigint[] = [];
  const extend = (chosen: Adaptation[], mask: bigint): void => {
    if (seen.has(mask)) return;
    seen.add(mask);
    // what holds a closed set already costs no less than that
    if (closed.some((c) => (c & mask) === c)) return;
    const partial = aloneOf(costOf(site, { of: chosen, who: 'learner' }, kitchen));
    // a kept way may still come in: the count of kept ones is no bound yet
    if (site.keeps.length > 0) partial[1] = 0;
    if (best !== null && compare(partial, best) > 0) return;
    const open = nextOpen(site, learner, chosen);
    if (open === null) {
      closed = [...closed.filter((c) => (c & mask) !== mask), mask];
      offer({ of: chosen, who: chosen.some((w) => w.kind === 'share') ? 'shared' : 'learner' });
      return;
    }
    for (const w of open) extend([...chosen, w], mask | bit.get(w)!);
  };
  const first = site.given.reduce((m, w) => m | bit.get(w)!, 0n);
  for (const start of starts) {
    // a kept way may be worth its place in a set that is closed without it
    closed = [];
    extend(
      [...site.given, ...start],
      start.reduce((m, w) => m | bit.get(w)!, first),
    );
  }
  return [...found.values()];
}

/** The ways that may take the open barrier with the fewest of them; null where none is open. */
function nextOpen(site: Site, learner: Learner, chosen: readonly Adaptation[]): Adaptation[] | null {
  let fewest: Adaptation[] | null = null;
  const seats = new Set(chosen.flatMap((w) => w.seat ?? []));
  const free = site.ways.filter((w) => !chosen.includes(w) && (w.seat === null || !seats.has(w.seat)));
  const consider = (takers: Adaptation[]) => {
    if (fewest === null || takers.length < fewest.length) fewest = takers;
  };
  const left = (asked: Asked, by: Adaptation | null) =>
    chosen.reduce((least, w) => (w === by ? least : Math.min(least, leftBy(w, asked))), asked.much ? 2 : 1);
  const look = (asked: Asked, by: Adaptation | null) => {
    if (isBarrier(learner, asked, left(asked, by))) consider(free.filter((w) => ends(w, asked, learner)));
  };
  for (const asked of site.open) look(asked, null);
  for (const w of chosen) for (const asked of w.adds) if (!site.given.includes(w)) look(asked, w);
  for (const hazard of site.never)
    if (!chosen.some((w) => w.spares.includes(hazard))) consider(free.filter((w) => w.spares.includes(hazard)));
  return fewest;
}
