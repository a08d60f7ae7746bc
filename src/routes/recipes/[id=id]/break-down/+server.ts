import { readJson } from '$lib/server/input/request';
import { SavedDraft } from '$lib/server/input/task';
import { saving } from '$lib/server/save';
import { draftRevision, saveDraft } from '$lib/server/tasks';

export const PUT = async ({ request, params, locals }) => {
  const body = await readJson(request, SavedDraft);
  if ('refusal' in body) return body.refusal;
  const { revision, steps, built } = body.value;
  return saving(
    locals,
    (trx) => saveDraft(trx, params.id, revision, steps, built),
    (trx) => draftRevision(trx, params.id),
  );
};
