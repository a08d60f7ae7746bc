// Cases of ordinary texts, as a class brings them. Common practice of reading a recipe at a stove throughout, but where a source is named.
import { describe, expect, test } from 'vitest';
import { allTexts, build, own, ownTexts as texts, step } from '../../../tests/cases/built';
import { readRecipe } from '../recipe/read';

describe('what is named', () => {
  test('a name stands in one piece: "the tomatoes, purée" is no tomato purée', () => {
    const said = texts(
      '1 can chopped tomatoes\n2 tbsp tomato purée\n200 ml stock',
      'Stir the tomatoes, purée and stock together in a pan.',
    );
    expect(said).toContain('Put the chopped tomatoes in the pan.');
    expect(said).toContain('Put the tomato purée in the pan.');
  });

  test('brown sugar is no verb where a short style leaves out its articles', () => {
    const task = build(
      '1/3 cup flour\n1/4 cup brown sugar\n2 tbsp butter',
      'Rub flour, brown sugar and butter together until crumbly. Chill until needed.',
    );
    expect(step(task, /^Rub everything/)).toMatchObject({ technique: 'rub-in', into: 'bowl' });
    expect(own(task).some((s) => s.tools.includes('hob'))).toBe(false);
  });

  test('taco seasoning is no seasoning while something stirs', () => {
    const task = build(
      '1 can beans\n1 packet taco seasoning\n1 cup sauce',
      'Heat the beans in a pan. Stir in the taco seasoning and 1/2 cup of the sauce.',
    );
    expect(
      step(task, /^Stir everything/)
        .cues.map((c) => c.text)
        .join(),
    ).not.toMatch(/seasoning/);
  });

  test('"the others" are what is left, and a count of what is weighed stays on its card', () => {
    const said = texts(
      '250 g strawberries\n1 tbsp icing sugar',
      'Set aside 4 small strawberries. Take the green tops off the others and chop them. Put them in a bowl and mash them with the icing sugar.',
    );
    expect(said).toContain('Set aside 4 small strawberries.');
    expect(said).toContain('Take the green tops off the rest of the strawberries.');
    expect(said).toContain('Chop the strawberries.');
    expect(said).toContain('Mash everything in the bowl.');
  });

  test('a spoon of soy gives no name to a pan of stock, nor flour to a dough with water on it', () => {
    expect(
      texts(
        '300 ml stock\n1 tbsp soy sauce\n1 tbsp honey\n1 tsp chilli powder',
        'Pour the stock into a pan, add the soy sauce, honey and chilli and heat until bubbling.',
      ),
    ).toContain('Heat everything in the pan until bubbling.');
    expect(
      texts('500 g flour\n300 ml water', 'Put the flour in a bowl. Pour in the water. Stir with a spoon until it comes together.'),
    ).toContain('Stir everything in the bowl with a spoon until it comes together.');
  });

  test('what is folded over a filling is the pastry, and goes to the tray without the flour of the table', () => {
    const task = build(
      '1 potato, diced\n500 g block shortcrust pastry\nflour, for rolling out',
      'Roll out the pastry on a floured surface. Cut out 6 circles. Put the potato on one half of each. Fold over and press together. Place on a baking sheet and bake for 25 minutes.',
    );
    expect(step(task, /together/)).toMatchObject({ text: 'Press the pastry together.', technique: 'seal' });
    expect(step(task, /^Place/).text).toBe('Place the pastry on a baking sheet.');
  });

  test('a pan that stands in for one in use is called as on its other cards', () => {
    const task = build(
      '250 g rice\n300 ml stock',
      'Put the rice in a pan of water and boil for 12 minutes. Meanwhile, pour the stock into a small pan and heat it.',
    );
    expect(step(task, /^Pour the stock/)).toMatchObject({ into: 'large-pan', text: 'Pour the stock into the large saucepan.' });
  });
});

