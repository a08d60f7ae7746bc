// What is said of a learner when somebody looks back: what comes next, how each goal stands, and each technique over recipes.
import {
  goalName,
  goalProgress,
  goalSentence,
  goalStanding,
  nextThings,
  pooledRungs,
  techniqueById,
  type GoalNames,
  type GoalProgress,
  type GoalStanding,
  type LearnerRecord,
  type NextThing,
  type PooledRung,
} from '$core';
import { showDate } from '../ui/words';
import type { GoalRow } from './goals';
import type { Looked } from './look-back';
import { today } from './today';

export type ReviewedGoal = { goal: GoalRow; progress: GoalProgress; sentence: string; name: string; standing: GoalStanding };
/** `pooled`: asked for by few, and not worked out for the others. */
export type Review = { things: NextThing[]; goals: ReviewedGoal[]; pooled: () => PooledRung[] };

export const namesFor = (record: LearnerRecord): GoalNames => ({
  learner: record.learner.name,
  recipe: (id) => record.recipes.get(id) ?? 'a recipe',
  technique: (id) => techniqueById(id)?.name ?? id,
  day: showDate,
});

/** One goal by a learner's record. */
export function reviewGoal(goal: GoalRow, record: LearnerRecord): ReviewedGoal {
  const progress = goalProgress(goal, record);
  const names = namesFor(record);
  return {
    goal,
    progress,
    sentence: goalSentence(goal, record.steps, names),
    name: goalName(goal, names),
    standing: goalStanding(goal, progress, today()),
  };
}

/** @param goals of this learner; those put away are not asked about */
export function reviewOf({ record, decisions }: Looked, goals: readonly GoalRow[]): Review {
  const reviewed = goals.filter((g) => g.putAwayOn === null).map((g) => reviewGoal(g, record));
  let known: PooledRung[] | undefined;
  const pooled = () => (known ??= pooledRungs(record));
  return { things: nextThings(record, reviewed, namesFor(record), today(), decisions, pooled), goals: reviewed, pooled };
}

/** A thing as its page shows it: the records that it rests on with their words. */
export type ShownThing = Omit<NextThing, 'rests' | 'hierarchy'> & {
  rests: { day: string; what: string; letter: string | null; level: string | null; height: number; top: number; recipeId: string }[];
};

export function shownThing({ rests, hierarchy, ...thing }: NextThing, record: LearnerRecord): ShownThing {
  const textOf = new Map(record.steps.map((s) => [`${s.recipeId} ${s.key}`, s.text]));
  const levels = hierarchy?.levels ?? [];
  return {
    ...thing,
    rests: rests.map((t) => {
      const at = levels.findIndex((l) => l.id === t.code);
      return {
        day: t.day,
        recipeId: t.recipeId,
        what: (t.stepKey && textOf.get(`${t.recipeId} ${t.stepKey}`)) || (record.recipes.get(t.recipeId) ?? ''),
        letter: levels[at]?.letter ?? null,
        level: levels[at]?.name ?? null,
        height: levels.length - 1 - at,
        top: levels.length - 1,
      };
    }),
  };
}

/** A goal in a list: its sentence, how it stands, and its last figure with what that rests on. */
export function shownGoal({ goal, progress, sentence, name, standing }: ReviewedGoal) {
  const last = progress.points.findLast((p) => p.share !== null && !p.open);
  return {
    id: goal.id,
    name,
    sentence,
    standing,
    baseline: progress.baseline,
    last: last ? { day: last.day, share: last.share!, reached: last.reached, of: last.score.opportunities } : null,
    inARow: progress.mastery.inARow,
    lessons: goal.criterion.lessons,
    metOn: goal.metOn,
    probe: progress.probe?.due ?? null,
  };
}
