import { events } from '$lib/server/events';
import type { Word } from '$lib/server/live';
import { screenOf } from '$lib/server/own-screen';
import { json } from '@sveltejs/kit';

/** Tells a learner's screen which of his steps are recorded, and nothing else: no level of help, nobody else's. */
export const GET = async ({ params, locals, request }) => {
  const screen = await locals.inSchool((trx) => screenOf(trx, params.code));
  if (!screen) return json({ message: 'No lesson of today has this code.' }, { status: 404 });
  await locals.rest();
  const own = (word: Word): object | null => {
    if (word.what === 'people') return { what: 'again' };
    if (word.what !== 'records') return word.what === 'again' ? word : null;
    const steps = word.records
      .filter((r) => r.learnerId === screen.learnerId)
      .map((r) => ({ lesson: r.lessonId, key: r.stepKey, done: r.code !== 'cleared' }));
    return steps.length > 0 ? { what: 'steps', steps } : null;
  };
  // its code ends with the day
  const still = () => locals.inSchool(async (trx) => (await screenOf(trx, params.code)) !== null).finally(() => locals.rest());
  return events(request, { school: locals.school, lesson: screen.classLessonId, told: own, still });
};
