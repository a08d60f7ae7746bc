// Says of a fit what a person needs to judge it: why this way, why not less, and in what the next best is worse.
import type { Kitchen } from '../plan/model';
import { closedSets, type Priced } from './closed';
import { compare, LEVELS, totalOf } from './costs';
import type { Best } from './best';
import { whereOf } from './here';
import { isBarrier, leftBy } from './meet';
import type { Adaptation, Adapted, Asked, Barrier, FittedStep, Learner, Who } from './model';
import type { Settled } from './own-task';
import type { Class, Site } from './problem';

export function adaptedOf(way: Adaptation, kitchen: Kitchen): Adapted {
  const where = whereOf(way, kitchen);
  const why = way.caution ?? (way.tools.length > 0 ? `It ${WHERE[where]}.` : '');
  return { id: way.id, name: way.name, tools: [...way.tools], inKitchen: where === 'here' || where === 'stand-in', where, why };
}

const WHERE = {
  here: 'is in this kitchen',
  'stand-in': 'has a household thing to stand in for it',
  'not-known': 'may not be in this kitchen: nobody has said',
  lacking: 'is not in this kitchen',
} as const;

/** "one hand holds the food: rocker knife." */
export function whyOf(barriers: readonly Barrier[], ways: readonly Adaptation[], who: Who): string {
  if (barriers.length === 0) return '';
  const asks = [
    ...new Set(barriers.map((b) => (b.hazard ? `${b.hazard} is ruled out` : b.allergen ? `${b.allergen}: ${b.why}` : b.why))),
  ].join('; ');
  if (who === 'adult') return `${asks}. No way in this kitchen closes it: an adult does it.`;
  return ways.length > 0 ? `${asks}. ${ways.map((w) => w.name).join(' + ')}.` : `${asks}.`;
}

const WORSE = {
  left: 'leaves a barrier',
  kept: 'is not the way that was kept',
  adult: 'an adult does it',
  modified: 'changes the skill',
  shared: 'a partner does a part',
  unknown: 'needs a tool that nobody has said is here',
  hazards: 'brings a hazard',
  'stand-ins': 'a household thing stands in',
  method: 'another method',
  tool: 'another tool',
  ways: 'one more way to learn',
  uses: 'more things at once',
} as const;

const CACHE = new WeakMap<Class, FittedStep['others']>();
const OTHERS = 2;

/** The next best ways of a step with all others held, each of another first way, and the first count in which it is worse. */
export function otherWays(key: string, best: Best, learner: Learner, kitchen: Kitchen): FittedStep['others'] {
  const chosen = best.found.chosen.find((x) => x.class.steps.some((i) => best.sites[i]!.step.key === key));
  if (!chosen) return [];
  const known = CACHE.get(chosen.class);
  if (known) return known;
  const rest = best.found.chosen.filter((x) => x !== chosen).map((x) => ({ cost: x.priced.cost, times: x.class.times }));
  const total = (p: Priced) => totalOf([...rest, { cost: p.cost, times: chosen.class.times }]);
  const out: FittedStep['others'] = [];
  const firstOf = (p: Priced) => p.way.of.filter((w) => !chosen.class.site.given.includes(w)).slice(0, 1);
  const gone = new Set<Adaptation>(firstOf(chosen.priced));
  while (out.length < OTHERS) {
    const site: Site = {
      ...chosen.class.site,
      ways: chosen.class.site.ways.filter((w) => !gone.has(w)),
      keeps: chosen.class.site.keeps.filter((w) => !gone.has(w)),
    };
    const next = leastOf(closedSets(site, learner, kitchen), total);
    if (!next) break;
    const level = LEVELS.find((_, i) => next.total[i] !== best.found.total[i]);
    out.push({
      ways: next.priced.way.of.map((w) => adaptedOf(w, kitchen)),
      who: next.priced.way.who as Who,
      worse: level ? WORSE[level] : 'as good',
    });
    const first = firstOf(next.priced);
    if (first.length === 0) break;
    for (const w of first) gone.add(w);
  }
  CACHE.set(chosen.class, out);
  return out;
}

function leastOf(sets: readonly Priced[], total: (p: Priced) => number[]): { priced: Priced; total: number[] } | null {
  let least: { priced: Priced; total: number[] } | null = null;
  for (const priced of sets) {
    if (priced.way.of.length === 0) continue;
    const own = total(priced);
    if (least === null || compare(own, least.total) < 0) least = { priced, total: own };
  }
  return least;
}

/** Needs that fight: each way round the one asks what the other cannot give. */
export function conflictsOf(sites: readonly Site[], settled: ReadonlyMap<string, Settled>, learner: Learner): string[] {
  const said = new Set<string>();
  for (const site of sites) {
    const who = settled.get(site.step.key)?.who;
    if (who !== 'adult' || site.step.text === '') continue;
    for (const asked of site.open) {
      const takers = site.ways.filter((w) => !isBarrier(learner, asked, leftBy(w, asked)));
      const bars = takers.map((w) => w.adds.filter((a) => isBarrier(learner, a, a.much ? 2 : 1)));
      if (takers.length === 0 || bars.some((b) => b.length === 0)) continue;
      const other = [...new Set(bars.flat().map((a) => wordsOf(a)))].join(' or ');
      said.add(
        `Every way round “${wordsOf(asked)}” here asks ${other}: ${takers.map((w) => w.name.toLowerCase()).join(', ')}. A changed answer or another tool would free it.`,
      );
    }
  }
  return [...said];
}

const wordsOf = (a: Pick<Asked, 'demand' | 'of'>): string => `${a.demand.replaceAll('-', ' ')} (${a.of.replaceAll('-', ' ')})`;
