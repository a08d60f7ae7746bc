// What the dry run found, as the desk shows it.
import type { Finding } from '$core';

/** What is to be looked at in each step, by its key. */
export function byStep(found: readonly Finding[]): Map<string, string> {
  const all = new Map<string, string>();
  for (const { stepKey, about } of found) if (stepKey) all.set(stepKey, [all.get(stepKey), about].filter(Boolean).join(', '));
  return all;
}

/** What a change brings, in whole sentences, and what it mends, in a word each. */
export function changed(before: readonly Finding[], after: readonly Finding[]): { bring: string[]; mend: string[] } {
  const isIn = (f: Finding, all: readonly Finding[]) =>
    all.some((g) => g.code === f.code && g.about === f.about && g.stepKey === f.stepKey);
  return {
    bring: after.filter((f) => !isIn(f, before)).map((f) => f.message),
    mend: before.filter((f) => !isIn(f, after)).map((f) => f.about),
  };
}
