import { listClassLessons } from '$lib/server/class-lessons';
import { isDay } from '$lib/server/input/days';
import { dayAfter, mondayOf, today } from '$lib/server/today';
import { calendarOf } from '$lib/server/calendar';

/** The lessons of a week as a calendar file. */
export const GET = async ({ url, locals }) => {
  const asked = url.searchParams.get('week');
  const monday = mondayOf(isDay(asked) ? asked! : today());
  const lessons = await locals.inSchool((trx) => listClassLessons(trx, monday, dayAfter(monday, 6)));
  return new Response(calendarOf(lessons), {
    headers: {
      'content-type': 'text/calendar; charset=utf-8',
      'content-disposition': `attachment; filename="lessons-${monday}.ics"`,
      'cache-control': 'no-store',
    },
  });
};
