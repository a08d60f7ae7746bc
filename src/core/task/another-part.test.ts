// A part that is finished and stands aside is not where the next is made. Kinds that two recipes in one text showed, December 2026. Common practice.
import { describe, expect, test } from 'vitest';
import { build, own } from '../../../tests/cases/built';
import { check, type Case } from '../../../tests/cases/cards';

describe('where another part begins', () => {
  test.each<Case>([
    [
      'bread is not flattened in what chills in its glasses',
      '150 ml cream\n4 slices bread\n20 g butter',
      'Pour the cream into 4 glasses. Chill for 1 hour. Flatten each slice of bread with a rolling pin. Spread the butter on each slice.',
      ['Flatten each slice of the bread with a rolling pin. >board', 'Spread the butter on each slice. >board'],
      /in the glass/,
    ],
    [
      'a pan of water put on for rice gets the rice, though a hot bowl stands by',
      '50 g oats\n1 cup milk\n100 g rice',
      'Put the oats and milk in a big bowl. Microwave for 2 minutes. Set aside.\nBoil a pan of water.\nAdd the rice and boil for 12 minutes.',
      ['Add the rice to the pan. >saucepan', 'Boil the rice for 12 minutes. >saucepan'],
      /rice to the big bowl/,
    ],
    [
      'what is taken out stands in the microwave, though a dish was baked before',
      '2 tomatoes\n80 g rice\n300 ml milk',
      'Heat the oven to 190 °C. Put the tomatoes in a baking dish. Bake for 20 minutes. Set aside.\nPut the rice and milk in a large bowl. Microwave for 5 minutes. Using gloves, take it out and stir. Cook on medium for 10 minutes.',
      [
        'Stir everything in the large bowl. >large-bowl',
        'Put the large bowl in the microwave.',
        'Cook the rice and the milk on medium for 10 minutes',
      ],
      /Stir everything in the baking dish/,
    ],
    [
      'butter is rubbed into the flour that it lies with, and not into a stew',
      '1 onion\n400 g mince\n200 g flour\n50 g butter',
      'Fry the onion and mince in a big pan for 10 minutes. Set aside.\nSieve the flour into a bowl. Chop the butter into bits, add it and rub it in.',
      ['Add the butter to the bowl. >bowl', 'Rub the flour in. >bowl'],
      /butter in the big pan|in the big pan until no lumps/,
    ],
    [
      'the jug that tea bags come out of stays in hand beside a pan on its ring',
      '1 onion\n1 tbsp oil\n3 tea bags\n500 ml boiling water\n1 tbsp honey',
      'Fry the onion in the oil in a large pan for 5 minutes.\nPut the tea bags in a jug. Pour on the boiling water. Leave for 4 minutes.\nTake out the tea bags with a spoon and throw them away.\nStir in the honey until it dissolves.',
      ['Stir the honey into the jug until it dissolves. >jug'],
      /honey in the large pan|honey into the large pan/,
    ],
    [
      'it is poured over what was worked on last',
      '200 g plums\n2 tbsp sugar\n4 potatoes\n200 ml cream',
      'Cook the plums and sugar in a saucepan for 8 minutes. Leave until cold.\nSlice the potatoes. Layer them in a baking dish. Mix the cream in a jug and pour over.',
      ['Pour the cream over the potatoes. >baking-dish'],
      /over the plums/,
    ],
    [
      'each glass is a glass, with a bowl of soup served',
      '500 ml soup\n6 biscuits\n200 g custard',
      'Heat the soup in a saucepan. Ladle into bowls.\nCrumble a biscuit into the bottom of each glass. Layer the custard on top.',
      ['Crumble a biscuit into the bottom of each glass. >glass'],
      /bottom of each glass\. >serving-bowl/,
    ],
    [
      'a bay leaf comes out of its pan, though a dish was baked',
      '4 peppers\n100 g rice\n500 ml milk\n1 bay leaf',
      'Bake the peppers in a baking dish at 180 °C for 20 minutes.\nPut the rice, milk and bay leaf in a saucepan. Simmer for 30 minutes. Take out the bay leaf.',
      ['Take out the bay leaf'],
      /out of the oven and put the bay leaf/,
    ],
  ])('%s', (...one) => check(one));

  test('what was lined and filled before does not stand for another tin', () => {
    const task = build(
      '200 g flour\n2 salmon fillets\n1 tbsp oil\n3 eggs',
      'Line a tray with baking paper. Heat the oven to 180 °C. Put the salmon on the tray. Bake for 15 minutes. Set aside.\nOil a small baking dish. Beat the eggs in a jug. Pour the eggs into the dish.',
    );
    const greased = own(task).find((one) => one.technique === 'grease');
    expect(greased?.into).toBe('baking-dish');
  });
});

describe('which one is meant', () => {
  test.each<Case>([
    [
      'more oil is of the oil that was used, and no spray',
      '2 tbsp olive oil\n1 onion\ncooking spray',
      'Heat the oil in a pan. Fry the onion for 5 minutes. Tip into a bowl. Drizzle with a little more oil.',
      ['Drizzle the onion with a little more oil. >bowl'],
      /spray over|Drizzle the cooking spray/,
    ],
    [
      'the tomato is no tin of tomatoes',
      '1 can chopped tomatoes\n1 tomato\n1 onion',
      'Fry the onion. Add the tomatoes and simmer for 10 minutes. Dice the tomato and scatter over.',
      ['Add the tomatoes to the frying pan. >frying-pan', 'Dice the tomato. >board', 'Scatter the tomato'],
      /Add the tomato to|Scatter the chopped tomatoes/,
    ],
    [
      'into chunks names no food',
      '1 banana\n1 cup frozen pineapple chunks',
      'Break the banana into chunks. Put the banana and pineapple in a blender. Blend until smooth.',
      ['Break the banana into chunks.'],
      /the chunks into/,
    ],
    [
      'the juice is the lime’s, with orange juice on the list',
      '1 lime, juiced\n2 tbsp orange juice\n1 tbsp oil\n1/4 tsp salt',
      'Shake the lime juice, oil and salt in a jar. Stir in the orange juice.',
      ['Put the lime juice in the jar. >jar', 'Stir the orange juice into the jar. >jar'],
      /Pour the orange juice into the jar.*Shake/,
    ],
    [
      'its own water is squeezed out, and not the water of the list',
      '1 cucumber\n500 ml water',
      'Grate the cucumber. Squeeze out the water. Put the cucumber in a bowl. Pour over the water.',
      ['Pour the water over the cucumber. >bowl'],
      /Squeeze out the 500/,
    ],
    [
      'wraps that are named are what is rolled up',
      '4 wraps\n1 tub hummus',
      'Lay the wraps flat. Spread with the hummus. Roll up the wraps tightly.',
      ['Roll up the wraps tightly. >board'],
      /the wraps up the wraps/,
    ],
  ])('%s', (...one) => check(one));

  test('eggs that are lowered into water keep their shells', () => {
    const task = build(
      '2 eggs\n300 g potatoes',
      'Boil the potatoes for 8 minutes. Carefully lower in the eggs. Boil for 8 minutes more. Drain.',
    );
    expect(own(task).some((one) => one.technique === 'crack-egg')).toBe(false);
  });
});
