// Frames of putting and joining: what goes where, with what, and what is spoken of after.
import { lotsOf } from '../kitchen/index';
import { findFood } from '../recipe/food';
import { capital } from '../recipe/method-lines';
import { kindOf, techniqueById } from '../technique/lexicon';
import { worksOf } from '../technique/works';
import { toolById } from '../technique/tools';
import { useOf, type Draft } from '../plan/draft';
import { knownFoods, unlistedFoods, wholeOf, type Mention } from './mentions';
import { nameOf } from './ready';
import { inside, push, say, useOfMention } from './say';
import { isGoalPrep, phrasesOf, type Phrase } from './slots';
import { isContainer, PARCEL, type Located, type State } from './state';
import { common, focusOn } from './step-of-clause';
import { makeReady } from './supply';
import { inTool, toolCall } from './tool-names';
import { inUse, isHeld, isPan, mixingBowl, vesselOfPhrase } from './vessels';
import { sentence, theOf, toPlace, wording } from './wording';

/** What a phrase means: things that nothing was done with yet, and things that lie somewhere. */
export type Things = { fresh: Mention[]; there: number[] };

const isFresh = (state: State, m: Mention) => m.part !== 'all' || !state.placed.has(m.ingredient);
const MADE = /^\s+(?:paste|slurry|mixture|mix|filling|sauce|dough|batter)\b/i;

export function thingsOf(state: State, c: Located, phrase: Phrase | null): Things {
  if (phrase === null) return { fresh: [], there: [] };
  if ((phrase.pronoun || phrase.everything) && phrase.mentions.length === 0) return spokenOf(state, phrase);
  const fresh: Mention[] = [];
  const there: number[] = [];
  for (const m of phrase.mentions) {
    // a floured board is no flour
    if (/^flou?red\b/i.test(c.rest.slice(m.at))) continue;
    // "the ricotta mixture" is all that the ricotta is in
    const made = MADE.test(c.rest.slice(m.end)) && state.placed.has(m.ingredient);
    if (made) there.push(...inside(state, state.placed.get(m.ingredient)!));
    else if (isFresh(state, m)) fresh.push(m);
    else there.push(m.ingredient);
  }
  if (fresh.length + there.length > 0) return { fresh, there: [...new Set(there)] };
  if (phrase.vessel) {
    const vessel = vesselOfPhrase(state, c, phrase);
    return { fresh: [], there: vessel ? inside(state, vessel) : [] };
  }
  return { fresh: [], there: ofNoun(state, phrase.text, isGoalPrep(phrase.prep)) };
}

function spokenOf(state: State, phrase: Phrase): Things {
  if (phrase.everything && state.used.size === 0 && state.objectUses.length === 0)
    return { fresh: state.recipe.ingredients.flatMap((one, i) => (one.optional ? [] : [wholeOf(i)])), there: [] };
  const all = phrase.pronoun === 'them' && state.lineObjects.length > 1 && state.lineObjects.some((i) => state.objectUses.includes(i)) ? state.lineObjects : state.objectUses;
  return {
    fresh: all.filter((i) => !state.placed.has(i)).map(wholeOf),
    there: all.filter((i) => state.placed.has(i)),
  };
}

const SHAPE =
  /\b(balls?|patties|patty|pieces?|cakes?|burgers?|biscuits?|cookies?|rolls?|buns?|scones?|muffins?|shapes?|rounds?|squares?|strips?|wedges?|slices?|flatbreads?|parcels?|fritters?|dumplings?|meatballs?|koftas?|tarts?|circles?)\b/i;

const SHAPED = ['shape', 'divide', 'roll-out', 'cut-out', 'knead'];

const MIXTURE =
  /\b(dough|batter|sauce|soup|stew|curry|filling|dressing|marinade|mixture|mix|mash|crumble|crumbs|paste|salad|porridge|risotto|topping|glaze|icing|custard|pastry|base|rub|slurry|syrup|omelette|rice|gravy|salsa|pesto|purée|puree|ganache|frosting|meringue|jelly|stuffing|coating|oil|balls|patties|pieces|cakes|burgers|biscuits?|cookies|cookie|rolls?|buns?|scones?|muffins?|shapes?|rounds?|squares?|strips?|wedges?|slices?|flatbreads?|parcels?|fritters?|dumplings?|meatballs?|koftas?|tarts?|cups|ball|patty|piece|cake|burger)\b/i;

/** Made in a pot. */
const POT_NOUN = /^(?:soup|stew|sauce|curry|risotto|gravy|porridge|custard|chilli|syrup|rice)$/;

