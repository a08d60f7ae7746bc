import { ADULT, EACH, expectedMinutes, HIERARCHIES, pacesOf, PROCEDURES, runsOf } from '$core';
import { newId } from '$lib/id';
import { getSetUp, takeAwayClassLesson } from '$lib/server/class-lessons';
import { addDish, newestVersion, placesAt } from '$lib/server/set-up';
import { readForm } from '$lib/server/input/request';
import { isFrozen } from '$lib/server/not-now';
import { begin } from '$lib/server/lesson-fits';
import { listLearners } from '$lib/server/learners';
import { headsOfAll, newestOf, OF_PACE } from '$lib/server/lessons';
import { inForceOf } from '$lib/server/in-force';
import { allMade, inForce } from '$lib/server/records';
import { agreementIn } from '$lib/server/agreement';
import { listRecipes } from '$lib/server/recipes';
import type { SchoolTrx } from '$lib/server/school-scope';
import { getVersion } from '$lib/server/tasks';
import { isToday } from '$lib/server/today';
import { error, fail, redirect } from '@sveltejs/kit';

export const load = ({ params, locals }) =>
  locals.inSchool(async (trx) => {
    const [setUp, known, recipes] = await Promise.all([getSetUp(trx, params.id), listLearners(trx), listRecipes(trx)]);
    if (!setUp) error(404, 'There is no lesson at this address.');
    const learners = known.map(({ id, name, planNotes }) => ({ id, name, planNotes }));
    const lessonIds = setUp.dishes.map((d) => d.lessonId);
    const ids = learners.map((l) => l.id);
    const [made, dishes] = await Promise.all([
      allMade(trx, lessonIds, false),
      Promise.all(setUp.dishes.map(async (dish) => ({ ...dish, ...(await stepsAt(trx, dish, ids)) }))),
    ]);
    return {
      title: setUp.dishes.map((d) => d.title).join(', ') || 'Lesson',
      setUp,
      dishes,
      learners,
      recipes: recipes.filter((r) => r.versions > 0).map(({ id, title }) => ({ id, title })),
      hierarchies: HIERARCHIES.map(({ id, name }) => ({ id, name })),
      procedures: PROCEDURES.map(({ id, name, say }) => ({ id, name, say })),
      /** Of whom something was recorded: how he is taught here stays. */
      recorded: [...new Set(inForce(made).map((o) => `${o.lessonId} ${o.learnerId}`))],
      agreement: await agreementIn(trx, lessonIds, undefined, made),
      today: isToday(setUp.heldOn),
      each: EACH,
      adult: ADULT,
    };
  });

/** The steps of a recipe in runs of one hand, the newest version there is, and how long they take this class. */
async function stepsAt(trx: SchoolTrx, dish: { recipeId: string; version: number }, learnerIds: string[]) {
  const [version, newest, lessons] = await Promise.all([
    getVersion(trx, dish.recipeId, dish.version),
    newestVersion(trx, dish.recipeId),
    headsOfAll(trx, [dish.recipeId], learnerIds),
  ]);
  const steps = version?.steps ?? [];
  const seen = await inForceOf(trx, learnerIds, newestOf(lessons, OF_PACE), true);
  const paces = pacesOf(seen.map((l) => l.made));
  return {
    newest: newest ?? dish.version,
    runs: runsOf(steps).map((run) =>
      run.map((s) => ({ key: s.key, text: s.text, phase: s.phase, minutes: expectedMinutes([s], paces).minutes })),
    ),
    expected: expectedMinutes(steps, paces),
    steps: steps.length,
  };
}

export const actions = {
  /** The lesson begins: each learner's own cards and procedure are kept with it. */
  begin: async ({ params, locals }) => {
    if (!(await begin(locals, params.id))) return fail(400, { problem: 'Nobody is in this lesson yet: choose a recipe and who is there.' });
    redirect(303, `/cook/${params.id}`);
  },
  /** Everybody of the class at one recipe more. */
  dish: async ({ params, request, locals }) => {
    const recipeId = (await readForm(request))('recipeId');
    const added = await locals.inSchool(async (trx) => {
      const setUp = await getSetUp(trx, params.id);
      const known = (await listRecipes(trx)).some((r) => r.id === recipeId);
      const version = known ? await newestVersion(trx, recipeId) : null;
      if (!setUp || version === null || setUp.dishes.length >= 4) return false;
      const lessonId = newId();
      await addDish(trx, setUp, { lessonId, recipeId, version, mode: 'own' }, await placesAt(trx, lessonId, recipeId));
      return true;
    });
    return added
      ? { added: true }
      : fail(400, { problem: 'This recipe cannot be put in: it has no published version, or four are in already.' });
  },
  away: async ({ params, locals }) => {
    try {
      await locals.inSchool((trx) => takeAwayClassLesson(trx, params.id));
    } catch (failed) {
      if (!isFrozen(failed)) throw failed;
      return fail(409, { problem: 'Something was recorded in this lesson: it stays.' });
    }
    redirect(303, '/lessons');
  },
};
