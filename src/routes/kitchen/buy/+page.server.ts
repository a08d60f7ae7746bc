import { adaptedTool, bestTools, toolById, type Family, type TaskAnalysis } from '$core';
import { kitchenOf, taskOf } from '$lib/server/fits';
import { getKitchen } from '$lib/server/kitchen';
import { fitLearner, listLearners } from '$lib/server/learners';
import { listRecipes } from '$lib/server/recipes';
import { getVersion } from '$lib/server/tasks';
import { inTurn, later } from '$lib/server/work/in-turn';
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
  // recipe by recipe: what was worked out once is remembered, and one that takes too long holds up no other
  const weighed = inTurn(tasks, async (task): Promise<Weighed> => {
    try {
      return { families: await familiesToBuy(task, learners, kitchen), late: null };
    } catch (failed) {
      if (!(failed instanceof TooLong)) throw failed;
      return { families: [], late: task.title };
    }
  });
  return {
    title: 'What to buy',
    recipes: tasks.length,
    learners: learners.length,
    weighed: weighed.map((one) => later(one.then(({ late }) => ({ late })))),
    list: later(
      Promise.all(weighed).then((all) =>
        bestTools(
          all.flatMap((one) => one.families),
          MOST,
        ).map((p) => ({
          id: p.tool,
          name: toolById(p.tool)?.name ?? p.tool,
          use: adaptedTool(p.tool)?.for ?? '',
          opens: p.opens,
          who: p.who.map((i) => names[i]!),
        })),
      ),
    ),
  };
};

/** `late`: the recipe’s title, where weighing it took too long. */
type Weighed = { families: Family[]; late: string | null };
