// PND, percentage of non-overlapping data (Scruggs, Mastropieri & Casto 1987).

/**
 * Share of intervention points above the highest baseline point, in %. One high baseline point decides it alone, and at 100 % it hides everything.
 * @returns NaN where either is empty
 * @example pnd([20, 25, 20, 30, 25], [35, 40, 30, 55, 60, 65, 75]) // 6 of 7: 85.71
 */
export function pnd(a: readonly number[], b: readonly number[]): number {
  if (a.length === 0) return NaN;
  const highest = Math.max(...a);
  return (100 * b.filter((value) => value > highest).length) / b.length;
}
