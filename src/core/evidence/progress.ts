// What the records of one learner with one recipe come to, step by step: the code of each lesson, and the yellow rung.
import type { Hierarchy } from '../help/hierarchy';
import { nextRung, type Opportunity, type YellowRung } from '../help/next-rung';
import type { HeldLesson, MadeRecord, SetAim } from './record';

export type Progress = {
  /** step key -> lesson id -> code */
  codes: Map<string, Map<string, string>>;
  rungs: Map<string, YellowRung>;
};

/** The opportunities of one step, oldest first. Lessons of another hierarchy than the newest are left out: their levels mean something else. */
function opportunitiesOf(stepKey: string, lessons: readonly HeldLesson[], codes: Progress['codes'], hierarchy: Hierarchy): Opportunity[] {
  return lessons
    .filter((l) => l.hierarchy.id === hierarchy.id)
    .flatMap((lesson) => {
      const code = codes.get(stepKey)?.get(lesson.id);
      return code === undefined ? [] : [{ code, day: lesson.heldOn }];
    });
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
      rungs.set(key, nextRung(opportunitiesOf(key, lessons, codes, newest.hierarchy), rule));
    }
  return { codes, rungs };
}
