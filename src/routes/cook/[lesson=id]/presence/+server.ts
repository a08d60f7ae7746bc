import { getClassLesson, getSetUp, setPresence } from '$lib/server/class-lessons';
import { saveShares } from '$lib/server/set-up';
import { readJson } from '$lib/server/input/request';
import { passOn } from '$lib/server/lesson-fits';
import { PresenceInput } from '$lib/server/input/room';
import { json } from '@sveltejs/kit';

/** What is cooked together goes on without whoever is absent. */
async function goOnWithout(locals: App.Locals, id: string, learnerId: string): Promise<void> {
  const setUp = await locals.inSchool((trx) => getSetUp(trx, id));
  for (const dish of setUp?.dishes ?? []) {
    const changes = await passOn(locals, dish, setUp!.people, learnerId);
    if (changes.size > 0) await locals.inSchool((trx) => saveShares(trx, dish.lessonId, changes));
  }
}

/** Absent, late, gone early: said with one tap. */
export const POST = async ({ params, request, locals }) => {
  const body = await readJson(request, PresenceInput, 10_000);
  if ('refusal' in body) return body.refusal;
  const { learnerId, presence } = body.value;
  const there = await locals.inSchool(async (trx) => {
    if (!(await getClassLesson(trx, params.lesson))) return false;
    await setPresence(trx, params.lesson, learnerId, presence);
    return true;
  });
  if (there && presence === 'absent') await goOnWithout(locals, params.lesson, learnerId);
  return there ? json({}) : json({ message: 'There is no lesson at this address.' }, { status: 404 });
};
