// Words of preparation in ingredient lines ("diced", "rinsed"): which are work to do, and which only name the thing bought.
import { table } from '../amount/table';

/** Participles that are work for the cook, with the imperative that does it. */
const PREPARATION = table<string>({
  chopped: 'chop',
  diced: 'dice',
  sliced: 'slice',
  minced: 'mince',
  grated: 'grate',
  shredded: 'shred',
  peeled: 'peel',
  cored: 'core',
  seeded: 'seed',
  deseeded: 'seed',
  pitted: 'pit',
  stoned: 'pit',
  halved: 'halve',
  quartered: 'quarter',
  cubed: 'cube',
  crushed: 'crush',
  mashed: 'mash',
  melted: 'melt',
  softened: 'soften',
  beaten: 'beat',
  whisked: 'whisk',
  drained: 'drain',
  rinsed: 'rinse',
  washed: 'rinse',
  trimmed: 'trim',
  toasted: 'toast',
  zested: 'zest',
  juiced: 'juice',
  squeezed: 'juice',
  torn: 'tear',
  crumbled: 'crumble',
  sifted: 'sift',
  cracked: 'crack',
  separated: 'separate',
  chilled: 'chill',
  thawed: 'thaw',
  defrosted: 'thaw',
  soaked: 'soak',
  scrubbed: 'scrub',
  julienned: 'julienne',
  snipped: 'snip',
  boiled: 'boil',
  cooked: 'cook',
  cooled: 'cool',
  picked: 'pick',
  husked: 'peel',
  stemmed: 'trim',
  flaked: 'flake',
  roasted: 'roast',
  browned: 'fry',
  infused: 'soak',
  strained: 'drain',
  scored: 'prick',
  pureed: 'blend',
  puréed: 'blend',
  blended: 'blend',
  pulled: 'tear',
  packed: 'pack',
  cut: 'cut',
  warmed: 'warm',
  broken: 'break',
  pressed: 'press',
  patted: 'pat dry',
  dried: 'dry',
  shelled: 'shell',
  topped: 'trim',
  tailed: 'trim',
  destemmed: 'trim',
  hulled: 'hull',
  deveined: 'trim',
  ripped: 'tear',
  buttered: 'spread',
  slivered: 'slice',
  spiralized: 'slice',
});

/** Participles that before a noun are part of what is bought, not work: "dried oregano", "ground beef", "canned beans". */
const BOUGHT = new Set([
  'dried',
  'ground',
  'canned',
  'tinned',
  'frozen',
  'cooked',
  'smoked',
  'roasted',
  'rolled',
  'boiled',
  'packed',
  'salted',
  'unsalted',
  'pressed',
  'broken',
  'pickled',
  'sweetened',
  'unsweetened',
  'cut',
  'cracked',
]);

// Names in which the participle belongs to the product.
const WHOLE_NAMES = [
  /^minced (beef|lamb|pork|meat|turkey|chicken)/i,
  /^toasted sesame oil/i,
  /^(flaked|sliced|slivered) almonds?/i,
  // bought so: nobody shreds a coconut at school
  /^(?:shredded|flaked|grated) coconut/i,
  /^crushed tomato/i,
  /^crushed (?:dried )?(?:red )?(?:chill?i(?:es)?|chile|pepper)\b/i,
  /^soured? cream/i,
  /^condensed/i,
  // "thick-cut ham" is a kind of ham
  /^(?:thick|thin|hand|dry|oven)-\p{L}+ /iu,
  /^whipped cream/i,
  /^shelled edamame/i,
  // a plum is pitted at home, an olive never
  /^(?:pitted|stoned) (?:\p{L}+ )*(?:olives?|dates?|prunes?|dried)\b/iu,
  /^grated parmesan cheese$/i,
];

const ADVERBS = new Set([
  'finely',
  'roughly',
  'coarsely',
  'thinly',
  'thickly',
  'freshly',
  'lightly',
  'well',
  'very',
  'gently',
  'firmly',
  'loosely',
  'ready',
  'about',
  'just',
]);

/** Whether a word, alone, is a participle of kitchen work: "mashed", "cooked". */
export function isPreparationWord(word: string): boolean {
  return PREPARATION.get(word.toLowerCase()) !== undefined || ADVERBS.has(word.toLowerCase());
}

const OF_PART = /^(\d+|half|(?:the )?(?:other half|rest|other))\s+(.+)$/i;

/** "1 juiced", "half sliced", "the rest chopped": which part, and what is done to it; null where it is done to all. */
export function partOfWork(phrase: string): { share: string; work: string } | null {
  const m = OF_PART.exec(phrase);
  return m && { share: m[1]!.toLowerCase(), work: m[2]! };
}

/** A word without the hyphen of "ready-grated" or the comma after it. */
const bare = (word: string) => word.toLowerCase().replace(/[,.;]+$/, '');

/**
 * Takes the preparation off the front of an item: "finely grated cheddar" -> ["finely grated"], "cheddar".
 * Leaves names in which the participle is part of the product: "dried oregano", "minced beef".
 * @param packed the line is of a tin, jar or packet: "chopped tomatoes" in a tin come chopped
 */
export function leadingPreparation(item: string, packed: boolean): { preparation: string[]; item: string } {
  const whole = { preparation: [], item };
  if (packed || WHOLE_NAMES.some((name) => name.test(item))) return whole;
  const words = item.split(/\s+/);
  const preparation: string[] = [];
  let from = 0;
  for (let i = 0; i < words.length - 1; i++) {
    const word = bare(words[i]!);
    if (word === 'and' && preparation.length > 0) from = i === from ? i + 1 : from;
    else if (ADVERBS.has(word) || word === 'ready-to-eat') continue;
    else if (PREPARATION.get(word) && !BOUGHT.has(word)) {
      preparation.push(
        words
          .slice(from, i + 1)
          .map(bare)
          .join(' '),
      );
      from = i + 1;
    } else break;
  }
  if (preparation.length === 0) return whole;
  return { preparation, item: words.slice(from).join(' ') };
}

/**
 * Reads a phrase after the item: "peeled, cored and diced" -> three pieces of work; anything without a known participle is a note.
 */
export function trailingPreparation(phrase: string): { preparation: string[]; notes: string[] } {
  const preparation: string[] = [];
  const notes: string[] = [];
  for (const part of phrase.split(/\s*(?:,|;|\band then\b|\bthen\b|\band\b|&)\s*/i)) {
    const text = part.trim().replace(/[.]+$/, '');
    if (!text) continue;
    const words = text.split(/\s+/).map(bare);
    // "drained weight" is how much, and no work
    const work =
      !words.includes('weight') &&
      (words.some((w) => PREPARATION.get(w)) ||
        /\b(room temperature|bite[- ]size|into \w+|in (half|quarters|chunks|strips|pieces))\b/i.test(text));
    (work ? preparation : notes).push(text);
  }
  return { preparation, notes };
}

/** The imperative of a piece of preparation: "finely diced" -> "dice"; null when it is not one word of work. */
export function preparationVerb(phrase: string): string | null {
  for (const word of phrase.toLowerCase().split(/\s+/)) {
    const verb = PREPARATION.get(word);
    if (verb) return verb;
  }
  return null;
}
