// Verbs of everyday speech for what a plain verb of the kitchen says: "slip in the chicken" puts it there.

/** Plain verb by the words that are said for it; data of common speech, each only where an object or a place follows it. */
const SAID_FOR: readonly (readonly [plain: string, said: string])[] = [
  [
    'put',
    'pop|stick|bung|chuck|plonk|whack|shove|sling|fling|dump|lob|bang|slip|ease|plop|plunge|lodge|perch|settle|sink|submerge|immerse|bury|cram|stow|slot|deposit|hang',
  ],
  ['tip', 'tumble|upend'],
  ['pour', 'glug|slosh|sluice'],
  ['drizzle', 'dribble'],
  ['scatter', 'strew'],
  ['spread', 'slather|smear|daub'],
  ['brush', 'anoint'],
  ['lift', 'hoist|haul|hook'],
  ['wrap', 'encase|enclose|swaddle|bundle'],
  ['pinch', 'scrunch'],
  ['shell', 'pod'],
  ['simmer', 'blip|putter|burble'],
];

const PLAIN = new Map(SAID_FOR.flatMap(([plain, said]) => said.split('|').map((verb) => [verb, plain] as const)));

const OBJECT = 'it|them|the|an?|your|all|both|everything|some|any|half|one|two|three|four|each|every|another|more|\\d';
const VERBS = new RegExp(
  `(^|[.!?;]\\s+|,\\s+(?:and\\s+)?(?:then\\s+)?|\\b(?:and|then)\\s+(?:then\\s+)?)(\\p{L}+ly\\s+)?(${[...PLAIN.keys()].join('|')})(?=\\s+(?:(?:in|on|into|onto|over|out|back)\\s+)?(?:${OBJECT})\\b)`,
  'giu',
);

/** "Place the lid on". */
const LID_ON = /\b([ps])(?:lace|et)\b(?=\s+(?:the|a|its|their)\s+lids?\s+(?:back\s+)?on\b)/gi;

/**
 * "Pop the dish in the oven", "slip in the chicken", "glug in the oil": by the plain verb.
 * @example inPlainVerbs('Lower the heat and slip in the chicken.') // 'Lower the heat and put in the chicken.'
 */
export const inPlainVerbs = (text: string): string =>
  text
    .replace(VERBS, (_all, joint: string, how: string | undefined, verb: string) => {
      const plain = PLAIN.get(verb.toLowerCase())!;
      const isFirst = how === undefined && /^\p{Lu}/u.test(verb);
      const isStart = isFirst || (how === undefined && (joint === '' || /[.!?;]/.test(joint)));
      return `${joint}${how ?? ''}${isStart ? plain.charAt(0).toUpperCase() + plain.slice(1) : plain}`;
    })
    .replace(LID_ON, (_all, first: string) => (first === 'P' || first === 'S' ? 'Put' : 'put'));
