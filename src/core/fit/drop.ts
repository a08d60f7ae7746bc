// Drops ways that another beats in every step of this learner's recipe: the search stays exact and becomes small.
import type { Kitchen } from '../plan/model';
import { toolsBy } from './costs';
import { ends, isBarrier } from './meet';
import type { Adaptation, Asked, Learner } from './model';
import type { Site } from './problem';

/** What a way is in the eyes of this learner and kitchen. */
type Profile = {
  way: Adaptation;
  sites: Set<number>;
  /** What it ends, by site and ask, and hazards that it spares. */
  ends: Set<string>;
  adds: Map<string, number>;
  /** shared, modified, method, tool, hazards brought. */
  marks: number[];
  once: Set<string>;
  kept: boolean;
};

const keyOf = (a: Asked) => `${a.demand}/${a.of}/${a.where}/${a.n ?? ''}${a.much}`;

function profilesOf(sites: readonly Site[], learner: Learner, kitchen: Kitchen): Profile[] {
  const by = new Map<Adaptation, Profile>();
  sites.forEach((site, i) => {
    const asks = [...site.open, ...site.ways.flatMap((w) => w.adds.filter((a) => isBarrier(learner, a, a.much ? 2 : 1)))];
    for (const way of site.ways) {
      let p = by.get(way);
      if (!p) {
        const places = toolsBy(way, kitchen);
        p = {
          way,
          sites: new Set(),
          ends: new Set(),
          adds: new Map(way.adds.filter((a) => isBarrier(learner, a, a.much ? 2 : 1)).map((a) => [keyOf(a), 1])),
          marks: [
            way.kind === 'share' ? 1 : 0,
            way.skill === 'same' ? 0 : 1,
            way.kind === 'method' ? 1 : 0,
            way.kind === 'tool' ? 1 : 0,
            way.brings.length,
          ],
          once: new Set([...places.unknown, ...places.standIns]),
          kept: learner.kept?.includes(way.id) ?? false,
        };
        by.set(way, p);
      }
      p.sites.add(i);
      for (const a of asks) if (ends(way, a, learner) && !way.adds.includes(a)) p.ends.add(`${i}:${keyOf(a)}`);
      for (const h of site.never) if (way.spares.includes(h)) p.ends.add(`${i}:${h}`);
    }
  });
  return [...by.values()];
}

const within = <T>(a: Iterable<T>, b: { has(x: T): boolean }) => [...a].every((x) => b.has(x));

/** Whether a may stand for b wherever b is. */
function beats(a: Profile, b: Profile): boolean {
  return (
    !b.kept &&
    (a.way.seat === null || a.way.seat === b.way.seat) &&
    a.marks.every((n, i) => n <= b.marks[i]!) &&
    within(b.sites, a.sites) &&
    within(a.once, b.once) &&
    within(a.adds.keys(), b.adds) &&
    within(b.ends, a.ends)
  );
}

/** The ways that are left for all sites together. */
export function keptWays(sites: readonly Site[], learner: Learner, kitchen: Kitchen): Set<Adaptation> {
  let list = profilesOf(sites, learner, kitchen);
  for (const b of [...list].reverse())
    if (list.some((a) => a !== b && beats(a, b) && (!beats(b, a) || list.indexOf(a) < list.indexOf(b)))) list = list.filter((x) => x !== b);
  return new Set(list.map((p) => p.way));
}
