// A lesson to be planned, as a teacher sets it up, and its timetable with what is to be said of it.
import { blocksOf, todays, type LessonDish } from './blocks';
import { boundOf, type Bound } from './bound';
import { takenOut, type TakenOut } from './before';
import { bestList, type Found } from './lists';
import { problemOf, type Problem } from './problem';
import { search, type Budget } from './search';
import { teamsOf } from '../model';
import { countOf } from './things';
import type { Lock, PlanAdult, PlanLearner, Setup } from './model';

export type LessonInput = {
  bell: number;
  margin: number;
  learners: readonly PlanLearner[];
  adults: readonly PlanAdult[];
  dishes: readonly LessonDish[];
  counts: ReadonlyMap<string, number>;
  locks: readonly Lock[];
  seed: number;
};

/** The part of a lesson that is kept free, because lessons run late: a sixth (tried on simulated lessons: nine in ten meet the bell then). */
export const marginOf = (bell: number): number => bell / 6;

export function setupOf(input: LessonInput): Setup {
  const { bell, margin, learners, adults, counts, locks, seed } = input;
  const later = input.dishes.flatMap((d): [string, number][] => {
    const n = d.steps.length - d.before.size - todays(d).length;
    return n > 0 ? [[d.id, n]] : [];
  });
  return { bell, margin, learners, adults, counts, locks, seed, blocks: blocksOf(input.dishes, learners), later: new Map(later) };
}

export type Planned = { problem: Problem; found: Found; bound: Bound };

/** Plans a lesson. @returns null where it has no plan: no adult is ever there, a thing that is needed is not, or a whole day would not be enough */
export function planLesson(input: LessonInput, budget: Budget): Planned | null {
  const problem = problemOf(setupOf(input));
  const first = bestList(problem);
  return first && { problem, found: search(problem, first, budget), bound: boundOf(problem) };
}

/** What would make a lesson shorter. */
export type Lever =
  { what: TakenOut } | { what: 'adult' } | { what: 'thing'; thing: string } | { what: 'pairs' | 'one-dish'; dish: string };

/** A lesson with a lever pulled. */
export function pulled(input: LessonInput, lever: Lever): LessonInput {
  switch (lever.what) {
    case 'adult':
      return { ...input, adults: [...input.adults, { id: '', from: 0, to: input.bell }] };
    case 'thing':
      return { ...input, counts: new Map([...input.counts, [lever.thing, twice(input, lever.thing)]]) };
    case 'pairs':
    case 'one-dish':
      return {
        ...input,
        dishes: input.dishes.map((d) => (d.id === lever.dish ? regrouped(d, lever.what === 'pairs' ? 'pairs' : 'together') : d)),
      };
    default: {
      const { what } = lever;
      return { ...input, dishes: input.dishes.map((d) => ({ ...d, before: new Set([...d.before, ...takenOut(what, d.steps)]) })) };
    }
  }
}

function regrouped(dish: LessonDish, mode: 'pairs' | 'together'): LessonDish {
  const all = dish.teams.flat();
  const numbers = teamsOf(mode, all.length);
  return { ...dish, teams: [...new Set(numbers)].map((t) => all.filter((_, i) => numbers[i] === t)) };
}

const twice = (input: LessonInput, thing: string) => 2 * Math.max(1, countOf(thing, input.counts));

/** A thing that is in use for so great a part of a lesson may be what holds it up. */
const OFTEN = 0.4;

/** Things of which more might help: what binds, and what is in use for much of the lesson. */
function scarceIn(input: LessonInput, bound: Bound): string[] {
  const setup = setupOf(input);
  const used = new Map<string, number>();
  const add = (thing: string, minutes: number) => used.set(thing, (used.get(thing) ?? 0) + minutes);
  for (const b of setup.blocks) {
    const minutes = b.segments.map((s) => s.timed + Object.values(s.hand).reduce((x, y) => x + y, 0));
    for (const h of b.holds) add(h.thing, minutes.reduce((x, y) => x + y, 0) * h.units);
    b.segments.forEach((s, i) => s.needs.forEach((n) => add(n.thing, minutes[i]! * n.units)));
  }
  const often = [...used]
    .filter(([thing, minutes]) => minutes / countOf(thing, input.counts) > OFTEN * bound.minutes)
    .map(([thing]) => thing);
  return [...new Set([...(bound.by.thing ? [bound.by.thing] : []), ...often])];
}

/** All levers that this lesson has. */
function leversOf(input: LessonInput, bound: Bound): Lever[] {
  const taken = (['set-out', 'cold-work', 'washing-up'] as const).filter((what) =>
    input.dishes.some((d) => takenOut(what, d.steps).some((key) => !d.before.has(key))),
  );
  const shares = input.dishes.flatMap((d): Lever[] => {
    const largest = Math.max(0, ...d.teams.map((t) => t.length));
    const all = d.teams.flat().length;
    return [
      ...(largest === 1 && all > 1 ? [{ what: 'pairs' as const, dish: d.id }] : []),
      ...(d.teams.length > 1 && all > 2 ? [{ what: 'one-dish' as const, dish: d.id }] : []),
    ];
  });
  return [
    ...taken.map((what) => ({ what })),
    ...shares,
    { what: 'adult' },
    ...scarceIn(input, bound).map((thing) => ({ what: 'thing' as const, thing })),
  ];
}

/** How many minutes each lever gives, the most first; one that gives nothing is left out. */
export function pullLevers(
  input: LessonInput,
  now: Planned,
  budget: Budget,
): { lever: Lever; minutes: number; end: number; bound: number }[] {
  return leversOf(input, now.bound)
    .flatMap((lever) => {
      const other = planLesson(pulled(input, lever), budget);
      if (!other) return [];
      const { end } = other.found.worth;
      return [{ lever, minutes: now.found.worth.end - end, end, bound: other.bound.minutes }];
    })
    .filter((l) => l.minutes > 0)
    .sort((a, b) => b.minutes - a.minutes);
}
