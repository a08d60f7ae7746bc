// Carries what was settled for a learner from one version of the steps to the next: a step is the same where it does the same.
import type { Step } from '../plan/model';

/** What a step does: technique, foods, vessel. */
const deed = (s: Step): string =>
  `${s.technique ?? s.text}|${s.uses
    .map((u) => u.item)
    .sort()
    .join()}|${(s.about ?? []).join()}|${s.into ?? ''}|${s.technique === null ? '' : s.phase}`;

/**
 * The new key of each old step: first by what it does and the how-manieth time, then by key. A step that is found nowhere is left out.
 * One line put in at the top changes keys, not deeds.
 */
export function matchSteps(before: readonly Step[], after: readonly Step[]): Map<string, string> {
  const places = new Map<string, Step[]>();
  for (const s of after) places.set(deed(s), [...(places.get(deed(s)) ?? []), s]);
  const match = new Map<string, string>();
  const taken = new Set<string>();
  const times = new Map<string, number>();
  for (const s of before) {
    const nth = times.get(deed(s)) ?? 0;
    times.set(deed(s), nth + 1);
    const found = places.get(deed(s))?.[nth];
    if (!found) continue;
    match.set(s.key, found.key);
    taken.add(found.key);
  }
  for (const s of before) {
    const same = after.find((a) => a.key === s.key);
    if (!match.has(s.key) && same && !taken.has(same.key)) match.set(s.key, same.key);
  }
  return match;
}

/** Words of a teacher's own for one step, with the class's words that they were written for. */
export type OwnWords = { key: string; text: string; seen: string; by: string; at: string };
/** A caution that a person answered. */
export type Answered = { key: string; by: string; reason: string; at: string };
export type Differences = { words: readonly OwnWords[]; answered: readonly Answered[] };

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
  return {
    words: moved.filter((w) => said.get(w.key) === w.seen),
    ask: moved.filter((w) => said.get(w.key) !== w.seen),
    // a caution is answered for what it was said of: other words ask anew
    answered: differences.answered.flatMap((a) => {
      const key = keyOf(a.key);
      return key && said.get(key) === old.get(a.key) ? [{ ...a, key }] : [];
    }),
    gone: [...differences.words, ...differences.answered].flatMap((d) => (keyOf(d.key) ? [] : [old.get(d.key) ?? d.key])),
  };
}