describe('where things are', () => {
  test('what is spread out stays on its tray; a tortilla is filled on the board', () => {
    expect(
      step(
        build(
          '3 potatoes\n1 tbsp oil',
          'Cut the potatoes into wedges. Tip onto a baking tray with the oil. Spread them out. Bake for 35 minutes.',
        ),
        /^Spread/,
      ),
    ).toMatchObject({
      into: 'tray',
    });
    const rolled = build(
      '2 cups sauce\n8 tortillas\n1 cup grated cheese',
      'Spread half the sauce in a baking dish. Lay a tortilla flat. Sprinkle with a little cheese. Roll up and place in the dish. Repeat with the remaining tortillas.',
    );
    expect(step(rolled, /^Lay/)).toMatchObject({ into: 'board' });
    expect(step(rolled, /^Roll/)).toMatchObject({ text: 'Roll the tortillas up.', into: 'board' });
    expect(step(rolled, /^Place/)).toMatchObject({ into: 'baking-dish' });
  });

  test('a bowl that marinates in the fridge takes no rice, nor does its chicken go into the rice pan', () => {
    const task = build(
      '6 chicken thighs\n3 tbsp soy sauce\n1 1/2 cups jasmine rice',
      'Cut the chicken into chunks and put it in a bowl with the soy sauce. Mix well, cover and put in the fridge for 30 minutes.\nRinse the rice in a sieve. Put it in a saucepan with 2 cups of water. Bring to a boil.',
    );
    expect(step(task, /jasmine rice, into/).into).not.toBe('bowl');
    expect(
      own(task)
        .filter((s) => s.into === 'saucepan')
        .flatMap((s) => s.uses.map((u) => u.item)),
    ).toEqual(['jasmine rice']);
    expect(step(task, /to the boil/).hazards).not.toContain('raw-meat');
  });

  test('water to steam over goes into a pan that is free', () => {
    const task = build(
      '200 g rice\n1 head broccoli',
      'Cook the rice in a saucepan of water for 12 minutes. Turn off the heat and let it stand.\nSteam the broccoli over a pan of simmering water for 5 minutes.',
    );
    expect(step(task, /^Put a little water/)).toMatchObject({ into: 'large-pan' });
  });

  test('butter for crumbs in a bag melts in a bowl of its own', () => {
    const task = build(
      '8 biscuits\n40 g butter',
      'Put the biscuits in a food bag and crush them. Melt the butter in the microwave for 30 seconds. Stir in the crumbs.',
    );
    expect(step(task, /^Melt/)).toMatchObject({ into: 'bowl' });
    expect(step(task, /^Put the biscuits in the bowl/)).toMatchObject({ into: 'bowl' });
  });

  test('what comes out of the fridge is filled next', () => {
    const task = build(
      '200 g biscuits\n150 ml cream',
      'Crush the biscuits and share them between 4 glasses. Put in the fridge.\nWhip the cream in a bowl.\nTake the glasses out of the fridge. Spoon in the cream.',
    );
    expect(step(task, /^Spoon/)).toMatchObject({ into: 'glass' });
  });

  test('a block that is lifted out by its paper is cut on the board, a bay leaf is only out', () => {
    const slice = build(
      '200 g chocolate\n150 g oats',
      'Line a square tin with baking paper. Melt the chocolate and stir in the oats. Tip into the tin. Chill for 2 hours. Lift it out using the paper, then cut into 12 bars.',
    );
    expect(step(slice, /^Lift/)).toMatchObject({ into: 'board' });
    expect(step(slice, /bars/)).toMatchObject({ into: 'board' });
    const stew = build(
      '400 g beans\n1 bay leaf\n1 tbsp parsley',
      'Put the beans and bay leaf in a baking dish. Bake for 30 minutes. Fish out the bay leaf. Scatter with the parsley.',
    );
    expect(step(stew, /^Scatter|parsley over/)).toMatchObject({ into: 'baking-dish' });
  });

  test('rolls that are spaced out lie on the tray', () => {
    const task = build(
      '500 g flour\n300 ml water\n7 g yeast',
      'Mix everything in a bowl to a dough. Divide into 8. Roll each piece into a ball and space them out on a baking tray. Cover with a tea towel and leave for 30 minutes. Bake for 15 minutes.',
    );
    expect(step(task, /well apart/)).toMatchObject({ into: 'tray' });
    expect(step(task, /^Cover/)).toMatchObject({ into: 'tray' });
  });
});

