// Which food groups of the plate a recipe covers (USDA MyPlate: fruit, vegetables, grains, protein, dairy; half the plate fruit and vegetables).
import { findFood } from './food';
import type { FoodGroup } from './food-model';
import type { Ingredient } from './recipe';

export const PLATE_GROUPS = ['fruit', 'vegetable', 'grain', 'protein', 'dairy'] as const satisfies readonly FoodGroup[];
export type PlateGroup = (typeof PLATE_GROUPS)[number];

/** What of a recipe stands in each group of the plate, in the list's order. Spoonfuls for flavour count in none. */
export function plateOf(ingredients: readonly Ingredient[]): { group: PlateGroup; items: string[] }[] {
  return PLATE_GROUPS.map((group) => ({
    group,
    items: ingredients.filter((one) => findFood(one.item)?.group === group && !isFlavour(one)).map((one) => one.item),
  }));
}

const isFlavour = (one: Ingredient) =>
  ['tsp', 'pinch', 'dash', 'splash', 'drizzle', 'clove', 'sprig'].includes(one.unit ?? '') ||
  one.preparation.includes('zested') ||
  /\bjuice\b/i.test(one.item);
