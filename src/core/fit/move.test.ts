// A whole stretch in the microwave: which stretches go there, and what the learner's own steps are then.
import { describe, expect, test } from 'vitest';
import { barriersOf, buildTask, dryRun, fitTask, readRecipe, USUAL_KITCHEN, type Learner } from '../index';
import { adaptationById } from './catalogue/index';
import { takenBy } from './stretch';

const kitchen = { ...USUAL_KITCHEN, tools: [{ id: 'microwave-bowl', place: '' }] };
const task = (list: string, method: string) => buildTask(readRecipe(`Test dish\n${list}\n\n${method}`).recipe, { grain: 'standard' });
const AFRAID: Learner = { needs: [{ demand: 'heat', how: 'avoid' }], has: [] };
const MASH = task(
  '600 g potatoes, peeled\n50 g butter',
  'Put the potatoes in a saucepan and cover with water. Boil for 15 minutes. Drain and mash with the butter.',
);
const PORRIDGE = task(
  '100 g oats\n500 ml milk',
  'Put the oats and milk in a saucepan. Bring to the boil over a medium heat, then simmer for 5 minutes. Pour into bowls.',
);
const STEW = task(
  '100 g red lentils\n1 tin chopped tomatoes\n300 ml vegetable stock',
  'Put the lentils, tomatoes and stock in a saucepan. Bring to the boil over a medium heat, then cover with a lid and simmer for 15 minutes. Take off the lid and stir.',
);
const way = adaptationById('microwave-instead')!;

describe('a stretch goes as a whole or not at all', () => {
  test.each([
    ['porridge', PORRIDGE, 1],
    ['potatoes in their water', MASH, 1],
    [
      'an onion that is fried',
      task(
        '1 onion, chopped\n1 tbsp oil\n1 can tomatoes',
        'Heat the oil in a saucepan and fry the onion for 5 minutes. Add the tomatoes and simmer for 10 minutes.',
      ),
      0,
    ],
    [
      'water by itself, for pasta',
      task('300 g pasta', 'Bring a pan of water to the boil. Add the pasta and cook for 10 minutes. Drain.'),
      0,
    ],
    [
      'beans under foil (metal; USDA on microwaves, from memory)',
      task('1 tin baked beans', 'Tip the beans into a saucepan. Cover with foil and heat over a low heat for 5 minutes.'),
      0,
    ],
    [
      'eggs in their shells, which burst (USDA on microwaves, from memory)',
      task('2 eggs', 'Put the eggs in a saucepan and cover with cold water. Bring to the boil, then simmer for 10 minutes. Drain.'),
      0,
    ],
    [
      'beans under a lid',
      task('1 tin baked beans', 'Tip the beans into a saucepan. Cover with a lid and heat over a low heat for 5 minutes.'),
      1,
    ],
    ['raw meat', task('300 g beef mince\n1 can tomatoes', 'Put the mince and tomatoes in a saucepan. Simmer for 30 minutes.'), 0],
  ])('%s', (_name, recipe, stretches) => expect(takenBy(recipe, way)).toHaveLength(stretches));
});

describe('the learner’s own steps', () => {
  const kept: Learner = { ...AFRAID, kept: [way.id] };
  test('no ring is lit, the bowl goes in before it is heated and comes out before it is drained', () => {
    const own = fitTask(MASH, kept, kitchen).task.steps;
    const texts = own.map((s) => s.text);
    expect(own.some((s) => s.tools.includes('hob') || s.tools.includes('saucepan'))).toBe(false);
    const at = (words: RegExp) => texts.findIndex((t) => words.test(t));
    expect(at(/^Put the potatoes in the microwave bowl/)).toBeLessThan(at(/^Put the microwave bowl in the microwave/));
    // the water has to boil before its minutes count, here as on the hob
    expect(at(/^Microwave the potatoes until it bubbles/)).toBe(at(/^Put the microwave bowl in the microwave/) + 1);
    expect(at(/^Microwave the potatoes for 15 minutes/)).toBe(at(/^Microwave the potatoes until it bubbles/) + 1);
    expect(at(/^Take the microwave bowl out/)).toBe(at(/^Drain/) - 1);
    expect(texts.some((t) => /^Get .*microwave bowl/.test(t))).toBe(true);
  });
  test('"bring to the boil" is said as a microwave does it, and what follows at once needs no second putting in', () => {
    const texts = fitTask(PORRIDGE, kept, kitchen).task.steps.map((s) => s.text);
    expect(texts).toContain('Microwave the oats and the milk until it bubbles.');
    expect(texts.filter((t) => /^Put the microwave bowl in/.test(t))).toHaveLength(1);
  });
  test.each([
    ['mash', MASH],
    ['porridge', PORRIDGE],
    ['a stew that is covered between, and goes in again hot', STEW],
  ])('%s: no barrier is left, and the dry run finds no more than in the class’s', (_name, recipe) => {
    const fit = fitTask(recipe, kept, kitchen);
    expect(fit.left).toEqual([]);
    expect(fit.task.steps.flatMap((s) => barriersOf(s, kept, kitchen))).toEqual([]);
    expect(dryRun(fit.task, kitchen).map((f) => f.code)).toEqual(dryRun(recipe, kitchen).map((f) => f.code));
  });
  test('it is offered where it was not chosen, not where the kitchen lacks its bowl or somebody refused it', () => {
    const offered = (learner: Learner, at = kitchen) =>
      fitTask(PORRIDGE, learner, at).steps.some((s) => s.others.some((o) => o.ways.some((w) => w.id === way.id)));
    expect(offered(AFRAID)).toBe(true);
    expect(offered({ ...AFRAID, refused: [way.id] })).toBe(false);
    expect(offered(AFRAID, { ...USUAL_KITCHEN, lacks: ['microwave-bowl', 'large-bowl'] })).toBe(false);
  });
});
