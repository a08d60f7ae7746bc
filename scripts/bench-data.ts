// Schools for measuring: one recipe, a class of learners, lessons over years with every step recorded.
import { readFileSync } from 'node:fs';
import { randomUUID } from 'node:crypto';
import type { Knex } from 'knex';
import { buildTask, hierarchyById, readRecipe, USUAL_MASTERY } from '../src/core';
import { addGoal } from '../src/lib/server/goals';
import { listLearners } from '../src/lib/server/learners';
import { keepOver } from '../src/lib/server/kept';
import { addRecipe } from '../src/lib/server/recipes';
import { withSchool } from '../src/lib/server/school-scope';
import { publish, startDraft } from '../src/lib/server/tasks';
import { dayAfter, today } from '../src/lib/server/today';

const RECIPE = `Bean stew
Serves 2
Ingredients
1 onion
2 carrots
1 tin of beans
1 cup stock
1 tbsp oil
1 cup rice
Method
Peel and dice the onion. Peel and slice the carrots. Heat the oil in a pan. Fry the onion for 5 minutes. Add the carrots and the stock. Simmer for 15 minutes.
Drain the beans. Stir in the beans. Boil the rice for 12 minutes. Drain the rice. Serve the stew on the rice.`;

export type Size = { learners: number; lessons: number; daysApart: number };

/** @param admin who passes row-level security */
export async function oneSchool(admin: Knex, school: string, size: Size): Promise<void> {
  await withSchool(admin, school, async (trx) => {
    await trx('school').insert({ id: school, name: 'Bench' });
    const reading = readRecipe(RECIPE);
    const { steps, ingredients } = buildTask(reading.recipe, { grain: 'standard' });
    const recipeId = randomUUID();
    await addRecipe(trx, recipeId, RECIPE, reading);
    await startDraft(trx, recipeId, 1, 'standard', steps);
    await publish(trx, recipeId, 1, ingredients, '');
    await trx('learner').insert(
      Array.from({ length: size.learners }, (_, i) => ({ school_id: school, id: randomUUID(), name: `L${i}`, position: i })),
    );
    const doc = {
      rule: JSON.stringify({ last: 3, days: 2, down: 2 }),
      mastery: JSON.stringify(USUAL_MASTERY),
      hierarchy: JSON.stringify(hierarchyById('full')),
    };
    const lessons = Array.from({ length: size.lessons }, (_, n) => ({
      id: randomUUID(),
      day: dayAfter(today(), (n - size.lessons) * size.daysApart),
    }));
    await trx.batchInsert(
      'class_lesson',
      lessons.map(({ id, day }) => ({ school_id: school, id, held_on: day, begun_at: `${day}T09:00:00Z`, ended_at: `${day}T10:00:00Z` })),
      200,
    );
    await trx.batchInsert(
      'lesson',
      lessons.map(({ id, day }) => ({
        school_id: school,
        id,
        class_lesson_id: id,
        recipe_id: recipeId,
        version: 1,
        held_on: day,
        procedure: 'least to most',
        ...doc,
      })),
      200,
    );
    await trx.raw(
      `insert into lesson_learner (school_id, lesson_id, learner_id, phase, state)
        select l.school_id, l.id, p.id, case when row_number() over (partition by p.id order by l.held_on) % 40 < 4 then 'baseline' else 'intervention' end, 'finished'
        from lesson l join learner p on p.school_id = l.school_id where l.school_id = ?`,
      [school],
    );
    const [learner] = await listLearners(trx);
    await addGoal(
      trx,
      learner.id,
      {
        id: randomUUID(),
        scope: { kind: 'recipe', recipe: recipeId },
        condition: '',
        hierarchy: 'full',
        criterion: { ...USUAL_MASTERY, level: 'independent', by: dayAfter(today(), 90) },
      },
      dayAfter(today(), -120),
    );
  });
}

/** Records as they come in: week by week, of all schools one after the other. Triggers and keys are off: what they check is not what is measured. */
export async function records(knex: Knex): Promise<number> {
  await knex.transaction(async (trx) => {
    await trx.raw('set local session_replication_role = replica');
    await trx.raw(`insert into observation (school_id, id, lesson_id, learner_id, step_key, code, observer, how, made_at, happened_at)
      select l.school_id, gen_random_uuid(), l.id, ll.learner_id, s.key,
        (array['independent', 'gesture', 'indirect-verbal', 'direct-verbal', 'model'])[1 + floor(random() * 5)::int], 'Ms Ferrow', 'tap',
        l.held_on + interval '9 hours', l.held_on + interval '9 hours'
      from lesson l
      join lesson_learner ll on ll.school_id = l.school_id and ll.lesson_id = l.id
      join task_step s on s.school_id = l.school_id and s.recipe_id = l.recipe_id and s.number = 1
      order by l.held_on, l.school_id`);
  });
  // as each lesson does when it ends
  for (const school of await knex('school').pluck('id')) await withSchool(knex, school as string, (trx) => keepOver(trx, 1_000_000));
  await knex.raw('vacuum (analyze) lesson_learner');
  // what is all visible is read from the index alone; a transaction that is open elsewhere holds that up
  for (let i = 0; i < 10; i++) {
    await knex.raw('vacuum (analyze) observation');
    const seen = await knex.raw<{ rows: { n: number }[] }>(`select relallvisible as n from pg_class where relname = 'observation'`);
    if (Number(seen.rows[0].n) > 0) break;
    await new Promise((done) => setTimeout(done, 2000));
  }
  await knex.raw('analyze');
  // what was put in all at once is written to disk now, and not while something is measured
  await knex.raw('checkpoint');
  const counted = await knex.raw<{ rows: { n: string }[] }>('select count(*) as n from observation');
  return Number(counted.rows[0].n);
}

/** Milliseconds that the same small piece of work takes at this moment: a machine that is shared takes half or twice as long from one minute to the next. */
export function paceNow(): number {
  const from = performance.now();
  let sum = 0;
  for (let i = 0; i < 50_000_000; i++) sum += i % 7;
  return sum > 0 ? performance.now() - from : 0;
}

/** What the processors of this machine have done since it started, in their own small units: all, and what the host gave to others meanwhile (proc(5)). */
const processors = (): { all: number; taken: number } => {
  const counts = readFileSync('/proc/stat', 'utf8').split('\n')[0].trim().split(/ +/).slice(1, 9).map(Number);
  return { all: counts.reduce((a, b) => a + b, 0), taken: counts[7] };
};

/** @returns asks which share of the processors' time since now the host gave to others: a machine that is shared stands still in between */
export function takenSince(): () => number {
  const before = processors();
  return () => {
    const now = processors();
    return (now.taken - before.taken) / Math.max(1, now.all - before.all);
  };
}
