// A step from a clause: its tools, hazards, times and cues; and what "it" will mean in the next one.
import { kindOf } from '../technique/lexicon';
import { findFood, nameWords } from '../recipe/food';
import type { Hazard } from '../technique/model';
import { toolById } from '../technique/tools';
import { rawHazard, useOf, type Draft } from '../plan/draft';
import { toFraction } from '../amount/quantity';
import { minutesOfText } from '../amount/minutes';
import { wholeOf, type Mention } from './mentions';
import { nameOf } from './ready';
import { take } from './supply';
import { CUTTING, HOB, isContainer, JOINING, PUTTING, type Located, type State } from './state';
import { isTarget, objectPhrase } from './locate';
import { theOf, cuesOf } from './wording';

export const hotHazards = (item: string): Hazard[] => (/\b(?:boiling|hot)\b/i.test(item) ? ['hot', 'steam'] : []);

/** What a hot pan adds to a step that happens in it. */
export function heatHazards(state: State, into: string | null): Hazard[] {
  return into !== null && into === state.hob ? ['hot', 'splash'] : [];
}

/** The hazards that ingredients bring as long as they are raw. */
export function rawOf(state: State, mentions: readonly Mention[]): Hazard[] {
  return mentions.filter((m) => !state.cooked.has(m.ingredient)).flatMap((m) => rawHazard(state.recipe.ingredients[m.ingredient]) ?? []);
}

// What is done by hand or spoon to a bowl of raw food is done to raw food.
const HANDLES = new Set(['mix', 'shape', 'spoon', 'spread', 'pour', 'press-in', 'add', 'toss', 'fold', 'mash', 'brush', 'beat']);

/** Whether raw dough or flour is worked here: mixed in its bowl, or shaped wherever it lies now. */
function worksDough(state: State, kind: string, into: string | null): boolean {
  const mixed = ['mix', 'beat', 'fold', 'rub-in'].includes(kind);
  if (state.inOven || !(mixed || ['knead', 'shape', 'roll-out'].includes(kind))) return false;
  return [...state.placed].some(
    ([i, where]) =>
      where !== state.hob &&
      !state.cooked.has(i) &&
      (!mixed || into === null || where === into) &&
      rawHazard(state.recipe.ingredients[i]) === 'raw-flour',
  );
}

export function common(state: State, c: Located, into: string | null, mentions: Mention[] = c.mentions): Draft {
  const technique = c.technique;
  const named = c.tools.map((t) => t.id);
  const own = (technique?.tools ?? []).filter((id) => !replaced(id, named, into));
  const tools = [...named, ...own];
  if (into && !tools.includes(into) && isContainer(into)) tools.push(into);
  const fromPan = ['pour', 'spoon', 'serve', 'lift-out'].includes(kindOf(technique?.id)) && state.hotFood && into !== state.hob;
  const raw = rawOf(state, mentions).filter(
    (h) => h !== 'raw-egg' || ['mix', 'beat', 'add', 'fold', 'pour', 'toss', 'brush', 'fry'].includes(kindOf(technique?.id)),
  );
  // "set it on top of the onion", "add to the bowl": what is put there may be raw
  const unsaid = mentions.length > 0 ? mentions.every((m) => isTarget(c, m)) : !objectPhrase(c.rest) || /^(?:it|them)\b/i.test(c.rest);
  if (PUTTING.has(kindOf(technique?.id)) && unsaid)
    raw.push(...rawOf(state, state.objectUses.map(wholeOf)).filter((h) => h !== 'raw-egg' && h !== 'raw-flour'));
  if (worksDough(state, kindOf(technique?.id), into)) raw.push('raw-flour');
  if (/\bboiling\s+water\b/i.test(c.rest)) raw.push('hot', 'steam');
  // paper on a clean plate takes nothing of what lay on another
  const held = (into && technique?.id !== 'drain-on-paper' ? state.rawIn.get(into) : undefined) ?? new Set<Hazard>();
  const cutsOn = CUTTING.has(kindOf(technique?.id)) && mentions.length === 0;
  if (HANDLES.has(kindOf(technique?.id)) || cutsOn) for (const hazard of held) if (!raw.includes(hazard)) raw.push(hazard);
  if (/\bblades?\b/i.test(c.rest)) raw.push('sharp');
  // "(the jam will be very hot)"
  if (c.aside && /\bhot\b/i.test(c.aside)) raw.push('hot');
  if (c.aside && /\bsteam\b/i.test(c.aside)) raw.push('hot', 'steam');
  const hotItem = mentions.flatMap((m) => hotHazards(state.recipe.ingredients[m.ingredient]!.item));
  const choking =
    CUTTING.has(kindOf(technique?.id)) && mentions.some((m) => findFood(state.recipe.ingredients[m.ingredient]!.item)?.choking);
  const waiting = minutesOfText(`${c.rest} ${c.until ?? ''}`);
  if (waiting !== null && technique && ['cook', 'simmer', 'fry', 'boil'].includes(technique.id) && !tools.includes('timer'))
    tools.push('timer');
  const waits = technique !== null && (technique.minutes.waiting > 0 || technique.id === 'fry');
  return {
    text: '',
    technique: technique?.id ?? null,
    sourceLine: c.line,
    tools,
    into,
    from: state.cameFrom,
    about: unsaid && mentions.length === 0 ? state.objectUses : [],
    noun: nounOf(c),
    lasts: c.until !== null || waiting !== null,
    level: levelOf(c),
    hazards: [
      ...heatHazards(state, into),
      ...(fromPan ? (['hot'] as const) : []),
      ...raw,
      ...hotItem,
      ...(choking ? (['choking'] as const) : []),
      ...(HOB.has(kindOf(technique?.id)) ? (['hot'] as const) : []),
    ],
    cues: cuesOf(c, technique?.id ?? null),
    minutes: waits
      ? { waiting: waiting ?? (technique.id === 'fry' ? 0 : technique.minutes.waiting) }
      : waiting !== null && technique
        ? { active: Math.max(waiting, technique.minutes.active) }
        : {},
    thing: c.mentions[0] ? theOf(state, c.mentions[0]) : (spokenThing(c) ?? state.object ?? undefined),
    name: c.mentions[0]
      ? nameOf(state.recipe.ingredients[c.mentions[0].ingredient]!)
      : (nameWords(objectPhrase(c.rest) ?? '').slice(-1)[0] ?? ''),
  };
}

