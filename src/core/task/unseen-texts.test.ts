// Kinds that thirty-six new texts showed when their cards were read, December 2026: which pan, which part, water, heat and cold. Common practice at a stove throughout, unless a source is named.
import { describe, expect, test } from 'vitest';
import { build, own, step } from '../../../tests/cases/built';
import { check, type Case } from '../../../tests/cases/cards';
import { dryRun } from './dry-run/index';

const texts = (task: ReturnType<typeof build>) => own(task).map((one) => one.text);

describe('which vessel', () => {
  test.each<Case>([
    [
      'a sauce is made in the pan that the cauliflower was drained out of',
      '1 cauliflower\n40 g butter\n40 g plain flour\n450 ml milk\n1 tsp mustard',
      'Bring a large saucepan of water to the boil, add the cauliflower and cook for 5 mins. Drain well, tip into an ovenproof dish.\nPut the saucepan back on the heat and add the butter, flour and milk. Whisk for 2 mins.\nTurn off the heat, stir in the mustard and pour over the cauliflower.',
      ['Turn off the heat.', 'Stir the mustard into the large saucepan. >large-pan', 'Pour the mixture over the cauliflower. >baking-dish'],
      /mustard in the ovenproof dish/,
    ],
    [
      'the casserole stays in hand, whatever was lifted out of it',
      '2 tbsp oil\n600 g diced beef\n1 onion, sliced',
      'Heat half the oil in a flameproof casserole and fry the beef until brown. Lift out onto a plate. Add the rest of the oil, then soften the onion for 5 minutes.',
      ['Lift the beef out onto a plate. >plate', 'Add the rest of the oil to the casserole. >baking-dish'],
      /oil to the plate/,
    ],
    [
      'what is sat on top of a stew is put there',
      '500 g diced beef\n500 ml stock\n100 g self-raising flour\n50 g suet\n5 tbsp cold water',
      'Simmer the beef in the stock in a casserole for 1 hour. Mix the flour, suet and water in a bowl to a dough. Roll into 8 balls. Sit the dumplings on top and simmer for 20 minutes.',
      ['Sit the dumplings on top. >baking-dish', 'Simmer the dumplings for 20 minutes'],
      /Sit the dumplings on top\. >large-bowl|the cold water into 8 balls/,
    ],
    [
      'eggs are beaten where they were cracked',
      '500 ml stock\n2 eggs\n1 tsp cornflour',
      'Mix the cornflour with 1 tbsp cold water in a bowl. Heat the stock in a pan and stir in the cornflour. Beat the eggs, then pour into the soup.',
      ['Beat the eggs. >small-bowl', 'Pour the eggs into'],
      null,
    ],
    [
      'half of a mixture leaves its bowl in use',
      '8 ginger biscuits\n30 g melted butter\n200 g cream cheese\n3 tbsp icing sugar',
      'Crush the biscuits in a bag and tip the crumbs into a bowl. Pour in the butter and mix. Spoon two-thirds of the crumbs into 4 glasses. Beat the cream cheese and icing sugar until smooth. Spoon over the crumbs.',
      ['Spoon two-thirds of the crumbs into 4 glasses. >glass', 'Put the cream cheese in the large bowl. >large-bowl'],
      /cream cheese in the bowl\./,
    ],
    [
      'pots that are glasses are topped, and no saucepan is',
      '8 biscuits\n200 g yoghurt\n4 strawberries',
      'Crush the biscuits in a bag. Spoon the crumbs into 4 glasses and add the yoghurt. Just before serving, top each pot with a strawberry.',
      ['Top each pot with a strawberry just before serving. >glass'],
      /saucepan/,
    ],
    [
      'cases that stand on a tray are filled there',
      '100 g chocolate\n100 g cornflakes',
      'Put 10 paper cases on a baking tray. Melt the chocolate in a bowl in the microwave for 1 minute. Stir in the cornflakes. Spoon into the cases.',
      ['Put 10 paper cases on a baking tray. >tray', 'Spoon the chocolate and the cornflakes into the cases. >tray'],
      /muffin tin/,
    ],
    [
      'a bowl on top of its pan of water, and the water is what simmers',
      '100 g chocolate\n50 g butter',
      "Break the chocolate into a heatproof bowl and add the butter. Put 3 cm of water in a saucepan and bring it to a simmer. Sit the bowl on top, making sure it doesn't touch the water. Stir until melted.",
      ['Bring the water to a simmer. >saucepan', 'Sit the bowl over the pan of simmering water. >bowl', 'Stir everything in the bowl'],
      /chocolate in the saucepan/,
    ],
    [
      'squares of paper are filled, closed and baked as parcels',
      '2 salmon fillets\n1 courgette\n1 lemon\n2 tsp oil',
      'Preheat the oven to 200C. Cut two large squares of baking paper. Slice the courgette thinly. Share it out between the two squares.\nLay a salmon fillet on each. Cut the lemon in half; squeeze one half over the fish and cut the other half into wedges. Drizzle each with 1 tsp oil.\nBring up the sides of the paper and fold over the top, then twist the ends. Lift onto a baking tray. Bake for 15 mins.',
      [
        'Share the courgette between the two squares. >paper',
        'Lay a salmon fillet on each',
        'Cut the other half into wedges. >board',
        'Drizzle each with the oil. >paper',
        'Fold the paper over the top. >paper',
        'Lift the parcels onto a baking tray. >tray',
      ],
      /wedges onto|Bake the lemon/,
    ],
    [
      'all from the tin, and nothing that the list has for later',
      '1 kg tomatoes\n1 onion\n500 ml stock\n4 slices baguette\n40 g cheddar, grated',
      'Roast the tomatoes and onion in a roasting tin at 200C for 30 minutes. Tip everything from the tin into a large saucepan. Add the stock and simmer for 10 minutes. Toast the bread and top with the cheese.',
      ['Tip everything from the tin into a large saucepan. >large-pan', 'Add the stock to the large saucepan.'],
      /(?:baguette|cheddar) (?:into|in) a large saucepan/,
    ],
    [
      'a marinade that was kept goes to what cooks',
      '300 g rump steak, sliced\n2 tbsp soy sauce\n1 tbsp honey\n1 tbsp oil',
      'Mix the soy and honey in a bowl. Add the steak, cover and marinate in the fridge for 30 minutes. Heat the oil in a wok. Lift the steak out of its marinade and stir-fry for 3 minutes. Pour in the reserved marinade with 4 tbsp of water and let it bubble.',
      ['Pour the reserved marinade into the wok. >wok', 'Fill the ¼ cup with water.', 'Pour the water into the wok. >wok'],
      /water into the bowl/,
    ],
    [
      'everything else but the beans, by name',
      '750 g beef mince\n1 onion, chopped\n2 tsp cumin\n1 can kidney beans',
      'Brown the mince in a frying pan for 8 minutes. Tip into the slow cooker. Add everything except the beans. Cook on low for 7 hours. Stir in the beans.',
      ['Add the onion to the slow cooker.', 'Add the cumin to the slow cooker.', 'Stir the beans into the slow cooker.'],
      /^Add (?:the (?:mince|beef|kidney)|everything)/,
    ],
  ])('%s', (...one) => check(one));
});

