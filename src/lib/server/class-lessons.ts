// Lessons of the class: when, what is cooked, who is there, when one begins and ends. How one is set up stands in set-up.ts.
import { hierarchyById, HIERARCHIES, type Chaining, type InForce, type Mode, type Presence } from '$core';
import { namesOf, procedureOf } from './input/stored';
import { keepOver } from './kept';
import type { Phase } from './lessons';
import { ownClass, type SchoolTrx } from './school-scope';

export type ClassLesson = {
  id: string;
  heldOn: string;
  /** "09:30", or null where nobody said. */
  startsAt: string | null;
  minutes: number;
  adults: string[];
  waitShown: boolean;
  /** Where, if not in the usual kitchen. */
  place: string | null;
  revision: number;
  begun: boolean;
  ended: boolean;
  /** It stands in no list, and what was recorded in it counts nowhere. */
  putAway: boolean;
};
export type Dish = { lessonId: string; recipeId: string; title: string; version: number; mode: Mode };
export type Place = {
  lessonId: string;
  learnerId: string;
  presence: Presence;
  phase: Phase;
  chaining: Chaining;
  /** Id of the levels of help that the class chose; under some procedures other answers stand on the ladder. */
  hierarchy: string;
  procedure: InForce;
  share: string[] | null;
  team: number | null;
  /** With which adult he works; null: with whoever is near. */
  adult: string | null;
};
export type SetUp = ClassLesson & { dishes: Dish[]; people: Place[] };

const COLUMNS = [
  'id',
  'held_on',
  'starts_at',
  'minutes',
  'adults',
  'wait_shown',
  'place',
  'revision',
  'begun_at',
  'ended_at',
  'put_away_at',
];
type Row = { [column in 'id' | 'held_on' | 'starts_at' | 'minutes' | 'adults' | 'wait_shown' | 'place' | 'revision']: never } & {
  begun_at: Date | null;
  ended_at: Date | null;
  put_away_at: Date | null;
};
const classLesson = (r: Row): ClassLesson => ({
  id: r.id,
  heldOn: r.held_on,
  startsAt: r.starts_at,
  minutes: r.minutes,
  adults: namesOf(r.adults),
  waitShown: r.wait_shown,
  place: r.place,
  revision: r.revision,
  begun: r.begun_at !== null,
  ended: r.ended_at !== null,
  putAway: r.put_away_at !== null,
});

/** @returns null where there is no such lesson of the class */
export async function getClassLesson(trx: SchoolTrx, id: string): Promise<ClassLesson | null> {
  const row: Row | undefined = await trx('class_lesson').where({ school_id: trx.school, id }).first(COLUMNS);
  return row ? classLesson(row) : null;
}

/** Of which lesson of the class a recipe's lesson is part; null where there is none. */
export async function classLessonOf(trx: SchoolTrx, lessonId: string): Promise<string | null> {
  const row = await trx('lesson').where({ school_id: trx.school, id: lessonId }).first('class_lesson_id');
  return row?.class_lesson_id ?? null;
}

export async function getSetUp(trx: SchoolTrx, id: string): Promise<SetUp | null> {
  const dishesThere = trx('lesson as l')
    .where({ 'l.school_id': trx.school, 'l.class_lesson_id': id })
    .join('recipe as r', function () {
      this.on('r.school_id', 'l.school_id').andOn('r.id', 'l.recipe_id');
    })
    .orderBy(['l.position', 'l.created_at'])
    .select('l.id', 'l.recipe_id', 'r.title', 'l.version', 'l.mode', 'l.hierarchy');
  const peopleThere = trx('lesson_learner as ll')
    .where({ 'll.school_id': trx.school })
    .whereIn('ll.lesson_id', trx('lesson').where({ school_id: trx.school, class_lesson_id: id }).select('id'))
    .join('learner as p', function () {
      this.on('p.school_id', 'll.school_id').andOn('p.id', 'll.learner_id');
    })
    .orderBy(['ll.position', 'p.position', 'p.name'])
    .select('ll.*');
  const [lesson, dishes, rows] = await Promise.all([getClassLesson(trx, id), dishesThere, peopleThere]);
  if (!lesson) return null;
  const levelsOf = (own: { id?: string } | null, lessonId: string): string => {
    const id = (own ?? dishes.find((d) => d.id === lessonId)?.hierarchy)?.id ?? '';
    return HIERARCHIES.some((h) => h.id === id) ? id : hierarchyById(id).id;
  };
  return {
    ...lesson,
    dishes: dishes.map((d) => ({ lessonId: d.id, recipeId: d.recipe_id, title: d.title, version: d.version, mode: d.mode })),
    people: rows.map((r) => ({
      lessonId: r.lesson_id,
      learnerId: r.learner_id,
      presence: r.presence,
      phase: r.phase,
      chaining: r.chaining,
      hierarchy: levelsOf(r.hierarchy, r.lesson_id),
      procedure: procedureOf(r.procedure),
      share: r.share === null ? null : namesOf(r.share),
      team: r.team,
      adult: r.adult,
    })),
  };
}

export type Listed = ClassLesson & { recipes: string[]; learners: string[]; recorded: number };

