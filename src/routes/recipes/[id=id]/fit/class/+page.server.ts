import { adaptedTool, type Fit } from '$core';
import { kitchenOf, taskOf } from '$lib/server/fits';
import { getKitchen } from '$lib/server/kitchen';
import { fitLearner, listLearners } from '$lib/server/learners';
import { getRecipe } from '$lib/server/recipes';
import { inTurn } from '$lib/server/work/in-turn';
import { fitLearners, TooLong } from '$lib/server/work/pool';
import { getVersion } from '$lib/server/tasks';
import { error } from '@sveltejs/kit';

/** The steps at once; each learner's column as it is worked out. */
export const load = async ({ params, locals }) => {
  const held = await locals.inSchool(async (trx) => {
    const recipe = await getRecipe(trx, params.id);
    if (!recipe) error(404, 'There is no recipe at this address.');
    return {
      recipe,
      version: await getVersion(trx, params.id),
      learners: await listLearners(trx),
      own: await getKitchen(trx),
    };
  });
  await locals.rest();
  const { recipe, version, learners, own } = held;
  const kitchen = kitchenOf(own);
  if (!version) return { version: null, learners: [], steps: [], columns: [], counts: own.counts };
  const task = taskOf(recipe.title, version);
  return {
    version: version.number,
    counts: own.counts,
    learners: learners.map(({ id, name }) => ({ id, name })),
    steps: version.steps.map(({ key, text }) => ({ key, text })),
    columns: inTurn(learners, async (learner) => {
      try {
        const [fit] = await fitLearners(task, [fitLearner(learner)], kitchen, true);
        return columnOf(fit, task.steps);
      } catch (failed) {
        if (!(failed instanceof TooLong)) throw failed;
        return null;
      }
    }),
  };
};

/** What a learner does at each step, and the adapted tools that he wants there; null where working it out took too long. */
export type Column = { who: 'learner' | 'shared' | 'adult'; ways: string[]; allergen: boolean; tools: { id: string; name: string }[] }[];

function columnOf(fit: Fit, steps: readonly { key: string }[]): Column {
  const own = new Map(fit.steps.map((s) => [s.key, s]));
  return steps.map(({ key }) => {
    const s = own.get(key);
    return {
      who: s?.who ?? 'learner',
      ways: s?.chosen.map((c) => c.name) ?? [],
      allergen: s?.barriers.some((b) => b.allergen) ?? false,
      tools: [...new Set(s?.chosen.flatMap((c) => c.tools) ?? [])].flatMap((id) => {
        const tool = adaptedTool(id);
        return tool ? [{ id, name: tool.name }] : [];
      }),
    };
  });
}
