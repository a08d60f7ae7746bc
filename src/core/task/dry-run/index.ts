// The dry run: plays the steps with the kitchen in mind and says what would go wrong in the lesson.
import { USUAL_KITCHEN, type Kitchen, type TaskAnalysis } from '../model';
import { ingredientFindings, preparationFindings } from './food';
import { heatFindings } from './heat';
import { measureFindings, rawFindings } from './hygiene';
import type { Finding } from './model';
import { overflowFindings, supervisionFindings, timeFindings, toolFindings } from './place';
import { simulate } from './simulate';

/**
 * Finds what the steps would run into: things never fetched, measured twice, left raw, left on. In the order of the kinds, then of the steps.
 * Never changes its input. Says nothing about whether a recipe or a person is safe: no finding means that none of these faults was found.
 */
export function dryRun(task: TaskAnalysis, kitchen: Kitchen = USUAL_KITCHEN): Finding[] {
  if (task.steps.length === 0) return [];
  const shots = simulate(task, kitchen);
  return [
    ...ingredientFindings(task),
    ...heatFindings(task),
    ...measureFindings(task, shots, kitchen),
    ...preparationFindings(task, shots),
    ...rawFindings(task, shots),
    ...overflowFindings(task, shots),
    ...supervisionFindings(task),
    ...timeFindings(task, shots),
    ...toolFindings(task, shots, kitchen),
  ];
}
