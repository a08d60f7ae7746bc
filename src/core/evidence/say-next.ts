// The sentences of what comes next, as somebody who teaches would say them to a parent.
import { heightOf } from '../help/hierarchy';
import { bare, capital, inWords, type GoalNames } from './goal';
import type { StepFinding } from './next-model';
import { isSafetyStep } from '../help/procedure';
import { doneWith, nameOf, nextTime } from './say-help';

type Said = { saw: string; do: string };
type Group = readonly StepFinding[];

/** “Dice the cucumber”, or “dice” in two recipes, or 3 steps like “…”. */
function what(group: Group, names: GoalNames): string {
  const [first] = group as [StepFinding];
  if (group.length === 1) return `“${bare(first.step.text)}”`;
  const recipes = new Set(group.map((f) => f.step.recipeId)).size;
  if (recipes > 1 && first.step.technique) return `“${names.technique(first.step.technique)}” in ${inWords(recipes)} recipes`;
  return `${inWords(group.length)} steps like “${bare(first.step.text)}”`;
}

/** The most help among the records of a group, and whether all were at it. */
function mostHelp(group: Group): { level: string; all: boolean } {
  const [{ hierarchy }] = group as [StepFinding];
  const codes = group.flatMap((f) => f.taps.map((t) => t.code!));
  const heights = codes.map((c) => heightOf(c, hierarchy)!);
  const least = Math.min(...heights);
  return { level: hierarchy.levels[hierarchy.levels.length - 1 - least]!.id, all: heights.every((h) => h === least) };
}

const timesOf = (group: Group) => (group as [StepFinding])[0].rung.restsOn.length;

/** Less help: it went well each time. Where it is dangerous nobody waits for an error: the adult starts with more help than is aimed at. */
export function sayLess(group: Group, names: GoalNames): Said {
  const [{ hierarchy, rung }] = group as [StepFinding];
  const { level, all } = mostHelp(group);
  const how = all ? doneWith(level, hierarchy) : `${doneWith(level, hierarchy)}, or with less help`;
  return {
    saw: `${capital(inWords(timesOf(group)))} times running ${names.learner} did ${what(group, names)} ${how}.`,
    do: group.some((f) => isSafetyStep(f.step.hazards))
      ? `Next time aim for “${nameOf(rung.aim!, hierarchy)}”: stay within reach, and start with more help.`
      : `Next time ${nextTime(rung.aim!, hierarchy, names.learner)}.`,
  };
}

/** More help: it did not go at the level aimed at. */
export function sayMore(group: Group, names: GoalNames): Said {
  const [{ kind, hierarchy, rung }] = group as [StepFinding];
  const from = rung.from ?? rung.aim!;
  const name = nameOf(from, hierarchy);
  return {
    saw: `In most of the last ${inWords(timesOf(group))} lessons ${names.learner} needed more help than “${name}” with ${what(group, names)}.`,
    do: `Next time ${nextTime(rung.aim!, hierarchy, names.learner)}${kind === 'more-help-danger' ? ', and stay within reach' : ''}.`,
  };
}

/** No better for a long time: the step, not the learner, may be wrong. */
export function sayStuck(group: Group, names: GoalNames): Said {
  const [{ taps, hierarchy }] = group as [StepFinding];
  const { level } = mostHelp(group);
  return {
    saw: `${capital(inWords(taps.length))} times ${names.learner} has done ${what(group, names)} no better than ${doneWith(level, hierarchy)} at times, and it gets no easier.`,
    do: 'The step may be too big: split it into small steps, or look for another tool.',
  };
}
