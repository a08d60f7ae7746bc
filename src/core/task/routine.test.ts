// A class's own routine: kept, put into other recipes, improved, taken over.
import { readFileSync } from 'node:fs';
import { expect, test } from 'vitest';
import { readRecipe } from '../recipe/read';
import { buildTask } from './build';
import { removeStep, reword } from './edit';
import { fineStep } from './grain';
import { becomeRoutine, insertRoutine, routineRun, routineSteps, routineState, takeRoutine } from './routine';

const ID = 'ab12cd34-0000-4000-8000-000000000000';
const build = (name: string) =>
  buildTask(readRecipe(readFileSync(new URL(`../../../tests/recipes/${name}`, import.meta.url), 'utf8')).recipe, { grain: 'standard' });
const bowl = build('couscous-bowl.txt');
const soup = build('lentil-soup.txt');
const run = bowl.steps.slice(0, 3);
const kept = { id: ID, steps: routineSteps(ID, run) };

test('what is kept knows nothing of its recipe', () => {
  expect(kept.steps.map((s) => s.text)).toEqual(run.map((s) => s.text));
  for (const s of kept.steps) {
    expect(s.sourceLine).toBeNull();
    expect(s.uses.every((u) => u.ingredient === null)).toBe(true);
  }
});
test('the steps it was made of keep their keys, and so their history', () => {
  const own = becomeRoutine(bowl.steps, run, kept.steps);
  expect(own.map((s) => s.key)).toEqual(bowl.steps.map((s) => s.key));
  expect(routineState(own, kept)).toBe('same');
  expect(routineState(bowl.steps, kept)).toBe('unused');
});
test('one of its steps in small steps is still the same routine', () => {
  const own = becomeRoutine(bowl.steps, run, kept.steps);
  const fine = fineStep(own, own[2].key);
  expect(fine.length).toBeGreaterThan(own.length);
  expect(routineState(fine, kept)).toBe('same');
  expect(takeRoutine(fine, kept).map((s) => s.key)).toEqual(own.map((s) => s.key));
});
test('put in twice, keys stay one of a kind', () => {
  const once = insertRoutine(soup.steps, soup.steps[4].key, kept);
  const twice = insertRoutine(once, soup.steps[9].key, kept);
  expect(twice.length).toBe(soup.steps.length + 6);
  expect(new Set(twice.map((s) => s.key)).size).toBe(twice.length);
  expect(routineState(twice, kept)).toBe('same');
  expect(once.slice(5, 8).map((s) => s.phase)).toEqual(Array(3).fill(soup.steps[4].phase));
});
test('an improvement is seen where the routine is used, and taken over at its place, keys kept', () => {
  const used = insertRoutine(insertRoutine(soup.steps, null, kept), soup.steps[9].key, kept);
  const worded = reword(used, used[1].key, 'Put the apron on, over your head.', []);
  expect(routineState(worded, kept)).toBe('differs');
  const better = { id: ID, steps: routineSteps(ID, routineRun(worded, ID)) };
  expect(better.steps.map((s) => s.key)).toEqual(kept.steps.map((s) => s.key));
  expect(routineState(used, better)).toBe('differs');
  const taken = takeRoutine(used, better);
  expect(routineState(taken, better)).toBe('same');
  expect(taken.map((s) => s.key)).toEqual(used.map((s) => s.key));
  expect(taken.filter((s) => s.text.startsWith('Put the apron on, over')).length).toBe(2);
});
test('a step put between is part of the improvement, one taken out is not', () => {
  const own = becomeRoutine(bowl.steps, run, kept.steps);
  const without = removeStep(own, run[1].key);
  expect(routineState(without, kept)).toBe('differs');
  const between = [own[0], { ...own[8], key: 'new' }, ...own.slice(1)];
  const better = routineSteps(ID, routineRun(between, ID));
  expect(better.length).toBe(4);
  expect(new Set(better.map((s) => s.key)).size).toBe(4);
});
