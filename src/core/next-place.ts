// Which of the six places of a recipe waits for somebody, and why.

export type Place = 'read' | 'break-down' | 'show' | 'fit' | 'cook' | 'look-back';

export type RecipeState = {
  /** Lines that were not understood. */
  unread: number;
  ingredients: number;
  instructions: number;
  versions: number;
  /** The draft was changed since it was last published. */
  draftNewer: boolean;
  stepsWithoutPicture: number;
  /** Learners with answers in their profile whose own steps nobody has settled for this recipe. */
  unfitted: number;
  lessons: number;
  /** Lessons held since somebody last looked back at the recipe. */
  fresh: number;
};

/** The next thing to do for a recipe, in the order in which the work is done by hand. */
export function nextPlace(state: RecipeState): { place: Place; why: string } {
  const lines = (n: number) => (n === 1 ? '1 line' : `${n} lines`);
  if (state.ingredients === 0) return { place: 'read', why: 'no ingredients yet' };
  if (state.instructions === 0) return { place: 'read', why: 'no method yet' };
  if (state.unread > 0) return { place: 'read', why: `${lines(state.unread)} to look at` };
  if (state.versions === 0) return { place: 'break-down', why: 'check the steps and publish' };
  if (state.draftNewer) return { place: 'break-down', why: 'changes to publish' };
  if (state.stepsWithoutPicture > 0)
    return { place: 'show', why: `${state.stepsWithoutPicture} ${state.stepsWithoutPicture === 1 ? 'step has' : 'steps have'} no picture` };
  // once a lesson was held, Fit is gone to when somebody wants to, not before all else
  if (state.unfitted > 0 && state.lessons === 0)
    return { place: 'fit', why: `${state.unfitted} ${state.unfitted === 1 ? 'learner' : 'learners'} not fitted` };
  if (state.lessons === 0) return { place: 'cook', why: 'no lesson yet' };
  if (state.fresh === 0) return { place: 'cook', why: 'nothing new to look back at' };
  return { place: 'look-back', why: `${state.fresh} ${state.fresh === 1 ? 'lesson' : 'lessons'} to look at` };
}
