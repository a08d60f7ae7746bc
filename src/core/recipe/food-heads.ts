// Heads of names that say what became of a food: "shrimp paste" is no shrimp to peel, and "egg replacer" no egg.
import type { Food } from './food-model';

/** What is said to be free of it, or only called so: "egg-free", "vegan cheese". */
export const HOLDS_NONE = /\b(?:free|vegan|no|without|substitute|replacer|alternative|style|flavour(?:ed)?|flavor(?:ed)?)\b/i;

/** It is not there. */
const REPLACED = new Set('substitute replacer alternative'.split(' '));
/** Made of it, and kept in the cupboard as it is bought. */
const SHELVED = new Set('cracker crisp paste sauce soup flavouring flavoring flavour flavor rub jerky essence relish chutney'.split(' '));
/** Made of it, and as cold and as perishable as it is. */
const CHILLED = new Set('spread pate pâté dip'.split(' '));

/**
 * What a name says of the food that stands before its head. What was made of it holds what it holds, and nobody rinses, peels or cuts it or takes its temperature.
 * @param head the last word of the name, singular, where it is no word of the food's own
 * @returns null where the food is not in it
 */
export function underHead(food: Food, head: string): Food | null {
  if (REPLACED.has(head)) return null;
  if (!SHELVED.has(head) && !CHILLED.has(head)) return food;
  const nothingToDo = { raw: undefined, rinse: undefined, choking: undefined, traits: [], prepare: [] };
  const made: Food = { ...food, ...nothingToDo, category: 'sauce', group: 'seasoning', form: 'soft' };
  return CHILLED.has(head) ? made : { ...made, keep: 'cupboard', perishable: false };
}
