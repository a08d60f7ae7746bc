// Lessons and what was recorded in them. Observations are only ever added; a later one replaces an earlier.
import type { Hierarchy, MasteryRule } from '$core';
import type { SchoolTrx } from './school-scope';

export type Phase = 'baseline' | 'intervention' | 'maintenance' | 'generalisation';
export type LearnerState = 'open' | 'finished' | 'missed';
export type LessonRow = {
  id: string;
  recipeId: string;
  version: number;
  heldOn: string;
  hierarchy: Hierarchy;
  learnerId: string;
  phase: Phase;
  state: LearnerState;
};
export type ObservationRow = { id: string; lessonId: string; stepKey: string; code: string; madeAt: string };
export type NewObservation = {
  id: string;
  learnerId: string;
  stepKey: string;
  code: string;
  observer: string;
  how: string;
  madeAt: string;
  replaces?: string | null;
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
    .insert({ school_id: trx.school, lesson_id: lesson.id, learner_id: lesson.learnerId, phase: lesson.phase, state: 'open' })
    .onConflict(['school_id', 'lesson_id', 'learner_id'])
    .ignore();
}

const COLUMNS = ['l.id', 'l.recipe_id', 'l.version', 'l.held_on', 'l.hierarchy', 'll.learner_id', 'll.phase', 'll.state'];

function lessons(trx: SchoolTrx) {
  return trx('lesson as l')
    .where('l.school_id', trx.school)
    .join('lesson_learner as ll', function () {
      this.on('ll.school_id', 'l.school_id').andOn('ll.lesson_id', 'l.id');
    });
}

const lessonOf = (r: Record<string, never>): LessonRow => ({
  id: r.id,
  recipeId: r.recipe_id,
  version: r.version,
  heldOn: r.held_on,
  hierarchy: r.hierarchy,
  learnerId: r.learner_id,
  phase: r.phase,
  state: r.state,
});

export async function getLesson(trx: SchoolTrx, id: string, learnerId?: string): Promise<LessonRow | null> {
  const query = lessons(trx).where('l.id', id);
  const row = await (learnerId ? query.where('ll.learner_id', learnerId) : query).first(COLUMNS);
  return row ? lessonOf(row) : null;
}

/** All lessons of one learner with one recipe, oldest first. */
export async function lessonsOf(trx: SchoolTrx, recipeId: string, learnerId: string): Promise<LessonRow[]> {
  const rows = await lessons(trx)
    .where({ 'l.recipe_id': recipeId, 'll.learner_id': learnerId })
    .orderBy('l.held_on')
    .orderBy('l.created_at')
    .select(COLUMNS);
  return rows.map(lessonOf);
}

/** Lessons begun and not finished, newest first: they wait for somebody. */
export async function openLessons(trx: SchoolTrx): Promise<(LessonRow & { title: string; learner: string; recorded: number })[]> {
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
      ...COLUMNS,
      'r.title',
      'p.name as learner',
      trx.raw(
        '(select count(distinct o.step_key)::int from observation o where o.school_id = l.school_id and o.lesson_id = l.id and o.learner_id = ll.learner_id) as recorded',
      ),
    );
  return rows.map((r: Record<string, never>) => ({ ...lessonOf(r), title: r.title, learner: r.learner, recorded: r.recorded }));
}

/** Learners who have lessons with a recipe. */
export async function learnersWith(trx: SchoolTrx, recipeId: string): Promise<string[]> {
  return lessons(trx).where({ 'l.recipe_id': recipeId }).distinct('ll.learner_id').pluck('ll.learner_id');
}

/** The observations in force of one learner in some lessons: of each step the last made, unless it was cleared. */
export async function currentObservations(trx: SchoolTrx, learnerId: string, lessonIds: string[]): Promise<ObservationRow[]> {
  if (lessonIds.length === 0) return [];
  const rows = await trx('observation')
    .where({ school_id: trx.school, learner_id: learnerId })
    .whereIn('lesson_id', lessonIds)
    .distinctOn('lesson_id', 'step_key')
    .orderBy([
      { column: 'lesson_id' },
      { column: 'step_key' },
      { column: 'made_at', order: 'desc' },
      { column: 'received_at', order: 'desc' },
      { column: 'id' },
    ])
    .select('id', 'lesson_id', 'step_key', 'code', 'made_at');
  return rows
    .filter((r) => r.code !== 'cleared')
    .map((r) => ({ id: r.id, lessonId: r.lesson_id, stepKey: r.step_key, code: r.code, madeAt: r.made_at.toISOString() }));
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
          replaces: o.replaces ?? null,
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
