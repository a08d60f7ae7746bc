// Kinds that eight texts and the cards of the recipes there are showed when they were read, December 2026. Common practice at a stove throughout.
import { describe, expect, test } from 'vitest';
import { build, ownTexts as texts, step } from '../../../tests/cases/built';
import { check, type Case } from '../../../tests/cases/cards';
import { legendsOf } from '../recipe/legend';
import { readRecipe } from '../recipe/read';

describe('which vessel is in hand', () => {
  test.each<Case>([
    [
      'a bowl that is lifted off its pan is in hand, and not the pan',
      '100 g chocolate\n100 g puffed rice',
      'Break the chocolate into a heatproof bowl. Set the bowl over a pan of simmering water and stir until melted. Lift off the bowl with oven gloves. Tip in the puffed rice.',
      ['Lift off the bowl', 'Tip the puffed rice into the bowl. >bowl'],
      />saucepan.*puffed/,
    ],
    [
      'what was beaten in one bowl is added to the other',
      '125 g plain flour\n60 g butter\n1 egg\n1 tbsp water',
      'Put the flour in a mixing bowl and rub in the butter. Beat the egg with the water, add to the bowl and mix to a dough.',
      ['Add the egg to the bowl. >bowl', 'Mix everything in the mixing bowl to a dough. >bowl'],
      /^Put the egg in the mixing bowl/,
    ],
    [
      'the cake that is left in its tin, with the drizzle in hand',
      'For the cake\n200 g butter\n200 g flour\n3 eggs\nFor the drizzle\njuice of 1 lemon\n100 g sugar',
      'Mix the cake ingredients in a large bowl. Turn into a tin. Bake for 30 minutes. Mix the lemon juice and sugar in a bowl. Leave the cake to cool in the tin for 5 minutes. Prick all over with a skewer. Spoon over the drizzle while still warm.',
      [
        'Tip the mixture into a tin. >cake-tin',
        'Leave the cake to cool in the tin for 5 minutes. >cake-tin',
        'Prick the mixture all over with a skewer. >cake-tin',
        'Spoon the drizzle',
      ],
      /over the drizzle|^Turn everything/,
    ],
    [
      'what was scooped out on the tray goes, and its skins stay',
      '2 sweet potatoes\n1 can black beans',
      'Put the sweet potatoes on a tray and bake at 200C for 40 minutes. Tip the beans into a bowl. Scoop out the middles, chop and mix into the beans. Spoon back into the skins and bake for 10 minutes.',
      [
        'Scoop out the middles. >tray',
        'Chop the sweet potatoes. >board',
        'Mix everything into the beans. >bowl',
        'Spoon the beans and the sweet potatoes back into the skins. >tray',
        'Bake the sweet potatoes for 10 minutes. >oven',
      ],
      /Put the skins|Bake the food/,
    ],
    [
      'what was torn just now is stirred through the pan, by its name',
      '1 onion\n100 g kale\n1 can chopped tomatoes',
      'Put the onion and tomatoes in a pan and simmer for 10 minutes. Tear up the kale. Stir through the pan until wilted.',
      ['Tear up the kale.', 'Stir the kale through the pan until wilted. >saucepan'],
      null,
    ],
    [
      'a tin of water, out of the tin',
      '1 onion\n1 can chopped tomatoes\n1 tbsp oil',
      'Fry the onion in the oil in a frying pan. Pour in the tomatoes, then half fill the can with water, swirl and add that too. Simmer for 20 minutes.',
      ['Fill the can half full with water.', 'Add the water to the frying pan. >frying-pan'],
      /^Swirl|the mixture/,
    ],
  ])('%s', (...one) => check(one));
});

