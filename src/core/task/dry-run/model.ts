// What a dry run finds, and what it knows of the kitchen at each step.
import type { Quantity } from '../../amount/quantity';
import type { Draft } from '../../plan/draft';
import type { Step } from '../../plan/model';
import { kindOf } from '../../technique/lexicon';
import type { Hazard, Supervision } from '../../technique/model';

export type FindingCode =
  | 'used-not-listed'
  | 'listed-not-used'
  | 'amount-mismatch'
  | 'not-preheated'
  | 'left-on'
  | 'dirty-measure'
  | 'not-prepared'
  | 'raw-contact'
  | 'not-rinsed'
  | 'no-mitt'
  | 'hot-on-counter'
  | 'overflow'
  | 'no-supervision'
  | 'out-too-long'
  | 'idle-wait'
  | 'tool-not-fetched'
  | 'heated-dry'
  | 'in-hot-water'
  | 'not-boiling'
  | 'lid-on'
  | 'not-there'
  | 'not-on'
  | 'not-checked'
  | 'not-cooked'
  | 'not-marked'
  | 'not-read';

/** A change to the steps that puts a fault right, as data: a person applies it with one click, and can undo it. */
export type Mend =
  | { kind: 'insert'; before: string | null; steps: Draft[] }
  | { kind: 'move'; key: string; before: string }
  | { kind: 'tools'; key: string; add: string[] }
  | { kind: 'mark'; key: string; hazards: Hazard[] }
  | { kind: 'supervise'; key: string; supervision: Supervision }
  | { kind: 'meanwhile'; key: string; text: string }
  | { kind: 'amount'; key: string; ingredient: number; quantity: Quantity }
  | { kind: 'container'; from: string; to: string }
  | { kind: 'fetch-later'; ingredient: number; before: string };

/**
 * A fault found before the lesson. `stepKey` is null where it belongs to no one step; `mend` says in a few words what would put it right;
 * `fix` does it, and is null where a person has to (the recipe itself is at fault).
 */
export type Finding = { code: FindingCode; stepKey: string | null; about: string; message: string; mend: string | null; fix: Mend | null };

/** One bowl, pan or tray with food in it. */
export type Held = {
  /** Id of the container. */
  id: string;
  items: string[];
  /** Millilitres in it, as far as amounts by volume tell. */
  ml: number;
  raw: Hazard | null;
  hot: boolean;
};

/** The counter as it stands after a step. */
export type Snapshot = {
  stepKey: string;
  /** Minutes since the start, at the pace of a class. */
  clock: number;
  /** What raw food the hands last touched and were not washed of since. */
  hands: Hazard | null;
  /** Measures that are wet, and from what. */
  wet: ReadonlyMap<string, string>;
  /** Knives, boards, forks and spoons that raw food was on. */
  rawTools: ReadonlyMap<string, Hazard>;
  /** What is turned on, by tool, and since which minute. */
  on: ReadonlyMap<string, number>;
  held: Held[];
  /** The pan on the lit ring; null where none is. */
  ring: string | null;
  /** Perishable ingredients that stand out of the fridge, and since which minute. */
  out: ReadonlyMap<number, number>;
  fetched: string[];
};

/** Whether a step fetches things. */
export const isGather = (step: Pick<Step, 'technique'>) => kindOf(step.technique) === 'gather';
