// Changes a person makes to the steps. Each gives a new list and leaves the old one as it was, so that undo is keeping the old one.
import type { Ingredient } from '../recipe/recipe';
import type { Phase, Supervision } from '../technique/model';
import { clausesOf } from './clauses';
import { mergeSteps } from './grain';
import { interpretStep, rewordStep } from './interpret';
import type { Kitchen, Step } from './model';

/** The longest words of a step: past this it is no longer one action. */
export const LONGEST_STEP = 300;

const at = (steps: readonly Step[], key: string) => steps.findIndex((s) => s.key === key);

/** Moves a step to a place counted from 0; it takes the phase of the step it lands after. A key that is not there changes nothing. */
export function moveStep(steps: readonly Step[], key: string, to: number): Step[] {
  const from = at(steps, key);
  if (from < 0) return [...steps];
  const rest = steps.filter((s) => s.key !== key);
  const place = Math.max(0, Math.min(rest.length, to));
  const neighbour = (place > from ? rest[place - 1] : rest[place]) ?? rest[place - 1];
  return [...rest.slice(0, place), { ...steps[from]!, phase: neighbour?.phase ?? steps[from]!.phase }, ...rest.slice(place)];
}

/** Puts a new step behind another, in the other's phase; at the start where `after` is null. */
export function insertStep(
  steps: readonly Step[],
  after: string | null,
  text: string,
  key: string,
  ingredients: readonly Ingredient[],
  kitchen?: Kitchen,
): Step[] {
  const index = after === null ? -1 : at(steps, after);
  const phase: Phase = steps[Math.max(0, index)]?.phase ?? 'prepare';
  const step = interpretStep(text, key, phase, ingredients, kitchen);
  return [...steps.slice(0, index + 1), step, ...steps.slice(index + 1)];
}

export function removeStep(steps: readonly Step[], key: string): Step[] {
  return steps.filter((s) => s.key !== key);
}

export function reword(steps: readonly Step[], key: string, text: string, ingredients: readonly Ingredient[], kitchen?: Kitchen): Step[] {
  return steps.map((s) => (s.key === key && text.trim() ? rewordStep(s, text.slice(0, LONGEST_STEP), ingredients, kitchen) : s));
}

export function superviseStep(steps: readonly Step[], key: string, supervision: Supervision): Step[] {
  return steps.map((s) => (s.key === key ? { ...s, supervision } : s));
}

/**
 * Splits a step: into its actions where its words name several, else into its technique's small steps. The first part keeps the key and so its history.
 * @param newKey called for each further part
 * @returns the same steps where there is nothing to split
 */
export function splitStep(
  steps: readonly Step[],
  key: string,
  newKey: () => string,
  ingredients: readonly Ingredient[],
  kitchen?: Kitchen,
): Step[] {
  const index = at(steps, key);
  const step = steps[index];
  if (!step) return [...steps];
  const actions = clausesOf(step.text)
    .filter((c) => c.verb && !c.shared)
    .map((c) => `${c.verb!.charAt(0).toUpperCase()}${c.verb!.slice(1)} ${c.rest}${c.until ? ` ${c.until}` : ''}`.trim() + '.');
  const parts = actions.length > 1 ? actions : step.small;
  if (parts.length < 2) return [...steps];
  const made = parts.map((text, i) => {
    const read = interpretStep(text, i === 0 ? step.key : newKey(), step.phase, ingredients, kitchen);
    // a small step of a hazardous technique is as hazardous as the whole
    return actions.length > 1
      ? { ...read, sourceLine: step.sourceLine }
      : {
          ...read,
          technique: step.technique,
          tools: step.tools,
          uses: step.uses,
          into: step.into,
          hazards: step.hazards,
          supervision: step.supervision,
          sourceLine: step.sourceLine,
          minutes: {
            active: Math.round((step.minutes.active / parts.length) * 100) / 100,
            waiting: i === parts.length - 1 ? step.minutes.waiting : 0,
          },
        };
  });
  return [...steps.slice(0, index), ...made, ...steps.slice(index + 1)];
}

/** Joins a step with the one behind it; the first one's key stays. */
export function joinNext(steps: readonly Step[], key: string): Step[] {
  const index = at(steps, key);
  const first = steps[index];
  const second = steps[index + 1];
  if (!first || !second) return [...steps];
  const tail = second.text.charAt(0).toLowerCase() + second.text.slice(1);
  const merged = mergeSteps([first, second], `${first.text.replace(/[.]$/, '')} and ${tail}`);
  return [...steps.slice(0, index), { ...merged, technique: first.technique }, ...steps.slice(index + 2)];
}

/** What changed between two lists of steps, by key. */
export type StepsDifference = { added: string[]; removed: string[]; reworded: string[]; moved: string[] };

/**
 * Compares two versions. A step has moved when it is out of order among the steps that both have (the longest run in order stands still).
 */
export function compareSteps(before: readonly Step[], after: readonly Step[]): StepsDifference {
  const old = new Map(before.map((s, i) => [s.key, { step: s, i }]));
  const now = new Set(after.map((s) => s.key));
  const kept = after.filter((s) => old.has(s.key));
  const still = longestRun(kept.map((s) => old.get(s.key)!.i));
  return {
    added: after.filter((s) => !old.has(s.key)).map((s) => s.key),
    removed: before.filter((s) => !now.has(s.key)).map((s) => s.key),
    reworded: kept.filter((s) => old.get(s.key)!.step.text !== s.text).map((s) => s.key),
    moved: kept.filter((_, i) => !still.has(i)).map((s) => s.key),
  };
}

/** Positions of a longest increasing run. */
function longestRun(numbers: number[]): Set<number> {
  const ends: number[] = [];
  const before: number[] = [];
  numbers.forEach((n, i) => {
    let low = 0;
    let high = ends.length;
    while (low < high) {
      const mid = (low + high) >> 1;
      if (numbers[ends[mid]!]! < n) low = mid + 1;
      else high = mid;
    }
    before[i] = low > 0 ? ends[low - 1]! : -1;
    ends[low] = i;
  });
  const run = new Set<number>();
  for (let i = ends.at(-1) ?? -1; i >= 0; i = before[i]!) run.add(i);
  return run;
}
