// Faults planted by hand, each found; and sound recipes, in which nothing is found.
import { readFileSync } from 'node:fs';
import { describe, expect, test } from 'vitest';
import { readRecipe } from '../../recipe/read';
import { buildTask } from '../build';
import { dryRun } from './index';
import { applyMend } from './mend';
import { mendAll } from './mend-all';
import type { FindingCode } from './model';
import { USUAL_KITCHEN, type Step, type TaskAnalysis } from '../../plan/model';

const file = (name: string) => readFileSync(new URL(`../../../../tests/recipes/${name}`, import.meta.url), 'utf8');
const build = (text: string): TaskAnalysis => buildTask(readRecipe(text).recipe, { grain: 'standard' });
const codes = (task: TaskAnalysis) => dryRun(task).map((f) => f.code);
const without = (task: TaskAnalysis, test: (s: Step) => boolean): TaskAnalysis => ({ ...task, steps: task.steps.filter((s) => !test(s)) });
const change = (task: TaskAnalysis, test: (s: Step) => boolean, by: Partial<Step>): TaskAnalysis => ({
  ...task,
  steps: task.steps.map((s) => (test(s) ? { ...s, ...by } : s)),
});

describe('no false alarm', () => {
  test.each([
    'couscous-bowl.txt',
    'lentil-soup.txt',
    'overnight-oats.txt',
    'oat-biscuits.txt',
    'noodle-stir-fry.txt',
    'jacket-potato.txt',
    'frittata.html',
    'tacos.txt',
    'rice-ball.txt',
    'scones.txt',
  ])('%s', (name) => {
    expect(dryRun(build(file(name)))).toEqual([]);
  });
  test('what is truly missing is all that is found', () => {
    expect(dryRun(build(file('borscht.txt'))).map((f) => [f.code, f.about])).toEqual([['used-not-listed', 'oil']]);
    expect(dryRun(build(file('dal.txt'))).map((f) => [f.code, f.about])).toEqual([
      ['used-not-listed', 'salt'],
      ['used-not-listed', 'rice'],
    ]);
  });
});

/** All that is fetched, fetched before anything else. */
const fetchedFirst = (task: TaskAnalysis): TaskAnalysis => ({
  ...task,
  steps: [...task.steps].sort((a, b) => Number(b.technique === 'gather') - Number(a.technique === 'gather')),
});

const FOR_A_PERSON = new Set<FindingCode>(['used-not-listed']);

