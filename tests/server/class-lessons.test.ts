// Lessons of the class against a real database: what is kept as one begins, what stays once something was recorded, who may be told what.
import { randomUUID } from 'node:crypto';
import { buildTask, lastOf, readRecipe, USUAL_PROCEDURE } from '$core';
import pg from 'pg';
import { afterAll, beforeAll, beforeEach, describe, expect, test } from 'vitest';
import {
  getSetUp,
  listClassLessons,
  markBegun,
  markEnded,
  nextClassLesson,
  setPresence,
  takeAwayClassLesson,
  type SetUp,
} from '../../src/lib/server/class-lessons';
import { addClassLesson, addDish, placesAt, repeatClassLesson, saveSetUp, saveShares } from '../../src/lib/server/set-up';
import { aimsOf, setAim, takeAimsOver } from '../../src/lib/server/aims';
import { agreementIn } from '../../src/lib/server/agreement';
import { connect } from '../../src/lib/server/connect';
import { takeIn } from '../../src/lib/server/intake';
import { lessonsOf } from '../../src/lib/server/lessons';
import { inForceOf } from '../../src/lib/server/in-force';
import { scoredIn } from '../../src/lib/server/records';
import { holdRoom, roomNow } from '../../src/lib/server/room';
import { isFrozen, isUnknown } from '../../src/lib/server/not-now';
import { addMark, codeFor, screenOf } from '../../src/lib/server/own-screen';
import { addRecipe } from '../../src/lib/server/recipes';
import { begin, passOn, shareDish } from '../../src/lib/server/lesson-fits';
import { withSchool, type SchoolTrx } from '../../src/lib/server/school-scope';
import { publish, startDraft } from '../../src/lib/server/tasks';
import { dayAfter, mondayOf, today } from '../../src/lib/server/today';

const app = connect(process.env.DATABASE_URL!);
const owner = connect(process.env.OWNER_DATABASE_URL!);
const school = randomUUID();
const inHere = <T>(work: (trx: SchoolTrx) => Promise<T>) => withSchool(app, school, work);
const reading = readRecipe('Rice\nIngredients\n1 cup rice\nMethod\nRinse the rice. Boil the rice for 12 minutes.');
const { steps } = buildTask(reading.recipe, { grain: 'standard' });
const recipe = randomUUID();
const [ann, ben] = [randomUUID(), randomUUID()];
let lesson = '';

beforeAll(async () => {
  await withSchool(owner, school, (trx) => trx('school').insert({ id: school, name: 'Rooms' }).then());
  await inHere(async (trx) => {
    await addRecipe(trx, recipe, 'Rice', reading);
    await startDraft(trx, recipe, 1, 'standard', steps);
    await publish(trx, recipe, 1, reading.recipe.ingredients, '');
    await trx('learner').insert([
      { school_id: school, id: ann, name: 'Ann', position: 1 },
      { school_id: school, id: ben, name: 'Ben', position: 2 },
    ]);
  });
});
afterAll(async () => {
  await app.destroy();
  await owner.destroy();
});
beforeEach(async () => {
  lesson = randomUUID();
  await inHere((trx) => addClassLesson(trx, { id: lesson, heldOn: today(), startsAt: '09:30', minutes: 60, recipeId: recipe }));
});

const setUpOf = async () => (await inHere((trx) => getSetUp(trx, lesson)))!;
const save = (setUp: SetUp, change: Partial<SetUp> = {}) => inHere((trx) => saveSetUp(trx, lesson, { ...setUp, ...change }));
let count = 0;
const record = (learnerId: string, code: string, more: object = {}) => ({
  id: randomUUID(),
  learnerId,
  stepKey: steps[0].key,
  code,
  observer: 'Ms Ferrow',
  how: 'tap',
  madeAt: new Date().toISOString(),
  replaces: null,
  device: school,
  count: ++count,
  ...more,
});
const send = (...observations: object[]) =>
  inHere((trx) => takeIn(trx, lesson, { observations, notes: [], finished: [], sentAt: new Date().toISOString() }, Date.now()));

