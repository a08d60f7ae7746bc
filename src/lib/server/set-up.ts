// Setting a lesson of the class up: put on the list, changed, repeated; who is in it and how each is taught. What was recorded in one stays as it was then.
import { hierarchyById, rungsOf, USUAL_PROCEDURE } from '$core';
import { getSetUp, type Dish, type Place, type SetUp } from './class-lessons';
import type { SetUpInput } from './input/room';
import { procedureOf } from './input/stored';
import { ownClass, type SchoolTrx } from './school-scope';
import { getTeaching } from './teaching';

/** How a learner was taught this recipe the last time; where there was none, as usual from a baseline on. */
async function lastPlaces(trx: SchoolTrx, recipeId: string): Promise<Map<string, Omit<Place, 'lessonId' | 'learnerId'>>> {
  const rows = await trx('lesson_learner as ll')
    .where('ll.school_id', trx.school)
    .join('lesson as l', function () {
      this.on('l.school_id', 'll.school_id').andOn('l.id', 'll.lesson_id');
    })
    .where('l.recipe_id', recipeId)
    .orderBy('l.held_on')
    .orderBy('l.created_at')
    .select('ll.learner_id', 'll.phase', 'll.chaining', 'll.procedure', trx.raw(`coalesce(ll.hierarchy, l.hierarchy) ->> 'id' as levels`));
  return new Map(
    rows.map((r) => [
      r.learner_id,
      { ...AS_USUAL, phase: r.phase, chaining: r.chaining, procedure: procedureOf(r.procedure), hierarchy: hierarchyById(r.levels).id },
    ]),
  );
}

/** Learners of whom somebody said that they have learnt the whole recipe. */
async function learntBy(trx: SchoolTrx, recipeId: string): Promise<Set<string>> {
  const ids: string[] = await trx('goal')
    .where({ school_id: trx.school })
    .whereNotNull('met_on')
    .whereNull('put_away_on')
    .whereRaw(`scope->>'kind' = 'recipe' and scope->>'recipe' = ?`, [recipeId])
    .pluck('learner_id');
  return new Set(ids);
}

const AS_USUAL: Omit<Place, 'lessonId' | 'learnerId'> = {
  presence: 'here',
  phase: 'baseline',
  chaining: 'total',
  hierarchy: 'full',
  procedure: USUAL_PROCEDURE,
  share: null,
  team: null,
  adult: null,
};

/** Everybody of the class at a recipe, each taught as the last time. */
export async function placesAt(trx: SchoolTrx, lessonId: string, recipeId: string): Promise<Place[]> {
  const learners: string[] = await trx('learner')
    .where({ school_id: trx.school, class_id: ownClass(trx) })
    .whereNull('put_away_at')
    .orderBy(['position', 'name'])
    .pluck('id');
  const last = await lastPlaces(trx, recipeId);
  const learnt = await learntBy(trx, recipeId);
  return learners.map((learnerId) => ({
    ...(last.get(learnerId) ?? AS_USUAL),
    // what was called learnt is looked at, not taught
    ...(learnt.has(learnerId) ? { phase: 'maintenance' as const } : {}),
    lessonId,
    learnerId,
  }));
}

/** Puts a lesson on the list: one recipe in its newest version, everybody there. @returns false where the recipe has no published version */
export async function addClassLesson(
  trx: SchoolTrx,
  lesson: { id: string; heldOn: string; startsAt: string | null; minutes: number; recipeId: string },
): Promise<boolean> {
  const version = await newestVersion(trx, lesson.recipeId);
  if (version === null) return false;
  const { id, heldOn, startsAt, minutes, recipeId } = lesson;
  await trx('class_lesson')
    .insert({ school_id: trx.school, id, held_on: heldOn, starts_at: startsAt, minutes })
    .onConflict(['school_id', 'id'])
    .ignore();
  await putDishes(trx, id, heldOn, [{ lessonId: id, recipeId, version, mode: 'own' }]);
  await putPeople(trx, await placesAt(trx, id, recipeId));
  return true;
}

/** One recipe more in a lesson, with those who cook it. */
export async function addDish(trx: SchoolTrx, setUp: SetUp, dish: DishDoc, places: readonly Place[]): Promise<void> {
  const order = [...setUp.dishes.map(({ lessonId, recipeId, version, mode }) => ({ lessonId, recipeId, version, mode })), dish];
  await putDishes(trx, setUp.id, setUp.heldOn, order);
  await putPeople(trx, places);
  await trx('class_lesson').where({ school_id: trx.school, id: setUp.id }).increment('revision', 1);
}

/** Whose steps are whose in a dish that is shared. */
export async function saveShares(
  trx: SchoolTrx,
  lessonId: string,
  shares: ReadonlyMap<string, { share: string[] | null; team: number | null }>,
): Promise<void> {
  for (const [learnerId, { share, team }] of shares)
    await trx('lesson_learner')
      .where({ school_id: trx.school, lesson_id: lessonId, learner_id: learnerId })
      .update({ share: share === null ? null : JSON.stringify(share), team });
}

export async function newestVersion(trx: SchoolTrx, recipeId: string): Promise<number | null> {
  const row = await trx('task_version').where({ school_id: trx.school, recipe_id: recipeId }).max('number as n').first();
  return row?.n ?? null;
}

type DishDoc = Omit<Dish, 'title'>;

