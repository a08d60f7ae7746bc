// From a recipe to a task analysis: routines, gathering, the recipe's own steps, heat off, store, clean up; at the grain that is asked for.
import { findFood } from '../recipe/food';
import type { Recipe } from '../recipe/recipe';
import { techniqueById, kindOf } from '../technique/lexicon';
import { toolById } from '../technique/tools';
import type { Phase } from '../technique/model';
import { bodySteps } from './body';
import { stepsWithinBounds } from './bounds';
import { takeOwnRoutine, withLines } from './own-routine';
import { shortTitle } from './wording';
import { keyMaker, stepOf, type Draft } from './draft';
import { coarsen, refine } from './grain';
import { LEARNER_TIME_FACTOR, USUAL_KITCHEN, type Grain, type Kitchen, type TaskAnalysis } from './model';
import { afterRoutine, gatherRoutine, readyRoutine } from './routines';

/**
 * Builds the task analysis of a recipe. The same recipe always gives the same steps with the same keys; keys are the same at every grain
 * (a small step of "k" is "k.1").
 * Does not decide for a learner: supervision is the least that the hazards ask for, and a person sets it.
 * @param options.kitchen whose measures and places to use; the usual US drawer without one
 */
export function buildTask(recipe: Recipe, options: { grain: Grain; kitchen?: Kitchen }): TaskAnalysis {
  const kitchen = options.kitchen ?? USUAL_KITCHEN;
  const key = keyMaker();
  const said = takeOwnRoutine(bodySteps(recipe, kitchen));
  let body = ovenInTime(said.body);
  body = turnOff(body);
  body = rawLast(body);
  body = washAfterRaw(body);
  body = washMeasures(body);
  body = planWaiting(body);
  const phases = phasesOf(body);
  const steps = body.map((draft, i) => stepOf(draft, key(draft), phases[i]!));
  if (!steps.some((s) => kindOf(s.technique) === 'serve')) {
    const draft: Draft = {
      text: `Serve the ${shortTitle(recipe.title)}.`,
      technique: 'serve',
      sourceLine: null,
      name: 'dish',
      thing: 'the food',
    };
    steps.push(stepOf(draft, key(draft), 'serve'));
  }
  const cold =
    recipe.ingredients.some((one) => ['fridge', 'freezer'].includes(findFood(one.item)?.keep ?? '')) ||
    steps.some((s) => techniqueById(kindOf(s.technique))?.makes === 'cooked');
  const { serve, after } = afterRoutine(recipe, cold);
  const full = (drafts: Draft[], phase: Phase) =>
    drafts.map((d) => stepOf(d, key(d), d.phase ?? techniqueById(d.technique!)?.phase ?? phase));
  const ready = withLines(full(readyRoutine(), 'ready'), said.own.before);
  const end = [...full(serve, 'serve'), ...withLines(full(after, 'clean'), said.own.after)];
  const gather = withLines(full(gatherRoutine(recipe, [...steps, ...end], kitchen), 'gather'), said.own.before);
  const all = stepsWithinBounds([...ready, ...gather, ...steps, ...end]);
  const task: TaskAnalysis = {
    title: recipe.title,
    servings: recipe.servings,
    grain: 'standard',
    ingredients: recipe.ingredients,
    steps: all,
  };
  if (options.grain === 'standard') return task;
  const regrained = options.grain === 'coarse' ? coarsen(task, recipe.instructions) : refine(task);
  return { ...regrained, steps: stepsWithinBounds(regrained.steps) };
}

/** Minutes that an oven takes to heat, with some in hand (10 to 15: common practice). */
const OVEN_MINUTES = 15;
/** An oven is not hot before this (common practice). */
const OVEN_LEAST_MINUTES = 10;
/** Before dough rises or food chills for longer than this, the oven is not on yet. */
const LONG_WAIT = 25;
/** An oven is not left on for longer than this before it is used. */
const LONGEST_ON = 45;

const minutesOf = (d: Draft) =>
  (d.minutes?.active ?? techniqueById(d.technique ?? '')?.minutes.active ?? 0.5) * LEARNER_TIME_FACTOR + (d.minutes?.waiting ?? 0);

