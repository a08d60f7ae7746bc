// The cards of things that go somewhere: one for each, with its place, its water and what no list has.
import { lotsOf, meantLots } from '../kitchen/index';
import { kindOfUnit, showAmount } from '../amount/units';
import { findFood, runs } from '../recipe/food';
import { useOf, type Draft } from '../plan/draft';
import { listed } from '../recipe/listed';
import { readIngredientLine } from '../recipe/ingredient-line';
import { objectPhrase } from '../plan/object-phrase';
import type { Mention } from './mentions';
import { unlistedFoods } from './unlisted-foods';
import { measureStep } from './measure-step';
import { nameOf } from './ready';
import { inside, push } from './push';
import { useOfMention } from './say';
import { type Phrase } from './slots';
import { PARCEL, type Located, type State } from './state';
import { common } from './step-of-clause';
import { inTool, toolCall } from './tool-names';
import { isHeld, isPan } from './vessels';
import { toPlace } from './place-words';
import { isLittle, sentence, theOf } from './wording';

import { ofNoun, SHAPE } from './nouns';
import { MADE, thingsOf, type Frame } from './things';

const PART_OF = /\b(half|a third|two[ -]thirds|a quarter|three[ -]quarters|most|the rest|some)\s+(?:of\s+)?(?:the\s+)?$/i;

/** "the cornflour paste": what was made of it, as the recipe says. */
export function madeWords(state: State, c: Located): string | null {
  for (const m of c.mentions) {
    const made = MADE.exec(c.rest.slice(m.end));
    if (!made || !state.placed.has(m.ingredient)) continue;
    const part = PART_OF.exec(c.rest.slice(0, m.at))?.[1];
    return `${part ? `${part.toLowerCase()} of ` : ''}the ${c.rest.slice(m.at, m.end)}${made[0]}`;
  }
  return null;
}

type Card = {
  text: string;
  uses: Draft['uses'] & object;
  mentions: Mention[];
  about?: number[];
  from?: string | null;
  technique?: string;
  thing?: string;
};

export function saidOf(state: State, c: Located, to: string, { text, uses, mentions, about, from, technique, thing }: Card): void {
  const [m] = mentions;
  push(state, {
    ...common(state, c, to, mentions),
    ...(technique ? { technique } : {}),
    text,
    into: to,
    from: from ?? null,
    uses,
    about: about ?? [],
    ...(m && isLittle(state, m) ? { little: true } : {}),
    ...(m
      ? { thing: `the ${nameOf(state.recipe.ingredients[m.ingredient]!)}`, name: nameOf(state.recipe.ingredients[m.ingredient]!) }
      : {}),
    ...(thing ? { thing, name: thing } : {}),
  });
  for (const one of mentions) state.used.add(one.ingredient);
}

export const there = (state: State, to: string) => `⟦there|the ${toolCall(state, to)}⟧`;

/** The place as the recipe says it, else as the vessel is called. */
export function goalWords(state: State, c: Located, frame: Frame, to: string): string {
  const p = frame.goal;
  if (p && p.from >= 0 && p.text.length < 60 && p.pronoun === null && !p.everything) {
    const start = c.rest.slice(0, p.from).lastIndexOf(p.prep!);
    // "on a tray lined with foil"
    const lined = /^\s*(?:with|in)\s+(?:\p{L}+\s+)?(?:foil|paper|parchment|cling film)\b/iu.exec(c.rest.slice(p.to));
    const end = /\blined\s*$/i.test(c.rest.slice(0, p.to)) && lined ? p.to + lined[0].length : p.to;
    return c.rest
      .slice(Math.max(0, start), end)
      .replace(/[\s,]+(?:and)?$/, '')
      .trim();
  }
  // "rub the oil over them"
  if (p && p.pronoun !== null && /^(?:over|onto|around)$/.test(p.prep ?? '')) {
    const { there: all } = thingsOf(state, c, p);
    // them: what was laid there last, not what it lies on
    const last = state.steps.findLast((s) => s.into === to && (s.uses ?? []).length > 0)?.uses?.flatMap((u) => u.ingredient ?? []) ?? [];
    const lying = all.some((i) => last.includes(i)) ? all.filter((i) => last.includes(i)) : all;
    if (lying.length > 0 && lying.length < 4) return `${p.prep} ${listed(lying.map((i) => `the ${nameOf(state.recipe.ingredients[i]!)}`))}`;
  }
  // "chop the parsley and sprinkle it over", "spoon the soy sauce and the oil over"
  if (/\S\s+over$/i.test(c.rest.trim())) return 'over ⟦there|⟧';
  // "sprinkle over the ginger and the soy sauce"
  if (frame.particle && /^(?:on|over)$/.test(frame.theme?.prep ?? '')) return 'over ⟦there|⟧';
  return toPlace(state, c.verb!, to);
}

