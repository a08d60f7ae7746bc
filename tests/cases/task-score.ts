// Compares a built task analysis with what was set down by hand for its recipe; for the tests and for the printed figures.
import { buildTask, dryRun, readRecipe } from '../../src/core/index';
import type { TaskCase } from './recipe-tasks';

export type TaskScore = {
  /** Techniques set down, and those of them that are not found in their order. */
  techniques: number;
  lost: string[];
  hazards: number;
  hazardsLost: string[];
  /** Found, and not set down. */
  alarms: string[];
  /** Set down, and not found. */
  missed: string[];
};

/** @param text the recipe of the case, as it stands in tests/recipes */
export function scoreTask(one: TaskCase, text: string): TaskScore {
  const task = buildTask(readRecipe(text).recipe, { grain: 'standard' });
  const inMethod = task.steps.filter((s) => s.sourceLine !== null || s.technique === 'eat').map((s) => s.technique ?? '?');
  const method = one.method.split(' ');
  const before = one.before.split(' ');
  const anywhere = new Set(task.steps.map((s) => s.technique));
  const hazards = new Set<string>(task.steps.flatMap((s) => s.hazards));
  const found = dryRun(task).map((f) => `${f.code} ${f.about}`);
  return {
    techniques: method.length + before.length,
    lost: [...notInOrder(method, inMethod), ...before.filter((t) => !anywhere.has(t))],
    hazards: one.hazards.split(' ').length,
    hazardsLost: one.hazards.split(' ').filter((h) => !hazards.has(h)),
    alarms: found.filter((f) => !one.faults.includes(f)),
    missed: one.faults.filter((f) => !found.includes(f)),
  };
}

/** What of a list is missing from another when both are laid side by side in order (longest common subsequence). */
function notInOrder(wanted: readonly string[], have: readonly string[]): string[] {
  const long = Array.from({ length: wanted.length + 1 }, () => new Array<number>(have.length + 1).fill(0));
  for (let i = wanted.length - 1; i >= 0; i--)
    for (let j = have.length - 1; j >= 0; j--)
      long[i][j] = wanted[i] === have[j] ? long[i + 1][j + 1] + 1 : Math.max(long[i + 1][j], long[i][j + 1]);
  const lost: string[] = [];
  let j = 0;
  for (let i = 0; i < wanted.length;) {
    if (j < have.length && wanted[i] === have[j]) {
      i++;
      j++;
    } else if (j >= have.length || long[i + 1][j] >= long[i][j + 1]) lost.push(wanted[i++]);
    else j++;
  }
  return lost;
}
