// A lesson as numbers: how long each block takes with each who may do it, what it needs and when, in half minutes.
import type { Block, Segment, Setup, Work } from './model';
import { TICK } from './model';
import { countOf } from './things';

export const NONE = 0;
export const NEARBY = 1;
export const REACH = 2;
export const DOES = 3;
const ATTENTION = { none: NONE, nearby: NEARBY, 'within-reach': REACH, 'adult-does': DOES } as const;

/** A need of a thing by its number; `heat` 0: it does not matter. */
export type Need = { thing: number; units: number; heat: number };
/** A piece of a run: so many ticks, who is held, what an adult does. */
export type Piece = { at: number; len: number; held: boolean; attention: number; station: number; needs: readonly Need[] };
/** A block as one performer does it. */
export type Run = { len: number; pieces: readonly Piece[]; holds: readonly Need[] };

/** The performer that is an adult. */
export const ADULT = -1;

export type Problem = {
  setup: Setup;
  blocks: readonly Block[];
  /** Numbers of blocks by id, and of learners. */
  numberOf: ReadonlyMap<string, number>;
  learnerOf: ReadonlyMap<string, number>;
  after: readonly (readonly number[])[];
  next: readonly (readonly number[])[];
  /** Who may do a block; empty: an adult does. `crew`: who does it together. */
  may: readonly (readonly number[])[];
  crew: readonly (readonly number[] | null)[];
  /** A run by block and performer: 0 for an adult, else the learner's number and one. A crew's stands at 0. */
  runs: readonly (readonly (Run | null)[])[];
  /** The learner whose hands and apron a block is; -1 for any other. */
  readies: readonly number[];
  things: readonly string[];
  caps: readonly number[];
  stations: number;
  horizon: number;
  /** Adults there at each tick. */
  adults: Uint8Array;
  /** From and to of each learner, in ticks. */
  there: readonly (readonly [number, number])[];
  /** Learners' wanted steps that a block offers, by block: learner and which of his wants. */
  wants: readonly (readonly { learner: number; want: number }[])[];
  wantCount: readonly number[];
  locks: ReadonlyMap<number, { who: number | null; start: number | null }>;
};

/** The most minutes that a timetable looks ahead: longer than any lesson, so that what runs over is seen whole. */
const LONGEST_LESSON = 600;

/** Lists a lesson's blocks as numbers. */
export function problemOf(setup: Setup): Problem {
  const { blocks, learners } = setup;
  const numberOf = new Map(blocks.map((b, i) => [b.id, i]));
  const learnerOf = new Map(learners.map((l, i) => [l.id, i]));
  const after = blocks.map((b) => b.after.flatMap((id) => numberOf.get(id) ?? []));
  const next: number[][] = blocks.map(() => []);
  after.forEach((list, i) => list.forEach((k) => next[k]!.push(i)));
  const things: string[] = [];
  const thingNumber = (thing: string) => {
    const at = things.indexOf(thing);
    return at >= 0 ? at : things.push(thing) - 1;
  };
  const stations = stationNumbers(learners.length);
  const runOf = (b: Block, who: number): Run => makeRun(b, who, setup, thingNumber, stations);
  const may = blocks.map((b) => b.may.flatMap((id) => learnerOf.get(id) ?? []));
  // whoever has left by then is not waited for
  const last = Math.min(setup.bell, Math.max(0, ...learners.map((l) => l.to)));
  const stays = (who: number) => learners[who]!.to >= last;
  const crew = blocks.map((b) => (b.crew ? b.crew.flatMap((id) => learnerOf.get(id) ?? []).filter(stays) : null));
  const runs = blocks.map((b, i) => {
    const list = Array.from({ length: learners.length + 1 }, (): Run | null => null);
    list[0] = crew[i] ? longest(crew[i].map((p) => runOf(b, p))) : runOf(b, ADULT);
    for (const p of may[i]!) list[p + 1] = runOf(b, p);
    return list;
  });
  const horizon = LONGEST_LESSON / TICK;
  const wanted = wantsOf(setup);
  return {
    setup,
    blocks,
    numberOf,
    learnerOf,
    after,
    next,
    may,
    crew,
    runs,
    readies: blocks.map((b, i) => (b.kind === 'ready' ? (may[i]![0] ?? -1) : -1)),
    things,
    caps: things.map((thing) => countOf(thing, setup.counts)),
    stations: stations.count,
    horizon,
    adults: adultsThere(setup, horizon),
    there: learners.map((l) => [Math.round(l.from / TICK), l.to >= setup.bell ? horizon : Math.round(l.to / TICK)] as const),
    ...wanted,
    locks: new Map(
      setup.locks.flatMap((l) => {
        const i = numberOf.get(l.block);
        const who = l.who === undefined ? null : (learnerOf.get(l.who) ?? ADULT);
        return i === undefined ? [] : [[i, { who, start: l.start === undefined ? null : Math.round(l.start / TICK) }] as const];
      }),
    ),
  };
}

