// All that is kept of one learner, in one file: tables for people, and every row as data.
import { getLearner } from '$lib/server/learners';
import { recordsOf } from '$lib/server/look-back';
import { allOf } from '$lib/server/people/all-of';
import { zipFiles } from '$lib/server/people/zip-of';
import { recordsCsv } from '$lib/server/records-csv';
import { error } from '@sveltejs/kit';

const SAYS = `All that Yellow Rung keeps of one learner.

records.csv   what was recorded, a line for each step of each lesson, in words
tables/       every row, as tables; a cell that holds several things has them as JSON
data/         the same rows, as data: a row a line

Keep it as you keep the learner's plans: it has a name and records of a child in it.
`;

export const GET = async ({ params, locals }) => {
  const found = await locals.inSchool(async (trx) => {
    const learner = await getLearner(trx, params.id);
    if (!learner) return null;
    const [{ record }] = await recordsOf(trx, [{ id: learner.id, name: learner.name }]);
    return { record, tables: await allOf(trx, learner.id) };
  });
  if (!found) error(404, 'There is no learner at this address.');
  await locals.rest();
  const files = zipFiles();
  files.add('read-me.txt', SAYS);
  files.add('records.csv', recordsCsv(found.record));
  for (const { table, rows } of found.tables) {
    const one = files.table(table);
    one.rows(rows);
    one.end();
  }
  const zip = files.done();
  return new Response(zip, {
    headers: { 'content-type': 'application/zip', 'content-disposition': 'attachment; filename="learner.zip"' },
  });
};
