import { nextOf } from '$lib/server/places';
import { listRecipes } from '$lib/server/recipes';
import { error } from '@sveltejs/kit';

export const load = async ({ params, locals, depends }) => {
  depends('recipe:state');
  const [summary] = await locals.inSchool((trx) => listRecipes(trx, { only: params.id }));
  if (!summary) error(404, 'There is no recipe at this address.');
  return { recipe: { id: summary.id, title: summary.title, putAway: summary.putAway }, next: nextOf(summary), title: summary.title };
};
