// What the recipe means by a noun that no list has: "the dough", "the dressing", "3 falafel", and where things lie.
import { table } from '../amount/table';
import { contents, FLESH, lotsOf, type Lot } from '../kitchen/index';
import { isShaped } from '../kitchen/matter';
import { foodIs, nameWords, singular } from '../recipe/food';
import { CUT_NOUN, SHAPE_MANY, SHAPE_ONE } from '../recipe/shape-nouns';
import { inside } from './push';
import { hasMark, toolById } from '../technique/tools';
import { kindHas } from '../technique/works';
import { kindOf } from '../technique/lexicon';
import { type Phrase } from './slots';
import { type State } from './state';
import { inUse, isPan } from './vessels';

const CUT = new RegExp(`^(?:${CUT_NOUN})$`, 'i');
/** "a burger", "each ball". */
export const PIECE = new RegExp(`^(?:an?|one|the|each|every)\\s+(${SHAPE_ONE}|${SHAPE_MANY})$`, 'i');
export const SHAPE = new RegExp(`\\b(?:${SHAPE_ONE}|${SHAPE_MANY})\\b`, 'i');

export const MIXTURE = new RegExp(
  `\\b(dough|batter|sauce|soup|stew|curry|filling|dressing|marinade|mixture|mix|mash|crumble|crumbs|paste|salad|porridge|risotto|dal|dhal|daal|chowder|ragu|ragù|bolognese|tagine|goulash|topping|glaze|icing|custard|pastry|base|rub|slurry|syrup|omelette|rice|gravy|salsa|pesto|purée|puree|ganache|frosting|meringue|jelly|stuffing|coating|oil|cups|${SHAPE_MANY}|${SHAPE_ONE})\\b`,
  'i',
);

/** What comes out of an oven has a name that no list has: "the cold cake". */
const BAKED =
  /\b(?:cake|(?:short|cup)cakes?|scones?|muffins?|loaf|loaves|pie|pudding|bread|sponge|crumble|bake|tray ?bake|flapjack|brownie|quiche|frittata)$/i;
const isBakedOn = (id: string) => hasMark(id, 'bakes') || toolById(id)?.kind === 'surface';

/** Nouns that say what was done: the crumbs are what was crushed. */
const BY_WORK = table<readonly string[]>({ crumbs: ['crush', 'mash', 'blend', 'rub-in', 'grate'], mash: ['mash'] });

const DOUGHS = /^(?:pastry|base|dough)$/;

/** Made in a pot. */
const POT_NOUN =
  /^(?:soup|stew|sauce|curry|dh?a?al|chowder|rag[uù]|bolognese|tagine|goulash|risotto|gravy|porridge|custard|chilli|syrup|rice)$/;

/** And wet. */
const STEW_NOUN = /^(?:soup|stew|curry|dh?a?al|chowder|rag[uù]|bolognese|tagine|goulash|risotto|porridge|chilli)$/;
const isWet = (state: State, pan: string): boolean =>
  (state.world.vessels.get(pan)?.water ?? 'none') !== 'none' ||
  inside(state, pan).some((i) => state.world.ingredients[i]!.liquid && !foodIs(state.world.ingredients[i]!.food, 'fatty'));

export const PARCELS = /\b(?:parcels?|packets?|pouch(?:es)?|bundles?)$/i;
/** Pieces that are called by their form, and not only "pieces" or "slices". */
const NAMED_CUT = /^(?:wedge|strip|stick|cube|chunk|baton|floret|matchstick|ribbon)s?$/;
const PARCEL_SAID =
  /^(?:Put|Place|Lay|Slide|Set|Arrange|Move|Transfer|Lift|Bake|Steam)\b[^.]*\b(?:parcels?|packets?|pouch(?:es)?|bundles?)\b/;

/**
 * What the recipe means by a noun that no list has: "the dough", "the dressing".
 * @param goes what goes to it, where it is a place that something goes to
 */
