// The record of one learner as its readers take it: lessons, what was recorded in them, and the steps that it was of.
import type { Hierarchy } from '../help/hierarchy';
import type { MasteryRule } from '../help/mastery';

export const LEARNING_PHASES = ['baseline', 'intervention', 'maintenance', 'generalisation'] as const;
export type LearningPhase = (typeof LEARNING_PHASES)[number];

/** One recipe in one lesson, as it was for one learner. */
export type HeldLesson = {
  id: string;
  recipeId: string;
  /** YYYY-MM-DD */
  heldOn: string;
  phase: LearningPhase;
  state: 'open' | 'finished' | 'missed';
  version: number;
  hierarchy: Hierarchy;
  rule: { last: number; days: number; down: number };
  mastery: MasteryRule;
  procedure: { id: string };
  chaining?: string;
  /** Tells one set of the learner's own cards from another; null where the class's were in force. */
  own?: string | null;
  /** Where, if not in the usual kitchen. */
  place?: string | null;
};

/** A record in force, of the lesson that it stands with. */
export type MadeRecord = { stepKey: string; code: string; observer?: string };
/** Records in force by the id of their lesson: so they are kept, and so nearly all that reads them wants them. */
export type MadeByLesson = ReadonlyMap<string, readonly MadeRecord[]>;

/** A step of a recipe, in its newest words. */
export type KnownStep = {
  recipeId: string;
  key: string;
  text: string;
  technique: string | null;
  hazards: readonly string[];
  /** 'ready' 'gather' 'prepare' 'cook' 'serve' 'store' 'clean' */
  phase: string;
  /** Whether the newest version still has it. */
  here: boolean;
};

export type LearnerRecord = {
  learner: { id: string; name: string };
  /** Oldest first, of all recipes. */
  lessons: readonly HeldLesson[];
  made: MadeByLesson;
  steps: readonly KnownStep[];
  /** Titles by id. */
  recipes: ReadonlyMap<string, string>;
  /** Levels that people said to aim at, by recipe and step. */
  aims?: ReadonlyMap<string, SetAim>;
};

/** A level that a person said to aim at, and the day on which he did. */
export type SetAim = { level: string; since: string };

/** How many records those are. */
export const recordsIn = (made: MadeByLesson): number => [...made.values()].reduce((sum, of) => sum + of.length, 0);

/** Steps by recipe and key: asked for each of thousands of records, so no name is made of the two. */
export function stepsByRecipe(steps: readonly KnownStep[]): Map<string, Map<string, KnownStep>> {
  const found = new Map<string, Map<string, KnownStep>>();
  for (const s of steps) {
    const here = found.get(s.recipeId) ?? new Map<string, KnownStep>();
    here.set(s.key, s);
    found.set(s.recipeId, here);
  }
  return found;
}

/** The name of a step over all recipes: keys are one of a kind within a recipe only. */
export const stepId = (recipeId: string, key: string): string => `${recipeId} ${key}`;
