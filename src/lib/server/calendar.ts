// A week's lessons as iCalendar (RFC 5545), for a teacher's own calendar. It may go to somebody's cloud: no learner is named in it.
import ical from 'ical-generator';
import type { Listed } from './class-lessons';

/** The file. Times are the class's own, with no zone: half past nine stays half past nine. Where nobody said when a lesson begins, it is of the whole day. */
export function calendarOf(lessons: readonly Listed[]): string {
  const calendar = ical({ name: 'Cooking lessons', prodId: { company: 'Yellow Rung', product: 'Lessons' } });
  for (const lesson of lessons) {
    const [year, month, day] = lesson.heldOn.split('-').map(Number);
    const [hour, minute] = (lesson.startsAt ?? '0:0').split(':').map(Number);
    const start = new Date(year, month - 1, day, hour, minute);
    calendar.createEvent({
      id: lesson.id,
      floating: true,
      start,
      ...(lesson.startsAt === null ? { allDay: true } : { end: new Date(start.getTime() + lesson.minutes * 60_000) }),
      summary: lesson.recipes.join(', ') || 'Cooking lesson',
      description: lesson.adults.length > 0 ? `With ${lesson.adults.join(', ')}` : null,
    });
  }
  return calendar.toString();
}
