import { getLearner } from '$lib/server/learners';
import { error, json } from '@sveltejs/kit';

export const GET = async ({ params, locals }) => {
  const learner = await locals.inSchool((trx) => getLearner(trx, params.id));
  if (!learner) error(404, 'There is no learner at this address.');
  return json({ revision: learner.revision });
};
