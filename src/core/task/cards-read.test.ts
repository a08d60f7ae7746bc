// Kinds of faults that were found where cards were read one by one beside their recipe, a test for each.
import { describe, expect, test } from 'vitest';
import { readFileSync } from 'node:fs';
import { build, own, step } from '../../../tests/cases/built';
import { readRecipe } from '../recipe/read';
import { buildTask } from './build';
import { dryRun } from './dry-run/index';
import { plainTurns } from './turns-of-speech';

const texts = (ingredients: string, method: string, title?: string) => build(ingredients, method, title).steps.map((s) => s.text);
const recipe = (name: string) =>
  buildTask(readRecipe(readFileSync(new URL(`../../../tests/recipes/${name}.txt`, import.meta.url), 'utf8')).recipe, { grain: 'standard' });

describe('nothing is left behind, and nothing taken that stays', () => {
  test('a bay leaf that is thrown away does not take the stew with it: the meat in it is still checked', () => {
    const task = recipe('beef-barley-soup');
    expect(step(task, /^Taste/).text).toBe('Taste the soup.');
    expect(task.steps.some((s) => s.technique === 'take-temperature' && /beef/.test(s.text))).toBe(true);
  });
  test('two bowls that were mixed come together where the recipe says only "combine"', () => {
    const steps = own(
      build(
        '3 cups rolled oats\n1 tsp baking powder\n2 eggs\n1 cup milk',
        'Mix the oats and baking powder in one bowl and the eggs and milk in another. Combine.',
      ),
    );
    expect(steps.slice(-2)).toMatchObject([
      { into: 'large-bowl', tools: expect.arrayContaining(['bowl', 'large-bowl']) },
      { technique: 'mix', into: 'large-bowl' },
    ]);
  });
  test('one bowl that is combined twice stays one bowl', () => {
    const steps = own(build('200 g flour\n2 eggs', 'Mix the flour and eggs in a bowl. Combine.'));
    expect(steps.filter((s) => s.technique === 'add').every((s) => s.into === 'bowl')).toBe(true);
  });
  test('spinach that went into the ricotta is no veg to be spooned over', () => {
    const all = texts(
      '200 g spinach\n250 g ricotta\n1 courgette\n1 red pepper',
      'Mix the spinach and ricotta in a bowl. Put half of the veg in a baking dish.',
    );
    expect(all.some((text) => /courgette (?:in|into) (?:a|the) baking dish/.test(text))).toBe(true);
    expect(all.some((text) => /spinach in (?:a|the) baking dish/.test(text))).toBe(false);
  });
});

describe('one microwave, one jug, small bowls as many as are wanted', () => {
  test('the bowl comes out before the plate goes in', () => {
    const all = texts(
      '1 can refried beans\n4 tortillas',
      'Tip the beans into a bowl and microwave for 2 minutes. Put the tortillas on a plate and microwave for 20 seconds.',
    );
    const out = all.indexOf('Take the bowl out of the microwave.');
    expect(out).toBeGreaterThan(0);
    expect(out).toBeLessThan(all.indexOf('Put the plate in the microwave.'));
  });
  test('a jug is emptied before it measures the next', () => {
    const all = texts('350 ml milk\n50 ml cream\n2 eggs', 'Beat the eggs with the milk and the cream in a bowl.');
    const [milk, tipped, cream] = [/^Fill the jug to 350/, /^Pour the milk into the bowl/, /^Fill the jug to 50/].map((words) =>
      all.findIndex((text) => words.test(text)),
    );
    expect([milk >= 0, milk < tipped, tipped < cream]).toEqual([true, true, true]);
  });
  test('small bowls are counted where they are fetched', () => {
    expect(step(recipe('fish-pie'), /small bowls?\b/).text).toContain('5 small bowls');
  });
  test('"a spoonful of apple" is not weighed as all of it', () => {
    expect(
      texts('1 apple (about 225 g)\n1 sheet puff pastry', 'Chop the apple. Put a spoonful of apple on the pastry.').join(' '),
    ).not.toMatch(/Weigh/);
  });
});

