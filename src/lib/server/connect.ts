// Opens a connection pool to PostgreSQL.
import knexFactory, { type Knex } from 'knex';
import pg from 'pg';
import { writeLaw } from './law';
import { migrationSource } from './migrations';
import { preparing } from './prepared';

// A date is a day of the class's calendar, not a moment: as a Date it would shift with the time zone.
pg.types.setTypeParser(1082, (text) => text);
// Counts of devices are within a double's exact range (the input's rules see to that).
pg.types.setTypeParser(20, Number);

/** How long a page may hold things up, in milliseconds. One locked row must never stop the whole school. */
const LIMITS = {
  /** The longest query of a page takes some 50 ms. */
  statement_timeout: 5000,
  /** Whoever holds a row holds it for one short transaction. */
  lock_timeout: 2000,
  /** A process that went away in mid-transaction lets go of its rows. */
  idle_in_transaction_session_timeout: 10_000,
  /** The server itself gives no answer at all: stopped, or out of reach. */
  query_timeout: 7000,
  // PostgreSQL compiles a query that it takes for a long one, which holds a page up for a tenth of a second; pages have none (manual, 32.2)
  options: '-c jit=off',
};

/** A question that does not need the answer to the one before goes out beside it. */
const TOGETHER = { pipeline: true };

/** A connection that is not used stays so long, with what it has planned, in milliseconds: a lesson is quiet for minutes. */
const STAYS = 600_000;

/** How long a page waits for a free connection, or for a new one, before it says that the program is busy, in milliseconds. */
const LONGEST_WAIT = 2500;

function keepsPlans(connection: pg.Client, done: (error: Error | null, connection: pg.Client) => void): void {
  // the pool's own mark of a connection that is not to be given out again
  preparing(connection, (why) => void Object.assign(connection, { __knex__disposed: why }));
  done(null, connection);
}

/**
 * @param url of a role: the application's for serving, the owner's for migrating
 * @param serving with limits of time, as pages need them: how many connections at most, and how long to wait for one, in milliseconds. Migrations and
 *   loading of data go without
 */
export function connect(url: string, serving?: { most?: number; wait?: number }): Knex {
  const { most = 10, wait = LONGEST_WAIT } = serving ?? {};
  return knexFactory({
    client: 'pg',
    connection: { connectionString: url, ...TOGETHER, ...(serving ? { ...LIMITS, connectionTimeoutMillis: wait } : {}) },
    pool: { min: 0, max: most, ...(serving ? { afterCreate: keepsPlans, idleTimeoutMillis: STAYS } : {}) },
    ...(serving ? { acquireConnectionTimeout: wait } : {}),
    migrations: { migrationSource, tableName: 'migration' },
  });
}

/** Whoever migrates holds it, a number of our own. */
const MIGRATING = 727002;

/**
 * Brings the schema up to date; run as the owner. A second process waits for the first. Each migration is whole or not at all, and where a process was
 * stopped in one, the next begins it anew: the lock goes with the connection, unlike a mark in a table.
 */
export async function migrate(knex: Knex): Promise<void> {
  await knex.transaction(async (holds) => {
    await holds.raw('select pg_advisory_xact_lock(?)', [MIGRATING]);
    await knex.migrate.forceFreeMigrationsLock();
    await knex.migrate.latest();
    await writeLaw(knex);
  });
}
