// Makes a world for a list of ingredients, and answers simple questions about what lies where and how hot it is.
import { itemName } from '../recipe/item-name';
import { Fraction, toFraction } from '../amount/quantity';
import { gramsIn, millilitresIn, type MeasureSystem } from '../amount/units';
import { convertUnit } from '../amount/units';
import { findFood, foodIs } from '../recipe/food';
import type { Ingredient } from '../recipe/recipe';
import type { Hazard } from '../technique/model';
import { isVessel, TOOLS } from '../technique/tools';
import { table } from '../amount/table';
import type { Known, Lot, Placed, Played, Vessel, World, Place } from './model';

/** Minutes that things stay hot after they leave the heat (common practice): a full pot, a pan or bowl, food by itself. */
export const HOT = { pot: 30, pan: 20, food: 10 } as const;
/** So many times longer under a lid (common practice). */
const UNDER_LID = 2;
/** From this much a pan is a full pot, which cools slowly (common practice). */
const FULL_POT_ML = 1000;

const RAW = table<Hazard>({ egg: 'raw-egg', meat: 'raw-meat', poultry: 'raw-meat', fish: 'raw-fish', flour: 'raw-flour' });

const NOTHING = new Fraction(0);
/** What a can holds where the list does not say (common practice). */
const CAN_ML = 400;

/** What the world has to know of an ingredient. */
function knownOf(one: Ingredient, index: number, system: MeasureSystem = 'us'): Known {
  const food = findFood(one.item);
  // leaves and pieces lie loose, and go down when they are cut or blended (common practice: by half)
  const packs = (food?.form ?? 'whole') === 'whole' ? 0.5 : 1;
  const amount = one.min ? toFraction(one.min) : null;
  const form = food?.form ?? 'whole';
  // what is weighed lies looser than water, and says little of the room that it takes
  const size = millilitresIn(one.unit, system) ?? (form === 'liquid' ? gramsIn(one.unit) : null);
  const said = `${one.item} ${one.preparation.join(' ')}`;
  // smoked bacon and haddock are raw, smoked chicken is not: what else is ready to eat has a row that says so
  const isSmoked = food?.raw === 'poultry' && /\bsmoked\b/i.test(said);
  const cooked =
    isSmoked || one.unit === 'can' || /\b(?:cooked|boiled|roast(?:ed)?|rotisserie|tinned|canned|leftover|ready-to-eat)\b/i.test(said);
  return {
    index,
    one,
    food,
    name: itemName(one.item),
    raw: food?.raw && !cooked ? RAW.get(food.raw)! : null,
    wet: ['liquid', 'sticky', 'soft'].includes(form),
    liquid: form === 'liquid',
    minor: foodIs(food, 'minor'),
    isHot: /\b(?:hot|boiling)\b/i.test(one.item),
    ml: amount && size ? size.mul(amount).valueOf() * packs : 0,
    bulk:
      one.unit === 'can'
        ? CAN_ML * (amount?.valueOf() ?? 1)
        : amount
          ? (millilitresIn(one.unit, system) ?? gramsIn(one.unit) ?? NOTHING).mul(amount).valueOf()
          : 0,
  };
}

export const NO_FLOUR: ReadonlySet<number> = new Set();

/** A kitchen before the lesson: nothing fetched, everything off, each ingredient whole. */
export function newWorld(ingredients: readonly Ingredient[], system: MeasureSystem = 'us'): World {
  const known = ingredients.map((one, i) => knownOf(one, i, system));
  return {
    ingredients: known,
    clock: 0,
    lots: known.map((k): Lot => ({
      parts: new Map([[k.index, 1]]),
      at: null,
      forms: new Set(),
      raw: new Set(k.raw === 'raw-meat' || k.raw === 'raw-fish' || (k.raw === 'raw-flour' && k.food?.category === 'pastry') ? [k.raw] : []),
      unchecked: new Map(k.raw === 'raw-meat' || k.raw === 'raw-fish' ? [[k.index, false]] : []),
      floury: k.raw === 'raw-flour' ? new Set([k.index]) : NO_FLOUR,
      hotUntil: 0,
      joined: false,
      portion: false,
      cooked: false,
      clings: false,
      outside: null,
      shell: false,
      filled: false,
      name: null,
    })),
    vessels: new Map(),
    ring: null,
    on: new Map(),
    hands: new Set(),
    kettle: 0,
    washed: false,
    soiled: new Map(),
    wet: new Map(),
    full: new Map(),
    fetched: new Set(),
    drained: null,
    out: new Map(),
  };
}

