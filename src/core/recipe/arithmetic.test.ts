// Weights, substitutes, allergens, plate, pans, batches, shopping and terms, against tables and sums set down by hand.
import { describe, expect, test } from 'vitest';
import { toFraction } from '../amount/quantity';
import { allergensIn } from './allergen-findings';
import { batchesOf, saidPerRound } from './batches';
import { otherMeasure, volumeOfWeight, weighVolume, WEIGHED_FOODS } from './density';
import { foodById } from './food';
import { GLOSSARY, termsIn } from './glossary';
import { readIngredient } from './ingredient-line';
import { pansIn, panTimes } from './pan';
import { plateOf } from './plate';
import type { Recipe } from './recipe';
import { scaleRecipe } from './scale';
import { shoppingList, showShoppingAmount } from './shopping';
import { acceptSubstitute, substitutesFor } from './substitute';
import { SUBSTITUTES } from './substitutes';

const recipe = (lines: string[], instructions: string[] = [], servings: number | null = 4): Recipe => ({
  title: 'Dish',
  servings,
  ingredients: lines.map((l) => readIngredient(l)),
  tools: [],
  instructions,
});

describe('weight for volume', () => {
  // g a US cup, kitchen tables: flour 120-125, brown sugar packed 213-220, milk 244, oats 81-90, honey 336-340, butter 227, water 237
  test.each([
    ['plain flour', 120, 125],
    ['brown sugar', 213, 220],
    ['rolled oats', 81, 90],
    ['honey', 336, 340],
  ])('a cup of %s', (item, low, high) => expect(weighVolume('1', 'cup', item)).toEqual({ low, high }));
  test.each([
    ['milk', 244],
    ['butter', 227],
    ['water', 237],
    ['sugar', 200],
    ['oil', 218],
  ])('a cup of %s holds the table’s %s g', (item, grams) => {
    const range = weighVolume('1', 'cup', item)!;
    expect(range.low).toBeLessThanOrEqual(grams);
    expect(range.high).toBeGreaterThanOrEqual(grams);
  });
  test('a metric cup is 250/236.588 of it', () =>
    expect(weighVolume('1', 'cup', 'water', 'metric')!.low).toBeCloseTo((237 * 250) / 236.588, 0));
  test('there and back', () => {
    const back = volumeOfWeight('240', 'g', 'plain flour')!;
    expect(toFraction(back.high)!.valueOf()).toBeCloseTo(2, 9);
    expect(toFraction(back.low)!.valueOf()).toBeCloseTo(240 / 125, 9);
  });
  test('nothing is guessed', () => {
    expect(weighVolume('1', 'cup', 'xylophone')).toBeNull();
    expect(weighVolume('1', 'g', 'flour')).toBeNull();
    expect(weighVolume('1/0', 'cup', 'flour')).toBeNull();
  });
  test('every weight belongs to a food of the table, lowest first', () => {
    for (const id of WEIGHED_FOODS) {
      expect(foodById(id), id).toBeDefined();
      const range = weighVolume('1', 'cup', foodById(id)!.names[0])!;
      expect(range.low, id).toBeLessThanOrEqual(range.high);
    }
  });
});

describe('substitutes', () => {
  test('every row names foods of the table, amounts that are amounts, and what changes', () => {
    for (const row of SUBSTITUTES) {
      for (const id of row.for) expect(foodById(id), id).toBeDefined();
      for (const use of row.use) expect(toFraction(use.quantity), row.for.join()).not.toBeNull();
      expect(row.changes).toMatch(/[.]$/);
      expect(row.source).not.toBe('');
    }
  });
  const offers = (line: string) => substitutesFor(recipe([line]), 0);
  // extension-service tables: 1 tbsp flour thickens as 1/2 tbsp cornstarch, not 1/2 tsp
  test('flour for thickening', () => {
    const offer = offers('2 tbsp plain flour').find((o) => o.where === 'thickening')!;
    expect(offer.use).toEqual([{ item: 'cornflour', quantity: '1', unit: 'tbsp' }]);
  });
  // 1 egg in a cake = 2 tbsp mayonnaise or 1/4 cup apple purée
  test('eggs in a cake', () => {
    const use = offers('2 eggs').map((o) => o.use[0]);
    expect(use).toContainEqual({ item: 'mayonnaise', quantity: '4', unit: 'tbsp' });
    expect(use).toContainEqual({ item: 'apple purée', quantity: '1/2', unit: 'cup' });
  });
  // 1 cup self-raising flour = 1 cup plain + 1 1/2 tsp baking powder + 1/4 tsp salt
  test('self-raising flour by weight has no cups, by the cup it has', () => {
    expect(offers('1 cup self-raising flour')[0].use.map((u) => [u.item, u.quantity, u.unit])).toEqual([
      ['plain flour', '1', 'cup'],
      ['baking powder', '3/2', 'tsp'],
      ['salt', '1/4', 'tsp'],
    ]);
    expect(offers('225 g self-raising flour')).toEqual([]);
  });
  test('sour cream by plain yoghurt, the same amount', () =>
    expect(offers('3 tbsp sour cream')[0].use).toEqual([{ item: 'plain yoghurt', quantity: '3', unit: 'tbsp' }]));
  test('allergens and raw food are worked out anew', () => {
    const soy = substitutesFor(recipe(['1 cup milk', '1 egg']), 0).find((o) => o.use[0].item === 'soy milk')!;
    expect([soy.brings, soy.takesOut]).toEqual([['soy'], ['milk']]);
    const mayo = offers('1 egg').find((o) => o.use[0].item === 'mayonnaise')!;
    expect([mayo.brings, mayo.takesOut, mayo.rawBefore, mayo.rawAfter]).toEqual([[], [], 'egg', null]);
    // milk stays where another ingredient holds it
    const kept = substitutesFor(recipe(['1 cup milk', '50 g cheddar']), 0).find((o) => o.use[0].item === 'oat drink')!;
    expect(kept.takesOut).toEqual([]);
  });
  test('accepting one rewrites list and method, and leaves the recipe before as it was', () => {
    const before = recipe(['200 ml sour cream', '1 onion'], ['Stir in the sour cream.', 'Chop the onion.']);
    const copy = JSON.stringify(before);
    const { recipe: after, said } = acceptSubstitute(before, 0, substitutesFor(before, 0)[0]);
    expect(after.ingredients.map((i) => i.item)).toEqual(['plain yoghurt', 'onion']);
    expect(after.ingredients[0].notes).toContain('instead of sour cream');
    expect(after.instructions).toEqual(['Stir in the plain yoghurt.', 'Chop the onion.']);
    expect(said).toBe('plain yoghurt instead of sour cream');
    expect(JSON.stringify(before)).toBe(copy);
  });
  test('what is not in the table has no substitute', () => expect(offers('1 xylophone')).toEqual([]));
});

