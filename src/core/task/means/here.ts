// A clause and all that it is about, and what is asked of it to tell one technique from another.
import { actOfKind, kindHas } from '../../technique/works';
import { lotsOf } from '../../kitchen/index';
import { findFood, runs } from '../../recipe/food';
import { kindOf } from '../../technique/lexicon';
import { hasMark, toolById } from '../../technique/tools';
import type { Clause } from '../clauses';
import type { Mention } from '../mentions';
import { inside } from '../push';
import { isPan } from '../vessels';
import { isContainer, lastOf, type State } from '../state';

/** A clause and all that it is about. */
export type Here = {
  state: State;
  clause: Clause;
  rest: string;
  mentions: readonly Mention[];
  tools: readonly { id: string; at: number }[];
  /** Ids and words of what is acted on and with. */
  about: ReadonlySet<string>;
};

export type Rule = { when: (here: Here) => boolean; then: string | ((here: Here) => string) };

/** What it names, or what was spoken of. */
export const spokenIn = ({ mentions, state }: Here): readonly number[] =>
  mentions.length > 0 ? mentions.map((m) => m.ingredient) : state.objectUses;
export const foodOf = ({ state }: Here, i: number) => findFood(state.recipe.ingredients[i]!.item);
export const hasCookware = ({ tools }: Here) => tools.some((t) => toolById(t.id)?.kind === 'cookware');
export const hasContainer = ({ tools }: Here) => tools.some((t) => isContainer(t.id));
export const vesselOf = ({ tools, state }: Here) => [...tools.map((t) => t.id), state.container ?? ''].find(isContainer) ?? '';
export const inMicrowave = ({ state }: Here, back: number) => state.steps.slice(-back).some((s) => kindOf(s.technique) === 'microwave');

const HEATING = new Set<string | null>(['heat', 'oven', 'microwave']);
/** Whether what is spoken of still lies where it was heated last, and that was in the microwave. */
export function isStillInMicrowave(here: Here): boolean {
  const { state, mentions } = here;
  const last = lastHeated(here);
  const meant = mentions.length > 0 ? mentions.map((m) => m.ingredient) : state.objectUses;
  return kindOf(last?.technique) === 'microwave' && meant.length > 0 && meant.every((i) => state.placed.get(i) === last?.into);
}

const lastHeated = ({ state }: Here) => state.steps.findLast((s) => HEATING.has(actOfKind(kindOf(s.technique))));

/** "Heat everything for 2 minutes", in a dish and with all heated in the microwave so far. */
export const isMicrowavedOn = (here: Here): boolean =>
  here.state.hob === null &&
  !isPan(vesselOf(here)) &&
  !hasCookware(here) &&
  !/\b(?:oven|hob|grill)\b/i.test(here.rest) &&
  isInMicrowave(lastHeated(here));

/** "Melt the butter in the microwave" is done there too. */
const isInMicrowave = (step: State['steps'][number] | undefined): boolean =>
  kindOf(step?.technique) === 'microwave' || step?.tools?.includes('microwave') === true || step?.hazards?.includes('electric') === true;

/** "Cook another 10 minutes at 180 °C", of a dish that was in the air fryer last. */
export const isAirFriedOn = (here: Here): boolean =>
  here.state.hob === null && !hasCookware(here) && hasMark(vesselOf(here), 'bakes') && lastHeated(here)?.technique === 'air-fry';

/** "Turn them over and give them another 6 minutes", of what came from under the grill and lies where it lay. */
export const isGrilledOn = (here: Here): boolean =>
  here.state.hob === null &&
  !hasCookware(here) &&
  here.state.inOven !== null &&
  here.state.container === here.state.inOven &&
  lastHeated(here)?.tools?.includes('grill') === true;

/** Food is heated through; a pan and its oil are made hot. */
export function isFoodHeated(here: Here): boolean {
  const { mentions, state, rest } = here;
  const isOil = (i: number) => foodOf(here, i)?.category === 'oil';
  const isLiquid = (i: number) => runs(foodOf(here, i));
  if (mentions.length > 0) return mentions.some((m) => isLiquid(m.ingredient) && !isOil(m.ingredient));
  const inPan = [...state.placed].some(([i, at]) => at === state.container && !isOil(i));
  return inPan && !hasContainer(here) && !/\b(?:oil|butter|fat)\b/i.test(rest);
}

/** "Cover with a lid and sweat for 10 minutes": the lid that just went on stays on. */
export function isUnderLid({ state }: Here): boolean {
  const last = state.steps.at(-1);
  return actOfKind(kindOf(last?.technique)) === 'cover' && last?.into === state.container;
}

/** "Set the bowl over a pan of simmering water": water has to simmer. */
export const isOverWater = (rest: string) =>
  /\bover\s+(?:(?:an?|the)\s+(?:sauce)?pan\s+of\b.*\bwater\b|(?:gently |barely )?(?:simmering|boiling|hot)\s+water\b)/i.test(rest);

/** What is spoken of was cut up and lies nowhere yet: "cut the pork and toss in the cornflour". */
export const isCutByItself = (state: State) =>
  state.objectUses.length > 0 &&
  state.objectUses.every(
    (i) => !state.placed.has(i) && lotsOf(state.world, i).some((lot) => [...lot.forms].some((form) => kindHas(form, 'pieces'))),
  );

/** Bread or buns lie in what is in hand. */
export const isBreadThere = (state: State) =>
  [...state.placed].some(([i, at]) => at === state.container && findFood(state.recipe.ingredients[i]!.item)?.category === 'bread');

export const cameOut = (state: State) => lastOf(state, 'take-out-oven') > lastOf(state, 'bake');

/** "Place the pan over a high heat": the pan is heated, not put in. */
export function isPanOverHeat(here: Here): boolean {
  return here.mentions.length === 0 && hasCookware(here) && /\b(?:over|on)\b.{0,24}\b(?:heat|hob|ring|stove|burner)\b/i.test(here.rest);
}

/** "Fill a pan with water. Put the pan on the hob": it is stood there, and lit when the recipe says so or when it is to be hot. */
export const STOOD_ON_HOB: Rule = {
  when: (here) =>
    isPanOverHeat(here) &&
    !/\bheat\b|\d/i.test(here.rest) &&
    here.state.hob === null &&
    isPan(here.state.container) &&
    ((here.state.world.vessels.get(here.state.container)?.water ?? 'none') !== 'none' ||
      inside(here.state, here.state.container).length > 0),
  then: 'add',
};

// "Put", "pop" or "arrange paper liners in the muffin tin"
export const LINERS: Rule = {
  when: ({ rest }) =>
    /^(?:\d+\s+)?(?:(?:paper|muffin|cupcake|cake|bun|baking|foil)\s+)+(?:liners|cases|cups)\b.*\b(?:in|into|on|onto)\b/i.test(rest),
  then: 'line',
};
