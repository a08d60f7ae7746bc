// A timetable in minutes and names, as it is shown and kept.
import { TICK, type Timetable } from './model';
import { ADULT, type Problem } from './problem';
import type { Places } from './decode';

export function tableOf(p: Problem, places: Places): Timetable {
  const placed = p.blocks.map((b, i) => {
    const people = p.crew[i] ?? (places.who[i] === ADULT ? [] : [places.who[i]!]);
    const start = places.start[i]!;
    const run = p.runs[i]![p.crew[i] ? 0 : places.who[i]! + 1]!;
    return {
      block: b.id,
      start: start * TICK,
      end: places.end[i]! * TICK,
      who: people.map((n) => p.setup.learners[n]!.id),
      pieces: run.pieces.map((s) => ({ end: (start + s.at + s.len) * TICK, held: s.held })),
    };
  });
  return { placed, end: places.finish * TICK };
}
