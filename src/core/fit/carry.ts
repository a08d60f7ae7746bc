// Carries what was settled for a learner from one version of the steps to the next: a step is the same where it does the same.
import type { Step } from '../plan/model';
import { matchSteps } from '../task/match';

/** Words of a teacher's own for one step, with the class's words that they were written for. */
export type OwnWords = { key: string; text: string; seen: string; by: string; at: string };
/** A caution that a person answered. */
export type Answered = { key: string; by: string; reason: string; at: string };
/** A step that a person gave to an adult, whatever was proposed. */
export type GivenUp = { key: string; by: string; at: string };
export type Differences = { words: readonly OwnWords[]; answered: readonly Answered[]; adult?: readonly GivenUp[] };

export type Carried = Differences & {
  /** Own words whose step now says something else: a person decides. */
  ask: OwnWords[];
  /** Differences whose step is gone, by its old words: none is dropped in silence. */
  gone: string[];
};

/** @param before the steps that the differences were made for */
export function carryOver(differences: Differences, before: readonly Step[], after: readonly Step[]): Carried {
  const match = matchSteps(before, after);
  const said = new Map(after.map((s) => [s.key, s.text]));
  const old = new Map(before.map((s) => [s.key, s.text]));
  const keyOf = (key: string) => match.get(key);
  const moved = differences.words.flatMap((w) => (keyOf(w.key) ? [{ ...w, key: keyOf(w.key)! }] : []));
  const adult = (differences.adult ?? []).flatMap((g) => (keyOf(g.key) ? [{ ...g, key: keyOf(g.key)! }] : []));
  return {
    ...(adult.length > 0 ? { adult } : {}),
    words: moved.filter((w) => said.get(w.key) === w.seen),
    ask: moved.filter((w) => said.get(w.key) !== w.seen),
    // a caution is answered for what it was said of: other words ask anew
    answered: differences.answered.flatMap((a) => {
      // how the cards are shown hangs on no step; what a dish holds is asked anew with every version
      if (a.key.startsWith('shown-')) return [a];
      const key = keyOf(a.key);
      return key && said.get(key) === old.get(a.key) ? [{ ...a, key }] : [];
    }),
    gone: [...differences.words, ...differences.answered, ...(differences.adult ?? [])].flatMap((d) =>
      keyOf(d.key) || !old.has(d.key) ? [] : [old.get(d.key)!],
    ),
  };
}
