// The one world: what is in the kitchen, and how it stands after each step.
import type { Ingredient } from '../recipe/recipe';
import type { Food } from '../recipe/food-model';
import type { Quantity } from '../amount/quantity';
import type { Unit } from '../amount/units';
import type { Hazard } from '../technique/model';

/** What tells where a step is done, and what kind of act it is. */
export type Placed = { technique: string | null; tools: readonly string[]; into: string | null };

/** What is not on the list is no matter of the world. */
export const isListed = <U extends { ingredient: number | null }>(use: U): use is U & { ingredient: number } => use.ingredient !== null;

/** What the world reads of a step; a step in the making and a finished one both have it. */
export type Played = Placed & {
  /** What it uses of the list. */
  uses: readonly { ingredient: number; item: string; quantity: Quantity | null; unit: Unit | null }[];
  /** It names food, on the list or not. */
  names: boolean;
  /** Where the things are taken from, when they are not named one by one. */
  from?: string | null;
  fillings: readonly { measure: string; label: string; times: number }[];
  minutes: { active: number; waiting: number };
  /** Heat that the recipe names for it: "medium", "low". */
  level?: string | null;
  /** It brings something hot that no list has: boiling water. */
  hot?: boolean;
  /** It speaks of a lid: a casserole has one too. */
  lid?: boolean;
  /** Only a little of what it uses, the rest stays. */
  little?: boolean;
  /** It waits until it is cold. */
  cold?: boolean;
  /** It waits out of the fridge, by its own words. */
  atRoom?: boolean;
  /** It brings water that no list has. */
  water?: boolean;
  /** Its water is cold by its own words, whatever the kettle holds. */
  tap?: boolean;
  /** It says how long, or until when. */
  lasts?: boolean;
  /** What it speaks of without naming it, by ingredient: "them". */
  about?: readonly number[];
  /** The pan on the ring, where what it works in stands over that: a bowl over water. */
  base?: string | null;
  /** What the recipe calls what it works on: "the dough". */
  noun?: string | null;
  /** What the recipe calls what comes of it: "dough". */
  becomes?: string | null;
  /** It takes the flesh out of a skin. */
  hollows?: boolean;
  /** It moves or works on a skin, not on what was in it. */
  ofShell?: boolean;
  /** It goes on until the timer rings that was set before. */
  rings?: boolean;
  /** Which share of the mixture it moves, by its words: half of it. */
  part?: number | null;
  /** What things are put into, by its words: "pepper halves". */
  inside?: string | null;
  /** Hazards of its technique that the way in which it is done here ends. */
  spared?: readonly Hazard[];
  /** Words with holes that the world fills. */
  holes?: readonly string[];
};

/** What the world knows of one listed ingredient, worked out once. */
export type Known = {
  index: number;
  one: Ingredient;
  food: Food | null;
  name: string;
  raw: Hazard | null;
  /** Runs or drips: a measure or a spoon is wet from it. */
  wet: boolean;
  liquid: boolean;
  /** Goes where its companions go: salt, spice, oil, a herb. */
  minor: boolean;
  /** It comes hot: boiling water, hot stock. */
  isHot: boolean;
  /** Millilitres of all of it, as far as amounts tell; weight counts as water. */
  ml: number;
  /** Grams, or millilitres where it is measured so, as listed; 0 where that is not known: what heat it holds. */
  bulk: number;
};

export type Place = 'table' | 'ring' | 'oven' | 'microwave' | 'fridge' | 'freezer' | 'stand';

/** Matter that is handled as one. */
export type Lot = {
  /** Shares of listed ingredients, 1 for all of it. */
  parts: Map<number, number>;
  /** The vessel that it lies in; null while it lies by itself. */
  at: string | null;
  /** Work that was done to it, as kinds of technique. */
  forms: Set<string>;
  /** What its raw parts leave on hands and tools. */
  raw: Set<Hazard>;
  /** Ingredients in it whose inside has to be hot enough and was not looked at: whether they were on the heat. */
  unchecked: Map<number, boolean>;
  /** Flour in it that was not on the heat: a sauce that boiled has none, though cold cheese comes to it. Replaced, never changed. */
  floury: ReadonlySet<number>;
  hotUntil: number;
  /** Worked into one: its parts can no longer be had one by one. */
  joined: boolean;
  /** Apart from the rest, measured. */
  portion: boolean;
  cooked: boolean;
  /** It lies on something else, brushed or scattered: no name of its own on a card. */
  clings: boolean;
  /** The ingredient that the rest was wrapped or rolled up in. */
  outside: number | null;
  /** A skin that its flesh was taken out of. */
  shell: boolean;
  /** A skin, a pepper, an apple with something in it. */
  filled: boolean;
  /** The recipe's own noun for it: "dough". */
  name: string | null;
};

export type Vessel = {
  lid: string | null;
  /** It was hot when it was covered: steam comes out with the cover off, however long that is. */
  steams: boolean;
  /** What it was covered with last. */
  cover: string | null;
  place: Place;
  hotUntil: number;
  raw: Set<Hazard>;
  /** It stands over a pan of water. */
  over: string | null;
  /** Fat is in it, or something that no list has: "a little oil". */
  slick: boolean;
  /** Water from the tap in it, and how hot. */
  water: 'none' | 'cold' | 'boiling';
};

export type World = {
  ingredients: readonly Known[];
  clock: number;
  lots: Lot[];
  vessels: Map<string, Vessel>;
  /** The pan on the lit ring, and how high; null when no ring is on. */
  ring: { under: string; level: string | null; cooks: boolean } | null;
  /** Appliances that are on, and since when. */
  on: Map<string, number>;
  hands: Set<Hazard>;
  /** Until when the water in the kettle is hot. */
  kettle: number;
  /** Hands were washed at all. */
  washed: boolean;
  /** Blades, boards and spoons with something raw on them. */
  soiled: Map<string, Set<Hazard>>;
  /** Measures that are wet, and from what. */
  wet: Map<string, string>;
  /** Measures that still hold what was measured. */
  full: Map<string, Lot>;
  fetched: Set<string>;
  /** The pan that was emptied into the colander. */
  drained: string | null;
  /** Cold food out of the fridge since. */
  out: Map<number, number>;
};
