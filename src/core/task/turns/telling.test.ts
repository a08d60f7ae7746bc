// A method that is told, decorated or said in a short style, put as plain orders: what each line is read as, set down as a teacher would say it.
import { describe, expect, test } from 'vitest';
import { build, own, step } from '../../../../tests/cases/built';
import { clausesOf } from '../clauses';
import { plainTurns } from '../turns-of-speech';

describe('told and not ordered', () => {
  test.each([
    ['You then add the flour to the bowl.', 'Add the flour to the bowl.'],
    ['We carefully drain the pasta, and then we add the sauce.', 'Carefully drain the pasta, and then add the sauce.'],
    ["You'll need to peel the carrots.", 'Peel the carrots.'],
    ['Next, everyone can now wash the grapes.', 'Wash the grapes.'],
    ['Start by heating the oil in a pan.', 'Heat the oil in a pan.'],
    ["Now it's time to chop the onion.", 'Chop the onion.'],
    ["Let's go! Go ahead and stir the soup.", "Let's go. Stir the soup."],
    ['Make sure you rinse the rice.', 'Rinse the rice.'],
    ['The potatoes should then be mashed with a fork.', 'Mash the potatoes with a fork.'],
    ['After draining the beans, tip them into the pan.', 'Drain the beans. Tip them into the pan.'],
    ['Then turn the veg.', 'Turn the veg.'],
    ['Pop the dish in the oven and stick the lid on.', 'Put the dish in the oven and put the lid on.'],
    ['While it bakes we grate the carrot.', 'While it bakes, grate the carrot.'],
    ['Sausages back in.', 'Put the sausages back in.'],
    ['Put it back in for another minute and a half.', 'Cook for 1 1/2 minutes more.'],
    ['Stir the tomatoes through, then eat.', 'Stir in the tomatoes, then eat.'],
    ['First of all we boil the eggs.', 'First of all boil the eggs.'],
    ['Pour it over your bread whilst it is hot.', 'Pour it over the bread while it is hot.'],
  ])('%s', (said, plain) => expect(plainTurns(said)).toBe(plain));
  test.each([
    'Stir until you get a smooth dough.',
    'When you add the milk, whisk all the time.',
    'Make sure the sauce is hot.',
    'The chicken should be cooked through.',
    'The butter can be melted in the microwave.',
    'Wash your hands.',
    'They soften after a while.',
  ])('as it is: %s', (said) => expect(plainTurns(said)).toBe(said));
  test('what was done before is not done again', () => {
    expect(plainTurns('After draining the beans, tip them into the pan.', () => 'Drain the beans.')).toContain('After draining');
  });
});

describe('figures, case and signs', () => {
  test.each([
    ['Bake for twenty to twenty-five minutes.', 'Bake for 20 to 25 minutes.'],
    ['Simmer the soup (10 minutes).', 'Simmer the soup for 10 minutes.'],
    ['Boil for 5 minutes (do not cover).', 'Boil for 5 minutes (do not cover).'],
    ['heat the oil for 2 mins. add the onion. fry it.', 'heat the oil for 2 mins. Add the onion. Fry it.'],
    ['Add 2 tsp. of salt and stir.', 'Add 2 tsp. of salt and stir.'],
    ['HEAT THE OVEN TO 200 C. CHOP THE ONION.', 'Heat the oven to 200 C. Chop the onion.'],
    ['Cook  for between 5 and 6 minutes!', 'Cook for 5-6 minutes.'],
  ])('%s', (said, plain) => expect(plainTurns(said)).toBe(plain));
  test('a cheer is no step and no cue', () => {
    expect(clausesOf('Stir the soup. Well done! This is the fun part!').map((c) => c.verb)).toEqual(['stir']);
  });
});

describe('a short style', () => {
  test.each([
    ['Heat oil in pan. Add onion.', 'Heat the oil in a pan. Add the onion.'],
    ['Beat egg in cup with fork.', 'Beat the egg in a cup with a fork.'],
    ['Line 20cm square tin with baking paper.', 'Line a 20cm square tin with baking paper.'],
    ['Mash half bananas. Give them good stir.', 'Mash half the bananas. Stir them.'],
    ['Spoon filling onto tortillas. Put lid on.', 'Spoon the filling onto the tortillas. Put the lid on.'],
    [
      'Dip chicken in flour, then egg, then crumbs.',
      'Dip the chicken in the flour. Dip the chicken in the egg. Coat the chicken in the crumbs.',
    ],
    ['Cut potatoes into wedges.', 'Cut the potatoes into wedges.'],
    ['Serve in bowls with salt.', 'Serve in bowls with salt.'],
  ])('%s', (said, plain) => expect(plainTurns(said).replace(/\s+/g, ' ')).toBe(plain));
  test('a bowl that was spoken of is the bowl', () => {
    expect(plainTurns('Add milk. Pour into bowl.', () => 'Put the oats in a bowl.')).toBe('Add the milk. Pour into the bowl.');
  });
});

