// How short a lesson can be at the best: a number that no timetable can be under, with the reason.
import { TICK } from './model';
import type { Problem } from './problem';
import { mayFall, resourcesOf, runsAt, type Reason, type Resource } from './resources';
import { headTail, type HeadTail } from './lists';

export type Bound = {
  minutes: number;
  by: Reason;
};

/** The lower bound of a lesson's end, in minutes from its start, and what makes it so much longer than its plain way would be: whatever adds most. */
export function boundOf(p: Problem): Bound {
  const all = resourcesOf(p);
  const { head, tail, least, why } = aroundEach(p, withHands(p, headTail(p, ownQuickest(p))), all);
  const way = path(p, { head, tail, least });
  const best = all.map((r) => boundBy(r, { head, tail })).reduce((a, b) => (b.minutes > a.minutes ? b : a), way);
  const onWay = why(p.blocks.findIndex((x) => x.id === way.by.block));
  return onWay && onWay.gain * TICK >= best.minutes - way.minutes ? { minutes: best.minutes, by: reasonOf(onWay.by) } : best;
}

/** Ticks that a block takes at the least with those who may do it: an adult does it only where he has to. */
const ownQuickest = (p: Problem): Int32Array => Int32Array.from(p.blocks, (_, i) => Math.min(...runsAt(p, i).map((r) => r.len)));

const reasonOf = (r: Resource): Reason => ({ ...r.by, minutes: r.loads.reduce((sum, l) => sum + l.work, 0) * TICK });

/** Whole ticks; what is over by rounding alone is not over. */
const wholeTicks = (ticks: number): number => Math.ceil(ticks - 1e-9);

/** Nothing begins before somebody who may do it has clean hands. */
function withHands(p: Problem, ht: HeadTail): HeadTail {
  const ready = p.there.map(([from], who) => {
    const own = p.readies.findIndex((l) => l === who);
    return own < 0 ? from : from + p.runs[own]![who + 1]!.len;
  });
  const head = new Int32Array(p.blocks.length);
  for (let i = 0; i < p.blocks.length; i++) {
    if (p.readies[i]! >= 0) head[i] = p.there[p.readies[i]!]![0];
    else if (p.crew[i]) head[i] = Math.max(0, ...p.crew[i]!.map((w) => ready[w]!));
    else if (p.may[i]!.length > 0 && !mayFall(p, i)) head[i] = Math.min(...p.may[i]!.map((w) => ready[w]!));
    head[i] = Math.max(head[i]!, p.locks.get(i)?.start ?? 0);
  }
  return { ...ht, head };
}

function path(p: Problem, { head, least, tail }: Omit<HeadTail, 'topological'>): Bound {
  let best = 0;
  for (let i = 1; i < head.length; i++) if (head[i]! + least[i]! + tail[i]! > head[best]! + least[best]! + tail[best]!) best = i;
  const minutes = head.length === 0 ? 0 : (head[best]! + least[best]! + tail[best]!) * TICK;
  return { minutes, by: { what: 'path', block: p.blocks[best]?.id, minutes } };
}

/** What made a start later, or the time after something longer, and by how many ticks. */
type Raise = { by: Resource; gain: number };
type Around = Omit<HeadTail, 'topological'> & { why: (i: number) => Raise | null };

const more = (a: Raise | null, b: Raise | null): Raise | null => (a && (!b || a.gain >= b.gain) ? a : b);

/**
 * All that a block waits for has to be done before it, and all that waits for it comes after: whatever is short bounds those alone, too. So each block's own
 * earliest start and least time after it are those of its way, or of the work before and after it, whichever is more; and they add up along the way.
 */
function aroundEach(p: Problem, ht: HeadTail, all: readonly Resource[]): Around {
  const backwards = [...ht.topological].reverse();
  const side = (times: Int32Array, order: readonly number[], edges: Edges, to: Edges, free: boolean) => {
    const back = [...order].reverse();
    const raised = new Array<Raise | null>(times.length).fill(null);
    for (const i of order) {
      for (const k of edges[i]!) {
        const at = times[k]! + ht.least[k]!;
        if (at > times[i]!) [times[i], raised[i]] = [at, raised[k]!];
        else if (at === times[i]!) raised[i] = more(raised[i]!, raised[k]!);
      }
      const some = reached(edges, i);
      const far = between(some, back, to, i, ht.least);
      for (const r of all) {
        const [heads, tails] = free ? [far, times] : [times, far];
        // whoever has nothing to do with what comes before may have come free long before
        const least = wholeTicks(leastOf(free ? { ...r, froms: null } : r, within(r, some, heads, tails), times[i]));
        if (least > times[i]!) [raised[i], times[i]] = [more(raised[i]!, { by: r, gain: least - times[i]! }), least];
      }
    }
    return raised;
  };
  const [head, tail] = [Int32Array.from(ht.head), Int32Array.from(ht.tail)];
  const before = side(head, ht.topological, p.after, p.next, false);
  const after = side(tail, backwards, p.next, p.after, true);
  return { head, tail, least: ht.least, why: (i) => more(before[i] ?? null, after[i] ?? null) };
}

