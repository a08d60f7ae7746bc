// Kinds of faults of lists, bowls and "everything" in short texts as classes write them: what each card says and where, set down as a teacher would write it.
import { describe, expect, test } from 'vitest';
import { build, own } from '../../../tests/cases/built';
import { check, type Case } from '../../../tests/cases/cards';
import { readRecipe } from '../index';

describe('a list with its amounts behind', () => {
  test.each([
    ['- sweet potato x1', '1', null, 'sweet potato'],
    ['- sweetcorn, 2 tbsp', '2', 'tbsp', 'sweetcorn'],
    ['- tuna, 1 small tin', '1', 'can', 'tuna'],
    ['TOMATOES, 1 small tin', '1', 'can', 'tomatoes'],
    ['Dashi powder: 1 tsp', '1', 'tsp', 'Dashi powder'],
    ['- butter, 2 cm cubes', null, null, 'butter'],
  ])('%s', (line, min, unit, item) => {
    const { recipe } = readRecipe(`Lunch\nIngredients\n${line}\n2 eggs\nMethod\nBoil the eggs for 8 minutes.`);
    expect(recipe.ingredients[0]).toMatchObject({ min, unit, item });
  });
  test('a told line with a bare number is a line of method', () => {
    const { recipe } = readRecipe(
      'Buns\n\n100 g flour\n\nMethod\n1 The oven should be heated to 190C.\n2 The flour is sieved into a bowl.',
    );
    expect(recipe.instructions).toEqual(['The oven should be heated to 190C.', 'The flour is sieved into a bowl.']);
  });
});

describe('in its place', () => {
  test.each<Case>([
    [
      'what was chopped on the board is mixed in a bowl',
      '2 hard-boiled eggs\n2 tbsp mayonnaise',
      'Peel the eggs and chop them up. Mix the eggs with the mayonnaise.',
      ['Chop the eggs up. >board', 'Put the mayonnaise in the bowl. >bowl', 'Mix everything in the bowl. >bowl'],
      /Mix everything on the/,
    ],
    [
      'what was cooked and cut since is of everything too',
      '6 sausages\n250 g pasta\n1 jar tomato sauce\n50 g grated cheese',
      'Cook the sausages on a tray in the oven for 20 minutes. Boil the pasta for 10 minutes. Drain it. Slice the sausages. Tip everything into a baking dish with the sauce and mix. Scatter over the cheese.',
      ['Tip the pasta and the sausages into a baking dish. >baking-dish', 'Scatter the cheese'],
      null,
    ],
    [
      'what is put on by a later line is not',
      '6 sausages\n250 g pasta\n1 jar tomato sauce',
      'Cook the sausages on a tray in the oven for 20 minutes. Boil the pasta for 10 minutes. Drain it. Slice the sausages. Tip everything into a baking dish with the sauce and mix. Top with the sausages.',
      ['Tip the pasta into a baking dish. >baking-dish', 'Put the sausages on top.'],
      null,
    ],
  ])('%s', (...one) => check(one));
});

test('what cooks on a tray in the oven has no ring under it', () => {
  const steps = own(build('6 sausages', 'Cook the sausages on a tray in the oven for 20 minutes.'));
  expect(steps.filter((s) => s.technique === 'hob-on' || s.technique === 'cook')).toEqual([]);
  expect(steps.find((s) => s.minutes.waiting === 20)?.into).toBe('oven');
});

describe('time', () => {
  test.each([
    ['Bring the eggs to the boil, then set timer for 8 minutes. Drain.', 8],
    ['Boil the pasta for 10 minutes. Add the peas for last 3 minutes.', 3],
  ])('%s', (method, minutes) => {
    const steps = own(build('4 eggs\n200 g pasta\n50 g peas', `Put the eggs, the pasta in a pan of water. ${method}`));
    expect(steps.map((s) => s.minutes.waiting)).toContain(minutes);
  });
});
