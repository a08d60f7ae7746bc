// From a recipe to a task analysis: routines, gathering, the recipe's own steps, heat off, store, clean up; at the grain that is asked for.
import { actOfKind, kindHas, type Act } from '../technique/works';
import { findFood } from '../recipe/food';
import type { Recipe } from '../recipe/recipe';
import { techniqueById, kindOf } from '../technique/lexicon';
import { heatsIn, toolById } from '../technique/tools';
import type { Phase } from '../technique/model';
import { bodySteps } from './body';
import { fetchLate, lateFoods, measuredWhenWanted, putBack } from './cold-food';
import { stepsWithinBounds } from './bounds';
import { takeOwnRoutine, withLines } from './own-routine';
import { callsOf } from './dish-calls';
import { shortTitle } from './dish-title';
import { keyMaker, minutesOfDraft, stepOf, type Draft } from '../plan/draft';
import { coarsen, refine } from './grain';
import { USUAL_KITCHEN, type Grain, type Kitchen, type TaskAnalysis } from '../plan/model';
import { ensure } from '../plan/ensure';
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
  let body = measuredWhenWanted(rawLast(ovenInTime(said.body)), recipe);
  if (!body.some((d) => kindOf(d.technique) === 'serve'))
    body.push({
      text: `Serve the ${shortTitle(recipe.title)}.`,
      technique: 'serve',
      sourceLine: null,
      name: 'dish',
      thing: 'the food',
      phase: 'serve',
    });
  body = ensure(body, recipe.ingredients, kitchen, callsOf(recipe));
  body = ovensOff(body);
  body = putBack(body, recipe);
  const late = lateFoods(body, recipe);
  body = planWaiting(fetchLate(body, recipe, kitchen, late));
  const phases = phasesOf(body);
  const steps = body.map((draft, i) => stepOf(draft, key(draft), phases[i]!));
  const cold =
    // the recipe itself says how it is kept
    said.own.said.size > 0 ||
    recipe.ingredients.some((one) => ['fridge', 'freezer'].includes(findFood(one.item)?.keep ?? '')) ||
    steps.some((s) => techniqueById(kindOf(s.technique))?.makes === 'cooked');
  const { serve, after } = afterRoutine(recipe, cold);
  const full = (drafts: Draft[], phase: Phase) =>
    drafts.map((d) => stepOf(d, key(d), d.phase ?? techniqueById(d.technique!)?.phase ?? phase));
  const ready = withLines(full(readyRoutine(), 'ready'), said.own.before);
  const end = [...full(serve, 'serve'), ...withLines(full(after, 'clean'), said.own.after, said.own.said)];
  const gather = withLines(full(gatherRoutine(recipe, [...steps, ...end], kitchen, late), 'gather'), said.own.before);
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

/** What heats up takes its minutes, with some in hand (an oven 10 to 15: common practice). */
const IN_HAND = 1.5;
/** Before dough rises or food chills for longer than this, the oven is not on yet. */
const LONG_WAIT = 25;
/** Nor does it stand hot and empty for longer than this while the class works. */
const LONGEST_EMPTY = 60;
/** What is hot in less than this is not turned on beforehand. In minutes. */
const QUICK = 10;
/** An oven is not left on for longer than this before it is used. */
const LONGEST_ON = 45;

/**
 * The oven is turned on first; but not before dough rises for an hour, nor so early that it would be hot for longer than that: then as late as still gives it
 * time to heat. So is a grill or an air fryer, which is hot in a few minutes.
 */
function ovenInTime(body: Draft[]): Draft[] {
  const on = body.findIndex((d) => d.technique === 'preheat-oven');
  const bake = body.findIndex((d) => kindOf(d.technique) === 'bake');
  if (on < 0 || bake <= on) return body;
  const between = body.slice(on + 1, bake);
  const heats = Math.max(...(body[on]!.tools ?? []).map(heatsIn)) * IN_HAND;
  const isLong = between.some((d) => ['wait', 'chill', 'soak'].includes(kindOf(d.technique)) && (d.minutes?.waiting ?? 0) >= LONG_WAIT);
  if (!isLong && heats >= QUICK && between.reduce((sum, d) => sum + minutesOfDraft(d), 0) <= LONGEST_EMPTY) return body;
  let minutes = 0;
  let at = bake;
  while (at > on + 1 && minutes < heats) {
    const d = body[at - 1]!;
    // not on all night; and what is hot in a few minutes is not lit before a longer wait than that
    if ((d.minutes?.waiting ?? 0) > (heats < QUICK ? QUICK : LONGEST_ON)) break;
    at--;
    minutes += minutesOfDraft(d);
  }
  return [...body.slice(0, on), ...body.slice(on + 1, at), body[on]!, ...body.slice(at)];
}

