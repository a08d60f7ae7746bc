// Plays a step: what it soils, what it does, and the time that it takes.
import { foodIs } from '../recipe/food';
import { kindOf } from '../technique/lexicon';
import type { Hazard } from '../technique/model';
import { hasMark, toolById } from '../technique/tools';
import { type Act, type Works } from '../technique/works';
import type { Lot, Played, World } from './model';
import { contents, HOT, isLotHot, vesselOf } from './world';
import { LAWS } from './laws';
import { objectsOf, ownRaw, rawOf, taken, worksIn } from './objects';

/** Things that take back what they were dipped in; other tools lie clean beside the pan. */
export const SOILS: ReadonlySet<string> = new Set(['cutting', 'utensil', 'surface']);
function soil(world: World, step: Played, lots: readonly Lot[], works: Works): void {
  const raw = rawOf(lots);
  if (works.act === 'ready') for (const hazard of ownRaw(step)) raw.add(hazard);
  if (raw.size === 0) return;
  const byHand =
    (works.traits.has('hand') && !(kindOf(step.technique) === 'tear' && step.tools.some((id) => toolById(id)?.kind === 'utensil'))) ||
    (works.act === 'put' && !works.traits.has('pour') && lots.some((lot) => isByHand(lot)));
  if (byHand) for (const hazard of raw) if (hazard !== 'raw-flour' || works.traits.has('dough')) world.hands.add(hazard);
  // what stirs in the pan is cooked clean with what it stirs
  const vessel = vesselOf(step);
  if (vessel && isHotNow(world, vessel)) return;
  for (const id of step.tools) {
    const kind = toolById(id)?.kind;
    if ((!SOILS.has(kind ?? '') && id !== 'board') || hasMark(id, 'apart')) continue;
    if (kind === 'surface' && id !== 'board') continue;
    const held = world.soiled.get(id) ?? new Set<Hazard>();
    for (const hazard of raw) if (hazard !== 'raw-flour') held.add(hazard);
    if (held.size > 0) world.soiled.set(id, held);
  }
}

const isHotNow = (world: World, vessel: string) => world.ring?.under === vessel || (world.vessels.get(vessel)?.hotUntil ?? 0) > world.clock;

/** Meat and fish in pieces are picked up; a mixture, an egg and what lies in a bowl are not. */
const isByHand = (lot: Lot) => !lot.joined && (lot.raw.has('raw-meat') || lot.raw.has('raw-fish'));

/** "Do this twice more", "repeat with the other half": what is hot is made hot again, and what is still raw of it has been there too. */
function heatAgain(world: World): void {
  const done = world.lots.filter((lot) => lot.cooked && lot.at !== null && isLotHot(world, lot));
  for (const lot of [...world.lots]) {
    const same =
      lot.cooked || (lot.at === null && lot.unchecked.size === 0)
        ? undefined
        : done.find((other) => [...lot.parts.keys()].every((i) => other.parts.has(i)));
    if (!same) continue;
    for (const [i, share] of lot.parts) same.parts.set(i, same.parts.get(i)! + share);
    for (const i of lot.unchecked.keys()) same.unchecked.set(i, true);
    world.lots.splice(world.lots.indexOf(lot), 1);
  }
  for (const thing of [...world.vessels.values(), ...world.lots])
    if (thing.hotUntil > world.clock) thing.hotUntil = Math.max(thing.hotUntil, world.clock + HOT.pan);
}

/** Acts after which food stands about no longer. */
const ENDS_OUT = new Set<Act>(['heat', 'oven', 'microwave', 'chill', 'store', 'eat']);

/** Milk and egg in a yeast dough rise with it in the warm: no food that was forgotten on the table (common practice). */
function rise(world: World, lots: readonly Lot[]): void {
  for (const lot of lots)
    if (lot.joined && [...lot.parts.keys()].some((i) => foodIs(world.ingredients[i]!.food, 'leavens')))
      for (const i of lot.parts.keys()) world.out.delete(i);
}

/** Minutes on the lesson's clock: two and more work at once, so half a learner's time (common practice). */
export const CLASS_FACTOR = 1.5;

/** Plays one step. Changes the world that it is given. */
export function apply(world: World, step: Played): void {
  const works = worksIn(step);
  const lots = ['put', 'join', 'serve', 'lift', 'soak', 'toast'].includes(works.act) ? taken(world, step) : objectsOf(world, step);
  soil(world, step, lots, works);
  LAWS[works.act]?.(world, step, lots, works);
  if (step.technique === 'repeat') heatAgain(world);
  const vessel = vesselOf(step);
  if (step.becomes && vessel) for (const lot of contents(world, vessel)) if (lot.joined) lot.name = step.becomes;
  // "marinate in the fridge for an hour"
  const isPutAway = works.act === 'soak' && step.tools.some((id) => hasMark(id, 'store'));
  if (ENDS_OUT.has(works.act) || isPutAway) for (const lot of lots) for (const i of lot.parts.keys()) world.out.delete(i);
  rise(world, lots);
  world.clock += step.minutes.active * CLASS_FACTOR + step.minutes.waiting;
}
