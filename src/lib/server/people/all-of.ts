// All that is kept of one learner, whole: for the family, for another school, before something is erased.
import type { SchoolTrx } from '../school-scope';

/** Codes of screens open a lesson until the day is over: they are no record of anybody. */
const NOT_OF_HIM = ['own_screen', 'trail'];

export type TableRows = { table: string; rows: object[] };

/** Every table that names learners, with this one's rows: a table of tomorrow is in it without being listed here. The learner's own row comes first. */
export async function allOf(trx: SchoolTrx, learner: string): Promise<TableRows[]> {
  const named: string[] = await trx('information_schema.columns')
    .where({ table_schema: 'public', column_name: 'learner_id' })
    .whereNotIn('table_name', NOT_OF_HIM)
    .orderBy('table_name')
    .pluck('table_name');
  const all: TableRows[] = [{ table: 'learner', rows: await trx('learner').where({ school_id: trx.school, id: learner }) }];
  for (const table of named) all.push({ table, rows: await trx(table).where({ school_id: trx.school, learner_id: learner }) });
  const goals = trx('goal').where({ school_id: trx.school, learner_id: learner }).select('id');
  all.push({ table: 'goal_criterion', rows: await trx('goal_criterion').where({ school_id: trx.school }).whereIn('goal_id', goals) });
  return all;
}
