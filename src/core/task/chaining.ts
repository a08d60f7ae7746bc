// Chaining: which steps of a task are taught today, and which are helped through.
import type { Step } from '../plan/model';

/** Total task: every step each time. Forward: up to the first step that is not mastered. Backward: from the last one that is not (Cooper, Heron & Heward). */
export type Chaining = 'total' | 'forward' | 'backward';

/** 'taught': today's teaching. 'own': mastered, done without teaching. 'helped': an adult helps through. 'adult': an adult does it by plan. */
export type TaughtAs = 'taught' | 'own' | 'helped' | 'adult';

/**
 * What each step is today, by key.
 * @param mastered keys of the steps that the learner has mastered
 * Steps that an adult does are never taught. With all steps mastered, none is.
 */
export function taughtToday(steps: readonly Step[], mastered: ReadonlySet<string>, chaining: Chaining): Map<string, TaughtAs> {
  const learner = steps.filter((s) => s.supervision !== 'adult-does');
  const open = learner.filter((s) => !mastered.has(s.key));
  const taught =
    chaining === 'total'
      ? new Set(open.map((s) => s.key))
      : new Set([chaining === 'forward' ? open[0]?.key : open.at(-1)?.key].filter((k) => k !== undefined));
  return new Map(
    steps.map((s) => [
      s.key,
      s.supervision === 'adult-does' ? 'adult' : taught.has(s.key) ? 'taught' : mastered.has(s.key) ? 'own' : 'helped',
    ]),
  );
}
