import { randomUUID } from 'node:crypto';
import { HIERARCHIES, hierarchyById, USUAL_MASTERY, USUAL_RULE } from '$core';
import { check } from '$lib/server/input/check';
import { NewLesson } from '$lib/server/input/lesson';
import { isId } from '$lib/server/ids';
import { getLearner, listLearners } from '$lib/server/learners';
import { beginLesson, lessonsOf } from '$lib/server/lessons';
import { inSchool } from '$lib/server/school';
import { getVersion } from '$lib/server/tasks';
import { error, fail, redirect } from '@sveltejs/kit';

/** The class's day, by the clock of the machine that the server runs on. */
function today(): string {
  const now = new Date();
  return `${now.getFullYear()}-${String(now.getMonth() + 1).padStart(2, '0')}-${String(now.getDate()).padStart(2, '0')}`;
}

export const load = ({ params, locals }) =>
  inSchool(locals.school, async (trx) => {
    if (!isId(params.id)) error(404, 'There is no recipe at this address.');
    const version = await getVersion(trx, params.id);
    const learners = [];
    // one after the other: a transaction is one connection, and that asks one thing at a time
    for (const learner of await listLearners(trx)) {
      const lessons = await lessonsOf(trx, params.id, learner.id);
      const held = lessons.filter((l) => l.state !== 'missed');
      const last = held.at(-1);
      learners.push({
        id: learner.id,
        name: learner.name,
        planNotes: learner.planNotes,
        lessons: held.length,
        last: last && { day: last.heldOn, phase: last.phase },
        open: lessons.findLast((l) => l.state === 'open')?.id ?? null,
        newLesson: randomUUID(),
      });
    }
    return {
      recipeId: params.id,
      version: version?.number ?? null,
      steps: version?.steps.length ?? 0,
      learners,
      hierarchies: HIERARCHIES.map(({ id, name, levels }) => ({ id, name, levels: levels.map((l) => l.name) })),
    };
  });

export const actions = {
  default: async ({ request, params, locals }) => {
    const form = await request.formData();
    const field = (name: string) => String(form.get(name) ?? '');
    const checked = await check(NewLesson, {
      id: field('id'),
      learnerId: field('learnerId'),
      version: Number(field('version')),
      heldOn: today(),
      hierarchy: field('hierarchy'),
      phase: field('phase'),
    });
    if (!checked.ok) return fail(400, { problem: Object.values(checked.problems)[0] ?? 'The lesson could not begin.' });
    if (!isId(params.id)) error(404, 'There is no recipe at this address.');
    const lesson = checked.value;
    await inSchool(locals.school, async (trx) => {
      const version = await getVersion(trx, params.id, lesson.version);
      if (!version || !(await getLearner(trx, lesson.learnerId))) error(404, 'There is no such version or no such learner.');
      const { last, days, down } = USUAL_RULE;
      await beginLesson(trx, {
        ...lesson,
        recipeId: params.id,
        hierarchy: hierarchyById(lesson.hierarchy),
        mastery: USUAL_MASTERY,
        rule: { last, days, down },
      });
    });
    redirect(303, `/cook/${lesson.id}`);
  },
};
