import { readJson } from '$lib/server/input/request';
import { SavedMaking } from '$lib/server/input/recipe';
import { recipeRevision, saveMaking } from '$lib/server/recipes';
import { saving } from '$lib/server/save';

export const PUT = async ({ request, params, locals }) => {
  const body = await readJson(request, SavedMaking);
  if ('refusal' in body) return body.refusal;
  const { revision, ...making } = body.value;
  return saving(
    locals,
    (trx) => saveMaking(trx, params.id, revision, making),
    (trx) => recipeRevision(trx, params.id),
  );
};
