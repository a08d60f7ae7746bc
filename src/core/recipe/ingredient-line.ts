// Reads one ingredient line: amount, unit, thing, and the work to do on it.
import { Fraction, plainNumbers, readNumber, toFraction, toQuantity } from '../amount/quantity';
import { convertUnit, kindOfUnit, readUnit } from '../amount/units';
import { findFood } from './food';
import { leadingPreparation, trailingPreparation } from './preparation';
import type { Amount, Ingredient } from './recipe';

const BULLET = /^\s*(?:[-*•·‣▪◦●○■□☐✓✔–—+>]+|\[[ x]?\]|\d{1,2}[.)](?=\s+\S))\s*/u;
const ABOUT =
  /^(?:about|approx(?:imately|\.)?|around|roughly|circa|ca\.|~|at least|up to|scant|heaped|heaping|rounded|level|generous|good|a good|a generous)\s*/i;
const SIZE = /^(?:(?:extra|very)[- ])?(?:large|medium|small|big|little|medium-sized|good-sized|ripe|jumbo)\b[\s,]*/i;
const NOTES =
  /^(?:divided|separated into.*|to taste|or to taste|to serve|for (?:serving|dusting|greasing|frying|garnish|brushing|topping|the pan|the tin|sprinkling|drizzling|dipping).*|plus (?:more|extra|a little).*|or as needed|as needed|optional|if you like|if liked|if using|if desired)$/i;

