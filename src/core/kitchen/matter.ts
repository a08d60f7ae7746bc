// What happens to matter: it goes from vessel to vessel, is worked into one, is cooked.
import { foodIs } from '../recipe/food';
import { toolById } from '../technique/tools';
import { actOfKind } from '../technique/works';
import type { Known, Lot, World } from './model';
import { contents, HOT, isLotHot, NO_FLOUR, vesselIn, bulkOf } from './world';

/** A part of a lot as a lot of its own. */
export function split(world: World, lot: Lot, ingredient: number, share: number): Lot {
  const has = lot.parts.get(ingredient) ?? 0;
  if (lot.parts.size > 1 || share >= has - 0.005) return lot;
  const part: Lot = {
    ...lot,
    parts: new Map([[ingredient, share]]),
    forms: new Set(lot.forms),
    raw: new Set(lot.raw),
    unchecked: new Map(lot.unchecked),
  };
  lot.parts.set(ingredient, has - share);
  world.lots.push(part);
  return part;
}

/** Puts lots into a vessel; what is hot brings its heat, what is raw leaves its juice. */
export function moveTo(world: World, lots: readonly Lot[], vessel: string): void {
  const to = vesselIn(world, vessel);
  const left = new Set(lots.map((lot) => lot.at).filter((at): at is string => at !== null && at !== vessel));
  for (const lot of lots) {
    if (lot.at === vessel) continue;
    if (isFromKettle(world, lot)) lot.hotUntil = Math.max(lot.hotUntil, world.clock + HOT.food);
    if (isLotHot(world, lot)) {
      lot.hotUntil = Math.max(lot.hotUntil, world.clock + HOT.food);
      if (toolById(vessel)?.kind !== 'surface') to.hotUntil = Math.max(to.hotUntil, world.clock + HOT.food);
    }
    leave(lot);
    lot.at = vessel;
    for (const hazard of lot.raw) to.raw.add(hazard);
    for (const [measure, held] of world.full) if (held === lot) world.full.delete(measure);
    lot.portion = false;
  }
  // what was rubbed on goes along
  for (const at of left) {
    const others = contents(world, at);
    if (others.every((lot) => lot.clings)) for (const lot of others) lot.at = vessel;
  }
}

/** "150 ml hot stock": it comes hot. */
const isFromKettle = (world: World, lot: Lot) =>
  !lot.cooked && lot.at === null && [...lot.parts.keys()].some((i) => world.ingredients[i]!.isHot);

/** Food that was on the heat and leaves it is raw no longer. */
export function leave(lot: Lot): void {
  if (!lot.cooked) return;
  lot.raw.clear();
}

/** A spoonful of melted butter heats no bowl of milk: hot no longer among four times as much that is cold (of syrup or fat at 160 °C and a kitchen's 20 °C, under 50 °C). */
const COLD_TO_HOT = 4;
function hotTogether(world: World, lots: readonly Lot[]): number {
  let [hot, cold, until] = [0, 0, 0];
  for (const lot of lots) {
    const isHot = lot.hotUntil > world.clock;
    const bulk = bulkOf(world, lot);
    // of what is not known how much there is stays hot
    if (isHot && [...lot.parts.keys()].some((i) => world.ingredients[i]!.bulk === 0)) cold = -Infinity;
    if (isHot) hot += bulk;
    else cold += bulk;
    until = Math.max(until, lot.hotUntil);
  }
  return cold >= hot * COLD_TO_HOT ? Math.min(until, world.clock) : until;
}

/** All that lies in a vessel as one lot. */
export function join(world: World, vessel: string): void {
  joinLots(world, contents(world, vessel));
  // a bowl that only its food made hot is as cold as that food
  const v = vesselIn(world, vessel);
  const isCold = contents(world, vessel).every((lot) => lot.hotUntil <= world.clock);
  if (isCold && v.hotUntil <= world.clock + HOT.food && v.water === 'none' && v.over === null)
    v.hotUntil = Math.min(v.hotUntil, world.clock);
}

/** What is on a salad or on meat is none itself, however much there is of it. */
const ONLY_GOES_ON = /\b(?:dressing|marinade|glaze)$/;
/** What goes into something else as well, and is not what it is then. */
const GOES_ON = new RegExp(`${ONLY_GOES_ON.source}|\\b(?:sauce|dip)$`);

