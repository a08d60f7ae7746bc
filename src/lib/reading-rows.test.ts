import { readFileSync } from 'node:fs';
import { readRecipe } from '$core';
import { expect, test } from 'vitest';
import { readingOf, rowsOf, toLookAt, withRole } from './reading-rows';

const read = (name: string) => readRecipe(readFileSync(new URL(`../../tests/recipes/${name}`, import.meta.url), 'utf8'));

test.each(['couscous-bowl.txt', 'dal.txt', 'scones.txt', 'oat-biscuits.txt', 'overnight-oats.txt'])(
  '%s: rows and back is the same recipe',
  (name) => {
    const reading = read(name);
    const back = readingOf(rowsOf(reading), reading.recipe.title, reading.recipe.servings, reading.recipe.tools);
    expect(back.recipe).toEqual(reading.recipe);
  },
);

test('a line that was not understood becomes what the person says', () => {
  const reading = readRecipe('Cake\nIngredients\n1/0 cup sugar\n1 egg\nMethod\nMix.');
  const rows = rowsOf(reading);
  expect(toLookAt(rows)).toBe(1);
  const row = rows.find((r) => r.why)!;
  const settled = rows.map((r) => (r === row ? withRole(r, 'ingredient') : r));
  expect(toLookAt(settled)).toBe(0);
  const { recipe, notUnderstood } = readingOf(settled, 'Cake', null, []);
  expect(notUnderstood).toEqual([]);
  expect(recipe.ingredients.map((i) => i.item)).toEqual(['sugar', 'egg']);
  const leftOut = readingOf(
    rows.map((r) => (r === row ? withRole(r, 'note') : r)),
    'Cake',
    null,
    [],
  );
  expect(leftOut.recipe.ingredients.map((i) => i.item)).toEqual(['egg']);
});

test('a method line taken for an ingredient, and back, keeps its words', () => {
  const rows = rowsOf(readRecipe('Tea\nIngredients\n1 cup water\nMethod\nBoil the water.'));
  const row = rows.find((r) => r.role === 'instruction')!;
  const back = withRole(withRole(row, 'ingredient'), 'instruction');
  expect(back.text).toBe('Boil the water.');
});

test('lines that a page broke are one row: nothing stands twice when a person has corrected another', () => {
  const reading = readRecipe(
    [
      ...['Bake', 'Ingredients', '- 500 g chicken breast, cut into bite-size', 'pieces', '- 1 egg', 'Method'],
      ...['1. Put the chicken in a dish and pour the', 'egg over it.', '2. Bake for 30 minutes.', '3. Leave to stand for 5 minutes.'],
    ].join('\n'),
  );
  const rows = rowsOf(reading);
  expect(rows.filter((row) => row.role === 'ingredient').map((row) => row.source)).toEqual([
    '- 500 g chicken breast, cut into bite-size pieces',
    '- 1 egg',
  ]);
  const { recipe } = readingOf(rows, 'Bake', null, []);
  expect(recipe.ingredients.map((one) => one.item)).toEqual(['chicken breast', 'egg']);
  expect(recipe.instructions).toEqual(reading.recipe.instructions);
  expect(recipe.instructions).toHaveLength(3);
});
