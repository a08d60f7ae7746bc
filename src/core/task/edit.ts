// Changes a person makes to the steps. Each gives a new list and leaves the old one as it was, so that undo is keeping the old one.
import { itemName } from '../recipe/item-name';
import type { Quantity } from '../amount/quantity';
import type { Unit } from '../amount/units';
import type { Ingredient } from '../recipe/recipe';
import { techniqueById } from '../technique/lexicon';
import type { Phase, Supervision } from '../technique/model';
import { toolById } from '../technique/tools';
import { clausesOf } from './clauses';
import { stepOf, supervisionFor } from '../plan/draft';
import { measuringOf } from './measuring';
import { mergeSteps } from './grain';
import { interpretStep, rewordStep } from './interpret';
import type { Kitchen, Step } from '../plan/model';

/** The longest words of a step: past this it is no longer one action. */
const LONGEST_STEP = 300;

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

/** A copy of a step right behind it, with a key of its own: its history starts anew. */
export function duplicateStep(steps: readonly Step[], key: string, newKey: string): Step[] {
  return steps.flatMap((s) => (s.key === key ? [s, { ...s, key: newKey }] : [s]));
}

/** Another technique for a step: its small steps, cues, demands and hazards become that one's; words, things and place stay. */
export function setTechnique(steps: readonly Step[], key: string, technique: string): Step[] {
  return steps.map((s) => {
    if (s.key !== key || !techniqueById(technique)) return s;
    const made = stepOf(
      {
        text: s.text,
        technique,
        sourceLine: s.sourceLine,
        uses: s.uses,
        into: s.into,
        fillings: s.fillings,
        hazards: s.uses.flatMap((u) =>
          u.ingredient === null ? [] : s.hazards.filter((h) => h.startsWith('raw-') || h === 'choking' || h === 'allergen'),
        ),
        minutes: { active: techniqueById(technique)!.minutes.active, waiting: s.minutes.waiting },
      },
      s.key,
      s.phase,
    );
    return { ...made, phase: s.phase, meanwhile: s.meanwhile };
  });
}

/** Puts a tool in a step's hands or takes it out; a blade brings its hazard and the supervision that it asks for. */
export function toggleTool(steps: readonly Step[], key: string, tool: string): Step[] {
  return steps.map((s) => {
    if (s.key !== key) return s;
    if (s.tools.includes(tool)) return { ...s, tools: s.tools.filter((t) => t !== tool) };
    const hazards = [...new Set([...s.hazards, ...(toolById(tool)?.kind === 'cutting' ? toolById(tool)!.hazards : [])])];
    return { ...s, tools: [...s.tools, tool], hazards, supervision: supervisionFor(hazards, s.supervision) };
  });
}

/**
 * Another amount for the ingredient that a measuring step fills: measures, words and small steps follow.
 * @returns null where the amount cannot be measured with this kitchen's measures
 */
export function setAmount(
  steps: readonly Step[],
  key: string,
  amount: { quantity: Quantity; unit: Unit },
  kitchen: Kitchen,
): Step[] | null {
  const step = steps.find((s) => s.key === key);
  const use = step?.uses[0];
  if (!step || !use) return null;
  const name = itemName(use.item);
  const into = step.into ? `the ${toolById(step.into)?.name ?? 'bowl'}` : null;
  const measuring = measuringOf(amount.quantity, amount.unit, name, into, kitchen);
  if (!measuring) return null;
  const old = new Set(step.fillings.map((f) => f.measure));
  return steps.map((s) =>
    s.key === key
      ? {
          ...s,
          text: measuring.text,
          technique: measuring.technique,
          fillings: measuring.fillings,
          small: measuring.small,
          tools: [...new Set([...measuring.tools, ...s.tools.filter((t) => !old.has(t))])],
          uses: s.uses.map((u, i) => (i === 0 ? { ...u, ...amount } : u)),
        }
      : s,
  );
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
