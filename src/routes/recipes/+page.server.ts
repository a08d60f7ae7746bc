import { readForm } from '$lib/server/input/request';
import { nextOf } from '$lib/server/places';
import { countRecipes, listRecipes, putRecipeAway, recipesAway } from '$lib/server/recipes';
import { isId } from '$lib/id';
import { error } from '@sveltejs/kit';

/** Recipes on one page. */
const MOST = 30;
/** Nobody types a longer title to find it. */
const LONGEST = 80;

export const load = ({ locals, url }) => {
  const find = (url.searchParams.get('find') ?? '')
    .replace(/\p{Cc}/gu, ' ')
    .trim()
    .slice(0, LONGEST);
  const asked = Number(url.searchParams.get('page') ?? 1);
  return locals.inSchool(async (trx) => {
    const [all, found, away] = await Promise.all([countRecipes(trx), countRecipes(trx, find), recipesAway(trx, find)]);
    const pages = Math.max(1, Math.ceil(found / MOST));
    const page = Number.isSafeInteger(asked) ? Math.min(Math.max(asked, 1), pages) : 1;
    const recipes = await listRecipes(trx, { find, page: { from: (page - 1) * MOST, most: MOST } });
    return {
      title: 'Recipes',
      recipes: recipes.map((r) => ({ ...r, next: nextOf(r) })),
      away: away.map(({ id, title }) => ({ id, name: title })),
      find,
      all,
      found,
      page,
      pages,
      first: (page - 1) * MOST + 1,
    };
  });
};

export const actions = {
  'put-away': async ({ request, locals }) => {
    const field = await readForm(request);
    const id = field('id');
    if (!isId(id)) error(400, 'Nobody knows this recipe.');
    await locals.inSchool((trx) => putRecipeAway(trx, id, field('away') === 'yes'));
  },
};
