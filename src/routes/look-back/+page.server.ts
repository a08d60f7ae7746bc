import { NEXT_KINDS, recordsIn, stoppingSteps, type NextThing } from '$core';
import { getSetUp, nextClassLesson, type SetUp } from '$lib/server/class-lessons';
import { listGoals } from '$lib/server/goals';
import { check, firstProblem } from '$lib/server/input/check';
import { TeachingInput } from '$lib/server/input/goal';
import { readForm } from '$lib/server/input/request';
import { listLearners } from '$lib/server/learners';
import { recentRecords } from '$lib/server/look-back';
import { reviewOf, shownGoal, type Review } from '$lib/server/review';
import { getTeaching, saveTeaching } from '$lib/server/teaching';
import { today } from '$lib/server/today';
import { otherClass } from '$lib/server/people/classes';
import { fail } from '@sveltejs/kit';

export const load = ({ locals }) =>
  locals.inSchool(async (trx) => {
    const [known, goals, next, teaching] = await Promise.all([
      listLearners(trx),
      listGoals(trx),
      nextClassLesson(trx, today()),
      getTeaching(trx),
    ]);
    const learners = known.map(({ id, name }) => ({ id, name }));
    const [looked, setUp] = await Promise.all([recentRecords(trx, learners, goals), next && getSetUp(trx, next.id)]);
    const rows = looked.map((l) => ({
      learner: l.record.learner,
      record: l.record,
      review: reviewOf(
        l,
        goals.filter((g) => g.learnerId === l.record.learner.id),
      ),
    }));
    return {
      title: 'Look back',
      rows: rows.map(({ learner, record, review }) => ({
        ...learner,
        recorded: recordsIn(record.made),
        things: review.things.length,
        first: review.things[0] ? { saw: review.things[0].saw, do: review.things[0].do } : null,
        goals: review.goals.map(shownGoal),
      })),
      next: setUp && {
        id: setUp.id,
        heldOn: setUp.heldOn,
        recipes: setUp.dishes.map((d) => d.title),
        teach: rows.map(({ learner, review, record }) => ({
          ...learner,
          here: isIn(setUp, learner.id),
          thing: thingIn(setUp, review, record.steps),
        })),
      },
      stopping: stoppingSteps(rows.map((r) => r.record)).map((s) => ({
        ...s,
        recipe: rows[0].record.recipes.get(s.recipeId) ?? '',
        names: s.stopped.map((id) => learners.find((l) => l.id === id)?.name ?? ''),
      })),
      teaching,
    };
  });

const isIn = (setUp: SetUp, learnerId: string) => setUp.people.some((p) => p.learnerId === learnerId && p.presence !== 'absent');

/** The first thing of a learner that can be done with what is cooked there. */
function thingIn(setUp: SetUp, { things, goals }: Review, steps: readonly { recipeId: string; technique: string | null }[]) {
  const cooked = new Set(setUp.dishes.map((d) => d.recipeId));
  const fits = (t: NextThing) => {
    if (t.steps.length > 0) return t.steps.some((s) => cooked.has(s.recipeId));
    const scope = goals.find((g) => g.goal.id === t.goal)?.goal.scope;
    if (!scope) return false;
    return scope.kind === 'technique'
      ? steps.some((s) => s.technique === scope.technique && cooked.has(s.recipeId))
      : cooked.has(scope.recipe);
  };
  const thing = things.find(fits);
  return thing ? { saw: thing.saw, do: thing.do, rank: NEXT_KINDS.findIndex((k) => k.kind === thing.kind) } : null;
}

export const actions = {
  teaching: async ({ request, locals }) => {
    const field = await readForm(request);
    const elsewhere = otherClass(locals, field('class'));
    if (elsewhere) return fail(409, { problem: elsewhere });
    const checked = check(TeachingInput, {
      mastery: {
        independence: Number(field('independence')),
        lessons: Number(field('lessons')),
        people: Number(field('people')),
        safety: field('safety') === 'yes',
      },
      rule: { last: Number(field('last')), days: Number(field('days')), down: Number(field('down')) },
    });
    if (!checked.ok) return fail(400, { problem: firstProblem(checked.problems, 'These rules could not be kept.') });
    const { mastery, rule } = checked.value;
    if (rule.down > rule.last || rule.days > rule.last)
      return fail(400, { problem: `A rung rests on the last ${rule.last} times: it cannot ask for more days or more times than that.` });
    await locals.inSchool((trx) => saveTeaching(trx, { mastery, rule }));
    return { saved: true };
  },
};