/** What the recipe means by a noun that no list has: "the dough", "the dressing". */
export function ofNoun(state: State, text: string, asGoal = false): number[] {
  const noun = MIXTURE.exec(text)?.[1]?.toLowerCase();
  if (!noun) return [];
  // pieces are of what was shaped or cut last
  if (SHAPE.test(text) && state.objectUses.length > 0) {
    const shaped = asGoal ? [...state.world.lots].reverse().find((lot) => SHAPED.some((form) => lot.forms.has(form)) && lot.at !== placeOf(state, state.objectUses)) : undefined;
    if (shaped) return [...shaped.parts.keys()];
    // "fry the koftas", with the yoghurt spoken of last: what was shaped
    const made = [...state.world.lots].reverse().find((lot) => SHAPED.some((form) => lot.forms.has(form)));
    const isPieces = state.objectUses.some((i) => lotsOf(state.world, i).some((lot) => lot.forms.has('cut') || SHAPED.some((form) => lot.forms.has(form))));
    return made && !isPieces ? [...made.parts.keys()] : state.objectUses;
  }
  // what is stirred into the soup is not the soup
  const hand = asGoal ? placeOf(state, state.objectUses) : null;
  const named = state.world.lots.find((lot) => (lot.name === noun || lot.name?.endsWith(` ${noun}`)) && (hand === null || lot.at !== hand));
  if (named) return [...named.parts.keys()];
  const joined = state.world.lots.filter((lot) => lot.joined && lot.at !== null);
  const others = joined.filter((lot) => lot.at !== hand);
  const pot = POT_NOUN.test(noun) ? [...state.world.lots].reverse().find((lot) => lot.cooked && isPan(lot.at) && lot.at !== hand) : undefined;
  const here = pot ?? (hand === null ? joined.find((lot) => lot.at === state.container) : undefined) ?? others.at(-1) ?? (hand === null ? joined.at(-1) : undefined);
  if (here) return here.joined ? [...here.parts.keys()] : inside(state, here.at!);
  return state.container ? inside(state, state.container) : state.objectUses;
}

/** The vessel where things lie, when they all lie in one. */
const placeOf = (state: State, there: readonly number[]): string | null => {
  const places = new Set(there.map((i) => state.placed.get(i) ?? null));
  return places.size === 1 ? [...places][0]! : null;
};

const ON_ITSELF = /^(?:the |its |their |each |of )*(?:top|tops|middle|centre|center|bottom|base|inside|outside|side|sides|surface|edge|edges|ends?|half|one half|halves|other|each|layer|hole|well|cavity)\b/i;
const ON_SHEET = /\b(?:foil|baking paper|baking parchment|parchment|greaseproof paper)\b/i;

/** Where a goal phrase leads: a vessel, and the things that lie there where it names them. */
export function goalOf(state: State, c: Located, phrase: Phrase | null): { vessel: string | null; lots: number[] } {
  if (phrase === null) return { vessel: null, lots: [] };
  if (phrase.vessel) return { vessel: vesselOfPhrase(state, c, phrase), lots: [] };
  if (phrase.pronoun === 'it' && state.vesselSpoken) return { vessel: state.vesselSpoken, lots: [] };
  if (ON_SHEET.test(phrase.text)) return { vessel: PARCEL, lots: [] };
  const things = thingsOf(state, c, phrase);
  const lots = things.there.length > 0 ? things.there : ON_ITSELF.test(phrase.text) ? state.objectUses : [];
  return { vessel: placeOf(state, lots) ?? (lots.length > 0 ? (state.placed.get(lots[0]!) ?? null) : null), lots };
}

const isGoal = (p: Phrase) =>
  isGoalPrep(p.prep) && (p.vessel !== null || p.mentions.length > 0 || p.pronoun !== null || MIXTURE.test(p.text) || ON_ITSELF.test(p.text) || ON_SHEET.test(p.text));

type Frame = {
  theme: Phrase | null;
  with: Phrase | null;
  goal: Phrase | null;
  particle: boolean;
  /** Things that are named beside: "to the pan along with the onion", "in this order: lentils, corn". */
  beside: Mention[];
};

