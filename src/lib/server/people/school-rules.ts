// What a school has settled for itself: of which roles a second factor is asked, and after how long somebody is asked what may go.
import { isRole, type Role } from '$core';
import { namesOf } from '../input/stored';
import type { SchoolTrx } from '../school-scope';

export type SchoolRules = { secondFor: Role[]; keepMonths: number };

export async function schoolRules(trx: SchoolTrx): Promise<SchoolRules> {
  const row = await trx('school').where({ id: trx.school }).first('second_for', 'keep_months');
  return { secondFor: namesOf(row?.second_for).filter(isRole), keepMonths: row?.keep_months ?? 36 };
}

export async function saveSchoolRules(trx: SchoolTrx, { secondFor, keepMonths }: SchoolRules): Promise<void> {
  await trx('school')
    .where({ id: trx.school })
    .update({ second_for: JSON.stringify(secondFor), keep_months: keepMonths });
}

export type Kept = { id: string; name: string; class: string; since: Date; records: number };

/** Learners who were put away, or whose class was, longer ago than the school's term: the longest first. Nobody goes by itself. */
export async function keptTooLong(trx: SchoolTrx): Promise<Kept[]> {
  const { keepMonths } = await schoolRules(trx);
  const since = 'least(l.put_away_at, c.put_away_at)';
  const rows = await trx('learner as l')
    .where('l.school_id', trx.school)
    .join('class as c', function () {
      this.on('c.school_id', 'l.school_id').andOn('c.id', 'l.class_id');
    })
    .whereRaw(`${since} < now() - make_interval(months => ?)`, [keepMonths])
    .orderByRaw(since)
    .select(
      'l.id',
      'l.name',
      'c.name as class',
      trx.raw(`${since} as since`),
      trx.raw(`(select count(*)::int from observation o where o.school_id = l.school_id and o.learner_id = l.id) as records`),
    );
  return rows.map((r) => ({ id: r.id, name: r.name, class: r.class, since: r.since, records: r.records }));
}

export type LastBackup = { at: Date; bytes: number; encrypted: boolean };

/** The last good backup of the installation, as whoever runs it made it; null where there is none yet. */
export async function lastBackup(trx: SchoolTrx): Promise<LastBackup | null> {
  return (await trx('backup').first<LastBackup | undefined>('at', 'bytes', 'encrypted')) ?? null;
}
