// How much a line looks like an ingredient, like something to do, and like a heading of its own.
import { plainNumbers, readNumber } from '../amount/quantity';
import { readUnit } from '../amount/units';
import { findFood } from './food';
import { BOX, POINT, stripBullet } from './ingredient-line';
import { startsWithVerb } from './verbs';

const MARK = /[#>*_~`]/;
export const stripMarks = (line: string) =>
  // asked several times of every line, and few have any
  !MARK.test(line)
    ? line.trim()
    : line
        .replace(/^[#>\s]+/, '')
        .replace(/\*\*|__|~~|`/g, '')
        .replace(/^([*_])(\S.*\S)\1$/, '$2')
        .trim();
export const STEP_LABEL =
  /^(?:step\s*)?\(?\d{1,3}(?:st|nd|rd|th)?\s*(?:[.):]+-*\s*|-+(?!\p{L}))\s*(?=\D)|^\(?[a-k][.)]\s+|^step\s+(?:\d{1,3}|one|two|three|four|five|six|seven|eight|nine|ten)\s*[.:)-]*\s*|^(?:first|second|third|fourth|fifth|sixth|seventh|eighth|ninth|tenth|next|then|finally|last(?:ly)?)(?: step)?\s*:\s+(?=\p{L})/iu;

const MARKED = new RegExp(`^\\s*(?:${POINT}|${BOX})\\s+`, 'u');

// a box to tick, a face to ring behind a line
const TICKED = new RegExp(`(?:[\\s\\p{Extended_Pictographic}\\ufe0f□☐☑✓✔◻]|${BOX})+$`, 'u');

/** A picture before a line, as messages have them. */
const PICTURE = /^(?:[\p{Extended_Pictographic}\ufe0f\u200d]\s*)+(?=\p{L})/u;

const OPENING = /^(?:\p{L}+ly|meanwhile|then|next|when|once|while|after|finally|lastly|in|on|for|to|using|with)\b/iu;

/** A method line without bullet, number or "Step 1:". */
export function instructionText(line: string): string {
  let text = stripMarks(line).replace(STEP_LABEL, '');
  text = text.replace(MARKED, '').replace(STEP_LABEL, '').replace(PICTURE, '');
  // "1 Wash the leeks": a number with no mark behind it
  const bare = /^\d{1,2}\s+(?=\p{Lu}\p{L})/u.exec(text);
  const isTold = bare !== null && /\s(?:is|are|be)\s.*[.!]$/.test(text) && text.split(/\s+/).length > 5;
  if (isTold) text = text.slice(bare[0].length);
  else if (bare && (startsWithVerb(text.slice(bare[0].length)) || OPENING.test(text.slice(bare[0].length))))
    text = text.slice(bare[0].length);
  // a star glued to its line is a bullet too; faces to ring stand behind a question
  return text
    .replace(/^\*+(?=\p{L})/u, '')
    .replace(/\s[□☐◻](?=\s|$)/gu, '')
    .replace(TICKED, '')
    .trim();
}

/** "about 500 g chicken": as much of an amount as one without it. */
const ABOUT = /^(?:about|approx(?:imately|\.)?|around|roughly|circa|~)\s*(?=[\d½¼¾⅓⅔])/i;

/** How much a line looks like an ingredient: an amount with a unit, an amount with a known food, a known food in few words. */
export function ingredientScore(line: string): number {
  const text = stripBullet(plainNumbers(stripMarks(line))).replace(ABOUT, '');
  const number = readNumber(text, 0);
  const words = text.split(/\s+/).length;
  if (words > 16) return 0;
  const digits = /^[\d½⅓¼]/.test(text);
  // "three-bean chilli" counts nothing
  const named = number?.ok && /^-\p{L}/u.test(text.slice(number.length));
  // "1 Put the couscous in a bowl." is a numbered step
  if (
    number?.ok &&
    words > 3 &&
    /^\s+\p{Lu}/u.test(text.slice(number.length)) &&
    /[.!]$/.test(text) &&
    startsWithVerb(text.slice(number.length).trim())
  )
    return 0;
  if (number?.ok && !named) {
    // "1 (10 oz) can enchilada sauce"
    const after = text
      .slice(number.length)
      .replace(/^\s*\([^()]*\)/, '')
      .trim();
    if (readUnit(after) && (digits || number.word)) return words <= 14 ? 3 : 2;
    if (findFood(after) && words <= 9) return digits ? 2.5 : 2;
    // "6 trifle sponges or a small plain cake"
    const [first, other] = after.split(/\s+or\s+/i);
    if (digits && other && first!.split(/\s+/).length <= 4 && findFood(first!)) return 2.5;
    // "1 large sweet potato, peeled and cut into 1 cm cubes": the name ends at the comma
    const name = after.replace(/\s*\([^()]*\)/g, '').split(',')[0]!;
    if (digits && name !== after && name.split(/\s+/).length <= 4 && findFood(name)) return 2.5;
    return digits && words <= 6 ? 1 : 0;
  }
  if (PART_OF_FRUIT.test(text)) return 3;
  if (startsWithVerb(text) && /[.!]$|\s(?:the|it|them|until|into)\s/.test(text)) return 0;
  if (
    (findFood(text) || words <= 6) &&
    words <= 10 &&
    /\b(?:(?:to|for) (?:serve|serving|taste|garnish|decorate|frying|greasing|dusting)|optional\)?)$/i.test(text)
  )
    return 2;
  if (
    /^(?:a |some )?(?:(?:small |large |good )?(?:pinch|handful|dash|splash|drizzle|bunch|knob|thumb|stick|sprig)\b|[\p{L}]+[- ]sized? (?:piece|knob|lump|chunk)\b)|\bto taste\b/iu.test(
      text,
    )
  )
    return 2;
  if (/^(?:a few|a couple of|some|a little)\s/i.test(text) && words <= 7 && !/[.!]$/.test(text) && findFood(text)) return 2;
  if (number && !number.ok) return 2;
  // "olive oil 1 tbsp", "onion 1, finely chopped": the amount stands behind
  const behind = /^(\p{L}[\p{L}' -]{2,40}?)(?:\s*[:,])?\s+(?:[x×]\s?)?\d[\d\s./]*\s?\p{L}{0,10}(?:\s\p{L}{2,8})?\.?(?:,.*)?$/u.exec(text);
  // "Brown sugar: 2 tbsp" browns nothing
  if (behind && findFood(behind[1]!) && (!startsWithVerb(text) || /^[^:]+:\s+\d/.test(text))) return 2.5;
  const bare = text.replace(/\s*\([^()]*\)/g, '');
  return (findFood(bare) ?? findFood(bare.split(/\s+or\s+/i)[0]!)) && bare.split(/\s+/).length <= 5 && !/[.!?]$/.test(text) ? 1 : 0;
}

// "juice of 1/2 lemon" is an ingredient, though "juice" is a verb too
const PART_OF_FRUIT = /^(?:(?:finely )?grated )?(?:juice|zest|rind)\b(?: and (?:juice|zest|rind))?(?: of\b| (?=[\d½¼]))/i;
// "oil for frying" does nothing either
const FOR_USE =
  /^(?:\p{L}+ )?(?:oil|butter|salt|flour|water|spray|pepper|season\p{L}*|cream|honey|sugar) (?:for|to) \p{L}+(?: the \p{L}+)?[.]?$/iu;

export function instructionScore(line: string): number {
  const text = instructionText(line);
  if (PART_OF_FRUIT.test(text) || FOR_USE.test(text)) return 0;
  // "butter a square tin"
  if (/^(?:butter|oil|flour|salt|season|grease)\s+(?:an?|the|your|both|each)\s/i.test(text)) return 3;
  // "pinch of salt", "squeeze of lime": an amount, no action
  if (
    /^(?:pinch|dash|handful|drizzle|splash|knob|dot|squeeze|thumb|sprinkle|spoon|scoop|slice|cube|dollop|glug)(?:es|s|ful)?\s+of\b/i.test(
      text,
    )
  )
    return 0;
  if (
    /^(?:pinch|dash|handful|splash|knob|glug|sprig|bunch|drizzle)\s+(?!the\b|it\b|them\b|together\b|off\b|out\b)/i.test(text) &&
    !/[.!]$/.test(text) &&
    findFood(text.replace(/^\S+\s+/, ''))
  )
    return 0;
  const words = text.split(/\s+/).length;
  if (/^oven\s+(?:on|to|at)\b/i.test(text)) return 3;
  // "ADULT: cut the chicken"
  if (startsWithVerb(text.replace(WHO_DOES, ''))) return words >= 3 ? 3 : 2;
  if (words >= 8 && /[.!]$/.test(text)) return 2;
  return STEP_LABEL.test(stripMarks(line)) && words >= 3 ? 1 : 0;
}

const WHO_DOES = /^(?:adults?|grown[- ]?ups?|teacher|helper|carer|parent)(?:\s+(?:only|step|job|does))?\s*[:–—-]\s*/i;

/** "mix the ketchup and sugar in a bowl", with no number and no stop: still a thing to do. */
export const actsOnThem = (text: string, like: number) =>
  like < 1 && /\s(?:the|it|them)\s.*\s(?:in|into|on|onto|to|until|for|and)\s/i.test(text);

const DOES_TO = /\b(?:the|an?|your|it|them|all|everything|together|until|in|into|on|with)\b/i;

/** "For the dressing:", "Dough": a short line that heads the lines below. */
export function isSubheading(line: string, like: number, does: number): boolean {
  // "Turkey burgers (makes 4):", "For the iced tea for 4:"
  const text = line.replace(/\s*\([^()]*\)(?=\s*:?\s*$)/, '');
  if (text.length <= 70 && /^for (?:the|your) \p{L}[^.;]*:\s*$/iu.test(text)) return true;
  if (text.length > 50 || /\d/.test(text)) return false;
  if (/:\s*$/.test(text)) return like < 2;
  if (/^to (?:finish|serve|decorate|garnish|top)$/i.test(text)) return true;
  const words = text.split(/\s+/).length;
  // "For the mash", "For the crumble topping" name a part, and do nothing to it: "For the dip mash the beans" does
  const named = /^for (?:the (.+)|serving)$/i.exec(text);
  return named !== null && (does < 3 || !DOES_TO.test(named[1] ?? '')) && words <= 6 && !/[.,;]/.test(text);
}
