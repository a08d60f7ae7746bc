// The counter at each step: what is where, hot, raw, wet, on and out.
import { readFileSync } from 'node:fs';
import { expect, test } from 'vitest';
import { readRecipe } from '../../recipe/read';
import { buildTask } from '../build';
import { USUAL_KITCHEN } from '../../plan/model';
import { simulate } from './index';

const build = (name: string) =>
  buildTask(readRecipe(readFileSync(new URL(`../../../../tests/recipes/${name}`, import.meta.url), 'utf8')).recipe, { grain: 'standard' });
const play = (name: string) => {
  const task = build(name);
  const shots = simulate(task, USUAL_KITCHEN);
  const after = (technique: string) => shots[task.steps.findIndex((s) => s.technique === technique)];
  return { task, shots, after };
};

test('one picture of the counter for each step, and the clock never goes back', () => {
  const { task, shots } = play('noodle-stir-fry.txt');
  expect(shots.map((s) => s.stepKey)).toEqual(task.steps.map((s) => s.key));
  for (const [i, shot] of shots.entries()) expect(shot.clock).toBeGreaterThanOrEqual(shots[i - 1]?.clock ?? 0);
});
test('the oven is on from its step to its step', () => {
  const { shots, after } = play('oat-biscuits.txt');
  expect([...after('preheat-oven').on.keys()]).toContain('oven');
  expect([...after('bake').on.keys()]).toContain('oven');
  expect(shots.at(-1)!.on.size).toBe(0);
});
test('hands are raw after the egg, and clean after washing', () => {
  const { task, shots, after } = play('oat-biscuits.txt');
  expect(after('crack-egg').hands).toBe('raw-egg');
  const crack = task.steps.findIndex((s) => s.technique === 'crack-egg');
  const wash = task.steps.findIndex((s, i) => i > crack && s.technique === 'wash-hands');
  expect(shots[wash].hands).toBeNull();
});
test('food is in the pan, and hot', () => {
  const { after } = play('lentil-soup.txt');
  const pan = after('simmer').held.find((h) => h.hot)!;
  expect(pan.items).toEqual(expect.arrayContaining(['onion', 'red lentils']));
  expect(after('simmer').on.has('hob')).toBe(true);
});
test('what is out of the fridge counts its minutes', () => {
  const { task, shots } = play('overnight-oats.txt');
  const milk = task.ingredients.findIndex((i) => i.item === 'milk');
  const fetched = task.steps.findIndex((s) => s.technique === 'gather' && s.uses.some((u) => u.ingredient === milk));
  expect(shots[fetched - 1].out.get(milk)).toBeUndefined();
  expect(shots[fetched].out.get(milk)).toBeLessThanOrEqual(shots[fetched].clock);
});