/** What a clause names as its object; null for a pronoun. */
function spokenThing(c: Located): string | null {
  const phrase = objectPhrase(c.rest);
  return phrase && !/^(?:it|them|everything|these|this)\b/i.test(phrase) ? phrase : null;
}

/** What lies in the vessel in hand, without what a clause brings to it. */
const mixtureInHand = (state: State, c: Located): number[] =>
  [...state.placed].filter(([i, at]) => at === state.container && !c.mentions.some((m) => m.ingredient === i)).map(([i]) => i);

/** What a recipe calls its mixtures. */
const NOUN =
  /^(?:the|your|this)\s+(?:\p{L}+\s+){0,2}?((?:\p{L}+\s+)?(?:dough|batter|sauce|soup|stew|curry|filling|dressing|marinade|mixture|mash|crumble|paste|salad|porridge|risotto|topping|glaze|icing|custard|pastry|base|crumbs|patties|balls|meatballs|burgers|rolls|buns|biscuits|cookies|muffins|cakes|scones|pancakes|fritters|wraps|parcels|omelette))$/iu;

function nounOf(c: Located): string | null {
  const phrase = c.mentions.length === 0 ? objectPhrase(c.rest) : null;
  return (phrase && NOUN.exec(phrase)?.[1]?.toLowerCase()) || null;
}

const LEVEL = /\b(very low|low|gentle|medium[- ]low|medium[- ]high|med[- ]high|med|medium|moderate|high)\b(?=[ -](?:heat|flame)|$|[.,)]|\s+(?:and|for|until))/i;

/** The heat that a clause names: "over a medium heat", "turn down to low". */
function levelOf(c: Located): string | null {
  const said = LEVEL.exec(`${c.rest} ${c.lead ?? ''}`)?.[1]?.toLowerCase().replace('-', ' ').replace(/^med\b/, 'medium');
  if (said) return said === 'medium high' ? 'medium-high' : said === 'medium low' ? 'medium-low' : said;
  return /^(?:reduce|lower|turn)$/.test(c.verb ?? '') && /\b(?:simmer|down|heat$)/i.test(c.rest) && kindOf(c.technique?.id) === 'turn-heat' ? 'low' : null;
}

