// Reads one ingredient line: amount, unit, thing, and the work to do on it; and says so where the reading is in doubt.
import { table } from '../amount/table';
import { plainNumbers, readNumber, toFraction, toQuantity } from '../amount/quantity';
import { findFood } from './food';
import { readAmount, takeAmount, takeLength, trailingAmount } from './line-amount';
import { readBracket, takeItem, takeLateUnit } from './line-item';
import { preparationVerb } from './preparation';
import type { Ingredient } from './recipe';

/** A mark before a line of a list, as a pattern. */
export const POINT = '[-*•·‣▪◦●○■□☐✓✔–—+>]';
/** A box to tick, drawn with brackets or a line: "[ ]", "( )", "__". */
export const BOX = '\\[[ x_]?\\]|\\([ x_]?\\)|_{2,6}';
const BULLET = new RegExp(`^\\s*(?:(?:${POINT}+|${BOX})\\s*(?:\\d{1,2}[.)](?=\\s+\\p{L}))?|\\d{1,2}[.)](?=\\s+\\S))\\s*`, 'u');

/** A line without its bullet or its number in a list. */
export function stripBullet(line: string): string {
  return line
    .replace(BULLET, '')
    .replace(/^[\p{So}\p{Sk}\p{Extended_Pictographic}\ufe0f\u200d\s]+(?=[\p{L}\p{N}(.])/u, '')
    .trim();
}

/**
 * Reads one ingredient line as one ingredient. Total: every text gives an ingredient, and `doubt` says what could not be made out.
 * Does not part a line that names several things: see `readIngredientLine`.
 * @example readIngredient('2 x 400 g tins chopped tomatoes') // min '2', unit 'can', pack 400 g, item 'chopped tomatoes'
 */
export function readIngredient(line: string, group: string | null = null): Ingredient {
  const text = line.trim();
  const draft = emptyIngredient(text, group);
  let rest = plainLine(text);
  const optional = /^\(?optional\)?\s*[:,-]?\s+/i.exec(rest);
  if (optional) {
    draft.optional = true;
    rest = rest.slice(optional[0].length);
  }
  const brackets = takeBrackets(rest);
  rest = brackets.rest;
  const colon = /^([\p{L} ]{2,40}):\s*(\d.*)$/u.exec(rest);
  if (colon) rest = amountFirst(colon[1]!, colon[2]!);
  // "sweet potato x1", "sweetcorn, 2 tbsp", "tuna, 1 small tin"
  const counted = /^(\p{L}[\p{L} ]{1,40}?)\s+[x×]\s?(\d{1,2})$/u.exec(rest);
  const behind = counted ? null : /^(\p{L}[\p{L} -]{1,40}?),\s+(\d[\d ./]*\s*(?:(?:small|large|medium|big)\s+)?\p{L}+)$/u.exec(rest);
  if (counted) rest = `${counted[2]} ${counted[1]}`;
  else if (behind && (readAmount(behind[2]!.replace(/\b(?:small|large|medium|big)\s+/i, ''))?.unit ?? null) !== null)
    rest = `${behind[2]} ${behind[1]}`;
  // "Tin of chopped tomatoes 1"
  rest = rest.replace(/^((?:tin|can|jar|packet|tub|carton|bag)s?\s+of\s+.+?)\s+(\d{1,2})$/i, '$2 $1');
  rest = takePartOf(rest, draft);
  rest = takeLength(rest, draft);
  rest = draft.min === null ? takeAmount(rest, draft) : rest.replace(/^of\s+/i, '');
  rest = trailingAmount(rest, draft);
  takeItem(rest, draft);
  for (const note of brackets.inside) readBracket(note, draft);
  finish(draft);
  return draft;
}

/**
 * Reads a line that may name several things: "a pinch each of salt and pepper", "2 eggs plus 1 egg yolk". At least one ingredient comes back.
 */
export function readIngredientLine(line: string, group: string | null = null): Ingredient[] {
  return partsOf(plainLine(line)).map((part, i, all) => ({
    ...readIngredient(all.length > 1 ? part : line, group),
    text: line.trim(),
  }));
}

/** A word in capitals among others; "BBQ" and "UHT" are shorter. */
const LOUD = /(?<![\p{L}])\p{Lu}{4,}(?![\p{L}])/gu;

function plainLine(line: string): string {
  const said = stripBullet(plainNumbers(line.trim()));
  // a list in capitals is no louder on a card
  const text =
    /\p{Ll}/u.test(said) || (said.match(/\p{Lu}/gu)?.length ?? 0) < 3
      ? said.replace(LOUD, (word) => word.toLowerCase())
      : said.toLowerCase();
  const plain = /[*_`…]|\.\.\./.test(text) ? text.replace(/\*\*|__|`/g, '').replace(/\s*[.…_]{3,}\s*/g, ' - ') : text;
  return plain
    .replace(/^(?:an?\s+)?thumb\s+of\s+(?=(?:fresh\s+|root\s+)*(?:ginger|turmeric|galangal)\b)/i, 'thumb-sized piece of ')
    .replace(SPOONS, (_all, count: string | undefined, size: string) => `${count ?? '1 '}${SPOON_OF.get(size)} `)
    .replace(/\s+/g, ' ')
    .trim();
}

// "2 x 15ml spoons oil": measuring spoons named by what they hold
const SPOONS = /^(?:(\d[\d\s./]*)[x×]\s*)?(15|5)\s?ml\s+(?:measuring\s+|level\s+)?spoon(?:ful)?s?\s+(?:of\s+)?/i;
const SPOON_OF = table<string>({ '15': 'tbsp', '5': 'tsp' });

/** "Flour: 200 g, sifted" -> "200 g Flour, sifted". */
function amountFirst(name: string, tail: string): string {
  const [amount, ...work] = tail.split(/,\s+/);
  return [`${amount} ${name}`, ...work].join(', ');
}

/** The lines that one line stands for. */
function partsOf(text: string): string[] {
  // "1 tsp each: cumin, coriander, turmeric"; "2 tbsp each of soy sauce and honey"
  const each = /^(.{1,40}?)\s+each\s*(?::|of)?\s+(.+)$/i.exec(text);
  if (each && !/^\(/.test(each[1]!) && readNumber(`${each[1]!} x`, 0)?.ok && !/[()]/.test(each[1]!)) {
    const things = each[2]!.split(/\s*,\s*(?:and\s+)?|\s+(?:and|&)\s+/i).filter(Boolean);
    if (things.length > 1 && things.length < 8) return things.map((thing) => `${each[1]} ${thing}`);
  }
  // "2 eggs plus 1 egg yolk": two counted things, not one amount in two units
  const plus = /^(\d[^,()]{2,40}?)\s+(?:plus|\+|and)\s+(\d+\s+[^,()]{3,40})$/i.exec(text);
  if (plus && readAmount(plus[2]!)?.unit === null && readAmount(plus[1]!)?.rest) return [plus[1]!, plus[2]!];
  // "1 onion and 2 cloves garlic, crushed": the work is of what stands before it
  const both = /^(\d[^,()]*?)\s+(?:plus|\+|and|&)\s+(\d[^()]*)$/i.exec(text);
  const foods = both?.slice(1).map((t) => {
    const read = readAmount(t.split(',')[0]!);
    return read?.rest ? findFood(read.rest) : null;
  });
  if (foods && foods.every(Boolean) && foods[0] !== foods[1] && readAmount(both![2]!)?.unit !== null) return [both![1]!, both![2]!];
  // "1 onion, 1 carrot and 1 celery stick, all finely chopped"
  const several = /^(.*?)(?:,?\s+(?:all|both|each)\s+([^,]+))?$/i.exec(text)!;
  const things = several[1]!.split(/,\s+(?:and\s+)?|\s+and\s+/i);
  if (
    things.length > 1 &&
    things.length < 7 &&
    things.every((t) => /^(?:\d+(?:\/\d+)?|half an?|an?|one|two|three)\s+\p{L}/iu.test(t) && findFood(t)) &&
    things.every((t) => readAmount(t)?.unit === null)
  )
    return things.map((t) => (several[2] ? `${t}, ${several[2]}` : t));
  // "1 red pepper and 1 green pepper, deseeded and cut into chunks"
  const pair = /^([^,()]+?)\s+(?:and|&)\s+([^,()]+),\s+([^()]+)$/i.exec(text);
  const isPair = (t: string) =>
    /^(?:\d+(?:\/\d+)?|half an?|an?|one|two|three)\s+\p{L}/iu.test(t) && findFood(t) && readAmount(t)?.unit === null;
  if (pair && isPair(pair[1]!) && isPair(pair[2]!) && preparationVerb(pair[3]!.replaceAll(',', ' ')))
    return [1, 2].map((i) => `${pair[i]}, ${pair[3]}`);
  const beside = besideOf(text);
  if (beside) return beside;
  // "1 tbsp cornflour mixed with 2 tbsp cold water"
  const with_ = /^(\d.{3,60}?),?\s+((?:mixed|dissolved|whisked|combined|blended)\s+(?:with|in|into))\s+(\d.*)$/i.exec(text);
  if (with_ && readAmount(with_[3]!)?.unit) return [`${with_[1]} (${with_[2]} ${with_[3]})`, with_[3]!];
  // "Greek yoghurt and honey, to serve": no amount, two known foods
  const two =
    /^(\p{L}[\p{L}' -]{2,30}?)\s+(?:and|&)\s+(\p{L}[\p{L}' -]{2,30}?)(,?\s+(?:to|for)\s+\p{L}+ing|,?\s+to\s+(?:serve|taste|garnish))?$/iu.exec(
      text,
    );
  if (two && !readNumber(text, 0)) {
    const [a, b] = [findFood(two[1]!), findFood(two[2]!)];
    const pair = findFood(`${two[1]} and ${two[2]}`);
    if (a && b && a.id !== b.id && !/^(?:sea |kosher |table )?salt$/i.test(two[1]!) && (pair?.id === a.id || pair?.id === b.id))
      return [two[1]! + (two[3] ?? ''), two[2]! + (two[3] ?? '')];
  }
  return [text];
}

/** "4 burger buns, lettuce and sliced tomato to serve": foods, each known by itself, and what all are for. Null where it is no such line. */
function besideOf(text: string): string[] | null {
  const m = /^([^()]+?),?\s+((?:to|for)\s+(?:serve|serving|garnish(?:ing)?|finish|decorate|decorating|top|topping))$/i.exec(text);
  if (!m) return null;
  const parts = m[1]!.split(/\s*,\s*(?:and\s+)?|\s+(?:and|&)\s+/i);
  if (parts.length < 2 || parts.length > 6) return null;
  const foods = parts.map((part, i) => findFood((i === 0 ? (readAmount(part)?.rest ?? part) : part).trim()));
  // salt and pepper are one pinch; bread that is sliced and toasted is one bread
  if (foods.some((food) => food === null || food.id === 'salt') || new Set(foods).size < parts.length) return null;
  return parts.every((part) => part.split(/\s+/).length <= 5) ? parts.map((part) => `${part}, ${m[2]}`) : null;
}

function emptyIngredient(text: string, group: string | null): Ingredient {
  return {
    text,
    min: null,
    max: null,
    unit: null,
    item: '',
    preparation: [],
    optional: false,
    pack: null,
    alternate: null,
    alternatives: [],
    notes: [],
    group,
    doubt: null,
  };
}

/** Takes out what stands in round or square brackets; an unclosed bracket runs to the end of the line. */
function takeBrackets(text: string): { rest: string; inside: string[] } {
  if (!/[([]/.test(text)) return { rest: text, inside: [] };
  const inside: string[] = [];
  let rest = '';
  let depth = 0;
  let held = '';
  for (const char of text) {
    if (char === '(' || char === '[') {
      if (depth++ > 0) held += char;
      else rest += ' ';
    } else if ((char === ')' || char === ']') && depth > 0) {
      if (--depth === 0) {
        inside.push(held.trim());
        held = '';
      } else held += char;
    } else if (depth > 0) held += char;
    else rest += char;
  }
  if (held.trim()) inside.push(held.trim());
  return { rest: rest.replace(/\s+/g, ' ').replace(/\s,/g, ',').trim(), inside: inside.filter(Boolean) };
}

/** "juice of half a lemon", "zest and juice of 1 lime": the thing is the fruit, the part is the work. */
function takePartOf(text: string, draft: Ingredient): string {
  const m =
    /^(?:the\s+)?((?:finely\s+)?(?:grated\s+|squeezed\s+|fresh\s+)*(?:juice|zest|rind)(?:\s*(?:and|&)\s*(?:grated\s+)?(?:juice|zest|rind))?)\s+(?:(?:of|from)\s+|(?=[\d½¼]))(.*)$/i.exec(
      text,
    );
  if (!m) return text;
  const parts = m[1]!.toLowerCase();
  if (/zest|rind/.test(parts)) draft.preparation.push('zested');
  if (parts.includes('juice')) draft.preparation.push('juiced');
  return m[2]!.replace(/^(?:the|that|your)\s+/i, '');
}

/** What only makes sense once the whole line is read. */
function finish(draft: Ingredient): void {
  takeLateUnit(draft);
  if (draft.unit === 'stick' && /celery|rhubarb|lemongrass/i.test(draft.item)) draft.unit = 'stalk';
  if (draft.unit === 'stick' && /cinnamon/i.test(draft.item)) draft.unit = null;
  if (draft.unit === 'stick' && /butter|margarine/i.test(draft.item) && draft.min) {
    // one US stick of butter is half a cup (common practice)
    draft.alternate ??= { quantity: toQuantity(toFraction(draft.min)!.div(2)), unit: 'cup' };
    draft.pack = null;
  }
  if (draft.unit === null && draft.min)
    draft.item = draft.item.replace(COUNTED, (word) => (/s$/i.test(word) ? 'sweet peppers' : 'sweet pepper'));
  draft.doubt ??= doubtOf(draft);
}

/** What a recipe counts is no spice: "2 peppers". */
const COUNTED = /^peppers?$/i;

// More than these of one thing is a slip of the pen in a class kitchen (common practice).
const MUCH = table<number>({ cup: 24, tbsp: 32, tsp: 32 });

/**
 * Why a reading may be wrong, though it came out: what is left in the name is no name. A food that the table does not know is no reason.
 */
function doubtOf({ item, min, unit, text }: Ingredient): string | null {
  if (!item) return 'no food is named on this line';
  if (!/\p{L}/u.test(item)) return 'no word stands on this line, only numbers or signs';
  if (/\d/.test(item.replace(/\b(?:\d{1,2}[- ]?(?:%|percent|grain|bean|spice|seed|minute|day)|00|7up)(?![a-z])/gi, '')))
    return `a number stands in the name (“${item}”)`;
  if (
    /^(?:of|and|or|with|in|to|for|each|per|x|plus|from|by|at|on|enough|until)\b|\b(?:of|and|or|with|in|to|for|each|plus|the|a)$/i.test(item)
  )
    return `the name reads oddly (“${item}”)`;
  if (item.includes(':')) return 'a list stands on this line: put each thing on a line of its own';
  const most = MUCH.get(unit ?? '');
  if (most && min && toFraction(min)!.compare(most) > 0) return `${min} ${unit} is more than a class makes: is it right?`;
  if (/["“”=<>{}|\\]|\bmixed with\b/.test(item)) return `the name reads oddly (“${item}”)`;
  const words = item.split(' ').length;
  if (words > 8 || (words > 6 && !findFood(item))) return 'this is long for the name of an ingredient';
  // an amount that stands somewhere on the line and was not taken
  if (min === null && /\d/.test(plainNumbers(text).replace(/\d+\s?%/g, '')))
    return 'a number stands on this line and was not taken for an amount';
  return null;
}
