// Kinds that twelve new texts showed when their cards were read, December 2026: where a thing is heated, where it lies, what it is called. Common practice at a stove throughout, unless a source is named.
import { describe, expect, test } from 'vitest';
import { build, own, step } from '../../../tests/cases/built';
import { check, type Case } from '../../../tests/cases/cards';
import { readRecipe } from '../recipe/read';
import { dryRun } from './dry-run/index';
import { plainTurns } from './turns-of-speech';

const texts = (task: ReturnType<typeof build>) => own(task).map((one) => one.text);

/** Those that come from the list too. */
const all = (task: ReturnType<typeof build>) => task.steps.map((one) => one.text);

describe('the same heat again', () => {
  test.each<Case>([
    [
      'what is turned under the grill goes back under it',
      '2 chicken breasts\n1 tbsp oil',
      'Lay the chicken on a baking tray. Grill on high for 6 minutes, turn each piece over and give them another 6 minutes.',
      [
        'Put the baking tray under the grill.',
        'Turn each piece over.',
        'Put the baking tray under the grill.',
        'Cook the chicken for another 6 minutes',
      ],
      /the hob|in the oven/,
    ],
    [
      'nothing is heated in bursts on a hob',
      '100 g chocolate\n1 banana',
      'Put the chocolate in a microwaveable bowl. Heat it in 20 second bursts until smooth. Slice the banana.',
      ['Put the bowl in the microwave. >bowl', 'Heat the chocolate in 20 second bursts until smooth. >bowl'],
      /hob|saucepan/,
    ],
    [
      'onions are not fried in a soup',
      '200 g red lentils\n1 onion\n2 tbsp oil',
      'Simmer the lentils in 800 ml water in a large saucepan for 20 minutes. Fry the onion in the oil for 8 minutes. Pour over the lentils.',
      [
        'Pour the oil into the frying pan.',
        'Fry the onion in the oil for 8 minutes. >frying-pan',
        'Pour the onion over the red lentils. >large-pan',
      ],
      /onion in the large saucepan/,
    ],
    [
      'water by itself is what is brought to the boil',
      '200 g pasta',
      'Fill a saucepan with water. Put on the lid and bring to the boil. Add the pasta and boil for 11 minutes.',
      ['Bring the water to the boil. >saucepan'],
      /everything in the saucepan to the boil/,
    ],
  ])('%s', (...one) => check(one));

  test('a grill that is hot in minutes is not lit before meat marinates for half an hour', () => {
    const task = build(
      '2 chicken breasts\n2 tbsp yoghurt',
      'Mix the chicken and the yoghurt in a bowl. Leave in the fridge for 30 minutes. Grill the chicken for 12 minutes.',
    );
    const said = texts(task);
    expect(said.findIndex((one) => /fridge for 30/.test(one))).toBeLessThan(said.findIndex((one) => /Turn the grill on/.test(one)));
  });
});

