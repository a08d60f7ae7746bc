// A short style leaves its articles out: "Heat oil in pan. Add onion to mixture." They are put back, so that what follows is read as any other sentence.
import { findFood, isFoodName } from '../../recipe/food';
import { PART } from '../../recipe/part-nouns';
import { SHAPE_MANY, SHAPE_ONE } from '../../recipe/shape-nouns';
import { KITCHEN_VERBS } from '../../recipe/verbs';
import { findTools, isVessel, isWrap } from '../../technique/tools';
import { ADVERBS, FOOD_VERBS } from '../clause-words';

/** Articles that no short style leaves out: "a little", "to the boil", "the rest". */
const KEPT =
  'little|few|bit|lot|pinch|splash|dash|drizzle|handful|knob|squeeze|third|quarter|half|time|minute|second|couple|while|boil|simmer|rest|other|remaining|first|last|same|heat|hob|stove|oven|top|middle|centre|center|side|cross|slit|well';
const HAS_ARTICLES = new RegExp(`\\b(?:the|an?)\\s+(?!(?:${KEPT})\\b)(?=[\\p{L}\\d])`, 'iu');

/** Nouns that no list has and every method speaks of. */
const NOUNS = new RegExp(
  `^(?:mixture|mix|dough|block|slab|batter|sauce|soup|stew|curry|filling|dressing|marinade|mash|crumble|crumbs|paste|salad|porridge|topping|glaze|icing|custard|pastry|base|syrup|slurry|crust|lid|foil|halves|edges?|sides?|grains|liquid|juices?|fat|water|steam|meat|veg|vegetables|fruit|ingredients|layers?|holes?|tins?|cans?|packet|sachet|stones?|outside|flesh|middles?|bottom|surface|worktop|melts|${PART}|${SHAPE_MANY}|${SHAPE_ONE})$`,
  'iu',
);

/** What holds something; a cup is a measure too. */
const PLACE = /^(?:cup|mug|glass|jar|dish|pot|container|bowl|plate|bag|tub)$/;
/** "The tin" may be whatever was in the oven or on the heat; a pan is no dish or tray. */
const PAN = /^(?:pan|pot|tin|dish|sheet|tray|casserole)$/;
const ANY_PAN = /\b(?:\p{L}*pan|pot|tin|dish|sheet|tray|casserole|skillet|wok)s?\b/iu;
const ANY_ON_HEAT = /\b(?:\p{L}*pan|pot|casserole|skillet|wok)s?\b/iu;
/** What shows that a pan is one of the hob. */
const HEATS = /\b(?:heat|warm|melt|fry|simmer|boil|sweat|soften|brown|sizzle|hob|stove)/i;
/** What work makes of its thing: "mix to soft dough", "spread in single layer". */
const MADE = /^(?:dough|paste|batter|triangle|circle|round|rectangle|square|ball|log|sausage|layer|line|slurry)$/;
/** "Put in pan, cover with cold water": what is boiled has a pan to itself. */
const BEGINS_TO_BOIL = /(?:^|[.!?;,]\s+)(?:put|place)\b(?!\s+back\b)[^.;]*$/i;
const IN_WATER = /^[^.;]*\b(?:water|boil)\b/i;
const FIRST = new Set(['first', 'then', 'next', 'now', 'finally', 'meanwhile', 'lastly', 'also']);

/** Words between which a noun is looked for: what no noun begins with, or is itself one for. */
const NO_NOUN = new Set(
  'it them this that these those they all both each every some any half your their its our one two three four five six another more most enough little few everything something nothing well together until till for and or then but so if when while once as at by of in on into onto over with from to between around through under across among using about up down out off back away again aside once twice very just until not no than too the a an you i we sure low medium high boil taste serve dry oven turns batches boiling simmering w/'.split(
    ' ',
  ),
);
const AFTER_VERB = new Set('in into on onto over out off up down through to from under across between among around back'.split(' '));
const WITH = new Set(['with', 'w/', 'using']);
const INTO = new Set(['in', 'into', 'on', 'onto', 'over']);
/** "Most of pasta": of what is spoken of; "a pan of water" is of any. */
const PART_OF = new Set(
  'most some rest all enough third thirds quarter quarters half none both edge edges base bottom top middle back side sides juice zest'.split(
    ' ',
  ),
);
/** A name is no longer than so many words. */
const LONGEST = 4;

