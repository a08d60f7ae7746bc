import { expect, test } from 'vitest';
import { EU_ALLERGENS, US_ALLERGENS } from '../allergens';
import { findFood, singular } from '../food';
import { FOODS } from './index';

test('every row is whole, and no name stands twice', () => {
  const seen = new Map<string, string>();
  for (const food of FOODS) {
    expect(food.names.length, food.id).toBeGreaterThan(0);
    for (const name of food.names) {
      expect(seen.get(name), `${name} in ${food.id}`).toBeUndefined();
      seen.set(name, food.id);
    }
    for (const allergen of food.allergens) expect([...US_ALLERGENS, ...EU_ALLERGENS], food.id).toContain(allergen);
  }
});
// FALCPA 2004 and FASTER Act 2021; EU/UK Reg. 1169/2011 Annex II
test('nine and fourteen allergens', () => {
  expect([US_ALLERGENS.length, EU_ALLERGENS.length]).toEqual([9, 14]);
});
test.each([
  ['red lentils', 'lentil'],
  ['sharp cheddar cheese', 'cheddar'],
  ['elbow macaroni', 'macaroni'],
  ['chicken stock', 'chicken-stock'],
  ['chicken breasts', 'chicken-breast'],
  ['soy sauce', 'soy-sauce'],
  ['peanut butter', 'peanut-butter'],
  ['cherry tomatoes', 'cherry-tomato'],
  ['coconut milk', 'coconut-milk'],
  ['brown sugar', 'brown-sugar'],
  ['fresh mint leaves', 'mint'],
  ['plain yoghurt', 'yoghurt'],
  ['spring onions', 'spring-onion'],
])('%s is found', (item, id) => expect(findFood(item)?.id).toBe(id));
test('what is not known is not guessed', () => {
  for (const item of ['xylophone', 'moonshine', '']) expect(findFood(item)).toBeNull();
});
// derived allergens: soy sauce holds soy and wheat (its usual recipe)
// young soya beans (EU 1169/2011, Annex II: soybeans and products thereof)
test.each(['edamame', 'edamame beans', 'shelled edamame'])('%s are soya', (name) => expect(findFood(name)!.allergens).toContain('soy'));
// a cook’s vegetable: "arrange the vegetables on top" takes them along
test('edamame are among the vegetables', () => expect(findFood('edamame beans')!.group).toBe('vegetable'));
test('soy sauce names soy and wheat', () => expect(findFood('soy sauce')!.allergens).toEqual(expect.arrayContaining(['soy', 'wheat'])));
test.each([
  ['tomatoes', 'tomato'],
  ['leaves', 'leaf'],
  ['berries', 'berry'],
  ['couscous', 'couscous'],
  ['peaches', 'peach'],
  ['molasses', 'molass'],
  ['asparagus', 'asparagus'],
  ['eggs', 'egg'],
])('%s → %s', (many, one) => expect(singular(many)).toBe(one));
