// A method that is told and not ordered ("You chop the onion", "We start by frying it"), with times in words, in small letters throughout: put as short orders with figures.
import { table } from '../../amount/table';
import { imperativeOf, KITCHEN_VERBS, startsWithVerb } from '../../recipe/verbs';
import { isVerb } from '../../technique/lexicon';
import { inPlainVerbs } from './everyday';

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
  text
    .replace(/\b(another |a further )?(?:(?:a|one)\s+)?(minute|hour)\s+and\s+a\s+half\b/gi, '$11 1/2 $2s')
    .replace(TIME, (_all, from: string, between: string | undefined, to: string | undefined) =>
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
  '(?:then|next|now|first of all|to begin with|first|after that|afterwards|finally|lastly|so|also|meanwhile|to start|to begin|when that is done|in the end)';
const MAY =
  "(?:(?:will|['’]ll|can|should|must|may|might|could|would|do)(?: (?:now|then|also|just|need to|have to|want to|like to))*|(?:need|have|want|like|ought) to|(?:are|['’]re|am|['’]m) (?:going|ready) to)";
const SUBJECT = new RegExp(
  `(^|[.!?;:]\\s+|,\\s+(?:and\\s+)?(?:then\\s+)?|\\band\\s+(?:then\\s+)?)((?:${SOON},?\\s+)*)(?:you|we|i|everyone|everybody|(?:the|all the|all) (?:class|children|learners|students|pupils|group))(?:\\s+(?:${SOON}|just|all))*(?:\\s*${MAY})?(?:\\s+(?:${SOON}|just|all))*\\s+((?:\\p{L}+ly\\s+)?)(\\p{L}+(?:-\\p{L}+)?)\\b`,
  'giu',
);
/** Verbs of people that are no work in the kitchen: "you get a thick sauce". */
const NO_WORK = new Set(['get', 'keep', 'like', 'need', 'ask', 'build', 'hit', 'save', 'want', 'float', 'give']);
function isWork(verb: string): boolean {
  const plain = verb.toLowerCase();
  return (KITCHEN_VERBS.has(plain) || isVerb(plain)) && !NO_WORK.has(plain);
}

const LEADS = new RegExp(
  `(^|[.!?;]\\s+)((?:${SOON},?\\s+)*)(?:(?:it['’]?s|it is) (?:now )?(?:time|best|a good idea|your turn) to|(?:just )?go ahead and|let['’]?s|let us|(?:please )?(?:make|be) sure (?:that )?(?:you|to)|(?:please )?remember to|don['’]t forget to|do not forget to|feel free to|all you (?:have|need) to do is(?: to)?|the (?:next|first|last) (?:step|thing|job)(?: to do)? is to|your (?:next )?job is to|try to)\\s+(?:now |then )?((?:\\p{L}+ly\\s+)?)(\\p{L}+(?:-\\p{L}+)?)\\b`,
  'giu',
);

/** "It's time to peel the carrots", "let's add the peas". */
const withoutLeads = (text: string): string =>
  text.replace(LEADS, (all: string, stop: string, soon: string, how: string, verb: string) => {
    if (!isWork(verb)) return all;
    const said = `${soon}${how}${verb}`;
    return `${stop}${said.charAt(0).toUpperCase()}${said.slice(1)}`;
  });

const WORKS = 'peel|drain|rins|chop|slic|dic|grat|mash|beat|wash|cor|deseed|cut|crush|shred|squeez|halv|trim|crack|melt';
/** Work that is ordered so; "the chicken should be cooked through" is what to look for. */
const ORDERED = `${WORKS}|add|pour|plac|stir|sprinkl|spread|roll|knead|whisk|turn|remov`;
const PASSIVE = new RegExp(
  `(^|[.!?;]\\s+)((?:${SOON},?\\s+)*)((?:the|your|both|all(?: of)? the)\\s+(?:\\p{L}+\\s+){0,2}?\\p{L}+)\\s+(?:should|must|needs? to|has to|have to|is to|are to)\\s+(?:now |then |also )?be\\s+((?:\\p{L}+ly\\s+)?)((?!melt)(?:${ORDERED})\\p{L}*(?:ed|en))\\b`,
  'giu',
);
const IRREGULAR = table<string>({ beaten: 'beat', frozen: 'freeze', shaken: 'shake', broken: 'break', eaten: 'eat' });

/** The order behind a participle: "chopped" is chop. */
function orderOf(done: string): string | null {
  const stem = done.replace(/ed$/, '');
  return (
    [IRREGULAR.get(done) ?? '', stem, `${stem}e`, stem.replace(/(.)\1$/, '$1'), stem.replace(/i$/, 'y')].find((form) =>
      KITCHEN_VERBS.has(form),
    ) ?? null
  );
}

/** "The onion should be chopped": chop the onion. */
const asActive = (text: string): string =>
  text.replace(PASSIVE, (all: string, stop: string, soon: string, thing: string, how: string, done: string) => {
    const verb = orderOf(done.toLowerCase());
    if (verb === null) return all;
    const said = `${soon}${how}${verb}`;
    return `${stop}${said.charAt(0).toUpperCase()}${said.slice(1)} ${thing.charAt(0).toLowerCase()}${thing.slice(1)}`;
  });

const AFTER_WORK = new RegExp(
  `(^|[.!?;]\\s+)(?:after|having|once you have|when you have)\\s+((?:${WORKS})\\p{L}*)\\s+(the\\s+[\\p{L} ]{2,40}?),\\s+(\\p{L})`,
  'giu',
);

/** "After draining the potatoes, mash them": they are drained first, if nobody has done that yet. */
const afterWork = (text: string, before: () => string): string =>
  text.replace(AFTER_WORK, (all: string, stop: string, doing: string, thing: string, letter: string, at: number) => {
    const verb = /ing$/i.test(doing) ? imperativeOf(doing.toLowerCase()) : orderOf(doing.toLowerCase());
    if (verb === null || !KITCHEN_VERBS.has(verb)) return all;
    if (new RegExp(`\\b${verb}\\b`, 'i').test(`${before()} ${text.slice(0, at)}`)) return all;
    return `${stop}${verb.charAt(0).toUpperCase()}${verb.slice(1)} ${thing}. ${letter.toUpperCase()}`;
  });

/** "While it bakes we grate the carrot": the condition ends where somebody acts. */
const WHILE_WE =
  /((?:^|[.!?;]\s+)(?:while|when|once|as|after|before)\b[^.,;!?]{4,60}?)\s+(?:you|we|i)\s+(?:(?:then|now|can|will|also|should)\s+)*(?=(\p{L}+)\b)/giu;
const withComma = (text: string): string =>
  text.replace(WHILE_WE, (all: string, condition: string, verb: string) => (isWork(verb) ? `${condition}, ` : all));

const BACK_IN =
  /(^|[.!?;]\s+)(?:the\s+)?(\p{L}+(?:\s(?!it\b|them\b|everything\b|all\b)\p{L}+)?)\s+back\s+(in|on|(?:into|onto|in|on)\s+(?:the\s+)?\p{L}+(?:\s\p{L}+)?)(?=\s*[.;!?,]|$)/giu;
/** "Sausages back in.": that is an order too. */
const backIn = (text: string): string =>
  text.replace(BACK_IN, (all: string, stop: string, thing: string, where: string) => {
    const [first = ''] = thing.toLowerCase().split(' ');
    return isWork(first) || first === 'back' ? all : `${stop}Put the ${thing.toLowerCase()} back ${where}`;
  });

/** Where what stands before is a condition, its subject belongs to it: "while you wait, and you stir". */
const CONDITION = /(?:^|[.!?;]\s+|,\s+|\s)(?:when|while|once|if|as|before|after|until|till|so that|that|what|how|where|which)\b[^.!?;,]*$/i;

/** "You then add the flour": add the flour. */
const asOrders = (text: string): string =>
  text.replace(SUBJECT, (all: string, joint: string, soon: string, how: string, verb: string, at: number) => {
    if (!isWork(verb)) return all;
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

const OWN =
  /\byour (?!(?:clean |wet |dry |damp |other |own )*(?:hands?|fingers?|fingertips|palms?|knuckles|thumbs?|fists?|hair|sleeves|apron|face|nose|mouth|wrists?|knees|own|largest|biggest|smallest|best|time|turn|way|favou?rite|choice|liking|taste|adult|teacher|partner|group|machine|pack|packet|package)\b)/gi;

/** Signs and case as in any other line: one space, full stops, no line all in capitals, no "your onion". */
function evenly(line: string): string {
  const spaced = line.replace(/[^\S\n]{2,}/g, ' ').replace(/!+(?=\s|$)/g, '.');
  const isLoud = !/\p{Ll}/u.test(spaced) && (spaced.match(/\p{L}{2,}/gu)?.length ?? 0) >= 3;
  const cased = isLoud
    ? spaced
        .toLowerCase()
        .replace(/(^|[.?!]\s+)(\p{Ll})/gu, (_all, stop: string, letter: string) => stop + letter.toUpperCase())
        .replace(/(\d\s?°?\s?)([cf])\b/g, (_all, number: string, letter: string) => number + letter.toUpperCase())
    : spaced;
  return cased
    .replace(/(?<=\p{L}) & (?=\p{L})/gu, ' and ')
    .replace(OWN, (said) => (said.startsWith('Y') ? 'The ' : 'the '))
    .replace(/\bwhilst\b/gi, (said) => (said.startsWith('W') ? 'While' : 'while'))
    .replace(/\bamongst\b/gi, 'among')
    .replace(/\bbetween (\d+) and (\d+)(?=\s*(?:min|sec|hour|hr))/gi, '$1-$2');
}

/**
 * A line of a method as orders with figures. What is said that way already stays as it is.
 * @param before what the method says before it
 */
export function toldPlainly(line: string, before: () => string = () => ''): string {
  const text = inPlainVerbs(withCapitals(inFigures(evenly(line))));
  const led = withoutLeads(/\bback\b/i.test(text) ? backIn(text) : text);
  const told = /\b(?:you|we|i|everyone|everybody|class|children|learners|students|pupils|group)\b/i.test(led)
    ? asOrders(withComma(led))
    : led;
  const active = /\bbe\b/i.test(told) ? asActive(told) : told;
  const done = /\b\p{L}+ing\b/u.test(active) ? byDoing(active) : active;
  const after = /\b(?:after|having|once you|when you)\b/i.test(done) ? afterWork(done, before) : done;
  const ordered = /\b(?:then|next|now|after|please)\b/i.test(after) ? withoutOpening(after) : after;
  return ordered.includes('(') ? outOfBrackets(ordered) : ordered;
}