/** Which phrase is what goes in, and which is where it goes. */
export function frameOf(state: State, c: Located): Frame {
  const all = phrasesOf(state, c);
  const object = all.find((p) => p.prep === null && !/^(?:well|over|together|again|up|out|down|off|back|aside|gently|slowly|carefully)$/i.test(p.text)) ?? null;
  const tool = (p: Phrase) => c.tools.some((t) => t.at >= p.from && t.at < p.to && !isContainer(t.id));
  const withP = all.find((p) => p.prep === 'with' && !tool(p) && (p.mentions.length > 0 || p.pronoun !== null || MIXTURE.test(p.text) || findFood(p.text) !== null)) ?? null;
  const goals = all.filter((p) => p !== object && isGoal(p));
  const [first] = goals;
  // "stir in the paprika", "pour over the sauce": the preposition belongs to the verb
  const isThing = (p: Phrase) => {
    if (p.vessel !== null || !/^(?:in|over|through|on|into)$/.test(p.prep ?? '') || p.from > 9) return false;
    const things = thingsOf(state, c, p);
    // "drop in spoonfuls of the mixture", which is in another bowl
    return things.fresh.length > 0 || (/^(?:in|through)$/.test(p.prep!) && things.there.length > 0 && placeOf(state, things.there) !== state.container && state.container !== null);
  };
  const particle = object === null && first !== undefined && first.from >= 0 && isThing(first);
  const theme = particle ? first : object;
  const goal = (particle ? goals[1] : first) ?? null;
  const beside = all
    .filter((p) => p !== theme && p !== withP && (p !== goal || p.vessel !== null))
    .flatMap((p) => p.mentions)
    .filter((m) => isFresh(state, m) && !/\bfloured\b/i.test(c.rest.slice(m.at, m.end)));
  return { theme: theme ?? null, with: withP, goal, particle, beside };
}

/** Verbs with which a thing is put on another: "sprinkle the rice with cheese". */
const isWithVerb = (c: Located) => !/^(?:add|put|place|tip|set|stand|lay|arrange|return|transfer|move|serve|drop|throw)$/.test(c.verb ?? '');

/** What is named first is what is coated, though nothing was done with it yet. */
const COATS = /^(?:rub|brush|season|coat|drizzle|sprinkle|dress|dust|glaze|spread|stuff|massage)$/;

/** Puts things somewhere, each on its own card. */
export function put(state: State, c: Located): void {
  const frame = frameOf(state, c);
  const object = thingsOf(state, c, frame.theme);
  const withs = thingsOf(state, c, frame.with);
  const hasWith = withs.fresh.length + withs.there.length > 0 || (frame.with !== null && frame.with.mentions.length === 0 && findFood(frame.with.text) !== null);
  const unsaid = c.mentions.filter((m) => m.end <= m.at);
  // "season": with what the list has for it
  const withFrame = (hasWith && isWithVerb(c) && (object.fresh.length === 0 || COATS.test(c.verb ?? ''))) || (unsaid.length > 0 && object.fresh.length === 0);
  const goal = goalOf(state, c, frame.goal);
  // "pour the milk over the oats": the oats have to be there
  const under = frame.goal && frame.goal.vessel === null ? thingsOf(state, c, frame.goal).fresh : [];
  let theme: Things = withFrame ? { fresh: [...withs.fresh, ...unsaid], there: withs.there } : { fresh: [...object.fresh, ...frame.beside, ...(hasWith ? withs.fresh : [])], there: [...object.there, ...(hasWith ? withs.there : [])] };
  if (frame.theme?.everything && goal.vessel && frame.theme.mentions.length === 0) theme = allBut(state, goal.vessel);
  const nothingSaid = frame.theme === null && !withFrame && object.fresh.length + object.there.length + frame.beside.length === 0;
  if (nothingSaid) {
    const spoken = spokenFor(state, goal.vessel);
    theme = { fresh: [...spoken.fresh.filter((m) => !theme.fresh.some((o) => o.ingredient === m.ingredient)), ...theme.fresh], there: [...spoken.there, ...theme.there] };
  }
  const coated = withFrame && frame.theme?.vessel ? vesselOfPhrase(state, c, frame.theme) : null;
  let to = coated ?? goal.vessel ?? overWhat(state, c, frame) ?? (/^out\b/i.test(c.rest) && /^(?:tip|turn|empty|scrape|roll)$/.test(c.verb ?? '') && !withFrame ? 'board' : null) ?? (withFrame ? (placeOf(state, object.there) ?? placeOf(state, state.objectUses)) : null) ?? placeForPut(state, c, theme);
  if (under.length > 0 && isPan(to) && state.hob === to) to = state.prepared ?? 'board';
  for (const m of under) {
    makeReady(state, m, c, false);
    putIn(state, c, m, to);
    state.used.add(m.ingredient);
  }
  if (withFrame)
    for (const m of object.fresh) {
      makeReady(state, m, c, true);
      state.used.add(m.ingredient);
    }
  // rubbed or seasoned where it lies by itself
  if (withFrame && object.fresh.length > 0 && frame.goal === null) return coatAlone(state, c, theme, object.fresh);
  putThings(state, c, { theme, to, frame, withFrame, whole: nothingSaid || (theme.fresh.length === 0 && frame.theme?.pronoun !== null) });
  cookOn(state, c, to);
  const spoken = [...theme.fresh.map((m) => m.ingredient), ...theme.there];
  const base = [...object.there, ...object.fresh.map((m) => m.ingredient)];
  if (withFrame) focusOn(state, base.length > 0 ? base : state.objectUses, null);
  else if (goal.lots.length > 0 && frame.goal?.vessel === null) focusOn(state, [...goal.lots, ...spoken], null);
  else if (spoken.length > 0) focusOn(state, RUNS_OVER.test(c.verb ?? '') && isHeld(state, to) ? inside(state, to) : spoken, null);
}

