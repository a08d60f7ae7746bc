// How sheets and notes are laid out: who helps, facts beside a title, a list and its method on one line. Layouts as classes have them (common practice).
import { describe, expect, test } from 'vitest';
import { withHelpersSaid } from './helpers-column';
import { readRecipe } from './read';

describe('a column that says who helps', () => {
  test('an adult stands with each sentence of the line, the learner with none', () => {
    expect(
      withHelpersSaid([
        'What to do                 Who helps?',
        '1. Cut the pepper.         me',
        '2. Put oil in. Light it.   TA',
        '3. Wash up',
      ]),
    ).toEqual(['What to do', '1. Cut the pepper.', '2. Put oil in (with an adult). Light it (with an adult).', '3. Wash up']);
  });
  test('what stands far out and is nobody stays', () => {
    const lines = ['What to do     Support', '1 onion        2 carrots'];
    expect(withHelpersSaid(lines)).toEqual(['What to do', '1 onion        2 carrots']);
    expect(withHelpersSaid(['200 g flour     a bowl'])).toEqual(['200 g flour     a bowl']);
  });
});

describe('title and list', () => {
  test('the title among other facts of a sheet', () => {
    const { recipe } = readRecipe(
      'Group: Year 10 Life Skills      Recipe: Bean bowl     Makes 2\n1 can beans\n2 tbsp salsa\n1. Heat the beans in a pan.',
    );
    expect(recipe).toMatchObject({ title: 'Bean bowl', servings: 2 });
  });
  test('title, list and method on one line', () => {
    const { recipe } = readRecipe(
      'Sweetcorn soup for 4: 1 litre stock, 1 x 200g tin sweetcorn (drained), 2 spring onions, 2 eggs. Bring the stock to the boil in a pan. Beat the eggs and pour them in.',
    );
    expect(recipe).toMatchObject({ title: 'Sweetcorn soup', servings: 4 });
    expect(recipe.ingredients.map((one) => one.item)).toEqual(['stock', 'sweetcorn', 'spring onions', 'eggs']);
    expect(recipe.instructions.join(' ')).not.toContain('spring onions,');
  });
  test('a sentence with a colon and no list is no recipe in one line', () => {
    const { recipe } = readRecipe('Soup night: keep it warm, in the oven, with a lid. Stir it often.\n1 onion\nChop the onion.');
    expect(recipe.ingredients.map((one) => one.item)).not.toContain('in the oven');
    expect(recipe.title).not.toBe('Soup night');
  });
  test.each([
    [
      'Muffins\n\nDry\n250 g flour\n1 tsp cinnamon\nWet\n2 eggs\n125 ml oil\n\nMethod\nMix the flour and the eggs.',
      ['flour', 'cinnamon', 'eggs', 'oil'],
    ],
    [
      'Wraps\n\nPickle\n1 carrot\n1 tsp sugar\n\nWraps\n4 tortillas\n200 g hummus\n\nMethod\nSpread the hummus.',
      ['carrot', 'sugar', 'tortillas', 'hummus'],
    ],
  ])('a word by itself over amounts heads them', (text, items) => {
    expect(readRecipe(text).recipe.ingredients.map((one) => one.item)).toEqual(items);
  });
  test('the amount of people behind “ingredients”', () => {
    const { recipe } = readRecipe(
      'Chilli\nIngredients (feeds 6): 750 g beef mince, 1 onion, 2 tsp cumin.\nMethod: Brown the mince in a pan.',
    );
    expect(recipe.ingredients).toHaveLength(3);
  });
  test.each([
    ['100 g thick-cut ham, diced', 'thick-cut ham'],
    ['1/2 cup shredded coconut', 'shredded coconut'],
  ])('%s is bought so', (line, item) => {
    expect(readRecipe(`T\n${line}\n1 egg\nMix it.`).recipe.ingredients[0].item).toBe(item);
  });
});
