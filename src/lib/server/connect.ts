// Opens a connection pool to PostgreSQL.
import knexFactory, { type Knex } from 'knex';
import pg from 'pg';
import { migrationSource } from './migrations';

// A date is a day of the class's calendar, not a moment: as a Date it would shift with the time zone.
pg.types.setTypeParser(1082, (text) => text);

/** @param url of a role: the application's for serving, the owner's for migrating */
export function connect(url: string): Knex {
  return knexFactory({
    client: 'pg',
    connection: { connectionString: url },
    pool: { min: 0, max: 10 },
    migrations: { migrationSource, tableName: 'migration' },
  });
}

/** Brings the schema up to date; run as the owner. */
export async function migrate(knex: Knex): Promise<void> {
  await knex.migrate.latest();
}
