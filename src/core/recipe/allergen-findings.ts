// Which allergens a list of ingredients names, from which ingredient, and why.
import type { Allergen } from './allergens';
import { findFood, foodsBeforeHead, singular } from './food';
import type { Ingredient } from './recipe';

/**
 * One allergen. `certain`: the ingredient is it, or is made with it by its usual recipe. `often`: products of that kind often hold it, so
 * the label is to be read. `instead`: what the recipe allows in place of an ingredient.
 */
export type AllergenFinding = {
  allergen: Allergen;
  certain: { item: string; why: string }[];
  often: { item: string }[];
  instead: { item: string; why: string }[];
};

/** `unknown`: ingredients that are not in the table of foods, of which nothing can be said. */
export type AllergenFindings = { found: AllergenFinding[]; unknown: string[] };

/**
 * The allergens that ingredients name. Total. Never says that one is absent: a list that names none may still hold some, since products,
 * makers and kitchens differ.
 */
export function allergensIn(ingredients: readonly Ingredient[]): AllergenFindings {
  const found = new Map<Allergen, AllergenFinding>();
  const unknown: string[] = [];
  const of = (allergen: Allergen) => {
    const held = found.get(allergen) ?? { allergen, certain: [], often: [], instead: [] };
    found.set(allergen, held);
    return held;
  };
  for (const one of ingredients) {
    const food = findFood(one.item);
    if (!food) unknown.push(one.item);
    for (const allergen of food?.allergens ?? []) push(of(allergen).certain, { item: one.item, why: whyOf(one.item, allergen, food!.why) });
    for (const allergen of [...(food?.often ?? []), ...mayHold(one.item)]) push(of(allergen).often, { item: one.item });
    for (const other of one.alternatives) {
      const instead = findFood(other);
      for (const allergen of mayHold(other)) push(of(allergen).often, { item: other });
      for (const allergen of instead?.allergens ?? [])
        push(of(allergen).instead, { item: other, why: whyOf(other, allergen, instead!.why) });
    }
  }
  return { found: [...found.values()].sort((a, b) => b.certain.length - a.certain.length), unknown };
}

/**
 * Allergens of what a name speaks of before its head, and that its head has not: "prawn crackers" are crackers, and their maker may have put prawns in.
 */
export const mayHold = (item: string): Allergen[] => {
  const own = findFood(item)?.allergens ?? [];
  return [...new Set(foodsBeforeHead(item).flatMap((food) => food.allergens))].filter((allergen) => !own.includes(allergen));
};

function push<T extends { item: string }>(list: T[], one: T): void {
  if (!list.some((held) => held.item === one.item)) list.push(one);
}

/** "soy sauce is brewed from soya beans and wheat"; a thing that is the allergen itself needs no reason. */
function whyOf(item: string, allergen: Allergen, why: string | undefined): string {
  const head = item.toLowerCase().split(' ').at(-1)!;
  // "prawn crackers are baked with wheat flour"
  const be = singular(head) === head ? 'is' : 'are';
  return why
    ? `${item} ${why.replace(/^(?:is|are)\b/, be)}`
    : item.toLowerCase().includes(allergen.replace('-', ' '))
      ? item
      : `${item} ${be} named as ${allergen.replace('-', ' ')} by law`;
}
