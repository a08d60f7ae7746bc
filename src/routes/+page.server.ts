import { openLessons } from '$lib/server/lessons';
import { nextOf } from '$lib/server/places';
import { listRecipes } from '$lib/server/recipes';

export const load = ({ locals }) =>
  locals.inSchool(async (trx) => ({
    title: 'Today',
    open: await openLessons(trx),
    recipes: (await listRecipes(trx)).map((r) => ({ id: r.id, title: r.title, next: nextOf(r) })),
  }));