/** "Everything in a large bowl": all that is made or ready and not there yet. */
function allBut(state: State, vessel: string): Things {
  const isLater = (i: number) => {
    const one = state.recipe.ingredients[i]!;
    return one.optional || /topping|serve|garnish/i.test(`${one.group ?? ''} ${one.notes.join(' ')}`);
  };
  const all = state.recipe.ingredients.flatMap((_, i) => (isLater(i) || (state.placed.get(i) ?? null) === vessel ? [] : [i]));
  return { fresh: all.filter((i) => !state.placed.has(i)).map(wholeOf), there: all.filter((i) => state.placed.has(i)) };
}

/** "Add the broccoli for the last 4 minutes": what cooks there has had the rest of its time before. */
function cookOn(state: State, c: Located, to: string): void {
  const last = /\bfor the (?:last|final) (\d+)\s*(?:min)/i.exec(`${c.rest} ${c.until ?? ''}`)?.[1];
  const heated = [...state.steps].reverse().find((s) => s.into === to && worksOf(s.technique, techniqueById(s.technique ?? '')?.like).act === 'heat');
  const minutes = Number(last);
  const whole = heated?.minutes?.waiting ?? 0;
  if (!last || !heated || whole <= minutes) return;
  const at = state.steps.indexOf(heated);
  const first = String(whole - minutes);
  const shorter = (text: string) => text.replace(new RegExp(`\\b${whole}\\b`), first);
  state.steps[at] = { ...heated, text: shorter(heated.text), minutes: { ...heated.minutes, waiting: whole - minutes }, cues: (heated.cues ?? []).map((cue) => ({ ...cue, text: shorter(cue.text) })) };
  push(state, {
    ...common(state, { ...c, rest: `for ${last} minutes`, technique: techniqueById('cook')! }, to, []),
    text: `Cook ⟦thing|⟧ for ${last} minutes more.`,
    uses: [],
    into: to,
    name: 'last',
  });
}

/** "Mix the cream in a jug and pour over": over what stands beside. */
function overWhat(state: State, c: Located, frame: Frame): string | null {
  if ((frame.theme !== null && frame.theme.pronoun === null) || frame.with !== null || !/^(?:(?:it|this|them)\s+)?(?:all\s+)?over(?:\s+the\s+top)?$/i.test(c.rest.trim())) return null;
  return inUse(state).find((v) => v !== state.container && v !== 'board') ?? null;
}

/** What is poured or scattered has no name of its own any more. */
const RUNS_OVER = /^(?:pour|drizzle|sprinkle|scatter|season|cover|crumble|squeeze)$/;

/** What is put when nothing is named: what was spoken of, or all that is in hand. */
function spokenFor(state: State, goal: string | null): Things {
  const loose = state.objectUses.filter((i) => !state.placed.has(i));
  if (loose.length > 0) return { fresh: loose.map(wholeOf), there: state.objectUses.filter((i) => state.placed.has(i) && state.placed.get(i) !== goal) };
  const away = state.objectUses.filter((i) => state.placed.get(i) !== goal);
  if (away.length > 0) return { fresh: [], there: away };
  return { fresh: [], there: state.container && state.container !== goal ? inside(state, state.container) : state.objectUses };
}

