// Puts blocks in their places one after the other, in a given order, each at the first half minute at which everything fits.
import { ADULT, DOES, NEARBY, NONE, REACH, type Need, type Problem, type Run } from './problem';

/** Where each block stands: start in ticks, and who does it (a learner's number, or an adult). */
export type Places = { start: Int32Array; end: Int32Array; who: Int16Array; finish: number };

/** In what order, and what is settled beforehand. */
export type Recipe = {
  /** Lower goes first, among what may go. */
  priority: ArrayLike<number>;
  /** Who does each: `FREE` where it is open. */
  who?: ArrayLike<number>;
  /** Ticks that a block waits after it could begin. */
  delay?: ArrayLike<number>;
  /** Blocks that stand already: their start; -1 where not. */
  pinned?: ArrayLike<number>;
  /** Nothing else begins before this tick. */
  from?: number;
  /** No end after this tick is of use: it is given up as soon as one is certain. */
  latest?: number;
  /** Ticks that must still follow each block, for that. */
  tail?: ArrayLike<number>;
};
export const FREE = -2;

/** How many one adult keeps an eye on, and what one who is within reach of somebody still can. */
const SEES = 4;
const SEES_LESS = 3;

/** How many can be kept in sight by so many adults of whom so many stand at somebody's elbow. */
export const seen = (adults: number, bound: number): number => SEES * adults - SEES_LESS * bound;

/** In ticks: what a rung to reach, going on at the same thing, and having had less are worth when it is chosen who does a block. */
const WANTS = 20;
const GOES_ON = 3;

/** What is in use at each tick. One is enough for many timetables of the same lesson, one after the other: to make it costs more than to fill it. */
export class Room {
  /** Nothing is in use from this tick on. */
  private top = 0;
  readonly busy: Uint8Array[];
  readonly used: Uint8Array[];
  readonly heat: Uint16Array[];
  readonly bound: Uint8Array;
  readonly near: Uint8Array;
  readonly reach: Uint8Array[];
  constructor(readonly p: Problem) {
    const rows = (n: number) => Array.from({ length: n }, () => new Uint8Array(p.horizon));
    this.busy = rows(p.there.length);
    this.used = rows(p.things.length);
    this.heat = p.things.map(() => new Uint16Array(p.horizon));
    this.bound = new Uint8Array(p.horizon);
    this.near = new Uint8Array(p.horizon);
    this.reach = rows(p.stations);
  }

  /** Takes everything out again. */
  clear(): void {
    for (const rows of [this.busy, this.used, this.heat, this.reach]) for (const row of rows) row.fill(0, 0, this.top);
    this.bound.fill(0, 0, this.top);
    this.near.fill(0, 0, this.top);
    this.top = 0;
  }

  /** The first start from `est` on at which a run fits; -1 where none does. */
  firstFit(run: Run, people: readonly number[], est: number): number {
    const last = this.p.horizon - run.len;
    let t = est;
    for (const who of people) t = Math.max(t, this.p.there[who]![0]);
    search: while (t <= last) {
      for (const need of run.holds) {
        const clash = this.thingClash(need, t, t + run.len);
        if (clash >= 0) {
          t = clash + 1;
          continue search;
        }
      }
      for (const piece of run.pieces) {
        const from = t + piece.at;
        const to = from + piece.len;
        let clash = -1;
        if (piece.held) for (const who of people) clash = Math.max(clash, this.busyAt(who, from, to));
        if (clash < 0) for (const need of piece.needs) clash = Math.max(clash, this.thingClash(need, from, to));
        if (clash < 0 && piece.attention !== NONE) clash = this.adultClash(piece.attention, piece.station, from, to);
        if (clash >= 0) {
          t = clash + 1 - piece.at;
          continue search;
        }
      }
      return t;
    }
    return -1;
  }

  private busyAt(who: number, from: number, to: number): number {
    if (to > this.p.there[who]![1]) return this.p.horizon;
    const row = this.busy[who]!;
    // the last clash lets the search go on furthest
    for (let u = to - 1; u >= from; u--) if (row[u]) return u;
    return -1;
  }

