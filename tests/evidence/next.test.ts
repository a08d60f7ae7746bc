// What comes next for a learner: in which order, in which words, on which records, and that an answered proposal is not made again.
import { describe, expect, test } from 'vitest';
import {
  goalProgress,
  goalSentence,
  nextThings,
  pooledRungs,
  seriesOf,
  stoppingSteps,
  techniqueById,
  type Goal,
  type GoalNames,
  type LearnerRecord,
} from '$core';
import { recordOf, week, type Page } from './record';

const NAMES: GoalNames = {
  learner: 'Wren',
  recipe: (id) => id,
  technique: (id) => techniqueById(id)?.name ?? id,
  day: (day) => day,
};
const goalOf = (more: Partial<Goal> = {}): Goal => {
  const criterion = { independence: 90, lessons: 3, safety: true, people: 2, level: 'independent', by: week(20) };
  return {
    id: 'g',
    scope: { kind: 'recipe', recipe: 'Soup' },
    condition: 'With picture cards',
    hierarchy: 'full',
    criterion,
    since: [{ day: week(0), criterion }],
    metOn: null,
    putAwayOn: null,
    ...more,
  };
};
const next = (record: LearnerRecord, goals: Goal[] = [], today = week(12), answered: Parameters<typeof nextThings>[4] = []) =>
  nextThings(
    record,
    goals.map((goal) => ({ goal, progress: goalProgress(goal, record) })),
    NAMES,
    today,
    answered,
  );
const soup = (...steps: Page['steps']): Page => ({ recipe: 'Soup', steps });

describe('sentences', () => {
  test('three times running with a hint: point instead', () => {
    const [thing] = next(recordOf([soup({ text: 'Dice the carrot.', technique: 'dice', taps: 'V V V' })]));
    expect(thing).toMatchObject({
      kind: 'less-help',
      aim: 'gesture',
      saw: 'Three times running Wren did “Dice the carrot” with a hint.',
      do: 'Next time only point or look.',
      newest: week(2),
    });
    // the very taps that it rests on
    expect(thing.rests.map((t) => [t.day, t.stepKey, t.code])).toEqual([0, 1, 2].map((n) => [week(n), 'Soup-0', 'indirect-verbal']));
  });
  test('less help at a blade or at heat: within reach and starting with more, never by waiting for an error', () => {
    for (const hazard of ['sharp', 'hot', 'raw-meat'])
      for (const taps of ['V V V', 'G G G'])
        expect(next(recordOf([soup({ hazards: [hazard], taps })]))[0].do).toMatch(
          /^Next time aim for “(Gesture|On my own)”: stay within reach, and start with more help\.$/,
        );
    expect(next(recordOf([soup({ taps: 'G G G' })]))[0].do).toBe('Next time wait, and let Wren do it alone.');
  });
  test('a blade or heat goes before all else, with an adult within reach', () => {
    const things = next(
      recordOf([
        soup(
          { text: 'Stir.', taps: '. . . V V V' },
          { text: 'Drain the pasta.', hazards: ['hot'], taps: 'V V V M M M' },
          { text: 'Fold the cloth.', taps: 'V V V M M M' },
        ),
      ]),
    );
    expect(things.map((t) => t.kind)).toEqual(['more-help-danger', 'more-help', 'less-help']);
    expect(things[0].do).toMatch(/, and stay within reach\.$/);
  });
  test('steps of one technique with the same aim are one thing, over recipes too', () => {
    const dice = { technique: 'dice', taps: 'V V V' };
    const [one, ...others] = next(recordOf([soup(dice, dice), { recipe: 'Stew', from: 4, steps: [dice] }]));
    expect(others).toEqual([]);
    expect(one.saw).toContain('“dice” in two recipes');
    expect(one.steps).toHaveLength(3);
  });
  test('six times no better: the step may be too big', () => {
    const [thing] = next(recordOf([soup({ text: 'Peel the carrot.', taps: 'D M D D M D' })]));
    expect(thing.kind).toBe('stuck');
    expect(thing.rests).toHaveLength(6);
  });
  test('too few records, and what is independent, ask for nothing', () => {
    expect(next(recordOf([soup({ taps: 'V V' }, { taps: 'I I I' }, { taps: 'adult adult adult' })]))).toEqual([]);
  });
  test('a step that the newest version no longer has asks for nothing', () => {
    const record = recordOf([soup({ taps: 'V V V' })]);
    expect(next({ ...record, steps: record.steps.map((s) => ({ ...s, here: false })) })).toEqual([]);
  });
});

