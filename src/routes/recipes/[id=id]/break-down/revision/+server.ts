import { draftRevision } from '$lib/server/tasks';
import { error, json } from '@sveltejs/kit';

export const GET = async ({ params, locals }) => {
  const revision = await locals.inSchool((trx) => draftRevision(trx, params.id));
  if (revision === null) error(404, 'There are no steps at this address.');
  return json({ revision });
};
