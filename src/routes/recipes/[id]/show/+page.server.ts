import { describeCard } from '$core';
import { drawCard, spriteFor } from '$lib/pictures/draw-card';
import { workingTask } from '$lib/server/draft-of';
import { inSchool } from '$lib/server/school';
import { getVersion } from '$lib/server/tasks';
import { error } from '@sveltejs/kit';

export const load = ({ params, locals }) =>
  inSchool(locals.school, async (trx) => {
    const task = await workingTask(trx, params.id);
    if (!task) error(404, 'There is no recipe at this address.');
    const version = await getVersion(trx, params.id);
    const steps = version?.steps ?? task.draft.steps;
    const cards = steps.map((step) => ({
      key: step.key,
      text: step.text,
      phase: step.phase,
      hazards: step.hazards,
      svg: drawCard(describeCard(step)),
    }));
    return {
      recipe: { id: params.id, title: task.row.title },
      cards,
      sprite: spriteFor(cards.map((c) => c.svg)),
      version: version?.number ?? null,
    };
  });
