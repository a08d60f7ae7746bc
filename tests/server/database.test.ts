// The database's own promises: one school never sees another's rows, the application's role can bypass nothing, and what was recorded stays.
import { randomUUID } from 'node:crypto';
import { buildTask, hierarchyById, NO_PROFILE, readRecipe, USUAL_MASTERY } from '$core';
import { connect } from '../../src/lib/server/connect';
import { carriedFit, getFit, saveFit } from '../../src/lib/server/fits';
import { addLearner, changeLearner, fitLearner, getLearner, listLearners, moveLearner } from '../../src/lib/server/learners';
import { beginLesson, ownCardsOf } from '../../src/lib/server/lessons';
import { inForceOf } from '../../src/lib/server/in-force';
import { addRecords } from '../../src/lib/server/records';
import { addRecipe, countRecipes, getRecipe, listRecipes, saveMaking, saveReading } from '../../src/lib/server/recipes';
import { withSchool, type SchoolTrx } from '../../src/lib/server/school-scope';
import { getKitchen, saveKitchen } from '../../src/lib/server/kitchen';
import { listRoutines, saveRoutine } from '../../src/lib/server/routines';
import { getDraft, getVersion, listVersions, publish, saveDraft, settleRoutine, startDraft } from '../../src/lib/server/tasks';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';

const app = connect(process.env.DATABASE_URL!);
const owner = connect(process.env.OWNER_DATABASE_URL!);
const [here, there] = [randomUUID(), randomUUID()];
const inHere = <T>(work: (trx: SchoolTrx) => Promise<T>) => withSchool(app, here, work);

const SOURCE =
  'Rice\nServes 1\nIngredients\n1 cup rice\n2 cups water\nMethod\nBoil the water in a pan. Add the rice. Simmer for 12 minutes.';
const reading = readRecipe(SOURCE);
const steps = buildTask(reading.recipe, { grain: 'standard' }).steps;

beforeAll(async () => {
  for (const school of [here, there])
    await withSchool(owner, school, async (trx) => {
      await trx('school').insert({ id: school, name: `Test school ${school.slice(0, 4)}` });
    });
});
afterAll(async () => {
  await app.destroy();
  await owner.destroy();
});

/** A recipe with version 1 and a lesson of one learner in it. */
async function lessonHere() {
  const [recipe, learner, lesson] = [randomUUID(), randomUUID(), randomUUID()];
  await inHere(async (trx) => {
    await addRecipe(trx, recipe, SOURCE, reading);
    await startDraft(trx, recipe, 1, 'standard', steps);
    await publish(trx, recipe, 1, reading.recipe.ingredients, '');
    await trx('learner').insert({ school_id: here, id: learner, name: 'Tam', needs: '[]' });
    await beginLesson(trx, {
      id: lesson,
      recipeId: recipe,
      learnerId: learner,
      version: 1,
      heldOn: '2026-05-05',
      hierarchy: hierarchyById('full'),
      phase: 'baseline',
      mastery: USUAL_MASTERY,
      rule: { last: 3, days: 2, down: 2 },
    });
  });
  return { recipe, learner, lesson };
}
const seen = (learnerId: string, code: string, at: string, id = randomUUID()) => ({
  id,
  learnerId,
  stepKey: steps[0].key,
  code,
  observer: 'teacher',
  how: 'tap',
  madeAt: `2026-05-05T09:00:${at}.000Z`,
});

