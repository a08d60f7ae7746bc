// The wall in the database: a school is only what a sealed pass says, a role changes only what its acts let it, and a learner who is erased is gone.
import { createHmac, randomUUID } from 'node:crypto';
import type { Knex } from 'knex';
import { actsOf, may, ROLES, type Role, type RoleAct } from '$core';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { connect, migrate } from '../../src/lib/server/connect';
import { loadDemo } from '../../src/lib/server/demo/load';
import { allOf } from '../../src/lib/server/people/all-of';
import { eraseLearner } from '../../src/lib/server/people/erase';
import { DEMO_SCHOOL, withPass, withSchool, type SchoolTrx } from '../../src/lib/server/school-scope';
import { sealed, show, type PassRole } from '../../src/lib/server/seal';
import { ownDatabase } from './own-server';

let app: Knex;
let owner: Knex;
let drop: () => Promise<void>;
const other = randomUUID();
let first: string;
beforeAll(async () => {
  const own = await ownDatabase();
  [app, owner, drop] = [connect(own.app), connect(own.owner), own.drop];
  await migrate(owner);
  await loadDemo(owner);
  first = (await owner('class').where({ school_id: DEMO_SCHOOL }).orderBy('position').first('id'))!.id;
  await withSchool(owner, other, async (trx) => {
    await trx('school').insert({ id: other, name: 'Another school' });
    await trx('learner').insert({ school_id: other, id: randomUUID(), name: 'Zed' });
  });
});
afterAll(async () => {
  await Promise.all([app.destroy(), owner.destroy()]);
  await drop();
});

/** Somebody in a role at a class of the demo's school, the first where none is named. */
const as = <T>(role: PassRole, work: (trx: SchoolTrx) => Promise<T>, of = first) =>
  withPass(app, { school: DEMO_SCHOOL, account: null, role, class: of }, work);
const WREN = '1ea40001-0000-4000-8000-000000000001';

describe('the seal', () => {
  const names = (trx: Knex.Transaction): Promise<string[]> => trx('learner').orderBy('name').pluck('name');
  const open = (pass: string, seal: string) =>
    app.transaction(async (trx) => {
      await trx.raw(`select set_config('app.pass', ?, true), set_config('app.seal', ?, true)`, [pass, seal]);
      return names(trx);
    });

  test('a right one opens its school, and its school alone', async () => {
    const { pass, seal } = sealed({ school: other, account: null, role: 'lead' });
    expect(await open(pass, seal)).toEqual(['Zed']);
  });
  test('another school, another role, another time, a seal of another key or none: nothing', async () => {
    const { pass, seal } = sealed({ school: DEMO_SCHOOL, account: null, role: 'reader', class: first });
    expect((await open(pass, seal)).length).toBeGreaterThan(0);
    const later = pass.replace(/\d+$/, (t) => String(Number(t) + 1));
    const forged = createHmac('sha256', 'another key that is long enough too').update(pass).digest('hex');
    for (const [p, s] of [
      [pass.replace(DEMO_SCHOOL, other), seal],
      [pass.replace('reader', 'lead'), seal],
      [later, seal],
      [pass, forged],
      [pass, ''],
      ['', ''],
      ['|', seal],
    ] as const)
      expect(await open(p, s)).toEqual([]);
  });
  test('a pass whose time is over opens nothing', async () => {
    const old = sealed({ school: DEMO_SCHOOL, account: null, role: 'lead' }, Date.now() - 3_600_000);
    expect(await open(old.pass, old.seal)).toEqual([]);
  });
  test('a statement that is slipped in can neither choose a school nor read the key, a credential or a session', async () => {
    const slipped = (sql: string) => as('teacher', (trx) => trx.raw<{ rows: object[] }>(sql).then((r) => r.rows));
    // the setting of before there were seals, and the one of now without its seal
    await slipped(`select set_config('app.school', '${other}', true)`);
    expect(
      await as('teacher', async (trx) => {
        await trx.raw(`select set_config('app.school', '${other}', true)`);
        await trx.raw(`select set_config('app.pass', regexp_replace(current_setting('app.pass'), '^[^|]*', '${other}'), true)`);
        return names(trx);
      }),
    ).toEqual([]);
    await expect(slipped('select * from seal')).rejects.toThrow(/permission denied/);
    await expect(slipped('select * from permission')).rejects.toThrow(/permission denied/);
    for (const table of ['credential', 'session', 'recovery_code', 'link'])
      expect(await slipped(`select * from ${table}`), table).toEqual([]);
    // nor what others of the same role ask at this moment
    expect(JSON.stringify(await slipped('select query from pg_stat_activity'))).not.toMatch(/\|\d{10}/);
  });
  test('at the door there are accounts and no learner', async () => {
    await app.transaction(async (trx) => {
      await show(trx, { school: null, account: null, role: 'door' });
      expect(await names(trx)).toEqual([]);
      expect(await trx('observation').select()).toEqual([]);
      expect((await trx('credential').select()).length).toBeGreaterThan(0);
    });
  });
});

