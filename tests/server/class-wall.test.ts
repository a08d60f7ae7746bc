// The wall between classes of one school: whoever is in a class sees its learners and what was recorded of them, and nobody else's.
import { randomUUID } from 'node:crypto';
import type { Knex } from 'knex';
import { recordsIn, type Role } from '$core';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { listClassLessons, putClassLessonAway } from '../../src/lib/server/class-lessons';
import { connect, migrate } from '../../src/lib/server/connect';
import { loadDemo } from '../../src/lib/server/demo/load';
import { takeIn } from '../../src/lib/server/intake';
import { getKitchen, saveKitchen } from '../../src/lib/server/kitchen';
import { listLearners } from '../../src/lib/server/learners';
import { recordsOf } from '../../src/lib/server/look-back';
import { keepPhoto, thingPhotos } from '../../src/lib/server/photos';
import { addClass, moveLearners, putClassAway, setClasses } from '../../src/lib/server/people/classes';
import { listRecipes, putRecipeAway, recipesAway } from '../../src/lib/server/recipes';
import { DEMO_SCHOOL, withPass, type SchoolTrx } from '../../src/lib/server/school-scope';
import { ownDatabase } from './own-server';

let app: Knex;
let owner: Knex;
let drop: () => Promise<void>;
let quay: string;
const TIDE = 'c1a55001-0000-4000-8000-000000000002';
const learner = (n: number) => `1ea40001-0000-4000-8000-00000000000${n}`;
const [WREN, FERN] = [learner(1), learner(8)];
const account = (n: number) => `acc00001-0000-4000-8000-00000000000${n}`;
const [FERROW, LUND, OKELL] = [account(1), account(2), account(3)];

beforeAll(async () => {
  const own = await ownDatabase();
  [app, owner, drop] = [connect(own.app), connect(own.owner), own.drop];
  await migrate(owner);
  await loadDemo(owner);
  quay = (await owner('class').where({ school_id: DEMO_SCHOOL }).whereNot({ id: TIDE }).first('id'))!.id;
});
afterAll(async () => {
  await Promise.all([app.destroy(), owner.destroy()]);
  await drop();
});

const as = <T>(role: Role, who: string | null, of: string | null, work: (trx: SchoolTrx) => Promise<T>) =>
  withPass(app, { school: DEMO_SCHOOL, account: who, role, class: of }, work);
const lead = <T>(work: (trx: SchoolTrx) => Promise<T>, of: string | null = quay) => as('lead', OKELL, of, work);
const rolledBack = new Error('rolled back');
/** Does it, tells what came of it, and takes it back. */
async function tried<T>(role: Role, who: string | null, of: string, work: (trx: SchoolTrx) => Promise<T>): Promise<T> {
  let came: T | undefined;
  await as(role, who, of, async (trx) => {
    came = await work(trx);
    throw rolledBack;
  }).catch((failed: unknown) => {
    if (failed !== rolledBack) throw failed;
  });
  return came as T;
}
const namesIn = async (trx: SchoolTrx) => (await listLearners(trx)).map((l) => l.name);

/** In which tables a learner’s id is seen, anywhere in a row. */
async function seenIn(trx: SchoolTrx, id: string): Promise<string[]> {
  const tables: string[] = await trx('pg_tables').where({ schemaname: 'public' }).pluck('tablename');
  const found: string[] = [];
  for (const table of tables) {
    await trx.raw('savepoint look');
    const rows = await trx
      .raw<{ rows: { n: number }[] }>('select count(*)::int as n from ?? t where to_jsonb(t)::text like ?', [table, `%${id}%`])
      .then((r) => r.rows[0].n)
      // what this role may not read at all
      .catch(async () => (await trx.raw('rollback to savepoint look'), 0));
    if (rows > 0) found.push(table);
  }
  return found;
}

