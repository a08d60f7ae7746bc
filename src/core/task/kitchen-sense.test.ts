// What a method takes for granted in a kitchen, and the builder has to know: where things are, what is hot, what is raw.
import { describe, expect, test } from 'vitest';
import { build, own, step } from '../../../tests/cases/built';
import { dryRun } from './dry-run/index';

describe('vessels', () => {
  test('what stands on a tray bakes there, though the recipe says “cook”', () => {
    const task = build('8 fish fingers', 'Heat the oven to 200 C. Put the fish fingers on a baking tray. Cook for 15 minutes.');
    expect(task.steps.some((s) => s.tools.includes('hob'))).toBe(false);
    expect(step(task, /^Put the baking tray in the oven/)).toMatchObject({ technique: 'bake' });
  });
  test('water takes a pan of its own while a sauce is in the pan', () => {
    const task = build(
      '1 tbsp oil\n1 onion, chopped\n300 g gnocchi',
      'Heat the oil in a frying pan. Fry the onion for 5 minutes. Cook the gnocchi in boiling water for 2 minutes. Drain and stir into the sauce.',
    );
    expect(step(task, /^Cook the gnocchi/).into).toBe('saucepan');
    expect(step(task, /^Drain/).into).toBe('saucepan');
  });
  test('no metal goes into a microwave', () => {
    const task = build(
      '1 tbsp oil\n1 onion, sliced\n4 tortillas',
      'Heat the oil in a frying pan. Fry the onion for 5 minutes. Warm the tortillas in the microwave for 30 seconds.',
    );
    expect(step(task, /microwave/).into).toBe('plate');
  });
  test('“in a cup” is a vessel, “a cup of” is an amount', () => {
    const task = build('2 eggs\n1 tbsp milk', 'Beat the eggs in a cup. Add the milk.');
    expect(step(task, /^Beat/)).toMatchObject({ into: 'cup', technique: 'beat' });
  });
});

describe('heat', () => {
  test('an oven that is needed at once is waited for; one needed tomorrow is not left on', () => {
    const now = own(build('4 rolls', 'Heat the oven to 200 C. Bake the rolls for 10 minutes.'));
    expect(now.map((s) => s.text)).toContain('Wait until the oven is hot.');
    const later = own(
      build(
        '4 slices bread\n300 ml milk',
        'Put the bread in a dish. Pour over the milk. Cover and chill overnight. Bake at 180 C for 30 minutes.',
      ),
    );
    const ids = later.map((s) => s.technique);
    expect(ids.indexOf('preheat-oven')).toBeGreaterThan(ids.indexOf('chill'));
  });
  test('steam comes out of a pan that cooked under its lid', () => {
    const task = build(
      '500 g pears\n3 tbsp water\n100 g blackberries',
      'Put the pears and water in a pan. Cover and cook for 10 minutes. Add the blackberries.',
    );
    expect(step(task, /^Take the lid off the pan/).hazards).toEqual(expect.arrayContaining(['steam', 'hot']));
    const words = own(task).map((s) => s.text);
    expect(words.findIndex((t) => /^Take the lid off/.test(t))).toBeLessThan(words.findIndex((t) => /blackberries/.test(t)));
  });
  test('eggs that are boiled are not cracked, and peeled by hand', () => {
    const task = build(
      '2 eggs',
      'Put the eggs in a pan of cold water. Boil for 7 minutes. Cool the eggs under cold water, then peel and halve them.',
    );
    expect(task.steps.some((s) => s.technique === 'crack-egg')).toBe(false);
    expect(step(task, /^Peel/).technique).toBe('peel-by-hand');
    expect(dryRun(task).filter((f) => f.code === 'not-prepared')).toEqual([]);
  });
});

describe('raw food', () => {
  test('meat that is spoken of but not named brings its hazard along, into the bowl and out of it', () => {
    const task = build(
      '4 chicken thighs\n3 tbsp tikka paste\n150 g yogurt',
      'Mix the tikka paste and yogurt in a bowl. Cut each chicken thigh into 4 pieces and add to the bowl. Stir well.',
    );
    expect(step(task, /^Add the chicken thighs to the bowl/).hazards).toContain('raw-meat');
    expect(step(task, /^Stir the chicken/).hazards).toContain('raw-meat');
  });
  test('a batter takes its raw egg along when it is poured', () => {
    const task = build(
      '200 g flour\n2 eggs\n100 ml milk\n1 courgette, grated',
      'Put the flour in a bowl. Whisk the eggs and milk in a jug. Pour the wet ingredients into the dry ingredients. Add the courgette.',
    );
    expect(step(task, /^Add the courgette/).hazards).toContain('raw-egg');
  });
});

