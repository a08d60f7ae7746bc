import { readForm } from '$lib/server/input/request';
import { nextOf } from '$lib/server/places';
import { listRecipes, putRecipeAway } from '$lib/server/recipes';
import { isId } from '$lib/id';
import { error } from '@sveltejs/kit';

export const load = ({ locals }) =>
  locals.inSchool(async (trx) => ({
    title: 'Recipes',
    recipes: (await listRecipes(trx, { away: true })).map((r) => ({ ...r, next: nextOf(r) })),
  }));

export const actions = {
  'put-away': async ({ request, locals }) => {
    const field = await readForm(request);
    const id = field('id');
    if (!isId(id)) error(400, 'Nobody knows this recipe.');
    await locals.inSchool((trx) => putRecipeAway(trx, id, field('away') === 'yes'));
  },
};