describe('the right moment', () => {
  test('minutes of boiling count from when it boils, and rice goes into water that boils', () => {
    expect(texts('4 potatoes', 'Boil the potatoes for 15 minutes. Drain.')).toEqual(
      expect.arrayContaining(['Bring the potatoes to the boil.', 'Boil the potatoes for 15 minutes.']),
    );
    const rice = texts('250 g rice', 'Put the rice on to cook in plenty of boiling water for 12 minutes. Drain.');
    expect(rice.indexOf('Bring the water to the boil.')).toBeLessThan(rice.indexOf('Put the rice in the saucepan.'));
    // apples in a splash of water
    expect(texts('2 apples, diced', 'Put the apples in a pan with 2 tbsp water and cook for 5 minutes.').join()).not.toMatch(/to the boil/);
  });

  test('rice is drained before another pan takes the ring, and the cup of water is kept before', () => {
    const said = texts(
      '250 g rice\n2 tbsp oil\n1 onion, chopped',
      'Cook the rice in plenty of boiling water for 12 minutes. Meanwhile, heat the oil in a frying pan. Fry the onion for 5 minutes. Save a cup of the cooking water, then drain the rice.',
    );
    const at = (words: RegExp) => said.findIndex((text) => words.test(text));
    expect(at(/^Save a cup/)).toBeLessThan(at(/^Drain the rice/));
    expect(at(/^Drain the rice/)).toBeLessThan(at(/^Heat the oil/));
  });

  test('a couple of hours are two, and a bag that is held shut needs no timer', () => {
    expect(
      step(build('200 g chocolate', 'Melt the chocolate. Put it in the fridge for a couple of hours.'), /fridge/).minutes.waiting,
    ).toBe(120);
    expect(
      step(
        build('3 potatoes\n1 tbsp oil', 'Cut the potatoes. Put them in a freezer bag with the oil. Hold the bag shut and shake.'),
        /^Seal/,
      ).minutes.waiting,
    ).toBe(0);
  });

  test('what is served with cheese grated over is grated, with its grater and its mark', () => {
    const task = build(
      '300 g spaghetti\nparmesan, to serve',
      'Cook the spaghetti for 10 minutes. Drain. Serve in bowls with the parmesan grated over.',
    );
    expect(step(task, /^Grate/)).toMatchObject({ technique: 'grate', into: 'serving-bowl' });
    expect(step(task, /^Grate/).hazards).toContain('sharp');
    expect(step(task, /^Grate/).tools).toContain('grater');
  });
});

describe('what can hurt', () => {
  test('a dish that is served hot is marked, though only its cream is named', () => {
    const task = build('4 apples\n100 ml cream', 'Put the apples in a baking dish. Bake for 30 minutes. Serve with the cream.');
    expect(step(task, /^Serve/).hazards).toContain('hot');
    expect(
      step(build('2 bananas\n100 ml cream', 'Slice the bananas. Put in a bowl. Serve with the cream.'), /^Serve/).hazards,
    ).not.toContain('hot');
  });

  test('cooking water that is kept comes hot out of its pan', () => {
    const task = build('300 g pasta', 'Cook the pasta in a pan of boiling water for 10 minutes. Save a cup of the cooking water. Drain.');
    expect(step(task, /^Save/)).toMatchObject({ into: 'small-bowl', hazards: ['hot'] });
  });

  test('hot foil and lids open away from the face, cold ones open', () => {
    expect(
      texts('4 potatoes', 'Put the potatoes in a baking dish. Cover with foil. Bake for 30 minutes. Remove the foil. Bake for 10 minutes.'),
    ).toContain('Remove the foil, away from your face.');
    expect(
      texts('200 g oats\n200 ml milk', 'Put the oats and milk in a jar. Put the lid on. Put in the fridge for 8 hours. Take the lid off.'),
    ).toContain('Take the lid off.');
  });

  test('eggs are drained before they are held under the tap; fish is lifted out of its milk', () => {
    const eggs = texts(
      '3 eggs',
      'Put the eggs in a pan and cover with cold water. Bring to the boil and boil for 8 minutes. Run them under the cold tap until cool, then shell them.',
    );
    expect(eggs.indexOf('Drain the eggs.')).toBe(eggs.indexOf('Run the eggs under the cold tap until cool.') - 1);
    const fish = texts(
      '350 g haddock\n300 ml milk',
      'Lay the fish in a frying pan and pour over the milk. Simmer for 8 minutes. Lift out onto a plate.',
    );
    expect(fish).toContain('Lift the haddock out onto a plate.');
  });
});