/** Where things go when no place is named. */
function placeForPut(state: State, c: Located, theme: Things): string {
  const held = state.container;
  const works = worksOf(c.technique?.id, c.technique?.like);
  // biscuits and dumplings go where paper lies ready for them
  if (theme.fresh.length === 0 && state.prepared && (held === 'board' || held === null)) return state.prepared;
  if (c.technique?.id === 'stuff') return placeOf(state, state.objectUses) ?? 'board';
  if (held !== null && held !== 'board') return held;
  if (works.traits.has('hand') || c.technique?.id === 'stuff' || held === 'board') return held ?? 'board';
  return c.tools.length > 0 && !c.tools.some((t) => isContainer(t.id)) ? (held ?? mixingBowl(state)) : mixingBowl(state);
}

/** What is coated lies by itself, in no vessel. */
function coatAlone(state: State, c: Located, theme: Things, base: readonly Mention[]): void {
  for (const m of theme.fresh) {
    makeReady(state, m, c, false);
    const single = theme.fresh.length === 1 && m.end > m.at;
    const words = base.map((b) => theOf(state, b)).join(' and ');
    push(state, {
      ...common(state, c, null, [m]),
      text: single ? wording(state, c) : sentence(`${c.verb} ${words} with ${theOf(state, m)}`),
      uses: [useOfMention(state, c, m), ...base.map((b) => ({ ...useOf(state.recipe.ingredients, b.ingredient), quantity: null, unit: null }))],
      about: base.map((b) => b.ingredient),
      into: null,
      thing: words,
      name: nameOf(state.recipe.ingredients[base[0]!.ingredient]!),
    });
    state.used.add(m.ingredient);
  }
  if (theme.fresh.length === 0) say(state, { ...c, mentions: [...base] }, { text: wording(state, c), into: null, uses: base.map((b) => ({ ...useOf(state.recipe.ingredients, b.ingredient), quantity: null, unit: null })) });
  focusOn(state, base.map((b) => b.ingredient), null);
}

type Putting = { theme: Things; to: string; frame: Frame; withFrame: boolean; whole: boolean };

function putThings(state: State, c: Located, { theme, to, frame, withFrame, whole }: Putting): void {
  const water = waterIn(c);
  const fresh = theme.fresh;
  // what is there already is not put there again
  const away = theme.there.filter((i) => state.placed.get(i) !== to);
  for (const mention of fresh) makeReady(state, mention, c, false);
  const before = state.container;
  state.container = to;
  const single = fresh.length + (away.length > 0 ? 1 : 0) + (water ? 1 : 0) === 1 && !(unlistedIn(state, c, frame).length > 0);
  const where = goalWords(state, c, frame, to);
  const onto = frame.theme && frame.theme.pronoun === null && frame.theme.vessel === null ? frame.theme.text : there(state, to);
  const verb = `${capital(c.verb!)}${withFrame ? ` ${onto} with` : ''}`;
  const cards: (() => void)[] = [];
  // "tip back into the pan": what was drained lies in the colander
  const drained = to === state.world.drained && fresh.length === 0 && away.length === 0 ? state.world.lots.filter((lot) => lot.at === 'colander') : [];
  if (drained.length > 0)
    cards.push(() => saidOf(state, c, to, { text: wording(state, c), uses: [], mentions: [], about: drained.flatMap((lot) => [...lot.parts.keys()]), from: 'colander' }));
  for (const m of fresh)
    cards.push(() =>
      saidOf(state, c, to, {
        text: single && (m.end > m.at || c.verb === 'butter' || c.verb === 'oil') ? wording(state, c) : sentence(`${verb} ${theOf(state, m)}${withFrame ? '' : ` ${where}`}`),
        uses: [useOfMention(state, c, m)],
        mentions: [m],
      }),
    );
  if (away.length > 0) {
    const from = placeOf(state, away);
    const all = from !== null && (whole || inside(state, from).every((i) => away.includes(i)));
    cards.push(() =>
      saidOf(state, c, to, {
        text: single ? wording(state, c) : sentence(`${verb} ${madeWords(state, c) ?? '⟦spoken|⟧'}${withFrame ? '' : ` ${where}`}`),
        uses: all && from ? [] : away.map((i) => ({ ...useOf(state.recipe.ingredients, i), quantity: null, unit: null })),
        mentions: [],
        about: away,
        from: all ? from : null,
      }),
    );
  }
  for (const card of cards) card();
  for (const name of unlistedIn(state, c, frame))
    saidOf(state, c, to, { text: sentence(`${withFrame ? verb : capital(c.verb!)} ${name}${withFrame ? '' : ` ${where}`}`), uses: [], mentions: [], technique: 'add', thing: name });
  if (water) pourWater(state, c, to, water);
  if (cards.length === 0 && !water && unlistedIn(state, c, frame).length === 0) {
    // nothing goes anywhere new: what the recipe says is still done
    state.container = before ?? to;
    say(state, c, { text: wording(state, c), into: to, uses: [] });
    state.container = to;
  }
}

