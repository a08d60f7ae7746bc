// Orders in which the blocks of a lesson may be put in their places; none is always best, so all are tried.
import { DOES, REACH, type Problem } from './problem';
import { decode, Room, type Places } from './decode';
import { worthOf, type Worth } from './worth';

/** Getting ready goes before all else: nobody touches food before. */
export const READY_FIRST = -1e6;
const LOCKED_FIRST = READY_FIRST / 2;

/** What a teacher put at a minute takes its place there before anything else can. */
export function lockedFirst(p: Problem, priority: Float64Array): void {
  for (const [i, { start }] of p.locks) if (start !== null && p.readies[i]! < 0) priority[i] = LOCKED_FIRST + start;
}

/** Ticks before a block can begin and after it must go on, at the quickest hands that may do it. */
export type HeadTail = { least: Int32Array; head: Int32Array; tail: Int32Array; topological: number[] };

/** @param least ticks that each block takes at the least; unless said, with an adult's hands, too */
export function headTail(p: Problem, least = quickest(p)): HeadTail {
  const n = p.blocks.length;
  const topological = order(p);
  const head = new Int32Array(n);
  const tail = new Int32Array(n);
  for (const i of topological) for (const k of p.next[i]!) head[k] = Math.max(head[k]!, head[i]! + least[i]!);
  for (const i of [...topological].reverse()) for (const k of p.next[i]!) tail[i] = Math.max(tail[i]!, tail[k]! + least[k]!);
  return { least, head, tail, topological };
}

const quickest = (p: Problem): Int32Array =>
  Int32Array.from(p.blocks, (_, i) => Math.min(...(p.crew[i] ? [p.runs[i]![0]!] : p.runs[i]!.filter((r) => r !== null)).map((r) => r.len)));

function order(p: Problem): number[] {
  const open = p.after.map((list) => list.length);
  const out = open.flatMap((n, i) => (n === 0 ? [i] : []));
  for (let at = 0; at < out.length; at++) for (const k of p.next[out[at]!]!) if (--open[k]! === 0) out.push(k);
  return out;
}

/** The orders, each as a priority for every block. */
function priorities(p: Problem): Float64Array[] {
  const { least, head, tail, topological } = headTail(p);
  const n = p.blocks.length;
  const span = Math.max(...Array.from(head, (h, i) => h + least[i]! + tail[i]!));
  const followers = new Int32Array(n);
  for (const i of [...topological].reverse()) for (const k of p.next[i]!) followers[i]! += 1 + followers[k]!;
  const attention = (i: number) =>
    p.runs[i]![0]!.pieces.reduce((sum, s) => sum + (s.attention >= REACH || s.attention === DOES ? s.len : 0), 0);
  const waits = (i: number) => p.runs[i]![0]!.pieces.some((s) => !s.held);
  const rules: ((i: number) => number)[] = [
    (i) => i,
    (i) => -tail[i]! - least[i]!,
    (i) => -tail[i]! - least[i]! - attention(i),
    (i) => (waits(i) ? -span : 0) - tail[i]! - least[i]!,
    (i) => span - head[i]! - least[i]! - tail[i]!,
    (i) => -followers[i]!,
    (i) => (p.may[i]!.length || n) * span - tail[i]!,
  ];
  // what leads to a wait is wanted as early as the wait itself
  const urgent = carried(p, topological, rules[3]!);
  const mates = matesOf(p);
  // two at one table do the same step one right after the other, so that one adult stands by both
  const together = (rule: (i: number) => number) => (i: number) => Math.min(...mates[i]!.map(rule));
  return [...rules.slice(0, 3), urgent, ...rules.slice(4), together(rules[1]!), together(rules[0]!)].map((rule) => {
    const own = Float64Array.from({ length: n }, (_, i) => rule(i));
    // whose own work is longest washes first
    for (let i = 0; i < n; i++) if (p.readies[i]! >= 0) own[i] = READY_FIRST - ownWork(p, p.readies[i]!);
    lockedFirst(p, own);
    return own;
  });
}

/** Blocks of the same step that the two at a table have each for himself. */
function matesOf(p: Problem): number[][] {
  const rows = new Map<string, number[]>();
  const names = p.blocks.map((b, i) => {
    const only = p.may[i]!.length === 1 && p.crew[i] === null ? p.may[i]![0]! >> 1 : null;
    return only === null || b.steps.length === 0 ? `${i}` : `table ${only} ${b.steps[0]!.dish} ${b.steps[0]!.key}`;
  });
  names.forEach((name, i) => rows.set(name, [...(rows.get(name) ?? []), i]));
  return names.map((name) => rows.get(name)!);
}

function carried(p: Problem, topological: readonly number[], rule: (i: number) => number): (i: number) => number {
  const best = new Float64Array(p.blocks.length);
  for (const i of [...topological].reverse()) best[i] = Math.min(rule(i), ...p.next[i]!.map((k) => best[k]! + 0.5));
  return (i) => best[i]!;
}

/** Ticks of work that only this learner can do. */
function ownWork(p: Problem, learner: number): number {
  let sum = 0;
  for (let i = 0; i < p.blocks.length; i++) if (p.may[i]!.length === 1 && p.may[i]![0] === learner) sum += p.runs[i]![learner + 1]!.len;
  return sum;
}

export type Found = { places: Places; worth: Worth };

/** The best of all lists; null where some block can have no place at all. */
export function bestList(p: Problem): Found | null {
  let best: Found | null = null;
  const room = new Room(p);
  for (const priority of priorities(p)) {
    const places = decode(p, { priority }, room);
    if (!places) continue;
    const worth = worthOf(p, places);
    if (best === null || worth.cost < best.worth.cost) best = { places, worth };
  }
  return best;
}
