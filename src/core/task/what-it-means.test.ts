// What “it”, a particle and a noun that no list has mean: read from the words before and from what lies where. The readings are common practice in recipes.
import { describe, expect, test } from 'vitest';
import { build, own, step } from '../../../tests/cases/built';
import { dryRun } from './dry-run/index';

const texts = (task: ReturnType<typeof build>) => own(task).map((s) => s.text);

describe('what is acted on', () => {
  // ingredients, method, the card that has to be there, where it works, what it must not say
  test.each([
    ['1 egg', 'Grease a cake tin and line it with baking paper.', 'Line the cake tin with baking paper.', 'cake-tin'],
    [
      '100 g couscous\n150 ml boiling water',
      'Put the couscous in a bowl. Pour on the boiling water.',
      'Pour the boiling water over the couscous.',
      'bowl',
    ],
    [
      '2 tea bags\n200 ml cold water',
      'Put the tea bags in a jug. Top up with the cold water.',
      'Top the jug up with the cold water.',
      'jug',
    ],
    ['1 baking potato\n1 tsp oil', 'Rub the oil all over the potato. Put it in a bowl.', 'Put the baking potato in a bowl.', 'bowl'],
    [
      '2 eggs\n50 ml milk\n100 g ham',
      'Put the ham in a tin. Crack the eggs into a jug. Add the milk and beat well.',
      'Beat the eggs and the milk well.',
      'jug',
    ],
    [
      '200 g flour\n100 ml milk',
      'Put the flour and milk in a bowl. Mix to a batter. Fill the muffin cups.',
      'Spoon the mixture into the muffin cups.',
      'muffin-tin',
    ],
    ['4 wraps\n100 g hummus', 'Put the hummus in a bowl. Lay the wraps flat.', 'Lay the wraps flat on the chopping board.', 'board'],
    ['1 apple\n300 g puff pastry', 'Put the apple in a pan. Cook for 5 minutes. Roll out the pastry.', 'Roll out the pastry.', 'board'],
    ['1 beetroot', 'Wash the beetroot and pat dry.', 'Pat the beetroot dry.', null],
    ['300 ml soured cream\n10 g chives', 'Snip the chives into the soured cream.', 'Snip the chives into the soured cream.', 'bowl'],
    [
      '1 orange\n200 g couscous',
      'Put the couscous in a bowl. Squeeze the orange. Add 2 tablespoons of orange juice to the bowl.',
      'Add the orange juice to the bowl.',
      'bowl',
    ],
    [
      '200 g yogurt\n1 tsp honey',
      'Put the yogurt in a blender. Blitz until smooth. Add more honey if you want it sweeter.',
      'Add more honey to the blender if you want it sweeter.',
      'blender',
    ],
    ['2 tortillas\n50 g feta', 'Put the tortillas on a plate. Crumble over the feta.', 'Crumble the feta over the tortillas.', 'plate'],
    ['1 clove garlic\n2 tbsp olive oil', 'Crush the garlic into a jar. Add the oil.', 'Add the oil to the jar.', 'jar'],
    [
      '200 g mushrooms\n100 g spinach',
      'Fry the mushrooms and spinach in a frying pan for 5 minutes. Spread in a cake tin.',
      'Spread the mushrooms and the spinach in a cake tin.',
      'cake-tin',
    ],
    [
      '2 salmon fillets\n1 lemon',
      'Cut two big squares of baking paper. Lay the salmon on top. Put the parcels on a baking tray. Bake for 15 minutes.',
      'Bake the parcels for 15 minutes.',
      'oven',
    ],
    [
      '100 g oats\n50 g dark chocolate',
      'Press the oats into a cake tin. Melt the chocolate in a bowl in the microwave. Spread over the top.',
      'Spread the chocolate over the top.',
      'cake-tin',
    ],
    [
      '4 slices bread\n4 eggs',
      'Push the bread into 4 holes of a muffin tin. Break 1 egg into a cup.',
      'Push the bread into 4 holes of a muffin tin.',
      'muffin-tin',
    ],
    [
      '1 tbsp cornflour\n400 ml stock',
      'Put the stock in a pan and simmer for 5 minutes. Mix the cornflour with a tablespoon of cold water to make a paste.',
      'Put the cornflour in the bowl.',
      'bowl',
    ],
    ['1 sweet potato', 'Put the sweet potato in a bowl. Cover with cling film and pierce it.', 'Pierce the cling film.', 'bowl'],
    [
      '200 g oats\n200 g berries',
      'Press the oats into a cake tin. Bake for 15 minutes. Meanwhile toss the berries with 1 tbsp sugar. Spread over the base.',
      'Spread the berries over the base.',
      'cake-tin',
    ],
    ['1 egg\n400 ml stock', 'Bring the stock to the boil in a saucepan. Crack in the egg.', 'Crack the egg into the saucepan.', 'saucepan'],
    ['200 g rice\n10 g basil', 'Put the rice in a bowl. Tear over the basil.', 'Tear the basil over the rice.', 'bowl'],
    [
      '100 g oats\n200 ml milk',
      'Simmer the oats and milk in a saucepan for 5 minutes. Take it off the heat.',
      'Take the saucepan off the heat.',
      null,
    ],
    [
      '200 g pasta\n50 g butter',
      'Cook the pasta in a large saucepan of boiling water for 10 minutes. Drain and put the pasta back in the saucepan.',
      'Put the pasta back in the saucepan.',
      'large-pan',
    ],
    [
      '200 g green beans\n100 ml milk',
      'Mix the beans and milk in 1 1/2 qt. casserole. Bake for 25 minutes.',
      'Put the green beans in the casserole.',
      'baking-dish',
    ],
    [
      '12 dumpling wrappers\n1 cup cabbage',
      'Lay a wrapper on the board. Put the cabbage in the centre. Fold over. Line a steamer with paper. Add the dumplings. Steam over boiling water for 8 minutes.',
      'Add the dumplings to the steamer.',
      'steamer',
    ],
    [
      '500 g mince\n1 apple, grated',
      'Squeeze the liquid out of the grated apple. Put it in a large bowl with the mince.',
      'Put the apple in a large bowl.',
      'large-bowl',
    ],
    [
      '500 g stewing beef\n2 tbsp oil\n2 onions, sliced',
      'Heat half the oil in a frying pan and brown the beef. Put it in the slow cooker. Heat the rest of the oil and fry the onions for 5 minutes.',
      'Fry the onions for 5 minutes.',
      'frying-pan',
    ],
    [
      '300 g rice\n1 carrot, grated\n2 sheets nori',
      'Boil the rice for 12 minutes. Drain it and put it in a bowl with the carrot. Shape into 8 balls. Wrap each one with a strip of nori.',
      'Wrap the balls with a strip of nori.',
      'bowl',
    ],
    [
      '300 g potatoes\n1 egg, beaten\n50 g breadcrumbs',
      'Boil the potatoes for 12 minutes. Drain and mash them. Shape into 4 cakes. Dip each cake in the egg, then coat in the breadcrumbs.',
      'Coat the cakes in the breadcrumbs.',
      'bowl',
    ],
    [
      '2 eggs\n200 g flour\n100 ml milk',
      'Put 12 paper cases in a muffin tin. Mix the flour, eggs and milk in a large bowl. Divide the batter between the cases.',
      'Divide the batter between the cases.',
      'muffin-tin',
    ],
    [
      '2 eating apples\n2 tbsp raisins\n1 tbsp brown sugar',
      'Core the apples. Stand them in a microwave dish. Mix the raisins and sugar in a cup. Push the mixture into the holes.',
      'Push the mixture into the holes.',
      'baking-dish',
    ],
    [
      '1 can refried beans\n4 flour tortillas',
      'Scrape the beans into a bowl. Heat in the microwave for 2 minutes. Wrap the tortillas in damp paper towel, microwave 20 seconds.',
      'Microwave the tortillas for 20 seconds.',
      'plate',
    ],
    [
      '4 pittas\n50 g tzatziki\n50 g rocket',
      'Warm the pittas in the toaster. Spread tzatziki inside. Fill with rocket.',
      'Fill the pittas with the rocket.',
      'plate',
    ],
    [
      '2 slices bread\n200 g baked beans\n1 tsp butter',
      'Heat the beans in a small saucepan. Toast the bread. Butter the toast. Put the toast on a plate, pour over the beans.',
      'Pour the beans over the bread.',
      'plate',
    ],
    [
      '200 ml milk\n1 packet pudding mix\n8 cookies\n100 g whipped topping',
      'Pour the milk into a cup. Add the pudding mix. Put the cookies in a zip bag. Crush them. Stir in the whipped topping.',
      'Stir the whipped topping into the mug.',
      'cup',
    ],
    [
      '300 g sheet filo pastry\n1 can baked beans',
      'Put the beans in a bowl. Brush a sheet of filo with water. Place a quarter of the filling at one end. Roll it up.',
      'Place a quarter of the filling at one end.',
      'board',
    ],
    ['2 pork chops', 'Pat the chops dry and season. Fry in a frying pan for 4 minutes.', 'Season the chops.', null],
    [
      '4 chicken drumsticks\n2 tbsp oil\n1 tsp thyme\n2 carrots',
      'Put the carrots in a roasting tin. Lay the drumsticks on top. Rub the oil and thyme over them.',
      'Rub the thyme over the chicken drumsticks.',
      'tray',
    ],
    [
      '200 g broccoli',
      'Steam the broccoli over a pan of boiling water for 4 minutes.',
      'Steam the broccoli over a pan of boiling water for 4 minutes.',
      'steamer',
    ],
    [
      '2 white fish fillets',
      'Dry the fish with kitchen paper and lay it on a baking tray lined with foil.',
      'Lay the white fish fillets on a baking tray lined with foil.',
      'tray',
    ],
    [
      '4 tea bags\n500 ml boiling water',
      'Put the tea bags in a jug. Pour on the boiling water. Leave for 4 minutes.',
      'Leave the tea bags for 4 minutes.',
      'jug',
    ],
    [
      '200 g spinach',
      'Put the spinach in a colander and pour over a kettleful of boiling water.',
      'Pour a kettleful of boiling water over the spinach.',
      'colander',
    ],
    [
      '1 avocado\n4 tortillas',
      'Lay the tortillas on a plate. Cut the avocado in half, scoop out the flesh and mash.',
      'Scoop out the flesh.',
      'board',
    ],
    [
      '200 g flour\n200 g yoghurt',
      'Mix the flour and yoghurt in a bowl to a dough. Divide into 8 balls. Roll out each ball to a circle.',
      'Roll out each ball to a circle.',
      'board',
    ],
    [
      '500 g new potatoes',
      'Put the potatoes in a saucepan. Cover them with cold water. Bring to the boil.',
      'Cover the potatoes with cold water.',
      'saucepan',
    ],
    [
      '2 leeks\n2 potatoes',
      'Wash the leeks well and slice them. Peel the potatoes and cut them into small cubes.',
      'Cut the potatoes into small cubes.',
      'board',
    ],
    [
      '4 flat mushrooms\n1 clove garlic',
      'Remove the stalks from the mushrooms and chop them finely. Fry the stalks and garlic in a frying pan for 3 minutes.',
      'Chop the stalks finely.',
      'board',
    ],
    [
      '1 cucumber\n2 tbsp sesame seeds',
      'Halve the cucumber, scoop out the seeds with a teaspoon and dice the flesh. Scatter the sesame seeds over the top.',
      'Scoop out the seeds of the cucumber with a teaspoon.',
      'board',
    ],
    [
      '2 eggs\n200 g flour\n100 g soft cheese\n50 g icing sugar',
      'Grease a cake tin. Mix the eggs and flour in a large bowl. Spoon into the tin and bake for 30 minutes. Meanwhile beat the soft cheese with the icing sugar in a bowl. Turn the cake out.',
      'Turn the cake out.',
      'cake-tin',
    ],
    [
      '300 g flour\n200 g yoghurt',
      'Mix the flour and yoghurt in a bowl. Dust the worktop with a little flour. Knead the dough for 1 minute.',
      'Knead the dough for 1 minute.',
      'board',
    ],
    [
      '200 g pasta\n100 g cherry tomatoes\n2 tbsp pesto',
      'Cook the pasta in a saucepan of boiling water for 10 minutes. Drain it. Halve the tomatoes. Put everything in a large bowl with the pesto.',
      'Put the pasta in a large bowl.',
      'large-bowl',
    ],
    [
      '1 can corn\n1 red pepper, chopped\n2 tbsp lime juice\n1 tbsp oil',
      'Put the corn and pepper in a big bowl. Shake the lime juice and oil in a jar. Pour it over the salad and toss.',
      'Toss everything in the big bowl.',
      'large-bowl',
    ],
    [
      '1 onion, chopped\n1 can haricot beans\n1 can chopped tomatoes',
      'Fry the onion in a saucepan for 5 minutes. Open both tins. Drain the beans. Add the beans and tomatoes to the pan.',
      'Add the haricot beans to the pan.',
      'saucepan',
    ],
  ])('%s: %s', (list, method, text, into) => {
    const task = build(list, method);
    expect(texts(task)).toContain(text);
    expect(own(task).find((s) => s.text === text)!.into).toBe(into);
  });

  test('oil that was rubbed on is not put in by itself', () => {
    const task = build(
      '1 baking potato\n1 tsp oil\n1 pinch salt',
      'Rub the oil and salt all over the potato. Put it in the air fryer basket.',
    );
    expect(texts(task).filter((t) => /^Put the (?:oil|salt)/.test(t))).toEqual([]);
  });
  test('the jug that eggs lie in measures no milk', () => {
    const task = build('2 eggs\n50 ml milk', 'Crack the eggs into a jug. Add the milk.');
    expect(task.steps.map((s) => s.text)).toContain('Fill a clean jug to 50 mL with milk.');
  });
  test('what is set aside from a frying pan that is on is on a plate, and stays there', () => {
    const task = build(
      '1 courgette\n200 g halloumi\n1 tbsp oil',
      'Fry the courgette in the oil in a frying pan for 5 minutes. Set aside. Fry the halloumi for 2 minutes on each side.',
    );
    expect(step(task, /aside/)).toMatchObject({ text: 'Set the courgette aside on a plate.', into: 'plate' });
    expect(texts(task)).toContain('Turn the halloumi over.');
  });
  test('a machine with blades is emptied before anything is shaped', () => {
    const task = build(
      '1 can chickpeas, drained\n1 onion',
      'Put the chickpeas and onion in a food processor and blend until smooth. Roll into 12 balls.',
    );
    expect(step(task, /into 12 balls/).into).toBe('bowl');
    expect(step(task, /^Put .* in the bowl/).from).toBe('blender');
  });
});