describe('setting a lesson up', () => {
  test('everybody of the class is in it, taught as the last time with this recipe', async () => {
    const first = await setUpOf();
    expect(first.people.map((p) => [p.learnerId, p.phase, p.procedure.id])).toEqual([
      [ann, 'baseline', 'least-to-most'],
      [ben, 'baseline', 'least-to-most'],
    ]);
    const people = first.people.map((p) => (p.learnerId === ben ? { ...p, phase: 'intervention' as const, hierarchy: 'tactile' } : p));
    await save(first, { people, heldOn: dayAfter(today(), 1) });
    const places = await inHere((trx) => placesAt(trx, randomUUID(), recipe));
    expect(places.find((p) => p.learnerId === ben)).toMatchObject({ phase: 'intervention', hierarchy: 'tactile' });
  });

  test('a save of an older page changes nothing and says so', async () => {
    const setUp = await setUpOf();
    expect(await save(setUp, { minutes: 75 })).toBe(2);
    expect(await save(setUp, { minutes: 90 })).toBeNull();
    expect((await setUpOf()).minutes).toBe(75);
  });

  test('who is taken out is out, whose recipe is taken out too', async () => {
    const setUp = await setUpOf();
    const second = randomUUID();
    await inHere(async (trx) =>
      addDish(trx, setUp, { lessonId: second, recipeId: recipe, version: 1, mode: 'own' }, await placesAt(trx, second, recipe)),
    );
    const both = await setUpOf();
    expect(both.people.length).toBe(4);
    await save(both, { dishes: both.dishes.slice(0, 1), people: both.people.filter((p) => p.lessonId === lesson && p.learnerId === ann) });
    expect((await setUpOf()).people.map((p) => p.learnerId)).toEqual([ann]);
  });

  test('held again a week later: new ids, the newest version, the same people, all of them there', async () => {
    const setUp = await setUpOf();
    await save(setUp, { people: setUp.people.map((p) => ({ ...p, presence: 'absent' as const })), adults: ['Ms Ferrow'] });
    const copy = randomUUID();
    await inHere((trx) => repeatClassLesson(trx, lesson, copy, dayAfter(today(), 7), randomUUID));
    const again = (await inHere((trx) => getSetUp(trx, copy)))!;
    expect(again).toMatchObject({ heldOn: dayAfter(today(), 7), adults: ['Ms Ferrow'], begun: false });
    expect(again.people.map((p) => p.presence)).toEqual(['here', 'here']);
    expect(again.dishes[0].lessonId).toBe(copy);
  });

  test('the week’s list and the next lesson', async () => {
    const listed = await inHere((trx) => listClassLessons(trx, mondayOf(today()), dayAfter(mondayOf(today()), 6)));
    expect(listed.find((l) => l.id === lesson)).toMatchObject({ recipes: ['Rice'], learners: ['Ann', 'Ben'], recorded: 0 });
    const next = await inHere((trx) => nextClassLesson(trx, today()));
    expect(next?.heldOn).toBe(today());
  });
});

