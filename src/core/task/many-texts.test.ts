// Cases of texts as sites and books have them, December 2026. Common practice of reading a recipe at a stove throughout, but where a source is named.
import { describe, expect, test } from 'vitest';
import { allTexts, build, ownTexts as texts, step } from '../../../tests/cases/built';
import { readIngredientLine } from '../recipe/ingredient-line';
import { readRecipe } from '../recipe/read';
import { buildTask } from './build';
import { dryRun } from './dry-run';

describe('a list', () => {
  test.each([
    ['320g sheet ready-rolled puff pastry', '1 sheet ready-rolled puff pastry'],
    ['500g piece of beef', '500 g beef'],
    ['100 g bar dark chocolate', '100 g dark chocolate'],
    // sugar for a bar is a name
    ['2 tbsp bar sugar', '2 tbsp bar sugar'],
  ])('how a thing is sold is not its name: %s', (line, read) => {
    const [one] = readIngredientLine(line);
    expect(`${one.min} ${one.unit} ${one.item}`).toBe(read);
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

describe('where', () => {
  test('“the vegetables” that something is sat on are those that lie there, and not those that come later', () => {
    const task = build(
      '8 chicken thighs\n700 g potatoes\n1 onion\n200 g cherry tomatoes\n1 tbsp oil',
      'Tip the potatoes and onion into a roasting tin. Mix the chicken and oil in a bowl. Sit the chicken on top of the vegetables and pour over anything left in the bowl. Roast for 30 minutes. Scatter the tomatoes around. Roast for 15 minutes more.',
    );
    const said = task.steps.map((s) => s.text);
    expect(step(task, /^Sit the chicken/).into).toBe('tray');
    expect(step(task, /from the bowl over the top/)).toMatchObject({ into: 'tray' });
    expect(said.findIndex((t) => /tomatoes around/.test(t))).toBeGreaterThan(said.findIndex((t) => /for 30 minutes/.test(t)));
    expect(said.filter((t) => /^Put the cherry tomatoes/.test(t))).toEqual([]);
  });

  test.each([
    ['Drizzle with what is left in the bowl.', 'Drizzle the rest from the bowl over the top.'],
    ['Drizzle any oil left in the bowl over the chicken.', 'Drizzle any oil from the bowl over the chicken.'],
    ['Pour over the juices left in the bowl.', 'Pour the juices from the bowl over the top.'],
  ])('what is left in a bowl comes from there: %s', (said, card) => {
    const task = build(
      '8 chicken thighs\n1 tbsp oil',
      `Mix the chicken and oil in a bowl. Put the chicken in a roasting tin. ${said} Roast for 40 minutes.`,
    );
    expect(task.steps.find((s) => s.text === card)?.into).toBe('tray');
  });

  test('a salad is not tossed in the jar of its dressing, and most of that goes in', () => {
    const { recipe } = readRecipe(
      'Salad\n\n200 g noodles\n1 carrot\n\nDRESSING\n3 tbsp soy sauce\n1 tbsp honey\n\nMethod\nPut the noodles in a large bowl, cover with boiling water and leave for 6 minutes. Drain. Shake the dressing ingredients together in a jar with the lid on tight. Toss the noodles and carrot with most of the dressing. Pile onto a plate and pour over the rest of the dressing.',
    );
    const task = buildTask(recipe, { grain: 'standard' });
    expect(step(task, /^Put the lid on/).into).toBe('jar');
    expect(step(task, /^Pour most of the dressing/).into).toBe('large-bowl');
    expect(step(task, /^Toss everything/).into).toBe('large-bowl');
    expect(step(task, /^Pile/).text).toBe('Pile the noodles and the carrot onto a plate.');
  });

  test('each pot is the glass that it was shared out to', () => {
    const task = build(
      '100 g biscuits\n200 g yoghurt\n10 raspberries',
      'Crush the biscuits in a bag. Divide the crumbs between 4 small glasses. Spoon over the yoghurt. Decorate each pot with raspberries.',
    );
    expect(step(task, /^Decorate/).into).toBe('glass');
  });

  test('juice that is squeezed in goes to the bowl, and not beside it', () => {
    const task = build('1 lemon\n100 g sugar', 'Put the sugar in a bowl. Halve the lemon and squeeze in the juice of one half. Stir.');
    expect(step(task, /^Squeeze/).into).toBe('bowl');
  });
});

test('trimmings are pressed together and rolled out again; how many it makes is no work', () => {
  const said = texts(
    '200 g flour\n100 g butter',
    'Rub the butter into the flour in a bowl. Press into a dough. Roll out. Cut out rounds. Gather up the trimmings, re-roll and cut out more. You should get about 8.',
  );
  expect(said).toContain('Press the trimmings together.');
  expect(said).toContain('Roll out the trimmings again.');
  expect(said.filter((t) => /^Get|^Gather/.test(t))).toEqual([]);
});

test('meat is looked at inside before a ring that the recipe itself turns off', () => {
  const said = allTexts(
    '500 g beef mince\n1 tbsp oil\n20 g chocolate',
    'Fry the mince in the oil for 15 minutes. Turn off the heat and stir in the chocolate. Serve.',
  );
  const check = said.findIndex((t) => /thermometer: /.test(t));
  expect(check).toBe(said.findIndex((t) => /^Turn off the heat/.test(t)) - 1);
});

test('cheese that is wanted at the end is fetched and grated then', () => {
  const task = build(
    '1 tbsp oil\n1 onion, chopped\n500g beef mince\n2 cans tomatoes\n400g can kidney beans, drained\nCooked rice, soured cream and grated cheese, to serve',
    'Fry the onion in the oil for 5 minutes. Add the mince and brown it. Pour in the tomatoes. Bring to the boil, put the lid on and simmer for 30 minutes. Add the beans and cook for 10 more minutes. Spoon over the rice and top with the soured cream and the cheese.',
  );
  const said = task.steps.map((s) => s.text);
  expect(said.indexOf('Grate the cheese.')).toBeGreaterThan(said.findIndex((t) => /^Simmer/.test(t)));
  expect(said.some((t) => /back in the fridge/.test(t))).toBe(false);
  expect(dryRun(task).map((f) => f.code)).not.toContain('out-too-long');
});

test.each([
  ['1 lemon, zest grated and juice squeezed', ['zested', 'juiced']],
  ['1 lemon, zest finely grated', ['zested']],
])('the work on a lemon: %s', (line, work) => expect(readIngredientLine(line)[0].preparation).toEqual(work));

describe('lines of a list that hold two', () => {
  const items = (line: string) =>
    readIngredientLine(line).map((one) => [one.min, one.unit, one.item, ...one.preparation].filter((x) => x !== null).join(' '));
  test.each([
    ['1 red pepper and 1 green pepper, deseeded and sliced', ['1 red pepper deseeded sliced', '1 green pepper deseeded sliced']],
    ['1 onion and 2 cloves garlic, crushed', ['1 onion', '2 clove garlic crushed']],
    ['1 tbsp butter plus 1 tbsp oil', ['1 tbsp butter', '1 tbsp oil']],
    ['1 cup and 2 tbsp flour', ['9/8 cup flour']],
    ['small can sweetcorn (198g), drained', ['1 can sweetcorn drained']],
    // an olive is bought so, a plum is not
    ['handful pitted black olives', ['1 handful pitted black olives']],
    ['6 plums, pitted', ['6 plums pitted']],
  ])('%s', (line, read) => expect(items(line)).toEqual(read));
});

describe('fish in a pan', () => {
  const task = build(
    '300 g cod fillet\n200 g smoked haddock\n400 ml milk\n25 g flour\n25 g butter\n500 g cooked potatoes',
    'Put the fish in a wide pan with the milk. Bring just to the boil, then turn off the heat and leave for 5 mins. Lift the fish out with a slotted spoon and flake into an ovenproof dish. Pour the milk into a jug.\nMelt the butter in the same pan and stir in the flour. Whisk in the milk. Pour over the fish.',
    'Fish pie',
  );
  test('of two kinds is both of them, and is poached before it is looked at', () => {
    const said = task.steps.map((s) => s.text);
    expect(step(task, /^Put the smoked haddock in/).into).toBe('frying-pan');
    expect(said.findIndex((t) => /thermometer: /.test(t))).toBeGreaterThan(said.findIndex((t) => /for 5 mins/.test(t)));
  });
  test('that was lifted out and flaked lies in its dish, and the sauce goes there', () => {
    expect(step(task, /^Lift the fish/).into).toBe('plate');
    expect(step(task, /over the fish/).into).toBe('baking-dish');
  });
  test('of two kinds is fetched in one go, with clean hands', () => {
    expect(dryRun(task).map((f) => f.code)).not.toContain('raw-contact');
  });
});