describe('how much, and which part', () => {
  test.each<Case>([
    [
      'of milk that is in the pan already, so much as is said',
      '2 smoked haddock fillets\n200 ml milk\n4 potatoes',
      'Put the fish and milk in a pan and simmer for 6 minutes. Lift the fish out onto a plate. Mash the potatoes in a bowl with 4 tbsp of the milk.',
      ['Pour 4 tbsp of the milk into the bowl. >bowl'],
      /^Pour the milk into the bowl/,
    ],
    [
      'the rest of the oil, and an onion that has no rest',
      '1 tbsp oil\n1 onion\n4 sausages',
      'Heat half the oil in a frying pan and fry the sausages for 8 minutes. Slice the onion. Add the rest of the oil and the onion to the pan.',
      ['Add the rest of the oil to the frying pan.', 'Add the onion to the frying pan.'],
      /rest of the onion/,
    ],
    [
      'zest and juice that only the method speaks of are grated off and squeezed',
      '100 g kale\n1 lime\n1 can beans',
      'Tip the beans into a bowl. Add the kale with the zest and juice of the lime.',
      ['Tip the beans into a bowl.', 'Add the lime zest and juice to the bowl.'],
      null,
    ],
    [
      'where other lines are the zest and the juice, each is itself',
      'zest of 1 lemon\njuice of 1 lemon\n100 g sugar\n100 g butter',
      'Beat the butter with the lemon zest in a bowl. Mix the lemon juice and sugar in another bowl.',
      ['Put the lemon juice in the'],
      /zest and juice/,
    ],
    [
      '"all the traybake ingredients" are those above the heading of the drizzle',
      '225 g butter\n225 g caster sugar\n4 eggs\nFor the drizzle\n100 g granulated sugar',
      'Put all of the traybake ingredients in a large bowl. Beat well. Mix the granulated sugar with 2 tbsp water.',
      ['Put the butter in a large bowl.', 'Put the caster sugar in the large bowl.', 'Put the eggs in the large bowl.'],
      /^Put the granulated sugar in the large bowl|^Put all/,
    ],
    [
      'the corn of cobs',
      '4 corn cobs\n40 g butter',
      'Boil the corn cobs in a large pan of water for 6 minutes. Lift the corn out with tongs. Spread the butter over the corn.',
      ['Lift the corn out with tongs. >plate'],
      null,
    ],
    [
      'mixed veg that is called so is the veg, and the onions are not',
      '1 cup frozen mixed veg\n2 spring onions\n1 tbsp oil',
      'Heat the oil in a frying pan. Add the veg. Stir for 3 minutes.',
      ['Add the veg to the frying pan.', 'Stir the veg for 3 minutes.'],
      /spring onions/,
    ],
    [
      'everything is stirred for as long as is said',
      '2 cloves garlic\n1 tsp thyme\n1 tbsp oil',
      'Heat the oil in a frying pan. Stir in the garlic and thyme for 1 minute.',
      ['Stir everything in the frying pan for 1 minute.'],
      null,
    ],
    [
      'how it is sprinkled, and with what',
      '1 sheet puff pastry\n2 tbsp butter, melted\n50 g sugar\n1 tsp cinnamon',
      'Mix the sugar and cinnamon in a bowl. Unfold the pastry on a board. Brush the pastry with the butter. Sprinkle evenly with the cinnamon sugar.',
      ['Sprinkle the pastry with the cinnamon sugar evenly.'],
      null,
    ],
  ])('%s', (...one) => check(one));

  test('zest and juice come before their card', () => {
    const said = build('100 g kale\n1 lime', 'Add the kale to a bowl with the zest and juice of the lime.').steps.map((s) => s.text);
    const at = (words: RegExp) => said.findIndex((t) => words.test(t));
    expect(at(/^Grate the skin of the lime/)).toBeGreaterThan(0);
    expect(at(/^Squeeze/)).toBeGreaterThan(at(/^Grate the skin/));
    expect(at(/zest and juice/)).toBeGreaterThan(at(/^Squeeze/));
  });
});

test.each([
  [
    'water that the list has',
    '1 vegetable stock cube\n500 ml boiling water\n1 onion',
    'Dissolve the stock cube in the boiling water in a jug.',
  ],
  ['water that only the method has', '1 vegetable stock cube\n1 onion', 'Dissolve the stock cube in 500 ml boiling water in a jug.'],
])('a cube that was stirred into its water is stock: %s', (_what, ingredients, dissolves) => {
  const said = texts(ingredients, `${dissolves} Put the onion and the stock in a pan and simmer for 10 minutes.`);
  expect(said).toContain('Put the vegetable stock cube in the jug.');
  expect(
    said.some((t) => /^(?:Put|Pour) the vegetable stock (?:in|into) (?:a|the) pan/.test(t)),
    said.join(' '),
  ).toBe(true);
});

