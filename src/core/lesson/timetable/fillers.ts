// What somebody does while he waits: small jobs that need nothing scarce and no adult, laid into his gaps once all else stands.
import type { Timetable } from './model';

/** A gap is filled from so many minutes on (common practice: less is a breath). */
const FROM = 4;
const JOBS = ['Lay the table', 'Sort the pictures for the next lesson', 'Say how it went so far', 'Write the label for the box'] as const;

export type Filler = { who: string; from: number; to: number; job: string };

/** When somebody is held, in minutes, in order. */
function heldBy(table: Timetable, who: string): [number, number][] {
  const spans: [number, number][] = [];
  for (const x of table.placed) {
    if (!x.who.includes(who)) continue;
    let from = x.start;
    for (const piece of x.pieces) {
      if (piece.held) spans.push([from, piece.end]);
      from = piece.end;
    }
  }
  return spans.sort((a, b) => a[0] - b[0]);
}

/** Jobs for the gaps between what a learner does; another each time, and neighbours begin with different ones. */
export function fillersOf(learners: readonly string[], table: Timetable): Filler[] {
  return learners.flatMap((who, seat) => {
    const spans = heldBy(table, who);
    const out: Filler[] = [];
    for (let i = 1; i < spans.length; i++) {
      const [from, to] = [spans[i - 1]![1], spans[i]![0]];
      if (to - from >= FROM) out.push({ who, from, to, job: JOBS[(seat + out.length) % JOBS.length]! });
    }
    return out;
  });
}
