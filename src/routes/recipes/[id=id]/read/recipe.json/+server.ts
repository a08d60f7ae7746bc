import { writeRecipe } from '$core';
import { getRecipe } from '$lib/server/recipes';
import { error } from '@sveltejs/kit';

/** The recipe as a file of this program's own kind; no learner stands in it. */
export const GET = async ({ params, locals }) => {
  const row = await locals.inSchool((trx) => getRecipe(trx, params.id));
  if (!row) error(404, 'There is no recipe at this address.');
  return new Response(writeRecipe(row.reading.recipe), {
    headers: { 'content-type': 'application/json', 'content-disposition': 'attachment; filename="recipe.json"' },
  });
};
