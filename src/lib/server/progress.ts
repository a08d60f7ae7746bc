// What the records of one learner with one recipe come to: scores by lesson, codes by step, and the yellow rung of each step.
import { mastery, nextRung, scoreLesson, type Hierarchy, type Opportunity, type Score, type YellowRung } from '$core';
import type { LessonRow, ObservationRow } from './lessons';

export type LessonPoint = {
  lessonId: string;
  day: string;
  phase: LessonRow['phase'];
  state: LessonRow['state'];
  version: number;
  score: Score;
};
export type Progress = {
  lessons: LessonPoint[];
  /** step key -> lesson id -> code */
  codes: Map<string, Map<string, string>>;
  rungs: Map<string, YellowRung>;
  mastered: { met: boolean; inARow: number };
};

/** The opportunities of one step, oldest first. Lessons of another hierarchy than the newest are left out: their levels mean something else. */
function opportunitiesOf(stepKey: string, lessons: readonly LessonRow[], codes: Progress['codes'], hierarchy: Hierarchy): Opportunity[] {
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
 */
export function progressOf(lessons: readonly LessonRow[], observations: readonly ObservationRow[], stepKeys: readonly string[]): Progress {
  const byLesson = new Map<string, ObservationRow[]>();
  const codes: Progress['codes'] = new Map();
  for (const o of observations) {
    if (!byLesson.has(o.lessonId)) byLesson.set(o.lessonId, []);
    byLesson.get(o.lessonId)!.push(o);
    if (!codes.has(o.stepKey)) codes.set(o.stepKey, new Map());
    codes.get(o.stepKey)!.set(o.lessonId, o.code);
  }
  const points = lessons.map((l): LessonPoint => ({
    lessonId: l.id,
    day: l.heldOn,
    phase: l.phase,
    state: l.state,
    version: l.version,
    score: scoreLesson(byLesson.get(l.id) ?? [], l.hierarchy),
  }));
  const newest = lessons.at(-1);
  const rungs: Progress['rungs'] = new Map();
  // the rule and the criterion in force are those of the newest lesson
  if (newest)
    for (const key of stepKeys)
      rungs.set(key, nextRung(opportunitiesOf(key, lessons, codes, newest.hierarchy), { ...newest.rule, hierarchy: newest.hierarchy }));
  return {
    lessons: points,
    codes,
    rungs,
    mastered: mastery(
      points.map((p) => p.score),
      newest?.mastery,
    ),
  };
}
