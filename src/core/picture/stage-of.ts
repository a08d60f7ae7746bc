// Makes the stage of each step: plays the task in the one world and reads what lies where before the step.
import { inWords, lotsOf, newWorld, vesselOf, type World } from '../kitchen/index';
import { USUAL_KITCHEN, type Kitchen, type Step, type TaskAnalysis } from '../plan/model';
import { plainStep } from '../plan/plain-step';
import { play } from '../plan/play';
import { findFood } from '../recipe/food';
import type { Term } from '../recipe/glossary';
import { playedStep, standardSteps } from '../task/dry-run/run';
import { wholeKey } from '../task/grain';
import { measureLabel } from '../task/measuring';
import { adaptedTool } from '../technique/adapted-tools';
import { techniqueById } from '../technique/lexicon';
import { findTools, toolById } from '../technique/tools';
import { actOf, type Act } from './acts';
import { EMPTY_BOWL, vesselAt } from './contents';
import { lookByName } from './looks';
import { dialOf, drawnMeasure, measuresOf, readsOf } from './numbers';
import { Shapes } from './shapes';
import type { Stage, Store, Thing } from './stage';
import { tellApart, toldApart } from './tell-apart';
import { filledOf, hollowOf, ontoOf, thing, thingsOf } from './things';

/** `oneHand`: the learner has no second hand that holds or steadies. */
export type StageOptions = { kitchen?: Kitchen; oneHand?: boolean };

/**
 * The stage of every step, in the order of the steps. Total: a step that nobody knows has a plain stage with its things.
 * @param task of any grain; small steps show the moment of the step that they are part of
 */
export function stagesOf(task: TaskAnalysis, { kitchen = USUAL_KITCHEN, oneHand = false }: StageOptions = {}): Stage[] {
  const list = standardSteps(task.steps);
  const made: Stage[][] = list.map(() => []);
  const shownBy = shownSteps(task.steps, list);
  const looks = toldApart(task.ingredients);
  const shapes = new Shapes();
  const draw = (world: World, i: number) => {
    shapes.see(world, list[i - 1]?.step);
    for (const step of shownBy[i] ?? [])
      made[i]!.push({ ...tellApart(stageOf(step, world, kitchen, shapes), looks), ...(oneHand ? { oneHand } : {}) });
  };
  const start = newWorld(task.ingredients, kitchen.system);
  draw(start, 0);
  play(
    list.map(({ step }) => playedStep(step)),
    list.map(({ step }) => step.sourceLine),
    task.ingredients,
    { kitchen, calls: { tools: new Map(), dish: null }, seen: (world, i) => draw(world, i + 1) },
  );
  const byKey = new Map(made.flat().map((stage) => [stage.stepKey, stage]));
  return task.steps.map((step) => byKey.get(step.key) ?? stageOf(step, start, kitchen, new Shapes()));
}

/** Which steps of the list are drawn with the world as it stands before each played step. */
function shownSteps(steps: readonly Step[], list: readonly { step: Step; shown: string }[]): Step[][] {
  const first = new Map<string, number>();
  list.forEach(({ step, shown }, i) => {
    for (const key of [shown, step.key]) if (!first.has(key)) first.set(key, i);
  });
  const out: Step[][] = list.map(() => []);
  for (const step of steps) {
    const at = first.get(step.key) ?? first.get(wholeKey(step.key));
    if (at !== undefined) out[at]!.push(step);
  }
  return out;
}

/** The stage of one step by itself, nothing having gone before: for words that are just being typed. */
export function stageAlone(step: Step, ingredients: TaskAnalysis['ingredients'] = [], kitchen: Kitchen = USUAL_KITCHEN): Stage {
  return stageOf(step, newWorld(ingredients, kitchen.system), kitchen, new Shapes());
}