describe('allergens', () => {
  // FALCPA 2004 and FASTER Act 2021; Reg. (EU) 1169/2011 Annex II; soy sauce is brewed from soya and wheat
  test('derived ones, each with its reason', () => {
    const { found } = allergensIn([readIngredient('1 tbsp soy sauce')]);
    expect(found.map((f) => f.allergen).sort()).toEqual(['gluten', 'soy', 'wheat']);
    for (const one of found) expect(one.certain[0].why).toMatch(/soya beans and wheat/);
    const many = allergensIn([readIngredient('6 prawn crackers')]).found.find((f) => f.allergen === 'wheat');
    expect(many?.certain[0].why).toBe('prawn crackers are baked with wheat flour');
  });
  test.each([
    ['2 tbsp tahini', 'sesame'],
    ['1 tsp worcestershire sauce', 'fish'],
    ['1 tbsp pesto', 'tree-nut'],
    ['100 g couscous', 'wheat'],
    ['1 cup pearl barley', 'gluten'],
    ['2 celery sticks', 'celery'],
    ['1 tsp dijon mustard', 'mustard'],
    ['200 g prawns', 'crustacean'],
    ['200 g mussels', 'mollusc'],
    ['4 dried apricots', 'sulphites'],
    ['1 tbsp mayonnaise', 'egg'],
  ])('%s holds %s', (line, allergen) =>
    expect(
      allergensIn([readIngredient(line)])
        .found.filter((f) => f.certain.length)
        .map((f) => f.allergen),
    ).toContain(allergen),
  );
  test('what is only often there is said apart, and so is what may be used instead', () => {
    const { found } = allergensIn([readIngredient('1 cup milk or soy milk'), readIngredient('1 tsp curry powder')]);
    const of = (a: string) => found.find((f) => f.allergen === a)!;
    expect([of('soy').certain, of('soy').instead.map((i) => i.item)]).toEqual([[], ['soy milk']]);
    expect([of('mustard').certain, of('mustard').often]).toEqual([[], [{ item: 'curry powder' }]]);
  });
  test('a food that is not known is named as such', () =>
    expect(allergensIn([readIngredient('1 cup xylophone')]).unknown).toEqual(['xylophone']));
});

test('the plate: groups of USDA MyPlate; spoonfuls for flavour do not count', () => {
  const plate = plateOf(['1 cup rice', '2 carrots', '1 can black beans', '1 tsp cumin', '1 clove garlic'].map((l) => readIngredient(l)));
  expect(plate.map((p) => [p.group, p.items])).toEqual([
    ['fruit', []],
    ['vegetable', ['carrots']],
    ['grain', ['rice']],
    ['protein', ['black beans']],
    ['dairy', []],
  ]);
});

