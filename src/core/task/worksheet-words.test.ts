// Cases of worksheets and of everyday texts, December 2026. Common practice of reading a recipe at a stove throughout.
import { describe, expect, test } from 'vitest';
import { allTexts, build, own, ownTexts as texts, step } from '../../../tests/cases/built';
import { readIngredientLine } from '../recipe/ingredient-line';
import { readRecipe } from '../recipe/read';
import { buildTask } from './build';
import { dryRun } from './dry-run';

describe('in other words', () => {
  test.each([
    ['Put straight on the oven shelf and bake for 1 hour.'],
    ['Put directly onto the oven rack and bake for 1 hour.'],
    ['Pop on the middle shelf and bake for 1 hour.'],
  ])('a shelf of the oven is no switch: %s', (said) => {
    const task = build('4 baking potatoes\n1 tbsp oil', `Preheat the oven to 200C. Prick the potatoes and rub with the oil. ${said}`);
    expect(task.steps.filter((s) => s.technique === 'preheat-oven')).toHaveLength(1);
    expect(step(task, /^Put the baking potatoes on the baking tray/).into).toBe('tray');
  });

  test('what says how to keep it is no step of the lesson', () => {
    const said = texts(
      '300 g cooked pasta',
      'Put the pasta in a bowl. Eat straight away or pack into boxes and keep in the fridge for up to 2 days.',
    );
    expect(said.filter((t) => /fridge|boxes/.test(t))).toEqual([]);
  });

  test('stirring every five minutes is done while it cooks', () => {
    const task = build(
      '100 g rice\n600 ml milk',
      'Put the rice and milk in a pan. Cook gently for 30 minutes. Stir it every 5 minutes or so.',
    );
    expect(
      step(task, /^Cook/)
        .cues.map((c) => c.text)
        .join(),
    ).toContain('every 5 minutes');
    expect(own(task).filter((s) => s.technique === 'mix')).toEqual([]);
  });

  test.each(['Drain the pineapple, keeping the juice.', 'Drain the pineapple (keep the juice).'])('%s The juice is there then', (said) => {
    const task = build('1 can pineapple chunks in juice\n1 tbsp cornflour', `${said} Mix the juice with the cornflour in a jug.`);
    expect(step(task, /^Drain the pineapple, reserving the juice/).technique).toBe('drain');
    expect(step(task, /^Pour the juice/).into).toBe('jug');
  });
});

describe('a worksheet', () => {
  test.each([
    ['Turn the hob to medium.', 'Turn on the hob under the saucepan, medium heat.'],
    ['Set the ring at low.', 'Turn on the hob under the saucepan, low heat.'],
    ['Turn on the stove.', 'Turn on the hob under the saucepan.'],
    ['Turn on the hob to number 4.', 'Turn on the hob under the saucepan, at 4.'],
    ['Turn the heat to high.', 'Turn on the hob under the saucepan, high heat.'],
  ])('“%s” lights the ring under the pan in hand, and it stays on while that is stirred', (said, card) => {
    const all = allTexts('50 g oats\n100 ml milk', `Put the oats and milk in a saucepan. ${said} Stir for 3 minutes. Serve.`);
    const stirred = all.findIndex((t) => /^Stir/.test(t));
    expect(all.indexOf(card)).toBe(stirred - 1);
    expect(all[stirred + 1]).toBe('Turn off the hob under the saucepan.');
  });

  test('a ring that is lit is only turned', () => {
    const all = allTexts('50 g oats\n100 ml milk', 'Boil the milk in a saucepan. Turn the hob to low. Add the oats. Simmer for 3 minutes.');
    expect(all.filter((t) => /^Turn on the hob/.test(t))).toHaveLength(1);
  });

  test('a refrigerator is a fridge', () => {
    const task = build(
      '50 g oats\n100 ml milk',
      'Add the oats and milk to a jar with a lid. Screw on the lid. Put in the refrigerator overnight.',
    );
    expect(step(task, /^Put .* in the fridge/)).toMatchObject({ technique: 'chill', into: 'jar' });
  });

  test('two lists side by side are two lists', () => {
    const { recipe } = readRecipe(
      'Curry\n\nINGREDIENTS                EQUIPMENT\n2 tbsp curry paste         chopping board\n1 onion                    large saucepan with lid\n100 g spinach\n                           tin opener\n\nMETHOD\n1. Chop the onion.',
    );
    expect(recipe.ingredients.map((one) => one.item)).toEqual(['curry paste', 'onion', 'spinach']);
    expect(recipe.tools).toEqual(['chopping board', 'large saucepan with lid', 'tin opener']);
    expect(
      readRecipe('Curry\n\nINGREDIENTS\tEQUIPMENT\n1 onion\tknife\n1 egg\tpan\n\nMETHOD\nChop the onion.').recipe.ingredients,
    ).toHaveLength(2);
    // a gap alone parts nothing
    expect(readRecipe('Curry\n\nINGREDIENTS\n1 tin  tomatoes\n1 onion  (red)\n\nMETHOD\nChop the onion.').recipe.ingredients).toHaveLength(
      2,
    );
  });
});

