// Plays the steps with the kitchen in mind: hands, tools, containers, ingredients, appliances and the clock, as they stand after each step.
import { toFraction } from '../../amount/quantity';
import { millilitresIn } from '../../amount/units';
import { findFood } from '../../recipe/food';
import { kindOf, techniqueById } from '../../technique/lexicon';
import type { Hazard } from '../../technique/model';
import { toolById } from '../../technique/tools';
import { LEARNER_TIME_FACTOR, USUAL_KITCHEN, type Kitchen, type Step, type TaskAnalysis } from '../model';
import type { Held, Snapshot } from './model';

/** In a class two and more work at once, so the clock runs at half a learner's time (common practice). */
const CLASS_FACTOR = LEARNER_TIME_FACTOR / 2;

export const isGather = (step: Step) => kindOf(step.technique) === 'gather';
const RAW: readonly Hazard[] = ['raw-meat', 'raw-fish', 'raw-egg', 'raw-flour'];
/** Work by which hands touch what is worked on. */
const BY_HAND = new Set([
  'slice',
  'dice',
  'chop',
  'halve',
  'trim',
  'add',
  'shape',
  'pat-dry',
  'toss',
  'rub-in',
  'knead',
  'roll-out',
  'brush',
]);
const BLADES = new Set(['knife', 'board', 'fork', 'scissors', 'peeler', 'grater']);
const PUTS = new Set(['add', 'pour', 'spoon', 'sift', 'crack-egg', 'measure', 'weigh', 'sprinkle']);
const COOKS = new Set(['fry', 'cook', 'simmer', 'boil', 'bake', 'microwave', 'heat-pan', 'melt']);

/** The raw food that hands touch in a step; null when they touch none. */
export function rawByHand(step: Step): Hazard | null {
  const kind = kindOf(step.technique);
  if (kind === 'crack-egg') return 'raw-egg';
  const raw = step.hazards.find((h) => RAW.includes(h));
  if (!raw || !BY_HAND.has(kind)) return null;
  // an egg in a bowl is stirred with a spoon; flour is raw for the hands only as dough
  if (raw === 'raw-egg') return kind === 'shape' || step.technique === 'dip' ? raw : null;
  if (raw === 'raw-flour') return ['knead', 'rub-in', 'shape', 'roll-out'].includes(kind) ? raw : null;
  return raw;
}

/** Whether a measure is wet or sticky after it held this. */
export function wets(item: string): boolean {
  const form = findFood(item)?.form ?? 'whole';
  return form === 'liquid' || form === 'sticky' || form === 'soft';
}

/**
 * The counter after each step, in the order of the steps. Never changes its input.
 * Does not judge: see `dryRun` for what is wrong.
 */
export function simulate(task: TaskAnalysis, kitchen: Kitchen = USUAL_KITCHEN): Snapshot[] {
  let now: Snapshot = {
    stepKey: '',
    clock: 0,
    hands: null,
    wet: new Map(),
    rawTools: new Map(),
    on: new Map(),
    held: [],
    done: {},
    out: {},
    fetched: [],
  };
  return task.steps.map((step) => {
    now = after(now, step, task, kitchen);
    return now;
  });
}

/** A counter in the making. */
type Next = Snapshot & { wet: Map<string, string>; rawTools: Map<string, Hazard>; on: Map<string, number> };

function after(before: Snapshot, step: Step, task: TaskAnalysis, kitchen: Kitchen): Snapshot {
  const kind = kindOf(step.technique);
  const now: Next = {
    ...before,
    stepKey: step.key,
    wet: new Map(before.wet),
    rawTools: new Map(before.rawTools),
    on: new Map(before.on),
    held: before.held,
    done: { ...before.done },
    out: { ...before.out },
  };
  if (isGather(step)) {
    now.fetched = [...new Set([...before.fetched, ...step.tools])];
    for (const { ingredient } of step.uses) {
      const food = ingredient === null ? null : findFood(task.ingredients[ingredient]?.item ?? '');
      if (ingredient !== null && food?.perishable && food.keep === 'fridge') now.out[ingredient] ??= before.clock;
    }
  }
  hands(now, step, kind);
  heat(now, step, kind);
  for (const { measure } of kind === 'measure' ? step.fillings : []) {
    const item = step.uses[0]?.item ?? '';
    if (wets(item)) now.wet.set(measure, item);
  }
  if (!isGather(step))
    for (const { ingredient } of step.uses) if (ingredient !== null) now.done[ingredient] = [...(now.done[ingredient] ?? []), kind];
  now.held = holding(before.held, step, kind, kitchen, task);
  const made = techniqueById(step.technique ?? '')?.makes;
  now.clock = before.clock + step.minutes.active * CLASS_FACTOR + step.minutes.waiting;
  // cooked, chilled, put away or eaten: it does not stand about any more
  if (made === 'cooked' || kind === 'chill' || kind === 'store' || kind === 'eat') now.out = {};
  return now;
}

