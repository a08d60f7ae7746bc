// What devices send: each record judged by itself, and which one is in force whatever the clocks say.
import { randomUUID } from 'node:crypto';
import { buildTask, hierarchyById, readRecipe, USUAL_MASTERY } from '$core';
import { afterAll, beforeAll, beforeEach, describe, expect, test } from 'vitest';
import { connect } from '../../src/lib/server/connect';
import { takeIn } from '../../src/lib/server/intake';
import { beginLesson } from '../../src/lib/server/lessons';
import { inForceOf } from '../../src/lib/server/in-force';
import { notesOf } from '../../src/lib/server/records';
import { addRecipe } from '../../src/lib/server/recipes';
import { withSchool, type SchoolTrx } from '../../src/lib/server/school-scope';
import { publish, startDraft } from '../../src/lib/server/tasks';

const app = connect(process.env.DATABASE_URL!);
const owner = connect(process.env.OWNER_DATABASE_URL!);
const school = randomUUID();
const inHere = <T>(work: (trx: SchoolTrx) => Promise<T>) => withSchool(app, school, work);
const reading = readRecipe(
  'Rice\nIngredients\n1 cup rice\n2 cups water\nMethod\nBoil the water in a pan. Add the rice. Simmer for 12 minutes.',
);
const steps = buildTask(reading.recipe, { grain: 'standard' }).steps;
const recipe = randomUUID();
let learner = '';
let lesson = '';

beforeAll(async () => {
  await withSchool(owner, school, (trx) => trx('school').insert({ id: school, name: 'Clocks' }).then());
  await inHere(async (trx) => {
    await addRecipe(trx, recipe, 'Rice', reading);
    await startDraft(trx, recipe, 1, 'standard', steps);
    await publish(trx, recipe, 1, reading.recipe.ingredients, '');
  });
});
afterAll(async () => {
  await app.destroy();
  await owner.destroy();
});
const HOUR = 3_600_000;
async function begin(): Promise<[learner: string, lesson: string]> {
  const [who, which] = [randomUUID(), randomUUID()];
  await inHere(async (trx) => {
    await trx('learner').insert({ school_id: school, id: who, name: 'Tam' });
    await beginLesson(trx, {
      id: which,
      recipeId: recipe,
      learnerId: who,
      version: 1,
      heldOn: '2026-05-05',
      hierarchy: hierarchyById('full'),
      phase: 'baseline',
      mastery: USUAL_MASTERY,
      rule: { last: 3, days: 2, down: 2 },
    });
    // the lesson was begun three hours ago: what is told of it happened since
    await trx('lesson')
      .where({ id: which })
      .update({ created_at: new Date(Date.now() - 3 * HOUR).toISOString() });
  });
  return [who, which];
}
beforeEach(async () => {
  [learner, lesson] = await begin();
});

/** A device with a clock of its own: `off` milliseconds ahead of the true time. */
function device(off: number) {
  const id = randomUUID();
  let count = 0;
  const clock = (trueTime: number) => new Date(trueTime + off).toISOString();
  return {
    record: (code: string, trueTime: number, more: object = {}) => ({
      id: randomUUID(),
      learnerId: learner,
      stepKey: steps[0].key,
      code,
      observer: 'teacher',
      how: 'tap',
      madeAt: clock(trueTime),
      replaces: null as string | null,
      device: id,
      count: ++count,
      ...more,
    }),
    clock,
  };
}
const sending = (observations: unknown[], sentAt: string | undefined, received: number, notes: unknown[] = [], finished: unknown[] = []) =>
  inHere((trx) => takeIn(trx, lesson, { sentAt, observations, notes, finished }, received));
const inForce = async () => (await inHere((trx) => inForceOf(trx, [learner], [lesson], true))).flatMap((l) => l.made.map((o) => o.code));

