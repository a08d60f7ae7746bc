// In which pan a thing is heated: the one that is named, where it lies, or one of its own.
import { contents } from '../kitchen/index';
import { findFood } from '../recipe/food';
import { kindOf } from '../technique/lexicon';
import { hasMark, toolById } from '../technique/tools';
import { isForWater, isOnlyWater } from './frames-water';
import type { Mention } from './mentions';
import { inside } from './push';
import { phrasesOf } from './slots';
import type { Located, State } from './state';
import { freeBowl, freePan, isHeld, isPan, vesselOfPhrase } from './vessels';

export const isFat = (state: State, i: number) => ['oil', 'fat'].includes(findFood(state.recipe.ingredients[i]!.item)?.category ?? '');

/** Room for what is stirred into something melted, in mL (common practice). */
const STIRRED_IN_ML = 500;

/** The pan of a heated thing: named, or where the thing lies, or in hand; one with something else in it is left alone. */
export function panFor(state: State, c: Located, id: string, fresh: readonly Mention[], there: readonly number[]): string {
  const microwave = c.tools.some((t) => t.id === 'microwave');
  state.heats = true;
  const named = phrasesOf(state, c).find((p) => p.vessel !== null && p.prep !== 'with');
  const own = named ? vesselOfPhrase(state, c, named) : null;
  state.heats = false;
  if (own && !['plate', 'board'].includes(own)) return own;
  const held = state.container;
  if (microwave) {
    // "melt the butter in the microwave", with the crumbs in their bag: in a bowl of its own
    const isOthers = held !== null && fresh.length > 0 && isHeld(state, held);
    return held && toolById(held)?.kind === 'container' && !isOthers && !hasMark(held, 'aside') ? held : freeBowl(state, STIRRED_IN_ML);
  }
  const fries = id === 'fry' || id === 'heat-pan';
  // "heat the rest of the oil and fry the onions", with the meat in the slow cooker: in the pan
  if (held === 'slow-cooker' && !fries) return held;
  const usual = fries && (id === 'fry' || held === 'slow-cooker') ? 'frying-pan' : 'saucepan';
  const places = [...new Set(there.map((i) => state.placed.get(i)))].filter((v): v is string => v !== undefined);
  const where = places.find((v) => isPan(v)) ?? null;
  // "heat the oil in a clean pan and fry the cakes": not where they were mixed
  if (where && held && isPan(held) && state.hob === held && where !== held) return held;
  if (where) return where;
  // "boil the potatoes", with a sauce in the pan beside: water takes a pan of its own
  const inWater = id === 'boil' || /\bin\s+(?:[\p{L}]+\s+){0,3}water\b/iu.test(c.rest) || isForWater(state, fresh);
  const taken = held !== null && isPan(held) && isHeld(state, held);
  const loose =
    fresh.length > 0 &&
    fresh.every((m) => findFood(state.recipe.ingredients[m.ingredient]!.item)?.form === 'whole' || isForWater(state, [m]));
  if (inWater && loose && there.length === 0) {
    if (taken || (state.hob && isHeld(state, state.hob) && !isOnlyWater(state))) return freePan(state, 'saucepan');
    return held && isPan(held) ? held : (state.hob ?? 'saucepan');
  }
  if (isApart(state, c, fresh, there) && held !== null && isPan(held)) return freePan(state, usual);
  // what is under the grill meanwhile is not fried on
  if (held && isPan(held) && !(c.meanwhile && held === state.inOven)) return held;
  if (
    held &&
    toolById(held)?.kind === 'cookware' &&
    (!hasMark(held, 'bakes') || hasMark(held, 'fries')) &&
    !(c.meanwhile && held === state.inOven)
  )
    return held;
  if (state.hob) return state.hob;
  const last = [...state.steps].reverse().find((s) => isPan(s.into ?? null))?.into ?? null;
  if (last && fresh.length === 0 && there.length === 0 && isHeld(state, last)) return last;
  return freePan(state, usual);
}

const AS_PACKET = /\bpack(?:et|age|aging)?\b/i;

/** "Fry the onion in the oil", with a soup in the pan in hand: nothing fries in a soup. */
function isFriedBesideSoup(state: State, c: Located, fresh: readonly Mention[]): boolean {
  const pan = state.container;
  if (kindOf(c.technique?.id) !== 'fry' || pan === null || !fresh.some((m) => isFat(state, m.ingredient))) return false;
  const isWet =
    (state.world.vessels.get(pan)?.water ?? 'none') !== 'none' || inside(state, pan).some((i) => state.world.ingredients[i]!.liquid);
  return isWet && contents(state.world, pan).some((lot) => lot.cooked);
}

/** "Meanwhile, fry the mushrooms", "cook the rice as the packet says": what nothing was done with yet, beside a pan with more than fat in it. */
export const isApart = (state: State, c: Located, fresh: readonly Mention[], there: readonly number[]): boolean =>
  (c.meanwhile || AS_PACKET.test(c.rest) || isFriedBesideSoup(state, c, fresh)) &&
  there.length === 0 &&
  fresh.some((m) => !isFat(state, m.ingredient)) &&
  state.container !== null &&
  inside(state, state.container).some((i) => !isFat(state, i));
