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

test('what is asked at one moment goes out together, and each question has its own answer', async () => {
  const answers = await served.transaction((trx) =>
    Promise.all([
      trx('dish').where({ id: 1 }).pluck('name'),
      trx.raw<{ rows: { n: number }[] }>('select ?::int as n', [7]).then(({ rows }) => rows[0]?.n),
      trx('dish').where({ id: 2 }).first('name'),
    ]),
  );
  expect(answers).toEqual([['soup'], 7, undefined]);
});

test('where one of them fails nothing is kept, the fault is told, and the connection goes on', async () => {
  const one = connect(database.owner, { most: 1, wait: 60_000 });
  const failed = one.transaction((trx) =>
    Promise.all([
      trx('dish').insert({ id: 3, name: 'stew' }),
      trx('no_such_table').select('id'),
      trx('dish').insert({ id: 4, name: 'rice' }),
    ]),
  );
  await expect(failed).rejects.toMatchObject({ code: '42P01' });
  expect(await one('dish').whereIn('id', [3, 4])).toEqual([]);
  await one.destroy();
});

test('a connection that is ended leaves no question without an answer', async () => {
  const one = connect(database.owner, { most: 1, wait: 60_000 });
  const { rows } = await one.raw<{ rows: { pid: number }[] }>('select pg_backend_pid() as pid');
  const asked = one.transaction((trx) =>
    Promise.allSettled([trx.raw('select pg_sleep(30)'), trx('dish').select('id'), trx('dish').where({ id: 1 }).select('name')]).then(
      (all) => {
        expect(all.map(({ status }) => status)).toEqual(['rejected', 'rejected', 'rejected']);
        throw new Error('all answered');
      },
    ),
  );
  const told = expect(asked).rejects.toThrow();
  await expect
    .poll(() => owner('pg_stat_activity').where({ pid: rows[0].pid }).whereLike('query', '%pg_sleep%').select('pid'))
    .toHaveLength(1);
  await owner.raw('select pg_terminate_backend(?)', [rows[0].pid]);
  await told;
  expect(await one('dish').where({ id: 1 }).pluck('name')).toEqual(['soup']);
  await one.destroy();
});
