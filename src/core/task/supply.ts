// Brings an ingredient to its step: rinsed, cut, opened and measured before its first use, and parted where the recipe parts it.
import { MEASURING_JUG } from './measuring';
import { kindHas } from '../technique/works';
import { kindOf, techniqueById } from '../technique/lexicon';
import { Fraction, toFraction, toQuantity, type Quantity } from '../amount/quantity';
import { convertUnit, kindOfUnit, type Unit } from '../amount/units';
import { contents, lotsOf } from '../kitchen/index';
import { findFood } from '../recipe/food';
import { toolById } from '../technique/tools';
import { toolCall } from './tool-names';
import { isHeld, isPan } from './vessels';
import { useOf, type Draft } from '../plan/draft';
import { emptied } from '../plan/providers';
import type { Mention } from './mentions';
import type { Use } from '../plan/model';
import { measureStep } from './measure-step';
import { nameOf, readySteps } from './ready';
import { push, pushEarly } from './push';
import type { Located, State } from './state';
import { isJuice } from './wording';

/** "Toss the berries with 1 tablespoon of flour", with all that is listed in the batter: from the packet, and none of the batter. */
export const isMore = (state: State, c: Located, m: Mention): boolean =>
  m.part === 'some' && (isMeasuredMore(state, c, m) || isExtra(state, m));

const isMeasuredMore = (state: State, c: Located, m: Mention): boolean =>
  m.quantity !== null &&
  m.unit !== null &&
  !/\bthe\s+(?:\p{L}+\s+)?$/iu.test(c.rest.slice(0, m.at)) &&
  lotsOf(state.world, m.ingredient).every((lot) => lot.joined && lot.parts.size > 1);

/** "20 g butter, plus a knob for the potatoes": the knob, once the 20 g are on the fish. */
const isExtra = (state: State, m: Mention): boolean =>
  m.quantity === null &&
  /\b(?:plus|extra|more)\b/i.test(state.recipe.ingredients[m.ingredient]!.text) &&
  state.placed.has(m.ingredient) &&
  lotsOf(state.world, m.ingredient).every((lot) => lot.at !== null);

/** The part of an ingredient that a step takes, noting what is left of it. */
export function take(state: State, mention: Mention): Use {
  const one = state.recipe.ingredients[mention.ingredient]!;
  const all = one.min ? toFraction(one.min) : null;
  const before = state.taken.get(mention.ingredient) ?? new Fraction(0);
  if (mention.part === 'some' && mention.quantity && all) {
    const same =
      mention.unit && one.unit
        ? convertUnit(mention.quantity, mention.unit, one.unit, state.kitchen.system)
        : mention.unit === one.unit
          ? mention.quantity
          : null;
    if (same) state.taken.set(mention.ingredient, before.add(toFraction(same)!));
    return useOf(state.recipe.ingredients, mention.ingredient, mention.quantity, mention.unit);
  }
  if (mention.part === 'rest' && all) {
    const left = all.sub(before);
    state.taken.set(mention.ingredient, all);
    return useOf(state.recipe.ingredients, mention.ingredient, left.compare(0) > 0 ? toQuantity(left) : one.min, one.unit);
  }
  if (mention.part === 'some') return { ingredient: mention.ingredient, item: one.item, quantity: null, unit: null };
  if (all) state.taken.set(mention.ingredient, all);
  return useOf(state.recipe.ingredients, mention.ingredient);
}

// A recipe gives the weight of vegetables as they are bought, and of what is grated, drained or squeezed as it goes in (common practice).
const WEIGHED_AFTER = new Set([
  'open-can',
  'drain',
  'grate',
  'grate-cheese',
  'juice',
  'crumble',
  'pick',
  'flake',
  'squeeze-out',
  'crack-egg',
]);

// "4 tbsp butter, melted" is measured as it is and then melted.
const MELTING = new Set(['hob-on', 'melt', 'turn-off']);

