// Parts that no measure gives, waits that a condition asks for, and which vessel is free: cases of six texts, December 2026. Common practice at a stove throughout.
import { describe, expect, test } from 'vitest';
import { build, own, ownTexts as texts, step } from '../../../tests/cases/built';
import { check, type Case } from '../../../tests/cases/cards';
import { readRecipe } from '../recipe/read';
import { shortTitle } from './dish-title';
import { plainTurns } from './turns-of-speech';

describe('a part that no measure gives', () => {
  test.each<Case>([
    [
      'of a bunch, beside a spice of the same name',
      '500 g beef mince\n1 tsp ground coriander\n1 small bunch of coriander, chopped',
      'Put the mince, spices and half the coriander in a bowl. Mix. Scatter the remaining coriander over the top.',
      ['Put the ground coriander in the bowl.', 'Put half of the coriander in the bowl.'],
      /^Put the coriander/,
    ],
    [
      'of a tin, and of slices',
      '1 tin sweetcorn\n6 slices ham',
      'Put half the tin of sweetcorn and half the ham in a bowl.',
      ['Put half of the sweetcorn in a bowl.', 'Put 3 slices of the ham in the bowl.'],
      null,
    ],
    [
      'of the tin that was opened',
      '1 tin baked beans',
      'Open the tin of beans. Pour half into the bowl.',
      ['Pour half of the baked beans into the bowl.'],
      /everything/,
    ],
    [
      'of a tin that the list has half of, it is all',
      'half a tin of baked beans',
      'Open the tin of beans. Pour half into the bowl.',
      ['Pour the baked beans into the bowl.'],
      /half|everything/,
    ],
    ['all of it is no part', '1 tin sweetcorn', 'Put the sweetcorn in a bowl.', ['Put the sweetcorn in a bowl.'], /half/],
  ])('%s', (...one) => check(one));
});

describe('what is cold is waited for', () => {
  const baked = (then: string) =>
    texts('200 g self-raising flour\n2 eggs', `Mix the flour and eggs in a bowl. Pour into a loaf tin. Bake for 45 minutes. ${then}`);
  test.each([
    ['When cool, slice the loaf.', ['Leave the mixture to cool.', 'Slice the loaf.']],
    ['Slice when completely cold.', ['Leave the mixture to cool.', 'Slice the mixture.']],
    ['Leave to cool. When cold, cut into squares.', ['Leave the mixture to cool.', 'Cut the mixture into squares.']],
    [
      'Once cool enough to handle, peel off the paper.',
      ['Leave the mixture for 5 minutes until cool enough to handle.', 'Peel off the paper.'],
    ],
  ])('%s', (said, cards) => expect(baked(said).slice(-2)).toEqual(cards));

  test('what was cut cold is cut at once', () =>
    expect(texts('4 slices ham', 'Put the ham on the board. When cold, cut into strips.').filter((t) => /^Leave/.test(t))).toEqual([]));
});

