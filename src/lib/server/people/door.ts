// Work with accounts and sessions, before anybody is known.
import type { Knex } from 'knex';
import { show } from '../seal';
import { poolFor } from '../school';

/** A transaction that sees accounts, credentials, sessions and links of all schools, and no learner of any. */
export function atTheDoor<T>(work: (trx: Knex.Transaction) => Promise<T>): Promise<T> {
  return poolFor('write').transaction(async (trx) => {
    await show(trx, { school: null, account: null, role: 'door' });
    return work(trx);
  });
}
