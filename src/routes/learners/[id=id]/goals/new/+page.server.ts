import { isId, newId } from '$lib/id';
import { goalChoices, goalFrom } from '$lib/server/goal-form';
import { addGoal } from '$lib/server/goals';
import { getLearner } from '$lib/server/learners';
import { recordsOf } from '$lib/server/look-back';
import { error, fail, redirect } from '@sveltejs/kit';

export const load = ({ params, locals, url }) =>
  locals.inSchool(async (trx) => {
    const learner = await getLearner(trx, params.id);
    if (!learner) error(404, 'There is no learner at this address.');
    const [looked] = await recordsOf(trx, [{ id: learner.id, name: learner.name }]);
    const choices = await goalChoices(trx, looked.record);
    const asked = url.searchParams.get('recipe');
    return {
      title: `New goal for ${learner.name}`,
      learner: { id: learner.id, name: learner.name },
      choices,
      newGoal: newId(),
      recipe: asked !== null && isId(asked) && choices.recipes.some((r) => r.id === asked) ? asked : (choices.recipes[0]?.id ?? ''),
    };
  });

export const actions = {
  default: async ({ request, params, locals }) => {
    const sent = await goalFrom(request);
    if ('problem' in sent) return fail(400, sent);
    await locals.inSchool(async (trx) => {
      if (!(await getLearner(trx, params.id))) error(404, 'There is no learner at this address.');
      await addGoal(trx, params.id, sent.value);
    });
    redirect(303, `/learners/${params.id}/goals/${sent.value.id}`);
  },
};