describe('who sees whom', () => {
  test('a class has photographs of its own kitchen, and whoever may not change it takes none', async () => {
    const of = { thing: 'place:drawer 1' };
    expect([...(await as('teacher', FERROW, quay, thingPhotos)).keys()]).toContain(of.thing);
    expect((await lead(thingPhotos, TIDE)).size).toBe(0);
    await expect(tried('aide', LUND, quay, (trx) => keepPhoto(trx, of, Buffer.from('x')))).rejects.toThrow(/row-level security/);
    expect(await tried('teacher', FERROW, quay, (trx) => keepPhoto(trx, of, Buffer.from('x')))).toBe(2);
    await expect(tried('aide', LUND, quay, (trx) => keepPhoto(trx, { learner: WREN }, Buffer.from('x')))).rejects.toThrow(
      /row-level security/,
    );
  });
  test('an aide of one class sees nothing of another’s learners, in any table', async () => {
    expect(await as('aide', LUND, quay, (trx) => seenIn(trx, WREN))).toEqual(
      expect.arrayContaining(['learner', 'lesson_learner', 'observation', 'goal']),
    );
    for (const n of [7, 8, 9]) expect(await as('aide', LUND, quay, (trx) => seenIn(trx, learner(n))), String(n)).toEqual([]);
  });
  test('what would be recorded under the id of another class’s record is not called taken', async () => {
    const { id } = (await lead((trx) => trx('observation').where({ learner_id: FERN }).first('id')))!;
    const of = await as('aide', LUND, quay, (trx) =>
      trx('observation').where({ learner_id: WREN, second: false }).first('lesson_id', 'step_key', 'code'),
    );
    const madeAt = new Date().toISOString();
    const made = { id, learnerId: WREN, stepKey: of!.step_key, code: of!.code, observer: 'Mr Lund', how: 'tap', madeAt, replaces: null };
    const answer = await tried('aide', LUND, quay, (trx) =>
      takeIn(trx, of!.lesson_id, { sentAt: madeAt, observations: [made], notes: [], finished: [] }, Date.now()),
    );
    expect(answer).toMatchObject({ taken: [], refused: [{ id, why: 'another record has this id' }] });
  });
  test('naming another class in the pass opens nothing that the account does not', async () => {
    expect(await as('aide', LUND, TIDE, (trx) => trx('learner').pluck('name'))).not.toContain('Rook');
    expect(await as('aide', LUND, TIDE, namesIn)).toEqual([]);
  });
  test('nor do a pass and a learner’s screen of one lesson', async () => {
    expect(await as('aide', null, TIDE, (trx) => seenIn(trx, WREN))).toEqual([]);
    expect(await as('aide', null, null, (trx) => trx('learner').select())).toEqual([]);
  });
  test('a teacher of both works with one at a time, and reaches both', async () => {
    expect(await as('teacher', FERROW, quay, namesIn)).toEqual(['Wren', 'Odo', 'Pim', 'Tansy', 'Nell', 'Kit']);
    expect(await as('teacher', FERROW, TIDE, namesIn)).toEqual(['Fern', 'Rook', 'Ash']);
    expect((await as('teacher', FERROW, TIDE, (trx) => trx('learner').select())).length).toBe(10);
  });
  test('each class has its kitchen, and saving one leaves the other', async () => {
    const before = await as('teacher', FERROW, quay, getKitchen);
    await as('teacher', FERROW, TIDE, async (trx) => {
      const { revision, system, lessonMinutes, microwaveWatts, readingGrade, measures, places } = await getKitchen(trx);
      expect([system, lessonMinutes]).toEqual(['metric', 45]);
      const said = { system, lessonMinutes: 50, microwaveWatts, readingGrade, places, tools: [], lacks: [], heights: {}, controls: {} };
      expect(await saveKitchen(trx, revision, { ...said, measures: measures.map((m) => ({ ...m, place: 'shelf 2' })) })).toBe(revision + 1);
    });
    expect(await as('teacher', FERROW, quay, getKitchen)).toEqual(before);
    expect((await as('teacher', FERROW, TIDE, getKitchen)).lessonMinutes).toBe(50);
  });
});

