// The words of Fit: what a step asks, what a learner needs, what stands between the two, and the ways round it.
import type { Allergen } from '../recipe/allergens';
import type { Purpose } from '../technique/asks';
import type { Demand, Hazard } from '../technique/model';
import type { Step, TaskAnalysis } from '../plan/model';

/** What a slip of the hand meets: nothing much, heat, an edge, or raw food. */
export const STAKES = ['cool', 'hot', 'sharp', 'raw'] as const;
export type Stake = (typeof STAKES)[number];

/** One thing that a step asks. `n`: how many, where it is a count. */
export type Asked = { demand: Demand; of: Purpose; much: boolean; where: Stake; n?: number; why: string };

export const HOWS = ['absent', 'limited', 'avoid'] as const;
export type How = (typeof HOWS)[number];
/** A need in the words of what a step asks; without `of` for every purpose. */
export type Need = { demand: Demand; of?: Purpose; how: How };

export const READS = ['text', 'words', 'pictures', 'touch'] as const;
export type Reads = (typeof READS)[number];

/**
 * A learner by function. What stands in neither `needs` nor `has` was not asked: that is no barrier, and no "has" either.
 * `kept` and `refused` are ids of ways; `never` is what a plan rules out.
 */
export type Learner = {
  needs: readonly Need[];
  has?: readonly { demand: Demand; of?: Purpose }[];
  hand?: 'left' | 'right';
  reads?: Reads;
  countsTo?: number;
  /** Ids of the measures that the learner knows; absent: not asked. */
  measures?: readonly string[];
  allergies?: readonly Allergen[];
  never?: readonly Hazard[];
  refused?: readonly string[];
  kept?: readonly string[];
};

/** A demand, a hazard or an allergen of a step that meets a need. */
export type Barrier = {
  stepKey: string;
  demand?: Demand;
  of?: Purpose;
  much?: boolean;
  where?: Stake;
  hazard?: Hazard;
  allergen?: Allergen;
  why: string;
};

export const WAY_KINDS = ['show', 'tool', 'method', 'share', 'ready', 'adult'] as const;
export type WayKind = (typeof WAY_KINDS)[number];

/** What a way lessens: a demand for one purpose or all ('*'), down to none or some, and with what at stake. */
export type Takes = { demand: Demand; of: Purpose | '*'; to: 'none' | 'some'; upTo: readonly Stake[] };

/** One adaptation of the catalogue. Every one is common practice where no source is named. */
export type Adaptation = {
  id: string;
  /** What a teacher calls it. */
  name: string;
  kind: WayKind;
  /** `step`: this step; `learner`: how every step is shown to this learner, chosen once; `stretch`: all steps of one pan on the ring, or none. */
  scope: 'step' | 'learner' | 'stretch';
  takes: readonly Takes[];
  adds: readonly Asked[];
  brings: readonly Hazard[];
  spares: readonly Hazard[];
  /** Kinds of technique, tools and words of foods that it is for; absent: any step that asks what it takes. */
  fits: {
    unlit?: true;
    techniques?: readonly string[];
    tools?: readonly string[];
    foods?: readonly string[];
    notFoods?: readonly string[];
  };
  tools: readonly string[];
  /** The usual tool in whose place its own comes. */
  instead: string | null;
  /** The usual tool that the card names otherwise; in the world it stays what it is. */
  calls: string | null;
  /** Its first tool takes the place of the pan, and the whole stretch goes off the ring: "microwave". */
  moves: 'microwave' | null;
  /** Words of a step that comes before water goes into the pan: a basket has to be in it. */
  ahead: string | null;
  /** At most one way of a seat in a step: two blades are one too many. */
  seat: string | null;
  /** Whether the learner still learns the same skill. */
  skill: 'same' | 'changed' | 'gone';
  /** The line that is put on the card, and words that take the place of the card's own; {thing}, {place} are the step's. */
  say: string;
  words: string | null;
  /** The next less of its seat, for a learner who is steady: a way, or 'usual' for the usual tool; null where nothing is said. */
  next: string | null;
  caution: string | null;
  /** A therapist or nurse is asked first. */
  ask: string | null;
  source: string;
};

export type Who = 'learner' | 'shared' | 'adult';
export type Change = 'none' | 'accommodation' | 'modification';

/** Where the tools of a way are: here, a household thing stands in, nobody has said, or they are lacking. */
export type Where = 'here' | 'stand-in' | 'not-known' | 'lacking';

export type Adapted = { id: string; name: string; tools: string[]; inKitchen: boolean; where: Where; why: string };

export type FittedStep = {
  key: string;
  who: Who;
  barriers: Barrier[];
  chosen: Adapted[];
  /** The next best ways, each with the one thing in which it is worse. */
  others: { ways: Adapted[]; who: Who; worse: string }[];
  change: Change;
  why: string;
  /** What the learner still does where an adult does the step. */
  part: string | null;
  /** What is still hot, sharp or raw after it. */
  still: Hazard[];
};

/** What was not asked of the learner, and the steps that turn on it. */
export type Question = { demand: Demand; steps: string[] };

export type Fit = {
  /** The learner's own steps, with the class's keys. */
  task: OwnTask;
  steps: FittedStep[];
  /** Barriers that no way was found for. */
  left: Barrier[];
  /** Tools that the kitchen is known to lack, or nobody has said, that would let the learner do more alone; with the steps that each opens. */
  toBuy: string[];
  opens: { tools: string[]; steps: string[] }[];
  questions: Question[];
  /** Needs that fight, in a sentence each. */
  conflicts: string[];
  /** Allergens of the dish that the learner must not have, with what the table of substitutes offers; not `certain`: only its name speaks of it. */
  dish: { allergen: Allergen; foods: { item: string; instead: string | null; certain: boolean }[] }[];
  /** How the cards are shown: ways of scope `learner`. */
  shown: Adapted[];
};

/** What a vessel with what is in it weighs, in grams; `lit`: a ring is on while the step is done, so that nothing cools. */
export type Load = { vessel: string | null; grams: number; lit?: boolean };

/** A step as a learner does it: which ways are in it, who does it, the lines on its card, and what it weighs as the world has it. */
export type OwnStep = Step & { fitted?: { who: Who; by: string[]; lines: string[]; part: string | null }; load?: Load };
export type OwnTask = Omit<TaskAnalysis, 'steps'> & { steps: OwnStep[] };
