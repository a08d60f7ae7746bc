// A goal: under which condition, who, does what, how well, by when; and how far it has come.
import { hierarchyById } from '../help/hierarchy';
import { mastery, type Mastery, type MasteryRule } from '../help/mastery';
import { aimLine, aimOn, type AimLine } from './aim-line';
import { decide, type Decision } from './decide';
import { figuresOf, type Figures } from './figures';
import { nextProbe, probesOf, type Probe } from './probes';
import type { LearnerRecord } from './record';
import { lessonsToMaster, seen, seriesOf, stepsIn, type Scope, type SeriesPoint } from './series';

/** How well, and by when: what may be changed while a goal goes on. */
export type Criterion = MasteryRule & {
  /** Id of the level that counts, or less help. */
  level: string;
  /** YYYY-MM-DD */
  by: string;
};

export type Goal = {
  id: string;
  scope: Scope;
  /** "With picture cards and the tools of the plan" */
  condition: string;
  /** Id of the levels of help that `level` is one of. */
  hierarchy: string;
  criterion: Criterion;
  /** Days on which the criterion became what it is then: the first is the goal's own. Oldest first. */
  since: readonly { day: string; criterion: Criterion }[];
  /** The day on which a person called it learnt; null while it is worked on. */
  metOn: string | null;
  /** The day on which it was put away; null while it is not. */
  putAwayOn: string | null;
};

export type GoalProgress = {
  points: SeriesPoint[];
  /** Baseline lessons with a figure. */
  baseline: number;
  line: AimLine | null;
  decision: Decision;
  mastery: Mastery;
  figures: Figures;
  probes: Probe[];
  /** The probe that waits; null before the goal is met and after the last. */
  probe: Probe | null;
  /** The last probe fell short of the criterion. */
  slipped: boolean;
};

/** The lessons that the decision is about: those since the last line on the chart. */
function sinceChange(points: readonly SeriesPoint[], goal: Goal): SeriesPoint[] {
  const raised = goal.since.at(-1)?.day ?? '';
  const from = points.findLastIndex((p) => p.changes.length > 0);
  return points.slice(Math.max(0, from)).filter((p) => p.day >= raised || goal.since.length < 2);
}

/** Another criterion is a line on the chart, at the first lesson that it was asked of. */
function withCriteria(points: readonly SeriesPoint[], { since }: Goal): SeriesPoint[] {
  const at = new Map(
    since
      .slice(1)
      .map(({ day, criterion }) => [
        points.find((p) => !p.missed && p.day >= day)?.lessonId,
        `${criterion.independence} % in ${criterion.lessons}`,
      ]),
  );
  return points.map((p) => {
    const to = at.get(p.lessonId);
    return to === undefined
      ? p
      : { ...p, changes: [...p.changes.filter((c) => c.what !== 'criterion'), { what: 'criterion' as const, to }] };
  });
}

/** How far a goal has come, by the record. Figures are those of each lesson then: another criterion changes what counts as enough, not what was recorded. */
export function goalProgress(goal: Goal, record: LearnerRecord): GoalProgress {
  const { criterion } = goal;
  const points = withCriteria(seriesOf(record, goal.scope, criterion.level), goal);
  const all = seen(points);
  const before = all.filter((p) => p.phase === 'baseline');
  const after = all.filter((p) => p.phase !== 'baseline');
  const line = aimLine(
    before.map((p) => ({ day: p.day, value: p.share })),
    { value: criterion.independence, by: criterion.by },
  );
  const last = seen(sinceChange(points, goal)).filter((p) => p.phase !== 'baseline');
  const decision = line
    ? decide(
        last.map((p) => p.share),
        last.map((p) => aimOn(line, p.day)),
      )
    : ({ decision: 'not-enough', n: 0, why: 'No baseline lesson, so no aim line to hold the lessons against.' } as const);
  const changes = after.flatMap((p) => p.changes).filter((c) => c.what !== 'phase' && c.what !== 'criterion').length;
  const probes = goal.metOn === null ? [] : probesOf(goal.metOn, all);
  const held = probes.findLast((p) => p.share !== null);
  return {
    points,
    baseline: before.length,
    line,
    decision,
    mastery: mastery(lessonsToMaster(all.filter((p) => p.phase !== 'baseline')), criterion),
    figures: figuresOf(
      before.map((p) => p.share),
      after.map((p) => p.share),
      changes,
    ),
    probes,
    probe: goal.metOn === null ? null : nextProbe(probes),
    slipped: held !== undefined && held.share! < criterion.independence,
  };
}

