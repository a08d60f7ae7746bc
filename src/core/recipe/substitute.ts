// Putting a substitute in an ingredient's place: how much, and what it does to allergens. The recipe before it is left as it was.
import { listed } from './listed';
import { Fraction, toFraction, toQuantity, type Quantity } from '../amount/quantity';
import { convertUnit, kindOfUnit, type MeasureSystem, type Unit } from '../amount/units';
import { allergensIn } from './allergen-findings';
import type { Allergen } from './allergens';
import { findFood } from './food';
import type { Food } from './food-model';
import type { Ingredient, Recipe } from './recipe';
import { SAME_AMOUNT, SUBSTITUTES, type Substitute } from './substitutes';

/** A substitute worked out for one ingredient of one recipe. */
export type SubstituteOffer = {
  /** Its place in the table, so that a choice can be kept. */
  id: number;
  where: string | null;
  use: { item: string; quantity: Quantity | null; unit: Unit | null }[];
  changes: string;
  source: string;
  /** Allergens that it brings in and that the list did not name before; and those it takes out. */
  brings: Allergen[];
  takesOut: Allergen[];
  /** Raw food that it brings in or takes out. */
  rawBefore: Food['raw'] | null;
  rawAfter: Food['raw'] | null;
};

/**
 * What may take an ingredient's place, best known first.
 * @param index of the ingredient in the recipe's list
 * @returns empty when none is in the table: none is made up
 */
export function substitutesFor(recipe: Recipe, index: number, system: MeasureSystem = 'us'): SubstituteOffer[] {
  const one = recipe.ingredients[index];
  const food = one && findFood(one.item);
  if (!one || !food) return [];
  const before = new Set(named(recipe.ingredients));
  return SUBSTITUTES.flatMap((row, id) => {
    if (!row.for.includes(food.id)) return [];
    const use = amountsOf(row, one, system);
    if (!use) return [];
    const after = new Set(named(swapped(recipe.ingredients, index, use, row)));
    return [
      {
        id,
        where: row.where ?? null,
        use,
        changes: row.changes,
        source: row.source,
        brings: [...after].filter((a) => !before.has(a)),
        takesOut: [...before].filter((a) => !after.has(a)),
        rawBefore: food.raw ?? null,
        rawAfter: use.map((u) => findFood(u.item)?.raw).find(Boolean) ?? null,
      },
    ];
  });
}

const named = (ingredients: readonly Ingredient[]) =>
  allergensIn(ingredients)
    .found.filter((f) => f.certain.length > 0)
    .map((f) => f.allergen);

/** How much of each part; null where the recipe's amount cannot be brought to the table's. */
function amountsOf(row: Substitute, one: Ingredient, system: MeasureSystem): SubstituteOffer['use'] | null {
  const wanted = one.min === null ? null : toFraction(one.min);
  if (row.per === SAME_AMOUNT) return row.use.map((u) => ({ item: u.item, quantity: one.min, unit: one.unit }));
  if (!wanted) return row.use.map((u) => ({ item: u.item, quantity: null, unit: u.unit }));
  const parts = shareOf(one, wanted, row.per, system);
  return parts && row.use.map((u) => ({ item: u.item, quantity: toQuantity(toFraction(u.quantity)!.mul(parts)), unit: u.unit }));
}

/** How many times the table's amount the recipe wants. */
function shareOf(one: Ingredient, wanted: Fraction, per: Substitute['per'], system: MeasureSystem): Fraction | null {
  const base = toFraction(per.quantity)!;
  if (one.unit === per.unit) return wanted.div(base);
  const direct = one.unit && per.unit ? convertUnit(one.min!, one.unit, per.unit, system) : null;
  if (direct) return toFraction(direct)!.div(base);
  const other = one.alternate?.unit && per.unit ? convertUnit(one.alternate.quantity, one.alternate.unit, per.unit, system) : null;
  return other ? toFraction(other)!.div(base) : null;
}

function swapped(ingredients: readonly Ingredient[], index: number, use: SubstituteOffer['use'], row: Substitute): Ingredient[] {
  const one = ingredients[index]!;
  const parts = use.map((u): Ingredient => {
    const keepsWork = kindOfUnit(u.unit) !== 'count' || u.unit === one.unit;
    return {
      ...one,
      text: one.text,
      min: u.quantity,
      max: u.quantity,
      unit: u.unit,
      item: u.item,
      preparation: row.per === SAME_AMOUNT && keepsWork ? stillNeeded(one, u.item) : [],
      pack: null,
      alternate: null,
      alternatives: [],
      notes: [...one.notes, `instead of ${one.item}`],
      doubt: null,
    };
  });
  return [...ingredients.slice(0, index), ...parts, ...ingredients.slice(index + 1)];
}

/** Work that still makes sense: grated butter is not grated oil. */
function stillNeeded(one: Ingredient, item: string): string[] {
  const [before, after] = [findFood(one.item), findFood(item)];
  return before?.category === after?.category || before?.form === after?.form ? one.preparation : [];
}

/** A recipe with a substitute in it, and the same change said in words. Undo is keeping the recipe before. */
export type Substitution = { recipe: Recipe; said: string };

/**
 * Accepts an offer: the ingredient is replaced in the list, and in the method where it is named, so that steps follow. The recipe given is not changed.
 * Does not judge whether the substitute suits a learner: allergens and hazards are to be looked at anew.
 */
export function acceptSubstitute(recipe: Recipe, index: number, offer: SubstituteOffer): Substitution {
  const one = recipe.ingredients[index]!;
  const row = SUBSTITUTES[offer.id]!;
  const ingredients = swapped(recipe.ingredients, index, offer.use, row);
  const names = offer.use.map((u) => u.item);
  const together = listed(names);
  return {
    recipe: { ...recipe, ingredients, instructions: recipe.instructions.map((line) => rename(line, one, together)) },
    said: `${together} instead of ${one.item}`,
  };
}

/** A choice that a person made: this row of the table for that ingredient. */
export type Swap = { item: string; id: number };

/**
 * A recipe with all chosen substitutes in it. Each choice can be taken back by leaving it out: the recipe given is not changed.
 * @returns `lost`: choices whose ingredient or row is not there any more, so that they can be shown and not silently dropped
 */
export function applySwaps(
  recipe: Recipe,
  swaps: readonly Swap[],
  system: MeasureSystem = 'us',
): { recipe: Recipe; said: string[]; lost: Swap[] } {
  const said: string[] = [];
  const lost: Swap[] = [];
  let now = recipe;
  for (const swap of swaps) {
    const index = now.ingredients.findIndex((one) => one.item === swap.item);
    const offer = index < 0 ? undefined : substitutesFor(now, index, system).find((o) => o.id === swap.id);
    if (!offer) {
      lost.push(swap);
      continue;
    }
    const done = acceptSubstitute(now, index, offer);
    now = done.recipe;
    said.push(done.said);
  }
  return { recipe: now, said, lost };
}

/** Names the new thing where the old one stood: "Add the sour cream" -> "Add the plain yoghurt". */
function rename(line: string, one: Ingredient, to: string): string {
  const words = one.item.toLowerCase().split(/\s+/);
  const tails = words.map((_, i) => words.slice(i).join(' ')).filter((t) => t.length > 2);
  for (const tail of tails) {
    const pattern = new RegExp(`(?<![\\p{L}-])${tail.replace(/[.*+?^${}()|[\]\\]/g, '\\$&').replace(/s?$/, 's?')}(?![\\p{L}-])`, 'giu');
    if (pattern.test(line)) return line.replace(pattern, to);
  }
  return line;
}