describe('answers', () => {
  const record = recordOf([soup({ text: 'Dice.', technique: 'dice', taps: 'V V V' })]);
  test('an answered proposal is not made again from the same records, and is from newer ones', () => {
    const [{ about, newest }] = next(record);
    expect(next(record, [], week(12), [{ about, newest }])).toEqual([]);
    const more = recordOf([soup({ text: 'Dice.', technique: 'dice', taps: 'V V V V' })]);
    // somebody said to stay at the hint: each new lesson that bears it out asks again
    const aims = new Map([['Soup Soup-0', { level: 'indirect-verbal', since: '2026-08-01' }]]);
    expect(next({ ...more, aims }, [], week(12), [{ about, newest }])).toMatchObject([{ kind: 'less-help', aim: 'gesture' }]);
  });
  test('an aim that was taken is new: nothing is said of it until it was tried', () => {
    const aims = new Map([['Soup Soup-0', { level: 'gesture', since: week(2) }]]);
    expect(next({ ...record, aims })).toEqual([]);
  });
});

describe('goals', () => {
  const learnt = (adults: string[]) => recordOf([{ ...soup(...[1, 2].map(() => ({ taps: 'V V V I I I' }))), baseline: 3, adults }]);
  test('the sentence has condition, learner, behaviour, criterion and date', () => {
    const record = recordOf([soup({ text: 'Peel.', technique: 'peel', taps: 'V' }, { text: 'Dice.', technique: 'dice', taps: 'V' })]);
    expect(goalSentence(goalOf({ criterion: { ...goalOf().criterion, safety: false, people: 1 } }), record.steps, NAMES)).toBe(
      `With picture cards, Wren makes Soup (2 steps), 90\u00a0% of steps independent, three lessons in a row, by ${week(20)}.`,
    );
    expect(goalSentence(goalOf({ scope: { kind: 'technique', technique: 'dice' } }), record.steps, NAMES)).toContain(
      `Wren does “${techniqueById('dice')!.name}” in whatever is cooked`,
    );
    expect(goalSentence(goalOf({ scope: { kind: 'steps', recipe: 'Soup', keys: ['Soup-0', 'Soup-1'] } }), record.steps, NAMES)).toContain(
      '2 steps of Soup, from “Peel” to “Dice”',
    );
  });
  test('learnt is said when all of the criterion is met, and not with one adult only', () => {
    expect(next(learnt(['Ms Ferrow', 'Mr Lund']), [goalOf()])[0].kind).toBe('learnt');
    const [thing] = next(learnt(['Ms Ferrow']), [goalOf()]);
    expect(thing.kind).toBe('another-person');
    expect(thing.saw).toContain('with Ms Ferrow only');
  });
  test('a safety step that was prompted is not learnt', () => {
    const record = recordOf([
      { ...soup(...Array<Page['steps'][number]>(10).fill({ taps: 'V I I I' }), { hazards: ['sharp'], taps: 'V G G G' }), baseline: 1 },
    ]);
    const { mastery } = goalProgress(goalOf(), record);
    expect(mastery).toMatchObject({ met: false, lacks: ['safety', 'lessons'] });
  });
  test('two, four and eight weeks after it was learnt: a look each, the late one is no other’s', () => {
    const met = goalOf({ metOn: week(3) });
    const record = (taps: string) => recordOf([soup({ taps }, { taps })]);
    const kinds = (taps: string, today: number) => next(record(taps), [met], week(today)).map((t) => t.kind);
    expect(kinds('I I I I', 3)).toEqual([]);
    expect(next(record('I I I I'), [met], week(5))[0]).toMatchObject({ kind: 'probe', about: 'probe goal g 2' });
    // nothing for weeks, then one four weeks on: the look after two weeks is past
    expect(goalProgress(met, record('I I I I - - - I')).probes.map((p) => p.lessonId)).toEqual([null, 'Soup 7', null]);
    expect(goalProgress(met, record('I I I I - - - I')).probe?.weeks).toBe(8);
    expect(kinds('I I I I - V', 6)[0]).toBe('slipped');
    expect(kinds('I I I I - I - I - - - I', 12)).toEqual(['elsewhere']);
  });
  test('four under the aim line since the last change; a change begins anew', () => {
    const steps = Array<Page['steps'][number]>(5).fill({ taps: 'M M M M M M M M M' });
    expect(next(recordOf([{ ...soup(...steps), baseline: 3 }]), [goalOf()])[0].kind).toBe('change');
    const changed = recordOf([{ ...soup(...steps), baseline: 3, lesson: (n) => (n >= 6 ? { procedure: { id: 'most-to-least' } } : {}) }]);
    expect(goalProgress(goalOf(), changed).decision).toMatchObject({ decision: 'not-enough', n: 3 });
  });
  test('another criterion rewrites no old figure', () => {
    const record = learnt(['Ms Ferrow', 'Mr Lund']);
    const figures = (independence: number) =>
      goalProgress(goalOf({ criterion: { ...goalOf().criterion, independence } }), record).points.map((p) => p.share);
    expect(figures(50)).toEqual(figures(90));
  });
  test('another criterion is a line at the first lesson that it was asked of, and begins the four points anew', () => {
    const record = recordOf([{ ...soup(...Array<Page['steps'][number]>(5).fill({ taps: 'M M M M M M M M M' })), baseline: 3 }]);
    const harder = { ...goalOf().criterion, independence: 100 };
    const goal = goalOf({
      criterion: harder,
      since: [
        { day: week(0), criterion: goalOf().criterion },
        { day: week(6), criterion: harder },
      ],
    });
    const { points, decision, figures } = goalProgress(goal, record);
    expect(points.map((p) => p.changes.map((c) => c.what))).toEqual([[], [], [], ['phase'], [], [], ['criterion'], [], []]);
    expect(points[6].changes[0].to).toBe('100 % in 3');
    expect(decision).toMatchObject({ decision: 'not-enough', n: 3 });
    expect(figures.warnings).not.toContain('other-changes');
  });
});

