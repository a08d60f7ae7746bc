// Ways that take a whole stretch: all steps of one pan from turning its ring on to turning it off, or none.
import type { TaskAnalysis, Step } from '../plan/model';
import { worksOfStep } from './loads';
import type { Adaptation } from './model';
import { isFor } from './problem';

/** More pans than this on the ring in one recipe are changed all together or not at all. */
const MOST_LANES = 3;

/** The steps of each pan on the ring, by key. */
function lanes(task: TaskAnalysis): Step[][] {
  const out: Step[][] = [];
  let now: Step[] | null = null;
  for (const step of task.steps) {
    const { act } = worksOfStep(step);
    if (act === 'ring-on' || (now === null && act === 'heat' && step.tools.includes('hob'))) out.push((now = []));
    now?.push(step);
    if (act === 'off' && step.tools.includes('hob')) now = null;
  }
  return out;
}

/**
 * Each choice of stretch-wide ways, as the ways that each step then has for certain. The rule of half: a way that changes the whole dish is
 * chosen only where at least half of its steps have a barrier of their own; else one stiff knob turns a recipe into another.
 */
export function lanesOf(task: TaskAnalysis, pool: readonly Adaptation[], hasBarrier: (s: Step) => boolean): Map<string, Adaptation[]>[] {
  const choices = pool.flatMap((way) =>
    lanes(task).flatMap((lane) => {
      const steps = lane.filter((s) => isFor(way, s) && (s.tools.includes('hob') || s.into !== null));
      const own = steps.filter(hasBarrier).length;
      return steps.length > 0 && own * 2 >= steps.length ? [{ way, steps }] : [];
    }),
  );
  const all = choices.length > MOST_LANES ? [choices] : subsets(choices).filter((s) => s.length > 0);
  return all.map((set) => {
    const given = new Map<string, Adaptation[]>();
    for (const { way, steps } of set) for (const s of steps) given.set(s.key, [...(given.get(s.key) ?? []), way]);
    return given;
  });
}

function subsets<T>(list: readonly T[]): T[][] {
  return list.reduce<T[][]>((sets, one) => [...sets, ...sets.map((s) => [...s, one])], [[]]);
}
