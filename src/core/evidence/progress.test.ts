import { expect, test } from 'vitest';
import { hierarchyById } from '../help/hierarchy';
import { USUAL_MASTERY } from '../help/mastery';
import { USUAL_PROCEDURE } from '../help/procedure';
import { progressOf } from './progress';
import type { HeldLesson, MadeByLesson, MadeRecord } from './record';

const lesson = (n: number, more: Partial<HeldLesson> = {}): HeldLesson => ({
  id: `l${n}`,
  recipeId: 'r',
  version: 1,
  heldOn: new Date(Date.UTC(2026, 8, n)).toISOString().slice(0, 10),
  hierarchy: hierarchyById('full'),
  rule: { last: 3, days: 2, down: 2 },
  mastery: USUAL_MASTERY,
  phase: 'intervention',
  state: 'finished',
  procedure: USUAL_PROCEDURE,
  ...more,
});
/** Of each lesson by its number what was recorded in it, as "step code". */
const seen = (...lessons: string[][]): MadeByLesson =>
  new Map(
    lessons.map((of, i): [string, MadeRecord[]] => [
      `l${i + 1}`,
      of.map((one) => {
        const [stepKey, code] = one.split(' ');
        return { stepKey, code };
      }),
    ]),
  );

test('the times of each step, oldest first, and its rung', () => {
  const lessons = [1, 2, 3].map((n) => lesson(n));
  const { times, rungs } = progressOf(
    lessons,
    seen(['a independent', 'b full-physical'], ['a independent', 'b refused'], ['b model', 'a independent']),
    ['a', 'b', 'c'],
  );
  expect(times.get('b')).toEqual([
    { lessonId: 'l1', day: '2026-09-01', code: 'full-physical' },
    { lessonId: 'l3', day: '2026-09-03', code: 'model' },
  ]);
  expect([rungs.get('a')?.verdict, rungs.get('b')?.missing, rungs.get('c')?.missing]).toEqual(['there', 1, 3]);
});
test('as many times as can matter, and those the newest', () => {
  const lessons = Array.from({ length: 40 }, (_, i) => lesson(i + 1));
  const { times } = progressOf(lessons, seen(...lessons.map(() => ['a model'])), ['a']);
  expect([times.get('a')!.length, times.get('a')![0].lessonId, times.get('a')!.at(-1)!.lessonId]).toEqual([30, 'l11', 'l40']);
});
test('the aim is one level less help, once it was reached three times', () => {
  const lessons = [1, 2, 3].map((n) => lesson(n));
  const { rungs } = progressOf(lessons, seen(['b model'], ['b model'], ['b model']), ['b']);
  expect(rungs.get('b')?.aim).toBe('direct-verbal');
});
test('levels of another hierarchy are not mixed into the rung', () => {
  const lessons = [lesson(1, { hierarchy: hierarchyById('tactile') }), lesson(2), lesson(3)];
  const { rungs } = progressOf(lessons, seen(['a independent'], ['a independent'], ['a independent']), ['a']);
  expect(rungs.get('a')).toMatchObject({ verdict: 'not-enough', missing: 1 });
});
test('the rule of the newest lesson is worked with, not the usual one', () => {
  const rules = { rule: { last: 2, days: 1, down: 2 } };
  const lessons = [lesson(1), lesson(2, rules)];
  const observations = seen(['a independent'], ['a independent']);
  const { rungs } = progressOf(lessons, observations, ['a']);
  expect(rungs.get('a')?.verdict).toBe('there');
  expect(progressOf([lesson(1), lesson(2)], observations, ['a']).rungs.get('a')?.verdict).toBe('not-enough');
});
test('words that every object answers to are steps and lessons like any other', () => {
  const odd = ['__proto__', 'constructor', 'toString'];
  const { times, rungs } = progressOf([lesson(1)], seen(odd.map((key) => `${key} model`)), odd);
  for (const key of odd) expect([times.get(key)?.[0].code, rungs.get(key)?.missing]).toEqual(['model', 2]);
  expect(({} as { l1?: unknown }).l1).toBeUndefined();
});
