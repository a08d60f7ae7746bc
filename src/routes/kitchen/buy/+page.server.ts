import { adaptedTool, toolById, type TaskAnalysis } from '$core';
import { kitchenOf, taskOf } from '$lib/server/fits';
import { getKitchen } from '$lib/server/kitchen';
import { fitLearner, listLearners } from '$lib/server/learners';
import { listRecipes } from '$lib/server/recipes';
import { getVersion } from '$lib/server/tasks';
import { toolsToBuy, TooLong } from '$lib/server/work/pool';
import { error } from '@sveltejs/kit';

/** Few enough to weigh, and to pay. */
const MOST = 5;

export const load = async ({ locals }) => {
  const { tasks, learners, kitchen } = await locals.inSchool(async (trx) => {
    const tasks: TaskAnalysis[] = [];
    for (const r of await listRecipes(trx)) {
      const version = r.versions > 0 ? await getVersion(trx, r.id) : null;
      if (version) tasks.push(taskOf(r.title, version));
    }
    return { tasks, learners: (await listLearners(trx)).map(fitLearner), kitchen: kitchenOf(await getKitchen(trx)) };
  });
  await locals.rest();
  const list = await toolsToBuy(tasks, learners, kitchen, MOST).catch((failed: unknown) => {
    if (!(failed instanceof TooLong)) throw failed;
    error(422, { message: 'Weighing so many recipes takes too long. Nothing was lost.' });
  });
  return {
    title: 'What to buy',
    recipes: tasks.length,
    learners: learners.length,
    list: list.map((p) => ({ id: p.tool, name: toolById(p.tool)?.name ?? p.tool, use: adaptedTool(p.tool)?.for ?? '', opens: p.opens })),
  };
};