describe('a pan and a plate', () => {
  const task = build(
    '2 chicken breasts\n150 g mushrooms\n150 g tagliatelle\n100 ml cream\n1 tbsp oil',
    'Cook the tagliatelle in a large pan of boiling water. Drain.\nHeat the oil in a frying pan. Fry the chicken for 6 min. Remove to a plate.\nFry the mushrooms in the frying pan for 4 min. Pour in the cream, let it bubble for 1 min, then return the chicken to the pan along with the pasta. Toss together.',
  );
  test('“the pan” is the one that is cooked in, and not the one that the pasta boiled in', () => {
    expect(step(task, /^Return the chicken/).into).toBe('frying-pan');
    expect(step(task, /^Toss everything/).into).toBe('frying-pan');
  });
  test('what leaves its last heat is looked at inside when it is lifted out', () => {
    const said = task.steps.map((s) => s.text);
    expect(said.findIndex((t) => /thermometer: /.test(t))).toBe(said.indexOf('Remove the chicken to a plate.') + 1);
  });
  test('what is browned in batches, “transferring them to a plate”, is lifted out', () => {
    const balls = build(
      '500 g turkey mince\n1 tbsp oil\n2 cloves garlic, sliced',
      'Roll the mince into 20 walnut-sized balls. Heat the oil in a frying pan. Brown the meatballs in batches, transferring them to a plate as they are done. Add the garlic and fry for a minute, taking care not to burn it.',
    );
    expect(step(balls, /^Lift the \p{L}+ onto a plate/u).into).toBe('plate');
    expect(step(balls, /^Fry the garlic/).cues.map((c) => c.text)).toContain('taking care not to burn it');
    expect(dryRun(balls).map((f) => f.about)).not.toContain('walnut');
  });
});

// USDA FSIS: poultry, ground too, 165 °F (74 °C); ground meat 160 °F (71 °C)
test.each([
  ['500 g turkey thigh mince', 74],
  ['8 chicken sausages', 74],
  ['500 g beef mince', 71],
])('%s is done at %i degrees', (line, celsius) => {
  expect(step(build(`${line}\n1 tbsp oil`, 'Fry everything in the oil for 15 minutes. Serve.'), /thermometer: /).text).toContain(
    `${celsius} °C`,
  );
});

test('“a few sprigs thyme” is thyme', () => {
  const [one] = readIngredientLine('a few sprigs thyme, leaves picked');
  expect(one).toMatchObject({ item: 'thyme', notes: ['a few sprigs'], preparation: ['leaves picked'] });
});

