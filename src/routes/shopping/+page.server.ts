import { shoppingFor } from '$lib/server/shopping';
import { listRecipes } from '$lib/server/recipes';

export const load = ({ url, locals }) =>
  locals.inSchool(async (trx) => ({
    title: 'Shopping list',
    recipes: (await listRecipes(trx)).map(({ id, title }) => ({ id, title })),
    ...(await shoppingFor(trx, url.searchParams.getAll('recipe'))),
  }));