describe('schools', () => {
  test('the application’s role owns nothing and cannot pass row-level security', async () => {
    const role = await app.raw(`select rolsuper, rolbypassrls from pg_roles where rolname = current_user`);
    expect(role.rows).toEqual([{ rolsuper: false, rolbypassrls: false }]);
    const owned = await app.raw(
      `select count(*)::int as n from pg_class where relowner = (select oid from pg_roles where rolname = current_user)`,
    );
    expect(owned.rows[0].n).toBe(0);
  });
  test('every table has the school in its key, and forced row-level security', async () => {
    const tables = await app.raw(`
      select c.relname as name, c.relrowsecurity and c.relforcerowsecurity as forced,
             (select string_agg(a.attname, ',' order by k.ord) from pg_index i, unnest(i.indkey) with ordinality k(att, ord), pg_attribute a
              where i.indrelid = c.oid and i.indisprimary and a.attrelid = c.oid and a.attnum = k.att) as key
      from pg_class c join pg_namespace n on n.oid = c.relnamespace
      where n.nspname = 'public' and c.relkind = 'r' and c.relname not like 'migration%'`);
    expect(tables.rows.length).toBeGreaterThan(10);
    // what belongs to people and not to one school has walls of its own: see people.test.ts
    const ofPeople = [
      'class',
      'class_person',
      'passkey',
      'backup',
      'account',
      'credential',
      'recovery_code',
      'session',
      'link',
      'tries',
      'seal',
      'permission',
    ];
    for (const table of tables.rows.filter((t: { name: string }) => !ofPeople.includes(t.name))) {
      expect(table.forced, table.name).toBe(true);
      expect(table.key.split(',')[0], table.name).toMatch(table.name === 'school' ? /^id$/ : /^school_id$/);
    }
  });
  test('a forgotten "where" shows and changes nothing of another school', async () => {
    const { recipe } = await lessonHere();
    await withSchool(app, there, async (trx) => {
      expect(await trx('recipe').select()).toEqual([]);
      expect(await trx('observation').select()).toEqual([]);
      expect(await trx('recipe').where({ id: recipe }).update({ title: 'mine now' })).toBe(0);
      expect(await getRecipe(trx, recipe)).toBeNull();
    });
    expect((await inHere((trx) => getRecipe(trx, recipe)))?.title).toBe('Rice');
  });
  test('outside a school there is nothing, and a row of another school is refused', async () => {
    expect(await app('recipe').select()).toEqual([]);
    await expect(inHere((trx) => trx('learner').insert({ school_id: there, id: randomUUID(), name: 'X' }).then())).rejects.toThrow(
      /row-level security/,
    );
  });
});

describe('routines and versions', () => {
  test('an improvement counts up, is remembered by the draft that was asked, and is no other school’s', async () => {
    const { recipe } = await lessonHere();
    const routine = { id: randomUUID(), revision: 0, name: 'Our start', steps: steps.slice(0, 2) };
    expect(await inHere((trx) => saveRoutine(trx, routine))).toBe(1);
    expect(await inHere((trx) => saveRoutine(trx, { ...routine, revision: 1, name: 'Our own start' }))).toBe(2);
    // two who improve the same one: the second is told, and nothing of the first is lost
    expect(await inHere((trx) => saveRoutine(trx, { ...routine, revision: 1, name: 'Mine' }))).toBeNull();
    expect(await inHere((trx) => saveRoutine(trx, { ...routine, name: 'Mine too' }))).toBeNull();
    await inHere((trx) => settleRoutine(trx, recipe, routine.id, 2));
    expect((await inHere((trx) => getDraft(trx, recipe)))?.routines).toEqual(new Map([[routine.id, 2]]));
    expect((await inHere(listRoutines)).find((r) => r.id === routine.id)).toMatchObject({ name: 'Our own start', revision: 2 });
    expect((await withSchool(app, there, listRoutines)).some((r) => r.id === routine.id)).toBe(false);
  });
  test('versions come newest first, with their notes', async () => {
    const { recipe } = await lessonHere();
    await inHere((trx) => saveDraft(trx, recipe, 1, steps.slice(1)));
    await inHere((trx) => publish(trx, recipe, 2, reading.recipe.ingredients, 'Shorter words.'));
    expect((await inHere((trx) => listVersions(trx, recipe))).map((v) => [v.number, v.note, v.steps])).toEqual([
      [2, 'Shorter words.', steps.length - 1],
      [1, '', steps.length],
    ]);
  });
});

