import { USUAL_LOOK } from '$core';
import { idOf } from '$lib/server/pack';
import { shownCards, type ShownCard, shownTask, wantedIn } from '$lib/server/shown';

/** Cards on one page: more than any lesson has, and no more than a browser takes with ease. */
const MOST_SHOWN = 120;

/** A card as it is sent: a drawing by its place among all of them. */
export type SentCard = Omit<ShownCard, 'svg'> & { svg: string | number };

export const load = async ({ params, url, locals }) => {
  const shown = await shownTask(locals, params.id, wantedIn(url));
  const asked = Number(url.searchParams.get('from'));
  const from = Number.isInteger(asked) && asked > 1 && asked <= shown.task.steps.length ? asked : 1;
  const { cards, drawn } = await shownCards(shown);
  const sent = cards.map((card, i): SentCard => (card.photo === null ? { ...card, svg: i } : card)).slice(from - 1, from - 1 + MOST_SHOWN);
  return {
    recipe: { id: params.id, title: shown.working.row.title },
    learners: shown.version ? shown.learners.map(({ id, name }) => ({ id, name })) : [],
    learner: shown.learner?.id ?? '',
    look: shown.learner?.screen ?? USUAL_LOOK,
    /** As JSON, packed: both are long. */
    cards: await locals.parcels.pack(sent),
    drawn: await locals.parcels.packOnce(`drawn ${idOf(drawn)}`, drawn),
    all: cards.length,
    from,
    version: shown.version,
  };
};