/** Lessons from one day to another, both in, in the order in which they are held: those that count, or those that were put away. */
export async function listClassLessons(trx: SchoolTrx, from: string, to: string, away = false): Promise<Listed[]> {
  const rows = await trx('class_lesson as c')
    .where({ 'c.school_id': trx.school, 'c.class_id': ownClass(trx) })
    .where((q) => void (away ? q.whereNotNull('c.put_away_at') : q.whereNull('c.put_away_at')))
    .whereBetween('c.held_on', [from, to])
    .orderByRaw('c.held_on, c.starts_at nulls last, c.created_at')
    .select([
      ...COLUMNS.map((c) => `c.${c}`),
      trx.raw(`(select coalesce(json_agg(r.title order by l.position), '[]') from lesson l
        join recipe r on r.school_id = l.school_id and r.id = l.recipe_id
        where l.school_id = c.school_id and l.class_lesson_id = c.id) as recipes`),
      trx.raw(`(select coalesce(json_agg(distinct p.name), '[]') from lesson l
        join lesson_learner ll on ll.school_id = l.school_id and ll.lesson_id = l.id
        join learner p on p.school_id = ll.school_id and p.id = ll.learner_id
        where l.school_id = c.school_id and l.class_lesson_id = c.id and ll.presence <> 'absent') as learners`),
      trx.raw(`(select count(distinct (o.learner_id, o.lesson_id, o.step_key))::int from lesson l
        join observation o on o.school_id = l.school_id and o.lesson_id = l.id
        where l.school_id = c.school_id and l.class_lesson_id = c.id) as recorded`),
    ]);
  return rows.map((r) => ({ ...classLesson(r), recipes: namesOf(r.recipes), learners: namesOf(r.learners), recorded: r.recorded }));
}

/** The next lesson that is not over, from a day on. */
export async function nextClassLesson(trx: SchoolTrx, day: string): Promise<Listed | null> {
  const row = await trx('class_lesson')
    .where({ school_id: trx.school, class_id: ownClass(trx) })
    .whereNull('put_away_at')
    .where('held_on', '>=', day)
    .whereNull('ended_at')
    .orderByRaw('held_on, starts_at nulls last, created_at')
    .first('id', 'held_on');
  if (!row) return null;
  return (await listClassLessons(trx, row.held_on, row.held_on)).find((l) => l.id === row.id) ?? null;
}

/** Puts a lesson away, or brings it back: what was recorded stays and counts nowhere meanwhile. */
export async function putClassLessonAway(trx: SchoolTrx, id: string, away: boolean): Promise<void> {
  await trx('class_lesson')
    .where({ school_id: trx.school, id })
    .update({ put_away_at: away ? trx.fn.now() : null });
}

/** Takes a lesson away in which nothing was recorded; the database refuses any other. */
export async function takeAwayClassLesson(trx: SchoolTrx, id: string): Promise<void> {
  await trx('class_lesson').where({ school_id: trx.school, id }).delete();
}

/** Hands a learner over to an adult, or to whoever is near, in all that is cooked in a lesson. */
export async function handOver(trx: SchoolTrx, id: string, learnerId: string, adult: string | null): Promise<void> {
  await trx('lesson_learner')
    .where({ school_id: trx.school, learner_id: learnerId })
    .whereIn('lesson_id', trx('lesson').where({ school_id: trx.school, class_lesson_id: id }).select('id'))
    .update({ adult });
}

/** Says who is there, in all that is cooked in a lesson. */
export async function setPresence(trx: SchoolTrx, id: string, learnerId: string, presence: Presence): Promise<void> {
  await trx('lesson_learner')
    .where({ school_id: trx.school, learner_id: learnerId })
    .whereIn('lesson_id', trx('lesson').where({ school_id: trx.school, class_lesson_id: id }).select('id'))
    .update({ presence });
}

/** Whether a lesson has begun, asked so that nobody else begins it meanwhile. */
export async function hasBegun(trx: SchoolTrx, id: string): Promise<boolean> {
  const row = await trx('class_lesson').where({ school_id: trx.school, id }).forUpdate().first('begun_at');
  return row?.begun_at !== null;
}

/** The lesson begins: from now on people can record in it. */
export async function markBegun(trx: SchoolTrx, id: string): Promise<void> {
  await trx('class_lesson').where({ school_id: trx.school, id }).whereNull('begun_at').update({ begun_at: trx.fn.now() });
}

/** The lesson is over for everybody who is there; or it goes on, if `over` is false: the same day, somebody ended it too early. */
export async function markEnded(trx: SchoolTrx, id: string, over: boolean): Promise<void> {
  await trx('class_lesson')
    .where({ school_id: trx.school, id })
    .update({ ended_at: over ? trx.fn.now() : null });
  await trx('lesson_learner')
    .where({ school_id: trx.school })
    .whereIn('lesson_id', trx('lesson').where({ school_id: trx.school, class_lesson_id: id }).select('id'))
    .whereNot('state', 'missed')
    .update({ state: over ? 'finished' : 'open' });
  if (over) await keepOver(trx);
}
