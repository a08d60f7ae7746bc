// What heads a part of a recipe, however it is worded, and the lines that say for how many and how long.
import { plainNumbers, readNumber } from '../amount/quantity';
import { BOX, POINT } from './ingredient-line';
import { stripMarks } from './line-score';

export type Section = 'top' | 'ingredients' | 'tools' | 'method' | 'notes';

const HEADINGS: [Section, RegExp][] = [
  [
    'tools',
    /^(?:equipment|tools?|utensils|kitchen (?:tools|equipment)|(?:special )?equipment(?: needed)?|tools (?:needed|you need)|you will (?:also )?need these tools|what to use|(?:things |what )?(?:you|i|we)(?:'ll| will)?(?: need to)? use|my (?:tools|equipment)|cookware)$/,
  ],
  [
    'ingredients',
    /^(?:(?:the )?ingredients?(?: list)?|ingredients? (?:needed|you need|required|for .*)|(?:ok(?:ay)? )?(?:so )?(?:what )?(?:you|i|we)(?:'ll| will)? (?:also )?need|what (?:\p{L}+)(?:'ll| will)? need|what goes in(?:to it)?|shopping(?: list)?|(?:you need|needed|what'?s in it|from the (?:shop|cupboard|store))|(?:also )?(?:gather|get(?: out)?|collect)(?: (?:it|these|your ingredients))?|stuff|food)$/u,
  ],
  [
    'method',
    /^(?:(?:\p{L}+ ){0,3}methods?|directions?|instructions?|preparation|steps?|procedure|process|how (?:to$|to (?:make(?: it| them)?|do it|cook(?: it)?|prepare)|(?:we|you|i) (?:make|do) it)|what (?:to|you|we) do|making it|to make(?: it)?|(?:the )?(?:cooking|preparation) (?:method|instructions|steps|directions)|let'?s (?:cook|make it)|how|(?:to )?do|cooking|prep(?:are)?|doing it|step by step|now (?:cook|make it)|do this|(?:get|getting) ready|before you start|cook|assembl(?:e|y))$/u,
  ],
  [
    'notes',
    /^(?:(?:cook'?s |recipe |teacher'?s )?(?:notes?|tips?)|variations?|nutrition(?:al)?(?: (?:facts|information|info))?|storage|to store|about(?: this recipe)?|source|serving suggestions?|comments?|did you know|makes a change)$/,
  ],
];

const SERVINGS = [
  /^(?:serves?|serving(?:s)?|yields?|makes|portions?|feeds|enough for|for)\s*:?\s*(?:about|approx\.?|around|up to)?\s*(?:makes\s*)?(.{1,40})$/i,
  /^((?:\d+|one|two|three|four|five|six|eight|ten|twelve)(?:\s*(?:-|to)\s*\d+)?)\s*(?:servings?|portions?|people|persons?|helpings?|bowls|plates|mugs|glasses|pots|jars|pops|squares|lunches|dinners|suppers|meals|boxes)\.?$/i,
];
export const TIME =
  /^(?:(?:prep(?:aration)?|cook(?:ing)?|total|active|baking|bake|chill(?:ing)?|ready in|resting|waiting|inactive|hands-on|oven|hob)(?:[ \w]{0,12}? time\b|\s*(?=:)|\s+(?=(?:about |approx\.? )?\d+ ?(?:h|min)))|time|difficulty|level|course|cuisine|category|author|calories|oven|temperature)\s*:?\s+(?=\d|about|approx|easy|medium|hard|none|\D+$)(?!.*\b(?:until|then)\b)/i;

/** A heading's bare words: no marks, no colon, no emoji. */
function headingWords(line: string): string {
  return line
    .toLowerCase()
    .replace(/[’‘]/g, "'")
    .replace(/[^\p{L}' ]/gu, ' ')
    .replace(/\s+/g, ' ')
    .trim();
}

export function sectionOf(line: string): Section | null {
  if (line.length > 60) return null;
  // "Ingredients (serves 4)"
  const words = headingWords(line.replace(/\([^()]*\)/g, ' '));
  return HEADINGS.find(([, pattern]) => pattern.test(words))?.[0] ?? null;
}

/** "Method: chop the onion", "Ingredients - 2 eggs": a heading with its first line behind it. */
export function headingWithRest(line: string): { section: Section; rest: string } | null {
  // "You'll need 2 eggs, 100 g flour and 300 ml milk" has no colon
  const m =
    /^[#*_\s]*([\p{L}'’ ]{3,40}?)(?:\s*\([^()]{1,30}\))?[*_]*\s*(?::[*_]*|\s-)\s*(\S.*)$/u.exec(line) ??
    /^((?:you(?:['’]ll| will)? need|ingredients))\s+(\d.*)$/iu.exec(line);
  if (!m) return null;
  const section = sectionOf(m[1]!);
  return section && m[2]!.replace(/[*_]/g, '').trim() ? { section, rest: m[2]!.trim() } : null;
}

export function servingsOf(line: string): { number: number | null; text: string } | null {
  const whole = plainNumbers(stripMarks(line)).replace(/^\((.*)\)$/, '$1');
  // "makes 1 pudding, serves 3": so many eat of it
  const plain = /^\W*makes\b.*?\b(serves\s+\d.*)$/i.exec(whole)?.[1] ?? whole;
  for (const pattern of SERVINGS) {
    const m = pattern.exec(plain);
    if (!m) continue;
    const number = readNumber(m[1]!.trim(), 0);
    if (!number?.ok) {
      const inside = /\d+/.exec(m[1]!);
      if (!inside || /^for\b/i.test(plain)) continue;
      return { number: Number(inside[0]), text: whole };
    }
    if (/^for\b/i.test(plain) && !/people|persons?|servings?|portions?|^\s*\S+\s*$/i.test(m[1]!)) continue;
    const value = number.min.valueOf();
    return { number: value > 0 && value <= 1000 ? value : null, text: whole };
  }
  return null;
}

/** What is made on the way to a dish and is a part of it, as a pattern. */
export const MADE_PART =
  'pastry|filling|topping|sauce|dressing|dough|base|crust|icing|frosting|glaze|marinade|batter|crumble|garnish|salad|syrup|coating|crumb|vinaigrette|meatballs|patties|dip|slaw';
export const PART_OF_DISH = new RegExp(
  `^(?:the\\s+)?(?:\\p{L}+\\s+)?(?:${MADE_PART}|top|seasoning|layer|fruit|vegetables|(?:dry|wet|other) ingredients|mix-?ins?|extras)$`,
  'iu',
);

const BULLETED = new RegExp(`^\\s*(?:${POINT}\\s|(?:${BOX})\\s|\\(?\\d{1,3}\\s*[.):]|step\\s+\\d)`, 'iu');

/** A line of a few words in capitals over one that is not: "MASH" over a line of sentences. Where all is in capitals nothing is louder than the rest. */
export const isLouder = (text: string, below: string | undefined): boolean =>
  /^\s*\p{Lu}[\p{Lu}\s'&-]{2,40}$/u.test(text) &&
  text.trim().split(/\s+/).length <= 4 &&
  below !== undefined &&
  below !== below.toUpperCase() &&
  below.trim().split(/\s+/).length >= 4;

/** "Meanwhile:", "While the rice cooks:" over lines of a method. */
export const SAYS_WHEN = /^(?:meanwhile|in the meantime|while)\b/i;

/** "Cook the rice", bare over bulleted or numbered lines of method: it heads them. */
export function headsMethod(text: string, next: string | undefined): boolean {
  const bare = stripMarks(text.trim());
  // "While the rice cooks:" says when the lines below it are done
  if (SAYS_WHEN.test(bare)) return false;
  if (isLouder(bare, next)) return true;
  return (
    next !== undefined &&
    BULLETED.test(next) &&
    !BULLETED.test(text) &&
    /^\p{L}/u.test(bare) &&
    !/[.!?,;]$|\d/.test(bare) &&
    bare.split(/\s+/).length <= 6
  );
}
