// The application's own connections. Every query runs inside a school.
import { env } from '$env/dynamic/private';
import type { Knex } from 'knex';
import { connect } from './connect';
import { codeOf, notNow } from './not-now';
import { RequestScope, type SchoolPass } from './school-scope';

/** A machine that is far slower than others may be given more time before it says that it is busy, in milliseconds. */
const WAIT_MS = Number(env.WAIT_MS) || undefined;

/**
 * Saves that wait for a locked row have connections of their own, so that pages go on being read meanwhile. So has the counting of tries: a request
 * that holds a connection may count one, and where all were held so, none would ever come free.
 */
const MOST = { read: 10, write: 10, count: 2 };
type What = keyof typeof MOST;
const pools = new Map<What, Knex>();

/** The pool for reading, for what may wait for a row, or for counting tries. @throws Error where no database is set */
export function poolFor(what: What): Knex {
  if (!env.DATABASE_URL) throw new Error('DATABASE_URL is not set');
  let pool = pools.get(what);
  if (!pool) pools.set(what, (pool = connect(env.DATABASE_URL, { most: MOST[what], wait: WAIT_MS })));
  return pool;
}

/** The scope of one request. */
export function scopeOf(pass: SchoolPass, what: 'read' | 'write'): RequestScope {
  return new RequestScope(() => poolFor(what), pass);
}

/** So many connections of each kind are opened before the first request: a new one costs as much as ten taps. */
const AT_HAND = 5;

/** Opens connections, and lets each look at what every request asks: whose rows it may see. */
export async function warmPools(): Promise<void> {
  const open = (pool: Knex) =>
    pool.transaction((trx) => trx.raw("select own_learners(), own_class(), own_may('{see}') from observation where id is null"));
  await Promise.all([poolFor('read'), poolFor('write')].flatMap((pool) => Array.from({ length: AT_HAND }, () => open(pool))));
}

export async function closePools(): Promise<void> {
  await Promise.all([...pools.values()].map((pool) => pool.destroy()));
  pools.clear();
}

/** How long the question after the program's health may take, in milliseconds: shorter than any watcher waits, unless a slow machine is given more. */
const HEALTH_MS = WAIT_MS ?? 1500;

/** Why the program cannot serve, in a word; null when it can: the database answers, its schema is there, and it takes what is written. */
export async function whyDown(): Promise<string | null> {
  let timer: NodeJS.Timeout | undefined;
  const late = new Promise<string>((done) => (timer = setTimeout(() => done('slow'), HEALTH_MS)));
  const asked = poolFor('read')
    .raw('select 1 from school limit 1')
    // pages are read from a full disk too, and nothing can be saved
    .then(() =>
      poolFor('read').raw(`insert into tries (key, points, expire) values ('health', 0, 0) on conflict (key) do update set points = 0`),
    )
    .then(
      () => null,
      (error: unknown) => (notNow(error) === null ? 'broken' : codeOf(error)),
    );
  try {
    return await Promise.race([asked, late]);
  } finally {
    clearTimeout(timer);
  }
}

/**
 * Whether the connection is one that may do more than the application's role: pass row-level security, or change the schema.
 * A process that serves pages must not have such a one.
 */
export async function isTooStrong(): Promise<boolean> {
  const { rows } = await poolFor('read').raw<{ rows: { strong: boolean }[] }>(`
    select (select rolsuper or rolbypassrls or rolcreaterole or rolcreatedb from pg_roles where rolname = current_user)
        or exists (select 1 from pg_class where relowner = (select oid from pg_roles where rolname = current_user)) as strong`);
  return rows[0]?.strong ?? true;
}
