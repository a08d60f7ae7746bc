// Now and next by a plan: only a record moves them on; late is three minutes and more.
import { describe, expect, test } from 'vitest';
import { minuteOf, nowNext, stintAt, thenAfter, timeAt } from './now-next';
import type { RoomPlan } from './room-data';

const plan: RoomPlan = {
  blocks: [
    { who: ['a'], start: 10, end: 20, title: 'Mix', steps: ['d 3'] },
    { who: ['a'], start: 0, end: 8, title: 'Cut', steps: ['d 1', 'd 2'] },
    { who: ['b'], start: 0, end: 8, title: 'Fetch', steps: ['d 9'] },
  ],
  stints: [
    { adult: 'X', from: 0, to: 5, station: 'hob', with: ['Odo'] },
    { adult: 'X', from: 12, to: 15, station: 'sink', with: [] },
  ],
};
const due = (done: string[], minute: number | null) => {
  const { now, next, late } = nowNext(plan, 'a', (s) => done.includes(s), minute);
  return [now?.title ?? null, next?.title ?? null, late];
};

describe('now and next', () => {
  test('what is due is the first block that is not all recorded, whatever the clock says', () => {
    expect(due([], 0)).toEqual(['Cut', 'Mix', 0]);
    expect(due(['d 1'], 50)).toEqual(['Cut', 'Mix', 0]);
    expect(due(['d 1', 'd 2'], 5)).toEqual(['Mix', null, 0]);
    expect(due(['d 1', 'd 2', 'd 3'], 5)).toEqual([null, null, 0]);
  });
  test('late from three minutes on, not before, and not once it has begun', () => {
    expect(due([], 2.9)[2]).toBe(0);
    expect(due([], 3)[2]).toBe(3);
    expect(due(['d 1'], 30)[2]).toBe(0);
    expect(due([], null)[2]).toBe(0);
  });
  test('on his own screen a learner sees what comes after this', () => {
    const own = { ...plan, blocks: plan.blocks.filter((b) => b.who.includes('a')) };
    expect([thenAfter(own, 'd 2'), thenAfter(own, 'd 3'), thenAfter(own, 'none')]).toEqual(['Mix', null, null]);
  });
  test('an adult is where he is, or is told where to be', () => {
    expect(stintAt(plan, 'X', 3)).toMatchObject({ isNow: true, stint: { station: 'hob' } });
    expect(stintAt(plan, 'X', 5)).toMatchObject({ isNow: false, stint: { station: 'sink' } });
    expect(stintAt(plan, 'X', 15)).toBeNull();
    expect(stintAt(plan, 'Y', 0)).toBeNull();
  });
  test('the minute of a lesson is by its day and its time', () => {
    expect(minuteOf('2026-11-27', '09:30', new Date(2026, 10, 27, 9, 42).getTime())).toBe(12);
    expect(minuteOf('2026-11-26', '09:30', new Date(2026, 10, 27, 9, 42).getTime())).toBeNull();
    expect(minuteOf('2026-11-27', null, 0)).toBeNull();
    expect([timeAt('09:30', 35), timeAt('23:50', 20), timeAt(null, 12.4)]).toEqual(['10:05', '0:10', '12′']);
  });
});