describe('small things in their vessels', () => {
  test.each<Case>([
    [
      'a mug that is found is what things go into',
      '4 tbsp self-raising flour\n2 tbsp sugar\n3 tbsp milk',
      'Find a big mug.\nPut in the flour and the sugar. Stir.\nPour in the milk. Microwave for 1 minute.',
      ['Put the self-raising flour in the mug. >cup', 'Pour the milk into the mug. >cup', 'Put the mug in the microwave. >cup'],
      /the bowl/,
    ],
    [
      'what was cut and shared is in its cups, and jelly runs over it there',
      '1 pack jelly\n200 g strawberries\n200 ml cream',
      'Make up the jelly in a jug. Hull the strawberries, cut them into quarters and share between the cups. Pour the jelly over the fruit. Whip the cream in a bowl and put a big spoonful on each one.',
      [
        'Share the strawberries between the cups. >cup',
        'Pour the jelly over the fruit. >cup',
        'Put a big spoonful of the cream on each one. >cup',
      ],
      /strawberries on the chopping board/,
    ],
    [
      'each dip of three is a card',
      '2 chicken breasts\n3 tbsp flour\n1 egg\n60 g breadcrumbs',
      'Cut the chicken into strips. Coat the strips in flour, then egg, then crumbs.',
      ['Coat the strips in the flour.', 'Dip the strips in the egg.', 'Coat the strips in the crumbs.'],
      null,
    ],
  ])('%s', (...one) => check(one));
  test('the other half that is done the same way is cooked and looked at', () => {
    const task = build(
      '2 chicken breasts\n1 tbsp oil',
      'Cut the chicken into strips. Place half of the chicken in the air fryer basket. Cook in the air fryer at 200C for 10 minutes. Repeat with the other half. Serve.',
    );
    expect(dryRun(task).filter((f) => f.code === 'not-checked' || f.code === 'not-cooked')).toEqual([]);
  });
  test('a sponge finger is broken with no sponge, and garlic goes through its press on no board', () => {
    expect(step(build('6 sponge fingers', 'Break each sponge finger in half.'), /^Break/).tools).not.toContain('sponge');
    expect(step(build('2 cloves garlic, crushed\n1 tbsp oil', 'Fry the garlic in the oil.'), /^Crush/).into).toBeNull();
  });
});

