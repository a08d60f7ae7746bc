// What holds for any learner, recipe and kitchen: no barrier left unsaid or added, no tool that the kitchen lacks, nothing new in the dry run.
import { readdirSync, readFileSync } from 'node:fs';
import { expect, test } from 'vitest';
import {
  barriersOf,
  buildTask,
  DEMANDS,
  dryRun,
  fitPrepared,
  fitTask,
  prepareFit,
  readRecipe,
  USUAL_KITCHEN,
  type Learner,
} from '../../src/core/index';
import { KITCHENS, learnerBy, numbers } from './learners';

const files = readdirSync('tests/recipes')
  .filter((f) => f.endsWith('.txt'))
  .filter((_, i) => i % 9 === 4)
  .slice(0, 25);
const next = numbers(30);
const LEARNERS = Array.from({ length: 30 }, (_, i) => learnerBy(next, i % 5 === 4 ? 12 : 5));

test.each(files)('%s for thirty learners', { timeout: 120_000 }, (file) => {
  const task = buildTask(readRecipe(readFileSync(`tests/recipes/${file}`, 'utf8')).recipe, { grain: 'standard' });
  const kitchen = KITCHENS[files.indexOf(file) % KITCHENS.length];
  const before = dryRun(task, kitchen, { tried: false }).length;
  const prepared = prepareFit(task, kitchen);
  for (const learner of LEARNERS) {
    const who = JSON.stringify(learner);
    const fit = fitPrepared(prepared, learner);
    // only what the dish itself holds and no substitute replaces may be left, and it is said
    expect(
      fit.left.filter((b) => !b.allergen),
      who,
    ).toEqual([]);
    for (const b of fit.left)
      expect(
        fit.dish.some((d) => d.allergen === b.allergen),
        who,
      ).toBe(true);
    expect(fit.task.steps.flatMap((s) => barriersOf(s, learner, kitchen)).length, who).toBe(fit.left.length);
    expect(dryRun(fit.task, kitchen, { tried: false }).length, who).toBeLessThanOrEqual(before);
    for (const s of fit.steps) {
      for (const way of s.chosen) {
        expect(way.where, `${who} ${way.id}`).not.toBe('lacking');
        expect(learner.refused ?? [], who).not.toContain(way.id);
        if (way.where === 'not-known')
          expect(
            way.tools.some((t) => fit.toBuy.includes(t)),
            `${who} ${way.id}`,
          ).toBe(true);
      }
      // an adult who does a step says why, and what the learner still does
      if (s.who === 'adult') expect([s.why.length > 0, (s.part ?? '').length > 0], `${who} ${s.key}`).toEqual([true, true]);
    }
    // the class's steps are all there under their keys
    const keys = new Set(fit.task.steps.map((s) => s.key));
    const gone = task.steps.filter((s) => !keys.has(s.key));
    expect(
      gone.every((s) => s.technique === 'gather'),
      who,
    ).toBe(true);
    expect(keys.size, who).toBe(fit.task.steps.length);
  }
});

const couscous = buildTask(readRecipe(readFileSync('tests/recipes/couscous-bowl.txt', 'utf8')).recipe, { grain: 'standard' });

test('a brief fit is the same fit, without the next best and what to buy', () => {
  const prepared = prepareFit(couscous, KITCHENS[3]);
  for (const learner of LEARNERS.slice(0, 8)) {
    const whole = fitPrepared(prepared, learner);
    const brief = fitPrepared(prepared, learner, { brief: true });
    expect(brief.task).toEqual(whole.task);
    expect(brief.steps).toEqual(whole.steps.map((s) => ({ ...s, others: [] })));
  }
});

test('a learner nobody was asked about does what the class does, and the questions say what turns on them', () => {
  const fit = fitTask(couscous, { needs: [] }, USUAL_KITCHEN);
  expect(fit.task.steps.map((s) => s.text)).toEqual(couscous.steps.map((s) => s.text));
  expect(fit.steps.every((s) => s.who === 'learner' && s.chosen.length === 0)).toBe(true);
  expect(fit.questions.map((q) => q.demand)).toEqual(expect.arrayContaining(['heat', 'sight', 'swallow']));
});