// "with 3 tablespoons of water", "300 ml hot water", which no list has.
const WATER =
  /\b((?:about\s+)?(?:\d[\d./]*|(?:an?|one|two|three|half an?)\s+(?:little|splash|drop|dash|bit|tablespoon|teaspoon|cup|mug|spoon)\p{L}*)[^,;.]{0,20}?\s*(?:of\s+)?(?:hot|cold|warm|boiling|lukewarm|iced)?\s*water)\b/iu;

/** A liquid that a step before kept back: "reserving the juice", "Scoop out a mugful of the cooking water". */
const KEPT =
  /\b(?:reserv|sav|keep|retain)\p{L}*\b[^.]*?\b(juices?|liquid|syrup|brine|water)\b|^(?:Scoop|Ladle|Dip) (?:out )?[^.]*\b(water|liquid)\b/iu;

const LIQUID = /juice|liquid|syrup|brine|water/i;

/** "Enough of the pasta water", "the juice" of the tin: what is said of a liquid that was kept. */
function keptIn(state: State, c: Located): RegExpExecArray | null {
  if (!LIQUID.test(c.rest)) return null;
  const noun = state.steps.flatMap((s) => KEPT.exec(s.text)?.slice(1).find(Boolean) ?? []).at(-1);
  if (!noun) return null;
  return new RegExp(
    `\\b((?:(?:(?:about\\s+)?\\d[\\d./ ]*\\p{L}+|some|enough|all|half|an?\\s+\\p{L}+)\\s+of\\s+)?the\\s+(?:(?:reserved|saved|kept|remaining|hot|starchy|cooking|pasta)\\s+){0,2}${noun})\\b`,
    'iu',
  ).exec(c.rest);
}

/**
 * A liquid that a clause pours in and no list has: water with its amount, or what was kept back.
 * @param kept the state where what was kept counts: it goes in with other things; by itself it is an act in its own words
 */
export function waterIn(c: Located, kept: State | null): string | null {
  const said = WATER.exec(c.rest) ?? (kept && keptIn(kept, c));
  if (!said || c.mentions.some((m) => m.end > said.index && m.at < said.index + said[0].length)) return null;
  return /^(?:\d+\s*(?:min|hour|times))/i.test(said[1]!) ? null : said[1]!;
}

/** "Add 400 ml of water": fetched in a jug or by the spoon, as what is listed is; what is only poured in if it is wanted is not. */
function fetchWater(state: State, c: Located, water: string): string | null {
  if (c.condition !== null || !/^(?:about\s+)?[\d½¼¾⅓⅔]/.test(water) || /\bthe\b/i.test(water)) return null;
  const one = readIngredientLine(water.replace(/^about\s+/i, ''))[0];
  const item = one && /^(?:\p{L}+ )?water$/iu.test(one.item) ? one.item : null;
  const step = one && item ? measureStep([one], 0, null, null, null, state.kitchen, null, (v) => isHeld(state, v)) : null;
  if (!step) return null;
  push(state, { ...step, sourceLine: c.line, uses: [] });
  return `the ${item}`;
}

/** "Add a splash of water if it is too thick": only then. */
const ifSaid = (c: Located): string => {
  const said = c.condition ?? /\b(?:if|until)\b.*$/i.exec(c.rest)?.[0] ?? null;
  return said ? ` ${said}` : '';
};

export function pourWater(state: State, c: Located, to: string, said: string): void {
  const liquid = /\p{L}+$/u.exec(said)?.[0].toLowerCase() ?? 'water';
  const water = fetchWater(state, c, said) ?? said;
  push(state, {
    ...common(state, { ...c, rest: '' }, to, []),
    text: sentence(`Pour ${water} ${toPlace(state, 'pour', to)}${ifSaid(c)}`),
    technique: 'pour',
    uses: [],
    about: [],
    tools: [to],
    into: to,
    hazards: /\b(?:hot|boiling)\b/i.test(said) ? ['hot', 'steam'] : [],
    thing: `the ${liquid}`,
    name: liquid,
  });
}

/** Foods that a clause brings and no list has: each is a card too, so that nothing is lost and the dry run tells it. */
export function unlistedIn(state: State, c: Located, frame: Frame): string[] {
  const phrases = [frame.theme, frame.with].filter((p): p is Phrase => p !== null && p.pronoun === null && !p.everything);
  return phrases.flatMap((phrase) => {
    let at = phrase.from;
    return phrase.text.split(/(,\s*(?:and\s+)?|\s+and\s+|\s*&\s*)/).flatMap((part) => {
      const [from, to] = [at, at + part.length];
      at = to;
      const name = part
        .replace(/^(?:(?:the|a|an|some|your|a (?:little|pinch of|drizzle of|splash of|squeeze of|handful of|knob of|bit of))\s+)+/i, '')
        .trim();
      if (
        phrase.mentions.some((m) => m.at < to + 1 && m.end > from) ||
        name.split(/\s+/).length > 3 ||
        !findFood(name) ||
        unlistedFoods(`x ${name}`, state.known).length === 0 ||
        /water|mixture|\bmix\b/i.test(name)
      )
        return [];
      if (phrase.mentions.length === 0 && ofNoun(state, phrase.text).length > 0) return [];
      return [part.trim().replace(/^(?=\p{L}+$)/u, 'the ')];
    });
  });
}