describe('once something was recorded', () => {
  test('how the learner is taught stays, by the database; who is there and the other learner may change', async () => {
    await send(record(ann, 'model'));
    const setUp = await setUpOf();
    const people = setUp.people.map((p) => ({ ...p, phase: 'maintenance' as const, presence: 'late' as const }));
    await save(setUp, { people });
    const after = await setUpOf();
    expect(after.people.find((p) => p.learnerId === ann)).toMatchObject({ phase: 'baseline', presence: 'late' });
    expect(after.people.find((p) => p.learnerId === ben)).toMatchObject({ phase: 'maintenance', presence: 'late' });
    for (const change of [{ phase: 'maintenance' }, { chaining: 'forward' }, { procedure: '{}' }, { hierarchy: '{}' }, { fit: '[]' }])
      await expect(
        withSchool(owner, school, (trx) => trx('lesson_learner').where({ lesson_id: lesson, learner_id: ann }).update(change).then()),
        Object.keys(change)[0],
      ).rejects.toSatisfy(isFrozen);
  });

  test('the lesson is not taken away, nor is the learner taken out', async () => {
    await send(record(ann, 'model'));
    await expect(inHere((trx) => takeAwayClassLesson(trx, lesson))).rejects.toSatisfy(isFrozen);
    const setUp = await setUpOf();
    await expect(save(setUp, { people: setUp.people.filter((p) => p.learnerId === ben) })).rejects.toSatisfy(isFrozen);
    expect((await setUpOf()).people.length).toBe(2);
  });

  test('one with nothing in it goes whole', async () => {
    await inHere((trx) => codeFor(trx, lesson, ann));
    await inHere((trx) => takeAwayClassLesson(trx, lesson));
    expect(await inHere((trx) => getSetUp(trx, lesson))).toBeNull();
  });

  test('over for one, the lesson goes on; over for all, it has ended, and the same day it can go on', async () => {
    const end = (who: string) =>
      inHere((trx) => takeIn(trx, lesson, { observations: [], notes: [], finished: [who], sentAt: null }, Date.now()));
    await end(ann);
    expect((await setUpOf()).ended).toBe(false);
    await end(ben);
    expect((await setUpOf()).ended).toBe(true);
    await inHere((trx) => markEnded(trx, lesson, false));
    expect((await setUpOf()).ended).toBe(false);
  });

  test('absent is missed; an end that comes later does not make it held', async () => {
    await inHere((trx) => setPresence(trx, lesson, ben, 'absent'));
    await inHere((trx) => takeIn(trx, lesson, { observations: [], notes: [], finished: [ann, ben], sentAt: null }, Date.now()));
    const states = await inHere((trx) => trx('lesson_learner').where({ lesson_id: lesson }).orderBy('position').pluck('state'));
    expect(states).toEqual(['finished', 'missed']);
    expect((await setUpOf()).ended).toBe(true);
  });
});

describe('what does not belong together', () => {
  test('ids of another lesson change nothing there, and are no way to its people', async () => {
    const other = randomUUID();
    await inHere((trx) => addClassLesson(trx, { id: other, heldOn: today(), startsAt: null, minutes: 60, recipeId: recipe }));
    const setUp = await setUpOf();
    const theirs = (await inHere((trx) => getSetUp(trx, other)))!;
    const people = [...setUp.people, { ...theirs.people[0], phase: 'maintenance' as const, presence: 'absent' as const }];
    await save(setUp, { dishes: [...setUp.dishes, theirs.dishes[0]], people });
    expect(await inHere((trx) => getSetUp(trx, other))).toEqual(theirs);
    expect((await setUpOf()).dishes.length).toBe(1);
  });

  test('a version that is not there is told as such, and nothing is saved', async () => {
    const setUp = await setUpOf();
    await expect(save(setUp, { dishes: setUp.dishes.map((d) => ({ ...d, version: 99 })), minutes: 90 })).rejects.toSatisfy(isUnknown);
    expect((await setUpOf()).minutes).toBe(60);
  });

  test('a note freezes how a learner is taught as a record does', async () => {
    const note = { id: randomUUID(), learnerId: ann, stepKey: null, text: 'Asked for the apron.', madeAt: new Date().toISOString() };
    await inHere((trx) => takeIn(trx, lesson, { observations: [], notes: [note], finished: [], sentAt: null }, Date.now()));
    const setUp = await setUpOf();
    await expect(save(setUp, { people: setUp.people.filter((p) => p.learnerId === ben) })).rejects.toSatisfy(isFrozen);
    await save(setUp, { people: setUp.people.map((p) => ({ ...p, phase: 'maintenance' as const })) });
    expect((await setUpOf()).people.map((p) => p.phase)).toEqual(['baseline', 'maintenance']);
  });

  test('absent set before the lesson is missed too, and back again is not; so the lesson ends without him', async () => {
    const state = () => inHere((trx) => trx('lesson_learner').where({ lesson_id: lesson }).orderBy('position').pluck('state'));
    const away = async (presence: 'absent' | 'here') => {
      const setUp = await setUpOf();
      await save(setUp, { people: setUp.people.map((p) => (p.learnerId === ben ? { ...p, presence } : p)) });
    };
    await away('absent');
    expect(await state()).toEqual(['open', 'missed']);
    await away('here');
    expect(await state()).toEqual(['open', 'open']);
    await away('absent');
    await inHere((trx) => takeIn(trx, lesson, { observations: [], notes: [], finished: [ann], sentAt: null }, Date.now()));
    expect((await setUpOf()).ended).toBe(true);
    // late after all, when it is over: what is finished stays finished
    await inHere((trx) => setPresence(trx, lesson, ann, 'late'));
    expect(await state()).toEqual(['finished', 'missed']);
  });
});

