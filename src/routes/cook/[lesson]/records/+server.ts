import { check, readJson } from '$lib/server/input/check';
import { Sync } from '$lib/server/input/lesson';
import { isId } from '$lib/server/ids';
import { addRecords, getLesson } from '$lib/server/lessons';
import { inSchool } from '$lib/server/school';
import { OTHER_CODES } from '$core';
import { json } from '@sveltejs/kit';

export const POST = async ({ request, params, locals }) => {
  const checked = await check(Sync, await readJson(request, 500_000));
  if (!checked.ok) return json({ problems: checked.problems }, { status: 422 });
  if (!isId(params.lesson)) return json({ message: 'There is no lesson at this address.' }, { status: 404 });
  const { observations, notes, finished } = checked.value;
  return inSchool(locals.school, async (trx) => {
    const learners = [...new Set([...observations, ...notes].map((r) => r.learnerId).concat(finished))];
    for (const learnerId of learners) {
      const lesson = await getLesson(trx, params.lesson, learnerId);
      if (!lesson) return json({ message: 'This learner is not in this lesson.' }, { status: 404 });
      const known = new Set([...lesson.hierarchy.levels.map((l) => l.id), ...OTHER_CODES.map((c) => c.id), 'cleared']);
      const strange = observations.find((o) => o.learnerId === learnerId && !known.has(o.code));
      if (strange) return json({ problems: { code: `“${strange.code}” is no level of this lesson` } }, { status: 422 });
    }
    await addRecords(trx, params.lesson, observations, notes, finished);
    return json({ taken: observations.length + notes.length });
  });
};