type Word = { text: string; low: string; at: number; end: number };

const wordsIn = (line: string): Word[] =>
  [...line.matchAll(/[\p{L}\d][\p{L}\d'’/-]*/gu)].map((m) => ({
    text: m[0],
    low: m[0].toLowerCase(),
    at: m.index,
    end: m.index + m[0].length,
  }));

/** How many words from here on are one name; 0 where none begins here. */
function nameFrom(words: readonly Word[], i: number, line: string, toolsOnly: boolean): number {
  let found = 0;
  for (let k = 1; k <= LONGEST && i + k <= words.length; k++) {
    const last = words[i + k - 1]!;
    if (NO_NOUN.has(last.low) || /^\d/.test(last.text) || ADVERBS.has(last.low)) break;
    if (k > 1 && line.slice(words[i + k - 2]!.end, last.at) !== ' ') break;
    const said = line.slice(words[i]!.at, last.end);
    const tool = findTools(said).find((t) => t.at + t.length === said.length);
    const isName = toolsOnly
      ? tool !== undefined
      : tool !== undefined || PLACE.test(last.low) || PAN.test(last.low) || NOUNS.test(last.low) || findFood(said) !== null;
    // "heat oil" begins with what is done
    if (isName) found = k;
    else if (KITCHEN_VERBS.has(last.low) && !FOOD_VERBS.has(last.low)) break;
  }
  return found;
}

