// Signing in: address and password, then the second factor where there is one. What is wrong is never said more closely than that something is.
import { createHmac, timingSafeEqual } from 'node:crypto';
import type { Cookies } from '@sveltejs/kit';
import { sealKey } from '../seal';
import { atTheDoor } from './door';
import { isPassword } from './hashing';
import { tried, waitWords } from './limits';

/** An address as it is kept and looked for. */
export const plainEmail = (email: string): string => email.trim().toLowerCase();

export const WRONG = 'The e-mail or the password is not right.';

/** The password was right, and is not enough: the second factor that the school asks for is a passkey. */
export const PASSKEY = 'Your school asks for a second factor: sign in with your passkey.';

export type Known = { account: string; hasSecond: boolean };

/**
 * Looks at an address and its password. Counted by account and by address of the net before anything is looked at.
 * @returns the account, or what to say
 */
export async function knock(email: string, password: string, address: string): Promise<Known | { problem: string }> {
  const wait = Math.max(await tried('account', plainEmail(email)), await tried('address', address));
  if (wait > 0) return { problem: waitWords(wait) };
  const row = await atTheDoor((trx) =>
    trx('account as a')
      .where({ 'a.email': plainEmail(email) })
      .whereNull('a.put_away_at')
      .join('credential as c', 'c.account_id', 'a.id')
      .join('school as s', 's.id', 'a.school_id')
      .first<{ id: string; password: string; totp: string | null; by_key: boolean } | undefined>(
        'a.id',
        'c.password',
        'c.totp',
        trx.raw('jsonb_exists(s.second_for, a.role) and exists (select 1 from passkey p where p.account_id = a.id) as by_key'),
      ),
  );
  const right = await isPassword(row?.password ?? null, password);
  if (right && row?.totp === null && row.by_key) return { problem: PASSKEY };
  return right && row ? { account: row.id, hasSecond: row.totp !== null } : { problem: WRONG };
}

/** Where the password was right and the code is still to come: for so long, in milliseconds. */
const HALF_WAY = 5 * 60_000;
const HALF = 'half';

const seal = (text: string) => createHmac('sha256', sealKey()).update(`half ${text}`).digest('base64url');

/** Remembers, on the device and sealed, that the password was right. */
export function keepHalf(cookies: Cookies, url: URL, account: string, shared: boolean): void {
  const text = [account, shared ? 'shared' : 'own', Date.now() + HALF_WAY].join('.');
  cookies.set(HALF, `${text}.${seal(text)}`, {
    path: '/sign-in',
    httpOnly: true,
    sameSite: 'lax',
    secure: url.protocol === 'https:',
    maxAge: HALF_WAY / 1000,
  });
}

/** Whose password was right a moment ago. */
export function halfOf(cookies: Cookies): { account: string; shared: boolean } | null {
  const [account, device, until, given] = (cookies.get(HALF) ?? '').split('.');
  if (!given) return null;
  const right = Buffer.from(seal([account, device, until].join('.')));
  const said = Buffer.from(given);
  if (right.length !== said.length || !timingSafeEqual(right, said) || Number(until) < Date.now()) return null;
  return { account, shared: device === 'shared' };
}

export const dropHalf = (cookies: Cookies): void => cookies.delete(HALF, { path: '/sign-in' });
