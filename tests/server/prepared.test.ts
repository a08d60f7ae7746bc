// Statements that come often are kept planned by their connection, and a connection whose plans are out of date is used no more.
import type { Knex } from 'knex';
import { afterAll, beforeAll, expect, test } from 'vitest';
import { connect } from '../../src/lib/server/connect';
import { notNow } from '../../src/lib/server/not-now';
import { ownDatabase } from './own-server';

let database: Awaited<ReturnType<typeof ownDatabase>>;
let served: Knex;
let owner: Knex;
beforeAll(async () => {
  database = await ownDatabase();
  owner = connect(database.owner);
  served = connect(database.owner, {});
  await owner.raw('create table dish (id integer, name text)');
  await owner('dish').insert({ id: 1, name: 'soup' });
});
afterAll(async () => {
  await Promise.all([served.destroy(), owner.destroy()]);
  await database.drop();
});

const kept = async () =>
  (await served.raw<{ rows: { statement: string }[] }>('select statement from pg_prepared_statements')).rows.map((r) => r.statement);

test('what comes often is planned once; what comes seldom is not kept', async () => {
  for (let n = 0; n < 6; n++) expect(await served('dish').where({ id: 1 })).toEqual([{ id: 1, name: 'soup' }]);
  expect(await served('dish').where({ name: 'soup' })).toHaveLength(1);
  const all = await kept();
  expect(all).toEqual([expect.stringContaining('"id" = $1')]);
  // other values, the same plan
  expect(await served('dish').where({ id: 2 })).toEqual([]);
});

test('after the table has changed one question fails with a word that it may be asked again, and then it is right', async () => {
  await owner.raw('alter table dish add column warm boolean');
  const failed: unknown = await served('dish')
    .where({ id: 1 })
    .catch((error: unknown) => error);
  expect(failed).toBeInstanceOf(Error);
  expect(notNow(failed)).toBe('The program is being renewed.');
  expect(await served('dish').where({ id: 1 })).toEqual([{ id: 1, name: 'soup', warm: null }]);
});
