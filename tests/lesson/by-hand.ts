// Lessons written by hand, a block a line, for cases whose best plan can be worked out on paper. Minutes.
import { expect } from 'vitest';
import {
  bestList,
  boundOf,
  countOf,
  planFindings,
  problemOf,
  search,
  tableOf,
  WORKS,
  type Block,
  type PlanLearner,
  type Setup,
} from '../../src/core/index';
import { broken } from './check';

type Piece = {
  m: number;
  wait?: boolean;
  watch?: 'none' | 'nearby' | 'within-reach' | 'adult-does';
  needs?: Record<string, number>;
  at?: string;
  timed?: boolean;
};
export type Line = {
  id: string;
  dish?: string;
  pieces: Piece[];
  holds?: Record<string, number>;
  after?: string[];
  may: string[];
  want?: string;
  keeps?: number;
  crew?: string[];
  kind?: Block['kind'];
};

const units = (needs: Record<string, number> = {}) => Object.entries(needs).map(([thing, n]) => ({ thing, units: n }));

function block(line: Line): Block {
  return {
    id: line.id,
    dish: line.dish ?? 'dish',
    kind: line.kind ?? 'work',
    title: line.id,
    steps: [{ dish: 'dish', key: line.want ?? line.id }],
    segments: line.pieces.map((s) => ({
      hand: s.wait || s.timed ? {} : { mix: s.m },
      timed: s.wait || s.timed ? s.m : 0,
      held: !s.wait,
      attention: s.watch ?? 'none',
      needs: units(s.needs),
      station: s.at ?? 'table',
      adultFor: [],
      own: [],
    })),
    holds: units(line.holds),
    after: line.after ?? [],
    may: line.may,
    ...(line.keeps === undefined ? {} : { keeps: line.keeps }),
    ...(line.crew ? { crew: line.crew } : {}),
  };
}

export function learner(id: string, pace = 1, wants: string[] = [], hours: { from?: number; to?: number } = {}, bell = 60): PlanLearner {
  return {
    id,
    from: hours.from ?? 0,
    to: hours.to ?? bell,
    pace: Object.fromEntries(WORKS.map((w) => [w, pace])) as PlanLearner['pace'],
    cannot: new Map(),
    wants: new Map([['dish', new Set(wants)]]),
    tools: new Map(),
  };
}

export function lesson(learners: PlanLearner[], lines: Line[], more: Partial<Setup> & { adultCount?: number } = {}): Setup {
  const bell = more.bell ?? 60;
  return {
    bell,
    margin: 0,
    learners,
    adults: Array.from({ length: more.adultCount ?? 1 }, (_, i) => ({ id: `A${i}`, from: 0, to: bell })),
    blocks: lines.map(block),
    counts: new Map(),
    locks: [],
    seed: 1,
    ...more,
  };
}

/** A lesson planned, with no hard rule broken and no bound above it. */
export function plan(setup: Setup, rounds = 1500) {
  const problem = problemOf(setup);
  const found = search(problem, bestList(problem)!, { rounds });
  const bound = boundOf(problem);
  const table = tableOf(problem, found.places);
  expect(broken(setup, table, (thing) => countOf(thing, setup.counts))).toEqual([]);
  expect(bound.minutes).toBeLessThanOrEqual(table.end);
  const at = (id: string) => table.placed.find((x) => x.block === id)!;
  return { problem, found, bound, table, at, says: planFindings({ problem, found, bound }) };
}
