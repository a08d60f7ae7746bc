// What the program and its database must agree on, written into the database at every migration: the key of the seal, and which role may do what.
import type { Knex } from 'knex';
import { actsOf, ROLES } from '$core';
import { sealKey } from './seal';

/** Run as the owner. */
export async function writeLaw(knex: Knex): Promise<void> {
  await knex.transaction(async (trx) => {
    await trx('seal')
      .insert({ key: Buffer.from(sealKey(), 'utf8') })
      .onConflict('one')
      .merge();
    await trx('permission').delete();
    const rows: { role: string; act: string }[] = ROLES.flatMap((role) => actsOf(role).map((act) => ({ role, act })));
    // a learner's own screen marks what was pressed, and does nothing else
    await trx('permission').insert([...rows, { role: 'screen', act: 'mark' }]);
  });
}
