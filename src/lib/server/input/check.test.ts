import { randomUUID } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import { becomeRoutine, buildTask, fineStep, readRecipe, routineSteps } from '$core';
import { describe, expect, test } from 'vitest';
import { dice } from '../../../../tests/server/hostile-requests';
import { check } from './check';
import { isDay, isMoment } from './days';
import { SavedKitchen } from './kitchen';
import { NewLesson, ObservationInput, Sync } from './lesson';
import { NewRecipe, SavedMaking, SavedReading } from './recipe';
import type { Class } from './shape';
import { SavedDraft, SavedRoutine } from './task';

/** What is wrong, as an object to compare with. */
function problems(cls: Class, input: unknown) {
  const checked = check(cls, input);
  return checked.ok ? {} : Object.fromEntries(checked.problems);
}
const reading = readRecipe(
  'Rice\nServes 2\nIngredients\n2 x 400 g tins tomatoes\n1/2 cup rice or couscous, rinsed\nMethod\nBoil the rice.',
);
const steps = buildTask(reading.recipe, { grain: 'fine' }).steps;
/** As it comes over the wire. */
const sent = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T;

describe('what core makes passes the border', () => {
  const folder = new URL('../../../../tests/', import.meta.url);
  const files = ['recipes', 'more-recipes'].flatMap((dir) => readdirSync(new URL(dir, folder)).map((name) => `${dir}/${name}`));
  test.each(files)('%s', (file) => {
    const read = readRecipe(readFileSync(new URL(file, folder), 'utf8'));
    const title = read.recipe.title || 'Recipe without a name';
    expect(problems(SavedReading, sent({ revision: 1, reading: { ...read, recipe: { ...read.recipe, title } } }))).toEqual({});
    for (const grain of ['coarse', 'standard', 'fine'] as const)
      expect(problems(SavedDraft, sent({ revision: 1, steps: buildTask(read.recipe, { grain }).steps }))).toEqual({});
  });
  test('of any text at all: long, hostile, without end', () => {
    const next = dice(11);
    const one = <T>(all: readonly T[]) => all[Math.floor(next() * all.length)];
    const bits = [
      'boil ',
      'Boil the rice. ',
      '1 cup rice ',
      '2 x 400 g tins ',
      'chop and ',
      ', ',
      '. ',
      '\n',
      '\n- ',
      '(',
      ')',
      'x'.repeat(300),
      '½ ',
      '🧂',
      'constructor ',
      '__proto__ ',
      'Method\n',
      'You need\n',
      'spoon, ',
      '9999999999 g ',
      '1/0 cup ',
      ' '.repeat(50),
      'for 99999 minutes ',
      'Serves 99999\n',
      '200 °C ',
    ];
    for (let n = 0; n < 30; n++) {
      const some = Array.from({ length: 1 + Math.floor(next() * 4) }, () => one(bits));
      const length = one([50, 2000, 20_000, 100_000]);
      let text = one(['', 'Soup\nIngredients\n1 cup rice\nMethod\n', 'Ingredients\n', 'Method\n']);
      while (text.length < length) text += next() < 0.8 ? some.join('') : one(bits);
      const read = readRecipe(text.slice(0, 100_000).toWellFormed());
      const title = read.recipe.title || 'Recipe without a name';
      expect(
        problems(SavedReading, sent({ revision: 1, reading: { ...read, recipe: { ...read.recipe, title } } })),
        JSON.stringify(some),
      ).toEqual({});
      for (const grain of ['coarse', 'standard', 'fine'] as const)
        expect(
          problems(SavedDraft, sent({ revision: 1, steps: buildTask(read.recipe, { grain }).steps })),
          `${grain} ${JSON.stringify(some)}`,
        ).toEqual({});
    }
  });
  test('a routine and the steps that carry its mark', () => {
    const id = randomUUID();
    const standard = buildTask(reading.recipe, { grain: 'standard' }).steps;
    const kept = routineSteps(id, standard.slice(0, 3));
    expect(problems(SavedRoutine, { id, revision: 0, name: 'Our start', steps: kept })).toEqual({});
    const marked = fineStep(becomeRoutine(standard, standard.slice(0, 3), kept), standard[2].key);
    expect(problems(SavedDraft, { revision: 1, steps: marked })).toEqual({});
    expect(problems(SavedRoutine, { id, revision: 0, name: ' ', steps: kept }).name).toContain('name');
    expect(problems(SavedRoutine, { id, revision: 0, name: 'x', steps: [] }).steps).toContain('at least one step');
  });
});

