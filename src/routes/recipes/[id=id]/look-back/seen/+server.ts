import { markLooked } from '$lib/server/look-back';
import { getRecipe } from '$lib/server/recipes';
import { error } from '@sveltejs/kit';

/** Somebody has looked: what was recorded up to now no longer waits. */
export const POST = async ({ params, locals }) => {
  await locals.inSchool(async (trx) => {
    if (!(await getRecipe(trx, params.id))) error(404, 'There is no recipe at this address.');
    await markLooked(trx, params.id);
  });
  return new Response(null, { status: 204 });
};
