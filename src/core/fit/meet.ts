// Where what a step asks meets what a learner needs, and what is left of it with these ways.
import { findFood } from '../recipe/food';
import { allergensOfFoods } from './allergens';
import { USUAL_KITCHEN, type Kitchen } from '../plan/model';
import type { Demand, Hazard } from '../technique/model';
import { adaptationById } from './catalogue/index';
import { demandsOf } from './demands';
import { loadOfStep } from './loads';
import type { Adaptation, Asked, Barrier, How, Learner, Load, Need, OwnStep } from './model';
import { isNear } from './near';

/** How a learner stands to one ask; null where it is no need: has it, or nobody asked. */
export function needOf(learner: Learner, asked: Asked): How | null {
  const { demand, of } = asked;
  // whoever wears ear defenders hears no alarm, whatever was asked of the learner
  if (demand === 'hearing' && of === 'alarm') return 'absent';
  if (demand === 'count' && learner.countsTo !== undefined && asked.n !== undefined) return asked.n > learner.countsTo ? 'absent' : null;
  if (demand === 'read-word' && of === 'card' && learner.reads) {
    if (learner.reads === 'text') return null;
    return learner.reads === 'words' ? 'limited' : 'absent';
  }
  if (demand === 'sight' && of === 'card' && learner.reads === 'touch') return 'absent';
  // a tool made for the right hand is in nobody's way but the left one's
  if (of === 'right-tool') return needsFor(learner, demand).find((n) => n.of === of)?.how ?? null;
  const own = needsFor(learner, demand).filter((n) => n.of === undefined || n.of === of);
  // what was said of this very purpose goes before what was said of all
  return (own.find((n) => n.of === of) ?? own[0])?.how ?? null;
}

const NEEDS = new WeakMap<Learner, Map<Demand, Need[]>>();
const NONE: Need[] = [];
/** A learner's needs by demand, sorted once. */
function needsFor(learner: Learner, demand: Demand): Need[] {
  let by = NEEDS.get(learner);
  if (!by) {
    by = new Map();
    for (const n of learner.needs) by.set(n.demand, [...(by.get(n.demand) ?? []), n]);
    NEEDS.set(learner, by);
  }
  return by.get(demand) ?? NONE;
}

/** Limited meets much; absent and avoid meet some as well. */
const meets = (how: How | null, much: boolean): boolean => how !== null && (how !== 'limited' || much);

/** What one way leaves of an ask: 2 much, 1 some, 0 none. */
export function leftBy(way: Pick<Adaptation, 'takes'>, asked: Asked): number {
  let left = asked.much ? 2 : 1;
  for (const t of way.takes)
    if (t.demand === asked.demand && (t.of === '*' || t.of === asked.of) && t.upTo.includes(asked.where))
      left = Math.min(left, t.to === 'none' ? 0 : 1);
  return left;
}

/** What is left of an ask with these ways; one that an entry adds is not taken by that entry. */
const left = (ways: readonly Adaptation[], asked: Asked, by: Adaptation | null): number =>
  ways.reduce((least, way) => (way === by ? least : Math.min(least, leftBy(way, asked))), asked.much ? 2 : 1);

const LIMITS = new WeakMap<Learner, Map<Asked, number>>();
/** The largest size of an ask that is no barrier for this learner; asked about very often, so worked out once for each. */
function limitOf(learner: Learner, asked: Asked): number {
  let by = LIMITS.get(learner);
  if (!by) LIMITS.set(learner, (by = new Map<Asked, number>()));
  let limit = by.get(asked);
  if (limit === undefined) {
    const how = needOf(learner, asked);
    by.set(asked, (limit = meets(how, false) ? 0 : meets(how, true) ? 1 : 2));
  }
  return limit;
}

/** Whether an ask, or what is left of it, stands in this learner's way. */
export const isBarrier = (learner: Learner, asked: Asked, size: number): boolean => size > limitOf(learner, asked);

/** Whether a way leaves no barrier of an ask that is one at its full size: asked about most often, and mostly it takes nothing of it. */
export function ends(way: Adaptation, asked: Asked, learner: Learner): boolean {
  const left = leftBy(way, asked);
  return left < (asked.much ? 2 : 1) && !isBarrier(learner, asked, left);
}

/** Hazards of the step that a plan rules out and no way ends. */
export function hazardBarriers(step: OwnStep, learner: Learner, ways: readonly Adaptation[]): Hazard[] {
  const brought = ways.flatMap((w) => w.brings);
  return (learner.never ?? []).filter((h) => (isNear(step, h) && !ways.some((w) => w.spares.includes(h))) || brought.includes(h));
}

/**
 * What stands in a learner's way in one step as it is: what it asks and its ways add, less what its ways take.
 * In a step that an adult does nothing is asked of the learner but to eat. Allergens are looked for in what the step names.
 * Says nothing about whether the step or the person is safe.
 */
export function barriersOf(step: OwnStep, learner: Learner, kitchen: Kitchen = USUAL_KITCHEN, load: Load = loadOfStep(step)): Barrier[] {
  return barriersAmong(step, demandsOf(step, kitchen, load), learner);
}

/** The same, where what the step asks is known. */
export function barriersAmong(step: OwnStep, asks: readonly Asked[], learner: Learner): Barrier[] {
  const ways = (step.fitted?.by ?? []).flatMap((id) => adaptationById(id) ?? []);
  const adult = step.fitted?.who === 'adult';
  const base = asks.map((asked) => ({ asked, by: null as Adaptation | null }));
  const added = ways.flatMap((by) => by.adds.map((asked) => ({ asked, by })));
  const open = [...base, ...added].flatMap(({ asked, by }): Barrier[] => {
    if (adult && !(asked.demand === 'swallow' || asked.demand === 'taste')) return [];
    const size = left(ways, asked, by);
    if (!isBarrier(learner, asked, size)) return [];
    return [{ stepKey: step.key, demand: asked.demand, of: asked.of, much: size === 2, where: asked.where, why: asked.why }];
  });
  const hazards = adult
    ? []
    : hazardBarriers(step, learner, ways).map((hazard): Barrier => ({ stepKey: step.key, hazard, why: 'a plan rules it out' }));
  return [...open, ...hazards, ...allergenBarriers(step, learner)];
}

/** Foods of the step with an allergen that the learner must not have; by the food's usual recipe, so that a label still decides. */
export function allergenBarriers(step: OwnStep, learner: Learner): Barrier[] {
  if (!learner.allergies?.length) return [];
  return allergensOfFoods(step.uses.map((u) => u.item))
    .filter(({ allergen }) => learner.allergies!.includes(allergen))
    .map(({ allergen, item, certain }) => ({
      stepKey: step.key,
      allergen,
      why: certain ? `${findFood(item)?.names[0] ?? item} holds it` : `${item} may hold it: read the label`,
    }));
}
