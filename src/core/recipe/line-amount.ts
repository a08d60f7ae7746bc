// The front of an ingredient line: how much, in what unit, in what pack, and the same amount in another system.
import { Fraction, readNumber, toFraction, toQuantity } from '../amount/quantity';
import { convertUnit, kindOfUnit, readUnit, type Unit } from '../amount/units';
import type { Amount, Ingredient } from './recipe';

/** Words that make an amount less exact. They are kept as notes: a heaped spoon is no level one. */
const ABOUT =
  /^(?:about|approx(?:imately|\.)?|around|roughly|circa|ca\.|~|at least|up to|scant|heaped|heaping|rounded|level|generous|good|a good|a generous|a scant|a heaped)\s*(?=[\d\p{L}.])/iu;
const HOW_FULL = /scant|heap|rounded|level|generous/i;
const SIZE_WORDS =
  'large|medium|small|big|little|medium-sized|good-sized|ripe|jumbo|thick(?!-)|thin(?!-)|(?:fat|plump|juicy)(?=\\s+(?:garlic|cloves?))|sm\\.|med\\.|lg\\.|lge\\.?';
/** A size word, with its own adverb: "very ripe", "extra large". */
export const SIZE = new RegExp(`^(?:(?:extra|very)[- ])?(?:${SIZE_WORDS})(?![\\p{L}])[\\s,]*`, 'iu');
/** Units that hold something: their size in brackets is what one of them holds. */
const HOLDERS = new Set<Unit>(['can', 'jar', 'packet', 'bottle', 'carton', 'tub', 'tube', 'bag', 'block', 'punnet', 'ball']);

export const isHolder = (unit: Unit | null) => unit !== null && HOLDERS.has(unit);

/** Takes off "about", "heaped" and the like, and keeps what says how full a measure is. */
export function takeAbout(text: string, draft: Ingredient): string {
  const m = ABOUT.exec(text);
  if (!m) return text;
  if (HOW_FULL.test(m[0])) draft.notes.push(m[0].trim().toLowerCase().replace(/^a /, ''));
  return text.slice(m[0].length);
}

/** "1-inch piece of ginger", "a 2 cm knob of ginger": an amount by length. */
export function takeLength(text: string, draft: Ingredient): string {
  const m =
    /^(?:an?\s+|1\s+x\s+|1\s+)?(\d[\d ./]{0,6}?)[\s-]*(inch|in\.|"|cm|thumb)(?:es)?[\s-]*(?:long\s+)?(?:(?:piece|knob|chunk|length|slice|cube)s?\s*(?:of\s+)?|(?=(?:\s*(?:fresh|root)\s+)*\s*(?:ginger|turmeric|galangal)\b))/i.exec(
      text,
    );
  const number = m && readNumber(m[1]!.trim(), 0);
  if (!m || !number?.ok) return text;
  draft.min = draft.max = toQuantity(number.min);
  draft.unit = m[2]!.toLowerCase() === 'cm' ? 'cm' : 'inch';
  return text.slice(m[0].length).trim();
}

const VAGUE =
  /^(?:(?:a|some|good|large|small|big|generous|little|heaped|healthy)\s+)*(?=(?:pinch|dash|handful|splash|drizzle|knob|glug|sprinkle|bunch|sprig|squeeze|dollop|spoonful)(?:es|s)?\s+\S)/i;
/** "Small jar pesto", "large can of sweetcorn", with no number: one. */
const ONE_PACK =
  /^(?:large|big|small|little|medium)\s+(?=(?:can|tin|jar|pack|packet|tub|bag|block|carton|punnet|bottle|pot|box|sachet)\s+(?:of\s+)?\p{L})/iu;
const SOME = /^(?:an?\s+few|a\s+little|a\s+bit\s+of|some|few|several|plenty\s+of|lots\s+of)\s+(?:more\s+)?(?=\p{L})/iu;

/**
 * Takes the amount off the front of a line into `draft`.
 * @returns what is left: the thing and the work on it
 */