describe('which vessel, and what is in it', () => {
  test.each<Case>([
    [
      'not into the koftas that chill',
      '500 g lamb mince\n150 g yoghurt\n1/4 cucumber, grated',
      'Put the lamb in a bowl and shape into 8 sausages. Chill for 20 mins. Squeeze the liquid out of the cucumber, then mix with the yoghurt.',
      ['Put the cucumber in the large bowl. >large-bowl', 'Put the yoghurt in the large bowl. >large-bowl'],
      null,
    ],
    [
      'what is mixed in goes to what chilled',
      '100 g oats\n200 ml apple juice\n1 apple\n150 g yoghurt',
      'Mix the oats and juice in a bowl. Put it in the fridge overnight. Grate the apple and mix it in with the yoghurt.',
      ['Put the apple in the bowl. >bowl', 'Put the yoghurt in the bowl. >bowl'],
      null,
    ],
    [
      'some water from the tap takes nothing along',
      '1 red pepper\n1 cup rice',
      'Chop the pepper. Put 2 cups of water in the saucepan. Boil the water. Add the rice.',
      ['Chop the pepper.', 'Fill the 1 cup twice with water, into the jug.', 'Pour the water into the saucepan.'],
      /pepper in(?:to)? the saucepan/,
    ],
    [
      'a cup of the water is scooped out of the pan that the pasta is in',
      '300 g spaghetti\n400 g can tomatoes\n100 ml water',
      'Simmer the tomatoes and water in a saucepan for 15 mins. Cook the spaghetti in a large pan of boiling water. Drain, reserving a cup of the cooking water. Toss with the sauce.',
      ['Scoop out a cup of the cooking water. >small-bowl', 'Drain the spaghetti. >large-pan'],
      /reserving/,
    ],
    [
      'egg on the edges is not what is folded',
      '1 pack ready-rolled puff pastry\n200 g grated cheese\n1 egg',
      'Unroll the pastry, cut into 4 rectangles. Spoon the cheese onto one half of each. Beat the egg in a cup. Brush round edges w/ egg. Fold over, press edges down w/ fork.',
      [
        'Brush round the edges with the egg. >board',
        'Fold the ready-rolled puff pastry over. >board',
        'Press the edges down with a fork. >board',
      ],
      null,
    ],
  ])('%s', (...one) => check(one));

  test.each<Case>([
    [
      'stock that was made aside goes to what cooks',
      '1 onion\n1 tbsp oil\n1 tin plum tomatoes\n300 ml hot water\n1 stock cube',
      'Fry the onion in the oil in a large saucepan for 8 mins. Meanwhile dissolve the stock cube in the hot water. Add the tomatoes and the stock. Simmer for 15 mins. Using a hand blender, blend until smooth.',
      [
        'Add the plum tomatoes to the large saucepan. >large-pan',
        'Simmer the onion and the tomatoes for 15 mins. >large-pan',
        'Blend everything in the large saucepan using a hand blender until smooth. >large-pan',
      ],
      null,
    ],
    [
      'what chills stays there while a spoon is filled, and is one of several that are added',
      '2 tortillas\n1 tbsp oil\nGrated cheese\n\nFor the salsa\n3 tomatoes\n1/2 red onion',
      'For the salsa, chop the tomatoes and onion and mix in a small bowl. Chill. Heat the oil in a frying pan and fry the tortillas for 1 minute. Put the tortillas on a plate. Add salsa and cheese, then roll up.',
      ['Pour the oil into the frying pan.', 'Take the small bowl out of the fridge.', 'Add the salsa to the plate. >plate'],
      null,
    ],
    [
      'what is on a plate goes into the microwave once',
      '1 large potato',
      'Put the potato on a plate and put it in the microwave. Cook on HIGH for 5 minutes.',
      ['Put the potato on a plate. >plate', 'Put the potato in the microwave. >plate', 'Cook the potato on HIGH for 5 minutes. >plate'],
      /^Put the plate/,
    ],
    [
      'egg that was scrambled is broken up, and no egg is cracked; it goes back in',
      '250 g cooked rice\n2 eggs\n1 tbsp soy sauce',
      'Heat a wok on medium. Pour in the beaten eggs and stir until just set. Scrape out onto a plate. Fry the rice for 4 minutes. Break up the egg and stir it back in with the soy sauce.',
      [
        'Stir the eggs until just set. >wok',
        'Scrape the eggs out onto a plate. >plate',
        'Break up the egg. >plate',
        'Put the eggs in the wok. >wok',
        'Stir everything in the wok. >wok',
      ],
      null,
    ],
    [
      'the veg that is stirred is what roasts, and the beans come later',
      '8 sausages\n500 g potatoes\n2 carrots\n200 g green beans',
      'Put the potatoes and carrots in a roasting tin. Nestle in the sausages and roast for 25 minutes. Stir the veg. Scatter over the beans and roast for 10 minutes.',
      ['Stir the veg. >tray', 'Scatter the beans over the top. >tray'],
      null,
    ],
  ])('%s', (...one) => check(one));

  test('beside a frying pan, the saucepan is not “the pan”, and what goes to “the pan” says which', () => {
    const said = texts(
      '200 g penne\n1 tbsp oil\n1 leek',
      'Boil the penne in a pan of water for 10 minutes. Drain. Heat the oil in a frying pan. Slice the leek and add to the pan.',
    );
    expect(said).toContain('Put the penne in the saucepan.');
    expect(said.filter((t) => /\bthe pan\b/.test(t))).toEqual([]);
  });
});

