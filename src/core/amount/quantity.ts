// Exact amounts: fractions written as strings ("9/4"), and how people read and write them.
import { table } from './table';
import Fraction from 'fraction.js';

export { Fraction };

/** An exact non-negative amount as text: a whole number or a fraction in lowest terms, "2" or "9/4". */
export type Quantity = string;

/** The largest amount that is taken for real: nobody in a class kitchen has ten million of anything. */
const LARGEST = 10_000_000;

// Few amounts recur often. Fractions are never changed in place, so one can be handed out again; bounded.
const READ = new Map<Quantity, Fraction>();

/**
 * Reads a `Quantity` back into a fraction.
 * @returns null when the text is no exact amount, is negative, or divides by zero. Does not read "1 1/2" or "½": see `readNumber`.
 */
export function toFraction(quantity: Quantity): Fraction | null {
  const seen = READ.get(quantity);
  if (seen) return seen;
  if (typeof quantity !== 'string' || !/^\d{1,15}(\/\d{1,15}|\.\d{1,10})?$/.test(quantity)) return null;
  if (/\/0+$/.test(quantity)) return null;
  const read = new Fraction(quantity);
  if (READ.size > 2000) READ.clear();
  READ.set(quantity, read);
  return read;
}

/** A fraction as a `Quantity`. */
export function toQuantity(fraction: Fraction): Quantity {
  return fraction.toFraction();
}

const GLYPHS = table<string>({
  '1/2': '½',
  '1/3': '⅓',
  '2/3': '⅔',
  '1/4': '¼',
  '3/4': '¾',
  '1/5': '⅕',
  '2/5': '⅖',
  '3/5': '⅗',
  '4/5': '⅘',
  '1/6': '⅙',
  '5/6': '⅚',
  '1/8': '⅛',
  '3/8': '⅜',
  '5/8': '⅝',
  '7/8': '⅞',
});

/**
 * An amount as a person writes it: "1⅓", "¾", "2 5/12"; a long fraction becomes a decimal with two places.
 * @example showQuantity('4/3') // '1⅓'
 */
export function showQuantity(quantity: Quantity): string {
  const value = toFraction(quantity);
  if (!value) return quantity;
  const whole = value.floor();
  const rest = value.sub(whole);
  if (rest.equals(0)) return whole.toFraction();
  // sixteenths and twelfths are the finest marks in a kitchen; beyond them a fraction tells a person nothing
  if (rest.d > 16n) return String(Math.round(value.valueOf() * 100) / 100);
  const part = rest.toFraction();
  const glyph = GLYPHS.get(part);
  if (whole.equals(0)) return glyph ?? part;
  return glyph ? whole.toFraction() + glyph : `${whole.toFraction()} ${part}`;
}

const VULGAR = new Map<string, string>(
  [...GLYPHS, ['1/7', '⅐'] as const, ['1/9', '⅑'] as const, ['1/10', '⅒'] as const].map(([k, v]) => [v, k]),
);
const VULGAR_CHARS = new RegExp(`(?:(\\d)\\s?)?([${[...VULGAR.keys()].join('')}])`, 'g');

/**
 * Writes every way of typing an amount in one way: "1⅓", "1 1⁄3" become "1 1/3"; long dashes become "-"; "×" becomes "x";
 * odd spaces become plain ones. Line breaks stay. Does not change words.
 */
export function plainNumbers(text: string): string {
  // most lines hold nothing to rewrite, and this is asked several times a line
  if (/^[\x20-\x7e\n]*$/.test(text)) return text;
  return text
    .replace(VULGAR_CHARS, (_, digit: string | undefined, glyph: string) => `${digit ? digit + ' ' : ''}${VULGAR.get(glyph)}`)
    .replace(/[⁄∕]/g, '/')
    .replace(/[‐‑‒–—−]/g, '-')
    .replace(/×/g, 'x')
    .replace(/[\u00a0\u2000-\u200a\u202f\u3000\t]/g, ' ')
    .replace(/[‘’]/g, "'")
    .replace(/[“”]/g, '"');
}

const WORDS = table<string>({
  a: '1',
  an: '1',
  one: '1',
  two: '2',
  three: '3',
  four: '4',
  five: '5',
  six: '6',
  seven: '7',
  eight: '8',
  nine: '9',
  ten: '10',
  eleven: '11',
  twelve: '12',
  fifteen: '15',
  twenty: '20',
  thirty: '30',
  forty: '40',
  half: '1/2',
  quarter: '1/4',
  third: '1/3',
  dozen: '12',
  couple: '2',
});

export type NumberRead =
  { ok: true; min: Fraction; max: Fraction; length: number; word: boolean } | { ok: false; length: number; why: string };

const DIGITS =
  /(\d{1,9})(?:\s+and\s+|\s*&\s*|\s+|-)(\d{1,4})\s?\/\s?(\d{1,4})(?![\d/])|(\d{1,9})\s?\/\s?(\d{1,9})(?![\d/])|(\d{1,3}(?:,\d{3})+)(?![\d])|(\d{1,9})?[.,](\d{1,6})(?!\d)|(\d{1,9})(?![\d])/y;

