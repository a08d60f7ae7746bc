// What the records of one learner with one recipe come to, step by step: the code of each lesson, and the yellow rung.
import { heightOf } from '../help/hierarchy';
import { furthest, nextRung, type Opportunity, type YellowRung } from '../help/next-rung';
import type { HeldLesson, MadeRecord, SetAim } from './record';

export type Progress = {
  /** step key -> lesson id -> code */
  codes: Map<string, Map<string, string>>;
  rungs: Map<string, YellowRung>;
};

type Time = Opportunity & { lesson: HeldLesson };

/**
 * The newest opportunities of one step at a level of help, oldest first. Lessons of another hierarchy than the newest are left out: their levels mean
 * something else.
 * @param most how many: years of records are gone through for the few that say anything
 */
export function newestTimes(lessons: readonly HeldLesson[], codes: ReadonlyMap<string, string> | undefined, most: number): Time[] {
  const newest = lessons.at(-1);
  const found: Time[] = [];
  if (!newest || !codes) return found;
  for (let i = lessons.length - 1; i >= 0 && found.length < most; i--) {
    const lesson = lessons[i]!;
    if (lesson.hierarchy.id !== newest.hierarchy.id) continue;
    const code = codes.get(lesson.id);
    if (code !== undefined && heightOf(code, newest.hierarchy) !== null) found.push({ lesson, code, day: lesson.heldOn });
  }
  return found.reverse();
}

/**
 * @param lessons oldest first
 * @param stepKeys the steps to say something about
 * @param aims by step, where a person set one
 */
export function progressOf(
  lessons: readonly HeldLesson[],
  observations: readonly MadeRecord[],
  stepKeys: readonly string[],
  aims: ReadonlyMap<string, SetAim> = new Map(),
): Progress {
  const codes: Progress['codes'] = new Map();
  for (const o of observations) {
    if (!codes.has(o.stepKey)) codes.set(o.stepKey, new Map());
    codes.get(o.stepKey)!.set(o.lessonId, o.code);
  }
  const newest = lessons.at(-1);
  const rungs: Progress['rungs'] = new Map();
  // the rule in force is that of the newest lesson
  if (newest)
    for (const key of stepKeys) {
      const set = aims.get(key);
      const rule = { ...newest.rule, hierarchy: newest.hierarchy, ...(set && { aim: set.level, since: set.since }) };
      const times = newestTimes(lessons, codes.get(key), furthest(rule)).map(({ code, day }) => ({ code, day }));
      rungs.set(key, nextRung(times, rule));
    }
  return { codes, rungs };
}
