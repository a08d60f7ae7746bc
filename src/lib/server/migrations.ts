// The migrations, by name. Listed by hand: the same list serves the command line, where no bundler expands globs.
import type { Knex } from 'knex';
import * as first from './migrations/0001_first';
import * as read from './migrations/0002_read';
import * as breakDown from './migrations/0003_break_down';

const MIGRATIONS: Record<string, Knex.Migration> = { '0001_first': first, '0002_read': read, '0003_break_down': breakDown };

export const migrationSource: Knex.MigrationSource<string> = {
  getMigrations: () => Promise.resolve(Object.keys(MIGRATIONS).sort()),
  getMigrationName: (name) => name,
  getMigration: (name) => Promise.resolve(MIGRATIONS[name]),
};
