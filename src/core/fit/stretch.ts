// Ways that take a whole stretch: all steps of one pan from turning its ring on to turning it off, or none.
import type { TaskAnalysis, Step } from '../plan/model';
import { lanes } from './lanes';
import type { Adaptation } from './model';
import { canMove } from './move';
import { isFor } from './problem';

/** More pans than this on the ring in one recipe are changed all together or not at all. */
const MOST_LANES = 3;

/**
 * Each choice of stretch-wide ways, as the ways that each step then has for certain. The rule of half: a way that changes the whole dish is
 * chosen only where at least half of its steps have a barrier of their own; else one stiff knob turns a recipe into another.
 */
export function lanesOf(task: TaskAnalysis, pool: readonly Adaptation[], hasBarrier: (s: Step) => boolean): Map<string, Adaptation[]>[] {
  const choices = pool.flatMap((way) =>
    takenBy(task, way).flatMap((steps) => (steps.filter(hasBarrier).length * 2 >= steps.length ? [{ way, steps }] : [])),
  );
  const all = choices.length > MOST_LANES ? [choices] : subsets(choices).filter((s) => s.length > 0);
  return all.map((set) => {
    const given = new Map<string, Adaptation[]>();
    for (const { way, steps } of set) for (const s of steps) given.set(s.key, [...(given.get(s.key) ?? []), way]);
    return given;
  });
}

/** The steps that a way of stretches takes, for each stretch that it can take. */
export const takenBy = (task: TaskAnalysis, way: Adaptation): Step[][] =>
  lanes(task).flatMap((lane) => {
    if (way.moves && !canMove(way, lane, task)) return [];
    const steps = lane.filter((s) => isFor(way, s) && (s.tools.includes('hob') || s.into !== null));
    return steps.length > 0 ? [steps] : [];
  });

function subsets<T>(list: readonly T[]): T[][] {
  return list.reduce<T[][]>((sets, one) => [...sets, ...sets.map((s) => [...s, one])], [[]]);
}
