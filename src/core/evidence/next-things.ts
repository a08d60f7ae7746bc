// What comes next for a learner, first things first: each thing in a plain sentence, with the records that it rests on.
import { heightOf } from '../help/hierarchy';
import { isSafetyStep } from '../help/procedure';
import { goalHas, type Goal, type GoalNames, type GoalProgress } from './goal';
import { goalThings } from './next-goals';
import { NEXT_KINDS, type Decided, type NextThing, type StepFinding, type Tap } from './next-model';
import { pooledRungs, type PooledRung } from './pooled';
import { progressOf, type Progress } from './progress';
import { stepId, type HeldLesson, type KnownStep, type LearnerRecord, type SetAim } from './record';
import { sayMore, sayLess, sayStuck } from './say-next';

/** How many times without getting better are called stuck: twice what a rung rests on. */
const STUCK = 2;

/**
 * All that could come next for a learner, first things first.
 * @param goals those that are not put away
 * @param today YYYY-MM-DD
 * @param answered what people decided already
 * @param pooled the rungs over all recipes, where they are known
 */
export function nextThings(
  record: LearnerRecord,
  goals: readonly { goal: Goal; progress: GoalProgress }[],
  names: GoalNames,
  today: string,
  answered: readonly Decided[] = [],
  pooled: () => readonly PooledRung[] = () => pooledRungs(record),
): NextThing[] {
  const found = findingsOf(
    record,
    goals.filter(({ goal }) => goal.metOn === null).map(({ goal }) => goal),
  );
  const things = [
    ...goals.flatMap(({ goal, progress }) => goalThings(goal, progress, names, today)),
    ...grouped(found, names),
    ...(new Set(record.lessons.map((l) => l.recipeId)).size > 1 ? overRecipes(record, pooled(), found, names) : []),
  ];
  const rank = new Map(NEXT_KINDS.map(({ kind }, i) => [kind as string, i]));
  return things
    .filter((t) => !answered.some((a) => a.about === t.about && a.newest >= t.newest))
    .sort(
      (a, b) => rank.get(a.kind)! - rank.get(b.kind)! || b.weight - a.weight || (a.newest < b.newest ? 1 : a.newest > b.newest ? -1 : 0),
    );
}

/** What the records of each step say, recipe by recipe. */
function findingsOf(record: LearnerRecord, goals: readonly Goal[]): StepFinding[] {
  const recipes = [...new Set(record.lessons.map((l) => l.recipeId))];
  return recipes.flatMap((recipeId) => {
    const lessons = record.lessons.filter((l) => l.recipeId === recipeId);
    const steps = record.steps.filter((s) => s.recipeId === recipeId && s.here);
    const progress = progressOf(
      lessons,
      record.made,
      steps.map((s) => s.key),
      new Map(
        steps.flatMap((s): [string, SetAim][] =>
          record.aims?.has(stepId(recipeId, s.key)) ? [[s.key, record.aims.get(stepId(recipeId, s.key))!]] : [],
        ),
      ),
    );
    return steps.flatMap((step) =>
      findingAt(
        step,
        lessons,
        progress,
        goals.some((g) => goalHas(g, recipeId, step.key, record.steps)),
      ),
    );
  });
}

function findingAt(step: KnownStep, lessons: readonly HeldLesson[], progress: Progress, inGoal: boolean): StepFinding[] {
  const rung = progress.rungs.get(step.key);
  const newest = lessons.at(-1)!;
  if (!rung || rung.verdict === 'not-enough' || rung.verdict === 'there') return [];
  const taps = (progress.times.get(step.key) ?? []).slice(-STUCK * newest.rule.last).map(({ lessonId, day, code }): Tap => ({
    lessonId,
    day,
    recipeId: step.recipeId,
    stepKey: step.key,
    code,
  }));
  const found = { step, rung, hierarchy: newest.hierarchy, taps: taps.slice(-newest.rule.last), inGoal };
  if (rung.verdict === 'up') return [{ ...found, kind: 'less-help' }];
  if (rung.verdict === 'down') return [{ ...found, kind: isSafetyStep(step.hazards) ? 'more-help-danger' : 'more-help' }];
  return isStuck(taps, newest) ? [{ ...found, taps, kind: 'stuck' }] : [];
}

