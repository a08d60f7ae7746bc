// Finds which of a recipe's ingredients a piece of instruction speaks of, and how much of each.
import { table } from '../amount/table';
import { remembering } from '../amount/remembering';
import { Fraction, readNumber, toFraction, toQuantity, type Quantity } from '../amount/quantity';
import { readUnit, type Unit } from '../amount/units';
import { findFood, nameWords, singular } from '../recipe/food';
import { SHAPE_ONE } from '../recipe/shape-nouns';
import type { Ingredient } from '../recipe/recipe';

/** An ingredient spoken of, with the place of its words in the text. */
export type Mention = {
  ingredient: number;
  at: number;
  end: number;
  quantity: Quantity | null;
  unit: Unit | null;
  part: 'some' | 'rest' | 'all';
  /** What stays behind: "1 tbsp", of "all but 1 tbsp of the seeds"; empty, where most goes in. */
  but?: string;
};

/** All of an ingredient that a text speaks of without naming it. */
export const wholeOf = (ingredient: number): Mention => ({ ingredient, at: 0, end: 0, quantity: null, unit: null, part: 'all' });

type Group = {
  words: readonly string[];
  ingredients: number[];
  /** Only while none of them is in: later the word means what was made of them. */
  fresh?: boolean;
};
type Name = {
  words: readonly string[];
  ingredient: number;
  /** Without the word that says its form: "tomato", of "tomato purée". */
  short: boolean;
};

/** The names that ingredients go by in a method, made once for a recipe. */
export type Names = {
  byFirst: Map<string, Name[]>;
  groups: Map<string, Group[]>;
  ingredients: readonly Ingredient[];
};

/** Which adjectives may be left off a name: "fresh mint leaves" is "mint", "red lentils" is "lentils". */
export function namesOf(ingredients: readonly Ingredient[]): Names {
  const byFirst = new Map<string, Name[]>();
  const add = (words: readonly string[], ingredient: number, short = false) => {
    if (words.length === 0 || (words.length === 1 && words[0]!.length < 3)) return;
    const held = byFirst.get(words[0]!) ?? [];
    if (!held.some((n) => n.ingredient === ingredient && n.words.length === words.length)) held.push({ words, ingredient, short });
    byFirst.set(words[0]!, held);
  };
  ingredients.forEach((one, i) => {
    // "sugar for the fruit" is no fruit
    const [plain = '', use] = one.item.split(/\s+for\s+/i);
    if (use !== undefined) add(nameWords(one.item), i);
    for (const name of [plain, ...one.alternatives, ...plain.split(/\s+with\s+/i).slice(0, 1)]) {
      const words = nameWords(name);
      for (let from = 0; from < words.length; from++) add(words.slice(from), i);
      if (words.length > 2 || (words.length === 2 && FORM_WORDS.has(words[1]!))) add(words.slice(0, -1), i, true);
      // "stock and soy", "brown the beef" of "beef stew meat"
      if (words.at(-1) === 'sauce' && SAUCED.has(words[0]!)) add(words.slice(0, -1), i);
      if (words.length > 1 && MEATS.has(words[0]!) && findFood(one.item)?.raw) add([words[0]!], i);
      // "the breadsticks" of "breadstick dough"
      if (words.at(-1) === 'dough' && SHAPED.test(words.at(-2) ?? '')) add(words.slice(-2, -1), i);
      // "the pineapple" of "frozen pineapple chunks"
      if (FORM_WORDS.has(words.at(-1)!)) for (let from = 1; from < words.length - 1; from++) add(words.slice(from, -1), i);
    }
    const food = findFood(one.item);
    const own = nameWords(one.item);
    for (const word of own) for (const short of CALLED.get(word) ?? []) add([short], i);
    for (const name of food?.names ?? []) {
      const words = nameWords(name);
      // another member of the same row is another food: "noodle" finds udon, but "cod" is not the salmon of this recipe
      const short = (w: string) => w.length >= 4 && own.some((o) => o.startsWith(w));
      if (words.some((w) => own.includes(w) || short(w)) || name === food!.names[0]) add(words, i);
      // "the corn" of frozen sweetcorn
      if (words[0] === 'frozen' && own.includes('frozen')) add(words.slice(1), i, true);
    }
    for (const word of GENERIC.get(food?.category ?? '') ?? []) add([word], i);
    // "brown the beef" of a sirloin steak
    if (food?.id === 'steak' && !ingredients.some((other) => /\bbeef\b/i.test(other.item) && findFood(other.item)?.raw)) add(['beef'], i);
    // "the pepper" of a scotch bonnet, where nothing else goes by that name
    if (food?.id === 'chilli') {
      add(['chilli'], i);
      if (!ingredients.some((other) => /\bpeppers?\b/i.test(other.item))) add(['pepper'], i);
    }
    if (/crumbs$/i.test(one.item)) add(['crumb'], i);
    if (one.preparation.some((work) => /crumbs?$/i.test(work))) for (const word of ['breadcrumb', 'crumb']) add([word], i);
    // "with floured hands", "on a floured board"
    if (food?.category === 'flour') add(['floured'], i);
    for (const named of ['juiced', 'zested'].filter((w) => one.preparation.includes(w))) {
      const noun = named === 'juiced' ? 'juice' : 'zest';
      add([...nameWords(food?.names[0] ?? one.item), noun], i);
      add([noun], i);
    }
  });
  for (const held of byFirst.values()) held.sort((a, b) => b.words.length - a.words.length);
  return { byFirst, groups: groupsOf(ingredients), ingredients };
}

