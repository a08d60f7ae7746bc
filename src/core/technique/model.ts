// The shapes of the lexicon: what a technique asks, what can hurt, and what a tool is.
/** What a step asks of a person (see docs/sources.md). Needs of a learner are said in the same words. */
export const DEMANDS = [
  'two-hands',
  'strong-grip',
  'fine-aim',
  'sight',
  'hearing',
  'read-word',
  'read-number',
  'count',
  'fraction',
  'judge-doneness',
  'heat',
  'noise',
  'smell',
  'wet-sticky',
  'reach',
  'standing',
  'memory',
  'waiting',
  'touch',
  'colour',
  'moving-about',
  'lift',
  'carry',
  'speak',
  'taste',
  'swallow',
] as const;
export type Demand = (typeof DEMANDS)[number];

export const HAZARDS = [
  'sharp',
  'hot',
  'steam',
  'raw-egg',
  'raw-meat',
  'raw-fish',
  'raw-flour',
  'edge',
  'electric',
  'choking',
  'allergen',
  'splash',
  'slip',
] as const;
export type Hazard = (typeof HAZARDS)[number];

/** What can hurt at once, or make ill: edges, heat, glass, electricity, raw animal food. Nobody learns these by an error (common practice). */
export const DANGERS: ReadonlySet<string> = new Set<Hazard>([
  'sharp',
  'hot',
  'steam',
  'splash',
  'edge',
  'electric',
  'raw-egg',
  'raw-meat',
  'raw-fish',
]);

/** How near an adult stands, from least to most. */
export const SUPERVISION = ['none', 'nearby', 'within-reach', 'adult-does'] as const;
export type Supervision = (typeof SUPERVISION)[number];

export const SENSES = ['sight', 'touch', 'sound', 'smell', 'time', 'thermometer'] as const;
export type Sense = (typeof SENSES)[number];
export type Cue = { sense: Sense; text: string };

export const PHASES = ['ready', 'gather', 'prepare', 'cook', 'serve', 'store', 'clean'] as const;
export type Phase = (typeof PHASES)[number];

export type Technique = {
  id: string;
  name: string;
  /** Imperatives that name it, US and British; two-word ones ("turn off") too. */
  verbs: readonly string[];
  /** Only with these: food ids or groups, tool ids, or words. Absent: with anything. */
  only?: readonly string[];
  /** Id of the more general technique that it is done like. */
  like?: string;
  phase: Phase;
  /** Small steps at fine grain, each one observable action. {thing}, {tool} and {place} stand for the step's own. */
  small: readonly string[];
  tools: readonly string[];
  hazards: readonly Hazard[];
  supervision: Supervision;
  cues: readonly Cue[];
  /** An adult's minutes; a learner's are first taken as three times the active ones (common practice). */
  minutes: { active: number; waiting: number };
  /** What it does to the thing: a word the dry run knows. */
  makes?: 'rinsed' | 'peeled' | 'cut' | 'juice' | 'cracked' | 'drained' | 'melted' | 'opened' | 'mixed' | 'cooked' | 'measured';
  /** Heat: it turns some on or off, or the thing is hot while it is done. */
  heat?: 'on' | 'off' | 'uses';
};

export type ToolKind = 'container' | 'cookware' | 'cutting' | 'utensil' | 'appliance' | 'measure' | 'cleaning' | 'wear' | 'surface';

/**
 * What a tool is for the hands: `flat`, things lie on it; `lid`, it comes with one; `holds`, an appliance that food is put into as into a bowl;
 * `apart`, it never touches food; `loud`, it runs with a noise; `mitt`, it keeps heat from the hands; `stays`, it belongs to the place or the person and nobody fetches it;
 * `bare`, food never lies in or on it by itself; `under`, it is laid under food, nothing is worked in it; `lines`, it stands in a tin, which is what holds; `strains`, food lies in it, liquid runs through; `aside`, things are crushed or coated in it, and go on elsewhere; `above`, it has holes and stands over water; `bakes`, food is baked on or in it and cut up where it lies; `fries`, things are browned in it on the ring;
 * `shared`, batter is shared into it; `each`, each eater has one; `stand`, a hot thing may be put down on it; `store`, things are put into it and left; `metal`, it covers food and never goes into a microwave;
 * `covers`, it is laid over what has no lid; `ring`, it is a pan that stands on a ring; `wide`, it is lifted by both ends; `second`, it is another of what its picture shows.
 */
export type ToolMark =
  | 'flat'
  | 'lid'
  | 'holds'
  | 'apart'
  | 'loud'
  | 'mitt'
  | 'stays'
  | 'bare'
  | 'under'
  | 'lines'
  | 'strains'
  | 'above'
  | 'aside'
  | 'bakes'
  | 'fries'
  | 'shared'
  | 'each'
  | 'stand'
  | 'store'
  | 'metal'
  | 'covers'
  | 'ring'
  | 'wide'
  | 'second';

export type Tool = {
  id: string;
  name: string;
  /** Words by which a recipe names it, singular. */
  words: readonly string[];
  kind: ToolKind;
  /** Millilitres it holds, where that matters (common sizes, from memory). */
  holds?: number;
  hazards: readonly Hazard[];
  picture: string;
  marks?: readonly ToolMark[];
};
