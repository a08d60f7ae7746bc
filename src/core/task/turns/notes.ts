// Turns of speech of a note in haste, to oneself or on a board: "pasta in! 10 mins", "lid on, 15 mins", "leek goes into the bacon fat".
import { KITCHEN_VERBS } from '../../recipe/verbs';
import type { Turn } from './turn';

const VERB = [...KITCHEN_VERBS].join('|');
/** Where an order begins. */
const START = '(^|[.!?;]\\s+|,\\s+(?:and\\s+|then\\s+)*|\\s+[-–]\\s+)';
/** What opens an order of a few words and is no thing: "dig in!", "right on top". */
const NO_THING =
  'all|it|them|everything|lid|oven|heat|put|half|one|that|this|way|built|keep|keeping|leave|leaving|dig|tuck|settle|come|jump|step|stay|look|plug|hand|log|sign|move|go|wait|right|straight|write|sit|stand|join|check';
/** What is spoken of, in a word or two, none of them a verb at the front. */
const THING = `(?:the\\s+)?(?!(?:${VERB}|${NO_THING})\\b)(\\p{L}+(?:\\s\\p{L}+)?)`;
const MINUTES = '(\\d+(?:\\s?(?:-|–|to)\\s?\\d+)?\\s?(?:min(?:ute)?s?|sec(?:ond)?s?))\\b';
const HEATS = 'cook|fry|simmer|boil|bake|grill|roast|soften|microwave|steam|bubble|brown|sizzle|toast|stir-?fry|sweat';