describe('where it lies', () => {
  test.each<Case>([
    [
      'fat leaves the pan, and the mince stays in it',
      '400 g beef mince\n1 tin beans',
      'Heat a frying pan. Add the mince and cook for 8 minutes. Spoon off any fat into a cup. Stir in the beans and cook for 5 minutes.',
      ['Spoon off any fat. >frying-pan', 'Stir the beans into the frying pan. >frying-pan'],
      />cup|mug/,
    ],
    [
      'a dough comes together where it was mixed, whatever simmers beside',
      '200 g red lentils\n150 g self-raising flour\n150 g yoghurt',
      'Simmer the lentils in 800 ml water in a large saucepan for 20 minutes. Mix the flour and yoghurt in a bowl, then bring together with your hands to a soft dough. Divide into 4 and roll each piece out. Heat a frying pan. Dry-fry the breads one by one for 2 minutes on each side.',
      [
        'Bring the mixture together with your hands to a soft dough. >bowl',
        'Put the dough in the frying pan. >frying-pan',
        'Dry-fry the breads one by one for 2 minutes. >frying-pan',
      ],
      /(?:mixture|dough) in the large saucepan/,
    ],
    [
      'cases of pastry are where the pastry lies',
      '1 sheet shortcrust pastry\n4 slices ham\n4 eggs\n150 ml milk',
      'Unroll the pastry and use an 8cm round cutter to stamp out 12 circles. Push the circles into a 12-hole bun tin. Tear up the ham and share it out between the pastry cases. Beat the eggs and milk in a jug. Pour the egg mix into the cases.',
      [
        'Cut out 12 circles with an 8cm round cutter. >board',
        'Share the ham between the pastry cases. >muffin-tin',
        'Pour the egg mix into the cases. >muffin-tin',
      ],
      /serving/,
    ],
    [
      'what is kept warm in a cloth is out of its pan',
      '2 flatbreads\n1 egg',
      'Warm the flatbreads in a frying pan for 2 minutes. Keep warm in a clean tea towel. Fry the egg.',
      ['Wrap the flatbreads in a clean tea towel to keep warm. >plate'],
      null,
    ],
    [
      'what was drained is rinsed in its colander, and shaken there',
      '200 g pasta\n100 g tomatoes',
      'Boil the pasta in a saucepan for 11 minutes. Drain the pasta in a colander and run it under the cold tap until cool. Shake off the water. Put the pasta into a large bowl.',
      ['Run the pasta under the cold tap until cool. >colander', 'Put the pasta into a large bowl. >large-bowl'],
      /back into the saucepan/,
    ],
    [
      'a stew is found by its name, among other pans',
      '200 g red lentils\n1 onion\n1 tbsp oil\n100 g spinach',
      'Simmer the lentils in 800 ml water in a large saucepan for 20 minutes. Heat the oil in a frying pan and fry the onion for 5 minutes. Stir the spinach into the dal until wilted.',
      ['Stir the spinach into the dal until wilted. >large-pan'],
      null,
    ],
  ])('%s', (...one) => check(one));

  test('a colander that is worked in stands on its card', () => {
    const task = build(
      '200 g pasta',
      'Boil the pasta in a saucepan for 11 minutes. Drain in a colander and rinse under cold water until cool.',
    );
    const rinsed = task.steps.filter((one) => one.into === 'colander');
    expect(rinsed.length).toBeGreaterThan(0);
    expect(rinsed.filter((one) => !one.tools.includes('colander'))).toEqual([]);
  });

  test('leftovers are for another day, and the dish is not put away before it is eaten', () => {
    const task = build(
      '4 slices ham\n1 sheet pastry',
      'Lay the ham on the pastry. Bake for 20 minutes. Refrigerate leftovers within 2 hours.',
    );
    expect(texts(task).filter((one) => /fridge|refrigerate/i.test(one))).toEqual([]);
  });
});

describe('what is bought so, and what has to be done', () => {
  test('prawns that a list has peeled were bought so; a carrot is peeled', () => {
    const said = all(
      build('180 g raw prawns, peeled and deveined\n1 carrot, peeled', 'Slice the carrot. Fry the prawns and carrot for 4 minutes.'),
    );
    expect(said.filter((one) => /^(?:Peel|Trim)/.test(one))).toEqual(['Peel the carrot.']);
  });

  test.each([
    ['1 lime', 'Boil 200 g rice. Serve with lime wedges.', 'Cut the lime into wedges.'],
    ['1 lemon', 'Boil 200 g rice. Serve with slices of lemon.', 'Slice the lemon.'],
  ])('%s: pieces that are only spoken of are cut', (list, method, wanted) => {
    expect(all(build(`200 g rice\n${list}`, method))).toContain(wanted);
  });

  test('pieces that somebody is told to cut are cut once', () => {
    const said = all(build('200 g rice\n1 lime', 'Boil the rice. Cut the lime into wedges. Serve with the lime wedges.'));
    expect(said.filter((one) => /Cut the lime|Slice the lime/.test(one))).toHaveLength(1);
  });

  test('a spoon peels ginger, and no blade', () => {
    const peel = step(build('1 piece of ginger', 'Peel the ginger with a teaspoon and grate it.'), /^Peel the ginger/);
    expect(peel.tools).not.toContain('peeler');
    expect(peel.hazards).not.toContain('sharp');
  });

  test('what the method makes is on no list, and is missed by nobody', () => {
    const task = build(
      '1 cucumber\n4 tbsp yoghurt\n2 flatbreads',
      'Grate the cucumber. Stir it into the yoghurt to make a raita. Serve the flatbreads with a spoonful of raita.',
    );
    expect(dryRun(task).filter((one) => one.code === 'used-not-listed')).toEqual([]);
    expect(texts(task)).toContain('Stir everything in the bowl to make a raita.');
  });

  test('pastry and what lies in it are the tart, once it is baked', () => {
    const said = texts(
      build(
        '1 sheet puff pastry\n3 tbsp pesto\n200 g tomatoes',
        'Unroll the pastry on a baking tray. Spread over the pesto and lay the tomatoes on top. Bake for 20 minutes. Cool for 5 minutes.',
        'Tomato tart',
      ),
    );
    expect(said.find((one) => one.startsWith('Bake'))).toMatch(/^Bake the tart for 20 minutes/);
  });
});