/** How a goal stands, for who looks at many of them. */
export const STANDINGS = ['put-away', 'slipped', 'probe', 'learnt', 'ready', 'under', 'above', 'on-the-way', 'too-few'] as const;
export type Standing = (typeof STANDINGS)[number];

/** @param today YYYY-MM-DD */
export function standingOf(goal: Goal, progress: GoalProgress, today: string): Standing {
  if (goal.putAwayOn !== null) return 'put-away';
  if (goal.metOn !== null) {
    if (progress.slipped) return 'slipped';
    return progress.probe && progress.probe.due <= today ? 'probe' : 'learnt';
  }
  if (progress.mastery.met) return 'ready';
  const { decision } = progress.decision;
  return decision === 'change' ? 'under' : decision === 'raise' ? 'above' : decision === 'go-on' ? 'on-the-way' : 'too-few';
}

const NUMBERS = ['no', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten'];
/** With a capital first letter. */
export const capital = (s: string): string => s.slice(0, 1).toUpperCase() + s.slice(1);
/** A step's words as they stand within a sentence: with no stop at their end. */
export const bare = (text: string): string => text.trim().replace(/\.$/u, '');
/** A share whose sign does not stand on a line of its own. */
export const share = (n: number): string => `${Math.round(n)}\u00a0%`;
export const inWords = (n: number): string => NUMBERS[n] ?? String(n);

/** What of a goal is not its own: how things are called. */
export type GoalNames = {
  learner: string;
  recipe: (id: string) => string;
  technique: (id: string) => string;
  /** How a day is written, "30 June". */
  day: (day: string) => string;
};

/**
 * The goal as it stands in a plan: condition, learner, behaviour, criterion, date.
 * @example "With picture cards, Wren makes Couscous bowl (24 steps), 90 % of steps independent, three lessons in a row, by 30 June."
 */
export function goalSentence(goal: Goal, steps: LearnerRecord['steps'], names: GoalNames): string {
  const { condition, criterion } = goal;
  const { lessons, by } = criterion;
  const start = condition.trim().replace(/[\s,.]+$/u, '');
  return `${start ? `${start}, ` : ''}${names.learner} ${behaviour(goal, steps, names)}, ${share(criterion.independence)} of steps ${levelWords(goal)}, ${
    lessons === 1 ? 'in one lesson' : `${inWords(lessons)} lessons in a row`
  }${criterion.safety ? ', no safety step prompted' : ''}${(criterion.people ?? 1) > 1 ? `, with ${inWords(criterion.people!)} people or places` : ''}, by ${names.day(by)}.`;
}

function behaviour({ scope }: Goal, steps: LearnerRecord['steps'], names: GoalNames): string {
  const here = (recipe: string) => steps.filter((s) => s.recipeId === recipe && s.here);
  const count = (n: number) => (n === 1 ? '1 step' : `${n} steps`);
  if (scope.kind === 'recipe') return `makes ${names.recipe(scope.recipe)} (${count(here(scope.recipe).length)})`;
  if (scope.kind === 'technique') return `does “${names.technique(scope.technique)}” in whatever is cooked`;
  const words = here(scope.recipe).filter((s) => scope.keys.includes(s.key));
  const [first, last] = [words[0]?.text ?? '', words.at(-1)?.text ?? ''];
  const which =
    words.length > 1
      ? `${count(words.length)} of ${names.recipe(scope.recipe)}, from “${bare(first)}” to “${bare(last)}”`
      : `“${bare(first)}”`;
  return `does ${which}`;
}

function levelWords({ hierarchy, criterion }: Goal): string {
  const { levels } = hierarchyById(hierarchy);
  if (criterion.level === levels[0]!.id) return 'independent';
  return `at “${levels.find((l) => l.id === criterion.level)?.name ?? criterion.level}” or with less help`;
}

/** Whether a goal takes a step in. */
export function goalHas(goal: Goal, recipeId: string, key: string, steps: LearnerRecord['steps']): boolean {
  const keys = stepsIn(goal.scope, steps).get(recipeId);
  return keys === null || keys?.has(key) === true;
}
