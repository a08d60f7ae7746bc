// A method that is told and not ordered ("You chop the onion", "We start by frying it"), with times in words, in small letters throughout: put as short orders with figures.
import { table } from '../../amount/table';
import { imperativeOf, KITCHEN_VERBS, startsWithVerb } from '../../recipe/verbs';
import { isVerb } from '../../technique/lexicon';

const WORDS_OF_TEN = table<number>({ twenty: 20, thirty: 30, forty: 40, fifty: 50, sixty: 60, ninety: 90 });
const WORDS_OF_ONE = table<number>({
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  eleven: 11,
  twelve: 12,
  fifteen: 15,
});
const TENS = [...WORDS_OF_TEN.keys()].join('|');
const ONES = [...WORDS_OF_ONE.keys()].join('|');
const NUMBER = `(?:(?:${TENS})(?:[- ](?:${ONES}))?|${ONES})`;
const TIME = new RegExp(
  `\\b(${NUMBER})(?:\\s*(to|or|-|–)\\s*(${NUMBER}))?(?=\\s+(?:more\\s+|further\\s+|extra\\s+)?(?:seconds?|secs?|min(?:ute)?s?|hours?|hrs?)\\b)`,
  'gi',
);

const figure = (words: string): string => {
  const [first = '', second = ''] = words.toLowerCase().split(/[- ]/);
  return String((WORDS_OF_TEN.get(first) ?? WORDS_OF_ONE.get(first) ?? 0) + (WORDS_OF_ONE.get(second) ?? 0));
};

/** "Bake for twenty to twenty-five minutes": a timer is set to figures. */
const inFigures = (text: string): string =>
  text.replace(TIME, (_all, from: string, between: string | undefined, to: string | undefined) =>
    to ? `${figure(from)} ${between} ${figure(to)}` : figure(from),
  );

/** What a full stop behind it says only that it is cut short; behind a time it may end the sentence too. */
const CUT_SHORT = /^\W*\d*(?:tbsp|tbs|tsp|oz|lb|approx|deg|no|vs|e\.g|i\.e|pkg|qt|pt|ml)\.$/i;
/** Behind a number only: "2 in.", "1 T." */
const OF_NUMBER = /^(?:in|[cgt])\.$/i;
const TIME_SHORT = /^\W*\d*(?:mins?|hrs?|secs?)\.$/i;

/** "heat the oil. add the onion." Where no sentence has a capital, a full stop ends one all the same: before something to do, or where the first has none either. */
function withCapitals(text: string): string {
  if (!/[.!?]\s+\p{Ll}/u.test(text) || /[.!?]\s+\p{Lu}/u.test(text)) return text;
  const isSmall = /^\p{Ll}/u.test(text);
  return text.replace(
    /(\S*[.!?])(\s+)(\p{Ll})(?=([^.!?]*))/gu,
    (all: string, before: string, space: string, letter: string, rest: string, at: number) => {
      if (CUT_SHORT.test(before) || (OF_NUMBER.test(before) && /\d\s*$/.test(text.slice(0, at)))) return all;
      return (isSmall && !TIME_SHORT.test(before)) || startsWithVerb(letter + rest) ? before + space + letter.toUpperCase() : all;
    },
  );
}

const SOON =
  '(?:then|next|now|first|after that|afterwards|finally|lastly|so|also|meanwhile|to start|to begin|when that is done|in the end)';
const MAY = "(?:will|['’]ll|can|should|must|may|might|could|need to|have to|want to|are going to|['’]re going to|['’]m going to|would)";
const SUBJECT = new RegExp(
  `(^|[.!?;:]\\s+|,\\s+(?:and\\s+)?(?:then\\s+)?|\\band\\s+(?:then\\s+)?)((?:${SOON},?\\s+)*)(?:you|we|i|everyone|everybody|(?:the|all the|all) (?:class|children|learners|students|pupils|group))(?:\\s+(?:${SOON}|just|all))*(?:\\s*${MAY})?(?:\\s+(?:${SOON}|just|all))*\\s+((?:\\p{L}+ly\\s+)?)(\\p{L}+(?:-\\p{L}+)?)\\b`,
  'giu',
);
/** Verbs of people that are no work in the kitchen: "you get a thick sauce". */
const NO_WORK = new Set(['get', 'keep', 'like', 'need', 'ask', 'build', 'hit', 'hold', 'turn', 'save', 'want', 'use', 'float', 'give']);
/** Where what stands before is a condition, its subject belongs to it: "while you wait, and you stir". */
const CONDITION = /(?:^|[.!?;]\s+|,\s+|\s)(?:when|while|once|if|as|before|after|until|till|so that|that|what|how|where|which)\b[^.!?;,]*$/i;

