// Walks the steps with the kitchen in mind and says what would go wrong in the lesson.
import { showQuantity, toFraction, Fraction } from '../amount/quantity';
import { convertUnit, millilitresIn } from '../amount/units';
import { findFood } from '../recipe/food';
import type { Ingredient } from '../recipe/recipe';
import { techniqueById, kindOf } from '../technique/lexicon';
import { toolById } from '../technique/tools';
import { supervisionFor } from './draft';
import { knownFoods, unlistedFoods } from './mentions';
import { LEARNER_TIME_FACTOR, USUAL_KITCHEN, type Kitchen, type Step, type TaskAnalysis } from './model';
import { toolName } from './routines';

export type FindingCode =
  | 'used-not-listed'
  | 'listed-not-used'
  | 'amount-mismatch'
  | 'not-preheated'
  | 'left-on'
  | 'dirty-measure'
  | 'not-prepared'
  | 'raw-contact'
  | 'not-rinsed'
  | 'no-mitt'
  | 'hot-on-counter'
  | 'overflow'
  | 'no-supervision'
  | 'out-too-long'
  | 'idle-wait'
  | 'tool-not-fetched';

/** A fault found before the lesson. `stepKey` is null where it belongs to no one step; `mend` says in a few words what would put it right. */
export type Finding = { code: FindingCode; stepKey: string | null; about: string; message: string; mend: string | null };

/** Minutes that an oven takes to heat (common practice). */
const PREHEAT_MINUTES = 10;
/** Food out of the fridge no longer than this (USDA FSIS: 2 hours). */
const OUT_MINUTES = 120;
/** In a class two and more work at once, so food stands about for half of a learner's time. */
const CLASS_FACTOR = LEARNER_TIME_FACTOR / 2;
/** Waiting from which on a job should be planned (common practice). */
const IDLE_MINUTES = 5;

const isGather = (step: Step) => kindOf(step.technique) === 'gather';
const CUTS = new Set(['slice', 'dice', 'chop', 'halve', 'trim', 'grate', 'snip', 'tear']);
const HEATS = new Set(['heat-pan', 'fry', 'cook', 'boil', 'simmer', 'melt']);
const WASHES = new Set(['wash-hands', 'wash-up']);

/**
 * Finds what the steps would run into: things never fetched, measured twice, left raw, left on.
 * Never changes its input. Says nothing about whether a recipe or a person is safe: no finding means that none of these faults was found.
 */
export function dryRun(task: TaskAnalysis, kitchen: Kitchen = USUAL_KITCHEN): Finding[] {
  if (task.steps.length === 0) return [];
  return [
    ...ingredientFindings(task),
    ...heatFindings(task.steps),
    ...measureFindings(task.steps, kitchen),
    ...preparationFindings(task),
    ...rawFindings(task.steps),
    ...overflowFindings(task, kitchen),
    ...supervisionFindings(task.steps),
    ...timeFindings(task),
    ...toolFindings(task.steps, kitchen),
  ];
}

function ingredientFindings({ steps, ingredients, title }: TaskAnalysis): Finding[] {
  const found: Finding[] = [];
  ingredients.forEach((one, i) => {
    const uses = steps
      .filter((s) => !isGather(s))
      .flatMap((s) => s.uses.filter((u) => u.ingredient === i).map((u) => ({ step: s, use: u })));
    const worked = new Set([
      'measure',
      'weigh',
      'rinse',
      'peel',
      'peel-by-hand',
      'open-can',
      'drain',
      'crack-egg',
      ...CUTS,
      'juice',
      'crush-garlic',
      'boil-kettle',
    ]);
    if (
      uses.length === 0 ||
      uses.every((u) => worked.has(kindOf(u.step.technique)) && !/\b(?:over|into|on)\b/.test(u.step.text) && u.step.sourceLine === null)
    )
      found.push({
        code: 'listed-not-used',
        stepKey: null,
        about: one.item,
        message: `${one.item} is listed but no step uses it.`,
        mend: `Add a step that uses ${one.item}, or take it off the list.`,
      });
    found.push(
      ...amountFindings(
        one,
        uses.filter((u) => !worked.has(kindOf(u.step.technique))),
      ),
    );
  });
  const seen = new Set<string>();
  const known = knownFoods(ingredients, title);
  for (const step of steps.filter((s) => !isGather(s) && s.sourceLine !== null))
    for (const food of unlistedFoods(step.text, known)) {
      if (seen.has(food)) continue;
      seen.add(food);
      found.push({
        code: 'used-not-listed',
        stepKey: step.key,
        about: food,
        message: `This step uses ${food}, which is not on the list of ingredients.`,
        mend: `Add ${food} to the ingredients.`,
      });
    }
  return found;
}

