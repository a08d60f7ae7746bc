// Structured data: schema.org Recipe in the forms that pages use (schema.org/Recipe, HowToStep, HowToSection), and own JSON.
import { describe, expect, test } from 'vitest';
import { writeRecipe } from './own-json';
import { plainRecipe, readRecipe } from './read';

const recipe = {
  '@type': 'Recipe',
  name: 'Tea',
  recipeYield: '2',
  recipeIngredient: ['2 cups water', '1 tea bag'],
  recipeInstructions: ['Boil the water.', 'Pour it over the tea bag.'],
};
const read = (value: unknown) => readRecipe(JSON.stringify(value)).recipe;
const right = { title: 'Tea', servings: 2, items: ['water', 'tea bag'], instructions: ['Boil the water.', 'Pour it over the tea bag.'] };
const short = (r: ReturnType<typeof read>) => ({
  title: r.title,
  servings: r.servings,
  items: r.ingredients.map((i) => i.item),
  instructions: r.instructions,
});

describe('schema.org Recipe', () => {
  test.each<[string, unknown]>([
    ['alone', recipe],
    ['in a list', [{ '@type': 'WebSite' }, recipe]],
    ['in @graph', { '@context': 'https://schema.org', '@graph': [{ '@type': 'WebPage' }, recipe] }],
    ['below another thing', { '@type': 'WebPage', mainEntity: recipe }],
    ['of two types', { ...recipe, '@type': ['Recipe', 'Article'] }],
    ['type as an address', { ...recipe, '@type': 'http://schema.org/Recipe' }],
    ['yield as a number', { ...recipe, recipeYield: 2 }],
    ['yield twice', { ...recipe, recipeYield: ['2', '2 servings'] }],
    ['steps as objects', { ...recipe, recipeInstructions: recipe.recipeInstructions.map((text) => ({ '@type': 'HowToStep', text })) }],
    [
      'steps in a section',
      {
        ...recipe,
        recipeInstructions: [
          {
            '@type': 'HowToSection',
            name: 'All',
            itemListElement: recipe.recipeInstructions.map((text) => ({ '@type': 'HowToStep', text })),
          },
        ],
      },
    ],
    ['steps in one string of lines', { ...recipe, recipeInstructions: recipe.recipeInstructions.join('\n') }],
    ['steps in one string of markup', { ...recipe, recipeInstructions: recipe.recipeInstructions.map((t) => `<p>${t}</p>`).join('') }],
  ])('%s', (_, value) => expect(short(read(value))).toEqual(right));

  test('inside a saved page, beside scripts that are not run', () => {
    const page = `<html><head><script type="application/ld+json">${JSON.stringify(recipe)}</script><script>alert(1)</script></head><body><h1>Another title</h1></body></html>`;
    expect(short(readRecipe(page).recipe)).toEqual(right);
  });
  test('a page whose data is broken is read as a page', () => {
    const page =
      '<html><script type="application/ld+json">{"@type":"Recipe",</script><h1>Mint tea</h1><ul><li>1 cup water</li></ul><p>Boil the water.</p></html>';
    expect(short(readRecipe(page).recipe)).toMatchObject({ title: 'Mint tea', items: ['water'] });
  });
});

describe('bad data', () => {
  test('broken JSON names its line', () =>
    expect(readRecipe('{\n"@type": "Recipe",\n"name": }').notUnderstood[0].why).toMatch(/breaks off in line 3/));
  test('JSON without a recipe says so', () => expect(readRecipe('{"a": 1}').notUnderstood[0].why).toMatch(/no recipe is in it/));
  test.each<[string, string]>([
    [
      'numbers and nulls for text',
      JSON.stringify({ '@type': 'Recipe', name: null, recipeIngredient: [null, 3, {}], recipeInstructions: 5 }),
    ],
    ['a ring of itself', `{"@type":"Recipe","recipeInstructions":${'{"itemListElement":['.repeat(200)}${']}'.repeat(200)}}`],
    ['ten thousand levels', '['.repeat(10_000) + ']'.repeat(10_000)],
    ['prototype tricks', '{"__proto__": {"format": "yellow-rung-recipe-1"}, "@type": "Recipe", "name": "x"}'],
  ])('%s gives a reading', (_, source) => expect(Array.isArray(readRecipe(source).recipe.ingredients)).toBe(true));
  test('a list that starts with a bracket is text', () =>
    expect(readRecipe('[ ] 2 eggs\n[x] 1 cup rice').recipe.ingredients.map((i) => i.item)).toEqual(['eggs', 'rice']));
});

describe('own JSON', () => {
  test('written and read again it is the same', () => {
    const first = readRecipe(
      'Dip\nServes 3\nFor the top:\n1 cup yoghurt\n2 x 400 g tins chickpeas, drained\nEquipment: bowl, fork\nMethod\nMash the chickpeas.\nStir in the yoghurt.',
    ).recipe;
    expect(readRecipe(writeRecipe(first)).recipe).toEqual(first);
  });
});

test('as plain text to look at', () => {
  expect(plainRecipe(JSON.stringify(recipe))).toBe(
    'Tea\nServes 2\n\nIngredients\n- 2 cups water\n- 1 tea bag\n\nMethod\n1. Boil the water.\n2. Pour it over the tea bag.',
  );
  expect(short(readRecipe(plainRecipe(JSON.stringify(recipe))).recipe)).toEqual(right);
  expect(plainRecipe('Tea\n1 cup water')).toBe('Tea\n1 cup water');
});
