// The line from where a learner began to where a goal says that he will be.
import { median } from './pairs';

/** A value on a day, YYYY-MM-DD. */
export type OnDay = { day: string; value: number };
export type AimLine = {
  from: OnDay;
  to: OnDay;
  /** How many baseline lessons it starts from: 1 to 3. */
  rests: number;
};

const dayNumber = (day: string) => Date.parse(`${day}T00:00:00Z`) / 86_400_000;
/** Days from one day to another. */
export const daysBetween = (from: string, to: string): number => dayNumber(to) - dayNumber(from);

/** How many of the last baseline points it starts from (handbooks of progress monitoring; common practice). */
const START = 3;

/**
 * From the median of the last three baseline points, on the day of the last of them, to the goal on its date.
 * @param baseline in the order of the lessons
 * @param goal the value in %, and the day by which it is to be reached
 * @returns null with no baseline, or with a goal whose day is not after it: nothing to draw
 */
export function aimLine(baseline: readonly OnDay[], goal: { value: number; by: string }): AimLine | null {
  const last = baseline.slice(-START);
  const from = last.at(-1);
  if (!from || !(daysBetween(from.day, goal.by) > 0)) return null;
  return {
    from: { day: from.day, value: median(last.map((p) => p.value)) },
    to: { day: goal.by, value: goal.value },
    rests: last.length,
  };
}

/** Where the line stands on a day; before its start and after its end it goes on level. */
export function aimOn(line: AimLine, day: string): number {
  const whole = daysBetween(line.from.day, line.to.day);
  const gone = Math.min(1, Math.max(0, daysBetween(line.from.day, day) / whole));
  return line.from.value + (line.to.value - line.from.value) * gone;
}
