// What a lesson came to, kept beside it: the same as its records say, whoever records when.
import { randomUUID } from 'node:crypto';
import { buildTask, hierarchyById, readRecipe, USUAL_MASTERY } from '$core';
import pg from 'pg';
import { afterAll, beforeAll, beforeEach, expect, test } from 'vitest';
import { connect } from '../../src/lib/server/connect';
import { inForceOf } from '../../src/lib/server/in-force';
import { keepOver } from '../../src/lib/server/kept';
import { beginLesson } from '../../src/lib/server/lessons';
import { addRecords, type NewObservation } from '../../src/lib/server/records';
import { addRecipe } from '../../src/lib/server/recipes';
import { withSchool, type SchoolTrx } from '../../src/lib/server/school-scope';
import { publish, startDraft } from '../../src/lib/server/tasks';
import { today } from '../../src/lib/server/today';

const app = connect(process.env.DATABASE_URL!);
const owner = connect(process.env.OWNER_DATABASE_URL!);
const school = randomUUID();
const inHere = <T>(work: (trx: SchoolTrx) => Promise<T>) => withSchool(app, school, work);
const recipe = randomUUID();
const reading = readRecipe(
  'Rice\nServes 1\nIngredients\n1 carrot\n1 cup rice\nMethod\nPeel and dice the carrot. Boil the rice for 12 minutes.',
);
const steps = buildTask(reading.recipe, { grain: 'standard' }).steps;
const learners = [randomUUID(), randomUUID()];

beforeAll(async () => {
  await withSchool(owner, school, (trx) => trx('school').insert({ id: school, name: 'Kept' }).then());
  await inHere(async (trx) => {
    await addRecipe(trx, recipe, 'Rice', reading);
    await startDraft(trx, recipe, 1, 'standard', steps);
    await publish(trx, recipe, 1, reading.recipe.ingredients, '');
    await trx('learner').insert(learners.map((id, i) => ({ school_id: school, id, name: `Learner ${i}` })));
  });
});
afterAll(async () => {
  await app.destroy();
  await owner.destroy();
});

let lesson = '';
beforeEach(() => inHere(async (trx) => void (lesson = await begun(trx, learners[0]))));

async function begun(trx: SchoolTrx, learnerId: string): Promise<string> {
  const id = randomUUID();
  const rule = { last: 3, days: 2, down: 2 };
  await beginLesson(trx, {
    ...{ id, learnerId, recipeId: recipe, version: 1, heldOn: today(), phase: 'intervention' },
    ...{ hierarchy: hierarchyById('full'), mastery: USUAL_MASTERY, rule },
  });
  return id;
}

const record = (more: Partial<NewObservation> = {}): NewObservation => ({
  ...{ id: randomUUID(), learnerId: learners[0], stepKey: steps[0].key, code: 'gesture', observer: 'Ms Ferrow', how: 'tap' },
  madeAt: new Date().toISOString(),
  ...more,
});
const add = (trx: SchoolTrx, at: string, some: NewObservation[], over: string[] = []) => addRecords(trx, at, some, [], over);
const keptOf = async (trx: SchoolTrx, at = lesson) =>
  (await trx('lesson_learner').where({ lesson_id: at }).first('kept')).kept as string | null;
const codesOf = async (trx: SchoolTrx, at = lesson) => (await inForceOf(trx, learners, [at])).flatMap((l) => l.made.map((m) => m.code));
const sorted = (all: Awaited<ReturnType<typeof inForceOf>>) =>
  all
    .map(({ made, ...at }) => ({ ...at, made: made.map(({ at: _, ...of }) => of).sort((a, b) => (a.stepKey < b.stepKey ? -1 : 1)) }))
    .sort((a, b) => (a.lessonId < b.lessonId ? -1 : 1));