/** "the cornflour paste": what was made of it, as the recipe says. */
function madeWords(state: State, c: Located): string | null {
  for (const m of c.mentions) {
    const made = MADE.exec(c.rest.slice(m.end));
    if (made && state.placed.has(m.ingredient)) return `the ${c.rest.slice(m.at, m.end)}${made[0]}`;
  }
  return null;
}

type Card = { text: string; uses: Draft['uses'] & object; mentions: Mention[]; about?: number[]; from?: string | null; technique?: string; thing?: string };

function saidOf(state: State, c: Located, to: string, { text, uses, mentions, about, from, technique, thing }: Card): void {
  const [m] = mentions;
  push(state, {
    ...common(state, c, to, mentions),
    ...(technique ? { technique } : {}),
    text,
    into: to,
    from: from ?? null,
    uses,
    about: about ?? [],
    ...(m && m.part === 'some' && m.quantity === null ? { little: true } : {}),
    ...(m ? { thing: `the ${nameOf(state.recipe.ingredients[m.ingredient]!)}`, name: nameOf(state.recipe.ingredients[m.ingredient]!) } : {}),
    ...(thing ? { thing, name: thing } : {}),
  });
  for (const one of mentions) state.used.add(one.ingredient);
}

const there = (state: State, to: string) => `⟦there|the ${toolCall(state, to)}⟧`;

/** The place as the recipe says it, else as the vessel is called. */
function goalWords(state: State, c: Located, frame: Frame, to: string): string {
  const p = frame.goal;
  if (p && p.from >= 0 && p.text.length < 60 && p.pronoun === null && !p.everything) {
    const start = c.rest.slice(0, p.from).lastIndexOf(p.prep!);
    return c.rest.slice(Math.max(0, start), p.to).replace(/[\s,]+(?:and)?$/, '').trim();
  }
  return toPlace(state, c.verb!, to);
}

// "with 3 tablespoons of water", "300 ml hot water", which no list has.
const WATER =
  /\b((?:about\s+)?(?:\d[\d./]*|(?:an?|one|two|three|half an?)\s+(?:little|splash|drop|dash|bit|tablespoon|teaspoon|cup|mug|spoon)\p{L}*)[^,;.]{0,20}?\s*(?:of\s+)?(?:hot|cold|warm|boiling|lukewarm|iced)?\s*water)\b/iu;

function waterIn(c: Located): string | null {
  const said = WATER.exec(c.rest);
  if (!said || c.mentions.some((m) => m.end > said.index && m.at < said.index + said[0].length)) return null;
  return /^(?:\d+\s*(?:min|hour|times))/i.test(said[1]!) ? null : said[1]!;
}

function pourWater(state: State, c: Located, to: string, water: string): void {
  push(state, {
    ...common(state, { ...c, rest: '' }, to, []),
    text: sentence(`Pour ${water} ${toPlace(state, 'pour', to)}`),
    technique: 'pour',
    uses: [],
    about: [],
    tools: [to],
    into: to,
    hazards: /\b(?:hot|boiling)\b/i.test(water) ? ['hot', 'steam'] : [],
    thing: 'the water',
    name: 'water',
  });
}

/** Foods that a clause brings and no list has: each is a card too, so that nothing is lost and the dry run tells it. */
function unlistedIn(state: State, c: Located, frame: Frame): string[] {
  const phrases = [frame.theme, frame.with].filter((p): p is Phrase => p !== null && p.pronoun === null && !p.everything);
  const known = knownFoods(state.recipe.ingredients, state.recipe.title);
  return phrases.flatMap((phrase) => {
    let at = phrase.from;
    return phrase.text.split(/(,\s*(?:and\s+)?|\s+and\s+|\s*&\s*)/).flatMap((part) => {
      const [from, to] = [at, at + part.length];
      at = to;
      const name = part.replace(/^(?:(?:the|a|an|some|your|a (?:little|pinch of|drizzle of|splash of|squeeze of|handful of|knob of|bit of))\s+)+/i, '').trim();
      if (phrase.mentions.some((m) => m.at < to + 1 && m.end > from) || name.split(/\s+/).length > 3 || !findFood(name) || unlistedFoods(`x ${name}`, known).length === 0 || /water|mixture|\bmix\b/i.test(name)) return [];
      if (phrase.mentions.length === 0 && ofNoun(state, phrase.text).length > 0) return [];
      return [part.trim().replace(/^(?=\p{L}+$)/u, 'the ')];
    });
  });
}

