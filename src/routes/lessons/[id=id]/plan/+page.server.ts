import { planPage } from '$lib/server/plan';
import { scoredIn } from '$lib/server/records';
import { isToday } from '$lib/server/today';
import { error } from '@sveltejs/kit';

export const load = async ({ params, locals }) => {
  const page = await planPage(locals, params.id);
  if (!page) error(404, 'There is no lesson at this address.');
  const isOn = page.setUp.begun && !page.setUp.ended && page.kept?.used && isToday(page.setUp.heldOn);
  const records = isOn
    ? await locals.inSchool((trx) =>
        scoredIn(
          trx,
          page.setUp.dishes.map((d) => d.lessonId),
          false,
        ),
      )
    : [];
  const { heldOn, startsAt, minutes, revision, begun, ended } = page.setUp;
  return {
    title: 'Plan',
    lesson: { id: params.id, heldOn, startsAt, minutes, revision, begun, ended },
    input: page.input,
    people: page.people,
    dishes: page.dishes,
    kept: page.kept,
    counts: page.counts,
    /** What was recorded so far, of a lesson that goes by its plan; null before it, and after. */
    done: isOn ? records.map((o) => ({ learner: o.learnerId, step: `${o.lessonId} ${o.stepKey}`, at: o.at })) : null,
  };
};
