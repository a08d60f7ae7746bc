// What a class that has just begun still lacks, in the order in which it helps.
import { ownClass, type SchoolTrx } from './school-scope';

/** Whether there is a kitchen of one's own, a learner, a recipe, a lesson; null once there has been all of it. */
export async function firstSteps(trx: SchoolTrx): Promise<{ kitchen: boolean; learner: boolean; recipe: boolean; lesson: boolean } | null> {
  const has = async (table: string, of: object = { class_id: ownClass(trx) }) =>
    (await trx(table)
      .where({ school_id: trx.school, ...of })
      .first(trx.raw('1 as one'))) !== undefined;
  const [kitchen, learner, recipe, lesson] = await Promise.all([has('kitchen'), has('learner'), has('recipe', {}), has('class_lesson')]);
  const done = { kitchen, learner, recipe, lesson };
  return Object.values(done).every(Boolean) ? null : done;
}