function stageOf(step: Step, world: World, kitchen: Kitchen, shapes: Shapes): Stage {
  const act = actHere(step, world);
  // what bakes is in the dish that the oven holds
  const baking = act.scene === 'timer' ? [...world.vessels].find(([, v]) => v.place === 'oven')?.[0] : undefined;
  // what is turned up or down heats what stands on the ring
  const dial = dialOf(step, world, act);
  const heated = act.scene === 'dial' && dial?.kind === 'hob' ? world.ring?.under : undefined;
  const inVessel = vesselOf(step) ?? step.base ?? baking ?? heated ?? null;
  const vessel = vesselAt(world, inVessel, shapes) ?? (act.scene === 'soak' || act.scene === 'stir' ? EMPTY_BOWL : null);
  const source = step.from && step.from !== inVessel ? vesselAt(world, step.from, shapes) : null;
  const things = thingsOf(step, world, shapes).map((t) => withLabel(t, kitchen));
  const adult = step.supervision === 'adult-does' || ('fitted' in step && (step.fitted as { who?: string } | undefined)?.who === 'adult');
  return {
    ...act,
    form: formOf(act, step, things),
    stepKey: step.key,
    words: step.text,
    things,
    onto: hollowOf(step, world) ?? (act.form === 'fill' ? filledOf(step, world) : ontoOf(step)),
    vessel,
    source,
    store: storeOf(step, act.form),
    tool: toolOf(step),
    measures: measuresOf(step),
    reads: readsOf(step),
    minutes: minutesOf(step),
    dial,
    count: countOf(step.text),
    mat: step.tools.includes('non-slip-mat'),
    oneHand: false,
    hazards: step.hazards.filter((h) => h !== 'slip'),
    adult,
  };
}

/** What the timer shows: the time that is waited, or none left as it rings; null where there is no timer. */
function minutesOf({ minutes, technique, text }: Step): number | null {
  if (inWords(technique, text).rings) return 0;
  if (minutes.waiting > 0) return minutes.waiting;
  return /\b20 seconds\b/.test(text) ? 1 / 3 : null;
}

/** A measure of the kitchen is drawn with what stands on it: in a drawer of five, that alone tells which. */
function withLabel(t: Thing, { measures }: Kitchen): Thing {
  const own = t.look === null ? measures.find((m) => m.id === t.name) : undefined;
  return own ? { ...t, measure: drawnMeasure(measureLabel(own)) } : t;
}

/** Help and leave are asked for in every kitchen, and are no technique. */
const ASKS: Act = { scene: 'self', form: 'ask' };

const liesNowhere = (world: World, ingredient: number | null): boolean =>
  ingredient !== null && lotsOf(world, ingredient).every((lot) => lot.at === null || lot.at === 'board');

/** What is done on a ring is drawn at the appliance in which it is done here. */
function actHere(step: Step, world: World): Act {
  const act = actOf(step.technique);
  if (step.technique === null && /^ask\b/i.test(step.text)) return ASKS;
  // a sheet that is taken from its packet is laid down, and not lifted out of a pan
  if (act.scene === 'lift' && !step.from && step.uses.length > 0 && step.uses.every((u) => liesNowhere(world, u.ingredient)))
    return actOf('layer');
  // in a pan or a bowl, with a tool, it is pressed apart and not torn
  if (act.form === 'break' && step.tools.some((id) => kindOfTool(id) === 'utensil')) return { scene: 'mash', form: 'break' };
  if (act.form === 'press' && step.tools.includes('rolling-pin')) return actOf('roll-out');
  // half a tin of beans is no line of a jug
  if (act.scene === 'measure' && step.fillings.length === 0 && step.tools.includes('spoon')) return actOf('spoon');
  if (act.scene !== 'hob') return act;
  const at = (id: string) => step.tools.includes(id) || step.into === id;
  if (at('microwave') || /\bmicrowave\b/i.test(step.text)) return { scene: 'microwave', form: '' };
  if (at('slow-cooker')) return { scene: 'cooker', form: '' };
  if (at('oven')) return { scene: 'oven', form: 'in' };
  return act;
}

