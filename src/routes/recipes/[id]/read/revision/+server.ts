import { isId } from '$lib/server/ids';
import { getRecipe } from '$lib/server/recipes';
import { inSchool } from '$lib/server/school';
import { error, json } from '@sveltejs/kit';

export const GET = async ({ params, locals }) => {
  const row = isId(params.id) ? await inSchool(locals.school, (trx) => getRecipe(trx, params.id)) : null;
  if (!row) error(404, 'There is no recipe at this address.');
  return json({ revision: row.revision });
};
