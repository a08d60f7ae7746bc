// The people of a school: who they are, what they may do, and how the first of them comes in.
import { randomUUID } from 'node:crypto';
import type { Knex } from 'knex';
import { isRole, type Role } from '$core';
import type { SchoolTrx } from '../school-scope';
import { hashPassword } from './hashing';

export type AccountRow = {
  id: string;
  name: string;
  email: string;
  role: Role;
  putAway: boolean;
  /** Asked for a new password and has none yet. */
  asked: boolean;
  /** Ids of the classes that he is in. */
  classes: string[];
};

/** Everybody of the school, those put away last. */
export async function listAccounts(trx: SchoolTrx): Promise<AccountRow[]> {
  const rows = await trx('account')
    .where({ school_id: trx.school })
    .orderByRaw('put_away_at is not null, lower(name), id')
    .select(
      'id',
      'name',
      'email',
      'role',
      'put_away_at',
      'asked_at',
      trx.raw(
        `(select coalesce(json_agg(p.class_id), '[]') from class_person p where p.school_id = account.school_id and p.account_id = account.id) as classes`,
      ),
    );
  return rows.map((r) => ({
    id: r.id,
    name: r.name,
    email: r.email,
    role: isRole(r.role) ? r.role : 'reader',
    putAway: r.put_away_at !== null,
    asked: r.asked_at !== null,
    classes: r.classes,
  }));
}

/** How many others could still look after the people of the school if this one could not. */
async function otherLeads(trx: SchoolTrx, id: string): Promise<number> {
  // two leads who take each other's role at once: the second waits, and then counts anew
  const leads = await trx('account').where({ school_id: trx.school, role: 'lead' }).whereNull('put_away_at').forUpdate().pluck('id');
  return leads.filter((l) => l !== id).length;
}

export type Changed = 'done' | 'none' | 'last-lead';

/** Gives somebody another role. The last lead stays one: a school that nobody looks after cannot be brought back from within. */
export async function changeRole(trx: SchoolTrx, id: string, role: Role): Promise<Changed> {
  const row = await trx('account').where({ school_id: trx.school, id }).first('role');
  if (!row) return 'none';
  if (row.role === 'lead' && role !== 'lead' && (await otherLeads(trx, id)) === 0) return 'last-lead';
  await trx('account').where({ school_id: trx.school, id }).update({ role });
  return 'done';
}

/** Puts somebody away, who is signed out by it everywhere, or brings him back. */
export async function putAway(trx: SchoolTrx, id: string, away: boolean): Promise<Changed> {
  const row = await trx('account').where({ school_id: trx.school, id }).first('role');
  if (!row) return 'none';
  if (away && row.role === 'lead' && (await otherLeads(trx, id)) === 0) return 'last-lead';
  await trx('account')
    .where({ school_id: trx.school, id })
    .update({ put_away_at: away ? trx.fn.now() : null });
  return 'done';
}

export type NewAccount = { school: string; name: string; email: string; role: Role; password: string; classes: string[] };

/**
 * Adds an account with its password.
 * @param trx at the door
 * @returns its id; null where the address has one already
 */
export async function addAccount(
  trx: Knex.Transaction,
  { school, name, email, role, password, classes }: NewAccount,
): Promise<string | null> {
  const id = randomUUID();
  const added = await trx('account').insert({ school_id: school, id, name, email, role }).onConflict('email').ignore();
  if ((added as unknown as { rowCount: number }).rowCount !== 1) return null;
  await trx('credential').insert({ account_id: id, password: await hashPassword(password) });
  // a class that is gone since he was asked in is passed over
  const known: string[] = await trx('class').where({ school_id: school }).whereIn('id', classes).pluck('id');
  if (known.length > 0) await trx('class_person').insert(known.map((class_id) => ({ school_id: school, class_id, account_id: id })));
  return id;
}

/**
 * Whether there is nobody yet who could sign in, so that the first person may come in with the code that the server printed.
 * @param trx at the door
 */
export const isEmpty = async (trx: Knex.Transaction): Promise<boolean> => !(await trx('account').first('id'));

/**
 * Makes a school with its lead. Two who try at once: one comes in.
 * @param trx at the door
 * @returns the account; null where somebody was first
 */
export async function makeSchool(
  trx: Knex.Transaction,
  schoolName: string,
  lead: Omit<NewAccount, 'school' | 'role' | 'classes'>,
): Promise<string | null> {
  await trx.raw('select pg_advisory_xact_lock(727001)');
  if (!(await isEmpty(trx))) return null;
  const school = randomUUID();
  await trx('school').insert({ id: school, name: schoolName });
  // the database gave it its first class
  const classes: string[] = await trx('class').where({ school_id: school }).pluck('id');
  return addAccount(trx, { ...lead, school, role: 'lead', classes });
}
