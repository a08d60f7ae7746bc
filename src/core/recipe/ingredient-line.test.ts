// Ingredient lines against the table of cases in tests/cases, and what the table does not show.
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { INGREDIENT_LINES } from '../../../tests/cases/ingredient-lines';
import { findFood } from './food';
import { readIngredient, readIngredientLine } from './ingredient-line';
import type { Ingredient } from './recipe';

/** A reading in the words of the table of cases. */
function said(one: Ingredient): string {
  const amount = `${one.min ?? '-'}${one.max === one.min ? '' : `~${one.max}`} ${one.unit ?? '-'}`;
  const work = one.preparation.length ? ` | ${one.preparation.join(', ')}` : '';
  return `${amount} | ${one.item}${work}${one.doubt ? ' ?' : ''}`;
}

describe('lines in many styles', () => {
  test.each(INGREDIENT_LINES)('%s', (line, ...right) => {
    const read = readIngredientLine(line);
    expect(read.map((one) => (one.item ? said(one) : '(not read) ?'))).toEqual(right);
  });
  // the promise of the whole set; a miss above names its line
  test('98 of 100 are right, and none is wrong without being marked', () => {
    const misses = INGREDIENT_LINES.filter(
      ([line, ...right]) =>
        readIngredientLine(line)
          .map((o) => (o.item ? said(o) : '(not read) ?'))
          .join() !== right.join(),
    );
    expect(INGREDIENT_LINES.length).toBeGreaterThanOrEqual(100);
    expect(misses.length / INGREDIENT_LINES.length).toBeLessThanOrEqual(0.02);
    expect(misses.filter(([line]) => readIngredientLine(line).every((one) => one.doubt === null))).toEqual([]);
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

test('spoons named by what they hold: 15 ml is a tablespoon, 5 ml a teaspoon (the sizes of metric measuring spoons)', () => {
  const [oil] = readIngredientLine('2 x 15ml spoons sunflower oil');
  expect(oil).toMatchObject({ min: '2', unit: 'tbsp', item: 'sunflower oil' });
  expect(readIngredientLine('1 x 5ml spoon mixed herbs')[0]).toMatchObject({ min: '1', unit: 'tsp', item: 'mixed herbs' });
});

test('what is counted is the vegetable, what is measured or pinched the spice', () => {
  expect(['2 peppers', '1 pepper, sliced', '1/2 pepper'].map((line) => findFood(readIngredient(line).item)?.category)).toEqual(
    Array.from({ length: 3 }, () => 'vegetable'),
  );
  expect(['1 tsp pepper', 'pepper', 'a pinch of pepper'].map((line) => findFood(readIngredient(line).item)?.category)).not.toContain(
    'vegetable',
  );
});
