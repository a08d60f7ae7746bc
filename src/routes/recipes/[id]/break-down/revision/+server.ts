import { isId } from '$lib/server/ids';
import { inSchool } from '$lib/server/school';
import { getDraft } from '$lib/server/tasks';
import { error, json } from '@sveltejs/kit';

export const GET = async ({ params, locals }) => {
  const draft = isId(params.id) ? await inSchool(locals.school, (trx) => getDraft(trx, params.id)) : null;
  if (!draft) error(404, 'There are no steps at this address.');
  return json({ revision: draft.revision });
};