describe('a pot that goes on', () => {
  test('chicken that is taken out and put on a plate leaves its soup in the pan', () => {
    const task = build(
      '2 chicken breasts\n1 litre chicken stock\n2 carrots, sliced',
      'Bring the stock to the boil in a large saucepan. Add the chicken and poach for 15 minutes. Take the chicken out with tongs and put it on a plate. Add the carrots to the stock and simmer for 5 minutes.',
    );
    expect(own(task).filter((s) => /carrots/.test(s.text) && s.technique === 'add')).toMatchObject([{ into: 'large-pan' }]);
  });

  test('a slow cooker is turned off where that is said, and is hot after it; cheese is not grated hours before', () => {
    const task = build(
      '400 g tin beans\n1 can tomatoes\n50 g cheese, grated, to serve',
      'Put the beans and tomatoes in the slow cooker. Cook on high for 4 hours. Turn off and stir. Serve with the cheese.',
    );
    const at = (words: RegExp) => task.steps.findIndex((s) => words.test(s.text));
    expect(at(/^Turn off the slow cooker/)).toBeLessThan(at(/^Stir/));
    expect(at(/^Grate/)).toBeGreaterThan(at(/^Turn off/));
    expect(step(task, /^Serve/).hazards).toContain('hot');
  });

  test('a spoon of flour for the berries comes from the packet, and what chills is not folded into', () => {
    const task = build(
      '2 cups flour\n1 cup milk\n1 1/2 cups blueberries',
      'Mix the flour and milk in a large bowl. Toss the blueberries with 1 tablespoon of flour and gently fold them in.',
    );
    expect(step(task, /^Fill the 1 tbsp with flour/)).toBeDefined();
    expect(step(task, /^Toss/).into).not.toBe('large-bowl');
    expect(step(task, /^Fold/)).toMatchObject({ into: 'large-bowl' });
  });
});

describe('what is beside the method', () => {
  const read = (text: string) => readRecipe(text).recipe;
  test('a rating is no ingredient, and a mark is told in brackets beside the title', () => {
    expect(read('Bolognese\n★★★★☆ 212 ratings\nServes 4\n\n1 onion\n\nMethod\nChop the onion.').ingredients.map((i) => i.item)).toEqual([
      'onion',
    ]);
    const sheet = read('Wedges (A = adult helps)\n\nYou need\n3 potatoes\n\nWhat we do\n1. Wash the potatoes.\n2. Cut the potatoes. (A)');
    expect(sheet.title).toBe('Wedges');
    expect(sheet.instructions).toEqual(['Wash the potatoes.', 'Cut the potatoes (adult helps).']);
  });

  test('"Ok so you need" heads the list, and a big spoon is a tablespoon', () => {
    const said = read(
      'Slice\n\nOk so you need: 200g milk chocolate, 3 big spoons of golden syrup, 150g puffed rice\n\nMelt the chocolate.',
    );
    expect(said.ingredients.map((i) => [i.group, i.min, i.unit, i.item])).toEqual([
      [null, '200', 'g', 'milk chocolate'],
      [null, '3', 'tbsp', 'golden syrup'],
      [null, '150', 'g', 'puffed rice'],
    ]);
  });

  test('what is not eaten on the day is for another day; a size in brackets is kept', () => {
    expect(
      texts('500 g flour\n300 ml water', 'Mix the flour and water. Bake for 15 minutes. Freeze any you don’t eat on the day.').join(),
    ).not.toMatch(/Freeze/);
    expect(
      step(
        build('500 g shortcrust pastry', 'Roll out the pastry. Cut out 6 circles using a small plate (about 15cm) as a template.'),
        /^Cut out/,
      ).cues.map((c) => c.text),
    ).toContain('the size: about 15cm');
  });
});