/** The form of a scene where the thing decides: a jar is opened unlike a packet. */
function formOf({ form, scene }: Act, step: Step, things: readonly Thing[]): string {
  if (scene === 'oven' && (step.tools.some((id) => id.startsWith('air-fryer')) || /\bair[- ]fryer\b/i.test(step.text)))
    return form === 'out' ? 'air-out' : 'air';
  if (scene === 'timer' && (step.into === 'oven' || /\b(?:bake|roast|grill)\b/i.test(step.text))) return 'oven';
  if (scene === 'turn-out' && !step.hazards.includes('hot')) return 'cold';
  if (
    scene === 'fold' &&
    form === 'over' &&
    /\b(?:in|up) (?:the |both )?(?:sides|ends|edges|corners)\b|\b(?:sides|ends) in\b/i.test(step.text)
  )
    return 'sides';
  if (scene === 'open') return things[0]?.pack && things[0].pack !== 'none' ? things[0].pack : 'bag';
  if (scene === 'spread' && form === 'bread' && /\b(?:tin|tray|dish)\b/i.test(step.text)) return 'level';
  return form;
}

const SHELVED = new Set(['container', 'cookware', 'appliance', 'surface', 'cleaning', 'wear']);
function storeOf(step: Step, form: string): Store | null {
  if (form === 'fridge' || form === 'freezer') return form;
  const named = /\b(fridge|freezer|microwave|cupboard|drawer)\b/i.exec(step.text)?.[1]?.toLowerCase();
  if (named) return named as Store;
  const keep = step.uses.map((u) => findFood(u.item)?.keep).find((k) => k !== undefined);
  if (keep) return keep === 'tap' ? 'counter' : keep;
  if (step.tools.length === 0) return null;
  return step.tools.filter((id) => SHELVED.has(toolById(id)?.kind ?? 'utensil')).length * 2 > step.tools.length ? 'cupboard' : 'drawer';
}

const kindOfTool = (id: string): string => (toolById(id) ?? adaptedTool(id))?.kind ?? '';

const HELD = new Set(['utensil', 'cutting']);
/** The tool in the hand: one that the words name goes first. */
function toolOf(step: Step): string | null {
  const own = step.tools.filter((id) => HELD.has(kindOfTool(id)) && id !== 'timer' && id !== 'sieve' && id !== 'colander');
  const named = new Set(findTools(step.text).map((t) => t.tool.id));
  return own.find((id) => adaptedTool(id)) ?? own.find((id) => named.has(id)) ?? own[0] ?? null;
}

// A number before one of these counts no things: a time, a measure, a share, a range.
const NO_COUNT =
  'min|sec|hour|hr|day|week|month|cm|mm|inch|°|times|%|x\\b|tbsp|tsp|tablespoon|teaspoon|cup|g\\b|kg|ml|l\\b|oz|lb|to\\b|or\\b|of\\b|more\\b|batch|per\\b';
const COUNT = new RegExp(`(?<![\\d./,½¼¾⅓⅔–-]\\s?)\\b([2-9]|1[0-2])\\s+(?!${NO_COUNT})[a-z]`, 'i');

/** How many things of one kind the words name. */
function countOf(text: string): number | null {
  const m = COUNT.exec(text);
  return m ? Number(m[1]) : null;
}

/** The stage that shows what a kitchen word means: its technique at work on a usual food, or the thing itself. */
export function stageOfTerm(term: Term): Stage {
  const technique = 'technique' in term.picture ? (techniqueById(term.picture.technique) ?? null) : null;
  const alone = stageAlone(
    plainStep({
      key: term.term,
      text: term.meaning,
      technique: technique?.id ?? null,
      phase: technique?.phase ?? 'prepare',
      tools: [...(technique?.tools ?? [])],
    }),
  );
  const shown = lookByName('drawing' in term.picture ? term.picture.drawing : technique?.phase === 'cook' ? 'soup' : 'carrot');
  return { ...alone, things: [thing(shown.name, shown, shown.name)], onto: null };
}