describe('a note in haste, put plainly', () => {
  test.each([
    ['Pasta in! 10 mins', 'Add the pasta. Cook for 10 mins'],
    ['Leek goes into the bacon fat with butter.', 'Put the leek into the bacon fat with butter.'],
    ['Turn down to low, lid on, 15 mins.', 'Turn down to low, put the lid on and cook for 15 mins.'],
    ['Cook onion 5 mins. Keep stirring!', 'Cook the onion for 5 mins. Stir constantly.'],
    ['Heat oil in pan - medium.', 'Heat the oil in a pan over a medium heat.'],
    ['Open tins. Drain and rinse the beans.', 'Open the tins. Drain and rinse the beans.'],
    ['Put a pan of water on for the pasta.', 'Bring a pan of water to the boil.'],
    ['Drain pasta, chuck it in with the leeks, bacon back in.', 'Drain the pasta, put it in with the leeks, put the bacon back in.'],
    ['One at a time, dip the strips in the flour.', 'Dip the strips one at a time in the flour.'],
    [
      'Bring to the boil, then cover, turn right down and cook for 10 minutes.',
      'Bring to the boil, then cover, then turn the heat down low and cook for 10 minutes.',
    ],
    [
      'Sieve the flour into a bowl, tipping in any bran left in the sieve.',
      'Sieve the flour into a bowl (tip in any bran left in the sieve).',
    ],
    ['Fold in the bottom and roll up.', 'Fold the bottom in and roll up.'],
    ['Check hands are washed.', 'Wash your hands.'],
    ['Boil without the lid for 11 minutes.', 'Boil uncovered for 11 minutes.'],
  ])('%s', (said, plain) => expect(plainTurns(said)).toBe(plain));

  test.each([
    'Dig in.',
    'Settle in.',
    'Right on top.',
    'Stir in.',
    'Fold in the flour.',
    'Pour the milk in.',
    'Add the onion and put the lid on.',
    'Simmer for 15 minutes.',
    'Cook the rice for 10 minutes.',
  ])('%s stays as it is', (said) => expect(plainTurns(said)).toBe(said));
});

test('a title is no rating', () => {
  const read = (title: string) => readRecipe(`${title}\nServes 2\nIngredients\n1 cup rice\nMethod\nBoil the rice.`).recipe.title;
  expect(read('Coconut curry ⭐⭐⭐⭐½ (88 reviews)')).toBe('Coconut curry');
  expect(read('Five star soup')).toBe('Five star soup');
});

describe('which thing is meant', () => {
  test.each<Case>([
    [
      'the soup that is taken off the heat is what is blended, whatever was grilled since',
      '1 onion\n1 tin tomatoes\n2 slices bread\n40 g cheddar\n1 tbsp oil',
      'Warm the oil in a big pan. Add the onion and tomatoes and simmer for 15 minutes. While it simmers, sprinkle the cheese over the bread and grill until it bubbles. Take the soup off the heat. Blend with a stick blender until smooth. Ladle into mugs.',
      ['Take the soup off the heat.', 'Blend the soup with a stick blender until smooth. >large-pan'],
      /^Blend.*>tray/,
    ],
    [
      'the basin is the one that was greased',
      '100 g butter\n100 g sugar\n100 g flour',
      'Grease a pudding basin. Beat the butter, sugar and flour in a mixing bowl. Scrape the mixture into the basin and level the top. Cover loosely with cling film and pierce it a few times. Microwave for 5 minutes.',
      [
        'Scrape the mixture into the basin. >pudding-basin',
        'Cover the pudding basin loosely with cling film. >pudding-basin',
        'Pierce the cling film. >pudding-basin',
      ],
      /microwave.*>bowl/,
    ],
    [
      'water of the list is in the rice; what is poured over beans comes from the kettle',
      '150 g rice\n200 ml water\n80 g edamame beans',
      'Simmer the rice in the water in a saucepan for 12 minutes. Put the edamame in a bowl and pour boiling water over them. Leave for 3 minutes.',
      ['Put the edamame in a bowl. >bowl', 'Leave the edamame for 3 minutes. >bowl'],
      /rice.*>bowl/,
    ],
    [
      'each of several is said so',
      '2 apples\n1 tbsp sugar',
      'Core the apples and cut each into 8 wedges. Sprinkle with the sugar.',
      ['Core the apples.', 'Cut each apple into 8 wedges.'],
      /the apples into 8/,
    ],
    [
      'potatoes are drained before another pan takes the ring',
      '900 g potatoes\n1 onion\n25 g butter',
      'Put the potatoes in a pan, cover with cold water, bring to the boil and cook for 15 minutes. Slice the onion. Melt the butter in a frying pan and cook the onion for 10 minutes. Drain the potatoes well and mash.',
      ['Cook the potatoes for 15 minutes', 'Drain the potatoes well. >saucepan', 'Cook the onion for 10 minutes. >frying-pan'],
      null,
    ],
  ])('%s', (...one) => check(one));

  test('a squeeze of lemon is squeezed, and no half of a lemon goes into the bowl', () => {
    const said = all(build('200 g couscous\n1/2 lemon', 'Stir a squeeze of lemon into the couscous.'));
    expect(said.some((one) => /^Squeeze/.test(one))).toBe(true);
    expect(said).not.toContain('Put the lemon in the bowl.');
  });

  test('an oven that is on at a number is on at so many degrees', () => {
    expect(all(build('2 pears', 'Turn the oven on: 190. Bake the pears for 25 minutes.'))).toContainEqual(
      expect.stringMatching(/oven on to 190 °C/),
    );
  });

  test.each([
    ['Stir every now and then and add a splash of water if it looks dry.', 'Stir sometimes (if it looks dry, add a splash of water).'],
    ['Peel off the film carefully - steam!', 'Peel off the film carefully (steam).'],
    ['Peel and chop the onion small.', 'Peel the onion, then chop the onion small.'],
  ])('%s', (said, plain) => expect(plainTurns(said)).toBe(plain));

  test('a timer that was set for the baking is not set once more', () => {
    const said = all(build('2 pears', 'Bake the pears for 25 minutes. Set the timer!'));
    expect(said.filter((one) => /set the timer/i.test(one))).toEqual([]);
  });

  test('who eats of it counts, not how many puddings there are', () => {
    expect(readRecipe('Sponge pudding (makes 1 pudding, serves 3)\nIngredients\n2 eggs\nMethod\nBeat the eggs.').recipe).toMatchObject({
      title: 'Sponge pudding',
      servings: 3,
    });
  });

  test('cheddar is cheese, also where it is called grated cheese', () => {
    const task = build('2 slices bread\n40 g cheddar', 'Sprinkle the grated cheese over the bread. Grill for 3 minutes.');
    expect(dryRun(task).filter((one) => one.code === 'used-not-listed')).toEqual([]);
  });
});

