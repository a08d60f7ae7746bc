// Kinds of faults in texts of a short style, of worksheets and of the web: what each card says and where, set down as a teacher would write it.
import { describe, expect, test } from 'vitest';
import { build, own, step } from '../../../tests/cases/built';
import { check, type Case } from '../../../tests/cases/cards';
import { readRecipe, buildTask } from '../index';
import { dryRun } from './dry-run/index';
import { shortTitle } from './dish-title';
import { plainTurns } from './turns-of-speech';

describe('what is kept back goes in later', () => {
  test.each<Case>([
    [
      'water of the pasta, among other things',
      '200 g pasta\n2 tbsp pesto',
      'Cook the pasta in boiling water for 10 minutes. Drain, reserving a cup of the cooking water. Return the pasta to the pan. Stir in the pesto and enough of the reserved water to make a sauce.',
      [
        'Put the pesto in the pan. >saucepan',
        'Pour enough of the reserved water into the pan. >saucepan',
        'Stir everything in the pan to make a sauce. >saucepan',
      ],
      null,
    ],
    [
      'juice of a tin',
      '1 can pineapple chunks in juice\n2 tbsp soy sauce\n1 tbsp cornflour',
      'Drain the pineapple, reserving the juice. In a small bowl, stir together the juice, soy sauce and cornflour.',
      ['Pour the juice into the small bowl. >small-bowl', 'Stir everything in the small bowl. >small-bowl'],
      null,
    ],
    [
      'by itself it keeps its own words',
      '1 can peaches in juice\n200 g yogurt',
      'Drain the peaches, saving the juice. Divide the yogurt between 4 glasses. Drizzle with 1 tablespoon of the reserved juice.',
      ['Drizzle the yogurt with 1 tablespoon of the reserved juice. >glass'],
      null,
    ],
  ])('%s', (...one) => check(one));
});

