// A class's own routine in a task: its steps carry its mark in their keys, so that an improvement finds them again.
import type { Step } from './model';

const mark = (routineId: string) => `rt-${routineId.slice(0, 8)}-`;

/** Steps as a routine keeps them: with keys of its own, in their order. Ingredients of one recipe mean nothing in another, so they are left out. */
export function routineSteps(routineId: string, steps: readonly Step[]): Step[] {
  return steps.map((s, i) => ({
    ...s,
    key: s.key.startsWith(mark(routineId)) ? s.key.replace(/~\d+$/, '') : `${mark(routineId)}${i + 1}-${s.technique ?? 'step'}`,
    sourceLine: null,
    uses: s.uses.map((u) => ({ ...u, ingredient: null })),
  }));
}

/** Puts a routine behind a step. A second time in one task its keys get a number, so that each stays one of a kind. */
export function insertRoutine(steps: readonly Step[], after: string | null, routine: { id: string; steps: readonly Step[] }): Step[] {
  const at = after === null ? 0 : steps.findIndex((s) => s.key === after) + 1;
  const have = new Set(steps.map((s) => s.key));
  let round = 1;
  const keyOf = (key: string) => (round === 1 ? key : `${key}~${round}`);
  while (routine.steps.some((s) => have.has(keyOf(s.key)))) round++;
  const phase = steps[Math.max(0, at - 1)]?.phase ?? routine.steps[0]?.phase ?? 'ready';
  const own = routine.steps.map((s) => ({ ...s, key: keyOf(s.key), phase }));
  return [...steps.slice(0, at), ...own, ...steps.slice(at)];
}

/** Whether a task uses a routine, and whether what it has is as the routine is now. */
export function routineState(steps: readonly Step[], routine: { id: string; steps: readonly Step[] }): 'unused' | 'same' | 'differs' {
  const own = steps.filter((s) => s.key.startsWith(mark(routine.id)));
  if (own.length === 0) return 'unused';
  const rounds = new Set(own.map((s) => /~\d+$/.exec(s.key)?.[0] ?? ''));
  const same = [...rounds].every((round) => {
    const run = own.filter((s) => (/~\d+$/.exec(s.key)?.[0] ?? '') === round);
    return (
      run.length === routine.steps.length &&
      run.every((s, i) => s.text === routine.steps[i]!.text && s.supervision === routine.steps[i]!.supervision)
    );
  });
  return same ? 'same' : 'differs';
}

/** Takes an improvement over: each run of the routine in a task becomes as the routine is now, at its place. */
export function takeRoutine(steps: readonly Step[], routine: { id: string; steps: readonly Step[] }): Step[] {
  const prefix = mark(routine.id);
  const done = new Set<string>();
  return steps.flatMap((s) => {
    if (!s.key.startsWith(prefix)) return [s];
    const round = /~\d+$/.exec(s.key)?.[0] ?? '';
    if (done.has(round)) return [];
    done.add(round);
    return routine.steps.map((r) => ({ ...r, key: r.key + round, phase: s.phase }));
  });
}
