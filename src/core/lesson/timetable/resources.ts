// What can be short in a lesson, and how much of it each block asks at the least: hands, adults, things.
import { headTail } from './lists';
import { DOES, NEARBY, REACH, type Piece, type Problem, type Run } from './problem';

/** What binds, and how much of it there is. `learner`: whose own work; `thing`: of what there is too little. */
export type Reason = {
  what: 'path' | 'learner' | 'hands' | 'adults' | 'thing';
  learner?: string;
  thing?: string;
  block?: string;
  minutes: number;
};

/** What a block asks of a resource: ticks of work, how far in it begins, how much of the block comes after it; `whole`: its longest stay in one go. */
export type Load = { block: number; work: number; lead: number; rest: number; whole: number };
/** Something that only so much of can be used at once. `froms`: when each of it comes free; `whole`: a stay is never cut. */
export type Resource = {
  by: Omit<Reason, 'minutes'>;
  loads: readonly Load[];
  cap: number;
  whole: boolean;
  froms: readonly number[] | null;
};

/** Whether an adult may come to do it after all, because who may has gone by then. */
export function mayFall(p: Problem, i: number): boolean {
  const locked = p.locks.get(i)?.who ?? null;
  return p.may[i]!.every((w) => p.there[w]![1] < p.horizon) || (locked !== null && !p.may[i]!.includes(locked));
}

/** The ways in which a block may be done: each learner who may, an adult where that can come about. */
export const runsAt = (p: Problem, i: number): Run[] => {
  if (p.crew[i]) return [p.runs[i]![0]!];
  const own = p.may[i]!.map((w) => p.runs[i]![w + 1]!);
  return own.length === 0 || mayFall(p, i) ? [...own, p.runs[i]![0]!] : own;
};

type Weight = (piece: Piece, run: Run) => number;

/** What one way of doing a block asks of something, stretch by stretch: pieces that follow each other at once are one. */
function stretchesOf(run: Run, weight: Weight): Omit<Load, 'block'>[] {
  const all: { at: number; len: number; work: number }[] = [];
  for (const s of run.pieces) {
    const asked = weight(s, run);
    if (asked === 0) continue;
    const last = all.at(-1);
    if (last && last.at + last.len === s.at) [last.len, last.work] = [last.len + s.len, last.work + s.len * asked];
    else all.push({ at: s.at, len: s.len, work: s.len * asked });
  }
  return all.map(({ at, len, work }) => ({ work, lead: at, rest: run.len - at - len, whole: len }));
}

const asOne = (some: readonly Omit<Load, 'block'>[]): Omit<Load, 'block'> => ({
  work: some.reduce((sum, l) => sum + l.work, 0),
  lead: some[0]!.lead,
  rest: some.at(-1)!.rest,
  whole: Math.max(...some.map((l) => l.whole)),
});

/**
 * What a block asks at the least, over those who may do it, of the pieces that count: stretch by stretch, since they follow each other with no gap. Where it goes
 * in other stretches with other hands, all of it is taken as one.
 */
function loadsAt(p: Problem, i: number, weight: Weight, whole: boolean): Load[] {
  const ways = runsAt(p, i).map((run) => stretchesOf(run, weight));
  if (ways.length === 0 || ways.some((w) => w.length === 0)) return [];
  const alike = !whole && ways.every((w) => w.length === ways[0]!.length) ? ways : ways.map((w) => [asOne(w)]);
  return alike[0]!.map((_, k) => {
    const least = (of: 'work' | 'lead' | 'rest' | 'whole') => Math.min(...alike.map((w) => w[k]![of]));
    return { block: i, work: least('work'), lead: least('lead'), rest: least('rest'), whole: least('whole') };
  });
}

/** @param whole whether a block's stretches are taken as one */
const loadsOf = (p: Problem, which: (i: number) => boolean, weight: Weight, whole = false): Load[] =>
  p.blocks.flatMap((_, i) => (which(i) ? loadsAt(p, i, weight, whole) : []));

/** All that can be short: each learner's own time, all hands, adults near and in sight, each thing. */
export function resourcesOf(p: Problem): Resource[] {
  const held = (s: Piece) => (s.held ? 1 : 0);
  const shared = (i: number) => p.crew[i] === null && p.may[i]!.length > 0 && !mayFall(p, i);
  const learners = p.setup.learners.map((l, who): Resource => {
    const his = (i: number) => p.crew[i]?.includes(who) || (p.may[i]!.length === 1 && p.may[i]![0] === who && !mayFall(p, i));
    return { by: { what: 'learner', learner: l.id }, loads: loadsOf(p, (i) => his(i) ?? false, held), cap: 1, whole: false, froms: null };
  });
  const freed = freedAt(p);
  const hands = teamsOf(p).map((team): Resource => {
    const his = (i: number) => shared(i) && p.readies[i]! < 0 && p.may[i]!.every((w) => team.has(w));
    // of all learners the first so many to be free cannot be freer than these
    return { by: { what: 'hands' }, loads: loadsOf(p, his, held), cap: team.size, whole: false, froms: freed.slice(0, team.size) };
  });
  const most = p.adults.reduce((a, b) => Math.max(a, b), 0);
  const apart = apartAt(p);
  const adults: Resource = { by: { what: 'adults' }, loads: adultLoads(p, apart, 1, 0), cap: most, whole: false, froms: null };
  // whoever stands at somebody's elbow sees one more; whoever does not sees four
  const eyes: Resource = { by: { what: 'adults' }, loads: adultLoads(p, apart, 3, 1), cap: 4 * most, whole: false, froms: null };
  const things = p.things.map((thing, t): Resource => {
    const uses = (s: Piece, run: Run) =>
      run.holds.some((h) => h.thing === t && h.units > 0) || s.needs.some((n) => n.thing === t && n.units > 0) ? 1 : 0;
    return {
      by: { what: 'thing', thing },
      loads: loadsOf(p, () => true, uses),
      cap: p.caps[t]!,
      whole: true,
      froms: null,
    };
  });
  return [...learners, ...hands, adults, eyes, ...things];
}

