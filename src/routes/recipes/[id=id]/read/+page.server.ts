import { getRecipe } from '$lib/server/recipes';
import { error } from '@sveltejs/kit';

export const load = async ({ params, locals }) => {
  const row = await locals.inSchool((trx) => getRecipe(trx, params.id));
  if (!row) error(404, 'There is no recipe at this address.');
  return { reading: row.reading, revision: row.revision };
};