describe('a class at its kettles and pans', () => {
  test.each([
    'Boil a full kettle. Pour the water into a large saucepan. Add the pasta. Boil for 10 minutes.',
    'Boil a kettle of water and pour it into a large saucepan. Add the pasta. Boil for 10 minutes.',
    'Pour boiling water from the kettle into a large saucepan. Add the pasta and boil for 10 minutes.',
  ])('what goes in after the water goes into its pan, and into no second one: %s', (method) => {
    const task = build('300 g pasta', method);
    expect(step(task, /^Add the pasta/).into).toBe('large-pan');
    expect(step(task, /^Boil the pasta/).into).toBe('large-pan');
    expect(task.steps.filter((s) => s.technique === 'fill-pan')).toEqual([]);
  });

  test('what is snipped into a pan is what is fried, and not what boiled beside it', () => {
    const task = build(
      '400 g sausages\n300 g pasta',
      'Boil the pasta in a saucepan for 10 minutes. Snip the sausages straight into a frying pan. Fry for 10 minutes.',
    );
    expect(step(task, /^Fry/)).toMatchObject({ text: 'Fry the sausages for 10 minutes.', into: 'frying-pan' });
    expect(dryRun(task).map((f) => f.code)).not.toContain('not-cooked');
  });

  test('bubbles are waited for on a lit ring, pasta goes in there, and a timer that is set is how long it cooks', () => {
    const { recipe } = readRecipe(
      'Pasta\n\nName: ________ Date: ______\n\nI need:\n☐ 1 cup pasta\n☐ water\n☐ saucepan  ☐ colander  ☐ timer\n\nSteps\n1 Fill the saucepan with water.\n2 Put it on the stove. Turn the stove to HIGH.\n3 Wait for big bubbles.\n4 Put the pasta in the water. Stir.\n5 Set the timer for 10 minutes.\n6 When the timer beeps, turn off the stove.\n7 Drain the pasta.',
    );
    expect(recipe.ingredients.map((one) => one.item)).toEqual(['pasta', 'water']);
    expect(recipe.tools).toEqual(['saucepan', 'colander', 'timer']);
    const task = buildTask(recipe, { grain: 'standard' });
    const said = task.steps.map((s) => s.text);
    expect(step(task, /^Put the pasta in the water/).into).toBe('saucepan');
    expect(step(task, /^Cook the pasta for 10 minutes/)).toMatchObject({ into: 'saucepan', minutes: { waiting: 10 } });
    expect(said.findIndex((t) => /^Turn off the/.test(t))).toBeGreaterThan(said.findIndex((t) => /^Cook the pasta/.test(t)));
    expect(dryRun(task).map((f) => f.code)).not.toContain('listed-not-used');
  });

  test('a button is pressed with the lid on: that blends', () => {
    const task = build(
      '1 banana\n1 cup milk',
      'Put the banana and milk in the blender jug. Put the lid on. Press the button. Count to 20. Press stop. Pour into 2 glasses.',
    );
    const said = task.steps.map((s) => s.text);
    expect(step(task, /^Blend/)).toMatchObject({ technique: 'blend', into: 'blender' });
    expect(said.indexOf('Take the lid off the blender.')).toBeGreaterThan(said.findIndex((t) => /^Blend/.test(t)));
  });

  test('a toaster oven is one oven, and a plate that goes into the microwave goes there as it is', () => {
    const melts = build(
      '2 slices bread\n50 g cheese',
      'Turn the toaster oven on to 180. Put the bread on a tray. Put the cheese on top. Cook for 8 mins. Use oven mitts to get the tray out.',
    );
    expect(melts.steps.filter((s) => s.technique === 'preheat-oven')).toHaveLength(1);
    expect(own(melts).filter((s) => s.technique === 'gather')).toEqual([]);
    const potato = build('1 potato', 'Prick the potato. Put it on a plate and into the microwave. Cook for 5 minutes.');
    expect(step(potato, /^Put the potato on/).text).toBe('Put the potato on a plate.');
  });

  test('a soup is boiled, timed, seasoned from its sachet, and the egg of a cup goes into it', () => {
    const task = build(
      '1 packet instant noodles\n1 egg\n2 cups water',
      'Measure 2 cups of water into a pan.\nPut the pan on the hob. Turn it to high. Wait till it boils.\nPut in the noodles. Turn down to medium.\nSet timer 3 mins.\nOpen the flavour sachet. Sprinkle it in.\nCrack the egg into a cup, tip it in and stir for 1 min.',
      'Noodle soup',
    );
    const said = own(task).map((s) => s.text);
    expect(said).toContain('Turn on the hob under the pan, high heat.');
    expect(said).toContain('Bring the water to the boil.');
    expect(step(task, /^Cook .* for 3 mins/).into).toBe('saucepan');
    expect(said).toContain('Sprinkle the flavour sachet in.');
    expect(step(task, /^Tip the egg/).into).toBe('saucepan');
  });
});

