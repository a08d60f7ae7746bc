import { hierarchyById } from '$core';
import { expect, test } from 'vitest';
import type { LessonRow, ObservationRow } from './lessons';
import { progressOf } from './progress';

const lesson = (n: number, more: Partial<LessonRow> = {}): LessonRow => ({
  id: `l${n}`,
  recipeId: 'r',
  version: 1,
  heldOn: `2026-09-0${n}`,
  hierarchy: hierarchyById('full'),
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
  madeAt: '',
});

test('scores by lesson, codes by step, and the rung of each step', () => {
  const lessons = [1, 2, 3].map((n) => lesson(n));
  const observations = [1, 2, 3].flatMap((n) => [seen(n, 'a', 'independent'), seen(n, 'b', 'model')]);
  const { lessons: points, codes, rungs } = progressOf(lessons, observations, ['a', 'b', 'c']);
  expect(points.map((p) => p.score.independence)).toEqual([50, 50, 50]);
  expect(codes.b).toEqual({ l1: 'model', l2: 'model', l3: 'model' });
  expect([rungs.a.verdict, rungs.b.aim, rungs.c.verdict]).toEqual(['there', 'direct-verbal', 'not-enough']);
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
  expect(rungs.a).toMatchObject({ verdict: 'not-enough', missing: 1 });
});
