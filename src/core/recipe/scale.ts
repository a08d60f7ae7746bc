// Makes a recipe for another number of people, exactly, and says what does not simply divide.
import { Fraction, showQuantity, toFraction, toQuantity, type Quantity } from '../amount/quantity';
import type { Unit } from '../amount/units';
import { findFood } from './food';
import { pansIn, panTimes } from './pan';
import type { Ingredient, Recipe } from './recipe';

/** Something counted came out broken: the wholes near it, and ways to part it, for a person to choose from. */
export type ScaleChoice = {
  ingredient: number;
  wanted: Quantity;
  /** `servings` where the choice means another number of servings. */
  options: { quantity: Quantity; text: string; servings?: Quantity }[];
};

export type ScaledRecipe = {
  recipe: Recipe;
  /** New servings over old, exact. */
  factor: Quantity;
  choices: ScaleChoice[];
  warnings: string[];
};

// Units of things that come whole: half a tin can be measured out, but a person decides it.
const COUNTED = new Set<Unit>([
  'can',
  'jar',
  'packet',
  'bottle',
  'carton',
  'tub',
  'tube',
  'clove',
  'slice',
  'sheet',
  'fillet',
  'cube',
  'bag',
  'ear',
]);

/**
 * A recipe for another number of servings. Amounts stay exact fractions; instructions are left as they are.
 * Times and pan sizes do not grow in proportion: that is a warning, never a new number.
 * @param servings more than 0, at most 1000; anything else, and a recipe that names no servings, comes back unscaled with a warning
 * @example scaleRecipe(soupForSix, 1).recipe.ingredients // 1 tbsp -> min '1/6', unit 'tbsp'
 */
export function scaleRecipe(recipe: Recipe, servings: number): ScaledRecipe {
  const unscaled = (why: string): ScaledRecipe => ({ recipe, factor: '1', choices: [], warnings: [why] });
  if (!Number.isFinite(servings) || servings <= 0 || servings > 1000) return unscaled('Servings must be a number from 1 to 1000.');
  if (!recipe.servings) return unscaled('The recipe does not say how many it serves, so its amounts cannot be scaled.');
  const factor = new Fraction(servings).div(new Fraction(recipe.servings));
  if (factor.equals(1)) return { recipe, factor: '1', choices: [], warnings: [] };

  const ingredients = recipe.ingredients.map((one) => scaleIngredient(one, factor));
  const perServing = recipe.ingredients.map((one) => (one.min && toFraction(one.min)!.div(new Fraction(recipe.servings!))) || null);
  const choices = ingredients.flatMap((one, i) => choiceFor(one, i, perServing[i] ?? null) ?? []);
  const warnings = [
    'Cooking and baking times do not scale with the amounts: check earlier for less, later for more.',
    ...panWarnings(recipe, factor),
  ];
  return { recipe: { ...recipe, servings, ingredients }, factor: toQuantity(factor), choices, warnings };
}

/** For the same depth the area grows with the amount, not the side. */
function panWarnings(recipe: Recipe, factor: Fraction): string[] {
  const method = recipe.instructions.join(' ');
  const pans = pansIn(method);
  const times = showQuantity(toQuantity(factor));
  if (pans.length === 0)
    return /\b(?:baking (?:tin|dish|tray)|cake tin|loaf tin|muffin|ovenproof|casserole|roasting tin|pie dish)\b/i.test(method)
      ? [`For the same depth, the pan wants ${times} times the area.`]
      : [];
  return pans.map((pan) => {
    const other = panTimes(pan, factor.valueOf());
    return `The recipe’s ${pan.text} has about ${pan.area} cm². For the same depth, ${times} times that: about ${other.area} cm², ${other.sides.join(' x ')} cm${pan.shape === 'round' ? ' across' : pan.shape === 'square' ? ' a side' : ''}.`;
  });
}

function scaleIngredient(one: Ingredient, factor: Fraction): Ingredient {
  const times = (q: Quantity | null) => {
    const value = q === null ? null : toFraction(q);
    return value ? toQuantity(value.mul(factor)) : q;
  };
  // a pinch for six is still a pinch for one
  if (one.unit === 'pinch' || one.unit === 'dash') return one;
  return {
    ...one,
    min: times(one.min),
    max: times(one.max),
    alternate: one.alternate && { ...one.alternate, quantity: times(one.alternate.quantity)! },
  };
}

function choiceFor(one: Ingredient, ingredient: number, perServing: Fraction | null): ScaleChoice | null {
  const counted = one.unit === null || COUNTED.has(one.unit);
  const wanted = one.min === null ? null : toFraction(one.min);
  if (!counted || !wanted || wanted.d === 1n) return null;
  const options: ScaleChoice['options'] = [];
  const down = wanted.floor();
  const up = wanted.ceil();
  const name = one.unit ? `${one.unit} of ${one.item}` : one.item;
  // the nearest batch that takes whole ones, everything else with it
  for (const whole of [down, up]) {
    if (whole.compare(0) <= 0) continue;
    const servings = perServing && perServing.compare(0) > 0 ? whole.div(perServing) : null;
    const batch = servings?.d === 1n ? `, and make ${servings.toFraction()} ${servings.equals(1) ? 'serving' : 'servings'}` : '';
    options.push({
      quantity: toQuantity(whole),
      text: `${whole.toFraction()} whole (${name})${batch}`,
      ...(batch ? { servings: toQuantity(servings!) } : {}),
    });
  }
  if (findFood(one.item)?.id === 'egg' && one.unit === null) {
    // one large egg without its shell is about 4 tablespoons (USDA, from memory)
    const spoons = showQuantity(toQuantity(wanted.sub(down).mul(4)));
    options.push({
      quantity: one.min!,
      text: `beat one egg and use ${spoons} tablespoons of about 4${down.compare(0) > 0 ? `, with ${down.toFraction()} whole` : ''}`,
    });
  } else options.push({ quantity: one.min!, text: `part it: ${showQuantity(one.min!)}` });
  return { ingredient, wanted: one.min!, options };
}
