import type { Reading } from '$core';
import { check, readJson } from '$lib/server/input/check';
import { SavedReading } from '$lib/server/input/recipe';
import { isId } from '$lib/server/ids';
import { saveReading } from '$lib/server/recipes';
import { inSchool } from '$lib/server/school';
import { json } from '@sveltejs/kit';

export const PUT = async ({ request, params, locals }) => {
  const checked = await check(SavedReading, await readJson(request));
  if (!checked.ok) return json({ problems: checked.problems }, { status: 422 });
  if (!isId(params.id)) return json({ message: 'There is no recipe at this address.' }, { status: 404 });
  const { revision, reading } = checked.value;
  const saved = await inSchool(locals.school, (trx) => saveReading(trx, params.id, revision, reading as Reading));
  if (saved === null) return json({ message: 'It was changed in another window.' }, { status: 409 });
  return json({ revision: saved });
};
