// One thing of a learner's record over the lessons: a recipe, a run of its steps, or a technique wherever it occurs.
import { heightOf } from '../help/hierarchy';
import type { MasteryLesson } from '../help/mastery';
import { isSafetyStep } from '../help/procedure';
import { scoreLesson, type Score } from '../help/score';
import { stepsByRecipe, type MadeRecord, type HeldLesson, type LearnerRecord, type LearningPhase } from './record';

/** What is looked at. */
export type Scope =
  | { kind: 'recipe'; recipe: string }
  | { kind: 'steps'; recipe: string; keys: readonly string[] }
  | { kind: 'technique'; technique: string };

/** A condition that changed with a lesson: a line on the chart. */
export const CHANGES = ['phase', 'procedure', 'levels', 'own', 'version', 'chaining', 'criterion'] as const;
export type Change = { what: (typeof CHANGES)[number]; to: string };

export type SeriesPoint = {
  lessonId: string;
  recipeId: string;
  day: string;
  phase: LearningPhase;
  missed: boolean;
  /** Not over yet: shown, and counted once it is. */
  open: boolean;
  score: Score;
  /** Steps done at the level asked for or with less help, in %; null with no opportunity. */
  share: number | null;
  /** How many steps that is. */
  reached: number;
  safetyPrompted: number;
  people: string[];
  /** Where, if not in the usual kitchen. */
  place: string | null;
  changes: Change[];
};

/** The recipes and steps that a scope takes in. @returns recipe id -> keys; null: all of its steps */
export function stepsIn(scope: Scope, steps: LearnerRecord['steps']): Map<string, ReadonlySet<string> | null> {
  if (scope.kind === 'recipe') return new Map([[scope.recipe, null]]);
  if (scope.kind === 'steps') return new Map([[scope.recipe, new Set(scope.keys)]]);
  const found = new Map<string, Set<string>>();
  for (const s of steps) if (s.technique === scope.technique) found.set(s.recipeId, (found.get(s.recipeId) ?? new Set()).add(s.key));
  return found;
}

/**
 * The record over the lessons in which it could be seen. A missed lesson stands in its place with no figure; one in which nothing of the scope was recorded is
 * left out.
 * @param level id of the level that counts, or less help; the independent one without it. In a lesson whose levels have no such id only independent counts.
 */
export function seriesOf(record: LearnerRecord, scope: Scope, level = 'independent'): SeriesPoint[] {
  const within = stepsIn(scope, record.steps);
  const known = stepsByRecipe(record.steps.filter((s) => isSafetyStep(s.hazards)));
  const before = new Map<string, HeldLesson>();
  return record.lessons.flatMap((lesson): SeriesPoint[] => {
    const keys = within.get(lesson.recipeId);
    if (keys === undefined) return [];
    const held = (record.made.get(lesson.id) ?? []).filter((r) => keys === null || keys.has(r.stepKey));
    const missed = lesson.state === 'missed';
    if (!missed && held.length === 0) return [];
    const changes = missed ? [] : changesBetween(before.get(lesson.recipeId), lesson);
    if (!missed) before.set(lesson.recipeId, lesson);
    return [Object.assign(pointOf(lesson, held, level, known.get(lesson.recipeId)), { missed, changes })];
  });
}

function pointOf(
  lesson: HeldLesson,
  held: readonly MadeRecord[],
  level: string,
  dangerous: ReadonlyMap<string, unknown> | undefined,
): Omit<SeriesPoint, 'missed' | 'changes'> {
  const score = scoreLesson(held, lesson.hierarchy);
  const top = lesson.hierarchy.levels.length - 1;
  const least = heightOf(level, lesson.hierarchy) ?? top;
  const people = new Set<string>();
  let [reached, safetyPrompted] = [0, 0];
  for (const { stepKey, code, observer } of held) {
    if (observer !== undefined) people.add(observer);
    const height = heightOf(code, lesson.hierarchy);
    if (height === null) continue;
    if (height >= least) reached++;
    if (height !== top && dangerous?.has(stepKey) === true) safetyPrompted++;
  }
  return {
    lessonId: lesson.id,
    recipeId: lesson.recipeId,
    day: lesson.heldOn,
    phase: lesson.phase,
    open: lesson.state === 'open',
    score,
    share: score.opportunities === 0 ? null : (100 * reached) / score.opportunities,
    reached,
    safetyPrompted,
    people: [...people],
    place: lesson.place ?? null,
  };
}

/** What is another from one lesson of a recipe to the next; nothing for the first. */
function changesBetween(before: HeldLesson | undefined, now: HeldLesson): Change[] {
  if (!before) return [];
  const said = (l: HeldLesson): Record<Change['what'], string> => ({
    phase: l.phase,
    procedure: l.procedure.id,
    levels: l.hierarchy.id,
    own: l.own ?? '',
    version: String(l.version),
    chaining: l.chaining ?? 'total',
    criterion: `${l.mastery.independence} % in ${l.mastery.lessons}`,
  });
  const [was, is] = [said(before), said(now)];
  return CHANGES.filter((what) => was[what] !== is[what]).map((what) => ({ what, to: is[what] }));
}

/** Points that have a figure, of lessons that are over. */
export const seen = (points: readonly SeriesPoint[]): (SeriesPoint & { share: number })[] =>
  points.filter((p): p is SeriesPoint & { share: number } => p.share !== null && !p.open);

/** The points as the criterion of mastery takes them. */
export const lessonsToMaster = (points: readonly SeriesPoint[]): MasteryLesson[] =>
  points.map((p) => ({
    independence: p.share,
    safetyPrompted: p.safetyPrompted,
    people: p.people,
    place: p.place ?? (p.phase === 'generalisation' ? 'another' : 'usual'),
  }));