/** At the table a thing is measured and goes in at once, so that no cup waits full. What is cut is cut before; beside a hot pan all is measured before. */
export const isMeasuredLast = (state: State, { ingredient }: Mention): boolean =>
  state.beforeHeat === null && state.recipe.ingredients[ingredient]!.preparation.length === 0;

/** What is measured in stands empty until all that it measures has been measured. */
export const isMeasure = (vessel: string): boolean => vessel === MEASURING_JUG;

/**
 * Makes an ingredient ready and measures it, before its first use; before the first heat where the use is hot.
 * @param goal the vessel that it is wanted in, where that is known
 * @param alone nothing else goes in there with it
 */
export function makeReady(state: State, mention: Mention, c: Located, worked: boolean, goal: string | null = null, alone = false): void {
  const index = mention.ingredient;
  const early: Draft[] = [];
  if (!state.readied.has(index)) {
    state.readied.add(index);
    early.push(...inFreeBowl(state, inFreePan(state, readySteps(state.recipe.ingredients, index, state.explicit)), alone ? goal : null));
  }
  const one = state.recipe.ingredients[index]!;
  const hot = state.beforeHeat !== null;
  // dry grains are measured before they are rinsed, what is cut to size after it is cut
  // nothing is measured at the table any more
  if (kindOf(c.technique?.id) === 'serve' && state.used.has(index)) worked = true;
  // vegetables are weighed as they are bought, before they are peeled
  const weighedFirst =
    worked && kindOf(c.technique?.id) !== 'grate' && kindHas(kindOf(c.technique?.id), 'cuts') && kindOfUnit(one.unit) === 'mass';
  if (!worked || weighedFirst || (kindOf(c.technique?.id) === 'rinse' && findFood(one.item)?.form === 'grain')) {
    const amount = amountOf(state, mention);
    if (amount && !measuredAlready(state, index, mention)) {
      if (/\b(?:boiling|hot)\s+water\b/i.test(one.item) && !state.explicit.has('kettle')) {
        state.explicit.add('kettle');
        early.push({
          text: 'Fill the kettle and boil the water.',
          technique: 'boil-kettle',
          sourceLine: null,
          thing: 'the kettle',
          name: 'kettle',
          uses: [useOf(state.recipe.ingredients, index)],
          minutes: { waiting: 3 },
        });
      }
      const cut = early.some((s) => kindHas(kindOf(s.technique), 'cuts')) || one.preparation.length > 0;
      const step = measureStep(
        state.recipe.ingredients,
        index,
        amount.quantity,
        amount.unit,
        hot || cut ? 'small-bowl' : null,
        state.kitchen,
        goal !== null && !isHeld(state, goal) ? goal : null,
        // bowls with what was measured in them are as many as are wanted
        (v) => contents(state.world, v).some((lot) => !lot.portion),
      );
      // a jug with milk in it is emptied before it measures the cream
      const measure = step && !step.into && !step.fillings?.length ? step.tools?.find((id) => state.world.full.has(id)) : undefined;
      const lot = measure && state.world.full.get(measure);
      if (lot && state.world.lots.includes(lot))
        early.push(emptied(state.world, lot, measure, toolById(measure)!.name, { tools: state.calls, dish: null }));
      // the jug that eggs lie in measures no milk
      if (step && isHeld(state, 'jug')) step.text = step.text.replace(/^Fill the jug\b/, 'Fill a clean jug');
      if (step && isJuice(state, index)) step.text = step.text.replace(nameOf(one), `${nameOf(one)} juice`);
      // what is cut to size is measured after it is cut
      const first =
        step?.technique === 'weigh'
          ? !early.some((s) => WEIGHED_AFTER.has(s.technique ?? ''))
          : early.every((s) => MELTING.has(s.technique ?? ''));
      if (step && first) early.unshift(step);
      else if (step) early.push(step);
    }
  }
  if (staysHere(state, index, early)) for (const draft of early) push(state, draft);
  else if (early.length > 0) pushEarly(state, early);
}

