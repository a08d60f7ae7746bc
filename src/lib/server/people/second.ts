// The second factor: codes of an authenticator, and recovery codes for when it is lost.
import { randomInt } from 'node:crypto';
import type { Knex } from 'knex';
import { Secret, TOTP } from 'otpauth';
import { hashOf } from './hashing';

/** RFC 6238, as every authenticator takes it: SHA-1, six digits, 30 seconds. */
const PERIOD = 30;
const totpOf = (secret: string, label: string) =>
  new TOTP({ issuer: 'Yellow Rung', label, algorithm: 'SHA1', digits: 6, period: PERIOD, secret: Secret.fromBase32(secret) });

/** A new secret, and the address that an authenticator reads it from. */
export function newTotp(label: string, secret = new Secret({ size: 20 }).base32): { secret: string; uri: string } {
  return { secret, uri: totpOf(secret, label).toString() };
}

/** The count of half-minutes that a code is of; null where it is of none near now, or was used before. */
export function totpCount(secret: string, code: string, last: number, now = Date.now()): number | null {
  if (!/^\d{6}$/.test(code)) return null;
  const delta = totpOf(secret, '').validate({ token: code, window: 1, timestamp: now });
  if (delta === null) return null;
  const count = Math.floor(now / 1000 / PERIOD) + delta;
  return count > last ? count : null;
}

/** Whether an account has a second factor: an authenticator, or a passkey, which stands for both. @param trx at the door */
export async function hasSecond(trx: Knex.Transaction, account: string): Promise<boolean> {
  const one = await trx('credential').where({ account_id: account }).whereNotNull('totp').first('account_id');
  return one !== undefined || (await trx('passkey').where({ account_id: account }).first('id')) !== undefined;
}

/** Letters and digits that are not taken for each other. */
const SIGNS = 'abcdefghjkmnpqrstuvwxyz23456789';
const HOW_MANY = 10;

/** "k7mq-x3vd-9tpa": ten of them, each good for once; the ones of before are good no longer. Shown once, kept as hashes. */
export async function newRecoveryCodes(trx: Knex.Transaction, account: string): Promise<string[]> {
  const part = () => Array.from({ length: 4 }, () => SIGNS[randomInt(SIGNS.length)]).join('');
  const codes = Array.from({ length: HOW_MANY }, () => [part(), part(), part()].join('-'));
  await trx('recovery_code').where({ account_id: account }).delete();
  await trx('recovery_code').insert(codes.map((code) => ({ account_id: account, hash: hashOf(code) })));
  return codes;
}

/**
 * Whether a code stands for the account's second factor: of the authenticator, or a recovery code. Either is good once.
 * @param trx at the door
 */
export async function isSecond(trx: Knex.Transaction, account: string, given: string): Promise<boolean> {
  const code = given.trim().toLowerCase().replaceAll(/\s/g, '');
  // whoever sends the same code twice at once waits here
  const row = await trx('credential').where({ account_id: account }).forUpdate().first('totp', 'totp_last');
  if (!row?.totp) return false;
  const count = totpCount(row.totp, code, row.totp_last);
  if (count !== null) {
    await trx('credential').where({ account_id: account }).update({ totp_last: count });
    return true;
  }
  const used = await trx('recovery_code')
    .where({ account_id: account, hash: hashOf(code) })
    .whereNull('used_at')
    .update({ used_at: trx.fn.now() });
  return used === 1;
}
