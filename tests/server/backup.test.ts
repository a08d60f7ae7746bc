// A backup brought back into a fresh cluster is what was saved: every row of every table. And a database of an older program is brought up to date whole.
import { execFile } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, statSync, writeFileSync, chmodSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { promisify } from 'node:util';
import type { Knex } from 'knex';
import { afterAll, beforeAll, describe, expect, test, vi } from 'vitest';
import { connect, migrate } from '../../src/lib/server/connect';
import { DEMO_SCHOOL, withSchool } from '../../src/lib/server/school-scope';
import { ownDatabase } from './own-server';

const root = fileURLToPath(new URL('../..', import.meta.url));
const folder = mkdtempSync(join(tmpdir(), 'yellow-rung-restore-'));
// the cluster runs as a user of its own where tests run as root
chmodSync(folder, 0o755);
const run = promisify(execFile);

/** A cluster of this test's own. */
function cluster(name: string) {
  const env = { ...process.env, PGDIR: join(folder, name), DATA: join(folder, `${name}-data`), THROWAWAY: '1' };
  const script = (file: string, words: string[], more: NodeJS.ProcessEnv = {}) =>
    run(join(root, file), words, { cwd: root, env: { ...env, ...more } });
  const urls = async () => {
    const { stdout } = await script('scripts/cluster.sh', ['env']);
    return new Map([...stdout.matchAll(/(\w+)='([^']*)'/g)].map(([, key, value]) => [key, value]));
  };
  const admin = async (...words: string[]) => {
    const settings = await urls();
    await run('npx', ['tsx', 'scripts/admin.ts', ...words], {
      cwd: root,
      env: { ...env, ...(Object.fromEntries(settings) as NodeJS.ProcessEnv) },
    });
  };
  return { script, urls, admin };
}

/** Of each table its rows and a checksum over all of them, read by the administrator, whom no row is hidden from. */
async function sums(url: string): Promise<[table: string, rows: number, sum: string][]> {
  const knex = connect(url.replace(/\/postgres$/, '/yellow_rung'));
  try {
    const { rows } = await knex.raw<{ rows: { name: string }[] }>(
      // the key of the seal is a cluster’s own: what is restored takes that of where it is. When a backup was made is written after it was
      `select tablename as name from pg_tables where schemaname = 'public' and tablename not in ('seal', 'backup', 'migration_lock') order by 1`,
    );
    const found: [string, number, string][] = [];
    for (const { name } of rows) {
      const sum = await knex.raw<{ rows: { n: number; sum: string }[] }>(
        `select count(*) as n, coalesce(md5(string_agg(md5(t::text), '' order by md5(t::text))), '') as sum from ${name} t`,
      );
      found.push([name, Number(sum.rows[0].n), sum.rows[0].sum]);
    }
    return found;
  } finally {
    await knex.destroy();
  }
}

describe('backup and restore', () => {
  const [from, to] = [cluster('from'), cluster('to')];
  const file = join(folder, 'saved.dump');
  beforeAll(async () => {
    await from.script('scripts/cluster.sh', ['start']);
    await from.admin('prepare', 'migrate', 'seed');
  }, 120_000);
  afterAll(async () => {
    for (const one of [from, to]) await one.script('scripts/cluster.sh', ['stop']);
    rmSync(folder, { recursive: true, force: true });
  });

  test('into a fresh cluster: counts and checksums of every table are equal', async () => {
    const said = await from.script('run', ['backup', file]);
    expect(said.stdout).toContain('readable by you alone');
    expect(statSync(file).mode & 0o777).toBe(0o600);
    await to.script('scripts/cluster.sh', ['start']);
    const restored = await to.script('run', ['restore', file]);
    expect(restored.stdout).toMatch(/Restored .*: 3 recipes, 10 learners, 42 lessons, [1-9]\d+ records/);
    const before = await sums((await from.urls()).get('ADMIN_DATABASE_URL')!);
    expect(before.length).toBeGreaterThan(13);
    expect(before.filter(([, rows]) => rows > 0).length).toBeGreaterThan(10);
    expect(await sums((await to.urls()).get('ADMIN_DATABASE_URL')!)).toEqual(before);
  }, 120_000);

  test('locked with a key: nothing of it can be read, it opens with that key alone, and whole', async () => {
    const [locked, key] = [join(folder, 'locked.dump'), 'a lantern for each of nine boats'];
    const said = await from.script('run', ['backup', locked], { BACKUP_KEY: key });
    expect(said.stdout).toContain('locked with BACKUP_KEY');
    const bytes = readFileSync(locked);
    for (const word of ['PGDMP', 'Wren', 'Couscous']) expect(bytes.includes(word), word).toBe(false);
    const before = await sums((await from.urls()).get('ADMIN_DATABASE_URL')!);
    await expect(to.script('run', ['restore', locked])).rejects.toMatchObject({ stdout: expect.stringContaining('is locked') });
    await expect(to.script('run', ['restore', locked], { BACKUP_KEY: `${key}s` })).rejects.toMatchObject({
      stdout: expect.stringContaining('Nothing was changed'),
    });
    // one bit in the middle
    const bent = Buffer.from(bytes);
    bent[bytes.length >> 1] ^= 1;
    writeFileSync(`${locked}.bent`, bent);
    await expect(to.script('run', ['restore', `${locked}.bent`], { BACKUP_KEY: key })).rejects.toMatchObject({
      stderr: expect.stringContaining('does not open this file'),
    });
    expect((await to.script('run', ['restore', locked], { BACKUP_KEY: key })).stdout).toContain('Restored');
    expect(await sums((await to.urls()).get('ADMIN_DATABASE_URL')!)).toEqual(before);
    const admin = connect((await from.urls()).get('ADMIN_DATABASE_URL')!.replace(/\/postgres$/, '/yellow_rung'));
    expect(await admin('backup').select('bytes', 'encrypted')).toEqual([{ bytes: bytes.length, encrypted: true }]);
    await admin.destroy();
  }, 120_000);

  test('what is there is kept beside it, rubbish changes nothing, and an open program is not pulled from under its users', async () => {
    const admin = connect((await to.urls()).get('ADMIN_DATABASE_URL')!);
    const databases = async () => (await admin('pg_database').where('datname', 'like', 'yellow_rung%').pluck('datname')).sort();
    const known = await databases();
    const rubbish = join(folder, 'rubbish');
    writeFileSync(rubbish, 'no backup');
    await expect(to.script('run', ['restore', rubbish])).rejects.toMatchObject({ stdout: expect.stringContaining('Nothing was changed') });
    expect(await databases()).toEqual(known);
    const open = connect((await to.urls()).get('DATABASE_URL')!);
    await open.raw('select 1');
    await expect(to.script('run', ['restore', file])).rejects.toMatchObject({ stdout: expect.stringContaining('stop it first') });
    expect(await databases()).toEqual(known);
    await open.destroy();
    expect((await to.script('run', ['restore', file])).stdout).toContain('is kept as database yellow_rung_before_');
    const now = await databases();
    expect(now.filter((name) => !known.includes(name))).toEqual([expect.stringMatching(/^yellow_rung_before_/)]);
    await admin.destroy();
  }, 120_000);

  test('after it the promises hold: the application sees its school only, and what was recorded stays', async () => {
    const app = connect((await to.urls()).get('DATABASE_URL')!);
    vi.stubEnv('SEAL_KEY', (await to.urls()).get('SEAL_KEY'));
    expect(await app('observation').select()).toEqual([]);
    await expect(withSchool(app, DEMO_SCHOOL, (trx) => trx('observation').delete().then())).rejects.toThrow(/permission denied/);
    expect(Number((await withSchool(app, DEMO_SCHOOL, (trx) => trx('observation').count('* as n').first()))!.n)).toBeGreaterThan(100);
    vi.unstubAllEnvs();
    await app.destroy();
  });
});

test('a database of the program before: old records keep their order, and nothing of them is lost', async () => {
  const database = await ownDatabase();
  const owner = connect(database.owner);
  try {
    for (let n = 0; n < 3; n++) await (owner.migrate as Knex.Migrator & { up(): Promise<unknown> }).up();
    const [school, recipe, learner, lesson] = [1, 2, 3, 4].map((n) => `0000000${n}-0000-4000-8000-000000000000`);
    await owner.transaction(async (trx) => {
      // as schools were told apart then
      await trx.raw(`select set_config('app.school', ?, true)`, [school]);
      await trx('school').insert({ id: school, name: 'Old' });
      await trx('learner').insert({ school_id: school, id: learner, name: 'Tam' });
      await trx('recipe').insert({ school_id: school, id: recipe, title: 'Rice', source: 'Rice', reading: '[]' });
      await trx('task_version').insert({
        school_id: school,
        recipe_id: recipe,
        number: 1,
        grain: 'standard',
        ingredients: '[]',
        from_revision: 1,
      });
      await trx('lesson').insert({
        school_id: school,
        id: lesson,
        recipe_id: recipe,
        version: 1,
        held_on: '2026-05-05',
        hierarchy: '{}',
        procedure: 'x',
        rule: '{}',
        mastery: '{}',
      });
      await trx('lesson_learner').insert({ school_id: school, lesson_id: lesson, learner_id: learner, phase: 'baseline', state: 'open' });
      await trx('observation').insert(
        ['2026-05-05T09:00:00Z', '2199-01-01T00:00:00Z'].map((made_at, i) => ({
          school_id: school,
          id: `0000000${i}-1111-4000-8000-000000000000`,
          lesson_id: lesson,
          learner_id: learner,
          step_key: 'a',
          code: 'model',
          observer: 'x',
          how: 'tap',
          made_at,
          replaces: i === 1 ? school : null,
        })),
      );
    });
    await migrate(owner);
    const rows = await withSchool(owner, school, (trx) =>
      trx('observation').orderBy('id').select('made_at', 'received_at', 'happened_at', 'device'),
    );
    expect(rows.map((r) => [r.device, r.happened_at <= r.received_at])).toEqual([
      [null, true],
      [null, true],
    ]);
    expect(rows[0].happened_at).toEqual(rows[0].made_at);
    await expect(withSchool(owner, school, (trx) => trx('observation').update({ code: 'x' }).then())).rejects.toThrow(/never changed/);
    expect(await owner('observation').select()).toEqual([]);
    await owner.migrate.rollback();
  } finally {
    await owner.destroy();
    await database.drop();
  }
});
