// Makes the stage of each step: plays the task in the one world and reads what lies where before the step.
import { table } from '../amount/table';
import { contents, isHot, lotsOf, newWorld, vesselOf, type Lot, type World } from '../kitchen/index';
import { USUAL_KITCHEN, type Kitchen, type Step, type TaskAnalysis } from '../plan/model';
import { play } from '../plan/play';
import { findFood } from '../recipe/food';
import { playedStep, standardSteps } from '../task/dry-run/run';
import { wholeKey } from '../task/grain';
import { adaptedTool } from '../technique/adapted-tools';
import { kindOf } from '../technique/lexicon';
import { findTools, hasMark, toolById } from '../technique/tools';
import { actOf, type Act } from './acts';
import { lookByName, lookOf } from './looks';
import { dialOf, measuresOf, readsOf } from './numbers';
import type { Content, Stage, StageVessel, State, Store, Thing, VesselKind } from './stage';

const KIND = table<VesselKind>({
  bowl: 'bowl',
  'pudding-basin': 'bowl',
  'large-bowl': 'large-bowl',
  'small-bowl': 'small-bowl',
  'serving-bowl': 'bowl',
  'suction-bowl': 'bowl',
  plate: 'plate',
  'serving-dish': 'dish',
  bag: 'storage-box',
  jar: 'jar',
  cup: 'cup',
  glass: 'glass',
  jug: 'jug',
  'storage-box': 'storage-box',
  tray: 'tray',
  'baking-dish': 'dish',
  'cake-tin': 'tin',
  'muffin-tin': 'tin',
  mould: 'tin',
  'muffin-cases': 'tray',
  saucepan: 'saucepan',
  'large-pan': 'saucepan',
  'frying-pan': 'frying-pan',
  wok: 'wok',
  'wire-rack': 'tray',
  'air-fryer-basket': 'tin',
  'slow-cooker': 'cooker',
  steamer: 'sieve',
  colander: 'sieve',
  sieve: 'sieve',
  'salad-spinner': 'sieve',
  blender: 'jug',
});
/** Strongest first: what was grated is not drawn as peeled. Words are kinds of technique, as the world notes them. */
const STATE_OF: readonly [string, State][] = [
  ['mash', 'mashed'],
  ['blend', 'mashed'],
  ['grate', 'grated'],
  ['mince', 'chopped'],
  ['dice', 'dice'],
  ['chop', 'dice'],
  ['snip', 'chopped'],
  ['crush-garlic', 'chopped'],
  ['cut-strips', 'sticks'],
  ['cut-wedges', 'wedges'],
  ['slice', 'slices'],
  ['tear', 'torn'],
  ['flake', 'torn'],
  ['halve', 'halves'],
  ['peel', 'peeled'],
  ['peel-by-hand', 'peeled'],
];

const stateOf = (forms: ReadonlySet<string>): State => STATE_OF.find(([form]) => forms.has(form))?.[1] ?? 'whole';

/** What a list says that the food comes as: "1 carrot, diced", bought so. */
function stateInWords(words: string): State {
  if (/\bmash|\bpur[ée]e/i.test(words)) return 'mashed';
  if (/\bgrated|\bshredded/i.test(words)) return 'grated';
  if (/\bdiced|\bchopped|\bcubed/i.test(words)) return 'dice';
  if (/\bsliced/i.test(words)) return 'slices';
  return 'whole';
}

export type StageOptions = { kitchen?: Kitchen };

/**
 * The stage of every step, in the order of the steps. Total: a step that nobody knows has a plain stage with its things.
 * @param task of any grain; small steps show the moment of the step that they are part of
 */
