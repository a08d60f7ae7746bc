// The step that measures an ingredient, and the vessel that takes it.
import { type Quantity, toFraction } from '../amount/quantity';
import { gramsIn, kindOfUnit, millilitresIn, type Unit } from '../amount/units';
import { table } from '../amount/table';
import { findFood } from '../recipe/food';
import type { Ingredient } from '../recipe/recipe';
import { kindOf } from '../technique/lexicon';
import { type Draft, rawHazard, useOf } from '../plan/draft';
import { measuringOf } from './measuring';
import type { Kitchen } from '../plan/model';
import { nameOf } from './ready';

/** A small bowl takes about 350 mL (common size); chopped food lies looser than water. */
const SMALL_BOWL_ML = 300;
const SMALL_BOWL_GRAMS = 300;

const vesselFor = (millilitres: number, liquid: boolean) =>
  millilitres <= SMALL_BOWL_ML
    ? liquid && millilitres > 200
      ? 'jug'
      : 'small-bowl'
    : millilitres > 1000
      ? 'large-bowl'
      : liquid
        ? 'jug'
        : 'bowl';
const VESSEL_NAMES = table<string>({ jug: 'the jug', 'large-bowl': 'a large bowl', bowl: 'a bowl', 'serving-dish': 'a dish' });
const vesselName = (id: string) => VESSEL_NAMES.get(id) ?? 'a small bowl';
/** A bowl that takes as much and is free: a bowl with the marinade in it takes no rice. */
const freeOf = (id: string, isTaken: (vessel: string) => boolean): string =>
  id === 'small-bowl' || id === 'jug' ? id : ([id, 'bowl', 'large-bowl', 'serving-dish'].find((v) => !isTaken(v)) ?? id);
const grams = (amount: { quantity: Quantity; unit: Unit | null }) => {
  const size = gramsIn(amount.unit);
  return size ? size.mul(toFraction(amount.quantity)!).valueOf() : null;
};

/** Units that are a thing by themselves: a sheet of pastry is not weighed, whatever its packet says. */
const PIECES: ReadonlySet<Unit> = new Set(['sheet', 'ball', 'block', 'fillet', 'square', 'nest', 'slice', 'stick', 'cube', 'head', 'ear']);

/**
 * The step that measures an ingredient out, for one use of it.
 * @param into where it is tipped, as a tool id; null when it goes straight to where it is used
 * @param goal an empty vessel that it is wanted in: where that is what measures it, it stays there
 * @param isTaken whether a bowl has other food in it
 * @returns null for what is counted or taken as it is
 */
export function measureStep(
  ingredients: readonly Ingredient[],
  index: number,
  quantity: Quantity | null,
  unit: Unit | null,
  into: string | null,
  kitchen: Kitchen,
  goal: string | null = null,
  isTaken: (vessel: string) => boolean = () => false,
): Draft | null {
  const one = ingredients[index]!;
  const wanted = quantity ?? one.min;
  const inUnit = quantity === null ? one.unit : unit;
  if (!wanted) return null;
  const name = nameOf(one);
  // a tin or a packet is used whole; its own size is no amount to measure. "2 aubergines (about 500 g)" are counted, "a spoonful of apple" is not all of it
  const isWhole = inUnit !== null && PIECES.has(inUnit) && toFraction(wanted)!.d === 1n;
  const isCounted = isWhole || (inUnit === null && findFood(one.item)?.form === 'whole');
  const measurable =
    kindOfUnit(inUnit) === 'count' && inUnit === one.unit && one.alternate && !isCounted
      ? { quantity: one.alternate.quantity, unit: one.alternate.unit }
      : { quantity: wanted, unit: inUnit };
  const liquid = findFood(one.item)?.form === 'liquid';
  let target = into;
  let measuring = measuringOf(measurable.quantity, measurable.unit, name, target ? 'a small bowl' : null, kitchen);
  if (!measuring) return null;
  if (goal !== null && measuring.tools.every((id) => id === goal)) target = goal;
  else if (measuring.tools.includes('jug') || measuring.technique === 'weigh') target = null;
  else if (measuring.fillings.reduce((n, f) => n + f.times, 0) > 1 || target) {
    // filled more than once, it has to be tipped out in between, into something that holds it
    const size = millilitresIn(measurable.unit, kitchen.system);
    const amount = size ? size.mul(toFraction(measurable.quantity)!).valueOf() : 0;
    target = freeOf(vesselFor(amount, liquid), isTaken);
    measuring = measuringOf(measurable.quantity, measurable.unit, name, vesselName(target), kitchen)!;
  }
  if (measuring.technique === 'weigh' && (grams(measurable) ?? 0) > SMALL_BOWL_GRAMS)
    measuring = {
      ...measuring,
      tools: ['scale', freeOf('bowl', isTaken)],
      small: measuring.small.map((line) => line.replace('small bowl', 'bowl')),
    };
  const raw = rawHazard(one);
  // meat is weighed where it is bought; weighing it again only spreads what is on it
  if (kindOf(measuring.technique) === 'weigh' && (raw === 'raw-meat' || raw === 'raw-fish')) return null;
  return {
    sourceLine: null,
    technique: measuring.technique,
    text: measuring.text,
    uses: [useOf(ingredients, index, quantity, unit)],
    tools: [...new Set([...measuring.tools, ...(target ? [target] : [])])],
    into: target ?? (measuring.technique === 'weigh' ? measuring.tools.find((t) => t !== 'scale')! : null),
    thing: `the ${name}`,
    name,
    fillings: measuring.fillings,
    small: measuring.small,
    minutes: { active: 0.4 + 0.3 * measuring.fillings.reduce((n, f) => n + f.times, 0) },
    hazards: /\b(?:boiling|hot)\b/i.test(one.item) ? ['hot', 'steam'] : [],
  };
}
