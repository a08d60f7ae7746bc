import { allergensOfFoods, OTHER_CODES, showAllergen, type Step } from '$core';
import { HAZARDS } from '$lib/ui/words';
import { cardsOrTell } from '$lib/server/draft-of';
import { kitchenOf, taskOf } from '$lib/server/fits';
import { getKitchen } from '$lib/server/kitchen';
import { fitLearner, getLearner, lookOf, type LearnerRow } from '$lib/server/learners';
import { currentObservations, getLesson, lessonsOf, ownCardsOf } from '$lib/server/lessons';
import { listPhotos, photoSvg } from '$lib/server/photos';
import { progressOf } from '$lib/server/progress';
import { getRecipe } from '$lib/server/recipes';
import { getVersion } from '$lib/server/tasks';
import { error } from '@sveltejs/kit';

export const load = async ({ params, locals }) => {
  const held = await locals.inSchool(async (trx) => {
    const lesson = await getLesson(trx, params.lesson);
    if (!lesson) error(404, 'There is no lesson at this address.');
    const [learner, recipe, version] = [
      await getLearner(trx, lesson.learnerId),
      await getRecipe(trx, lesson.recipeId),
      await getVersion(trx, lesson.recipeId, lesson.version),
    ];
    if (!learner || !recipe || !version) error(404, 'There is no lesson at this address.');
    // the aim is what stood before this lesson: it must not move under the hand that records
    const before = (await lessonsOf(trx, lesson.recipeId, lesson.learnerId)).filter((l) => l.id !== lesson.id && l.heldOn <= lesson.heldOn);
    const observations = await currentObservations(
      trx,
      lesson.learnerId,
      before.map((l) => l.id),
    );
    const sameHierarchy = before.filter((l) => l.hierarchy.id === lesson.hierarchy.id);
    const { rungs } = progressOf(
      sameHierarchy,
      observations,
      version.steps.map((s) => s.key),
    );
    const own = await currentObservations(trx, lesson.learnerId, [lesson.id]);
    const cards = await ownCardsOf(trx, lesson.id, learner.id);
    return {
      lesson,
      learner,
      recipe,
      version,
      rungs,
      own,
      cards,
      kitchen: await getKitchen(trx),
      photos: await listPhotos(trx, lesson.recipeId),
    };
  });
  await locals.rest();
  const { lesson, learner, recipe, version, rungs, own, cards, kitchen, photos } = held;
  const { svgs, sprite } = await cardsOrTell(taskOf(recipe.title, version), kitchenOf(kitchen), {
    skin: kitchen.skin,
    ...lookOf(fitLearner(learner)),
  });
  const pictureOf = (key: string) => {
    const photo = photos.get(key);
    return photo === undefined ? null : photoSvg(lesson.recipeId, key, photo);
  };
  const steps = version.steps.map((step, i) => ({
    key: step.key,
    text: cards.get(step.key)?.text ?? step.text,
    lines: cards.get(step.key)?.lines ?? [],
    who: cards.get(step.key)?.who ?? ('learner' as const),
    phase: step.phase,
    hazards: step.hazards,
    marks: marksOf(step, learner),
    supervision: step.supervision,
    meanwhile: step.meanwhile,
    svg: pictureOf(step.key) ?? svgs[i],
    aim: rungs.get(step.key)?.aim ?? null,
    why: rungs.get(step.key)?.reason ?? null,
  }));
  return {
    title: learner.name,
    lesson: { id: lesson.id, heldOn: lesson.heldOn, phase: lesson.phase, state: lesson.state, hierarchy: lesson.hierarchy },
    others: OTHER_CODES,
    learner: { id: learner.id, name: learner.name, planNotes: learner.planNotes },
    recipe: { id: lesson.recipeId, title: recipe.title },
    steps,
    sprite,
    recorded: own,
    /** The server's clock now, in milliseconds: what a device takes its own for. */
    now: Date.now(),
  };
};

/** What must be known of this learner at this step: what a plan rules out, and what the learner must not have. */
function marksOf(step: Step, row: LearnerRow): string[] {
  const { never, allergies } = fitLearner(row);
  const rules = (row.profile?.never ?? []).filter((n) => step.hazards.includes(n.hazard) && never?.includes(n.hazard));
  const foods = new Set(allergensOfFoods(step.uses.map((u) => u.item)).map((f) => f.allergen));
  return [
    ...rules.map((n) => `never ${HAZARDS[n.hazard].name} (${n.said})`),
    ...(allergies ?? []).filter((a) => foods.has(a)).map((a) => `must not have ${showAllergen(a)}: own portion, read the label`),
  ];
}
