// Turns an amount into a measuring step: which measure to fill, how many times, and how.
import { listed } from '../recipe/listed';
import { planFilling, type FillingPlan, type Measure } from '../amount/filling';
import { showQuantity, toFraction, type Quantity } from '../amount/quantity';
import { gramsIn, kindOfUnit, millilitresIn, showAmount, showUnit, type Unit } from '../amount/units';
import { findFood } from '../recipe/food';
import type { Form } from '../recipe/food-model';
import type { Filling, Kitchen } from '../plan/model';

/** How one amount is measured out here; null when it needs no measure (things that are counted, "a handful"). */
export type Measuring = {
  text: string;
  fillings: Filling[];
  tools: string[];
  small: string[];
  technique: 'measure' | 'weigh';
  /** How far what is filled is from the amount, as a share of it; 0 when exact. */
  error: number;
};

/** "⅓ cup", "1 tsp": what stands on a measure. */
export function measureLabel(measure: Measure): string {
  return `${showQuantity(measure.quantity)} ${measure.unit === 'cup' ? 'cup' : showUnit(measure.unit, '1')}`;
}

const timesWord = (times: number) => (times === 1 ? '' : times === 2 ? ' twice' : ` ${times} times`);

// How to fill, by what it is: powders spooned in and levelled, packed sugar pressed, sticky things scraped, liquids at eye level (common practice).
const HOW: Record<Form, (label: string, item: string) => string[]> = {
  powder: (label, item) => [`Pick up the ${label}.`, `Spoon the ${item} in until it is heaped.`, 'Level the top with a flat edge.'],
  grain: (label, item) => [`Pick up the ${label}.`, `Scoop up the ${item}.`, 'Level the top with a flat edge.'],
  packed: (label, item) => [
    `Pick up the ${label}.`,
    `Spoon the ${item} in.`,
    'Press it down with the back of the spoon.',
    'Level the top with a flat edge.',
  ],
  sticky: (label, item) => [`Wipe a little oil in the ${label}.`, `Pour the ${item} in up to the top.`],
  soft: (label, item) => [`Pick up the ${label}.`, `Spoon the ${item} in.`, 'Level the top with a flat edge.'],
  liquid: (label, item) => [`Stand the ${label} flat on the table.`, `Pour the ${item} in slowly.`, 'Bend down and look at the line.'],
  whole: (label, item) => [`Pick up the ${label}.`, `Put the ${item} in up to the top.`],
};

// Within this share of the amount a filling is as good as a hand can make it.
const NEAR_ENOUGH = 0.025;

/**
 * @param item what is measured, as the step names it
 * @param into where it goes, with its article: "the jar"; null to leave it standing in the measure
 * @param known ids of the only measures to use: those that a learner knows
 */
export function measuringOf(
  quantity: Quantity,
  unit: Unit | null,
  item: string,
  into: string | null,
  kitchen: Kitchen,
  known?: string[],
): Measuring | null {
  const kind = unit ? kindOfUnit(unit) : 'count';
  if (!unit || kind === 'count') return null;
  const amount = showAmount(quantity, unit);
  if (kind === 'mass') return weighing(quantity, unit, item, amount);
  const food = findFood(item);
  const form = food?.form ?? 'whole';
  const liquid = form === 'liquid';
  const metric = ['ml', 'cl', 'dl', 'l'].includes(unit);
  const millilitres = toFraction(quantity)!.mul(millilitresIn(unit, kitchen.system)!);
  if (metric && millilitres.compare(45) >= 0) return jug(item, amount);
  const plan = planOnce(quantity, unit, liquid, kitchen, known);
  if (!plan) return jug(item, amount);
  const error = toFraction(plan.error)!.valueOf();
  const fillings = plan.fillings.map(({ measure, times }) => ({
    measure,
    times,
    label: measureLabel(kitchen.measures.find((m) => m.id === measure)!),
  }));
  const list = fillings.map((f) => `the ${f.label}${timesWord(f.times)}`);
  const measures = listed(list);
  const near = error > NEAR_ENOUGH ? ` (nearest to ${amount}: ${Math.round(error * 100)} % ${plan.direction})` : '';
  const total = fillings.reduce((n, f) => n + f.times, 0);
  const small = fillings.flatMap((f) =>
    HOW[form](f.label, item).concat(into ? [`Tip it into ${into}.`] : [], f.times > 1 ? [`Do this ${f.times} times. Count aloud.`] : []),
  );
  return {
    text: `Fill ${measures} with ${item}${into && total > 1 ? `, into ${into}` : ''}${near}.`,
    fillings,
    tools: fillings.map((f) => f.measure),
    small,
    technique: 'measure',
    error,
  };
}

// The same amounts recur in a recipe and between recipes of one kitchen; kept as long as the kitchen's list of measures is.
const PLANS = new WeakMap<readonly Measure[], Map<string, FillingPlan | undefined>>();

function planOnce(quantity: Quantity, unit: Unit, liquid: boolean, kitchen: Kitchen, known: string[] | undefined): FillingPlan | undefined {
  const held = PLANS.get(kitchen.measures) ?? new Map<string, FillingPlan | undefined>();
  PLANS.set(kitchen.measures, held);
  const key = [quantity, unit, liquid, kitchen.system, ...(known ?? ['any'])].join(' ');
  if (!held.has(key)) {
    if (held.size > 500) held.clear();
    const options = {
      system: kitchen.system,
      substance: liquid ? ('liquid' as const) : ('dry' as const),
      most: 1,
      ...(known ? { known } : {}),
    };
    held.set(key, planFilling({ quantity, unit }, kitchen.measures, options)[0]);
  }
  return held.get(key);
}

function weighing(quantity: Quantity, unit: Unit, item: string, amount: string): Measuring {
  const grams = Math.round(toFraction(quantity)!.mul(gramsIn(unit)!).valueOf());
  // a kitchen scale shows whole grams
  const shown = unit === 'kg' || (unit === 'g' && grams < 5) ? amount : `${grams} g`;
  return {
    text: `Weigh ${shown} of ${item}.`,
    fillings: [],
    tools: ['scale', 'small-bowl'],
    technique: 'weigh',
    error: 0,
    small: ['Turn on the scale.', 'Put a small bowl on the scale.', 'Press zero.', `Add the ${item} until the scale shows ${grams} g.`],
  };
}

/** The one vessel that amounts are measured in. */
export const MEASURING_JUG = 'jug';

function jug(item: string, amount: string): Measuring {
  return {
    text: `Fill the jug to ${amount} with ${item}.`,
    fillings: [],
    tools: [MEASURING_JUG],
    technique: 'measure',
    error: 0,
    small: ['Stand the jug flat on the table.', `Pour the ${item} in slowly.`, 'Bend down and look at the line.', `Stop at ${amount}.`],
  };
}
