// The draft of a recipe's steps; built from the recipe the first time that somebody asks for it.
import { applySwaps, buildTask, scaleRecipe, type MeasureSystem, type Recipe } from '$core';
import { getKitchen, type KitchenRow } from './kitchen';
import { getRecipe, type RecipeRow } from './recipes';
import type { SchoolTrx } from './school-scope';
import { getDraft, startDraft, type DraftRow } from './tasks';

export type WorkingTask = { row: RecipeRow; recipe: Recipe; kitchen: KitchenRow; draft: DraftRow };

/** The recipe as it is made: for the number of servings that is wanted, with the substitutes that were chosen. */
export function recipeToMake(row: RecipeRow, system: MeasureSystem): Recipe {
  const scaled = row.servingsWanted ? scaleRecipe(row.reading.recipe, row.servingsWanted).recipe : row.reading.recipe;
  return applySwaps(scaled, row.swaps, system).recipe;
}

/** Null where there is no such recipe. */
export async function workingTask(trx: SchoolTrx, id: string): Promise<WorkingTask | null> {
  const row = await getRecipe(trx, id);
  if (!row) return null;
  const kitchen = await getKitchen(trx);
  const recipe = recipeToMake(row, kitchen.system);
  let draft = await getDraft(trx, id);
  if (!draft) {
    await startDraft(trx, id, row.revision, 'standard', buildTask(recipe, { grain: 'standard', kitchen }).steps);
    draft = (await getDraft(trx, id))!;
  }
  return { row, recipe, kitchen, draft };
}