describe('a board in a classroom, and batters in turns', () => {
  test.each<Case>([
    [
      'potatoes that stand are in hand again, though beans were heated since',
      '2 baking potatoes\n1 tin baked beans\n40 g cheese',
      'Potatoes on plate. Microwave 5 min. Put the beans in a pan. Heat on low 5 min. Leave the potatoes to stand 2 min, then cut a cross in the top and squeeze open. Beans on top, cheese on top of that.',
      [
        'Put the potatoes on the plate. >plate',
        'Heat the beans on low for 5 min. >saucepan',
        'Squeeze the potatoes open. >plate',
        'Put the beans on top. >plate',
        'Put the cheese on top. >plate',
      ],
      /beans open/,
    ],
    [
      'a grill that is "on to medium" grills nothing yet, and what is shared on top is not served',
      '2 pitta breads\n1 green pepper\n40 g cheese',
      'Grill on to medium. Slice the pepper. Put the pittas on the grill tray. Share out the pepper on top. Sprinkle on the cheese. Slide under the grill for 5 mins. Oven gloves on. Take out when the cheese is bubbling.',
      ['Share out the pepper on top. >tray', 'Sprinkle the cheese over the top. >tray', 'Put the tray under the grill.'],
      /^Grill the food|serving|Oven gloves on/,
    ],
    [
      'half of a mixture goes in, then milk, then the rest of it; no flour is measured twice',
      '1 cup flour\n1 tsp baking powder\n1/2 cup butter\n1/2 cup milk',
      'Butter a loaf pan and dust it with flour. Whisk the flour and baking powder in a medium bowl. Cream the butter in a large bowl. Beat in half of the flour mixture, then the milk, then the rest of the flour mixture.',
      [
        'Dust the loaf pan with flour. >cake-tin',
        'Beat half of the flour mixture into the large bowl. >large-bowl',
        'Beat the milk into the large bowl. >large-bowl',
        'Put the mixture in the large bowl. >large-bowl',
      ],
      /½ cup with flour|the flour with/,
    ],
    [
      'rice that goes on first is rinsed and boiled once, on a low heat for its time',
      '150 g rice',
      "Put the rice on first. Rinse it well, put in a pan with 300ml water, bring to the boil, put a tight lid on, turn to the lowest heat for 12 minutes.\nTake off the heat and don't peek for 5 minutes.",
      [
        'Rinse the rice well.',
        'Put a tight lid on.',
        'Turn the heat down to low.',
        'Cook the rice for 12 minutes. >saucepan',
        'Leave the rice for 5 minutes. >saucepan',
      ],
      /on first|peek/,
    ],
  ])('%s', (...one) => check(one));
});