describe('words', () => {
  test('what is counted out of more keeps its count; halves stay halves', () => {
    const all = texts(
      '9 lasagne sheets\n250 g ricotta\n1 egg',
      'Beat the ricotta with the egg in a bowl. Lay 3 sheets of lasagne in a dish. Spoon over half of the ricotta mixture.',
    );
    expect(all).toContain('Lay 3 sheets of lasagne in a dish.');
    expect(all.some((text) => /half of the ricotta mixture/.test(text))).toBe(true);
  });
  test('several cans are all opened', () => {
    expect(texts('3 x 400 g tins chopped tomatoes', 'Simmer the tomatoes in a pan for 20 minutes.')).toContain(
      'Open the 3 cans of chopped tomatoes.',
    );
  });
  test('what goes along with a thing goes where it goes', () => {
    const all = texts('2 tbsp oil\n1 onion', 'Add the oil to the pan along with the onion and soften for 5 mins.');
    expect(all).toContain('Add the onion to the pan.');
    expect(all.some((text) => /pan and the onion/.test(text))).toBe(false);
  });
  test('cakes that were shaped stay cakes while they are brushed, baked and cooled', () => {
    const said = own(
      build(
        '500 g potatoes\n1 egg\n1 tbsp oil',
        'Mash the potatoes with the egg. Shape the mixture into 8 flat cakes. Put on a tray, brush with the oil and bake for 20 minutes. Cool for 5 minutes.',
      ),
    ).map((s) => s.text);
    expect(said).toEqual(expect.arrayContaining(['Brush the cakes with the oil.', 'Bake the cakes for 20 minutes.']));
    expect(said.some((text) => /mixture/.test(text.slice(text.indexOf('cakes'))))).toBe(false);
  });
  test('the oil that fritters are fried in goes without saying', () => {
    const said = recipe('courgette-fritters').steps.map((s) => s.text);
    expect(said).toContain('Turn the mixture over.');
    expect(said.some((text) => /everything in the frying pan/.test(text))).toBe(false);
  });
  test.each([
    ["Mum's Bread Pudding", 'Serve the bread pudding.'],
    ["Shepherd's Pie", "Serve the shepherd's pie."],
  ])('%s', (title, served) => expect(texts('2 slices bread', 'Toast the bread.', title)).toContain(served));
  test.each([
    ['1 tsp Worcestershire sauce', 'Fill the 1 tsp with Worcestershire sauce.'],
    ['1 tsp Smoked paprika', 'Fill the 1 tsp with smoked paprika.'],
  ])('a name keeps the capital that it has: %s', (line, measured) =>
    expect(texts(`${line}\n1 onion`, 'Mix all the ingredients in a bowl.')).toContain(measured),
  );
});

describe('heat when it is wanted', () => {
  test('an air fryer is lit a few minutes before it is wanted', () => {
    const at = (name: string, technique: string) => recipe(name).steps.findIndex((s) => s.technique === technique);
    expect(at('air-fryer-scones', 'preheat-oven')).toBeGreaterThan(at('air-fryer-scones', 'rub-in'));
    expect(at('air-fryer-scones', 'preheat-oven')).toBeLessThan(at('air-fryer-scones', 'air-fry'));
  });
  test('an oven does not stand hot and empty for more than an hour', () => {
    const { steps } = recipe('cottage-pie');
    const on = steps.findIndex((s) => s.technique === 'preheat-oven');
    expect(on).toBeGreaterThan(steps.findIndex((s) => s.technique === 'simmer'));
    expect(on).toBeLessThan(steps.findIndex((s) => s.technique === 'bake'));
  });
  test('it has come to a simmer in as long as it takes to boil', () => {
    const simmer = step(build('1 can tomatoes', 'Put the tomatoes in a pan. Bring to a simmer, then cook for 20 minutes.'), /to a simmer/);
    expect(simmer.minutes.waiting).toBeLessThan(10);
  });
});

describe('meat and fish are judged, whatever comes to them', () => {
  const found = (ingredients: string, method: string) => dryRun(build(ingredients, method)).map((f) => `${f.code} ${f.about}`);
  test('meat that no step cooks is told where it is served', () => {
    expect(found('2 chicken breasts', 'Slice the chicken. Put the chicken on a plate. Serve.')).toContain('not-cooked chicken breasts');
    expect(
      found('2 chicken breasts\n1 tbsp oil', 'Fry the chicken in the oil for 8 minutes. Serve.').filter((f) => /not-c/.test(f)),
    ).toEqual([]);
  });
  test('the step that cooks it left out: it is raw', () => {
    const task = build('2 salmon fillets\n1 lemon', 'Put the salmon on a tray. Bake at 180 C for 15 minutes. Serve with the lemon.');
    const raw = {
      ...task,
      steps: task.steps.filter((s) => s.into !== 'oven' && s.technique !== 'take-out-oven' && s.technique !== 'take-temperature'),
    };
    expect(dryRun(raw).map((f) => f.code)).toContain('not-cooked');
    expect(dryRun(task).map((f) => f.code)).not.toContain('not-cooked');
  });
  test('cold corn stirred in afterwards does not hide that the mince was not looked at', () => {
    const task = recipe('taco-rice');
    expect(task.steps.filter((s) => s.technique === 'take-temperature').map((s) => s.text)).toEqual([
      'Check the lean ground turkey with the thermometer: 74 °C (165 °F) in the middle.',
    ]);
  });
  test('what lies in a parcel goes where the parcel goes, into the oven too', () => {
    const task = build(
      '2 salmon fillets\n1 courgette\n1 lemon',
      'Cut two squares of baking paper. Lay the salmon in the middle of each square. Add the lemon. Fold the paper over. Put the parcels on a tray. Bake at 200 C for 15 minutes.',
    );
    expect(task.steps.map((s) => s.text)).toContain('Bake the parcels at 200 C for 15 minutes.');
    expect(task.steps.some((s) => s.technique === 'take-temperature' && /salmon/.test(s.text))).toBe(true);
  });
});

