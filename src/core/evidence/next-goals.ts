// What comes next because of a goal: a probe that is due, what counts as learnt, what the last four lessons say.
import { FEWEST } from './figures';
import { capital, inWords, share, type Goal, type GoalNames, type GoalProgress } from './goal';
import type { NextThing, Tap } from './next-model';
import { isPutForward } from './probes';
import { seen } from './series';

/** Lessons that a decision of four points rests on. */
const FOUR = 4;

/** What a goal is called in a sentence. */
export function goalName({ scope }: Goal, names: GoalNames): string {
  if (scope.kind === 'technique') return capital(names.technique(scope.technique));
  const recipe = names.recipe(scope.recipe);
  if (scope.kind === 'recipe') return recipe;
  return `${capital(inWords(scope.keys.length))} ${scope.keys.length === 1 ? 'step' : 'steps'} of ${recipe}`;
}

type Made = Pick<NextThing, 'kind' | 'saw' | 'do'> & { last: number };

export function goalThings(goal: Goal, progress: GoalProgress, names: GoalNames, today: string): NextThing[] {
  if (goal.putAwayOn !== null) return [];
  const made = goal.metOn === null ? whileTaught(goal, progress, names) : onceMet(goal, progress, names, today);
  const points = seen(progress.points);
  return made.map(({ last, ...m }) => {
    const rests = points
      .slice(-last)
      .map((p): Tap => ({ lessonId: p.lessonId, day: p.day, recipeId: p.recipeId, stepKey: null, code: null }));
    return {
      ...m,
      about: `${m.kind} goal ${goal.id}${m.kind === 'probe' ? ` ${progress.probe!.weeks}` : ''}`,
      goal: goal.id,
      technique: goal.scope.kind === 'technique' ? goal.scope.technique : null,
      steps: [],
      aim: null,
      from: null,
      hierarchy: null,
      rests,
      newest: rests.at(-1)?.day ?? goal.since[0]!.day,
      weight: 2,
    };
  });
}

function onceMet(goal: Goal, { probe, probes, slipped }: GoalProgress, names: GoalNames, today: string): Made[] {
  const name = goalName(goal, names);
  const last = probes.findLast((p) => p.share !== null);
  if (slipped)
    return [
      {
        kind: 'slipped',
        saw: `“${name}” was learnt, and in the last look it came to ${share(last!.share!)} where ${share(goal.criterion.independence)} were asked for.`,
        do: 'Teach it again for a while.',
        last: 1,
      },
    ];
  if (probe === null)
    return [
      {
        kind: 'elsewhere',
        saw: `“${name}” was learnt, and is still there after ${inWords(probes.at(-1)!.weeks)} weeks.`,
        do: 'Try it elsewhere: another kitchen, another adult, another recipe.',
        last: 1,
      },
    ];
  if (!isPutForward(probe, today)) return [];
  return [
    {
      kind: 'probe',
      saw: `“${name}” was learnt on ${names.day(goal.metOn!)}.`,
      do: `See whether it still goes, with no teaching: ${probe.due < today ? 'it was due' : 'due'} on ${names.day(probe.due)}, ${inWords(probe.weeks)} weeks on.`,
      last: 1,
    },
  ];
}

function whileTaught(goal: Goal, { mastery, decision, points, baseline }: GoalProgress, names: GoalNames): Made[] {
  const name = goalName(goal, names);
  const { lessons, independence } = goal.criterion;
  const taught = seen(points).some((p) => p.phase !== 'baseline');
  const run = seen(points).slice(-mastery.inARow);
  const least = Math.floor(Math.min(...run.map((p) => p.share)));
  if (mastery.met)
    return [
      {
        kind: 'learnt',
        saw: `${inWords(lessons) === 'one' ? 'In the last lesson' : `In the last ${inWords(mastery.inARow)} lessons`} ${names.learner} came to ${share(least)} or more with “${name}”: what was asked for.`,
        do: 'Call it learnt, stop teaching it, and look again 2, 4 and 8 weeks on.',
        last: mastery.inARow,
      },
    ];
  if (mastery.lacks.length === 1 && mastery.lacks[0] === 'people')
    return [
      {
        kind: 'another-person',
        saw: `${names.learner} does “${name}” well enough, so far with ${[...new Set(run.flatMap((p) => p.people))].join(' and ') || 'one person'} only.`,
        do: 'Hold the next one with another adult, or in another place.',
        last: mastery.inARow,
      },
    ];
  if (!taught && baseline > 0 && baseline < FEWEST)
    return [
      {
        kind: 'baseline',
        saw: `${baseline === 1 ? 'One lesson' : 'Two lessons'} with “${name}” before any teaching.`,
        do: `${baseline === 1 ? 'Two more' : 'One more'}, and there is something to compare with.`,
        last: baseline,
      },
    ];
  if (decision.decision === 'change')
    return [
      {
        kind: 'change',
        saw: `The last four lessons with “${name}” all lie under the line that leads to ${share(independence)}.`,
        do: 'Change something: smaller steps, another tool, another way of helping, or more practice.',
        last: FOUR,
      },
    ];
  if (decision.decision === 'raise')
    return [
      {
        kind: 'raise',
        saw: `The last four lessons with “${name}” all lie above the line that leads to ${share(independence)}.`,
        do: 'Ask for more: a higher share, an earlier day, or less help.',
        last: FOUR,
      },
    ];
  return [];
}
