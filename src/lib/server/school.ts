// The application's own connection: every query runs inside a school.
import { env } from '$env/dynamic/private';
import type { Knex } from 'knex';
import { connect } from './connect';
import { withSchool, type SchoolTrx } from './school-scope';

let pool: Knex | undefined;

function open(): Knex {
  if (!env.DATABASE_URL) throw new Error('DATABASE_URL is not set');
  return (pool ??= connect(env.DATABASE_URL));
}

/** Runs a piece of work in a school, whole or not at all. */
export function inSchool<T>(school: string, work: (trx: SchoolTrx) => Promise<T>): Promise<T> {
  return withSchool(open(), school, work);
}

export async function closePool(): Promise<void> {
  await pool?.destroy();
  pool = undefined;
}

/** Whether the database answers. */
export async function isUp(): Promise<boolean> {
  await open().raw('select 1');
  return true;
}
