import { nextOf } from '$lib/server/places';
import { listRecipes } from '$lib/server/recipes';
import { inSchool } from '$lib/server/school';

export const load = ({ locals }) =>
  inSchool(locals.school, async (trx) => ({ title: 'Recipes', recipes: (await listRecipes(trx)).map((r) => ({ ...r, next: nextOf(r) })) }));
