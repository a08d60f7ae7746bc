import { workingTask } from '$lib/server/draft-of';
import { check } from '$lib/server/input/check';
import { Publication } from '$lib/server/input/task';
import { isId } from '$lib/server/ids';
import { inSchool } from '$lib/server/school';
import { listLearners } from '$lib/server/learners';
import { masteredSteps } from '$lib/server/mastered';
import { listRoutines } from '$lib/server/routines';
import { getVersion, publish } from '$lib/server/tasks';
import { error, fail } from '@sveltejs/kit';

export const load = ({ params, locals, url }) =>
  inSchool(locals.school, async (trx) => {
    const task = await workingTask(trx, params.id);
    if (!task) error(404, 'There is no recipe at this address.');
    const version = await getVersion(trx, params.id);
    // which steps are taught today depends on what one learner has mastered
    const learners = (await listLearners(trx)).map(({ id, name }) => ({ id, name }));
    const learner = learners.find((l) => l.id === url.searchParams.get('learner')) ?? null;
    return {
      learners,
      learner,
      mastered: learner
        ? await masteredSteps(
            trx,
            params.id,
            learner.id,
            task.draft.steps.map((s) => s.key),
          )
        : [],
      routines: await listRoutines(trx),
      readingGrade: task.kitchen.readingGrade,
      recipe: { id: params.id, title: task.row.title },
      make: task.recipe,
      recipeRevision: task.row.revision,
      kitchen: { system: task.kitchen.system, measures: task.kitchen.measures, tools: task.kitchen.tools, places: task.kitchen.places },
      draft: task.draft,
      version: version && {
        number: version.number,
        publishedAt: version.publishedAt,
        fromRevision: version.fromRevision,
        steps: version.steps,
      },
    };
  });

export const actions = {
  publish: async ({ request, params, locals }) => {
    const form = await request.formData();
    const checked = await check(Publication, { revision: Number(form.get('revision')), note: String(form.get('note') ?? '') });
    if (!checked.ok) return fail(400, { problem: Object.values(checked.problems)[0] ?? 'It could not be published.' });
    if (!isId(params.id)) error(404, 'There is no recipe at this address.');
    return inSchool(locals.school, async (trx) => {
      const task = await workingTask(trx, params.id);
      if (!task) error(404, 'There is no recipe at this address.');
      if (task.draft.steps.length === 0) return fail(400, { problem: 'There are no steps to publish.' });
      const number = await publish(trx, params.id, checked.value.revision, task.recipe.ingredients, checked.value.note);
      if (number === null)
        return fail(409, {
          problem: 'The steps were changed in another window since you opened them. Load the page again, look, and publish then.',
        });
      return { published: number };
    });
  },
};
