// Cohen's kappa (Cohen 1960).

/**
 * How far two agree beyond what they would by chance, (p_o - p_e) / (1 - p_e).
 * @param x, y the codes of two observers, step by step
 * @returns NaN of none, and where both gave one and the same code throughout: chance explains all of it
 * @throws RangeError where one has more codes than the other
 * @example kappa([...'IIVGIMVIIG'], [...'IIVVIMVIGG']) // p_e 0.31: 0.7101
 */
export function kappa(x: readonly string[], y: readonly string[]): number {
  if (x.length !== y.length) throw new RangeError(`two observers of the same steps have as many codes: ${x.length} and ${y.length}`);
  const n = x.length;
  const observed = x.filter((code, i) => code === y[i]).length / n;
  const times = (all: readonly string[], code: string) => all.filter((c) => c === code).length;
  const chance = [...new Set(x)].reduce((sum, code) => sum + times(x, code) * times(y, code), 0) / (n * n);
  return chance === 1 ? NaN : (observed - chance) / (1 - chance);
}
