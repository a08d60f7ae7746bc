// A kitchen that has lost a measure: which steps still use it, and those steps built anew. What a person wrote stays.
import { readMeasured } from './measured-field';
import type { Measure } from '../amount/filling';
import type { Recipe } from '../recipe/recipe';
import type { Grain, Kitchen, Step } from '../plan/model';
import { buildTask } from './build';
import { isGather } from './dry-run/model';
import { takeOverKeys } from './match';

/** A measure that steps use and the kitchen does not have, with the keys of those steps. */
export type Gone = { measure: string; label: string; steps: string[] };

/** Measures that steps are worked with and that are not in this kitchen any more. */
export function measuresGone(steps: readonly Step[], kitchen: Kitchen): Gone[] {
  const here = new Set(kitchen.measures.map((m) => m.id));
  const gone = new Map<string, Gone>();
  for (const { key, fillings } of steps)
    for (const { measure, label } of fillings) {
      if (here.has(measure)) continue;
      const one = gone.get(measure) ?? { measure, label, steps: [] };
      one.steps.push(key);
      gone.set(measure, one);
    }
  return [...gone.values()];
}

/** The measures as they were, by what their labels say; where it is a cup of either kind, of this one. */
function measuresOf(gone: readonly Gone[], kind: Measure['kind']): Measure[] {
  return gone.flatMap(({ measure, label }): Measure[] => {
    const read = readMeasured(label);
    if ('why' in read) return [];
    return [{ id: measure, quantity: read.quantity, unit: read.unit, kind: /sp$/.test(read.unit) ? 'spoon' : kind }];
  });
}

const isAsBuilt = (a: Step, b: Step) =>
  a.text === b.text && a.technique === b.technique && a.supervision === b.supervision && a.tools.join() === b.tools.join();

/**
 * The steps for this kitchen. What they would be with the measures that are gone is built beside what they are without: where a step is as it was built, it
 * becomes the new one; where somebody changed it, it stays, and so does the order that somebody gave them.
 */
export function rebuildForKitchen(recipe: Recipe, steps: readonly Step[], grain: Grain, kitchen: Kitchen): Step[] {
  const gone = measuresGone(steps, kitchen);
  if (gone.length === 0) return [...steps];
  const before = asItWas(recipe, steps, grain, kitchen, gone);
  const after = takeOverKeys(before, buildTask(recipe, { grain, kitchen }).steps);
  const [was, is] = [new Map(before.map((s) => [s.key, s])), new Map(after.map((s) => [s.key, s]))];
  const kept = steps.flatMap((step): Step[] => {
    const built = was.get(step.key);
    if (!built || !isAsBuilt(step, built)) return [step];
    const now = is.get(step.key);
    return now ? [now] : [];
  });
  const keys = (all: readonly Step[], within: ReadonlySet<string>) => all.map((s) => s.key).filter((key) => within.has(key));
  const draft = new Set(steps.map((s) => s.key));
  const isMoved = keys(steps, new Set(was.keys())).join() !== keys(before, draft).join();
  const fresh = after.filter((s) => !was.has(s.key) && !draft.has(s.key));
  if (isMoved) return putIn(kept, fresh, after);
  // in the order in which they are built now, and what is a person's own behind what it followed
  const order = new Map([...kept, ...fresh].map((s) => [s.key, s]));
  const built = after.flatMap((s) => order.get(s.key) ?? []);
  return putIn(
    built,
    kept.filter((s) => !is.has(s.key)),
    kept,
  );
}

/** Where those measures were kept: where the things are that are fetched in the same step. */
function placesOf(gone: readonly Gone[], steps: readonly Step[], kitchen: Kitchen): Kitchen['tools'] {
  return gone.flatMap(({ measure }) => {
    const fetched = steps.find((s) => isGather(s) && s.tools.includes(measure))?.tools ?? [];
    const place = kitchen.tools.find((t) => fetched.includes(t.id))?.place;
    return place === undefined ? [] : [{ id: measure, place }];
  });
}

/** The steps as they were built. A label does not say whether a cup was a jug: the kitchen that gives more of the steps is taken for the one that was. */
function asItWas(recipe: Recipe, steps: readonly Step[], grain: Grain, kitchen: Kitchen, gone: readonly Gone[]): Step[] {
  const texts = new Set(steps.map((s) => s.text));
  const tools = [...kitchen.tools, ...placesOf(gone, steps, kitchen)];
  const [dry, liquid] = (['dry', 'liquid'] as const).map((kind) => {
    const measures = [...kitchen.measures, ...measuresOf(gone, kind)];
    const built = takeOverKeys(steps, buildTask(recipe, { grain, kitchen: { ...kitchen, measures, tools } }).steps);
    return { built, alike: built.filter((s) => texts.has(s.text)).length };
  });
  return liquid!.alike > dry!.alike ? liquid!.built : dry!.built;
}

/** Some steps among others, each behind the one that it follows in an order that has them all. */
function putIn(steps: readonly Step[], some: readonly Step[], order: readonly Step[]): Step[] {
  const all = [...steps];
  for (const step of some) {
    const before = order.slice(
      0,
      order.findIndex((s) => s.key === step.key),
    );
    const follows = before.findLast((s) => all.some((one) => one.key === s.key));
    all.splice(follows ? all.findIndex((one) => one.key === follows.key) + 1 : 0, 0, step);
  }
  return all;
}
