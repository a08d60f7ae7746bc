// Allergens in the foods that a step names, by what each food is or is usually made of. A product's own label always comes first.
import type { Allergen } from '../recipe/allergens';
import { findFood, foodsBeforeHead } from '../recipe/food';

/** @returns `certain`: the food holds it by its usual recipe; else its name speaks of another food that does: "prawn crackers" */
export const allergensOfFoods = (items: readonly string[]): { allergen: Allergen; item: string; certain: boolean }[] =>
  items.flatMap((item) => {
    const own = findFood(item)?.allergens ?? [];
    const named = foodsBeforeHead(item).flatMap((food) => food.allergens.filter((allergen) => !own.includes(allergen)));
    return [
      ...own.map((allergen) => ({ allergen, item, certain: true })),
      ...[...new Set(named)].map((allergen) => ({ allergen, item, certain: false })),
    ];
  });
