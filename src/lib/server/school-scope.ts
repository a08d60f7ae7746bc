// The scope of a school: row-level security sees it for one transaction only.
import type { Knex } from 'knex';

/** Until there is sign-in, one demo school is current. */
export const DEMO_SCHOOL = '5c4001a0-0000-4000-8000-000000000001';

/** A transaction within one school. */
export type SchoolTrx = Knex.Transaction & { school: string };

/** Runs a piece of work in a school, whole or not at all. The database shows and takes that school's rows only. */
export function withSchool<T>(knex: Knex, school: string, work: (trx: SchoolTrx) => Promise<T>): Promise<T> {
  return knex.transaction(async (trx) => {
    await trx.raw(`select set_config('app.school', ?, true)`, [school]);
    return work(Object.assign(trx, { school }));
  });
}
