// The lesson of a class as the database has it: in a few queries, whoever many are there. How its page is made stands in room-page.ts.
import {
  pooledRungs,
  progressOf,
  type Chaining,
  type Hierarchy,
  type InForce,
  type Mode,
  type PooledRung,
  type Presence,
  type Progress,
} from '$core';
import type { RoomMark, RoomRecord } from '../ui/room-data';
import type { PlanInput } from './input/plan';
import { cardsOf, planOf, procedureOf, storedLesson, type OwnCard } from './input/stored';
import { getKitchen, type KitchenRow } from './kitchen';
import { listLearners, type LearnerRow } from './learners';
import { lessonsOfAll, type LessonRow } from './lessons';
import { inForceOf, madeBy } from './in-force';
import { allMade, type ObservationRow } from './records';
import { recordsOf } from './look-back';
import { facesOf, listPhotos } from './photos';
import { aimsOf } from './aims';
import { getClassLesson, type ClassLesson } from './class-lessons';
import type { SchoolTrx } from './school-scope';
import { dayAfter } from './today';
import { listVoices } from './voices';
import { getVersion, type VersionRow } from './tasks';

export type HeldDish = {
  lessonId: string;
  recipeId: string;
  title: string;
  version: VersionRow;
  mode: Mode;
  photos: Map<string, number>;
  voices: Map<string, number>;
};
export type HeldPlace = {
  lessonId: string;
  learnerId: string;
  presence: Presence;
  adult: string | null;
  aims: Map<string, string>;
  chaining: Chaining;
  hierarchy: Hierarchy;
  procedure: InForce;
  fit: Map<string, OwnCard>;
  share: Set<string> | null;
  rungs: Progress['rungs'];
  /** What he does elsewhere, by technique: where a step of this recipe has too few records of its own. */
  elsewhere: ReadonlyMap<string, PooledRung>;
};
export type HeldRoom = {
  lesson: ClassLesson;
  dishes: HeldDish[];
  places: HeldPlace[];
  learners: LearnerRow[];
  /** Addresses of their photographs. */
  faces: ReadonlyMap<string, string>;
  kitchen: KitchenRow;
  /** All that was made, also what was taken back. */
  recorded: ObservationRow[];
  marks: RoomMark[];
  plan: PlanInput | null;
  /** What `peopleStamp` says. */
  people: string;
};

/**
 * @param for a learner's own screen needs no aims; a second adult sees what was scored for agreement, and nothing of the first
 * @returns null where there is no such lesson of the class
 */
export async function holdRoom(
  trx: SchoolTrx,
  id: string,
  { withAims = true, second = false }: { withAims?: boolean; second?: boolean } = {},
): Promise<HeldRoom | null> {
  const asked = trx('lesson as l')
    .where({ 'l.school_id': trx.school, 'l.class_lesson_id': id })
    .join('recipe as r', function () {
      this.on('r.school_id', 'l.school_id').andOn('r.id', 'l.recipe_id');
    })
    .orderBy(['l.position', 'l.created_at'])
    .select('l.id', 'l.recipe_id', 'l.version', 'l.mode', 'l.hierarchy', 'l.rule', 'l.mastery', 'r.title');
  // the mark goes before what it stands for: what changes in between is asked for once more
  const [lesson, rows, stamp, known, kitchen, marks, planned] = await Promise.all([
    getClassLesson(trx, id),
    asked,
    peopleStamp(trx, id),
    listLearners(trx, true),
    getKitchen(trx),
    marksOf(trx, id),
    trx('class_lesson').where({ school_id: trx.school, id }).first('plan'),
  ]);
  if (!lesson) return null;
  const dishes = (await Promise.all(rows.map((r) => dishOf(trx, r)))).filter((d) => d !== null);
  const ids = dishes.map((d) => d.lessonId);
  const [people, recorded] = await Promise.all([
    trx('lesson_learner').where({ school_id: trx.school }).whereIn('lesson_id', ids).orderBy('position').select('*'),
    allMade(trx, ids, second),
  ]);
  const names = new Set(people.map((p) => p.learner_id as string));
  const learners = known.filter((l) => names.has(l.id));
  const [faces, rungs, elsewhere] = await Promise.all([
    facesOf(trx, [...names]),
    withAims ? rungsBefore(trx, lesson, dishes, [...names]) : () => NO_AIMS,
    withAims ? rungsElsewhere(trx, lesson, learners, new Set(dishes.map((d) => d.recipeId))) : new Map<string, never>(),
  ]);
  const places = people.map((p): HeldPlace => {
    const row = rows.find((r) => r.id === p.lesson_id)!;
    const rules = { hierarchy: p.hierarchy ?? row.hierarchy, rule: row.rule, mastery: row.mastery };
    return {
      lessonId: p.lesson_id,
      learnerId: p.learner_id,
      presence: p.presence,
      adult: p.adult,
      aims: aimsOf(p.aims),
      chaining: p.chaining,
      hierarchy: storedLesson(rules).hierarchy,
      procedure: procedureOf(p.procedure),
      fit: new Map(cardsOf(p.fit).map((c) => [c.key, c])),
      share: p.share === null ? null : new Set(p.share as string[]),
      rungs: rungs(row.recipe_id, p.learner_id, rules.hierarchy.id),
      elsewhere: elsewhere.get(p.learner_id) ?? new Map<string, never>(),
    };
  });
  return {
    lesson,
    dishes,
    places,
    learners,
    faces,
    kitchen,
    recorded,
    marks,
    plan: planOf(planned?.plan),
    people: stamp,
  };
}

