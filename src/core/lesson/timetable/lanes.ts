// Steps of a dish gathered into blocks: one hand on one thing, or a whole stay on the heat, with no gap inside.
import type { Step } from '../../plan/model';
import { minutesOf, worksAt } from './minutes';
import { stepsBefore } from './order';

/** A block is no longer than this, in an adult's minutes, unless it stays on the heat. */
const LONGEST = 3;

export type Gathered = {
  /** Steps by their places, in the order of the text. */
  steps: number[];
  lane: 'ring' | 'oven' | 'other' | null;
};
export type Grouping = { groups: Gathered[]; before: Set<number>[] };

/** Steps that are a learner's own or the kitchen's are left to others. */
export type Apart = (step: Step, index: number) => boolean;

/**
 * Gathers steps into blocks. The blocks can be put in an order: no two wait for each other.
 * @param fits whether these steps may stand in one block: somebody can do them all
 * @param alone one learner makes it: his hand goes on whatever the thing
 */
export function gatherSteps(steps: readonly Step[], apart: Apart, fits: (members: readonly number[]) => boolean, alone: boolean): Grouping {
  const before = stepsBefore(steps);
  const groupOf = new Array<number>(steps.length).fill(-1);
  const groups: Gathered[] = [];
  const put = (members: readonly number[], lane: Gathered['lane']) => {
    for (const i of members) groupOf[i] = groups.length;
    groups.push({ steps: [...members].sort((a, b) => a - b), lane });
  };
  for (const lane of lanesOf(steps, apart)) {
    const members = closed(lane.steps, before, steps.length).filter((i) => groupOf[i] === -1 && !apart(steps[i]!, i));
    if (members.length > 0) put(members, lane.lane);
  }
  const graph = () => isOrdered(before, groupOf, groups.length);
  steps.forEach((step, i) => {
    if (groupOf[i] !== -1 || apart(step, i)) return;
    const last = groups.at(-1);
    const joins = last && last.lane === null && goesOn(steps, last.steps, i, alone) && fits([...last.steps, i]);
    if (joins) {
      groupOf[i] = groups.length - 1;
      if (graph()) {
        last.steps.push(i);
        return;
      }
      groupOf[i] = -1;
    }
    put([i], null);
  });
  return { groups, before };
}

const isWork = (s: Step) => s.phase === 'prepare' || s.phase === 'cook';

/** Whether a step goes on where a run stops: washing what was raw off the same hands, or the same food or vessel. */
function goesOn(steps: readonly Step[], run: readonly number[], i: number, alone: boolean): boolean {
  const a = steps[run.at(-1)!]!;
  const b = steps[i]!;
  const { act } = worksAt(b);
  if (act === 'wash-hands') return b.phase !== 'clean' && b.phase !== 'ready';
  if (minutesOf(a).waiting > 0 || (a.phase !== b.phase && !(alone && isWork(a) && isWork(b)))) return false;
  const minutes = run.reduce((sum, k) => sum + steps[k]!.minutes.active, b.minutes.active);
  if (minutes > LONGEST) return false;
  if (alone && isWork(b)) return true;
  if (b.phase === 'gather' || b.phase === 'store' || (b.phase === 'clean' && worksAt(a).act === act)) return true;
  const foods = new Set(run.flatMap((k) => steps[k]!.uses.map((u) => u.item)));
  return (a.into !== null && a.into === b.into) || b.uses.some((u) => foods.has(u.item));
}

/** All that lies between the members: what needs one of them and is needed by another. */
function closed(members: readonly number[], before: readonly Set<number>[], n: number): number[] {
  const inside = new Set(members);
  const needs = new Set<number>();
  const last = Math.max(...members);
  // what needs a member, directly or not
  for (let i = 0; i < n; i++) if ([...before[i]!].some((k) => inside.has(k) || needs.has(k))) needs.add(i);
  const needed = new Set<number>();
  for (let i = last; i >= 0; i--) {
    if (!inside.has(i) && !needed.has(i)) continue;
    for (const k of before[i]!) needed.add(k);
  }
  for (let i = 0; i < n; i++) if (needs.has(i) && needed.has(i)) inside.add(i);
  return [...inside].sort((a, b) => a - b);
}