export function takeAmount(text: string, draft: Ingredient): string {
  let rest = takeAbout(text, draft);
  const some = SOME.exec(rest);
  if (some && !VAGUE.test(rest)) {
    // "a few sprigs thyme"
    const [of] = /^(?:sprigs?|stems?|stalks?|slices?|leaves|drops?|strips?|rashers?)\s+(?:of\s+)?(?=\p{L})/iu.exec(
      rest.slice(some[0].length),
    ) ?? [''];
    draft.notes.push(`${some[0]}${of.replace(/of\s+$/i, '')}`.trim().toLowerCase());
    return rest.slice(some[0].length + of.length);
  }
  const pack = ONE_PACK.exec(rest);
  if (pack) rest = `1 ${rest}`;
  const vague = VAGUE.exec(rest);
  const number = readNumber(rest, 0);
  if (number && !number.ok) {
    draft.doubt = number.why;
    return rest
      .slice(number.length)
      .trim()
      .replace(/^(?:[a-z]+\s+)?/i, (word) => (readUnit(word) ? '' : word));
  }
  if (number?.ok && !startsWord(rest, number) && !(vague && vague[0].length > 2 && number.word)) {
    draft.min = toQuantity(number.min);
    draft.max = toQuantity(number.max);
    rest = takeDozen(rest.slice(number.length).trim(), draft);
    // "1/2 a red onion", "¼ of a cabbage"
    if (number.min.compare(1) < 0) rest = rest.replace(/^(?:of\s+)?(?:an?|the|one)\s+/i, '');
  } else if (vague) {
    draft.min = draft.max = '1';
    rest = rest.slice(vague[0].length);
  } else return withoutNumber(rest, draft);

  rest = takePack(rest, draft);
  rest = takeSizeOfOne(rest, draft);
  rest = takeAbout(rest, draft);
  const sized = SIZE.exec(rest);
  if (sized && readUnit(rest.slice(sized[0].length))) {
    draft.notes.push(sized[0].trim().toLowerCase());
    rest = rest.slice(sized[0].length);
  }
  rest = takeUnit(rest, draft);
  rest = takeHolder(rest, draft);
  rest = takeRangeEnd(rest, draft);
  rest = takeAlternate(rest, draft);
  rest = takePlus(rest, draft);
  return takeAbout(rest.replace(/^of\s+(?:the\s+)?/i, ''), draft);
}

/** "1 dozen eggs". */
function takeDozen(text: string, draft: Ingredient): string {
  const m = /^dozen\b\s*(?:of\s+)?/i.exec(text);
  if (!m) return text;
  draft.min = toQuantity(toFraction(draft.min!)!.mul(12));
  draft.max = toQuantity(toFraction(draft.max!)!.mul(12));
  return text.slice(m[0].length);
}

/** "cup flour": a measure with no number before it. One is meant, most likely, and a person says so. */
function withoutNumber(text: string, draft: Ingredient): string {
  const unit = readUnit(text);
  if (!unit || !['cup', 'tbsp', 'tsp', 'pint', 'litre', 'can'].includes(unit.unit) || !/\s/.test(text) || unit.length < 3) return text;
  draft.min = draft.max = '1';
  draft.unit = unit.unit;
  draft.doubt = `no number stands before “${text.slice(0, unit.length)}”; one is taken`;
  return text
    .slice(unit.length)
    .trim()
    .replace(/^of\s+/i, '');
}

/** "a" before a thing is an amount; but "1-inch" belongs to a size, and "3-bean mix" to a name. */
function startsWord(text: string, number: { length: number; word: boolean }): boolean {
  const after = text.slice(number.length);
  return (/^-(?:\s?)[a-z]/i.test(after) && !/^-\s?(?:oz|ounce|g|gram|lb|pound|ml)/i.test(after)) || /^\s?%/.test(after);
}

/** "2 x 400 g tins", "1 15-oz can", "3 400g tins", "two 6-ounce salmon fillets": the size of one. */
function takePack(text: string, draft: Ingredient): string {
  const times = /^x\s*(?=\d)/i.exec(text);
  const from = times ? times[0].length : 0;
  const size = readNumber(text, from);
  if (!size?.ok || size.word) return text;
  const glue = text.slice(from + size.length);
  const after = glue.replace(/^[\s-]+/, '');
  const unit = readUnit(after);
  if (!unit || kindOfUnit(unit.unit) === 'count') return text;
  const tail = after.slice(unit.length).replace(/^[\s-]+/, '');
  const holder = readUnit(tail);
  const holds = holder && isHolder(holder.unit);
  const whole = draft.min !== null && toFraction(draft.min)!.d === 1n;
  if (!holds && !times && !(whole && /^(?:-|[a-z])/i.test(glue) && kindOfUnit(unit.unit) === 'mass')) return text;
  draft.pack = { quantity: toQuantity(size.min), unit: unit.unit };
  return tail;
}

