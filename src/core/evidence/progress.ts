// What the records of one learner with one recipe come to, step by step: the newest times, and the yellow rung.
import { heightOf } from '../help/hierarchy';
import { furthest, nextRung, type Opportunity, type YellowRung } from '../help/next-rung';
import type { HeldLesson, MadeByLesson, SetAim } from './record';

/** One time that a step was done at a level of help. */
export type Time = Opportunity & { lessonId: string };
/** Both by step. `times`: the newest, as many as can matter, oldest first. */
export type Progress = { times: Map<string, Time[]>; rungs: Map<string, YellowRung> };

/**
 * The newest opportunities of each step at a level of help, oldest first. Lessons of another hierarchy than the newest are left out: their levels mean
 * something else.
 * @param lessons oldest first
 * @param most how many of a step: years of records are gone through for the few that say anything
 */
function newestTimes(lessons: readonly HeldLesson[], made: MadeByLesson, steps: readonly string[], most: number): Map<string, Time[]> {
  const times = new Map(steps.map((key): [string, Time[]] => [key, []]));
  const hierarchy = lessons.at(-1)?.hierarchy;
  for (let i = lessons.length - 1; hierarchy && i >= 0; i--) {
    const lesson = lessons[i]!;
    if (lesson.hierarchy.id !== hierarchy.id) continue;
    for (const { stepKey, code } of made.get(lesson.id) ?? []) {
      const of = times.get(stepKey);
      if (of && of.length < most && heightOf(code, hierarchy) !== null) of.push({ code, day: lesson.heldOn, lessonId: lesson.id });
    }
  }
  for (const of of times.values()) of.reverse();
  return times;
}

/**
 * @param lessons of one recipe, oldest first
 * @param stepKeys the steps to say something about
 * @param aims by step, where a person set one
 */
export function progressOf(
  lessons: readonly HeldLesson[],
  made: MadeByLesson,
  stepKeys: readonly string[],
  aims: ReadonlyMap<string, SetAim> = new Map(),
): Progress {
  const newest = lessons.at(-1);
  if (!newest) return { times: new Map(), rungs: new Map() };
  // the rule in force is that of the newest lesson
  const times = newestTimes(lessons, made, stepKeys, furthest(newest.rule));
  const rungs = new Map(
    stepKeys.map((key): [string, YellowRung] => {
      const set = aims.get(key);
      return [
        key,
        nextRung(times.get(key)!, { ...newest.rule, hierarchy: newest.hierarchy, ...(set && { aim: set.level, since: set.since }) }),
      ];
    }),
  );
  return { times, rungs };
}
