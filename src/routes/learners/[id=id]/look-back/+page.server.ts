import { newId } from '$lib/id';
import { answer, decisionFrom } from '$lib/server/answer';
import { listGoals } from '$lib/server/goals';
import { getLearner, listLearners } from '$lib/server/learners';
import { recentRecords } from '$lib/server/look-back';
import { reviewOf, shownGoal, shownThing } from '$lib/server/review';
import { recordsIn, techniqueById } from '$core';
import { error, fail } from '@sveltejs/kit';

/** How many of the last decisions stand on the page. */
const DECISIONS = 8;

export const load = ({ params, locals }) =>
  locals.inSchool(async (trx) => {
    const [learner, goals, learners] = await Promise.all([getLearner(trx, params.id), listGoals(trx, params.id), listLearners(trx)]);
    if (!learner) error(404, 'There is no learner at this address.');
    const [looked] = await recentRecords(trx, [{ id: learner.id, name: learner.name }], goals);
    const { things, goals: reviewed, pooled } = reviewOf(looked, goals);
    const { record, decisions } = looked;
    return {
      title: `Look back: ${learner.name}`,
      learner: { id: learner.id, name: learner.name },
      learners: learners.map(({ id, name }) => ({ id, name })),
      things: things.map((t) => ({ ...shownThing(t, record), answerId: newId() })),
      goals: reviewed.map(shownGoal),
      putAway: goals.filter((g) => g.putAwayOn !== null).length,
      techniques: pooled().map(({ technique, recipes, lessons, hierarchy, rung }) => ({
        technique,
        name: techniqueById(technique)?.name ?? technique,
        recipes: recipes.map((r) => record.recipes.get(r) ?? ''),
        lessons,
        levels: hierarchy.levels,
        rung: { aim: rung.aim, verdict: rung.verdict, reason: rung.reason },
      })),
      recipes: [...record.recipes].map(([id, title]) => ({
        id,
        title,
        lessons: record.lessons.filter((l) => l.recipeId === id && l.state !== 'missed').length,
      })),
      decisions: decisions.slice(-DECISIONS).reverse(),
      recorded: recordsIn(record.made),
    };
  });

export const actions = {
  decide: async ({ request, params, locals }) => {
    const decision = await decisionFrom(request);
    if ('problem' in decision) return fail(400, decision);
    const done = await locals.inSchool(async (trx) => {
      const learner = await getLearner(trx, params.id);
      if (!learner) error(404, 'There is no learner at this address.');
      return answer(trx, { id: learner.id, name: learner.name }, decision.value);
    });
    return done
      ? { done: true }
      : fail(409, { problem: 'This is not proposed any more: the records have changed, or somebody answered it.' });
  },
};
