// The stretches of a task in which a pan stands on its ring.
import type { Step, TaskAnalysis } from '../plan/model';
import { worksOfStep } from './loads';

/** The steps of each pan on the ring, by key. */
export function lanes(task: TaskAnalysis): Step[][] {
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
