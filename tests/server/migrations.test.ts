// Migrations on a database that has a class in it: what was recorded before keeps its meaning.
import type { Knex } from 'knex';
import { afterAll, beforeAll, expect, test } from 'vitest';
import { connect, migrate } from '../../src/lib/server/connect';
import { loadDemo } from '../../src/lib/server/demo/load';
import { DEMO_SCHOOL, withSchool } from '../../src/lib/server/school-scope';
import { ownDatabase } from './own-server';

let owner: Knex;
let drop: () => Promise<void>;
beforeAll(async () => {
  const own = await ownDatabase();
  [owner, drop] = [connect(own.owner), own.drop];
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
