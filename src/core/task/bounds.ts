// What building leaves out where a text holds more steps than a task may have.
import type { Recipe } from '../recipe/recipe';
import { MOST_STEPS, type Step } from './model';

/** Steps of the recipe itself at most; the routines before and after take the rest. */
export const MOST_OF_RECIPE = MOST_STEPS - 100;

/**
 * How many lines of the method have no steps because the limit was reached before them; 0 for any recipe of ordinary length.
 * @example linesBeyond(recipe, buildTask(recipe, { grain: 'standard' }).steps) // 0
 */
export function linesBeyond(recipe: Recipe, steps: readonly Step[]): number {
  const own = steps.filter((s) => s.sourceLine !== null);
  if (own.length < MOST_OF_RECIPE * 0.9) return 0;
  return Math.max(0, recipe.instructions.length - Math.max(...own.map((s) => s.sourceLine!)));
}
