import { randomUUID } from 'node:crypto';
import { becomeRoutine, buildTask, fineStep, readRecipe, routineSteps } from '$core';
import { describe, expect, test } from 'vitest';
import { check, type Checked } from './check';
import { NewLesson, Sync } from './lesson';
import { NewRecipe, SavedReading } from './recipe';
import { SavedDraft, SavedRoutine } from './task';

const problems = (checked: Checked<object>) => (checked.ok ? {} : checked.problems);
const reading = readRecipe(
  'Rice\nServes 2\nIngredients\n2 x 400 g tins tomatoes\n1/2 cup rice or couscous, rinsed\nMethod\nBoil the rice.',
);
const steps = buildTask(reading.recipe, { grain: 'fine' }).steps;

describe('what core makes passes the border', () => {
  test('a reading', async () => expect(problems(await check(SavedReading, { revision: 1, reading }))).toEqual({}));
  test('steps of every grain', async () => {
    for (const grain of ['coarse', 'standard', 'fine'] as const)
      expect(problems(await check(SavedDraft, { revision: 1, steps: buildTask(reading.recipe, { grain }).steps }))).toEqual({});
  });
});

test('a routine and the steps that carry its mark', async () => {
  const id = randomUUID();
  const standard = buildTask(reading.recipe, { grain: 'standard' }).steps;
  const kept = routineSteps(id, standard.slice(0, 3));
  expect(problems(await check(SavedRoutine, { id, name: ' Our start ', steps: kept }))).toEqual({});
  const marked = fineStep(becomeRoutine(standard, standard.slice(0, 3), kept), standard[2].key);
  expect(problems(await check(SavedDraft, { revision: 1, steps: marked }))).toEqual({});
  expect(problems(await check(SavedRoutine, { id, name: ' ', steps: kept })).name).toContain('name');
  expect(problems(await check(SavedRoutine, { id, name: 'x', steps: [] })).steps).toContain('at least one step');
});

describe('bad input is refused by the field', () => {
  test('an empty text, and a million characters', async () => {
    const id = randomUUID();
    expect(problems(await check(NewRecipe, { id, source: '   ' })).source).toContain('paste the recipe');
    expect(problems(await check(NewRecipe, { id, source: 'x'.repeat(1_000_000) })).source).toContain('1000 thousand characters');
    expect(problems(await check(NewRecipe, { id: 'no', source: 'Rice' })).id).toBeDefined();
  });
  test('an amount divided by zero', async () => {
    const bad = structuredClone(reading);
    bad.recipe.ingredients[1].min = '1/0';
    expect(Object.keys(problems(await check(SavedReading, { revision: 1, reading: bad })))).toEqual(['reading.recipe.ingredients.1.min']);
  });
  test('a step without words, keys that stand twice, and a hazard nobody knows', async () => {
    const at = (i: number, more: object) => steps.map((s, k) => (k === i ? { ...s, ...more } : s));
    expect(problems(await check(SavedDraft, { revision: 1, steps: at(2, { text: '' }) }))['steps.2.text']).toBe('a step needs words');
    expect(problems(await check(SavedDraft, { revision: 1, steps: at(2, { key: steps[0].key }) })).steps).toContain('same key');
    expect(problems(await check(SavedDraft, { revision: 1, steps: at(1, { hazards: ['dragon'] }) }))['steps.1.hazards']).toBeDefined();
  });
  test('a revision that no number of the database holds', async () => {
    for (const revision of [0, -1, 1.5, 2 ** 31, '1', null])
      expect(problems(await check(SavedDraft, { revision, steps })).revision, String(revision)).toBeDefined();
  });
  test('what nobody asked for', async () => {
    expect(problems(await check(SavedDraft, { revision: 1, steps, school_id: 'x' })).school_id).toBeDefined();
    for (const input of [null, 'text', 7, [], undefined]) expect((await check(SavedDraft, input)).ok).toBe(false);
  });
  test('records and days', async () => {
    expect(
      Object.keys(
        problems(
          await check(NewLesson, { id: randomUUID(), learnerId: 'x', version: 0, heldOn: '31.5.26', hierarchy: 'full', phase: 'party' }),
        ),
      ).sort(),
    ).toEqual(['heldOn', 'learnerId', 'phase', 'version']);
    expect(problems(await check(Sync, { observations: [{ id: 'x' }], notes: [], finished: [] }))['observations.0.id']).toBeDefined();
  });
});
