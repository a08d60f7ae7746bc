// Whoever changes how an account is opened says its password once more: a device left open is not enough.
import { atTheDoor } from './door';
import { isPassword } from './hashing';
import { tried, waitWords } from './limits';
import type { Person } from './sessions';

/** @returns what is wrong; null where the password is right */
export async function saysPassword(who: Person, password: string): Promise<string | null> {
  const wait = await tried('account', `again ${who.account}`);
  if (wait > 0) return waitWords(wait);
  const row = await atTheDoor((trx) =>
    trx('credential').where({ account_id: who.account }).first<{ password: string } | undefined>('password'),
  );
  return (await isPassword(row?.password ?? null, password)) ? null : 'Your password is not right.';
}
