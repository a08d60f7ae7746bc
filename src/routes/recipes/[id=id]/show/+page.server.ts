import { shownCards, shownTask, wantedIn } from '$lib/server/shown';

export const load = async ({ params, url, locals }) => {
  const shown = await shownTask(locals, params.id, wantedIn(url));
  const { cards, sprite } = await shownCards(shown);
  return {
    recipe: { id: params.id, title: shown.working.row.title },
    learners: shown.version ? shown.learners.map(({ id, name }) => ({ id, name })) : [],
    learner: shown.learner?.id ?? '',
    cards,
    sprite,
    version: shown.version,
  };
};
