// Loads the demo class once: where its school stands already, nothing is changed.
import type { Knex } from 'knex';
import { buildTask, readRecipe, type Kitchen } from '$core';
import { getSetUp } from '../class-lessons';
import { addClassLesson } from '../set-up';
import { addRecords } from '../records';
import { dayAfter, today } from '../today';
import { addRecipe } from '../recipes';
import { publish, startDraft } from '../tasks';
import { loadFit } from './fits';
import { loadGoals } from './goals';
import { loadPeople } from './people';
import { loadPhotos } from './photos';
import { DEMO_SCHOOL, withSchool, type SchoolTrx } from '../school-scope';
import { CONTROLS, COUNTS, HEIGHTS, LACKING, LEARNERS, MEASURES, PLACES, RECIPES, SCHOOL_NAME, TOOLS } from './class';
import { FULL, hold } from './hold';
import { demoId, demoLessons } from './lessons';
import { loadSecondClass } from './second-class';

/**
 * @param knex a connection of the owner: the application's own role may not add a school
 * @returns whether anything was loaded
 */
export async function loadDemo(knex: Knex): Promise<boolean> {
  const isNew = await withSchool(knex, DEMO_SCHOOL, async (trx) => {
    if (await trx('school').where({ id: DEMO_SCHOOL }).first('id')) return false;
    const school_id = trx.school;
    await trx('school').insert({ id: school_id, name: SCHOOL_NAME });
    await trx('kitchen').insert({
      school_id,
      system: 'us',
      places: JSON.stringify(PLACES),
      lacks: JSON.stringify(LACKING),
      heights: JSON.stringify(HEIGHTS),
      controls: JSON.stringify(CONTROLS),
      counts: JSON.stringify(COUNTS),
    });
    await trx('kitchen_measure').insert(MEASURES.map((m, position) => ({ school_id, ...m, position })));
    await trx('kitchen_tool').insert(TOOLS.map((t) => ({ school_id, ...t })));
    await trx('learner').insert(
      LEARNERS.map((l, position) => ({
        school_id,
        id: l.id,
        name: l.name,
        profile: JSON.stringify(l.profile),
        plan_notes: l.planNotes,
        position,
      })),
    );
    for (const recipe of RECIPES) await loadRecipe(trx, recipe);
    await loadPhotos(trx);
    await loadGoals(trx);
    await loadClassLessons(trx);
    return true;
  });
  await loadPeople(knex);
  await loadSecondClass(knex);
  return isNew;
}

/** Today's lesson of the whole class, under way; and the next one, one dish together, in a week. */
async function loadClassLessons(trx: SchoolTrx): Promise<void> {
  const [bowl, oats] = RECIPES.filter((r) => r.published);
  const adults = JSON.stringify(['Ms Ferrow', 'Mr Lund']);
  await addClassLesson(trx, { id: TODAYS_LESSON, heldOn: today(), startsAt: '09:30', minutes: 60, recipeId: bowl.id });
  await trx('class_lesson').where({ id: TODAYS_LESSON }).update({ adults, begun_at: trx.fn.now() });
  const setUp = (await getSetUp(trx, TODAYS_LESSON))!;
  await loadFit(trx, { id: bowl.id, title: 'Couscous bowl' }, setUp.dishes[0].lessonId);
  const keys: string[] = await trx('task_step')
    .where({ school_id: trx.school, recipe_id: bowl.id, number: 1 })
    .orderBy('position')
    .pluck('key');
  for (const [i, place] of setUp.people.entries()) {
    const levels = TAUGHT[i % TAUGHT.length];
    await trx('lesson_learner')
      .where({ lesson_id: TODAYS_LESSON, learner_id: place.learnerId })
      .update({ phase: 'intervention', ...(i === 4 ? { presence: 'late' } : {}) });
    await addRecords(
      trx,
      TODAYS_LESSON,
      keys.slice(0, levels.length).map((stepKey, k) => ({
        id: demoId(`today ${place.learnerId} ${stepKey}`),
        learnerId: place.learnerId,
        stepKey,
        code: levels[k],
        observer: 'Ms Ferrow',
        how: 'import',
        madeAt: new Date(Date.now() - (levels.length - k) * 70_000).toISOString(),
      })),
      [],
      [],
    );
  }
  await addClassLesson(trx, { id: NEXT_LESSON, heldOn: dayAfter(today(), 7), startsAt: '09:30', minutes: 75, recipeId: (oats ?? bowl).id });
  await trx('class_lesson').where({ id: NEXT_LESSON }).update({ adults });
}

const TODAYS_LESSON = '1e550001-0000-4000-8000-000000000001';
const NEXT_LESSON = '1e550001-0000-4000-8000-000000000002';
/** What was recorded so far today, of one learner after the other. */
const TAUGHT = [
  ['independent', 'independent', 'gesture', 'independent', 'gesture', 'indirect-verbal'],
  ['independent', 'gesture', 'independent', 'direct-verbal'],
  ['direct-verbal', 'model', 'gesture', 'independent', 'model', 'gesture', 'independent'],
  ['independent', 'independent', 'independent', 'gesture', 'independent'],
  ['independent', 'refused'],
  ['independent', 'model', 'partial-physical', 'gesture'],
];

async function loadRecipe(trx: SchoolTrx, recipe: (typeof RECIPES)[number]): Promise<void> {
  const kitchen: Kitchen = {
    system: 'us',
    measures: MEASURES.map(({ id, quantity, unit, kind }) => ({ id, quantity, unit, kind })),
    tools: [...TOOLS, ...MEASURES.map(({ id, place }) => ({ id, place }))],
    places: PLACES,
  };
  const reading = readRecipe(recipe.source);
  await addRecipe(trx, recipe.id, recipe.source, reading);
  const task = buildTask(reading.recipe, { grain: 'standard', kitchen });
  await startDraft(trx, recipe.id, 1, 'standard', task.steps);
  if (!recipe.published) return;
  await publish(trx, recipe.id, 1, task.ingredients, 'First version.');
  if (recipe.lessonsFor === null) return;
  const learner = LEARNERS[recipe.lessonsFor];
  const hard = (technique: string) => task.steps.filter((s) => s.technique === technique).map((s) => s.key);
  const stubborn = [...hard('juice'), ...(recipe.lessonsFor === 1 ? hard('slice') : [])];
  const [from, gain] = recipe.lessonsFor === 0 ? [0.5, 0.075] : [0.52, 0.055];
  await hold(trx, recipe.id, learner.id, demoLessons(learner.name, task.steps, FULL, stubborn, from, gain));
  if (recipe.lessonsFor !== 0) return;
  // the others have a few lessons with the first recipe, so that each has a rung of his own to reach
  for (const [i, other] of LEARNERS.slice(1).entries())
    await hold(trx, recipe.id, other.id, demoLessons(`${other.name} too`, task.steps, FULL, hard('dice'), 0.3 + i * 0.1, 0.05).slice(-3));
}
