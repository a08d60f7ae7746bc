// Allergens in the foods that a step names, by what each food is or is usually made of. A product's own label always comes first.
import type { Allergen } from '../recipe/allergens';
import { findFood } from '../recipe/food';

export const allergensOfFoods = (items: readonly string[]): { allergen: Allergen; item: string }[] =>
  items.flatMap((item) => (findFood(item)?.allergens ?? []).map((allergen) => ({ allergen, item })));