describe('what stands hot, and what is shut away', () => {
  test('what is put on hot food is marked, though its plate is cold', () => {
    const task = build(
      '4 corn cobs\n40 g butter',
      'Boil the corn cobs in a large pan of water for 6 minutes. Lift the corn out with tongs. Spread the butter over the corn.',
    );
    for (const words of [/^Lift the corn/, /^Spread the butter/]) expect(step(task, words).hazards).toContain('hot');
  });
  test('nothing cools in the microwave', () => {
    const said = build(
      '100 g chocolate',
      'Break the chocolate into a bowl. Microwave for 1 minute. Leave to cool for 5 minutes.',
    ).steps.map((s) => s.text);
    const out = said.findIndex((t) => /out of the microwave/.test(t));
    expect(out).toBeGreaterThan(0);
    expect(said.findIndex((t) => /to cool/.test(t))).toBeGreaterThan(out);
  });
  test('the lid is off before the bay leaf is fished out and thrown away', () => {
    const said = build(
      '300 g beef stewing steak\n2 cups beef stock\n1 bay leaf',
      'Put the beef, stock and bay leaf in the slow cooker. Cover. Cook on low for 7 hours. Discard the bay leaf.',
    ).steps.map((s) => s.text);
    expect(said.findIndex((t) => /^Take the lid off/.test(t))).toBeLessThan(said.findIndex((t) => /^Discard the bay leaf/.test(t)));
  });
});

describe('what a worksheet says in passing', () => {
  test('a mark that is told by its name, beside the title', () => {
    expect(legendsOf(['Egg rice   ** adult help at the stars **', '2. ** Boil the rice.'])).toEqual([
      { line: 0, mark: '**', help: 'adult help', inside: '   ** adult help at the stars **' },
    ]);
    expect(legendsOf(['Star biscuits', '* 100 g flour'])).toEqual([]);
    const { recipe } = readRecipe(
      'Egg rice   ** adult help at the stars **\n\nYou need\n1 cup rice\n\n1. Rinse the rice.\n2. ** Put the rice and 2 cups of water in a pot. Bring it to the boil.',
    );
    expect(recipe.title).toBe('Egg rice');
    expect(recipe.instructions[1]).toContain('adult help');
  });
  test.each([
    ['Fill the pan with water and put it on to boil. ⚠ HOT', /^Bring the water to the boil/],
    ['Boil the pasta for 8 minutes. BEEP! Adult drains the pasta in the colander.', /^Drain the pasta/],
  ])('%s', (method, words) => expect(texts('150 g pasta', method).some((t) => words.test(t))).toBe(true));
  test('"chill while you make the soup", which the next lines do, is no step', () =>
    expect(
      texts(
        '500 g turkey mince\n1 litre stock',
        'Roll the mince into balls and chill while you make the soup. Bring the stock to the boil in a pan.',
      ).some((t) => /^Make|while you/.test(t)),
    ).toBe(false));
});

test.each([
  [
    'a sponge with jam under it is no eggs and flour',
    'Microwave jam sponge',
    '4 tbsp jam\n100 g margarine\n100 g sugar\n2 eggs\n100 g self-raising flour\n2 tbsp milk',
    'Spoon the jam into a pudding bowl. Beat the margarine, sugar, eggs, flour and milk in a bowl. Spoon the mixture on top of the jam. Microwave for 5 minutes. Leave to stand for 3 minutes.',
    'Leave the sponge to stand for 3 minutes.',
  ],
  [
    'dough is no flour and yoghurt',
    'Flatbreads to try',
    '200 g self-raising flour\n200 g plain yoghurt',
    'Mix the flour and yoghurt in a bowl. Knead for 1 minute.',
    'Knead the mixture for 1 minute.',
  ],
])('%s', (_name, title, ingredients, method, card) => expect(build(ingredients, method, title).steps.map((s) => s.text)).toContain(card));
