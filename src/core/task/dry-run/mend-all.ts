// Puts all faults right at once that can be.
import type { Kitchen, Step, TaskAnalysis } from '../../plan/model';
import { dryRun } from './index';
import { applyMend } from './mend';

/**
 * Puts everything right that a change of the steps can, one fault after another; each mend leaves fewer faults than before, so it ends.
 * What the recipe itself lacks stays.
 * @param newKey called for each step that is added
 */
export function mendAll(task: TaskAnalysis, kitchen: Kitchen, newKey: () => string): Step[] {
  let steps = task.steps;
  for (let left = Infinity; ;) {
    const found = dryRun({ ...task, steps }, kitchen);
    const next = found.find((f) => f.fix !== null);
    if (!next?.fix || found.length >= left) return steps;
    left = found.length;
    steps = applyMend(steps, next.fix, newKey, task.ingredients);
  }
}
