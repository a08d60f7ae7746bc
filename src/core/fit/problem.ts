// The question that the search answers: steps with barriers, the ways that fit each, and steps alike put together.
import type { Kitchen, Step } from '../plan/model';
import { kindOf } from '../technique/lexicon';
import type { Hazard } from '../technique/model';
import { ADAPTATIONS } from './catalogue/index';
import { whereOf } from './here';
import { ends, hazardBarriers, isBarrier, leftBy } from './meet';
import type { Adaptation, Asked, Learner, OwnStep } from './model';

/** A step as the search sees it. */
export type Site = {
  step: Step;
  asks: readonly Asked[];
  /** Asks that are barriers, and hazards that are never. */
  open: readonly Asked[];
  never: readonly Hazard[];
  ways: readonly Adaptation[];
  /** Ways that it has for certain, since its stretch has them. */
  given: readonly Adaptation[];
  canAdult: boolean;
  /** A way that a person chose fits here. */
  keeps: readonly Adaptation[];
};

const said = (step: Step): string => `${step.text} ${step.uses.map((u) => u.item).join(' ')}`.toLowerCase();

/** Whether a way is for this step at all. */
export function isFor(way: Adaptation, step: Step, lit = false): boolean {
  if (lit && way.fits.unlit) return false;
  const { techniques, tools, foods, notFoods } = way.fits;
  if (techniques && !(step.technique && (techniques.includes(step.technique) || techniques.includes(kindOf(step.technique))))) return false;
  if (tools && !tools.some((id) => step.tools.includes(id) || step.into === id)) return false;
  const words = foods || notFoods ? said(step) : '';
  if (foods && !foods.some((f) => words.includes(f))) return false;
  if (notFoods?.some((f) => words.includes(f))) return false;
  return true;
}

/** Asks that ways of this step may add and that would be barriers. */
function addedBy(ways: readonly Adaptation[], learner: Learner): Asked[] {
  return ways.flatMap((w) => w.adds).filter((a) => isBarrier(learner, a, a.much ? 2 : 1));
}

/** Nobody eats or tastes for somebody else. */
const isByMouth = (a: Asked) => a.demand === 'swallow' || a.demand === 'taste';

/**
 * The steps with a barrier, each with the ways that may lie in a closed set there: refused ones, lacking ones and those that bring what is never are out.
 * @param given ways that it has for certain; @param candidates ways that are for the step, where they are known
 */
export function siteOf(
  step: Step,
  asks: readonly Asked[],
  learner: Learner,
  pool: ReadonlySet<Adaptation>,
  given: readonly Adaptation[] = [],
  candidates: readonly Adaptation[] = fittingWays(step),
): Site {
  const open = asks.filter((a) =>
    isBarrier(
      learner,
      a,
      given.reduce((least, w) => Math.min(least, leftBy(w, a)), a.much ? 2 : 1),
    ),
  );
  const own = given.flatMap((w) => w.adds.filter((a) => isBarrier(learner, a, a.much ? 2 : 1)));
  const never = hazardBarriers(step, learner, given);
  const free = open.length === 0 && own.length === 0 && never.length === 0;
  const fitting = free ? [] : candidates.filter((w) => pool.has(w) && !given.includes(w));
  // what takes a barrier, then what takes what those add, and so on: chains close by themselves
  let wanted: Asked[] = [...open, ...own];
  let ways: Adaptation[] = [];
  for (;;) {
    const more = fitting.filter((w) => wanted.some((a) => ends(w, a, learner)) || w.spares.some((h) => never.includes(h)));
    if (more.length === ways.length) break;
    ways = more;
    wanted = [...open, ...own, ...addedBy(ways, learner)];
  }
  const keeps = ways.filter(
    (w) => learner.kept?.includes(w.id) && (open.some((a) => ends(w, a, learner)) || w.spares.some((h) => never.includes(h))),
  );
  return {
    step,
    asks,
    open: [...open, ...own],
    never,
    ways,
    given,
    canAdult: !asks.some(isByMouth),
    keeps,
  };
}

/** The ways that are for a step, whoever does it. */
export const fittingWays = (step: OwnStep, lit = step.load?.lit): Adaptation[] => ADAPTATIONS.filter((w) => isFor(w, step, lit));

/** The ways that this learner may have in this kitchen; `all` with those whose tools are lacking. */
export function poolOf(learner: Learner, kitchen: Kitchen, scope: Adaptation['scope'], all = false): Set<Adaptation> {
  const ways = ADAPTATIONS.filter(
    (w) =>
      w.scope === scope &&
      !learner.refused?.includes(w.id) &&
      !w.brings.some((h) => learner.never?.includes(h)) &&
      (all || whereOf(w, kitchen) !== 'lacking'),
  );
  return new Set(ways);
}

/** Steps whose barriers and ways are the same: they choose alike at a best answer. */
export type Class = { site: Site; times: number; steps: number[] };

export function classesOf(sites: readonly Site[]): Class[] {
  const by = new Map<string, Class>();
  sites.forEach((site, i) => {
    if (site.open.length === 0 && site.never.length === 0 && site.given.length === 0) return;
    const key = [
      site.open.map((a) => `${a.demand}/${a.of}${a.much ? '!' : ''}${a.where}${a.n ?? ''}`).join(),
      site.never.join(),
      site.ways.map((w) => w.id).join(),
      site.given.map((w) => w.id).join(),
      site.keeps.map((w) => w.id).join(),
      site.canAdult,
    ].join('|');
    const held = by.get(key);
    if (held) {
      held.times++;
      held.steps.push(i);
    } else by.set(key, { site, times: 1, steps: [i] });
  });
  return [...by.values()];
}