test('what bakes is cooked, what waits beside the oven is as raw as before', () => {
  const task = build(
    '4 slices bread\n2 chicken breasts\n2 eggs\n100 ml milk',
    'Whisk the eggs and milk in a jug. Put the chicken on a board. Put the bread on a baking tray. Bake at 180 C for 10 minutes. Cut the chicken into strips. Add the chicken to the jug.',
  );
  expect(step(task, /^Cut the chicken/).hazards).toContain('raw-meat');
  expect(step(task, /^Add the chicken to the jug/).hazards).toEqual(expect.arrayContaining(['raw-meat', 'raw-egg']));
});

test('fish that baked in its parcel is raw no longer', () => {
  const task = build(
    '2 salmon fillets\n1 lemon, sliced',
    'Put the salmon on a sheet of foil. Top with the lemon. Fold up the foil. Put the parcel on a baking tray. Bake at 200 C for 15 minutes. Serve the salmon.',
  );
  expect(step(task, /^Put the salmon on a sheet of foil/).hazards).toContain('raw-fish');
  expect(step(task, /^Serve the salmon/).hazards).not.toContain('raw-fish');
});

describe('water', () => {
  test('pasta “as the packet says” goes into water that boils', () => {
    const task = build('200 g pasta', 'Cook the pasta as the packet says. Drain.');
    const words = own(task).map((s) => s.technique);
    expect(words.slice(0, 5)).toEqual(['fill-pan', 'hob-on', 'boil', 'add', 'cook']);
    expect(step(task, /^Put the pasta/).hazards).toContain('splash');
  });
  test('what stood in boiling water is drained hot', () => {
    const task = build('100 g rice noodles', 'Put the noodles in a bowl, cover with boiling water and leave for 4 minutes. Drain.');
    expect(step(task, /^Drain/)).toMatchObject({ technique: 'drain-hot' });
  });
  test('water that no list has is measured, and poured in a step of its own', () => {
    const task = build('2 potatoes', 'Put the potatoes in a bowl with 3 tablespoons of water. Microwave for 5 minutes.');
    expect(step(task, /^Put the potatoes/).text).toBe('Put the potatoes in a bowl.');
    expect(step(task, /^Fill the 1 tbsp 3 times with water/)).toMatchObject({ technique: 'measure', into: 'small-bowl' });
    expect(step(task, /^Pour the water/)).toMatchObject({ technique: 'pour', into: 'bowl' });
  });
});

