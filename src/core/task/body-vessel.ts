// Which vessel is in hand after a clause, and what has gone over into it.
import { kindOf } from '../technique/lexicon';
import { findFood } from '../recipe/food';
import type { Hazard } from '../technique/model';
import { toolById } from '../technique/tools';
import { CONTAINED, MIXING_SURFACE, mixingBowl } from './containers';
import { isTarget, objectPhrase } from './locate';
import { wholeOf } from './mentions';
import { isContainer, JOINING, PARCEL, PUTTING, type Located, type State } from './state';
import { rawOf } from './step-of-clause';

/** Adds to what is raw in a vessel. */
export function addRaw(state: State, vessel: string, hazards: Iterable<Hazard>): void {
  state.rawIn.set(vessel, new Set([...(state.rawIn.get(vessel) ?? []), ...hazards]));
}

/** The usual mixing bowl, or another where that one holds something. */
const freeBowl = (state: State) => {
  const usual = mixingBowl(state);
  return isHeld(state, usual) ? (['small-bowl', 'bowl', 'large-bowl'].find((id) => !isHeld(state, id)) ?? usual) : usual;
};

const isHeld = (state: State, vessel: string | null) => vessel !== null && [...state.placed.values()].includes(vessel);

const ON_SHEET =
  /\bon(?:to)?\s+(?:an?\s+)?(?:(?:large\s+)?(?:sheet|piece|square)s?\s+of\s+)?(?:foil|baking paper|baking parchment|parchment|greaseproof paper)\b/i;
const MIXTURE = /^(?:it|them|everything|the (?:\p{L}+ )?(?:mixture|mix|batter|dough|filling))\b/iu;

/**
 * Sets the vessel in hand, and moves what was in the last one where the clause tips it over.
 * @param named the vessel that the clause names
 * @param there where the things lie that it names as its goal
 */
export function takeVessel(state: State, c: Located, named: string | null, there: readonly string[]): void {
  const id = kindOf(c.technique?.id);
  const from = state.container;
  if (id === 'blend' && !named && !isHeld(state, from)) state.container = 'blender';
  named ??= pouredOver(state, c, id);
  if (!named) state.container = unnamed(state, c, id);
  if (c.technique?.id === 'grease' || c.technique?.id === 'line')
    state.prepared = c.tools.find((t) => isContainer(t.id))?.id ?? state.prepared;
  if (c.technique?.id === 'drain-on-paper') state.container = 'plate';
  else if (named) state.container = named;
  else if (there.length > 0 && CONTAINED.has(id)) state.container = there.at(-1)!;
  else if ((PUTTING.has(id) || JOINING.has(id)) && !state.container && c.tools.length === 0) state.container = mixingBowl(state);
  else if (id === 'soak' && !state.container && c.mentions.length > 0) state.container = mixingBowl(state);
  carryOver(state, c, id, from, named);
  if (!named && takesBowlOfItsOwn(state, c, id)) state.container = freeBowl(state);
}

/** Where a clause goes on that names no vessel. */
function unnamed(state: State, c: Located, id: string): string | null {
  const held = state.container;
  // what is laid on foil or paper is in no pan
  if (PUTTING.has(id) && ON_SHEET.test(c.rest)) return PARCEL;
  if (c.verb === 'unroll' || c.verb === 'unfold') return 'board';
  // biscuits and dumplings go where paper lies ready for them
  if (PUTTING.has(id) && c.mentions.length === 0 && (held === 'board' || held === null)) return state.prepared ?? held;
  // a pan on the ring is not what is filled
  if (c.technique?.id === 'stuff' && held !== null && held === state.hob) return 'board';
  // what was baked blind, and is filled now
  if (state.inOven && /\b(?:over|onto|on|into)\s+the\s+(?:base|crust|pastry case)\b/i.test(c.rest)) return state.inOven;
  // a bag is for shaking and crushing: what is stirred in is stirred into the bowl or cup before it
  if (JOINING.has(id) && held === 'bag' && /^in\b/i.test(c.rest))
    return [...state.placed.values()].reverse().find((at) => at !== 'bag') ?? held;
  return held;
}

/** "Mix the cream and milk in a jug and pour over": over what stands in the dish beside. */
function pouredOver(state: State, c: Located, id: string): string | null {
  const from = state.container;
  if (
    id !== 'pour' ||
    c.mentions.length > 0 ||
    !/^(?:(?:it|this|them|the \p{L}+)\s+)?(?:all\s+)?over(?:\s+the\s+top)?$/iu.test(c.rest.trim())
  )
    return null;
  return [...state.placed.values()].reverse().find((at) => at !== from) ?? null;
}

