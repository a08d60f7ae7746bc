// Which bowl, pan or tray a clause means, in a kitchen where some are in use.
import { table } from '../amount/table';
import { contents, lotsOf, type Lot, type World } from '../kitchen/index';
import { bareOf } from '../kitchen/matter';
import { findTools, hasMark, toolById } from '../technique/tools';
import { worksOf } from '../technique/works';
import { hasTwoPans, PANS, toolCall } from './tool-names';
import type { Phrase } from './slots';
import type { Located, State } from './state';

const OTHER = /\b(dry|separate|another|clean|second|different|third|fresh|new|other)\s+(?:\p{L}+\s+){0,2}$/iu;
const INDEFINITE = /\b(?:an?|one)\s+(?:[\p{L}\d-]+,?\s+){0,3}$/iu;

const ANOTHER = /\b(?:another|an?\s+(?:second|separate|different|fresh|new))\s+(?:(?!of\b)\p{L}+\s+){0,2}$/iu;

// What may stand for another where that one is in use.
const FAMILY = table<string[]>({
  bowl: ['large-bowl', 'small-bowl'],
  'large-bowl': ['bowl'],
  'small-bowl': ['bowl', 'large-bowl'],
  saucepan: ['large-pan', 'frying-pan'],
  'large-pan': ['saucepan', 'frying-pan'],
  'frying-pan': ['second-frying-pan', 'saucepan', 'large-pan'],
  plate: ['serving-dish'],
  'baking-dish': ['bowl', 'plate', 'small-bowl'],
  tray: ['second-tray', 'baking-dish', 'cake-tin'],
});

/** "Add the leeks to the pan": to the frying pan, in a kitchen with two. */
export const withPanNamed = (state: State, text: string, into: string | null): string =>
  isPan(into) && hasTwoPans(state) ? text.replace(/\b((?:in|into|to|on|onto|over) the) pan\b/i, `$1 ${toolCall(state, into)}`) : text;

/**
 * "Pour the stock into a small pan", with rice in that: by the name that its stand-in has on all other cards.
 * @param into the vessel that the step is done in
 */
export function withStandIn(state: State, text: string, into: string | null): string {
  const said = into === null ? undefined : findTools(text).find(({ tool }) => FAMILY.get(tool.id)?.includes(into));
  const lead = said ? INDEFINITE.exec(text.slice(0, said.at)) : null;
  // "another frying pan" is the second one on all cards
  const second = said && into !== null && hasMark(into, 'second') ? ANOTHER.exec(text.slice(0, said.at)) : null;
  if (said && second) return `${text.slice(0, second.index)}the ${toolCall(state, into!)}${text.slice(said.at + said.length)}`;
  if (!said || !lead || OTHER.test(lead[0]) || findTools(text).some(({ tool }) => tool.id === into)) return text;
  return `${text.slice(0, lead.index)}the ${toolCall(state, into!)}${text.slice(said.at + said.length)}`;
}

// What a general word may mean: "the tin" is the roasting tray in use, "the pan" the frying pan on the ring.
const GENERAL = table<string[]>({
  bowl: ['bowl', 'large-bowl', 'small-bowl', 'jug', 'cup'],
  saucepan: [
    'saucepan',
    'frying-pan',
    'large-pan',
    'wok',
    'slow-cooker',
    'tray',
    'cake-tin',
    'muffin-tin',
    'baking-dish',
    'second-frying-pan',
  ],
  'frying-pan': ['frying-pan', 'wok', 'second-frying-pan'],
  'baking-dish': ['baking-dish', 'cake-tin', 'tray', 'bowl'],
  'cake-tin': ['cake-tin', 'muffin-tin', 'tray', 'baking-dish'],
  tray: ['tray', 'second-tray'],
  jar: ['jar'],
});
// Words that name a kind and no one thing: "the pan", "the dish"; "the saucepan" is a saucepan.
const IS_GENERAL = /^(?:pan|pot|bowl|dish|tin|tray|jar|container)\b/i;

/** Where a thing lies to the reader: what was drained is on its way back into its pan. */
export const standsIn = ({ drained }: World, lot: Lot): string | null =>
  lot.at === 'colander' && lot.forms.has('drain') ? (drained ?? lot.at) : lot.at;

/** Vessels with food in them, the one filled last first. */
export const inUse = (state: State): string[] => [
  ...new Set([...state.world.lots].reverse().flatMap((lot) => standsIn(state.world, lot) ?? [])),
];

/** Something is in it, or cold water is. */
export const isHeld = (state: State, vessel: string): boolean =>
  contents(state.world, vessel).length > 0 ||
  (toolById(vessel)?.kind === 'container' && (state.world.vessels.get(vessel)?.water ?? 'none') !== 'none') ||
  (state.world.drained === vessel && contents(state.world, 'colander').some((lot) => lot.forms.has('drain')));

