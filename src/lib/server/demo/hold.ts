// Lessons of the demo that were held, with what was recorded in them.
import { hierarchyById, USUAL_MASTERY, USUAL_RULE } from '$core';
import { beginLesson } from '../lessons';
import { addRecords } from '../records';
import type { SchoolTrx } from '../school-scope';
import type { DemoLesson } from './lessons';

export const FULL = hierarchyById('full');

/** Lessons that were held, one learner in each. @param lessons as `demoLessons` makes them */
export async function hold(trx: SchoolTrx, recipeId: string, learnerId: string, lessons: readonly DemoLesson[]): Promise<void> {
  const { last, days, down } = USUAL_RULE;
  for (const { id, heldOn, phase, missed, records } of lessons) {
    await beginLesson(trx, {
      id,
      recipeId,
      learnerId,
      version: 1,
      heldOn,
      hierarchy: FULL,
      phase,
      mastery: USUAL_MASTERY,
      rule: { last, days, down },
    });
    await addRecords(
      trx,
      id,
      records.map((r) => ({
        ...r,
        learnerId,
        observer: heldOn.endsWith('0') || heldOn.endsWith('7') ? 'Mr Lund' : 'Ms Ferrow',
        how: 'import',
      })),
      [],
      missed ? [] : [learnerId],
    );
    if (missed) await trx('lesson_learner').where({ school_id: trx.school, lesson_id: id }).update({ state: 'missed', presence: 'absent' });
    await trx('class_lesson')
      .where({ school_id: trx.school, id })
      .update({ ended_at: `${heldOn}T10:30:00Z` });
  }
}
