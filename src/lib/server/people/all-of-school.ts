// All that is kept of a school, for whoever leaves the program or wants to hold it. Secrets are not in it: nobody needs them elsewhere.
import type { SchoolTrx } from '../school-scope';
import { zipFiles } from './zip-of';

/** Codes and links that open something. */
const SECRET = ['own_screen', 'lesson_pass', 'pass_device', 'link'];
const LOT = 5000;

const SAYS = `All that Yellow Rung keeps of one school.

tables/   every row, as tables; a cell that holds several things has them as JSON, pictures and voices are in base64
data/     the same rows, as data: a row a line

Passwords and whatever else opens an account are not in it. Keep it as you keep your learners' plans: it has names and records of children in it.
`;

/**
 * Every table of the school, in one archive; a table of tomorrow is in it without being listed here.
 * @param trx of somebody who sees the whole school
 */
export async function allOfSchool(trx: SchoolTrx): Promise<Uint8Array<ArrayBuffer>> {
  const names: string[] = await trx('information_schema.columns')
    .where({ table_schema: 'public', column_name: 'school_id' })
    .whereNotIn('table_name', SECRET)
    .orderBy('table_name')
    .pluck('table_name');
  const files = zipFiles();
  files.add('read-me.txt', SAYS);
  const put = async (name: string, of: object) => {
    const table = files.table(name);
    await trx.raw('declare lot no scroll cursor for select * from ?? where ?? = ?', [name, ...Object.entries(of)[0]]);
    let rows: object[];
    do {
      ({ rows } = await trx.raw<{ rows: object[] }>(`fetch ${LOT} from lot`));
      table.rows(rows);
    } while (rows.length === LOT);
    await trx.raw('close lot');
    table.end();
  };
  await put('school', { id: trx.school });
  for (const name of names) await put(name, { school_id: trx.school });
  return files.done();
}