// What people at a stove call it.
const CALLED = table<string[]>({
  tomato: ['tom'],
  potato: ['spud', 'tatty', 'tater'],
  mayonnaise: ['mayo'],
  parmesan: ['parm'],
  mozzarella: ['mozz'],
  mushroom: ['mush'],
  aubergine: ['eggplant'],
  eggplant: ['aubergine'],
  courgette: ['zucchini'],
  zucchini: ['courgette'],
  cilantro: ['coriander'],
  coriander: ['cilantro'],
  scallion: ['onion'],
  chickpea: ['garbanzo'],
  shrimp: ['prawn'],
  prawn: ['shrimp'],
});

const SHAPED = new RegExp(`^${SHAPE_ONE}$`);
const SAUCED = new Set(['soy', 'worcestershire', 'hoisin', 'teriyaki', 'oyster', 'tabasco', 'bbq', 'barbecue']);
const MEATS = new Set(['beef', 'pork', 'lamb', 'chicken', 'turkey', 'duck']);

// Words for a form or a cut, which a method leaves off: "the mustard" of "mustard powder".
export const FORM_WORDS = new Set(
  'powder paste puree purée flake cube breast thigh drumstick fillet leaf seed floret wedge piece chunk strip shell wrapper stick kernel mince steak cheese extract essence sheet pasta wrap slice half shoot bulb stalk rind zest'.split(
    ' ',
  ),
);

// A method often names a thing by its kind: "the pasta" of "200 g penne".
const GENERIC = table<string[]>({
  pasta: ['pasta'],
  noodle: ['noodle'],
  cheese: ['cheese'],
  rice: ['rice'],
  bread: ['bread'],
  flour: ['flour'],
  sugar: ['sugar'],
  oil: ['oil'],
  stock: ['stock', 'broth'],
  fish: ['fish'],
  pulse: ['bean', 'lentil'],
  berry: ['berry'],
  milk: ['milk'],
  'plant-drink': ['milk', 'drink'],
  yoghurt: ['yoghurt', 'yogurt'],
  cream: ['cream'],
  nut: ['nut'],
  seed: ['seed'],
  poultry: ['chicken', 'meat'],
  meat: ['meat'],
  vinegar: ['vinegar'],
  syrup: ['syrup'],
  leaf: ['leaf'],
  herb: ['herb'],
});

/** Of that group, and in pieces: a purée, a juice or a tin is not what "the vegetables" means. */
const isWhole = (one: Ingredient, group: string) => {
  const food = findFood(one.item);
  return food?.group === group && (food.form === 'whole' || food.keep === 'freezer') && one.unit !== 'can';
};

