// Cases of texts as sites and books have them, December 2026. Common practice of reading a recipe at a stove throughout, but where a source is named.
import { describe, expect, test } from 'vitest';
import { build, own, step } from '../../../tests/cases/built';
import { readIngredientLine } from '../recipe/ingredient-line';
import { readRecipe } from '../recipe/read';
import { dryRun } from './dry-run';

const texts = (ingredients: string, method: string) => own(build(ingredients, method)).map((s) => s.text);
const allTexts = (list: string, method: string) => build(list, method).steps.map((s) => s.text);

describe('a list', () => {
  test.each([
    ['320g sheet ready-rolled puff pastry', '1 sheet ready-rolled puff pastry'],
    ['500g piece of beef', '500 g beef'],
    ['100 g bar dark chocolate', '100 g dark chocolate'],
    // sugar for a bar is a name
    ['2 tbsp bar sugar', '2 tbsp bar sugar'],
  ])('how a thing is sold is not its name: %s', (line, read) => {
    const [one] = readIngredientLine(line);
    expect(`${one!.min} ${one!.unit} ${one!.item}`).toBe(read);
  });

  test('foods of one line that are all for the table are several, and what is no food is work', () => {
    const items = (line: string) => readIngredientLine(line).map((one) => `${one.item}${one.preparation.map((p) => `, ${p}`).join('')}`);
    expect(items('4 burger buns, lettuce and sliced tomato to serve')).toEqual(['burger buns', 'lettuce', 'tomato, sliced']);
    expect(items('8 tortillas, grated cheese and soured cream, to serve')).toEqual(['tortillas', 'cheese, grated', 'soured cream']);
    expect(items('4 rolls, split, to serve')).toHaveLength(1);
    expect(items('1 lemon, cut into wedges, to serve')).toEqual(['lemon, cut into wedges']);
    expect(items('salt and pepper to serve')).toHaveLength(1);
  });

  test.each(['For the crumble topping', 'For the stir fry sauce', 'For the cheese and herb topping'])(
    '“%s” heads what is below, though a verb is in it',
    (heading) => {
      const { recipe } = readRecipe(
        `Nice\n\n2 apples\n${heading}\n150 g flour\n75 g butter\n\n1 Chop the apples.\n2 Rub the butter into the flour.`,
      );
      expect(recipe.ingredients.at(-1)!.group).toBe(heading.replace('For the ', ''));
      expect(recipe.instructions).toHaveLength(2);
    },
  );
});

describe('what is squeezed', () => {
  test('was cut open before, also where only half of it is wanted or the method squeezes it', () => {
    const said = allTexts('1 carrot\njuice of half a lemon', 'Grate the carrot into a bowl. Squeeze in the lemon juice.');
    expect(said.indexOf('Cut the lemon in half.')).toBe(said.indexOf('Squeeze the lemon juice into the bowl.') - 1);
    expect(allTexts('1 carrot\n1 lime', 'Grate the carrot into a bowl. Cut the lime into wedges. Squeeze over the lime.')).not.toContain(
      'Cut the lime in half.',
    );
  });

  test('whole is a fault of the steps', () => {
    const task = build('1 carrot\njuice of half a lemon', 'Grate the carrot into a bowl. Squeeze in the lemon juice.');
    const without = { ...task, steps: task.steps.filter((s) => s.text !== 'Cut the lemon in half.') };
    expect(dryRun(task).map((f) => f.code)).not.toContain('not-prepared');
    expect(dryRun(without).find((f) => f.code === 'not-prepared')?.message).toContain('cuts the lemon');
  });
});

describe('names', () => {
  test('vegetables in much more broth are the soup', () => {
    const task = build(
      '1 tbsp oil\n2 carrots\n1 onion\n6 cups stock',
      'Heat the oil in a pot. Fry the carrots and onion for 5 minutes. Add the stock and bring to the boil.',
      'Vegetable soup',
    );
    expect(step(task, /to the boil/).text).toBe('Bring the soup to the boil.');
  });

  test('a filling with its pastry on it is the pie', () => {
    const task = build(
      '2 leeks\n200 ml milk\n1 tbsp flour\n320 g sheet puff pastry',
      'Cook the leeks, milk and flour in a pan for 10 minutes. Spoon the filling into a baking dish. Lay the pastry over the top. Bake for 25 minutes at 200 C.',
      'Leek pie',
    );
    expect(step(task, /^Bake/).text).toMatch(/^Bake the pie/);
  });
});

test('“make the slaw” with its work behind it is no card, also under a meanwhile; alone it is all that is said', () => {
  const said = (line: string) => texts('1/4 cabbage\n2 tbsp mayonnaise', line).filter((t) => /\bslaw\b/.test(t));
  expect(said('Meanwhile make the slaw. Shred the cabbage and mix it with the mayonnaise.')).toEqual([]);
  expect(said('While the burgers are chilling prepare the slaw. Shred the cabbage and mix it with the mayonnaise.')).toEqual([]);
  expect(said('Make the slaw.')).toEqual(['Make the slaw.']);
});

test('what was chopped goes in “along with” the rest, though it is not named again', () => {
  const task = build(
    '1 tin kidney beans\n1 onion\n2 tbsp flour\n50 g breadcrumbs',
    'Tip the beans into a large bowl. Chop the onion and add to the bowl along with the flour and breadcrumbs.',
  );
  for (const name of ['onion', 'flour', 'breadcrumbs'])
    expect(step(task, new RegExp(`^Add the ${name} to the bowl.$`)).into).toBe('large-bowl');
});
