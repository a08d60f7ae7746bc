// Where each recipe stands: which of its places waits.
import { nextPlace, type Place } from '$core';
import type { RecipeSummary } from './recipes';

/** The next place of a recipe in a list. */
export function nextOf(summary: RecipeSummary): { place: Place; why: string } {
  return nextPlace({
    unread: summary.unread,
    ingredients: summary.ingredients,
    instructions: summary.instructions,
    versions: summary.versions,
    draftNewer: summary.draftNewer,
    stepsWithoutPicture: summary.withoutPicture,
    unfitted: summary.unfitted,
    lessons: summary.lessons,
    fresh: summary.fresh,
  });
}