type One = { value: Fraction; length: number; word: boolean } | { why: string; length: number } | null;

function readOne(text: string, at: number): One {
  DIGITS.lastIndex = at;
  const m = DIGITS.exec(text);
  if (m) {
    const length = m[0].length;
    const [, whole, n1, d1, n2, d2, thousands, int, decimals, plain] = m;
    const bottom = d1 ?? d2;
    if (bottom !== undefined && Number(bottom) === 0) return { length, why: `“${m[0].trim()}” divides by zero, so it is no amount` };
    let value: Fraction;
    if (whole !== undefined) value = new Fraction(Number(n1), Number(d1)).add(Number(whole));
    else if (n2 !== undefined) value = new Fraction(Number(n2), Number(d2));
    else if (thousands !== undefined) value = new Fraction(thousands.replaceAll(',', ''));
    else if (decimals !== undefined) value = new Fraction(`${int ?? 0}.${decimals}`);
    else value = new Fraction(plain!);
    if (value.compare(LARGEST) > 0) return { length, why: `“${m[0]}” is more than any kitchen holds` };
    return { value, length, word: false };
  }
  return readWords(text, at);
}

/** "half a", "one and a half", "two thirds", "a dozen", "half a dozen", "a couple of". */
function readWords(text: string, at: number): One {
  const words = /([a-z]+)(?:\s+|-|$|(?=[^a-z]))/iy;
  words.lastIndex = at;
  const first = words.exec(text);
  const value = first && WORDS.get(first[1]!.toLowerCase());
  if (!first || !value) return null;
  let result = new Fraction(value);
  let end = at + first[1]!.length;
  const rest = (pattern: RegExp) => {
    pattern.lastIndex = end;
    return pattern.exec(text);
  };
  let m: RegExpExecArray | null;
  const name = first[1]!.toLowerCase();
  if (name === 'half' || name === 'quarter' || name === 'third') {
    if ((m = rest(/\s+(?:of\s+)?an?\s+dozen\b/iy))) result = result.mul(12);
    else m = rest(/\s+(?:of\s+)?(?:an?\b|of\s+(?:the|one)\b)/iy) ?? rest(/\s+of\b/iy);
    if (m) end += m[0].length;
    return { value: result, length: end - at, word: true };
  }
  if ((m = rest(/(?:\s+|-)(half|halves|third|thirds|quarter|quarters|dozen|couple)\b(?:\s+(?:of\s+)?(?:an?\b)?)?/iy))) {
    const part = m[1]!.toLowerCase().replace('halves', 'half').replace(/s$/, '');
    result = result.mul(new Fraction(WORDS.get(part) ?? '1'));
    end += m[0].trimEnd().length;
    if (part === 'couple' && (m = rest(/\s+of\b/iy))) end += m[0].length;
  }
  if ((m = rest(/\s+and\s+(?:a\s+|one\s+)?(half|quarter|third)\b/iy))) {
    result = result.add(new Fraction(WORDS.get(m[1]!.toLowerCase())!));
    end += m[0].length;
  }
  return { value: result, length: end - at, word: true };
}

/**
 * Reads an amount or a range at a place in a text already passed through `plainNumbers`.
 * @param at offset in characters
 * @returns null when no number stands there; `ok: false` with the reason when one stands there that cannot be an amount ("1/0").
 * @example readNumber('2-3 carrots', 0) // { ok: true, min: 2, max: 3, length: 3, word: false }
 */
export function readNumber(text: string, at: number): NumberRead | null {
  const first = readOne(text, at);
  if (!first) return null;
  if ('why' in first) return { ok: false, ...first };
  const gap = /\s*(?:-|\bto\b|\bor\b)\s*/iy;
  gap.lastIndex = at + first.length;
  const between = gap.exec(text);
  if (between) {
    const second = readOne(text, at + first.length + between[0].length);
    // "one or a little more" is no range; "1-inch" is a size
    if (second && 'value' in second && second.word === first.word && second.value.compare(first.value) >= 0)
      return { ok: true, min: first.value, max: second.value, length: first.length + between[0].length + second.length, word: first.word };
  }
  return { ok: true, min: first.value, max: first.value, length: first.length, word: first.word };
}

/**
 * Reads a field that holds an amount and nothing else: "1 1/3", "2-3", "½".
 * @returns null for an empty field; `why` for one that is no amount
 */
export function readAmountField(field: string): { min: Quantity; max: Quantity } | { why: string } | null {
  const text = plainNumbers(field).trim();
  if (!text) return null;
  const number = readNumber(text, 0);
  if (!number || (number.ok && number.length < text.length))
    return { why: `“${field.trim().slice(0, 20)}” is no amount: write 2, 1 1/2, 1.5 or 2-3` };
  return number.ok ? { min: toQuantity(number.min), max: toQuantity(number.max) } : { why: number.why };
}