describe('over the lessons', () => {
  test('a missed lesson is a gap, not a zero; what changed stands with the first lesson that has it', () => {
    const record = recordOf([
      {
        ...soup({ taps: 'V V - I' }, { taps: 'I V - I' }),
        baseline: 2,
        lesson: (n) => ({ version: n === 3 ? 2 : 1, own: n === 3 ? 'x' : null }),
      },
    ]);
    const points = seriesOf(record, { kind: 'recipe', recipe: 'Soup' });
    expect(points.map((p) => [p.share, p.missed])).toEqual([
      [50, false],
      [0, false],
      [null, true],
      [100, false],
    ]);
    expect(points.map((p) => p.changes.map((c) => c.what))).toEqual([[], [], [], ['phase', 'own', 'version']]);
  });
  test('a lesson that is not over is shown, and counts for nothing', () => {
    const record = recordOf([{ ...soup({ taps: 'V V V I I I' }), baseline: 3, lesson: (n) => (n === 5 ? { state: 'open' } : {}) }]);
    const { points, mastery, figures } = goalProgress(goalOf(), record);
    expect([points.length, mastery.inARow, figures.after.n]).toEqual([6, 2, 2]);
  });
  test('a level that counts, or less help', () => {
    const record = recordOf([soup({ taps: 'V' }, { taps: 'G' }, { taps: 'I' }, { taps: 'M' })]);
    expect(seriesOf(record, { kind: 'recipe', recipe: 'Soup' }, 'gesture')[0].share).toBe(50);
    expect(seriesOf(record, { kind: 'recipe', recipe: 'Soup' })[0].share).toBe(25);
  });
  test('a technique over recipes: each lesson once, at its middle; only what has enough is said', () => {
    const record = recordOf([
      soup({ technique: 'dice', taps: 'M' }, { technique: 'dice', taps: 'V' }, { technique: 'dice', taps: 'G' }),
      { recipe: 'Stew', from: 1, steps: [{ technique: 'dice', taps: 'V' }] },
      { recipe: 'Bowl', from: 2, steps: [{ technique: 'dice', taps: 'V' }] },
    ]);
    expect(pooledRungs(record)).toMatchObject([
      { technique: 'dice', lessons: 3, recipes: ['Soup', 'Stew', 'Bowl'], rung: { verdict: 'up', aim: 'gesture' } },
    ]);
    // of each recipe alone there is too little
    expect(next(record)[0]).toMatchObject({ kind: 'less-help', technique: 'dice', aim: 'gesture' });
  });
  test('levels of another kind are not mixed', () => {
    const other = {
      hierarchy: {
        ...recordOf([]).lessons[0]?.hierarchy,
        id: 'other',
        name: 'Other',
        levels: [
          { id: 'independent', name: 'I', letter: 'I', say: '' },
          { id: 'x', name: 'X', letter: 'X', say: '' },
        ],
      },
    };
    const record = recordOf([{ ...soup({ technique: 'dice', taps: 'I I I' }), lesson: (n) => (n < 2 ? other : {}) }]);
    expect(pooledRungs(record)[0]).toMatchObject({ lessons: 1, rung: { verdict: 'not-enough' } });
  });
});

test('a step that stops most learners: of three at least, and half of them', () => {
  const of = (taps: string, id: string) => ({
    ...recordOf([soup({ text: 'Juice.', taps }, { taps: 'I I I' })]),
    learner: { id, name: id },
  });
  expect(stoppingSteps([of('M M F', 'a'), of('V I I', 'b')])).toEqual([]);
  expect(stoppingSteps([of('M M F', 'a'), of('V I I', 'b'), of('F refused', 'c'), of('M', 'd')])).toMatchObject([
    { text: 'Juice.', of: 3, stopped: ['a', 'c'] },
  ]);
  // help that was needed before the eight newest lessons stops nobody now, nor does what was recorded once since
  const once = (who: string) => of(`M M${' .'.repeat(7)} M`, who);
  expect(stoppingSteps([once('a'), once('b'), once('c')])).toEqual([]);
  expect(stoppingSteps([of(`M M${' .'.repeat(6)}`, 'a'), of('M M', 'b'), of('M M', 'c')])).toMatchObject([
    { of: 3, stopped: ['a', 'b', 'c'] },
  ]);
});
