// How long the steps of a recipe really take this class, from when its records were made.
import { LEARNER_TIME_FACTOR, type Step } from '../plan/model';

/** A record of one learner in one lesson: the step, and when it was made, in milliseconds. */
export type Made = { stepKey: string; at: number };

/** Minutes of a step: the median of `n` times. */
export type Pace = { minutes: number; n: number };

/** Longer than this between two records is a break, not a step (common practice: nobody cooks at one step for so long but to wait). In minutes. */
export const BREAK = 20;
/** Records that follow each other faster than this were caught up on later; what they took is not known. In milliseconds. */
export const CAUGHT_UP = 3000;

/**
 * Real minutes by step, as medians over learners and lessons. A step took the time from the record before it to its own. Left out: the first of a lesson,
 * breaks, and what was caught up on later, with the long time before such a run.
 * @param lessons for each learner and lesson its records, in any order
 */
export function pacesOf(lessons: readonly (readonly Made[])[]): Map<string, Pace> {
  const times = new Map<string, number[]>();
  for (const lesson of lessons) {
    const made = [...lesson].sort((a, b) => a.at - b.at);
    for (let i = 1; i < made.length; i++) {
      const took = made[i]!.at - made[i - 1]!.at;
      const next = made[i + 1];
      const inRun = took < CAUGHT_UP || (next !== undefined && next.at - made[i]!.at < CAUGHT_UP);
      if (inRun || took > BREAK * 60_000) continue;
      const key = made[i]!.stepKey;
      times.set(key, [...(times.get(key) ?? []), took / 60_000]);
    }
  }
  return new Map([...times].map(([key, all]) => [key, { minutes: median(all), n: all.length }]));
}

function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  const middle = sorted.length >> 1;
  return sorted.length % 2 === 1 ? sorted[middle]! : (sorted[middle - 1]! + sorted[middle]!) / 2;
}

/** A wait that is longer goes on without the class: overnight, until the next lesson. In minutes. */
export const NEXT_LESSON = 60;
/** How often a step has to have been timed before its own minutes are taken. */
const ENOUGH = 3;

/**
 * Minutes of these steps, one after the other, for one learner: the class's own where there are enough, else an adult's times three and the waiting.
 * What waits for more than an hour is no part of a lesson.
 * @returns `own`: how many steps went by the class's own times
 */
export function expectedMinutes(steps: readonly Step[], paces: ReadonlyMap<string, Pace>): { minutes: number; own: number } {
  let minutes = 0;
  let own = 0;
  for (const step of steps) {
    const pace = paces.get(step.key);
    if (pace && pace.n >= ENOUGH) own++;
    const waiting = step.minutes.waiting > NEXT_LESSON ? 0 : step.minutes.waiting;
    minutes += pace && pace.n >= ENOUGH ? pace.minutes : step.minutes.active * LEARNER_TIME_FACTOR + waiting;
  }
  return { minutes: Math.round(minutes), own };
}
