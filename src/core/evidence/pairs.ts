// Two stretches of a record set against each other, pair by pair: what most single-case figures are made of.

/** Pairs of a first and a later value: in how many the later is higher, lower, the same. */
export type Pairs = { higher: number; lower: number; same: number };

/** Every value of a against every value of b. */
export function pairsOf(a: readonly number[], b: readonly number[]): Pairs {
  const pairs: Pairs = { higher: 0, lower: 0, same: 0 };
  for (const first of a) for (const later of b) count(pairs, first, later);
  return pairs;
}

/** Every value of one stretch against those that come after it. */
export function pairsWithin(values: readonly number[]): Pairs {
  const pairs: Pairs = { higher: 0, lower: 0, same: 0 };
  values.forEach((first, i) => {
    for (const later of values.slice(i + 1)) count(pairs, first, later);
  });
  return pairs;
}

function count(pairs: Pairs, first: number, later: number): void {
  if (later > first) pairs.higher++;
  else if (later < first) pairs.lower++;
  else pairs.same++;
}

/** The middle value; of an even number of them halfway between the two. NaN of none. */
export function median(values: ArrayLike<number>): number {
  const sorted = Float64Array.from(values).sort();
  const half = Math.floor(sorted.length / 2);
  return sorted.length % 2 === 1 ? sorted[half]! : (sorted[half - 1]! + sorted[half]!) / 2;
}