/** Whether the groups, each taken as one, have an order. */
function isOrdered(before: readonly Set<number>[], groupOf: readonly number[], count: number): boolean {
  const node = (i: number) => (groupOf[i]! >= 0 ? groupOf[i]! : count + i);
  const total = count + groupOf.length;
  const next: Set<number>[] = Array.from({ length: total }, () => new Set());
  const open = new Array<number>(total).fill(0);
  before.forEach((set, i) => {
    for (const k of set) {
      const [a, b] = [node(k), node(i)];
      if (a !== b && !next[a]!.has(b)) {
        next[a]!.add(b);
        open[b]!++;
      }
    }
  });
  const free = open.flatMap((n, i) => (n === 0 ? [i] : []));
  let seen = 0;
  while (free.length > 0) {
    seen++;
    for (const b of next[free.pop()!]!) if (--open[b]! === 0) free.push(b);
  }
  return seen === total;
}

const isHot = (s: Step) => s.hazards.some((h) => h === 'hot' || h === 'steam' || h === 'splash');

/** Stays on the heat, each from on to off, in the order of the text. */
function lanesOf(steps: readonly Step[], apart: Apart): Gathered[] {
  const taken = new Set<number>();
  const lanes: Gathered[] = [];
  const put = (members: number[], lane: Gathered['lane']) => {
    const own = members.filter((i) => !taken.has(i) && !apart(steps[i]!, i));
    for (const i of own) taken.add(i);
    if (own.length > 0) lanes.push({ steps: own, lane });
  };
  steps.forEach((step, i) => {
    if (taken.has(i) || apart(step, i)) return;
    const { act } = worksAt(step);
    if (act === 'ring-on') put(ringLane(steps, i), 'ring');
    else if (act === 'oven') put(ovenLane(steps, i), 'oven');
    else if (act === 'kettle') put(kettleLane(steps, i), 'other');
    else if (act === 'microwave' || act === 'toast') put(applianceLane(steps, i), 'other');
  });
  return lanes;
}

const touches = (s: Step, vessel: string | null) => vessel !== null && (s.into === vessel || s.from === vessel || s.base === vessel);
const washes = (s: Step) => worksAt(s).act === 'wash-hands' && s.phase !== 'clean' && s.phase !== 'ready';

/** From ring on to ring off, and what is drained or lifted out at once. */
function ringLane(steps: readonly Step[], on: number): number[] {
  const vessel = steps[on]!.into;
  const off = steps.findIndex((s, i) => i > on && worksAt(s).act === 'off' && s.tools.includes('hob'));
  const again = steps.findIndex((s, i) => i > on && worksAt(s).act === 'ring-on');
  const hot = steps.reduce((last, s, i) => (i > on && touches(s, vessel) && isHot(s) && (again < 0 || i < again) ? i : last), on);
  const end = off >= 0 && (again < 0 || off < again) ? off : hot;
  const members = [on];
  for (let i = on + 1; i < end; i++) if (touches(steps[i]!, vessel) || (washes(steps[i]!) && members.includes(i - 1))) members.push(i);
  if (end > on) members.push(end);
  for (
    let i = end + 1;
    i < steps.length && touches(steps[i]!, vessel) && ['drain', 'lift', 'off-ring'].includes(worksAt(steps[i]!).act);
    i++
  )
    members.push(i);
  return members;
}

/** From put in to taken out, and what is looked at inside at once. */
function ovenLane(steps: readonly Step[], put: number): number[] {
  const out = steps.findIndex((s, i) => i >= put && worksAt(s).act === 'oven-out');
  const end = out >= 0 ? out : put;
  const members = [put];
  for (let i = put + 1; i <= end; i++)
    if (steps[i]!.into === 'oven' || steps[i]!.tools.includes('oven') || i === end) if (worksAt(steps[i]!).act !== 'off') members.push(i);
  for (let i = end + 1; i < steps.length; i++) {
    const { act, traits } = worksAt(steps[i]!);
    if (act === 'off') continue;
    if (act !== 'check' || !traits.has('tests')) break;
    members.push(i);
  }
  return members;
}

/** From the kettle to where its water goes, and the wait that begins there. */
function kettleLane(steps: readonly Step[], on: number): number[] {
  const members = [on];
  let vessel: string | null = null;
  for (let i = on + 1; i < steps.length; i++) {
    const s = steps[i]!;
    const { act } = worksAt(s);
    if (!isHot(s) || act === 'ring-on' || act === 'oven' || act === 'kettle' || act === 'uncover') break;
    if (vessel !== null && !touches(s, vessel) && act !== 'measure') break;
    members.push(i);
    if (act !== 'measure') vessel = s.into;
    if (minutesOf(s).waiting > 0) break;
  }
  return members;
}

function applianceLane(steps: readonly Step[], on: number): number[] {
  const tool = worksAt(steps[on]!).act === 'toast' ? 'toaster' : 'microwave';
  const members = [on];
  for (let i = on + 1; i < steps.length && steps[i]!.tools.includes(tool); i++) members.push(i);
  return members;
}
