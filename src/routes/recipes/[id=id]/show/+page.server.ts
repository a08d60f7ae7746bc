import { cardsOrTell, workingTask } from '$lib/server/draft-of';
import { getVersion } from '$lib/server/tasks';
import { error } from '@sveltejs/kit';

export const load = async ({ params, locals }) => {
  const task = await workingTask(locals, params.id);
  if (!task) error(404, 'There is no recipe at this address.');
  const version = await locals.inSchool((trx) => getVersion(trx, params.id));
  await locals.rest();
  const steps = version?.steps ?? task.draft.steps;
  const { svgs, sprite } = await cardsOrTell(steps);
  const cards = steps.map((step, i) => ({
    key: step.key,
    text: step.text,
    phase: step.phase,
    hazards: step.hazards,
    svg: svgs[i],
  }));
  return {
    recipe: { id: params.id, title: task.row.title },
    cards,
    sprite,
    version: version?.number ?? null,
  };
};