const GROUP_FOODS: [string, (one: Ingredient) => boolean][] = [
  ['vegetable', (one) => isWhole(one, 'vegetable') && findFood(one.item)?.id !== 'garlic' && findFood(one.item)?.category !== 'leaf'],
  ['veg', (one) => isWhole(one, 'vegetable')],
  ['fruit', (one) => isWhole(one, 'fruit')],
  ['herb', (one) => findFood(one.item)?.category === 'herb'],
  ['spice', (one) => findFood(one.item)?.category === 'spice'],
  ['dry ingredient', (one) => ['powder', 'grain', 'packed'].includes(findFood(one.item)?.form ?? '')],
  ['wet ingredient', (one) => ['liquid', 'sticky', 'soft'].includes(findFood(one.item)?.form ?? '') || findFood(one.item)?.id === 'egg'],
];

// Headings that name what goes in or on as it is: "fold in the add-ins".
const UNMADE = /^(?:add-?ins?|mix-?ins?|extras|toppings?|garnish(?:es)?|decorations?)$/i;

function groupsOf(ingredients: readonly Ingredient[]): Names['groups'] {
  const groups: Group[] = [];
  const headings = new Map<string, number[]>();
  ingredients.forEach((one, i) => {
    if (one.group) headings.set(one.group, [...(headings.get(one.group) ?? []), i]);
  });
  // what the recipe itself calls so goes before what is so by nature
  for (const [heading, members] of headings) groups.push({ words: nameWords(`${heading} ingredient`), ingredients: members });
  for (const [heading, members] of headings)
    if (UNMADE.test(heading)) groups.push({ words: nameWords(heading), ingredients: members, fresh: true });
  for (const [words, test] of GROUP_FOODS) {
    // "the vegetables" of "frozen stir-fry vegetables", with an onion on the list for the top
    const named = ingredients.flatMap((one, i) => (nameWords(one.item).at(-1) === words.replace(/^veg$/, 'vegetable') ? [i] : []));
    const members = named.length > 0 ? named : ingredients.flatMap((one, i) => (test(one) ? [i] : []));
    if (members.length > 0) groups.push({ words: words.split(' '), ingredients: members });
  }
  groups.push({ words: ['all', 'ingredient'], ingredients: ingredients.map((_, i) => i) });
  groups.push({ words: ['all', 'of', 'the', 'ingredient'], ingredients: ingredients.map((_, i) => i) });
  groups.push({ words: ['all', 'the', 'ingredient'], ingredients: ingredients.map((_, i) => i) });
  const byFirst: Names['groups'] = new Map();
  for (const group of groups) byFirst.set(group.words[0] ?? '', [...(byFirst.get(group.words[0] ?? '') ?? []), group]);
  return byFirst;
}

// "the vegetable mixture" is no vegetable any more
const MADE = new Set(['mixture', 'mix', 'soup', 'stew', 'sauce', 'stock', 'filling', 'salad', 'layer', 'oil', 'juice', 'puree', 'purée']);

/** "the vegetable soup"; not "the veg, oil and salt". */
const isMade = (text: string, list: readonly Token[], next: number): boolean =>
  MADE.has(list[next]?.word ?? '') && !text.slice(list[next - 1]!.end, list[next]!.at).includes(',');

export type Token = { word: string; at: number; end: number };

/** The words of a text, singular, with their places. */
export const tokens: (text: string) => readonly Token[] = remembering(tokensOf, 400, 2000);

function tokensOf(text: string): Token[] {
  return [...text.toLowerCase().matchAll(/\p{L}[\p{L}']*/gu)].map((m) => ({
    word: singular(m[0]),
    at: m.index,
    end: m.index + m[0].length,
  }));
}

/**
 * The ingredients that a text speaks of, in its order. Of two that a word could mean, the one not yet used goes first.
 * @param used indices of ingredients that earlier steps took
 */
