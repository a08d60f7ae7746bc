// Writes a recipe as this program's own JSON: each ingredient as its line, so that reading it again gives the same recipe.
import type { Recipe } from './recipe';
import { OWN_FORMAT } from './structured';

/** A recipe as JSON text that `readRecipe` reads back. Holds no learner's data. */
export function writeRecipe(recipe: Recipe): string {
  const { title, servings, ingredients, tools, instructions } = recipe;
  return JSON.stringify(
    {
      format: OWN_FORMAT,
      recipe: { title, servings, ingredients: ingredients.map(({ text, group }) => ({ text, group })), tools, instructions },
    },
    null,
    2,
  );
}
