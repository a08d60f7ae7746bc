import { readJson } from '$lib/server/input/request';
import { SavedReading } from '$lib/server/input/recipe';
import { recipeRevision, saveReading } from '$lib/server/recipes';
import { saving } from '$lib/server/save';

export const PUT = async ({ request, params, locals }) => {
  const body = await readJson(request, SavedReading);
  if ('refusal' in body) return body.refusal;
  const { revision, reading } = body.value;
  return saving(
    locals,
    (trx) => saveReading(trx, params.id, revision, reading),
    (trx) => recipeRevision(trx, params.id),
  );
};
