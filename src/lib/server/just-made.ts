// What this process wrote a moment ago. The database says that it is kept, and this process then knows what it is without asking again.
import { LRUCache } from 'lru-cache';
import type { ObservationRow } from './records';

const made = new LRUCache<string, ObservationRow>({ max: 2000, ttl: 10_000 });
const keyOf = (school: string, id: string) => `${school} ${id}`;

/** Remembers records that were added, for when the database tells that they stand. What is never told of was not kept, and is forgotten. */
export function remember(school: string, rows: readonly ObservationRow[]): void {
  for (const row of rows) made.set(keyOf(school, row.id), row);
}

/** Records by their ids, where this process wrote every one of them; else null: they are the database's to say. Only for what it has told of. */
export function remembered(school: string, ids: readonly string[]): ObservationRow[] | null {
  const rows = ids.flatMap((id) => made.get(keyOf(school, id)) ?? []);
  return rows.length === ids.length ? rows : null;
}
