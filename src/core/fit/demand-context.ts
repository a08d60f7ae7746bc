// What the rules of demands know of a step, and how an ask is written down.
import type { Purpose } from '../technique/asks';
import { findFood, foodIs } from '../recipe/food';
import type { Controls, Heights, Step } from '../plan/model';
import type { Demand } from '../technique/model';
import { toolById } from '../technique/tools';
import type { Works } from '../technique/works';
import type { Asked, Load, Stake } from './model';

export type Context = { step: Step; works: Works; load: Load; hot: boolean; stake: Stake; heights: Heights; controls: Controls };

/** From this weight a thing asks to be lifted with two hands; from the second it is heavy for anybody (handbook, 8: sizes are first figures). */
export const LIFT = { some: 500, much: 2500, twoHands: 1500 } as const;

export const ask = (c: Context, demand: Demand, of: Purpose, much: boolean, why: string, n?: number): Asked => ({
  demand,
  of,
  much,
  where: c.stake,
  why,
  ...(n === undefined ? {} : { n }),
});

export const foodsOf = (step: Step) => step.uses.map((u) => ({ item: u.item, food: findFood(u.item) }));

/** Whether what is cut is hard: it is firm, and not hot from cooking. Where a step uses nothing of the list, what its words name counts. */
export function isHard({ step, hot }: Pick<Context, 'step' | 'hot'>): boolean {
  const named = step.uses.length > 0 ? foodsOf(step).map(({ food }) => food) : step.text.split(/[^\p{L}-]+/u).map((word) => findFood(word));
  return !hot && named.some((food) => foodIs(food, 'firm'));
}

/** Under a teaspoon: a slip is a large part of it. */
export const isTiny = (step: Step): boolean => step.fillings.some((f) => /^[½⅓¼⅛].*tsp/.test(f.label));

export const nameOf = (id: string | null) => toolById(id ?? '')?.name ?? 'thing';
/** "about 3 kg" */
export const weight = (grams: number): string =>
  grams >= 950 ? `about ${Math.round(grams / 500) / 2} kg` : `about ${Math.round(grams / 50) * 50} g`;