/** A vessel as it stands; one that nothing happened to yet is empty, cold and on the table. */
export function vesselIn(world: World, id: string): Vessel {
  let vessel = world.vessels.get(id);
  if (!vessel) {
    vessel = {
      lid: null,
      cover: null,
      steams: false,
      place: 'table',
      hotUntil: 0,
      raw: new Set(),
      over: null,
      slick: false,
      water: 'none',
    };
    world.vessels.set(id, vessel);
  }
  return vessel;
}

/** Whether food can lie in or on it: a bowl, a pan, a tray, a board; not a rack, paper or a lid. */
const HOLDS_FOOD: ReadonlySet<string> = new Set(
  TOOLS.filter(
    ({ id, kind, marks }) =>
      marks?.includes('holds') ||
      marks?.includes('strains') ||
      (!marks?.includes('bare') && !marks?.includes('lines') && (isVessel(id) || kind === 'surface')),
  ).map(({ id }) => id),
);

/** The vessel that a step works in: where it names an appliance or a stand, the dish that goes there. */
export function vesselOf(step: Placed): string | null {
  const { into } = step;
  if (into === null || HOLDS_FOOD.has(into)) return into;
  return step.tools.find((id) => HOLDS_FOOD.has(id) && isVessel(id)) ?? null;
}

/** The pan that stands on the ring when a step heats. */
export function ringVesselOf(world: World, step: Played): string | null {
  const vessel = vesselOf(step);
  return step.base ?? (vessel ? (world.vessels.get(vessel)?.over ?? vessel) : null);
}

/** Whether the water that a step brings comes out of a kettle that boiled not long ago. */
export const isKettleWater = (world: World, step: Played): boolean =>
  step.hot === true || (step.water === true && !step.tap && world.kettle > world.clock);

/** Where things are shut in while they heat. */
export const isShutIn = (place: Place | undefined): boolean => place === 'oven' || place === 'microwave';
/** What was put away comes out by a step of its own; out of an oven, by another. */
export const isPutAway = (place: Place | undefined): boolean => place === 'microwave' || place === 'fridge' || place === 'freezer';

export function contents(world: World, vessel: string): Lot[] {
  const found: Lot[] = [];
  // asked thousands of times for one recipe: a loop, and no call for each lot
  for (const lot of world.lots) if (lot.at === vessel) found.push(lot);
  return found;
}

/** The lots with some of an ingredient in them. */
export function lotsOf(world: World, ingredient: number): Lot[] {
  const found: Lot[] = [];
  for (const lot of world.lots) if (lot.parts.has(ingredient)) found.push(lot);
  return found;
}

/** What is on a lit ring, in a hot oven, or not long off it. */
export function isHot(world: World, vessel: string): boolean {
  if (world.ring?.under === vessel) return true;
  const v = world.vessels.get(vessel);
  if (!v) return false;
  return v.water === 'boiling' || v.hotUntil > world.clock || v.place === 'oven' || (v.over !== null && isHot(world, v.over));
}

export const isLotHot = (world: World, lot: Lot): boolean => lot.hotUntil > world.clock || (lot.at !== null && isHot(world, lot.at));

/** How long a vessel that leaves the heat now stays hot. */
export function staysHot(world: World, vessel: string): number {
  const bulk = contents(world, vessel).reduce((sum, lot) => sum + bulkOf(world, lot), 0);
  const isFull = bulk >= FULL_POT_ML || vessel === 'baking-dish';
  const minutes = isFull ? HOT.pot : HOT.pan;
  return world.clock + (world.vessels.get(vessel)?.lid ? minutes * UNDER_LID : minutes);
}

/** Grams or millilitres of a lot, for the heat that it holds. */
export function bulkOf(world: World, lot: Lot): number {
  let bulk = 0;
  for (const [i, share] of lot.parts) bulk += world.ingredients[i]!.bulk * share;
  return bulk;
}

export function volumeOf(world: World, lot: Lot): number {
  let ml = 0;
  for (const [i, share] of lot.parts) ml += world.ingredients[i]!.ml * share;
  return ml;
}

/** What part of the listed amount this use is; null where it cannot be told. */
export function shareOf(world: World, use: Played['uses'][number]): number | null {
  const one = world.ingredients[use.ingredient]?.one;
  if (!one?.min || use.quantity === null) return null;
  const all = toFraction(one.min);
  const same = use.unit === one.unit ? use.quantity : use.unit && one.unit ? convertUnit(use.quantity, use.unit, one.unit) : null;
  const amount = same === null ? null : toFraction(same);
  return all && amount && all.compare(0) > 0 ? amount.div(all).valueOf() : null;
}
