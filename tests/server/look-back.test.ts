// Look back against a real database: what a record is made of, goals and their criteria, answers that are kept and done, what lessons take with them.
import { randomUUID } from 'node:crypto';
import { buildTask, hierarchyById, readRecipe, USUAL_MASTERY, type Criterion } from '$core';
import { afterAll, beforeAll, beforeEach, describe, expect, test } from 'vitest';
import { answer } from '../../src/lib/server/answer';
import { getSetUp, markEnded } from '../../src/lib/server/class-lessons';
import { connect } from '../../src/lib/server/connect';
import { listDecisions } from '../../src/lib/server/decisions';
import { addGoal, changeGoal, getGoal, listGoals } from '../../src/lib/server/goals';
import { begin } from '../../src/lib/server/lesson-fits';
import { beginLesson } from '../../src/lib/server/lessons';
import { markLooked, recordsOf } from '../../src/lib/server/look-back';
import { looksDue } from '../../src/lib/server/looks-due';
import { addRecords } from '../../src/lib/server/records';
import { addRecipe, listRecipes } from '../../src/lib/server/recipes';
import { reviewOf } from '../../src/lib/server/review';
import { holdRoom } from '../../src/lib/server/room';
import { roomPage } from '../../src/lib/server/room-page';
import { withSchool, type SchoolTrx } from '../../src/lib/server/school-scope';
import { addClassLesson, repeatClassLesson } from '../../src/lib/server/set-up';
import { publish, saveDraft, startDraft } from '../../src/lib/server/tasks';
import { getTeaching, saveTeaching } from '../../src/lib/server/teaching';
import { dayAfter, today } from '../../src/lib/server/today';

const app = connect(process.env.DATABASE_URL!);
const owner = connect(process.env.OWNER_DATABASE_URL!);
const school = randomUUID();
const inHere = <T>(work: (trx: SchoolTrx) => Promise<T>) => withSchool(app, school, work);
const locals = { inSchool: inHere, rest: () => Promise.resolve() } as unknown as App.Locals;
const FULL = hierarchyById('full');

const reading = (name: string) =>
  readRecipe(`${name}\nServes 1\nIngredients\n1 carrot\n1 cup rice\nMethod\nPeel and dice the carrot. Boil the rice for 12 minutes.`);
const steps = buildTask(reading('Rice').recipe, { grain: 'standard' }).steps;
const dice = steps.find((s) => s.technique === 'dice')!.key;
let learner = { id: '', name: 'Ann' };
let recipe = '';

async function newRecipe(trx: SchoolTrx, name = 'Rice'): Promise<string> {
  const id = randomUUID();
  await addRecipe(trx, id, name, reading(name));
  await startDraft(trx, id, 1, 'standard', steps);
  await publish(trx, id, 1, reading(name).recipe.ingredients, '');
  return id;
}
/** A lesson of one learner that was held and is over. @param codes by step */
async function held(
  trx: SchoolTrx,
  day: string,
  codes: [string, string][],
  { recipeId = recipe, phase = 'intervention' as const, by = 'Ms Ferrow' } = {},
) {
  const id = randomUUID();
  await beginLesson(trx, {
    id,
    recipeId,
    learnerId: learner.id,
    version: 1,
    heldOn: day,
    hierarchy: FULL,
    phase,
    mastery: USUAL_MASTERY,
    rule: { last: 3, days: 2, down: 2 },
  });
  const made = codes.map(([stepKey, code]) => ({
    id: randomUUID(),
    learnerId: learner.id,
    stepKey,
    code,
    observer: by,
    how: 'tap',
    madeAt: `${day}T09:00:00Z`,
  }));
  await addRecords(trx, id, made, [], [learner.id]);
  return { id, made };
}
const ago = (days: number) => dayAfter(today(), -days);
const criterion: Criterion = { ...USUAL_MASTERY, level: 'independent', by: dayAfter(today(), 60) };
const newGoal = async (trx: SchoolTrx, more: Partial<Criterion> = {}) => {
  const id = randomUUID();
  await addGoal(
    trx,
    learner.id,
    { id, scope: { kind: 'recipe', recipe }, condition: 'With cards', hierarchy: 'full', criterion: { ...criterion, ...more } },
    ago(30),
  );
  return id;
};
const review = async (trx: SchoolTrx) => reviewOf((await recordsOf(trx, [learner]))[0], await listGoals(trx, learner.id));