/**
 * When the first, the second, ... learner can have got ready, at the earliest: each is there, takes his own time, and there are only so many places at
 * whatever all of them need for it.
 */
function freedAt(p: Problem): number[] {
  const runs = p.there.map(([from], w) => {
    const own = p.readies.findIndex((l) => l === w);
    return { from, run: own < 0 ? null : p.runs[own]![w + 1]! };
  });
  const ends = runs.map(({ from, run }) => from + (run?.len ?? 0)).sort((a, b) => a - b);
  p.things.forEach((_, thing) => {
    const pieces = runs.map(({ run }) => run?.pieces.find((s) => s.needs.some((n) => n.thing === thing && n.units > 0)) ?? null);
    // where one does without it, nobody has to wait for a place
    if (pieces.length === 0 || pieces.some((s) => s === null) || p.caps[thing] === 0) return;
    const least = (of: (k: number) => number) => Math.min(...runs.map((_r, k) => of(k)));
    const lead = least((k) => runs[k]!.from + pieces[k]!.at);
    const len = least((k) => pieces[k]!.len);
    const rest = least((k) => runs[k]!.run!.len - pieces[k]!.at - pieces[k]!.len);
    for (let m = 0; m < ends.length; m++) ends[m] = Math.max(ends[m]!, lead + Math.ceil((m + 1) / p.caps[thing]!) * len + rest);
  });
  return ends;
}

/** Those who share something, and all together: what only they may do, they do between them. */
function teamsOf(p: Problem): Set<number>[] {
  const all = new Set(p.there.map((_, w) => w));
  const teams = new Map([[[...all].join(), all]]);
  for (const may of p.may) if (may.length > 1) teams.set([...may].sort((a, b) => a - b).join(), new Set(may));
  for (const team of dishTeams(p)) teams.set([...team].sort((a, b) => a - b).join(), team);
  return [...teams.values()].filter((team) => team.size > 0);
}

function dishTeams(p: Problem): Set<number>[] {
  const teams = new Map<string, Set<number>>();
  p.blocks.forEach((b, i) => {
    if (b.dish === null) return;
    const team = teams.get(b.dish) ?? new Set<number>();
    for (const w of p.may[i]!) team.add(w);
    teams.set(b.dish, team);
  });
  return [...teams.values()];
}

/** Ticks that an adult stands by, and where, for one way of doing a block. */
const reachIn = (run: Run) => {
  const pieces = run.pieces.filter((s) => s.attention === REACH);
  return { ticks: pieces.reduce((sum, s) => sum + s.len, 0), stations: new Set(pieces.map((s) => s.station)) };
};

/**
 * What of a block's time with an adult at the elbow another may share at the most: those at the same place, with other hands, of which neither waits for
 * the other. Each shared minute counts for two, so half of it is taken off each.
 * @returns for each block the ticks that it can share
 */
function apartAt(p: Problem): number[] {
  const n = p.blocks.length;
  const comes = p.blocks.map(() => new Uint8Array(n));
  const { topological } = headTail(p);
  for (const i of [...topological].reverse())
    for (const k of p.next[i]!) {
      comes[i]![k] = 1;
      for (let x = 0; x < n; x++) if (comes[k]![x]) comes[i]![x] = 1;
    }
  const own = p.blocks.map((_, i) => runsAt(p, i).map(reachIn));
  const most = own.map((list) => Math.max(...list.map((r) => r.ticks)));
  const stations = own.map((list) => new Set(list.flatMap((r) => [...r.stations])));
  const one = (i: number) => (p.crew[i] === null && p.may[i]!.length === 1 && !mayFall(p, i) ? p.may[i]![0]! : -1);
  return p.blocks.map((_, i) => {
    if (most[i] === 0) return 0;
    let shared = 0;
    for (let k = 0; k < n; k++) {
      if (k === i || most[k] === 0 || comes[i]![k] || comes[k]![i] || (one(i) >= 0 && one(i) === one(k))) continue;
      if ([...stations[k]!].some((s) => stations[i]!.has(s))) shared += Math.min(most[i]!, most[k]!);
    }
    return shared;
  });
}

/** What each block asks of adults: `bound` for each tick that one is held by it, `near` for each that it has to be in sight. */
function adultLoads(p: Problem, shared: readonly number[], bound: number, near: number): Load[] {
  const weight = (s: Piece) => (s.attention === DOES || s.attention === REACH ? bound : s.attention === NEARBY ? near : 0);
  return loadsOf(p, () => true, weight, true).map((load) => {
    const i = load.block;
    const work = runsAt(p, i).map((run) => {
      const { ticks } = reachIn(run);
      const all = run.pieces.reduce((sum, s) => sum + s.len * weight(s), 0);
      return all - (bound * Math.min(ticks, shared[i]!)) / 2;
    });
    return { ...load, work: Math.min(...work) };
  });
}
