// What building leaves out where a text holds more steps than a task may have.
import type { Recipe } from '../recipe/recipe';
import { MOST_STEPS, type Step } from '../plan/model';

/** The longest words of a step, in characters: a whole line of the recipe, at coarse grain. */
export const LONGEST_WORDS = 2000;

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

const cut = (text: string, most: number) => (text.length > most ? `${text.slice(0, most - 1).toWellFormed()}…` : text);

/** Steps that can be shown and kept, whatever text they were built from. Steps of ordinary size come back as they are. */
export function stepsWithinBounds(steps: readonly Step[]): Step[] {
  return steps.slice(0, MOST_STEPS).map((s) => ({
    ...s,
    text: cut(s.text, LONGEST_WORDS),
    ...(s.whole === undefined ? {} : { whole: cut(s.whole, LONGEST_WORDS) }),
    uses: s.uses.slice(0, 200).map((u) => ({ ...u, item: cut(u.item, 200) })),
    tools: s.tools.slice(0, 60),
    fillings: s.fillings.slice(0, 20).map((f) => ({ ...f, times: Math.min(f.times, 200) })),
    cues: s.cues.slice(0, 40).map((c) => ({ ...c, text: cut(c.text, 300) })),
    minutes: { active: Math.min(s.minutes.active, 10_000), waiting: Math.min(s.minutes.waiting, 100_000) },
    small: s.small.slice(0, 200).map((line) => cut(line, LONGEST_WORDS)),
    meanwhile: s.meanwhile && cut(s.meanwhile, 300),
  }));
}
