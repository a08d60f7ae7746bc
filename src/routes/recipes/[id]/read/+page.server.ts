import { getRecipe } from '$lib/server/recipes';
import { inSchool } from '$lib/server/school';
import { error } from '@sveltejs/kit';

export const load = async ({ params, locals }) => {
  const row = await inSchool(locals.school, (trx) => getRecipe(trx, params.id));
  if (!row) error(404, 'There is no recipe at this address.');
  return { reading: row.reading, revision: row.revision };
};
