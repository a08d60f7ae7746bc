// Which steps are taught today. Total task, forward and backward chaining as in Cooper, Heron & Heward, Applied Behavior Analysis.
import { expect, test } from 'vitest';
import { buildTask } from './build';
import { taughtToday } from './chaining';
import { superviseStep } from './edit';
import { readRecipe } from '../recipe/read';

const built = buildTask(
  readRecipe('Oats\nIngredients\n1 cup oats\n1 cup milk\nMethod\nPut the oats in a jar. Pour the milk in. Stir. Close the jar.').recipe,
  { grain: 'standard' },
).steps.filter((s) => s.sourceLine !== null);
const steps = superviseStep(built, built[1].key, 'adult-does');
const keys = steps.map((s) => s.key);
const as = (mastered: string[], way: 'total' | 'forward' | 'backward') => [...taughtToday(steps, new Set(mastered), way).values()];

test('total task: every step that is not mastered, each time', () => {
  expect(steps.length).toBe(4);
  expect(as([], 'total')).toEqual(['taught', 'adult', 'taught', 'taught']);
  expect(as([keys[0]], 'total')).toEqual(['own', 'adult', 'taught', 'taught']);
});
test('forward: the first step not mastered is taught, the rest is helped through', () => {
  expect(as([], 'forward')).toEqual(['taught', 'adult', 'helped', 'helped']);
  expect(as([keys[0]], 'forward')).toEqual(['own', 'adult', 'taught', 'helped']);
});
test('backward: the last step not mastered is taught, those before it are helped through', () => {
  expect(as([], 'backward')).toEqual(['helped', 'adult', 'helped', 'taught']);
  expect(as([keys[3]], 'backward')).toEqual(['helped', 'adult', 'taught', 'own']);
});
test('with all mastered nothing is taught, and what an adult does never is', () => {
  for (const way of ['total', 'forward', 'backward'] as const) expect(as(keys, way)).toEqual(['own', 'adult', 'own', 'own']);
});
