// Twelve lessons whose best plan can be worked out on paper (minutes; pace 1, one adult, no routines unless said), and twelve more.
import { expect, test } from 'vitest';
import { planAnew, planFindings, tableOf, teamsOf, pullLevers, planLesson } from '../../src/core/index';
import { learner, lesson, type Line, plan } from './by-hand';
import { stepsOf } from './lessons';

test('1: washing up is done in the wait for the oven', () => {
  const { table, at, found } = plan(
    lesson(
      [learner('L')],
      [
        { id: 'fill', pieces: [{ m: 4 }], may: ['L'] },
        {
          id: 'bake',
          pieces: [{ m: 1, watch: 'within-reach' }, { m: 12, wait: true }, { m: 1 }],
          after: ['fill'],
          may: ['L'],
          kind: 'heat',
        },
        { id: 'wash', pieces: [{ m: 5 }], after: ['fill'], may: ['L'] },
      ],
    ),
  );
  expect(table.end).toBe(18);
  expect(at('wash')).toMatchObject({ start: 5, end: 10 });
  expect(found.worth.idle).toEqual([7]);
});

test.each([
  ['at two stations', ['hob', 'oven'], 15],
  ['at one', ['hob', 'hob'], 10],
])('2: two cut within reach of one adult, %s', (_, stations, end) => {
  const lines = ['A', 'B'].flatMap((id, i): Line[] => [
    { id: `cut ${id}`, dish: id, pieces: [{ m: 5, watch: 'within-reach', at: stations[i], needs: { knife: 1 } }], may: [id] },
    { id: `mix ${id}`, dish: id, pieces: [{ m: 5 }], after: [`cut ${id}`], may: [id] },
  ]);
  expect(plan(lesson([learner('A'), learner('B')], lines, { counts: new Map([['knife', 2]]) })).table.end).toBe(end);
});

test.each([
  [1, 12],
  [2, 6],
])('3: five in sight of %i adults', (adultCount, end) => {
  const ids = ['A', 'B', 'C', 'D', 'E'];
  const lines = ids.map((id): Line => ({ id, dish: id, pieces: [{ m: 6, watch: 'nearby' }], may: [id] }));
  expect(
    plan(
      lesson(
        ids.map((id) => learner(id)),
        lines,
        { adultCount },
      ),
    ).table.end,
  ).toBe(end);
});

test('4: who may not use a sharp edge has no opportunity there, and an adult cuts for him', () => {
  const setup = lesson(
    [learner('A', 1, ['cut']), learner('B', 1, ['cut B'])],
    [
      { id: 'for A', dish: 'a', pieces: [{ m: 2 }], may: [], want: 'cut' },
      { id: 'by B', dish: 'b', pieces: [{ m: 4, watch: 'within-reach' }], may: ['B'], want: 'cut B' },
    ],
  );
  const { table, at, found, says } = plan(setup);
  expect(table.end).toBe(6);
  expect(at('for A').who).toEqual([]);
  expect(found.worth.met).toEqual([0, 1]);
  expect(says).toContainEqual({ kind: 'no-rung', learner: 'A' });
});

test('5: eight at one sink: whose work is longest washes first', () => {
  const ids = Array.from({ length: 8 }, (_, i) => `L${i}`);
  const lines = ids.flatMap((id, i): Line[] => [
    { id: `wash ${id}`, dish: id, pieces: [{ m: 1, timed: true, needs: { tap: 1 } }], may: [id], kind: 'ready' },
    { id: `work ${id}`, dish: id, pieces: [{ m: 3 + i }], may: [id] },
  ]);
  const setup = lesson(
    ids.map((id) => learner(id)),
    lines,
    { counts: new Map([['tap', 1]]) },
  );
  expect(plan(setup).table.end).toBe(11);
});

