// How a lesson stands by its records: which blocks of its plan have begun, which are done.
import type { Standing, Timetable } from '$core';

/** A record of a learner: the step with its dish ("dish key"), and when, in minutes from the start of the lesson. */
export type DoneStep = { learner: string; step: string; minute: number };
type Kept = { block: string; start: number; end: number; who: string[]; steps: string[] };

/** What nobody records (an adult's work, the first washing up) is taken to go as planned. */
export function standingOf(placed: readonly Kept[], done: readonly DoneStep[], now: number): Standing {
  const begun = new Map<string, { start: number; end: number | null; who: string | null }>();
  for (const b of placed) {
    const who = b.who[0] ?? null;
    if (who === null || b.steps.length === 0) {
      if (b.start < now) begun.set(b.block, { start: b.start, end: b.end <= now ? b.end : null, who });
      continue;
    }
    const own = done.filter((d) => b.who.includes(d.learner) && b.steps.includes(d.step));
    if (own.length === 0) continue;
    const all = b.steps.every((step) => own.some((d) => d.step === step));
    const last = Math.max(...own.map((d) => d.minute));
    begun.set(b.block, { start: Math.max(0, Math.min(b.start, ...own.map((d) => d.minute))), end: all ? Math.min(now, last) : null, who });
  }
  return { now, begun };
}

/** A plan as it was kept, as what is planned anew goes by. */
export const tableFrom = (placed: readonly Kept[]): Timetable => ({
  placed: placed.map(({ block, start, end, who }) => ({ block, start, end, who, pieces: [] })),
  end: Math.max(0, ...placed.map((p) => p.end)),
});
