// All that is kept of one learner, in one file: tables for people, and every row as data.
import { getLearner } from '$lib/server/learners';
import { recordsOf } from '$lib/server/look-back';
import { allOf } from '$lib/server/people/all-of';
import { recordsCsv } from '$lib/server/records-csv';
import { error } from '@sveltejs/kit';
import { strToU8, zipSync } from 'fflate';
import Papa from 'papaparse';

const SAYS = `All that Yellow Rung keeps of one learner.

records.csv   what was recorded, a line for each step of each lesson, in words
tables/       every row, as tables; a cell that holds several things has them as JSON
all.json      the same rows, as data

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
  const flat = (row: object) =>
    Object.entries(row).map(([name, v]): [string, unknown] => [
      name,
      v !== null && typeof v === 'object' && !(v instanceof Date) ? JSON.stringify(v) : v,
    ]);
  const table = (rows: object[]) => {
    const fields = rows.length ? Object.keys(rows[0]) : [];
    return Papa.unparse(
      { fields, data: rows.map((r) => flat(r).map(([, v]) => (v instanceof Date ? v.toISOString() : v))) },
      { escapeFormulae: true },
    );
  };
  const files = new Map<string, Uint8Array>([
    ['read-me.txt', strToU8(SAYS)],
    ['records.csv', strToU8(recordsCsv(found.record))],
    ['all.json', strToU8(JSON.stringify(found.tables, null, 1))],
    ...found.tables.map(({ table: name, rows }): [string, Uint8Array] => [`tables/${name}.csv`, strToU8(table(rows))]),
  ]);
  // eslint-disable-next-line no-restricted-syntax -- as the package takes it; the names are ours
  const zip = zipSync(Object.fromEntries(files));
  return new Response(zip, {
    headers: { 'content-type': 'application/zip', 'content-disposition': 'attachment; filename="learner.zip"' },
  });
};