function amountFindings(one: Ingredient, uses: { step: Step; use: Step['uses'][number] }[]): Finding[] {
  const listed = one.min ? toFraction(one.min) : null;
  const most = one.max ? toFraction(one.max) : listed;
  // "pour the oil in" and then "heat the oil" speak of one helping
  const parts = uses.filter((u, i) => {
    const before = uses[i - 1];
    const again = before && HEATS.has(kindOf(u.step.technique)) && before.use.quantity === u.use.quantity && before.use.unit === u.use.unit;
    return u.use.quantity !== null && !again;
  });
  if (!listed || !most || parts.length < 2 || uses.some((u) => u.use.quantity === null)) return [];
  // the same thing named again, whole, is no second helping
  const whole = parts.filter((p) => p.use.quantity === one.min && p.use.unit === one.unit).length;
  if (whole === parts.length || (whole > 0 && parts.length - whole <= 1)) return [];
  let sum = new Fraction(0);
  for (const { use } of parts) {
    const same = use.unit === one.unit ? use.quantity : use.unit && one.unit ? convertUnit(use.quantity!, use.unit, one.unit) : null;
    if (same === null) return [];
    sum = sum.add(toFraction(same)!);
  }
  if (sum.compare(listed) >= 0 && sum.compare(most) <= 0) return [];
  const unit = one.unit ? ` ${one.unit}` : '';
  return [
    {
      code: 'amount-mismatch',
      stepKey: parts.at(-1)!.step.key,
      about: one.item,
      message: `The steps use ${showQuantity(sum.toFraction())}${unit} of ${one.item} in all; the list says ${showQuantity(one.min!)}${unit}.`,
      mend: 'Change the amount in the list or in the step.',
    },
  ];
}

function heatFindings(steps: Step[]): Finding[] {
  const found: Finding[] = [];
  const on = new Map<string, string>();
  let sinceOven: number | null = null;
  for (const step of steps) {
    const appliance = step.tools.find((t) => t === 'oven' || t === 'grill' || t === 'air-fryer');
    if (kindOf(step.technique) === 'preheat-oven') {
      on.set(appliance ?? 'oven', step.key);
      sinceOven = 0;
      continue;
    }
    if (kindOf(step.technique) === 'hob-on') on.set(step.tools.includes('slow-cooker') ? 'slow-cooker' : 'hob', step.key);
    if (kindOf(step.technique) === 'turn-off') for (const tool of step.tools.length ? step.tools : [...on.keys()]) on.delete(tool);
    if (kindOf(step.technique) === 'bake') {
      const what = appliance ?? 'oven';
      if (!on.has(what)) {
        found.push({
          code: 'not-preheated',
          stepKey: step.key,
          about: what,
          message: `The ${toolById(what)?.name ?? 'oven'} is not on yet at this step.`,
          mend: 'Turn it on before you start to prepare.',
        });
        on.set(what, step.key);
      } else if (sinceOven !== null && sinceOven < PREHEAT_MINUTES)
        found.push({
          code: 'not-preheated',
          stepKey: step.key,
          about: what,
          message: `The oven has been on for about ${Math.round(sinceOven)} minutes; it takes about ${PREHEAT_MINUTES}.`,
          mend: 'Turn it on earlier.',
        });
      sinceOven = null;
    }
    if (sinceOven !== null) sinceOven += step.minutes.active * LEARNER_TIME_FACTOR + step.minutes.waiting;
    found.push(...hotThingFindings(step));
  }
  for (const [tool, key] of on)
    found.push({
      code: 'left-on',
      stepKey: key,
      about: toolById(tool)?.name ?? tool,
      message: `The ${toolById(tool)?.name ?? tool} is turned on here and never turned off.`,
      mend: `Add the step “Turn off the ${toolById(tool)?.name ?? tool}.”`,
    });
  return found;
}

function hotThingFindings(step: Step): Finding[] {
  const found: Finding[] = [];
  const handlesHot =
    kindOf(step.technique) === 'bake' || kindOf(step.technique) === 'take-out-oven' || kindOf(step.technique) === 'take-off-heat';
  if (handlesHot && !step.tools.includes('oven-gloves'))
    found.push({
      code: 'no-mitt',
      stepKey: step.key,
      about: 'oven gloves',
      message: 'A hot thing is held here without oven gloves.',
      mend: 'Add oven gloves to this step.',
    });
  if (
    (kindOf(step.technique) === 'take-out-oven' || kindOf(step.technique) === 'take-off-heat') &&
    !step.tools.some((t) => ['stand', 'wire-rack', 'hob', 'board'].includes(t))
  )
    found.push({
      code: 'hot-on-counter',
      stepKey: step.key,
      about: step.into ?? 'hot thing',
      message: 'It is not said where the hot thing is put down.',
      mend: 'Put it on a heatproof stand.',
    });
  return found;
}