/** Where little is done between turning the oven on and using it, it is waited for. */
function waitForOven(body: Draft[], on: number, bake: number): Draft[] {
  const tool = body[on]!.tools?.[0] ?? 'oven';
  const heated = body.slice(on + 1, bake).reduce((sum, d) => sum + minutesOf(d), 0);
  const left = Math.ceil(OVEN_LEAST_MINUTES - heated);
  if (left <= 0 || tool === 'air-fryer') return body;
  const name = toolById(tool)!.name;
  const wait: Draft = {
    text: `Wait until the ${name} is hot.`,
    technique: 'wait',
    sourceLine: body[on]!.sourceLine,
    tools: ['timer'],
    thing: `the ${name}`,
    name: `${tool}-hot`,
    minutes: { active: 0.2, waiting: left },
    cues: [{ sense: 'sight', text: `the light of the ${name} goes out` }],
  };
  return [...body.slice(0, bake), wait, ...body.slice(bake)];
}

/** The oven is turned on first; but not before dough rises for an hour: then as late as still gives it time to heat. */
function ovenInTime(body: Draft[]): Draft[] {
  const on = body.findIndex((d) => d.technique === 'preheat-oven');
  const bake = body.findIndex((d) => kindOf(d.technique) === 'bake');
  if (on < 0 || bake <= on) return body;
  const between = body.slice(on + 1, bake);
  if (!between.some((d) => ['wait', 'chill', 'soak'].includes(kindOf(d.technique)) && (d.minutes?.waiting ?? 0) >= LONG_WAIT))
    return waitForOven(body, on, bake);
  let minutes = 0;
  let at = bake;
  while (at > on + 1 && minutes < OVEN_MINUTES) {
    const d = body[at - 1]!;
    // not on all night
    if ((d.minutes?.waiting ?? 0) > LONGEST_ON) break;
    at--;
    minutes += minutesOf(d);
  }
  const late = [...body.slice(0, on), ...body.slice(on + 1, at), body[on]!, ...body.slice(at)];
  return waitForOven(late, at - 1, bake);
}

const ON_HOB = (d: Draft) => d.tools?.includes('hob') === true;

/** The hob goes off after its last step, the oven when the last thing has come out. */
function turnOff(body: Draft[]): Draft[] {
  const out = [...body];
  const insertAfter = (index: number, what: string, tool: string) => {
    if (index < 0) return;
    const from = out[index]!;
    out.splice(index + 1, 0, {
      text: `Turn off the ${what}.`,
      technique: 'turn-off',
      sourceLine: from.sourceLine,
      tools: [tool],
      thing: `the ${what}`,
      name: tool,
    });
  };
  const last = (test: (d: Draft) => boolean) => out.reduce((found, d, i) => (test(d) ? i : found), -1);
  const off = (tool: string) =>
    last(
      (d) =>
        kindOf(d.technique) === 'turn-off' && (d.tools?.includes(tool) || (tool === 'hob' && !/oven|grill|kettle|microwave/i.test(d.text))),
    );
  const hobOn = last((d) => kindOf(d.technique) === 'hob-on' && ON_HOB(d));
  if (hobOn >= 0) {
    const lastUse = last((d) => ON_HOB(d) && kindOf(d.technique) !== 'turn-off');
    // what is stirred into the pan while it is on the ring still belongs to the heat
    const pan = out[hobOn]!.into;
    let end = lastUse;
    while (
      end + 1 < out.length &&
      out[end + 1]!.into === pan &&
      ['add', 'pour', 'mix', 'toss', 'fold', 'check-done'].includes(kindOf(out[end + 1]!.technique)) &&
      out[end + 1]!.hazards?.includes('hot')
    )
      end++;
    const offAt = off('hob');
    // turned off only when something else had to cool: the ring was done long before
    const next = out[offAt + 1];
    const late = offAt > end + 1 && out[offAt]!.name === pan && next?.into !== pan && kindOf(next?.technique) !== 'drain-hot';
    if (offAt < lastUse) insertAfter(end, 'hob', 'hob');
    else if (late) {
      const [step] = out.splice(offAt, 1);
      out.splice(end + 1, 0, { ...step!, sourceLine: out[end]!.sourceLine });
    } else if (offAt >= 0) out[offAt] = { ...out[offAt]!, tools: [...new Set([...(out[offAt]!.tools ?? []), 'hob'])] };
  }
  for (const tool of ['oven', 'grill', 'air-fryer', 'slow-cooker']) {
    const on = last((d) => ['preheat-oven', 'hob-on'].includes(kindOf(d.technique)) && d.tools?.includes(tool) === true);
    if (on < 0 || off(tool) > on) continue;
    const out_ = last((d) => kindOf(d.technique) === 'take-out-oven');
    insertAfter(out_ > on ? out_ : last((d) => d.tools?.includes(tool) === true), toolById(tool)!.name, tool);
  }
  return out;
}

