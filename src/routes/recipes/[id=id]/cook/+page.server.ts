import { HIERARCHIES, hierarchyById, USUAL_MASTERY, USUAL_RULE } from '$core';
import { newId } from '$lib/id';
import { check, firstProblem } from '$lib/server/input/check';
import { readForm } from '$lib/server/input/request';
import { NewLesson } from '$lib/server/input/lesson';
import { fitLearner, getLearner, listLearners } from '$lib/server/learners';
import { beginLesson, lessonsOf } from '$lib/server/lessons';
import { carriedFit, fitsOrTell, getFit, kitchenOf, ownCards, taskOf, asDecided } from '$lib/server/fits';
import { getKitchen } from '$lib/server/kitchen';
import { getRecipe } from '$lib/server/recipes';
import { getVersion } from '$lib/server/tasks';
import { error, fail, redirect } from '@sveltejs/kit';

/** The class's day, by the clock of the machine that the server runs on. */
function today(): string {
  const now = new Date();
  return `${now.getFullYear()}-${String(now.getMonth() + 1).padStart(2, '0')}-${String(now.getDate()).padStart(2, '0')}`;
}

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
        open: lessons.findLast((l) => l.state === 'open')?.id ?? null,
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

/** The learner's own cards, where somebody has put them in use for this recipe. */
async function ownInUse(locals: App.Locals, recipeId: string, number: number, learnerId: string) {
  const held = await locals.inSchool(async (trx) => {
    const version = await getVersion(trx, recipeId, number);
    const learner = await getLearner(trx, learnerId);
    const recipe = await getRecipe(trx, recipeId);
    if (!version || !learner || !recipe) error(404, 'There is no such version or no such learner.');
    const row = await getFit(trx, recipeId, learnerId);
    if (!row?.inUse) return null;
    return { version, learner, recipe, kitchen: kitchenOf(await getKitchen(trx)), carried: await carriedFit(trx, recipeId, version, row) };
  });
  if (!held) return null;
  await locals.rest();
  const [fit] = await fitsOrTell(taskOf(held.recipe.title, held.version), [held.learner], held.kitchen, true);
  return ownCards(asDecided(fit, held.carried, fitLearner(held.learner)), held.version);
}

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
    const fit = await ownInUse(locals, params.id, lesson.version, lesson.learnerId);
    await locals.inSchool(async (trx) => {
      const { last, days, down } = USUAL_RULE;
      await beginLesson(trx, {
        ...lesson,
        recipeId: params.id,
        hierarchy: hierarchyById(lesson.hierarchy),
        mastery: USUAL_MASTERY,
        rule: { last, days, down },
        fit,
      });
    });
    redirect(303, `/cook/${lesson.id}`);
  },
};