describe('in its place', () => {
  test.each<Case>([
    [
      'how it is done is no thing: mashed in the pan that it was tipped into',
      '2 potatoes, diced\n1 tbsp oil\n1 tsp curry powder',
      'Boil the potatoes for 10 minutes. Drain and tip back into the pan. Mash roughly with the oil and curry powder.',
      ['Pour the oil into the pan. >saucepan', 'Mash everything in the pan. >saucepan'],
      />bowl/,
    ],
    [
      'a sheet that is taken lies before the learner, not in the pan of the filling',
      '2 potatoes, diced\n8 sheets filo pastry\n40 g butter, melted',
      'Boil the potatoes for 10 minutes. Drain and mash in the pan. Take one sheet of filo. Brush it with melted butter.',
      ['Take one sheet of filo. >board', 'Brush the filo with the melted butter.'],
      null,
    ],
    [
      'what was chopped goes along into the bowl',
      '250 g spinach\n250 g ricotta\n1 egg',
      'Rinse the spinach, then chop. Mix with the ricotta and egg.',
      [
        'Put the spinach in the bowl. >bowl',
        'Put the ricotta in the bowl. >bowl',
        'Put the egg in the bowl. >bowl',
        'Mix everything in the bowl. >bowl',
      ],
      null,
    ],
    [
      'toast and potatoes are cut on the board, what is baked as one in its tin',
      '2 slices bread\n50 g cheese, grated',
      'Toast the bread on one side under the grill. Turn over, scatter the cheese on top and grill till it melts. Cut the toast into fingers.',
      ['Grill the bread until the cheese has melted.', 'Cut the toast into fingers. >board'],
      null,
    ],
    [
      'the shelf of an oven is a tray: nobody reaches for hot food in the oven',
      '4 potatoes',
      'Bake the potatoes directly on the oven shelf for 1 hour.',
      ['Put the potatoes on the baking tray. >tray', 'Bake the potatoes for 1 hour. >oven'],
      /shelf|dish/,
    ],
    [
      'dough by the name of what is made of it, and cheese that is shaken over',
      '1 tube (11 oz) breadstick dough\n2 tbsp butter, melted\n2 tbsp grated Parmesan',
      'Unroll the dough. Twist each breadstick 5 times. Put on a cookie sheet 2 in. apart. Brush w/ the butter. Shake cheese over.',
      [
        'Twist each breadstick 5 times. >board',
        'Put the breadstick dough on a cookie sheet 2 inches apart. >tray',
        'Brush the breadstick dough with the butter. >tray',
        'Shake the cheese over the',
      ],
      /Shake everything|tube/,
    ],
    [
      'half the yoghurt, then the fruit, then the rest of it',
      '1 can peaches\n500 g yoghurt',
      'Drain the peaches. Spoon half the yoghurt into 6 glasses. Spoon on the peaches, then some of the yoghurt, then the remaining yoghurt.',
      [
        'Spoon half the yoghurt into 6 glasses. >glass',
        'Spoon the peaches',
        'Spoon some of the yoghurt',
        'Spoon the remaining yoghurt over the top. >glass',
      ],
      null,
    ],
    [
      'the vegetables that are called so, and the other spoon of oil',
      '2 Tbs oil, divided\n2 cups frozen stir-fry vegetables\n1 green onion, sliced\n14 oz tofu, cubed',
      'Heat 1 Tbs oil in nonstick skillet. Cook tofu 8 minutes. Move to plate. Add other Tbs oil to skillet. Stir-fry vegetables 5 minutes. Sprinkle with green onion.',
      [
        'Heat the oil in a nonstick skillet. >frying-pan',
        'Move the tofu to the plate. >plate',
        'Add the rest of the oil to the skillet. >frying-pan',
        'Put the frozen stir-fry vegetables in the skillet. >frying-pan',
      ],
      /green onion in the skillet/,
    ],
    [
      'a marinade is not what is roasted in it',
      '6 chicken thighs\n3 tbsp soy sauce\n2 tbsp honey',
      'Mix the soy sauce and honey in a roasting dish to make a marinade. Add the chicken and turn to coat. Roast for 30 minutes at 200C, basting halfway.',
      ['Roast the chicken for 15 minutes', 'Baste the chicken', 'Roast the chicken for 15 minutes more'],
      /^(?:Roast|Baste) the marinade/,
    ],
  ])('%s', (...one) => check(one));

  test('chocolate ten minutes before the end of a slow cooker’s hours', () => {
    const task = build(
      '2 cans kidney beans\n2 cans chopped tomatoes\n1 square dark chocolate',
      'Drain the beans and put in the slow cooker with the toms. Lid on. Cook on LOW for 6 hrs. Drop in the chocolate 10 mins before the end and stir till it has melted.',
    );
    expect(dryRun(task).map((f) => f.code)).not.toContain('listed-not-used');
    expect(step(task, /chocolate into/).text).toBe('Drop the chocolate into the slow cooker.');
    expect(step(task, /^Stir .* melted/).text).toContain('until the dark chocolate has melted');
  });

  test('oil that is rubbed on is in its spoon no more', () => {
    const task = build(
      '4 potatoes\n1 tbsp oil\n3 tbsp milk',
      'Rub the potatoes with the oil. Bake for 1 hour at 200C. Pour the milk over.',
    );
    expect(own(task).filter((s) => /from the 1 tbsp/.test(s.text))).toEqual([]);
  });

  test('to taste is no look inside: the chicken is still checked', () => {
    const task = build(
      '3 chicken thighs, diced\n1 tbsp oil\n150 g soft cheese',
      'Heat the oil in a frying pan and fry the chicken for 8 minutes. Stir in the soft cheese. Check the seasoning and serve.',
    );
    // USDA FSIS: poultry 165 °F
    expect(step(task, /^Check .*thermometer/).text).toContain('74 °C (165 °F)');
    expect(step(task, /^Check the seasoning/).technique).toBe('taste');
    expect(dryRun(task).map((f) => f.code)).not.toContain('used-not-listed');
  });
});

