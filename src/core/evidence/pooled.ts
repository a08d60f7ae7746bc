// A technique over all recipes in which it occurs: how much help it takes, whatever is cooked.
import { heightOf, type Hierarchy } from '../help/hierarchy';
import { nextRung, type Opportunity, type YellowRung } from '../help/next-rung';
import { stepsByRecipe, type HeldLesson, type LearnerRecord } from './record';

export type PooledRung = {
  technique: string;
  /** Recipes in which it was recorded. */
  recipes: string[];
  /** Lessons in which it was recorded. */
  lessons: number;
  hierarchy: Hierarchy;
  rung: YellowRung;
};

/**
 * The yellow rung of each technique, over all recipes. A lesson in which it comes up several times is one opportunity, at the middle of what was recorded (the
 * one with more help of two), so that a recipe with five spoons to level does not say more than one with a single cup. Only lessons with the levels of the
 * newest count.
 */
export function pooledRungs(record: LearnerRecord): PooledRung[] {
  const known = stepsByRecipe(record.steps);
  const found = new Map<string, { lesson: HeldLesson; codes: string[] }[]>();
  for (const lesson of record.lessons) {
    const here = new Map<string, string[]>();
    const steps = known.get(lesson.recipeId);
    for (const r of record.made.get(lesson.id) ?? []) {
      const technique = steps?.get(r.stepKey)?.technique;
      if (!technique || heightOf(r.code, lesson.hierarchy) === null) continue;
      const codes = here.get(technique);
      if (codes) codes.push(r.code);
      else here.set(technique, [r.code]);
    }
    for (const [technique, codes] of here) {
      const all = found.get(technique);
      if (all) all.push({ lesson, codes });
      else found.set(technique, [{ lesson, codes }]);
    }
  }
  return [...found].map(([technique, all]) => pooled(technique, all));
}

function pooled(technique: string, all: readonly { lesson: HeldLesson; codes: string[] }[]): PooledRung {
  const { hierarchy, rule } = all.at(-1)!.lesson;
  const same = all.filter(({ lesson }) => lesson.hierarchy.id === hierarchy.id);
  const opportunities = same.map(({ lesson, codes }): Opportunity => ({ day: lesson.heldOn, code: middleOf(codes, hierarchy) }));
  return {
    technique,
    recipes: [...new Set(same.map(({ lesson }) => lesson.recipeId))],
    lessons: same.length,
    hierarchy,
    rung: nextRung(opportunities, { ...rule, hierarchy }),
  };
}

function middleOf(codes: readonly string[], hierarchy: Hierarchy): string {
  const sorted = [...codes].sort((a, b) => heightOf(a, hierarchy)! - heightOf(b, hierarchy)!);
  return sorted[Math.floor((sorted.length - 1) / 2)]!;
}