function measureFindings(steps: Step[], kitchen: Kitchen): Finding[] {
  const found: Finding[] = [];
  const wet = new Map<string, string>();
  for (const step of steps) {
    if (kindOf(step.technique) === 'wash-up') for (const tool of step.tools) wet.delete(tool);
    if (kindOf(step.technique) !== 'measure') continue;
    const item = step.uses[0]?.item ?? '';
    const form = findFood(item)?.form ?? 'whole';
    const isWet = form === 'liquid' || form === 'sticky' || form === 'soft';
    for (const { measure, label } of step.fillings) {
      const before = wet.get(measure);
      if (!isWet && before)
        found.push({
          code: 'dirty-measure',
          stepKey: step.key,
          about: label,
          message: `The ${toolName(measure, kitchen)} is still wet from ${before}.`,
          mend: `Measure ${item} first, or wash and dry it.`,
        });
      if (isWet) wet.set(measure, item);
    }
  }
  return found;
}

function preparationFindings({ steps, ingredients }: TaskAnalysis): Finding[] {
  const found: Finding[] = [];
  const done = new Map<number, Set<string>>();
  const told = new Set<string>();
  const tell = (code: 'not-prepared' | 'not-rinsed', step: Step, index: number, message: string, mend: string) => {
    if (told.has(`${code}${index}`)) return;
    told.add(`${code}${index}`);
    found.push({ code, stepKey: step.key, about: ingredients[index]!.item, message, mend });
  };
  for (const step of steps.filter((s) => !isGather(s)))
    for (const use of step.uses) {
      const i = use.ingredient;
      const one = i === null ? undefined : ingredients[i];
      if (i === null || !one) continue;
      const food = findFood(one.item);
      const state = done.get(i) ?? new Set<string>();
      done.set(i, state.add(kindOf(step.technique)));
      if (
        kindOf(step.technique) === 'open-can' ||
        kindOf(step.technique) === 'rinse' ||
        kindOf(step.technique) === 'crack-egg' ||
        kindOf(step.technique) === 'peel' ||
        kindOf(step.technique) === 'peel-by-hand' ||
        kindOf(step.technique) === 'wait'
      )
        continue;
      if (one.unit === 'can' && !state.has('open-can'))
        tell('not-prepared', step, i, `The can of ${one.item} has not been opened yet.`, `Open the can of ${one.item} first.`);
      if (
        food?.raw === 'egg' &&
        one.unit === null &&
        !state.has('crack-egg') &&
        !/boiled|white|yolk/i.test(one.item) &&
        ['add', 'mix', 'beat', 'fold', 'pour'].includes(kindOf(step.technique))
      )
        tell('not-prepared', step, i, `The ${one.item} are used here and were not cracked before.`, 'Crack them into a small bowl first.');
      const fresh =
        food?.rinse && one.unit !== 'can' && (food.rinse === 'sieve' || !/frozen|canned|tinned|powder|cooked|dried/i.test(one.item));
      const peeledByHand = food?.category === 'citrus' || state.has('peel-by-hand');
      if (
        fresh &&
        !state.has('rinse') &&
        !peeledByHand &&
        (CUTS.has(kindOf(step.technique)) || ['add', 'sprinkle', 'serve'].includes(kindOf(step.technique)))
      )
        tell('not-rinsed', step, i, `The ${one.item} were not rinsed before this.`, `Rinse the ${one.item} under cold water first.`);
    }
  return found;
}

function rawFindings(steps: Step[]): Finding[] {
  const found: Finding[] = [];
  let raw: Step | null = null;
  for (const step of steps) {
    const handles =
      kindOf(step.technique) === 'crack-egg' ||
      step.hazards.some(
        (h) =>
          (h === 'raw-meat' || h === 'raw-fish') &&
          ['slice', 'dice', 'chop', 'halve', 'trim', 'add', 'shape', 'pat-dry'].includes(kindOf(step.technique)),
      );
    if (raw && !handles && !WASHES.has(kindOf(step.technique))) {
      const what = kindOf(raw.technique) === 'crack-egg' ? 'raw egg' : 'raw meat or fish';
      found.push({
        code: 'raw-contact',
        stepKey: step.key,
        about: what,
        message: `Hands touched ${what} in the step before, and touch something else here.`,
        mend: 'Wash hands before this step.',
      });
    }
    if (!handles || WASHES.has(kindOf(step.technique))) raw = null;
    if (handles) raw = step;
  }
  return found;
}