/** Whether a technique's usual tool is not wanted here, since the recipe names another, or the food stands in something already. */
function replaced(id: string, named: string[], into: string | null): boolean {
  const kind = toolById(id)?.kind;
  if (named.includes(id)) return true;
  if (id === 'lid') return named.some((n) => ['plate', 'foil', 'cling-film', 'cloth'].includes(n));
  if (kind === 'cookware' || kind === 'container') return (into !== null && isContainer(into)) || named.some((n) => isContainer(n));
  if (kind === 'utensil' && id !== 'timer') return named.some((n) => toolById(n)?.kind === 'utensil' && n !== 'timer');
  if (id === 'hob') return into === 'slow-cooker' || named.some((n) => ['microwave', 'slow-cooker', 'air-fryer', 'oven'].includes(n));
  if (id === 'board') return named.includes('plate');
  if (kind === 'cutting') return named.some((n) => toolById(n)?.kind === 'cutting');
  return false;
}

export function say(state: State, c: Located, own: Partial<Draft> & { text: string }): void {
  // what was taken before only changes its place
  const isMoved = (m: Mention) => PUTTING.has(kindOf(c.technique?.id)) && state.placed.has(m.ingredient) && state.taken.has(m.ingredient);
  const all = (m: Mention) => toFraction(state.recipe.ingredients[m.ingredient]!.min ?? '0');
  const isGone = (m: Mention) => (all(m)?.valueOf() ?? 0) > 0 && (state.taken.get(m.ingredient)?.compare(all(m)!) ?? -1) >= 0;
  const useOfAll = (m: Mention) =>
    isMoved(m) || isGone(m)
      ? { ...useOf(state.recipe.ingredients, m.ingredient), quantity: null, unit: null }
      : useOf(state.recipe.ingredients, m.ingredient);
  const uses = own.uses ?? c.mentions.map((m) => (m.part === 'all' ? useOfAll(m) : take(state, m)));
  for (const mention of c.mentions) state.used.add(mention.ingredient);
  push(state, { ...common(state, c, own.into ?? null), ...own, uses });
}

export function push(state: State, draft: Draft): void {
  const kind = kindOf(draft.technique);
  const opens =
    state.covered !== null &&
    (state.hob === state.covered || state.hotFood) &&
    draft.into === state.covered &&
    !HOB.has(kind) &&
    !UNDER_THE_LID.has(kind);
  if (opens) state.covered = null;
  state.steps.push(opens ? { ...draft, hazards: [...(draft.hazards ?? []), 'steam'] } : draft);
}

const UNDER_THE_LID = new Set(['cover', 'wait', 'hob-on', 'turn-heat', 'turn-off', 'cool']);

