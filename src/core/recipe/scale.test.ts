import fc from 'fast-check';
import { expect, test } from 'vitest';
import { toFraction } from '../amount/quantity';
import { readRecipe } from './read';
import { scaleRecipe } from './scale';

const soup = readRecipe(
  'Soup\nServes 6\nIngredients\n1 tbsp oil\n3 eggs\n2 cans beans\na pinch of salt\n6 cups water\nMethod\nBoil in a pan for 20 minutes.',
).recipe;

// handbook arithmetic: 6 servings to 1 turns 1 tbsp into 1/6 tbsp = 1/2 tsp
test('amounts stay exact', () => {
  const { recipe, factor } = scaleRecipe(soup, 1);
  expect([factor, ...recipe.ingredients.map((i) => i.min)]).toEqual(['1/6', '1/6', '1/2', '1/3', '1', '1']);
});
test('what is counted gets choices, what does not scale a warning', () => {
  const { choices, warnings } = scaleRecipe(soup, 1);
  expect(choices.map((c) => [c.ingredient, c.wanted])).toEqual([
    [1, '1/2'],
    [2, '1/3'],
  ]);
  // one large egg is about 4 tbsp, half of it 2 (USDA, from memory)
  expect(choices[0].options.at(-1)!.text).toContain('2 tablespoons');
  expect(warnings.join(' ')).toMatch(/times do not scale/);
});
test('there and back is the same recipe', () => {
  const same = fc.property(fc.integer({ min: 1, max: 200 }), (n) => {
    const back = scaleRecipe(scaleRecipe(soup, n).recipe, 6).recipe;
    return back.ingredients.every(
      (one, i) => one.min === soup.ingredients[i].min || toFraction(one.min!)!.equals(toFraction(soup.ingredients[i].min!)!),
    );
  });
  expect(() => fc.assert(same)).not.toThrow();
});
test('what cannot be scaled comes back as it was, with the reason', () => {
  for (const n of [0, -1, NaN, Infinity, 5000]) expect(scaleRecipe(soup, n)).toMatchObject({ factor: '1', recipe: soup });
  expect(scaleRecipe({ ...soup, servings: null }, 2).warnings[0]).toContain('does not say');
});