describe('what is spoken of', () => {
  test('the fish that was patted dry is seasoned, not the beans in the pan', () => {
    const all = texts(
      '2 salmon fillets\n150 g green beans\n1 tsp salt',
      'Cook the beans in a pan of boiling water for 4 minutes. Drain. Pat the salmon dry and season with the salt.',
    );
    expect(all).toContain('Season the salmon with the salt.');
  });
  test('a slice under its chocolate is cut, and not the chocolate', () => {
    expect(recipe('../more-recipes/no-bake-chocolate-oat-slice').steps.find((s) => /into squares/.test(s.text))?.text).toBe(
      'Cut everything in the tin into squares.',
    );
  });
  test('koftas are koftas again where the recipe calls them so', () => {
    expect(recipe('../judged/first/turkey-koftas').steps.map((s) => s.text)).toContain('Drain the koftas on kitchen paper.');
  });
  test('eggs stay several, though a line says "egg halves"', () => {
    expect(recipe('spinach-egg-curry').steps.map((s) => s.text)).toContain('Peel the eggs.');
  });
  test('a soup stays the soup when cold milk comes to it', () => {
    expect(recipe('../judged/first/leek-potato-pot').steps.map((s) => s.text)).toContain('Warm the soup through.');
  });
  test('seeds that are scattered in the end are not in "everything"', () => {
    const seeds = recipe('../more-recipes/sushi-style-rice-salad').steps.filter(
      (s) => /sesame seeds/.test(s.text) && s.into === 'slow-cooker',
    );
    expect(seeds).toHaveLength(1);
  });
  test('"mix just until combined" is an act of its own', () => {
    expect(
      texts('200 g flour\n200 ml milk', 'Put the flour in a bowl. Pour the milk into the flour and mix just until combined.').some((t) =>
        /^Mix/.test(t),
      ),
    ).toBe(true);
  });
  test('"before moving to a rack" moves them there', () => {
    expect(recipe('../judged/second/banana-oat-bakes').steps.map((s) => s.text)).toContain('Move the bakes to a wire rack.');
  });
});

describe('as the recipe calls it', () => {
  test('what stands under "For the dressing" is the dressing', () => {
    const task = recipe('coleslaw');
    expect(task.steps.map((s) => s.text)).toContain('Pour the dressing over the veg.');
    // it keeps up to a day, and nobody waits so long
    expect(step(task, /^Chill/).minutes.waiting).toBeLessThan(120);
  });
  test('a filling goes into the potatoes, and not into their plate', () => {
    expect(recipe('tuna-potatoes').steps.map((s) => s.text)).toContain('Spoon the filling into the potatoes.');
  });
  test.each([
    ['Cut each in half.', 'Cut each one in half.'],
    ['Shape each into a ball.', 'Shape each piece into a ball.'],
    ['Scoop out flesh and mash.', 'Scoop out the flesh and mash.'],
    ['Drain fat.', 'Drain the fat.'],
  ])('%s', (said, plain) => expect(plainTurns(said)).toBe(plain));
});

describe('coats and coatings', () => {
  test('drumsticks that were turned in their marinade are still the chicken', () => {
    const all = recipe('chicken-drumsticks').steps.map((s) => s.text);
    expect(all).toContain('Turn the chicken over.');
  });
  test('patties go into the pan, and not the flour that is left of coating them', () => {
    const all = recipe('potato-cakes').steps.map((s) => s.text);
    expect(all).toContain('Put the patties in the frying pan.');
    expect(all).not.toContain('Put the flour in the frying pan.');
  });
  test('butter melts in a moment, dough rises as long as it does', () => {
    expect(step(build('25 g butter', 'Heat a pan. Add the butter and let it melt.'), /melt/).minutes.waiting).toBeLessThan(2);
    expect(
      step(build('200 g flour\n7 g yeast\n120 ml water', 'Mix the flour, yeast and water to a dough. Let it rise for 1 hour.'), /rise/)
        .minutes.waiting,
    ).toBe(60);
  });
});

describe('what was baked', () => {
  test('shortcakes that were split are spread with the cream, and not the cream with itself', () => {
    expect(recipe('strawberry-shortcakes').steps.map((s) => s.text)).toContain('Spread the shortcakes with the cream.');
  });
});

describe('egg dishes have their number', () => {
  // USDA FSIS: egg dishes 160 °F
  const shown = (name: string) =>
    recipe(name).steps.filter((s) => s.cues.some((c) => c.sense === 'thermometer' && c.text === '71 °C, 160 °F in the middle'));
  test.each(['spinach-egg-cups', 'frittata-fingers', 'bread-and-butter-pudding'])('%s, at the step that cooks them', (name) => {
    expect(shown(name)).toHaveLength(1);
  });
  test.each(['yoghurt-rolls', 'sausage-rolls', 'oat-biscuits'])('a glaze and a dough have none: %s', (name) => {
    expect(shown(name)).toEqual([]);
  });
});
