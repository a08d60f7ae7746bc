// How a connection asks: statements that come again are parsed and planned once, for with the walls that stand in each, planning takes longer than running;
// and what is asked at one moment goes out together.
import type pg from 'pg';

/** So many statements are kept planned. Each takes 20 kB of one table, 80 kB of three, in each connection (pg_backend_memory_contexts). */
const MOST = 200;
/** Lists of ids make a new text for each length; only what has come so often is worth keeping. */
const OFTEN = 4;

const seen = new Map<string, number>();
const names = new Map<string, string>();

/** The name under which a connection keeps a statement; none for what comes seldom. */
function nameOf(text: string): string | undefined {
  const known = names.get(text);
  if (known !== undefined || names.size >= MOST) return known;
  const times = (seen.get(text) ?? 0) + 1;
  if (times < OFTEN) {
    // what came once and never again is forgotten with the rest
    if (seen.size > 10 * MOST) seen.clear();
    seen.set(text, times);
    return undefined;
  }
  seen.delete(text);
  const name = `s${names.size}`;
  names.set(text, name);
  return name;
}

/** PostgreSQL's word for a plan that no longer fits its tables. */
const OUTDATED = '0A000';

type Config = { text: string; values?: unknown[]; name?: string };

type Done = (failed: (Error & { code?: string }) | null, answer?: unknown) => void;

/** What opens a transaction. Its answer says nothing: what follows on the same connection comes after it, and fails where it failed. */
const OPENS = 'BEGIN;';
const OPENED = { command: 'BEGIN', rowCount: null, rows: [], fields: [] };

/**
 * Makes a connection keep what comes often. Statements without values are the ones that open and close transactions; they stay as they are, and nobody waits
 * for the first of them.
 * @param drop takes the connection out of use: its plans are of tables that a new release has changed
 */
export function preparing(connection: pg.Client, drop: (why: Error) => void): void {
  const ask = connection.query.bind(connection) as (config: Config, done?: Done) => unknown;
  const { stream } = connection.connection;
  const asked = (config: Config, done?: Done) => {
    // one writing for all that is asked before the next answer is looked at
    stream.cork();
    process.nextTick(() => stream.uncork());
    if (config.text === OPENS && done) {
      const asked = ask(config, () => undefined);
      done(null, OPENED);
      return asked;
    }
    if (!config.values || config.values.length === 0 || !done) return ask(config, done);
    return ask({ ...config, name: nameOf(config.text) }, (failed, answer) => {
      if (failed?.code === OUTDATED) drop(failed);
      done(failed, answer);
    });
  };
  Object.assign(connection, { query: asked });
}
