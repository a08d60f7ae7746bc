// One step's picture as it moves: a loop, or three moments for whoever does not want movement.
import { shownTask, wantedIn } from '$lib/server/shown';
import { movingOrTell } from '$lib/server/draft-of';
import { kitchenOf } from '$lib/server/fits';
import { error, json } from '@sveltejs/kit';

export const GET = async ({ params, url, locals }) => {
  const shown = await shownTask(locals, params.id, wantedIn(url));
  const at = shown.task.steps.findIndex((step) => step.key === url.searchParams.get('step'));
  if (at < 0) error(404, 'There is no such step.');
  return json(await movingOrTell(shown.task, kitchenOf(shown.working.kitchen), shown.look, at));
};
