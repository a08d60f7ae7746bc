import { getClassLesson } from '$lib/server/class-lessons';
import { error, json } from '@sveltejs/kit';

export const GET = async ({ params, locals }) => {
  const lesson = await locals.inSchool((trx) => getClassLesson(trx, params.id));
  if (!lesson) error(404, 'There is no lesson at this address.');
  return json({ revision: lesson.revision });
};
