import { adaptationById, EU_ALLERGENS, HAZARDS, NO_PROFILE, PROFILE_QUESTIONS, showAllergen, US_ALLERGENS } from '$core';
import { getKitchen } from '$lib/server/kitchen';
import { getLearner } from '$lib/server/learners';
import { facesOf } from '$lib/server/photos';
import { questionPictures } from '$lib/server/question-pictures';
import { listRecipes } from '$lib/server/recipes';
import { error } from '@sveltejs/kit';

export const load = ({ params, locals }) =>
  locals.inSchool(async (trx) => {
    const learner = await getLearner(trx, params.id);
    if (!learner) error(404, 'There is no learner at this address.');
    const profile = learner.profile ?? NO_PROFILE;
    const recipes = (await listRecipes(trx)).filter((r) => r.steps !== null).map(({ id, title }) => ({ id, title }));
    const pictures = questionPictures((await getKitchen(trx)).skin);
    return {
      title: learner.name,
      learner: {
        id: learner.id,
        name: learner.name,
        planNotes: learner.planNotes,
        screen: learner.screen,
        revision: learner.revision,
        readable: learner.profile !== null,
      },
      face: (await facesOf(trx, [learner.id])).get(learner.id) ?? null,
      profile,
      before: learner.needs ?? [],
      questions: PROFILE_QUESTIONS.map(({ id, group, ask, about, choices }) => ({
        id,
        group,
        ask,
        about,
        picture: pictures.get(id) ?? '',
        choices: choices.map(({ id, label }) => ({ id, label })),
      })),
      allergens: [...new Set([...US_ALLERGENS, ...EU_ALLERGENS])].map((id) => ({ id, name: showAllergen(id) })),
      hazards: HAZARDS.filter((h) => !['allergen', 'choking', 'slip'].includes(h)),
      ways: [...profile.kept, ...profile.refused].map((w) => ({ way: w.way, name: adaptationById(w.way)?.name ?? w.way })),
      recipes,
    };
  });
