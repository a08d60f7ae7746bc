// What the builder keeps in mind while it walks through a method: what is where, what is ready, what is hot.
import { Fraction } from '../amount/quantity';
import type { Recipe } from '../recipe/recipe';
import type { World } from '../kitchen/index';
import { kindOf } from '../technique/lexicon';
import type { Technique } from '../technique/model';
import { hasMark, isVessel, toolById } from '../technique/tools';
import type { Clause } from './clauses';
import type { Draft } from '../plan/draft';
import type { Mention } from './mentions';
import type { Names } from './ingredient-names';
import type { Kitchen } from '../plan/model';
import type { KnownFoods } from './unlisted-foods';

export type Located = Clause & {
  line: number;
  mentions: Mention[];
  tools: { id: string; at: number }[];
  technique: Technique | null;
  words: string;
};

export type State = {
  recipe: Recipe;
  /** Words of the title that name no ingredient: "nachos". */
  titleWords: ReadonlySet<string>;
  /** The kitchen as the steps so far leave it. */
  world: World;
  /** The vessel that a sentence names before its verb. */
  leadVessel: string | null;
  /** A vessel that was got ready just now: "it" where things go. */
  vesselSpoken: string | null;
  /** The clause in hand heats something. */
  heats: boolean;
  names: Names;
  /** The foods and words that the list and the title know. */
  known: KnownFoods;
  kitchen: Kitchen;
  explicit: Set<string>;
  steps: Draft[];
  /** Where steps go that must be over before the first heat. */
  beforeHeat: number | null;
  used: Set<number>;
  taken: Map<number, Fraction>;
  readied: Set<number>;
  placed: Map<number, string>;
  /** The bowl with boiling water in it, or just out of the microwave. */
  scalding: string | null;
  /** Food just off the heat. */
  hotFood: boolean;
  /** What has been through the heat, and is raw no longer. */
  cooked: Set<number>;
  /** The recipe opens tins and bakes in none: "the tin" is the empty one. */
  tinned: boolean;
  /** What the recipe calls its tools. */
  calls: ReadonlyMap<string, string>;
  /** Container in use, and on which ring it stands. */
  container: string | null;
  /** What was greased or lined, and waits to be filled. */
  prepared: string | null;
  hob: string | null;
  /** How high a ring is turned before any pan is in hand: "with the hob at 6". */
  ringSaid: string | null;
  /** The pan that was in hand last: what a bowl took out of it goes back there. */
  lastPan: string | null;
  /** Where the hand was when something was cooked beside: "meanwhile, boil the rice". */
  beside: { container: string; pan: string; line: number } | null;
  oven: boolean;
  inOven: string | null;
  /** "Put the dish in the oven." says no time yet: the next line may. */
  bakesOn: boolean;
  /** Whether "them" is what was named just before: "peel the potatoes and cut them". */
  themIsLast: boolean;
  /** Cautions that stand before the first step. */
  saidFirst: string[];
  object: string | null;
  objectUses: number[];
  line: number;
  /** What this line has rinsed, peeled and cut so far: what "them" means at its end. */
  lineObjects: number[];
  /** What the lines before it got ready, and lies loose. */
  readyBefore: number[];
};

/** Where food is that was laid on foil or paper: it goes into the oven with its tray. */
export const PARCEL = 'foil';

export const isContainer = (id: string) =>
  hasMark(id, 'holds') || ((isVessel(id) || toolById(id)?.kind === 'surface') && !hasMark(id, 'bare') && !hasMark(id, 'under'));

/** Where the last step of a technique stands, or one done like it; -1 when there is none. */
export const lastOf = (state: State, kind: string): number =>
  state.steps.reduce((found, s, i) => (kindOf(s.technique) === kind ? i : found), -1);

/** What "it" and "them" will mean in the next action. @param words what the recipe calls it, where no ingredient says that: "the balls" */
export function focusOn(state: State, ingredients: readonly number[], words: string | null): void {
  if (ingredients.length > 0) state.objectUses = [...new Set(ingredients)];
  state.vesselSpoken = null;
  state.object = words;
}