describe('what an adult does, what keeps one safe, and what is used', () => {
  test.each([
    ['An adult drains the pasta.'],
    ['Your teacher will drain the pasta.'],
    ['The adult should drain the pasta.'],
    ['Ask an adult to drain the pasta.'],
  ])('%s', (said) => {
    const task = build('150 g pasta', `Boil a pan of water. Cook the pasta for 10 minutes. ${said}`);
    expect(step(task, /^Drain the pasta/)).toMatchObject({ technique: 'drain-hot', supervision: 'adult-does' });
  });

  test('a caution goes to the step that it is of, and is no cooking', () => {
    const task = build(
      '150 g pasta\n30 g cheese',
      'Boil a pan of water. Cook the pasta for 10 minutes. Drain the pasta. Sprinkle the cheese on top. Stay safe! Steam burns. Keep your face away when you drain.',
    );
    const cues = step(task, /^Drain the pasta/)
      .cues.map((c) => c.text)
      .join('; ');
    expect(cues).toMatch(/steam burns.*keep your face away/i);
    expect(own(task).filter((s) => s.technique === 'steam' || s.technique === null || s.technique === 'wait')).toEqual([]);
  });

  test('how a hand is held is looked out for while it cuts', () => {
    const task = build('1 carrot', 'Chop the carrot into small pieces. Use the bridge hold.');
    expect(step(task, /^Chop the carrot/).cues.map((c) => c.text.toLowerCase())).toContain('use the bridge hold');
  });

  test.each(['I use', 'Things we use', 'You will use', 'My tools'])('what stands under "%s" is no food', (heading) => {
    const { recipe } = readRecipe(
      `Cheese pitta\n\nI need\n1 pitta bread\n30 g cheese\n\n${heading}\na knife\na cheese grater\nthe grill\na baking tray\n\nHow to make it\n1. Grate the cheese.`,
    );
    expect(recipe.tools).toEqual(['a knife', 'a cheese grater', 'the grill', 'a baking tray']);
    expect(recipe.ingredients.map((i) => i.item)).toEqual(['pitta bread', 'cheese']);
  });
});

describe('the pan on the hob', () => {
  test.each([['Put the pan on the hob.'], ['Put it on the hob.'], ['Place the pan on the stove.']])(
    'is stood there before its ring is lit: %s',
    (said) => {
      const all = texts(
        '150 g pasta',
        `Fill a pan with water. ${said} Turn on the hob. Boil the water. Cook the pasta for 10 minutes. Drain the pasta.`,
      );
      const stood = all.findIndex((t) => /^(?:Put|Place) the pan on the (?:hob|stove)\.$/.test(t));
      expect(stood).toBeGreaterThan(0);
      expect(all.findIndex((t) => t.startsWith('Turn on the hob'))).toBeGreaterThan(stood);
    },
  );

  test.each([['When the water boils, add the pasta'], ['Once the water is boiling, add the pasta'], ['When it bubbles, add the pasta']])(
    'what goes in when it boils finds it boiling: %s',
    (said) => {
      const all = texts('150 g pasta', `Fill a pan with water and turn on the hob. ${said} and cook for 10 minutes. Drain the pasta.`);
      expect(all.indexOf('Bring the water to the boil.')).toBeGreaterThan(0);
      expect(all.findIndex((t) => t.startsWith('Add the pasta'))).toBeGreaterThan(all.indexOf('Bring the water to the boil.'));
      expect(all.filter((t) => /to the boil/.test(t))).toHaveLength(1);
    },
  );

  test('what cooks in its water is gone back to when the timer rings, and drained then, a cup of the water kept', () => {
    const task = build(
      '150 g pasta\n80 g ham\n50 g soft cheese',
      'Boil the pasta for 10 minutes in a large pan. Meanwhile, snip the ham into pieces. Scoop out 3 tbsp of the water into a cup. Drain the pasta. Tip the pasta back into the pan with the cheese and the water. Mix in the ham.',
    );
    const said = own(task).map((s) => s.text);
    const at = (words: RegExp) => said.findIndex((t) => words.test(t));
    expect(at(/^Scoop/)).toBeGreaterThan(0);
    expect(at(/^Drain the pasta/)).toBe(at(/^Scoop/) + 1);
    expect(at(/^Snip the ham/)).toBe(at(/^Set the timer to boil the pasta/) + 1);
    expect(at(/until the timer rings/)).toBe(at(/^Snip the ham/) + 1);
    expect(at(/^Drain/)).toBeGreaterThan(at(/until the timer rings/));
    expect(step(task, /^Drain the pasta/).into).toBe('large-pan');
  });
});

