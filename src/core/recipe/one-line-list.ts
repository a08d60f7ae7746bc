// Lists that stand on one line, of ingredients or of tools.
import { plainNumbers, readNumber } from '../amount/quantity';
import { findFood } from './food';
import { stripBullet } from './ingredient-line';
import { isPreparationWord, partOfWork } from './preparation';

/** "2 eggs", "juice of 2 lemons". */
export const hasAmount = (part: string): boolean =>
  readNumber(plainNumbers(part.replace(/^(?:juice|zest)(?: and (?:juice|zest))? of\s+(?:an?\s+)?/i, '')), 0)?.ok === true;

/** The things of a list that stands on one line, parted by commas, semicolons, bullets, slashes or dashes; empty where it is no such list. */
export function listOnOneLine(text: string): string[] {
  for (const mark of [/\s*[•·▪|]\s*/, /;\s+/, /\s+\/\s+/, /\s+-\s+/, /,\s+/]) {
    const pieces = text
      .split(mark)
      .map((p) => p.trim())
      .filter(Boolean);
    const parts = mark.source.startsWith(',') ? withTheirWork(pieces) : pieces;
    const amounts = parts.filter(hasAmount).length;
    if (parts.length >= 2 && parts.every((p) => p.length < 60) && (parts.length >= 3 || amounts === parts.length || parts.every(isTool))) {
      // "1 carrot, peeled, 2 onions": work belongs to the thing before it
      if (mark.source.startsWith(',') && amounts >= 2)
        return parts.flatMap(lastTwo).reduce<string[]>((all, p) => {
          if (all.length > 0 && !readNumber(plainNumbers(p), 0)?.ok && !findFood(p)) all[all.length - 1] += `, ${p}`;
          else all.push(p);
          return all;
        }, []);
      return parts;
    }
  }
  return [];
}

/** "1 lemon, half sliced, half juiced", "2 limes, 1 juiced, 1 cut into wedges": what is done to a part of it is no thing of its own. */
const withTheirWork = (parts: readonly string[]): string[] =>
  parts.reduce<string[]>((all, p) => {
    if (all.length > 0 && isWorkOfPart(p)) all[all.length - 1] += `, ${p}`;
    else all.push(p);
    return all;
  }, []);

const isWorkOfPart = (text: string): boolean => {
  const word = partOfWork(text)
    ?.work.replace(/^\p{L}+ly\s+/iu, '')
    .split(/\s/)[0];
  return word !== undefined && isPreparationWord(word) && findFood(text) === null;
};

/** The end of a list: "2 spring onions and 1 tbsp soy sauce" is two things. */
const lastTwo = (part: string) => part.replace(/[.]$/, '').split(/\s+and\s+(?=\d|a\s|an\s|half\b)/i);

const TOOL_NOUN =
  /\b(?:bowls?|dish(?:es)?|(?:sauce|frying |roasting |cake |baking )?pans?|pots?|trays?|tins?|sheets?|knife|knives|peelers?|graters?|spoons?|forks?|whisks?|spatulas?|tongs|boards?|ovens?|microwave|blenders?|(?:food )?processors?|mixers?|sieves?|colanders?|jugs?|scales?|timers?|thermometers?|rolling pin|wok|skillet|mashers?|ladles?|cutters?|rack|paper|foil|cases|liners|gloves|mitts|apron|opener|scissors|skewers?|brush|kettle|toaster|plates?|glass(?:es)?|cups?|mugs?|lid|measures?|press|squeezer|juicer|slicer|crusher|masher|corer|cookers?|fryer|maker|machine|moulds?|molds?|bags?|film|wrap|towels?|cloths?|grill|hob|stove|sink|fridge|freezer)$/i;

/** "Cheese grater", "potato masher": no food, whatever it is for. */
const NAMED_FOR_FOOD =
  /\b(?:graters?|peelers?|mashers?|press|corers?|slicers?|openers?|squeezers?|juicers?|cutters?|knife|knives|brush|crushers?|cookers?|maker|machine|timers?|thermometers?|scales?|sieves?|whisks?)$/i;

/** A thing to work with, not to eat: its last word is one, and no food is named. */
export function isTool(text: string): boolean {
  const bare = stripBullet(text)
    .replace(/\s*\([^)]*\)/g, '')
    .replace(/\s+(?:to|for)\s+(?:\p{L}+\s+)*\p{L}+$/iu, '')
    .replace(/[.,;]+$/, '')
    .trim();
  return (
    TOOL_NOUN.test(bare) &&
    bare.split(/\s+/).length <= 6 &&
    !/\bof\b/i.test(bare) &&
    !/^(?:\d+|an?|two|three)\s+(?:tins?|pots?|sheets?|cups)$/i.test(bare) &&
    (findFood(bare) === null || NAMED_FOR_FOOD.test(bare))
  );
}
