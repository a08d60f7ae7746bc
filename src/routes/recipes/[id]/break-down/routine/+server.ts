import type { Step } from '$core';
import { check, readJson } from '$lib/server/input/check';
import { SavedRoutine } from '$lib/server/input/task';
import { isId } from '$lib/server/ids';
import { listRoutines, saveRoutine } from '$lib/server/routines';
import { inSchool } from '$lib/server/school';
import { settleRoutine } from '$lib/server/tasks';
import { json } from '@sveltejs/kit';

/** Keeps a run of steps as a routine of the class; the same id again improves it. */
export const PUT = async ({ request, params, locals }) => {
  const checked = await check(SavedRoutine, await readJson(request));
  if (!checked.ok) return json({ problems: checked.problems }, { status: 422 });
  const { id, name, steps } = checked.value;
  return inSchool(locals.school, async (trx) => {
    const revision = await saveRoutine(trx, { id, name, steps: steps as Step[] });
    if (isId(params.id)) await settleRoutine(trx, params.id, id, revision);
    return json({ revision });
  });
};

/** "Leave it as it is here": this draft is not asked about this revision again. */
export const POST = async ({ request, params, locals }) => {
  const body = (await readJson(request)) as { id?: unknown } | null;
  const id = typeof body?.id === 'string' && isId(body.id) ? body.id : null;
  if (!id || !isId(params.id)) return json({ message: 'There is no such routine.' }, { status: 404 });
  return inSchool(locals.school, async (trx) => {
    const routine = (await listRoutines(trx)).find((r) => r.id === id);
    if (!routine) return json({ message: 'There is no such routine.' }, { status: 404 });
    await settleRoutine(trx, params.id, id, routine.revision);
    return json({ revision: routine.revision });
  });
};
