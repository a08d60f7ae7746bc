// A task analysis: an ordered list of steps, each one observable action, that together make a whole task.
import type { Quantity } from '../amount/quantity';
import type { MeasureSystem, Unit } from '../amount/units';
import type { Measure } from '../amount/filling';
import type { Ingredient } from '../recipe/recipe';
import type { Cue, Demand, Hazard, Phase, Supervision } from '../technique/model';

export const GRAINS = ['coarse', 'standard', 'fine'] as const;
export type Grain = (typeof GRAINS)[number];

/** What a step takes of an ingredient; `quantity` is null where the step takes all that there is, or the recipe does not say. */
export type Use = { ingredient: number | null; item: string; quantity: Quantity | null; unit: Unit | null };

/** One measure to fill, and how often. `label` is what stands on it: "⅓ cup". */
export type Filling = { measure: string; label: string; times: number };

export type Step = {
  /** Stays the same through edits, versions and grains, so that a learner's history goes on. */
  key: string;
  text: string;
  /** Id of its technique; null when none was recognised. */
  technique: string | null;
  phase: Phase;
  /** Which instruction of the recipe it came from, counted from 1; null for steps that no instruction names. */
  sourceLine: number | null;
  uses: Use[];
  /** Ids of tools and of measures. */
  tools: string[];
  /** Id of the container, pan or surface that it happens in or goes to. */
  into: string | null;
  fillings: Filling[];
  hazards: Hazard[];
  supervision: Supervision;
  cues: Cue[];
  /** An adult's minutes. */
  minutes: { active: number; waiting: number };
  demands: Demand[];
  /** The technique's own small steps, in this step's words. */
  small: string[];
  /** A job for the waiting time; null where there is none to speak of. */
  meanwhile: string | null;
  /** Where the things are taken from, when they are not named one by one: a tool's id. */
  from?: string | null;
  /** Heat that the recipe names: "medium". */
  level?: string | null;
  /** The pan on the ring, where what it works in stands over that: a bowl over water. */
  base?: string | null;
  /** Only a little of what it uses, the rest stays. */
  little?: boolean;
  /** It says how long, or until when. */
  lasts?: boolean;
  /** What it speaks of without naming it, by ingredient: "them". */
  about?: number[];
  /** Hazards of its technique that the way in which it is done here ends: a plastic knife, food that comes ready cut. */
  spared?: Hazard[];
  /** For several steps joined into one: the steps that it holds, which the dry run plays. */
  parts?: Step[];
  /** For a small step: the words of the step that it is part of, so that the parts can be put together again. */
  whole?: string;
  /** For a step of a routine of the class: which of its steps it is, so that an improvement finds it. */
  routine?: string;
};

/** The most steps that a task has: more than any lesson holds. Building stops there, so that no text takes longer than a page may. */
export const MOST_STEPS = 600;

export type TaskAnalysis = {
  title: string;
  servings: number | null;
  grain: Grain;
  ingredients: Ingredient[];
  steps: Step[];
};

/** What a learner has to reach, each with where it may be; the first of each is within reach. */
export const HEIGHTS = {
  hobControls: ['front', 'back'],
  oven: ['table', 'low'],
  microwave: ['table', 'high'],
  shelves: ['within', 'high'],
} as const;
export type Heights = { [K in keyof typeof HEIGHTS]?: (typeof HEIGHTS)[K][number] };

/** With what a hob heats, and by what hob, oven and microwave are set. */
export const CONTROLS = {
  heat: ['flame', 'plate'],
  hob: ['knob', 'keys'],
  oven: ['knob', 'keys'],
  microwave: ['knob', 'keys'],
} as const;
export type Controls = { [K in keyof typeof CONTROLS]?: (typeof CONTROLS)[K][number] };

/** What is in this classroom's kitchen, and where each thing is kept. */
export type Kitchen = {
  system: MeasureSystem;
  measures: Measure[];
  /** Tools there are, by id; `place` is where it is kept. Tools not listed are taken to be there, their place unknown. */
  tools: { id: string; place: string }[];
  /** Tools that somebody has said are not here. An adapted tool in neither list is not known. */
  lacks?: string[];
  /** How high things are, where somebody has said: what is within 15 to 48 in of the floor is within reach from a chair (ADA 2010, 308). */
  heights?: Heights;
  /** What somebody has said of its hob, oven and microwave. */
  controls?: Controls;
  /** Where foods are kept, by the kind of place: cupboard, fridge, freezer, counter. */
  places: Partial<Record<'cupboard' | 'fridge' | 'freezer' | 'counter' | 'tap', string>>;
};

/** A first time for a learner: adult time x 3 (common practice), until the class's own recorded times are known. */
export const LEARNER_TIME_FACTOR = 3;

const us = (id: string, quantity: Quantity, unit: Unit, kind: Measure['kind']): Measure => ({ id, quantity, unit, kind });

/** The usual drawer: dry cups, spoons and a jug in US sizes. Used where no kitchen is given. */
export const USUAL_KITCHEN: Kitchen = {
  system: 'us',
  measures: [
    us('cup', '1', 'cup', 'dry'),
    us('half-cup', '1/2', 'cup', 'dry'),
    us('third-cup', '1/3', 'cup', 'dry'),
    us('quarter-cup', '1/4', 'cup', 'dry'),
    us('tablespoon', '1', 'tbsp', 'spoon'),
    us('teaspoon', '1', 'tsp', 'spoon'),
    us('half-teaspoon', '1/2', 'tsp', 'spoon'),
    us('quarter-teaspoon', '1/4', 'tsp', 'spoon'),
  ],
  tools: [],
  places: { cupboard: 'the cupboard', fridge: 'the fridge', freezer: 'the freezer', counter: 'the counter' },
};
