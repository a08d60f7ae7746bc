// Who asks: a session by its cookie, from the database at every request, so that what is ended is ended at once.
import type { Cookies } from '@sveltejs/kit';
import type { Knex } from 'knex';
import { isRole, type Role } from '$core';
import { poolFor } from '../school';
import { atTheDoor } from './door';
import { hashOf, newSecret } from './hashing';

export type OwnClass = { id: string; name: string };
export type Who = {
  /** Null where a lesson pass came, which is nobody's in particular. */
  account: string | null;
  school: string;
  schoolName: string;
  /** The classes that he is in, a lead in all, in their order. */
  classes: OwnClass[];
  /** Which of them is worked with; null where there is none. */
  class: string | null;
  role: Role;
  name: string;
  /** Signed in on a device that others use too. */
  shared: boolean;
  /** His role must have a second factor, and he has none: only his own page opens. */
  lacksSecond: boolean;
  /** The demo opens as one of its people, without a session. */
  demo: boolean;
};

/** Somebody with an account. */
export type Person = Who & { account: string };
export const personOf = (who: Who | null): Person | null => (who?.account ? { ...who, account: who.account } : null);

const COOKIE = 'session';
/** Hours that a session lasts at most; unused, one on a shared device ends after 30 minutes, another after 7 days (the database's own rule). */
const LASTS = { shared: 10, own: 30 * 24 } as const;
const HOUR = 3_600_000;

/** Where a cookie goes and does not: to this program only, to no script, with TLS where there is TLS. */
const place = (url: URL) => ({ path: '/', httpOnly: true, sameSite: 'lax', secure: url.protocol === 'https:' }) as const;

type Found = {
  account_id: string;
  school_id: string;
  school_name: string;
  role: string;
  name: string;
  shared: boolean;
  classes: OwnClass[];
  lacks: boolean;
};

/** The cookie of the class that is worked with, on this device. */
export const CLASS = 'class';
/** Which class: the one that was chosen, where it is his; else his first. */
export const classOf = (classes: readonly OwnClass[], cookies: Cookies): string | null =>
  (classes.find((c) => c.id === cookies.get(CLASS)) ?? classes[0])?.id ?? null;

/** @returns null where nobody is signed in, or no longer */
export async function whoHas(cookies: Cookies): Promise<Who | null> {
  const secret = cookies.get(COOKIE);
  if (!secret || secret.length > 64) return null;
  const { rows } = await poolFor('read').raw<{ rows: Found[] }>(
    'select w.*, lacks_second(w.account_id, w.school_id, w.role) as lacks from who_is(?) w',
    [hashOf(secret)],
  );
  const found = rows[0];
  if (!found || !isRole(found.role)) return null;
  const { account_id: account, school_id: school, school_name: schoolName, role, name, shared, classes, lacks: lacksSecond } = found;
  return { account, school, schoolName, classes, class: classOf(classes, cookies), role, name, shared, lacksSecond, demo: false };
}

/** Begins a session, in a transaction at the door. What stood in the cookie before is ended: a session is never handed on. */
export async function beginSession(
  trx: Knex.Transaction,
  account: string,
  { cookies, url, device, shared }: { cookies: Cookies; url: URL; device: string; shared: boolean },
): Promise<void> {
  const secret = newSecret();
  const hours = shared ? LASTS.shared : LASTS.own;
  const before = cookies.get(COOKIE);
  if (before)
    await trx('session')
      .where({ hash: hashOf(before) })
      .delete();
  await trx('session').where('ends_at', '<', trx.fn.now()).delete();
  await trx('session').insert({ hash: hashOf(secret), account_id: account, shared, device, ends_at: new Date(Date.now() + hours * HOUR) });
  // on a shared device it goes with the browser's window
  cookies.set(COOKIE, secret, { ...place(url), ...(shared ? {} : { maxAge: (hours * HOUR) / 1000 }) });
}

/** Ends this session. */
export async function endSession(cookies: Cookies, url: URL): Promise<void> {
  const secret = cookies.get(COOKIE);
  if (secret)
    await atTheDoor((trx) =>
      trx('session')
        .where({ hash: hashOf(secret) })
        .delete(),
    );
  cookies.delete(COOKIE, place(url));
}

/** Ends all sessions of an account, but for the one of this cookie where it is to stay. */
export async function endAll(trx: Knex.Transaction, account: string, but?: Cookies): Promise<number> {
  const secret = but?.get(COOKIE);
  const all = trx('session').where({ account_id: account });
  return secret ? all.whereNot({ hash: hashOf(secret) }).delete() : all.delete();
}

export type SessionRow = { device: string; madeAt: Date; seenAt: Date; shared: boolean; here: boolean };

/** The sessions of an account, the newest first. */
export async function listSessions(trx: Knex.Transaction, account: string, cookies: Cookies): Promise<SessionRow[]> {
  const secret = cookies.get(COOKIE);
  const here = secret ? hashOf(secret) : null;
  const rows = await trx('session').where({ account_id: account }).where('ends_at', '>', trx.fn.now()).orderBy('seen_at', 'desc');
  return rows.map((r) => ({
    device: r.device,
    madeAt: r.made_at,
    seenAt: r.seen_at,
    shared: r.shared,
    here: here !== null && here.equals(r.hash as Buffer),
  }));
}

/** What kind of device it is, in two words at most: enough to know one's own by. */
export function deviceOf(agent: string | null): string {
  const text = agent ?? '';
  const system = (
    [
      ['iPad|Tablet', 'Tablet'],
      ['iPhone|Android', 'Phone'],
      ['Windows', 'Windows'],
      ['Mac OS', 'Mac'],
      ['CrOS', 'Chromebook'],
      ['Linux', 'Linux'],
    ] as const
  ).find(([mark]) => new RegExp(mark).test(text))?.[1];
  return system ?? 'A device';
}