describe('writing over the wall', () => {
  test('changes no row of another class', async () => {
    const writes: [string, (trx: SchoolTrx) => Promise<unknown>][] = [
      [
        'learner',
        (trx) =>
          trx('learner')
            .where({ id: learner(7) })
            .update({ plan_notes: 'x' }),
      ],
      ['class_lesson', (trx) => trx('class_lesson').where({ class_id: TIDE }).whereNull('begun_at').update({ adults: '[]' })],
      ['kitchen', (trx) => trx('kitchen').where({ class_id: TIDE }).update({ lesson_minutes: 10 })],
      ['goal', (trx) => trx('goal').where({ learner_id: FERN }).update({ condition: 'x' })],
    ];
    await as('lead', OKELL, quay, (trx) => setClasses(trx, LUND, [quay]));
    for (const [table, write] of writes) expect(Number(await tried('teacher', LUND, quay, write)), table).toBe(0);
  });
  test('and adds none: a record, a goal, a learner, a lesson', async () => {
    const at = { school_id: DEMO_SCHOOL, id: randomUUID() };
    const adds: ((trx: SchoolTrx) => Promise<unknown>)[] = [
      (trx) => trx('goal').insert({ ...at, learner_id: FERN, scope: '{}', condition: '', hierarchy: 'full' }),
      (trx) => trx('learner').insert({ ...at, name: 'New', class_id: TIDE }),
      (trx) => trx('class_lesson').insert({ ...at, held_on: '2026-11-02', class_id: TIDE }),
      (trx) => trx('kitchen_tool').insert({ school_id: DEMO_SCHOOL, id: 'whisk', class_id: TIDE }),
    ];
    for (const add of adds) await expect(tried('teacher', LUND, quay, add)).rejects.toThrow(/row-level security/);
    const lesson = (await lead((trx) => trx('lesson_learner').where({ learner_id: FERN }).first('lesson_id')))!.lesson_id;
    const record = {
      ...at,
      lesson_id: lesson,
      learner_id: FERN,
      step_key: 'k',
      code: 'model',
      observer: 'X',
      how: 'tap',
      made_at: new Date(),
    };
    await expect(tried('teacher', LUND, quay, (trx) => trx('observation').insert(record))).rejects.toThrow(/row-level security/);
  });
  test('only who looks after classes moves a learner, makes a class or says who is in one', async () => {
    for (const role of ['teacher', 'specialist', 'aide', 'reader'] as const) {
      const move = (trx: SchoolTrx) => trx('learner').where({ id: WREN }).update({ class_id: TIDE });
      if (role === 'teacher' || role === 'specialist') await expect(tried(role, FERROW, quay, move)).rejects.toThrow(/not for this role/);
      else expect(Number(await tried(role, FERROW, quay, move))).toBe(0);
      await expect(tried(role, FERROW, quay, (trx) => addClass(trx, 'X', null))).rejects.toThrow(/row-level security/);
      await expect(
        tried(role, LUND, quay, (trx) => trx('class_person').insert({ school_id: DEMO_SCHOOL, class_id: TIDE, account_id: LUND })),
      ).rejects.toThrow(/row-level security/);
    }
  });
});