/** Longer than this cold food does not wait ready, in minutes (USDA FSIS: no longer out than two hours, some of which it is eaten in). */
const LONG_WAIT = 60;
const waitedSince = (state: State): number =>
  state.steps.slice(state.beforeHeat ?? state.steps.length).reduce((sum, step) => sum + (step.minutes?.waiting ?? 0), 0);

/** What has to be hot when it is wanted is made ready then: boiling water is not poured out early, nor butter melted while the ring is free later. */
const staysHere = (state: State, index: number, drafts: readonly Draft[]) =>
  state.world.ingredients[index]!.isHot ||
  // cheese does not wait for the hours that the pot takes
  (state.world.ingredients[index]!.food?.keep === 'fridge' && waitedSince(state) > LONG_WAIT) ||
  // nor does a raw egg stand about
  (state.hob === null && (state.world.ingredients[index]!.raw === 'raw-egg' || drafts.some((d) => kindOf(d.technique) === 'melt')));

/** An egg is cracked into the bowl that it is beaten in; and not into the small bowl that the salsa stands in, but into the next that is free. */
function inFreeBowl(state: State, drafts: Draft[], wanted: string | null): Draft[] {
  const isTaken = (id: string) => contents(state.world, id).some((lot) => !lot.portion);
  const own = wanted !== null && !isHeld(state, wanted) && toolById(wanted)?.kind === 'container' ? wanted : undefined;
  const free =
    own ?? (isTaken('small-bowl') ? ['bowl', 'large-bowl'].find((id) => !isHeld(state, id) && id !== state.container) : undefined);
  if (free === undefined || free === 'small-bowl') return drafts;
  return drafts.map((d) =>
    d.into !== 'small-bowl' || !ownRawBy(d)
      ? d
      : {
          ...d,
          text: d.text.replace('a small bowl', `a ${toolCall(state, free)}`),
          into: free,
          tools: (d.tools ?? techniqueById(d.technique ?? '')?.tools ?? []).map((t) => (t === 'small-bowl' ? free : t)),
        },
  );
}
const ownRawBy = (d: Draft) => ['crack-egg', 'separate-egg'].includes(kindOf(d.technique));

/** Butter is melted in a pan that nothing else is in, nor will be soon. */
function inFreePan(state: State, drafts: Draft[]): Draft[] {
  const used = drafts.flatMap((d) => d.into ?? []).find(isPan);
  if (!used) return drafts;
  const busy = (id: string) => isHeld(state, id) || id === state.container || id === state.hob;
  const free = [used, 'saucepan', 'frying-pan', 'large-pan'].find((id) => !busy(id)) ?? used;
  const name = (id: string) => toolById(id)?.name ?? id;
  return drafts.map((d) => ({
    ...d,
    text: d.text.replace(name(used), name(free)),
    ...(d.tools ? { tools: d.tools.map((t) => (t === used ? free : t)) } : {}),
    ...(d.into === used ? { into: free } : {}),
  }));
}

function amountOf(state: State, mention: Mention): { quantity: Quantity | null; unit: Unit | null } | null {
  const one = state.recipe.ingredients[mention.ingredient]!;
  if (mention.part === 'some') return mention.quantity ? { quantity: mention.quantity, unit: mention.unit } : null;
  if (mention.part === 'rest') {
    const all = one.min ? toFraction(one.min) : null;
    const left = all?.sub(state.taken.get(mention.ingredient) ?? new Fraction(0));
    return left && left.compare(0) > 0 ? { quantity: toQuantity(left), unit: one.unit } : null;
  }
  return { quantity: null, unit: null };
}

function measuredAlready(state: State, index: number, mention: Mention): boolean {
  return (
    mention.part === 'all' &&
    state.steps.some(
      (s) => (kindOf(s.technique) === 'measure' || kindOf(s.technique) === 'weigh') && s.uses?.some((u) => u.ingredient === index),
    )
  );
}
