import { nextOf } from '$lib/server/places';
import { listRecipes } from '$lib/server/recipes';

export const load = ({ locals }) =>
  locals.inSchool(async (trx) => ({ title: 'Recipes', recipes: (await listRecipes(trx)).map((r) => ({ ...r, next: nextOf(r) })) }));
