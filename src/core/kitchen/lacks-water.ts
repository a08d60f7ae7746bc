// What the water and the fat of a pan are needed for, and what is in the way of them.
import { foodIs } from '../recipe/food';
import { kindOf } from '../technique/lexicon';
import { hasMark } from '../technique/tools';
import type { NeedLaw } from './lack';
import { isFatty, isWet } from './matter';
import type { Lot, World } from './model';
import { contents, isHot, vesselOf } from './world';

/** Pasta, rice, potatoes, eggs in their shells: they boil in water that is poured away. */
export const isForWater = (world: World, lot: Lot) => [...lot.parts.keys()].every((i) => foodIs(world.ingredients[i]!.food, 'boils'));

export const water: NeedLaw = (world, step, lots, { act, traits }) => {
  const vessel = vesselOf(step);
  // what has holes stands over water
  if (act !== 'heat' || vessel === null || hasMark(vessel, 'above') || (world.vessels.get(vessel)?.water ?? 'none') !== 'none') return [];
  const inside = [...new Set([...contents(world, vessel), ...lots])];
  // "bring a pan of water to the boil"
  if (inside.length === 0) return kindOf(step.technique) === 'boil' ? [{ fact: 'water', vessel, lots: [] }] : [];
  const isPasta = inside.every((lot) => [...lot.parts.keys()].every((i) => foodIs(world.ingredients[i]!.food, 'in-water')));
  const wanted = traits.has('wet') || (kindOf(step.technique) === 'cook' && isPasta && inside.every((lot) => !lot.forms.has('crack-egg')));
  if (!wanted || inside.some((lot) => isWet(world, lot) || lot.forms.has('drain') || lot.joined)) return [];
  return inside.every((lot) => isForWater(world, lot)) ? [{ fact: 'water', vessel, lots: inside }] : [];
};

export const fat: NeedLaw = (world, step, lots, { act, traits }) => {
  const vessel = vesselOf(step);
  if (act !== 'heat' || !traits.has('fat') || vessel === null) return [];
  const inside = [...new Set([...contents(world, vessel), ...lots])];
  const v = world.vessels.get(vessel);
  if (inside.length === 0 || v?.slick || (v?.water ?? 'none') !== 'none') return [];
  return inside.some((lot) => isWet(world, lot) || isFatty(world, lot)) ? [] : [{ fact: 'fat', vessel, lots: inside }];
};

/** "Boil for 15 minutes": they count from when the water boils. */
export const boiling: NeedLaw = (world, step, _lots, { act, traits }) => {
  const vessel = vesselOf(step);
  if (act !== 'heat' || vessel === null || !step.lasts || step.minutes.waiting < SHORTEST_BOIL) return [];
  // apples in a splash of water steam at once
  if (contents(world, vessel).length === 0 || !contents(world, vessel).every((lot) => isForWater(world, lot))) return [];
  const pan = world.vessels.get(vessel);
  // out of the kettle it is hot; a ring that is lit boils nothing yet
  const isCold = pan?.water === 'cold' && pan.hotUntil <= world.clock;
  return isCold && (traits.has('wet') || kindOf(step.technique) === 'cook') ? [{ fact: 'boiling', vessel }] : [];
};
const SHORTEST_BOIL = 2;

/** Nobody takes hold of what lies in hot water: it is drained, or lifted out, before it is rinsed, shelled or cut. */
export const outOfWater: NeedLaw = (world, step, lots, { act }) => {
  if (act !== 'ready' && !(act === 'cool' && step.tap)) return [];
  const vessel = lots.find((lot) => lot.at !== null && isInHotWater(world, lot))?.at ?? null;
  return vessel === null ? [] : [{ fact: 'out-of-water', vessel, lots: lots.filter((lot) => lot.at === vessel) }];
};

const isInHotWater = (world: World, lot: Lot): boolean =>
  !lot.joined && lot.cooked && (world.vessels.get(lot.at!)?.water ?? 'none') !== 'none' && isHot(world, lot.at!);
