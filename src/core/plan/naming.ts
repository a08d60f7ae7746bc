// What cards call the matter of the world: by the recipe's noun, by what is in it, or by its place.
import { listed } from '../recipe/listed';
import { showQuantity, toFraction } from '../amount/quantity';
import type { Ingredient } from '../recipe/recipe';
import { bareOf, isShaped } from '../kitchen/matter';
import { contents } from '../kitchen/world';
import type { Known, Lot, World } from '../kitchen/model';
import { foodIs, runs } from '../recipe/food';
import { SHAPE_MANY, SHAPE_ONE } from '../recipe/shape-nouns';
import { hasMark, toolById } from '../technique/tools';
import { worksOf } from '../technique/works';

/** What a recipe calls its tools, the dish that it makes, "soup", and what it bakes: "muffins". */
export type Calls = {
  tools: ReadonlyMap<string, string>;
  dish: string | null;
  baked?: string | null;
  foods?: ReadonlyMap<number, string>;
  /** What the list has under a heading of its own: "the dressing". */
  made?: readonly { name: string; of: ReadonlySet<number> }[];
};

export const call = (calls: Calls, id: string) => calls.tools.get(id) ?? toolById(id)?.name ?? 'bowl';
/** "the can", "the 3 cans". */
export const cansOf = ({ min }: Ingredient): string =>
  min === null || toFraction(min)!.compare(1) <= 0 ? 'the can' : `the ${showQuantity(min)} cans`;
/** The pronoun of a thing by its name: "the ramekins", them. */
export const itOf = (name: string) => (/[^s]s$|(?:ss|sh|ch|x)es$/.test(name) ? 'them' : 'it');

/** Things that are named one by one on a card; more is "everything". */
const MOST_NAMED = 3;

/** What lots are called on a card: by the recipe's noun, or by what is in them where that is little. */
export function nameLots(world: World, lots: readonly Lot[], place: string | null, calls: Calls): string {
  if (lots.length > 0 && bareOf(lots).every((lot) => lot.shell)) return 'the skins';
  // the oil that fritters are fried in goes without saying
  const inOil = lots.filter((lot) => partsOf(world, [lot]).some((k) => !(k.liquid && foodIs(k.food, 'fatty'))));
  if (inOil.length === 1 && lots.length > 1 && inOil[0]!.joined) return nameLots(world, inOil, place, calls);
  const [named] = lots.filter((lot) => lot.name !== null && (!lot.clings || lots.length === 1));
  const meat = named && COATS.test(named.name!) ? [...named.unchecked.keys()].map((i) => world.ingredients[i]!) : [];
  // what lies in its marinade is the chicken
  const inside = named !== undefined && isInside(world, named, lots);
  if (inside && calls.baked && place && hasMark(place, 'bakes')) return `the ${calls.baked}`;
  if (named && !inside && meat.length === 0 && isMostOf(world, named, lots) && (named.joined || lots.length === 1))
    return `the ${isDough(named) || isCake(world, named, place) ? (calls.baked ?? named.name) : named.name}`;
  const parts = partsOf(world, lots);
  // all of what the list calls the dressing, worked into one
  const made =
    lots.length === 1 && lots[0]!.joined && parts.length > 1
      ? calls.made?.find(({ of }) => parts.every((k) => of.has(k.index)))
      : undefined;
  if (made && parts.length * 2 > made.of.size) return `the ${made.name}`;
  const theirs = (known: readonly Known[]) => namesIn(world, lots, known, calls);
  const main = mainOf(parts);
  const coated = coatedOf(lots, main);
  if (coated.length > 0) return theirs(coated);
  const apart = apartOf(world, lots, calls);
  if (apart) return apart;
  const shown = eggsOf(lots, main);
  const only = lots.length === 1 && lots[0]!.joined ? lots[0]! : null;
  const bare = bareOf(lots);
  // flour that butter and water were worked into is flour no more, nor a lime's juice in a dressing the lime
  const worked =
    shown.length === 1 &&
    isWorkedIn(shown[0]!) &&
    // nor is it flour alone, with the water and the oil on it
    (bare.length === 1 ? bare[0]!.joined && parts.length > 1 : shown[0]!.food?.category === 'flour' && parts.some((k) => k.liquid));
  const dish = calls.dish && place !== null && parts.length > MOST_NAMED && lots.some(wasHeated) ? calls.dish : null;
  // potatoes in oil and spices are potatoes
  const many = parts.length > MOST_NAMED && lots.every((lot) => lot.joined) && (main.length > 1 || dish !== null);
  // a sponge with jam under it is no eggs, flour and milk
  const batter = lots.length > 1 && shown.length > 1 && parts.length > MOST_NAMED && bare.some((lot) => isBatter(world, lot, shown));
  // and no sauce in its pan is the pie
  const isPanOf = place !== null && toolById(place)?.kind === 'cookware' && !hasMark(place, 'bakes');
  if ((batter || isFilledCase(world, bare)) && calls.baked && place && !isPanOf && lots.some(wasHeated)) return `the ${calls.baked}`;
  const few =
    shown.length > 0 &&
    shown.length <= MOST_NAMED &&
    !many &&
    !batter &&
    !(only && isDoughOf(only, parts)) &&
    !(calls.dish && isSwimming(parts, shown));
  if (few && !worked) return theirs(shown);
  if (dish !== null) return `the ${dish}`;
  if (only) return calls.baked && only.cooked && only.at && hasMark(only.at, 'bakes') ? `the ${calls.baked}` : 'the mixture';
  return place ? everythingIn(place, calls) : 'everything';
}