  private thingClash({ thing, units, heat }: Need, from: number, to: number): number {
    const row = this.used[thing]!;
    const most = this.p.caps[thing]! - units;
    const heats = this.heat[thing]!;
    for (let u = to - 1; u >= from; u--) if (row[u]! > most || (heat > 0 && heats[u]! > 0 && heats[u] !== heat)) return u;
    return -1;
  }

  private adultClash(attention: number, station: number, from: number, to: number): number {
    const { adults } = this.p;
    const reach = this.reach[station]!;
    for (let u = to - 1; u >= from; u--) {
      const more = attention === DOES ? 1 : attention === REACH ? 1 - (reach[u]! & 1) : 0;
      const bound = this.bound[u]! + more;
      const near = this.near[u]! + (attention === NEARBY ? 1 : 0);
      if (bound > adults[u]! || near > seen(adults[u]!, bound)) return u;
    }
    return -1;
  }

  put(run: Run, people: readonly number[], t: number): void {
    this.top = Math.max(this.top, t + run.len);
    const use = ({ thing, units, heat }: Need, from: number, to: number) => {
      const row = this.used[thing]!;
      for (let u = from; u < to; u++) row[u]! += units;
      if (heat > 0) this.heat[thing]!.fill(heat, from, to);
    };
    for (const need of run.holds) use(need, t, t + run.len);
    for (const piece of run.pieces) {
      const from = t + piece.at;
      const to = from + piece.len;
      if (piece.held) for (const who of people) this.busy[who]!.fill(1, from, to);
      for (const need of piece.needs) use(need, from, to);
      if (piece.attention === NEARBY) for (let u = from; u < to; u++) this.near[u]!++;
      else if (piece.attention === DOES) for (let u = from; u < to; u++) this.bound[u]!++;
      else if (piece.attention === REACH) {
        const reach = this.reach[piece.station]!;
        for (let u = from; u < to; u++) {
          if ((reach[u]! & 1) === 0) this.bound[u]!++;
          reach[u]!++;
        }
      }
    }
  }
}

/**
 * A timetable by a serial scheme: of the blocks whose predecessors stand, the one of least priority is put in its place.
 * @param room a room of this lesson, for whoever makes many timetables of it; what stood in it is taken out
 * @returns null where something can have no place at all (nobody may do it, or no adult is ever there), or the end would be later than is of use
 */
export function decode(p: Problem, recipe: Recipe, room = new Room(p)): Places | null {
  const n = p.blocks.length;
  room.clear();
  const places: Places = { start: new Int32Array(n).fill(-1), end: new Int32Array(n), who: new Int16Array(n).fill(FREE), finish: 0 };
  const readyAt = new Int32Array(p.there.length);
  const load = new Int32Array(p.there.length);
  const got = p.wantCount.map((count) => new Uint8Array(count));
  const put = (i: number, who: number, t: number) => {
    const people = p.crew[i] ?? (who === ADULT ? [] : [who]);
    const run = p.runs[i]![p.crew[i] ? 0 : who + 1]!;
    room.put(run, people, t);
    places.start[i] = t;
    places.end[i] = t + run.len;
    places.who[i] = who;
    places.finish = Math.max(places.finish, t + run.len);
    if (p.readies[i]! >= 0) readyAt[p.readies[i]!] = t + run.len;
    for (const who of people) load[who]! += run.len;
    for (const w of p.wants[i]!) if (w.learner === who || p.crew[i]?.includes(w.learner)) got[w.learner]![w.want] = 1;
  };
  if (recipe.pinned) for (let i = 0; i < n; i++) if (recipe.pinned[i]! >= 0) put(i, recipe.who![i]!, recipe.pinned[i]!);
  const queue = new Queue(recipe.priority);
  const open = new Int32Array(n);
  let left = 0;
  for (let i = 0; i < n; i++) {
    if (places.start[i] !== -1) continue;
    left++;
    for (const k of p.after[i]!) if (places.start[k] === -1) open[i]!++;
    if (open[i] === 0) queue.add(i);
  }
  const free = (i: number) => {
    for (const k of p.next[i]!) if (--open[k]! === 0 && places.start[k] === -1) queue.add(k);
  };
  for (; left > 0; left--) {
    const i = queue.take();
    if (i < 0) return null;
    let est = recipe.delay?.[i] ?? 0;
    let since = 0;
    for (const k of p.after[i]!) since = Math.max(since, places.end[k]!);
    est += since;
    est = Math.max(est, p.locks.get(i)?.start ?? 0, recipe.from ?? 0);
    const chosen = choose(p, room, i, est, recipe.who?.[i] ?? FREE, { readyAt, load, got, places });
    if (!chosen) return null;
    put(i, chosen.who, chosen.at);
    if (recipe.latest !== undefined && places.end[i]! + (recipe.tail?.[i] ?? 0) > recipe.latest) return null;
    free(i);
  }
  return places;
}

