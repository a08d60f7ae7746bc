import { expect, test } from 'vitest';
import { hierarchyById } from '../help/hierarchy';
import { USUAL_MASTERY } from '../help/mastery';
import { USUAL_PROCEDURE } from '../help/procedure';
import { progressOf } from './progress';
import type { MadeRecord, HeldLesson } from './record';

const lesson = (n: number, more: Partial<HeldLesson> = {}): HeldLesson => ({
  id: `l${n}`,
  recipeId: 'r',
  version: 1,
  heldOn: `2026-09-0${n}`,
  hierarchy: hierarchyById('full'),
  rule: { last: 3, days: 2, down: 2 },
  mastery: USUAL_MASTERY,
  phase: 'intervention',
  state: 'finished',
  procedure: USUAL_PROCEDURE,
  ...more,
});
const seen = (n: number, stepKey: string, code: string): MadeRecord => ({
  lessonId: `l${n}`,
  stepKey,
  code,
});

test('codes by step, and the rung of each step', () => {
  const lessons = [1, 2, 3].map((n) => lesson(n));
  const observations = [1, 2, 3].flatMap((n) => [seen(n, 'a', 'independent'), seen(n, 'b', 'model')]);
  const { codes, rungs } = progressOf(lessons, observations, ['a', 'b', 'c']);
  expect([...codes.get('b')!]).toEqual([
    ['l1', 'model'],
    ['l2', 'model'],
    ['l3', 'model'],
  ]);
  expect([rungs.get('a')?.verdict, rungs.get('b')?.aim, rungs.get('c')?.verdict]).toEqual(['there', 'direct-verbal', 'not-enough']);
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
test('the rule of the newest lesson is worked with, not the usual one', () => {
  const rules = { rule: { last: 2, days: 1, down: 2 } };
  const lessons = [lesson(1), lesson(2, rules)];
  const observations = [seen(1, 'a', 'independent'), seen(2, 'a', 'independent')];
  const { rungs } = progressOf(lessons, observations, ['a']);
  expect(rungs.get('a')?.verdict).toBe('there');
  expect(progressOf([lesson(1), lesson(2)], observations, ['a']).rungs.get('a')?.verdict).toBe('not-enough');
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
