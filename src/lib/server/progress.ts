// What the records of one learner with one recipe come to: scores by lesson, codes by step, and the yellow rung of each step.
import { mastery, nextRung, scoreLesson, USUAL_RULE, type Hierarchy, type Opportunity, type Score, type YellowRung } from '$core';
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
  codes: Record<string, Record<string, string>>;
  rungs: Record<string, YellowRung>;
  mastered: { met: boolean; inARow: number };
};

/** The opportunities of one step, oldest first. Lessons of another hierarchy than the newest are left out: their levels mean something else. */
function opportunitiesOf(
  stepKey: string,
  lessons: readonly LessonRow[],
  byLesson: Map<string, ObservationRow[]>,
  hierarchy: Hierarchy,
): Opportunity[] {
  return lessons
    .filter((l) => l.hierarchy.id === hierarchy.id)
    .flatMap((lesson) => {
      const seen = byLesson.get(lesson.id)?.find((o) => o.stepKey === stepKey);
      return seen ? [{ code: seen.code, day: lesson.heldOn }] : [];
    });
}

/**
 * @param lessons oldest first
 * @param stepKeys the steps to say something about
 */
export function progressOf(lessons: readonly LessonRow[], observations: readonly ObservationRow[], stepKeys: readonly string[]): Progress {
  const byLesson = new Map<string, ObservationRow[]>();
  for (const o of observations) byLesson.set(o.lessonId, [...(byLesson.get(o.lessonId) ?? []), o]);
  const points = lessons.map((l): LessonPoint => ({
    lessonId: l.id,
    day: l.heldOn,
    phase: l.phase,
    state: l.state,
    version: l.version,
    score: scoreLesson(byLesson.get(l.id) ?? [], l.hierarchy),
  }));
  const hierarchy = lessons.at(-1)?.hierarchy;
  const codes: Progress['codes'] = {};
  for (const o of observations) (codes[o.stepKey] ??= {})[o.lessonId] = o.code;
  const rungs: Progress['rungs'] = {};
  if (hierarchy)
    for (const key of stepKeys) rungs[key] = nextRung(opportunitiesOf(key, lessons, byLesson, hierarchy), { ...USUAL_RULE, hierarchy });
  return { lessons: points, codes, rungs, mastered: mastery(points.map((p) => p.score)) };
}
