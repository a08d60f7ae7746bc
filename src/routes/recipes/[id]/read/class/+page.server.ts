import { recipeToMake } from '$lib/server/draft-of';
import { getKitchen } from '$lib/server/kitchen';
import { countLearners } from '$lib/server/learners';
import { getRecipe } from '$lib/server/recipes';
import { inSchool } from '$lib/server/school';
import { isId } from '$lib/server/ids';
import { buildTask, toolById, toolName } from '$core';
import { error } from '@sveltejs/kit';

export const load = async ({ params, locals, depends }) => {
  depends('recipe:making');
  if (!isId(params.id)) error(404, 'There is no recipe at this address.');
  return inSchool(locals.school, async (trx) => {
    const row = await getRecipe(trx, params.id);
    if (!row) error(404, 'There is no recipe at this address.');
    const kitchen = await getKitchen(trx);
    const task = buildTask(recipeToMake(row, kitchen.system), { grain: 'standard', kitchen });
    const ids = [...new Set(task.steps.filter((s) => s.technique !== 'gather').flatMap((s) => s.tools))].filter(
      (id) => toolById(id)?.kind !== 'cleaning' && id !== 'tap',
    );
    return {
      reading: row.reading,
      revision: row.revision,
      making: { servingsWanted: row.servingsWanted, makers: row.makers, swaps: row.swaps },
      learners: await countLearners(trx),
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
  });
};
