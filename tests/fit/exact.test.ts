// The search against HiGHS, a general solver: all counts equal, level by level, and what to buy opens as many steps. FITS=300 for the long run.
import highsOf from 'highs';
import { readFileSync } from 'node:fs';
import { expect, test } from 'vitest';
import { buildTask, prepareFit, readRecipe, whatToBuy } from '../../src/core/index';
import { bestOf } from '../../src/core/fit/best';
import { KITCHENS, learnerBy, numbers } from './learners';
import { buyProgram, programOf, solve } from './program';

const FITS = Number(process.env.FITS ?? 24);
const FILES = [
  'couscous-bowl',
  'lentil-soup',
  'oat-biscuits',
  'mac-and-cheese',
  'jacket-potato',
  'noodle-stir-fry',
  'summer-rolls',
  'scones',
];
const tasks = FILES.map((f) => buildTask(readRecipe(readFileSync(`tests/recipes/${f}.txt`, 'utf8')).recipe, { grain: 'standard' }));

test(`${FITS} fits: all counts are the solver's`, { timeout: 40_000 + FITS * 8000 }, async () => {
  const highs = await highsOf();
  const next = numbers(20261127);
  const wrong: string[] = [];
  for (let i = 0; i < FITS; i++) {
    const task = tasks[i % tasks.length];
    const kitchen = KITCHENS[i % KITCHENS.length];
    const learner = learnerBy(next);
    const ours = bestOf(prepareFit(task, kitchen), learner, false).found.total;
    const theirs = solve(highs, programOf(task, learner, kitchen));
    if (ours.join() !== theirs.join())
      wrong.push(`${task.title}, kitchen ${i % KITCHENS.length}, ${JSON.stringify(learner)}: ${ours.join()} and not ${theirs.join()}`);
  }
  expect(wrong).toEqual([]);
});

test('what to buy opens as many steps as the solver finds', { timeout: 120_000 }, async () => {
  const highs = await highsOf();
  const next = numbers(7);
  for (let i = 0; i < Math.max(3, FITS / 30); i++) {
    const learners = Array.from({ length: 3 }, () => learnerBy(next, 4));
    const some = [tasks[i % tasks.length], tasks[(i + 3) % tasks.length]];
    const kitchen = KITCHENS[i % 2 === 0 ? 0 : 3];
    const ours = whatToBuy(some, learners, kitchen, 3).reduce((n, p) => n + p.opens, 0);
    const open = (most: number) => -solve(highs, buyProgram(some, learners, kitchen, most))[0];
    expect(ours, JSON.stringify(learners)).toBe(open(3) - open(0));
  }
});
