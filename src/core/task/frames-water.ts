// Water on the hob: what is cooked in it, and bringing it to the boil.
import { COLD_TO_BOIL } from '../plan/providers-water';
import { findFood, foodIs } from '../recipe/food';
import type { Mention } from './mentions';
import { push } from './push';
import type { Located, State } from './state';
import { toolCall } from './tool-names';
import { hasMark } from '../technique/tools';
import { freePan, isHeld, isPan } from './vessels';

/** On the ring stands a pan of water, with nothing in it yet. */
export const isOnlyWater = (state: State) => state.hob !== null && !isHeld(state, state.hob);

export const isForWater = (state: State, mentions: readonly Mention[]) =>
  mentions.length > 0 && mentions.every((m) => foodIs(findFood(state.recipe.ingredients[m.ingredient]!.item), 'own-water'));

/**
 * "Set the bowl over a pan of simmering water": the water has to be in it.
 * @returns that pan
 */
export function waterUnder(state: State, c: Located): string {
  const filled = [...state.world.vessels].find(([id, v]) => isPan(id) && v.water !== 'none' && !isHeld(state, id))?.[0];
  if (filled) return filled;
  // rice that stands in the saucepan stays there
  const pan = freePan(state, 'saucepan');
  const name = `the ${toolCall(state, pan)}`;
  push(state, {
    text: `Put a little water in ${name}.`,
    technique: 'fill-pan',
    sourceLine: c.line,
    tools: ['tap', pan],
    into: pan,
    thing: name,
    name: 'water',
  });
  return pan;
}

/** "Cook the pasta as the packet says": every packet says in boiling water, and no list has it. */
export function cooksInWater(state: State, c: Located, id: string, pan: string, fresh: readonly Mention[]): boolean {
  // "in plenty of boiling water": rice too
  const isSaid = /\bboiling\s+(?:\p{L}+\s+)?water\b/iu.test(c.rest) && fresh.length > 0;
  if (!['cook', 'boil'].includes(id) || isHeld(state, pan) || hasMark(pan, 'above') || !(isSaid || isForWater(state, fresh))) return false;
  if (/\b(?:stock|sauce|soup|oil|butter|milk)\b/i.test(c.rest)) return false;
  if (state.world.vessels.get(pan)?.water !== 'none' && state.world.vessels.has(pan)) return false;
  return !state.recipe.ingredients.some((one) => findFood(one.item)?.category === 'water');
}

const WHEN_IT_BOILS =
  /^(?:when|once|as soon as|after) (?:the water|the pan|it)(?: of water)?(?:'s| is| has| starts?| comes?| begins?)?\b.{0,14}?\b(?:boil(?:s|ed|ing)?|bubbl(?:es|ing))\b|^(?:when|once|as soon as) (?:you (?:can )?see|there are) (?:\p{L}+ ){0,3}bubbles\b/iu;

/** "When the water boils, add the pasta": the pan of water that has not boiled yet; null where it has, or where there is none. */
export function waterToBoil(state: State, c: Located): string | null {
  if (!WHEN_IT_BOILS.test(c.condition ?? '') || c.mentions.length === 0) return null;
  const pans = [state.container, ...state.world.vessels.keys()].filter((v) => isPan(v));
  if (pans.some((v) => state.world.vessels.get(v)?.water === 'boiling')) return null;
  return pans.find((v) => (state.world.vessels.get(v)?.water ?? 'none') !== 'none') ?? null;
}

export function boilWater(state: State, c: Located, pan: string): void {
  const name = `the ${toolCall(state, pan)}`;
  push(state, {
    text: `Fill ${name} two-thirds with water.`,
    technique: 'fill-pan',
    sourceLine: c.line,
    tools: ['tap', pan],
    into: pan,
    thing: name,
    name: 'water',
  });
  bringToBoil(state, c, pan);
}

/** The water that is in a pan already. */
export function bringToBoil(state: State, c: Located, pan: string): void {
  push(state, {
    text: 'Bring the water to the boil.',
    technique: 'boil',
    sourceLine: c.line,
    tools: [pan, 'hob'],
    into: pan,
    thing: 'the water',
    name: 'water',
    minutes: { waiting: COLD_TO_BOIL },
  });
}
