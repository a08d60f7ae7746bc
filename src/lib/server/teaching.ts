// The class's own rules of teaching: how many times a rung rests on, and when something counts as learnt. A lesson takes them with it when it is put on the list.
import { USUAL_KITCHEN } from '$core';
import { teachingOf, type LessonRules } from './input/stored';
import { ownClass, type SchoolTrx } from './school-scope';

export type Teaching = Pick<LessonRules, 'rule' | 'mastery'>;

export async function getTeaching(trx: SchoolTrx): Promise<Teaching> {
  const row = await trx('kitchen')
    .where({ school_id: trx.school, class_id: ownClass(trx) })
    .first('teaching');
  return teachingOf(row?.teaching);
}

/** From now on: lessons that are on the list keep what they have. */
export async function saveTeaching(trx: SchoolTrx, teaching: Teaching): Promise<void> {
  await trx('kitchen')
    .insert({ school_id: trx.school, system: USUAL_KITCHEN.system, teaching: JSON.stringify(teaching) })
    .onConflict(['school_id', 'class_id'])
    .merge(['teaching']);
}
