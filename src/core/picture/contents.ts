// What lies in a vessel, and in which state each thing of it is, as the one world has it.
import { table } from '../amount/table';
import { contents, isHot, type Lot, type World } from '../kitchen/index';
import { findFood } from '../recipe/food';
import { techniqueById } from '../technique/lexicon';
import { toolById } from '../technique/tools';
import { worksOf } from '../technique/works';
import { actOf } from './acts';
import { lookByName, lookOf, type Look } from './looks';
import type { Shapes } from './shapes';
import { STATES, type Content, type StageVessel, type State, type VesselKind } from './stage';

const KIND = table<VesselKind>({
  bowl: 'bowl',
  'pudding-basin': 'bowl',
  'large-bowl': 'large-bowl',
  'small-bowl': 'small-bowl',
  ramekin: 'small-bowl',
  'serving-bowl': 'bowl',
  'suction-bowl': 'bowl',
  plate: 'plate',
  'serving-dish': 'dish',
  bag: 'bag',
  jar: 'jar',
  cup: 'cup',
  glass: 'glass',
  jug: 'jug',
  'storage-box': 'storage-box',
  tray: 'tray',
  board: 'board',
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

/** What a scene leaves, where its form does not say it: what was drawn being grated is drawn grated from then on. */
const LEFT_BY = table<State>({
  mash: 'mashed',
  blender: 'mashed',
  grate: 'grated',
  scissors: 'chopped',
  press: 'chopped',
  forks: 'torn',
  peel: 'peeled',
  pieces: 'dice',
  shreds: 'grated',
  quarters: 'wedges',
  // by hand
  tear: 'torn',
  crumble: 'torn',
  shell: 'peeled',
});
/** Strongest first: what was grated is not drawn as peeled. */
const STRENGTH: readonly State[] = ['mashed', 'grated', 'chopped', 'dice', 'sticks', 'wedges', 'slices', 'torn', 'halves', 'peeled'];

/** What a technique leaves of a food; null where its shape stays. */
function leftBy(technique: string): State | null {
  const { scene, form } = actOf(technique);
  if (scene === 'board' && STATES.some((state) => state === form)) return form as State;
  return (scene === 'board' || scene === 'by-hand' ? LEFT_BY.get(form) : LEFT_BY.get(scene)) ?? null;
}

/** @param forms techniques, or kinds of them as the world notes them */
export function stateOf(forms: ReadonlySet<string>): State {
  const left = [...forms].map(leftBy);
  return STRENGTH.find((state) => left.includes(state)) ?? 'whole';
}

const makesJuice = (technique: string) => techniqueById(technique)?.makes === 'juice';

/** Whether it is the juice of the food that lies there: it is one that is squeezed, and was; a bowl's forms are those of all that is in it. */
export const isJuice = (item: string, forms: ReadonlySet<string>): boolean =>
  (findFood(item)?.prepare.some(makesJuice) ?? false) && [...forms].some(makesJuice);

/** How a food looks once this was done to it: a lemon that was squeezed is its juice, and no slices. */
export const lookAfter = (item: string, forms: ReadonlySet<string>): Look =>
  lookOf(isJuice(item, forms) ? `${findFood(item)!.names[0]} juice` : item);

/** What a list says that the food comes as: "1 carrot, diced", bought so. */
export function stateInWords(words: string): State {
  if (/\bmash|\bpur[ée]e/i.test(words)) return 'mashed';
  if (/\bgrated|\bshredded/i.test(words)) return 'grated';
  if (/\bdiced|\bchopped|\bcubed/i.test(words)) return 'dice';
  if (/\bsliced/i.test(words)) return 'slices';
  return 'whole';
}

export const EMPTY_BOWL: StageVessel = { kind: 'bowl', contents: [], lid: false, hot: false, onHob: false };

/** How a vessel is drawn; null for what holds nothing. */
export function vesselKindOf(id: string): VesselKind | null {
  const tool = toolById(id);
  // a second tray is drawn as the first
  return KIND.get(id) ?? KIND.get(tool?.picture ?? '') ?? (tool?.kind === 'cookware' ? 'saucepan' : null);
}

export function vesselAt(world: World, id: string | null, shapes: Shapes): StageVessel | null {
  const kind = id ? vesselKindOf(id) : null;
  if (!id || !kind) return null;
  const v = world.vessels.get(id);
  const lots = contents(world, id);
  const water = v && v.water !== 'none' ? [WATER] : [];
  return {
    kind,
    contents: [...water, ...lots.flatMap((lot) => contentsOf(world, lot, shapes))].slice(0, 8),
    lid: v?.lid != null || v?.cover != null,
    hot: isHot(world, id),
    onHob: world.ring?.under === id || v?.place === 'ring',
  };
}

const WATER: Content = { name: 'water', look: lookByName('water'), state: 'whole', mixed: false };
/** What is no more seen by itself once it is worked in: a spice, salt, sugar. */
const GONE = new Set(['powder']);

export function contentsOf(world: World, lot: Lot, shapes: Shapes): Content[] {
  const parts = [...lot.parts.keys()].map((i) => world.ingredients[i]!);
  const seen = lot.joined && parts.length > 1 ? parts.filter((k) => !GONE.has(lookOf(k.one.item).shape)) : parts;
  // a skin by itself, or with its filling, is seen as that
  const shown = lot.filled && lot.outside !== null ? world.ingredients[lot.outside] : lot.shell ? parts[0] : undefined;
  if (shown) return [{ name: shown.name, look: lookOf(shown.one.item), state: lot.filled ? 'filled' : 'shell', mixed: false }];
  // flour and what makes it wet is a batter, whatever else is in it
  const doughy = lot.joined && parts.some((k) => k.food?.category === 'flour') && parts.some((k) => k.wet);
  const own = seen.flatMap((k): Content[] => {
    const forms = shapes.of(lot, k.index);
    const state = isJuice(k.one.item, forms) ? 'whole' : stateOf(forms);
    if (isEgg(k.food) && isOpened(lot)) return eggs(lot, k.name);
    return [
      {
        name: k.name,
        look: lookAfter(k.one.item, forms),
        state: state === 'whole' ? stateInWords(k.one.item) : state,
        mixed: lot.joined,
      },
    ];
  });
  if (!doughy)
    return own.length > 0 ? own : parts.map((k) => ({ name: k.name, look: lookOf(k.one.item), state: 'whole', mixed: lot.joined }));
  const wet = own.filter((c) => c.look.shape === 'liquid').length > 0;
  const rest = own.filter((c) => !['liquid', 'cream', 'egg', 'block', 'powder'].includes(c.look.shape));
  return [{ name: lot.name ?? 'batter', look: lookByName(wet ? 'batter' : 'mixture'), state: 'mashed', mixed: true }, ...rest];
}

export const isEgg = (food: ReturnType<typeof findFood>) => food?.category === 'egg' && food.id !== 'hard-boiled-egg';
const joins = (form: string) => worksOf(form, techniqueById(form)?.like).act === 'join';
/** Whether an egg is out of its shell: it was cracked, or worked into something. */
export const isOpened = (lot: Lot): boolean =>
  lot.joined || [...lot.forms].some((form) => techniqueById(form)?.makes === 'cracked' || joins(form));
export function eggs(lot: Lot, name: string): Content[] {
  const one = (look: string): Content => ({ name, look: lookByName(look), state: 'whole', mixed: lot.joined });
  return lot.joined || [...lot.forms].some(joins) ? [one('beaten-egg')] : [one('egg-white'), one('cracked-egg')];
}