type SoFar = { readyAt: Int32Array; load: Int32Array; got: readonly Uint8Array[]; places: Places };

/** Who does a block, and when: as early as may be, to whom it is a rung to reach, to whoever goes on at it, to whoever had less. */
function choose(p: Problem, room: Room, i: number, est: number, fixed: number, so: SoFar): { who: number; at: number } | null {
  const crew = p.crew[i];
  if (crew) {
    const at = room.firstFit(p.runs[i]![0]!, crew, Math.max(est, ...crew.map((who) => so.readyAt[who]!)));
    return at < 0 ? null : { who: ADULT, at };
  }
  const locked = p.locks.get(i)?.who ?? FREE;
  const wish = locked !== FREE ? locked : fixed;
  // where who was meant cannot, others who may are asked, and an adult last
  return (
    (wish === FREE ? null : bestOf(p, room, i, est, [wish], so)) ??
    bestOf(p, room, i, est, p.may[i]!, so) ??
    bestOf(p, room, i, est, [ADULT], so)
  );
}

function bestOf(p: Problem, room: Room, i: number, est: number, may: readonly number[], so: SoFar): { who: number; at: number } | null {
  let best: { who: number; at: number; score: number } | null = null;
  for (const who of may) {
    const run = p.runs[i]![who + 1];
    if (!run) continue;
    const at = room.firstFit(run, who === ADULT ? [] : [who], Math.max(est, who === ADULT ? 0 : so.readyAt[who]!));
    if (at < 0) continue;
    let score = at + run.len + (who === ADULT ? 0 : so.load[who]! / 16);
    for (const w of p.wants[i]!) if (w.learner === who && !so.got[who]![w.want]) score -= WANTS;
    if (p.after[i]!.some((k) => so.places.who[k] === who)) score -= GOES_ON;
    if (best === null || score < best.score) best = { who, at, score };
  }
  return best;
}

/** Numbers by priority, the least first; of two alike the one that came first in the list. */
class Queue {
  private readonly heap: number[] = [];
  constructor(private readonly key: ArrayLike<number>) {}
  private less(a: number, b: number): boolean {
    return this.key[a]! < this.key[b]! || (this.key[a] === this.key[b] && a < b);
  }
  add(i: number): void {
    const h = this.heap;
    let at = h.push(i) - 1;
    while (at > 0 && this.less(i, h[(at - 1) >> 1]!)) {
      h[at] = h[(at - 1) >> 1]!;
      at = (at - 1) >> 1;
    }
    h[at] = i;
  }
  /** @returns -1 where it is empty */
  take(): number {
    const h = this.heap;
    if (h.length === 0) return -1;
    const top = h[0]!;
    const last = h.pop()!;
    if (h.length > 0) {
      let at = 0;
      for (;;) {
        let child = 2 * at + 1;
        if (child >= h.length) break;
        if (child + 1 < h.length && this.less(h[child + 1]!, h[child]!)) child++;
        if (!this.less(h[child]!, last)) break;
        h[at] = h[child]!;
        at = child;
      }
      h[at] = last;
    }
    return top;
  }
}