describe('pans and rounds', () => {
  // area of a circle and a square, by hand: 20 cm round 314, 20 cm square 400, 9 x 13 inch = 22.9 x 33 cm = 756
  test.each([
    ['Pour into a 20 cm round cake tin.', 'round', 314],
    ['Line a 20cm square tin.', 'square', 400],
    ['Grease a 9x13-inch baking dish.', 'oblong', 756],
    ['Grease a 20 cm x 30 cm slice tin.', 'oblong', 600],
  ])('%s', (text, shape, area) => expect(pansIn(text).map((p) => [p.shape, p.area])).toEqual([[shape, area]]));
  test('a size of pieces is no pan', () => expect(pansIn('Cut into 2 cm cubes. Roll to a 12 cm circle.')).toEqual([]));
  test('half the amount wants half the area: a side of 20 becomes 14', () =>
    expect(panTimes(pansIn('a 20 cm square tin')[0], 0.5)).toEqual({ sides: [14], area: 200 }));
  test('three at a time, eight in all', () => {
    expect(batchesOf(8, 3)).toEqual({ rounds: 3, perRound: 3, last: 2 });
    expect(batchesOf(9, 3)).toEqual({ rounds: 3, perRound: 3, last: 3 });
    for (const [a, b] of [
      [0, 3],
      [3, 0],
      [2.5, 1],
    ])
      expect(batchesOf(a, b)).toBeNull();
    expect(saidPerRound('Fry three at a time for 2 minutes.')).toEqual({ perRound: 3, minutes: 2 });
    expect(saidPerRound('Cook one flatbread at a time for 2 minutes on each side')).toEqual({ perRound: 1, minutes: 2 });
    expect(saidPerRound('Fry them all.')).toBeNull();
  });
  test('counted things: the nearest batch with whole ones', () => {
    const { choices } = scaleRecipe(recipe(['2 eggs'], [], 6), 1);
    expect(choices[0].options[0]).toMatchObject({ quantity: '1', servings: '3' });
    // half an egg of about 4 tablespoons (USDA, from memory)
    expect(scaleRecipe(recipe(['1 egg'], [], 2), 1).choices[0].options.at(-1)!.text).toContain('2 tablespoons');
  });
  test('a pan with a size is told in figures', () => {
    const { warnings } = scaleRecipe(recipe(['1 cup oats'], ['Bake in a 20 cm square tin.'], 4), 2);
    expect(warnings.join(' ')).toMatch(/400 cm².*200 cm², 14 cm a side/);
  });
});

test('a shopping list adds what can be added, over recipes and learners', () => {
  const rows = shoppingList([
    { title: 'Soup', ingredients: ['2 onions', '1 cup milk', '1 tbsp oil', '3 cups water'].map((l) => readIngredient(l)), times: 1 },
    {
      title: 'Bowl',
      ingredients: ['1/2 onion, diced', '4 tbsp milk', 'oil, for frying', '200 g rice'].map((l) => readIngredient(l)),
      times: 6,
    },
  ]);
  const of = (item: string) => rows.find((r) => r.item.startsWith(item))!;
  expect(rows.some((r) => r.item === 'water')).toBe(false);
  // 2 + 6 x 1/2 = 5 onions; 1 cup + 6 x 4 tbsp = 1 + 24/16 = 2 1/2 cups; 6 x 200 g
  expect(showShoppingAmount(of('onion'))).toBe('5');
  expect(of('milk').amounts).toEqual([{ quantity: '5/2', unit: 'cup' }]);
  expect(showShoppingAmount(of('oil'))).toBe('1 tbsp, and a little more');
  expect(of('rice').amounts).toEqual([{ quantity: '1200', unit: 'g' }]);
  expect(of('onion').from).toEqual(['Soup', 'Bowl']);
});

describe('terms', () => {
  test('at least 60, each with a meaning in a short sentence', () => {
    expect(GLOSSARY.length).toBeGreaterThanOrEqual(60);
    expect(new Set(GLOSSARY.map((t) => t.term)).size).toBe(GLOSSARY.length);
    for (const term of GLOSSARY) {
      expect(term.meaning).toMatch(/^[A-Z].*[.]$/);
      expect(term.meaning.split(' ').length, term.term).toBeLessThanOrEqual(24);
    }
  });
  test('are found in a text, the longest first', () => {
    const found = (text: string) => termsIn(text).map((f) => [f.term.term, text.slice(f.at, f.end)]);
    expect(found('Bring to the boil, then simmer.')).toEqual([
      ['bring to the boil', 'Bring to the boil'],
      ['simmer', 'simmer'],
    ]);
    expect(found('Add the finely diced onion and mix well.')).toEqual([['dice', 'finely diced']]);
    expect(found('Make a well in the flour.')).toEqual([['well', 'well']]);
    expect(found('Sweep the floor.')).toEqual([]);
  });
});

test.each([
  ['2', 'cup', 'plain flour', '240–250 g'],
  // 125 g of flour is a cup by the heaviest filling, 125/120 by the lightest: to an eighth, both are one
  ['125', 'g', 'plain flour', '1 cup'],
  // 5 g is less than an eighth of a cup, the least that a cup shows
  ['5', 'g', 'plain flour', '⅛ cup'],
  ['2', null, 'eggs', null],
  ['1', 'cup', 'xylophone', null],
] as const)('%s %s of %s, the other way', (quantity, unit, item, said) => expect(otherMeasure(quantity, unit, item)).toBe(said));