test('an egg is not parted into the bowl that the salsa stands in', () => {
  const task = build(
    '1 can sweetcorn\n1 tomato, diced\n500 g turkey mince\n1 egg yolk',
    'Mix the sweetcorn and tomato in a small bowl and leave in the fridge. Put the mince and egg yolk into a large bowl and mix with clean hands.',
  );
  expect(step(task, /^Separate an egg/)).toMatchObject({ into: 'bowl' });
  expect(texts(task).some((text) => /Take the small bowl out/.test(text))).toBe(false);
});

test('of half a tin the other half stays in it', () => {
  const task = build('1/2 tin baked beans', 'Put the beans in a bowl and microwave for 1 minute.');
  expect(step(task, /^Spoon half of the baked beans into a small bowl/)).toMatchObject({ technique: 'measure', into: 'small-bowl' });
});

describe('water that only the method names', () => {
  test('is measured as what is listed is', () => {
    const task = build('200 g rice', 'Put the rice in a saucepan with 400 ml water. Bring to the boil.');
    expect(texts(task)).toEqual(expect.arrayContaining(['Fill the jug to 400 mL with water.', 'Pour the water into the saucepan.']));
    expect(step(task, /^Fill the jug/).tools).toContain('jug');
  });
  test('is not measured where it may not be wanted', () => {
    const task = build('200 g flour\n50 g butter', 'Rub the butter into the flour in a bowl. If it is too dry, add 1 tbsp water.');
    expect(texts(task).filter((text) => /water/.test(text))).toEqual(['Pour 1 tbsp water into the bowl if it is too dry.']);
  });
  test('comes after the potatoes that it covers', () => {
    const task = build('500 g potatoes', 'Put the potatoes in a pan of cold salted water and bring to the boil.');
    expect(texts(task)).toEqual(expect.arrayContaining(['Put the potatoes in a pan.', 'Cover the potatoes with cold water.']));
  });
  test('that has just boiled is boiling', () => {
    const task = build('150 g rice noodles', 'Soak the noodles in just-boiled water for 4 minutes, then drain.');
    expect(step(task, /^Soak/).hazards).toContain('hot');
  });
});

