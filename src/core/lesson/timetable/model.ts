// The words of a lesson's timetable: blocks of one hand on one thing, who may do them, what they need, and when they are done.
import type { Supervision } from '../../technique/model';

/** Kinds of work, each with a pace of its own: a learner who is quick at stirring may be slow at cutting. */
export const WORKS = ['self', 'fetch', 'measure', 'cut', 'mix', 'heat', 'serve', 'clean'] as const;
export type Work = (typeof WORKS)[number];

/** Something for each kind of work. */
export function eachWork<T>(of: (work: Work) => T): Record<Work, T> {
  const all = {} as Record<Work, T>;
  for (const work of WORKS) all[work] = of(work);
  return all;
}

/** Clock of a timetable: half minutes. */
export const TICK = 0.5;

/** Units of a thing: a knife, a ring, a place at the sink. `heat`: degrees Celsius that all who use it at once must agree in. */
export type ThingNeed = { thing: string; units: number; heat?: number };

/** One piece of a block. Pieces follow each other with no gap. Minutes. */
export type Segment = {
  /** An adult's minutes of handwork, by kind; whoever does it takes them at his own pace. */
  hand: Partial<Record<Work, number>>;
  /** Minutes that are the same for anybody. */
  timed: number;
  /** Whether somebody is held by it; false while it only bakes, simmers or cools. */
  held: boolean;
  attention: Supervision;
  needs: readonly ThingNeed[];
  /** Where it is done: 'hob', 'oven', 'sink', 'store', or 'table' for the place of whoever does it. */
  station: string;
  /** Learners for whom an adult does this piece, by their fit. */
  adultFor: readonly string[];
  /** Tools that only these learners need here, in place of the usual ones. */
  own: readonly { learner: string; needs: readonly ThingNeed[] }[];
};

export type StepRef = { dish: string; key: string };

export type BlockKind = 'ready' | 'gather' | 'work' | 'heat' | 'serve' | 'eat' | 'store' | 'clean' | 'kitchen';

export type Block = {
  id: string;
  /** The dish that it belongs to: a recipe's lesson and its team; null for what is the kitchen's or a learner's own. */
  dish: string | null;
  kind: BlockKind;
  /** A step's words, the one that says most. */
  title: string;
  steps: readonly StepRef[];
  segments: readonly Segment[];
  /** Held from its first segment to its last: a ring, the oven. */
  holds: readonly ThingNeed[];
  after: readonly string[];
  /** Learners of whom one does it, by their fit; none: an adult does. */
  may: readonly string[];
  /** Learners who all do it, together: eating. Where it is set, `may` is not asked. */
  crew?: readonly string[];
  /** Minutes that what it makes may stand, hot; absent where it may wait. */
  keeps?: number;
  /** Foods that it takes out of the fridge: minutes that they may be out. */
  coldOut?: number;
};

export type PlanLearner = {
  id: string;
  /** Minutes from the start of the lesson. */
  from: number;
  to: number;
  pace: Readonly<Record<Work, number>>;
  /** By dish (the recipe's lesson): steps that an adult does for this learner; steps with a rung to reach; adapted tools by step. */
  cannot: ReadonlyMap<string, ReadonlySet<string>>;
  wants: ReadonlyMap<string, ReadonlySet<string>>;
  tools: ReadonlyMap<string, ReadonlyMap<string, readonly string[]>>;
};
export type PlanAdult = { id: string; from: number; to: number };

/** What the teacher has set: who does a block, and not before which minute. */
export type Lock = { block: string; who?: string; start?: number };

export type Setup = {
  /** Minutes from the start to the bell. */
  bell: number;
  /** Minutes of it that are kept free, because lessons run late. */
  margin: number;
  learners: readonly PlanLearner[];
  adults: readonly PlanAdult[];
  blocks: readonly Block[];
  /** How many there are of each thing; what is not here is enough for all. */
  counts: ReadonlyMap<string, number>;
  locks: readonly Lock[];
  seed: number;
  /** By dish, how many steps come after a wait that is longer than a lesson: they are not in this one. */
  later?: ReadonlyMap<string, number>;
};

/** A block in its place. Minutes from the start. `who`: one learner, several where they do it together, or nobody: an adult. */
/** A block in its place. Minutes from the start. `who`: one learner, several where they do it together, or nobody: an adult. `pieces`: each with its end. */
export type Placed = {
  block: string;
  start: number;
  end: number;
  who: readonly string[];
  pieces: readonly { end: number; held: boolean }[];
};
export type Timetable = { placed: readonly Placed[]; end: number };
