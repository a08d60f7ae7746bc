import { recipeRevision } from '$lib/server/recipes';
import { error, json } from '@sveltejs/kit';

export const GET = async ({ params, locals }) => {
  const revision = await locals.inSchool((trx) => recipeRevision(trx, params.id));
  if (revision === null) error(404, 'There is no recipe at this address.');
  return json({ revision });
};
