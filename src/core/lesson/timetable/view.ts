// A planned lesson as it is shown: each person's blocks, where adults are, what is full when, what is said of it.
import { stintsOf, type Stint } from './adults';
import { fillersOf, type Filler } from './fillers';
import { planFindings, type PlanFinding } from './findings';
import type { Bound } from './bound';
import type { Planned } from './lesson';
import { TICK, type BlockKind, type Placed, type StepRef, type Timetable } from './model';
import { playMany, type Chance } from './played';
import { tableOf } from './table';

export type ShownBlock = Placed & {
  kind: BlockKind;
  title: string;
  dish: string | null;
  steps: readonly StepRef[];
  may: readonly string[];
  /** Learners for whom it has a rung to reach. */
  rungs: readonly string[];
  /** An adult stands by, or does some of it. */
  adult: 'none' | 'nearby' | 'within-reach' | 'adult-does';
  locked: boolean;
};

/** When a thing is in use to the last: minutes. */
export type FullTime = { thing: string; from: number; to: number };

export type PlanView = {
  table: Timetable;
  blocks: ShownBlock[];
  stints: Stint[];
  fillers: Filler[];
  full: FullTime[];
  findings: PlanFinding[];
  bound: Bound;
  chance: Chance;
  end: number;
  /** By learner: rungs to reach that he gets, and how many he has. */
  rungs: { learner: string; met: number; of: number }[];
};

const NEARNESS = ['none', 'nearby', 'within-reach', 'adult-does'] as const;

/** All that a page shows of a plan. `draws`: how many lessons are played to say how many meet the bell. */
export function planView(planned: Planned, draws = 200): PlanView {
  const { problem: p, found, bound } = planned;
  const table = tableOf(p, found.places);
  const learners = p.setup.learners.map((l) => l.id);
  return {
    table,
    blocks: p.blocks.map((b, i) => {
      const run = p.runs[i]![p.crew[i] ? 0 : found.places.who[i]! + 1]!;
      return {
        ...table.placed[i]!,
        kind: b.kind,
        title: b.title,
        dish: b.dish,
        steps: b.steps,
        may: b.may,
        rungs: [...new Set(p.wants[i]!.map((w) => learners[w.learner]!))],
        adult: NEARNESS[Math.max(0, ...run.pieces.map((s) => s.attention))]!,
        locked: p.locks.has(i),
      };
    }),
    stints: stintsOf(p, found.places),
    fillers: fillersOf(learners, table),
    full: fullTimes(planned),
    findings: planFindings(planned),
    bound,
    chance: playMany(p, found.places, draws),
    end: found.worth.end,
    rungs: learners.map((learner, i) => ({ learner, met: found.worth.met[i]!, of: p.wantCount[i]! })),
  };
}

/** When things that several use are in use to the last: only those keep anybody waiting. */
function fullTimes({ problem: p, found: { places } }: Planned): FullTime[] {
  const used = p.things.map(() => new Uint8Array(places.finish + 1));
  const users = p.things.map(() => new Set<number>());
  p.blocks.forEach((_, i) => {
    const run = p.runs[i]![p.crew[i] ? 0 : places.who[i]! + 1]!;
    const use = (thing: number, units: number, from: number, to: number) => {
      for (let u = from; u < to; u++) used[thing]![u]! += units;
      users[thing]!.add(places.who[i]!);
    };
    for (const h of run.holds) use(h.thing, h.units, places.start[i]!, places.end[i]!);
    for (const s of run.pieces) for (const n of s.needs) use(n.thing, n.units, places.start[i]! + s.at, places.start[i]! + s.at + s.len);
  });
  return p.things.flatMap((thing, t) => {
    const out: FullTime[] = [];
    if (users[t]!.size < 2) return out;
    used[t]!.forEach((n, u) => {
      if (n < p.caps[t]! || n === 0) return;
      const last = out.at(-1);
      if (last && last.to === u * TICK) last.to += TICK;
      else out.push({ thing, from: u * TICK, to: (u + 1) * TICK });
    });
    return out;
  });
}