const WORKS_IN = new Set(['mix', 'beat', 'cream', 'rub-in']);

/** Works things into one: each goes in first, then they are joined. */
export function join(state: State, c: Located): void {
  const frame = frameOf(state, c);
  const object = thingsOf(state, c, frame.theme);
  const withs = thingsOf(state, c, frame.with);
  const goal = goalOf(state, c, frame.goal);
  // "rub the butter into the flour": the flour is in first
  const under = frame.goal && frame.goal.vessel === null ? thingsOf(state, c, frame.goal).fresh : [];
  const said = { fresh: [...under, ...object.fresh, ...frame.beside, ...withs.fresh], there: [...object.there, ...withs.there] };
  // "chop it and stir it in": it goes in where the rest is
  const insertion = frame.particle || /\b(?:it|them|the [\p{L} ]+) in(?:to)?$/iu.test(c.rest) || /^in(?:to)?\b/i.test(c.rest);
  const spokenAt = placeOf(state, state.objectUses);
  // "drain the potatoes, mash with the butter": it is the potatoes; "stir into the sauce": what is in hand goes there
  if (frame.theme === null && !frame.particle && goal.vessel && spokenAt !== goal.vessel) said.there.push(...state.objectUses.filter((i) => state.placed.has(i)));
  const mine = frame.theme === null && !insertion && goal.vessel === null && spokenAt !== null && said.there.length === 0 && !c.first === false ? spokenAt : null;
  const to = (mine !== null && kindOf(c.technique?.id) === 'mash' ? mine : null) ?? vesselToJoin(state, c, said, goal, insertion);
  if (frame.theme?.everything && goal.vessel && frame.theme.mentions.length === 0) Object.assign(said, allBut(state, goal.vessel));
  // the soup is blended in the blender: it has to be there
  if (to === 'blender' && said.fresh.length + said.there.length === 0 && spokenAt !== null && spokenAt !== to) said.there.push(...inside(state, spokenAt));
  const fresh = [...said.fresh];
  // what "mix" means with nothing named, and nothing in the bowl yet
  if (fresh.length + said.there.length === 0 && frame.theme === null && !isHeld(state, to)) fresh.push(...state.objectUses.filter((i) => !state.placed.has(i)).map(wholeOf));
  for (const m of fresh) makeReady(state, m, c, false);
  state.container = to;
  const away = said.there.filter((i) => state.placed.get(i) !== to);
  const extra = unlistedIn(state, c, frame);
  // one thing stirred into what is there is one act; several are put in first
  if (fresh.length === 1 && away.length === 0 && extra.length === 0 && !waterIn(c) && (isHeld(state, to) || isAlone(c))) {
    say(state, { ...c, mentions: [...fresh, ...c.mentions.filter((m) => !fresh.includes(m) && state.placed.get(m.ingredient) === to)] }, { text: wording(state, c), into: to, uses: fresh.map((m) => useOfMention(state, c, m)) });
  } else {
    for (const m of fresh) putIn(state, c, m, to);
    if (away.length > 0) moveIn(state, c, away, to);
    for (const name of extra) saidOf(state, { ...c, rest: '' }, to, { text: sentence(`Put ${name} ${inTool(state, to)}`), uses: [], mentions: [], technique: 'add', thing: name });
    const water = waterIn(c);
    if (water) pourWater(state, c, to, water);
    const came = fresh.length + away.length + extra.length + (water ? 1 : 0) > 0;
    say(state, { ...c, mentions: [] }, { text: came ? joinedWording(state, c, to) : wording(state, c), into: to, uses: [] });
  }
  for (const m of fresh) state.used.add(m.ingredient);
  focusOn(state, inside(state, to), null);
}

const isAlone = (c: Located) => /^(?:beat|whisk|whip|mash|cream)$/.test(c.verb ?? '');

function putIn(state: State, c: Located, m: Mention, to: string): void {
  const one = state.recipe.ingredients[m.ingredient]!;
  const pour = findFood(one.item)?.form === 'liquid' && one.min !== null;
  push(state, {
    ...common(state, { ...c, rest: '', until: null }, to, [m]),
    text: `${pour ? 'Pour' : 'Put'} ${theSaid(state, c, m)} ${pour ? toPlace(state, 'pour', to) : inTool(state, to)}.`,
    technique: pour ? 'pour' : 'add',
    uses: [useOfMention(state, c, m)],
    tools: [to],
    into: to,
    cues: [],
    minutes: {},
    thing: `the ${nameOf(one)}`,
    name: nameOf(one),
  });
}

