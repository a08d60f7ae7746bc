import { getClassLesson } from '$lib/server/class-lessons';
import { readJson } from '$lib/server/input/request';
import { SavePlanInput } from '$lib/server/input/plan';
import { planPage, savePlan, usePlan } from '$lib/server/plan';
import { error, json } from '@sveltejs/kit';

/** Keeps the plan; with `use` the steps of shared dishes go to whom it gives them. */
export const PUT = async ({ request, params, locals }) => {
  const read = await readJson(request, SavePlanInput, 400_000);
  if ('refusal' in read) return read.refusal;
  const { revision, use, plan } = read.value;
  const saved = await locals.inSchool(async (trx) => {
    if (!(await getClassLesson(trx, params.id))) error(404, 'There is no lesson at this address.');
    return savePlan(trx, params.id, revision, plan);
  });
  if (saved === null) return json({ message: 'This lesson was changed in another window.' }, { status: 409 });
  // the fits of everybody are asked only where the plan is put to use
  const page = use ? await planPage(locals, params.id) : null;
  if (page) await locals.inSchool((trx) => usePlan(trx, page, plan));
  return json({ revision: saved });
};
