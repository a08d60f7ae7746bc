// What several recipes want, as this class makes them: with their servings, makers and swaps.
import { shoppingList, type ShoppingRow } from '$core';
import { recipeToMake } from './draft-of';
import { isHttpError } from '@sveltejs/kit';
import { isId } from '../id';
import { getKitchen } from './kitchen';
import { getRecipe } from './recipes';
import type { SchoolTrx } from './school-scope';

/** Recipes on one list at most: a week's lessons, not a library. */
const MOST_RECIPES = 30;

export type Shopping = {
  chosen: { id: string; title: string; servings: number | null; makers: number }[];
  rows: ShoppingRow[];
  /** Recipes that were asked for and whose stored form cannot be read. */
  unreadable: number;
};

/** Ids that are none, or of no recipe here, are left out. */
export async function shoppingFor(trx: SchoolTrx, ids: string[]): Promise<Shopping> {
  const kitchen = await getKitchen(trx);
  const chosen: Shopping['chosen'] = [];
  let unreadable = 0;
  const entries: Parameters<typeof shoppingList>[0][number][] = [];
  for (const id of [...new Set(ids)].filter(isId).slice(0, MOST_RECIPES)) {
    const row = await getRecipe(trx, id).catch((error: unknown) => {
      if (!isHttpError(error, 422)) throw error;
      unreadable++;
      return null;
    });
    if (!row) continue;
    const recipe = recipeToMake(row, kitchen.system);
    chosen.push({ id, title: row.title, servings: recipe.servings, makers: row.makers });
    entries.push({ title: row.title, ingredients: recipe.ingredients, times: row.makers });
  }
  return { chosen, rows: shoppingList(entries, kitchen.system), unreadable };
}