/** As many times as make two rungs, and the later half no better than the first. */
function isStuck(taps: readonly Tap[], { rule, hierarchy }: HeldLesson): boolean {
  if (taps.length < STUCK * rule.last) return false;
  const heights = taps.map((t) => heightOf(t.code!, hierarchy)!);
  const sum = (some: readonly number[]) => some.reduce((a, b) => a + b, 0);
  return Math.max(...heights) < hierarchy.levels.length - 1 && sum(heights.slice(-rule.last)) <= sum(heights.slice(0, rule.last));
}

const COOKING = new Set(['prepare', 'cook']);
const weightOf = (f: StepFinding) => (f.inGoal ? 2 : 0) + (COOKING.has(f.step.phase) ? 1 : 0);

/** Steps of the same technique with the same aim are one thing: who can level one spoon can level the next. */
function grouped(found: readonly StepFinding[], names: GoalNames): NextThing[] {
  const groups = new Map<string, StepFinding[]>();
  for (const f of found) {
    const what = f.step.technique && f.kind !== 'stuck' ? f.step.technique : stepId(f.step.recipeId, f.step.key);
    const key = `${f.kind} ${what} ${f.rung.aim}`;
    groups.set(key, [...(groups.get(key) ?? []), f]);
  }
  return [...groups].map(([about, group]) => thingOf(about, group, names));
}

function thingOf(about: string, group: readonly StepFinding[], names: GoalNames): NextThing {
  const [{ kind, rung, hierarchy, step }] = group as [StepFinding];
  const rests = group.flatMap((f) => f.taps).sort((a, b) => (a.day < b.day ? -1 : a.day > b.day ? 1 : 0));
  const say = kind === 'less-help' ? sayLess : kind === 'stuck' ? sayStuck : sayMore;
  return {
    about,
    kind,
    goal: null,
    technique: kind === 'stuck' ? null : step.technique,
    steps: group.map((f) => ({ recipeId: f.step.recipeId, key: f.step.key })),
    aim: kind === 'stuck' ? null : rung.aim,
    from: kind === 'stuck' ? null : rung.from,
    hierarchy,
    ...say(group, names),
    rests,
    newest: rests.at(-1)!.day,
    weight: Math.max(...group.map(weightOf)),
  };
}

/** What only shows over several recipes: of each of them there is too little alone. */
function overRecipes(record: LearnerRecord, pooled: readonly PooledRung[], found: readonly StepFinding[], names: GoalNames): NextThing[] {
  const said = new Set(found.map((f) => f.step.technique));
  return pooled.flatMap(({ technique, recipes, rung, hierarchy }): NextThing[] => {
    if (recipes.length < 2 || said.has(technique) || (rung.verdict !== 'up' && rung.verdict !== 'down')) return [];
    const steps = record.steps.filter((s) => s.technique === technique && s.here && recipes.includes(s.recipeId));
    const [first] = steps;
    if (!first) return [];
    const keys = new Set(steps.map((s) => stepId(s.recipeId, s.key)));
    const days = new Set(rung.restsOn.map((o) => o.day));
    const taps = record.lessons
      .filter((l) => days.has(l.heldOn))
      .flatMap(({ id, heldOn, recipeId }) =>
        (record.made.get(id) ?? []).flatMap((r): Tap[] =>
          keys.has(stepId(recipeId, r.stepKey)) && heightOf(r.code, hierarchy) !== null
            ? [{ lessonId: id, day: heldOn, recipeId, stepKey: r.stepKey, code: r.code }]
            : [],
        ),
      );
    const danger = steps.some((s) => isSafetyStep(s.hazards));
    const kind = rung.verdict === 'up' ? 'less-help' : danger ? 'more-help-danger' : 'more-help';
    const group = steps.map((step): StepFinding => ({ kind, step, rung, hierarchy, taps: [], inGoal: false }));
    group[0]!.taps = taps;
    return taps.length === 0 ? [] : [thingOf(`${kind} ${technique} ${rung.aim}`, group, names)];
  });
}
