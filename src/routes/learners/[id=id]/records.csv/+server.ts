// All that was recorded of one learner, as a table.
import { getLearner } from '$lib/server/learners';
import { recordsOf } from '$lib/server/look-back';
import { recordsCsv } from '$lib/server/records-csv';
import { error } from '@sveltejs/kit';

export const GET = async ({ params, locals }) => {
  const record = await locals.inSchool(async (trx) => {
    const learner = await getLearner(trx, params.id);
    if (!learner) return null;
    return (await recordsOf(trx, [{ id: learner.id, name: learner.name }]))[0].record;
  });
  if (!record) error(404, 'There is no learner at this address.');
  return new Response(recordsCsv(record), {
    headers: { 'content-type': 'text/csv; charset=utf-8', 'content-disposition': 'attachment; filename="records.csv"' },
  });
};