test('one on the other: the slices, then the cheese', () => {
  const said = texts(
    '1 pitta bread\n1 tomato\n30 g cheese',
    'Slice the tomato. Grate the cheese. Put the pitta on a baking tray. Put the tomato slices on the pitta, then the cheese. Grill for 3 minutes.',
  );
  const at = (words: RegExp) => said.findIndex((t) => words.test(t));
  expect(at(/^Put the tomato/)).toBeGreaterThan(0);
  expect(at(/^Put the cheese/)).toBeGreaterThan(at(/^Put the tomato/));
});

describe('a sheet of a class', () => {
  const sheet = (text: string) => readRecipe(text).recipe;

  test('jobs with a name or with help before the colon, what is got besides, and what the sheet is of', () => {
    const recipe = sheet(
      'TUESDAY GROUP\nRecipe: Oat bites\nGet:\n100 g butter, 200 g oats\nAlso get: saucepan, wooden spoon, square tin\nBefore we start: oven on 170 C (adult).\nJob 1 (Sam): weigh the butter.\nJob 2 (adult helps): melt the butter on a low heat.\nJob 3: stir in the oats.\nWashing up rota: see board',
    );
    expect(recipe.title).toBe('Oat bites');
    expect(recipe.tools).toEqual(['saucepan', 'wooden spoon', 'square tin']);
    expect(recipe.instructions.slice(1)).toEqual([
      'Weigh the butter.',
      'Melt the butter on a low heat (adult helps).',
      'Stir in the oats.',
    ]);
    const steps = own(buildTask(recipe, { grain: 'standard' }));
    expect(steps.find((s) => s.technique === 'melt')?.supervision).toBe('within-reach');
    expect(steps.filter((s) => s.technique === null)).toEqual([]);
  });

  test.each(['Step by step: Chicken wrap', 'How to make: Chicken wrap', 'We are making: Chicken wrap', 'Recipe - Chicken wrap'])(
    '%s: the title, and "1 - " numbers a step',
    (first) => {
      const recipe = sheet(
        `${first}\n\nYou need: 1 chicken breast, 1 wrap\n\n1 - Cut the chicken into strips.\n2 - Fry the chicken for 8 minutes.`,
      );
      expect([recipe.title, recipe.ingredients.length]).toEqual(['Chicken wrap', 2]);
      expect(recipe.instructions).toEqual(['Cut the chicken into strips.', 'Fry the chicken for 8 minutes.']);
    },
  );

  test('what is to be written in is no step', () => {
    expect(
      sheet('Toast\nIngredients\n1 slice bread\nMethod\n1. Toast the bread.\nEvaluation: I liked ____ Next time I will ____').instructions,
    ).toEqual(['Toast the bread.']);
  });

  test('dots between a food and its amount are none of that', () => {
    const { ingredients } = sheet('Buns\nIngredients\nflour ........ 200 g\n2 eggs ______\nMethod\n1. Mix the flour and eggs.');
    expect(ingredients.map((i) => i.item)).toEqual(
      expect.arrayContaining([expect.stringContaining('flour'), expect.stringContaining('egg')]),
    );
  });

  test('hot oil that is warned of is a danger of its step', () => {
    const task = build('1 tbsp oil\n1 onion', 'Put the oil in a bowl. The oil is hot. Chop the onion.');
    expect(step(task, /oil.*bowl/).hazards).toContain('hot');
  });

  test('one minute, stir, then one more: it is heated twice', () => {
    const task = build('1 small tin baked beans', 'Put the beans in a bowl. Microwave for 1 minute, stir, then 1 more minute.');
    expect(task.steps.filter((s) => s.technique === 'microwave').map((s) => s.minutes.waiting)).toEqual([1, 1]);
  });

  test('the board of a colour is said where it is cut on, and an adult who pours does that', () => {
    const task = build(
      '1 chicken breast\n1 stock cube\n300 ml boiling water',
      'Use the RED board for the chicken. Cut the chicken into strips. Crumble the stock cube into a jug. Add the boiling water. Adult pours!',
    );
    expect(step(task, /^Cut the chicken/).text).toBe('Cut the chicken into strips on the RED board.');
    expect(step(task, /^Add the boiling water/).supervision).toBe('adult-does');
    expect(own(task).filter((s) => s.technique === null)).toEqual([]);
  });
});
