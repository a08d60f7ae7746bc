import { type Pictures, shownCards, shownTask, wantedIn } from '$lib/server/shown';

/** Cards on one page: more than any lesson has, and no more than a browser takes with ease. */
const MOST_SHOWN = 120;

export const load = async ({ params, url, locals }) => {
  const shown = await shownTask(locals, params.id, wantedIn(url));
  const asked = Number(url.searchParams.get('from'));
  const from = Number.isInteger(asked) && asked > 1 && asked <= shown.task.steps.length ? asked : 1;
  const { cards, sprite } = await shownCards(shown);
  return {
    recipe: { id: params.id, title: shown.working.row.title },
    learners: shown.version ? shown.learners.map(({ id, name }) => ({ id, name })) : [],
    learner: shown.learner?.id ?? '',
    /** As JSON, packed: pictures are long. */
    pictures: await locals.parcels.pack({ cards: cards.slice(from - 1, from - 1 + MOST_SHOWN), sprite } satisfies Pictures),
    all: cards.length,
    from,
    version: shown.version,
  };
};