function hands(now: Next, step: Step, kind: string): void {
  const raw = rawByHand(step);
  if (kind === 'wash-hands' || kind === 'wash-up') now.hands = null;
  if (kind === 'wash-up') {
    // "wash up" with no thing named washes everything
    const all = step.tools.every((t) => ['sponge', 'soap', 'tap', 'cloth'].includes(t));
    if (all) {
      now.wet.clear();
      now.rawTools.clear();
    }
    for (const tool of step.tools) {
      now.wet.delete(tool);
      now.rawTools.delete(tool);
    }
  }
  if (!raw) return;
  now.hands = raw;
  if (raw !== 'raw-flour') for (const tool of step.tools) if (BLADES.has(tool)) now.rawTools.set(tool, raw);
}

function heat(now: Next, step: Step, kind: string): void {
  const appliance = step.tools.find((t) => t === 'oven' || t === 'grill' || t === 'air-fryer');
  const turnOn = (tool: string) => {
    if (!now.on.has(tool)) now.on.set(tool, now.clock);
  };
  if (kind === 'preheat-oven') turnOn(appliance ?? 'oven');
  if (kind === 'hob-on') turnOn(step.tools.includes('slow-cooker') ? 'slow-cooker' : 'hob');
  if (kind === 'turn-off') for (const tool of step.tools.length ? step.tools : [...now.on.keys()]) now.on.delete(tool);
}

function holding(held: readonly Held[], step: Step, kind: string, kitchen: Kitchen, task: TaskAnalysis): Held[] {
  const id = step.into;
  if (kind === 'serve' || kind === 'eat') return kind === 'eat' ? [] : [...held];
  if (!id || !['container', 'cookware'].includes(toolById(id)?.kind ?? '')) return [...held];
  const own = held.find((h) => h.id === id) ?? { id, items: [], ml: 0, raw: null, hot: false };
  // each thing that is measured out has a bowl of its own
  const apart = kind === 'measure' || kind === 'weigh';
  const next: Held = { ...own, items: [...own.items], ml: apart ? 0 : own.ml };
  if (PUTS.has(kind))
    for (const use of step.uses) {
      const known = next.items.includes(use.item);
      if (!known) next.items.push(use.item);
      const size = millilitresIn(use.unit, kitchen.system);
      const amount = use.quantity ? toFraction(use.quantity) : null;
      const whole = use.ingredient !== null && use.quantity === task.ingredients[use.ingredient]?.min;
      if (size && amount && !(known && whole)) next.ml += size.mul(amount).valueOf();
    }
  next.raw = step.hazards.find((h) => RAW.includes(h)) ?? next.raw;
  next.hot = step.hazards.includes('hot') || (next.hot && kind !== 'chill' && kind !== 'cool');
  if (COOKS.has(kind)) next.raw = null;
  if (kind === 'drain' || kind === 'drain-hot') next.ml = 0;
  if (next.items.length === 0 && !next.hot && !next.raw) return held.filter((h) => h.id !== id);
  // what is put here from another bowl is not there any more
  const moved = PUTS.has(kind) && kind !== 'measure' && kind !== 'weigh' ? step.uses.map((u) => u.item) : [];
  return [
    ...held
      .filter((h) => h.id !== id)
      .flatMap((h) => {
        const items = h.items.filter((item) => !moved.includes(item));
        return items.length > 0 || h.hot ? [{ ...h, items, ml: items.length > 0 ? h.ml : 0, raw: items.length > 0 ? h.raw : null }] : [];
      }),
    next,
  ];
}