beforeAll(() => withSchool(owner, school, (trx) => trx('school').insert({ id: school, name: 'Look back' }).then()));
afterAll(async () => {
  await app.destroy();
  await owner.destroy();
});
beforeEach(async () => {
  learner = { id: randomUUID(), name: 'Ann' };
  await inHere(async (trx) => {
    await trx('learner').update({ put_away_at: trx.fn.now() });
    await trx('learner').insert({ school_id: school, ...learner });
    recipe = await newRecipe(trx);
  });
});

describe('the record', () => {
  test('what is in force: corrections count, what was taken back and what a second adult scored do not', () =>
    inHere(async (trx) => {
      const [first, second] = steps;
      const { id, made } = await held(trx, ago(7), [
        [first.key, 'model'],
        [second.key, 'gesture'],
      ]);
      const more = (replaces: string, stepKey: string, code: string) => ({ ...made[0], id: randomUUID(), stepKey, code, replaces });
      await addRecords(trx, id, [more(made[0].id, first.key, 'independent'), more(made[1].id, second.key, 'cleared')], [], []);
      await addRecords(trx, id, [{ ...made[0], id: randomUUID(), code: 'full-physical', second: true }], [], []);
      const [{ record }] = await recordsOf(trx, [learner]);
      expect([...record.made]).toMatchObject([[id, [{ stepKey: first.key, code: 'independent', observer: 'Ms Ferrow' }]]]);
    }));
  test('a lesson of a coming day is none yet; a step that the newest version dropped is not here any more', () =>
    inHere(async (trx) => {
      await held(trx, ago(7), [[dice, 'model']]);
      await addClassLesson(trx, { id: randomUUID(), heldOn: dayAfter(today(), 3), startsAt: null, minutes: 60, recipeId: recipe });
      await saveDraft(
        trx,
        recipe,
        1,
        steps.filter((s) => s.key !== dice),
      );
      await publish(trx, recipe, 2, reading('Rice').recipe.ingredients, 'without it');
      const [{ record }] = await recordsOf(trx, [learner]);
      expect(record.lessons).toHaveLength(1);
      expect(record.steps.find((s) => s.key === dice)).toMatchObject({ here: false, technique: 'dice' });
      expect(record.steps.filter((s) => s.here)).toHaveLength(steps.length - 1);
    }));
});

test('learnt with one adult in two places counts as two; the place of a lesson goes with it, also when it is held again', async () => {
  await inHere(async (trx) => {
    await newGoal(trx);
    for (const days of [21, 14, 7])
      await held(
        trx,
        ago(days),
        steps.map((s) => [s.key, 'independent']),
      );
    expect((await review(trx)).things[0].kind).toBe('another-person');
    const setUp = (await getSetUp(
      trx,
      (await trx('lesson').where({ recipe_id: recipe }).orderBy('held_on', 'desc').first('class_lesson_id')).class_lesson_id,
    ))!;
    await trx('class_lesson').where({ id: setUp.id }).update({ place: 'Harbour hall' });
    expect((await review(trx)).things[0].kind).toBe('learnt');
    const copy = randomUUID();
    await repeatClassLesson(trx, setUp.id, copy, dayAfter(today(), 7), randomUUID);
    expect((await getSetUp(trx, copy))!.place).toBe('Harbour hall');
  });
});