/** What "it" and "them" will mean in the next action. */
export function remember(state: State, c: Located): void {
  const id = kindOf(c.technique?.id);
  if (CUTTING.has(id) || id === 'rinse' || id === 'drain')
    for (const m of c.mentions) if (!state.lineObjects.includes(m.ingredient)) state.lineObjects.push(m.ingredient);
  // "coat in the breadcrumbs": the crumbs are not what is coated
  if (['wait', 'cool', 'chill', 'cover', 'bake'].includes(id) || c.technique?.id === 'make-well') return;
  // "drop in spoonfuls of the batter": those are spoken of now
  if (c.rest.includes(' of ') && /\b(?:\p{L}*spoonfuls|ladlefuls|dollops|portions|scoops)\s+of\b/iu.test(c.rest)) {
    state.object = 'the pieces';
    return;
  }
  // poured over what lies there, or stirred into it, it has no name of its own any more
  const among = [...state.placed.values()].filter((at) => at === state.container).length > 1;
  if ((id === 'pour' && c.mentions.length > 0 && among) || (JOINING.has(id) && /^(?:in|through)\s/i.test(c.rest))) {
    state.object = null;
    return;
  }
  // "pack the couscous into the tomatoes": they are what is taken up next
  const filled = c.technique?.id === 'stuff' && /\binto\b/i.test(c.rest) ? c.mentions.at(-1) : undefined;
  if (filled && c.mentions.length > 1) {
    state.object = theOf(state, filled);
    state.objectUses = [filled.ingredient];
    return;
  }
  // "discard the bay leaf and fluff the rice": what went is not spoken of
  const takesAway = /^(?:remove|discard|take|pull|throw|scoop|fish)$/.test(c.verb ?? '');
  if (takesAway && ['hull', 'pit', 'core', 'deseed', 'throw-away'].includes(c.technique?.id ?? '')) return;
  const waste = /\b(?:bones?|skins?|stalks?|stones?|seeds?|pods?|leaf|leaves)\b/i.test(c.rest);
  if (c.technique?.id === 'lift-out' && takesAway && (waste || (c.verb === 'remove' && state.hotFood))) return;
  // "grate in the cheese": it is in, and no more spoken of
  if (CUTTING.has(id) && /^in\b/i.test(c.rest)) {
    state.object = null;
    return;
  }
  // a cross that is cut in is not what is taken up next, nor is water what is drained
  if (c.technique?.id === 'score' || /\bwater$/i.test(objectPhrase(c.rest) ?? '')) return;
  // a mixture has no name yet
  if (!objectPhrase(c.rest) && (JOINING.has(id) || id === 'knead')) {
    state.object = null;
    return;
  }
  // what is spread over the top is not what is spoken of next
  if (['spread', 'brush'].includes(id) && /\b(?:over|on)\b/i.test(c.rest) && state.object) return;
  // "pour the marinade over": what lies there is still spoken of
  if (c.mentions.length === 0 && (id === 'pour' || id === 'sprinkle')) return;
  if (/^in\b/i.test(c.rest) && ['coat', 'dip', 'wrap', 'marinate'].includes(c.technique?.id ?? '')) return;
  const phrase = objectPhrase(c.rest);
  // "scatter the rest on top", "fold the other half over": a part of the whole, which is spoken of next
  if (phrase && PART.test(phrase) && (PUTTING.has(id) || c.technique?.id === 'fold-over')) {
    state.object = null;
    return;
  }
  // "shake the basket": what is in it is still spoken of
  const start = phrase ? c.rest.indexOf(phrase) : 0;
  const isVessel = (t: { id: string; at: number }) => t.at >= start && t.at < start + phrase!.length;
  if (phrase && c.mentions.length === 0 && c.tools.some(isVessel)) return;
  if (phrase && c.mentions.length === 1 && /^each\b/i.test(phrase)) {
    state.object = theOf(state, c.mentions[0]!);
    state.objectUses = [c.mentions[0]!.ingredient];
    return;
  }
  if (
    phrase &&
    !/^(?:it|them|everything|each|both|these|each one|a little)\b|\b(?:it|them)\b/i.test(phrase) &&
    !/^(?:the |your |off the )?(?:hard |tough |woody |green |outer |root )?(?:heat|oven|lid|hands?|top|sides?|base|bottom|middle|edges?|ends?|tops|roots?|stalks?|stems?|skins?|seeds?|cores?|pits?|stones?|fat|crusts?|thumbs?|fingers?|work surface|surface|sticks?)\b/i.test(
      phrase,
    )
  ) {
    // "grate the zest from the lemon, then cut it": it is the lemon
    const whole = c.mentions[0] && /^(?:the\s+)?(?:zest|rind|juice)$/i.test(phrase);
    // the water that rice is cooked in is spoken of no more
    const dry = !HOB.has(id) && !PUTTING.has(id) ? phrase : phrase.replace(/,?\s+and\s+(?:the\s+)?(?:\p{L}+\s+)?water$/iu, '');
    const any = /^any\b/i.test(phrase) && c.mentions[0];
    state.object = whole || any ? theOf(state, c.mentions[0]!) : c.mentions.length > 2 ? 'everything' : plainObject(dry, c);
    // "dip each cake in the egg": the cake is in hand, not the egg
    const held = c.mentions.filter((m) => !isTarget(c, m) && m.at < (c.rest.indexOf(phrase) + phrase.length));
    if (held.length > 0) state.objectUses = held.map((m) => m.ingredient);
    else if (c.mentions.length > 0 && NOUN.test(phrase)) state.objectUses = mixtureInHand(state, c);
  }
  // "trim the ends off the rhubarb": the rhubarb is in hand, though the ends were spoken of
  if (CUTTING.has(id) && c.mentions.length > 0) state.objectUses = c.mentions.map((m) => m.ingredient);
  if (OVEN_FOOD.has(kindOf(c.technique?.id))) state.object = null;
}

const plainObject = (phrase: string, c: Located) =>
  /^(?:\p{L}+\s+)?(?:spoonfuls?|dollops?|ladlefuls?|heaps|portions|scoops) of\b/iu.test(phrase)
    ? 'the pieces'
    : /^\d+ \p{L}+$/u.test(phrase) && !c.mentions[0]
      ? phrase.replace(/^\d+/, 'the')
      : /^\d/.test(phrase) && c.mentions[0]
        ? `the ${phrase.slice(c.mentions[0].at - c.rest.indexOf(phrase))}`
        : phrase;

const PART = /^(?:the\s+)?(?:remaining|rest\b|other half|leftover)|^(?:the other|one) half\b/i;

const OVEN_FOOD = new Set(['bake']);