describe('heat', () => {
  test('while the oven bakes, a sauce is made on the ring, all of it or none', () => {
    const method = (rest: string) =>
      `Put the sausages in a roasting tin and bake at 200C for 30 mins. While they cook, make the gravy. Heat the oil in a pan and fry the onions for 10 mins. ${rest}`;
    const list = '8 sausages\n1 tbsp oil\n2 onions\n400 ml stock';
    const done = texts(build(list, method('Stir in the stock and simmer for 5 mins.')));
    const at = (words: RegExp) => done.findIndex((text) => words.test(text));
    expect(at(/^Set the timer to bake/)).toBeGreaterThan(0);
    expect(at(/^Fry the onions/)).toBeGreaterThan(at(/^Set the timer/));
    expect(at(/until the timer rings/)).toBeGreaterThan(at(/^Simmer/));
    // what takes hours is not left half made for the tin
    const long = texts(build(list, method('Stir in the stock and simmer for 2 hours.')));
    expect(long.some((text) => /timer rings/.test(text))).toBe(false);
  });
  test.each<Case>([
    [
      'a ring that is turned up before its pan is lit under it, so high',
      '2 eggs\n1 tbsp oil',
      'Beat the eggs in a bowl.\nTurn the hob on to number 6.\nHeat the oil in the wok. Pour in the egg.',
      ['Turn on the hob under the wok.', 'Heat the oil in the wok with the hob at 6. >wok'],
      /Turn the heat to/,
    ],
    [
      'the dish goes into the oven, and its ring off first',
      '6 chicken thighs\n300 g orzo\n700 ml stock',
      'Preheat the oven to 180C. Brown the chicken in an ovenproof frying pan. Add the orzo and stock, bring to a simmer and transfer the pan to the oven for 20 minutes.',
      ['Turn off the hob under the frying pan.', 'Put the frying pan in the oven.', 'Bake the chicken and the orzo for 20 minutes'],
      /^Transfer/,
    ],
    [
      'a lid is put on over what is in the pan already',
      '1 tbsp oil\n1 onion, chopped',
      'Heat the oil in a saucepan. Fry the onion for 5 min, lid on, until soft.',
      ['Add the onion to the saucepan.', 'Put the lid on.', 'Fry the onion for 5 min until soft.'],
      null,
    ],
    [
      'what is added for a minute is cooked for a minute',
      '1 tbsp oil\n1 onion\n2 cloves garlic',
      'Heat the oil in a pan. Fry the onion for 5 minutes, then add the garlic for 1 minute.',
      ['Add the garlic to the pan.', 'Cook the onion for 1 minute.'],
      null,
    ],
    [
      'leaves that go in by the handful wilt on the ring',
      '200 ml coconut milk\n150 g spinach',
      'Simmer the coconut milk in a wok for 5 min. Stir in the spinach a handful at a time, letting each lot wilt before you add the next.',
      ['Stir the spinach a handful at a time into the wok until it wilts.', 'Turn off the hob'],
      null,
    ],
    [
      'the traybake is cut, and no gravy',
      '8 sausages\n140 g flour\n300 ml milk\n400 ml stock',
      'Mix the flour and milk in a bowl. Put the sausages in a roasting tin and pour the batter over. Bake at 200C for 30 mins. Heat the stock in a pan. Cut into portions and serve.',
      ['Cut the batter into portions. >tray'],
      /^Cut the (?:stock|mixture)/,
    ],
    [
      'the pan goes back on the heat, and not what is in it',
      '25 g butter\n300 ml milk',
      'Melt the butter in a saucepan. Remove from the heat and add the milk a little at a time. Return to the heat and bring to the boil.',
      ['Turn on the hob under the saucepan', 'Bring the milk to the boil'],
      /Return the milk/,
    ],
  ])('%s', (...one) => check(one));
  test('the grill has its own heat, and its time is when it is wanted; the oven is off by then', () => {
    const done = texts(
      build(
        '1 kg tomatoes\n4 slices bread\n40 g cheddar',
        'Preheat the oven to 200C. Roast the tomatoes in a roasting tin for 35 minutes.\nHeat the grill to high. Put the bread on a baking sheet and grill on one side. Top with the cheese and grill until bubbling.',
      ),
    );
    const at = (words: RegExp) => done.findIndex((text) => words.test(text));
    expect(at(/^Turn the grill on to high/)).toBeGreaterThan(at(/^Roast/));
    expect(at(/^Turn off the oven/)).toBeLessThan(at(/^Turn the grill on/));
  });
  test('soup that is blended in batches goes into the machine, with the marks of it', () => {
    const task = build(
      '500 g tomatoes\n500 ml stock',
      'Simmer the tomatoes and stock in a pan for 10 minutes. Blend in two batches until smooth.',
    );
    expect(step(task, /^Blend/)).toMatchObject({ into: 'blender' });
    expect(step(task, /^Blend/).hazards).toEqual(expect.arrayContaining(['sharp', 'electric', 'hot']));
  });
  test('what has cooled for a few minutes is hot', () => {
    const task = build(
      '500 ml stock\n1 carrot',
      'Simmer the carrot in the stock for 10 minutes. Let it cool for a few minutes. Ladle into bowls.',
    );
    expect(step(task, /^Ladle/).hazards).toContain('hot');
  });
});