describe('what was recorded', () => {
  test('is never changed or deleted, not even by the owner', async () => {
    const { learner, lesson } = await lessonHere();
    await inHere((trx) => addRecords(trx, lesson, [seen(learner, 'model', '01')], [], []));
    for (const [who, message] of [
      [app, /permission denied/],
      [owner, /never changed/],
    ] as const) {
      await expect(withSchool(who, here, (trx) => trx('observation').update({ code: 'independent' }).then())).rejects.toThrow(message);
      await expect(withSchool(who, here, (trx) => trx('observation').delete().then())).rejects.toThrow(message);
      await expect(withSchool(who, here, (trx) => trx('task_step').update({ position: 0 }).then())).rejects.toThrow(message);
    }
  });
  test('sent twice counts once; a later record replaces; cleared is gone', async () => {
    const { learner, lesson } = await lessonHere();
    const own = (code: string, count: number) => ({ ...seen(learner, code, '01'), device: here, count });
    const first = own('model', 1);
    const now = () => inHere((trx) => inForceOf(trx, [learner], [lesson], true));
    await inHere((trx) => addRecords(trx, lesson, [first, own('gesture', 2)], [], []));
    await inHere((trx) => addRecords(trx, lesson, [{ ...first, code: 'independent' }], [], []));
    expect((await now()).flatMap((l) => l.made.map((o) => o.code))).toEqual(['gesture']);
    await inHere((trx) => addRecords(trx, lesson, [own('cleared', 3)], [], []));
    expect(await now()).toEqual([]);
    expect(await inHere((trx) => trx('observation').where({ lesson_id: lesson }).count('* as n'))).toEqual([{ n: 3 }]);
  });
  test('half of a bad batch is not saved', async () => {
    const { learner, lesson } = await lessonHere();
    await expect(
      inHere((trx) => addRecords(trx, lesson, [seen(learner, 'model', '01'), seen(randomUUID(), 'model', '02')], [], [])),
    ).rejects.toThrow();
    expect(await inHere((trx) => inForceOf(trx, [learner], [lesson], true))).toEqual([]);
  });
});

