import { carriedFit, fitsOrTell, getFit, kitchenOf, taskOf, asDecided } from '$lib/server/fits';
import { cardsOrTell, workingTask } from '$lib/server/draft-of';
import { fitLearner, listLearners, lookOf } from '$lib/server/learners';
import { getVersion } from '$lib/server/tasks';
import type { OwnStep } from '$core';
import { error } from '@sveltejs/kit';

export const load = async ({ params, url, locals }) => {
  const task = await workingTask(locals, params.id);
  if (!task) error(404, 'There is no recipe at this address.');
  const { version, learners, learner, carried } = await locals.inSchool(async (trx) => {
    const version = await getVersion(trx, params.id);
    const learners = await listLearners(trx);
    const learner = learners.find((l) => l.id === url.searchParams.get('learner')) ?? null;
    const carried = learner && version ? await carriedFit(trx, params.id, version, await getFit(trx, params.id, learner.id)) : null;
    return { version, learners, learner, carried };
  });
  await locals.rest();
  const kitchen = kitchenOf(task.kitchen);
  let steps: OwnStep[] = version?.steps ?? task.draft.steps;
  if (version && learner && carried) {
    const [fit] = await fitsOrTell(taskOf(task.row.title, version), [learner], kitchen, true);
    steps = asDecided(fit, carried, fitLearner(learner)).task.steps;
  }
  const shown = version
    ? taskOf(task.row.title, version)
    : { title: task.row.title, servings: null, grain: task.draft.grain, ingredients: task.recipe.ingredients };
  const { svgs, sprite } = await cardsOrTell({ ...shown, steps }, kitchen, learner ? lookOf(fitLearner(learner)) : {});
  const cards = steps.map((step, i) => ({
    key: step.key,
    text: step.text,
    lines: [...(step.fitted?.lines ?? []), ...(step.fitted?.part ? [step.fitted.part] : [])],
    adult: step.fitted?.who === 'adult',
    phase: step.phase,
    hazards: step.hazards,
    svg: svgs[i],
  }));
  return {
    recipe: { id: params.id, title: task.row.title },
    learners: version ? learners.map(({ id, name }) => ({ id, name })) : [],
    learner: version && learner ? learner.id : '',
    cards,
    sprite,
    version: version?.number ?? null,
  };
};
