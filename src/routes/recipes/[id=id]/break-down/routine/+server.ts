import { readJson } from '$lib/server/input/request';
import { SavedRoutine, SettledRoutine } from '$lib/server/input/task';
import { routineRevision, saveRoutine } from '$lib/server/routines';
import { settleRoutine } from '$lib/server/tasks';
import { json } from '@sveltejs/kit';

/** Keeps a run of steps as a routine of the class; with the revision that it is at, it improves one. */
export const PUT = async ({ request, params, locals }) => {
  const body = await readJson(request, SavedRoutine);
  if ('refusal' in body) return body.refusal;
  const { id } = body.value;
  return locals.inSchool(async (trx) => {
    const revision = await saveRoutine(trx, body.value);
    if (revision === null)
      return json({ message: 'Somebody else improved this routine meanwhile. Load the page again, and look.' }, { status: 409 });
    await settleRoutine(trx, params.id, id, revision);
    return json({ revision });
  });
};

/** "Leave it as it is here": this draft is not asked about this revision again. */
export const POST = async ({ request, params, locals }) => {
  const body = await readJson(request, SettledRoutine);
  if ('refusal' in body) return body.refusal;
  const { id } = body.value;
  return locals.inSchool(async (trx) => {
    const revision = await routineRevision(trx, id);
    if (revision === null) return json({ message: 'There is no such routine.' }, { status: 404 });
    await settleRoutine(trx, params.id, id, revision);
    return json({ revision });
  });
};
