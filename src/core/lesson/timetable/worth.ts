// How good a timetable is: what runs over, whose rungs to reach it misses, what gets cold, who waits, how often hands change.
import { TICK } from './model';
import { ADULT, type Problem } from './problem';
import type { Places } from './decode';

export type Worth = {
  /** Minutes over the bell less its margin. */
  over: number;
  /** For each learner how many of his rungs to reach he gets here. */
  met: number[];
  /** Minutes that hot things stand longer than they keep. */
  hot: number;
  /** For each learner his longest time with nothing to do, in minutes. */
  idle: number[];
  /** Mean minutes with nothing to do. */
  meanIdle: number;
  handOvers: number;
  end: number;
  /** One number for the search alone; nothing that is shown comes from it. */
  cost: number;
};

/** Nobody is troubled by so short a wait, in minutes. */
const SHORT_WAIT = 5;

/** What each is worth against the others (tried on lessons of all kinds): a minute over the bell outweighs all else, then rungs, then heat and idle hands. */
const WEIGHTS = { over: 1000, target: 60, worst: 150, hot: 20, longIdle: 8, allIdle: 2, idle: 1, handOver: 2, end: 0.05 };

/** The last tick at which a timetable may end that costs no more than this: being late alone would cost more. */
export function latestAt({ setup: { bell, margin } }: Problem, cost: number): number {
  return (bell - margin + Math.max(0, cost) / WEIGHTS.over) / TICK;
}

/** So many rungs of one learner count whole; whoever has more cannot expect to get them all, and others want to have something to do too. */
const FULL_RUNGS = 4;

/** Weighs a timetable. */
export function worthOf(p: Problem, places: Places): Worth {
  const got = p.wantCount.map((count) => new Uint8Array(count));
  const spans = p.there.map((): [number, number][] => []);
  let hot = 0;
  let handOvers = 0;
  for (let i = 0; i < p.blocks.length; i++) {
    const who = places.who[i]!;
    const people = p.crew[i] ?? (who === ADULT ? [] : [who]);
    const run = p.runs[i]![p.crew[i] ? 0 : who + 1]!;
    for (const w of p.wants[i]!) if (people.includes(w.learner)) got[w.learner]![w.want] = 1;
    for (const piece of run.pieces)
      if (piece.held) for (const one of people) spans[one]!.push([places.start[i]! + piece.at, places.start[i]! + piece.at + piece.len]);
    const { keeps, dish } = p.blocks[i]!;
    if (keeps !== undefined) {
      const taken = Math.min(...p.next[i]!.map((k) => places.start[k]!));
      if (Number.isFinite(taken)) hot += Math.max(0, (taken - places.end[i]!) * TICK - keeps);
    }
    for (const k of p.after[i]!) if (dish !== null && p.blocks[k]!.dish === dish && places.who[k] !== who) handOvers++;
  }
  const idle = spans.map((own) => longestGap(own, false) * TICK);
  const sums = spans.map((own) => longestGap(own, true) * TICK);
  const met = got.map((row) => row.reduce((a, b) => a + b, 0));
  const { bell, margin } = p.setup;
  const end = places.finish * TICK;
  const over = Math.max(0, end - (bell - margin));
  const meanIdle = sums.length === 0 ? 0 : sums.reduce((a, b) => a + b, 0) / sums.length;
  const missed = met.reduce((sum, m, l) => {
    const all = p.wantCount[l]!;
    return all === 0 ? sum : sum + ((all - m) * Math.min(all, FULL_RUNGS)) / all;
  }, 0);
  const worst = met.reduce((least, m, l) => (p.wantCount[l]! > 0 ? Math.min(least, m / p.wantCount[l]!) : least), 1);
  const long = idle.map((m) => Math.max(0, m - SHORT_WAIT));
  const longest = Math.max(0, ...long);
  const allLong = long.reduce((a, b) => a + b, 0);
  const w = WEIGHTS;
  const cost =
    w.over * over +
    w.target * missed +
    w.worst * (1 - worst) +
    w.hot * hot +
    w.longIdle * longest +
    w.allIdle * allLong +
    w.idle * meanIdle +
    w.handOver * handOvers +
    w.end * end;
  return { over, met, hot, idle, meanIdle, handOvers, end, cost };
}

/** The longest gap between what somebody does, or all of them together, in ticks. */
function longestGap(spans: [number, number][], sum: boolean): number {
  spans.sort((a, b) => a[0] - b[0]);
  let gap = 0;
  for (let i = 1; i < spans.length; i++) {
    const one = Math.max(0, spans[i]![0] - spans[i - 1]![1]);
    gap = sum ? gap + one : Math.max(gap, one);
  }
  return gap;
}