/** Places: those of the kitchen, and a table for each two learners in the order of the list. */
function stationNumbers(learners: number) {
  const named = ['hob', 'oven', 'sink', 'store'];
  const of = (station: string, who: number) => {
    const at = named.indexOf(station);
    return at >= 0 ? at : named.length + (who < 0 ? Math.ceil(learners / 2) : who >> 1);
  };
  return { of, count: named.length + Math.ceil(learners / 2) + 1 };
}

function makeRun(
  b: Block,
  who: number,
  { learners }: Setup,
  thingNumber: (thing: string) => number,
  stations: ReturnType<typeof stationNumbers>,
): Run {
  const learner = who < 0 ? null : learners[who]!;
  const need = ({ thing, units, heat }: { thing: string; units: number; heat?: number }): Need => ({
    thing: thingNumber(thing),
    units,
    heat: heat ?? 0,
  });
  let at = 0;
  let lag = 0;
  const pieces = b.segments.map((s): Piece => {
    const minutes = minutesFor(s, learner?.pace ?? null);
    // what is rounded off one piece is made up by the next, so that many short ones are no longer than they are
    const len = Math.max(1, Math.round((minutes + lag) / TICK));
    lag += minutes - len * TICK;
    const own = learner ? s.own.find((o) => o.learner === learner.id)?.needs : undefined;
    const adult = s.held && (learner === null || s.adultFor.includes(learner.id)) && b.crew === undefined;
    const attention = adult ? DOES : ATTENTION[s.attention];
    const piece = { at, len, held: s.held, attention, station: stations.of(s.station, who), needs: (own ?? s.needs).map(need) };
    at += len;
    return piece;
  });
  return { len: at, pieces, holds: b.holds.map(need) };
}

/** Minutes of a piece at a pace; an adult's where none is given. */
function minutesFor(s: Segment, pace: Readonly<Record<Work, number>> | null): number {
  let minutes = s.timed;
  for (const [work, hand] of Object.entries(s.hand) as [Work, number][]) minutes += hand * (pace?.[work] ?? 1);
  return minutes;
}

const longest = (runs: readonly Run[]): Run | null =>
  runs.reduce<Run | null>((best, r) => (best === null || r.len > best.len ? r : best), null);

function adultsThere({ adults, bell }: Setup, horizon: number): Uint8Array {
  const there = new Uint8Array(horizon);
  for (const a of adults) {
    const to = a.to >= bell ? horizon : Math.round(a.to / TICK);
    for (let t = Math.round(a.from / TICK); t < to; t++) there[t]!++;
  }
  return there;
}

/** Each learner's rungs to reach, counted by step and dish; where one adult does the step for him there is no opportunity. */
function wantsOf({ blocks, learners }: Setup): Pick<Problem, 'wants' | 'wantCount'> {
  const wantCount = learners.map(() => 0);
  const known = new Map<string, number>();
  const wants = blocks.map((b) =>
    b.steps.flatMap(({ dish, key }) =>
      learners.flatMap((l, learner) => {
        if (!l.wants.get(dish)?.has(key) || l.cannot.get(dish)?.has(key)) return [];
        if (!b.may.includes(l.id) && !b.crew?.includes(l.id)) return [];
        const name = `${learner} ${dish} ${key}`;
        if (!known.has(name)) known.set(name, wantCount[learner]!++);
        return [{ learner, want: known.get(name)! }];
      }),
    ),
  );
  return { wants, wantCount };
}