describe('goals', () => {
  test('another criterion is kept beside the one before; the same one is not kept twice; an older revision changes nothing', () =>
    inHere(async (trx) => {
      const id = await newGoal(trx);
      expect(await changeGoal(trx, id, 1, { criterion: { ...criterion, independence: 80 } })).toBe(2);
      expect(await changeGoal(trx, id, 2, { criterion: { ...criterion, independence: 80 }, condition: 'With the cards' })).toBe(3);
      expect(await changeGoal(trx, id, 1, { condition: 'late' })).toBeNull();
      const goal = (await getGoal(trx, id))!;
      expect(goal.since.map((s) => [s.day, s.criterion.independence])).toEqual([
        [ago(30), 90],
        [today(), 80],
      ]);
      expect([goal.condition, goal.criterion.independence, goal.revision]).toEqual(['With the cards', 80, 3]);
    }));
  test('a criterion and a decision are never changed or deleted, not by the owner either', async () => {
    await inHere(async (trx) => {
      await newGoal(trx);
      for (const days of [21, 14, 7]) await held(trx, ago(days), [[dice, 'indirect-verbal']]);
      const [{ about }] = (await review(trx)).things;
      await answer(trx, learner, { id: randomUUID(), about, taken: true, reason: '' });
    });
    for (const change of [
      'update goal_criterion set number = 9',
      'delete from goal_criterion',
      'update decision set taken = false',
      'delete from decision',
    ])
      await expect(
        withSchool(owner, school, (trx) => trx.raw(change)),
        change,
      ).rejects.toThrow(/never changed or deleted/);
  });
  test('another school sees neither goals nor decisions', async () => {
    await inHere((trx) => newGoal(trx));
    const other = randomUUID();
    await withSchool(owner, other, (trx) => trx('school').insert({ id: other, name: 'Other' }).then());
    expect(await withSchool(app, other, (trx) => listGoals(trx))).toEqual([]);
  });
  test('a goal whose document cannot be read hides no other', async () => {
    const [bad, good] = await inHere(async (trx) => [await newGoal(trx), await newGoal(trx)]);
    await inHere((trx) => trx('goal').where({ id: bad }).update({ scope: '{"kind":"moon"}' }));
    expect((await inHere((trx) => listGoals(trx, learner.id))).map((g) => g.id)).toEqual([good]);
  });
});

describe('an answer', () => {
  const hints = async (trx: SchoolTrx) => {
    for (const days of [21, 14, 7]) await held(trx, ago(days), [[dice, 'indirect-verbal']]);
    const { things } = await review(trx);
    expect(things).toMatchObject([{ kind: 'less-help', technique: 'dice', from: 'indirect-verbal', aim: 'gesture' }]);
    return things[0].about;
  };
  test('taken: the next lesson aims there, nothing is proposed again, and sent twice it is one', async () => {
    const about = await inHere(hints);
    const decision = { id: randomUUID(), about, taken: true, reason: '' };
    await inHere(async (trx) => {
      expect(await answer(trx, learner, decision)).toBe(true);
      expect(await answer(trx, learner, decision)).toBe(true);
      expect((await review(trx)).things).toEqual([]);
      expect(await listDecisions(trx, [learner.id])).toMatchObject([{ taken: true, level: 'gesture', kind: 'less-help', newest: ago(7) }]);
    });
    const lesson = randomUUID();
    await inHere((trx) => addClassLesson(trx, { id: lesson, heldOn: today(), startsAt: null, minutes: 60, recipeId: recipe }));
    await begin(locals, lesson);
    const place = (await inHere((trx) => holdRoom(trx, lesson)))!.places[0];
    expect(place.aims.get(dice)).toBe('gesture');
  });
  test('not taken: the aim stays where it was, with the reason; the next lesson that bears it out asks again', () =>
    inHere(async (trx) => {
      const about = await hints(trx);
      await answer(trx, learner, { id: randomUUID(), about, taken: false, reason: 'A new knife first.' });
      expect((await review(trx)).things).toEqual([]);
      expect(await listDecisions(trx, [learner.id])).toMatchObject([
        { taken: false, level: 'indirect-verbal', reason: 'A new knife first.' },
      ]);
      for (const days of [6, 5, 4]) await held(trx, ago(days), [[dice, 'indirect-verbal']]);
      expect((await review(trx)).things).toMatchObject([{ kind: 'less-help', aim: 'gesture' }]);
    }));
  test('what is not proposed any more is not answered', () =>
    inHere(async (trx) => {
      expect(await answer(trx, learner, { id: randomUUID(), about: 'less-help dice gesture', taken: true, reason: '' })).toBe(false);
      expect(await listDecisions(trx, [learner.id])).toEqual([]);
    }));
  test('called learnt: lessons look at it instead of teaching it, and Today says when', async () => {
    await inHere(async (trx) => {
      await newGoal(trx, { people: 1 });
      for (const days of [21, 14, 7])
        await held(
          trx,
          ago(days),
          steps.map((s) => [s.key, 'independent']),
        );
      const [{ kind, about }] = (await review(trx)).things;
      expect(kind).toBe('learnt');
      expect(await looksDue(trx)).toEqual([]);
      await answer(trx, learner, { id: randomUUID(), about, taken: true, reason: '' });
      const [goal] = await listGoals(trx, learner.id);
      expect(goal.metOn).toBe(today());
      await changeGoal(trx, goal.id, goal.revision, { metOn: ago(14) });
    });
    expect(await inHere(looksDue)).toMatchObject([{ name: 'Ann', what: 'Rice', due: today(), weeks: 2 }]);
    const lesson = randomUUID();
    await inHere((trx) => addClassLesson(trx, { id: lesson, heldOn: today(), startsAt: null, minutes: 60, recipeId: recipe }));
    expect((await inHere((trx) => getSetUp(trx, lesson)))!.people[0].phase).toBe('maintenance');
  });
});