export const NOTES: readonly Turn[] = [
  // "Ten minutes before the end, put the couscous in a bowl"
  [
    'before',
    /(^|[.!?;]\s+)(?:about\s+)?(?:\p{L}+|\d+)\s+min(?:ute)?s\s+before\s+(?:the\s+end|(?:it|they|the\s+\p{L}+)\s+(?:is|are)\s+(?:ready|done|cooked))(?:\s+of\s+[^,.;]{3,30})?,\s+(?=(?:put|make|cook|boil|prepare|heat|soak|steam)\b)/giu,
    '$1meanwhile, ',
  ],
  // "pasta in!", "bacon back in"
  [' in', new RegExp(`${START}${THING}\\s+back\\s+in(?=\\s*[.!;,]|$)`, 'giu'), '$1put the $2 back in'],
  [' in', new RegExp(`(^|[.!?;]\\s+)${THING}\\s+in\\s*(?=[.!;]|$)`, 'giu'), '$1add the $2'],
  // "leek goes into the bacon fat"
  [
    'goes|go in',
    new RegExp(
      `${START}${THING}\\s+go(?:es)?\\s+(?:straight\\s+|back\\s+)?(in|into|on|onto|on top of)\\s+(?=(?:the|an?|your|each)\\s)`,
      'giu',
    ),
    '$1put the $2 $3 ',
  ],
  // "put a pan of water on for the pasta"
  [
    'of water',
    /\bput\s+(an?\s+(?:\p{L}+\s+)?(?:pan|pot|saucepan)\s+of\s+(?:\p{L}+\s+)?water)\s+on(?:\s+(?:for|ready for)\s+(?:the\s+)?\p{L}+)?(?=\s*[.,;(!]|$|\s+and\b)/giu,
    'bring $1 to the boil',
  ],
  // "turn down to low, lid on, 15 mins"
  [
    'lid on',
    new RegExp(`(\\b(?:down|low|heat|medium)),\\s+(?:with\\s+)?(?:the\\s+)?lid\\s+on,?\\s+(?:for\\s+)?${MINUTES}`, 'giu'),
    '$1, put the lid on and cook for $2',
  ],
  // "Cook onion 5 mins"
  [
    'min|sec',
    new RegExp(
      `(^|[.!?;,]\\s+|\\band\\s+|\\bthen\\s+)(${HEATS})((?:\\s+(?!(?:for|about|around|another|a|until|in|at|on|to|or|more|over|under|per|every|each)\\b)[\\p{L}'-]+){1,4})\\s+${MINUTES}(?!\\s+(?:more|before|later|per|each|a\\s+side|on\\s+each|or\\b))`,
      'giu',
    ),
    '$1$2$3 for $4',
  ],
  [
    'min',
    new RegExp(`\\b(heat|warm|${HEATS})((?:\\s+(?:the\\s+)?\\p{L}+){0,3}?\\s+on\\s+(?:low|medium|high))\\s+${MINUTES}`, 'giu'),
    '$1$2 for $3',
  ],
  // "Add the pasta. 10 mins."
  ['min', new RegExp(`([.!])\\s+${MINUTES}(?=\\s*[.!;]|\\s*$)`, 'giu'), '$1 Cook for $2'],
  // "Heat the oil in the pan - medium."
  [
    'low|medium|high',
    /(\b(?:heat|cook|fry|simmer|boil|soften)\b[^.;]*?)\s+[-–—]\s+(low|medium|high|medium[- ](?:low|high))(?:\s+heat)?(?=\s*[.;!(]|$)/gi,
    '$1 over a $2 heat',
  ],
  // "beat in half of the flour mixture, then the milk, then the rest of the flour mixture"
  [
    'then the',
    /\b(beat|stir|fold|mix|whisk)\s+in\s+([^.;,]{4,60}?),\s+then\s+(the\s+[^.;,]{3,50}?),\s+(?:and\s+)?then\s+(the\s+[^.;,]{3,60}?)(?=\s*(?:[.;]|$))/giu,
    '$1 in $2, then $1 in $3, then $1 in $4',
  ],
  // "Grill on to medium"
  [
    'grill on|oven on|hob on',
    /(^|[.!?;]\s+)(?:the\s+)?(grill|oven|hob)\s+on(?=\s+to\s+(?:low|medium|high)\b|\s*[.!;]|$)/gi,
    '$1turn the $2 on',
  ],
  // "Oven gloves on."
  ['gloves on', /(^|[.!?;,]\s+)(?:the\s+)?oven\s+gloves\s+on\b/gi, '$1put on the oven gloves'],
  // "Put the rice on first. Rinse it well, put it in a pan": how comes behind
  [
    ' on first',
    /(^|[.!?;]\s+)(?:put|get)\s+(the\s+[\p{L} ]{3,20}?)\s+on\s+first[.:]\s+(rinse|wash|put|boil|cook|weigh|measure)\s+(?:it\b|them\b)?/giu,
    '$1$3 $2 ',
  ],
  // "turn to the lowest heat for 12 minutes"
  [
    'low',
    new RegExp(
      `\\bturn\\s+(?:it\\s+)?(?:down\\s+)?to\\s+(?:(?:the|a)\\s+)(?:very\\s+)?(?:lowest|low)(?:\\s+(?:heat|setting))?\\s+for\\s+${MINUTES}`,
      'giu',
    ),
    'turn the heat down to low and cook for $1',
  ],
  // "take off the heat and don't peek for 5 minutes"
  ['peek|lift the lid', /\b(?:and\s+)?(?:don['’]?t|do\s+not|no)\s+(?:peek(?:ing)?|lift(?:ing)?\s+the\s+lid)\s+for\b/gi, 'and leave for'],
  // "Potatoes on plate."
  [
    ' on ',
    new RegExp(`(^|[.!?;]\\s+)${THING}\\s+on(?:to)?\\s+(?:(?:the|a)\\s+)?(plate|tray|board|dish|bowl)(?=\\s*(?:[.!;]|$))`, 'giu'),
    '$1put the $2 on the $3',
  ],
  // "Beans on top, cheese on top of that."
  [
    'on top',
    new RegExp(`(^|[.!?;,]\\s+)${THING}\\s+on\\s+top(?:\\s+of\\s+(?:that|it|them))?(?=\\s*(?:[.!;,]|$))`, 'giu'),
    '$1put the $2 on top',
  ],
  // "Turn the oven on: 190."
  ['oven', /\b(oven\s+on)\s*[:,–-]?\s*(?:to\s+)?(1[4-9]0|2[0-4]0)(?=\s*(?:[.;,!]|$))/gi, '$1 to $2'],
  // "Peel + chop the onion small"
  [
    'peel|wash|trim',
    /\b(peel|wash|trim)\s+(?:and|\+|&)\s+(chop|slice|dice|cut|grate)\s+((?:the\s+)?[\p{L} ]{3,24}?)\s+(small|very small|up small)(?=\s*(?:[.;,!]|$))/giu,
    '$1 $3, then $2 $3 $4',
  ],
  // "..., lots of pepper"
  ['s of', /,\s+((?:lots|plenty|loads)\s+of\s+(?:black\s+)?(?:pepper|seasoning))(?=\s*[.;!]|$)/gi, ', and add $1'],
];