describe('raw meat', () => {
  // USDA FSIS: ground meat 160 °F (71 °C), poultry 165 °F (74 °C)
  test.each([
    ['400 g sausagemeat', 'Shape the sausagemeat into 4 patties. Fry for 10 minutes.', '71 °C'],
    ['6 chipolatas', 'Fry the chipolatas for 10 minutes.', '71 °C'],
    ['2 chicken breasts', 'Fry the chicken for 10 minutes. Check that there is no pink in the chicken.', '74 °C'],
  ])('%s is looked at with the number', (list, method, celsius) => {
    const looked = step(build(list, method), /^Check/);
    expect(`${looked.text} ${looked.cues.map((cue) => cue.text).join(' ')}`).toContain(celsius);
    expect(looked.tools).toContain('thermometer');
  });
});

describe('words', () => {
  test.each<Case>([
    [
      'pepper by itself is no red pepper',
      '1 red pepper, sliced\n2 tbsp cornflour\n280 g tofu',
      'Put the cornflour on a plate with some pepper and roll the tofu in it. Fry the red pepper in a pan.',
      ['Roll the tofu in the cornflour.'],
      /red pepper on the plate|tofu in the tofu/,
    ],
    [
      'a roll that was shaped is the roll',
      '400 g sausagemeat\n1 apple, grated\n1 pack puff pastry',
      'Mix the sausagemeat and apple in a bowl. Unroll the pastry onto a tray. Shape the sausage mixture into a long roll and lay it on the pastry. Fold in the ends.',
      ['Lay the roll on the pastry.', 'Fold in the ends.'],
      /sausages|Fold the/,
    ],
    [
      'nothing of the ingredients that is kept back',
      '2 tbsp soy sauce\n1 tbsp vinegar\n1 tsp sesame seeds',
      'Whisk all the ingredients together in a bowl, keeping back the sesame seeds.',
      ['Whisk everything in the bowl'],
      /sesame/,
    ],
    [
      'the rest of the veg is what is not in yet',
      '1 tbsp oil\n1 onion\n1 courgette\n1 carrot',
      'Dice the onion and courgette; grate the carrot. Heat the oil in a pan, fry the onion for 5 mins. Add the rest of the veg, 5 more mins, stirring.',
      ['Add the courgette to the pan.', 'Add the carrot to the pan.', 'Cook the onion, the courgette and the carrot for 5 more mins'],
      /rest of the/,
    ],
    [
      'the rest of what was set aside',
      '100 g cheddar, grated\n200 g flour\n100 ml milk',
      'Put the flour in a bowl. Set aside 2 tbsp of the cheese. Stir the rest into the bowl. Pour in the milk.',
      ['Stir the rest of the cheese into the bowl.'],
      /^Stir the rest into/,
    ],
    [
      'scones that are split and buttered',
      '225 g self-raising flour\n55 g butter\n120 ml milk',
      'Rub the butter into the flour in a bowl. Stir in the milk. Shape into scones on a tray and bake at 200C for 15 mins. Cool on a rack. Split, butter and eat warm.',
      ['Split', 'Spread'],
      /Split the butter|flour, the butter/,
    ],
    [
      'a tray is turned round half way',
      '1 pack puff pastry',
      'Put the pastry on a tray. Bake at 200C for 30 minutes, turning the tray round half way, until golden.',
      ['Turn the tray round.', 'Bake the pastry for 15 minutes more until golden.'],
      /over/,
    ],
    [
      'no “more” twice',
      '150 g rice\n500 ml stock',
      'Put the rice and stock in a bowl. Microwave for 8 minutes more, stirring half way through.',
      ['Microwave'],
      /more more/,
    ],
    [
      '“three mini” is no time',
      '30 mini eggs\n100 g cornflakes',
      'Spoon the cornflakes into 10 cases. Put 3 mini eggs in each.',
      ['Put 3 mini eggs in each.'],
      /for 3 mini/,
    ],
    [
      'something heavy on top',
      '280 g tofu',
      'Put the tofu on a plate with something heavy on top. Leave for 10 mins.',
      ['Put the tofu on a plate.', 'Put something heavy on top.'],
      null,
    ],
    [
      'a tablespoon at a time is no skin',
      '200 g oats\n100 g honey',
      'Mix the oats and honey in a bowl. Cover and chill for 30 minutes. Scoop out a tablespoon at a time and roll into balls.',
      ['Take the plate off the bowl.', 'Scoop out a tablespoon'],
      null,
    ],
    [
      'what is cold is decorated',
      '350 g flour\n125 g butter\n1 tube writing icing',
      'Rub the butter into the flour in a bowl. Roll out and cut into shapes. Bake on a tray at 180C for 12 minutes. Move to a wire rack. When cooled, decorate with the writing icing.',
      ['Leave the shapes to cool.', 'Decorate'],
      null,
    ],
  ])('%s', (...one) => check(one));
  test('what is eaten with it, and how long it keeps, is no step', () => {
    const task = build(
      '200 g oats\n100 g honey',
      'Mix the oats and honey in a bowl.\nBest eaten cold.\nGoes well with berries.\nStore in the fridge for up to a week.',
    );
    expect(texts(task).filter((text) => /Best|Goes|week/.test(text))).toEqual([]);
    const kept = task.steps.find((s) => s.technique === 'store');
    expect(kept?.cues.map((cue) => cue.text)).toContain('store in the fridge for up to a week');
  });
});