export function mentionsIn(text: string, names: Names, used: ReadonlySet<number>): Mention[] {
  const list = tokens(text);
  const found: Mention[] = [];
  for (let i = 0; i < list.length; i++) {
    const group = names.groups
      .get(list[i]!.word)
      ?.find(
        (g) =>
          g.words.every((w, k) => list[i + k]?.word === w) &&
          !isMade(text, list, i + g.words.length) &&
          !(g.fresh && g.ingredients.some((one) => used.has(one))),
      );
    if (group) {
      const at = list[i]!.at;
      const end = list[i + group.words.length - 1]!.end;
      // "the frozen fruit" is not the fresh berries
      const cold = list[i - 1]?.word === 'frozen' ? group.ingredients.filter((one) => /frozen/i.test(names.ingredients[one]!.item)) : [];
      // "the rest of the wet ingredients": those that are not in yet, whole
      const open = group.ingredients.filter((one) => !used.has(one));
      const isRest = open.length > 0 && amountBefore(text, at, names.ingredients[group.ingredients[0]!]!).part === 'rest';
      for (const ingredient of isRest ? open : cold.length > 0 ? cold : group.ingredients)
        found.push({ ingredient, at, end, ...(isRest ? WHOLE : amountBefore(text, at, names.ingredients[ingredient]!)) });
      i += group.words.length - 1;
      continue;
    }
    const candidates = (names.byFirst.get(list[i]!.word) ?? []).filter((n) => n.words.every((w, k) => list[i + k]?.word === w));
    const size = candidates[0]?.words.length ?? 0;
    if (size === 0 || isOtherFood(list, i, size)) continue;
    const named = candidates.filter((n) => n.words.length === size);
    // "the tomatoes" are not the tomato purée, where there are tomatoes
    const best = named.some((n) => !n.short) ? named.filter((n) => !n.short) : named;
    // "the beans" of three kinds of beans, "both peppers": all of them that are not in yet
    const open = [...new Set(best.filter((n) => !used.has(n.ingredient)).map((n) => n.ingredient))];
    // "tip in the peppers", red and yellow, once both were cut: both
    const several = open.length > 0 ? open : sameFood(best, names);
    if (size === 1 && several.length > 1 && isPlural(text, list[i]!)) {
      const { at, end } = list[i]!;
      for (const ingredient of several)
        if (!found.some((f) => f.ingredient === ingredient))
          found.push({ ingredient, at, end, ...amountBefore(text, at, names.ingredients[ingredient]!) });
      continue;
    }
    // "the chocolate mixture" is of what was used already
    const made = MADE.has(list[i + size]?.word ?? '') ? best.find((n) => used.has(n.ingredient)) : undefined;
    const chosen = made ?? best.find((n) => !used.has(n.ingredient) && !found.some((f) => f.ingredient === n.ingredient)) ?? best[0]!;
    const at = list[i]!.at;
    const end = list[i + size - 1]!.end;
    if (!found.some((f) => f.ingredient === chosen.ingredient))
      found.push({ ingredient: chosen.ingredient, at, end, ...amountBefore(text, at, names.ingredients[chosen.ingredient]!) });
    i += size - 1;
  }
  return found;
}

const WHOLE = { quantity: null, unit: null, part: 'all' as const };

/** The ingredients behind names, where they are one food of several kinds. */
function sameFood(best: readonly Name[], { ingredients }: Names): number[] {
  const all = [...new Set(best.map((n) => n.ingredient))];
  const food = (i: number) => findFood(ingredients[i]!.item)?.id;
  return food(all[0]!) !== undefined && all.every((i) => food(i) === food(all[0]!)) ? all : [];
}

/** Whether the word of a token is a plural in the text: its singular is shorter. */
const isPlural = (text: string, token: Token) =>
  token.end - token.at > token.word.length || /\b(?:both|all)\s+(?:of\s+)?(?:the\s+)?$/i.test(text.slice(0, token.at));

/** "soy" of "soy sauce", "tomato" of "tomato paste": the word belongs to a longer name of another food. */
function isOtherFood(list: readonly Token[], i: number, size: number): boolean {
  const here = list.slice(i, i + size).map((t) => t.word);
  for (const extra of [1, 2]) {
    const next = list[i + size + extra - 1];
    // "salt and pepper" are two things where the list has them apart
    if (!next || next.word === 'and' || next.at - list[i + size + extra - 2]!.end > 1) return false;
    if (/^(?:juice|zest|rind|wedge|half|leaf|slice)$/.test(next.word)) return false;
    const longer = findFood([...here, ...list.slice(i + size, i + size + extra).map((t) => t.word)].join(' '));
    const shorter = findFood(here.join(' '));
    if (longer && shorter && longer.id !== shorter.id && findFood(next.word)?.id !== longer.id) return true;
  }
  return false;
}