/** What ingredients are called where they lie: a cube that was stirred into its water is stock, and the water with it. */
function namesIn(world: World, lots: readonly Lot[], known: readonly Known[], calls: Calls): string {
  const isInWater = (lot: Lot) => lot.joined || (world.vessels.get(lot.at ?? '')?.water ?? 'none') !== 'none';
  const stockOf = ({ name, index }: Known) =>
    lots.some((lot) => lot.parts.has(index) && isInWater(lot))
      ? /^(.*\bstock)\s+(?:cube|pot|powder|tablet)s?$/i.exec(name)?.[1]
      : undefined;
  const isStock = known.some((k) => stockOf(k) !== undefined);
  const shown = isStock ? known.filter((k) => !/\bwater$/i.test(k.name)) : known;
  return listed(shown.map((k) => `the ${stockOf(k) ?? calls.foods?.get(k.index) ?? shortName(k.name)}`));
}

/** Pastry and what lies in it: pies, once they are baked. */
const isFilledCase = (world: World, lots: readonly Lot[]): boolean =>
  lots.length > 1 && lots.some((lot) => lot.cooked && partsOf(world, [lot]).some((k) => k.food?.category === 'pastry'));

/** Flour that was worked into one with several others, and would be named with them. */
const isBatter = (world: World, lot: Lot, shown: readonly Known[]) =>
  lot.joined &&
  lot.parts.size > 2 &&
  shown.filter((k) => lot.parts.has(k.index)).length > 1 &&
  partsOf(world, [lot]).some((k) => k.food?.category === 'flour' && shown.includes(k));

/** Flour that was worked into one with milk, yoghurt or egg is neither any more. */
const isDoughOf = (lot: Lot, parts: readonly Known[]) =>
  parts.length > 1 &&
  !lot.forms.has('toss') &&
  parts.some((k) => k.food?.category === 'flour') &&
  parts.some((k) => (k.wet && !foodIs(k.food, 'fatty')) || k.food?.raw === 'egg') &&
  parts.every((k) => k.minor || k.wet || k.food?.category === 'flour' || k.food?.raw === 'egg');

const ml = (known: readonly Known[]) => known.reduce((sum, k) => sum + k.ml, 0);

/** What gives its name to what it is in; a spoon of soy in a jug of stock does not. */
function mainOf(parts: readonly Known[]): readonly Known[] {
  const main = parts.filter((k) => !k.minor);
  const isSplash = main.every((k) => runs(k.food)) && ml(main) * 3 < ml(parts.filter((k) => !foodIs(k.food, 'fatty')));
  return main.length === 0 || isSplash ? parts : main;
}

/** Carrots, celery and onion in six cups of broth: what cooks is the soup. */
function isSwimming(parts: readonly Known[], shown: readonly Known[]): boolean {
  return shown.length > 1 && ml(parts.filter((k) => k.liquid && !shown.includes(k) && !foodIs(k.food, 'fatty'))) > ml(shown);
}

/** "The berries and the crumble": where flour was worked into one of several, each is called by its own name, or all are everything. */
function apartOf(world: World, lots: readonly Lot[], calls: Calls): string | null {
  const bare = bareOf(lots);
  const isWorked = (lot: Lot) => lot.name !== null && lot.joined && partsOf(world, [lot]).some((k) => !k.minor && isWorkedIn(k));
  if (bare.length < 2 || bare.length > MOST_NAMED || !bare.some(isWorked)) return null;
  const names = [...new Set(bare.map((lot) => nameLots(world, [lot], null, calls)))];
  return names.every((name) => /^the /.test(name) && !/ and |mixture$/.test(name)) ? listed(names) : null;
}

/** Cooked in its own liquid, though cold milk came to it. */
const wasHeated = (lot: Lot) => lot.cooked || (lot.joined && [...lot.forms].some((kind) => worksOf(kind).traits.has('wet')));

