import { getClassLesson } from '$lib/server/class-lessons';
import { roomNow } from '$lib/server/room';
import { json } from '@sveltejs/kit';

/** What is in force in a lesson at this moment, for a device that was away. */
export const GET = async ({ params, locals }) => {
  const now = await locals.inSchool(async (trx) => ((await getClassLesson(trx, params.lesson)) ? roomNow(trx, params.lesson) : null));
  return now ? json(now) : json({ message: 'There is no lesson at this address.' }, { status: 404 });
};
