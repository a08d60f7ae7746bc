// Turns of speech that put one thing in after another, or part of a thing and then its rest: "in with the beans", "then the rest", "a little round the edges".
import type { Turn } from './turn';

export const IN_TURN: readonly Turn[] = [
  // "in with the beans, 3 minutes more"
  [
    'in with|in go',
    /(^|[.!?;]\s+|,\s+then\s+|\bthen\s+)in\s+(?:with|goe?s?)\s+((?:the|all|some|half)\s+[^.;,]{3,40}?),?\s+(?:for\s+)?((?:another\s+|a\s+further\s+)?\d+(?:\s?[-–]\s?\d+)?\s*min[^.;,]*)/giu,
    '$1add $2 and cook for $3',
  ],
  [
    'in with|in go',
    /(^|[.!?;]\s+|,\s+then\s+|\bthen\s+)in\s+(?:with|goe?s?)\s+((?:the|all|some|half)\s+[^.;]{3,60}?)(?=\s*[.;]|$)/giu,
    '$1add $2',
  ],
  // "tip in the sauce, then the noodles": one after the other
  [
    'then the',
    /\b(tip|add|pour|put|throw|drop)\s+in\s+((?:the|a|some|half)\s+[^.;,]{3,30}?),?\s+(?:and\s+)?then\s+(the\s+(?!rest\b|remainder\b|other\b)\p{L}+(?:\s\p{L}+)?)(?=\s*[.;,]|$)/giu,
    '$1 in $2. $1 in $3',
  ],
  // "pour into the well, whisking until you have a smooth batter": poured, and then whisked until it is
  [
    'ing',
    /\b(pour|tip|add|stir)\s+([^.;,]{3,60}?),\s+(whisk|beat|stir|mix)r?ing(?:\s+(?:all the time|constantly|continuously|as you go|gently|well|slowly))?\s+until\s+(?=(?:you\s+have|you\s+get|it\s+(?:is|forms|makes)|smooth|combined|there\b|no\b))/giu,
    '$1 $2. $3 everything until ',
  ],
  // "roll over it with a rolling pin"
  ['roll over', /\broll\s+over\s+(it|them|the\s+\p{L}+)(?=\s+with\b|\s*[.;,])/giu, 'roll $1'],
  // "get the wok really hot with the oil in it"
  [
    'in it',
    /\bheat\s+((?:the|a|your)\s+(?:\p{L}+\s+){0,2}(?:wok|pan|skillet))\s+with\s+((?:the|some|half the)\s+\p{L}+)\s+in\s+it\b/giu,
    'heat $2 in $1',
  ],
  // "cut the lemon into wedges to squeeze over"
  [
    'to squeeze over|to scatter over|to sprinkle over|to drizzle over',
    /\s+to\s+(squeeze|scatter|sprinkle|drizzle)\s+over(?=\s*[.;,]|$)/gi,
    ' (to $1 over the food)',
  ],
  // "beat the egg and brush a little round the edges", "... and brush the edges with it"
  [
    'brush',
    /\b((?:beat|whisk)\s+(?:the|an?)\s+(?:small\s+|large\s+)?(eggs?)\b[^.;]*?(?:,?\s+(?:and|then)|[.;])\s+(?:then\s+)?)brush\s+((?:a\s+(?:little|bit)|some)(?:\s+of\s+(?:it|this))?)\s+(?:a?round|along|over|onto?)\s+(the\s+(?:edges?|rims?|tops?|sides?|border)\b[^.;,]*?)(?=\s*[.;,]|\s+(?:and|then)\b|$)/giu,
    '$1brush $4 with a little of the $2',
  ],
  [
    'brush',
    /\b((?:beat|whisk)\s+(?:the|an?)\s+(?:small\s+|large\s+)?(eggs?)\b[^.;]*?,?\s+(?:and|then)\s+(?:then\s+)?brush\s+[^.;,]{3,40}?)\s+with\s+(?:it|this|some)(?=\s*[.;,]|\s+(?:and|then)\b|$)/giu,
    '$1 with a little of the $2',
  ],
  // "pour the wet into the dry"
  [
    'the wet|the dry',
    /\b(pour|tip|add|stir|mix|whisk|fold|put|into|to|with|combine)((?:\s+in)?)\s+the\s+(wet|dry)(?=\s+(?:into?|over|to|onto|and|with|on|together)\b|\s*[.,;]|$)/gi,
    '$1$2 the $3 ingredients',
  ],
  // "fold in half of the berries", which folds nothing in half
  [
    'fold in',
    /\bfold\s+in\s+((?:about\s+|roughly\s+)?(?:half|a\s+(?:third|quarter)|one[- ]third|two[- ]thirds|three[- ]quarters)\s+(?:of\s+)?(?:the|your)\s+[^.;,]{3,40}?)(?=\s*[.;,]|\s+(?:and|then)\b|$)/giu,
    'fold $1 in',
  ],
  // "stir in half of the cheese, then the rest": once more
  [
    'then the rest|then the remainder|and then the other half|then the other half',
    /\b(fold|stir|mix|beat|whisk|add|pour|sprinkle|scatter)((?:\s+in)?)\s+((?:about\s+)?(?:half|a\s+(?:third|quarter)|one[- ]third|two[- ]thirds|three[- ]quarters|some)\s+(?:of\s+)?(?:the|your)\s+[^.;,]{3,40}?)((?:\s+in)?),?\s+(?:and\s+)?then\s+(?:\1\s+)?(?:in\s+)?(?:the\s+(?:rest|remainder|other\s+half))(?=\s*[.;,]|$)/giu,
    '$1$2 $3$4. $1 the rest$2$4',
  ],
  // "toss with the dill and a squeeze of the remaining lemon": what is left of it is squeezed by an act of its own
  [
    'squeeze of|juice of',
    /,?\s+(?:and|then|plus)\s+(?:with\s+)?(?:an?\s+(?:good\s+)?squeeze|the\s+juice)\s+of\s+(the\s+(?:(?:remaining|leftover)(?:\s+half(?:\s+(?:of\s+the|an?))?)?|rest\s+of\s+the|other\s+half(?:\s+of\s+the)?)(?:\s+(?:lemon|lime|orange))?)(?=\s*[.,;]|$)/giu,
    '. Squeeze $1 over',
  ],
];
