// Learners: a short name and needs by function. No diagnosis, no birth date.
import type { Demand } from '$core';
import { needsOf } from './input/stored';
import type { SchoolTrx } from './school-scope';

/** A need in the words of what a step demands: absent, limited, or to be avoided. */
export type Need = { demand: Demand; how: 'absent' | 'limited' | 'avoid' };
/** `needs` is null where what is stored of them cannot be read: that is not the same as none. */
export type LearnerRow = { id: string; name: string; needs: Need[] | null; planNotes: string };

export async function listLearners(trx: SchoolTrx): Promise<LearnerRow[]> {
  const rows = await trx('learner').where({ school_id: trx.school }).orderBy('position').select('id', 'name', 'needs', 'plan_notes');
  return rows.map((r) => ({ id: r.id, name: r.name, needs: needsOf(r.needs), planNotes: r.plan_notes }));
}

export async function getLearner(trx: SchoolTrx, id: string): Promise<LearnerRow | null> {
  return (await listLearners(trx)).find((l) => l.id === id) ?? null;
}

export async function schoolName(trx: SchoolTrx): Promise<string> {
  const row = await trx('school').where({ id: trx.school }).first('name');
  return row?.name ?? '';
}

export async function countLearners(trx: SchoolTrx): Promise<number> {
  const row = await trx('learner').where({ school_id: trx.school }).count('* as n').first();
  return Number(row?.n ?? 0);
}