describe('what it is called', () => {
  test('a batter that was baked is what the dish is called, as soon as it is in the oven', () => {
    const task = build(
      '200 g flour\n100 ml milk\n1 egg\n50 g blueberries',
      'Mix the flour, milk and egg in a bowl to a batter. Pour the batter into a cake tin. Scatter the blueberries on top. Bake at 180 C for 40 minutes. Cool in the tin.',
      'Blueberry loaf cake',
    );
    expect(texts(task)).toContain('Bake the cake at 180 C for 40 minutes.');
    expect(texts(task)).toContain('Pour the batter into a cake tin.');
  });
  test('a filling under a sauce is not all that is in the dish; seeds on a dough leave it a dough', () => {
    const pie = build(
      '500 g beef mince\n1 onion, chopped\n2 carrots, diced\n600 g potatoes\n30 g butter\n50 ml milk',
      'Fry the mince, onion and carrots in a frying pan for 10 minutes. Boil the potatoes for 15 minutes. Drain. Mash with the butter and milk. Spoon the mince into a baking dish. Spread the mash on top. Bake at 200 C for 25 minutes.',
    );
    expect(texts(pie)).toContain('Bake everything in the baking dish at 200 C for 25 minutes.');
    expect(step(pie, /^Spoon the mince/)).toMatchObject({ from: 'frying-pan' });
  });
  test('a filling goes where its tubes go; a muffin mixture comes out as muffins', () => {
    const tubes = build(
      '250 g ricotta\n1 egg\n8 cannelloni tubes',
      'Mix the ricotta and egg in a bowl. Spoon the filling into a piping bag and pipe it into the cannelloni tubes. Lay the tubes in a baking dish. Bake at 200 C for 30 minutes.',
    );
    expect(step(tubes, /^Pipe/)).toMatchObject({ into: 'board', from: 'bag' });
    expect(step(tubes, /^Bake/).text).toMatch(/^Bake the tubes/);
    const muffins = build(
      '200 g oats\n2 eggs\n100 ml milk\n1 apple, grated',
      'Mix everything in a bowl. Spoon into a muffin tin. Bake at 180 C for 20 minutes. Cool.',
      'Oat muffins',
    );
    expect(step(muffins, /^Cool/).text).toBe('Cool the muffins.');
  });
  test('where several things lie, what goes on top is named with its place', () => {
    const task = build(
      '200 g cooked rice\n1 avocado, sliced\n1 carrot, grated\n30 g cheese, grated\n1 tsp oil',
      'Put the rice, avocado and carrot in a bowl. Top with the cheese. Drizzle with the oil.',
    );
    expect(texts(task)).toEqual(expect.arrayContaining(['Put the cheese on top.', 'Drizzle the oil over the top.']));
  });
  test('small steps name what their card names', () => {
    const task = build(
      '100 g flour\n1 egg\n100 ml milk',
      'Beat the egg and milk in a jug. Put the flour in a bowl. Pour the wet ingredients into the flour. Cover with foil.',
    );
    expect(step(task, /^Pour the wet/).small[0]).toBe('Pick up the wet ingredients with both hands.');
    expect(step(task, /^Cover/).small[0]).toBe('Pick up the foil.');
    expect(
      own(task)
        .flatMap((s) => s.small)
        .filter((line) => /\b(?:up|out|down) it\b/.test(line)),
    ).toEqual([]);
  });
});

