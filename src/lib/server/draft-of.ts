// The draft of a recipe's steps; built from the recipe the first time that somebody asks for it.
import { applySwaps, scaleRecipe, type Kitchen, type MeasureSystem, type Recipe, type TaskAnalysis } from '$core';
import { error } from '@sveltejs/kit';
import { getKitchen, type KitchenRow } from './kitchen';
import { getRecipe, type RecipeRow } from './recipes';
import { getDraft, startDraft, type DraftRow } from './tasks';
import type { Look } from './work/work';
import type { FormName } from '../paper/index';
import type { PaperData, PaperOptions } from '../paper/model';
import { buildSteps, drawCards, drawMoving, paperPages, TooLong } from './work/pool';

export type WorkingTask = { row: RecipeRow; recipe: Recipe; kitchen: KitchenRow; draft: DraftRow };

/** The recipe as it is made: for the number of servings that is wanted, with the substitutes that were chosen. */
export function recipeToMake(row: RecipeRow, system: MeasureSystem): Recipe {
  const scaled = row.servingsWanted ? scaleRecipe(row.reading.recipe, row.servingsWanted).recipe : row.reading.recipe;
  return applySwaps(scaled, row.swaps, system).recipe;
}

/** Null where there is no such recipe. Between its two pieces of work the connection is given back: building may take long. */
export async function workingTask(locals: App.Locals, id: string): Promise<WorkingTask | null> {
  const held = await locals.inSchool(async (trx) => {
    const [row, kitchen, draft] = await Promise.all([getRecipe(trx, id), getKitchen(trx), getDraft(trx, id)]);
    return row && { row, kitchen, recipe: recipeToMake(row, kitchen.system), draft };
  });
  if (!held) return null;
  if (held.draft) return { ...held, draft: held.draft };
  await locals.rest();
  const { steps } = await stepsOrTell(held.recipe, held.kitchen);
  const draft = await locals.inSchool(async (trx) => {
    await startDraft(trx, id, held.row.revision, 'standard', steps);
    return (await getDraft(trx, id))!;
  });
  return { ...held, draft };
}

/** The steps of a recipe; where they take too long, a person is told what to do. */
export function stepsOrTell(recipe: Recipe, { system, measures, tools, places }: KitchenRow) {
  return orTell(
    buildSteps(recipe, { system, measures, tools, places }),
    'The steps of this recipe take too long to work out. Nothing was lost: go to Read and make the method shorter.',
  );
}

/** The pictures of steps; where they take too long, a person is told what to do. */
export function cardsOrTell(task: TaskAnalysis, kitchen: Kitchen, look: Look = {}) {
  return orTell(
    drawCards(task, kitchen, look),
    'The pictures of these steps take too long to draw. Nothing was lost: make the steps fewer.',
  );
}

/** One step's picture in movement. */
export function movingOrTell(task: TaskAnalysis, kitchen: Kitchen, look: Look, step: number) {
  return orTell(drawMoving(task, kitchen, look, step), 'This picture takes too long to draw.');
}

/** The pages of a printed form; where they take too long, a person is told what to do. */
export function paperOrTell(form: FormName, data: PaperData, options: PaperOptions) {
  return orTell(paperPages(form, data, options), 'These pages take too long to lay out. Nothing was lost: choose fewer steps.');
}

async function orTell<T>(work: Promise<T>, what: string): Promise<T> {
  try {
    return await work;
  } catch (failed) {
    if (!(failed instanceof TooLong)) throw failed;
    error(422, { message: what });
  }
}
