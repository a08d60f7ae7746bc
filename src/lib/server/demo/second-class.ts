// A second class of the demo's school: a kitchen of its own, three learners, one of whom moved up from the first class with her records.
import type { Knex } from 'knex';
import { moveLearners } from '../people/classes';
import { addClassLesson } from '../set-up';
import { dayAfter, today } from '../today';
import { DEMO_SCHOOL, withPass, type SchoolTrx } from '../school-scope';
import { MEASURES, profile, RECIPES, TOOLS } from './class';
import { demoLessons } from './lessons';
import { DEMO_PEOPLE } from './people';
import { FULL, hold } from './hold';

const SECOND = 'c1a55001-0000-4000-8000-000000000002';
const learner = (n: number, name: string, answers: string, planNotes: string) => ({
  id: `1ea40001-0000-4000-8000-00000000000${n}`,
  name,
  profile: JSON.stringify(profile(answers)),
  plan_notes: planNotes,
  position: n,
});
const LEARNERS = [
  learner(7, 'Rook', 'hands:both see:all hear:yes step:pictures count:1 wait:no', 'First, then: two cards at most.'),
  learner(8, 'Fern', 'hands:both grip:yes see:all hear:near step:text digits:all heat:careful', 'Sits where she sees who speaks.'),
  learner(9, 'Ash', 'hands:both stand:long see:all hear:yes step:words judge:timer', 'Asks for a break with the card.'),
];
const MOVED = LEARNERS[1];
/** By their places in the demo's people: the teacher, the specialist and the reader are in both classes. */
const IN_BOTH = [0, 3, 4];

/** Adds the class where it is not there yet. @param knex a connection of the owner; people and recipes stand already */
export async function loadSecondClass(knex: Knex): Promise<void> {
  const inClass = <T>(of: string | null, work: (trx: SchoolTrx) => Promise<T>) =>
    withPass(knex, { school: DEMO_SCHOOL, account: null, role: 'program', class: of }, work);
  const first = await inClass(null, async (trx) => {
    if (await trx('class').where({ id: SECOND }).first('id')) return null;
    const there: { id: string }[] = await trx('class').where({ school_id: trx.school }).limit(1).select('id');
    await trx('class').insert({ school_id: trx.school, id: SECOND, name: 'Tide Group', position: 1 });
    const everybody = DEMO_PEOPLE.map((p) => [there[0].id, p.id]);
    const both = IN_BOTH.map((i) => [SECOND, DEMO_PEOPLE[i].id]);
    await trx('class_person')
      .insert([...everybody, ...both].map(([class_id, account_id]) => ({ school_id: trx.school, class_id, account_id })))
      .onConflict()
      .ignore();
    return there[0].id;
  });
  if (first === null) return;
  const bowl = RECIPES.find((r) => r.published)!;
  // her lessons were held in the first class
  await inClass(first, async (trx) => {
    await trx('learner').insert({ school_id: trx.school, ...MOVED });
    const steps = await trx('task_step').where({ school_id: trx.school, recipe_id: bowl.id, number: 1 }).orderBy('position').pluck('step');
    await hold(trx, bowl.id, MOVED.id, demoLessons(MOVED.name, steps, FULL, [], 0.45, 0.06).slice(-4));
    await moveLearners(trx, [MOVED.id], SECOND);
  });
  await inClass(SECOND, async (trx) => {
    await trx('kitchen').insert({ school_id: trx.school, system: 'metric', lesson_minutes: 45, lacks: JSON.stringify(['peeler']) });
    await trx('kitchen_measure').insert(MEASURES.map((m, position) => ({ school_id: trx.school, ...m, place: 'shelf 1', position })));
    await trx('kitchen_tool').insert(TOOLS.slice(0, 8).map((t) => ({ school_id: trx.school, ...t })));
    await trx('learner').insert(LEARNERS.filter((l) => l !== MOVED).map((l) => ({ school_id: trx.school, ...l })));
    // somebody who left long ago: whether she may go is asked of the lead
    const left = { put_away_at: trx.raw(`now() - interval '40 months'`), position: 10 };
    await trx('learner').insert({ school_id: trx.school, id: '1ea40001-0000-4000-8000-000000000010', name: 'Lark', ...left });
    await addClassLesson(trx, { id: LESSON, heldOn: dayAfter(today(), 1), startsAt: '13:15', minutes: 45, recipeId: bowl.id });
    await trx('class_lesson')
      .where({ id: LESSON })
      .update({ adults: JSON.stringify(['Ms Ferrow']) });
  });
}

const LESSON = '1e550001-0000-4000-8000-000000000003';
