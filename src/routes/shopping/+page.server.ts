import { shoppingFor } from '$lib/server/shopping';
import { inSchool } from '$lib/server/school';
import { listRecipes } from '$lib/server/recipes';

export const load = ({ url, locals }) =>
  inSchool(locals.school, async (trx) => ({
    title: 'Shopping list',
    recipes: (await listRecipes(trx)).map(({ id, title }) => ({ id, title })),
    ...(await shoppingFor(trx, url.searchParams.getAll('recipe'))),
  }));
