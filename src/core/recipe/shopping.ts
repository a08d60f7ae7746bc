// A shopping list over several recipes: the same food added up, in units that can be added.
import { Fraction, toFraction, toQuantity, type Quantity } from '../amount/quantity';
import { convertUnit, kindOfUnit, showAmount, type MeasureSystem, type Unit } from '../amount/units';
import { findFood, nameWords } from './food';
import type { FoodGroup, Keep } from './food-model';
import type { Ingredient } from './recipe';

export type ShoppingAmount = { quantity: Quantity; unit: Unit | null };
export type ShoppingRow = {
  item: string;
  group: FoodGroup | 'other';
  keep: Keep | null;
  /** One for each kind of unit that cannot be added to the others; empty where no recipe gives an amount. */
  amounts: ShoppingAmount[];
  /** Some recipe wants more that it does not measure ("to taste", "plus extra"). */
  andMore: boolean;
  /** Titles of the recipes that want it. */
  from: string[];
  optional: boolean;
};

/** `times`: how often the recipe is made, for classes in which each learner makes one. */
export type ShoppingEntry = { title: string; ingredients: readonly Ingredient[]; times: number };

const ORDER: (FoodGroup | 'other')[] = ['vegetable', 'fruit', 'dairy', 'protein', 'grain', 'fat', 'seasoning', 'sweet', 'drink', 'other'];

/**
 * Adds up what several recipes want. Of a range the most is bought. Water from the tap is left out.
 * Does not turn cups into grams: a cup of one food and 200 g of the same stay two amounts.
 */
export function shoppingList(entries: readonly ShoppingEntry[], system: MeasureSystem = 'us'): ShoppingRow[] {
  const rows = new Map<string, ShoppingRow>();
  for (const { title, ingredients, times } of entries)
    for (const one of ingredients) {
      const food = findFood(one.item);
      if (food?.keep === 'tap') continue;
      // rows of the table hold kinds that are not bought as one ("apple", "cooking apple"), so the name decides beside the food
      const key = nameWords(one.item).join(' ') || one.item;
      const row = rows.get(key) ?? {
        item: one.item,
        group: food?.group ?? 'other',
        keep: food?.keep ?? null,
        amounts: [],
        andMore: false,
        from: [],
        optional: true,
      };
      rows.set(key, row);
      if (!row.from.includes(title)) row.from.push(title);
      row.optional &&= one.optional;
      if (one.max === null || one.notes.some((n) => /extra|more|taste|serve|needed/i.test(n))) row.andMore = true;
      if (one.max !== null) addAmount(row.amounts, { quantity: toQuantity(toFraction(one.max)!.mul(times)), unit: one.unit }, system);
    }
  return [...rows.values()].sort((a, b) => ORDER.indexOf(a.group) - ORDER.indexOf(b.group) || a.item.localeCompare(b.item, 'en'));
}

function addAmount(amounts: ShoppingAmount[], more: ShoppingAmount, system: MeasureSystem): void {
  for (const held of amounts) {
    const same =
      held.unit === more.unit
        ? more.quantity
        : held.unit && more.unit && kindOfUnit(held.unit) !== 'count'
          ? convertUnit(more.quantity, more.unit, held.unit, system)
          : null;
    if (same === null) continue;
    held.quantity = toQuantity((toFraction(held.quantity) ?? new Fraction(0)).add(toFraction(same)!));
    return;
  }
  amounts.push({ ...more });
}

/** "3 cups + 200 g, and more": a row's amount as a person reads it; whole things are rounded up, since nobody sells a third of a tin. */
export function showShoppingAmount(row: ShoppingRow): string {
  const parts = row.amounts.map(({ quantity, unit }) => {
    const whole = kindOfUnit(unit) === 'count' ? toFraction(quantity)!.ceil().toFraction() : quantity;
    return showAmount(whole, unit);
  });
  if (parts.length === 0) return '';
  return parts.join(' + ') + (row.andMore ? ', and a little more' : '');
}