describe('what is recorded', () => {
  test('a room is given all that was made: what was taken back elsewhere is taken back here too', async () => {
    const first = record(ann, 'model');
    await send(first);
    await send(record(ann, 'cleared', { replaces: first.id }));
    const now = await inHere((trx) => roomNow(trx, lesson));
    expect(now.recorded.map((r) => r.code).sort()).toEqual(['cleared', 'model']);
    expect(lastOf(now.recorded)?.code).toBe('cleared');
    expect(await inHere((trx) => scoredIn(trx, [lesson], false))).toEqual([]);
  });

  test('a device that was away is told that who is there has changed, and nothing where it has not', async () => {
    const now = async () => (await inHere((trx) => roomNow(trx, lesson))).people;
    const before = (await inHere((trx) => holdRoom(trx, lesson)))!.people;
    expect(await now()).toBe(before);
    await send(record(ann, 'model'));
    expect(await now()).toBe(before);
    await inHere((trx) => setPresence(trx, lesson, ben, 'late'));
    expect(await now()).not.toBe(before);
    await inHere((trx) => setPresence(trx, lesson, ben, 'here'));
    expect(await now()).toBe(before);
  });

  test('a room takes as many questions with two learners as with twelve', async () => {
    const asked = async () => {
      let n = 0;
      const count = () => n++;
      app.on('query', count);
      const held = await inHere((trx) => holdRoom(trx, lesson));
      app.off('query', count);
      return { n, learners: held?.learners.length };
    };
    const few = await asked();
    await inHere(async (trx) => {
      for (let i = 0; i < 10; i++) {
        const id = randomUUID();
        await trx('learner').insert({ school_id: school, id, name: `L${i}`, position: 10 + i, put_away_at: trx.fn.now() });
        await trx('lesson_learner').insert({ school_id: school, lesson_id: lesson, learner_id: id, phase: 'baseline', state: 'open' });
      }
    });
    const many = await asked();
    expect([few.learners, many.learners]).toEqual([2, 12]);
    expect(many.n).toBe(few.n);
  });

  test('levels are those of the learner’s own procedure', async () => {
    const setUp = await setUpOf();
    const people = setUp.people.map((p) =>
      p.learnerId === ben ? { ...p, procedure: { ...USUAL_PROCEDURE, id: 'constant-delay' as const } } : p,
    );
    await save(setUp, { people });
    const answer = await send(record(ann, 'after-prompt'), record(ben, 'after-prompt'), record(ben, 'gesture'));
    expect(answer?.taken.length).toBe(1);
    expect(answer?.refused.map((r) => r.why)).toEqual([
      '“after-prompt” is no level of this lesson',
      '“gesture” is no level of this lesson',
    ]);
    expect((await inHere((trx) => lessonsOf(trx, recipe, ben))).find((l) => l.id === lesson)?.hierarchy.id).toBe('delay');
  });

  test('that help faded is kept with the record, and goes when it is said again without', async () => {
    const first = record(ann, 'partial-physical', { detail: 'faded' });
    await send(first);
    expect((await inHere((trx) => scoredIn(trx, [lesson], false)))[0].detail).toBe('faded');
    await send(record(ann, 'partial-physical', { replaces: first.id }));
    expect((await inHere((trx) => scoredIn(trx, [lesson], false)))[0].detail).toBeNull();
    expect((await send(record(ann, 'model', { detail: 'dancing' })))?.refused.length).toBe(1);
  });

  test('a second opinion is never in force, and agreement is told of what both scored', async () => {
    const second = steps[1].key;
    await send(record(ann, 'model'), record(ann, 'gesture', { stepKey: second }));
    expect(await inHere((trx) => agreementIn(trx, [lesson]))).toBeNull();
    const other = randomUUID();
    await send(
      record(ann, 'model', { second: true, device: other }),
      record(ann, 'independent', { second: true, device: other, stepKey: second }),
    );
    expect((await inHere((trx) => inForceOf(trx, [ann, ben], [lesson]))).flatMap((l) => l.made.map((o) => o.code)).sort()).toEqual([
      'gesture',
      'model',
    ]);
    expect(await inHere((trx) => agreementIn(trx, [lesson]))).toMatchObject({ both: 2, same: 1, percent: 50 });
  });
  test('a lesson that is asked for twice is told of once, and one in which a learner did nothing not at all', async () => {
    await send(record(ann, 'model'), record(ben, 'independent'));
    const other = randomUUID();
    const seen = await inHere((trx) => inForceOf(trx, [ann, ann, ben], [lesson, other, lesson]));
    expect(seen.map((l) => [l.learnerId, l.lessonId, l.made.length]).sort()).toEqual(
      [
        [ann, lesson, 1],
        [ben, lesson, 1],
      ].sort(),
    );
    expect((await inHere((trx) => inForceOf(trx, [ann], null))).map((l) => l.lessonId)).toContain(lesson);
  });

  test('two who record the same step and do not see each other: both are kept and counted, one is in force', async () => {
    await send(record(ann, 'model', { device: randomUUID(), count: 1 }));
    await send(record(ann, 'gesture', { device: randomUUID(), count: 1 }));
    expect((await inHere((trx) => scoredIn(trx, [lesson], false))).map((o) => o.code)).toEqual(['gesture']);
    expect(await inHere((trx) => agreementIn(trx, [lesson]))).toMatchObject({ both: 1, same: 0, percent: 0 });
  });

  test('an aim that a person set goes on to the next lesson with the recipe, until it is taken back', async () => {
    await inHere((trx) => setAim(trx, lesson, ann, steps[0].key, 'gesture'));
    const next = randomUUID();
    await inHere(async (trx) => {
      await markBegun(trx, lesson);
      await addClassLesson(trx, { id: next, heldOn: dayAfter(today(), 7), startsAt: null, minutes: 60, recipeId: recipe });
      await takeAimsOver(trx, next, recipe, ann);
    });
    const aimsIn = async () =>
      aimsOf((await inHere((trx) => trx('lesson_learner').where({ lesson_id: next, learner_id: ann }).first('aims')))?.aims);
    expect(await aimsIn()).toEqual(new Map([[steps[0].key, 'gesture']]));
    await inHere((trx) => setAim(trx, next, ann, steps[0].key, null));
    expect((await aimsIn()).size).toBe(0);
  });

  test('whoever listens is told the ids and nothing else, of the lesson they are of', async () => {
    const client = new pg.Client({ connectionString: process.env.DATABASE_URL });
    await client.connect();
    await client.query('listen room');
    const heard: string[] = [];
    const two = new Promise<void>((done) => client.on('notification', ({ payload }) => heard.push(payload ?? '') === 2 && done()));
    const one = record(ann, 'model');
    await send(one);
    await inHere((trx) => setPresence(trx, lesson, ben, 'late'));
    await two;
    await client.end();
    expect(heard.map((text) => JSON.parse(text) as object)).toEqual([
      { s: school, l: lesson, o: [one.id] },
      { s: school, l: lesson, c: true },
    ]);
  });
});

