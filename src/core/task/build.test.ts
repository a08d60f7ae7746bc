// Task analyses of whole recipes: steps, order, measures and hazards set down by hand beside the recipe.
import { readdirSync, readFileSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { readRecipe } from '../recipe/read';
import { PHASES } from '../technique/model';
import { buildTask } from './build';
import { dryRun } from './dry-run/index';
import type { Grain, Kitchen } from '../plan/model';
import { USUAL_KITCHEN } from '../plan/model';

const folder = new URL('../../../tests/recipes/', import.meta.url);
const more = new URL('../../../tests/more-recipes/', import.meta.url);
const MORE = new Set(readdirSync(more));
const NAMES = [...readdirSync(folder), ...MORE].sort();
const recipeOf = (name: string) => readRecipe(readFileSync(new URL(name, MORE.has(name) ? more : folder), 'utf8')).recipe;
const built = new Map<string, ReturnType<typeof buildTask>>();
/** A recipe's task at a grain, for the usual kitchen built once: most tests only look at it. */
const build = (name: string, grain: Grain = 'standard', kitchen?: Kitchen) => {
  if (kitchen) return buildTask(recipeOf(name), { grain, kitchen });
  const id = `${grain} ${name}`;
  if (!built.has(id)) built.set(id, buildTask(recipeOf(name), { grain }));
  return built.get(id)!;
};
const own = (text: string) => buildTask(readRecipe(text).recipe, { grain: 'standard' });
const texts = (task: ReturnType<typeof build>) => task.steps.map((s) => s.text);

describe('every recipe', () => {
  test.each(NAMES)('%s: hands first, off and clean last, keys one of a kind', (name) => {
    const task = build(name);
    const ids = task.steps.map((s) => s.technique);
    expect(ids.indexOf('wash-hands')).toBeLessThan(ids.indexOf('gather'));
    const firstWork = task.steps.findIndex((s) => s.phase === 'prepare' || s.phase === 'cook');
    expect(ids.indexOf('gather')).toBeLessThan(firstWork);
    expect(ids.lastIndexOf('wash-hands')).toBe(ids.length - 1);
    for (const tool of ['hob', 'oven']) {
      const lastUse = task.steps.findLastIndex((s) => s.tools.includes(tool) && s.technique !== 'turn-off');
      if (lastUse >= 0)
        expect(
          task.steps.findLastIndex((s) => s.technique === 'turn-off' && s.tools.includes(tool)),
          tool,
        ).toBeGreaterThan(lastUse);
    }
    expect(new Set(task.steps.map((s) => s.key)).size).toBe(task.steps.length);
    // the routines' phases never go back; within the recipe's own steps they may not either
    const order = task.steps.map((s) => PHASES.indexOf(s.phase));
    expect(order).toEqual([...order].sort((a, b) => a - b));
  });

  test.each(NAMES)('%s: steps start with a verb, are one sentence, and name no hidden hand', (name) => {
    for (const step of build(name).steps) {
      expect(step.text, step.text).toMatch(/^\p{Lu}/u);
      expect(step.text, step.text).toMatch(/[.!]$/);
      expect(step.technique, step.text).not.toBeNull();
      if (step.hazards.includes('sharp') || step.hazards.includes('hot'))
        expect(['within-reach', 'adult-does'], step.text).toContain(step.supervision);
    }
  });

  test.each(NAMES)('%s: built twice it is the same, and the recipe is unchanged', (name) => {
    const recipe = recipeOf(name);
    const before = JSON.stringify(recipe);
    expect(buildTask(recipe, { grain: 'fine' })).toEqual(build(name, 'fine'));
    expect(JSON.stringify(recipe)).toBe(before);
  });

  test.each(NAMES)('%s: the grains hold the same work', (name) => {
    const [coarse, standard, fine] = (['coarse', 'standard', 'fine'] as const).map((g) => build(name, g));
    expect(coarse.steps.length).toBeLessThan(standard.steps.length);
    expect(fine.steps.length).toBeGreaterThan(standard.steps.length);
    const hazards = (t: typeof standard) => [...new Set(t.steps.flatMap((s) => s.hazards))].sort();
    expect(hazards(coarse)).toEqual(hazards(standard));
    expect(hazards(fine)).toEqual(hazards(standard));
    for (const key of fine.steps.map((s) => s.key.replace(/\.\d+$/, ''))) expect(standard.steps.some((s) => s.key === key)).toBe(true);
  });
});

test('couscous bowl: measures, kettle, cutting and dressing in an order that works', () => {
  const all = texts(build('couscous-bowl.txt'));
  const expected = [
    'Fill the ⅓ cup twice with couscous, into a small bowl.',
    'Put the couscous in a large bowl.',
    'Fill the kettle and boil the water.',
    'Pour the boiling water over the couscous.',
    'Leave the couscous for 5 minutes.',
    'Rinse the cucumber under cold water.',
    'Cut the cucumber in half. Use one half.',
    'Dice the cucumber.',
    'Cut the cherry tomatoes into quarters, lengthwise.',
    'Open the can of chickpeas.',
    'Drain the chickpeas.',
    'Squeeze the juice of ½ lemon into a small bowl.',
    'Fill the ¼ tsp with salt.',
    'Tear the fresh mint leaves.',
    'Serve the lemon couscous bowl.',
  ];
  let from = -1;
  for (const text of expected) {
    const at = all.indexOf(text, from + 1);
    expect(at, `${text}\n${all.join('\n')}`).toBeGreaterThan(from);
    from = at;
  }
});

test('lentil soup: everything is cut and measured before the hob is on', () => {
  const task = build('lentil-soup.txt');
  const on = task.steps.findIndex((s) => s.technique === 'hob-on');
  const late = task.steps.slice(on).filter((s) => ['measure', 'weigh', 'peel', 'dice', 'chop', 'open-can'].includes(s.technique ?? ''));
  expect(late).toEqual([]);
  expect(texts(task)).toContain('Simmer the soup for 20 minutes until the lentils are soft.');
  expect(task.steps.find((s) => s.text.startsWith('Simmer'))).toMatchObject({ minutes: { waiting: 20 }, meanwhile: expect.any(String) });
});

test('oat biscuits: oven first, egg cracked, hands washed after, mitts and stand', () => {
  const task = build('oat-biscuits.txt');
  const ids = task.steps.map((s) => s.technique);
  const prepare = task.steps.filter((s) => s.phase === 'prepare');
  expect(prepare[0]).toMatchObject({ technique: 'preheat-oven', text: 'Turn the oven on to 180 °C (350 °F).' });
  // the egg goes in first: its shell was in the hand already
  expect(ids.slice(ids.indexOf('crack-egg') + 1).slice(0, 2)).toContain('wash-hands');
  expect(task.steps.find((s) => s.technique === 'take-out-oven')!.tools).toEqual(expect.arrayContaining(['oven-gloves', 'stand']));
  expect(ids.indexOf('turn-off')).toBeGreaterThan(ids.indexOf('take-out-oven'));
});

test('stir-fry: raw chicken is followed by clean hands, the sauce is known, oil is parted', () => {
  const task = build('noodle-stir-fry.txt');
  const cut = task.steps.findIndex((s) => s.text === 'Cut the chicken breasts into strips.');
  expect(task.steps[cut].hazards).toEqual(expect.arrayContaining(['raw-meat', 'sharp']));
  expect(task.steps[cut + 1].technique).toBe('wash-hands');
  const oil = task.steps.filter((s) => s.technique === 'measure' && s.uses[0]?.item === 'sunflower oil');
  expect(oil.map((s) => s.uses[0].quantity)).toEqual(['1', '1']);
  const back = task.steps.find((s) => s.text.startsWith('Return the chicken'))!;
  expect(back.hazards).not.toContain('raw-meat');
});

test('each action of a line is a step, with the line it came from', () => {
  const task = own('Apples\nIngredients\n2 apples\nMethod\nPeel, core and dice the apples, then put them in a large bowl.');
  expect(task.steps.filter((s) => s.sourceLine === 1).map((s) => s.text)).toEqual([
    'Peel the apples.',
    'Core the apples.',
    'Dice the apples.',
    'Put the apples in a large bowl.',
  ]);
});

test('measures come from the kitchen that there is', () => {
  const kitchen: Kitchen = { ...USUAL_KITCHEN, measures: [{ id: 'q', quantity: '1/4', unit: 'cup', kind: 'dry' }] };
  const task = buildTask(readRecipe('Rice\nIngredients\n3/4 cup rice\nMethod\nPut the rice in a bowl.').recipe, {
    grain: 'standard',
    kitchen,
  });
  const step = task.steps.find((s) => s.technique === 'measure')!;
  expect(step.fillings).toEqual([{ measure: 'q', label: '¼ cup', times: 3 }]);
  expect(step.text).toContain('3 times');
  expect(step.demands).toEqual(expect.arrayContaining(['count', 'fraction']));
});

test('an amount that no measure makes says so', () => {
  const kitchen: Kitchen = { ...USUAL_KITCHEN, measures: [{ id: 'c', quantity: '1', unit: 'cup', kind: 'dry' }] };
  const task = buildTask(readRecipe('Rice\nIngredients\n3/4 cup rice\nMethod\nPut the rice in a bowl.').recipe, {
    grain: 'standard',
    kitchen,
  });
  expect(texts(task).join(' ')).toMatch(/nearest to ¾ cup: 33 % over/);
});

test('a dry measure is washed after honey', () => {
  const task = own('Bar\nIngredients\n1 tbsp honey\n1 tbsp flour\nMethod\nPut the honey in a bowl. Add the flour to the bowl.');
  const all = texts(task);
  expect(all.indexOf('Wash and dry the 1 tbsp.')).toBe(all.indexOf('Fill the 1 tbsp with flour.') - 1);
});

test('any recipe text builds', () => {
  const line = fc.constantFrom(
    '1 cup rice',
    '2 eggs, beaten',
    '1 can beans',
    'Method',
    'Ingredients',
    'Boil the water and add it.',
    'Put them in the oven.',
    'Stir.',
    'Peel, then',
    'Drain',
    'Microwave for 0 minutes',
    'Serve it with them.',
    'Fold',
    'Heat',
    '½ lemon',
    'Add the rest of the rice',
    'Turn off everything',
    '🍋',
    'Chop half of the eggs until',
    'Roll it into 5 balls',
  );
  const total = fc.property(fc.array(line, { maxLength: 25 }), fc.constantFrom<Grain>('coarse', 'standard', 'fine'), (lines, grain) => {
    const task = buildTask(readRecipe(['Dish', ...lines].join('\n')).recipe, { grain });
    dryRun(task);
    return new Set(task.steps.map((s) => s.key)).size === task.steps.length;
  });
  expect(() => fc.assert(total, { numRuns: 400 })).not.toThrow();
});

test('eggs are beaten in a bowl of their own, not in the pan with the leeks', () => {
  const tart = build('cheese-and-leek-tart.txt');
  const at = (id: string) => tart.steps.find((s) => s.technique === id)!.into;
  expect([at('melt'), at('whisk')]).toEqual(['frying-pan', 'bowl']);
  expect(tart.steps.find((s) => s.text.startsWith('Bake'))!.text).toBe('Bake the tart for 25 minutes until golden and set.');
});
