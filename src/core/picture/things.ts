// What a step is about: foods in their state, tools, and what the words name besides.
import { hollowMeant, inWords, lotsOf, saysShell, vesselOf, type Lot, type World } from '../kitchen/index';
import type { Step } from '../plan/model';
import { findFood } from '../recipe/food';
import { adaptedTool } from '../technique/adapted-tools';
import { kindOf } from '../technique/lexicon';
import { findTools, toolById } from '../technique/tools';
import { actOf } from './acts';
import { contentsOf, eggs, isEgg, isJuice, isOpened, lookAfter, stateInWords, stateOf } from './contents';
import { lookByName, lookOf } from './looks';
import type { Shapes } from './shapes';
import type { State, Thing } from './stage';

export const thing = (name: string, look: Thing['look'], drawing: string, state: State = 'whole'): Thing => ({
  name,
  look,
  drawing,
  state,
  pack: look?.pack ?? 'none',
});

// Things that are no food of the table, by the words that name them.
const OTHER_THINGS: readonly [RegExp, string, string][] = [
  [/\bwater\b/i, 'water', 'water'],
  [/\bdough\b|\bballs?\b/i, 'dough', 'mixture'],
  [/\bbatter\b/i, 'batter', 'mixture'],
  [/\bmixture\b|\bmix\b|\beverything\b|\bfilling\b/i, 'mixture', 'mixture'],
  [/\bsoup\b|\bsauce\b|\bdressing\b|\bstew\b|\bcurry\b|\bbroth\b/i, 'soup', 'soup'],
];

/** What is fetched or put away is in its pack or whole, whatever the rest of it has become: half a cucumber is in the soup, the other half comes from the fridge. */
const isStored = (step: Step) => kindOf(step.technique) === 'gather' || actOf(step.technique).scene === 'away';

/** One food is fished out of the rest: it, and not the rest, is on the spoon. */
const isTakenOut = (step: Step) => actOf(step.technique).scene === 'lift' && step.uses.length === 1;
const isCut = (step: Step) => ['board', 'grate'].includes(actOf(step.technique).scene);

export function thingsOf(step: Step, world: World, shapes: Shapes): Thing[] {
  const foods = step.uses.map((use) => {
    const food = findFood(use.item);
    if (isStored(step)) return closed(packed(use.item, food?.picture ?? 'food', use.unit));
    const lots = use.ingredient === null ? [] : lotsOf(world, use.ingredient);
    const lot = lots.filter((l) => !l.joined).at(-1) ?? lots.at(-1);
    const hollow = lots.find((l) => l.shell || l.filled);
    if (hollow && saysShell(step.text)) return ofHollow(use.item, hollow, food?.picture ?? 'food');
    const state = lot && !lot.joined && use.ingredient !== null ? stateOf(shapes.of(lot, use.ingredient)) : 'whole';
    if (isEgg(food) && lot && isOpened(lot) && !(lot.joined && lot.parts.size > 1))
      return thing(use.item, eggs(lot, use.item)[0]!.look, 'egg');
    // cheese for the top is cheese, though some of it is in the filling
    if (lot?.filled && use.ingredient !== lot.outside) return packed(use.item, food?.picture ?? 'food', use.unit);
    if (lot && lot.joined && lot.parts.size > 1 && !isTakenOut(step)) return ofMixture(lot, world, step.text, shapes);
    // what is cut is the fruit, also where most of it has become juice
    if (lot && isJuice(use.item, lot.forms) && !isCut(step)) return squeezed(use.item, lot);
    return packed(use.item, food?.picture ?? 'food', use.unit, state);
  });
  if (foods.length > 0) return foods.filter((t, i) => foods.findIndex((o) => o.name === t.name) === i).slice(0, 4);
  if (step.tools.length > 0 && isStored(step))
    return step.tools.slice(0, 4).map((id) => thing(id, null, toolById(id)?.picture ?? adaptedTool(id)?.picture ?? 'measure'));
  if (actOf(step.technique).scene === 'away' && /\bfood\b/i.test(step.text)) return shelved(world);
  if (actOf(step.technique).scene === 'away' && /\btools|dishes|things\b/i.test(step.text)) return TOOLS_AWAY;
  if (actOf(step.technique).form === 'dishes') {
    const named = findTools(step.text).filter((t) => t.tool.kind !== 'cleaning' && t.tool.kind !== 'appliance');
    if (named.length > 0) return named.slice(0, 2).map((t) => thing(t.tool.name, null, t.tool.picture));
    // a measure by its id, so that what stands on it can be drawn
    if (/\btsp|tbsp|cup\b/i.test(step.text)) return [thing(step.tools[0] ?? 'measure', null, 'measure')];
  }
  for (const i of step.about ?? []) {
    const k = world.ingredients[i];
    const hollow = lotsOf(world, i).find((l) => l.shell || (l.filled && l.outside === i));
    if (k && hollow && (hollow.filled || saysShell(step.text))) return [ofHollow(k.one.item, hollow, k.food?.picture ?? 'food')];
    const lot = k ? lotsOf(world, i).at(-1) : undefined;
    if (lot && lot.joined && lot.parts.size > 1) return [ofMixture(lot, world, step.text, shapes)];
    if (k && lot && isJuice(k.one.item, lot.forms)) return [squeezed(k.one.item, lot)];
    if (k) return [asItLies(k, lot, shapes)];
  }
  const other = OTHER_THINGS.find(([pattern]) => pattern.test(step.text));
  if (other) return [thing(other[1], lookByName(other[1]), other[2])];
  const food = step.text
    .split(/[^\p{L}-]+/u)
    .map((w) => findFood(w))
    .find((f) => f !== null);
  const own = food && world.ingredients.find((k) => k.food?.id === food.id && lotsOf(world, k.index).length > 0);
  if (own) return [asItLies(own, lotsOf(world, own.index).at(-1), shapes)];
  return food ? [thing(food.id, lookOf(food.names[0]!), food.picture)] : [];
}

