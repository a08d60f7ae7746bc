// How short a lesson can be at the best: a number that no timetable can be under, with the reason.
import { TICK } from './model';
import type { Problem } from './problem';
import { mayFall, resourcesOf, type Reason, type Resource } from './resources';
import { headTail, type HeadTail } from './lists';

export type Bound = {
  minutes: number;
  by: Reason;
};

/** The lower bound of a lesson's end, in minutes from its start. */
export function boundOf(p: Problem): Bound {
  const { ht, why } = throughGates(p, withHands(p, headTail(p)));
  const best = [path(p, ht), ...resourcesOf(p).map((r) => boundBy(r, p, ht))].reduce((a, b) => (b.minutes > a.minutes ? b : a));
  // the way to the meal is as long as it is because of what is short before it
  return best.by.what === 'path' && why ? { minutes: best.minutes, by: reasonOf(why) } : best;
}

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
  return { ...ht, head: carriedOn(p, ht, head) };
}

/** Heads that go on to what comes after. */
function carriedOn(p: Problem, ht: HeadTail, own: Int32Array): Int32Array {
  const head = Int32Array.from(own);
  for (const i of ht.topological) for (const k of p.next[i]!) head[k] = Math.max(head[k]!, head[i]! + ht.least[i]!);
  return head;
}

function path(p: Problem, { head, least, tail }: HeadTail): Bound {
  let best = 0;
  for (let i = 1; i < head.length; i++) if (head[i]! + least[i]! + tail[i]! > head[best]! + least[best]! + tail[best]!) best = i;
  const minutes = head.length === 0 ? 0 : (head[best]! + least[best]! + tail[best]!) * TICK;
  return { minutes, by: { what: 'path', block: p.blocks[best]?.id, minutes } };
}

/**
 * What everybody does at once parts a lesson in two: all that comes before it has to be done by then, and what comes after begins only then. So the bounds
 * hold for each part alone, and add up.
 */
function throughGates(p: Problem, ht: HeadTail): { ht: HeadTail; why: Resource | null } {
  const all = resourcesOf(p);
  let why: Resource | null = null;
  let { head, tail } = ht;
  p.crew.forEach((crew, gate) => {
    if (!crew) return;
    const before = reached(p.after, gate);
    const later = reached(p.next, gate);
    // what lies between a block and the gate, and between the gate and a block
    const to = new Int32Array(p.blocks.length);
    const from = new Int32Array(p.blocks.length);
    for (const i of [...ht.topological].reverse())
      if (before.has(i)) for (const k of p.next[i]!) if (before.has(k)) to[i] = Math.max(to[i]!, to[k]! + ht.least[k]!);
    for (const i of ht.topological) if (later.has(i)) for (const k of p.next[i]!) from[k] = Math.max(from[k]!, from[i]! + ht.least[i]!);
    let start = head[gate]!;
    let end = tail[gate]!;
    for (const r of all) {
      const least = wholeTicks(leastOf(r, head, to, before));
      if (least > start) [start, why] = [least, r];
      // whoever is not in the crew may have come free long before
      end = Math.max(end, wholeTicks(leastOf({ ...r, froms: null }, from, tail, later)));
    }
    const own = Int32Array.from(head);
    own[gate] = start;
    head = carriedOn(p, ht, own);
    tail = Int32Array.from(tail);
    tail[gate] = end;
    for (const i of [...ht.topological].reverse()) for (const k of p.next[i]!) tail[i] = Math.max(tail[i]!, tail[k]! + ht.least[k]!);
  });
  return { ht: { ...ht, head, tail }, why };
}

function reached(edges: readonly (readonly number[])[], from: number): Set<number> {
  const seen = new Set<number>();
  const open = [...edges[from]!];
  for (let i = open.pop(); i !== undefined; i = open.pop()) {
    if (seen.has(i)) continue;
    seen.add(i);
    open.push(...edges[i]!);
  }
  return seen;
}

function boundBy(r: Resource, p: Problem, { head, tail }: HeadTail): Bound {
  return { minutes: wholeTicks(leastOf(r, head, tail, null)) * TICK, by: reasonOf(r) };
}

/** The largest of head + work / capacity + tail over all sets of what begins late and ends early enough. */
function leastOf(r: Resource, heads: ArrayLike<number>, tails: ArrayLike<number>, among: ReadonlySet<number> | null): number {
  if (r.cap === 0) return 0;
  const loads = r.loads
    .filter((l) => among === null || among.has(l.block))
    .map((l) => ({ work: l.work, whole: l.whole, head: heads[l.block]! + l.lead, tail: l.rest + tails[l.block]! }))
    .sort((a, b) => b.tail - a.tail);
  let best = r.whole && loads.length > 0 ? wholeStays(loads, r.cap) : 0;
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
