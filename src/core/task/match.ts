// Finds the steps of one list again in another: a step is the same where it does the same. Histories of learners hang on keys, and one line more changes those.
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

/**
 * The new steps under the keys of the old ones that they match, so that what was recorded goes on. A step that is new keeps its own key, or gets
 * one of its own where that is taken.
 */
export function takeOverKeys(before: readonly Step[], after: readonly Step[]): Step[] {
  const old = new Map([...matchSteps(before, after)].map(([from, to]) => [to, from]));
  const given = new Set(old.values());
  return after.map((step) => {
    const key = old.get(step.key);
    if (key !== undefined) return key === step.key ? step : { ...step, key };
    let own = step.key;
    for (let n = 2; given.has(own); n++) own = `${step.key}-n${n}`;
    given.add(own);
    return own === step.key ? step : { ...step, key: own };
  });
}
