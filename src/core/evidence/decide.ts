// What the last four points say against the aim line (four-point rule, common practice).

export type Decision = {
  decision: 'change' | 'raise' | 'go-on' | 'not-enough';
  why: string;
  /** How many points it rests on. */
  n: number;
};

const POINTS = 4;

/**
 * Four points in a row under the line: change something. Four above it: raise the goal. Else go on.
 * @param values in % since the last change, oldest first
 * @param aim where the line stands at each of them
 */
export function decide(values: readonly number[], aim: readonly number[]): Decision {
  const n = Math.min(values.length, aim.length);
  if (n < POINTS) return { decision: 'not-enough', n, why: `${n} of ${POINTS} lessons since the last change: too few to say.` };
  const off = values.slice(n - POINTS, n).map((value, i) => value - aim[n - POINTS + i]!);
  if (off.every((d) => d < 0)) return { decision: 'change', n: POINTS, why: `The last ${POINTS} lessons all lie under the aim line.` };
  if (off.every((d) => d > 0)) return { decision: 'raise', n: POINTS, why: `The last ${POINTS} lessons all lie above the aim line.` };
  return { decision: 'go-on', n: POINTS, why: `Of the last ${POINTS} lessons ${under(off)}.` };
}

function under(off: readonly number[]): string {
  const n = off.filter((d) => d < 0).length;
  const on = off.filter((d) => d === 0).length;
  return [n && `${n} under the aim line`, on && `${on} on it`, off.length - n - on && `${off.length - n - on} above`]
    .filter(Boolean)
    .join(', ');
}