describe('what is shared', () => {
  // a request as the routes have it
  const locals = { inSchool: inHere, rest: () => Promise.resolve() } as unknown as App.Locals;
  const together = async () => {
    const setUp = await setUpOf();
    await save(setUp, { dishes: setUp.dishes.map((d) => ({ ...d, mode: 'together' as const })) });
    const now = await setUpOf();
    const shares = await shareDish(locals, now.dishes[0], now.people);
    await inHere((trx) => saveShares(trx, lesson, shares));
    return setUpOf();
  };
  const sharesOf = (setUp: SetUp) => setUp.people.map((p) => new Set(p.share));

  test('one who is absent leaves no step to nobody; what he did before stays his', async () => {
    const before = await together();
    const [hers, his] = sharesOf(before);
    expect(new Set([...hers, ...his]).size).toBe(steps.length);
    const only = [...his].filter((key) => !hers.has(key));
    expect(only.length).toBeGreaterThan(1);
    expect((await send(record(ben, 'independent', { stepKey: only[0] })))?.taken.length).toBe(1);
    await inHere((trx) => setPresence(trx, lesson, ben, 'absent'));
    const now = await setUpOf();
    const changes = await passOn(locals, now.dishes[0], now.people, ben);
    await inHere((trx) => saveShares(trx, lesson, changes));
    const [all, left] = sharesOf(await setUpOf());
    expect([...all]).toEqual(steps.map((s) => s.key).filter((key) => key !== only[0]));
    expect(left.has(only[0])).toBe(true);
    for (const key of left) expect(key === only[0] || hers.has(key)).toBe(true);
  });

  test('where each makes his own, nobody’s steps go to another', async () => {
    const setUp = await setUpOf();
    expect((await passOn(locals, setUp.dishes[0], setUp.people, ben)).size).toBe(0);
  });

  test('a lesson that two begin at once has begun once, and keeps what was recorded between', async () => {
    await Promise.all([begin(locals, lesson), begin(locals, lesson)]);
    expect((await setUpOf()).begun).toBe(true);
    await send(record(ann, 'model'));
    expect(await begin(locals, lesson)).toBe(true);
    expect((await inHere((trx) => scoredIn(trx, [lesson], false))).length).toBe(1);
  });
});

