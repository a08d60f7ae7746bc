// The whole class at once: which steps of a recipe stop most learners. Then the step, not the learner, may be wrong.
import { heightOf } from '../help/hierarchy';
import { stepId, type LearnerRecord } from './record';

export type StoppingStep = {
  recipeId: string;
  key: string;
  text: string;
  /** Learners of whom there is enough to say. */
  of: number;
  /** Learner ids: in most of the last lessons at the half of the ladder with more help, or it was refused. */
  stopped: string[];
};

/** From how many learners on anything is said, and of how many of their last lessons. */
const FEWEST = 3;
const LAST = 3;
const LEAST_EACH = 2;

/** Steps that stop at least half of those who were offered them, the worst first. */
export function stoppingSteps(records: readonly LearnerRecord[]): StoppingStep[] {
  const found = new Map<string, StoppingStep>();
  for (const record of records) {
    const lessonOf = new Map(record.lessons.map((l) => [l.id, l]));
    const here = new Map(record.steps.filter((s) => s.here).map((s) => [stepId(s.recipeId, s.key), s]));
    const heights = new Map<string, { day: string; low: boolean }[]>();
    for (const r of record.records) {
      const lesson = lessonOf.get(r.lessonId)!;
      const id = stepId(lesson.recipeId, r.stepKey);
      const height = r.code === 'refused' ? 0 : heightOf(r.code, lesson.hierarchy);
      if (height === null || !here.has(id)) continue;
      const top = lesson.hierarchy.levels.length - 1;
      heights.set(id, [...(heights.get(id) ?? []), { day: lesson.heldOn, low: height < top / 2 }]);
    }
    for (const [id, all] of heights) {
      const last = all.sort((a, b) => (a.day < b.day ? -1 : a.day > b.day ? 1 : 0)).slice(-LAST);
      if (last.length < LEAST_EACH) continue;
      const { recipeId, key, text } = here.get(id)!;
      const step = found.get(id) ?? { recipeId, key, text, of: 0, stopped: [] };
      step.of++;
      if (last.filter((l) => l.low).length > last.length / 2) step.stopped.push(record.learner.id);
      found.set(id, step);
    }
  }
  return [...found.values()]
    .filter((s) => s.of >= FEWEST && s.stopped.length >= s.of / 2)
    .sort((a, b) => b.stopped.length / b.of - a.stopped.length / a.of || b.of - a.of);
}
