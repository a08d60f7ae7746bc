// Turns of speech of a note in haste, to oneself or on a board: "pasta in! 10 mins", "lid on, 15 mins", "leek goes into the bacon fat".
import { KITCHEN_VERBS } from '../../recipe/verbs';
import type { Turn } from './turn';

const VERB = [...KITCHEN_VERBS].join('|');
/** Where an order begins. */
const START = '(^|[.!?;]\\s+|,\\s+(?:and\\s+|then\\s+)*|\\s+[-–]\\s+)';
/** What is spoken of, in a word or two, none of them a verb at the front. */
const THING = `(?:the\\s+)?(?!(?:${VERB}|all|it|them|everything|lid|oven|heat|put|half|one|that|this|way|built|keep|keeping|leave|leaving)\\b)(\\p{L}+(?:\\s\\p{L}+)?)`;
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
  // "Add the pasta. 10 mins."
  ['min', new RegExp(`([.!])\\s+${MINUTES}(?=\\s*[.!;]|\\s*$)`, 'giu'), '$1 Cook for $2'],
  // "Heat the oil in the pan - medium."
  [
    'low|medium|high',
    /(\b(?:heat|cook|fry|simmer|boil|soften)\b[^.;]*?)\s+[-–—]\s+(low|medium|high|medium[- ](?:low|high))(?:\s+heat)?(?=\s*[.;!(]|$)/gi,
    '$1 over a $2 heat',
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
