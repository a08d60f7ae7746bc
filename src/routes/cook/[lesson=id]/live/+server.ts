import { getClassLesson } from '$lib/server/class-lessons';
import { events } from '$lib/server/events';
import { json } from '@sveltejs/kit';

/** Tells a device what changes in a lesson, as it happens. */
export const GET = async ({ params, locals, request }) => {
  const there = await locals.inSchool((trx) => getClassLesson(trx, params.lesson));
  if (!there) return json({ message: 'There is no lesson at this address.' }, { status: 404 });
  await locals.rest();
  return events(request, locals.school, params.lesson, (word) => word);
};