export function stagesOf(task: TaskAnalysis, { kitchen = USUAL_KITCHEN }: StageOptions = {}): Stage[] {
  const list = standardSteps(task.steps);
  const made: Stage[][] = list.map(() => []);
  const shownBy = shownSteps(task.steps, list);
  const draw = (world: World, i: number) => {
    for (const step of shownBy[i] ?? []) made[i]!.push(stageOf(step, world));
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
  return task.steps.map((step) => byKey.get(step.key) ?? stageOf(step, start));
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
  return stageOf(step, newWorld(ingredients, kitchen.system));
}

function stageOf(step: Step, world: World): Stage {
  const act = actHere(step);
  const inVessel = vesselOf(step) ?? step.base ?? null;
  const vessel = vesselAt(world, inVessel) ?? (act.scene === 'soak' || act.scene === 'stir' ? EMPTY_BOWL : null);
  const source = step.from && step.from !== inVessel ? vesselAt(world, step.from) : null;
  const things = thingsOf(step, world);
  const adult = step.supervision === 'adult-does' || ('fitted' in step && (step.fitted as { who?: string } | undefined)?.who === 'adult');
  return {
    ...act,
    form: formOf(act, step, things),
    stepKey: step.key,
    words: step.text,
    things,
    onto: ontoOf(step),
    vessel,
    source,
    store: storeOf(step, act.form),
    tool: toolOf(step),
    measures: measuresOf(step),
    reads: readsOf(step),
    minutes: step.minutes.waiting > 0 ? step.minutes.waiting : /\b20 seconds\b/.test(step.text) ? 1 / 3 : null,
    dial: dialOf(step, world, act),
    count: countOf(step.text),
    thick: /(\d+(?:[./]\d+)?|½|¼|¾|1½)\s*(?:-\s*)?(cm|mm|in|inch(?:es)?)\b/i.exec(step.text)?.[0] ?? null,
    mat: step.tools.includes('non-slip-mat'),
    gloves: step.tools.some((id) => hasMark(id, 'mitt')),
    oneHand: step.tools.some((id) => ONE_HANDED.has(id)),
    hazards: step.hazards.filter((h) => h !== 'slip'),
    adult,
    tells: step.text,
  };
}

/** Tools that are fitted so that one hand does it. */
const ONE_HANDED = new Set(['rocker-knife', 'spike-board', 'suction-grater', 'clamp-peeler', 'suction-bowl']);

const EMPTY_BOWL: StageVessel = { kind: 'bowl', contents: [], lid: false, hot: false, onHob: false };

function vesselAt(world: World, id: string | null): StageVessel | null {
  const kind = id ? (KIND.get(id) ?? (toolById(id)?.kind === 'cookware' ? 'saucepan' : null)) : null;
  if (!id || !kind) return null;
  const v = world.vessels.get(id);
  const lots = contents(world, id);
  const water = v && v.water !== 'none' ? [WATER] : [];
  return {
    kind,
    contents: [...water, ...lots.flatMap((lot) => contentsOf(world, lot))].slice(0, 8),
    lid: v?.lid != null || v?.cover != null,
    hot: isHot(world, id),
    onHob: world.ring?.under === id || v?.place === 'ring',
  };
}

const WATER: Content = { name: 'water', look: lookByName('water'), state: 'whole', mixed: false, cooked: false };
/** What is no more seen by itself once it is worked in: a spice, salt, sugar. */
const GONE = new Set(['powder']);

function contentsOf(world: World, lot: Lot): Content[] {
  const parts = [...lot.parts.keys()].map((i) => world.ingredients[i]!);
  const seen = lot.joined && parts.length > 1 ? parts.filter((k) => !GONE.has(lookOf(k.one.item).shape)) : parts;
  // flour and what makes it wet is a batter, whatever else is in it
  const doughy = lot.joined && parts.some((k) => k.food?.category === 'flour') && parts.some((k) => k.wet);
  const own = seen.flatMap((k): Content[] => {
    const state = stateOf(lot.forms);
    if (isEgg(k.food) && (lot.joined || OPENED.some((form) => lot.forms.has(form)))) return eggs(lot, k.name);
    return [{
      name: k.name,
      look: lookOf(k.one.item),
      state: state === 'whole' ? stateInWords(k.one.item) : state,
      mixed: lot.joined,
      cooked: lot.cooked,
    }];
  });
  if (!doughy) return own.length > 0 ? own : parts.map((k) => ({ name: k.name, look: lookOf(k.one.item), state: 'whole', mixed: lot.joined, cooked: lot.cooked }));
  const wet = own.filter((c) => c.look.shape === 'liquid').length > 0;
  const rest = own.filter((c) => !['liquid', 'cream', 'egg', 'block', 'powder'].includes(c.look.shape));
  return [{ name: lot.name ?? 'batter', look: lookByName(wet ? 'batter' : 'mixture'), state: 'mashed', mixed: true, cooked: lot.cooked }, ...rest];
}

const isEgg = (food: ReturnType<typeof findFood>) => food?.category === 'egg' && food.id !== 'hard-boiled-egg';
/** Work after which an egg is out of its shell. */
const OPENED = ['crack-egg', 'whisk', 'beat', 'separate-egg'];
function eggs(lot: Lot, name: string): Content[] {
  const beaten = lot.joined || lot.forms.has('whisk') || lot.forms.has('beat');
  const one = (look: string): Content => ({ name, look: lookByName(look), state: 'whole', mixed: lot.joined, cooked: lot.cooked });
  return beaten ? [one('beaten-egg')] : [one('egg-white'), one('cracked-egg')];
}

/** What is done on a ring is drawn at the appliance in which it is done here. */
function actHere(step: Step): Act {
  const act = actOf(step.technique);
  if (act.scene !== 'hob') return act;
  const at = (id: string) => step.tools.includes(id) || step.into === id;
  if (at('microwave') || /\bmicrowave\b/i.test(step.text)) return { scene: 'microwave', form: '' };
  if (at('slow-cooker')) return { scene: 'cooker', form: '' };
  if (at('oven')) return { scene: 'oven', form: 'in' };
  return act;
}

/** The form of a scene where the thing decides: a jar is opened unlike a packet. */
function formOf({ form, scene }: Act, step: Step, things: readonly Thing[]): string {
  if (scene === 'oven' && (step.tools.some((id) => id.startsWith('air-fryer')) || /\bair[- ]fryer\b/i.test(step.text))) return form === 'out' ? 'air-out' : 'air';
  if (scene === 'turn-out' && !step.hazards.includes('hot')) return 'cold';
  if (scene === 'open') return things[0]?.pack && things[0].pack !== 'none' ? things[0].pack : 'bag';
  if (scene === 'spread' && form === 'bread' && /\b(?:tin|tray|dish)\b/i.test(step.text)) return 'level';
  return form;
}

const thing = (name: string, look: Thing['look'], drawing: string, state: State = 'whole'): Thing => ({ name, look, drawing, state, pack: look?.pack ?? 'none' });

// Things that are no food of the table, by the words that name them.
const OTHER_THINGS: readonly [RegExp, string, string][] = [
  [/\bwater\b/i, 'water', 'water'],
  [/\bdough\b|\bballs?\b/i, 'dough', 'mixture'],
  [/\bbatter\b/i, 'batter', 'mixture'],
  [/\bmixture\b|\bmix\b|\beverything\b|\bfilling\b/i, 'mixture', 'mixture'],
  [/\bsoup\b|\bsauce\b|\bdressing\b|\bstew\b|\bcurry\b|\bbroth\b/i, 'soup', 'soup'],
];

function thingsOf(step: Step, world: World): Thing[] {
  const foods = step.uses.map((use) => {
    const food = findFood(use.item);
    const lots = use.ingredient === null ? [] : lotsOf(world, use.ingredient);
    const lot = lots.filter((l) => !l.joined).at(-1) ?? lots.at(-1);
    const state = lot && !lot.joined ? stateOf(lot.forms) : 'whole';
    const look = lookOf(use.item);
    if (isEgg(food) && lot && OPENED.some((form) => lot.forms.has(form))) return thing(use.item, eggs(lot, use.item)[0]!.look, 'egg');
    if (lot && lot.joined && lot.parts.size > 1) return ofMixture(lot, world);
    const one = thing(use.item, look, food?.picture ?? 'food', state === 'whole' ? stateInWords(use.item) : state);
    return use.unit === 'can' && one.pack !== 'tin' ? { ...one, pack: 'tin' as const } : one;
  });
  if (foods.length > 0) return foods.filter((t, i) => foods.findIndex((o) => o.name === t.name) === i).slice(0, 4);
  if (kindOf(step.technique) === 'gather' || step.technique === 'put-away')
    return step.tools.slice(0, 4).map((id) => thing(id, null, toolById(id)?.picture ?? adaptedTool(id)?.picture ?? 'measure'));
  for (const i of step.about ?? []) {
    const k = world.ingredients[i];
    const lot = k ? lotsOf(world, i).at(-1) : undefined;
    if (lot && lot.joined && lot.parts.size > 1) return [ofMixture(lot, world)];
    if (k) return [thing(k.name, lookOf(k.one.item), k.food?.picture ?? 'food', stateOf(lotsOf(world, i).at(-1)?.forms ?? new Set()))];
  }
  const other = OTHER_THINGS.find(([pattern]) => pattern.test(step.text));
  if (other) return [thing(other[1], lookByName(other[1]), other[2])];
  const food = step.text.split(/[^\p{L}-]+/u).map((w) => findFood(w)).find((f) => f !== null);
  return food ? [thing(food.id, lookOf(food.names[0]!), food.picture)] : [];
}

/** What was worked into one is one thing, by the recipe's own noun for it. */
function ofMixture(lot: Lot, world: World): Thing {
  const inside = contentsOf(world, lot);
  const name = lot.name ?? 'mixture';
  const firm = /dough|pastry/.test(name) ? lookByName('dough') : (inside.find((c) => c.look.shape !== 'liquid') ?? inside[0])?.look;
  return thing(name, firm ?? lookByName('mixture'), 'mixture', inside.length === 1 ? inside[0]!.state : 'whole');
}

/** The food that something goes onto: named behind "over", "on", "in" and not among what is used. */
function ontoOf({ text, uses }: Step): Thing | null {
  const rest = /\b(?:over|on|onto|in|into|with|around|of)\b(.*)$/i.exec(text)?.[1] ?? '';
  for (const word of rest.split(/[^\p{L}-]+/u)) {
    const food = word.length > 2 ? findFood(word) : null;
    if (food && !uses.some((u) => u.item.toLowerCase().includes(word.toLowerCase().slice(0, 4)))) return thing(food.id, lookOf(food.names[0]!), food.picture);
  }
  return null;
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

const HELD = new Set(['utensil', 'cutting']);
/** The tool in the hand: one that the words name goes first. */
function toolOf(step: Step): string | null {
  const kindHere = (id: string) => (toolById(id) ?? adaptedTool(id))?.kind ?? '';
  const own = step.tools.filter((id) => HELD.has(kindHere(id)) && id !== 'timer' && id !== 'sieve' && id !== 'colander');
  const named = new Set(findTools(step.text).map((t) => t.tool.id));
  return own.find((id) => adaptedTool(id)) ?? own.find((id) => named.has(id)) ?? own[0] ?? null;
}

function countOf(text: string): number | null {
  const m = /\b([2-9]|1[0-2])\s+(?!min|sec|hour|cm|mm|°|times|%|x\b|tbsp|tsp|cup|g\b|kg|ml)[a-z]/i.exec(text);
  return m ? Number(m[1]) : null;
}