/** "2 8-inch tortillas", "1 9 inch pie crust": how large one is; a note, not an amount. */
function takeSizeOfOne(text: string, draft: Ingredient): string {
  const m = /^(\d+(?:[./]\d+)?[\s-]?(?:inch|in\.|cm|"))(?:es)?[\s-]+(?=\p{L})/iu.exec(text);
  if (!m) return text;
  draft.notes.push(m[1]!);
  return text.slice(m[0].length);
}

function takeUnit(text: string, draft: Ingredient): string {
  const inchMark = /^"\s+/.exec(text);
  if (inchMark) {
    draft.unit = 'inch';
    return text.slice(inchMark[0].length).replace(/^(?:piece|knob|chunk)s?\s+(?:of\s+)?/i, '');
  }
  const sized = /^(thumb|walnut|finger|egg|bite)[- ]sized\s+(?=piece|chunk|knob)/i.exec(text);
  if (sized) {
    draft.notes.push(sized[0].trim().toLowerCase());
    text = text.slice(sized[0].length);
  }
  // a British dessertspoon is two teaspoons (common practice)
  const dessert = /^des+ert\s?spoons?(?:fuls?)?\s+/i.exec(text);
  if (dessert) {
    draft.min = toQuantity(toFraction(draft.min!)!.mul(2));
    draft.max = toQuantity(toFraction(draft.max!)!.mul(2));
    draft.unit = 'tsp';
    draft.notes.push('dessertspoons in the recipe');
    return text.slice(dessert[0].length);
  }
  // "3 big spoons of syrup": what a table and a tea spoon are called in a kitchen (common practice)
  const spoon = /^(big|large|heaped|small|little)\s+spoons?(?:fuls?)?\s+(?:of\s+)?(?=\p{L})/iu.exec(text);
  if (spoon) {
    draft.unit = /^(?:small|little)$/i.test(spoon[1]!) ? 'tsp' : 'tbsp';
    draft.notes.push(`${spoon[1]!.toLowerCase()} spoons in the recipe`);
    return text.slice(spoon[0].length);
  }
  const unknown =
    /^((?:tea|coffee)cup|(?:wine\s)?glass(?:es)?|spoons?|parts?|portions?|servings?|capfuls?|ladles?)\s+(?:of\s+)?(?=\p{L})/iu.exec(text);
  if (unknown) {
    draft.doubt = `“${unknown[1]}” is no measure with a known size: say how much is meant`;
    return text.slice(unknown[0].length);
  }
  const unit = readUnit(text);
  if (!unit) return text;
  const tail = text
    .slice(unit.length)
    .replace(/^\s*,?\s+(?=plus\b)/i, ' ')
    .replace(/^\s+(?:or so)\b/i, '')
    .trim();
  // a unit with nothing behind it is the thing itself ("3 cloves"), and "1 stick blender" is no butter
  if (!tail && kindOfUnit(unit.unit) === 'count') return text;
  if (/^(?:cube|stick|cup)$/i.test(text.slice(0, unit.length)) && /^(?:of\s+)?(?:steak|cake|noodle)/i.test(tail)) return text;
  draft.unit = unit.unit;
  return tail;
}

/** How a thing is sold that is weighed all the same: "500 g piece of beef". */
const SOLD_AS = /^(piece|bar|slab|joint|log|tray|wedge|chunk|hunk|lump|loaf|net)\s+(?:of\s+)?(?=\p{L}{3})/iu;

/** "200 g pack of feta", "400 g jar of sauce", "320 g sheet puff pastry": an amount and what holds it, or is it, is one of that size. */
function takeHolder(text: string, draft: Ingredient): string {
  if (!draft.unit || kindOfUnit(draft.unit) === 'count' || draft.min === null) return text;
  const sold = kindOfUnit(draft.unit) === 'mass' && SOLD_AS.exec(text);
  if (sold) {
    draft.notes.push(sold[1]!.toLowerCase());
    return text.slice(sold[0].length);
  }
  const holder = readUnit(text);
  const tail = holder && text.slice(holder.length).trim();
  if (!holder || !tail || !(isHolder(holder.unit) || holder.unit === 'sheet')) return text;
  draft.pack = { quantity: draft.min, unit: draft.unit };
  draft.min = draft.max = '1';
  draft.unit = holder.unit;
  return tail.replace(/^of\s+/i, '');
}

/** "1 tsp - 1 tbsp", "1 cup to 1 1/2 cups", "250g-300g": a range with a unit on either side. */
function takeRangeEnd(text: string, draft: Ingredient): string {
  const m = /^(?:-|to\b)\s*/i.exec(text);
  const amount = m && draft.unit && draft.min ? readAmount(text.slice(m[0].length)) : null;
  if (!amount?.unit) return text;
  const same = convertUnit(amount.quantity, amount.unit, draft.unit!);
  if (!same || toFraction(same)!.compare(toFraction(draft.min!)!) < 0) return text;
  draft.max = same;
  return amount.rest;
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

/** An amount at the start of a text, with what stands behind it; null when none does. */
export function readAmount(text: string): (Amount & { rest: string }) | null {
  const number = readNumber(text, 0);
  if (!number?.ok) return null;
  const after = text.slice(number.length).replace(/^[\s-]+/, '');
  const unit = readUnit(after);
  return { quantity: toQuantity(number.min), unit: unit?.unit ?? null, rest: after.slice(unit?.length ?? 0).trim() };
}

// Units that follow each other in one amount with no word between: "1 lb 2 oz".
const SMALLER: Partial<Record<Unit, Unit[]>> = {
  lb: ['oz'],
  kg: ['g'],
  l: ['ml', 'dl'],
  cup: ['tbsp', 'tsp'],
  tbsp: ['tsp'],
  pint: ['floz'],
  quart: ['cup'],
};

/** "1 cup plus 2 tbsp", "1/4 cup + 1 tbsp", "1 lb 2 oz": added up where both are of one kind. */
function takePlus(text: string, draft: Ingredient): string {
  if (!draft.unit || !draft.min) return text;
  const m = /^(?:plus|\+|and|&)\s+/i.exec(text);
  const amount = readAmount(text.slice(m?.[0].length ?? 0));
  if (!amount?.unit || (!m && !SMALLER[draft.unit]?.includes(amount.unit))) return text;
  const same = convertUnit(amount.quantity, amount.unit, draft.unit);
  if (!same) return text;
  const add = (q: string | null) => toQuantity((toFraction(q ?? '0') ?? new Fraction(0)).add(toFraction(same)!));
  draft.min = add(draft.min);
  draft.max = add(draft.max);
  return takeAlternate(amount.rest.replace(/^,\s+/, ''), draft);
}

/** "Flour 200 g", "flour - 2 cups", "Carrots x 3": the amount behind the thing, where none stands before it. */
export function trailingAmount(text: string, draft: Ingredient): string {
  if (draft.min !== null || draft.doubt) return text;
  const m = /^(\p{L}[\p{L}\s'’-]{1,60}?)(?:\s+x\s*|[\s,:-]+)((?:\d|half\b)[^,]{0,30})((?:,\s.*)?)$/iu.exec(text);
  if (!m) return text;
  const amount = readAmount(m[2]!.trim());
  // "chickpeas 400 g tin"
  const holder = amount?.unit ? readUnit(amount.rest) : null;
  if (amount && holder && isHolder(holder.unit) && holder.length === amount.rest.length) {
    draft.min = draft.max = '1';
    draft.unit = holder.unit;
    draft.pack = { quantity: amount.quantity, unit: amount.unit! };
    return m[1]! + m[3]!;
  }
  if (!amount || (amount.rest && !new RegExp(`^(?:${SIZE_WORDS})$`, 'i').test(amount.rest))) return text;
  draft.min = draft.max = amount.quantity;
  draft.unit = amount.unit;
  if (amount.rest) draft.notes.push(amount.rest.toLowerCase());
  return m[1]! + m[3]!;
}