export function ofNoun(state: State, said: string, goes: readonly number[] | null = null): number[] {
  const asGoal = goes !== null;
  // "turn the cake out"
  const text = said.replace(/\s+(?:out|off|up|down|over|back|in|carefully|gently|slowly)$/i, '');
  // "spread each slice": of the bread, which the list counts in slices
  const unit = /\b(slice|rasher|sheet)(?:s|$|\b)/i.exec(text)?.[1]?.toLowerCase();
  const all = state.recipe.ingredients.flatMap((one, i) => (unit && one.unit === unit ? [i] : []));
  const begun = all.filter((i) => state.used.has(i) || lotsOf(state.world, i).some((lot) => lot.forms.size > 0));
  const counted = begun.length === 1 ? begun : all;
  if (counted.length === 1 && !lotsOf(state.world, counted[0]!).some((lot) => lot.joined)) return counted;
  // "mash the flesh": of what was scooped out
  if (!asGoal && FLESH.test(text)) {
    const shells = state.world.lots.filter((lot) => lot.shell);
    if (shells.length > 0) return [...new Set(shells.flatMap((lot) => [...lot.parts.keys()]))];
  }
  // "mix the juice with the sugar": what was squeezed
  const juice =
    !asGoal && /\bjuices?$/i.test(text) ? state.world.lots.findLast((lot) => lot.forms.has('juice') && lot.at !== null) : undefined;
  if (juice) return [...juice.parts.keys()];
  const noun = MIXTURE.exec(text)?.[1]?.toLowerCase();
  // "a spoonful of raita", which was made
  const called = noun ? undefined : state.world.lots.findLast((lot) => lot.name !== null && text.toLowerCase().endsWith(` ${lot.name}`));
  if (called) return [...called.parts.keys()];
  const baked = BAKED.test(text)
    ? [...state.world.lots].reverse().find((lot) => lot.cooked && lot.at !== null && isBakedOn(lot.at))
    : undefined;
  if (baked) return [...baked.parts.keys()];
  // a parcel is all that lies in its paper
  const sheet = PARCELS.test(text) ? inUse(state).find((v) => hasMark(v, 'under')) : undefined;
  if (sheet) return inside(state, sheet);
  // baked, with potatoes cooked since: where they were put
  const tray = PARCELS.test(text)
    ? state.steps.findLast((s) => PARCEL_SAID.test(s.text) && s.into && inUse(state).includes(s.into))?.into
    : undefined;
  if (tray) return inside(state, tray);
  if (!noun) return orOfTitle(state, text, madeUnder(state, text));
  // "turn the wedges", of the potatoes, with the strips of chicken spoken of last
  const ofThat = !asGoal && NAMED_CUT.test(noun) ? cutInto(state, noun) : null;
  if (ofThat && !state.objectUses.some((i) => ofThat.includes(i))) return ofThat;
  // pieces are of what was shaped or cut last
  if (SHAPE.test(text) && state.objectUses.length > 0) {
    const shaped = asGoal
      ? [...state.world.lots].reverse().find((lot) => isShaped(lot) && lot.at !== placeOf(state, state.objectUses))
      : undefined;
    if (shaped) return [...shaped.parts.keys()];
    // "fry the koftas", with the yoghurt spoken of last: what was shaped
    const shapes = state.world.lots.filter((lot) => isShaped(lot));
    // a wrap in damp paper is shaped too, but no patty
    const made = shapes.findLast((lot) => lot.joined) ?? shapes.at(-1);
    // "a burger" is no half of a bun; "a slice" may be of anything that was cut
    const isPieces = state.objectUses.some((i) =>
      lotsOf(state.world, i).some((lot) => (CUT.test(noun) && lot.forms.has('cut')) || (isShaped(lot) && (lot.joined || !made?.joined))),
    );
    // "dip each strip in the flour": what a step before cut into strips
    const cut = !isPieces && !made ? cutInto(state, noun) : null;
    return made && !isPieces ? [...made.parts.keys()] : (cut ?? state.objectUses);
  }
  // what is stirred into the soup is not the soup
  const hand = asGoal ? placeOf(state, goes) : null;
  const isNamed = (called: string) => (lot: Lot) =>
    (lot.name === called || lot.name?.endsWith(` ${called}`) === true) && (hand === null || lot.at !== hand);
  // "roll out the pastry", of what was a dough; its base, once it lies in the tin
  const named = state.world.lots.find(isNamed(noun)) ?? (DOUGHS.test(noun) ? state.world.lots.find(isNamed('dough')) : undefined);
  if (named) return [...named.parts.keys()];
  const work = BY_WORK.get(noun);
  const made = [...state.world.lots].reverse().filter((lot) => work?.some((form) => lot.forms.has(form)));
  // biscuits make crumbs, and berries under the same fork do not
  const worked = made.find((lot) => [...lot.parts.keys()].some((i) => foodIs(state.world.ingredients[i]!.food, 'of-flour'))) ?? made[0];
  if (worked) return [...worked.parts.keys()];
  const joined = state.world.lots.filter((lot) => lot.joined && lot.at !== null);
  const others = joined.filter((lot) => lot.at !== hand);
  const inPans = POT_NOUN.test(noun) ? [...state.world.lots].reverse().filter((lot) => lot.cooked && isPan(lot.at) && lot.at !== hand) : [];
  // onions in their oil are no soup
  const wet = STEW_NOUN.test(noun) ? inPans.filter((lot) => isWet(state, lot.at!)) : [];
  const pots = wet.length > 0 ? wet : inPans;
  // pasta in its water is no sauce, where another pan has more in it
  const pot = pots.find((lot) => lot.joined || inside(state, lot.at!).length > 1) ?? pots[0];
  const here =
    pot ??
    (hand === null ? joined.find((lot) => lot.at === state.container) : undefined) ??
    others.at(-1) ??
    (hand === null ? joined.at(-1) : undefined);
  if (here) return here.joined ? withPoured(state, here) : inside(state, here.at!);
  // "pour it over the salad": what lies together in another bowl
  const laid =
    hand === null ? undefined : state.world.lots.findLast((lot) => lot.at !== null && lot.at !== hand && inside(state, lot.at).length > 1);
  if (laid) return inside(state, laid.at!);
  return state.container ? inside(state, state.container) : state.objectUses;
}

