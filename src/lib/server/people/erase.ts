// A learner goes for good: the database's own function does it, and no other path can.
import type { SchoolTrx } from '../school-scope';

/**
 * Erases a learner with every row.
 * @param why a reason, without names
 * @returns how many rows of what are gone; null where there is no such learner
 * @throws a database error where the role of the transaction may not
 */
export async function eraseLearner(trx: SchoolTrx, learner: string, why: string): Promise<Map<string, number> | null> {
  const { rows } = await trx.raw<{ rows: { gone: object | null }[] }>('select erase_learner(?, ?) as gone', [learner, why]);
  const gone = rows[0]?.gone;
  return gone ? new Map(Object.entries(gone).map(([table, n]) => [table, Number(n)])) : null;
}
