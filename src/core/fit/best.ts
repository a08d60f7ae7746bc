// The best choice for one learner and recipe: the steps as the search sees them, with and without ways that take a whole stretch.
import { USUAL_KITCHEN, type Kitchen, type Step, type TaskAnalysis } from '../plan/model';
import { plainStep } from '../plan/plain-step';
import { compare } from './costs';
import { demandsOf } from './demands';
import { keptWays } from './drop';
import { loadsOf } from './loads';
import type { Adaptation, Asked, Learner, Load } from './model';
import { ends } from './meet';
import { classesOf, fittingWays, poolOf, siteOf, type Site } from './problem';
import { search, type Found } from './search';
import { lanesOf, takenBy } from './stretch';

/** The pretended step of the cards themselves: how they are shown is chosen once. */
export const CARDS = '*';
export const isOfCards = (a: Asked) => (a.of === 'card' || (a.demand === 'speak' && a.of === 'ask')) && a.where === 'cool';

/** What a fit starts from, worked out once for a recipe and a kitchen: for tables of many learners. */
export type Prepared = {
  task: TaskAnalysis;
  kitchen: Kitchen;
  loads: Map<string, Load>;
  asks: Map<string, Asked[]>;
  ways: Map<string, Adaptation[]>;
  byKey: Map<string, Step>;
  /** The steps that a way of whole stretches would take, filled as they are asked for. */
  taken: Map<Adaptation, ReadonlySet<string>>;
  /** What the cards ask of whoever reads them, at their largest. */
  cards: Asked[];
};

/** The part of a fit that is the same for every learner. */
export function prepareFit(task: TaskAnalysis, kitchen: Kitchen = USUAL_KITCHEN): Prepared {
  const loads = loadsOf(task, kitchen);
  const asks = new Map(task.steps.map((s) => [s.key, demandsOf(s, kitchen, loads.get(s.key))]));
  const ways = new Map(task.steps.map((s) => [s.key, fittingWays(s, loads.get(s.key)?.lit)]));
  const cards = new Map<string, Asked>();
  for (const a of [...asks.values()].flat().filter(isOfCards)) if (a.much || !cards.has(a.of + a.demand)) cards.set(a.of + a.demand, a);
  return {
    task,
    kitchen,
    loads,
    asks,
    ways,
    taken: new Map(),
    cards: [...cards.values()],
    byKey: new Map(task.steps.map((s) => [s.key, s])),
  };
}

export type Best = { sites: Site[]; found: Found };

/** Tries each choice of stretch-wide ways; the class's own pans where nothing is gained. @param all also with tools that are lacking */
export function bestOf(prepared: Prepared, learner: Learner, all: boolean): Best {
  const { task, kitchen } = prepared;
  const pool = poolOf(learner, kitchen, 'step', all);
  const stretches = [...poolOf(learner, kitchen, 'stretch', all)];
  const bare = rawSites(prepared, learner, all, pool);
  const raw = withKept(bare, bare, task, stretches, learner);
  const plain = withoutBeaten(raw, learner, kitchen);
  let best: Best = { sites: plain, found: search(classesOf(plain), learner, kitchen) };
  const hasBarrier = (s: Step) => raw.some((site) => site.step === s && (site.open.length > 0 || site.never.length > 0));
  for (const given of lanesOf(task, stretches, hasBarrier)) {
    const own = (site: Site) => given.get(site.step.key);
    const changed = raw.map((site) =>
      own(site) ? siteOf(site.step, stepAsks(prepared, site.step), learner, pool, own(site), prepared.ways.get(site.step.key)) : site,
    );
    const sites = withoutBeaten(withKept(changed, bare, task, stretches, learner), learner, kitchen);
    const found = search(classesOf(sites), learner, kitchen);
    if (compare(found.total, best.found.total) < 0) best = { sites, found };
  }
  return best;
}

/** A way of a whole stretch that somebody chose for this learner counts at each step that it would free, as any kept way does. */
function withKept(
  sites: readonly Site[],
  bare: readonly Site[],
  task: TaskAnalysis,
  stretches: readonly Adaptation[],
  learner: Learner,
): Site[] {
  const kept = stretches.filter((w) => learner.kept?.includes(w.id));
  if (kept.length === 0) return [...sites];
  const at = new Map(kept.map((w) => [w, new Set(takenBy(task, w).flatMap((steps) => steps.map((s) => s.key)))]));
  return sites.map((site, i) => {
    const frees = (w: Adaptation) => bare[i]!.open.some((a) => ends(w, a, learner)) || w.spares.some((h) => bare[i]!.never.includes(h));
    const more = kept.filter((w) => at.get(w)!.has(site.step.key) && frees(w));
    return more.length > 0 ? { ...site, keeps: [...site.keeps, ...more] } : site;
  });
}

/** All steps as the search sees them, that of the cards first; without ways that others beat everywhere. */
export function sitesOf(prepared: Prepared, learner: Learner, all: boolean): Site[] {
  return withoutBeaten(rawSites(prepared, learner, all, poolOf(learner, prepared.kitchen, 'step', all)), learner, prepared.kitchen);
}

const stepAsks = (prepared: Prepared, s: Step) => prepared.asks.get(s.key)!.filter((a) => !isOfCards(a));

function rawSites(prepared: Prepared, learner: Learner, all: boolean, pool: ReadonlySet<Adaptation>): Site[] {
  const own = prepared.task.steps.map((s) => siteOf(s, stepAsks(prepared, s), learner, pool, [], prepared.ways.get(s.key)));
  return [cardSite(prepared, learner, all), ...own];
}

function withoutBeaten(sites: readonly Site[], learner: Learner, kitchen: Kitchen): Site[] {
  const kept = keptWays(sites, learner, kitchen);
  return sites.map((site) => ({ ...site, ways: site.ways.filter((w) => kept.has(w)) }));
}

function cardSite({ task, kitchen, cards }: Prepared, learner: Learner, all: boolean): Site {
  const first = task.steps[0];
  const step = { ...(first ?? EMPTY), key: CARDS, text: '', technique: null, uses: [], tools: [], hazards: [], into: null };
  return { ...siteOf(step, cards, learner, poolOf(learner, kitchen, 'learner', all)), canAdult: false };
}

const EMPTY = plainStep({ key: CARDS, text: '', phase: 'ready' });
