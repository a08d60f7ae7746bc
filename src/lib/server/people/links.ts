// Links that work once: an invitation, a new password. Nothing is sent by itself: whoever made one hands it over.
import type { Knex } from 'knex';
import { isRole, type Role } from '$core';
import { namesOf } from '../input/stored';
import { addAccount } from './accounts';
import { hashOf, hashPassword, newSecret } from './hashing';
import { endAll } from './sessions';

const HOUR = 3_600_000;
/** Hours that a link is good for. */
const LASTS = { invitation: 7 * 24, reset: 24 } as const;

export type Invited = { school: string; name: string; email: string; role: Role; classes: string[]; by: string };

/** @param trx at the door. @returns the secret of the link, which is not kept */
export async function invite(trx: Knex.Transaction, { school, name, email, role, classes, by }: Invited): Promise<string> {
  const secret = newSecret();
  // a second invitation takes the place of the first
  await trx('link').where({ kind: 'invitation', school_id: school, email }).whereNull('used_at').delete();
  await trx('link').insert({
    hash: hashOf(secret),
    kind: 'invitation',
    school_id: school,
    name,
    email,
    role,
    classes: JSON.stringify(classes),
    made_by: by,
    ends_at: new Date(Date.now() + LASTS.invitation * HOUR),
  });
  return secret;
}

/** @param trx at the door. @returns the secret of a link by which an account of the school takes a new password; null where there is none such */
export async function resetFor(trx: Knex.Transaction, school: string, account: string, by: string | null): Promise<string | null> {
  const row = await trx('account').where({ school_id: school, id: account }).whereNull('put_away_at').first('id');
  if (!row) return null;
  const secret = newSecret();
  await trx('link').where({ kind: 'reset', account_id: account }).whereNull('used_at').delete();
  await trx('link').insert({
    hash: hashOf(secret),
    kind: 'reset',
    school_id: school,
    account_id: account,
    made_by: by,
    ends_at: new Date(Date.now() + LASTS.reset * HOUR),
  });
  return secret;
}

export type Link = {
  kind: 'invitation' | 'reset';
  school: string;
  schoolName: string;
  account: string | null;
  name: string;
  email: string;
  role: Role;
  /** That whoever takes it comes into. */
  classes: string[];
};

/** What a link is for; null where it was used, is over or never was. */
export async function readLink(trx: Knex.Transaction, secret: string): Promise<Link | null> {
  const row = await trx('link as l')
    .where({ 'l.hash': hashOf(secret) })
    .whereNull('l.used_at')
    .where('l.ends_at', '>', trx.fn.now())
    .join('school as s', 's.id', 'l.school_id')
    .leftJoin('account as a', 'a.id', 'l.account_id')
    .forUpdate('l')
    .first(
      'l.kind',
      'l.school_id',
      's.name as school_name',
      'l.account_id',
      'l.role',
      'l.classes',
      trx.raw('coalesce(l.name, a.name) as name, coalesce(l.email, a.email) as email'),
    );
  if (!row) return null;
  const role = isRole(row.role) ? row.role : 'reader';
  return {
    kind: row.kind,
    school: row.school_id,
    schoolName: row.school_name,
    account: row.account_id,
    name: row.name,
    email: row.email,
    role,
    classes: namesOf(row.classes),
  };
}

/**
 * Takes a link with a password for it. A new password ends every session of the account.
 * @returns the account; null where the link is good no more, or the address has an account by now
 */
export async function takeLink(trx: Knex.Transaction, secret: string, password: string): Promise<string | null> {
  const link = await readLink(trx, secret);
  if (!link) return null;
  const used = () =>
    trx('link')
      .where({ hash: hashOf(secret) })
      .update({ used_at: trx.fn.now() });
  if (link.account === null) {
    const { school, name, email, role, classes } = link;
    const account = await addAccount(trx, { school, name, email, role, password, classes });
    if (account) await used();
    return account;
  }
  await used();
  await trx('credential')
    .where({ account_id: link.account })
    .update({ password: await hashPassword(password), changed_at: trx.fn.now() });
  await trx('account').where({ id: link.account }).update({ asked_at: null });
  await endAll(trx, link.account);
  return link.account;
}

export type Open = { name: string; email: string; role: Role; until: Date };

/** Invitations of a school that nobody has used yet. */
export async function openInvitations(trx: Knex.Transaction, school: string): Promise<Open[]> {
  const rows = await trx('link')
    .where({ kind: 'invitation', school_id: school })
    .whereNull('used_at')
    .where('ends_at', '>', trx.fn.now())
    .orderBy('made_at')
    .select('name', 'email', 'role', 'ends_at');
  return rows.map((r) => ({ name: r.name, email: r.email, role: isRole(r.role) ? r.role : 'reader', until: r.ends_at }));
}
