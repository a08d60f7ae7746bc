import { HIERARCHIES, hierarchyById } from '$core';
import { newId } from '$lib/id';
import { check, firstProblem } from '$lib/server/input/check';
import { readForm } from '$lib/server/input/request';
import { NewLesson } from '$lib/server/input/lesson';
import { getLearner, listLearners } from '$lib/server/learners';
import { beginLesson, lessonsOf } from '$lib/server/lessons';
import { cardsInUse } from '$lib/server/lesson-fits';
import { today } from '$lib/server/today';
import { getRecipe } from '$lib/server/recipes';
import { getTeaching } from '$lib/server/teaching';
import { getVersion } from '$lib/server/tasks';
import { error, fail, redirect } from '@sveltejs/kit';

export const load = ({ params, locals }) =>
  locals.inSchool(async (trx) => {
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
        open: lessons.findLast((l) => l.state === 'open' && l.heldOn <= today())?.id ?? null,
        newLesson: newId(),
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
    const field = await readForm(request);
    const checked = check(NewLesson, {
      id: field('id'),
      learnerId: field('learnerId'),
      version: Number(field('version')),
      heldOn: today(),
      hierarchy: field('hierarchy'),
      phase: field('phase'),
    });
    if (!checked.ok) return fail(400, { problem: firstProblem(checked.problems, 'The lesson could not begin.') });
    const lesson = checked.value;
    const recipe = await locals.inSchool(async (trx) => {
      const there = (await getVersion(trx, params.id, lesson.version)) && (await getLearner(trx, lesson.learnerId));
      return there ? getRecipe(trx, params.id) : null;
    });
    if (!recipe) error(404, 'There is no such version or no such learner.');
    const dish = { lessonId: lesson.id, recipeId: params.id, version: lesson.version, title: recipe.title };
    const cards = await cardsInUse(locals, dish, [lesson.learnerId]);
    await locals.inSchool(async (trx) => {
      await beginLesson(trx, {
        ...lesson,
        recipeId: params.id,
        hierarchy: hierarchyById(lesson.hierarchy),
        ...(await getTeaching(trx)),
        fit: cards.get(lesson.learnerId) ?? null,
      });
    });
    redirect(303, `/cook/${lesson.id}`);
  },
};
