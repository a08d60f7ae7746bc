// What a timetable does not give, the most important first: what cannot fit, whose rungs are missed, what gets cold, who waits long, which wish of the teacher's did not stand.
import { TICK } from './model';
import { ADULT } from './problem';
import type { Planned } from './lesson';

export type PlanFinding =
  | { kind: 'cannot'; minutes: number }
  | { kind: 'over'; minutes: number }
  | { kind: 'late-margin'; minutes: number }
  | { kind: 'lock'; block: string; wish: 'who' | 'start' }
  | { kind: 'missed'; learner: string; steps: { dish: string; key: string }[] }
  | { kind: 'no-rung'; learner: string }
  | { kind: 'next-lesson'; dish: string; steps: number }
  | { kind: 'away'; learner: string }
  | { kind: 'hot'; block: string; minutes: number }
  | { kind: 'idle'; learner: string; minutes: number };

/** From so many minutes with nothing to do it is said (common practice: one long wait is the incident). */
const LONG_IDLE = 10;

/** All that is to be said of a planned lesson. */
export function planFindings({ problem: p, found, bound }: Planned): PlanFinding[] {
  const { setup } = p;
  const { places, worth } = found;
  const out: PlanFinding[] = [];
  if (bound.minutes > setup.bell) out.push({ kind: 'cannot', minutes: bound.minutes });
  else if (worth.end > setup.bell) out.push({ kind: 'over', minutes: worth.end - setup.bell });
  else if (worth.over > 0) out.push({ kind: 'late-margin', minutes: worth.over });
  for (const [i, lock] of p.locks) {
    if (lock.who !== null && places.who[i] !== lock.who) out.push({ kind: 'lock', block: p.blocks[i]!.id, wish: 'who' });
    if (lock.start !== null && places.start[i] !== lock.start) out.push({ kind: 'lock', block: p.blocks[i]!.id, wish: 'start' });
  }
  for (const [dish, steps] of setup.later ?? []) out.push({ kind: 'next-lesson', dish, steps });
  setup.learners.forEach((l, who) => {
    const steps = missedOf(p, places.who, who);
    if (steps.length > 0) out.push({ kind: 'missed', learner: l.id, steps });
    if (p.wantCount[who] === 0) out.push({ kind: 'no-rung', learner: l.id });
    if (p.crew.some((crew) => crew !== null && !crew.includes(who))) out.push({ kind: 'away', learner: l.id });
  });
  p.blocks.forEach((b, i) => {
    const next = p.next[i]!.map((k) => places.start[k]!);
    if (b.keeps === undefined || next.length === 0) return;
    const stands = (Math.min(...next) - places.end[i]!) * TICK;
    if (stands > b.keeps) out.push({ kind: 'hot', block: b.id, minutes: stands });
  });
  worth.idle.forEach((minutes, who) => {
    if (minutes >= LONG_IDLE) out.push({ kind: 'idle', learner: setup.learners[who]!.id, minutes });
  });
  return out;
}

/** A learner's rungs to reach that others do, or an adult. */
function missedOf(p: Planned['problem'], hands: ArrayLike<number>, who: number): { dish: string; key: string }[] {
  const learner = p.setup.learners[who]!;
  return p.blocks.flatMap((b, i) => {
    const does = hands[i] === who || (p.crew[i]?.includes(who) ?? false);
    if (does || (hands[i] === ADULT && p.may[i]!.length === 0)) return [];
    if (!p.wants[i]!.some((w) => w.learner === who)) return [];
    return b.steps.filter((s) => learner.wants.get(s.dish)?.has(s.key) && !learner.cannot.get(s.dish)?.has(s.key));
  });
}