describe('in and out of the heat', () => {
  test('“put the dish in the oven. Bake for 20 minutes” is one time in the oven', () => {
    const task = build(
      '2 peaches',
      'Put the peaches in a baking dish. Put the dish in the oven. Bake for 20 minutes. Take out of the oven.',
    );
    expect(task.steps.filter((s) => s.technique === 'bake')).toHaveLength(1);
    expect(task.steps.filter((s) => s.technique === 'take-out-oven')).toHaveLength(1);
    expect(step(task, /^Bake the peaches for 20/).minutes.waiting).toBe(20);
  });
  test('a bowl over water: water in the pan, the ring under the pan, the bowl hot', () => {
    const task = build('200 g chocolate', 'Put the chocolate in a bowl. Sit the bowl over a pan of simmering water. Stir until melted.');
    const texts = own(task).map((s) => s.text);
    expect(texts.indexOf('Put a little water in the pan.')).toBeLessThan(
      texts.findIndex((t) => /^Turn on the hob under the pan\b/.test(t)),
    );
    expect(step(task, /^Stir/).hazards).toContain('hot');
  });
  test('“covered” between commas is a step; “5 min/side” turns over once', () => {
    const covered = build('1 cup rice\n2 cups stock', 'Put the rice and stock in a bowl and microwave, covered, 6 minutes.');
    expect(covered.steps.map((s) => s.technique)).toEqual(expect.arrayContaining(['cover', 'microwave']));
    const turned = own(build('4 fish cakes\n1 tbsp oil', 'Heat the oil in a pan. Cook the fish cakes 4 min/side till brown.'));
    expect(turned.filter((s) => s.technique === 'turn-over')).toHaveLength(1);
  });
  test('popped out of the tin is no popping in the pan', () => {
    const task = build(
      '1 egg\n1 cup oats',
      'Put the oats and egg in a muffin tin. Bake at 180 C for 20 minutes. Cool for 5 minutes, pop out.',
    );
    expect(own(task).at(-1)).toMatchObject({ technique: 'turn-out' });
  });
  test('“take care, it is hot” takes nothing', () => {
    const task = build('1 tin tomatoes', 'Heat the tomatoes in a pan for 3 minutes. Take care, it is hot.');
    expect(own(task).map((s) => s.text)).not.toContainEqual(expect.stringMatching(/^Take care/));
  });
  test('what is mixed while food lies in the basket is mixed in a bowl', () => {
    const task = build(
      '4 sausages\n1 tsp honey\n1 tsp mustard',
      'Put the sausages in the air fryer basket. Air fry for 8 minutes. Mix the honey and mustard.',
    );
    expect(step(task, /^Mix/).into).toBe('bowl');
  });
});

describe('each in its own place', () => {
  test('potatoes that boil while the mince is in the pan take a pan and water of their own', () => {
    const task = build(
      '400 g beef mince\n700 g potatoes',
      'Cook the mince in a large pan for 5 minutes. Peel the potatoes and cut into chunks. Boil for 15 minutes. Drain and mash.',
    );
    expect(step(task, /^Boil/).into).not.toBe(step(task, /^Cook the mince/).into);
    expect(task.steps.map((s) => s.technique)).toContain('fill-pan');
    expect(step(task, /^Drain/)).toMatchObject({ technique: 'drain-hot' });
  });
  test('what bakes goes on the tray that was lined, not in the pan of its filling', () => {
    const task = build(
      '1 apple\n1 sheet puff pastry',
      'Heat the oven to 200 C. Line a baking tray. Cook the apple in a small pan for 5 minutes. Put a spoonful of apple on the pastry. Bake for 20 minutes.',
    );
    expect(step(task, /^Put the (?:baking )?tray in the oven/)).toMatchObject({ technique: 'bake' });
  });
  test('bought pastry is raw dough too: hands are washed after rolling', () => {
    const task = build('1 block puff pastry\n1 apple', 'Roll out the pastry on the worktop. Cut into 4 squares. Slice the apple.');
    const words = task.steps.map((s) => s.technique);
    expect(words.lastIndexOf('wash-hands', words.indexOf('slice'))).toBeGreaterThan(words.indexOf('roll-out'));
    expect(dryRun(task).filter((f) => f.code === 'raw-contact')).toEqual([]);
  });
  test('“put everything in a large bowl” is what is not in it yet', () => {
    const task = build('2 tomatoes\n50 g rocket\n2 tbsp pesto', 'Dice the tomatoes. Put everything in a large bowl with the pesto. Mix.');
    expect(dryRun(task).filter((f) => f.code === 'listed-not-used')).toEqual([]);
    expect(own(task).filter((s) => s.into === 'large-bowl' && s.uses.length > 0)).toHaveLength(3);
  });
  test('“put in a pot with the water” takes the rice along', () => {
    const task = build('1 cup rice\n2 cups water', 'Rinse the rice. Put in a pot with the water. Boil for 12 minutes.');
    expect(own(task).map((s) => s.text)).toEqual(expect.arrayContaining(['Put the rice in a pot.', 'Put the water in the pot.']));
  });
  test('“after 7 minutes lower the eggs in”: when, and what', () => {
    const task = build('500 g potatoes\n3 eggs', 'Boil the potatoes in a pan. After 7 minutes carefully lower the eggs into the pan.');
    expect(step(task, /^Lower the eggs carefully into the pan/)).toMatchObject({ technique: 'add' });
    expect(step(task, /^Lower the eggs/).text).toContain('after 7 minutes');
  });
});