const startsClause = (words: readonly Word[], i: number, line: string): boolean => {
  if (i === 0) return true;
  const between = line.slice(words[i - 1]!.end, words[i]!.at);
  if (/[.,;:!?(-]/.test(between)) return true;
  const before = words[i - 1]!.low;
  // "before you drain pasta"
  return (
    before === 'and' ||
    before === 'or' ||
    before === 'you' ||
    FIRST.has(before) ||
    (ADVERBS.has(before) && startsClause(words, i - 1, line))
  );
};

/** Pieces and places that say how something is cut or where it lies, and name no thing. */
const HOW = new RegExp(`^(?:top|toast|paper|towels?|foil|wrap|film|parchment|${SHAPE_MANY})$`, 'iu');
/** Words of size and kind before a vessel, as a pattern. */
export const SIZED =
  'large|small|smaller|larger|medium|big|warm|warmed|dry|deep|shallow|heavy|wide|nonstick|non-stick|greased|clean|separate|mixing|heatproof|ovenproof|foil-lined|paper-lined|lined|microwave-safe|microwaveable|microwavable';
export const IS_SIZED = new RegExp(`^(?:${SIZED}|another)\\b`, 'i');

/** A helping, and what hands do once: one of each. */
const ONE_OF =
  /(^|[.!?;,]\s+|\b(?:with|and|then|in|out|over|add|put|save|saving|reserve|reserving|keep|keeping|scoop|top|make|cut|give|give (?:it|them|everything|(?:the )?\p{L}+)|arrange|place|spread|each with|into|on|onto|over|as|or)\s+)((?:(?:good|quick|big|small|little|large|deep|tiny|heaped|thin|thick|single|second)\s+)*(?:(?:spoonful|tablespoon(?:ful)?|teaspoon(?:ful)?|cup(?:ful)?|mug(?:ful)?|ladle(?:ful)?|kettle(?:ful)?|scoop|handful|slice|piece|wedge|sprig|layer|splash|pinch|drizzle|dollop|knob|squeeze|grating|dusting|lump|sheet|line|strip|pan|pot|bowl|bag|jug|pile)\s+of\b|(?:stir|shake|mix|toss|rinse|wash|cross|slit|well|dip|hole|paste|slurry|ball)\b(?=\s*[.,;]|$|\s+(?:in|into|to|and|with|by|on|of)\b)))/giu;
/** What is done in or with one of them: "make well", "cut cross"; "stir" by itself is an order. */
const ORDERS = /^(?:stir|shake|mix|toss|rinse|wash|dip)$/i;
const withOnes = (line: string): string =>
  line.replace(ONE_OF, (all: string, before: string, what: string) => {
    const opens = /^(?:[.!?;,]\s+|(?:and|then)\s+)?$/i.test(before);
    const isGiven = /\b(?:give(?: (?:the )?\p{L}+)?|make)\s+$/iu.test(before);
    return opens || (ORDERS.test(what) && !isGiven) ? all : `${before}a ${what}`;
  });

/** "Line 20cm square tin": one of that size. */
const OF_SIZE =
  /(^|[.!?;,]\s+|\b(?:and|then|into|in|on)\s+)((?:line|grease|butter|oil|fill|dust|spray|flour|take|get|use)\s+)?((?:\d[\d./½¼¾]*[\s-]?(?:cm|mm|inch(?:es)?|in|litres?|l|ml|g|lb|kg|pint|qt|cup|hole)\b\.?\s*(?:\([^()]*\)\s*)?(?:[x×]\s*\d+\s*(?:cm|inch)\s*)?)(?:\p{L}[\p{L}-]*\s+){0,3}(?:tin|pan|dish|bowl|basin|tray|jug|pot|saucepan|mould|mold|tub|box))\b/giu;
const withSizes = (line: string): string =>
  line.replace(OF_SIZE, (all: string, before: string, verb: string | undefined, what: string) =>
    verb || /\b(?:into|in|on)\s+$/i.test(before) ? `${before}${verb ?? ''}a ${what}` : all,
  );

/** "Mash half raspberries": half of them. */
const HALF_BARE = /(?<!\b(?:in|into|each|other|cut|one|a|and a)\s)\bhalf\s+(?!of\b|the\b|an?\b)(?=(\p{Ll}+(?:\s\p{Ll}+)?))/giu;
/** "Half mug", "half hour". */
const HALF_A = /\bhalf\s+(?=(?:mug|cup|glass|tea\s?spoon|table\s?spoon|tsp|tbsp|spoon|jar|tin|can|packet|pack)(?:ful)?\s+of\b)/giu;
const withHalves = (line: string): string =>
  line
    .replace(/\bhalf hour\b/gi, 'half an hour')
    .replace(HALF_A, 'half a ')
    .replace(HALF_BARE, (all: string, next: string) =>
      findFood(next.split(' ')[0]!) !== null || (next.includes(' ') && findFood(next) !== null) ? 'half the ' : all,
    );

/** Where a name may begin that has lost its article, by the word before it. */
function governs(words: readonly Word[], i: number, line: string): 'with' | 'after' | 'other' | null {
  const last = words[i - 1]!;
  if (line.slice(last.end, words[i]!.at) !== ' ') return null;
  if (WITH.has(last.low)) return 'with';
  // "remember to mix oats and milk": an order, where "add to mix" is none
  if (last.low === 'to' && KITCHEN_VERBS.has(words[i]!.low) && /^\s+(?!and\b|until\b|then\b)[\p{L}\d]/u.test(line.slice(words[i]!.end)))
    return null;
  if (AFTER_VERB.has(last.low) || (last.low === 'of' && words[i - 2]?.low === 'out')) return 'after';
  const isVerb =
    KITCHEN_VERBS.has(last.low) &&
    !ADVERBS.has(last.low) &&
    startsClause(words, i - 1, line) &&
    // "rub flour, brown sugar and butter together"
    !isFoodName(`${last.low} ${words[i]!.low}`) &&
    // "add milk and cream mixture"
    !(FOOD_VERBS.has(last.low) && /^(?:mixture|sauce|filling|dough)$/.test(words[i]!.low) && words[i - 2]?.low === 'and');
  const isFor = last.low === 'for' && startsClause(words, i - 1, line);
  // "dip it in flour, then egg"
  const isThen = last.low === 'then' && !KITCHEN_VERBS.has(words[i]!.low);
  const isOf = last.low === 'of' && i > 1 && PART_OF.has(words[i - 2]!.low);
  return isVerb || isFor || isThen || isOf ? 'other' : null;
}

/** The article that a name has lost: a bowl that was not spoken of yet is a bowl; null where none is missing. */
function lostArticle(words: readonly Word[], i: number, line: string, before: () => string, after: string): 'a' | 'the' | null {
  const by = governs(words, i, line);
  if (by === null) return null;
  if (by === 'with' && words[i]!.low === 'lid' && /^\s+(?:on|off|ajar)\b/.test(line.slice(words[i]!.end))) return 'the';
  const size = nameFrom(words, i, line, by === 'with');
  if (size === 0) return null;
  const { low: name, at, end } = words[i + size - 1]!;
  const phrase = line.slice(words[i]!.at, end);
  const tools = findTools(phrase);
  const many = /[^s]s$/.test(name);
  // "cut side up", "cut round each peach"
  if (/^(?:side|round)$/.test(name) && /^\s+(?:up|down|each|the|edges?)\b/i.test(line.slice(end))) return null;
  // "in bowls"; "into strips", "on top" say how
  if (by === 'after' && ((many && findTools(name).length > 0) || HOW.test(name))) return null;
  if ((by === 'with' && many) || (by !== 'other' && tools.some((t) => isWrap(t.tool.id)))) return null;
  if (by === 'with' || (by === 'after' && IS_SIZED.test(phrase))) return 'a';
  const holds = PLACE.test(name) || tools.some((t) => isVessel(t.tool.id) || t.tool.kind === 'surface');
  const isPlace = holds && !many && (INTO.has(words[i - 1]!.low) || IS_SIZED.test(phrase));
  if (by === 'after' && MADE.test(name) && /^(?:to|into|in)$/.test(words[i - 1]!.low) && !new RegExp(`\\b${name}\\b`, 'i').test(before()))
    return 'a';
  const onHeat = ANY_ON_HEAT.test(name) && HEATS.test(`${line}${after}`.slice(Math.max(0, at - 60), at + 80));
  const spoken = PAN.test(name) ? (onHeat ? ANY_ON_HEAT : ANY_PAN) : new RegExp(`\\b${name}\\b`, 'i');
  if (isPlace && ANY_ON_HEAT.test(name) && BEGINS_TO_BOIL.test(line.slice(0, at)) && IN_WATER.test(line.slice(end) + after)) return 'a';
  return isPlace && !spoken.test(`${before()} ${line.slice(0, at)}`) ? 'a' : 'the';
}

/** One order after another, each with the space behind it. */
const SENTENCE = new RegExp(`(?:(?!,\\s+(?:then\\s+)?(?:${[...KITCHEN_VERBS].join('|')})\\b)[^.!?])+(?:[.!?]+|,\\s+|$)\\s*`, 'giu');

/**
 * A line with the articles that its style leaves out; a sentence that has any stays as it is.
 * @param before what the method says before it: a bowl that was not spoken of yet is another
 */
export function withArticlesBack(said: string, before: () => string = () => ''): string {
  if (HAS_ARTICLES.test(said) && !SHORT_SENTENCE.test(said)) return said;
  let at = 0;
  return said.replace(SENTENCE, (sentence) => {
    const until = at;
    at += sentence.length;
    return HAS_ARTICLES.test(sentence) ? sentence : withOwnArticles(sentence, () => `${before()} ${said.slice(0, until)}`, said.slice(at));
  });
}

/** A sentence of a few words beside others: "Open tins. (A) Drain and rinse the beans." */
const SHORT_SENTENCE = /(?:^|[.!?]\s+)\p{L}+\s+\p{L}+(?:\s*\([^()]*\))?[.!?,]/u;

function withOwnArticles(said: string, before: () => string, after: string): string {
  const line = withHalves(withSizes(withOnes(said)))
    .replace(/\bin meantime\b/gi, 'in the meantime')
    .replace(/\b(before|at|near) end\b/gi, '$1 the end');
  const words = wordsIn(line);
  return words.reduceRight((text, word, i) => {
    const article = i === 0 ? null : lostArticle(words, i, line, before, after);
    return article ? `${text.slice(0, word.at)}${article} ${text.slice(word.at)}` : text;
  }, line);
}
