import { check, firstProblem } from '$lib/server/input/check';
import { ReasonInput } from '$lib/server/input/person';
import { readForm } from '$lib/server/input/request';
import { getLearner } from '$lib/server/learners';
import { eraseLearner } from '$lib/server/people/erase';
import { error, fail, redirect } from '@sveltejs/kit';

const NONE = 'There is no such learner.';

export const load = async ({ params, locals }) => {
  const learner = await locals.inSchool((trx) => getLearner(trx, params.id));
  if (!learner) error(404, NONE);
  return { title: `Erase ${learner.name}`, name: learner.name, putAway: learner.putAway };
};

export const actions = {
  default: async ({ params, request, locals }) => {
    const field = await readForm(request);
    const why = field('why').trim();
    const checked = check(ReasonInput, { why });
    if (!checked.ok) return fail(400, { problem: firstProblem(checked.problems, 'Say why.'), why });
    const learner = await locals.inSchool((trx) => getLearner(trx, params.id));
    if (!learner) error(404, NONE);
    if (field('name').trim() !== learner.name)
      return fail(400, { problem: 'Write the name as it stands above: this cannot be undone.', why });
    if (why.includes(learner.name))
      return fail(400, { problem: 'The reason stays when the learner is gone: leave the name out of it.', why });
    await locals.inSchool((trx) => eraseLearner(trx, params.id, why));
    redirect(303, '/learners');
  },
};
