// Levels to aim for that a person set, step by step, in the place of what the records propose. They go on from lesson to lesson of a recipe until they are taken back.
import type { SchoolTrx } from './school-scope';
import { isPlain } from './input/shape';

/** As a lesson keeps them. What is no aim is passed over. */
export function aimsOf(doc: unknown): Map<string, string> {
  const all = Array.isArray(doc) ? (doc as unknown[]) : [];
  return new Map(
    all.flatMap((a) =>
      isPlain(a) && 'key' in a && 'level' in a && typeof a.key === 'string' && typeof a.level === 'string' ? [[a.key, a.level]] : [],
    ),
  );
}

/** Sets the aim of a learner at a step of a lesson. @returns false where he is not in it */
export async function setAim(trx: SchoolTrx, lessonId: string, learnerId: string, stepKey: string, level: string | null): Promise<boolean> {
  const at = { school_id: trx.school, lesson_id: lessonId, learner_id: learnerId };
  const row = await trx('lesson_learner').where(at).forUpdate().first('aims');
  if (!row) return false;
  const aims = aimsOf(row.aims);
  if (level === null) aims.delete(stepKey);
  else aims.set(stepKey, level);
  const doc = [...aims].map(([key, to]) => ({ key, level: to }));
  await trx('lesson_learner')
    .where(at)
    .update({ aims: JSON.stringify(doc) });
  return true;
}

/** Takes the aims of the last lesson with the same recipe over into one that begins. */
export async function takeAimsOver(trx: SchoolTrx, lessonId: string, recipeId: string, learnerId: string): Promise<void> {
  const last = await trx('lesson_learner as ll')
    .join('lesson as l', function () {
      this.on('l.school_id', 'll.school_id').andOn('l.id', 'll.lesson_id');
    })
    .where({ 'll.school_id': trx.school, 'll.learner_id': learnerId, 'l.recipe_id': recipeId })
    .join('class_lesson as c', function () {
      this.on('c.school_id', 'l.school_id').andOn('c.id', 'l.class_lesson_id');
    })
    .whereNot('l.id', lessonId)
    .whereNotNull('c.begun_at')
    .orderBy([
      { column: 'l.held_on', order: 'desc' },
      { column: 'l.created_at', order: 'desc' },
    ])
    .first('ll.aims');
  if (last && aimsOf(last.aims).size > 0)
    await trx('lesson_learner')
      .where({ school_id: trx.school, lesson_id: lessonId, learner_id: learnerId })
      .whereRaw(`aims = '[]'`)
      .update({ aims: JSON.stringify(last.aims) });
}
