// Where a step is done, in words: the vessel it names, the place it goes to.
import { objectPhrase } from '../plan/object-phrase';
import { listed } from '../recipe/listed';
import { hasMark, toolById } from '../technique/tools';
import type { Act } from '../technique/works';
import { inside } from './push';
import { nameOf } from './ready';
import { isContainer, type Located, type State } from './state';
import { inTool, toolCall } from './tool-names';
import { hole, withPronoun } from './holes';

export const HAS_PLACE =
  /\b(?:in|into|on|onto|to|over|around|among|between|under|inside|through|aside|back|together|with|at|across|along|up|down|out|off|away|from|beside|underneath)\b/i;

/** A plate, a board: things go into what lies there. */
export const isFlat = (state: State): boolean =>
  state.container !== null && toolById(state.container)?.kind === 'surface' && inside(state, state.container).length > 0;

/** Only some of what lies in the vessel in hand was spoken of. */
export const isAmong = (state: State): boolean => {
  const all = state.container === null ? [] : inside(state, state.container);
  return state.objectUses.length > 0 && state.objectUses.every((i) => all.includes(i)) && state.objectUses.length < all.length;
};

export const PLACE_SAID = /^(?:in|into|on|onto|over|between|among)\s+(?:the|a|an|\d+|two|three|four)\b/i;

/** "in the bowl", said first: a place, and no thing that goes in. */
export const isPlace = (c: Located, rest: string) =>
  c.mentions.length === 0 && c.tools.some((t) => isContainer(t.id) && t.at < (/^in\s+an?\s/i.test(rest) ? 40 : 24)) && /^in\s/i.test(rest);

export const vesselToCoat = (state: State) => {
  const vessel = state.prepared ?? state.container;
  return vessel ? `the ${toolCall(state, vessel)}` : null;
};

/** "Keep in the fridge": a place, though a thing may stand so behind other verbs. */
export const isPlaceFirst = (rest: string, act: Act) =>
  act !== 'put' && act !== 'join' && act !== 'ready' && /^(?:in|over|on|under|through)\s+(?:the|a|an)\b/i.test(rest);

export const seasonedWith = (state: State, c: Located) => {
  const unsaid = c.mentions.filter((m) => m.end <= m.at);
  return unsaid.length > 0 ? ` with ${listed(unsaid.map((m) => `the ${nameOf(state.recipe.ingredients[m.ingredient]!)}`))}` : '';
};

/** "Lift the chicken onto a board, cover with foil": the chicken, which lies in no vessel. */
const liesOpen = (state: State): boolean => {
  const at =
    state.objectUses.length > 0 ? (state.world.lots.find((lot) => state.objectUses.every((i) => lot.parts.has(i)))?.at ?? null) : null;
  return at === 'board';
};

export const withVessel = (state: State, rest: string): string =>
  liesOpen(state) && /^(?:(?:loosely|tightly|well)\s+)?with\b/i.test(rest)
    ? `${hole('spoken', null)} ${rest}`
    : state.container && (/^with\b/i.test(rest) || (!objectPhrase(rest) && !/\blids?\b/i.test(rest)))
      ? `the ${toolCall(state, state.container)} ${rest}`
      : withPronoun(state, rest);

/** "Turn down to low", "turn off": the heat is what is turned. */
export function heatWords(c: Located, said: string): string {
  const rest = said.replace(/^(?:it|them)\s+(?:right\s+)?/i, '');
  if (/\b(?:oven|grill|microwave|kettle|cooker|fryer|blender|mixer|hob|stove|ring|burner|gas|the heat|flame)\b/i.test(rest)) return rest;
  if (/\bheat\b/i.test(rest)) return rest.replace(/(?<!\b(?:the|low|lowest|highest|medium|high|gentle)\s+)\bheat\b/i, 'the heat');
  return /^(?:off|down|up)\b/i.test(rest) ? rest.replace(/^(off|down|up)\b/i, '$1 the heat') : `the heat ${rest}`;
}

/** "it on a plate", of what stands in a mug. */
export const STANDS_ON = /^it\s+(?:on|over)\b/i;

/** Where a thing goes that a verb puts there: "to the pan", "into the bowl", "on the tray". */
export const toPlace = (state: State, verb: string, vessel: string): string => {
  const each = eachAt(state, vessel);
  if (each) return GOES_TO.test(verb) ? `to ${each.what}` : `${each.prep} ${each.what}`;
  const call = toolCall(state, vessel);
  if (GOES_TO.test(verb)) return `to the ${call}`;
  return hasMark(vessel, 'flat') ? inTool(state, vessel) : `${GOES_IN.test(verb) ? 'in' : 'into'} the ${call}`;
};
/** "Spoon the chicken onto each tortilla. Add the lettuce": to each tortilla, and not to the plate that they lie on. */
function eachAt(state: State, vessel: string): { prep: string; what: string } | null {
  const last = state.steps.at(-1);
  const said = last?.into === vessel && toolById(vessel)?.kind === 'surface' ? EACH_AT.exec(last.text) : null;
  return said && { prep: /^in/i.test(said[1]!) ? 'in' : 'on', what: said[2]!.toLowerCase() };
}
const EACH_AT =
  /\b(in|into|inside|on|onto|to|over|(?:down|in|into|along) the (?:middle|cent(?:re|er)) of)\s+(each\s+\p{L}+(?:\s+half)?)\b/iu;

const GOES_TO = /^(?:add|return|move|transfer)$/;
const GOES_IN = /^(?:put|place|lay|arrange)$/;
