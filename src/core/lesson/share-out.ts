// Who does which steps of a dish that several make together, in a plain way: runs of one hand on one thing, to whoever may do them and has had least.
import { worksOf } from '../technique/works';
import type { Step } from '../plan/model';

/** A learner who takes part. `cannot`: steps that an adult does for him by his fit; `wants`: steps at which he has a rung to reach. */
export type Sharer = { id: string; cannot: ReadonlySet<string>; wants: ReadonlySet<string> };

/** A step is somebody's (his id), each one's own ('each': hair, apron, hands), or an adult's. */
export type Shared = Map<string, string>;
export const EACH = 'each';
export const ADULT = 'adult';

/** A run is no longer than this, in an adult's minutes, so that hands change now and then. */
const LONGEST_RUN = 3;

/** What each does for himself: getting ready, eating, clean hands at the end. */
export const isOwn = (step: Step): boolean => {
  const { act } = worksOf(step.technique);
  return step.phase === 'ready' || act === 'eat' || (step.phase === 'clean' && act === 'wash-hands');
};

/** The steps in runs of one hand on one thing: same place of work, and no longer than `LONGEST_RUN` unless the thing on the heat stays the same. */
export function runsOf(steps: readonly Step[]): Step[][] {
  const runs: Step[][] = [];
  let minutes = 0;
  for (const step of steps) {
    const run = runs.at(-1);
    const before = run?.at(-1);
    const together =
      before !== undefined &&
      goesOn(before, step) &&
      (minutes + step.minutes.active <= LONGEST_RUN || isHeat(before, step) || washesOff(step));
    if (together) run!.push(step);
    else {
      runs.push([step]);
      minutes = 0;
    }
    minutes += step.minutes.active;
  }
  return runs;
}

const isHeat = (a: Step, b: Step) => a.phase === 'cook' && b.phase === 'cook' && a.into !== null && a.into === b.into;

/** Whoever touched what is raw or sticky washes his own hands of it. */
const washesOff = (step: Step) => step.phase !== 'clean' && step.phase !== 'ready' && worksOf(step.technique).act === 'wash-hands';

function goesOn(a: Step, b: Step): boolean {
  if (washesOff(b)) return true;
  if (a.phase !== b.phase) return false;
  if (a.into !== null && a.into === b.into) return true;
  const foods = new Set(a.uses.map((u) => u.item));
  return b.uses.some((u) => foods.has(u.item));
}

/**
 * Shares the steps of one dish out. What gets everybody ready is each one's own; what an adult does by the class's steps is an adult's. A run goes to
 * whoever may do all of it: first who has a rung to reach in it, then who has had the fewest minutes, then in the order given. Where nobody may do all of a
 * run, its steps are given one by one, and what nobody may do is an adult's.
 */
export function shareOut(steps: readonly Step[], people: readonly Sharer[]): Shared {
  const shared: Shared = new Map();
  const had = new Map(people.map((p) => [p.id, 0]));
  const give = (run: readonly Step[]): boolean => {
    const able = people.filter((p) => run.every((s) => !p.cannot.has(s.key)));
    const wants = (p: Sharer) => run.filter((s) => p.wants.has(s.key)).length;
    const who = able.reduce<Sharer | null>((best, p) => {
      if (best === null) return p;
      const more = had.get(p.id)! - had.get(best.id)!;
      // a rung to reach is worth some minutes of another's turn, not the whole dish
      return more - wants(p) * 2 < -wants(best) * 2 ? p : best;
    }, null);
    if (!who) return false;
    for (const s of run) shared.set(s.key, who.id);
    had.set(who.id, had.get(who.id)! + run.reduce((sum, s) => sum + s.minutes.active, 0));
    return true;
  };
  for (const run of runsOf(steps)) {
    for (const s of run) if (isOwn(s)) shared.set(s.key, EACH);
    for (const s of run) if (!isOwn(s) && s.supervision === 'adult-does') shared.set(s.key, ADULT);
    const rest = run.filter((s) => !shared.has(s.key));
    if (rest.length === 0 || give(rest)) continue;
    for (const s of rest) if (!give([s])) shared.set(s.key, ADULT);
  }
  return shared;
}

/** The keys of the steps that are a learner's own in a dish that is shared, in their order. */
export const stepsOfSharer = (steps: readonly Step[], shared: Shared, id: string): string[] =>
  steps.filter((s) => shared.get(s.key) === id || shared.get(s.key) === EACH).map((s) => s.key);
