// What stands around a plan: paces from records, who shares with whom, how far a lesson is, what is said of it.
import { describe, expect, test } from 'vitest';
import { groupsFor, learnerPaces, takenOut, type PlanFinding, type PlanView } from '../../src/core/index';
import { findingLines, labelOf, leverText, sentence, type Names } from '../../src/routes/lessons/[id=id]/plan/say-plan';
import { standingOf, tableFrom } from '../../src/routes/lessons/[id=id]/plan/standing';
import { stepsOf } from './lessons';

const steps = stepsOf('couscous-bowl');
const byKey = new Map(steps.map((s) => [s.key, s]));
const MINUTE = 60_000;

describe('paces', () => {
  // a step that is all handwork, with its adult's minutes
  const cut = steps.find((s) => s.technique === 'dice')!;
  const fetch = steps.find((s) => s.technique === 'gather')!;
  const lessons = (ratio: number, n: number, learner = 'a') =>
    Array.from({ length: n }, () => ({
      learner,
      made: [
        { stepKey: fetch.key, at: 0 },
        { stepKey: cut.key, at: ratio * cut.minutes.active * MINUTE },
      ],
    }));
  const of = (list: ReturnType<typeof lessons>) => learnerPaces(list, (key) => byKey.get(key));

  test('with no records it is the first figure: an adult’s minutes times three', () => {
    expect(of([])('a')).toMatchObject({ n: 0, pace: { cut: 3, fetch: 3 } });
  });
  test('a few records draw it a little, many nearly all the way, and most in the kind of work that they are of', () => {
    const [few, many] = [2, 60].map((n) => of(lessons(1.5, n))('a'));
    expect(few.pace.cut).toBeLessThan(3);
    expect(few.pace.cut).toBeGreaterThan(2);
    expect(many.pace.cut).toBeLessThan(1.7);
    expect(many.pace.cut).toBeLessThan(many.pace.fetch);
    expect(many.n).toBe(60);
  });
  test('another learner of a quick class begins nearer to the class than to three', () => {
    const pace = of(lessons(1.5, 40))('new').pace.cut;
    expect(pace).toBeGreaterThan(1.5);
    expect(pace).toBeLessThan(2.6);
  });
  test('what was caught up on later, breaks, and what goes by the clock say nothing', () => {
    const wait = steps.find((s) => s.minutes.waiting > 0)!;
    const made = [
      { stepKey: fetch.key, at: 0 },
      { stepKey: cut.key, at: 500 },
      { stepKey: cut.key, at: 40 * MINUTE },
      { stepKey: wait.key, at: 45 * MINUTE },
    ];
    expect(learnerPaces([{ learner: 'a', made }], (key) => byKey.get(key))('a').n).toBe(0);
  });
});

describe('who shares with whom', () => {
  const people = (wants: string[]) => wants.map((w, i) => ({ id: `L${i}`, wants: new Set(w.split('')) }));
  test('two who want the same are not put together where that can be helped', () => {
    const teams = groupsFor(people(['x', 'x', 'y', 'y']), 'pairs');
    for (const team of teams) expect(new Set(team.map((id) => 'xxyy'[Number(id[1])])).size).toBe(2);
  });
  test('everybody is in one team, in pairs with the last three together', () => {
    const teams = groupsFor(people(['a', 'b', 'c', 'a', 'b']), 'pairs');
    expect(teams.map((t) => t.length).sort()).toEqual([2, 3]);
    expect(teams.flat().sort()).toEqual(['L0', 'L1', 'L2', 'L3', 'L4']);
  });
});

describe('what can be taken out of a lesson', () => {
  test('fetching, cold work that keeps, the washing up; never hands, heat or raw food', () => {
    const out = (what: 'set-out' | 'cold-work' | 'washing-up') => takenOut(what, steps).map((key) => byKey.get(key)!);
    expect(out('set-out').every((s) => s.technique === 'gather')).toBe(true);
    for (const s of out('cold-work')) expect([s.hazards.includes('hot'), s.phase === 'gather'], s.text).toEqual([false, false]);
    expect(out('washing-up').some((s) => s.technique === 'wash-hands')).toBe(false);
    for (const what of ['set-out', 'cold-work', 'washing-up'] as const) expect(out(what).length, what).toBeGreaterThan(0);
  });
});

