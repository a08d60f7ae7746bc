// What a clause speaks of: things that nothing was done with yet, things that lie somewhere, and where they go.
import { lotsOf, shellOf } from '../kitchen/index';
import { isShaped } from '../kitchen/matter';
import { findFood, nameWords, singular } from '../recipe/food';
import { putLater } from './later';
import { wholeOf, type Mention } from './mentions';
import { PIECE, MIXTURE, ON_ITSELF, SOME_WATER, ofNoun, madeSaid, madeUnder, liesAt, placeOf, runsOver } from './nouns';
import { inside } from './push';
import { hasMark, isWrap } from '../technique/tools';
import { actOfKind, worksOf } from '../technique/works';
import { isGoalPrep, isManner, phrasesOf, type Phrase } from './slots';
import { placeSaid } from './place-said';
import { isContainer, type Located, type State } from './state';
import { inUse, isHeld, vesselOfPhrase } from './vessels';
import { EACH_HOLE, eachIn, HOLLOW, hollowed } from './hollows';

/** What a phrase means: things that nothing was done with yet, and things that lie somewhere. */
export type Things = { fresh: Mention[]; there: number[] };

const AND_MORE = /^(?:it|them|these|this|that|both)(?:\s+(?:too|both|all|as well|in))?,?\s+(?:and|plus|along|together)\b/i;

const isLooseCut = (state: State, i: number) =>
  lotsOf(state.world, i).some((lot) => lot.at === null && [...lot.forms].some((form) => actOfKind(form) === 'ready' && form !== 'rinse'));

const isFresh = (state: State, m: Mention) => m.part !== 'all' || !state.placed.has(m.ingredient) || isMostlyLeft(state, m.ingredient);

/** Only a splash of the milk is in the mash: the milk of the sauce is the rest. */
const isMostlyLeft = (state: State, ingredient: number) =>
  lotsOf(state.world, ingredient).some((lot) => lot.at === null && !lot.joined && (lot.parts.get(ingredient) ?? 0) > 0.5);
export const MADE = /^\s+(?:paste|slurry|mixture|mix|filling|sauce|dough|batter)\b/i;

/** "The cucumber yogurt", of cucumber that was stirred into yogurt: both, and one thing. */
const isMixedWithNext = (state: State, c: Located, m: Mention): boolean => {
  const lot = lotsOf(state.world, m.ingredient).find((one) => one.joined);
  return (
    lot !== undefined &&
    c.mentions.some(
      (o) => o !== m && (o.at === m.end + 1 || m.at === o.end + 1) && lot.parts.has(o.ingredient) && o.end > o.at && m.end > m.at,
    )
  );
};