const RAW_HANDS = new Set([
  'toss',
  'crack-egg',
  'slice',
  'dice',
  'chop',
  'halve',
  'trim',
  'shape',
  'knead',
  'rub-in',
  'pat-dry',
  'roll-out',
  'add',
]);
const isRawByHand = (d: Draft) =>
  kindOf(d.technique) === 'crack-egg' ||
  (kindOf(d.technique) === 'shape' && (d.hazards ?? []).includes('raw-egg')) ||
  (RAW_HANDS.has(kindOf(d.technique)) && (d.hazards ?? []).some((h) => h === 'raw-meat' || h === 'raw-fish'));
const isDipped = (d: Draft) => ['dip', 'coat'].includes(d.technique ?? '') && (d.hazards ?? []).includes('raw-egg');
// bought pastry is rolled out as raw as dough that was made
const isDough = (d: Draft) =>
  (['knead', 'rub-in', 'shape', 'roll-out'].includes(kindOf(d.technique)) &&
    [...(d.hazards ?? []), ...(techniqueById(d.technique ?? '')?.hazards ?? [])].includes('raw-flour')) ||
  (kindOf(d.technique) === 'add' && /\bdough\b/i.test(d.text));

const ON_BLADES = new Set(['slice', 'dice', 'chop', 'halve', 'trim', 'grate', 'peel']);
const HEATS_UP = new Set(['hob-on', 'preheat-oven', 'bake', 'microwave', 'boil-kettle']);

/** Raw meat and fish are cut last, so that nothing else meets their board: as late as before the heat, or before they are used. */
function rawLast(body: Draft[]): Draft[] {
  const out = [...body];
  for (const cut of body.filter((d) => d.sourceLine === null && ON_BLADES.has(kindOf(d.technique)) && isRawByHand(d))) {
    const from = out.indexOf(cut);
    const ingredient = cut.uses?.[0]?.ingredient ?? null;
    let to = from + 1;
    while (
      to < out.length &&
      out[to]!.sourceLine === null &&
      !HEATS_UP.has(kindOf(out[to]!.technique)) &&
      !(out[to]!.uses ?? []).some((u) => u.ingredient === ingredient)
    )
      to++;
    out.splice(from, 1);
    out.splice(to - 1, 0, cut);
  }
  return out;
}

