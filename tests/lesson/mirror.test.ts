// A lesson run backwards is a lesson still: the second program finds no hard rule broken in it, nothing ends later, and much begins later.
import { expect, test } from 'vitest';
import { bestList, countOf, problemOf, tableOf } from '../../src/core/index';
import { Mirror } from '../../src/core/lesson/timetable/mirror';
import { broken } from './check';
import { drawLesson } from './lessons';

const MODES = ['own', 'pairs', 'together', 'mixed'] as const;
const caps = (thing: string) => countOf(thing, new Map());

test('40 lessons as late as may be', () => {
  const faults: string[] = [];
  let run = 0;
  for (let i = 0; i < 40; i++) {
    const setup = drawLesson(7000 + i, { mode: MODES[i % 4], learners: 4 + (i % 5), adults: 1 + (i % 3), bell: 60 });
    const p = problemOf(setup);
    const { places } = bestList(p)!;
    const late = new Mirror(p).latest(places, () => 0);
    if (!late) continue;
    run++;
    const start = Int32Array.from(late);
    const end = places.end.map((t, k) => start[k] + t - places.start[k]);
    faults.push(...broken(setup, tableOf(p, { ...places, start, end, finish: Math.max(...end) }), caps).map((f) => `${i}: ${f}`));
    const moved = start.reduce((sum, t, k) => sum + t - places.start[k], 0);
    if (moved <= 0) faults.push(`${i}: nothing begins later`);
  }
  expect(run).toBeGreaterThan(30);
  expect(faults.slice(0, 10)).toEqual([]);
});