/** A recipe of the lesson with what is shown of it; null where its version is gone. */
async function dishOf(
  trx: SchoolTrx,
  r: { id: string; recipe_id: string; version: number; title: string; mode: Mode },
): Promise<HeldDish | null> {
  const [version, photos, voices] = await Promise.all([
    getVersion(trx, r.recipe_id, r.version),
    listPhotos(trx, r.recipe_id),
    listVoices(trx, r.recipe_id),
  ]);
  return version && { lessonId: r.id, recipeId: r.recipe_id, title: r.title, version, mode: r.mode, photos, voices };
}

const NO_AIMS: Progress['rungs'] = new Map();

/** The aims as they stood before this lesson: they must not move under the hand that records. Two queries for everybody. */
async function rungsBefore(trx: SchoolTrx, lesson: ClassLesson, dishes: readonly HeldDish[], learnerIds: readonly string[]) {
  const own = new Set(dishes.map((d) => d.lessonId));
  const before = (
    await lessonsOfAll(
      trx,
      dishes.map((d) => d.recipeId),
      learnerIds,
    )
  ).filter((l) => !own.has(l.id) && l.heldOn <= lesson.heldOn);
  const seen = await inForceOf(trx, learnerIds, [...new Set(before.map((l) => l.id))]);
  const byLearner = new Map(learnerIds.map((id) => [id, madeBy(seen, id)]));
  return (recipeId: string, learnerId: string, hierarchy: string): Progress['rungs'] => {
    const his = before.filter((l: LessonRow) => l.recipeId === recipeId && l.learnerId === learnerId && l.hierarchy.id === hierarchy);
    const keys = dishes.find((d) => d.recipeId === recipeId)?.version.steps.map((s) => s.key) ?? [];
    return progressOf(his, byLearner.get(learnerId) ?? new Map<string, never>(), keys).rungs;
  };
}

/** Half a year of lessons tells what a learner does now; what lies further back does not. */
const ELSEWHERE_DAYS = 180;

/** How much help each technique takes each learner in other recipes. */
async function rungsElsewhere(
  trx: SchoolTrx,
  lesson: ClassLesson,
  learners: readonly LearnerRow[],
  here: ReadonlySet<string>,
): Promise<Map<string, Map<string, PooledRung>>> {
  const looked = await recordsOf(trx, learners, { from: dayAfter(lesson.heldOn, -ELSEWHERE_DAYS), until: dayAfter(lesson.heldOn, -1) });
  return new Map(
    looked.map(({ record }) => {
      const lessons = record.lessons.filter((l) => !here.has(l.recipeId));
      const pooled = pooledRungs({ ...record, lessons });
      return [record.learner.id, new Map(pooled.map((p) => [p.technique, p]))];
    }),
  );
}

/** What learners pressed on screens of their own in this lesson. */
async function marksOf(trx: SchoolTrx, id: string): Promise<RoomMark[]> {
  const rows = await trx('own_mark').where({ school_id: trx.school, class_lesson_id: id }).orderBy('made_at').select('*');
  return rows.map(markOf);
}

const markOf = (r: {
  id: string;
  lesson_id: string;
  learner_id: string;
  step_key: string;
  what: RoomMark['what'];
  made_at: Date;
}): RoomMark => ({
  id: r.id,
  lessonId: r.lesson_id,
  learnerId: r.learner_id,
  stepKey: r.step_key,
  what: r.what,
  at: r.made_at.getTime(),
});

export async function oneMark(trx: SchoolTrx, id: string): Promise<RoomMark | null> {
  const row = await trx('own_mark').where({ school_id: trx.school, id }).first('*');
  return row ? markOf(row) : null;
}

export const recordOf = (o: ObservationRow): RoomRecord => ({
  id: o.id,
  lessonId: o.lessonId,
  learnerId: o.learnerId,
  stepKey: o.stepKey,
  code: o.code,
  detail: o.detail,
  replaces: o.replaces,
  device: o.device,
  count: o.count,
  at: o.at,
});

/** What changes in a lesson while it runs, for a device that was away. */
export async function roomNow(
  trx: SchoolTrx,
  id: string,
): Promise<{ recorded: RoomRecord[]; marks: RoomMark[]; people: string; now: number }> {
  const lessons: string[] = await trx('lesson').where({ school_id: trx.school, class_lesson_id: id }).pluck('id');
  const [recorded, marks, people] = await Promise.all([allMade(trx, lessons, false), marksOf(trx, id), peopleStamp(trx, id)]);
  return { recorded: recorded.map(recordOf), marks, people, now: Date.now() };
}

/** A mark that differs whenever who is there, whose steps they are or what is aimed at has changed: a device that was away tells by it. */
async function peopleStamp(trx: SchoolTrx, id: string): Promise<string> {
  const found = await trx('lesson_learner as p')
    .where({ 'p.school_id': trx.school })
    .whereIn('p.lesson_id', trx('lesson').where({ school_id: trx.school, class_lesson_id: id }).select('id'))
    .first<{ stamp: string | null }>(trx.raw(`md5(string_agg(p::text, ' ' order by p.lesson_id, p.learner_id)) as stamp`));
  return found.stamp ?? '';
}
