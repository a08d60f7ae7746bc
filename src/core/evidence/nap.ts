// NAP, non-overlap of all pairs (Parker & Vannest 2009).
import { pairsOf } from './pairs';

/**
 * Share of all baseline x intervention pairs in which the later is higher; a tie counts half. 0.5 is chance, 1 is no overlap.
 * @param a values of the baseline; @param b values of the intervention
 * @returns NaN where either is empty
 * @example nap([20, 25, 20, 30, 25], [35, 40, 30, 55, 60, 65, 75]) // 69 of 70 pairs: 0.9857
 */
export function nap(a: readonly number[], b: readonly number[]): number {
  const { higher, same } = pairsOf(a, b);
  return (higher + same / 2) / (a.length * b.length);
}
