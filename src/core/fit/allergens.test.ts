// Allergens that a name speaks of. Which foods they are in: EU 1169/2011, annex II; that a maker's label decides: FDA, FALCPA.
import { describe, expect, test } from 'vitest';
import { allergensIn } from '../recipe/allergen-findings';
import { findFood } from '../recipe/food';
import { readIngredient } from '../recipe/ingredient-line';
import { allergensOfFoods } from './allergens';

describe('what stands before the head of a name', () => {
  test.each([
    ['prawn crackers', 'crustacean'],
    ['walnut bread', 'tree-nut'],
    ['cheese crackers', 'milk'],
    ['cream of mushroom soup', 'milk'],
  ])('%s may hold %s', (item, allergen) => {
    expect(allergensOfFoods([item])).toContainEqual({ allergen, item, certain: false });
    const found = allergensIn([readIngredient(`1 packet ${item}`, null)]).found.find((f) => f.allergen === allergen);
    expect(found?.often.map((one) => one.item)).toEqual([item]);
  });

  test('what is allowed in place of another is looked at too', () => {
    const found = allergensIn([readIngredient('4 slices rye bread or walnut bread', null)]).found;
    expect(found.find((f) => f.allergen === 'tree-nut')?.often.map((one) => one.item)).toEqual(['walnut bread']);
  });

  test.each([
    'butter lettuce',
    'cream soda',
    'butter beans',
    'cream crackers',
    'vegan cheese',
    'egg replacer',
    'coconut milk',
    'dairy-free spread',
  ])('%s speaks of none that its head has not', (item) => expect(allergensOfFoods([item]).filter((one) => !one.certain)).toEqual([]));
});

describe('what was made of a food', () => {
  test.each(['shrimp paste', 'chicken soup', 'salmon spread'])('%s is nothing raw, and holds what it is made of', (item) => {
    const food = findFood(item)!;
    expect(food.raw).toBeUndefined();
    expect(food.prepare).toEqual([]);
  });

  test('a spread of fish is kept as cold as fish, and a paste is not', () => {
    expect(findFood('salmon spread')).toMatchObject({ keep: 'fridge', perishable: true });
    expect(findFood('shrimp paste')).toMatchObject({ keep: 'cupboard', perishable: false });
  });

  test('its allergens stay', () => {
    expect(findFood('shrimp paste')!.allergens).toContain('crustacean');
    expect(findFood('salmon spread')!.allergens).toContain('fish');
  });

  test('a replacer is not what it replaces', () => expect(findFood('egg replacer')).toBeNull());
});
