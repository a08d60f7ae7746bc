// A short style leaves its articles out: "Heat oil in pan. Add onion to mixture." They are put back, so that what follows is read as any other sentence.
import { findFood } from '../../recipe/food';
import { PART } from '../../recipe/part-nouns';
import { SHAPE_MANY, SHAPE_ONE } from '../../recipe/shape-nouns';
import { KITCHEN_VERBS } from '../../recipe/verbs';
import { findTools, isWrap } from '../../technique/tools';
import { ADVERBS, FOOD_VERBS } from '../clause-words';

/** Articles that no short style leaves out: "a little", "to the boil", "the rest". */
const KEPT =
  'little|few|bit|lot|pinch|splash|dash|drizzle|handful|knob|squeeze|third|quarter|half|time|minute|second|couple|while|boil|simmer|rest|other|remaining|first|last|same|heat|hob|stove|oven|top|middle|centre|center|side';
const HAS_ARTICLES = new RegExp(`\\b(?:the|an?)\\s+(?!(?:${KEPT})\\b)(?=\\p{L})`, 'iu');

/** Nouns that no list has and every method speaks of. */
const NOUNS = new RegExp(
  `^(?:mixture|mix|dough|batter|sauce|soup|stew|curry|filling|dressing|marinade|mash|crumble|crumbs|paste|salad|porridge|topping|glaze|icing|custard|pastry|base|syrup|slurry|crust|lid|foil|halves|edges?|sides?|grains|liquid|juices?|fat|water|steam|meat|veg|vegetables|fruit|ingredients|layers?|holes?|tins?|cans?|packet|sachet|stones?|outside|flesh|middles?|bottom|surface|worktop|melts|${PART}|${SHAPE_MANY}|${SHAPE_ONE})$`,
  'iu',
);

/** Words between which a noun is looked for: what no noun begins with, or is itself one for. */
const NO_NOUN = new Set(
  'it them this that these those they all both each every some any half your their its our one two three four five six another more most enough little few everything something nothing well together until till for and or then but so if when while once as at by of in on into onto over with from to between around through under across among using about up down out off back away again aside once twice very just until not no than too the a an low medium high boil taste serve dry oven turns batches w/ boiling simmering'.split(
    ' ',
  ),
);
const AFTER_VERB = new Set('in into on onto over out off up down through to from under across between among around back'.split(' '));
const WITH = new Set(['with', 'using']);
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
    const isName = toolsOnly ? tool !== undefined : tool !== undefined || NOUNS.test(last.low) || findFood(said) !== null;
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
  return before === 'and' || before === 'then' || before === 'or' || (ADVERBS.has(before) && startsClause(words, i - 1, line));
};

/** Pieces and places that say how something is cut or where it lies, and name no thing. */
const HOW = new RegExp(`^(?:top|toast|paper|towels?|foil|wrap|film|parchment|${SHAPE_MANY})$`, 'iu');
const IS_SIZED =
  /^(?:large|small|medium|big|deep|shallow|heavy|wide|nonstick|non-stick|greased|clean|separate|mixing|heatproof|ovenproof|lined|microwave-safe|microwaveable|microwavable|another)\b/i;

/** A line with the articles that its style leaves out; one that has any stays as it is. */
export function withArticlesBack(line: string): string {
  if (HAS_ARTICLES.test(line)) return line;
  const words = wordsIn(line);
  const isVerb = (i: number) => i >= 0 && KITCHEN_VERBS.has(words[i]!.low) && startsClause(words, i, line);
  const puts: { at: number; article: string }[] = [];
  for (let i = 1; i < words.length; i++) {
    const before = words[i - 1]!;
    if (line.slice(before.end, words[i]!.at) !== ' ') continue;
    const isWith = WITH.has(before.low);
    const isAfter = AFTER_VERB.has(before.low);
    if (!isWith && !isAfter && !isVerb(i - 1)) continue;
    const size = nameFrom(words, i, line, isWith);
    if (size === 0) continue;
    const name = words[i + size - 1]!.low;
    const many = /[^s]s$/.test(name);
    // "in bowls"; "into strips", "on top" say how
    if (isAfter && ((many && findTools(name).length > 0) || HOW.test(name))) continue;
    if (isWith && many) continue;
    const said = line.slice(words[i]!.at, words[i + size - 1]!.end);
    if ((isWith || isAfter) && findTools(said).some((t) => isWrap(t.tool.id))) continue;
    puts.push({ at: words[i]!.at, article: isWith || (isAfter && IS_SIZED.test(said)) ? 'a' : 'the' });
  }
  return puts.reduceRight((text, { at, article }) => `${text.slice(0, at)}${article} ${text.slice(at)}`, line);
}