describe('pieces and what is left', () => {
  test('what was shaped is fried, and not what was spoken of last', () => {
    const task = build(
      '400 g turkey mince\n1 onion, grated\n150 g yoghurt\n2 tbsp oil',
      'Mix the mince and onion in a large bowl. Shape into 8 koftas. Mix the yoghurt with 1 tbsp water in a bowl. Heat the oil in a frying pan and fry the koftas for 8 minutes.',
    );
    const fry = step(task, /^Fry the koftas/);
    expect(fry.hazards).toContain('raw-meat');
    expect(texts(task)).toContain('Put the koftas in the frying pan.');
  });
  test('a burger is no bun', () => {
    const task = build(
      '400 g mince\n4 burger buns\n50 g lettuce',
      'Shape the mince into 4 burgers. Fry the burgers in a frying pan for 8 minutes. Split the buns. Put a burger in each with the lettuce.',
    );
    expect(step(task, /^Put a burger in each/).uses.map((u) => u.item)).not.toContain('burger buns');
  });
  test('the rest is fried before the ring goes off', () => {
    const task = build(
      '100 g flour\n1 egg\n100 ml milk\n2 tbsp oil',
      'Mix the flour, egg and milk in a bowl. Heat the oil in a frying pan. Drop in spoonfuls of the mixture. Fry for 2 minutes. Drain on kitchen paper. Repeat with the rest of the mixture.',
    );
    const at = (text: RegExp) => task.steps.findIndex((s) => text.test(s.text));
    expect(at(/^Turn off the hob/)).toBeGreaterThan(at(/^Repeat with/));
  });
  test('most of it is not all of it, and what was made of all is not what is left of one', () => {
    const task = build(
      '225 g self-raising flour\n75 g cheddar, grated\n150 ml milk',
      'Grease a baking sheet. Put the flour and three-quarters of the cheese in a bowl. Pour in most of the milk and bring together into a soft dough. Turn out onto a floured surface and stamp out rounds. Put on the baking sheet, brush with the rest of the milk and sprinkle with the remaining cheese. Bake for 12 minutes.',
    );
    expect(texts(task)).toContain('Pour most of the milk into the bowl.');
    expect(texts(task)).toContain('Sprinkle the dough with the remaining cheese.');
  });
  test('a lid stays on while it is shaken', () => {
    const task = build(
      '200 ml milk\n1 tbsp cocoa',
      'Put the milk and cocoa in a jar. Put the lid on and shake for 30 seconds. Pour into a cup.',
    );
    const at = (text: RegExp) => task.steps.findIndex((s) => text.test(s.text));
    expect(at(/^Take the lid off/)).toBeGreaterThan(at(/^Shake/));
  });
  test('sugar for the fruit is neither fruit nor rinsed; tomatoes are not their purée', () => {
    const crumble = build(
      '4 plums\n25 g sugar for the fruit\n100 g flour',
      'Halve the plums. Put into a baking dish. Sprinkle the sugar over the plums. Scatter the flour over the fruit.',
    );
    expect(crumble.steps.filter((s) => /^Rinse/.test(s.text)).map((s) => s.text)).toEqual(['Rinse the plums under cold water.']);
    expect(step(crumble, /^Scatter the flour/).into).toBe('baking-dish');
    const sauce = build('1 can chopped tomatoes\n2 tbsp tomato puree', 'Tip the tomatoes into a saucepan. Stir in the puree.');
    expect(step(sauce, /^Tip the tomatoes/).uses).toHaveLength(1);
  });
});