const isWorkedIn = ({ food }: Known) => food?.form === 'powder' || food?.category === 'citrus' || food?.category === 'juice';

/** What is in lots; not what was only scattered on others. */
function partsOf(world: World, lots: readonly Lot[]): Known[] {
  // a roll is called after what is outside
  return [...new Set(bareOf(lots).flatMap((lot) => (lot.outside === null ? [...lot.parts.keys()] : [lot.outside])))].map(
    (i) => world.ingredients[i]!,
  );
}

/** What was tossed in a coating is itself, coated; none where the coating is most of it. */
function coatedOf(lots: readonly Lot[], parts: readonly Known[]): Known[] {
  if (!lots.every((lot) => lot.joined && lot.forms.has('toss') && !lot.forms.has('mix') && !lot.forms.has('beat'))) return [];
  const whole = parts.filter(
    ({ food }) => ['whole', 'soft'].includes(food?.form ?? 'whole') && !foodIs(food, 'juicy') && food?.category !== 'citrus',
  );
  return whole.length <= MOST_NAMED && whole.length * 3 >= parts.length ? whole : [];
}

/** Milk that was beaten into eggs is egg. */
function eggsOf(lots: readonly Lot[], parts: readonly Known[]): readonly Known[] {
  const eggs = parts.filter(
    (k) => k.food?.raw === 'egg' && lots.some((lot) => lot.joined && parts.every((other) => lot.parts.has(other.index))),
  );
  return eggs.length > 0 && parts.every((k) => eggs.includes(k) || k.liquid) ? eggs : parts;
}

/** A pan with nothing but water in it. */
const onlyWater = (world: World, place: string): string =>
  (world.vessels.get(place)?.water ?? 'none') !== 'none' && contents(world, place).length === 0 ? 'the water' : '';

const everythingIn = (place: string, calls: Calls) =>
  `everything ${hasMark(place, 'flat') && !/\b(?:tin|pan|dish)$/.test(call(calls, place)) ? 'on' : 'in'} the ${call(calls, place)}`;

/** "Top ... with the cheese", where what lies there has no short name: what goes on is named, and where. */
const onTop = (text: string): string =>
  text
    .replace(
      /^(Sprinkle|Scatter|Crumble|Pour|Spoon|Drizzle|Dot|Squeeze|Tear|Snip|Grate|Grind|Slice) (.+?) over ⟦there\|[^⟧]*⟧/,
      '$1 $2 over the top',
    )
    .replace(
      /^(?:Top|Finish|Decorate|Garnish) ⟦there\|[^⟧]*⟧ with (.+?)(?=(?: (?:just )?(?:if|until|before|when|for)\b|,)|\.$)/,
      (_all, what: string) => `Put ${what.replace(/\s+on top$/i, '')} on top`,
    )
    .replace(
      /^(Sprinkle|Scatter|Drizzle|Dot|Dust) ⟦there\|[^⟧]*⟧ with (.+?)(?=(?: (?:just )?(?:if|until|before|when|for)\b|,)|\.$)/,
      '$1 $2 over the top',
    );

/** A filling under a sauce is not all that there is; a dough with seeds on it is a dough. */
function isMostOf(world: World, named: Lot, lots: readonly Lot[]): boolean {
  const isMain = (i: number) => !world.ingredients[i]!.minor;
  const others = new Set(lots.flatMap((lot) => (lot === named || lot.clings ? [] : [...lot.parts.keys()])));
  // water and fat make a dough as much as flour does; a sauce is what its main things are
  const own = isPaste(named) ? named.parts.size : [...named.parts.keys()].filter(isMain).length;
  return [...others].filter((i) => isMain(i) && !named.parts.has(i)).length * 2 <= own;
}

/** A filling with its pastry on it is no filling any more. */
const isInside = (world: World, named: Lot, lots: readonly Lot[]): boolean =>
  INSIDE.test(named.name ?? '') &&
  lots.some(
    (lot) => lot !== named && !lot.clings && [...lot.parts.keys()].some((i) => !world.ingredients[i]!.minor && !named.parts.has(i)),
  );
const INSIDE = /\b(?:filling|stuffing)$/;

/** What meat and fish lie in, and are not. */
const COATS = /\b(?:marinade|glaze|dressing|rub|coating)$/;

/** "Scrape the mixture into the tin": it is a mixture until it comes out of the oven. */
const isCake = (world: World, lot: Lot, place: string | null): boolean =>
  lot.cooked &&
  /^(?:mixture|mix)$/.test(lot.name ?? '') &&
  place !== null &&
  (hasMark(place, 'bakes') || hasMark(place, 'stand')) &&
  [...lot.parts.keys()].some((i) => world.ingredients[i]!.raw === 'raw-flour');