/** "the lemon zest": the part of it that the recipe means. */
function theSaid(state: State, c: Located, m: Mention): string {
  const part = /\b(zest|juice|rind)\b/i.exec(c.rest.slice(m.at, m.end + 8))?.[1]?.toLowerCase();
  const the = theOf(state, m);
  return part && !the.includes(part) ? `${the} ${part}` : the;
}

/** What lies elsewhere goes in: tipped over as a whole, or by name. */
export function moveIn(state: State, c: Located, away: readonly number[], to: string): void {
  const by = new Map<string, number[]>();
  for (const i of away) by.set(state.placed.get(i)!, [...(by.get(state.placed.get(i)!) ?? []), i]);
  for (const [from, things] of by) {
    const all = inside(state, from).every((i) => things.includes(i));
    const liquid = things.every((i) => ['liquid', 'sticky'].includes(findFood(state.recipe.ingredients[i]!.item)?.form ?? ''));
    push(state, {
      ...common(state, { ...c, rest: '', until: null }, to, []),
      text: `${liquid ? 'Pour' : isPan(from) ? 'Tip' : 'Put'} ⟦thing|⟧ ${liquid || isPan(from) ? toPlace(state, 'pour', to) : inTool(state, to)}.`,
      technique: liquid ? 'pour' : 'add',
      uses: all ? [] : things.map((i) => ({ ...useOf(state.recipe.ingredients, i), quantity: null, unit: null })),
      about: things,
      from: all ? from : null,
      tools: [from, to].filter((id) => id !== PARCEL),
      into: to,
      cues: [],
      minutes: {},
      name: `from-${from}`,
    });
  }
}

/** "Stir everything in the bowl." */
function joinedWording(state: State, c: Located, to: string): string {
  const tool = c.tools.find((t) => toolById(t.id)?.kind === 'utensil' || (toolById(t.id)?.kind === 'appliance' && t.id !== to));
  const how = kindOf(c.technique!.id) === 'fold' ? 'Fold everything together' : `${capital(c.verb!)} everything`;
  return sentence(`${how} ${inTool(state, to)}${tool ? ` with the ${toolCall(state, tool.id)}` : ''}${c.adverb ? ` ${c.adverb}` : ''}${c.until ? ` ${untilOnly(c.until)}` : ''}`);
}

/** "until smooth in a blender, in two goes": only the end. */
const untilOnly = (until: string) => until.replace(/\s+(?:in|with|using) (?:an?|the|your)\s+(?:\p{L}+\s+)?(?:blender|processor|fork|whisk|spoon|bowl|jug)\b.*$/iu, '');

function vesselToJoin(state: State, c: Located, said: Things, goal: { vessel: string | null }, insertion: boolean): string {
  const held = state.container;
  const id = kindOf(c.technique?.id);
  if (goal.vessel) return goal.vessel;
  if (id === 'blend' && !/\b(?:stick|hand|immersion)\b/i.test(c.rest)) return 'blender';
  const where = placeOf(state, said.there);
  const other = [held, ...inUse(state)].find((v): v is string => v !== null && v !== where && v !== 'board' && isHeld(state, v));
  if (insertion && where !== null && said.fresh.length === 0 && other) return other;
  if (where !== null && !insertion) return where;
  if (insertion && held !== null) return held;
  const machine = /^(?:whip|whisk|beat)$/.test(c.verb ?? '') || c.technique?.id === 'whip';
  const anew = said.fresh.length > 0 && said.there.length === 0 && c.first && (said.fresh.length > 1 || machine) && WORKS_IN.has(kindOf(c.technique?.id) === 'beat' ? 'beat' : id);
  // what was cracked into a cup is beaten there
  const own = placeOf(state, said.fresh.map((m) => m.ingredient));
  if (said.fresh.length === 1 && own && own !== held && machine) return own;
  if (anew && held !== null && (isHeld(state, held) || toolById(held)?.kind !== 'container')) return mixingBowl(state);
  if (held === null || held === 'board' || (toolById(held)?.kind === 'surface' && said.fresh.length > 0)) return mixingBowl(state);
  if (['tray', 'muffin-tin', 'cake-tin', 'baking-dish'].includes(held) && said.fresh.length > 1 && id === 'mix' && !insertion) return mixingBowl(state);
  return held;
}
