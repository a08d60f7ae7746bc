// What each is to do now and next by the plan of the lesson, where adults are to be, and who is late.
import type { RoomPlan } from './room-data';

type Block = RoomPlan['blocks'][number];
/** `late`: minutes that what is due should have begun ago; 0 where it is in time. */
export type NowNext = { now: Block | null; next: Block | null; late: number };

/** So many minutes behind is no lateness yet: plans are no clockwork. */
const IN_TIME = 3;

/** What is due for a learner by what was recorded of him; only a record moves it on, never the clock. `minute`: null where nobody knows when it began. */
export function nowNext(plan: RoomPlan, learner: string, isDone: (step: string) => boolean, minute: number | null): NowNext {
  const own = plan.blocks.filter((b) => b.who.includes(learner)).sort((a, b) => a.start - b.start);
  const at = own.findIndex((b) => !b.steps.every(isDone));
  if (at < 0) return { now: null, next: null, late: 0 };
  const now = own[at];
  const waits = minute !== null && !now.steps.some(isDone) ? minute - now.start : 0;
  return { now, next: own[at + 1] ?? null, late: waits >= IN_TIME ? Math.floor(waits) : 0 };
}

/** What comes after the block that a step is in, for a learner whose own blocks these are. */
export function thenAfter(plan: RoomPlan, step: string): string | null {
  const own = [...plan.blocks].sort((a, b) => a.start - b.start);
  const at = own.findIndex((b) => b.steps.includes(step));
  return at < 0 ? null : (own[at + 1]?.title ?? null);
}

type Stint = RoomPlan['stints'][number];
/** Where an adult is now, or has to be next. */
export function stintAt(plan: RoomPlan, adult: string, minute: number): { stint: Stint; isNow: boolean } | null {
  const own = plan.stints.filter((s) => s.adult === adult && s.to > minute).sort((a, b) => a.from - b.from);
  return own[0] ? { stint: own[0], isNow: own[0].from <= minute } : null;
}

/** Minutes since a lesson began, by the clock of the room. @param startsAt "09:30" @param now in milliseconds, by this device */
export function minuteOf(heldOn: string, startsAt: string | null, now: number): number | null {
  if (startsAt === null) return null;
  const [y, m, d] = heldOn.split('-').map(Number);
  const [hour, minute] = startsAt.split(':').map(Number);
  const since = (now - new Date(y, m - 1, d, hour, minute).getTime()) / 60_000;
  // yesterday's lesson, or one hours away: no clock tells where it stands
  return since < -60 || since > 8 * 60 ? null : since;
}

/** A minute of the lesson as a time of day. */
export function timeAt(startsAt: string | null, minute: number): string {
  if (startsAt === null) return `${Math.round(minute)}′`;
  const all = Number(startsAt.slice(0, 2)) * 60 + Number(startsAt.slice(3)) + Math.round(minute);
  return `${Math.floor(all / 60) % 24}:${String(all % 60).padStart(2, '0')}`;
}