describe('a learner’s own screen', () => {
  test('one code a learner and lesson, of its day only, and of those who are in it', async () => {
    const code = (await inHere((trx) => codeFor(trx, lesson, ann)))!;
    expect(code).toMatch(/^\d{6}$/);
    expect(await inHere((trx) => codeFor(trx, lesson, ann))).toBe(code);
    expect(await inHere((trx) => codeFor(trx, lesson, randomUUID()))).toBeNull();
    expect(await inHere((trx) => screenOf(trx, code))).toEqual({ code, classLessonId: lesson, learnerId: ann });
    await save(await setUpOf(), { heldOn: dayAfter(today(), -1) });
    expect(await inHere((trx) => screenOf(trx, code))).toBeNull();
  });

  test('a press is a mark at a step of this lesson, kept once, and no record', async () => {
    const code = (await inHere((trx) => codeFor(trx, lesson, ann)))!;
    const screen = (await inHere((trx) => screenOf(trx, code)))!;
    const mark = { id: randomUUID(), lessonId: lesson, stepKey: steps[0].key, what: 'done' as const };
    for (let n = 0; n < 2; n++) expect(await inHere((trx) => addMark(trx, screen, mark))).toBe(true);
    expect(await inHere((trx) => addMark(trx, screen, { ...mark, id: randomUUID(), stepKey: 'no-step' }))).toBe(false);
    expect(await inHere((trx) => addMark(trx, screen, { ...mark, id: randomUUID(), lessonId: randomUUID() }))).toBe(false);
    expect(await inHere((trx) => trx('own_mark').where({ class_lesson_id: lesson }).pluck('what'))).toEqual(['done']);
    expect(await inHere((trx) => scoredIn(trx, [lesson], false))).toEqual([]);
  });
});
