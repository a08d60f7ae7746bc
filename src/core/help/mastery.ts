// Mastery: when a task counts as learnt, by the criterion that was set with the goal.
import type { Score } from './score';

export type MasteryRule = { independence: number; lessons: number };

/** At least 90 % of steps independent in 3 lessons in a row (handbook default; kept with each lesson). */
export const USUAL_MASTERY: MasteryRule = { independence: 90, lessons: 3 };

/**
 * Whether the last lessons meet the criterion, and how many in a row do so now.
 * @param scores in order of the lessons; lessons without an opportunity are left out, not counted against
 */
export function mastery(scores: readonly Score[], rule: MasteryRule = USUAL_MASTERY): { met: boolean; inARow: number } {
  const counted = scores.filter((s) => s.independence !== null);
  let inARow = 0;
  for (let i = counted.length - 1; i >= 0 && counted[i]!.independence! >= rule.independence; i--) inARow++;
  return { met: inARow >= rule.lessons, inARow };
}
