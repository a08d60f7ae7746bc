// The sealed pass of a transaction: which school, whose account, in what role, in which class, and until when. The database believes no other.
import { createHmac } from 'node:crypto';
import type { Knex } from 'knex';
import type { Role } from '$core';

/**
 * In what role a transaction works: a person's, or the program's own. `door` sees accounts and sessions and nothing else; `screen` is a learner's own
 * screen; `program` is for work that no person asked for: loading the demo, telling devices of a change.
 */
export type PassRole = Role | 'door' | 'screen' | 'program';
/** `class`: the one that is worked with. Which classes somebody sees is his account's; without an account it is this one alone. */
export type Pass = { school: string | null; account: string | null; role: PassRole; class?: string | null };

/** A pass is good for so long, in seconds: longer than any transaction, with room for clocks that differ. */
const GOOD_FOR = 120;

/** The key that the program and its database share; 32 characters at least. @throws Error where it is not set */
export function sealKey(): string {
  const key = process.env.SEAL_KEY ?? '';
  if (key.length < 32) throw new Error('SEAL_KEY is not set, or is shorter than 32 characters');
  return key;
}

/** What a pass is told as, with its seal. */
export function sealed({ school, account, role, class: of }: Pass, now = Date.now()): { pass: string; seal: string } {
  const pass = [school ?? '', account ?? '', role, of ?? '', Math.floor(now / 1000) + GOOD_FOR].join('|');
  return { pass, seal: createHmac('sha256', sealKey()).update(pass).digest('hex') };
}

/** Opens a transaction to a pass, until it ends. Values go by binding only: what is in a statement's text others of the same role can read. */
export async function show(trx: Knex.Transaction, pass: Pass): Promise<void> {
  const shown = sealed(pass);
  await trx.raw(`select set_config('app.pass', ?, true), set_config('app.seal', ?, true)`, [shown.pass, shown.seal]);
}
