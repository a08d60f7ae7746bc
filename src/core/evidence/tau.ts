// Tau and Tau-U of two stretches of a record (Parker, Vannest, Davis & Sauber 2011).
import { pairsOf, pairsWithin } from './pairs';

/**
 * Tau, A against B: higher less lower pairs, over all pairs. From -1 to 1.
 * @returns NaN where either is empty
 * @example tau([20, 25, 20, 30, 25], [35, 40, 30, 55, 60, 65, 75]) // 0.9714
 */
export function tau(a: readonly number[], b: readonly number[]): number {
  const { higher, lower } = pairsOf(a, b);
  return (higher - lower) / (a.length * b.length);
}

/**
 * Tau-U in the variant "A against B, less the trend of A": (S_AB - S_A) / (n_A n_B). It takes away what the baseline was rising by itself, and can pass 1
 * or -1, since S_A is no part of the pairs it is divided by.
 * @returns NaN where either is empty
 * @example tauU([20, 25, 20, 30, 25], [35, 40, 30, 55, 60, 65, 75]) // S_A is 4: 0.8571
 */
export function tauU(a: readonly number[], b: readonly number[]): number {
  if (a.length === 0 || b.length === 0) return NaN;
  const between = pairsOf(a, b);
  const within = pairsWithin(a);
  return (between.higher - between.lower - (within.higher - within.lower)) / (a.length * b.length);
}
