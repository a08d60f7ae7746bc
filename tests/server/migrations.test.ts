// Migrations on a database that has a class in it: what was recorded before keeps its meaning.
import type { Knex } from 'knex';
import { spawn } from 'node:child_process';
import { setTimeout as pause } from 'node:timers/promises';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { connect, migrate } from '../../src/lib/server/connect';
import { loadDemo } from '../../src/lib/server/demo/load';
import { DEMO_SCHOOL, withSchool } from '../../src/lib/server/school-scope';
import { ownDatabase } from './own-server';

let owner: Knex;
let drop: () => Promise<void>;
let url: string;
beforeAll(async () => {
  const own = await ownDatabase();
  [owner, drop, url] = [connect(own.owner), own.drop, own.owner];
  await migrate(owner);
  await loadDemo(owner);
});
afterAll(async () => {
  await owner.destroy();
  await drop();
});

const all = () =>
  withSchool(owner, DEMO_SCHOOL, async (trx) => ({
    lessons: await trx('lesson').orderBy('id').select('id', 'recipe_id', 'version', 'held_on'),
    places: await trx('lesson_learner').orderBy(['lesson_id', 'learner_id']).select('lesson_id', 'learner_id', 'phase', 'state'),
    records: await trx('observation').orderBy('id').select('id', 'lesson_id', 'learner_id', 'step_key', 'code', 'happened_at'),
  }));

test('lessons of before there were lessons of the class: each is one of its own, over where all in it are through, and no record changes', async () => {
  const before = await all();
  // back to before them, through whatever has come since
  for (let n = 0; n < 20 && (await owner.schema.hasTable('class_lesson')); n++) await owner.migrate.down();
  expect(await owner.schema.hasTable('class_lesson')).toBe(false);
  await migrate(owner);
  expect(await all()).toEqual(before);
  await withSchool(owner, DEMO_SCHOOL, async (trx) => {
    const whole = await trx('class_lesson').select('id', 'begun_at', 'ended_at');
    expect(whole.map((c) => c.id as string).sort()).toEqual(before.lessons.map((l) => l.id as string).sort());
    const open = new Set(before.places.filter((p) => p.state === 'open').map((p) => p.lesson_id as string));
    for (const c of whole) expect([c.begun_at !== null, c.ended_at === null]).toEqual([true, open.has(c.id as string)]);
    const missed = await trx('lesson_learner').where({ state: 'missed' }).pluck('presence');
    expect(missed.length).toBeGreaterThan(0);
    expect(new Set(missed)).toEqual(new Set(['absent']));
  });
});

describe('the newest migrations, on a full database', () => {
  /** A process of its own that migrates; settles with its exit code, null where it was killed. */
  function migrating(): { kill: () => void; over: Promise<number | null> } {
    const child = spawn('npx', ['tsx', 'scripts/admin.ts', 'migrate'], {
      env: { ...process.env, OWNER_DATABASE_URL: url },
      stdio: 'ignore',
      detached: true,
    });
    const over = new Promise<number | null>((done) => child.on('exit', done));
    // npx starts others: the whole group goes
    return { kill: () => process.kill(-child.pid!, 'SIGKILL'), over };
  }
  const newest = async () => ((await owner.migrate.list()) as [{ name: string }[]])[0].map((m) => m.name);
  const back = async () => {
    while (await owner.schema.hasTable('class')) await owner.migrate.down();
  };

  test('two processes at once: both end well, and nothing is done twice', async () => {
    const [before, names] = [await all(), await newest()];
    await back();
    expect(await Promise.all([migrating().over, migrating().over])).toEqual([0, 0]);
    expect(await newest()).toEqual(names);
    expect(await all()).toEqual(before);
  }, 60_000);

  test('a process that is killed half-way: the next one begins anew, and nothing is lost', async () => {
    const [before, names] = [await all(), await newest()];
    await back();
    // somebody holds a table that the migration comes to late: it waits there, with much done already
    const holder = await owner.transaction();
    await holder.raw('lock table looked_back in access share mode');
    const first = migrating();
    const waits = async () =>
      (await owner.raw<{ rows: object[] }>(`select 1 from pg_locks where not granted and relation = 'looked_back'::regclass`)).rows.length >
      0;
    while (!(await waits())) await pause(20);
    first.kill();
    expect(await first.over).toBe(null);
    await holder.rollback();
    // the server lets go of what the dead process held as it finds out
    expect(await migrating().over).toBe(0);
    expect(await newest()).toEqual(names);
    expect(await all()).toEqual(before);
  }, 60_000);
});

test.each(['0013_statistics', '0013_quick_questions'])(
  'a database that has only the other of the two goes forward: without %s',
  async (name) => {
    const had = (): Promise<string[]> => owner('migration').orderBy('name').pluck('name');
    const whole = await had();
    expect(await owner('migration').where({ name }).delete()).toBe(1);
    await migrate(owner);
    expect(await had()).toEqual(whole);
    expect((await owner('pg_statistic_ext').where({ stxname: 'observation_belongs' })).length).toBe(1);
  },
);
