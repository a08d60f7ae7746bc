// Passkeys: a key that stays on a person's own device and answers only after a finger, a face or a code there. So it stands for password and second
// factor together (WebAuthn level 3; what is checked is the library's).
import { createHmac, timingSafeEqual } from 'node:crypto';
import { isIP } from 'node:net';
import type { Cookies } from '@sveltejs/kit';
import type { Knex } from 'knex';
import {
  generateAuthenticationOptions,
  generateRegistrationOptions,
  verifyAuthenticationResponse,
  verifyRegistrationResponse,
  type AuthenticationResponseJSON,
  type PublicKeyCredentialCreationOptionsJSON,
  type PublicKeyCredentialRequestOptionsJSON,
  type RegistrationResponseJSON,
} from '@simplewebauthn/server';
import { isPlain } from '../input/shape';
import { sealKey } from '../seal';

/** Whether passkeys work at this address: browsers take a name, not a number of the net, and only with TLS or on the machine itself. */
export const havePasskeys = (url: URL): boolean =>
  isIP(url.hostname.replace(/^\[|\]$/g, '')) === 0 && (url.protocol === 'https:' || url.hostname === 'localhost');

const CHALLENGE = 'passkey';
/** An answer must come within this time, in milliseconds. */
const GOOD_FOR = 5 * 60_000;
const seal = (text: string) => createHmac('sha256', sealKey()).update(`passkey ${text}`).digest('base64url');

/** Remembers on the device, sealed, what it was asked: and whom for, where somebody is signed in. */
function keep(cookies: Cookies, url: URL, challenge: string, account: string | null): void {
  const text = [challenge, account ?? '', Date.now() + GOOD_FOR].join('.');
  const how = { path: '/', httpOnly: true, sameSite: 'strict', secure: url.protocol === 'https:', maxAge: GOOD_FOR / 1000 } as const;
  cookies.set(CHALLENGE, `${text}.${seal(text)}`, how);
}

/** What the device was asked; it is asked once. */
function taken(cookies: Cookies, account: string | null): string | null {
  const [challenge, whose, until, given] = (cookies.get(CHALLENGE) ?? '').split('.');
  cookies.delete(CHALLENGE, { path: '/' });
  if (!given || whose !== (account ?? '') || Number(until) < Date.now()) return null;
  const [right, said] = [Buffer.from(seal([challenge, whose, until].join('.'))), Buffer.from(given)];
  return right.length === said.length && timingSafeEqual(right, said) ? challenge : null;
}

/** Asks a device of somebody who is signed in for a new passkey. @param trx at the door */
export async function askForNew(
  trx: Knex.Transaction,
  who: { account: string; name: string },
  { cookies, url }: { cookies: Cookies; url: URL },
): Promise<PublicKeyCredentialCreationOptionsJSON> {
  const known: string[] = await trx('passkey').where({ account_id: who.account }).pluck('id');
  const options = await generateRegistrationOptions({
    rpName: 'Yellow Rung',
    rpID: url.hostname,
    userName: who.name,
    userID: new Uint8Array(Buffer.from(who.account)),
    attestationType: 'none',
    excludeCredentials: known.map((id) => ({ id })),
    authenticatorSelection: { residentKey: 'required', userVerification: 'required' },
  });
  keep(cookies, url, options.challenge, who.account);
  return options;
}

/** Keeps a new passkey. @param response as the browser gave it. @returns false where it does not answer what was asked */
export async function keepNew(
  trx: Knex.Transaction,
  { account, name, response }: { account: string; name: string; response: unknown },
  { cookies, url }: { cookies: Cookies; url: URL },
): Promise<boolean> {
  const expectedChallenge = taken(cookies, account);
  if (!expectedChallenge || !isPlain(response)) return false;
  const found = await verifyRegistrationResponse({
    response: response as unknown as RegistrationResponseJSON,
    expectedChallenge,
    expectedOrigin: url.origin,
    expectedRPID: url.hostname,
    requireUserVerification: true,
  }).catch(() => null);
  if (!found?.verified) return false;
  const { id, publicKey, counter } = found.registrationInfo.credential;
  const added = await trx('passkey')
    .insert({ id, account_id: account, public_key: Buffer.from(publicKey), counter, name })
    .onConflict('id')
    .ignore()
    .returning('id');
  return added.length === 1;
}

/** Asks a device to say who it is. */
export async function askWho({ cookies, url }: { cookies: Cookies; url: URL }): Promise<PublicKeyCredentialRequestOptionsJSON> {
  const options = await generateAuthenticationOptions({ rpID: url.hostname, userVerification: 'required' });
  keep(cookies, url, options.challenge, null);
  return options;
}

/** Whose passkey answered. @returns the account; null where it is none of ours, or of somebody who was put away */
export async function whoAnswered(
  trx: Knex.Transaction,
  response: unknown,
  { cookies, url }: { cookies: Cookies; url: URL },
): Promise<string | null> {
  const expectedChallenge = taken(cookies, null);
  if (!expectedChallenge || !isPlain(response) || !('id' in response) || typeof response.id !== 'string') return null;
  const row = await trx('passkey as p')
    .join('account as a', 'a.id', 'p.account_id')
    .where({ 'p.id': response.id })
    .whereNull('a.put_away_at')
    .forUpdate('p')
    .first<{ account_id: string; public_key: Buffer; counter: number } | undefined>('p.account_id', 'p.public_key', 'p.counter');
  if (!row) return null;
  const found = await verifyAuthenticationResponse({
    response: response as unknown as AuthenticationResponseJSON,
    expectedChallenge,
    expectedOrigin: url.origin,
    expectedRPID: url.hostname,
    requireUserVerification: true,
    credential: { id: response.id, publicKey: new Uint8Array(row.public_key), counter: row.counter },
  }).catch(() => null);
  if (!found?.verified) return null;
  await trx('passkey').where({ id: response.id }).update({ counter: found.authenticationInfo.newCounter, used_at: trx.fn.now() });
  return row.account_id;
}

export type PasskeyRow = { id: string; name: string; madeAt: Date; usedAt: Date | null };

/** The passkeys of an account, the oldest first. @param trx at the door */
export async function listPasskeys(trx: Knex.Transaction, account: string): Promise<PasskeyRow[]> {
  const rows = await trx('passkey').where({ account_id: account }).orderBy('made_at').select('id', 'name', 'made_at', 'used_at');
  return rows.map((r) => ({ id: r.id, name: r.name, madeAt: r.made_at, usedAt: r.used_at }));
}
