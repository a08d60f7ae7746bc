// The names that a recipe's ingredients go by in its method: by their own words, by their kind, by the heading they stand under.
import { table } from '../amount/table';
import { findFood, nameWords, singular } from '../recipe/food';
import type { Ingredient } from '../recipe/recipe';
import { SHAPE_ONE } from '../recipe/shape-nouns';

type Group = {
  words: readonly string[];
  ingredients: number[];
  /** Only while none of them is in: later the word means what was made of them. */
  fresh?: boolean;
};
export type Name = {
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
  /** Those that the method calls by all of their name: "icing sugar", so that "the sugar" is another. */
  inFull: ReadonlySet<number>;
  /** Those that the method speaks of as one: "dice the tomato", so that "the tomatoes" are those of the tin. */
  alone: ReadonlySet<number>;
};

/** Which adjectives may be left off a name: "fresh mint leaves" is "mint", "red lentils" is "lentils". */
export function namesOf(ingredients: readonly Ingredient[], method = ''): Names {
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
      // "put them on the sheet": no pastry by that word alone
      for (let from = 0; from < words.length; from++)
        if (words.length === 1 || from < words.length - 1 || !(words.at(-1) === 'sheet' && findFood(one.item)?.category === 'pastry'))
          add(words.slice(from), i);
      // "lemon" of lemon juice, where no lemon is on the list
      if (
        words.at(-1) === 'juice' &&
        words.length === 2 &&
        !ingredients.some((other, k) => k !== i && nameWords(other.item).includes(words[0]!))
      )
        add([words[0]!], i, true);
      // the cube that the stock is made from
      if (words.at(-1) === 'stock' && !ingredients.some((other) => /\bcubes?\b/i.test(other.item))) add(['stock', 'cube'], i);
      // "baking" is no baking powder
      if (words.length > 2 || (words.length === 2 && FORM_WORDS.has(words[1]!) && words[0] !== 'baking')) add(words.slice(0, -1), i, true);
      // "stock and soy", "brown the beef" of "beef stew meat"
      const sauced = words.at(-1) === 'sauce' ? words.findIndex((w) => SAUCED.has(w)) : -1;
      if (sauced >= 0) add(words.slice(sauced, -1), i);
      if (words.length > 1 && MEATS.has(words[0]!) && findFood(one.item)?.raw) add([words[0]!], i);
      // "the breadsticks" of "breadstick dough"
      if (words.at(-1) === 'dough' && SHAPED.test(words.at(-2) ?? '')) add(words.slice(-2, -1), i);
      // "the pineapple" of "frozen pineapple chunks"
      if (FORM_WORDS.has(words.at(-1)!)) for (let from = 1; from < words.length - 1; from++) add(words.slice(from, -1), i);
    }
    const food = findFood(one.item);
    const own = nameWords(one.item);
    for (const name of food?.names ?? []) {
      const words = nameWords(name);
      // another member of the same row is another food: "noodle" finds udon, but "cod" is not the salmon of this recipe
      const short = (w: string) => w.length >= 4 && own.some((o) => o.startsWith(w));
      if (words.some((w) => own.includes(w) || short(w)) || name === food!.names[0]) add(words, i);
      // "the corn" of frozen sweetcorn
      if (words[0] === 'frozen' && own.includes('frozen')) add(words.slice(1), i, true);
    }
    for (const word of GENERIC.get(food?.category ?? '') ?? []) add([word], i);
    // "the toms", "the beef" of a steak, where no other food of the kind has that name
    const isTaken = (word: string) =>
      ingredients.some((other, k) => k !== i && findFood(other.item)?.category === food?.category && nameWords(other.item).includes(word));
    for (const word of food?.called ?? []) if (!isTaken(word)) add([word], i);
    // "the pepper" of a scotch bonnet, where nothing else goes by that name
    if (food?.id === 'chilli') {
      add(['chilli'], i);
      if (!ingredients.some((other) => /\bpeppers?\b/i.test(other.item))) add(['pepper'], i);
    }
    // "brown the mince" of "ground beef"
    if (food?.names.some((name) => /\bmince\b/.test(name))) add(['mince'], i);
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
  const said = ` ${nameWords(method).join(' ')} `;
  const inFull = new Set(
    ingredients.flatMap((one, i) => {
      const words = nameWords(one.item);
      return words.length > 1 && said.includes(` ${words.join(' ')} `) ? [i] : [];
    }),
  );
  const alone = new Set(
    ingredients.flatMap((one, i) => {
      const word = /(\p{L}{3,})$/u.exec(one.item.toLowerCase())?.[1];
      return word &&
        singular(word) === word &&
        one.unit === null &&
        new RegExp(`\\b(?:the|your)\\s+(?:\\p{L}+\\s+)?${word}\\b`, 'iu').test(method)
        ? [i]
        : [];
    }),
  );
  return { byFirst, groups: groupsOf(ingredients, method), ingredients, inFull, alone };
}