describe('what is spoken of after', () => {
  const list =
    '2 potatoes\n50 g peas\n1 tbsp lemon juice\n1 tbsp oil\n4 sheets filo pastry\n1 egg\n100 ml milk\n200 g flour\n100 g ham\n2 salmon fillets';
  test.each([
    [
      'all that is in the pan cools',
      'Fry the potatoes and peas in the oil in a saucepan for 5 minutes. Add the lemon juice. Leave to cool.',
      /^Leave the potatoes/,
    ],
    [
      'what was dipped goes on the tray',
      'Boil the potatoes, drain and mash them. Shape into 4 cakes. Beat the egg in a bowl. Dip each cake in the egg. Place on a baking tray.',
      /^Place the cakes/,
    ],
    [
      'what lies on the tray last is brushed',
      'Put the potatoes on a baking tray. Lay the salmon on the tray. Brush with the oil.',
      /^Brush the salmon fillets with the oil/,
    ],
    ['what is put in by itself later is no wet ingredient', 'Whisk the wet ingredients in a jug. Add the ham.', /^Add the ham/],
    [
      'a time behind “stirring” stays',
      'Put the potatoes in a saucepan with the milk. Cook, stirring occasionally, 10 minutes.',
      /^Cook .* for 10 minutes/,
    ],
  ])('%s', (_what, method, card) => {
    expect(texts(build(list, method)).filter((t) => card.test(t))).toHaveLength(1);
  });
  test('sauce that is named beside pasta goes with it', () => {
    const task = build(
      '200 g pasta\n1 can chopped tomatoes\n1 onion, chopped',
      'Grease a baking dish. Cook the pasta in a large saucepan of boiling water for 10 minutes. Drain. Simmer the onion and tomatoes in a frying pan for 10 minutes. Combine the pasta and the sauce in the prepared dish.',
    );
    expect(task.steps.filter((s) => s.into === 'baking-dish' && s.from === 'frying-pan')).toHaveLength(1);
  });
});