describe('a learner who moves up', () => {
  const looked = async (trx: SchoolTrx) => (await recordsOf(trx, [{ id: FERN, name: 'Fern' }]))[0].record;
  test('takes the records of before along, with the lessons they were made in', async () => {
    const record = await as('teacher', FERROW, TIDE, looked);
    expect(record.lessons.length).toBe(4);
    expect(recordsIn(record.made)).toBeGreaterThan(30);
  });
  test('and is gone from where he was: the class sees no row of him any more, and its lessons stay frozen', async () => {
    const lesson = (await lead((trx) => trx('observation').where({ learner_id: FERN }).first('lesson_id')))!.lesson_id;
    // the class that she left has the lesson still, and nobody in it
    expect((await as('aide', LUND, quay, (trx) => trx('lesson').where({ id: lesson }))).length).toBe(1);
    expect(await as('aide', LUND, quay, (trx) => trx('observation').where({ lesson_id: lesson }))).toEqual([]);
    await expect(tried('teacher', LUND, quay, (trx) => trx('lesson').where({ id: lesson }).update({ hierarchy: '{}' }))).rejects.toThrow(
      /never changed/,
    );
  });
  test('leaves lessons that have not begun, whose plan starts anew', async () => {
    const at = { school_id: DEMO_SCHOOL };
    const ahead = async (trx: SchoolTrx) => (await listClassLessons(trx, '2026-01-01', '2999-01-01')).filter((l) => !l.begun && !l.ended);
    /** Moves Odo, whose class has a lesson ahead with a plan: who is in that lesson before and after, and what is left of its plan. */
    const moving = (before: (trx: SchoolTrx) => Promise<unknown>) =>
      tried('lead', OKELL, quay, async (trx) => {
        await before(trx);
        const [lesson] = await ahead(trx);
        await trx('class_lesson')
          .where({ ...at, id: lesson.id })
          .update({ plan: '{}' });
        const moved = await moveLearners(trx, [learner(2)], TIDE);
        const after = (await ahead(trx)).find((l) => l.id === lesson.id)!;
        const row = await trx('class_lesson').where({ id: lesson.id }).first<{ plan: unknown } | undefined>('plan');
        return { moved, before: lesson.learners, after: after.learners, plan: row?.plan };
      });
    // today's lesson is under way, so whoever is in it stays
    expect((await moving(() => Promise.resolve())).moved).toEqual({ ok: false, why: 'in-lesson', names: ['Odo'] });
    const under = { ...at, class_id: quay };
    const ended = await moving((trx) =>
      trx('class_lesson').where(under).whereNotNull('begun_at').update({ ended_at: trx.fn.now() }).then(),
    );
    expect(ended.moved).toEqual({ ok: true });
    expect(ended.before).toContain('Odo');
    expect(ended.after).toEqual(ended.before.filter((n) => n !== 'Odo'));
    expect(ended.plan).toBe(null);
  });
});

describe('what is put away', () => {
  test('a class: whoever has no other sees nobody, until it is brought back; the last one stays', async () => {
    expect(await lead((trx) => putClassAway(trx, quay, true))).toBe('done');
    expect(await as('aide', LUND, quay, (trx) => trx('learner').select())).toEqual([]);
    expect(await lead((trx) => putClassAway(trx, TIDE, true))).toBe('last');
    expect(await lead((trx) => putClassAway(trx, quay, false))).toBe('done');
    expect((await as('aide', LUND, quay, namesIn)).length).toBe(6);
  });
  test('a recipe: in no list to choose from, still in its lessons', async () => {
    const [recipe] = await lead((trx) => listRecipes(trx));
    await lead((trx) => putRecipeAway(trx, recipe.id, true));
    const ids = async () => (await lead((trx) => listRecipes(trx))).map((r) => r.id);
    expect(await ids()).not.toContain(recipe.id);
    expect((await lead((trx) => recipesAway(trx)))[0]?.id).toBe(recipe.id);
    await lead((trx) => putRecipeAway(trx, recipe.id, false));
    expect(await ids()).toContain(recipe.id);
  });
  test('a lesson: in no list, and what was recorded in it counts nowhere until it is brought back', async () => {
    const of = async () => (await lead((trx) => recordsOf(trx, [{ id: FERN, name: 'Fern' }])))[0].record;
    const before = await of();
    const last = before.lessons.at(-1)!;
    await lead((trx) => putClassLessonAway(trx, last.id, true));
    const without = await of();
    expect(without.lessons.map((l) => l.id)).toEqual(before.lessons.slice(0, -1).map((l) => l.id));
    expect(without.made.has(last.id)).toBe(false);
    await lead((trx) => putClassLessonAway(trx, last.id, false));
    expect(await of()).toEqual(before);
  });
});
