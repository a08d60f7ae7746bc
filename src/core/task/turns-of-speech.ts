// Turns of speech that hold several actions, or say one in a roundabout way, put as plain actions before a line is split.

// What is done for a time on each of two sides, or turned or stirred halfway.
const HEATED = 'fry|cook|brown|sear|grill|broil|griddle|toast|bake|roast|microwave|air[- ]fry|saut[eé]|pan-fry|barbecue';
const TIME =
  '(?:about |around |approx\\.? )?(\\d+(?:[./]\\d+)?)(?:\\s*(?:-|–|to|or)\\s*(\\d+(?:[./]\\d+)?))?\\s*(min(?:ute)?s?|sec(?:ond)?s?)\\b\\.?';
const EACH_SIDE = new RegExp(
  `\\b(${HEATED})\\b([^.;]{0,60}?)\\s*(?:for\\s+)?${TIME},?\\s+(?:on\\s+)?(?:each|per|a|either|both)\\s+sides?\\b`,
  'i',
);
const HALF = 'half-?\\s?way(?:\\s+(?:through|during))?(?:\\s+(?:the\\s+)?(?:cooking|baking|roasting)(?:\\s+time)?)?';
const HALFWAY = new RegExp(
  `\\b(${HEATED})\\b([^.;]{0,60}?)\\s*(?:for\\s+)?${TIME}([^.;]{0,60}?),?\\s+(?:and\\s+)?(flip|turn|toss|shak|stirr|rotat)(?:p?ing|e)?((?:\\s+(?:it|them|everything|the\\s+\\p{L}+|basket|tray|pan))?)(?:\\s+over)?\\s+(?:once(?:\\s+${HALF})?|${HALF})`,
  'iu',
);
const AGAIN: Record<string, string> = { brown: 'cook', sear: 'cook' };
const DO: Record<string, string> = {
  flip: 'Turn over',
  turn: 'Turn over',
  toss: 'Toss',
  shak: 'Shake',
  stirr: 'Stir',
  rotat: 'Turn round',
};

const range = (low: number, high: number, unit: string) => `${low < high ? `${low}-${high}` : low} ${unit}`;

function eachSide(text: string): string {
  return text.replace(EACH_SIDE, (_all, verb: string, what: string, low: string, high: string | undefined, unit: string) => {
    const time = high ? `${low}-${high} ${unit}` : `${low} ${unit}`;
    const again = AGAIN[verb.toLowerCase()] ?? verb.toLowerCase();
    return `${verb}${what} for ${time}. Turn over. ${again.charAt(0).toUpperCase()}${again.slice(1)} for ${time} more`;
  });
}

function halfway(text: string): string {
  return text.replace(
    HALFWAY,
    (
      all: string,
      verb: string,
      what: string,
      low: string,
      high: string | undefined,
      unit: string,
      between: string,
      how: string,
      thing: string,
    ) => {
      const least = Number(low);
      const most = high === undefined ? least : Number(high);
      if (!Number.isInteger(least) || !Number.isInteger(most) || least < 2) return all;
      const first = Math.floor(least / 2);
      const act = DO[how.toLowerCase()]!;
      const object = thing.trim() ? ` ${thing.trim()}` : '';
      const turned = act.endsWith('over') ? `Turn${object} over` : `${act}${object}`;
      return `${verb}${what} for ${range(first, first, unit)}. ${turned}. ${verb.charAt(0).toUpperCase()}${verb.slice(1).toLowerCase()} for ${range(least - first, most - first, unit)} more${between}`;
    },
  );
}

const PLAIN: [RegExp, string][] = [
  [/\bnow and (?:then|again)\b/gi, 'sometimes'],
  [/\bagain and again\b/gi, 'repeatedly'],
  [/\balong with\b/gi, 'and'],
  [
    /\bgive\s+(?:(it|them|everything|the\s+[\p{L} ]{2,30}?)\s+)?a\s+(?:good\s+|quick\s+|gentle\s+)?(stir|mix|toss|shake|whisk|rinse|wash)\b/giu,
    '$2 $1',
  ],
  // "continue to cook for 5 minutes" goes on with the same; "continue adding the stock" is done again and again
  [/\bcontinue\s+(?:to\s+)?(cook|simmer|bake|roast|fry|boil|stir|whisk|mix|beat|knead)(?:ing)?\b/gi, '$1'],
  [/\bcontinue\s+(?:to\s+add|adding)\s+/gi, 'continue with '],
  // "leave for 2 minutes, covered"
  [/\b(leave|stand|rest|simmer|cook|bake)\b([^.;,]{0,50}?),?\s+(?:loosely\s+)?covered(?=[.;,]|$)/gi, 'cover, then $1$2'],
  [/^oven\s+(?:on\s+)?(?:at|to)\b/i, 'heat the oven to'],
  [/\bhalf[- ]fill\b/gi, 'fill'],
];

/** The replacement with its parts filled in; a capital where the turn of speech began with one. */
function asFirst(found: string[], to: string): string {
  const text = to.replace(/\$(\d)/g, (_all, k: string) => found[Number(k)] ?? '').replace(/\s+/g, ' ');
  return /^\p{Lu}/u.test(found[0]!) ? text.charAt(0).toUpperCase() + text.slice(1) : text;
}

/**
 * One line of a method with its turns of speech put plainly. What it does not know it leaves as it is.
 * @example plainTurns('Fry for 3 minutes on each side.') // 'Fry for 3 minutes. Turn over. Fry for 3 minutes more.'
 * @example plainTurns('Bake for 25 minutes, turning halfway.') // 'Bake for 12 minutes. Turn over. Bake for 13 minutes more.'
 */
export function plainTurns(line: string): string {
  const text = PLAIN.reduce((said, [from, to]) => said.replace(from, (...found: string[]) => asFirst(found, to)), line);
  return /\bsides?\b|half-?\s?way|\bonce\b/i.test(text) ? halfway(eachSide(text)) : text;
}