describe('drafts and versions', () => {
  test('a double submit is one recipe', async () => {
    const id = randomUUID();
    await Promise.all([1, 2, 3].map(() => inHere((trx) => addRecipe(trx, id, SOURCE, reading))));
    expect((await inHere((trx) => listRecipes(trx, { only: id }))).length).toBe(1);
  });
  test('many recipes come in pages, none twice and none left out, and are found by words of their title', async () => {
    const titles = Array.from({ length: 23 }, (_, n) => `${n % 3 === 0 ? 'Bean' : 'Rice'} pot_${n}%`);
    const of = randomUUID();
    const inThere = <T>(work: (trx: SchoolTrx) => Promise<T>) => withSchool(app, of, work);
    await withSchool(owner, of, async (trx) => void (await trx('school').insert({ id: of, name: 'Many recipes' })));
    await inThere(async (trx) => {
      for (const title of titles) await addRecipe(trx, randomUUID(), SOURCE, { ...reading, recipe: { ...reading.recipe, title } });
    });
    const pages = await inThere((trx) =>
      Promise.all([0, 10, 20, 30].map((from) => listRecipes(trx, { page: { from, most: 10 } }).then((some) => some.map((r) => r.title)))),
    );
    expect(pages.map((some) => some.length)).toEqual([10, 10, 3, 0]);
    expect(pages.flat().sort()).toEqual([...titles].sort());
    const found = (find: string) => inThere(async (trx) => [(await listRecipes(trx, { find })).length, await countRecipes(trx, find)]);
    expect(await found('POT bean')).toEqual([8, 8]);
    // signs that mean something to the database are letters here
    expect(await found('%')).toEqual([23, 23]);
    expect(await found('pot_2_')).toEqual([0, 0]);
    expect(await found("'; drop table recipe")).toEqual([0, 0]);
  });
  test('a stale save changes nothing and says so', async () => {
    const { recipe } = await lessonHere();
    expect(await inHere((trx) => saveDraft(trx, recipe, 1, steps.slice(1)))).toBe(2);
    expect(await inHere((trx) => saveDraft(trx, recipe, 1, []))).toBeNull();
    expect((await inHere((trx) => getDraft(trx, recipe)))?.steps.length).toBe(steps.length - 1);
    expect(await inHere((trx) => saveReading(trx, recipe, 1, reading))).toBe(2);
    expect(await inHere((trx) => saveReading(trx, recipe, 1, reading))).toBeNull();
    const making = (servingsWanted: number) => ({ servingsWanted, makers: 3, swaps: [{ item: 'milk', id: 1 }] });
    expect(await inHere((trx) => saveMaking(trx, recipe, 2, making(2)))).toBe(3);
    expect(await inHere((trx) => saveMaking(trx, recipe, 2, making(5)))).toBeNull();
    expect(await inHere((trx) => getRecipe(trx, recipe))).toMatchObject({
      servingsWanted: 2,
      makers: 3,
      swaps: [{ item: 'milk', id: 1 }],
      revision: 3,
    });
  });
  test('an edit makes a new version; the old one stays, and keys go on', async () => {
    const { recipe } = await lessonHere();
    const reworded = steps.map((s, i) => (i === 0 ? { ...s, text: 'Tie it back.' } : s));
    await inHere((trx) => saveDraft(trx, recipe, 1, reworded));
    expect(await inHere((trx) => publish(trx, recipe, 2, reading.recipe.ingredients, 'shorter words'))).toBe(2);
    const [one, two] = await inHere(async (trx) => [await getVersion(trx, recipe, 1), await getVersion(trx, recipe)]);
    expect([one!.steps[0].text, two!.steps[0].text, two!.note]).toEqual([steps[0].text, 'Tie it back.', 'shorter words']);
    expect(two!.steps.map((s) => s.key)).toEqual(one!.steps.map((s) => s.key));
  });
  test('publishing the same twice, or by two at once, makes one version', async () => {
    const { recipe } = await lessonHere();
    await inHere((trx) => saveDraft(trx, recipe, 1, steps.slice(1)));
    const publishing = () => inHere((trx) => publish(trx, recipe, 2, reading.recipe.ingredients, ''));
    expect(await Promise.all([1, 2, 3].map(publishing))).toEqual([2, 2, 2]);
    expect(await publishing()).toBe(2);
    expect((await inHere((trx) => listVersions(trx, recipe))).map((v) => [v.number, v.steps])).toEqual([
      [2, steps.length - 1],
      [1, steps.length],
    ]);
  });
  const kitchen = (minutes: number) => ({
    system: 'us' as const,
    lessonMinutes: minutes,
    microwaveWatts: 800,
    readingGrade: 4,
    measures: [{ id: 'cup', quantity: '1', unit: 'cup' as const, kind: 'dry' as const, place: '' }],
    tools: [],
    lacks: [],
    heights: {},
    controls: {},
    places: {},
  });
  test('a kitchen that somebody else saved meanwhile is not written over', async () => {
    const both = await Promise.all([40, 50].map((minutes) => inHere((trx) => saveKitchen(trx, 1, kitchen(minutes)))));
    expect([...both].sort()).toEqual([2, null]);
    const kept = both[0] === 2 ? 40 : 50;
    expect(await inHere(getKitchen)).toMatchObject({ lessonMinutes: kept, revision: 2 });
    expect(await inHere((trx) => saveKitchen(trx, 2, kitchen(60)))).toBe(3);
  });
  test('what the class counted is kept with its kitchen, as a plan reads it; left out it stays', async () => {
    const { revision } = await inHere(getKitchen);
    const counts = [
      { thing: 'low-table', count: 2 },
      { thing: 'board', count: 6 },
    ];
    await inHere((trx) => saveKitchen(trx, revision, { ...kitchen(60), counts }));
    const kept = new Map(counts.map((c) => [c.thing, c.count]));
    expect((await inHere(getKitchen)).counts).toEqual(kept);
    await inHere((trx) => saveKitchen(trx, revision + 1, kitchen(60)));
    expect((await inHere(getKitchen)).counts).toEqual(kept);
    await inHere((trx) => saveKitchen(trx, revision + 2, { ...kitchen(60), counts: [] }));
    expect((await inHere(getKitchen)).counts).toEqual(new Map());
  });
});

