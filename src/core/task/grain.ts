// Coarse and fine: the same task with larger or smaller steps, and the same keys.
import { SUPERVISION, type Phase, type Supervision } from '../technique/model';
import { MOST_STEPS, type Grain, type Step, type TaskAnalysis } from '../plan/model';

const BLOCK: Record<Phase, string> = {
  ready: 'Get ready: hair, apron, hands, table.',
  gather: 'Get all the ingredients and tools.',
  prepare: 'Prepare.',
  cook: 'Cook.',
  serve: 'Serve and eat.',
  store: 'Put the food away.',
  clean: 'Clean up.',
};

const unique = <T>(lists: readonly (readonly T[])[]): T[] => [...new Set(lists.flat())];
const most = (levels: Supervision[]): Supervision =>
  levels.reduce((a, b) => (SUPERVISION.indexOf(a) >= SUPERVISION.indexOf(b) ? a : b), 'none');

/** Several steps as one, with everything that they carry. It keeps the first one's key. */
export function mergeSteps(steps: readonly Step[], text: string): Step {
  const first = steps[0]!;
  return {
    ...first,
    text,
    technique: steps.length === 1 ? first.technique : null,
    uses: steps
      .flatMap((s) => s.uses)
      .filter((u, i, all) => all.findIndex((o) => o.ingredient === u.ingredient && o.quantity === u.quantity) === i),
    tools: unique(steps.map((s) => s.tools)),
    fillings: steps.flatMap((s) => s.fillings),
    hazards: unique(steps.map((s) => s.hazards)),
    supervision: most(steps.map((s) => s.supervision)),
    cues: steps.at(-1)!.cues,
    minutes: { active: sum(steps.map((s) => s.minutes.active)), waiting: sum(steps.map((s) => s.minutes.waiting)) },
    demands: unique(steps.map((s) => s.demands)),
    small: steps.map((s) => s.text),
    meanwhile: steps.find((s) => s.meanwhile)?.meanwhile ?? null,
    ...(steps.length > 1 ? { parts: steps.flatMap((s) => s.parts ?? [s]) } : {}),
  };
}

const sum = (numbers: number[]) => Math.round(numbers.reduce((a, b) => a + b, 0) * 100) / 100;

/**
 * The recipe's own lines as steps, each routine as one.
 * What the program added to a line (measuring, cutting, turning off) goes with the next step of a line.
 */
export function coarsen(task: TaskAnalysis, instructions: readonly string[]): TaskAnalysis {
  const steps: Step[] = [];
  let held: Step[] = [];
  let group: string | null = null;
  const flush = () => {
    if (held.length === 0) return;
    // a routine that the recipe speaks of too is still a routine
    const line = held.find((s) => s.sourceLine && ['prepare', 'cook', 'serve'].includes(s.phase))?.sourceLine ?? null;
    const text = line ? instructions[line - 1]! : held.length === 1 ? held[0]!.text : BLOCK[held[0]!.phase];
    steps.push(mergeSteps(held, text));
    held = [];
  };
  task.steps.forEach((step) => {
    const inRecipe = step.phase === 'prepare' || step.phase === 'cook' || (step.phase === 'serve' && step.sourceLine !== null);
    const own = inRecipe ? (step.sourceLine ? `line ${step.sourceLine}` : null) : `phase ${step.phase}`;
    if (own === null && group?.startsWith('line')) flush();
    if (own === null) group = null;
    else {
      if (group !== null && own !== group) flush();
      if (group === null && held.length > 0 && own.startsWith('phase')) flush();
      group = own;
    }
    held.push(step);
  });
  flush();
  return { ...task, grain: 'coarse', steps };
}

/** One step as its technique's small steps. The last keeps the waiting time; all keep what can hurt. */
function refineStep(step: Step): Step[] {
  if (step.small.length < 2) return [step];
  return step.small.map((text, i) => ({
    ...step,
    key: `${step.key}.${i + 1}`,
    text,
    whole: step.text,
    small: [],
    cues: i === step.small.length - 1 ? step.cues : [],
    fillings: i === 0 ? step.fillings : [],
    minutes: {
      active: Math.round((step.minutes.active / step.small.length) * 100) / 100,
      waiting: i === step.small.length - 1 ? step.minutes.waiting : 0,
    },
    meanwhile: i === step.small.length - 1 ? step.meanwhile : null,
  }));
}

const PART = /\.\d+$/;
/** The key of the whole step that a small step is part of. */
export const wholeKey = (key: string) => key.replace(PART, '');

/** One step of a list at fine grain, the others as they are. Its parts have the keys k.1, k.2 ...; a step with no small steps stays. */
export function fineStep(steps: readonly Step[], key: string): Step[] {
  return steps.flatMap((s) => (s.key === key ? refineStep(s) : [s]));
}

/** Puts the parts of a step together again, under its own key and in its own words; with none of its parts missing or far apart it is what it was. */
export function wholeStep(steps: readonly Step[], key: string): Step[] {
  const own = wholeKey(key);
  const parts = steps.filter((s) => s.whole !== undefined && wholeKey(s.key) === own);
  if (parts.length === 0) return [...steps];
  const { whole, ...first } = parts[0]!;
  const joined: Step = {
    ...first,
    key: own,
    text: whole!,
    small: parts.map((p) => p.text),
    fillings: parts.flatMap((p) => p.fillings),
    cues: parts.at(-1)!.cues,
    hazards: unique(parts.map((p) => p.hazards)),
    supervision: most(parts.map((p) => p.supervision)),
    minutes: { active: sum(parts.map((p) => p.minutes.active)), waiting: sum(parts.map((p) => p.minutes.waiting)) },
    meanwhile: parts.find((p) => p.meanwhile)?.meanwhile ?? null,
  };
  const at = steps.findIndex((s) => parts.includes(s));
  return steps.flatMap((s, i) => (i === at ? [joined] : parts.includes(s) ? [] : [s]));
}

/** Every step as its small steps; where a task would have too many, its last steps stay whole. */
export function refine(task: TaskAnalysis): TaskAnalysis {
  let room = MOST_STEPS - task.steps.length;
  const steps = task.steps.flatMap((step) => {
    const parts = refineStep(step);
    if (parts.length - 1 > room) return [step];
    room -= parts.length - 1;
    return parts;
  });
  return { ...task, grain: 'fine', steps };
}

/** All steps as one action each: joined ones apart, small ones together. */
function standardOf(task: TaskAnalysis): Step[] {
  const wholes = [...new Set(task.steps.filter((s) => s.whole !== undefined).map((s) => wholeKey(s.key)))];
  return wholes.reduce<Step[]>(
    (steps, key) => wholeStep(steps, key),
    task.steps.flatMap((s) => s.parts ?? [s]),
  );
}

/** The same task seen at another grain; nothing of it is lost. `instructions` are the recipe's lines, for the words of coarse steps. */
export function atGrain(task: TaskAnalysis, grain: Grain, instructions: readonly string[]): TaskAnalysis {
  if (task.grain === grain) return task;
  const standard: TaskAnalysis = { ...task, grain: 'standard', steps: standardOf(task) };
  return grain === 'standard' ? standard : grain === 'fine' ? refine(standard) : coarsen(standard, instructions);
}