describe('a short style, and what a sheet says beside', () => {
  test.each([
    ['Boil 10 mins, drain.', 'Boil for 10 mins, drain.'],
    ['On a baking tray, 20-25 mins until golden', 'Bake on a baking tray for 20-25 mins until golden'],
    ['In the oven 20 mins', 'Bake for 20 mins'],
    ['Keep stirring!', 'Stir constantly.'],
    ['When you see bubbles put the pasta in', 'When you see bubbles, put the pasta in'],
    ['When you add the eggs, whisk.', 'When you add the eggs, whisk.'],
    ['Put the rice in a bowl and the chilli on top.', 'Put the rice in a bowl, then Put the chilli on top.'],
    ['Leave for 5 mins before serving with peas, if you like.', 'Leave for 5 mins. Serve with peas, if you like.'],
    ['Warm the flatbreads under the grill for the final minute.', 'Warm the flatbreads under the grill for 1 minute.'],
    ['Slice the loaf when completely cold.', 'When completely cold, slice the loaf.'],
  ])('%s', (said, plain) => expect(plainTurns(said)).toBe(plain));

  test('the last minute is parted off', () => {
    const said = texts(
      '2 leeks\n1 clove garlic',
      'Fry the leeks in a frying pan for 8 mins until soft. Stir in the garlic for the last minute.',
    );
    expect(said.slice(-4, -1)).toEqual([
      'Fry the leeks in a frying pan for 7 mins.',
      'Stir the garlic into the frying pan.',
      'Cook the leeks for 1 minute more until soft.',
    ]);
  });

  test('an oven with a number and no letter', () =>
    expect(step(build('2 potatoes', 'Oven on 200 (fan 180)\nBake the potatoes for 1 hour.'), /^Turn the oven on/).text).toBe(
      'Turn the oven on to 200 °C (400 °F).',
    ));

  test('bubbles are seen when the water boils, and the pasta goes into something', () => {
    const said = texts(
      '100 g pasta',
      'Fill the saucepan half full with water\nPut the saucepan on the hob\nTurn the hob on (HIGH)\nWhen you see bubbles put the pasta in\nSet the timer for 10 minutes',
    );
    expect(said).toContain('Put the pasta in the saucepan.');
    expect(said.indexOf('Bring the water to the boil.')).toBeLessThan(said.indexOf('Put the pasta in the saucepan.'));
    expect(said.indexOf('Bring the water to the boil.')).toBeGreaterThan(0);
  });

  test('what is asked of the learner is no step', () =>
    expect(texts('100 g rice', 'Put the rice in a bowl. Taste it. Was it too spicy? YES / NO').at(-1)).toBe('Taste the rice.'));

  test('stirring all the time is done while it fries', () => {
    const steps = own(build('1 onion', 'Fry the onion in a frying pan for 5 minutes. Keep stirring!'));
    expect(steps.filter((s) => s.technique === 'mix')).toEqual([]);
    expect(step({ steps } as ReturnType<typeof build>, /^Fry/).cues.some((c) => /stir constantly/i.test(c.text))).toBe(true);
  });

  test('what to look out for, and what to do once more, is told with the step', () => {
    const said =
      'Bake the dough for 45 minutes. Check after 30 minutes: if it’s getting too brown, cover with foil. Test with a skewer. If not, bake for another 5 minutes and test again.';
    const steps = own(build('500 g dough', said));
    expect(steps.filter((s) => /foil|another/.test(s.text))).toEqual([]);
    expect(steps.flatMap((s) => s.cues).filter((c) => /foil|another 5/.test(c.text))).toHaveLength(2);
  });

  test.each([
    ['MAKING VEGGIE CHILLI', 'veggie chilli'],
    ["Let's make flapjacks", 'flapjacks'],
    ['Today we are making soup', 'soup'],
    ['COOKING SESSION 4 - CHEESY PASTA', 'cheesy pasta'],
  ])('%s', (title, dish) => expect(shortTitle(title)).toBe(dish));
});

test.each([['Let everyone build their own wrap: spoon the beans onto each tortilla.'], ['I did it: by myself / with a little help']])(
  'said to the class, and no step: %s',
  (said) =>
    expect(texts('1 tin beans\n4 tortillas', `Open the beans. ${''}\n${said}`).filter((t) => /everyone|did it/.test(t))).toEqual([]),
);

test.each([
  ['a number', 'Lay the koftas on a foil-lined baking tray and grill for\n10-12 mins, until browned.', 1],
  ['a name', 'Take the pan off the heat and stir in half of the\nCheddar until it has melted.', 1],
  ['a numbered step is a new line', 'Lay the koftas on a foil-lined baking tray and grill for\n2. Wash your hands.', 2],
])('a line that ends in the middle of its sentence goes on with %s', (_what, method, lines) =>
  expect(readRecipe(`Koftas\nIngredients\n500 g lamb mince\nMethod\n${method}`).recipe.instructions).toHaveLength(lines),
);
