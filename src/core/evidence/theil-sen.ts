// The slope of a record that one odd lesson does not bend (Theil 1950, Sen 1968).
import { median } from './pairs';

/**
 * Median of the slopes of all pairs of points.
 * @param values one a lesson, in their order
 * @param at where each lies; without it they lie one apart, and the slope is "a lesson"
 * @returns NaN of fewer than two points, or where all lie at the same place
 * @example theilSen([35, 40, 30, 55, 60, 65, 75]) // 6.6667 a lesson
 */
export function theilSen(values: readonly number[], at: readonly number[] = values.map((_, i) => i)): number {
  const slopes = new Float64Array((values.length * (values.length - 1)) / 2);
  let n = 0;
  for (let i = 0; i < values.length; i++)
    for (let k = i + 1; k < values.length; k++) {
      const run = at[k]! - at[i]!;
      if (run !== 0) slopes[n++] = (values[k]! - values[i]!) / run;
    }
  return median(slopes.subarray(0, n));
}
