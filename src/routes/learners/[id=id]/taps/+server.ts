// The records in force of one lesson of a learner, those of one goal where it is named: what a figure on the chart rests on.
import { goalHas, heightOf, OTHER_CODES } from '$core';
import { isId } from '$lib/id';
import { getGoal } from '$lib/server/goals';
import { getLearner } from '$lib/server/learners';
import { recordsOf } from '$lib/server/look-back';
import { error, json } from '@sveltejs/kit';

export const GET = async ({ params, locals, url }) => {
  const [lessonId, goalId] = [url.searchParams.get('lesson'), url.searchParams.get('goal')];
  if (lessonId === null || !isId(lessonId) || (goalId !== null && !isId(goalId))) error(400, 'This is no lesson.');
  const found = await locals.inSchool(async (trx) => {
    const learner = await getLearner(trx, params.id);
    if (!learner) return null;
    const [looked] = await recordsOf(trx, [{ id: learner.id, name: learner.name }], { lesson: lessonId });
    return { record: looked.record, goal: goalId === null ? null : await getGoal(trx, goalId) };
  });
  const lesson = found?.record.lessons[0];
  if (!found || !lesson || (found.goal && found.goal.learnerId !== params.id)) error(404, 'There is no such lesson of this learner.');
  const { record, goal } = found;
  const made = new Map((record.made.get(lesson.id) ?? []).map((r) => [r.stepKey, r]));
  const { levels } = lesson.hierarchy;
  return json(
    record.steps.flatMap((s) => {
      const r = made.get(s.key);
      if (s.recipeId !== lesson.recipeId || !r || (goal && !goalHas(goal, s.recipeId, s.key, record.steps))) return [];
      const level = levels.find((l) => l.id === r.code) ?? OTHER_CODES.find((o) => o.id === r.code);
      return [
        {
          key: s.key,
          text: s.text,
          name: level?.name ?? r.code,
          letter: level?.letter ?? '?',
          height: heightOf(r.code, lesson.hierarchy),
          top: levels.length - 1,
          observer: r.observer ?? '',
        },
      ];
    }),
  );
};
