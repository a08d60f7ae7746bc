// A class's own routine in a task: its steps carry its mark, so that an improvement finds them again. Their keys, and so a learner's history, stay.
import { wholeKey } from './grain';
import type { Step } from '../plan/model';

const markOf = (routineId: string) => `rt-${routineId.slice(0, 8)}-`;
const roundOf = (mark: string) => /~\d+$/.exec(mark)?.[0] ?? '';
const plain = (mark: string) => mark.replace(/~\d+$/, '');
const isOf = (step: Step, routineId: string) => step.routine?.startsWith(markOf(routineId)) ?? false;

/** Steps as a routine keeps them: each with a mark of its own, in their order. Ingredients of one recipe mean nothing in another, so they are left out. */
export function routineSteps(routineId: string, steps: readonly Step[]): Step[] {
  const taken = new Set(steps.filter((s) => isOf(s, routineId)).map((s) => plain(s.routine!)));
  let n = 0;
  const fresh = (step: Step): string => {
    for (;;) {
      const mark = `${markOf(routineId)}${++n}-${step.technique ?? 'step'}`;
      if (!taken.has(mark)) return mark;
    }
  };
  const used = new Set<string>();
  return steps.map((s) => {
    const own = isOf(s, routineId) ? plain(s.routine!) : null;
    const mark = own && !used.has(own) ? own : fresh(s);
    used.add(mark);
    return { ...s, key: mark, routine: mark, sourceLine: null, uses: s.uses.map((u) => ({ ...u, ingredient: null })) };
  });
}

/** Marks steps as the routine that was just made of them; nothing else about them changes. */
export function becomeRoutine(steps: readonly Step[], run: readonly Step[], kept: readonly Step[]): Step[] {
  const marks = new Map(run.map((s, i) => [s.key, kept[i]!.routine!]));
  return steps.map((s) => (marks.has(s.key) ? { ...s, routine: marks.get(s.key)! } : s));
}

/** Puts a routine behind a step. A second time in one task its keys get a number, so that each stays one of a kind. */
export function insertRoutine(steps: readonly Step[], after: string | null, routine: { id: string; steps: readonly Step[] }): Step[] {
  const at = after === null ? 0 : steps.findIndex((s) => s.key === after) + 1;
  const have = new Set(steps.flatMap((s) => [s.key, ...(s.routine ? [s.routine] : [])]));
  let round = 1;
  const keyOf = (key: string) => (round === 1 ? key : `${key}~${round}`);
  while (routine.steps.some((s) => have.has(keyOf(s.key)))) round++;
  const phase = steps[Math.max(0, at - 1)]?.phase ?? routine.steps[0]?.phase ?? 'ready';
  const own = routine.steps.map((s) => ({ ...s, key: keyOf(s.key), routine: keyOf(s.key), phase }));
  return [...steps.slice(0, at), ...own, ...steps.slice(at)];
}

/** The steps of a routine's first run in a task, with whatever was put between them. */
export function routineRun(steps: readonly Step[], routineId: string): Step[] {
  const first = steps.findIndex((s) => isOf(s, routineId));
  if (first < 0) return [];
  const round = roundOf(steps[first]!.routine!);
  const own = steps.map((s, i) => (isOf(s, routineId) && roundOf(s.routine!) === round ? i : -1));
  return steps.slice(first, Math.max(...own) + 1);
}

/** A step in its small steps counts as the one step that it is. */
const asWholes = (steps: readonly Step[]): Step[] =>
  steps
    .filter((s, i) => s.whole === undefined || wholeKey(s.key) !== wholeKey(steps[i - 1]?.key ?? '') || steps[i - 1]?.whole === undefined)
    .map((s) => (s.whole === undefined ? s : { ...s, text: s.whole }));

/** Whether a task uses a routine, and whether every run of it is as the routine is now. */
export function routineState(steps: readonly Step[], routine: { id: string; steps: readonly Step[] }): 'unused' | 'same' | 'differs' {
  const wholes = asWholes(steps);
  const own = wholes.filter((s) => isOf(s, routine.id));
  if (own.length === 0) return 'unused';
  const rounds = [...new Set(own.map((s) => roundOf(s.routine!)))];
  const same = rounds.every((round) => {
    const first = wholes.findIndex((s) => isOf(s, routine.id) && roundOf(s.routine!) === round);
    return routine.steps.every((kept, i) => {
      const here = wholes[first + i];
      return here !== undefined && isOf(here, routine.id) && here.text === kept.text && here.supervision === kept.supervision;
    });
  });
  return same && own.length === rounds.length * routine.steps.length ? 'same' : 'differs';
}

/** Takes an improvement over: each run of the routine in a task becomes as the routine is now, at its place. Steps that stay keep their keys. */
export function takeRoutine(steps: readonly Step[], routine: { id: string; steps: readonly Step[] }): Step[] {
  const keys = new Map(steps.filter((s) => isOf(s, routine.id)).map((s) => [s.routine!, s.whole === undefined ? s.key : wholeKey(s.key)]));
  const done = new Set<string>();
  return steps.flatMap((s) => {
    if (!isOf(s, routine.id)) return [s];
    const round = roundOf(s.routine!);
    if (done.has(round)) return [];
    done.add(round);
    return routine.steps.map((r) => {
      const mark = r.key + round;
      return { ...r, key: keys.get(mark) ?? mark, routine: mark, phase: s.phase };
    });
  });
}
