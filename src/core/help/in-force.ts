// Which of several records of the same step is in force. Clocks of devices are not trusted: one may be minutes fast, another years behind.

/** What tells the order of a record. */
export type Stamp = {
  id: string;
  /** The record that it was made to stand in the place of, as the person who made it saw it. */
  replaces: string | null;
  /** Which device made it, and the how-manieth record of that device it is; null where nobody knows. */
  device: string | null;
  count: number | null;
  /** When it was made by the server's clock, in milliseconds; only asked where nothing else decides. */
  at: number;
};

/**
 * The record in force among those of one learner, lesson and step; null where there is none.
 * A record that another replaces is not in force, nor is one that the same device followed by another. Of what is left (two adults who did not
 * see each other's record) the later by the server's clock wins; at the same moment the greater id, so that everybody comes to the same answer.
 * The order of arrival does not matter.
 * @example lastOf([{ id: 'a', replaces: null, device: 'x', count: 1, at: 9 }, { id: 'b', replaces: 'a', device: 'y', count: 1, at: 5 }])?.id // 'b'
 */
export function lastOf<T extends Stamp>(records: readonly T[]): T | null {
  // two that replace each other cannot come from a person; the later then stands
  const standing = standingOf(records);
  const among = standing.length > 0 ? standing : records;
  return among.reduce<T | null>((last, r) => (last === null || r.at > last.at || (r.at === last.at && r.id > last.id) ? r : last), null);
}

/** Records of one step that nothing has taken the place of: more than one where two adults recorded it and did not see each other's. */
export function standingOf<T extends Stamp>(records: readonly T[]): T[] {
  const replaced = new Set(records.map((r) => r.replaces));
  const newest = new Map<string, number>();
  for (const { device, count } of records)
    if (device !== null && count !== null) newest.set(device, Math.max(count, newest.get(device) ?? 0));
  return records.filter((r) => !replaced.has(r.id) && !(r.device !== null && r.count !== null && r.count < newest.get(r.device)!));
}