test('what is wanted as juice is squeezed; wraps are warmed beside what lies on the plate, and patties go in them', () => {
  const task = build(
    '1 can chickpeas\n1 egg\n150 g yoghurt\n1 lime\n4 wraps\n40 g rocket',
    'Drain the chickpeas and mash them in a bowl. Add the egg and mix. Shape into 6 patties. Fry in a frying pan for 4 minutes. Drain on kitchen paper. Mix the yoghurt with the juice of the lime in a small bowl. Wrap the wraps in damp kitchen paper and microwave for 30 seconds. Put a patty in each with the rocket.',
  );
  expect(texts(task)).toContain('Mash the chickpeas in a bowl.');
  expect(step(task, /^Squeeze the juice of the lime/).sourceLine).toBeNull();
  expect(step(task, /^Microwave/).into).not.toBe(step(task, /on kitchen paper/).into);
  expect(step(task, /^Put a patty in each/)).toMatchObject({ from: 'plate', into: step(task, /^Microwave/).into });
});

describe('where it is done', () => {
  test('what is measured in the jug that it is wanted in is not poured into it', () => {
    const task = build('400 ml buttermilk\n1 tbsp treacle', 'Whisk the treacle into the buttermilk in a jug.');
    expect(step(task, /^Fill the jug/).into).toBe('jug');
    expect(texts(task).filter((t) => /^Pour the buttermilk/.test(t))).toEqual([]);
    expect(step(task, /^Whisk/)).toMatchObject({ text: 'Whisk everything in the jug.', into: 'jug' });
  });
  test('“the bowl” that something goes to is not the one where it lies', () => {
    const task = build(
      '1 lemon\n1 cucumber',
      'Put the cucumber in a bowl. Squeeze the lemon into a cup. Add the lemon juice to the bowl. Stir.',
    );
    expect(step(task, /^Squeeze/).into).toBe('cup');
    expect(step(task, /^Add the lemon juice/).into).toBe('bowl');
    expect(step(task, /^Stir/).into).toBe('bowl');
  });
  test('boiling water in its jug is hot for what goes in next', () => {
    const task = build('1 stock cube\n900 ml boiling water', 'Dissolve the stock cube in the boiling water in a jug.');
    expect(step(task, /stock cube in the jug/).hazards).toContain('hot');
    expect(step(task, /^Dissolve/).into).toBe('jug');
  });
  test('a stick blender comes to the pan', () => {
    const task = build(
      '1 onion\n400 g pumpkin\n1 l stock',
      'Simmer the onion and pumpkin in the stock in a large pan for 20 minutes. Blend until smooth with a stick blender.',
    );
    expect(step(task, /^Blend/).into).toBe('large-pan');
  });
  test('herbs torn over go where the food is', () => {
    const task = build('4 tomatoes\n1 bunch coriander', 'Fry the tomatoes in a frying pan for 5 minutes. Tear the coriander over.');
    expect(step(task, /^Tear/)).toMatchObject({ text: 'Tear the coriander over the tomatoes.', into: 'frying-pan' });
  });
});

