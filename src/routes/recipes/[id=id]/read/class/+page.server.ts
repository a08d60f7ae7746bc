import { recipeToMake, stepsOrTell } from '$lib/server/draft-of';
import { getKitchen } from '$lib/server/kitchen';
import { fitLearner, listLearners } from '$lib/server/learners';
import { getRecipe } from '$lib/server/recipes';
import { toolById, toolName } from '$core';
import { error } from '@sveltejs/kit';

export const load = async ({ params, locals, depends }) => {
  depends('recipe:making');
  const held = await locals.inSchool(async (trx) => ({
    row: await getRecipe(trx, params.id),
    kitchen: await getKitchen(trx),
    people: await listLearners(trx),
  }));
  const { row, kitchen, people } = held;
  if (!row) error(404, 'There is no recipe at this address.');
  await locals.rest();
  const task = await stepsOrTell(recipeToMake(row, kitchen.system), kitchen);
  const ids = [...new Set(task.steps.filter((s) => s.technique !== 'gather').flatMap((s) => s.tools))].filter(
    (id) => toolById(id)?.kind !== 'cleaning' && id !== 'tap',
  );
  return {
    reading: row.reading,
    revision: row.revision,
    making: { servingsWanted: row.servingsWanted, makers: row.makers, swaps: row.swaps },
    learners: people.length,
    mustNot: people.map((l) => ({ name: l.name, allergies: fitLearner(l).allergies ?? [] })),
    kitchen: {
      system: kitchen.system,
      measures: kitchen.measures,
      tools: kitchen.tools,
      places: kitchen.places,
      microwaveWatts: kitchen.microwaveWatts,
      lessonMinutes: kitchen.lessonMinutes,
    },
    task,
    tools: ids.map((id) => ({ id, name: toolName(id, kitchen), place: kitchen.tools.find((t) => t.id === id)?.place ?? null })),
  };
};
