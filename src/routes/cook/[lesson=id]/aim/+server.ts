import { setAim } from '$lib/server/aims';
import { classLessonOf } from '$lib/server/class-lessons';
import { readJson } from '$lib/server/input/request';
import { AimInput } from '$lib/server/input/room';
import { json } from '@sveltejs/kit';

/** Sets the level to aim for at a step. */
export const POST = async ({ params, request, locals }) => {
  const body = await readJson(request, AimInput, 10_000);
  if ('refusal' in body) return body.refusal;
  const { lessonId, learnerId, stepKey, level } = body.value;
  const set = await locals.inSchool(
    async (trx) => (await classLessonOf(trx, lessonId)) === params.lesson && setAim(trx, lessonId, learnerId, stepKey, level),
  );
  return set ? json({}) : json({ message: 'This learner is not in this lesson.' }, { status: 404 });
};