/** "Cook the naan one at a time", of a title: the dough that they are made of. */
function orOfTitle(state: State, text: string, made: number[]): number[] {
  if (made.length > 0 || !nameWords(text).some((word) => state.titleWords.has(word))) return made;
  const isDough = (lot: Lot) => lot.joined && [...lot.parts.keys()].some((i) => state.world.ingredients[i]!.raw === 'raw-flour');
  const dough = state.world.lots.findLast(isDough);
  return dough ? [...dough.parts.keys()] : [];
}

/** "Slowly add the milk, whisking all the time", then "the batter": what was poured to it is in it. */
function withPoured(state: State, lot: Lot): number[] {
  const poured = contents(state.world, lot.at!).filter(
    (other) => other !== lot && !other.portion && [...other.parts.keys()].every((i) => state.world.ingredients[i]!.liquid),
  );
  return [...new Set([lot, ...poured].flatMap((one) => [...one.parts.keys()]))];
}

/** Water that is not spoken of as "the water". */
export const SOME_WATER =
  /^(?:(?:about|around)\s+)?(?:\d|[½¼¾⅓⅔]|an?\s|some\b|enough\b|half\b|plenty\b|(?:cold|hot|warm|boiling|tap|fresh|clean)\b|water\b)/iu;

/** How a phrase names what stands under a heading and was made: "3 falafel". */
export function madeSaid(state: State, phrase: Phrase | null): string | null {
  const said = [...(phrase?.text ?? '').matchAll(/(?:^|\band\s+|,\s*)((?:the\s+|\d+\s+)?\p{L}+)(?=,|\s+and\b|$)/giu)].map((m) => m[1]!);
  return said.find((one) => madeUnder(state, one).length > 0) ?? null;
}

/** "3 falafel", of what stands under "Falafel" in the list and was worked into one. */
export function madeUnder(state: State, text: string): number[] {
  // "on top" is no heading's "Top"
  const said = ON_ITSELF.test(text) ? undefined : nameWords(text).at(-1);
  const groupOf = (i: number) => state.recipe.ingredients[i]!.group;
  const lot = state.world.lots.findLast((one) => {
    const [first] = one.parts.keys();
    const heading = one.joined && first !== undefined ? groupOf(first) : null;
    return heading !== null && nameWords(heading).at(-1) === said && [...one.parts.keys()].every((i) => groupOf(i) === heading);
  });
  return lot ? [...lot.parts.keys()] : [];
}

/** What was cut into pieces of a name: "cut the chicken into 5 strips". */
function cutInto(state: State, noun: string): number[] | null {
  const into = new RegExp(`\\binto\\b.*\\b${singular(noun)}`, 'i');
  const step = state.steps.findLast((s) => kindHas(kindOf(s.technique), 'pieces') && into.test(s.text));
  const parts = step?.uses?.flatMap((use) => use.ingredient ?? []) ?? [];
  return parts.length > 0 ? parts : null;
}

/** The pastry, dough or bread under a filling: of what was spoken of, else of what lies in hand. */
export function sheetUnder(state: State, about: readonly number[]): number | undefined {
  const near = state.container === null ? [] : contents(state.world, state.container).flatMap((lot) => [...lot.parts.keys()]);
  return [...about, ...near].find((i) => foodIs(state.world.ingredients[i]!.food, 'of-flour'));
}

/** Where the first of things lies, on the board too. */
export const liesAt = (state: State, there: readonly number[]): string | null =>
  there.flatMap((i) => lotsOf(state.world, i).flatMap((lot) => lot.at ?? []))[0] ?? null;

/** The vessel where things lie, when they all lie in one. */
export const placeOf = (state: State, there: readonly number[]): string | null => {
  const places = new Set(there.map((i) => state.placed.get(i) ?? null));
  return places.size === 1 ? [...places][0]! : null;
};

/** What a dish is of, not its salt and oil: those are elsewhere too. All of it, where it is of nothing else. */
export const mainsOf = (state: State, there: readonly number[]): readonly number[] => {
  const mains = there.filter((i) => !state.world.ingredients[i]!.minor);
  return mains.length > 0 ? mains : there;
};

export const ON_ITSELF =
  /^(?:the |its |their |each |one |of )*(?:top|tops|middle|centre|center|bottom|base|inside|outside|side|sides|surface|edge|edges|ends?|half|one half|halves|other|each|layer|hole|well|cavity)\b/i;

const POURED =
  /^(?:(?:all|half|some|most) (?:of )?)?(?:the |your )?(?:\p{L}+ )?(?:drizzle|dressing|sauce|icing|glaze|syrup|gravy|custard)\b/iu;
/** What is made to be poured over something, and has nothing poured over it: "the drizzle" of the list's heading. */
export const runsOver = (state: State, text: string): boolean => POURED.test(text) && madeUnder(state, text).length > 0;