/** The vessel that a phrase names. */
export function vesselOfPhrase(state: State, c: Located, phrase: Phrase): string | null {
  const id = phrase.vessel;
  if (id === null) return null;
  const said = phrase.from < 0 ? ` ${c.lead ?? ''}` : c.rest;
  const offset = phrase.from < 0 ? phrase.vesselAt - c.rest.length : phrase.vesselAt;
  const before = said.slice(0, Math.max(0, offset)).toLowerCase();
  const word = said.slice(Math.max(0, offset));
  if (id === 'muffin-cases') return state.prepared ?? c.tools.find((t) => hasMark(t.id, 'bakes'))?.id ?? 'muffin-tin';
  if (id === 'wire-rack') return id;
  // "decorate each pot": the glasses that it was shared out to
  const shared = state.steps.findLast((s) => s.technique === 'share-out')?.into ?? null;
  const isShared =
    /\b(?:each|every|the|both|all the)\s+$/.test(before) && /^(?:pots?|glass(?:es)?|cups?|jars?|bowls|ramekins?)\b/i.test(word);
  // a glass is a glass: a pot may be whatever was filled
  const isAny = (v: string) => /^(?:pots?|ramekins?|bowls)\b/i.test(word) || id === v;
  if (shared !== null && isShared && isAny(shared) && !isHeld(state, id)) return shared;
  // "top each pot", of what was spooned into glasses
  const small =
    isShared && /^pots?\b/i.test(word) && /\b(?:each|every)\s+$/.test(before) ? inUse(state).find((v) => hasMark(v, 'each')) : undefined;
  if (small !== undefined && !isHeld(state, id)) return small;
  if (/^(?:bowls|plates|glasses|mugs|jars|cups)\b/i.test(word) && id === 'bowl') return 'serving-bowl';
  if (id === 'bowl' && /\b(?:each|every)\s+$/.test(before)) return 'serving-bowl';
  // "between two pots": what each eats from
  if (/^pots\b/i.test(word) && id === 'saucepan') return 'serving-bowl';
  if (phrase.from < 0 && !c.first && state.leadVessel) return state.leadVessel;
  if (id === 'board' || id === 'colander' || (/^(?:everything|it all)\b/i.test(c.rest) && !/\bback\b/i.test(before))) return id;
  const lies = liesAt(state, c, phrase);
  // "tip the noodles back into the bowl", in which they were drained, with the cup of sauce in hand
  const isBack = /\bback\b/.test(before) && lies !== null && (lies === id || GENERAL.get(id)?.includes(lies) === true);
  // "oil a small dish", with the tray of biscuits that was lined before: what is got ready is another
  const isReadied = worksOf(c.technique?.id, c.technique?.like).act === 'coat-vessel';
  const chosen = isBack ? lies : isReadied && INDEFINITE.test(before) && !isHeld(state, id) ? id : choose(state, id, before, word, lies);
  if (phrase.from < 0) state.leadVessel = chosen;
  return chosen;
}

/** Where all that a clause puts somewhere lies now: it goes to another place than that. */
function liesAt(state: State, c: Located, phrase: Phrase): string | null {
  if (!/^(?:to|into|onto)$/.test(phrase.prep ?? '') || worksOf(c.technique?.id, c.technique?.like).act !== 'put') return null;
  // "scrape the mixture into the basin", with the mixture in its bowl
  const isInHand = c.mentions.length === 0 && /^(?:the (?:mixture|mix|batter|dough)|everything|it all)\s/i.test(c.rest);
  const meant = isInHand ? state.objectUses : c.mentions.map((m) => m.ingredient);
  const at = new Set(meant.map((i) => lotsOf(state.world, i).at(-1)?.at ?? null));
  return at.size === 1 ? [...at][0]! : null;
}

const cameOut = (state: State): boolean => worksOf(state.steps.at(-1)?.technique).act === 'oven-out';

