// Makes a timetable better by small disturbances: a stretch of time, one dish, some hands, or a stay on the heat that waits on purpose.
import { ADULT, REACH, type Problem } from './problem';
import { decode, FREE, Room } from './decode';
import { headTail, lockedFirst, READY_FIRST, type Found } from './lists';
import { Mirror } from './mirror';
import { latestAt, worthOf } from './worth';

/** How long to search: so many timetables, or less where a clock of the caller's says that the time is spent (a share of it, 0 to 1). */
export type Budget = { rounds: number; spent?: () => number };

/** Small numbers that are the same for the same seed, on every machine (a linear congruence; Numerical Recipes' constants). */
export function chances(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return state / 2 ** 32;
  };
}

/** What of a timetable is settled; hands by block, `FREE` where they are open. */
export type Keep = { pinned?: ArrayLike<number>; who?: ArrayLike<number>; from?: number };

/** Rounds of a whole search: so many lie in half a second for the smallest lessons; for large ones the clock ends it before. */
export const MOST_ROUNDS = 12_000;

const HOTTEST = 300;
const COOLEST = 1;
/** How often everything is pushed back and closed up again, how often hands change on the way, and by how many ticks the order is shaken (tried on small lessons of two to four learners). */
const CLOSED_UP = 0.6;
const OTHER_HANDS = 0.3;
const SHAKEN = 30;

/**
 * Searches on from a timetable. The same seed and number of rounds give the same result.
 * @param keep what is settled: blocks that stand, hands that do not change, and the tick before which nothing else begins
 * @param extra what else a timetable costs, for planning anew: changes that nobody wants
 */
export function search(
  p: Problem,
  first: Found,
  budget: Budget,
  extra: (found: Found['places']) => number = () => 0,
  keep: Keep = {},
): Found {
  const draw = chances(p.setup.seed + 1);
  const pick = (n: number) => Math.floor(draw() * n);
  const n = p.blocks.length;
  const costOf = (f: Found) => f.worth.cost + extra(f.places);
  let now = first;
  let best = first;
  let nowCost = costOf(now);
  let bestCost = nowCost;
  const delayed = p.blocks.flatMap((b, i) => (b.kind === 'heat' || b.kind === 'kitchen' || isNear(p, i) ? [i] : []));
  const near = p.blocks.flatMap((_, i) => (isNear(p, i) ? [i] : []));
  const means: Means = { mirror: keep.pinned ? null : new Mirror(p), delayed, near, draw, pick };
  const pins = keep.pinned ? { pinned: keep.pinned } : {};
  let delay: Int16Array = new Int16Array(n);
  const room = new Room(p);
  const { tail } = headTail(p);
  for (let round = 0; round < budget.rounds; round++) {
    // by the clock where there is one: a slow machine cools as far, in fewer rounds
    const share = Math.max(round / budget.rounds, budget.spent?.() ?? 0);
    if (share >= 1) break;
    const heat = HOTTEST * (COOLEST / HOTTEST) ** share;
    const { priority, who, waits } = tried(p, now, delay, means);
    lockedFirst(p, priority);
    if (keep.who) for (let i = 0; i < n; i++) if (keep.who[i] !== FREE) who[i] = keep.who[i]!;
    // what it may cost at the most is drawn first, so that what will be too late is given up on the way
    const most = nowCost - heat * Math.log(1 - draw());
    const latest = latestAt(p, most);
    const places = decode(p, { priority, who, delay: waits, ...pins, from: keep.from ?? 0, latest, tail }, room);
    if (!places) continue;
    const found = { places, worth: worthOf(p, places) };
    const cost = costOf(found);
    if (cost > most) continue;
    now = found;
    nowCost = cost;
    delay = waits;
    if (cost < bestCost) {
      best = found;
      bestCost = cost;
    }
  }
  return best;
}

const isNear = (p: Problem, i: number) =>
  p.crew[i] === null && p.may[i]!.some((w) => p.runs[i]![w + 1]!.pieces.some((s) => s.attention === REACH));

/** Two who work at one place share an adult: the one that would begin first waits for the other. */
function sideBySide(p: Problem, now: Found, h: Hands): void {
  const i = h.near[h.pick(h.near.length)]!;
  const at = placeOf(p, now, i);
  const { start, who } = now.places;
  let best = -1;
  for (const k of h.near) {
    if (k === i || who[k] === who[i] || placeOf(p, now, k) !== at || start[k] === start[i]) continue;
    if (best < 0 || Math.abs(start[k]! - start[i]!) < Math.abs(start[best]! - start[i]!)) best = k;
  }
  if (best < 0) return;
  const [first, second] = start[i]! < start[best]! ? [i, best] : [best, i];
  let free = 0;
  for (const k of p.after[first]!) free = Math.max(free, now.places.end[k]!);
  h.waits[first] = Math.max(0, start[second]! - free);
  h.priority[first] = h.priority[second]! + 0.1;
}

/** Where the first piece of a block stands that an adult stands by. */
function placeOf(p: Problem, now: Found, i: number): number {
  const who = now.places.who[i]!;
  return p.runs[i]![who + 1]?.pieces.find((s) => s.attention === REACH)?.station ?? -1;
}

