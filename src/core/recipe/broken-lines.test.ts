// Lines that the width of a page broke. Common practice: recipes are pasted from columns of 30 to 80 characters.
import { describe, expect, test } from 'vitest';
import { readRecipe } from './read';

const read = (lines: string[]) => readRecipe(lines.join('\n')).recipe;

describe('a method', () => {
  test('whose steps have numbers goes on until the next number, however narrow its column', () => {
    const { instructions } = read([
      'Scones',
      '',
      'Ingredients',
      '200 g flour',
      '100 ml milk',
      '',
      'Method',
      '1. Put the flour in a',
      'bowl and rub with your',
      'fingers for 2',
      'minutes.',
      '2. Pour in the milk with',
      'Cornish cream.',
      '3. Bake for 12 minutes.',
    ]);
    expect(instructions).toEqual([
      'Put the flour in a bowl and rub with your fingers for 2 minutes.',
      'Pour in the milk with Cornish cream.',
      'Bake for 12 minutes.',
    ]);
  });

  test('without numbers goes on where its next word had no room', () => {
    const { instructions } = read([
      'Soup',
      'Ingredients',
      '2 carrots',
      'Method',
      'Chop the carrots and put them',
      'in a pan with the stock.',
      'Simmer for 20 minutes.',
    ]);
    expect(instructions[0]).toBe('Chop the carrots and put them in a pan with the stock.');
    expect(instructions.at(-1)).toMatch(/Simmer for 20 minutes/);
  });

  test('of short orders in lower case is not joined: there was room', () => {
    const { instructions } = read([
      'Toast',
      'Ingredients',
      '2 slices bread',
      'a very long line of remarks that says nothing',
      'Method',
      'toast the bread',
      'butter it',
      'cut it in half',
    ]);
    expect(instructions).toEqual(['toast the bread', 'butter it', 'cut it in half']);
  });
});

describe('a list', () => {
  test('with bullets: what has none belongs to the line above', () => {
    const { ingredients } = read([
      'Bake',
      'Ingredients',
      '- 500 g chicken breast, cut into bite-size',
      'pieces',
      '- 100 ml milk, plus extra to',
      'glaze',
      '- 1 egg',
      'Method',
      'Mix the chicken, milk and egg. Bake for 30 minutes.',
    ]);
    expect(ingredients.map((one) => [one.item, one.unit])).toEqual([
      ['chicken breast', 'g'],
      ['milk', 'ml'],
      ['egg', null],
    ]);
  });

  test('without bullets: a food on a line of its own stays one', () => {
    const { ingredients } = read([
      'Pasta',
      'Ingredients',
      '2 tablespoons of vegetable oil',
      'salt',
      '200 g pasta',
      'Method',
      'Boil the pasta.',
    ]);
    expect(ingredients.map((one) => one.item)).toEqual(['vegetable oil', 'salt', 'pasta']);
  });

  test('several things on one line are never read again, and a tool is no end of them', () => {
    const { ingredients, tools } = read([
      'Rice',
      'Ingredients: 200 g rice, 1 onion, 500 ml stock',
      'Equipment: large pot, wooden spoon',
      'Method',
      'Boil the rice.',
    ]);
    expect(ingredients.map((one) => one.item)).toEqual(['rice', 'onion', 'stock']);
    expect(tools).toEqual(['large pot', 'wooden spoon']);
  });

  test.each([
    ['about 500 g chicken breast, cut into bite-size pieces', 'chicken breast', '500'],
    ['Brown sugar: 2 tbsp', 'Brown sugar', '2'],
    ['Toast: 2 slices', 'Toast', '2'],
  ])('%s is on it', (line, item, min) => {
    const { ingredients, instructions } = read(['Dish', 'Ingredients', '1 onion', line, 'salt', 'Method', 'Fry the onion.']);
    expect(ingredients.map((one) => one.item)).toEqual(['onion', item, 'salt']);
    expect(ingredients[1].min).toBe(min);
    expect(instructions).toEqual(['Fry the onion.']);
  });

  test.each(['For the iced tea for 4:', 'Turkey burgers (makes 4):', 'For the oat cookies (3 ingredients!):'])('%s heads it', (head) => {
    const { ingredients } = read(['Lunch', 'Ingredients', head, '3 tea bags', '1 tbsp honey', 'Method', 'Mix the honey and tea.']);
    expect(ingredients.map((one) => one.item)).toEqual(['tea bags', 'honey']);
  });

  test('a word about allergens is nothing to buy', () => {
    const { ingredients } = read(['Lunch', 'Ingredients', '1 onion', 'Allergens: see the labels', 'Method', 'Fry the onion.']);
    expect(ingredients.map((one) => one.item)).toEqual(['onion']);
  });
});