describe('what is squeezed and twisted', () => {
  test('a stone sits fast: the halves are twisted apart, and the stone is not', () => {
    const task = build('1 avocado\n4 plums', 'Cut the avocado in half all the way round, twist, and take out the stone with a spoon.');
    expect(step(task, /^Twist/)).toMatchObject({ technique: 'twist-apart', text: 'Twist the halves apart.' });
    expect(texts('4 plums', 'Halve the plums, twist and remove the stones.')).toContain('Twist the halves apart.');
    // dough that is twisted is shaped
    expect(step(build('200 g pastry', 'Cut the pastry into strips and twist.'), /^Twist/).technique).toBe('shape');
  });

  test('a potato that is squeezed to open is squeezed open, and not pulled apart', () => {
    const task = build('2 potatoes', 'Microwave the potatoes for 8 minutes. Cut a cross in each potato, squeeze to open and serve.');
    expect(step(task, /^Squeeze/).technique).toBe('squeeze-open');
  });

  test('what is squeezed over food that has no juice is what was cut for it', () => {
    const said = texts('1/4 red cabbage\n1 lime', 'Shred the cabbage. Put in a bowl. Cut the lime in half and squeeze over the cabbage.');
    expect(said).toContain('Squeeze the lime over the cabbage.');
  });
});

test('mash that was seasoned is on its plates once it was shared out: what tops it goes there, and not into its pan', () => {
  const task = build(
    '800 g potatoes\n20 g butter\n8 pork sausages\nsalt and pepper',
    'Roast the sausages in a roasting tin for 20 minutes. Boil the potatoes in a large pan for 15 minutes. Drain the potatoes, add the butter and mash. Season. Divide the mash between 4 plates, top with the sausages and serve.',
  );
  expect(step(task, /^Divide the mash/)).toMatchObject({ from: 'large-pan', into: 'plate' });
  expect(step(task, /^Top the mash/).into).toBe('plate');
});

describe('work that the method speaks of only in passing', () => {
  test.each([
    ['1 egg\n200 g pastry', 'Brush the pastry with beaten egg.', 'Beat the egg.'],
    ['20 g parsley\n300 g cooked rice', 'Put the rice in a bowl. Sprinkle with chopped parsley.', 'Chop the parsley.'],
    ['50 g cheddar\n300 g cooked rice', 'Put the rice in a bowl. Scatter over the grated cheddar.', 'Grate the cheddar.'],
    ['2 cloves garlic\n1 tbsp oil', 'Heat the oil in a pan. Add the crushed garlic.', 'Crush the garlic.'],
    ['1 banana\n200 g yoghurt', 'Spoon the yoghurt into a bowl. Top with the sliced banana.', 'Slice the banana.'],
  ])('%j: %s', (list, method, act) => expect(allTexts(list, method).filter((t) => t === act)).toHaveLength(1));

  test('what is ordered, listed so, bought so or cooked before is not done again', () => {
    const acts = (list: string, method: string) => allTexts(list, method).filter((t) => /^(?:Grate|Chop|Slice|Cut|Crush|Beat)\b/.test(t));
    expect(acts('50 g cheddar', 'Grate the cheddar into a bowl. Scatter over the grated cheddar.')).toEqual([
      'Grate the cheddar into a bowl.',
    ]);
    expect(acts('50 g cheddar, grated', 'Put the grated cheddar in a bowl.')).toEqual(['Grate the cheddar.']);
    expect(acts('1 can chopped tomatoes', 'Tip the chopped tomatoes into a pan.')).toEqual([]);
    expect(acts('1 tsp crushed chilli flakes', 'Put the crushed chilli flakes in a bowl.')).toEqual([]);
    // sliced when it is done, and not before it is fried
    expect(
      acts('2 chicken breasts\n300 g cooked rice', 'Fry the chicken for 12 minutes. Put the rice on a plate. Top with the sliced chicken.'),
    ).toEqual([]);
    // bread comes in slices
    expect(acts('4 slices bread', 'Toast the sliced bread.')).toEqual([]);
  });
});
