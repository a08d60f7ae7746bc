import { json } from '@sveltejs/kit';
import { Sync } from '$lib/server/input/lesson';
import { readJson } from '$lib/server/input/request';
import { takeInto } from '$lib/server/intake';
import { begin } from '$lib/server/lesson-fits';
import { lessonFrame } from '$lib/server/lessons';

/** Takes up what a device recorded. Each record gets its answer; a wrong one holds up no other. */
export const POST = async ({ request, params, locals }) => {
  const received = Date.now();
  const body = await readJson(request, Sync, 600_000);
  if ('refusal' in body) return body.refusal;
  let frame = await locals.inSchool((trx) => lessonFrame(trx, params.lesson));
  if (!frame) return json({ message: 'There is no lesson at this address.' }, { status: 404 });
  // a device that took the lesson along began it
  if (!frame.begun && (await begin(locals, frame.whole))) frame = (await locals.inSchool((trx) => lessonFrame(trx, params.lesson)))!;
  const known = frame;
  const answer = await locals.inSchool((trx) => takeInto(trx, params.lesson, known, body.value, received));
  return json(answer, { status: answer.taken.length === 0 && answer.refused.length > 0 ? 422 : 200 });
};
