// Planning anew in the middle of a lesson: what has begun stands, hands stay as they are, and what is left follows as it was.
import { TICK, type Setup, type Timetable } from './model';
import { ADULT, problemOf, type Problem } from './problem';
import { decode, FREE, type Places } from './decode';
import { lockedFirst, READY_FIRST } from './lists';
import { search, type Budget } from './search';
import { worthOf, type Worth } from './worth';

/** How a lesson stands: the minute, and the blocks that have begun, with when and, where they are done, until when. */
export type Standing = { now: number; begun: ReadonlyMap<string, { start: number; end: number | null; who: string | null }> };

/** A change of hands, and a shift of more than five minutes, cost so many minutes (tried: what they save must be worth them). */
const CHANGE = 2;
const SHIFT = 0.25;
const SMALL_SHIFT = 5;

/** The rest of a lesson; `dropped`: blocks that nobody is left for. */
export type Anew = { problem: Problem; places: Places; worth: Worth; dropped: string[] };

/**
 * The rest of a lesson. Nothing that has begun moves, no block changes hands whose learner is still there, and all follow in the order in which they were.
 * What only those would do who have left is dropped: nobody finishes a dish for its own sake.
 * @param setup the lesson as it is now: whoever has left or comes late has his hours in it
 * @returns null where something can have no place any more
 */
export function planAnew(setup: Setup, before: Timetable, standing: Standing, budget: Budget): Anew | null {
  const dropped = droppedOf(setup, standing);
  const p = problemOf({ ...setup, blocks: setup.blocks.filter((b) => !dropped.has(b.id)) });
  const places = rest(p, before, standing, budget);
  return places && { problem: p, places, worth: worthOf(p, places), dropped: [...dropped] };
}

function droppedOf({ blocks, learners, bell }: Setup, { now, begun }: Standing): Set<string> {
  const here = new Set(learners.filter((l) => l.to >= bell || l.to > now).map((l) => l.id));
  const teams = new Map<string, Set<string>>();
  for (const b of blocks) if (b.dish !== null) teams.set(b.dish, new Set([...(teams.get(b.dish) ?? []), ...b.may]));
  const isLeft = (ids: Iterable<string>) => [...ids].some((id) => here.has(id));
  const gone = blocks.filter((b) => {
    if (begun.has(b.id) || b.crew) return false;
    const team = b.dish === null ? b.may : (teams.get(b.dish) ?? []);
    return [...team].length > 0 && !isLeft(team);
  });
  return new Set(gone.map((b) => b.id));
}

function rest(p: Problem, before: Timetable, standing: Standing, budget: Budget): Places | null {
  const n = p.blocks.length;
  const old = new Map(before.placed.map((x) => [x.block, x]));
  const now = Math.round(standing.now / TICK);
  const pinned = new Int32Array(n).fill(-1);
  const who = new Int16Array(n).fill(FREE);
  const priority = new Float64Array(n);
  p.blocks.forEach((b, i) => {
    const was = old.get(b.id);
    const stands = standing.begun.get(b.id);
    priority[i] = was ? was.start : before.end;
    if (p.readies[i]! >= 0) priority[i] += READY_FIRST;
    const whoWas = stands ? stands.who : (was?.who[0] ?? null);
    const number = whoWas === null ? ADULT : (p.learnerOf.get(whoWas) ?? FREE);
    const can = number === ADULT ? was !== undefined && was.who.length === 0 : number !== FREE && p.runs[i]![number + 1] !== null;
    if (stands) {
      who[i] = p.crew[i] || !can ? ADULT : number;
      pinned[i] = startOf(p, i, who[i], stands, now);
    } else if (can && (number === ADULT || p.there[number]![1] > now)) who[i] = number;
  });
  lockedFirst(p, priority);
  const first = decode(p, { priority, who, pinned, from: now });
  if (!first) return null;
  const cost = (places: Places) => {
    let sum = 0;
    for (let i = 0; i < n; i++) {
      if (who[i] !== FREE && places.who[i] !== who[i]) sum += CHANGE;
      const was = old.get(p.blocks[i]!.id);
      if (was && Math.abs(places.start[i]! * TICK - was.start) > SMALL_SHIFT) sum += SHIFT;
    }
    return sum * WORTH_A_MINUTE;
  };
  return search(p, { places: first, worth: worthOf(p, first) }, budget, cost, { pinned, who, from: now }).places;
}

/** Where a block that has begun stands: so that it ends when it did end, or not before now. */
function startOf(p: Problem, i: number, who: number, { start, end }: { start: number; end: number | null }, now: number): number {
  const { len } = p.runs[i]![p.crew[i] ? 0 : who + 1]!;
  return Math.max(0, end === null ? Math.max(Math.round(start / TICK), now + 1 - len) : Math.round(end / TICK) - len);
}

/** Of the search's weights: a minute over the bell. */
const WORTH_A_MINUTE = 1000;
