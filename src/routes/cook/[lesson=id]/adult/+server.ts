import { getClassLesson, handOver } from '$lib/server/class-lessons';
import { readJson } from '$lib/server/input/request';
import { HandOverInput } from '$lib/server/input/room';
import { json } from '@sveltejs/kit';

/** Hands a learner over to another adult. */
export const POST = async ({ params, request, locals }) => {
  const body = await readJson(request, HandOverInput, 10_000);
  if ('refusal' in body) return body.refusal;
  const { learnerId, adult } = body.value;
  const there = await locals.inSchool(async (trx) => {
    if (!(await getClassLesson(trx, params.lesson))) return false;
    await handOver(trx, params.lesson, learnerId, adult);
    return true;
  });
  return there ? json({}) : json({ message: 'There is no lesson at this address.' }, { status: 404 });
};