test('everything absent: no search, and each stretch has an act of the learner’s own', () => {
  const all: Learner = { needs: DEMANDS.map((demand) => ({ demand, how: 'absent' as const })) };
  const fit = fitTask(couscous, all, USUAL_KITCHEN);
  for (const phase of ['prepare', 'cook', 'serve'] as const) {
    const keys = new Set(couscous.steps.filter((s) => s.phase === phase).map((s) => s.key));
    expect(
      fit.steps.some((s) => keys.has(s.key) && s.part),
      phase,
    ).toBe(true);
  }
  expect(fit.steps.every((s) => s.why.length > 0)).toBe(true);
  // eating is nobody else's to do: it stays a barrier, and it is said
  expect(fit.left.some((b) => b.demand === 'swallow')).toBe(true);
});

test('answers that contradict each other still give an answer', () => {
  const both: Learner = {
    needs: [
      { demand: 'two-hands', how: 'absent' },
      { demand: 'two-hands', how: 'limited' },
    ],
    has: [{ demand: 'two-hands' }],
    kept: ['rocker-knife'],
    refused: ['rocker-knife'],
  };
  const fit = fitTask(couscous, both, USUAL_KITCHEN);
  expect(fit.steps.flatMap((s) => s.chosen.map((c) => c.id))).not.toContain('rocker-knife');
  expect(fit.left).toEqual([]);
});

test('a kept way is there wherever it fits, and nothing moves it but a person', () => {
  const keeps = (kept: string[]) => fitTask(couscous, { needs: [{ demand: 'two-hands', how: 'absent' }], kept }, KITCHENS[1]);
  const used = (id: string, fit: ReturnType<typeof keeps>) => fit.steps.filter((s) => s.chosen.some((c) => c.id === id)).length;
  for (const id of ['spike-board', 'food-clamp', 'rocker-knife']) expect(used(id, keeps([id])), id).toBeGreaterThan(2);
});

test('ear defenders never stand without somebody who hears the alarm', () => {
  const task = buildTask(readRecipe('Soup\n\n2 tomatoes\n1 cup stock\n\nBlend the tomatoes and stock.').recipe, { grain: 'standard' });
  const fit = fitTask(task, { needs: [{ demand: 'noise', how: 'avoid' }], refused: ['hand-tool', 'other-room'] }, KITCHENS[1]);
  const blend = fit.steps.find((s) => s.chosen.some((c) => c.id === 'ear-defenders'));
  expect(blend?.chosen.map((c) => c.id)).toContain('adult-in-earshot');
});

test('nothing is left to cool while a ring is on under it', () => {
  const hob = buildTask(
    readRecipe(
      'Soup\n\n2 carrots\n2 cups stock\n1 tbsp oil\n\nSimmer the carrots in the stock in a covered saucepan for 10 minutes. Take the lid off and simmer for 5 minutes more. Mash the soup.',
    ).recipe,
    { grain: 'standard' },
  );
  const fit = fitTask(hob, { needs: [{ demand: 'heat', how: 'avoid' }], never: ['steam'] }, KITCHENS[1]);
  const off = fit.task.steps.findIndex((s) => s.technique === 'turn-off');
  const cooling = fit.task.steps.flatMap((s, i) => (s.fitted?.by.includes('cool-first') ? [i] : []));
  expect(off).toBeGreaterThan(0);
  expect(cooling.every((i) => i > off)).toBe(true);
  // where nothing heats it any more it may be waited for
  expect(
    fitTask(hob, { needs: [{ demand: 'heat', how: 'avoid' }] }, KITCHENS[1]).steps.some((s) => s.chosen.some((c) => c.id === 'cool-first')),
  ).toBe(true);
});
