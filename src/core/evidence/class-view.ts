// The whole class at once: which steps of a recipe stop most learners. Then the step, not the learner, may be wrong.
import { heightOf } from '../help/hierarchy';
import { stepId, stepsByRecipe, type HeldLesson, type KnownStep, type LearnerRecord } from './record';

export type StoppingStep = {
  recipeId: string;
  key: string;
  text: string;
  /** Learners of whom there is enough to say. */
  of: number;
  /** Learner ids: in most of the last lessons at the half of the ladder with more help, or it was refused. */
  stopped: string[];
};

/** So many of a learner's newest lessons with a recipe say what stops him now. */
const NEWEST = 8;

/** Of a learner's lessons those that say what stops him in a recipe. @param lessons oldest first */
export const stoppingLessons = (lessons: readonly HeldLesson[], recipeId: string): HeldLesson[] =>
  lessons.filter((l) => l.recipeId === recipeId && l.state !== 'missed').slice(-NEWEST);

/** From how many learners on anything is said, and of how many of their last times. */
const FEWEST = 3;
const LAST = 3;
const LEAST_EACH = 2;

/** Steps that stop at least half of those who were offered them, the worst first. */
export function stoppingSteps(records: readonly LearnerRecord[]): StoppingStep[] {
  const found = new Map<string, StoppingStep>();
  for (const record of records) {
    for (const [{ recipeId, key, text }, low] of newestOfEach(record)) {
      if (low.length < LEAST_EACH) continue;
      const id = stepId(recipeId, key);
      const step = found.get(id) ?? { recipeId, key, text, of: 0, stopped: [] };
      step.of++;
      if (low.filter(Boolean).length > low.length / 2) step.stopped.push(record.learner.id);
      found.set(id, step);
    }
  }
  return [...found.values()]
    .filter((s) => s.of >= FEWEST && s.stopped.length >= s.of / 2)
    .sort((a, b) => b.stopped.length / b.of - a.stopped.length / a.of || b.of - a.of);
}

/** Of each step that there still is, whether its last times in the newest lessons were low on the ladder, the newest first. */
function newestOfEach(record: LearnerRecord): Map<KnownStep, boolean[]> {
  const here = stepsByRecipe(record.steps.filter((s) => s.here));
  const found = new Map<KnownStep, boolean[]>();
  const recipes = [...new Set(record.lessons.map((l) => l.recipeId))];
  for (const lesson of recipes.flatMap((id) => stoppingLessons(record.lessons, id).reverse())) {
    const half = (lesson.hierarchy.levels.length - 1) / 2;
    const steps = here.get(lesson.recipeId);
    for (const r of record.made.get(lesson.id) ?? []) {
      const step = steps?.get(r.stepKey);
      if (!step) continue;
      const low = found.get(step);
      if (low?.length === LAST) continue;
      const height = r.code === 'refused' ? 0 : heightOf(r.code, lesson.hierarchy);
      if (height === null) continue;
      if (low) low.push(height < half);
      else found.set(step, [height < half]);
    }
  }
  return found;
}