export function thingsOf(state: State, c: Located, phrase: Phrase | null): Things {
  if (phrase === null) return { fresh: [], there: [] };
  // "put them all in a bowl": what was cut, on the lines before too
  if (phrase.pronoun === 'them' && /^(?:them|these) all\b/i.test(phrase.text)) {
    const cut = state.recipe.ingredients.flatMap((_, i) => (!state.placed.has(i) && isLooseCut(state, i) ? [i] : []));
    if (cut.length > 1) return { fresh: cut.map(wholeOf), there: [] };
  }
  if ((phrase.pronoun || phrase.everything) && phrase.mentions.length === 0) return spokenOf(state, phrase);
  // "add them too, and the tomatoes"
  if (phrase.pronoun && AND_MORE.test(phrase.text)) {
    const { fresh, there } = spokenOf(state, phrase);
    const named = phrase.mentions.filter((m) => !fresh.some((o) => o.ingredient === m.ingredient) && !there.includes(m.ingredient));
    return {
      fresh: [...fresh, ...named.filter((m) => isFresh(state, m))],
      there: [...there, ...named.flatMap((m) => (isFresh(state, m) ? [] : [m.ingredient]))],
    };
  }
  const piece = pieceOf(state, phrase);
  if (piece !== null) return { fresh: [], there: piece };
  const fresh: Mention[] = [];
  const there: number[] = [];
  for (const m of phrase.mentions) {
    // a floured board is no flour
    if (/^flou?red\b/i.test(c.rest.slice(m.at)) || /^\s+side\b/i.test(c.rest.slice(m.end))) continue;
    // "the ricotta mixture" is all that the ricotta is in
    const made = (MADE.test(c.rest.slice(m.end)) || isMixedWithNext(state, c, m)) && state.placed.has(m.ingredient);
    if (made) there.push(...inside(state, state.placed.get(m.ingredient)!));
    else if (isFresh(state, m)) fresh.push(m);
    else there.push(m.ingredient);
  }
  // "combine the pasta and the sauce": the sauce too
  const also = fresh.length + there.length > 0 ? BESIDE.exec(phrase.text)?.[1] : undefined;
  if (also) there.push(...ofNoun(state, `the ${also}`).filter((i) => !fresh.some((m) => m.ingredient === i)));
  // "with lettuce, tomatoes and 3 falafel", which stand under a heading of that name
  const made = fresh.length + there.length > 0 ? madeSaid(state, phrase) : null;
  if (made) there.push(...madeUnder(state, made));
  if (fresh.length + there.length > 0) return { fresh, there: [...new Set(there)] };
  if (phrase.vessel) {
    const vessel = vesselOfPhrase(state, c, phrase);
    return { fresh: [], there: vessel ? inside(state, vessel) : [] };
  }
  const other = otherName(state, phrase.text);
  if (other !== null) return state.placed.has(other) ? { fresh: [], there: [other] } : { fresh: [wholeOf(other)], there: [] };
  // "with 2 cups of water", "put some water in the pan": from the tap, and nothing that was made
  if ((phrase.prep === 'with' || SOME_WATER.test(phrase.text)) && findFood(phrase.text)?.category === 'water')
    return { fresh: [], there: [] };
  // "add the pepper to the sauce": the sauce may be what was spoken of
  const others = c.mentions.filter((m) => m.end > m.at && !phrase.mentions.includes(m)).map((m) => m.ingredient);
  const goes = others.length > 0 ? others : state.objectUses;
  return { fresh: [], there: ofNoun(state, phrase.text, isGoalPrep(phrase.prep) ? goes : null) };
}

/** "Tip the popcorn into a bowl", of popping corn: another name of the one thing on the list that goes by it. */
function otherName(state: State, text: string): number | null {
  const food = findFood(text);
  const same = food ? state.recipe.ingredients.flatMap((one, i) => (findFood(one.item)?.id === food.id ? [i] : [])) : [];
  // water comes from the tap, whatever of it the list has
  return same.length === 1 && !MIXTURE.test(text) && food?.category !== 'water' ? same[0]! : null;
}

/** "Put a burger in each", with burger buns on the list: what was shaped, not the buns. */
export function pieceOf(state: State, phrase: Phrase): number[] | null {
  const [only] = phrase.mentions;
  const noun = PIECE.exec(phrase.text)?.[1]?.toLowerCase();
  if (!only || phrase.mentions.length > 1 || !noun) return null;
  const item = nameWords(state.recipe.ingredients[only.ingredient]!.item);
  if (item.at(-1) === singular(noun) || !item.includes(singular(noun))) return null;
  const made = state.world.lots.findLast((lot) => isShaped(lot) && !lot.parts.has(only.ingredient));
  return made ? [...made.parts.keys()] : null;
}

function spokenOf(state: State, phrase: Phrase): Things {
  if (phrase.everything && state.used.size === 0 && state.objectUses.length === 0)
    return { fresh: state.recipe.ingredients.flatMap((one, i) => (one.optional ? [] : [wholeOf(i)])), there: [] };
  const meant =
    phrase.pronoun === 'them' &&
    !state.themIsLast &&
    state.lineObjects.length > 1 &&
    state.lineObjects.some((i) => state.objectUses.includes(i))
      ? state.lineObjects
      : state.objectUses;
  // "rub the oil over the potato. Put it in the basket": the potato, and its oil with it
  const bare = meant.filter((i) => !lotsOf(state.world, i).some((lot) => lot.clings));
  const all = bare.length > 0 ? bare : meant;
  return {
    fresh: all.filter((i) => !state.placed.has(i)).map(wholeOf),
    there: all.filter((i) => state.placed.has(i)),
  };
}

/** What was made, named beside what is on the list. */
const BESIDE = /\band\s+(?:the\s+|your\s+)?(sauce|dressing|filling|topping|mixture|gravy|mash|stuffing)$/i;

/** "Bring together to a soft dough": what it becomes, and no place. */
const isResult = ({ prep, text, vessel }: Phrase): boolean =>
  vessel === null &&
  /^(?:in)?to$/.test(prep ?? '') &&
  /^an?\s+(?:[\p{L}-]+,?\s+){0,3}(?:dough|batter|paste|pulp|pur[eé]e|slurry|foam|froth|ball)$/iu.test(text);

