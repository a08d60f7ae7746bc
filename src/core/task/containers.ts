// Which bowl, pan or tray an action happens in.
import { table } from '../amount/table';
import { kindOf } from '../technique/lexicon';
import { findTools, toolById } from '../technique/tools';
import { type Located, type State, isContainer, PUTTING, JOINING, HOB } from './state';

/** Techniques that happen in a container or move things to one; the others leave it where it is. */
export const CONTAINED = new Set([
  ...PUTTING,
  ...JOINING,
  ...HOB,
  'soak',
  'microwave',
  'shape',
  'lift-out',
  'serve',
  'crack-egg',
  'cool',
  'chill',
  'juice',
  'wait',
  'drain',
  'drain-hot',
  'fluff',
  'spread',
  'check-done',
]);

export const MIXING_SURFACE = new Set(['tray', 'plate', 'board', 'wire-rack', 'muffin-tin', 'cake-tin', 'baking-dish', 'air-fryer-basket']);

/** The container that a clause names; "the bowl" is the bowl in use, "the pan" the pan on the ring. */
export function containerOf(state: State, c: Located): string | null {
  const said = `${c.rest} ${c.lead ?? ''}`;
  const named = [...c.tools]
    .reverse()
    .find(
      (t) =>
        isContainer(t.id) &&
        !/\b(?:with|using)\s+(?:a|an|the)?\s*(?:[\p{L}-]+\s+){0,2}$|\bfrom\s+(?:the\s+|its\s+)?(?:\p{L}+\s+)?$/iu.test(said.slice(0, t.at)),
    );
  // what is on the ring is "the soup" by now
  if (!named && c.mentions.length === 0 && /\b(?:over|into|to)\s+the\s+(?:salad|vegetables|fruit)\b/i.test(said))
    return fullest(state, 'container');
  if (!named) return INTO_POT.test(said) ? (state.hob ?? potInHand(state) ?? fullest(state, 'cookware')) : inWater(state, c);
  const plural = /^\w+?(?:es|s)\b/i.test(said.slice(named.at)) && /^(?:bowls|plates|glasses|mugs|jars)\b/i.test(said.slice(named.at));
  if (plural && named.id === 'bowl') return 'serving-bowl';
  const other = OTHER.exec(said.slice(0, named.at))?.[1];
  const occupied = [...state.placed.values()].includes(named.id);
  // "a dry pan", "a separate bowl"; and a second pan with the first one still on the ring
  // said once for its whole sentence, it is the same bowl all through
  const saidHere = c.first || named.at < c.rest.length;
  if (!saidHere && state.container !== null && FAMILY.get(named.id)?.includes(state.container)) return state.container;
  if (
    saidHere &&
    occupied &&
    other &&
    (!/^an?$/i.test(other) || (c.first && HOB.has(kindOf(c.technique?.id)) && (named.id === state.hob || isNewHere(state, c, named.id))))
  ) {
    const family = c.technique?.id === 'toast-dry' || kindOf(c.technique?.id) === 'fry' ? ['frying-pan', 'saucepan'] : FAMILY.get(named.id);
    const free = family?.find((id) => ![...state.placed.values()].includes(id));
    if (free) return free;
  }
  if (named.id === state.container || named.id === state.hob) return named.id;
  const family = (id: string | null) => (id ? (toolById(id)?.picture ?? id) : '');
  const before = said.slice(0, named.at).toLowerCase();
  const same = [state.container, state.hob, ...[...state.placed.values()].reverse()].find(
    (held) => held !== null && held !== named.id && GENERIC.get(named.id)?.includes(family(held)),
  );
  if (/\b(?:prepared|greased|lined|buttered|oiled)\s+(?:\p{L}+\s+)?$/u.test(before) && state.prepared) return state.prepared;
  return /\b(?:the|same|in|from)\s+$/.test(before) && same ? same : named.id;
}

/** "Warm the rest of the milk in a small pan", with rice in the pan: nothing that is named lies there yet. */
const isNewHere = (state: State, c: Located, vessel: string) =>
  c.mentions.length > 0 && !c.mentions.some((m) => m.part === 'all' && state.placed.get(m.ingredient) === vessel);

/** The pan in hand, off its ring: the sauce is in it. */
const potInHand = (state: State) =>
  ['saucepan', 'large-pan', 'frying-pan', 'wok'].includes(state.container ?? '') && [...state.placed.values()].includes(state.container!)
    ? state.container
    : null;

/** The pan or bowl with most in it, other than the one in hand. */
function fullest(state: State, kind: 'cookware' | 'container'): string | null {
  const count = new Map<string, number>();
  for (const at of state.placed.values())
    if (at !== state.container && toolById(at)?.kind === kind) count.set(at, (count.get(at) ?? 0) + 1);
  return [...count].sort((a, b) => b[1] - a[1])[0]?.[0] ?? null;
}

/** "Cook the gnocchi in boiling water", with a sauce in the pan: water takes a pan of its own. */
function inWater(state: State, c: Located): string | null {
  const boils = ['boil', 'cook', 'simmer'].includes(kindOf(c.technique?.id)) && /\bin\s+(?:[\p{L}]+\s+){0,2}water\b/iu.test(c.rest);
  const held = [...state.placed.values()];
  if (!boils || state.hob === null || !held.includes(state.hob)) return null;
  return ['saucepan', 'large-pan'].find((id) => !held.includes(id)) ?? null;
}

const INTO_POT =
  /(?:(?<!^)\bin|\binto|\bto)\s+(?:the\s+)?(?:hot\s+|simmering\s+)?(?:soup|stew|sauce|curry|chilli|chili|chowder|broth)\b(?!\s+(?:bowl|mix))/i;
const OTHER = /\b(?:an?\s+)?(dry|separate|another|clean|second|different|an?)\s+(?:\p{L}+\s+)?$/iu;
const FAMILY = table<string[]>({
  bowl: ['large-bowl', 'small-bowl'],
  'large-bowl': ['bowl', 'small-bowl'],
  'small-bowl': ['bowl', 'large-bowl'],
  saucepan: ['large-pan', 'frying-pan'],
  'large-pan': ['saucepan', 'frying-pan'],
  'frying-pan': ['saucepan', 'large-pan'],
});

const GENERIC = table<string[]>({
  bowl: ['bowl', 'small-bowl'],
  saucepan: ['saucepan', 'frying-pan', 'large-pan', 'muffin-tin', 'cake-tin', 'tray'],
  'frying-pan': ['frying-pan'],
  'baking-dish': ['baking-dish', 'cake-tin', 'tray'],
  'cake-tin': ['cake-tin', 'muffin-tin', 'tray', 'baking-dish'],
  jar: ['jar'],
});

/** Where things are mixed when nothing is said: the bowl that the recipe lists, else a bowl. */
export function mixingBowl(state: State): string {
  const listed = findTools(state.recipe.tools.join('; ')).map((t) => t.tool.id);
  return listed.find((id) => id === 'large-bowl') ?? listed.find((id) => id === 'bowl' || id === 'jar') ?? 'bowl';
}
