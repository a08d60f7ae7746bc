// Lessons and what was recorded in them. Observations are only ever added; a later one replaces an earlier.
import { lastOf, type Hierarchy, type MasteryRule, type Stamp } from '$core';
import { cardsOf, isGoodLesson, storedLesson, type LessonRules, type OwnCard } from './input/stored';
import type { SchoolTrx } from './school-scope';

export const PHASES_OF_LEARNING = ['baseline', 'intervention', 'maintenance', 'generalisation'] as const;
export type Phase = (typeof PHASES_OF_LEARNING)[number];
export type LearnerState = 'open' | 'finished' | 'missed';
export type LessonHead = {
  id: string;
  recipeId: string;
  version: number;
  heldOn: string;
  learnerId: string;
  phase: Phase;
  state: LearnerState;
};
/** With the hierarchy and the rules that were in force, which its figures are worked out with. */
export type LessonRow = LessonHead & LessonRules;
/** `at`: when it was made by the server's clock, in milliseconds. */
export type ObservationRow = Stamp & { lessonId: string; stepKey: string; code: string };
export type NewObservation = {
  id: string;
  learnerId: string;
  stepKey: string;
  code: string;
  observer: string;
  how: string;
  madeAt: string;
  /** By the server's clock, where it is known; else the moment at which it arrives. */
  happenedAt?: string;
  replaces?: string | null;
  device?: string | null;
  count?: number | null;
};
export type NewNote = { id: string; learnerId: string; stepKey?: string | null; text: string; madeAt: string };

type Begin = {
  id: string;
  recipeId: string;
  learnerId: string;
  version: number;
  heldOn: string;
  hierarchy: Hierarchy;
  phase: Phase;
  mastery: MasteryRule;
  rule: { last: number; days: number; down: number };
  /** The learner's own cards, where some are in use. */
  fit?: OwnCard[] | null;
};

/** Begins a lesson for one learner. The hierarchy and the rules in force are kept with it, so that its data keep their meaning. */
export async function beginLesson(trx: SchoolTrx, lesson: Begin): Promise<void> {
  await trx('lesson')
    .insert({
      school_id: trx.school,
      id: lesson.id,
      recipe_id: lesson.recipeId,
      version: lesson.version,
      held_on: lesson.heldOn,
      hierarchy: JSON.stringify(lesson.hierarchy),
      procedure: 'least to most',
      rule: JSON.stringify(lesson.rule),
      mastery: JSON.stringify(lesson.mastery),
    })
    .onConflict(['school_id', 'id'])
    .ignore();
  await trx('lesson_learner')
    .insert({
      school_id: trx.school,
      lesson_id: lesson.id,
      learner_id: lesson.learnerId,
      phase: lesson.phase,
      state: 'open',
      fit: lesson.fit ? JSON.stringify(lesson.fit) : null,
    })
    .onConflict(['school_id', 'lesson_id', 'learner_id'])
    .ignore();
}

const HEAD = ['l.id', 'l.recipe_id', 'l.version', 'l.held_on', 'll.learner_id', 'll.phase', 'll.state'];
const COLUMNS = [...HEAD, 'l.hierarchy', 'l.rule', 'l.mastery'];

function lessons(trx: SchoolTrx) {
  return trx('lesson as l')
    .where('l.school_id', trx.school)
    .join('lesson_learner as ll', function () {
      this.on('ll.school_id', 'l.school_id').andOn('ll.lesson_id', 'l.id');
    });
}

/** A row as the driver gives it: each column is whatever the table holds. */
type Row = {
  [column in 'id' | 'recipe_id' | 'version' | 'held_on' | 'learner_id' | 'phase' | 'state' | 'hierarchy' | 'rule' | 'mastery']: never;
};

const headOf = (r: Row): LessonHead => ({
  id: r.id,
  recipeId: r.recipe_id,
  version: r.version,
  heldOn: r.held_on,
  learnerId: r.learner_id,
  phase: r.phase,
  state: r.state,
});

const rulesOf = (r: Row): LessonRules => ({ hierarchy: r.hierarchy, rule: r.rule, mastery: r.mastery });

export async function getLesson(trx: SchoolTrx, id: string, learnerId?: string): Promise<LessonRow | null> {
  const query = lessons(trx).where('l.id', id);
  const row = await (learnerId ? query.where('ll.learner_id', learnerId) : query).first(COLUMNS);
  return row ? { ...headOf(row), ...storedLesson(rulesOf(row)) } : null;
}

/** The learner's own cards that were in force when the lesson began; empty where the class's were. */
export async function ownCardsOf(trx: SchoolTrx, lessonId: string, learnerId: string): Promise<Map<string, OwnCard>> {
  const row = await trx('lesson_learner').where({ school_id: trx.school, lesson_id: lessonId, learner_id: learnerId }).first('fit');
  return new Map(cardsOf(row?.fit).map((c) => [c.key, c]));
}

/** All lessons of one learner with one recipe, oldest first. One whose rules cannot be read is left out: its levels mean nothing. */
export async function lessonsOf(trx: SchoolTrx, recipeId: string, learnerId: string): Promise<LessonRow[]> {
  const rows = await lessons(trx)
    .where({ 'l.recipe_id': recipeId, 'll.learner_id': learnerId })
    .orderBy('l.held_on')
    .orderBy('l.created_at')
    .select(COLUMNS);
  return rows.filter((r) => isGoodLesson(rulesOf(r))).map((r) => ({ ...headOf(r), ...rulesOf(r) }));
}

