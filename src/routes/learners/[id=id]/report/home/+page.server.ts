import { isSafetyStep, nextThings, nextTime, stepId } from '$core';
import { getLearner } from '$lib/server/learners';
import { recordsOf } from '$lib/server/look-back';
import { doneAlone, forPictures, picturesAlone } from '$lib/server/report';
import { namesFor } from '$lib/server/review';
import { today } from '$lib/server/today';
import { error } from '@sveltejs/kit';

export const load = async ({ params, locals }) => {
  const found = await locals.inSchool(async (trx) => {
    const learner = await getLearner(trx, params.id);
    if (!learner) error(404, 'There is no learner at this address.');
    const [looked] = await recordsOf(trx, [{ id: learner.id, name: learner.name }]);
    const alone = doneAlone(looked.record);
    return { learner, record: looked.record, alone, drawn: alone && (await forPictures(trx, alone.recipeId, alone.version)) };
  });
  const { learner, record, alone, drawn } = found;
  // what goes well is told at home, and what comes next of it; what does not is for the team. Nothing with a blade, heat or raw food is proposed for home.
  const danger = new Set(record.steps.filter((s) => isSafetyStep(s.hazards)).map((s) => stepId(s.recipeId, s.key)));
  const next = nextThings(record, [], namesFor(record), today()).find(
    (t) => t.kind === 'less-help' && !t.steps.some((s) => danger.has(stepId(s.recipeId, s.key))),
  );
  await locals.rest();
  const { cards, sprite } = alone && drawn ? await picturesAlone(drawn, alone.title, alone.keys, learner) : { cards: [], sprite: '' };
  return {
    title: `For home: ${learner.name}`,
    learner: { id: learner.id, name: learner.name },
    alone: alone && { title: alone.title, day: alone.day, of: alone.of, done: alone.keys.length },
    cards,
    sprite,
    next: next && {
      at: record.steps.find((s) => s.key === next.steps[0]?.key)?.text ?? '',
      how: nextTime(next.aim!, next.hierarchy!, learner.name),
    },
  };
};