function overflowFindings({ steps }: TaskAnalysis, kitchen: Kitchen): Finding[] {
  const found: Finding[] = [];
  const full = new Map<string, { ml: number; items: Set<number | null> }>();
  for (const step of steps) {
    const holds = toolById(step.into ?? '')?.holds;
    if (!holds || !step.into || !['add', 'pour', 'spoon', 'sift'].includes(kindOf(step.technique))) continue;
    const held = full.get(step.into) ?? { ml: 0, items: new Set() };
    full.set(step.into, held);
    const before = held.ml;
    for (const use of step.uses) {
      if (held.items.has(use.ingredient) && use.quantity === null) continue;
      held.items.add(use.ingredient);
      const size = millilitresIn(use.unit, kitchen.system);
      const amount = use.quantity ? toFraction(use.quantity) : null;
      if (size && amount) held.ml += size.mul(amount).valueOf();
    }
    if (held.ml > holds && before <= holds)
      found.push({
        code: 'overflow',
        stepKey: step.key,
        about: toolById(step.into)!.name,
        message: `About ${Math.round(held.ml)} mL goes into the ${toolById(step.into)!.name}, which holds about ${holds} mL.`,
        mend: 'Use a larger one.',
      });
  }
  return found;
}

function supervisionFindings(steps: Step[]): Finding[] {
  return steps
    .filter((s) => s.supervision === 'none' && supervisionFor(s.hazards) !== 'none' && !isGather(s))
    .map((s): Finding => ({
      code: 'no-supervision',
      stepKey: s.key,
      about: s.hazards.join(', '),
      message: `This step has a hazard (${s.hazards.join(', ')}) and no supervision is named.`,
      mend: 'Say how near the adult stands.',
    }));
}

function timeFindings({ steps, ingredients }: TaskAnalysis): Finding[] {
  const found: Finding[] = [];
  let clock = 0;
  const out = new Map<number, { since: number; step: Step }>();
  for (const step of steps) {
    if (isGather(step))
      for (const use of step.uses) {
        const one = use.ingredient === null ? undefined : ingredients[use.ingredient];
        const food = one && findFood(one.item);
        // what spoils, not every cool-stored fruit: meat, fish, egg, dairy
        if (one && food?.perishable && food.keep === 'fridge') out.set(use.ingredient!, { since: clock, step });
      }
    clock += step.minutes.active * CLASS_FACTOR;
    const made = techniqueById(kindOf(step.technique))?.makes;
    const ends =
      made === 'cooked' || kindOf(step.technique) === 'chill' || kindOf(step.technique) === 'store' || kindOf(step.technique) === 'eat';
    if (ends || step.minutes.waiting > 0) {
      const chilled = kindOf(step.technique) === 'chill' || kindOf(step.technique) === 'store';
      if (!chilled && !ends) clock += step.minutes.waiting;
      for (const [index, { since }] of out) {
        if (clock - since > OUT_MINUTES)
          found.push({
            code: 'out-too-long',
            stepKey: step.key,
            about: ingredients[index]!.item,
            message: `${ingredients[index]!.item} has been out of the fridge for about ${Math.round(clock - since)} minutes by this step.`,
            mend: 'Fetch it later, or put it back in the meantime.',
          });
        if (clock - since > OUT_MINUTES || ends) out.delete(index);
      }
      if (ends) clock += step.minutes.waiting;
    }
    if (step.minutes.waiting >= IDLE_MINUTES && !step.meanwhile && kindOf(step.technique) !== 'preheat-oven')
      found.push({
        code: 'idle-wait',
        stepKey: step.key,
        about: `${step.minutes.waiting} min`,
        message: `Nothing is planned for these ${Math.round(step.minutes.waiting)} minutes of waiting.`,
        mend: 'Plan a job: wash up, wipe the table, set the table.',
      });
  }
  return found;
}

function toolFindings(steps: Step[], kitchen: Kitchen): Finding[] {
  const fetched = new Set(steps.filter(isGather).flatMap((s) => s.tools));
  const found: Finding[] = [];
  const told = new Set<string>();
  for (const step of steps.filter((s) => !isGather(s)))
    for (const tool of step.tools) {
      const kind = toolById(tool)?.kind;
      if (kind === 'appliance' || kind === 'cleaning' || tool === 'apron' || fetched.has(tool) || told.has(tool)) continue;
      told.add(tool);
      found.push({
        code: 'tool-not-fetched',
        stepKey: step.key,
        about: toolName(tool, kitchen),
        message: `The ${toolName(tool, kitchen)} is needed here and no step fetches it.`,
        mend: `Add it to “Get the tools”.`,
      });
    }
  return found;
}