describe('one act after another', () => {
  test('is no layering', () => {
    const cards = own(
      build('1 onion, chopped\n100 g rice\n500 ml stock', 'Add the onion to a pan, then pour in the stock, then simmer for 10 minutes.'),
    );
    expect(cards.some((s) => s.technique === 'simmer')).toBe(true);
  });
  test('an aside ends before what is done next', () => {
    const task = build(
      '1 clove garlic\n200 g pork mince\n1 tbsp oil',
      "Heat the oil in a pan. Fry the garlic - don't let it burn, then add the pork and cook for 5 minutes.",
    );
    expect(step(task, /^Add the pork/).hazards).toContain('raw-meat');
  });
});

describe('dangers that were missed', () => {
  test('water of a kettle that boiled is hot, on the next line too', () => {
    const task = build('50 g noodles', 'Boil the kettle.\nPut the noodles in a bowl.\nPour the water over the noodles.');
    expect(step(task, /^Pour the water/).hazards).toEqual(expect.arrayContaining(['hot', 'steam']));
    expect(
      step(build('50 g noodles', 'Boil the kettle.\nPut the noodles in a bowl.\nPour cold water over the noodles.'), /cold water/).hazards,
    ).not.toContain('hot');
  });
  test.each([
    ['150 g raw peeled prawns', 'prawns', 'raw-fish'],
    ['100 g smoked bacon', 'bacon', 'raw-meat'],
    ['200 g smoked haddock', 'haddock', 'raw-fish'],
  ])('%s is raw', (line, noun, hazard) => {
    expect(step(build(line, `Heat a pan. Add the ${noun} and fry for 5 minutes.`), /^Add/).hazards).toContain(hazard);
  });
  test('a clause that begins with water ends nothing', () => {
    expect(() => build('100 g rice', 'Rice. Water and salt go in too. Boil the rice.')).not.toThrow();
  });
});

describe('which of two', () => {
  const uses = (list: string, method: string, words: RegExp) => step(build(list, method), words).uses.map((u) => u.item);
  test('oil is not the sesame oil, an onion no spring onion, a pepper with an amount no seasoning', () => {
    expect(uses('1 tsp sesame oil\n1 tbsp oil', 'Pour the oil into a pan. Heat it. Stir in the sesame oil.', /^Pour/)).toEqual(['oil']);
    expect(uses('2 spring onions\n1 onion', 'Put the onion in a pan. Fry for 5 minutes. Add the spring onions.', /^Put the onion/)).toEqual(
      ['onion'],
    );
    expect(uses('salt and pepper\n1 red pepper', 'Put the pepper in a pan. Fry for 8 minutes.', /^Put the/)).toEqual(['red pepper']);
  });
  test('sugar is not the icing sugar that is named later', () => {
    expect(
      uses(
        '50 g icing sugar\n100 g caster sugar\n100 g butter',
        'Put the butter and sugar in a bowl and beat. Dust with the icing sugar.',
        /sugar in/,
      ),
    ).toEqual(['caster sugar']);
  });
});

describe('a part of a lemon', () => {
  const cards = own(
    build(
      '2 lemons\n100 g butter\n100 g flour\n50 g sugar',
      'Grate the zest of the lemons into a large bowl. Add the butter and flour and mix. Spoon into a cake tin. Bake for 20 minutes. Squeeze the lemons and mix the juice with the sugar.',
    ),
  );
  test('zest goes into the bowl, the lemons are squeezed cold and the juice is where it was squeezed into', () => {
    expect(cards.find((s) => /^Squeeze the lemons/.test(s.text))?.hazards).not.toContain('hot');
    expect(cards.find((s) => /^Mix the juice/.test(s.text))?.into).toBe('small-bowl');
  });
});

test('a list in capitals is no louder on the cards', () => {
  const task = build('225G BUTTER\n4 EGGS', 'PUT THE BUTTER AND EGGS IN A BOWL.');
  expect(task.ingredients.map((one) => one.item)).toEqual(['butter', 'eggs']);
  expect(step(task, /^Put the butter in/).uses).toHaveLength(1);
});