describe('on the heat, in the oven, and in time', () => {
  test.each<Case>([
    [
      'a ring is lit for what is put in a pan over a heat and whisked there',
      '50 g butter\n50 g flour\n600 ml milk\n150 g cheddar\n1 tsp mustard',
      'Put the butter, flour and milk in a saucepan over a medium heat and whisk continuously until it comes to the boil. Take the pan off the heat. Grate the cheese and stir in three quarters of it with the mustard.',
      [
        'Put the milk in the saucepan. >saucepan',
        'Turn on the hob under the saucepan, medium heat. >saucepan',
        'Whisk the flour and the milk continuously until it comes to the boil. >saucepan',
        'Grate the cheese. >board',
        'Put the cheddar in the saucepan. >saucepan',
        'Put the mustard in the saucepan. >saucepan',
        'Stir everything in the saucepan. >saucepan',
      ],
      /three quarters of everything/,
    ],
    [
      '“adding the broccoli after 4 minutes” parts the eight',
      '300 g pasta\n1 head broccoli',
      'Cook the pasta in a large pan of boiling water for 8 minutes, adding the broccoli after 4 minutes. Drain.',
      [
        'Cook the pasta in a large pan of boiling water for 4 minutes.',
        'Add the broccoli to the large pan.',
        'Cook the pasta and the broccoli for 4 minutes more.',
      ],
      null,
    ],
    [
      'fish on squares of foil goes into the oven with them, and is looked at inside',
      '2 zucchini\n4 cod fillets\n2 tbsp oil',
      'Cut four 12-inch squares of foil. Slice the zucchini. Divide the zucchini among foil squares. Top each with a fish fillet. Fold foil over and crimp edges to seal. Place packets on a baking sheet. Bake 15 minutes at 400 F.',
      [
        'Divide the zucchini among foil squares. >foil',
        'Top each with a fish fillet. >foil',
        'Fold the foil over. >foil',
        'Place the packets on a baking sheet. >tray',
        'Bake the zucchini and the cod',
      ],
      null,
    ],
    [
      'batter that fills liners is in their tin, and so in the oven',
      '2 bananas\n1 cup oat flour\n1 egg',
      'Put 12 paper liners in a muffin tin. In a large bowl, mash the bananas. Stir in the flour and egg. Use an ice cream scoop to fill the liners 3/4 full. Bake for 18 minutes at 350 F.',
      ['Spoon the mixture into the liners until 3/4 full using an ice cream scoop. >muffin-tin', 'Bake the mixture for 18 minutes'],
      /Bake the food/,
    ],
    [
      'the rest of a list under a heading is what is not in yet, each whole',
      'Wet ingredients\n3 bananas\n1 egg\n1/3 cup honey\nDry ingredients\n1 cup oat flour',
      'Mash the bananas in a large bowl. Add the rest of the wet ingredients and whisk.',
      ['Add the egg to the large bowl.', 'Add the honey to the large bowl.'],
      /rest of/,
    ],
    [
      'what is mashed while a tray bakes is not mashed on the hot tray',
      '1 bag tortilla chips\n1 cup cheese, shredded\n1 avocado\n2 tbsp sour cream',
      'Spread the chips on a sheet pan and top with the cheese. Bake 10 min at 375 F. While that bakes: peel, pit and mash the avocado; stir in the sour cream. Dollop avocado cream over the nachos.',
      ['Mash the avocado. >bowl', 'Stir the sour cream into the bowl. >bowl'],
      null,
    ],
    [
      'turned right down it simmers on, in a step of its own with its time',
      '100 g rice\n1 litre milk',
      'Put the rice and milk in a saucepan and bring to the boil. Turn the heat right down and simmer very gently for 30 mins.',
      ['Turn the heat right down.', 'Simmer the rice and the milk very gently for 30 mins. >saucepan'],
      null,
    ],
    [
      'the beef of a sirloin steak, beside a beef broth',
      '1 lb sirloin steak, sliced\n1 tbsp butter\n1 cup beef broth',
      'Melt the butter in a large skillet over medium-high heat. Brown the beef for 4 minutes. Remove to a plate. Stir in the broth and bring to a boil. Return the beef to the skillet and heat through.',
      [
        'Put the sirloin steak in the large skillet. >frying-pan',
        'Brown the beef for 4 minutes.',
        'Remove the beef to a plate. >plate',
        'Return the beef to the skillet. >frying-pan',
      ],
      null,
    ],
    [
      '“everything” behind “for the salad” is what the list has under it, not the burgers in hand',
      'For the burgers\n500 g turkey mince\n1 egg yolk\nFor the salad\n1 can sweetcorn, drained\n1 red pepper, diced',
      'Mix the turkey mince and the egg yolk with your hands. Shape into 4 burgers and put on a plate. For the salad, simply mix everything together. Fry the burgers for 12 minutes.',
      [
        'Put the sweetcorn in the bowl. >bowl',
        'Put the red pepper in the bowl. >bowl',
        'Mix everything in the bowl. >bowl',
        'Put the burgers in the frying pan. >frying-pan',
      ],
      /^Mix everything together/,
    ],
    [
      '“them all” is what was cut on the lines before; toast is grilled on a tray',
      '4 tomatoes\n1 red onion\n3 tbsp olive oil\n8 slices ciabatta',
      'Chop the tomatoes. Chop the onion.\nPut them all in a bowl with 2 tbsp of the oil.\nBrush the bread with the remaining oil and grill for 2 minutes.',
      [
        'Put the tomatoes in a bowl. >bowl',
        'Put the red onion in the bowl. >bowl',
        'Put the olive oil in the bowl. >bowl',
        'Put the ciabatta on the baking tray. >tray',
      ],
      null,
    ],
    [
      'what lies on a damp towel lies before the learner; water is what is poured',
      '8 rice paper wrappers\n1 avocado',
      'Slice the avocado. Pour warm water into a shallow dish. Dip one wrapper in for 15 seconds. Lay it on a damp tea towel.',
      ['Pour warm water into a shallow dish. >baking-dish', 'Lay the rice paper wrappers on a damp tea towel. >board'],
      /avocado warm water/,
    ],
    [
      'crumbs by their own name, mixed in a bowl of their own',
      '2 slices bread, whizzed into crumbs\n50 g cheese, grated\n300 g cooked pasta',
      'Tip the pasta into an ovenproof dish. Mix the breadcrumbs with the cheese and scatter over the top. Bake for 15 minutes at 200C.',
      ['Put the bread in the bowl. >bowl', 'Mix everything in the bowl. >bowl', 'Scatter'],
      null,
    ],
  ])('%s', (...one) => check(one));

  test('“over the nachos” of a nacho tray is over what came out of the oven', () => {
    const task = build(
      '1 bag tortilla chips\n1 cup cheese, shredded\n1 avocado',
      'Spread the chips on a sheet pan and top with the cheese. Bake 10 min at 375 F. Mash the avocado in a bowl. Dollop it over the nachos.',
      'Nacho tray',
    );
    expect(step(task, /^Dollop/).into).toBe('tray');
  });

  test.each(['Pop', 'Put', 'Place', 'Arrange'])('“%s 12 paper liners in a muffin tin” lines it, whatever the verb', (verb) => {
    const task = build('2 eggs', `${verb} 12 paper liners in a muffin tin. Crack the eggs into a bowl.`);
    expect(step(task, /paper liners/).technique).toBe('line');
  });
  test('a scallion is not the onion, though it stands before it on the list', () => {
    const task = build('2 scallions\n1 onion', 'Chop the onion. Slice the scallions.');
    expect(step(task, /^Chop/).uses.map((use) => use.item)).toEqual(['onion']);
    expect(dryRun(task).map((f) => f.code)).toEqual([]);
  });
  test.each([
    ['boiled', 'Boil the shells for 10 minutes.'],
    ['cooked', 'Cook the shells in boiling water for 10 minutes.'],
  ])('pasta that was %s is rinsed under the tap, an egg cools in its pan', (_how, cooked) => {
    const pasta = build('20 pasta shells', `${cooked} Drain, then cool under cold water.`);
    expect(step(pasta, /under cold water/).technique).toBe('rinse');
    const eggs = build(
      '4 eggs',
      'Boil the eggs in a pan of water for 8 minutes. Drain, then cool under cold running water. Peel the eggs.',
    );
    expect(step(eggs, /under cold running water/).technique).toBe('cool');
  });

  test('“season to taste with pepper” is of the soup; what is pushed aside stays in its wok', () => {
    const task = build(
      '1 litre stock\nblack pepper',
      'Bring the stock to the boil. Season to taste with pepper. Push everything to one side.',
    );
    expect(step(task, /^Season/).text).not.toMatch(/^Season the (?:black )?pepper/);
    expect(
      own(task)
        .filter((s) => /^Push/.test(s.text))
        .map((s) => s.text),
    ).toEqual(['Push everything to one side.']);
  });
});