/** What every round draws from. */
type Means = {
  /** Null in the middle of a lesson: what has begun stands, and nothing is pushed back. */
  mirror: Mirror | null;
  /** Blocks that may wait on purpose. */
  delayed: readonly number[];
  /** Blocks that an adult stands by. */
  near: readonly number[];
  draw: () => number;
  pick: (n: number) => number;
};

/** An order to try, with hands and with waits on purpose. */
type Try = { priority: Float64Array; who: Int16Array; waits: Int16Array };
type Hands = Means & Try;

/** What is tried next: what stands pushed back and closed up again, or one disturbance of it. */
function tried(p: Problem, now: Found, delay: Int16Array, means: Means): Try {
  const { mirror, draw, pick } = means;
  const who = Int16Array.from(now.places.who);
  const closing = draw() < CLOSED_UP ? mirror : null;
  if (closing && draw() < OTHER_HANDS) otherHands(p, who, 1 + pick(3), pick);
  const back = closing ? closing.latest({ ...now.places, who }, () => (draw() - 0.5) * SHAKEN) : null;
  const priority = back ?? Float64Array.from(now.places.start);
  for (let i = 0; i < who.length; i++) if (p.readies[i]! >= 0) priority[i]! += READY_FIRST;
  const waits = back ? new Int16Array(who.length) : Int16Array.from(delay);
  if (back) freed(p, who);
  else disturb(p, now, { ...means, priority, who, waits });
  return { priority, who, waits };
}

/** One disturbance of what stands. */
function disturb(p: Problem, now: Found, h: Hands): void {
  const n = p.blocks.length;
  const kind = h.pick(8);
  if (kind === 0) {
    const from = h.pick(now.places.finish + 1);
    const to = from + 8 + h.pick(40);
    for (let i = 0; i < n; i++) {
      const at = now.places.start[i]!;
      if (at < from || at > to || p.readies[i]! >= 0) continue;
      h.priority[i]! += (h.draw() - 0.5) * 2 * (to - from);
    }
  } else if (kind === 1 && h.draw() < 0.6) {
    onTheWay(p, now, h);
  } else if (kind === 1) {
    const dish = p.blocks[h.pick(n)]!.dish;
    const by = (h.draw() - 0.5) * now.places.finish;
    for (let i = 0; i < n; i++) if (p.blocks[i]!.dish === dish && p.readies[i]! < 0) h.priority[i]! += by;
  } else if (kind === 2 || kind === 3) {
    for (let k = 1 + h.pick(4); k > 0; k--) {
      const i = h.pick(n);
      const may = p.may[i]!;
      if (may.length > 1) h.who[i] = h.draw() < 0.3 ? FREE : may[h.pick(may.length)]!;
      if (p.readies[i]! < 0) h.priority[i]! += (h.draw() - 0.5) * 20;
    }
  } else if (kind === 4) {
    const [a, b] = [h.pick(p.there.length), h.pick(p.there.length)];
    for (let i = 0; i < n; i++)
      if ((h.who[i] === a || h.who[i] === b) && p.may[i]!.length > 1 && h.draw() < 0.5)
        h.who[i] = p.may[i]!.includes(a) && h.draw() < 0.5 ? a : FREE;
  } else if (kind >= 6 && h.near.length > 1) {
    sideBySide(p, now, h);
  } else if (h.delayed.length > 0) {
    const i = h.delayed[h.pick(h.delayed.length)]!;
    h.waits[i] = h.waits[i]! > 0 && h.draw() < 0.5 ? 0 : h.pick(30);
  }
  freed(p, h.who);
}

/** Some blocks go to another who may do them. */
function otherHands(p: Problem, who: Int16Array, some: number, pick: (n: number) => number): void {
  for (let k = some; k > 0; k--) {
    const i = pick(who.length);
    const may = p.may[i]!;
    if (may.length > 1) who[i] = may[pick(may.length)]!;
  }
}

/** What an adult does only because no learner could is open to learners again. */
function freed(p: Problem, who: Int16Array): void {
  for (let i = 0; i < who.length; i++) if (who[i] === ADULT && p.may[i]!.length > 0) who[i] = FREE;
}

/** The blocks that the end hangs on, from the last back: each begins as another ends. One of them is given to other hands, or goes before the one that it waited for. */
function onTheWay(p: Problem, now: Found, h: Hands): void {
  const { start, end, finish } = now.places;
  const way: number[] = [];
  for (let at = finish; at > 0;) {
    const ends: number[] = [];
    for (let i = 0; i < p.blocks.length; i++) if (end[i] === at && p.readies[i]! < 0) ends.push(i);
    const i = ends[h.pick(ends.length)];
    if (i === undefined) break;
    way.push(i);
    at = start[i]!;
  }
  if (way.length < 2) return;
  const k = h.pick(way.length - 1);
  const [later, before] = [way[k]!, way[k + 1]!];
  const may = p.may[later]!;
  if (may.length > 1 && h.draw() < 0.5) h.who[later] = may[h.pick(may.length)]!;
  if (h.draw() < 0.7) h.priority[later] = start[before]! - 0.1;
  else h.priority[before] = start[later]! + 0.1;
}