/** A food of the list in the state that it is in by now. */
const asItLies = (k: World['ingredients'][number], lot: Lot | undefined, shapes: Shapes): Thing =>
  thing(k.name, lookOf(k.one.item), k.food?.picture ?? 'food', lot ? stateOf(shapes.of(lot, k.index)) : 'whole');

/** Chopped tomatoes are in their tin until it is opened. */
const closed = (one: Thing): Thing => (one.pack === 'none' ? one : { ...one, state: 'whole' });

const ofHollow = (item: string, { filled }: Lot, drawing: string): Thing => ({
  ...thing(item, lookOf(item), drawing, filled ? 'filled' : 'shell'),
  pack: 'none',
});

/** A food as it is kept, or in its state; what a recipe counts in cans is in a can. */
function packed(item: string, drawing: string, unit: string | null, state: State = 'whole'): Thing {
  const one = thing(item, lookOf(item), drawing, state === 'whole' ? stateInWords(item) : state);
  return unit === 'can' && one.pack !== 'tin' ? { ...one, pack: 'tin' } : one;
}

/** Juice comes from the bowl that it was squeezed into, and from no carton. */
const squeezed = (item: string, lot: Lot): Thing => ({ ...thing(item, lookAfter(item, lot.forms), 'tumbler-glass'), pack: 'none' });

const TOOLS_AWAY = [thing('pan', null, 'saucepan'), thing('bowl', null, 'bowl'), thing('plate', null, 'plate')];
/** Packs that go back where they are kept. */
const shelved = (world: World): Thing[] =>
  world.ingredients
    .filter((k) => k.food && k.food.keep !== 'tap' && lookOf(k.one.item).pack !== 'none')
    .slice(0, 3)
    .map((k) => thing(k.name, lookOf(k.one.item), k.food!.picture));

/** What was worked into one is one thing, by the recipe's own noun for it. */
function ofMixture(lot: Lot, world: World, text: string, shapes: Shapes): Thing {
  const inside = contentsOf(world, lot, shapes);
  const name = lot.name ?? /\b(?:dough|pastry)\b/i.exec(text)?.[0].toLowerCase() ?? 'mixture';
  const firm = inside.find((c) => c.look.shape !== 'liquid') ?? inside[0];
  if (/dough|pastry/.test(name)) return thing(name, lookByName('dough'), 'mixture');
  return { ...thing(name, firm?.look ?? lookByName('mixture'), 'mixture', firm?.state ?? 'whole'), pack: 'none' };
}

/** The skin or the half that something goes into. */
export function hollowOf(step: Step, world: World): Thing | null {
  const phrase = inWords(step.technique, step.text).inside;
  const lot = phrase ? hollowMeant(world, world.lots, phrase) : undefined;
  const food = lot ? world.ingredients[[...lot.parts.keys()][0]!] : undefined;
  return food ? thing(food.name, lookOf(food.one.item), food.food?.picture ?? 'food', 'shell') : null;
}

const isRunny = (world: World, ingredient: number): boolean =>
  ['liquid', 'powder'].includes(lookOf(world.ingredients[ingredient]!.one.item).shape);

/** What is filled: "the pittas with the pepper", "into the tomatoes"; where it is only "each", the one thing that lies there. */
export function filledOf(step: Step, world: World): Thing | null {
  const { text, uses } = step;
  const said = /\b(?:into|inside|in)\b(.*)$/i.exec(text)?.[1] ?? /^\S+(.*?)\bwith\b/i.exec(text)?.[1] ?? '';
  for (const word of said.split(/[^\p{L}-]+/u)) {
    // pasta that is filled is a tube, whatever its name
    if (/^tubes?$/i.test(word)) return thing(word, lookByName('pasta'), 'pasta');
    const food = word.length > 2 ? findFood(word) : null;
    if (food) return thing(food.id, lookOf(food.names[0]!), food.picture);
  }
  const put = new Set(uses.map((u) => u.ingredient));
  const left = /\b(?:each|every|them|holes?|hollows?)\b/i.test(text)
    ? world.lots.find((lot) => lot.at === vesselOf(step) && ![...lot.parts.keys()].some((k) => put.has(k) || isRunny(world, k)))
    : undefined;
  const k = left ? world.ingredients[[...left.parts.keys()][0]!] : undefined;
  return k ? thing(k.name, lookOf(k.one.item), k.food?.picture ?? 'food') : null;
}

/** The food that something goes onto: named behind "over", "on", "in"; never what is put there itself. */
export function ontoOf({ text, uses }: Step): Thing | null {
  const rest = /\b(?:over|on|onto|in|into|with|around|of)\b(.*)$/i.exec(text)?.[1] ?? '';
  const put = uses[0]?.item.toLowerCase() ?? '';
  for (const word of rest.split(/[^\p{L}-]+/u)) {
    const food = word.length > 2 ? findFood(word) : null;
    if (food && food.category !== 'spice' && !put.includes(word.toLowerCase().slice(0, 4)))
      return thing(food.id, lookOf(food.names[0]!), food.picture);
  }
  return null;
}