export function putIn(state: State, c: Located, m: Mention, to: string): void {
  const one = state.recipe.ingredients[m.ingredient]!;
  const pour = findFood(one.item)?.form === 'liquid' && one.min !== null;
  const back = partOfAll(state, m);
  push(state, {
    ...common(state, { ...c, rest: '', until: null }, to, [m]),
    // "mash with a splash of milk": the rest stays where it is
    ...(isLittle(state, m) || back ? { little: true } : {}),
    text: `${pour ? 'Pour' : 'Put'} ${back ?? theSaid(state, c, m)} ${pour ? toPlace(state, 'pour', to) : inTool(state, to)}.`,
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

/** "4 tbsp of the milk", where all of it is in the pan already: so much of that. Null where some is left to be measured. */
function partOfAll(state: State, m: Mention): string | null {
  const lots = lotsOf(state.world, m.ingredient);
  const isIn = lots.length > 0 && lots.every((lot) => lot.at !== null && lot.at !== 'board' && (lot.joined || !lot.portion) && lot.cooked);
  return isIn && m.part === 'some' && m.quantity !== null && m.unit !== null && kindOfUnit(m.unit) !== 'count'
    ? `${showAmount(m.quantity, m.unit)} of the ${nameOf(state.recipe.ingredients[m.ingredient]!)}`
    : null;
}

/** "the lemon zest": the part of it that the recipe means. */
function theSaid(state: State, c: Located, m: Mention): string {
  const fruit = findFood(state.recipe.ingredients[m.ingredient]!.item)?.names[0] ?? '';
  // "the lemon zest and lemon juice": both come of one lemon
  const both = [...c.rest.matchAll(/\b(\p{L}+) (zest|juice|rind)\b/giu)].filter((said) => said[1]!.toLowerCase() === fruit);
  if (both.length > 1) return both.map((said) => `the ${said[0].toLowerCase()}`).join(' and ');
  // "the lemon zest and juice"
  const pair = /^\p{L}+ ((?:zest|juice|rind) and (?:zest|juice|rind))\b/iu.exec(c.rest.slice(m.at))?.[1]?.toLowerCase();
  if (pair && fruit) return `the ${fruit} ${pair}`;
  const part = /^[^,]*?\b(zest|juice|rind)\b/i.exec(c.rest.slice(m.at, m.end + 8))?.[1]?.toLowerCase();
  const the = theOf(state, m);
  return part && !the.includes(part) ? `${the} ${part}` : the;
}

const SHARE = /\b(most|half|some|a little|a third|two[- ]thirds|three[- ]quarters)(?: of)? (?:the|your) (\p{L}+)\b/iu;

/** What lies elsewhere goes in: tipped over as a whole, or by name. */
export function moveIn(state: State, c: Located, away: readonly number[], to: string): void {
  // "brown the meatballs": what was shaped has a name that no ingredient has
  const said = c.mentions.length === 0 ? objectPhrase(c.rest) : null;
  const shaped = said !== null && SHAPE.test(said) && /^(?:the|your) \p{L}+$/iu.test(said) ? said : '';
  // of flour in the patties and flour on the plate, the patties go
  const meant = meantLots(state.world, away);
  const theirs = away.filter((i) => meant.includes(lotsOf(state.world, i).at(-1)!));
  const by = new Map<string, number[]>();
  for (const i of theirs.length > 0 ? theirs : away) by.set(state.placed.get(i)!, [...(by.get(state.placed.get(i)!) ?? []), i]);
  // "toss with most of the dressing": the card says so too
  const share = SHARE.exec(c.rest);
  const shared = share ? ofNoun(state, `the ${share[2]!}`) : [];
  for (const [from, things] of by) {
    const all = inside(state, from).every((i) => things.includes(i));
    const some = shared.length > 0 && shared.every((i) => things.includes(i)) ? `${share![1]!.toLowerCase()} of ` : '';
    const liquid = things.every((i) => runs(findFood(state.recipe.ingredients[i]!.item)));
    push(state, {
      ...common(state, { ...c, rest: '', until: null }, to, []),
      text: `${liquid ? 'Pour' : isPan(from) ? 'Tip' : 'Put'} ${some}⟦thing|${shaped}⟧ ${liquid || isPan(from) ? toPlace(state, 'pour', to) : inTool(state, to)}.`,
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
