import { hierarchyById, USUAL_MASTERY } from '$core';
import { expect, test } from 'vitest';
import type { LessonRow, ObservationRow } from './lessons';
import { progressOf } from './progress';

const lesson = (n: number, more: Partial<LessonRow> = {}): LessonRow => ({
  id: `l${n}`,
  recipeId: 'r',
  version: 1,
  heldOn: `2026-09-0${n}`,
  hierarchy: hierarchyById('full'),
  rule: { last: 3, days: 2, down: 2 },
  mastery: USUAL_MASTERY,
  learnerId: 'w',
  phase: 'intervention',
  state: 'finished',
  ...more,
});
const seen = (n: number, stepKey: string, code: string): ObservationRow => ({
  id: `${n}${stepKey}`,
  lessonId: `l${n}`,
  stepKey,
  code,
  replaces: null,
  device: null,
  count: null,
  at: n,
});

test('scores by lesson, codes by step, and the rung of each step', () => {
  const lessons = [1, 2, 3].map((n) => lesson(n));
  const observations = [1, 2, 3].flatMap((n) => [seen(n, 'a', 'independent'), seen(n, 'b', 'model')]);
  const { lessons: points, codes, rungs } = progressOf(lessons, observations, ['a', 'b', 'c']);
  expect(points.map((p) => p.score.independence)).toEqual([50, 50, 50]);
  expect([...codes.get('b')!]).toEqual([
    ['l1', 'model'],
    ['l2', 'model'],
    ['l3', 'model'],
  ]);
  expect([rungs.get('a')?.verdict, rungs.get('b')?.aim, rungs.get('c')?.verdict]).toEqual(['there', 'direct-verbal', 'not-enough']);
});
test('a missed lesson has no score, which is not zero', () => {
  const { lessons: points } = progressOf([lesson(1, { state: 'missed' })], [], ['a']);
  expect(points[0].score).toMatchObject({ independence: null, opportunities: 0 });
});
test('levels of another hierarchy are not mixed into the rung', () => {
  const lessons = [lesson(1, { hierarchy: hierarchyById('tactile') }), lesson(2), lesson(3)];
  const { rungs } = progressOf(
    lessons,
    [1, 2, 3].map((n) => seen(n, 'a', 'independent')),
    ['a'],
  );
  expect(rungs.get('a')).toMatchObject({ verdict: 'not-enough', missing: 1 });
});
test('the rule and the criterion of the newest lesson are worked with, not the usual ones', () => {
  const rules = { rule: { last: 2, days: 1, down: 2 }, mastery: { independence: 100, lessons: 2 } };
  const lessons = [lesson(1), lesson(2, rules)];
  const observations = [seen(1, 'a', 'independent'), seen(2, 'a', 'independent')];
  const { rungs, mastered } = progressOf(lessons, observations, ['a']);
  expect(rungs.get('a')?.verdict).toBe('there');
  expect(mastered).toEqual({ met: true, inARow: 2 });
  expect(progressOf([lesson(1), lesson(2)], observations, ['a']).mastered.met).toBe(false);
});
test('words that every object answers to are steps and lessons like any other', () => {
  const odd = ['__proto__', 'constructor', 'toString'];
  const { codes, rungs } = progressOf(
    [lesson(1)],
    odd.map((key) => seen(1, key, 'model')),
    odd,
  );
  for (const key of odd) expect([codes.get(key)?.get('l1'), rungs.get(key)?.missing]).toEqual(['model', 2]);
  expect(({} as { l1?: unknown }).l1).toBeUndefined();
});
