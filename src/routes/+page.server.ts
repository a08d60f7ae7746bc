import { openLessons } from '$lib/server/lessons';
import { nextOf } from '$lib/server/places';
import { listRecipes } from '$lib/server/recipes';
import { inSchool } from '$lib/server/school';

export const load = ({ locals }) =>
  inSchool(locals.school, async (trx) => ({
    title: 'Today',
    open: await openLessons(trx),
    recipes: (await listRecipes(trx)).map((r) => ({ id: r.id, title: r.title, next: nextOf(r) })),
  }));
