// A recipe that says "wash your hands" and "wash up" itself gets them once.
import { expect, test } from 'vitest';
import { readRecipe } from '../recipe/read';
import { buildTask } from './build';

const build = (method: string, grain: 'standard' | 'coarse' = 'standard') =>
  buildTask(readRecipe(`Carrot sticks\nIngredients\n2 carrots\nMethod\n${method}`).recipe, { grain });
const of = (task: ReturnType<typeof build>, technique: string) => task.steps.filter((s) => s.technique === technique);

test('what stands first and the routine does too is in the routine, with the line that says it', () => {
  const task = build('1. Wash your hands and put on an apron.\n2. Tie back long hair.\n3. Peel the carrots.');
  expect(of(task, 'apron-on').map((s) => [s.phase, s.sourceLine])).toEqual([['ready', 1]]);
  expect(of(task, 'tie-hair').map((s) => [s.phase, s.sourceLine])).toEqual([['ready', 2]]);
  expect(task.steps.filter((s) => s.technique === 'wash-hands' && s.sourceLine === 1).map((s) => s.phase)).toEqual(['ready']);
});
test('washing up at the end is the routine’s; hands washed in between stay where they are', () => {
  const task = build('1. Peel the carrots.\n2. Wash your hands.\n3. Slice the carrots.\n4. Wash up and put away.');
  expect(of(task, 'wash-up').map((s) => [s.phase, s.sourceLine])).toEqual([['clean', 4]]);
  const middle = task.steps.findIndex((s) => s.technique === 'wash-hands' && s.sourceLine === 2);
  expect(task.steps[middle - 1].technique).toBe('peel');
});
test('the keys of a routine do not change with what a recipe says, and its coarse step keeps its name', () => {
  const keys = (method: string) =>
    build(method)
      .steps.filter((s) => s.phase === 'ready')
      .map((s) => s.key);
  expect(keys('1. Wash your hands.\n2. Peel the carrots.')).toEqual(keys('1. Peel the carrots.'));
  const coarse = (method: string) => build(method, 'coarse').steps[0].text;
  expect(coarse('1. Wash your hands.\n2. Peel the carrots.')).toBe(coarse('1. Peel the carrots.'));
});
test('a method of nothing but routine still gives a whole task', () => {
  expect(build('Wash your hands.').steps.length).toBeGreaterThan(5);
});