/** "You then add the flour": add the flour. */
const asOrders = (text: string): string =>
  text.replace(SUBJECT, (all: string, joint: string, soon: string, how: string, verb: string, at: number) => {
    const plain = verb.toLowerCase();
    if ((!KITCHEN_VERBS.has(plain) && !isVerb(plain)) || (NO_WORK.has(plain) && !/^(?:turn|use|hold)$/.test(plain))) return all;
    const starts = joint === '' || /[.!?;:]/.test(joint);
    if (!starts && CONDITION.test(text.slice(0, at))) return all;
    const said = `${soon}${how}${verb}`;
    return `${joint}${starts ? said.charAt(0).toUpperCase() + said.slice(1) : said.charAt(0).toLowerCase() + said.slice(1)}`;
  });

const OPENING = /(^|[.!?]\s+)((?:(?:and\s+)?(?:then|next|now|after that|afterwards|please)\b,?\s+)+)(\p{L}+(?:-\p{L}+)?)\b/giu;

/** "Then turn the veg after 20 minutes": what follows is no other thing for it. */
const withoutOpening = (text: string): string =>
  text.replace(OPENING, (all: string, stop: string, _soon: string, verb: string) =>
    KITCHEN_VERBS.has(verb.toLowerCase()) ? `${stop}${verb.charAt(0).toUpperCase()}${verb.slice(1)}` : all,
  );

const BY = new RegExp(
  `(^|[.!?;]\\s+)((?:${SOON},?\\s+)*)(?:start|begin|finish|end|carry on|go on|kick) (?:off |up )?(?:by |with )?(?:(\\p{L}+ly) )?(\\p{L}+ing)\\b`,
  'giu',
);

/** "Start by heating the oil": heat the oil. */
const byDoing = (text: string): string =>
  text.replace(BY, (all: string, joint: string, soon: string, how: string | undefined, doing: string) => {
    const verb = imperativeOf(doing.toLowerCase());
    if (!KITCHEN_VERBS.has(verb)) return all;
    const said = `${soon}${how ? `${how} ` : ''}${verb}`;
    return `${joint}${said.charAt(0).toUpperCase()}${said.slice(1)}`;
  });

const PUTS = new RegExp(
  `(^|[.!?;]\\s+|,\\s+(?:and\\s+)?(?:then\\s+)?|\\b(?:and|then)\\s+(?:then\\s+)?(?:\\p{L}+ly\\s+)?)(?:pop|stick|bung|chuck|plonk|whack|shove|sling|fling|dump|lob|bang)(?=\\s+(?:it|them|the|an?|your|all|both|everything|some|half|one|two|three|four|each|\\d)\\b)`,
  'giu',
);

/** "Place the lid on". */
const LID_ON = /\b([ps])(?:lace|et)\b(?=\s+(?:the|a|its|their)\s+lids?\s+(?:back\s+)?on\b)/gi;

/** "Pop the dish in the oven", "chuck the onions in": put. */
const everydayPuts = (text: string): string =>
  text
    .replace(PUTS, (_all, joint: string) => `${joint}${joint === '' || /[.!?;]/.test(joint) ? 'Put' : 'put'}`)
    .replace(LID_ON, (_all, first: string) => (first === 'P' || first === 'S' ? 'Put' : 'put'));

const COOKS =
  'bubble|return|put|set|keep|sizzle|wait|simmer|boil|bake|roast|fry|cook|grill|broil|steam|microwave|chill|cool|rest|stand|soak|freeze|marinate|poach|toast|heat|warm|leave|knead|whisk|air[- ]fry|brown|soften|prove|rise|sit|refrigerate|blend|beat|stir|mix';
const BRACKETED = new RegExp(
  `\\b(${COOKS})\\b((?:[^.;()]|\\([^()]*\\))*?)\\s*\\(\\s*(?:for\\s+)?((?:about|around|approx\\.?|approximately|another)\\s+)?(\\d+(?:\\s*(?:-|–|to)\\s*\\d+)?)\\s*(seconds?|secs?|min(?:ute)?s?|hours?|hrs?)\\.?\\s*\\)`,
  'giu',
);
const HAS_TIME = /\d\s*(?:seconds?|secs?|min(?:ute)?s?|hours?|hrs?)\b/i;

/** "Simmer the soup (20 minutes)": for so long, where the sentence has no other time. */
const outOfBrackets = (text: string): string =>
  text.replace(BRACKETED, (all: string, verb: string, what: string, about: string | undefined, count: string, unit: string) =>
    HAS_TIME.test(what) ? all : `${verb}${what} for ${about ?? ''}${count} ${unit}`,
  );

/** A line of a method as orders with figures. What is said that way already stays as it is. */
export function toldPlainly(line: string): string {
  const text = everydayPuts(withCapitals(inFigures(line)));
  const told = /\b(?:you|we|i|everyone|everybody|class|children|learners|students|pupils|group)\b/i.test(text) ? asOrders(text) : text;
  const done = /\b\p{L}+ing\b/u.test(told) ? byDoing(told) : told;
  const ordered = /\b(?:then|next|now|after|please)\b/i.test(done) ? withoutOpening(done) : done;
  return ordered.includes('(') ? outOfBrackets(ordered) : ordered;
}