test('as the records themselves say, over 40 lessons with corrections, things taken back, second scores and odd names', () =>
  inHere(async (trx) => {
    const codes = ['independent', 'gesture', 'model', 'refused', 'cleared'];
    const names = ['Ms Ferrow', 'Mr Lund', 'A\\B "C"', 'Zoë'];
    const pick = <T>(all: readonly T[]) => all[Math.floor(Math.random() * all.length)];
    for (let i = 0; i < 40; i++) {
      const learnerId = pick(learners);
      const at = await begun(trx, learnerId);
      const one = () =>
        record({ learnerId, stepKey: pick(steps).key, code: pick(codes), observer: pick(names), second: Math.random() < 0.1 });
      const first = Array.from({ length: 12 }, one);
      const again = first.slice(0, 3).map((o) => ({ ...one(), stepKey: o.stepKey, second: o.second, replaces: o.id }));
      await add(trx, at, first);
      await add(trx, at, again, [learnerId]);
      expect(await keptOf(trx, at)).not.toBeNull();
    }
    const kept = sorted(await inForceOf(trx, learners, null));
    await trx('lesson_learner').update({ kept: null });
    expect(kept).toEqual(sorted(await inForceOf(trx, learners, null)));
    expect(kept.length).toBeGreaterThan(30);
  }));

test('a record that comes late makes it void, is seen at once, and is kept when the next lesson ends', () =>
  inHere(async (trx) => {
    await add(trx, lesson, [record()], [learners[0]]);
    expect(await keptOf(trx)).toContain('gesture');
    await add(trx, lesson, [record({ stepKey: steps[1].key, code: 'model' })]);
    expect(await keptOf(trx)).toBeNull();
    expect((await codesOf(trx)).sort()).toEqual(['gesture', 'model']);
    const other = await begun(trx, learners[1]);
    await add(trx, other, [record({ learnerId: learners[1] })], [learners[1]]);
    expect(await keptOf(trx)).toContain('model');
  }));

test('a lesson that goes on keeps nothing until it is over', () =>
  inHere(async (trx) => {
    await add(trx, lesson, [record()]);
    await keepOver(trx);
    expect(await keptOf(trx)).toBeNull();
  }));

/** Something that somebody else lets go on. */
function gate() {
  let open = () => {};
  return { passed: new Promise<void>((done) => (open = done)), open: () => open() };
}

test('who records while it is being kept waits for that, and his record counts', async () => {
  const [held, goOn] = [gate(), gate()];
  await inHere((trx) => trx('lesson_learner').where({ lesson_id: lesson }).update({ state: 'finished' }).then());
  const keeping = inHere(async (trx) => {
    expect(await keepOver(trx)).toBe(1);
    held.open();
    await goOn.passed;
  });
  await held.passed;
  const recording = inHere((trx) => add(trx, lesson, [record({ code: 'model' })]));
  const waits = async () =>
    Number((await owner.raw<{ rows: { n: string }[] }>(`select count(*) as n from pg_locks where not granted`)).rows[0].n) > 0;
  await expect.poll(waits).toBe(true);
  goOn.open();
  await Promise.all([keeping, recording]);
  expect(await inHere((trx) => codesOf(trx))).toEqual(['model']);
});

test('where somebody records at that moment, it is left for the next time', async () => {
  const [held, goOn] = [gate(), gate()];
  await inHere((trx) => trx('lesson_learner').where({ lesson_id: lesson }).update({ state: 'finished' }).then());
  const recording = inHere(async (trx) => {
    await add(trx, lesson, [record({ code: 'model' })]);
    held.open();
    await goOn.passed;
  });
  await held.passed;
  await inHere((trx) => keepOver(trx));
  expect(await inHere((trx) => keptOf(trx))).toBeNull();
  goOn.open();
  await recording;
  await inHere((trx) => keepOver(trx));
  expect(await inHere((trx) => keptOf(trx))).toContain('model');
});

test('that something is kept is no news to whoever has the lesson open', async () => {
  const client = new pg.Client(process.env.OWNER_DATABASE_URL);
  await client.connect();
  const heard: string[] = [];
  client.on('notification', ({ payload = '' }) => payload.includes(school) && heard.push(payload));
  await client.query('listen room');
  await inHere((trx) => add(trx, lesson, [record()], [learners[0]]));
  await client.query('select 1');
  // of the record, and of the learner who is through
  expect(heard).toHaveLength(2);
  await inHere(async (trx) => {
    await trx('lesson_learner').where({ lesson_id: lesson }).update({ kept: null });
    await keepOver(trx);
  });
  await client.query('select 1');
  expect(heard).toHaveLength(2);
  await client.end();
});
