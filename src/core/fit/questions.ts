// What was not asked of a learner, and which steps of this recipe turn on it. No answer is no barrier, and no "has" either.
import { DEMANDS, type Demand } from '../technique/model';
import type { Prepared } from './best';
import type { Learner, Question } from './model';

const BY_MOUTH = new Set<Demand>(['swallow', 'taste']);

/** Whether anybody answered for this demand. */
function isAnswered(learner: Learner, demand: Demand): boolean {
  if (demand === 'count' && learner.countsTo !== undefined) return true;
  if (demand === 'fraction' && learner.measures !== undefined) return true;
  if (demand === 'read-word' && learner.reads) return true;
  return learner.needs.some((n) => n.demand === demand) || (learner.has ?? []).some((n) => n.demand === demand);
}

/** Open questions, the one with the most steps first; only where something hot, sharp, raw or eaten turns on the answer. */
export function questionsOf(prepared: Prepared, learner: Learner): Question[] {
  const open = DEMANDS.filter((d) => !isAnswered(learner, d));
  const steps = new Map<Demand, string[]>(open.map((d) => [d, []]));
  for (const [key, asks] of prepared.asks)
    for (const a of asks)
      if (a.where !== 'cool' || BY_MOUTH.has(a.demand)) {
        const held = steps.get(a.demand);
        if (held && !held.includes(key)) held.push(key);
      }
  return [...steps]
    .filter(([, keys]) => keys.length > 0)
    .map(([demand, keys]) => ({ demand, steps: keys }))
    .sort((a, b) => b.steps.length - a.steps.length);
}
