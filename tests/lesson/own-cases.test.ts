// Twelve more lessons worked out on paper: tools of one's own, hours, two heats, locks, where adults stand, small jobs, slow days. Minutes.
import { expect, test } from 'vitest';
import { fillersOf, playMany, stintsOf } from '../../src/core/index';
import { learner, lesson, type Line, plan } from './by-hand';

const own = (id: string, m: number, more: Partial<Line> = {}): Line => ({ id, dish: id, pieces: [{ m }], may: [id[0]], ...more });

test('13: two learners, one rocker knife: one after the other, though there are knives enough', () => {
  const setup = lesson([learner('A'), learner('B')], [own('A', 5), own('B', 5)]);
  const blocks = setup.blocks.map((b) => ({
    ...b,
    segments: b.segments.map((s) => ({
      ...s,
      needs: [{ thing: 'knife', units: 1 }],
      own: ['A', 'B'].map((id) => ({ learner: id, needs: [{ thing: 'rocker-knife', units: 1 }] })),
    })),
  }));
  expect(plan({ ...setup, blocks }).table.end).toBe(10);
});

test('14: who comes ten minutes late begins then', () => {
  const { at, table } = plan(lesson([learner('A'), learner('B', 1, [], { from: 10 })], [own('A', 8), own('B', 5)]));
  expect(at('B').start).toBe(10);
  expect(table.end).toBe(15);
});

test('15: who leaves early has done his own by then, does not hold up the meal, and it is said', () => {
  const lines: Line[] = [
    own('A1', 4),
    own('A2', 4),
    own('A3', 4),
    own('B', 20),
    { id: 'eat', pieces: [{ m: 5, timed: true }], after: ['A3', 'B'], may: [], crew: ['B'], kind: 'eat' },
  ];
  const { at, says } = plan(lesson([learner('A', 1, [], { to: 12 }), learner('B')], lines));
  for (const id of ['A1', 'A2', 'A3']) expect(at(id).end).toBeLessThanOrEqual(12);
  expect(at('eat').start).toBe(20);
  expect(says).toContainEqual({ kind: 'away', learner: 'A' });
});

const baked = (id: string, heat: number): Line => ({
  ...own(id, 1),
  pieces: [{ m: 1 }, { m: 10, wait: true }, { m: 1 }],
  holds: { oven: 1 },
  kind: 'heat',
  after: [],
  id: `${id} ${heat}`,
});
test.each([
  ['16: two heats, one oven: one after the other', 180, 220, 24],
  ['17: one heat, two trays: both at once', 180, 180, 12],
])('%s', (_, a, b, end) => {
  const setup = lesson([learner('A'), learner('B')], [baked('A', a), baked('B', b)], { counts: new Map([['oven', 2]]) });
  const blocks = setup.blocks.map((x) => ({ ...x, holds: [{ thing: 'oven', units: 1, heat: Number(x.id.split(' ')[1]) }] }));
  expect(plan({ ...setup, blocks }).table.end).toBe(end);
});

test('18: a gap of four minutes is given a job, one of three is not', () => {
  const wait = (id: string, m: number): Line => ({ ...own(id, 1), pieces: [{ m: 1 }, { m, wait: true }, { m: 1 }], kind: 'heat' });
  const { table } = plan(lesson([learner('A'), learner('B')], [wait('A', 4), wait('B', 3)]));
  const jobs = fillersOf(['A', 'B'], table);
  expect(jobs.map((j) => [j.who, j.from, j.to])).toEqual([['A', 1, 5]]);
});

test('19: two at the hob at once are one time of one adult, and both are named', () => {
  const pan = (id: string): Line => own(id, 6, { pieces: [{ m: 6, watch: 'within-reach', at: 'hob' }], holds: { hob: 1 }, kind: 'heat' });
  const { problem, found, table } = plan(lesson([learner('A'), learner('B')], [pan('A'), pan('B')]));
  expect(table.end).toBe(6);
  expect(stintsOf(problem, found.places)).toEqual([{ adult: 'A0', from: 0, to: 6, station: 'hob', does: [], with: ['A', 'B'] }]);
});

test('20: whom the teacher gives a block does it, though another is quicker', () => {
  const setup = lesson([learner('A', 0.5), learner('B', 2)], [own('x', 4, { may: ['A', 'B'] })], { locks: [{ block: 'x', who: 'B' }] });
  const { at, table } = plan(setup);
  expect(at('x').who).toEqual(['B']);
  expect(table.end).toBe(8);
});

test('21: a block that the teacher puts at the twentieth minute begins there', () => {
  const setup = lesson([learner('A')], [own('A1', 3), own('A2', 3)], { locks: [{ block: 'A1', start: 20 }] });
  const { at, says } = plan(setup);
  expect([at('A1').start, at('A2').start]).toEqual([20, 0]);
  expect(says.filter((f) => f.kind === 'lock')).toEqual([]);
});

test('22: a block given to one who may not do it goes to one who may, and it is said', () => {
  const setup = lesson([learner('A'), learner('B')], [own('A', 4)], { locks: [{ block: 'A', who: 'B' }] });
  const { at, says } = plan(setup);
  expect(at('A').who).toEqual(['A']);
  expect(says).toContainEqual({ kind: 'lock', block: 'A', wish: 'who' });
});

test('23: with no adult for the first ten minutes, nobody is at a blade before', () => {
  const setup = lesson([learner('A')], [own('A1', 4, { pieces: [{ m: 4, watch: 'within-reach' }] }), own('A2', 4)]);
  const { at } = plan({ ...setup, adults: [{ id: 'late', from: 10, to: 60 }] });
  expect([at('A1').start, at('A2').start]).toEqual([10, 0]);
});

test('24: a plan that ends with the bell is met by few, one with half as much again by nearly all', () => {
  const ids = ['A', 'B', 'C', 'D'];
  const lines = ids.flatMap((id) =>
    ['1', '2', '3', '4', '5'].map((k, i): Line => own(`${id}${k}`, 6, { after: i > 0 ? [`${id}${i}`] : [] })),
  );
  const met = (bell: number) => {
    const { problem, found } = plan(
      lesson(
        ids.map((id) => learner(id, 1, [], {}, bell)),
        lines,
        { bell },
      ),
    );
    return playMany(problem, found.places, 200).met;
  };
  expect(met(30)).toBeLessThan(100);
  expect(met(45)).toBeGreaterThan(190);
});