describe('clocks', () => {
  const now = Date.now() - 2 * HOUR;
  const MINUTE = 60_000;
  const YEAR = 365 * 24 * 60 * MINUTE;
  test.each([
    ['two minutes fast', 2 * MINUTE],
    ['two minutes slow', -2 * MINUTE],
    ['three years fast', 3 * YEAR],
    ['three years slow', -3 * YEAR],
  ])('a device %s neither wins nor loses by it', async (_, off) => {
    const [wrong, right] = [device(off), device(0)];
    await sending([wrong.record('model', now)], wrong.clock(now), now);
    await sending([right.record('gesture', now + 5000)], right.clock(now + 5000), now + 5000);
    expect(await inForce()).toEqual(['gesture']);
    await sending([wrong.record('independent', now + 9000)], wrong.clock(now + 9000), now + 9000);
    expect(await inForce()).toEqual(['independent']);
  });
  test('a device whose clock was set back between two taps keeps its own order', async () => {
    const one = device(0);
    const taps = [one.record('model', now), one.record('gesture', now - 3 * YEAR)];
    await sending(taps, one.clock(now - 3 * YEAR + 1000), now);
    expect(await inForce()).toEqual(['gesture']);
  });
  test('what was made first and arrives last does not win: a lesson without a network, sent an hour later', async () => {
    const [offline, online] = [device(2 * MINUTE), device(0)];
    const early = offline.record('model', now + MINUTE);
    await sending([online.record('independent', now + 2 * MINUTE)], online.clock(now + 2 * MINUTE), now + 2 * MINUTE);
    await sending([early], offline.clock(now + 60 * MINUTE), now + 60 * MINUTE);
    expect(await inForce()).toEqual(['independent']);
  });
  test('a correction of a record that was seen wins, whenever it comes', async () => {
    const [first, second] = [device(5 * YEAR), device(-5 * YEAR)];
    const seen = first.record('independent', now + MINUTE);
    await sending([seen], first.clock(now + MINUTE), now + MINUTE);
    await sending([second.record('model', now, { replaces: seen.id })], second.clock(now), now + MINUTE);
    expect(await inForce()).toEqual(['model']);
  });
  test('without the device’s own time at sending, a time of the future counts as now', async () => {
    const [liar, other] = [device(0), device(0)];
    await sending([liar.record('model', now, { madeAt: '2999-01-01T00:00:00.000Z', device: null, count: null })], undefined, now);
    await sending([other.record('gesture', now + 1000)], other.clock(now + 1000), now + 1000);
    expect(await inForce()).toEqual(['gesture']);
  });
});

describe('one bad record holds up no other', () => {
  const now = Date.now();
  test('each gets its answer, and the good ones are kept', async () => {
    const one = device(0);
    const [otherLearner] = await begin();
    const good = one.record('model', now);
    const bad = [
      one.record('dancing', now),
      one.record('model', now, { stepKey: '__proto__' }),
      one.record('model', now, { stepKey: 'no-such-step' }),
      one.record('model', now, { learnerId: otherLearner }),
      one.record('model', now, { madeAt: '2026-02-30T10:00:00.000Z' }),
      one.record('model', now, { surprise: 1 }),
      one.record('model', now, { replaces: good.id, stepKey: steps[1].key }),
      one.record('model', now, { replaces: randomUUID() }),
      [],
      null,
      'model',
    ];
    const answer = await sending([...bad.slice(0, 5), good, ...bad.slice(5)], one.clock(now), now);
    expect(answer?.taken).toEqual([good.id]);
    expect(answer?.refused.map((r) => r.code)).toEqual([
      'wrong',
      'not-here',
      'not-here',
      'not-here',
      'wrong',
      'wrong',
      'wrong',
      'replaces-unknown',
      'wrong',
      'wrong',
      'wrong',
    ]);
    expect(answer?.refused.every((r) => r.why.length > 5)).toBe(true);
    expect(await inForce()).toEqual(['model']);
  });
  test('notes and ends too', async () => {
    const note = (more: object) => ({
      id: randomUUID(),
      learnerId: learner,
      stepKey: null,
      text: 'Calm today.',
      madeAt: new Date().toISOString(),
      ...more,
    });
    const answer = await sending([], undefined, now, [note({ text: '' }), note({}), note({ stepKey: 'constructor' })], ['x', learner, {}]);
    expect([answer?.taken.length, answer?.refused.length]).toEqual([2, 4]);
    expect((await inHere((trx) => notesOf(trx, learner, [lesson]))).map((n) => n.text)).toEqual(['Calm today.']);
    expect(await inHere((trx) => trx('lesson_learner').where({ lesson_id: lesson }).pluck('state'))).toEqual(['finished']);
  });
  test('sent twice is taken twice and kept once; another record under the same id is refused', async () => {
    const one = device(0);
    const made = one.record('model', now);
    for (let n = 0; n < 2; n++) expect((await sending([made], one.clock(now), now))?.taken).toEqual([made.id]);
    expect((await sending([{ ...made, stepKey: steps[1].key }], one.clock(now), now))?.refused[0]?.why).toContain(
      'another record has this id',
    );
    expect(await inForce()).toEqual(['model']);
  });
  test('nothing is recorded under the id of a note, nor noted under that of a record', async () => {
    const one = device(0);
    const made = one.record('model', now);
    const note = { id: randomUUID(), learnerId: learner, stepKey: null, text: 'Calm today.', madeAt: new Date().toISOString() };
    expect((await sending([made], one.clock(now), now, [note]))?.taken).toEqual([made.id, note.id]);
    const answer = await sending([one.record('gesture', now, { id: note.id })], one.clock(now), now, [{ ...note, id: made.id }]);
    expect([answer?.taken, answer?.refused.map((r) => r.why)]).toEqual([[], ['another record has this id', 'another record has this id']]);
    expect(await inForce()).toEqual(['model']);
  });
  test('a chain of corrections in one batch is taken whole', async () => {
    const one = device(0);
    const a = one.record('model', now);
    const b = one.record('gesture', now, { replaces: a.id });
    const c = one.record('independent', now, { replaces: b.id });
    expect((await sending([a, b, c], one.clock(now), now))?.refused).toEqual([]);
    expect(await inForce()).toEqual(['independent']);
  });
});