/** "Tip them onto the tray", "pour it over the oats": all that was in the last vessel, or was spoken of, is there now, and its raw egg too. */
function carryOver(state: State, c: Located, id: string, from: string | null, named: string | null): void {
  const to = state.container;
  if (to === null) return;
  const tipped = c.technique?.id === 'strain' || (id === 'pour' && c.mentions.every((m) => state.placed.has(m.ingredient)));
  if (tipped && from !== null && from !== to) addRaw(state, to, state.rawIn.get(from) ?? []);
  const over =
    id === 'pour' &&
    from !== to &&
    c.mentions.length > 0 &&
    c.mentions.every((m) => isTarget(c, m) && state.placed.get(m.ingredient) === to);
  const goals = c.mentions.length > 0 && c.mentions.every((m) => isTarget(c, m));
  if (PUTTING.has(id) && goals && !over)
    moveTo(
      state,
      to,
      state.objectUses.filter((i) => !state.placed.has(i)),
    );
  const into = (PUTTING.has(id) || id === 'spread') && named !== null && c.mentions.length === 0;
  // "spread in the tin": the tin is no object
  const phrase = objectPhrase(c.rest);
  const isPlace =
    phrase !== null &&
    c.tools.some((t) => isContainer(t.id) && t.at >= c.rest.indexOf(phrase) && t.at < c.rest.indexOf(phrase) + phrase.length);
  if (!over && !(into && (!phrase || isPlace || MIXTURE.test(c.rest)))) return;
  const lay = from === null ? [] : [...state.placed].filter(([, at]) => at === from).map(([i]) => i);
  // what was cut just now and lies nowhere yet goes first
  const loose = state.objectUses.filter((i) => !state.placed.has(i));
  // "take the potato out and put it on a plate": the potato, not the beans that were heated meanwhile
  const elsewhere = state.objectUses.length > 0 && state.objectUses.every((i) => state.placed.has(i) && state.placed.get(i) !== from);
  const whole = loose.length === 0 && lay.length > 0 && !elsewhere;
  if (whole) state.cameFrom = from;
  moveTo(state, to, loose.length > 0 ? loose : whole ? lay : state.objectUses);
}

function moveTo(state: State, to: string, ingredients: readonly number[]): void {
  for (const i of ingredients) state.placed.set(i, to);
  if (to !== state.hob)
    addRaw(
      state,
      to,
      rawOf(state, ingredients.map(wholeOf)).filter((h) => h !== 'raw-flour'),
    );
}

/** Whether a mixture is made apart from what is in hand. */
function takesBowlOfItsOwn(state: State, c: Located, id: string): boolean {
  const held = state.container;
  const intoIt = /^in\b/i.test(c.rest);
  const full = isHeld(state, held);
  // eggs and cream that are beaten together are not beaten in the pan with the leeks
  const together = id === 'mix' && c.first && c.mentions.length > 1 && (/\btogether\b/i.test(c.rest) || c.verb === 'whisk');
  if (
    id === 'mix' &&
    held === 'slow-cooker' &&
    !intoIt &&
    c.mentions.length > 1 &&
    c.mentions.every((m) => !state.placed.has(m.ingredient))
  )
    return true;
  // cream is whipped, and eggs are beaten, in a bowl with nothing else in it
  const whipped =
    c.first &&
    ['whip', 'whisk', 'beat', 'beat-machine'].includes(c.technique?.id ?? '') &&
    c.mentions.length > 0 &&
    ['cream', 'egg'].includes(findFood(state.recipe.ingredients[c.mentions[0]!.ingredient]!.item)?.category ?? '') &&
    toolById(held ?? '')?.kind === 'container';
  if (whipped && full && !intoIt && c.mentions.every((m) => !state.placed.has(m.ingredient))) return true;
  const apart = (id === 'beat' || together) && c.mentions.length > 0 && !intoIt && toolById(held ?? '')?.kind === 'cookware';
  if (apart && full && c.mentions.every((m) => !state.placed.has(m.ingredient))) return true;
  // a new mixture is not made on a tray; what lies on it may be turned about there
  const onSurface = MIXING_SURFACE.has(held ?? '') && held !== state.hob;
  return JOINING.has(id) && onSurface && !(full && (c.mentions.length === 0 || intoIt));
}
