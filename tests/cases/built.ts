// Builds a task from a list and a method, and finds steps in it; for tests.
import { buildTask, readRecipe, type TaskAnalysis } from '../../src/core/index';

/** @param ingredients a line each @param method as pasted */
export const build = (ingredients: string, method: string, title = 'Test dish'): TaskAnalysis =>
  buildTask(readRecipe(`${title}\nIngredients\n${ingredients}\nMethod\n${method}`).recipe, { grain: 'standard' });

/** The steps that the method asks for. */
export const own = (task: TaskAnalysis) => task.steps.filter((s) => s.sourceLine !== null);

/** The words of the steps that the method asks for, and of all. */
export const ownTexts = (ingredients: string, method: string): string[] => own(build(ingredients, method)).map((s) => s.text);
export const allTexts = (ingredients: string, method: string): string[] => build(ingredients, method).steps.map((s) => s.text);

/** The first step with these words; an error that names them where there is none. */
export function step(task: TaskAnalysis, words: RegExp): TaskAnalysis['steps'][number] {
  const found = task.steps.find((s) => words.test(s.text));
  if (!found) throw new Error(`no step says ${words}; the steps are: ${task.steps.map((s) => s.text).join(' ')}`);
  return found;
}