describe('how far a lesson is', () => {
  const placed = [
    { block: 'one', start: 0, end: 5, who: ['a'], steps: ['d 1', 'd 2'] },
    { block: 'two', start: 5, end: 9, who: ['a'], steps: ['d 3'] },
    { block: 'adult', start: 2, end: 4, who: [], steps: ['d 4'] },
  ];
  test('a block with all its steps recorded is done, with some begun, with none neither', () => {
    const at = (steps: [string, number][], now: number) =>
      standingOf(
        placed,
        steps.map(([step, minute]) => ({ learner: 'a', step, minute })),
        now,
      ).begun;
    expect(at([['d 1', 3]], 6).get('one')).toEqual({ start: 0, end: null, who: 'a' });
    expect(
      at(
        [
          ['d 1', 3],
          ['d 2', 6],
        ],
        7,
      ).get('one'),
    ).toEqual({ start: 0, end: 6, who: 'a' });
    expect(at([], 6).has('one')).toBe(false);
    // nobody records what an adult does: it went as planned
    expect(at([], 6).get('adult')).toEqual({ start: 2, end: 4, who: null });
    expect(tableFrom(placed).end).toBe(9);
  });
});

describe('a plan in words', () => {
  const names: Names = {
    learner: (id) => id.toUpperCase(),
    step: (_, key) => `Grate the ${key}.`,
    dish: (id) => id,
    block: (id) => `Do ${id}.`,
    at: (m) => `${m}′`,
  };
  const bound = { minutes: 96, by: { what: 'learner' as const, learner: 'wren', minutes: 96 } };
  test('its one sentence', () => {
    const view = (met: number) => ({ end: 50, chance: { draws: 200, met, middle: 0, late: 0 } }) as PlanView;
    expect(sentence(view(185), 60, names)).toBe('Ends 50′, bell 60′. 9 in 10 lessons like this are done by then.');
    expect(sentence(view(200), 60, names)).toContain('Nearly all');
    expect(sentence(view(10), 60, names)).toContain('Hardly any');
  });
  test('what it does not give, several learners in one line', () => {
    const all: PlanFinding[] = [
      { kind: 'cannot', minutes: 96 },
      { kind: 'missed', learner: 'odo', steps: [{ dish: 'd', key: 'cheese' }] },
      { kind: 'no-rung', learner: 'pim' },
      { kind: 'no-rung', learner: 'kit' },
    ];
    expect(findingLines(all, names, bound)).toEqual([
      'This cannot be done by the bell: at the very best it takes 96 minutes, since WREN alone has 96 minutes of work that nobody else may do.',
      'ODO does not get: grate the cheese.',
      'PIM and KIT have no rung to reach in what is cooked.',
    ]);
  });
  test('many that are missed are counted', () => {
    const keys = ['a', 'b', 'c', 'd', 'e', 'f'].map((key) => ({ dish: 'd', key }));
    expect(findingLines([{ kind: 'missed', learner: 'odo', steps: keys }], names, bound)).toEqual([
      'ODO does not get: grate the a, grate the b, grate the c and 3 more.',
    ]);
  });
  test('levers and labels', () => {
    expect(leverText({ lever: { what: 'adult' }, minutes: 7, end: 0, bound: 0 }, names)).toBe('One adult more: 7 minutes less');
    expect(labelOf({ kind: 'work', title: 'Dice the cucumber.' })).toBe('Dice cucumber');
    expect(labelOf({ kind: 'work', title: 'Fill the ⅓ cup twice with couscous, into a small bowl.' })).toBe('Fill ⅓ cup');
    expect(labelOf({ kind: 'gather', title: 'From the fridge, get 1 cucumber.' })).toBe('Fetch things');
  });
});
