import { check, readJson } from '$lib/server/input/check';
import { SavedMaking } from '$lib/server/input/recipe';
import { isId } from '$lib/server/ids';
import { saveMaking } from '$lib/server/recipes';
import { inSchool } from '$lib/server/school';
import { json } from '@sveltejs/kit';

export const PUT = async ({ request, params, locals }) => {
  const checked = await check(SavedMaking, await readJson(request));
  if (!checked.ok) return json({ problems: checked.problems }, { status: 422 });
  if (!isId(params.id)) return json({ message: 'There is no recipe at this address.' }, { status: 404 });
  const { revision, servingsWanted, makers, swaps } = checked.value;
  const saved = await inSchool(locals.school, (trx) =>
    saveMaking(trx, params.id, revision, { servingsWanted: servingsWanted ?? null, makers, swaps }),
  );
  if (saved === null) return json({ message: 'It was changed in another window.' }, { status: 409 });
  return json({ revision: saved });
};