/** What was baked of a batter, a dough or balls of it is called after the dish. */
const isDough = (lot: Lot) => lot.cooked && isPaste(lot);
const isPaste = (lot: Lot) => DOUGH.test(lot.name ?? '') || SHAPES.test(lot.name ?? '');
const DOUGH = /^(?:batter|dough)$/;

/** A name without what only helps to buy it. */
export const shortName = (name: string) =>
  name
    .replace(/\s+(?:such as|like|or)\s.*$/i, '')
    .replace(/^(?:refrigerated|store-bought|shop-bought|free-range|good[- ]quality|organic)\s+(?=\p{L}{3})/iu, '')
    .slice(0, 48);

/** What a step acts on and where: the lots, what lies where they go, what was spoken of; the vessel that they come from and the one that it works in. */
export type Spoken = { lots: readonly Lot[]; there: readonly Lot[]; about: readonly number[]; from: string | null; to: string | null };

/** The words of a step with its holes filled from the world, before it is done. */
export function fillHoles(text: string, world: World, { lots, there, about, from, to }: Spoken, calls: Calls): string {
  const many = there.length > 0 && /^everything|,| and /.test(nameLots(world, there, to, calls));
  return (
    (many ? onTop(text) : text)
      .replace(/⟦(thing|there|held|spoken)\|([^⟧]*)⟧/g, (_all, kind: string, other: string) => {
        // several things have no short name
        if (kind === 'there' && many) return to ? everythingIn(to, calls) : 'the food';
        if (kind === 'there')
          return there.length > 0 ? nameLots(world, there, to, calls) : other || (to ? `the ${call(calls, to)}` : 'the food');
        if (kind === 'held') return nameLots(world, there, to, calls) || other || 'the food';
        if (kind === 'spoken') {
          // the oil that they were fried in goes without saying
          const main = about.filter((i) => !(world.ingredients[i]!.minor && world.ingredients[i]!.liquid));
          return (
            namesIn(
              world,
              lots,
              (main.length > 0 ? main : about).map((i) => world.ingredients[i]!),
              calls,
            ) ||
            other ||
            'everything'
          );
        }
        const name = lots.length > 0 ? nameLots(world, lots, from, calls) : '';
        // what was shaped of several things has a name that no ingredient has, until it is baked
        const shaped =
          /parcels?$/.test(other) ||
          lots.length < 2 ||
          lots.every((lot) => isShaped(lot) || lot.forms.has('cut') || [...lot.parts.keys()].every((i) => world.ingredients[i]!.minor));
        const isShape =
          shaped &&
          SHAPES.test(other) &&
          (name === '' || NO_FOOD.test(name) || /parcels?$/.test(other) || (lots.length > 0 && lots.every(isShaped))) &&
          !(calls.baked && lots.some(isDough));
        return (
          (isShape || (NO_FOOD.test(name) && isFilledOf(world, lots, other)) ? other : name || other) ||
          (from
            ? (/\bon the (?:hob|stove|ring|burner)\b/.test(text) ? '' : onlyWater(world, from)) || `everything in the ${call(calls, from)}`
            : 'the food')
        );
      })
      .replace(/\beverything (?:in|on) the [^.]{3,30}? ((?:from|out of) the )/, 'everything $1')
      // it is the pan that stands there
      .replace(/^(Put|Place|Set|Stand|Return) everything in (the [^.]{3,24}?) on (the (?:hob|stove|ring|burner))/, '$1 $2 on $3')
      // what is left goes over what has the first of it on
      .replace(/^(\p{L}+) (the [^.]+?) over \2(?=[ .])/iu, '$1 $2 over the top')
      // what goes over an empty glass goes into it
      .replace(/^((?:Spoon|Pour|Ladle) .+) over (the (?:glass(?:es)?|cups?|mugs?|bowls?|jars?|pots?|jug))\./, '$1 into $2.')
  );
}

/** "The shells", with what was spooned into each: one of the things that lie there by its own name. */
const isFilledOf = (world: World, lots: readonly Lot[], said: string): boolean => {
  const noun = /^the (?:\p{L}+ )?(\p{L}+s)$/iu.exec(said)?.[1]?.toLowerCase();
  return noun !== undefined && partsOf(world, lots).some((k) => k.name.toLowerCase().split(' ').at(-1) === noun);
};

const NO_FOOD = /^everything|,| and |\b(?:mixture|dough|batter)$/;
const SHAPES = new RegExp(`\\b(?:${SHAPE_MANY}|${SHAPE_ONE})$`, 'i');