describe('what is said in passing', () => {
  test('what is rinsed is what is shaken dry', () => {
    expect(texts(build('1 lettuce', 'Pull the leaves off the lettuce. Rinse and shake dry.'))).toContain(
      'Rinse the lettuce and shake dry.',
    );
  });
  test('a few kept for the top are no step of their own', () => {
    const task = build('10 berries\n200 g yoghurt', 'Put the berries in a bowl. Keep 2 for the top. Stir in the yoghurt.');
    expect(texts(task).filter((t) => /^Keep/.test(t))).toEqual([]);
  });
  test.each(['Keep the rest warm for 10 minutes.', 'Keep some warm for the others.'])('%s is one', (line) => {
    const task = build('4 sausages', `Fry the sausages in a frying pan for 10 minutes. ${line}`);
    expect(texts(task).filter((t) => /^Keep/.test(t))).toHaveLength(1);
  });
  test('what is crushed among other things is named', () => {
    const task = build(
      '1 red pepper\n400 g tinned tomatoes',
      'Fry the pepper in a pan for 5 minutes. Add the tomatoes. Crush them with a spoon.',
    );
    expect(step(task, /^Crush/).text).toMatch(/^Crush the (?:tinned )?tomatoes with a spoon/);
  });
  test('what is sliced off and kept is no step of its own', () => {
    const task = build('4 tomatoes', 'Slice the tops off the tomatoes and keep them. Scoop out the seeds with a teaspoon.');
    expect(texts(task).filter((t) => /^Keep/.test(t))).toEqual([]);
    expect(step(task, /^Slice the tops/).cues.map((cue) => cue.text)).toContain('keep them');
    expect(texts(task)).toContain('Scoop out the seeds of the tomatoes with a teaspoon.');
  });
  test('“the wet ingredients” are those in their bowl, not what is named by itself later', () => {
    const task = build(
      '1 cup flour\n1 cup buttermilk\n2 eggs\n50 g butter, melted',
      'Put the flour in a large bowl. In another bowl whisk the buttermilk and eggs. Pour the wet ingredients into the flour and stir. Fold in the melted butter.',
    );
    const names = (s: { uses: { item: string }[] }) => s.uses.map((u) => u.item);
    expect(own(task).filter((s) => s.into === 'large-bowl' && names(s).includes('butter'))).toHaveLength(1);
  });
  test('boiling water is measured after the kettle, butter melted when it is wanted', () => {
    const task = build(
      '1 cup flour\n1 tsp bicarbonate of soda\n2 tbsp boiling water\n50 g butter\n200 g rice\n1 tbsp honey, melted',
      'Melt the butter in a frying pan. Mix the bicarbonate of soda with the boiling water in a cup.',
    );
    const at = (text: RegExp) => task.steps.findIndex((s) => text.test(s.text));
    expect(at(/^Fill the kettle/)).toBeGreaterThan(at(/^Melt the butter/));
    expect(at(/with boiling water/)).toBeGreaterThan(at(/^Fill the kettle/));
  });
  test('a loaf tin brings no bread', () => {
    expect(dryRun(build('500 g yoghurt', 'Line a loaf tin with cling film. Pour in the yoghurt.')).map((f) => f.about)).not.toContain(
      'bread',
    );
  });
});