/** An oven goes off when the last thing has come out. */
function ovensOff(body: Draft[]): Draft[] {
  const out = [...body];
  const last = (test: (d: Draft) => boolean) => out.reduce((found, d, i) => (test(d) ? i : found), -1);
  for (const tool of ['oven', 'grill', 'air-fryer', 'slow-cooker']) {
    const on = last((d) => ['preheat-oven', 'hob-on'].includes(kindOf(d.technique)) && d.tools?.includes(tool) === true);
    if (on < 0 || last((d) => kindOf(d.technique) === 'turn-off' && d.tools?.includes(tool) === true) > on) continue;
    const used = last((d) => d.tools?.includes(tool) === true);
    // what went into the oven came out before something else went under the grill
    const after = out.findIndex((d, i) => i >= used && kindOf(d.technique) === 'take-out-oven');
    const out_ = after >= 0 ? after : last((d) => kindOf(d.technique) === 'take-out-oven');
    const index = out_ > on ? out_ : used;
    const what = toolById(tool)!.name;
    out.splice(index + 1, 0, {
      text: `Turn off the ${what}.`,
      technique: 'turn-off',
      sourceLine: out[index]!.sourceLine,
      tools: [tool],
      thing: `the ${what}`,
      name: tool,
    });
  }
  return out;
}

const isRawByHand = (d: Draft) =>
  kindOf(d.technique) === 'crack-egg' ||
  (kindOf(d.technique) === 'shape' && (d.hazards ?? []).includes('raw-egg')) ||
  (kindHas(kindOf(d.technique), 'fingers') && (d.hazards ?? []).some((h) => h === 'raw-meat' || h === 'raw-fish'));
const HEATS_UP: ReadonlySet<Act | null> = new Set<Act>(['ring-on', 'oven-on', 'oven', 'microwave', 'kettle']);
const HEATING: ReadonlySet<Act | null> = new Set<Act>(['ring-on', 'oven', 'microwave', 'kettle', 'toast', 'heat']);

/** Raw meat and fish are cut last, so that nothing else meets their board: as late as before the heat, or before they are used. */
function rawLast(body: Draft[]): Draft[] {
  const out = [...body];
  for (const cut of body.filter(
    (d) => d.sourceLine === null && kindHas(kindOf(d.technique), 'cuts') && kindHas(kindOf(d.technique), 'blade') && isRawByHand(d),
  )) {
    const from = out.indexOf(cut);
    const ingredient = cut.uses?.[0]?.ingredient ?? null;
    let to = from + 1;
    while (
      to < out.length &&
      out[to]!.sourceLine === null &&
      !HEATS_UP.has(actOfKind(kindOf(out[to]!.technique))) &&
      !(out[to]!.uses ?? []).some((u) => u.ingredient === ingredient)
    )
      to++;
    out.splice(from, 1);
    out.splice(to - 1, 0, cut);
  }
  return out;
}

const JOBS = ['Wash up what is dirty.', 'Wipe the table.', 'Set the table.', 'Put away what is not needed.'];

/** Waiting of five minutes and more is used: cleaning first, then laying the table. */
function planWaiting(body: Draft[]): Draft[] {
  let job = 0;
  return body.map((draft) =>
    (draft.minutes?.waiting ?? 0) >= 5 && !draft.meanwhile && job < 40
      ? {
          ...draft,
          meanwhile: (draft.minutes!.waiting ?? 0) > 120 ? 'Go on with the next lesson: this takes hours.' : JOBS[job++ % JOBS.length]!,
        }
      : draft,
  );
}

/** The phase of each step of the recipe: prepare, then cook from the first heat on, then serve. Phases never go back. */
function phasesOf(body: Draft[]): Phase[] {
  const own = body.map((d) =>
    kindOf(d.technique) === 'preheat-oven' ? 'prepare' : (techniqueById(kindOf(d.technique))?.phase ?? 'prepare'),
  );
  const firstHeat = body.findIndex((d) => HEATING.has(actOfKind(kindOf(d.technique))));
  const lastHeat = own.lastIndexOf('cook');
  let serving = false;
  return body.map((d, i) => {
    if (i > lastHeat && (kindOf(d.technique) === 'serve' || kindOf(d.technique) === 'eat')) serving = true;
    if (serving) return 'serve';
    return firstHeat >= 0 && i >= firstHeat ? 'cook' : 'prepare';
  });
}
