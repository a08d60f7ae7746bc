import { readJson } from '$lib/server/input/request';
import { LearnerOnly } from '$lib/server/input/room';
import { codeFor } from '$lib/server/own-screen';
import { json } from '@sveltejs/kit';

/** The code that opens a learner's own screen in this lesson. */
export const POST = async ({ params, request, locals }) => {
  const body = await readJson(request, LearnerOnly, 10_000);
  if ('refusal' in body) return body.refusal;
  const code = await locals.inSchool((trx) => codeFor(trx, params.lesson, body.value.learnerId));
  return code ? json({ code }) : json({ message: 'This learner is not in this lesson.' }, { status: 404 });
};
