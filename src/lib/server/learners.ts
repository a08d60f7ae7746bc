// Learners: a short name, a profile by function, and how to help. No diagnosis, no birth date. Put away, never deleted here.
import { learnerOf, NO_PROFILE, type Learner, type Need, type OwnLook, type Profile } from '$core';
import { newId } from '../id';
import type { Look } from './work/work';
import { needsOf, ownLookOf, profileOf } from './input/stored';
import { ownClass, type SchoolTrx } from './school-scope';

/** `profile` is null where what is stored of it cannot be read: that is not the same as none. `needs` were known before there were questions. */
export type LearnerRow = {
  id: string;
  name: string;
  needs: Need[] | null;
  profile: Profile | null;
  planNotes: string;
  /** How his own screen and cards look. */
  screen: OwnLook;
  putAway: boolean;
  revision: number;
};

const COLUMNS = ['id', 'name', 'needs', 'profile', 'plan_notes', 'screen', 'put_away_at', 'revision'];

type Row = {
  id: string;
  name: string;
  needs: unknown;
  profile: unknown;
  plan_notes: string;
  screen: unknown;
  put_away_at: Date | null;
  revision: number;
};
const rowOf = (r: Row): LearnerRow => ({
  id: r.id,
  name: r.name,
  needs: needsOf(r.needs),
  profile: profileOf(r.profile),
  planNotes: r.plan_notes,
  screen: ownLookOf(r.screen),
  putAway: r.put_away_at !== null,
  revision: r.revision,
});

/** The learners of the class in their order; with those put away where asked for. */
export async function listLearners(trx: SchoolTrx, withPutAway = false): Promise<LearnerRow[]> {
  const query = trx('learner')
    .where({ school_id: trx.school, class_id: ownClass(trx) })
    .orderBy('position')
    .orderBy('name')
    .select(COLUMNS);
  const rows: Row[] = await (withPutAway ? query : query.whereNull('put_away_at'));
  return rows.map(rowOf);
}

export async function getLearner(trx: SchoolTrx, id: string): Promise<LearnerRow | null> {
  const row: Row | undefined = await trx('learner').where({ school_id: trx.school, id }).first(COLUMNS);
  return row ? rowOf(row) : null;
}

/** The learner as Fit takes it: answers, and what was known before. */
export const fitLearner = (row: LearnerRow): Learner => learnerOf(row.profile ?? NO_PROFILE, row.needs ?? []);

/** @returns the id of the new learner, who stands last */
export async function addLearner(trx: SchoolTrx, name: string): Promise<string> {
  const id = newId();
  const last = await trx('learner')
    .where({ school_id: trx.school, class_id: ownClass(trx) })
    .max('position as n')
    .first();
  await trx('learner').insert({ school_id: trx.school, id, name, position: Number(last?.n ?? 0) + 1 });
  return id;
}

export type LearnerChange = { name?: string; planNotes?: string; profile?: Profile; screen?: OwnLook; putAway?: boolean };

/** Changes a learner if nobody saved since `revision`. @returns the new revision, or null when another save came first: nothing is changed then */
export async function changeLearner(trx: SchoolTrx, id: string, revision: number, change: LearnerChange): Promise<number | null> {
  const rows = await trx('learner')
    .where({ school_id: trx.school, id, revision })
    .update({
      ...(change.name === undefined ? {} : { name: change.name }),
      ...(change.planNotes === undefined ? {} : { plan_notes: change.planNotes }),
      ...(change.profile === undefined ? {} : { profile: JSON.stringify(change.profile) }),
      ...(change.screen === undefined ? {} : { screen: JSON.stringify(change.screen) }),
      ...(change.putAway === undefined ? {} : { put_away_at: change.putAway ? trx.fn.now() : null }),
      revision: revision + 1,
    })
    .returning('revision');
  return rows[0]?.revision ?? null;
}

/** Puts a learner one place forward or back among those who are not put away. */
export async function moveLearner(trx: SchoolTrx, id: string, by: -1 | 1): Promise<void> {
  const all: string[] = await trx('learner')
    .where({ school_id: trx.school, class_id: ownClass(trx) })
    .whereNull('put_away_at')
    .orderBy('position')
    .orderBy('name')
    .forUpdate()
    .pluck('id');
  const at = all.indexOf(id);
  const to = at + by;
  if (at < 0 || to < 0 || to >= all.length) return;
  [all[at], all[to]] = [all[to], all[at]];
  for (const [position, one] of all.entries()) await trx('learner').where({ school_id: trx.school, id: one }).update({ position });
}

/** How pictures are drawn for a learner: for the hand that leads, without a second hand where there is none, in colour or as lines. */
export function lookOf(row: LearnerRow): Look {
  const { hand, needs } = fitLearner(row);
  return {
    ...(hand === 'left' ? { left: true } : {}),
    ...(needs.some((n) => n.demand === 'two-hands' && n.how === 'absent') ? { oneHand: true } : {}),
    ...(row.screen.ink === 'line' ? { line: true } : {}),
  };
}