/** How much of it the words before say: "1 tbsp of the oil", "half of the cheese", "the remaining oil". */
function amountBefore(
  text: string,
  at: number,
  one: Ingredient,
): { quantity: Quantity | null; unit: Unit | null; part: Mention['part']; but?: string } {
  const before = text.slice(Math.max(0, at - 40), at);
  if (/\b(?:other|second|last)\s+(?:(?:table|tea)?spoon(?:ful)?|cup|tbsp?|tbs|tsp)\.?\s+(?:of\s+)?(?:the\s+)?$/iu.test(before))
    return { quantity: null, unit: null, part: 'rest' };
  if (/\b(?:remaining|rest of(?: the)?|other half of(?: the)?|leftover)\s*(?:\p{L}+\s+)?$/iu.test(before))
    return { quantity: null, unit: null, part: 'rest' };
  const but = /\ball (?:but|except)(?: for)?\s+((?:a|an|about|half|\d[\d ./½¼¾]*)[^,.;]*?)\s+of\s+(?:the\s+)?(?:\p{L}+\s+)?$/iu.exec(
    before,
  );
  if (but) return { quantity: null, unit: null, part: 'all', but: but[1]! };
  if (/\bmost of\s+(?:the\s+|your\s+)?(?:\p{L}+\s+)?$/iu.test(before)) return { quantity: null, unit: null, part: 'all', but: '' };
  const portion =
    /\b(half|(?:a|one)[ -](?:third|quarter)|two[ -]thirds|three[ -]quarters)\s+(?:of\s+)?(?:the\s+|your\s+)?(?!each\b|every\b|both\b)(?:\p{L}+\s+)?$/iu.exec(
      before,
    );
  if (portion && one.min) {
    const share = { half: '1/2', third: '1/3', quarter: '1/4', thirds: '2/3', quarters: '3/4' }[
      portion[1]!.toLowerCase().split(/[ -]/).at(-1)!
    ];
    const all = toFraction(one.min);
    if (share && all) return { quantity: toQuantity(all.mul(new Fraction(share))), unit: one.unit, part: 'some' };
  }
  // "a splash of the milk", of 400 mL
  if (
    /\ban?\s+(?:small\s+|little\s+)?(?:splash|dash|drizzle|pinch|glug|drop)\s+(?:of\s+)?(?:the\s+)?(?:\p{L}+\s+)?$/iu.test(before) &&
    one.min !== null &&
    one.unit !== null &&
    !/^(?:splash|dash|drizzle|pinch)$/.test(one.unit)
  )
    return { quantity: null, unit: null, part: 'some' };
  const amount =
    /(\d[\d ./]*|\b(?:one|two|three|four|five|six|an?|half an?))\s*((?:[a-z]+\.?)?)\s*(?:of\s+)?(?:the\s+)?(?:\p{L}+\s+){0,1}$/iu.exec(
      before,
    );
  if (amount) {
    const number = readNumber(amount[1]!.trim(), 0);
    const unit = readUnit(amount[2]!);
    // "2-3 times in cold water", "10 minutes in milk"
    if (!unit && /^(?:times?|min\w*|hours?|hrs?|sec\w*|days?|inch\w*|batch\w*|sides?)\b/i.test(amount[2]!))
      return { quantity: null, unit: null, part: 'all' };
    if (number?.ok && (unit || !number.word)) return { quantity: toQuantity(number.min), unit: unit?.unit ?? null, part: 'some' };
  }
  if (/\b(?:a little|some|a bit|more|splash|pinch|spoonful|drizzle|dash)\s+(?:of\s+)?(?:the\s+)?(?:\p{L}+\s+)?$/iu.test(before))
    return { quantity: null, unit: null, part: 'some' };
  return { quantity: null, unit: null, part: 'all' };
}