test('6: four trays, an oven of three: the second goes in late on purpose', () => {
  const ids = ['A', 'B', 'C', 'D'];
  const lines = ids.map((id): Line => ({
    id,
    dish: id,
    pieces: [
      { m: 1, watch: 'adult-does' },
      { m: 10, wait: true },
      { m: 1, watch: 'adult-does' },
    ],
    holds: { oven: 1 },
    may: [id],
    kind: 'heat',
  }));
  const { table, bound } = plan(
    lesson(
      ids.map((id) => learner(id)),
      lines,
      { counts: new Map([['oven', 3]]), bell: 20 },
    ),
    4000,
  );
  expect(bound.minutes).toBe(24);
  expect(table.end).toBe(24);
});

test('7: the oven is on first', () => {
  const { table, at } = plan(
    lesson(
      [learner('L')],
      [
        { id: 'prepare', pieces: [{ m: 10 }], may: ['L'] },
        { id: 'oven on', dish: 'k', pieces: [{ m: 0.5 }, { m: 12, wait: true }], may: ['L'], kind: 'kitchen' },
        { id: 'bake', pieces: [{ m: 1 }, { m: 15, wait: true }, { m: 1 }], after: ['prepare', 'oven on'], may: ['L'], kind: 'heat' },
      ],
    ),
  );
  expect(table.end).toBe(29.5);
  expect(at('oven on').start).toBe(0);
});

test('8: three pans, two rings', () => {
  const ids = ['A', 'B', 'C'];
  const lines = ids.map((id): Line => ({
    id,
    dish: id,
    pieces: [{ m: 10, watch: 'within-reach', at: 'hob' }],
    holds: { hob: 1 },
    may: [id],
    kind: 'heat',
  }));
  const { table, bound } = plan(
    lesson(
      ids.map((id) => learner(id)),
      lines,
      { counts: new Map([['hob', 2]]) },
    ),
  );
  expect([table.end, bound.minutes]).toEqual([20, 20]);
  expect(bound.by).toMatchObject({ what: 'thing', thing: 'hob' });
});

test.each([
  [30, 10, 3],
  [8, 8, 2],
])('9: targets first while the bell at %i allows it', (bell, end, met) => {
  const may = ['P', 'Q', 'R'];
  const lines: Line[] = [
    { id: 'peel', pieces: [{ m: 4 }], may },
    { id: 'grate', pieces: [{ m: 4 }], after: ['peel'], may },
    { id: 'mix', pieces: [{ m: 4 }], after: ['grate'], may },
  ];
  const people = [learner('P', 0.5, ['grate'], {}, bell), learner('Q', 1, ['peel'], {}, bell), learner('R', 1, ['mix'], {}, bell)];
  const { table, found, says } = plan(lesson(people, lines, { bell }));
  expect(table.end).toBe(end);
  // at 8 P grates, and one of the other two has his own
  expect(found.worth.met[0]).toBe(1);
  expect(found.worth.met.reduce((a, b) => a + b)).toBe(met);
  const missed = ['P', 'Q', 'R'].filter((_, i) => found.worth.met[i] === 0);
  expect(says.filter((f) => f.kind === 'missed').map((f) => f.learner)).toEqual(missed);
});

test('10: what is hot is ready when it is eaten', () => {
  const { at, says } = plan(
    lesson(
      [learner('A'), learner('B')],
      [
        { id: 'hot', dish: 'h', pieces: [{ m: 8 }], may: ['A'], keeps: 10, kind: 'heat' },
        { id: 'cold', dish: 'c', pieces: [{ m: 25 }], may: ['B'] },
        { id: 'eat', dish: 'e', pieces: [{ m: 5, timed: true }], after: ['hot', 'cold'], may: [], crew: ['A', 'B'], kind: 'eat' },
      ],
    ),
  );
  expect(at('hot').end).toBeGreaterThanOrEqual(15);
  expect(at('hot').end).toBeLessThanOrEqual(25);
  expect(says.filter((f) => f.kind === 'hot')).toEqual([]);
});

