// Ingredient lines with the right reading beside each, set down by hand.
import fc from 'fast-check';
import { expect, test } from 'vitest';
import { readIngredient } from './ingredient-line';

type Row = [line: string, min: string | null, max: string | null, unit: string | null, item: string, preparation?: string[]];
const ROWS: Row[] = [
  ['1 1/3 cups couscous', '4/3', '4/3', 'cup', 'couscous'],
  ['2 x 400 g tins chopped tomatoes', '2', '2', 'can', 'chopped tomatoes'],
  ['1 (15 oz) can black beans, rinsed and drained', '1', '1', 'can', 'black beans', ['rinsed', 'drained']],
  ['1 can (15 oz) black beans, drained', '1', '1', 'can', 'black beans', ['drained']],
  ['1 14-oz can coconut milk', '1', '1', 'can', 'coconut milk'],
  ['200 g/7 oz plain flour', '200', '200', 'g', 'plain flour'],
  ['200g/7oz plain flour', '200', '200', 'g', 'plain flour'],
  ['juice of half a lemon', '1/2', '1/2', null, 'lemon', ['juiced']],
  ['zest and juice of 1 lime', '1', '1', null, 'lime', ['zested', 'juiced']],
  ['a pinch of salt', '1', '1', 'pinch', 'salt'],
  ['a handful of fresh mint leaves', '1', '1', 'handful', 'fresh mint leaves'],
  ['a good splash of milk', '1', '1', 'splash', 'milk'],
  ['salt and pepper to taste', null, null, null, 'salt and pepper'],
  ['1 onion, finely diced', '1', '1', null, 'onion', ['finely diced']],
  ['grated cheddar', null, null, null, 'cheddar', ['grated']],
  ['100g grated cheddar', '100', '100', 'g', 'cheddar', ['grated']],
  ['2 large eggs, beaten', '2', '2', null, 'eggs', ['beaten']],
  ['4 garlic cloves, minced', '4', '4', 'clove', 'garlic', ['minced']],
  ['3 cloves of garlic, crushed', '3', '3', 'clove', 'garlic', ['crushed']],
  ['2-3 carrots, peeled and sliced', '2', '3', null, 'carrots', ['peeled', 'sliced']],
  ['2 to 3 tablespoons honey', '2', '3', 'tbsp', 'honey'],
  ['1 cup plus 2 tbsp milk or oat drink', '9/8', '9/8', 'cup', 'milk'],
  ['1 tablespoon + 1 teaspoon sugar', '4/3', '4/3', 'tbsp', 'sugar'],
  ['½ tsp ground cumin (optional)', '1/2', '1/2', 'tsp', 'ground cumin'],
  ['3 tbsp olive oil, divided', '3', '3', 'tbsp', 'olive oil'],
  ['1 tbsp butter, plus extra for greasing', '1', '1', 'tbsp', 'butter'],
  ['1-inch piece of ginger, peeled and grated', '1', '1', 'inch', 'ginger', ['peeled', 'grated']],
  ['1,5 dl milk', '3/2', '3/2', 'dl', 'milk'],
  ['2 sticks butter, softened', '2', '2', 'stick', 'butter', ['softened']],
  ['2 celery sticks, chopped', '2', '2', 'stalk', 'celery', ['chopped']],
  ['boneless, skinless chicken thighs, 500 g', '500', '500', 'g', 'chicken thighs'],
  ['Flour 200 g', '200', '200', 'g', 'Flour'],
  ['Flour: 200 g', '200', '200', 'g', 'Flour'],
  ['- [ ] 2 T soy sauce', '2', '2', 'tbsp', 'soy sauce'],
  ['2 t chili powder', '2', '2', 'tsp', 'chili powder'],
  ['freshly ground black pepper', null, null, null, 'black pepper'],
  ['1 lb ground beef', '1', '1', 'lb', 'ground beef'],
  ['500g minced beef', '500', '500', 'g', 'minced beef'],
  ['1 tsp dried oregano', '1', '1', 'tsp', 'dried oregano'],
  ['1 heaped tsp paprika', '1', '1', 'tsp', 'paprika'],
  ['half a cucumber', '1/2', '1/2', null, 'cucumber'],
  ['two eggs', '2', '2', null, 'eggs'],
  ['1 cup (240 ml) water', '1', '1', 'cup', 'water'],
  ['about 2 cups cooked rice', '2', '2', 'cup', 'cooked rice'],
  ['1 medium onion, peeled, halved and thinly sliced', '1', '1', null, 'onion', ['peeled', 'halved', 'thinly sliced']],
  ['oil, for frying', null, null, null, 'oil'],
  ['🍋 1 lemon', '1', '1', null, 'lemon'],
  ['• 1 c. shredded cabbage', '1', '1', 'cup', 'cabbage', ['shredded']],
  ['1 slice of bread, cut into cubes', '1', '1', 'slice', 'bread', ['cut into cubes']],
  ['1 L beef or vegetable stock', '1', '1', 'l', 'beef stock'],
  ['1 litre water', '1', '1', 'l', 'water'],
  ['8 fl oz milk', '8', '8', 'floz', 'milk'],
  ['1 packet instant noodles', '1', '1', 'packet', 'instant noodles'],
];

test.each(ROWS)('%s', (line, min, max, unit, item, preparation) => {
  const read = readIngredient(line);
  expect({ min: read.min, max: read.max, unit: read.unit, item: read.item, preparation: read.preparation, doubt: read.doubt }).toEqual({
    min,
    max,
    unit,
    item,
    preparation: preparation ?? [],
    doubt: null,
  });
});

test('what stands beside the amount is kept', () => {
  expect(readIngredient('2 x 400 g tins chopped tomatoes').pack).toEqual({ quantity: '400', unit: 'g' });
  expect(readIngredient('1 (15 oz) can black beans').pack).toEqual({ quantity: '15', unit: 'oz' });
  expect(readIngredient('200 g/7 oz plain flour').alternate).toEqual({ quantity: '7', unit: 'oz' });
  expect(readIngredient('1 cup milk or oat drink').alternatives).toEqual(['oat drink']);
  expect(readIngredient('250ml vegetable stock (or water)').alternatives).toEqual(['water']);
  expect(readIngredient('½ tsp cumin (optional)').optional).toBe(true);
  expect(readIngredient('3 tbsp oil, divided').notes).toEqual(['divided']);
});

test('an amount that is none is said, and the food is kept', () => {
  const read = readIngredient('1/0 cup sugar');
  expect(read).toMatchObject({ min: null, item: 'sugar' });
  expect(read.doubt).toContain('1/0');
});

test('any text gives an ingredient', () => {
  const total = fc.property(fc.string({ unit: 'grapheme', maxLength: 120 }), (text) => typeof readIngredient(text).item === 'string');
  expect(() => fc.assert(total, { numRuns: 2000 })).not.toThrow();
});
