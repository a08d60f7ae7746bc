// Statements that come again are parsed and planned once a connection: with the walls that stand in each, planning takes longer than running.
import type pg from 'pg';

/** So many statements are kept planned, at some 30 kB each in each connection. */
const MOST = 300;
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

type Config = { text: string; values?: unknown[]; name?: string };

/** Makes a connection keep what comes often. Statements without values are the ones that open and close transactions; they stay as they are. */
export function preparing(connection: pg.Client): void {
  const ask = connection.query.bind(connection) as (config: Config, done: unknown) => unknown;
  const asked = (config: Config, done: unknown) =>
    ask(config.values && config.values.length > 0 ? { ...config, name: nameOf(config.text) } : config, done);
  Object.assign(connection, { query: asked });
}