/** Hands are washed after raw egg, meat, fish and flour dough, before anything else is touched; a knife and a board too, where they cut on (USDA FSIS). */
function washAfterRaw(body: Draft[]): Draft[] {
  const out: Draft[] = [];
  let dirty: Draft | null = null;
  const blades = new Set<string>();
  body.forEach((draft, i) => {
    // what is dipped in egg goes on to its crumbs with the same hands
    const raw =
      isRawByHand(draft) ||
      isDough(draft) ||
      isDipped(draft) ||
      (dirty !== null && ['coat', 'layer', 'shape'].includes(draft.technique ?? ''));
    if (dirty && !raw && kindOf(draft.technique) !== 'wash-hands') {
      out.push({
        text: 'Wash your hands with soap for 20 seconds.',
        technique: 'wash-hands',
        sourceLine: dirty.sourceLine,
        thing: 'your hands',
        name: 'raw',
        minutes: { active: 1 },
      });
      dirty = null;
    }
    const used = [...blades].filter((tool) => (draft.tools ?? techniqueById(draft.technique ?? '')?.tools ?? []).includes(tool));
    if (used.length > 0 && !raw && ON_BLADES.has(kindOf(draft.technique))) {
      const both = used.map((id) => `the ${toolById(id)!.name}`).join(' and ');
      out.push({
        text: `Wash ${both} with hot water and soap.`,
        technique: 'wash-up',
        sourceLine: body[i - 1]?.sourceLine ?? null,
        tools: [...used, 'sponge', 'soap', 'tap'],
        thing: both,
        name: used.join('-'),
        minutes: { active: 1 },
      });
      blades.clear();
    }
    if (kindOf(draft.technique) === 'wash-hands') dirty = null;
    if (raw) dirty = draft;
    if (isRawByHand(draft) && ON_BLADES.has(kindOf(draft.technique)))
      for (const tool of draft.tools ?? techniqueById(draft.technique ?? '')?.tools ?? [])
        if (toolById(tool)?.kind === 'cutting' || tool === 'board') blades.add(tool);
    out.push(draft);
  });
  return out;
}

/** A measure that held something wet or sticky is washed and dried before it measures something dry. */
function washMeasures(body: Draft[]): Draft[] {
  const wet = new Set<string>();
  return body.flatMap((draft) => {
    if (kindOf(draft.technique) !== 'measure' || !draft.fillings?.length) return [draft];
    const form = findFood(draft.uses?.[0]?.item ?? '')?.form ?? 'whole';
    const isWet = form === 'liquid' || form === 'sticky' || form === 'soft';
    const used = draft.fillings.filter((f) => wet.has(f.measure));
    for (const f of draft.fillings) if (isWet) wet.add(f.measure);
    if (isWet || used.length === 0) return [draft];
    for (const f of used) wet.delete(f.measure);
    const labels = used.map((f) => `the ${f.label}`).join(' and ');
    return [
      {
        text: `Wash and dry ${labels}.`,
        technique: 'wash-up',
        sourceLine: draft.sourceLine,
        tools: used.map((f) => f.measure),
        thing: labels,
        name: used.map((f) => f.measure).join('-'),
        minutes: { active: 0.5 },
      },
      draft,
    ];
  });
}

const JOBS = ['Wash up what is dirty.', 'Wipe the table.', 'Set the table.', 'Put away what is not needed.'];

/** Waiting of five minutes and more is used: cleaning first, then laying the table. */
function planWaiting(body: Draft[]): Draft[] {
  let job = 0;
  return body.map((draft) =>
    (draft.minutes?.waiting ?? 0) >= 5 && job < 40
      ? {
          ...draft,
          meanwhile: (draft.minutes!.waiting ?? 0) > 120 ? 'Go on with the next lesson: this takes hours.' : JOBS[job++ % JOBS.length]!,
        }
      : draft,
  );
}

const HEATING = new Set(['hob-on', 'bake', 'microwave', 'boil-kettle', 'toast', 'heat-pan', 'boil', 'simmer', 'fry', 'cook', 'melt']);

/** The phase of each step of the recipe: prepare, then cook from the first heat on, then serve. Phases never go back. */
function phasesOf(body: Draft[]): Phase[] {
  const own = body.map((d) =>
    kindOf(d.technique) === 'preheat-oven' ? 'prepare' : (techniqueById(kindOf(d.technique))?.phase ?? 'prepare'),
  );
  const firstHeat = body.findIndex((d) => HEATING.has(kindOf(d.technique)));
  const lastHeat = own.lastIndexOf('cook');
  let serving = false;
  return body.map((d, i) => {
    if (i > lastHeat && (kindOf(d.technique) === 'serve' || kindOf(d.technique) === 'eat')) serving = true;
    if (serving) return 'serve';
    return firstHeat >= 0 && i >= firstHeat ? 'cook' : 'prepare';
  });
}
