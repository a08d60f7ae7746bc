// Allergens in the foods that a step names, by what each food is or is usually made of. A product's own label always comes first.
import { mayHold } from '../recipe/allergen-findings';
import type { Allergen } from '../recipe/allergens';
import { findFood } from '../recipe/food';

/** @returns `certain`: the food holds it by its usual recipe; else its name speaks of another food that does: "prawn crackers" */
export const allergensOfFoods = (items: readonly string[]): { allergen: Allergen; item: string; certain: boolean }[] =>
  items.flatMap((item) => [
    ...(findFood(item)?.allergens ?? []).map((allergen) => ({ allergen, item, certain: true })),
    ...mayHold(item).map((allergen) => ({ allergen, item, certain: false })),
  ]);