describe('lists and sheets', () => {
  test('what is done to a part of a thing is no thing of its own', () => {
    const { recipe } = readRecipe(
      'Fish\n\n500g potatoes\n1 lemon, half sliced, half juiced\n2 limes, 1 juiced, 1 cut into wedges\n\nMethod\nLay the lemon slices over the potatoes.',
    );
    expect(recipe.ingredients.map((i) => i.item)).toEqual(['potatoes', 'lemon', 'limes']);
    expect(buildTask(recipe, { grain: 'standard' }).steps.map((s) => s.text)).toContain('Slice half the lemon.');
  });
  test('a list on one line with slashes, boxes in brackets, an answer to tick', () => {
    const { recipe } = readRecipe(
      'COOKING SKILLS - Potato Wedges\nFood: 3 potatoes / 2 Tbsp oil / 1/2 c. sour cream\n( ) 1. Scrub potatoes.\n( ) 2. Add the oil.\n( ) 3. DIP: stir the sour cream.\nDid you need help? Yes / No',
    );
    expect(recipe.ingredients.map((i) => i.item)).toEqual(['potatoes', 'oil', 'sour cream']);
    expect(recipe.instructions).toEqual(['Scrub potatoes.', 'Add the oil.', 'Stir the sour cream.']);
    expect(shortTitle(recipe.title)).toBe('potato wedges');
  });
  test('the dish of a title', () => expect(shortTitle("Ms. K's Snack Lab: Cheesy Twists")).toBe('cheesy twists'));
  test('two minutes less than the packet says is not two minutes', () => {
    const task = build('20 pasta shells', 'Cook the shells in boiling water for 2 minutes less than the pack says.');
    expect(step(task, /less than the pack/).minutes.waiting).not.toBe(2);
  });
});

