// A recipe as read: its parts, and what stayed unread.
import type { Quantity } from '../amount/quantity';
import type { Unit } from '../amount/units';

/** An amount of one kind beside the main one: the size of a tin, or the same amount in another system. */
export type Amount = { quantity: Quantity; unit: Unit | null };

export type Ingredient = {
  /** The line as it stood in the source. */
  text: string;
  /** Least and most that is wanted, the same where the line gives one amount; null where it gives none ("salt to taste"). */
  min: Quantity | null;
  max: Quantity | null;
  /** null for things that are counted (2 eggs). */
  unit: Unit | null;
  item: string;
  /** Work to do before use, one word or phrase each: "diced", "rinsed". */
  preparation: string[];
  optional: boolean;
  /** What one tin, jar or packet holds. */
  pack: Amount | null;
  /** The same amount in another system: the 7 oz of "200 g/7 oz". */
  alternate: Amount | null;
  /** What may take its place: the oat drink of "milk or oat drink". */
  alternatives: string[];
  /** What the line also says: "divided", "to serve", "plus extra for dusting". */
  notes: string[];
  /** Heading over the line: "for the dressing". */
  group: string | null;
  /** Why the reading of this line is in doubt; null when it is not. */
  doubt: string | null;
};

export type Recipe = {
  title: string;
  servings: number | null;
  ingredients: Ingredient[];
  tools: string[];
  instructions: string[];
};

export const LINE_ROLES = ['title', 'servings', 'time', 'heading', 'ingredient', 'tool', 'instruction', 'note', 'blank', 'unread'] as const;

/** What one line of the source was taken for. `index` counts within its kind. Line numbers count from 1. */
export type LineRole = {
  line: number;
  text: string;
  role: (typeof LINE_ROLES)[number];
  index: number | null;
};

export type NotUnderstood = { line: number; text: string; why: string };

export type Reading = {
  recipe: Recipe;
  notUnderstood: NotUnderstood[];
  lines: LineRole[];
};
