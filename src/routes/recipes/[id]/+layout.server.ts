import { nextOf } from '$lib/server/places';
import { listRecipes } from '$lib/server/recipes';
import { inSchool } from '$lib/server/school';
import { isId } from '$lib/server/ids';
import { error } from '@sveltejs/kit';

export const load = async ({ params, locals, depends }) => {
  depends('recipe:state');
  const found = isId(params.id) ? await inSchool(locals.school, (trx) => listRecipes(trx, params.id)) : [];
  const summary = found[0];
  if (!summary) error(404, 'There is no recipe at this address.');
  return { recipe: { id: summary.id, title: summary.title }, next: nextOf(summary), title: summary.title };
};