describe('planted faults', () => {
  const biscuits = build(file('oat-biscuits.txt'));
  const soup = build(file('lentil-soup.txt'));
  const bowl = build(file('couscous-bowl.txt'));
  const fry = build(file('noodle-stir-fry.txt'));
  const cases: [FindingCode, string, TaskAnalysis][] = [
    [
      'used-not-listed',
      'honey is stirred in and not listed',
      build('Oats\nIngredients\n1 cup oats\n1 cup milk\nMethod\nPut the oats and milk in a bowl. Stir in the honey.'),
    ],
    [
      'listed-not-used',
      'sugar is listed and not used',
      build('Oats\nIngredients\n1 cup oats\n1 cup milk\n1 tbsp sugar\nMethod\nPut the oats and milk in a bowl. Stir.'),
    ],
    [
      'amount-mismatch',
      '3 tsp of oil listed, 2 and 2 used',
      build(
        'Pan\nIngredients\n3 tsp oil\n1 onion, chopped\n1 carrot, sliced\nMethod\nHeat 2 tsp of the oil in a pan. Fry the onion for 5 minutes. Add 2 tsp of the oil and the carrot.',
      ),
    ],
    [
      'amount-mismatch',
      '2 tbsp and 1 tsp to sprinkle listed, 1 1/2 and 1 tbsp used',
      build(
        'Tart\nIngredients\n2 tbsp sugar + 1 tsp to sprinkle\n1 apple\nMethod\nPut the apple in a bowl with 1 1/2 tbsp of the sugar. Sprinkle with 1 tbsp of the sugar.',
      ),
    ],
    [
      'amount-mismatch',
      'more than is listed, though the milk is named once more without an amount',
      build(
        'Oats\nIngredients\n1 cup milk\n1 cup oats\nMethod\nPut 3/4 cup of the milk and the oats in a bowl. Add 3/4 cup of the milk. Add a little milk.',
      ),
    ],
    ['not-preheated', 'the oven is not on', without(biscuits, (s) => s.technique === 'preheat-oven')],
    ['left-on', 'the oven stays on', without(biscuits, (s) => s.technique === 'turn-off')],
    ['left-on', 'the hob stays on', without(soup, (s) => s.technique === 'turn-off')],
    [
      'dirty-measure',
      'a spoon wet from honey',
      without(build('Bar\nIngredients\n1 tbsp honey\n1 tbsp flour\nMethod\nPut the honey in a bowl. Add the flour to the bowl.'), (s) =>
        s.text.startsWith('Wash and dry'),
      ),
    ],
    ['not-prepared', 'the can is shut', without(bowl, (s) => s.technique === 'open-can')],
    ['not-prepared', 'the egg is whole', without(biscuits, (s) => s.technique === 'crack-egg')],
    [
      'raw-contact',
      'hands after egg',
      without(biscuits, (s) => (s.technique === 'wash-hands' && s.sourceLine !== null) || s.key === 'r-wash-hands-raw'),
    ],
    ['raw-contact', 'hands after chicken', without(fry, (s) => s.technique === 'wash-hands' && s.key.includes('raw'))],
    ['not-rinsed', 'the cucumber is not rinsed', without(bowl, (s) => s.text === 'Rinse the cucumber under cold water.')],
    ['no-mitt', 'no mitts', change(biscuits, (s) => s.technique === 'take-out-oven', { tools: ['stand', 'tray'] })],
    ['hot-on-counter', 'no stand', change(biscuits, (s) => s.technique === 'take-out-oven', { tools: ['oven-gloves', 'tray'] })],
    ['overflow', 'two litres in a jar', build('Jar\nIngredients\n2 l milk\nMethod\nPour the milk into a jar.')],
    ['no-supervision', 'a knife and nobody near', change(bowl, (s) => s.technique === 'dice', { supervision: 'none' })],
    [
      'out-too-long',
      'three hours on the table',
      fetchedFirst(
        build(
          'Salad\nIngredients\n1 cup yoghurt\n1 carrot, sliced\nMethod\nPut the carrot in a bowl. Wait for 3 hours. Add the yoghurt to the bowl.',
        ),
      ),
    ],
    ['idle-wait', 'nothing to do while it simmers', change(soup, (s) => s.technique === 'simmer', { meanwhile: null })],
    ['tool-not-fetched', 'nobody fetched the tools', without(bowl, (s) => s.technique === 'gather' && s.tools.length > 0)],
  ];
  test.each(cases)('%s: %s', (code, _, task) => expect(codes(task)).toContain(code));

  // one click puts it right, and nothing else goes wrong by it
  test.each(cases)('%s: %s, mended', (code, _, task) => {
    const before = JSON.stringify(task);
    const mendable = dryRun(task).filter((f) => f.code === code && f.fix !== null);
    // what the recipe itself lacks is for a person
    if (FOR_A_PERSON.has(code)) return void expect(mendable).toEqual([]);
    let n = 0;
    const steps = mendAll(task, USUAL_KITCHEN, () => `mend-${n++}`);
    expect(new Set(steps.map((s) => s.key)).size).toBe(steps.length);
    const left = codes({ ...task, steps });
    expect(left).not.toContain(code);
    expect(left.filter((c) => !codes(task).includes(c))).toEqual([]);
    expect(JSON.stringify(task)).toBe(before);
  });

  test('one mend changes the one step, and leaves the steps that it was given', () => {
    const task = change(biscuits, (s) => s.technique === 'take-out-oven', { tools: ['stand', 'tray'] });
    const [found] = dryRun(task);
    const mended = applyMend(task.steps, found.fix!, () => 'new', task.ingredients);
    expect(mended.filter((s, i) => s !== task.steps[i]).map((s) => s.technique)).toEqual(['take-out-oven']);
    expect(applyMend(task.steps, { kind: 'move', key: 'x', before: 'gone' }, () => 'new', [])).toEqual(task.steps);
  });

  test('a finding names its step and what would mend it', () => {
    const [found] = dryRun(change(biscuits, (s) => s.technique === 'take-out-oven', { tools: ['stand', 'tray'] }));
    expect(found).toMatchObject({ code: 'no-mitt', mend: expect.stringContaining('oven gloves') });
    expect(biscuits.steps.some((s) => s.key === found.stepKey)).toBe(true);
  });
});

test('a dry run never changes its input', () => {
  const task = build(file('lentil-soup.txt'));
  const before = JSON.stringify(task);
  dryRun(task);
  expect(JSON.stringify(task)).toBe(before);
});
