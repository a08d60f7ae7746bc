// A screen of a learner's own in a lesson: a code that opens it until the day is over, and what is pressed there.
import { randomInt } from 'node:crypto';
import { OWN_ADDRESS } from './photos';
import { today } from './today';
import type { SchoolTrx } from './school-scope';

export type OwnScreen = { code: string; classLessonId: string; learnerId: string };

/** Tries before a code that is free is given up on; a school has a few hundred of a million in use. */
const TRIES = 20;

/** The code of a learner's screen in a lesson; made the first time. @returns null where he is not in it */
export async function codeFor(trx: SchoolTrx, classLessonId: string, learnerId: string): Promise<string | null> {
  const at = { school_id: trx.school, class_lesson_id: classLessonId, learner_id: learnerId };
  const there = await trx('lesson as l')
    .where({ 'l.school_id': trx.school, 'l.class_lesson_id': classLessonId, 'll.learner_id': learnerId })
    .join('lesson_learner as ll', function () {
      this.on('ll.school_id', 'l.school_id').andOn('ll.lesson_id', 'l.id');
    })
    .first('l.id');
  if (!there) return null;
  for (let i = 0; i < TRIES; i++) {
    const known = await trx('own_screen').where(at).first('code');
    if (known) return known.code;
    // codes of days that are over are free again
    const code = String(randomInt(1_000_000)).padStart(6, '0');
    await trx('own_screen').where({ school_id: trx.school, code }).whereIn('class_lesson_id', overLessons(trx)).delete();
    await trx('own_screen')
      .insert({ ...at, code })
      .onConflict()
      .ignore();
  }
  return null;
}

const overLessons = (trx: SchoolTrx) => trx('class_lesson').where({ school_id: trx.school }).where('held_on', '<', today()).select('id');

/** Which learner's screen a code opens; null for one that is of no lesson of today. */
export async function screenOf(trx: SchoolTrx, code: string): Promise<OwnScreen | null> {
  const row = await trx('own_screen as s')
    .where({ 's.school_id': trx.school, 's.code': code })
    .join('class_lesson as c', function () {
      this.on('c.school_id', 's.school_id').andOn('c.id', 's.class_lesson_id');
    })
    .where('c.held_on', '>=', today())
    .first('s.code', 's.class_lesson_id', 's.learner_id');
  return row ? { code: row.code, classLessonId: row.class_lesson_id, learnerId: row.learner_id } : null;
}

/** Whether a recipe is cooked in the lesson of a screen. */
export async function isOnScreen(trx: SchoolTrx, { classLessonId }: OwnScreen, recipeId: string): Promise<boolean> {
  const row = await trx('lesson').where({ school_id: trx.school, class_lesson_id: classLessonId, recipe_id: recipeId }).first('id');
  return row !== undefined;
}

/** Addresses of photographs and voices in what a screen shows, as it may ask for them: it is opened by its code alone. */
export const throughScreen = (code: string, markup: string): string => markup.replaceAll(OWN_ADDRESS, `/own/${code}/kept$&`);

/** Keeps what a learner pressed. Sending twice is harmless. @returns whether the step is one of his lesson */
export async function addMark(
  trx: SchoolTrx,
  screen: OwnScreen,
  mark: { id: string; lessonId: string; stepKey: string; what: 'done' | 'help' },
): Promise<boolean> {
  const step = await trx('lesson as l')
    .where({ 'l.school_id': trx.school, 'l.id': mark.lessonId, 'l.class_lesson_id': screen.classLessonId, 's.key': mark.stepKey })
    .join('task_step as s', function () {
      this.on('s.school_id', 'l.school_id').andOn('s.recipe_id', 'l.recipe_id').andOn('s.number', 'l.version');
    })
    .join('lesson_learner as ll', function () {
      this.on('ll.school_id', 'l.school_id').andOn('ll.lesson_id', 'l.id');
    })
    .where('ll.learner_id', screen.learnerId)
    .first('s.key');
  if (!step) return false;
  await trx('own_mark')
    .insert({
      school_id: trx.school,
      id: mark.id,
      class_lesson_id: screen.classLessonId,
      lesson_id: mark.lessonId,
      learner_id: screen.learnerId,
      step_key: mark.stepKey,
      what: mark.what,
    })
    .onConflict(['school_id', 'id'])
    .ignore();
  return true;
}
