// One learner of the made-up class works with his own tools: what was fitted to him is in use, and today's lesson keeps it.
import { fitTask } from '$core';
import { kitchenOf, ownCards, saveFit, taskOf } from '../fits';
import { getKitchen } from '../kitchen';
import { fitLearner, getLearner } from '../learners';
import type { SchoolTrx } from '../school-scope';
import { getVersion } from '../tasks';
import { LEARNERS } from './class';

/** Works with one hand. */
const WHOSE = LEARNERS[1].id;

/** @param lessonId of the recipe, in which nothing is recorded yet */
export async function loadFit(trx: SchoolTrx, recipe: { id: string; title: string }, lessonId: string): Promise<void> {
  const version = await getVersion(trx, recipe.id);
  const learner = await getLearner(trx, WHOSE);
  if (!version || !learner) throw new Error('The demo class has no such recipe or learner.');
  const fit = fitTask(taskOf(recipe.title, version), fitLearner(learner), kitchenOf(await getKitchen(trx)));
  await saveFit(trx, recipe.id, WHOSE, 0, version.number, { words: [], answered: [] }, true);
  await trx('lesson_learner')
    .where({ school_id: trx.school, lesson_id: lessonId, learner_id: WHOSE })
    .update({ fit: JSON.stringify(ownCards(fit, version)) });
}