/** Lessons begun and not finished, newest first: they wait for somebody. */
export async function openLessons(trx: SchoolTrx): Promise<(LessonHead & { title: string; learner: string; recorded: number })[]> {
  const rows = await lessons(trx)
    .join('recipe as r', function () {
      this.on('r.school_id', 'l.school_id').andOn('r.id', 'l.recipe_id');
    })
    .join('learner as p', function () {
      this.on('p.school_id', 'll.school_id').andOn('p.id', 'll.learner_id');
    })
    .where('ll.state', 'open')
    .orderBy('l.created_at', 'desc')
    .select(
      ...HEAD,
      'r.title',
      'p.name as learner',
      trx.raw(
        '(select count(distinct o.step_key)::int from observation o where o.school_id = l.school_id and o.lesson_id = l.id and o.learner_id = ll.learner_id) as recorded',
      ),
    );
  return rows.map((r) => ({ ...headOf(r), title: r.title, learner: r.learner, recorded: r.recorded }));
}

/** Learners who have lessons with a recipe. */
export async function learnersWith(trx: SchoolTrx, recipeId: string): Promise<string[]> {
  return lessons(trx).where({ 'l.recipe_id': recipeId }).distinct('ll.learner_id').pluck('ll.learner_id');
}

/** The observations in force of one learner in some lessons: one for each step, unless it was cleared. */
export async function currentObservations(trx: SchoolTrx, learnerId: string, lessonIds: string[]): Promise<ObservationRow[]> {
  if (lessonIds.length === 0) return [];
  const rows = await trx('observation')
    .where({ school_id: trx.school, learner_id: learnerId })
    .whereIn('lesson_id', lessonIds)
    .orderBy(['lesson_id', 'step_key', 'happened_at', 'id'])
    .select('id', 'lesson_id', 'step_key', 'code', 'replaces', 'device', 'count', 'happened_at');
  const ofStep = new Map<string, ObservationRow[]>();
  for (const r of rows) {
    const key = `${r.lesson_id} ${r.step_key}`;
    if (!ofStep.has(key)) ofStep.set(key, []);
    const { id, code, replaces, device, count } = r;
    ofStep.get(key)!.push({ id, lessonId: r.lesson_id, stepKey: r.step_key, code, replaces, device, count, at: r.happened_at.getTime() });
  }
  return [...ofStep.values()].map((all) => lastOf(all)!).filter((o) => o.code !== 'cleared');
}

export async function notesOf(
  trx: SchoolTrx,
  learnerId: string,
  lessonIds: string[],
): Promise<{ id: string; lessonId: string; stepKey: string | null; text: string }[]> {
  if (lessonIds.length === 0) return [];
  const rows = await trx('lesson_note')
    .where({ school_id: trx.school, learner_id: learnerId })
    .whereIn('lesson_id', lessonIds)
    .orderBy('made_at')
    .select('id', 'lesson_id', 'step_key', 'text');
  return rows.map((r) => ({ id: r.id, lessonId: r.lesson_id, stepKey: r.step_key, text: r.text }));
}

/** Adds what a device recorded. What came before under the same id stays as it is. */
export async function addRecords(
  trx: SchoolTrx,
  lessonId: string,
  observations: NewObservation[],
  notes: NewNote[],
  finished: string[],
): Promise<void> {
  const at = { school_id: trx.school, lesson_id: lessonId };
  if (observations.length > 0)
    await trx('observation')
      .insert(
        observations.map((o) => ({
          ...at,
          id: o.id,
          learner_id: o.learnerId,
          step_key: o.stepKey,
          code: o.code,
          observer: o.observer,
          how: o.how,
          made_at: o.madeAt,
          happened_at: o.happenedAt ?? null,
          replaces: o.replaces ?? null,
          device: o.device ?? null,
          count: o.count ?? null,
        })),
      )
      .onConflict(['school_id', 'id'])
      .ignore();
  if (notes.length > 0)
    await trx('lesson_note')
      .insert(
        notes.map((n) => ({ ...at, id: n.id, learner_id: n.learnerId, step_key: n.stepKey ?? null, text: n.text, made_at: n.madeAt })),
      )
      .onConflict(['school_id', 'id'])
      .ignore();
  if (finished.length > 0) await trx('lesson_learner').where(at).whereIn('learner_id', finished).update({ state: 'finished' });
}

/** Who takes part in a lesson, and what may be recorded in it; null where there is no such lesson. */
export async function lessonFrame(
  trx: SchoolTrx,
  lessonId: string,
): Promise<{ hierarchy: Hierarchy; learners: Set<string>; stepKeys: Set<string> } | null> {
  const lesson = await trx('lesson')
    .where({ school_id: trx.school, id: lessonId })
    .first('recipe_id', 'version', 'hierarchy', 'rule', 'mastery');
  if (!lesson) return null;
  const learners = await trx('lesson_learner').where({ school_id: trx.school, lesson_id: lessonId }).pluck('learner_id');
  const keys = await trx('task_step').where({ school_id: trx.school, recipe_id: lesson.recipe_id, number: lesson.version }).pluck('key');
  return { hierarchy: storedLesson(rulesOf(lesson)).hierarchy, learners: new Set(learners), stepKeys: new Set(keys) };
}

/** Records and notes that are there already, of those ids, and what each is of. */
export async function recordsById(
  trx: SchoolTrx,
  ids: string[],
): Promise<Map<string, { lessonId: string; learnerId: string; stepKey: string | null; note: boolean }>> {
  if (ids.length === 0) return new Map();
  const of = (table: string) =>
    trx(table).where({ school_id: trx.school }).whereIn('id', ids).select('id', 'lesson_id', 'learner_id', 'step_key');
  const found = [
    ...(await of('observation')).map((r) => ({ ...r, note: false })),
    ...(await of('lesson_note')).map((r) => ({ ...r, note: true })),
  ];
  return new Map(found.map((r) => [r.id, { lessonId: r.lesson_id, learnerId: r.learner_id, stepKey: r.step_key, note: r.note }]));
}