describe('roles', () => {
  const WRITES: readonly (readonly [string, (trx: SchoolTrx) => Promise<unknown>, readonly RoleAct[]])[] = [
    ['learner', (trx) => trx('learner').update({ plan_notes: 'x' }), ['learners', 'plans']],
    ['recipe', (trx) => trx('recipe').update({ title: 'x' }), ['recipes']],
    ['kitchen_tool', (trx) => trx('kitchen_tool').delete(), ['kitchen']],
    ['class_lesson', (trx) => trx('class_lesson').update({ adults: '[]' }), ['lessons', 'record']],
    ['goal', (trx) => trx('goal').update({ condition: 'x' }), ['goals']],
  ];
  const rolledBack = new Error('rolled back');

  test.each(ROLES.flatMap((role) => WRITES.map((w) => [role, ...w] as const)))(
    '%s: rows of %s that can be changed',
    async (role, _, write, acts) => {
      let changed = -1;
      await as(role, async (trx) => {
        changed = Number(await write(trx));
        throw rolledBack;
      }).catch((failed: unknown) => {
        if (failed !== rolledBack) throw failed;
      });
      if (acts.some((a) => may(role, a))) expect(changed).toBeGreaterThan(0);
      else expect(changed).toBe(0);
    },
  );
  test('what may not be added is refused', async () => {
    for (const role of ['reader', 'specialist', 'aide'] as const)
      await expect(
        as(role, (trx) => trx('learner').insert({ school_id: DEMO_SCHOOL, id: randomUUID(), name: 'New' }).then()),
      ).rejects.toThrow(/row-level security/);
  });
  test('the database’s law is the program’s', async () => {
    const rows = await owner('permission').whereNot({ role: 'screen' }).select('role', 'act');
    const law = (all: { role: string; act: string }[]) => all.map((r) => `${r.role} ${r.act}`).sort();
    expect(law(rows as { role: string; act: string }[])).toEqual(
      law(ROLES.flatMap((role: Role) => actsOf(role).map((act) => ({ role, act })))),
    );
  });
  test('only the lead reads the trail, and nobody changes it', async () => {
    await as('reader', (trx) =>
      trx('trail').insert({ school_id: DEMO_SCHOOL, role: 'reader', act: 'saw', route: '/learners', learner_id: WREN }).then(),
    );
    expect(await as('teacher', (trx) => trx('trail').select())).toEqual([]);
    expect((await as('lead', (trx) => trx('trail').where({ role: 'reader', route: '/learners' }))).length).toBe(1);
    await expect(as('lead', (trx) => trx('trail').update({ act: 'x' }).then())).rejects.toThrow(/permission denied/);
    await expect(withSchool(owner, DEMO_SCHOOL, (trx) => trx('trail').delete().then())).rejects.toThrow(/never changed/);
  });
});

describe('a learner who is erased', () => {
  /** Every table but those that say that something was: rows with the id anywhere in them. */
  const left = async (id: string) => {
    const tables: string[] = await owner('pg_tables').where({ schemaname: 'public' }).pluck('tablename');
    return withSchool(owner, DEMO_SCHOOL, async (trx) => {
      const found: string[] = [];
      for (const table of tables.filter((t) => t !== 'trail')) {
        const { rows } = await trx.raw<{ rows: { n: number }[] }>(`select count(*)::int as n from ?? t where t::text like ?`, [
          table,
          `%${id}%`,
        ]);
        if (rows[0].n > 0) found.push(`${table} ${rows[0].n}`);
      }
      return found;
    });
  };

  test('another role cannot, and without the function nothing that was recorded goes, whatever is set', async () => {
    for (const role of ROLES.filter((r) => !may(r, 'erase')))
      await expect(
        as(role, (trx) => eraseLearner(trx, WREN, 'because')),
        role,
      ).rejects.toThrow(/not for this role/);
    for (const connection of [app, owner])
      await expect(
        withSchool(connection, DEMO_SCHOOL, async (trx) => {
          await trx.raw(`select set_config('app.erasing', ?, true)`, [connection === app ? WREN : '']);
          await trx('observation').where({ learner_id: WREN }).delete();
        }),
      ).rejects.toThrow(/permission denied|never changed/);
    expect((await left(WREN)).length).toBeGreaterThan(3);
  });
  test('a learner of another school is not there', async () => {
    const zed = await withSchool(owner, other, (trx) => trx('learner').first('id'));
    expect(await as('lead', (trx) => eraseLearner(trx, zed.id, 'because'))).toBeNull();
    expect(await withSchool(owner, other, (trx) => trx('learner').pluck('name'))).toEqual(['Zed']);
  });
  test('all of it is taken out whole before; then no row of any table has the id, and a line says how many of what', async () => {
    const all = await as('lead', (trx) => allOf(trx, WREN));
    const counted = new Map(all.map(({ table, rows }) => [table, rows.length]));
    const gone = (await as('lead', (trx) => eraseLearner(trx, WREN, 'The family asked.')))!;
    expect(await left(WREN)).toEqual([]);
    for (const [table, n] of gone) if (table !== 'own_screen') expect(n, table).toBe(counted.get(table));
    expect(gone.get('observation')).toBeGreaterThan(50);
    const lines = await as('lead', (trx) => trx('erasure').select('why', 'counts'));
    expect(lines).toEqual([{ why: 'The family asked.', counts: Object.fromEntries(gone) }]);
    // the others have what they had
    expect(await withSchool(owner, DEMO_SCHOOL, (trx) => trx('learner').count('* as n'))).toEqual([{ n: 9 }]);
  });
});