/** Where a goal phrase leads: a vessel, and the things that lie there where it names them. */
export function goalOf(state: State, c: Located, phrase: Phrase | null): { vessel: string | null; lots: number[] } {
  if (phrase === null || isResult(phrase)) return { vessel: null, lots: [] };
  if (phrase.vessel) return { vessel: vesselOfPhrase(state, c, phrase), lots: [] };
  if (phrase.pronoun === 'it' && state.vesselSpoken) return { vessel: state.vesselSpoken, lots: [] };
  // "a strawberry on each one", with the glasses in hand
  // "a spoonful of cream on each one", with the cream in hand: on the cups
  const cup = /^each(?: one)?$/i.test(phrase.text)
    ? [state.container, ...inUse(state)].find((v) => v !== null && hasMark(v, 'each'))
    : null;
  if (cup) return { vessel: cup, lots: [] };
  const said = placeSaid(state, phrase);
  if (said) return { vessel: said, lots: [] };
  const shell = shellOf(state.world, phrase.text);
  if (shell) return { vessel: shell.at, lots: [] };
  const things = thingsOf(state, c, phrase);
  const lots = things.there.length > 0 ? things.there : ON_ITSELF.test(phrase.text) ? state.objectUses : [];
  // "into each cup", of a muffin tin
  const each = eachIn(state, phrase.text);
  if (each && EACH_HOLE.test(phrase.text) && phrase.mentions.length === 0) return { vessel: each, lots: [] };
  // "put a layer of cake in each cup"
  const own =
    phrase.mentions.length === 0
      ? /^(?:the\s+(?:bottom|base)\s+of\s+)?(?:each|every|the)\s+(?:(?:plastic|paper|small|little|clear)\s+)*(cup|mug|glass|jar)(?:e?s)?$/i
          .exec(phrase.text)?.[1]
          ?.toLowerCase()
      : undefined;
  if (own) return { vessel: own === 'mug' ? 'cup' : own, lots: [] };
  // "pour into cups"
  if (/^(?:the |\d+ |two |four |six )?(?:\p{L}+ )?(?:cups|mugs)$/iu.test(phrase.text) && phrase.mentions.length === 0)
    return { vessel: 'cup', lots: [] };
  // "push the mixture into the holes", of the apples that stand in the dish
  const cored = HOLLOW.test(phrase.text) ? hollowed(state) : null;
  if (cored) return cored;
  // "grease a tin. Spoon the jam into the bottom"
  if (state.vesselSpoken && ON_ITSELF.test(phrase.text) && !lots.some((i) => state.placed.has(i)))
    return { vessel: state.vesselSpoken, lots: [] };
  // "dollop it over the nachos": the dish by a word of its title is what came out of the oven
  const dish = lots.length === 0 && state.inOven && nameWords(phrase.text).some((w) => state.titleWords.has(w)) ? state.inOven : null;
  if (dish && isHeld(state, dish)) return { vessel: dish, lots: inside(state, dish) };
  // what lies by itself on the board is in no vessel, but it is there
  return { vessel: placeOf(state, lots) ?? (lots.length > 0 ? (state.placed.get(lots[0]!) ?? liesAt(state, lots)) : null), lots };
}

const isGoal = (state: State, p: Phrase) =>
  isGoalPrep(p.prep) &&
  (p.vessel !== null ||
    p.mentions.length > 0 ||
    p.pronoun !== null ||
    MIXTURE.test(p.text) ||
    (EACH_HOLE.test(p.text) && eachIn(state, p.text) !== null) ||
    (HOLLOW.test(p.text) && hollowed(state) !== null) ||
    (state.inOven !== null && nameWords(p.text).some((w) => state.titleWords.has(w))) ||
    shellOf(state.world, p.text) !== null ||
    ON_ITSELF.test(p.text) ||
    runsOver(state, p.text) ||
    placeSaid(state, p) !== null);