describe('tools', () => {
  test('a knife that cuts nothing is a table knife, and no mark of a blade', () => {
    const task = build('200 g flour\n100 ml milk', 'Mix the flour and milk in a bowl with a knife to a soft dough.');
    expect(step(task, /knife/)).toMatchObject({ tools: expect.arrayContaining(['table-knife']) as unknown });
    expect(step(task, /knife/).hazards).not.toContain('sharp');
  });
  test('hands that mix want no spoon, and hands that pat no rolling pin', () => {
    const task = build('500 g beef mince\n1 onion', 'Mix the mince and onion in a bowl with clean hands.');
    expect(step(task, /^Mix/).tools).not.toContain('spoon');
    const dough = build(
      '200 g flour\n100 ml milk',
      'Mix the flour and milk in a bowl to a dough. Turn out onto a floured surface. Pat out to 2 cm thick.',
    );
    expect(step(dough, /^Pat/).tools).not.toContain('rolling-pin');
    expect(step(dough, /^Turn the dough out/).tools).toEqual([]);
  });
  test('an electric hand whisk is electric', () => {
    expect(step(build('150 ml cream', 'Whip the cream in a bowl with an electric hand whisk.'), /^Whip/).hazards).toContain('electric');
  });
  test('a plate that lay on a bowl covers it again', () => {
    const task = build(
      '150 g rice\n500 ml stock',
      'Put the rice and stock in a bowl. Cover with a plate and microwave for 5 minutes. Take off the plate and stir. Cover again and microwave for 5 minutes.',
    );
    expect(step(task, /again/).tools).toContain('plate');
  });
});