/** The recipe's noun for lots that become one. Vegetables in a sauce that is less than they are no sauce. */
function nameOfAll(world: World, lots: readonly Lot[]): string | null {
  const mains = (lot: Lot) => [...lot.parts.keys()].filter((i) => !world.ingredients[i]!.minor);
  const isLess = (named: Lot) => {
    const all = new Set(lots.flatMap((lot) => (lot === named ? [] : mains(lot))));
    const others = [...all].filter((i) => !named.parts.has(i));
    const isOnly = ONLY_GOES_ON.test(named.name!) && others.some((i) => !world.ingredients[i]!.wet);
    return isOnly || others.length > mains(named).length;
  };
  // stock with purée in it is stock, until it goes in with the rest
  const isOfLiquid = (lot: Lot) =>
    [...lot.parts.keys()].some((i) => {
      const { liquid, name } = world.ingredients[i]!;
      return liquid && name.replace(/^(?:hot|cold|warm|boiling)\s+/, '') === lot.name;
    });
  return lots.find((lot) => lot.name !== null && !isOfLiquid(lot) && !(GOES_ON.test(lot.name) && isLess(lot)))?.name ?? null;
}

/** Several lots as one, which keeps the first's place. */
export function joinLots(world: World, lots: readonly Lot[]): void {
  const first = lots[0];
  if (!first) return;
  const floury = lots.flatMap((lot) => [...lot.floury]);
  const name = nameOfAll(world, lots);
  const hotUntil = hotTogether(world, lots);
  first.joined ||= lots.length > 1;
  if (lots.length > 1) first.outside = null;
  for (const lot of lots.slice(1)) {
    for (const [i, share] of lot.parts) first.parts.set(i, (first.parts.get(i) ?? 0) + share);
    for (const form of lot.forms) first.forms.add(form);
    for (const hazard of lot.raw) first.raw.add(hazard);
    for (const [i, heated] of lot.unchecked) first.unchecked.set(i, heated && (first.unchecked.get(i) ?? true));
    first.cooked &&= lot.cooked;
  }
  first.name = name;
  first.hotUntil = hotUntil;
  world.lots = world.lots.filter((lot) => lot === first || !lots.includes(lot));
  // flour is raw for the hands once it is wet
  const parts = [...first.parts.keys()].map((i) => world.ingredients[i]!);
  first.floury = floury.length > 0 ? new Set(floury) : NO_FLOUR;
  if (floury.length > 0 && parts.some((k) => !isDry(k))) first.raw.add('raw-flour');
}

/** It gives water to cook in; fat runs too, and gives none. */
export const isWet = (world: World, lot: Lot) =>
  [...lot.parts.keys()].some((i) => {
    const { wet, one, food } = world.ingredients[i]!;
    return (wet && !foodIs(food, 'fatty')) || one.unit === 'can' || foodIs(food, 'juicy') || /tomato/i.test(one.item);
  });

/** Whether something in a lot greases the pan that it lies in. */
export const isFatty = (world: World, lot: Lot) => [...lot.parts.keys()].some((i) => foodIs(world.ingredients[i]!.food, 'fatty'));

const DRY = new Set(['powder', 'grain', 'packed']);
/** Flour stays dry beside it. */
export const isDry = ({ food, minor }: Known): boolean =>
  DRY.has(food?.form ?? '') || (minor && food?.form !== 'sticky' && !foodIs(food, 'grease') && !foodIs(food, 'runny'));

/** Whether it was shaped, rolled out or wrapped: it is what a recipe calls "the balls". */
export const isShaped = (lot: Lot): boolean => [...lot.forms].some((kind) => actOfKind(kind) === 'shape');

/** Pieces of one thing, by itself: drumsticks, leaves. */
export const isPieces = (world: World, lot: Lot): boolean =>
  !lot.joined && [...lot.parts.keys()].every((i) => (world.ingredients[i]!.food?.form ?? 'whole') === 'whole');

/** Lots without what was only scattered or rubbed on others; all of them where there is nothing else. */
export const bareOf = (lots: readonly Lot[]): readonly Lot[] =>
  lots.some((lot) => !lot.clings) ? lots.filter((lot) => !lot.clings) : lots;

/** What is in a hot place is cooked there. */
export function cook(world: World, vessel: string): void {
  for (const lot of contents(world, vessel)) {
    lot.cooked = true;
    lot.floury = NO_FLOUR;
    for (const i of lot.unchecked.keys()) lot.unchecked.set(i, true);
    lot.hotUntil = Math.max(lot.hotUntil, world.clock + HOT.food);
    lot.raw.clear();
  }
  vesselIn(world, vessel).raw.clear();
}