const eight = Array.from({ length: 8 }, (_, i) => `L${i}`);
const beans = (mode: 'own' | 'pairs') => {
  const teams = teamsOf(mode, 8);
  return {
    bell: 60,
    margin: 10,
    learners: eight.map((id, i) => learner(id, 1.8 + (2.4 * i) / 7)),
    adults: [
      { id: 'A', from: 0, to: 60 },
      { id: 'B', from: 0, to: 60 },
    ],
    dishes: [
      {
        id: 'dish',
        title: 'Beans on toast',
        steps: stepsOf('beans-on-toast'),
        teams: [...new Set(teams)].map((t) => eight.filter((_, i) => teams[i] === t)),
        before: new Set<string>(),
      },
    ],
    counts: new Map(),
    locks: [],
    seed: 1,
  };
};

test('11: eight times their own beans on toast in an hour cannot be, and what would help is said', () => {
  const planned = planLesson(beans('own'), { rounds: 20 })!;
  expect(planned.bound.minutes).toBeGreaterThan(60);
  expect(planFindings(planned)[0]).toEqual({ kind: 'cannot', minutes: planned.bound.minutes });
  const levers = pullLevers(beans('own'), planned, { rounds: 10 });
  expect(levers.map((l) => l.lever.what)).toContain('pairs');
  expect(levers.map((l) => l.lever.what)).toContain('set-out');
  for (const l of levers) expect(l.minutes).toBeGreaterThan(0);
});

test('six times their own biscuits in one oven: it is said what there is too little of, and what twice of it would give', () => {
  const ids = eight.slice(0, 6);
  const input = {
    ...beans('own'),
    learners: ids.map((id) => learner(id, 1.5)),
    counts: new Map([['oven', 1]]),
    dishes: [
      { id: 'dish', title: 'Oat biscuits', steps: stepsOf('oat-biscuits'), teams: ids.map((id) => [id]), before: new Set<string>() },
    ],
  };
  const planned = planLesson(input, { rounds: 5 })!;
  expect(planned.bound.by).toMatchObject({ what: 'thing', thing: 'oven' });
  const levers = pullLevers(input, planned, { rounds: 5 });
  expect(levers.find((l) => l.lever.what === 'thing' && l.lever.thing === 'oven')?.minutes).toBeGreaterThanOrEqual(15);
});

test('12: one of a pair leaves: the other has what is left, and nothing else moves', () => {
  const lines: Line[] = ['a', 'b', 'c', 'd', 'e', 'f'].flatMap((k, i, all): Line[] => [
    { id: `one ${k}`, dish: 'one', pieces: [{ m: 4 }], may: ['A', 'B'], after: i > 1 ? [`one ${all[i - 2]}`] : [] },
    { id: `two ${k}`, dish: 'two', pieces: [{ m: 4 }], may: ['C', 'D'], after: i > 1 ? [`two ${all[i - 2]}`] : [] },
  ]);
  const people = ['A', 'B', 'C', 'D'].map((id) => learner(id));
  const setup = lesson(people, lines);
  const { table } = plan(setup);
  const now = 5;
  const begun = new Map(
    table.placed
      .filter((x) => x.start < now)
      .map((x) => [x.block, { start: x.start, end: x.end <= now ? x.end : null, who: x.who[0] }] as const),
  );
  const left = { ...setup, learners: setup.learners.map((l) => (l.id === 'A' ? { ...l, to: now } : l)) };
  const anew = planAnew(left, table, { now, begun }, { rounds: 50 })!;
  const after = tableOf(anew.problem, anew.places);
  for (const x of after.placed) {
    const was = table.placed.find((y) => y.block === x.block)!;
    if (begun.has(x.block)) expect(x.start).toBe(was.start);
    else if (was.who[0] !== 'A') expect(x.who).toEqual(was.who);
    else expect(x.who).toEqual(['B']);
  }
  expect(after.end - table.end).toBeLessThanOrEqual(12);
});