describe('a line put plainly', () => {
  test.each([
    ['Return tofu to skillet.', 'Return the tofu to the skillet.'],
    ['Whisk the eggs in large bowl.', 'Whisk the eggs in a large bowl.'],
    ['Bake in oven and set on tray.', 'Bake in the oven and set on a tray.'],
    ['Wrap in foil.', 'Wrap in foil.'],
    ['Plate up in bowls.', 'Plate up in bowls.'],
    ['Cut in bowl-sized pieces.', 'Cut in bowl-sized pieces.'],
    [
      'Bring to a boil; reduce to a simmer and cook, partially covered, 15 minutes.',
      'Bring to a boil; reduce the heat. Then cover with the lid, leaving a gap, then simmer 15 minutes.',
    ],
    ['Roast 25 min, basting halfway.', 'Roast for 12 min. Baste. Roast for 13 min more.'],
    ['Split and butter while still warm.', 'Split, then spread with butter while still warm.'],
    ["Simmer 12 mins 'til soft.", 'Simmer for 12 mins until soft.'],
    ['Add half of sweetcorn.', 'Add half of the sweetcorn.'],
    ['Add lemon juice + stir.', 'Add the lemon juice and stir.'],
    ['Is it soft? If not, 5 more min.', 'Is it soft? (if not, 5 minutes more).'],
    ['Roll 1/4 in. thick and cut into 2 in. rounds.', 'Roll 1/4 inch thick and cut into 2 inches rounds.'],
  ])('%s', (said, plain) => expect(plainTurns(said)).toBe(plain));
});