type Edges = readonly (readonly number[])[];

/** What lies at the least between each of these and a block, by the edges that lead towards it. */
function between(some: Uint8Array, order: readonly number[], edges: Edges, block: number, least: Int32Array): Int32Array {
  const far = new Int32Array(some.length);
  for (const i of order)
    if (some[i]) for (const k of edges[i]!) if (some[k] && k !== block) far[i] = Math.max(far[i]!, far[k]! + least[k]!);
  return far;
}

function reached(edges: Edges, from: number): Uint8Array {
  const seen = new Uint8Array(edges.length);
  const open = [...edges[from]!];
  for (let i = open.pop(); i !== undefined; i = open.pop()) {
    if (seen[i]) continue;
    seen[i] = 1;
    open.push(...edges[i]!);
  }
  return seen;
}

function boundBy(r: Resource, { head, tail }: Pick<HeadTail, 'head' | 'tail'>): Bound {
  return { minutes: wholeTicks(leastOf(r, within(r, null, head, tail))) * TICK, by: reasonOf(r) };
}

type Between = { work: number; whole: number; head: number; tail: number };

/** What is asked of something by these blocks, or by all, with the least time before and after each. */
function within(r: Resource, among: Uint8Array | null, heads: Int32Array, tails: Int32Array): Between[] {
  const some: Between[] = [];
  for (const l of r.loads)
    if (among === null || among[l.block])
      some.push({ work: l.work, whole: l.whole, head: heads[l.block]! + l.lead, tail: l.rest + tails[l.block]! });
  return some;
}

/**
 * The largest of head + work / capacity + tail over all sets of what begins late and ends early enough.
 * @param known what is known already: where no set can come to more, none is looked at
 */
function leastOf(r: Resource, loads: Between[], known = 0): number {
  if (r.cap === 0 || loads.length === 0) return 0;
  if (mostOf(r, loads) <= known) return known;
  loads.sort((a, b) => b.tail - a.tail);
  let best = r.whole ? wholeStays(loads, r.cap) : 0;
  for (const head of new Set(loads.map((l) => l.head))) {
    let work = 0;
    for (const l of loads) {
      if (l.head < head) continue;
      work += l.work;
      best = Math.max(best, head + work / r.cap + l.tail);
    }
  }
  if (r.froms) {
    let work = 0;
    for (const l of loads) {
      work += l.work;
      best = Math.max(best, filled(r.froms, work) + l.tail);
    }
  }
  return best;
}

/** More than any set of these can come to. */
function mostOf(r: Resource, loads: readonly Between[]): number {
  let [work, whole, longest, head, tail] = [0, 0, 0, r.froms?.at(-1) ?? 0, 0];
  for (const l of loads) {
    work += l.work;
    whole += l.whole;
    longest = Math.max(longest, l.whole);
    head = Math.max(head, l.head);
    tail = Math.max(tail, l.tail);
  }
  // of m stays the shortest m / cap, rounded up, are no more than twice their share
  return head + Math.max(work / r.cap, r.whole ? Math.max(longest, (2 * whole) / r.cap) : 0) + tail;
}

/** The least time by which all these hands, each free from its own time on, can have done so much. */
function filled(froms: readonly number[], work: number): number {
  let left = work;
  for (let n = 1; n < froms.length; n++) {
    const room = (froms[n]! - froms[n - 1]!) * n;
    if (left <= room) return froms[n - 1]! + left / n;
    left -= room;
  }
  return froms.at(-1)! + left / froms.length;
}

/** Least head + the shortest ceil(m / c) of the m longest stays + least tail: some one place takes so many of them, whole. */
function wholeStays(loads: readonly { whole: number; head: number; tail: number }[], cap: number): number {
  const sorted = loads.map((l) => l.whole).sort((a, b) => b - a);
  const ends = Math.min(...loads.map((l) => l.head)) + Math.min(...loads.map((l) => l.tail));
  let best = 0;
  for (let m = 1; m <= sorted.length; m++) {
    let sum = 0;
    for (let i = m - Math.ceil(m / cap); i < m; i++) sum += sorted[i]!;
    best = Math.max(best, ends + sum);
  }
  return best;
}
