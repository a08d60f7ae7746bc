import { getClassLesson } from '$lib/server/class-lessons';
import { events } from '$lib/server/events';
import { isStill } from '$lib/server/people/asking';
import { json } from '@sveltejs/kit';

/** Tells a device what changes in a lesson, as it happens. */
export const GET = async (event) => {
  const { params, locals, request } = event;
  const there = await locals.inSchool((trx) => getClassLesson(trx, params.lesson));
  if (!there) return json({ message: 'There is no lesson at this address.' }, { status: 404 });
  await locals.rest();
  const { who } = locals;
  // whoever was signed out elsewhere hears nothing more
  return events(request, { school: locals.school, lesson: params.lesson, told: (word) => word, still: () => isStill(event, who) });
};
