import { getSetUp } from '$lib/server/class-lessons';
import { saveShares } from '$lib/server/set-up';
import { readJson } from '$lib/server/input/request';
import { ShareInput } from '$lib/server/input/room';
import { shareDish } from '$lib/server/lesson-fits';
import { error, json } from '@sveltejs/kit';

/** Shares a dish out anew, in the plain way. */
export const POST = async ({ request, params, locals }) => {
  const read = await readJson(request, ShareInput, 10_000);
  if ('refusal' in read) return read.refusal;
  const setUp = await locals.inSchool((trx) => getSetUp(trx, params.id));
  const dish = setUp?.dishes.find((d) => d.lessonId === read.value.lessonId);
  if (!setUp || !dish) error(404, 'There is no such dish in this lesson.');
  const shares = await shareDish(locals, dish, setUp.people);
  await locals.inSchool((trx) => saveShares(trx, dish.lessonId, shares));
  return json({ shares: [...shares].map(([learnerId, one]) => ({ learnerId, ...one })) });
};
