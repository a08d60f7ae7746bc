// What two tasks do, beside each other: the same acts on the same foods, whatever their words.
import { buildTask, dryRun, findFood, readRecipe, type Step, type TaskAnalysis } from '../../src/core/index';
import type { Said } from './ways';

/** A text as a task and what is found in it. */
export function taskOf(text: string): { task: TaskAnalysis; found: string[] } {
  const task = buildTask(readRecipe(text).recipe, { grain: 'standard' });
  return { task, found: dryRun(task, undefined, { tried: false }).map((f) => f.code) };
}

/** The recipe as its reading has it, so that only the way of saying differs. */
export function saidOf(text: string): Said {
  const { recipe } = readRecipe(text);
  return {
    title: recipe.title,
    list: [...new Set(recipe.ingredients.map((one) => one.text.replace(/^[^\p{L}\p{N}(½¼¾⅓⅔]+/u, '')))],
    method: [...recipe.instructions],
  };
}

/** What a card does, without its words: act, foods by name, vessel, wait, hazards. */
function doesOf(step: Step, task: TaskAnalysis): string {
  const foods = step.uses.map((use) => {
    const item = use.ingredient === null ? '?' : task.ingredients[use.ingredient].item.toLowerCase();
    return `${use.quantity ?? ''} ${use.unit ?? ''} ${findFood(item)?.id ?? item}`.trim();
  });
  return [
    step.technique ?? 'unknown',
    step.into ?? '',
    foods.sort().join(' + '),
    `${step.minutes.waiting}`,
    [...step.hazards].sort().join(','),
  ].join(' | ');
}

/** The cards of the recipe itself: what is fetched and washed up stands in another order when the list does. */
export const doesAll = (task: TaskAnalysis): string[] =>
  task.steps
    .filter((step) => step.phase === 'prepare' || step.phase === 'cook' || step.phase === 'serve')
    .map((step) => doesOf(step, task));

/** Lines of one list that the other does not have, in order: the fewest that tell them apart. */
export function differences(a: readonly string[], b: readonly string[]): { gone: string[]; come: string[] } {
  const longest = Array.from({ length: a.length + 1 }, () => new Uint16Array(b.length + 1));
  for (let i = a.length - 1; i >= 0; i--)
    for (let j = b.length - 1; j >= 0; j--)
      longest[i][j] = a[i] === b[j] ? longest[i + 1][j + 1] + 1 : Math.max(longest[i + 1][j], longest[i][j + 1]);
  const gone: string[] = [];
  const come: string[] = [];
  let i = 0;
  let j = 0;
  while (i < a.length || j < b.length) {
    if (i < a.length && j < b.length && a[i] === b[j]) {
      i++;
      j++;
    } else if (j >= b.length || (i < a.length && longest[i + 1][j] >= longest[i][j + 1])) gone.push(a[i++]);
    else come.push(b[j++]);
  }
  return { gone, come };
}