describe('what lessons take with them', () => {
  test('the class’s rules, from now on; lessons of before keep theirs', () =>
    inHere(async (trx) => {
      const [before, after] = [randomUUID(), randomUUID()];
      const put = (id: string) => addClassLesson(trx, { id, heldOn: today(), startsAt: null, minutes: 60, recipeId: recipe });
      await put(before);
      const rules = { rule: { last: 5, days: 3, down: 3 }, mastery: { independence: 80, lessons: 2, safety: true, people: 1 } };
      await saveTeaching(trx, rules);
      await put(after);
      expect(await getTeaching(trx)).toEqual(rules);
      const of = (id: string) => trx('lesson').where({ id }).first('rule', 'mastery');
      expect([(await of(before))!.mastery, (await of(after))!.mastery]).toEqual([USUAL_MASTERY, rules.mastery]);
      await saveTeaching(trx, { rule: { last: 3, days: 2, down: 2 }, mastery: USUAL_MASTERY });
    }));
  test('a new recipe begins each learner where he is elsewhere, and says so', async () => {
    const other = await inHere(async (trx) => {
      for (const days of [21, 14, 7]) await held(trx, ago(days), [[dice, 'direct-verbal']]);
      return newRecipe(trx, 'Stew');
    });
    const lesson = randomUUID();
    await inHere((trx) => addClassLesson(trx, { id: lesson, heldOn: today(), startsAt: null, minutes: 60, recipeId: other }));
    await begin(locals, lesson);
    const { room: page } = await roomPage((await inHere((trx) => holdRoom(trx, lesson)))!);
    const at = page.people[0].items.find((i) => page.cards[i.card].key === dice)!;
    expect(at.aim).toBe('indirect-verbal');
    expect(at.why).toMatch(/^In other recipes: /);
    // a step of which nothing is known anywhere has no aim
    expect(page.people[0].items.find((i) => page.cards[i.card].key === steps[0].key)!.aim).toBeNull();
  });
  test('Look back waits until somebody has looked, and again after the next lesson', async () => {
    const fresh = async () => (await inHere((trx) => listRecipes(trx, { only: recipe })))[0].fresh;
    await inHere((trx) => held(trx, ago(7), [[dice, 'model']]));
    expect(await fresh()).toBe(1);
    await inHere((trx) => markLooked(trx, recipe));
    expect(await fresh()).toBe(0);
    const lesson = randomUUID();
    await inHere((trx) => addClassLesson(trx, { id: lesson, heldOn: today(), startsAt: null, minutes: 60, recipeId: recipe }));
    expect(await fresh()).toBe(0);
    await begin(locals, lesson);
    await inHere((trx) => markEnded(trx, lesson, true));
    expect(await fresh()).toBe(1);
  });
});
