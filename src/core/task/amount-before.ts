// How much of a thing the words before its name say.
import { Fraction, readNumber, toFraction, toQuantity, type Quantity } from '../amount/quantity';
import { readUnit, type Unit } from '../amount/units';
import type { Ingredient } from '../recipe/recipe';

/** All of it. */
export const WHOLE = { quantity: null, unit: null, part: 'all' as const };

/** How much of it the words before say: "1 tbsp of the oil", "half of the cheese", "the remaining oil". */
export function amountBefore(
  text: string,
  at: number,
  one: Ingredient,
): { quantity: Quantity | null; unit: Unit | null; part: 'some' | 'rest' | 'all'; but?: string } {
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
    /\b(half|(?:a|one)[ -](?:third|quarter)|two[ -]thirds|three[ -]quarters|[1-4]\/[2-5](?=\s+of\b))\s+(?:of\s+)?(?:the\s+|your\s+)?(?:(?:tin|can|jar|packet|pack|bag|tub|pot|bunch|carton|block|box)\s+of\s+)?(?!each\b|every\b|both\b)(?:\p{L}+\s+)?$/iu.exec(
      before,
    );
  if (portion && one.min) {
    const said = portion[1]!.toLowerCase().split(/[ -]/).at(-1)!;
    const share = said.includes('/') ? said : { half: '1/2', third: '1/3', quarter: '1/4', thirds: '2/3', quarters: '3/4' }[said];
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
  if (
    /\b(?:a little|some|a bit|more|splash|pinch|spoonful|drizzle|dash|knob|glug|dusting)\s+(?:of\s+)?(?:the\s+)?(?:\p{L}+\s+)?$/iu.test(
      before,
    )
  )
    return { quantity: null, unit: null, part: 'some' };
  return { quantity: null, unit: null, part: 'all' };
}
