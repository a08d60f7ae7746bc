// Agreement of two who scored the same lesson: point by point, of one code, and above chance.
import { kappa } from './kappa';

/** How many codes are the same; both scored as many steps, in the same order. */
function alike(x: readonly string[], y: readonly string[]): number {
  if (x.length !== y.length) throw new RangeError(`two observers of the same steps have as many codes: ${x.length} and ${y.length}`);
  return x.filter((code, i) => code === y[i]).length;
}

/**
 * Point-by-point agreement: same codes / all codes x 100 (Cooper, Heron & Heward). 80 % is the usual floor (common practice).
 * @param x, y the codes of two observers, step by step
 * @returns NaN of none
 * @throws RangeError where one has more codes than the other
 * @example agreement([...'IIVGIMVIIG'], [...'IIVVIMVIGG']) // 80
 */
export function agreement(x: readonly string[], y: readonly string[]): number {
  return (100 * alike(x, y)) / x.length;
}

/**
 * Occurrence agreement: of the steps to which either gave a code, the share to which both did, in %. What is common does not raise it by chance.
 * @returns NaN where neither gave it
 * @throws RangeError where one has more codes than the other
 * @example occurrence([...'IIVGIMVIIG'], [...'IIVVIMVIGG'], 'G') // one of three: 33.3
 */
export function occurrence(x: readonly string[], y: readonly string[], code: string): number {
  alike(x, y);
  const either = x.filter((c, i) => c === code || y[i] === code).length;
  const both = x.filter((c, i) => c === code && y[i] === code).length;
  return (100 * both) / either;
}

export type Agreement = {
  /** Steps that both recorded. */
  both: number;
  same: number;
  /** Point by point; null where no step was recorded by both. */
  percent: number | null;
  /** Of the steps that either called independent, the share that both did; null where neither did. */
  independent: number | null;
  /** Cohen's kappa; null where chance explains all, or nothing was scored by both. */
  kappa: number | null;
};

const orNull = (n: number) => (Number.isFinite(n) ? n : null);

/**
 * Agreement over the steps that both recorded.
 * @param first, second code by step
 * @example agreementOf(new Map([['a', 'model'], ['b', 'gesture']]), new Map([['a', 'model'], ['b', 'model']])).percent // 50
 */
export function agreementOf(first: ReadonlyMap<string, string>, second: ReadonlyMap<string, string>): Agreement {
  const keys = [...first.keys()].filter((key) => second.has(key));
  const [x, y] = [keys.map((k) => first.get(k)!), keys.map((k) => second.get(k)!)];
  return {
    both: keys.length,
    same: alike(x, y),
    percent: orNull(agreement(x, y)),
    independent: orNull(occurrence(x, y, 'independent')),
    kappa: orNull(kappa(x, y)),
  };
}