describe('bad input is refused by the field', () => {
  const bad = (change: (draft: typeof reading) => void) => {
    const copy = sent(reading);
    change(copy);
    return Object.keys(problems(SavedReading, { revision: 1, reading: copy }));
  };
  const step = (more: object) => [{ ...steps[0], ...more }];
  const draft = (more: object) => Object.keys(problems(SavedDraft, sent({ revision: 1, steps: step(more) })));

  test('an empty text, and a million characters', () => {
    const id = randomUUID();
    expect(problems(NewRecipe, { id, source: '' }).source).toContain('paste the recipe');
    expect(problems(NewRecipe, { id, source: 'x'.repeat(1_000_000) }).source).toContain('1000 thousand characters');
    expect(problems(NewRecipe, { id: 'no', source: 'Rice' }).id).toBeDefined();
  });
  test('an amount divided by zero, or with a unit that nobody knows', () => {
    expect(bad((r) => (r.recipe.ingredients[1].min = '1/0'))).toEqual(['reading.recipe.ingredients.1.min']);
    expect(bad((r) => (r.recipe.ingredients[1].unit = 'hogshead' as 'cup'))).toEqual(['reading.recipe.ingredients.1.unit']);
  });
  test('lists where objects belong, objects where lists belong', () => {
    expect(problems(SavedDraft, { revision: 1, steps: [[]] })).toEqual({ 'steps.0': 'an object is expected here' });
    expect(problems(SavedReading, { revision: 1, reading: { ...reading, recipe: [] } })).toEqual({
      'reading.recipe': 'an object is expected here',
    });
    expect(problems(SavedDraft, { revision: 1, steps: {} })).toEqual({ steps: 'a list is expected here' });
    expect(draft({ minutes: [] })).toEqual(['steps.0.minutes']);
    expect(draft({ tools: 'spoon' })).toEqual(['steps.0.tools']);
    expect(draft({ hazards: [['sharp']] })).toEqual(['steps.0.hazards']);
    expect(problems(SavedMaking, { revision: 1, servingsWanted: null, makers: 1, swaps: [null] })).toEqual({
      'swaps.0': 'an object is expected here',
    });
  });
  test('what is missing: null is an answer, absence is none', () => {
    for (const name of ['minutes', 'uses', 'technique', 'into', 'meanwhile', 'sourceLine', 'cues', 'small', 'demands'])
      expect(draft({ [name]: undefined }), name).toEqual([`steps.0.${name}`]);
    expect(bad((r) => delete (r.recipe.ingredients[0] as { min?: unknown }).min)).toEqual(['reading.recipe.ingredients.0.min']);
    expect(problems(SavedReading, { revision: 1 })).toEqual({ reading: 'this is missing' });
  });
  test('a step without words, keys that stand twice, a hazard and a place that nobody knows', () => {
    expect(problems(SavedDraft, { revision: 1, steps: step({ text: '' }) })).toEqual({ 'steps.0.text': 'a step needs words' });
    expect(problems(SavedDraft, { revision: 1, steps: [steps[0], steps[0]] }).steps).toContain('same key');
    expect(draft({ hazards: ['dragon'] })).toEqual(['steps.0.hazards']);
    expect(draft({ into: 'the moon' })).toEqual(['steps.0.into']);
    expect(draft({ technique: '../../etc' })).toEqual(['steps.0.technique']);
  });
  test('a number that no column of the database holds', () => {
    for (const revision of [0, -1, 1.5, 2 ** 31, Infinity, '1', null])
      expect(problems(SavedDraft, { revision, steps }).revision, String(revision)).toBeDefined();
    expect(draft({ sourceLine: 2 ** 40 })).toEqual(['steps.0.sourceLine']);
  });
  test('what nobody asked for, also under names that every object has', () => {
    expect(problems(SavedDraft, { revision: 1, steps, school_id: 'x' })).toEqual({ school_id: 'nobody knows this field' });
    for (const name of ['__proto__', 'constructor', 'toString', 'hasOwnProperty'])
      expect(Object.keys(problems(SavedDraft, JSON.parse(`{"revision":1,"steps":[],"${name}":{"a":1}}`))), name).toEqual([name]);
    for (const input of [null, 'text', 7, [], undefined, true]) expect(check(SavedDraft, input).ok).toBe(false);
  });
  test('days and moments that do not exist', () => {
    for (const day of ['2026-02-30', '2026-13-01', '0000-01-01', '31.5.26', '2026-1-1', '']) expect(isDay(day), day).toBe(false);
    expect(['2024-02-29', '1970-01-01', '9999-12-31'].every(isDay)).toBe(true);
    for (const moment of ['2026-02-30T09:00:00.000Z', '2026-05-31T24:00:00Z', '2026-05-31', '2026-05-31T09:00:00+02:00', 7])
      expect(isMoment(moment), String(moment)).toBe(false);
    expect(isMoment('2026-05-31T09:00:00.000Z')).toBe(true);
    const lesson = { id: randomUUID(), learnerId: 'x', version: 0, heldOn: '2026-02-30', hierarchy: 'none', phase: 'party' };
    expect(Object.keys(problems(NewLesson, lesson)).sort()).toEqual(['heldOn', 'hierarchy', 'learnerId', 'phase', 'version']);
  });
  test('the envelope of records is checked as a whole, what is in it one by one', () => {
    expect(problems(Sync, { observations: [{ id: 'x' }, []], notes: [], finished: [] })).toEqual({});
    expect(Object.keys(problems(Sync, { observations: {}, notes: [] })).sort()).toEqual(['finished', 'observations']);
    expect(Object.keys(problems(ObservationInput, { id: 'x' }))).toContain('madeAt');
  });
  test('a measure of nothing, and a place as long as a book', () => {
    const kitchen = (more: object) => ({
      revision: 1,
      kitchen: {
        system: 'us',
        lessonMinutes: 60,
        microwaveWatts: 800,
        readingGrade: 4,
        measures: [],
        tools: [],
        lacks: [],
        heights: {},
        controls: {},
        places: {},
        ...more,
      },
    });
    const measure = { id: 'cup', quantity: '1', unit: 'cup', kind: 'dry', place: '' };
    expect(problems(SavedKitchen, kitchen({ measures: [measure] }))).toEqual({});
    expect(Object.keys(problems(SavedKitchen, kitchen({ measures: [{ ...measure, quantity: '0' }] })))).toEqual([
      'kitchen.measures.0.quantity',
    ]);
    expect(Object.keys(problems(SavedKitchen, kitchen({ places: { fridge: 'x'.repeat(61) } })))).toEqual(['kitchen.places.fridge']);
    expect(Object.keys(problems(SavedKitchen, kitchen({ places: { attic: 'x' } })))).toEqual(['kitchen.places.attic']);
  });
});

test('NUL and halves of surrogate pairs never get in, also in lists; every other letter does', () => {
  const copy = sent(reading);
  copy.recipe.title = 'Ri\0ce \ud83c and \ud83c\udf5a constructor';
  copy.recipe.instructions = ['Bo\0il \udc00'];
  const checked = check(SavedReading, { revision: 1, reading: copy });
  expect(checked.ok && [checked.value.reading.recipe.title, checked.value.reading.recipe.instructions]).toEqual([
    'Rice \ufffd and \ud83c\udf5a constructor',
    ['Boil \ufffd'],
  ]);
});
