// What is done to the database around the application: roles and database, schema, demo data. usage: admin.ts prepare|migrate|seed ...
import { connect, migrate } from '../src/lib/server/connect';
import { loadDemo } from '../src/lib/server/demo/load';

function setting(name: string): string {
  const value = process.env[name];
  if (!value) throw new Error(`${name} is not set`);
  return value;
}

/** The roles: an owner of the tables, and the application's, which owns nothing and cannot pass row-level security. */
async function prepare(): Promise<void> {
  const admin = connect(setting('ADMIN_DATABASE_URL'));
  try {
    for (const [role, secret] of [
      ['yr_owner', setting('OWNER_SECRET')],
      ['yr_app', setting('APP_SECRET')],
    ] as const) {
      const { rows } = await admin.raw('select 1 from pg_roles where rolname = ?', [role]);
      if (rows.length === 0)
        await admin.raw(
          `create role ${role} login nosuperuser nocreatedb nocreaterole nobypassrls password '${secret.replace(/\W/g, '')}'`,
        );
    }
    const { rows } = await admin.raw(`select 1 from pg_database where datname = 'yellow_rung'`);
    if (rows.length === 0) await admin.raw('create database yellow_rung owner yr_owner');
  } finally {
    await admin.destroy();
  }
}

async function asOwner(work: (knex: ReturnType<typeof connect>) => Promise<unknown>): Promise<void> {
  const owner = connect(setting('OWNER_DATABASE_URL'));
  try {
    await work(owner);
  } finally {
    await owner.destroy();
  }
}

const COMMANDS: Record<string, () => Promise<void>> = {
  prepare,
  migrate: () => asOwner(migrate),
  seed: () => asOwner(async (knex) => console.log((await loadDemo(knex)) ? 'Demo class loaded.' : 'Demo class is there already.')),
};

for (const name of process.argv.slice(2)) {
  const command = COMMANDS[name];
  if (!command) throw new Error(`usage: admin.ts ${Object.keys(COMMANDS).join('|')} ...`);
  await command();
}
