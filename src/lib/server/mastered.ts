// Which steps of a recipe a learner does without help, by the records: for what is taught today.
import { progressOf } from '$core';
import { lessonsOf } from './lessons';
import { inForceOf, madeBy } from './in-force';
import type { SchoolTrx } from './school-scope';

/** Keys of the steps whose last records are all independent; what has not been recorded often enough is not mastered. */
export async function masteredSteps(trx: SchoolTrx, recipeId: string, learnerId: string, keys: readonly string[]): Promise<string[]> {
  const lessons = await lessonsOf(trx, recipeId, learnerId);
  const seen = await inForceOf(
    trx,
    [learnerId],
    lessons.map((l) => l.id),
  );
  const { rungs } = progressOf(lessons, madeBy(seen, learnerId), keys);
  return keys.filter((key) => rungs.get(key)?.verdict === 'there');
}