/** A line without its bullet or its number in a list. */
export function stripBullet(line: string): string {
  return line
    .replace(BULLET, '')
    .replace(/^[\p{So}\p{Sk}\p{Extended_Pictographic}\ufe0f\u200d\s]+(?=[\p{L}\p{N}(.])/u, '')
    .trim();
}

/**
 * Reads one ingredient line. Total: every text gives an ingredient, and `doubt` says what could not be made out.
 * @example readIngredient('2 x 400 g tins chopped tomatoes') // min '2', unit 'can', pack 400 g, item 'chopped tomatoes'
 */
export function readIngredient(line: string, group: string | null = null): Ingredient {
  const text = line.trim();
  const draft = emptyIngredient(text, group);
  let rest = stripBullet(plainNumbers(text))
    .replace(/\*\*|__|`/g, '')
    .replace(/\s+/g, ' ')
    .trim();

  const brackets = takeBrackets(rest);
  rest = brackets.rest;
  const colon = /^([\p{L} ]{2,40}):\s*(\d.*)$/u.exec(rest);
  if (colon) rest = `${colon[2]} ${colon[1]}`; // "Flour: 200 g"
  rest = takePartOf(rest, draft);
  rest = takeLength(rest, draft);
  rest = takeAmount(rest, draft);
  rest = trailingAmount(rest, draft);
  takeItem(rest, draft);
  for (const note of brackets.inside) readBracket(note, draft);
  finish(draft);
  return draft;
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
  const inside: string[] = [];
  let rest = '';
  let depth = 0;
  let held = '';
  for (const char of text) {
    if (char === '(' || char === '[') {
      if (depth++ > 0) held += char;
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
    /^(?:the\s+)?((?:finely\s+)?(?:grated\s+|squeezed\s+|fresh\s+)*(?:juice|zest|rind)(?:\s*(?:and|&)\s*(?:grated\s+)?(?:juice|zest|rind))?)\s+(?:of|from)\s+(.*)$/i.exec(
      text,
    );
  if (!m) return text;
  const parts = m[1]!.toLowerCase();
  if (/zest|rind/.test(parts)) draft.preparation.push('zested');
  if (parts.includes('juice')) draft.preparation.push('juiced');
  return m[2]!;
}

/** "1-inch piece of ginger", "a 2 cm knob of ginger": an amount by length. */
function takeLength(text: string, draft: Ingredient): string {
  const m =
    /^(?:an?\s+|1\s+)?(\d[\d ./]{0,6}?)[\s-]*(inch|in\.|"|cm|thumb)(?:es)?[\s-]*(?:long\s+)?(?:piece|knob|chunk|length|stick|slice|cube)s?\s*(?:of\s+)?/i.exec(
      text,
    );
  const number = m && readNumber(m[1]!.trim(), 0);
  if (!m || !number?.ok) return text;
  draft.min = draft.max = toQuantity(number.min);
  draft.unit = m[2]!.toLowerCase() === 'cm' ? 'cm' : 'inch';
  return text.slice(m[0].length);
}

function takeAmount(text: string, draft: Ingredient): string {
  let rest = text.replace(ABOUT, '');
  const vague =
    /^(?:a\s+(?:good\s+|large\s+|small\s+|big\s+|generous\s+|little\s+)?|some\s+|few\s+|several\s+)?(?=(?:pinch|dash|handful|splash|drizzle|knob|glug|sprinkle|bunch|sprig)(?:es|s)?\b)/i.exec(
      rest,
    );
  const number = readNumber(rest, 0);
  if (number && !number.ok) {
    draft.doubt = number.why;
    return rest
      .slice(number.length)
      .trim()
      .replace(/^(?:[a-z]+\s+)?/i, (word) => (readUnit(word) ? '' : word));
  }
  if (number?.ok && !startsWord(rest, number)) {
    draft.min = toQuantity(number.min);
    draft.max = toQuantity(number.max);
    rest = rest.slice(number.length).trim();
  } else if (vague) {
    draft.min = draft.max = '1';
    rest = rest.slice(vague[0].length);
  } else return rest;

  rest = takePack(rest, draft);
  rest = rest.replace(ABOUT, '');
  const sized = SIZE.exec(rest);
  if (sized && readUnit(rest.slice(sized[0].length))) rest = rest.slice(sized[0].length);
  rest = takeUnit(rest, draft);
  rest = takeAlternate(rest, draft);
  rest = takePlus(rest, draft);
  return rest.replace(/^of\s+(?:the\s+)?/i, '').replace(/^(?:heaped|heaping|rounded|level|scant)\s+/i, '');
}

/** "a" before a thing is an amount; but "1-inch" belongs to a size, and "3-bean mix" to a name. */
function startsWord(text: string, number: { length: number; word: boolean }): boolean {
  return (
    !number.word &&
    /^-(?:\s?)[a-z]/i.test(text.slice(number.length)) &&
    !/^-\s?(?:oz|ounce|g|gram|lb|pound)/i.test(text.slice(number.length))
  );
}

/** "2 x 400 g tins", "1 15-oz can", "3 400g tins": the size of one, before the word for what holds it. */
function takePack(text: string, draft: Ingredient): string {
  const times = /^x\s*(?=\d)/i.exec(text);
  const from = times ? times[0].length : 0;
  const size = readNumber(text, from);
  if (!size?.ok || size.word) return text;
  const after = text.slice(from + size.length).replace(/^[\s-]+/, '');
  const unit = readUnit(after);
  if (!unit || kindOfUnit(unit.unit) === 'count') return text;
  const tail = after.slice(unit.length).replace(/^[\s-]+/, '');
  const holder = readUnit(tail);
  const isHolder = holder && ['can', 'jar', 'packet', 'bottle', 'carton', 'tub', 'bag'].includes(holder.unit);
  if (!isHolder && !times) return text;
  draft.pack = { quantity: toQuantity(size.min), unit: unit.unit };
  return isHolder ? tail : `${tail}`;
}

function takeUnit(text: string, draft: Ingredient): string {
  const unit = readUnit(text);
  if (!unit) return text;
  const tail = text.slice(unit.length).trim();
  // "2 pot noodles", "4 stick ..." would lose their name; and a unit with nothing behind it is the thing itself ("3 cloves")
  if (!tail && kindOfUnit(unit.unit) === 'count') return text;
  draft.unit = unit.unit;
  return tail;
}

/** "200 g/7 oz flour", "1 cup / 250 ml milk", "1 lb or 450 g": one amount in two systems. */
function takeAlternate(text: string, draft: Ingredient): string {
  const m = /^(?:\/|\bor\b|=|,)\s*(?:about\s+)?/i.exec(text);
  if (!m || !draft.unit) return text;
  const amount = readAmount(text.slice(m[0].length));
  if (!amount || !amount.unit) return text;
  draft.alternate = { quantity: amount.quantity, unit: amount.unit };
  return amount.rest;
}

function readAmount(text: string): (Amount & { rest: string }) | null {
  const number = readNumber(text, 0);
  if (!number?.ok) return null;
  const after = text.slice(number.length).replace(/^[\s-]+/, '');
  const unit = readUnit(after);
  return { quantity: toQuantity(number.min), unit: unit?.unit ?? null, rest: after.slice(unit?.length ?? 0).trim() };
}

/** "1 cup plus 2 tbsp", "1/4 cup + 1 tbsp": added up where both are of one kind. */
function takePlus(text: string, draft: Ingredient): string {
  const m = /^(?:plus|\+|and|&)\s+/i.exec(text);
  if (!m || !draft.unit || !draft.min) return text;
  const amount = readAmount(text.slice(m[0].length));
  if (!amount?.unit) return text;
  const same = convertUnit(amount.quantity, amount.unit, draft.unit);
  if (!same) return text;
  const add = (q: string | null) => toQuantity((toFraction(q ?? '0') ?? new Fraction(0)).add(toFraction(same)!));
  draft.min = add(draft.min);
  draft.max = add(draft.max);
  return amount.rest;
}

/** "Flour 200 g", "flour - 2 cups": the amount behind the thing, where none stands before it. */
function trailingAmount(text: string, draft: Ingredient): string {
  if (draft.min !== null || draft.doubt) return text;
  const m = /^(\p{L}[\p{L}\s'’-]{1,60}?)[\s,:-]+((?:\d|half\b)[^,]{0,30})$/iu.exec(text);
  if (!m) return text;
  const amount = readAmount(m[2]!);
  if (!amount || amount.rest) return text;
  draft.min = draft.max = amount.quantity;
  draft.unit = amount.unit;
  return m[1]!;
}

function takeItem(text: string, draft: Ingredient): void {
  let rest = text.replace(/^[,;:\s-]+/, '').replace(/[.;:,\s]+$/, '');
  const loose =
    / (?:to taste|for (?:serving|dusting|greasing|frying|garnish|brushing|sprinkling|topping)\b.*|to serve|plus (?:more|extra)\b.*|if (?:needed|liked|desired)|divided|as needed|or to taste)$/i;
  let m: RegExpExecArray | null;
  while ((m = loose.exec(rest))) {
    draft.notes.unshift(m[0].replace(/^[,\s]+/, '').trim());
    rest = rest.slice(0, m.index).replace(/[,\s-]+$/, '');
  }
  if (/^optional:?\s+/i.test(rest)) {
    draft.optional = true;
    rest = rest.replace(/^optional:?\s+/i, '');
  }
  const comma = rest.search(/\s*(?:,\s|;\s|\s-\s|\s--\s)/);
  let item = comma >= 0 ? rest.slice(0, comma) : rest;
  const tail = comma >= 0 ? rest.slice(comma).replace(/^[\s,;-]+/, '') : '';
  const sized = SIZE.exec(item);
  if (sized && sized[0].length < item.length) {
    draft.notes.push(sized[0].trim().toLowerCase());
    item = item.slice(sized[0].length);
  }
  // "boneless, skinless chicken thighs": adjectives before the comma, the noun behind it
  const adjectives = /^(?:boneless|skinless|lean|fresh|ripe|raw|dry|hot|cold|warm)$/i;
  if (adjectives.test(item) && tail) {
    takeItem(tail, draft);
    draft.notes.push(item.toLowerCase());
    return;
  }
  const ground = /^freshly ground\s+/i.exec(item);
  if (ground) {
    draft.notes.push('freshly ground');
    item = item.slice(ground[0].length);
  }
  const packed = draft.unit === 'can' || draft.unit === 'jar' || draft.unit === 'packet' || draft.unit === 'bag' || draft.unit === 'carton';
  const front = leadingPreparation(item, packed);
  draft.preparation.push(...front.preparation);
  item = front.item;
  const behind =
    /^(.*?\S)\s+((?:(?:finely|roughly|coarsely|thinly|very|well)\s+)?(?:cut|sliced|chopped|diced|torn|broken) into .*|at room temperature)$/i.exec(
      item,
    );
  if (behind) {
    item = behind[1]!;
    draft.preparation.push(behind[2]!);
  }
  const or = /^(.+?)\s+or\s+(.+)$/i.exec(item);
  if (or && !/^(?:more|less|so)\b/i.test(or[2]!)) {
    item = or[1]!;
    const head = or[2]!.split(/\s+/).at(-1)!;
    // "beef or vegetable stock": the noun stands once, behind both
    if (!/\s/.test(item) && /\s/.test(or[2]!) && (findFood(`${item} ${head}`)?.id ?? '') === findFood(head)?.id) item = `${item} ${head}`;
    draft.alternatives.push(...or[2]!.split(/\s+or\s+/i).map((x) => x.replace(/^(?:use\s+)?/i, '').trim()));
  }
  draft.item = item.trim();
  for (const part of tail.split(/,\s+|;\s+/)) readTail(part.trim(), draft);
}

function readTail(part: string, draft: Ingredient): void {
  if (!part) return;
  const amount = draft.min === null && !draft.doubt ? readAmount(part) : null;
  if (amount?.unit && !amount.rest) {
    draft.min = draft.max = amount.quantity;
    draft.unit = amount.unit;
    return;
  }
  if (/^(?:optional|if (?:you )?like[d]?|if using|if desired)$/i.test(part)) draft.optional = true;
  else if (NOTES.test(part)) draft.notes.push(part);
  else if (/^or\s+/i.test(part)) draft.alternatives.push(part.replace(/^or\s+/i, ''));
  else {
    const { preparation, notes } = trailingPreparation(part);
    draft.preparation.push(...preparation);
    draft.notes.push(...notes);
  }
}

/** What stood in brackets: a tin's size, the same amount in another system, "optional", or work. */
function readBracket(inside: string, draft: Ingredient): void {
  const plain = inside.replace(ABOUT, '');
  if (/^optional$/i.test(plain)) {
    draft.optional = true;
    return;
  }
  const amount = readAmount(plain);
  if (
    amount?.unit &&
    kindOfUnit(amount.unit) !== 'count' &&
    /^(?:\.?\s*(?:each|cans?|tins?|jars?|pack(?:et|age)?s?|bags?|box|size|container|drained|per)\b.*)?$/i.test(amount.rest) &&
    amount.rest.length < 20
  ) {
    const holder = draft.unit === null ? false : kindOfUnit(draft.unit) === 'count';
    const value = { quantity: amount.quantity, unit: amount.unit };
    if (holder || /each/i.test(amount.rest)) draft.pack ??= value;
    else draft.alternate ??= value;
    return;
  }
  for (const part of inside.split(/,\s*|;\s*/)) readTail(part.trim(), draft);
}

function finish(draft: Ingredient): void {
  // "1 (15 oz) can black beans": the bracket stood before the unit
  if (draft.unit === null && draft.min !== null) {
    const unit = readUnit(draft.item);
    if (unit && draft.item.length > unit.length) {
      draft.unit = unit.unit;
      draft.item = draft.item
        .slice(unit.length)
        .replace(/^\s*(?:of\s+)?/i, '')
        .trim();
      if (draft.alternate && kindOfUnit(unit.unit) === 'count') {
        draft.pack = draft.alternate;
        draft.alternate = null;
      }
      const front = leadingPreparation(draft.item, kindOfUnit(unit.unit) === 'count' && unit.unit !== 'clove' && unit.unit !== 'slice');
      draft.preparation.unshift(...front.preparation);
      draft.item = front.item;
    }
  }
  // "4 garlic cloves", "2 celery sticks": the unit stands behind the thing
  if (draft.unit === null && draft.min !== null) {
    const m =
      /^(garlic|celery|bread|bacon|rosemary|thyme|mint|basil|parsley)\s+(cloves?|sticks?|stalks?|slices?|rashers?|sprigs?|leaves)$/i.exec(
        draft.item,
      );
    if (m) {
      draft.item = m[1]!;
      draft.unit = readUnit(m[2]!)!.unit;
    }
  }
  if (draft.unit === 'stick' && /celery|rhubarb/i.test(draft.item)) draft.unit = 'stalk';
  if (draft.unit === 'stick' && /butter|margarine/i.test(draft.item) && draft.min) {
    // one US stick of butter is half a cup (common practice)
    const half = (q: string) => toQuantity(toFraction(q)!.div(2));
    draft.alternate ??= { quantity: half(draft.min), unit: 'cup' };
  }
  if (!draft.item) draft.doubt ??= 'no food is named on this line';
  else if (!/\p{L}/u.test(draft.item)) draft.doubt ??= 'no word stands on this line, only numbers or signs';
}
