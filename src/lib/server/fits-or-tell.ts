// Fits, worked out on the server's threads.
import type { Fit, Kitchen, TaskAnalysis } from '$core';
import { error } from '@sveltejs/kit';
import { fitLearner, type LearnerRow } from './learners';
import { fitLearners, TooLong } from './work/pool';

/** The fits of these learners; where they take too long, a person is told what to do. */
export async function fitsOrTell(task: TaskAnalysis, learners: readonly LearnerRow[], kitchen: Kitchen, brief = false): Promise<Fit[]> {
  try {
    return await fitLearners(task, learners.map(fitLearner), kitchen, brief);
  } catch (failed) {
    if (!(failed instanceof TooLong)) throw failed;
    error(422, { message: 'Fitting this recipe takes too long. Nothing was lost: make the steps fewer, or fit one learner at a time.' });
  }
}
