import { listGoals } from '$lib/server/goals';
import { getLearner } from '$lib/server/learners';
import { recordsOf } from '$lib/server/look-back';
import { waysInForce } from '$lib/server/report';
import { reviewOf } from '$lib/server/review';
import { today } from '$lib/server/today';
import { error } from '@sveltejs/kit';

const DECISIONS = 10;

export const load = ({ params, locals }) =>
  locals.inSchool(async (trx) => {
    const row = await getLearner(trx, params.id);
    if (!row) error(404, 'There is no learner at this address.');
    const learner = { id: row.id, name: row.name };
    const [looked] = await recordsOf(trx, [learner]);
    const { goals, things } = reviewOf(looked, await listGoals(trx, learner.id));
    return {
      title: `Report: ${learner.name}`,
      learner,
      on: today(),
      goals,
      next: things.slice(0, 3).map((t) => ({ saw: t.saw, do: t.do })),
      decisions: looked.decisions.slice(-DECISIONS).reverse(),
      ways: await waysInForce(trx, looked.record),
    };
  });