export type Frame = {
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
  const object = all.find((p) => p.prep === null && !isManner(p)) ?? null;
  const tool = (p: Phrase) => c.tools.some((t) => t.at >= p.from && t.at < p.to && !isContainer(t.id));
  const withP =
    all.find(
      (p) =>
        p.prep === 'with' &&
        !tool(p) &&
        (p.mentions.length > 0 ||
          p.pronoun !== null ||
          MIXTURE.test(p.text) ||
          findFood(p.text) !== null ||
          // "sprinkle with the streusel", which is a heading of the list
          madeUnder(state, p.text).length > 0),
    ) ?? null;
  const goals = all.filter((p) => p !== object && isGoal(state, p));
  const [first] = goals;
  // "stir in the paprika", "pour over the sauce": the preposition belongs to the verb
  const isThing = (p: Phrase) => {
    if (p.vessel !== null || !/^(?:in|over|through|on|into)$/.test(p.prep ?? '') || p.from > 9) return false;
    // "cook in the oil" cooks no oil
    if (p.prep === 'in' && worksOf(c.technique?.id, c.technique?.like).act === 'heat') return false;
    // "swirl through the cheesecake mixture": what is in hand goes through it
    if (p.prep === 'through' && p.mentions.length === 0 && /^(?:swirl|ripple|marble)$/.test(c.verb ?? '')) return false;
    // "scatter over the rest of the crumble"
    if (p.prep === 'over' && /^(?:the )?(?:rest|remaining|remainder)\b/i.test(p.text) && p.mentions.length === 0) return true;
    const things = thingsOf(state, c, p);
    // "drop in spoonfuls of the mixture", which is in another bowl
    // "spoon over the drizzle", with the cake in hand: it runs over that
    if (p.prep === 'over' && runsOver(state, p.text) && placeOf(state, things.there) !== state.container) return true;
    return (
      things.fresh.length > 0 ||
      (/^(?:in|through|on)$/.test(p.prep!) &&
        things.there.length > 0 &&
        state.container !== null &&
        (placeOf(state, things.there) !== state.container || (p.prep === 'in' && isAllInHand(state, things.there))))
    );
  };
  const particle = object === null && first !== undefined && first.from >= 0 && isThing(first);
  const theme = particle ? first : object;
  const open = particle ? goals.slice(1) : goals;
  // "on kitchen paper on a plate": the plate is where it lies
  const goal = (open[0] && isSheet(open[0]) ? open.find((p) => p.vessel !== null && !isSheet(p)) : undefined) ?? open[0] ?? null;
  const beside = all
    .filter((p) => p !== theme && p !== withP && (p !== goal || p.vessel !== null))
    .flatMap((p) => p.mentions)
    .filter((m) => isFresh(state, m) && !/\bfloured\b/i.test(c.rest.slice(m.at, m.end)));
  return { theme: theme ?? null, with: withP, goal, particle, beside };
}

/** Paper, foil or a cloth, that lies on what holds the food. */
const isSheet = ({ text, vessel }: Phrase): boolean =>
  (vessel !== null && isWrap(vessel)) || /\b(?:kitchen|baking|greaseproof|absorbent) (?:paper|roll|towel)|\bpaper towels?\b/i.test(text);

/** "Stir in the mushrooms", which are all that the pan in hand holds, with drained pasta beside: they go to the pasta. */
const isAllInHand = (state: State, there: readonly number[]) =>
  inside(state, state.container!).every((i) => there.includes(i) || state.world.ingredients[i]!.minor) &&
  state.world.drained !== null &&
  state.world.drained !== state.container &&
  inUse(state).includes(state.world.drained);

/** "Everything in a large bowl": all that is made or ready and not there yet. */
export function allBut(state: State, c: Located, vessel: string): Things {
  const last = putLater(state, c.line, c.rest);
  const isLater = (i: number) => {
    const one = state.recipe.ingredients[i]!;
    return (
      one.optional || (last.has(i) && !state.used.has(i)) || /topping|serve|garnish/i.test(`${one.group ?? ''} ${one.notes.join(' ')}`)
    );
  };
  const all = state.recipe.ingredients.flatMap((_, i) => (isLater(i) || (state.placed.get(i) ?? null) === vessel ? [] : [i]));
  return { fresh: all.filter((i) => !state.placed.has(i)).map(wholeOf), there: all.filter((i) => state.placed.has(i)) };
}

/** "Pat the salmon dry and season with salt": what was handled last, where it lies nowhere yet. */
export const handledAlone = (state: State): Mention[] =>
  state.objectUses.every(
    (i) => lotsOf(state.world, i).every((lot) => lot.at === null) && lotsOf(state.world, i).some((lot) => lot.forms.size > 0),
  )
    ? state.objectUses.map(wholeOf)
    : [];
