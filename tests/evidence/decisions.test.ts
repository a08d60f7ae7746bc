// Sixty records set down by hand, each with the decision that a teacher of this field would take. The rules are those of the trade: four points under the aim
// line, change; four above, raise; three at the aim on two days, less help; two of three under it, more help (common practice).
import { describe, expect, test } from 'vitest';
import { aimLine, aimOn, decide, hierarchyById, nextRung } from '$core';

const week = (n: number) => new Date(Date.UTC(2026, 8, 1 + 7 * n)).toISOString().slice(0, 10);
/** From 20 % in the third week to 80 % twelve weeks later: five points a week. */
const LINE = aimLine(
  [20, 10, 20].map((value, i) => ({ day: week(i), value })),
  { value: 80, by: week(14) },
)!;

describe('forty against an aim line that rises by five a week, from 20 in week 2', () => {
  // values of week 3, 4, 5 …; "-" is a missed lesson. The line stands at 25, 30, 35, 40, 45, 50, 55, 60, 65, 70
  test.each<[string, ReturnType<typeof decide>['decision']]>([
    // too few to say
    ['', 'not-enough'],
    ['10', 'not-enough'],
    ['90', 'not-enough'],
    ['10 10', 'not-enough'],
    ['10 10 10', 'not-enough'],
    ['90 90 90', 'not-enough'],
    ['10 - 10 - 10', 'not-enough'],
    ['- - - - -', 'not-enough'],
    ['90 - - 90 90', 'not-enough'],
    ['0 0 0', 'not-enough'],
    // four under it
    ['20 20 20 20', 'change'],
    ['0 0 0 0', 'change'],
    ['24 29 34 39', 'change'],
    ['90 20 20 20 20', 'change'],
    ['30 35 30 30 30 30', 'change'],
    ['40 45 50 30 30 30 30', 'change'],
    ['20 - 20 - 20 20', 'change'],
    ['- 20 20 20 20', 'change'],
    ['24 25 26 27 28', 'change'],
    ['90 80 70 30 20 10 0', 'change'],
    ['24.9 29.9 34.9 39.9', 'change'],
    ['0 10 20 30 40 45', 'change'],
    ['30 40 50 60 40 45 50 55', 'change'],
    // four above it
    ['30 35 40 45', 'raise'],
    ['90 90 90 90', 'raise'],
    ['100 100 100 100 100', 'raise'],
    ['26 31 36 41', 'raise'],
    ['10 35 40 45 50', 'raise'],
    ['30 - 40 45 50', 'raise'],
    ['0 0 0 0 80 80 80 80', 'raise'],
    ['25.1 30.1 35.1 40.1', 'raise'],
    ['10 10 10 60 60 60 60', 'raise'],
    // on both sides of it, or on it: go on
    ['25 30 35 40', 'go-on'],
    ['20 35 30 45', 'go-on'],
    ['20 20 20 40', 'go-on'],
    ['30 35 40 40', 'go-on'],
    ['20 20 20 20 50', 'go-on'],
    ['90 90 90 90 40', 'go-on'],
    ['25 20 20 20', 'go-on'],
    ['20 20 20 - 60', 'go-on'],
  ])('“%s”: %s', (text, decision) => {
    const points = text.split(' ').flatMap((v, i) => (v === '' || v === '-' ? [] : [{ value: Number(v), day: week(3 + i) }]));
    const found = decide(
      points.map((p) => p.value),
      points.map((p) => aimOn(LINE, p.day)),
    );
    expect(found.decision).toBe(decision);
    // never a decision without what it rests on
    expect(found.n).toBe(decision === 'not-enough' ? points.length : 4);
  });
});

describe('twenty of one step, aimed at a hint in words', () => {
  const full = hierarchyById('full');
  const idOf = (letter: string) => full.levels.find((l) => l.letter === letter)?.id ?? letter;
  test.each<[string, ReturnType<typeof nextRung>['verdict'], string | null]>([
    ['', 'not-enough', null],
    ['V', 'not-enough', null],
    ['V V', 'not-enough', null],
    ['adult adult adult', 'not-enough', null],
    ['V V refused', 'not-enough', null],
    ['not-offered V V', 'not-enough', null],
    ['V V V', 'up', 'G'],
    ['V G V', 'up', 'G'],
    ['I I I', 'up', 'G'],
    ['F M D V V V', 'up', 'G'],
    ['V adult V V', 'up', 'G'],
    ['D D V V G', 'up', 'G'],
    ['D D D', 'down', 'D'],
    ['D D V', 'down', 'D'],
    ['V M F', 'down', 'D'],
    ['I I I D D', 'down', 'D'],
    ['V V D', 'stay', 'V'],
    ['D V V', 'stay', 'V'],
    ['V D V', 'stay', 'V'],
    ['V V V D G', 'stay', 'V'],
  ])('“%s”: %s', (text, verdict, aim) => {
    const lessons = text === '' ? [] : text.split(' ').map((letter, i) => ({ code: idOf(letter), day: week(i) }));
    expect(nextRung(lessons, { aim: 'indirect-verbal' })).toMatchObject({ verdict, aim: aim === null ? null : idOf(aim) });
  });
});
