// Loads the demo class once: where its school stands already, nothing is changed.
import type { Knex } from 'knex';
import { buildTask, hierarchyById, readRecipe, USUAL_MASTERY, USUAL_RULE, type Kitchen } from '$core';
import { beginLesson, addRecords } from '../lessons';
import { addRecipe } from '../recipes';
import { publish, startDraft } from '../tasks';
import { DEMO_SCHOOL, withSchool, type SchoolTrx } from '../school-scope';
import { HEIGHTS, LACKING, LEARNERS, MEASURES, PLACES, RECIPES, SCHOOL_NAME, TOOLS } from './class';
import { demoLessons } from './lessons';

/**
 * @param knex a connection of the owner: the application's own role may not add a school
 * @returns whether anything was loaded
 */
export function loadDemo(knex: Knex): Promise<boolean> {
  return withSchool(knex, DEMO_SCHOOL, async (trx) => {
    if (await trx('school').where({ id: DEMO_SCHOOL }).first('id')) return false;
    const school_id = trx.school;
    await trx('school').insert({ id: school_id, name: SCHOOL_NAME });
    await trx('kitchen').insert({
      school_id,
      system: 'us',
      places: JSON.stringify(PLACES),
      lacks: JSON.stringify(LACKING),
      heights: JSON.stringify(HEIGHTS),
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
    return true;
  });
}

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
  const hierarchy = hierarchyById('full');
  const hardest = task.steps
    .filter((s) => s.technique === 'juice' || (recipe.lessonsFor === 1 && s.technique === 'slice'))
    .map((s) => s.key);
  const [from, gain] = recipe.lessonsFor === 0 ? [0.5, 0.075] : [0.52, 0.055];
  for (const lesson of demoLessons(learner.name, task.steps, hierarchy, hardest, from, gain)) {
    const { last, days, down } = USUAL_RULE;
    await beginLesson(trx, {
      id: lesson.id,
      recipeId: recipe.id,
      learnerId: learner.id,
      version: 1,
      heldOn: lesson.heldOn,
      hierarchy,
      phase: lesson.phase,
      mastery: USUAL_MASTERY,
      rule: { last, days, down },
    });
    await addRecords(
      trx,
      lesson.id,
      lesson.records.map((r) => ({ ...r, learnerId: learner.id, observer: 'Ms Ferrow', how: 'import' })),
      [],
      lesson.missed ? [] : [learner.id],
    );
    if (lesson.missed) await trx('lesson_learner').where({ school_id: trx.school, lesson_id: lesson.id }).update({ state: 'missed' });
  }
}
