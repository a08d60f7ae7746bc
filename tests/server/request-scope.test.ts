// All that one request asks of the database stands in one transaction, behind the pass that goes out first and is not waited for.
import { randomUUID } from 'node:crypto';
import { connect } from '../../src/lib/server/connect';
import { addLearner } from '../../src/lib/server/learners';
import { RequestScope, withSchool, type SchoolTrx } from '../../src/lib/server/school-scope';
import { afterAll, beforeAll, expect, test } from 'vitest';

// two connections for forty requests: on a slow machine the last of them waits its turn for longer than a page would
const app = connect(process.env.DATABASE_URL!, { most: 2, wait: 60_000 });
const owner = connect(process.env.OWNER_DATABASE_URL!);
const schools = [randomUUID(), randomUUID()];

beforeAll(async () => {
  for (const id of schools)
    await withSchool(owner, id, async (trx) => {
      await trx('school').insert({ id, name: `Test ${id.slice(0, 4)}` });
      await addLearner(trx, 'Wren');
    });
});
afterAll(() => Promise.all([app.destroy(), owner.destroy()]));

const scopeOf = (school: string) => new RequestScope(() => app, { school, account: null, role: 'program' });
const seen = (trx: SchoolTrx) => trx('learner').distinct('school_id').pluck<string[]>('school_id');

test('the first question of each request sees its own school and no other, however many share two connections', async () => {
  const asked = Array.from({ length: 40 }, async (_, n) => {
    const school = schools[n % 2];
    const scope = scopeOf(school);
    const found = await scope.in((trx) => Promise.all([seen(trx), seen(trx)]));
    await scope.done();
    return [found, [[school], [school]]] as const;
  });
  for (const [found, own] of await Promise.all(asked)) expect(found).toEqual(own);
});

test.each([
  [
    'at once',
    () => {
      throw new Error('before it asked');
    },
  ],
  ['before it asked', () => Promise.reject(new Error('before it asked'))],
])('work that fails %s says so, and neither the connection nor the pass is left hanging', async (_when, work) => {
  for (let n = 0; n < 4; n++) await expect(scopeOf(schools[0]).in(work)).rejects.toThrow('before it asked');
  const scope = scopeOf(schools[1]);
  expect(await scope.in(seen)).toEqual([schools[1]]);
  await scope.done();
});

test('work that asks nothing keeps nothing and gives its connection back', async () => {
  for (let n = 0; n < 4; n++) {
    const scope = scopeOf(schools[0]);
    expect(await scope.in(() => Promise.resolve(7))).toBe(7);
    await scope.done();
  }
});

test('where one of several questions fails nothing of the request is kept', async () => {
  const asked = scopeOf(schools[0]).in((trx) => Promise.all([addLearner(trx, 'Ash'), trx.raw('select 1 / 0'), seen(trx)]));
  await expect(asked).rejects.toMatchObject({ code: '22012' });
  expect(await withSchool(app, schools[0], (trx) => trx('learner').pluck<string[]>('name'))).toEqual(['Wren']);
});
