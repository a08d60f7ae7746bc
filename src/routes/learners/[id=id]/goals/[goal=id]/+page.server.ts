import { goalChoices, goalFrom } from '$lib/server/goal-form';
import { changeGoal, getGoal } from '$lib/server/goals';
import { readForm } from '$lib/server/input/request';
import { getLearner } from '$lib/server/learners';
import { agreementIn } from '$lib/server/agreement';
import { recordsOf } from '$lib/server/look-back';
import { reviewGoal } from '$lib/server/review';
import type { SchoolTrx } from '$lib/server/school-scope';
import { today } from '$lib/server/today';
import { error, fail, redirect } from '@sveltejs/kit';

export const load = ({ params, locals }) =>
  locals.inSchool(async (trx) => {
    const { learner, goal } = await ofLearner(trx, params.id, params.goal);
    const [looked] = await recordsOf(trx, [learner]);
    const { record, decisions } = looked;
    const { progress, sentence, name, standing } = reviewGoal(goal, record);
    return {
      title: `${name}: ${learner.name}`,
      learner,
      goal,
      name,
      sentence,
      standing,
      progress,
      choices: await goalChoices(trx, record),
      decisions: decisions.filter((d) => d.goalId === goal.id).reverse(),
      agreement: await agreementIn(
        trx,
        progress.points.filter((p) => !p.missed).map((p) => p.lessonId),
        learner.id,
      ),
    };
  });

async function ofLearner(trx: SchoolTrx, learnerId: string, goalId: string) {
  const learner = await getLearner(trx, learnerId);
  const goal = learner && (await getGoal(trx, goalId));
  if (!learner || goal?.learnerId !== learnerId) error(404, 'There is no goal at this address.');
  return { learner: { id: learner.id, name: learner.name }, goal };
}

const STALE = 'This goal was changed in another window. It stands here as it is now; nothing of yours was kept.';

export const actions = {
  change: async ({ request, params, locals }) => {
    const sent = await goalFrom(request);
    if ('problem' in sent) return fail(400, sent);
    const { scope, condition, hierarchy, criterion, revision } = sent.value;
    const saved = await locals.inSchool(async (trx) => {
      await ofLearner(trx, params.id, params.goal);
      return changeGoal(trx, params.goal, revision, { scope, condition, hierarchy, criterion });
    });
    return saved === null ? fail(409, { problem: STALE }) : { saved: true };
  },
  /** Learnt, taught again, put away, brought back: each said by a person. */
  state: async ({ request, params, locals }) => {
    const field = await readForm(request);
    const sent = field('to');
    const to = CHANGES.get(sent);
    if (!to) return fail(400, { problem: 'Nobody knows what this should become.' });
    await locals.inSchool(async (trx) => {
      const { goal } = await ofLearner(trx, params.id, params.goal);
      await changeGoal(trx, goal.id, goal.revision, to());
    });
    if (sent === 'put-away') redirect(303, `/learners/${params.id}/look-back`);
    return { saved: true };
  },
};

const CHANGES = new Map<string, () => { metOn?: string | null; putAwayOn?: string | null }>([
  ['learnt', () => ({ metOn: today() })],
  ['again', () => ({ metOn: null })],
  ['put-away', () => ({ putAwayOn: today() })],
  ['back', () => ({ putAwayOn: null })],
]);
