// What the rules of demands know of a step, and how an ask is written down.
import type { Purpose } from '../technique/asks';
import { findFood } from '../recipe/food';
import type { Heights, Step } from '../plan/model';
import type { Demand } from '../technique/model';
import { toolById } from '../technique/tools';
import type { Works } from '../technique/works';
import type { Asked, Load, Stake } from './model';

export type Context = { step: Step; works: Works; load: Load; hot: boolean; stake: Stake; heights: Heights };

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

/** Hard to cut (common practice): roots, squash, hard cheese, citrus. */
export const isHard = (step: Step): boolean =>
  foodsOf(step).some(
    ({ item, food }) =>
      ['root', 'cheese', 'citrus'].includes(food?.category ?? '') || /squash|pumpkin|potato|swede|melon|cabbage/i.test(item),
  ) || /\b(?:carrot|potato|squash|pumpkin|swede|parsnip|beetroot)/i.test(step.text);

/** Under a teaspoon: a slip is a large part of it. */
export const isTiny = (step: Step): boolean => step.fillings.some((f) => /^[½⅓¼⅛].*tsp/.test(f.label));

export const nameOf = (id: string | null) => toolById(id ?? '')?.name ?? 'thing';
/** "about 3 kg" */
export const weight = (grams: number): string =>
  grams >= 950 ? `about ${Math.round(grams / 500) / 2} kg` : `about ${Math.round(grams / 50) * 50} g`;