async function putDishes(trx: SchoolTrx, id: string, heldOn: string, dishes: readonly DishDoc[]): Promise<void> {
  const { rule, mastery } = await getTeaching(trx);
  for (const [position, d] of dishes.entries()) {
    const doc = { version: d.version, mode: d.mode, held_on: heldOn, position };
    const known = await trx('lesson').where({ school_id: trx.school, id: d.lessonId }).first('version', 'mode', 'held_on', 'position');
    // a row that says the same is left alone: it may be frozen
    if (known && known.version === d.version && known.mode === d.mode && known.held_on === heldOn && known.position === position) continue;
    if (known) await trx('lesson').where({ school_id: trx.school, id: d.lessonId, class_lesson_id: id }).update(doc);
    else
      await trx('lesson').insert({
        school_id: trx.school,
        id: d.lessonId,
        class_lesson_id: id,
        recipe_id: d.recipeId,
        ...doc,
        hierarchy: JSON.stringify(hierarchyById('full')),
        procedure: 'as kept with each learner',
        rule: JSON.stringify(rule),
        mastery: JSON.stringify(mastery),
      });
  }
}

async function putPeople(trx: SchoolTrx, people: readonly Place[]): Promise<void> {
  if (people.length === 0) return;
  const rows = people.map((p, position) => ({
    school_id: trx.school,
    lesson_id: p.lessonId,
    learner_id: p.learnerId,
    presence: p.presence,
    state: 'open',
    phase: p.phase,
    chaining: p.chaining,
    hierarchy: JSON.stringify(rungsOf(p.procedure.id, hierarchyById(p.hierarchy))),
    procedure: JSON.stringify({ id: p.procedure.id, wait: p.procedure.wait, delay: p.procedure.delay }),
    share: p.share === null ? null : JSON.stringify(p.share),
    team: p.team,
    adult: p.adult,
    position,
  }));
  // of whom something was recorded: how he is taught stays as it was then
  const lessons = [...new Set(people.map((p) => p.lessonId))];
  const of = (table: string) =>
    trx(table).where({ school_id: trx.school }).whereIn('lesson_id', lessons).distinct('lesson_id', 'learner_id');
  const recorded = new Set([...(await of('observation')), ...(await of('lesson_note'))].map((r) => `${r.lesson_id} ${r.learner_id}`));
  const isFixed = (r: (typeof rows)[number]) => recorded.has(`${r.lesson_id} ${r.learner_id}`);
  const put = (some: typeof rows, changing: string[]) =>
    some.length === 0 ? null : trx('lesson_learner').insert(some).onConflict(['school_id', 'lesson_id', 'learner_id']).merge(changing);
  await put(rows.filter(isFixed), WHO);
  await put(
    rows.filter((r) => !isFixed(r)),
    [...WHO, 'phase', 'chaining', 'hierarchy', 'procedure'],
  );
}
/** What of a learner in a lesson may change whatever was recorded. */
const WHO = ['presence', 'share', 'team', 'adult', 'position'];

/**
 * Saves how a lesson is set up, if nobody saved since its revision. What was recorded already keeps its version, levels and procedure: the database refuses
 * to change them, and nothing is saved then.
 * @returns the new revision, or null where somebody saved in between
 */
export async function saveSetUp(trx: SchoolTrx, id: string, setUp: SetUpInput): Promise<number | null> {
  const at = { school_id: trx.school };
  const rows = await trx('class_lesson')
    .where({ ...at, id, revision: setUp.revision })
    .update({
      held_on: setUp.heldOn,
      starts_at: setUp.startsAt,
      minutes: setUp.minutes,
      adults: JSON.stringify(setUp.adults),
      wait_shown: setUp.waitShown,
      place: setUp.place ?? null,
      revision: setUp.revision + 1,
    })
    .returning('revision');
  if (!rows[0]) return null;
  const lessons = setUp.dishes.map((d) => d.lessonId);
  await trx('lesson')
    .where({ ...at, class_lesson_id: id })
    .whereNotIn('id', lessons)
    .delete();
  await putDishes(trx, id, setUp.heldOn, setUp.dishes);
  // an id that is another lesson's changes nothing there
  const own: string[] = await trx('lesson')
    .where({ ...at, class_lesson_id: id })
    .pluck('id');
  for (const lessonId of own) {
    const here = setUp.people.filter((p) => p.lessonId === lessonId);
    await trx('lesson_learner')
      .where({ ...at, lesson_id: lessonId })
      .whereNotIn(
        'learner_id',
        here.map((p) => p.learnerId),
      )
      .delete();
  }
  await putPeople(
    trx,
    setUp.people.filter((p) => own.includes(p.lessonId)),
  );
  return rows[0].revision;
}

/** The same lesson on another day: recipes in their newest version, the same learners and adults, everybody there. @returns whether there was one to repeat */
export async function repeatClassLesson(trx: SchoolTrx, id: string, copy: string, heldOn: string, newId: () => string): Promise<boolean> {
  const before = await getSetUp(trx, id);
  if (!before || before.dishes.length === 0) return false;
  await trx('class_lesson')
    .insert({
      school_id: trx.school,
      id: copy,
      held_on: heldOn,
      starts_at: before.startsAt,
      minutes: before.minutes,
      adults: JSON.stringify(before.adults),
      wait_shown: before.waitShown,
      place: before.place,
    })
    .onConflict(['school_id', 'id'])
    .ignore();
  const ids = new Map(before.dishes.map((d, i) => [d.lessonId, i === 0 ? copy : newId()]));
  const versions = new Map<string, number>();
  for (const d of before.dishes) versions.set(d.recipeId, (await newestVersion(trx, d.recipeId)) ?? d.version);
  await putDishes(
    trx,
    copy,
    heldOn,
    before.dishes.map((d) => ({ ...d, lessonId: ids.get(d.lessonId)!, version: versions.get(d.recipeId)! })),
  );
  await putPeople(
    trx,
    before.people.map((p) => ({ ...p, lessonId: ids.get(p.lessonId)!, presence: 'here' })),
  );
  return true;
}