const SHAPED = new RegExp(`^${SHAPE_ONE}$`);
const SAUCED = new Set(['soy', 'worcestershire', 'hoisin', 'teriyaki', 'oyster', 'tabasco', 'bbq', 'barbecue']);
const MEATS = new Set(['beef', 'pork', 'lamb', 'chicken', 'turkey', 'duck']);

// Words for a form or a cut, which a method leaves off: "the mustard" of "mustard powder".
export const FORM_WORDS = new Set(
  'powder paste puree purée flake cube breast thigh drumstick fillet leaf seed floret wedge piece chunk strip shell wrapper stick kernel mince steak cheese extract essence sheet pasta wrap slice half shoot bulb stalk rind zest cob spear segment ring tender goujon granule nib head pod'.split(
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
  // cod and haddock of a fish pie
  ['fish', (one) => findFood(one.item)?.category === 'fish'],
  ['herb', (one) => findFood(one.item)?.category === 'herb'],
  // ground ginger is one, ground beef is none
  ['spice', (one) => findFood(one.item)?.category === 'spice' || (/^ground\s/i.test(one.item) && !findFood(one.item)?.raw)],
  ['dry ingredient', (one) => ['powder', 'grain', 'packed'].includes(findFood(one.item)?.form ?? '')],
  ['wet ingredient', (one) => ['liquid', 'sticky', 'soft'].includes(findFood(one.item)?.form ?? '') || findFood(one.item)?.id === 'egg'],
];

/** "The remaining ingredients" are those of no dish. */
const OF_NO_DISH =
  /^(?:all|rest|remaining|other|same|first|last|next|main|above|following|dry|wet|fresh|chopped|prepared|raw|cold|warm|liquid|hot|solid)$/i;

// Headings that name what goes in or on as it is: "fold in the add-ins".
const UNMADE = /^(?:add-?ins?|mix-?ins?|extras|toppings?|garnish(?:es)?|decorations?)$/i;

/** "The veg" of frozen mixed veg, or of stir-fry vegetables. */
const isCalled = (last: string | undefined, word: string) =>
  last === word || (last === 'vegetable' && word === 'veg') || (last === 'veg' && word === 'vegetable');

function groupsOf(ingredients: readonly Ingredient[], method: string): Names['groups'] {
  const groups: Group[] = [];
  const headings = new Map<string, number[]>();
  ingredients.forEach((one, i) => {
    if (one.group) headings.set(one.group, [...(headings.get(one.group) ?? []), i]);
  });
  // what the recipe itself calls so goes before what is so by nature
  for (const [heading, members] of headings) groups.push({ words: nameWords(`${heading} ingredient`), ingredients: members });
  // "the sauce ingredients", of a yogurt sauce, where there is no other sauce
  const lastOf = (heading: string) => nameWords(heading).at(-1) ?? '';
  for (const [heading, members] of headings) {
    const isOnly = [...headings.keys()].filter((other) => lastOf(other) === lastOf(heading)).length === 1;
    if (nameWords(heading).length > 1 && isOnly) groups.push({ words: nameWords(`${lastOf(heading)} ingredient`), ingredients: members });
  }
  for (const [heading, members] of headings)
    if (UNMADE.test(heading)) groups.push({ words: nameWords(heading), ingredients: members, fresh: true });
  for (const [words, test] of GROUP_FOODS) {
    // "the vegetables" of "frozen stir-fry vegetables", with an onion on the list for the top
    const named = ingredients.flatMap((one, i) => (isCalled(nameWords(one.item).at(-1), words) ? [i] : []));
    const alike = ingredients.flatMap((one, i) => (test(one) ? [i] : []));
    // "the spices" are all of them, though one is called mixed spice
    const members = named.length > 0 && words !== 'spice' ? named : alike;
    // one fish is called by its name, or by its kind: fish fingers are none
    if (members.length > (words === 'fish' ? 1 : 0)) groups.push({ words: words.split(' '), ingredients: members });
  }
  // "all the cake ingredients", where only the icing has a heading: what stands above it
  const above = ingredients.flatMap((one, i) => (one.group === null || headings.size === 0 ? [i] : []));
  for (const [, what] of method.matchAll(/\b(?:the|your)\s+(\p{L}+)\s+ingredients\b/giu)) {
    const words = nameWords(`${what} ingredient`);
    const isKnown = OF_NO_DISH.test(what!) || groups.some((g) => g.words.join(' ') === words.join(' '));
    if (!isKnown && above.length > 1) groups.push({ words, ingredients: above });
  }
  groups.push({ words: ['all', 'ingredient'], ingredients: ingredients.map((_, i) => i) });
  groups.push({ words: ['all', 'of', 'the', 'ingredient'], ingredients: ingredients.map((_, i) => i) });
  groups.push({ words: ['all', 'the', 'ingredient'], ingredients: ingredients.map((_, i) => i) });
  const byFirst: Names['groups'] = new Map();
  for (const group of groups) byFirst.set(group.words[0] ?? '', [...(byFirst.get(group.words[0] ?? '') ?? []), group]);
  return byFirst;
}