test('the heat that a recipe says is on the ring, and is not said twice', () => {
  const task = build(
    '1 cup rice\n2 cups water',
    'Put the rice and water in a saucepan. Bring to the boil, then reduce heat to low, cover and simmer for 15 minutes.',
  );
  expect(own(task).filter((s) => /heat (?:down )?to low/.test(s.text))).toHaveLength(1);
  expect(step(task, /^Reduce the heat/).level).toBe('low');
});

test('what is tasted cold is not marked hot; hot it is', () => {
  const cold = build('200 g yogurt\n1 tsp honey', 'Mix the yogurt and honey in a bowl. Taste.');
  expect(step(cold, /^Taste/).hazards).toEqual([]);
  const hot = build('400 ml stock\n1 carrot', 'Simmer the carrot in the stock for 10 minutes. Taste.');
  expect(step(hot, /^Taste/).hazards).toContain('hot');
});

test('a vegetable that no list has is told; florets of what is listed, and “the vegetables”, are not', () => {
  const told = (list: string, method: string) =>
    dryRun(build(list, method)).flatMap((f) => (f.code === 'used-not-listed' ? [f.about] : []));
  expect(told('200 g rice', 'Put the rice in a bowl. Stir in the mushrooms.')).toEqual(['mushroom']);
  expect(
    told('1 cauliflower\n2 carrots, sliced', 'Break the cauliflower into florets. Put the carrots in a bowl. Stir the vegetables.'),
  ).toEqual([]);
});
