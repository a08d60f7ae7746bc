// Finds the ingredients of a recipe that lists none: the amounts that stand in its method.
import { kindOfUnit, readUnit } from '../amount/units';
import { plainNumbers, readNumber, toQuantity } from '../amount/quantity';
import { findFood } from './food';
import { leadingPreparation, trailingPreparation } from './preparation';
import type { Ingredient } from './recipe';

const STOP =
  /\s(?:in|into|to|on|onto|with|and|then|until|for|over|from|at|of water|together|through|if|so|by|evenly|inside|one at a time)\b|[,.;:()]|\s&\s/i;
const NOT_FOOD =
  /^(?:minutes?|mins?|hours?|hrs?|seconds?|secs?|degrees?|°|%|x\b|times|servings?|people|parts?|pieces|minutes|inch|cm|mm|batches|layers?|more|second|side|sides|plates?|bowls?)/i;

/** A name of a food is no longer, in characters; what stands further off than a few of them has nothing to do with an amount. */
const LONGEST_NAME = 50;
const WINDOW = 200;

const VESSEL = /^(?:\p{L}+\s+){0,2}?(?:saucepan|pan|pot|bowl|dish|jug|tin|tray|skillet|wok|kettle|plate|mug|glass|board)\b/iu;

/**
 * Ingredients named with an amount in instruction lines: "Put 2 cups of oats in a bowl" gives 2 cups of oats.
 * Each is marked as in doubt, for a person to look at. Does not find foods named without an amount unless they are in the table of foods.
 */
export function amountsInMethod(instructions: string[]): Ingredient[] {
  const found: Ingredient[] = [];
  const seen = new Set<string>();
  for (const line of instructions) {
    const text = plainNumbers(line);
    for (const at of wordStarts(text)) {
      const number = readNumber(text, at);
      if (!number?.ok) continue;
      const after = text.slice(at + number.length, at + number.length + WINDOW).replace(/^\s+/, '');
      // "cut in half and 4 carrots": the half is no amount
      if (number.word && /\b(?:in|into)\s+$/i.test(text.slice(0, at))) continue;
      // "at 170 C" is no cup
      if (NOT_FOOD.test(after) || (/^[CF]\b/.test(after) && number.min.valueOf() >= 30)) continue;
      const unit = readUnit(after);
      let item = after.slice(unit?.length ?? 0).replace(/^\s*(?:of\s+)?(?:the\s+)?/i, '');
      const stop = STOP.exec(item);
      item = (stop ? item.slice(0, stop.index) : item).trim();
      if (!item || item.length > LONGEST_NAME) continue;
      const food = findFood(item);
      if (!food && (number.word || !unit || kindOfUnit(unit.unit) === 'count')) continue;
      // "a large pan of salted water" is no food
      if (!unit && VESSEL.test(item)) continue;
      // "1 chopped onion"
      const before = leadingPreparation(item, false);
      const said = item;
      item = before.item;
      const name = item.toLowerCase();
      if (seen.has(name)) continue;
      seen.add(name);
      // "2 cloves of garlic, chopped": the work stands behind it
      const behind = /^,\s*((?:(?:finely|roughly|thinly)\s+)?[a-z]+ed(?:\s+and\s+[a-z]+ed)?)\b/i.exec(
        text.slice(text.indexOf(said, at) + said.length),
      );
      const work = behind ? trailingPreparation(behind[1]!) : null;
      found.push({
        text: text.slice(at, at + number.length + (text.slice(at + number.length).indexOf(said) + said.length)).trim(),
        min: toQuantity(number.min),
        max: toQuantity(number.max),
        unit: unit?.unit ?? null,
        item,
        preparation: [...before.preparation, ...(work && work.notes.length === 0 ? work.preparation : [])],
        optional: false,
        pack: null,
        alternate: null,
        alternatives: [],
        notes: [],
        group: null,
        doubt: 'taken from the method, since the recipe lists no ingredients',
      });
    }
  }
  return found;
}

function wordStarts(text: string): number[] {
  const starts: number[] = [];
  for (let i = 0; i < text.length; i++) if (/[\p{L}\d.]/u.test(text[i]!) && (i === 0 || /[\s(]/.test(text[i - 1]!))) starts.push(i);
  return starts;
}
