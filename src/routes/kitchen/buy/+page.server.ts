import { adaptedTool, bestTools, toolById, type Family, type TaskAnalysis } from '$core';
import { kitchenOf, taskOf } from '$lib/server/fits';
import { getKitchen } from '$lib/server/kitchen';
import { fitLearner, listLearners } from '$lib/server/learners';
import { listRecipes } from '$lib/server/recipes';
import { getVersion } from '$lib/server/tasks';
import { familiesToBuy, TooLong } from '$lib/server/work/pool';

/** Few enough to weigh, and to pay. */
const MOST = 5;

export const load = async ({ locals }) => {
  const { tasks, names, learners, kitchen } = await locals.inSchool(async (trx) => {
    const tasks: TaskAnalysis[] = [];
    for (const r of await listRecipes(trx)) {
      const version = r.versions > 0 ? await getVersion(trx, r.id) : null;
      if (version) tasks.push(taskOf(r.title, version));
    }
    const learners = await listLearners(trx);
    return { tasks, names: learners.map((l) => l.name), learners: learners.map(fitLearner), kitchen: kitchenOf(await getKitchen(trx)) };
  });
  await locals.rest();
  const families: Family[] = [];
  const late: string[] = [];
  // recipe by recipe: what was worked out once is remembered, and one that takes too long holds up no other
  for (const task of tasks)
    try {
      families.push(...(await familiesToBuy(task, learners, kitchen)));
    } catch (failed) {
      if (!(failed instanceof TooLong)) throw failed;
      late.push(task.title);
    }
  const list = bestTools(families, MOST);
  return {
    title: 'What to buy',
    recipes: tasks.length,
    learners: learners.length,
    late,
    list: list.map((p) => ({
      id: p.tool,
      name: toolById(p.tool)?.name ?? p.tool,
      use: adaptedTool(p.tool)?.for ?? '',
      opens: p.opens,
      who: p.who.map((i) => names[i]!),
    })),
  };
};
