import type { Step } from '$core';
import { check, readJson } from '$lib/server/input/check';
import { SavedDraft } from '$lib/server/input/task';
import { isId } from '$lib/server/ids';
import { inSchool } from '$lib/server/school';
import { saveDraft } from '$lib/server/tasks';
import { json } from '@sveltejs/kit';

export const PUT = async ({ request, params, locals }) => {
  const checked = await check(SavedDraft, await readJson(request));
  if (!checked.ok) return json({ problems: checked.problems }, { status: 422 });
  if (!isId(params.id)) return json({ message: 'There are no steps at this address.' }, { status: 404 });
  const { revision, steps, built } = checked.value;
  const saved = await inSchool(locals.school, (trx) => saveDraft(trx, params.id, revision, steps as Step[], built));
  if (saved === null) return json({ message: 'It was changed in another window.' }, { status: 409 });
  return json({ revision: saved });
};