/** @param from where it does not go */
function choose(state: State, id: string, before: string, word: string, from: string | null): string {
  const used = inUse(state);
  const isFree = (v: string) => !used.includes(v) && v !== state.prepared;
  if (/\b(?:prepared|greased|lined|buttered|oiled|floured)\s+(?:\p{L}+\s+)?$/u.test(before) && state.prepared) return state.prepared;
  if (OTHER.test(before)) return [id, ...(FAMILY.get(id) ?? [])].find((v) => isFree(v) && v !== state.container) ?? id;
  if (INDEFINITE.test(before)) {
    // what was greased or lined is the one that is filled
    if (
      state.prepared &&
      (state.prepared === id ||
        (!isPan(id) && GENERAL.get(id)?.includes(state.prepared) && !(state.prepared === 'tray' && /^dish/i.test(word)))) &&
      toolById(id)?.kind === 'cookware' &&
      !isHeld(state, state.prepared) &&
      !state.heats
    )
      return state.prepared;
    // "warm the milk in a small pan", with the water of the steamer in the saucepan
    const isWet = (v: string) =>
      isPan(v) &&
      (state.world.vessels.get(v)?.water ?? 'none') !== 'none' &&
      state.world.drained !== v &&
      !/^\p{L}+ of\b.*\bwater\b/iu.test(word);
    if (!isWet(id) && (!used.includes(id) || isTheirs(state, id))) return id;
    return FAMILY.get(id)?.find((v) => isFree(v) && !isWet(v)) ?? id;
  }
  // "return the potatoes to the pan", out of the colander: where they cooked, whatever is in hand
  if (from === 'colander' && isPan(id) && isPan(state.world.drained)) return state.world.drained;
  // "back in the saucepan", where there is a large one only
  const other = id === 'saucepan' ? 'large-pan' : id === 'large-pan' ? 'saucepan' : null;
  const known = (v: string) => used.includes(v) || state.steps.some((s) => s.into === v);
  // "the pan" is the frying pan in hand, though pasta boiled in a large one
  const inUseNow = state.container !== null && isPan(state.container) && state.container !== from && isHeld(state, state.container);
  const isThatOne = other && /\bthe\s+$/i.test(before) && !known(id) && known(other);
  // "bake for 4 minutes, shaking the pan": what came out of the oven just now
  if (/^pan\b/i.test(word) && /\bthe\s+$/.test(before) && state.inOven !== null && cameOut(state)) return state.inOven;
  if (isThatOne && (/^(?:saucepan|pot)\b/i.test(word) || (/^pan\b/i.test(word) && !inUseNow))) return other;
  if ((id === state.container && id !== from) || !IS_GENERAL.test(word)) return id;
  // "the dish" that was greased, while a bowl is in hand
  if (id === state.prepared && !isHeld(state, id)) return id;
  const family = GENERAL.get(id) ?? [];
  // what only stands on the scale or waits to go in is no bowl that a recipe speaks of
  const worked = state.steps.filter((s) => worksOf(s.technique).act !== 'measure');
  const recent = worked.reverse().flatMap((s) => s.into ?? []);
  const near = [
    /\bsame\b/.test(before) ? state.lastPan : null,
    state.container,
    state.hob,
    state.prepared,
    /\bback\b/.test(before) ? state.lastPan : null,
    ...used,
    ...recent,
  ].find((v): v is string => v !== null && v !== from && (v === id || family.includes(v)));
  return near ?? id;
}

/** The vessel in hand; biscuits crushed in a bag go into what else is in use. */
export function inHand(state: State): string | null {
  const held = state.container;
  if (held === null || !hasMark(held, 'aside')) return held;
  return inUse(state).find((v) => !hasMark(v, 'aside') && v !== 'board' && toolById(v)?.kind === 'container') ?? held;
}

/** "Put the toast on a plate", where it lies already. */
const isTheirs = (state: State, id: string) =>
  toolById(id)?.kind === 'surface' &&
  bareOf(contents(state.world, id)).every((lot) =>
    [...lot.parts.keys()].some((i) => state.objectUses.includes(i) || state.world.ingredients[i]!.minor),
  );

/** The bowls that the dish was served in just now. */
export function servedIn(state: State): string | null {
  const last = state.steps.at(-1);
  return worksOf(last?.technique).act === 'serve' ? (last?.into ?? null) : null;
}

/** Where things are mixed when nothing is said: the bowl that the recipe lists, else one that is free. */
export function mixingBowl(state: State): string {
  const listed = findTools(state.recipe.tools.join('; ')).map((t) => t.tool.id);
  const usual = listed.find((id) => id === 'large-bowl') ?? listed.find((id) => id === 'bowl' || id === 'jar') ?? 'bowl';
  return [usual, 'bowl', 'large-bowl', 'small-bowl'].find((v) => !isHeld(state, v)) ?? usual;
}

/** A bowl with nothing in it that is large enough; for something small where nothing is said. */
export function freeBowl(state: State, ml = 0, but: string | null = null): string {
  const free = ['small-bowl', 'bowl', 'large-bowl'].filter((v) => v !== but && !isHeld(state, v));
  return free.find((v) => (toolById(v)?.holds ?? 0) >= ml) ?? free.at(-1) ?? 'small-bowl';
}

export const isPan = (id: string | null): id is string => id !== null && PANS.includes(id);
/** A pan with nothing in it. */
export const freePan = (state: State, wanted: string): string => [wanted, ...PANS].find((v) => !isHeld(state, v)) ?? wanted;

/** The pan that water is in, with what was boiled in it: the one that was heated last, not the sauce that waits with water in it. */
export const panOfWater = (state: State): string | null =>
  [state.steps.findLast((s) => worksOf(s.technique).act === 'heat')?.into ?? null, state.container, ...state.world.vessels.keys()].find(
    (v): v is string => isPan(v) && (state.world.vessels.get(v)?.water ?? 'none') !== 'none',
  ) ?? null;
