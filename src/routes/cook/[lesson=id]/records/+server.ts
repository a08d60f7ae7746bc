import { json } from '@sveltejs/kit';
import { Sync } from '$lib/server/input/lesson';
import { readJson } from '$lib/server/input/request';
import { takeIn } from '$lib/server/intake';

/** Takes up what a device recorded. Each record gets its answer; a wrong one holds up no other. */
export const POST = async ({ request, params, locals }) => {
  const received = Date.now();
  const body = await readJson(request, Sync, 600_000);
  if ('refusal' in body) return body.refusal;
  const answer = await locals.inSchool((trx) => takeIn(trx, params.lesson, body.value, received));
  if (!answer) return json({ message: 'There is no lesson at this address.' }, { status: 404 });
  return json(answer, { status: answer.taken.length === 0 && answer.refused.length > 0 ? 422 : 200 });
};
