import { linesBeyond, type Recipe } from '$core';
import { workingTask } from '$lib/server/draft-of';
import { check, firstProblem } from '$lib/server/input/check';
import { readForm } from '$lib/server/input/request';
import { Publication } from '$lib/server/input/task';
import { classLook } from '$lib/server/kitchen';
import { listLearners } from '$lib/server/learners';
import { masteredSteps } from '$lib/server/mastered';
import { listRoutines, type RoutineRow } from '$lib/server/routines';
import { getVersion, publish, type DraftRow, type VersionRow } from '$lib/server/tasks';
import { error, fail } from '@sveltejs/kit';

export const load = async ({ params, locals, url }) => {
  const task = await workingTask(locals, params.id);
  if (!task) error(404, 'There is no recipe at this address.');
  const { long, ...page } = await locals.inSchool(async (trx) => {
    const [version, known, routines] = await Promise.all([getVersion(trx, params.id), listLearners(trx), listRoutines(trx)]);
    // which steps are taught today depends on what one learner has mastered
    const learners = known.map(({ id, name }) => ({ id, name }));
    const learner = learners.find((l) => l.id === url.searchParams.get('learner')) ?? null;
    const keys = task.draft.steps.map((s) => s.key);
    return {
      learners,
      learner,
      mastered: learner ? await masteredSteps(trx, params.id, learner.id, keys) : [],
      readingGrade: task.kitchen.readingGrade,
      recipe: { id: params.id, title: task.row.title },
      recipeRevision: task.row.revision,
      kitchen: { system: task.kitchen.system, measures: task.kitchen.measures, tools: task.kitchen.tools, places: task.kitchen.places },
      look: classLook(task.kitchen),
      linesBeyond: linesBeyond(task.recipe, task.draft.steps),
      long: {
        routines,
        make: task.recipe,
        draft: { ...task.draft, routines: [...task.draft.routines] },
        version: version && {
          number: version.number,
          publishedAt: version.publishedAt,
          fromRevision: version.fromRevision,
          steps: version.steps,
        },
      } satisfies Long,
    };
  });
  /** As JSON, packed: steps are long. */
  return { ...page, long: await locals.parcels.pack(long) };
};

/** What is long of this page. */
export type Long = {
  routines: RoutineRow[];
  make: Recipe;
  draft: Omit<DraftRow, 'routines'> & { routines: [string, number][] };
  version: Pick<VersionRow, 'number' | 'publishedAt' | 'fromRevision' | 'steps'> | null;
};

export const actions = {
  publish: async ({ request, params, locals }) => {
    const field = await readForm(request);
    const checked = check(Publication, { revision: Number(field('revision')), note: field('note') });
    if (!checked.ok) return fail(400, { problem: firstProblem(checked.problems, 'It could not be published.') });
    const task = await workingTask(locals, params.id);
    if (!task) error(404, 'There is no recipe at this address.');
    if (task.draft.steps.length === 0) return fail(400, { problem: 'There are no steps to publish.' });
    const { revision, note } = checked.value;
    const number = await locals.inSchool((trx) => publish(trx, params.id, revision, task.recipe.ingredients, note));
    if (number === null)
      return fail(409, {
        problem: 'The steps were changed in another window since you opened them. Load the page again, look, and publish then.',
      });
    return { published: number };
  },
};
