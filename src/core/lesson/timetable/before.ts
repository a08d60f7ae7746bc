// What can be taken out of a lesson: things set out before, cold work that keeps, washing up that is left.
import { lessonTime } from '../../task/time';
import { worksAt } from './minutes';
import type { Step } from '../../plan/model';

export const TAKEN_OUT = ['set-out', 'cold-work', 'washing-up'] as const;
export type TakenOut = (typeof TAKEN_OUT)[number];

/** Keys of the steps of a recipe that this takes out of the lesson. */
export function takenOut(what: TakenOut, steps: readonly Step[]): string[] {
  if (what === 'set-out') return steps.filter((s) => s.phase === 'gather').map((s) => s.key);
  if (what === 'washing-up') return steps.filter((s) => s.phase === 'clean' && worksAt(s).act !== 'wash-hands').map((s) => s.key);
  const task = { title: '', servings: null, grain: 'standard' as const, ingredients: [], steps: [...steps] };
  const cold = new Set(lessonTime(task).before.map((b) => b.key));
  return steps.filter((s) => cold.has(s.key) && s.phase !== 'gather').map((s) => s.key);
}
