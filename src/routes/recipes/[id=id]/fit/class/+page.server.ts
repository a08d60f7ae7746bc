import { fitsOrTell, kitchenOf, taskOf } from '$lib/server/fits';
import { getKitchen } from '$lib/server/kitchen';
import { listLearners } from '$lib/server/learners';
import { getRecipe } from '$lib/server/recipes';
import { getVersion } from '$lib/server/tasks';
import { adaptedTool } from '$core';
import { error } from '@sveltejs/kit';

export const load = async ({ params, locals }) => {
  const held = await locals.inSchool(async (trx) => {
    const recipe = await getRecipe(trx, params.id);
    if (!recipe) error(404, 'There is no recipe at this address.');
    return {
      recipe,
      version: await getVersion(trx, params.id),
      learners: await listLearners(trx),
      kitchen: kitchenOf(await getKitchen(trx)),
    };
  });
  await locals.rest();
  const { recipe, version, learners, kitchen } = held;
  if (!version) return { version: null, learners: [], rows: [], clashes: [] };
  const task = taskOf(recipe.title, version);
  const fits = await fitsOrTell(task, learners, kitchen, true);
  const cells = fits.map((fit) => new Map(fit.steps.map((s) => [s.key, s])));
  const rows = version.steps.map((step) => ({
    key: step.key,
    text: step.text,
    cells: cells.map((of) => {
      const s = of.get(step.key);
      return { who: s?.who ?? 'learner', ways: s?.chosen.map((c) => c.name) ?? [], allergen: s?.barriers.some((b) => b.allergen) ?? false };
    }),
  }));
  return {
    version: version.number,
    learners: learners.map(({ id, name }) => ({ id, name })),
    rows,
    clashes: clashesOf(
      version.steps.map((s) => s.key),
      fits.map((f, i) => ({ name: learners[i]!.name, tools: new Map(f.steps.map((s) => [s.key, s.chosen.flatMap((c) => c.tools)])) })),
    ),
  };
};

/** Adapted tools that several learners want at the same step: a kitchen mostly has one of each. */
function clashesOf(keys: readonly string[], learners: readonly { name: string; tools: ReadonlyMap<string, readonly string[]> }[]) {
  const by = new Map<string, { tool: string; names: string[]; steps: number }>();
  for (const key of keys) {
    const wanted = new Map<string, string[]>();
    for (const { name, tools } of learners)
      for (const t of new Set(tools.get(key) ?? [])) if (adaptedTool(t)) wanted.set(t, [...(wanted.get(t) ?? []), name]);
    for (const [tool, names] of wanted) {
      if (names.length < 2) continue;
      const held = by.get(`${tool}${names.join()}`) ?? { tool: adaptedTool(tool)!.name, names, steps: 0 };
      held.steps++;
      by.set(`${tool}${names.join()}`, held);
    }
  }
  return [...by.values()].sort((a, b) => b.steps - a.steps);
}