describe('what cannot be changed behind the program’s back', () => {
  const as = (who: typeof app) => (work: (trx: SchoolTrx) => Promise<unknown>) => withSchool(who, here, work);
  test.each([
    ['the application', app],
    ['the owner', owner],
  ])('a lesson, once something was recorded in it, by %s', async (_, who) => {
    const { learner, lesson } = await lessonHere();
    const change = (trx: SchoolTrx) => trx('lesson').where({ id: lesson }).update({ held_on: '2026-01-01' });
    expect(await as(who)(change)).toBe(1);
    await inHere((trx) => addRecords(trx, lesson, [seen(learner, 'model', '01')], [], []));
    await expect(as(who)(change)).rejects.toThrow(/never changed or deleted once something was recorded/);
    await expect(as(owner)((trx) => trx('lesson').where({ id: lesson }).delete())).rejects.toThrow(/never changed or deleted/);
  });
  test('no step joins a version that is published, not by the owner either', async () => {
    const { recipe } = await lessonHere();
    for (const who of [app, owner])
      await expect(
        as(who)((trx) =>
          trx('task_step').insert({ school_id: here, recipe_id: recipe, number: 1, key: 'late', position: 99, step: '{}' }).then(),
        ),
      ).rejects.toThrow(/no step joins/);
    await expect(
      as(app)(async (trx) => {
        await trx('task_version').insert({
          school_id: here,
          recipe_id: recipe,
          number: 2,
          grain: 'standard',
          ingredients: '[]',
          from_revision: 1,
          published_at: '2020-01-01',
        });
        const { published_at } = await trx('task_version').where({ recipe_id: recipe, number: 2 }).first('published_at');
        throw new Error(`published in ${published_at.getUTCFullYear()}`);
      }),
    ).rejects.toThrow(`published in ${new Date().getUTCFullYear()}`);
  });
  test('when a record was received is the server’s to say, and nothing happened after that', async () => {
    const { learner, lesson } = await lessonHere();
    const before = Date.now();
    await inHere((trx) =>
      trx('observation')
        .insert({
          school_id: here,
          id: randomUUID(),
          lesson_id: lesson,
          learner_id: learner,
          step_key: steps[0].key,
          code: 'model',
          observer: 'x',
          how: 'tap',
          made_at: '2199-01-01',
          received_at: '1999-01-01',
          happened_at: '2199-01-01',
        })
        .then(),
    );
    const row = await inHere((trx) => trx('observation').where({ lesson_id: lesson }).first('received_at', 'happened_at'));
    expect(row.received_at.getTime()).toBeGreaterThanOrEqual(before - 1000);
    expect(row.happened_at).toEqual(row.received_at);
  });
  test('a record stands only in the place of one of its own step', async () => {
    const { learner, lesson } = await lessonHere();
    const [one, other] = [seen(learner, 'model', '01'), seen(learner, 'model', '02')];
    await inHere((trx) => addRecords(trx, lesson, [one], [], []));
    await expect(inHere((trx) => addRecords(trx, lesson, [{ ...other, stepKey: steps[1].key, replaces: one.id }], [], []))).rejects.toThrow(
      /replaces_one_of_its_own/,
    );
    await inHere((trx) => addRecords(trx, lesson, [{ ...other, replaces: one.id }], [], []));
  });
});

