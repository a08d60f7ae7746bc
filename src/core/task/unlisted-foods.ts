// Foods that a step names and the list does not have.
import { table } from '../amount/table';
import { findFood, foodAt, foodIs, nameWords } from '../recipe/food';
import type { Ingredient } from '../recipe/recipe';
import { findTools } from '../technique/tools';
import { tokens } from './mentions';
import { FORM_WORDS } from './ingredient-names';

// A kind that the list holds covers its general word: "the stock" of "1 stock cube", "the juice" of "1 lemon".
const COVERED_BY = table<string[]>({
  juice: ['citrus'],
  citrus: ['juice'],
  stock: ['stock'],
  egg: ['egg'],
  salt: ['salt'],
  herb: ['herb'],
  cheese: ['cheese'],
  sugar: ['sugar'],
  flour: ['flour', 'starch'],
  berry: ['berry'],
  milk: ['plant-drink'],
  onion: ['onion'],
  bread: ['bread'],
  pulse: ['pulse'],
  pasta: ['pasta', 'noodle'],
  noodle: ['pasta', 'noodle'],
  fish: ['fish'],
  meat: ['meat', 'poultry', 'cured-meat'],
  poultry: ['poultry'],
  nut: ['nut'],
  rice: ['rice'],
  oil: ['oil'],
  yoghurt: ['yoghurt'],
  cream: ['cream'],
  leaf: ['leaf'],
  syrup: ['syrup', 'sugar', 'juice'],
  sweet: ['sweet'],
});

/** The foods that a recipe lists, by id, by category, and by the words of their names; words of its title and headings count as made here. */
export type KnownFoods = { ids: Set<string>; categories: Set<string>; words: Set<string> };

export function knownFoods(ingredients: readonly Ingredient[], title = ''): KnownFoods {
  const ids = new Set<string>();
  const categories = new Set<string>();
  const words = new Set<string>(nameWords(title));
  for (const one of ingredients) {
    for (const name of [one.item, ...one.alternatives]) {
      const food = findFood(name);
      if (food) {
        ids.add(food.id);
        categories.add(food.category);
      }
      for (const word of nameWords(name)) words.add(word);
    }
    for (const word of nameWords(`${one.group ?? ''} ${one.text}`)) words.add(word);
    for (const work of one.preparation) if (/juice|zest/.test(work)) words.add('juice').add('zest');
  }
  return { ids, categories, words };
}

/** A loaf tin names no loaf. */
const withoutTools = (text: string) =>
  findTools(text).reduceRight((left, { at, length }) => {
    const isLonger = left.slice(at, at + length).includes(' ');
    return isLonger ? `${left.slice(0, at)}tool${left.slice(at + length)}` : left;
  }, text);

/**
 * Foods that a step names and the recipe does not list. Its first word is the verb ("butter the tin" names no food). Leaves out what is made on the way (dough, mixture), water, and comparisons ("like breadcrumbs").
 */
export function unlistedFoods(text: string, known: KnownFoods): string[] {
  const plain = withoutTools(text)
    // to taste is to add nothing
    .replace(/^(?:check|adjust|correct|taste)(?: and adjust)?(?: for)? (?:the )?seasoning\b/i, 'taste')
    .replace(/^\S+\s/, '')
    // "shape it into a long roll": a shape, and no bread
    .replace(
      /\b(?:in)?to (?:an?|\d+|one|two|\p{L}+) (?:(?:long|thick|thin|fat|small|large|big|round|flat|neat|even|equal)[\s,-]+)+(?:rolls?|sausages?|loa(?:f|ves)|cakes?|buns?|burgers?)\b/giu,
      'into a shape',
    )
    // "walnut-sized balls"
    .replace(/\b\p{L}+[- ]sized?\b/giu, '')
    .replace(/\b(?:like|resembles?|looks like|size of|as thick as|until|so that)\b.*$/i, '')
    .replace(
      /\b(?:(?:paper|foil|parchment) and (?:the )?beans|(?:baking|ceramic|dried) beans|pie weights|egg cup|egg size|pizza cutter|salt water|egg whisk|egg timer|cheese grater|coffee cup|tea cup|ice water|ice bath|(?:their|its|the pan|cooking|meat|any) juices?|(?<!\p{L}\s)(?:the )?(?:cooking |pan |roasting )*juices(?: (?:runs? |are |is )?clear)?|juice (?:runs? |is )?clear|(?:the )?juices? (?:comes?|runs?|leaks?|drips?) out|^out (?:all )?(?:the|any) (?:juices?|water|liquid))\b/giu,
      '',
    );
  const words = tokens(plain.replace(/\bfloured\b/i, 'flour')).map((t) => t.word);
  const found: string[] = [];
  for (let i = 0; i < words.length; i++) {
    const at = foodAt(words, i);
    if (!at) continue;
    const { food, size } = at;
    const name = words.slice(i, i + size);
    i += size - 1;
    if (known.ids.has(food.id) || foodIs(food, 'unlisted')) continue;
    // "the corn" of frozen sweetcorn
    if (food.names.some((other) => known.ids.has(`frozen ${other}`) || known.words.has(other))) continue;
    if (foodIs(food, 'of-flour') && known.categories.has('flour')) continue;
    if (known.words.has(name.at(-1)!) || name.every((w) => known.words.has(w))) continue;
    // "seasoning each layer" does something
    if (name[0] === 'seasoning' && /^(?:each|with|well|it|the|as|to|generously)$/.test(words[i + 1] ?? '')) continue;
    // "florets" are a form of what is listed
    if (name.length === 1 && FORM_WORDS.has(name[0]!)) continue;
    // what lies in the packet
    if (/^(?:sachet|packet)$/.test(words[i + 1] ?? '')) continue;
    if (/^(?:juice|zest|rind|wedge|slice)$/.test(name.at(-1)!) && known.words.has(name[0]!)) continue;
    // "grated cheese", of a cheddar: cheese by its last word
    const general = size === 1 || findFood(name.at(-1)!)?.id === food.id;
    if (
      general &&
      [food.category, ...(COVERED_BY.get(food.category) ?? [])].some((c) => known.categories.has(c) && COVERED_BY.get(food.category))
    )
      continue;
    if (!found.includes(food.names[0]!)) found.push(food.names[0]!);
  }
  return found;
}