describe('learners and their own versions', () => {
  test('a learner is added, changed by the newest page only, put away and brought back; the order is a person’s', async () => {
    const [a, b] = await inHere(async (trx) => [await addLearner(trx, 'Ada'), await addLearner(trx, 'Bo')]);
    expect(
      await inHere((trx) => changeLearner(trx, a, 1, { name: 'Adi', profile: { ...NO_PROFILE, answers: [{ q: 'hands', a: 'one' }] } })),
    ).toBe(2);
    expect(await inHere((trx) => changeLearner(trx, a, 1, { name: 'Late' }))).toBeNull();
    const row = await inHere((trx) => getLearner(trx, a));
    expect([row?.name, fitLearner(row!).needs]).toEqual(['Adi', [{ demand: 'two-hands', how: 'absent' }]]);
    const order = () => inHere(async (trx) => (await listLearners(trx)).map((l) => l.id).filter((id) => id === a || id === b));
    expect(await order()).toEqual([a, b]);
    await inHere((trx) => moveLearner(trx, b, -1));
    expect(await order()).toEqual([b, a]);
    await inHere((trx) => changeLearner(trx, b, 1, { putAway: true }));
    expect(await order()).toEqual([a]);
    expect(await inHere(async (trx) => (await listLearners(trx, true)).find((l) => l.id === b)?.putAway)).toBe(true);
  });

  test('a profile that cannot be read is not taken for an empty one', async () => {
    const id = await inHere((trx) => addLearner(trx, 'Cy'));
    await inHere((trx) => trx('learner').where({ school_id: here, id }).update({ profile: '{"answers":7}' }));
    expect((await inHere((trx) => getLearner(trx, id)))?.profile).toBeNull();
  });

  test('differences are kept by the first of two who save at once, and not seen by another school', async () => {
    const { recipe, learner } = await lessonHere();
    const words = (text: string) => ({ words: [{ key: steps[0].key, text, seen: steps[0].text, by: '', at: '' }], answered: [] });
    const both = await Promise.all(['One.', 'Two.'].map((t) => inHere((trx) => saveFit(trx, recipe, learner, 0, 1, words(t), false))));
    expect(both.filter((r) => r !== null)).toEqual([1]);
    expect(await inHere((trx) => saveFit(trx, recipe, learner, 1, 1, words('Three.'), true))).toBe(2);
    expect(await inHere((trx) => getFit(trx, recipe, learner))).toMatchObject({ differences: words('Three.'), inUse: true });
    expect(await withSchool(app, there, (trx) => getFit(trx, recipe, learner))).toBeNull();
    const version = (await inHere((trx) => getVersion(trx, recipe)))!;
    const carried = await inHere(async (trx) => carriedFit(trx, recipe, version, await getFit(trx, recipe, learner)));
    expect([carried.words.length, carried.ask, carried.gone]).toEqual([1, [], []]);
  });

  test('a lesson keeps the cards that were in use when it began', async () => {
    const { recipe, learner } = await lessonHere();
    const id = randomUUID();
    const card = { key: steps[0].key, text: 'Own words.', lines: ['Wear the gloves.'], who: 'shared' as const };
    await inHere((trx) =>
      beginLesson(trx, {
        id,
        recipeId: recipe,
        learnerId: learner,
        version: 1,
        heldOn: '2026-05-06',
        hierarchy: hierarchyById('full'),
        phase: 'baseline',
        mastery: USUAL_MASTERY,
        rule: { last: 3, days: 2, down: 2 },
        fit: [card],
      }),
    );
    expect(await inHere((trx) => ownCardsOf(trx, id, learner))).toEqual(new Map([[card.key, card]]));
    await inHere((trx) => trx('lesson_learner').where({ school_id: here, lesson_id: id }).update({ fit: '[{"key":1}]' }));
    expect((await inHere((trx) => ownCardsOf(trx, id, learner))).size).toBe(0);
  });
});
