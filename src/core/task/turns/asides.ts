// Turns of speech of asides, of parts and of a teacher's own short words: "best eaten warm", "add rest of veg", "s+p".
import { SHAPE_MANY } from '../../recipe/shape-nouns';
import type { Turn } from './turn';

export const ASIDES: readonly Turn[] = [
  // "Best eaten on the day they are made": told, and nothing to do
  ['best', /[.]\s+(best\s+(?:eaten|served|enjoyed|used|on the day)\b[^.;()]*)(?=[.;]|$)/gi, ' ($1)'],
  // "Keep your chopping board for meat only": a rule of the kitchen beside the work
  ['only', /[.]\s+(keep\s+(?:your|the|this|that|one)\s+[^.;]*?\bfor\s+(?:the\s+)?[\p{L} ]{3,20}?\s+only)(?=\s*(?:[.;]|$))/giu, ' ($1)'],
  // "You may have to roll out the trimmings again": perhaps, and no work of its own
  ['you m', /([^.!?;]{4,}?)[.!]\s+(you\s+(?:may|might)\s+(?:have|need)\s+to\b[^.;()]*)(?=\s*(?:[.;]|$))/giu, '$1 ($2)'],
  // "Peel off the film carefully - steam!"
  ['steam|hot', /\s[-–—](?<!careful\s.)(?<!\([^)]*)\s*((?:hot\s+|it(?:['’]s|\s+is)\s+)?(?:hot|steam|very\s+hot))\s*[!.]/gi, ' ($1).'],
  // "Stir every now and then and add a splash of water if it looks dry": only then
  [
    ' if ',
    /,?\s+and\s+(add\s+(?:an?\s+(?:splash|little|bit|drop)(?:\s+(?:of|more))*|some|more)\s+(?:[\p{L}]+\s+){0,2}?(?:water|stock|milk|oil))\s+(if\s+(?:it|they|the\s+\p{L}+)\b[^.;,]*)/giu,
    ' ($2, $1)',
  ],
  // "Careful - the bowl might be hot"
  [
    'careful|watch out|warning|caution',
    /([^.!?;]{4,}?)[.!]\s+((?:be\s+)?(?:careful|watch out|warning|caution))\s*[-–—:!,]\s*([^.;()!]{4,80})[.!]*(?=\s|$)/giu,
    '$1 ($2: $3).',
  ],
  // "keep warm in a clean tea towel"
  [
    'keep',
    /\bkeep\s+((?:it|them|the\s+\p{L}+)\s+)?(?:warm|hot)\s+(?:wrapped\s+)?(?:in|under)\s+(an?\s+(?:(?:clean|dry|folded)\s+)*(?:(?:tea|dish|kitchen)[- ]?)?(?:towel|cloth)|(?:some\s+)?foil)\b/giu,
    'wrap $1in $2 to keep warm',
  ],
  // "cool a little in the tin"
  [
    'a little|a bit',
    /(^|[.!?;]\s+|\b(?:and|then)\s+)(cool|rest|soften|brown|thicken|loosen|warm)\s+(?:for\s+)?a\s+(?:little|bit)\b(?!\s+(?:more|of|longer|oil|butter|water|milk))/gi,
    '$1$2 slightly',
  ],
  // "tipping in any bran left in the sieve"
  ['tipping in', /,\s+tipping\s+in\s+((?:any|all|the)\b[^.;,]*?\bleft\b[^.;,]*)/gi, ' (tip in $1)'],
  // "spoon off the fat into a cup, and let it go cold before binning it": what is done with it, long after
  [
    'before',
    /,?\s+(?:and\s+)?(let(?:ting)?\s+it\s+(?:go\s+cold|cool|set)(?:\s+(?:down|completely))?\s+before\s+(?:you\s+)?(?:bin|throw|discard|pour)[^.;,]*)/gi,
    ' ($1)',
  ],
  // "spoon off any fat into a cup": where it goes is beside the work
  [
    ' off',
    /\b((?:spoon|skim|ladle|scoop)\s+off\s+[^.;,()]{0,30}?\b(?:fat|grease|foam|scum|froth))\s+(into\s+an?\s+(?:[\p{L}-]+\s+){0,2}(?:cup|mug|bowl|jar|tin|dish))\b/giu,
    '$1 ($2)',
  ],
  // "One at a time, dip the strips in the flour"
  ...['one at a time', 'one by one', 'two at a time', 'a few at a time'].map((how): Turn => [
    how,
    new RegExp(
      `(^|[.!?;]\\s+)${how},\\s+(\\p{L}+\\s+(?:the\\s+|your\\s+)?[\\p{L} ]{2,28}?)\\s+(?=(?:in|into|on|onto|under|with|until|for)\\b)`,
      'giu',
    ),
    `$1$2 ${how} `,
  ]),
  // "then cover, turn right down and cook"
  [
    'turn ',
    /\b(cover),\s+turn\s+(?:it\s+|the\s+heat\s+)?(?:right\s+|all\s+the\s+way\s+)?down(?:\s+(?:low|to\s+low))?(?:\s*,)?\s+and\s+/gi,
    '$1, then turn the heat down low and ',
  ],
  // "fold in the bottom and roll up", of a wrap
  ['fold in', /\bfold in (the\s+(?:bottom|top)(?:\s+edge)?)\b/gi, 'fold $1 in'],
  ['turn right down', /\bturn\s+right\s+down\b/gi, 'turn the heat right down'],
  // "add rest of veg"
  [
    'rest of',
    /\b(?:the\s+)?rest of (?:the\s+)?(?!it\b|them\b|your\b|th(?:is|at|ese|ose)\b|our\b|my\b|an?\b|each\b|all\b|everything\b)(?=\p{Ll})/giu,
    'the rest of the ',
  ],
  // "add the veg, 5 more mins, stirring": so long it cooks
  [
    'min',
    /\b(add|put|pour|tip|stir|toss|throw|drop|chuck)\b((?:(?!\b(?:min|cook|fry|simmer|boil|bake|heat|microwave|stand|leave|rest(?!\s+of)|chill|bubble)\p{L}*\b)[^.;])*?),\s+((?:another\s+)?\d+(?:\s?[-–]\s?\d+)?\s+(?:more\s+)?min(?:ute)?s?)\b(?!\s+(?:before|after|later|from|ago|in\b))/giu,
    '$1$2, then cook for $3',
  ],
  // "add half of sweetcorn"
  [
    ' of ',
    /\b(half|most|the rest|some|two[- ]thirds|three[- ]quarters) of (?!the\b|an?\b|it\b|them\b|th(?:is|at|ese|ose)\b|your\b|each\b|one\b|both\b|all\b)(?=\p{Ll})/giu,
    '$1 of the ',
  ],
  ['mixture|batter|dough', /\b(divide|pour|spoon|press|spread|transfer|roll|shape|form|knead) (?=(?:mixture|batter|dough)\b)/gi, '$1 the '],
  // "whisk the sauce ingredients, keeping back the seeds"
  [
    'back|hold|sav|reserv',
    /\b((?:ingredients|everything|all of (?:it|them|the [\p{L} ]{3,20}))\b[^.;]*?),\s+(?:but\s+)?(?:keep(?:ing)?|hold(?:ing)?)\s+back\s+(the\s+[\p{L} ]{3,30}?)(?=\s*(?:[.,;]|$|for\b|until\b|to\b))/giu,
    '$1, except $2',
  ],
  // "put wedges in the bowl"
  [
    's',
    new RegExp(
      `\\b(put|place|lay|arrange|add|return|transfer|move|check|turn|flip|bake|fry|toss|dip|roll|coat|brush|cool|serve) (?=${SHAPE_MANY}\\b)`,
      'gi',
    ),
    '$1 the ',
  ],
  // "a fork goes in easily? If not, 5 more min"
  [
    'if not',
    /([.?;])\s+if not,?\s+(?:(?:cook|bake|give (?:it|them)|leave|return)\s+)?(?:for\s+)?(\d+)\s*(?:more|extra|further)\s+min\w*\b\.?/gi,
    '$1 (if not, $2 minutes more).',
  ],
  ['+', /\s\+\s+(?=\p{L})/gu, ' and '],
  ['stir all the time', /\bstir all the time\b/gi, 'stir constantly'],
  ['drain ', /\bdrain (?=(?:fat|grease|water|liquid|juices?|oil)\b)/gi, 'drain the '],
  ['each ', /\b(shape|form|roll) each(?=\s+into\s+an?\b)/gi, '$1 each piece'],
  // "cut each in half": each one
  [
    'each ',
    /\b(cut|wrap|slice|divide|fold|thread|halve|quarter|flatten|dip|coat|brush) each(?=\s+(?:in|into|with|on|onto|up|out)\b)/gi,
    '$1 each one',
  ],
  // "cook the rice: rinse it in a sieve ...": what stands before the colon only says what is coming
  [
    ': ',
    /(^|[.!?;,]\s+)(?:first\s+)?(?:cook|prepare|make|do|boil|roast|toast|dress|fry|press|dry|drain|cool|soften|rinse|chop|cut)\s+((?:the|your)\s+\p{L}+(?:\s\p{L}+)?):\s+(\p{L}+)\s+(?:it|them)\b/giu,
    '$1$3 $2',
  ],
  // "When you see bubbles put the pasta in"
  [
    'when|once|as soon as',
    /(^|[.!?;]\s+)((?:when|once|as soon as)\s+(?:[\p{L}'’]+\s+){1,7}?(?:(?!(?:you|we|i|they|to|can|will|must|should|and|then|or|the|an?|your)\s)[\p{L}'’]+))\s+(?=(?:put|add|turn|take|pour|tip|drop|stir|drain|remove|lower|switch|set|mix|spoon|place|lift|cut|slice|press|ask|serve|open|fold|roll|flip|spread|sprinkle|crack|whisk)\s+(?:the|your|an?|it|them|in|some|all|up|down|off|on|out|over|\d)\b[^,]*?(?:[.!?;]|$))/giu,
    '$1$2, ',
  ],
  // "slice when completely cold"
  [
    'cold|cool',
    /(^|[.!?;]\s+)(?!(?:when|once|leave|let|set|stand|rest|serve|eat|keep|store)\b)([^.;!?,]{3,60}?)\s+(?:only\s+)?((?:when|once)\s+(?:(?:it|they)(?:['’](?:s|re|ve)|\s+(?:is|are|has|have))\s+)?(?:(?:completely|fully|quite|totally)\s+)?(?:cold|cooled|cool(?:\s+enough to (?:handle|touch))?))(?=\s*[.;!]|$)/giu,
    '$1$3, $2',
  ],
  // "when cooled decorate with the icing"
  [
    'when|once',
    /(^|[.!?;]\s+)((?:when|once) (?:(?:completely|fully|quite) )?(?:cooled|cold|cool|ready|done|golden|set|hot|cooked|soft|baked)) (?!enough\b|and\b|or\b|to\b)(?=\p{L})/giu,
    '$1$2, ',
  ],
  // "spoon or pipe onto the custard": the first will do
  [
    ' or ',
    /\b(spoon|pour|spread|scoop|mix|stir|shake|toss|fold|crush|whisk|beat|roll|pat|cut|tear|fry|bake|grill|boil|steam|pipe|drizzle|sprinkle|scatter|blend|mash)\s+or\s+(?:pipe|spoon|spread|pour|whizz|blend|mix|stir|shake|toss|fold|crush|whisk|beat|roll|pat|press|cut|tear|grill|fry|bake|microwave|steam|boil|drizzle|sprinkle|scatter|squash|bash|snip|slice)(?=\s+(?:it|them|the|an?|in|into|on|onto|over|with|together|up|until|out|some|each)\b)/gi,
    '$1',
  ],
  ['enough', /\s+(?:just\s+)?(?:big|large) enough (?:to|for) [^.;,]+/gi, ''],
  ['&', /\s&\s/g, ' and '],
  ['mixing', /,\s+mixing\s+(?=with\b|until\b)/gi, '. Mix '],
  ['after', /(^|[.!?;]\s+)(after (?:about |another )?\d+ ?(?:minutes?|mins?|hours?))\s+(?=\p{L})/giu, '$1$2, '],
  // "the other tbsp oil", of two
  [
    'other |second |last |remaining ',
    /\b(?:the\s+)?(?:(?:other|last|second)\s+|remaining\s+(?=\d))(?:\d[\d./]*\s*)?(?:tbsp?|tbs|tsp|tablespoons?(?:ful)?|teaspoons?(?:ful)?|cups?|m[lL]|g|oz)\.?\s+(?:of\s+)?(?:the\s+)?(?=\p{L})/giu,
    'the rest of the ',
  ],
  ['w/', /\bw\/\s*(?=\p{L})/giu, 'with '],
  // "2 in. apart", "1/2-in. slices", "1/4 in. thick"
  ['in.', /(\d)-in\.(?=\s+\p{Ll})/gu, '$1-inch'],
  ['in.', /(\b1|\d\/\d|[½¼¾⅓])\s?in\.(?=\s+\p{Ll})/gu, '$1 inch'],
  ['in.', /(\d)\s?in\.(?=\s+\p{Ll})/gu, '$1 inches'],
  ['til', /(?:\bor )?(?<!\p{L})['’‘]?til\b(?!l)/giu, 'until'],
  ['seasoning', /,\s+seasoning\s+/gi, '. Season '],
  // an aside between dashes
  ['-|–|—', /\s[-–—]\s((?:be careful|careful|watch|mind|take care)\b[^-–—.]*?)\s[-–—]\s/gi, ' ($1) '],
  ['-|–|—', /\s[-–—]\s(?=(?:be careful|careful|watch out|mind|take care)\b)/gi, '; '],
  [
    'back',
    /\bput\s+(?:it|them|the\s+\p{L}+)\s+(?:straight\s+|right\s+)?back\s+(?:in|into)(?:\s+the\s+oven)?\s+and\s+(cook|bake|roast)\b/giu,
    '$1',
  ],
  // what is said of a thing in passing
  [' be', /,\s+((?:it|they|the\s+\p{L}+)\s+(?:will|may|might|can)\s+be\b)/giu, '; $1'],
  ['till', /\btill\b/gi, 'until'],
  // "with a hand blender or in a blender": the first will do
  [
    ' or ',
    /\b(with\s+an?\s+[\p{L}-]+(?:\s+[\p{L}-]+)?)\s+or\s+(?:in|with|using)\s+an?\s+[\p{L}-]+(?:\s+(?!until\b|for\b)[\p{L}-]+)?(?=\s+(?:until|for)\b|\s*[.,;]|$)/giu,
    '$1',
  ],
  // "add the garlic and give it another minute"
  [
    'give',
    /\bgive\s+(?:it|them|everything)\s+((?:(?:about|another|a\s+further|an\s+extra)\s+)*(?:\d+(?:\s*(?:-|–|to)\s*\d+)?\s+|a\s+|a\s+couple\s+of\s+)?(?:more\s+)?(?:min(?:ute)?s?|sec(?:ond)?s?)\b)/gi,
    'cook for $1',
  ],
  // "gather up the trimmings, re-roll and cut out more"
  [
    'trimming|scrap|off-?cut|leftover|left-over',
    /\b(?:gather|collect|bring|squash|squidge)\s+(?:up\s+|together\s+)?((?:the|any|all\s+the)\s+(?:dough\s+|pastry\s+)?(?:trimmings|scraps|off-?cuts|left-?over\s+\p{L}+))(?:\s+(?:up|together|into\s+a\s+ball))?(?:,\s*|\s+)(?:and\s+|then\s+)*re-?roll(?:\s+(?:it|them))?(?=\s*(?:[,.;]|and\b|to\b))/giu,
    'press $1 together, roll out $1 again',
  ],
  [
    'trimming|scrap|off-?cut|leftover|left-over',
    /\b(?:gather|collect|squash|squidge)\s+(?:up\s+|together\s+)?((?:the|any|all\s+the)\s+(?:dough\s+|pastry\s+)?(?:trimmings|scraps|off-?cuts|left-?over\s+(?:dough|pastry)))(?:\s+(?:up|together|into\s+a\s+ball))?(?=,|\s+and\b|\.)/giu,
    'press $1 together',
  ],
  ['roll', /\bre-?roll(?=\s*(?:[,.;]|and\b|to\b))/giu, 'roll it out again'],
  ['you', /\byou\s+(?:should|will|'ll)\s+(?:get|have|end\s+up\s+with|need)\s+(?=(?:about|around|roughly|enough)\s)/giu, 'there should be '],
  ['to the table', /\b(?:bring|take|carry)\s+(?:it\s+|them\s+|everything\s+)?(?:straight\s+|hot\s+)?to\s+the\s+table\b/gi, 'serve'],
  ['roll', /\bre-?roll\s+((?:the|any|your)\s+[\p{L} ]{3,24}?)(?=\s*[.,;]|\s+and\b|$)/giu, 'roll out $1 again'],
  // "turn into a greased tin": tipped, and not turned over
  [
    'turn',
    /\bturn\s+((?:it|everything|the\s+(?:mixture|batter|dough))\s+)?into\s+(?=(?:an?|the|your)\s+(?:[\p{L}-]+\s+){0,3}(?:tin|dish|bowl|tray|pan|jar)\b)/giu,
    'tip $1into ',
  ],
  // "half fill the can with water, swirl and pour that in": so much water, out of the can
  [
    'with water',
    /\b(half[- ]?)?fill\s+(?:the|your|one|an?)\s+(?:empty\s+)?(can|tin|jar)s?\s+(half[- ]?(?:full|way)?\s+)?(?:up\s+)?with\s+(?:\p{L}+\s+)?water(?:\s*,|\s+and|,\s+and)\s+(?:then\s+)?(?:give\s+it\s+a\s+)?(?:swirl|swish|rinse|shake)\b[^,.;]{0,20}?(?:\s*,|\s+and|,\s+and)\s+(?:then\s+)?(?:add|pour|tip|stir)\s+(?:this|that|it|the\s+water)?\s*(?:in(?!to)|to\s+the\s+\p{L}+|into\s+the\s+\p{L}+)?(?:\s+(?:too|as\s+well))?(?=\s*[.,;]|\s+and\b|$)/giu,
    '$1fill the $2 $3with water and add the water',
  ],
  // "leave for 10 minutes while you slice the pepper"
  [
    'while you',
    /([^.;!?,\s]),?\s+while\s+you\s+(?:wait,?\s+)?(?!\w+\s+(?:the\s+)?(?:rest|others?|remaining)\b)(?!(?:make|prepare)\s+the\s+\w+(?:\s+\w+)?\s*(?:[.!;]|$))(?=(?:slice|chop|peel|grate|make|mix|prepare|cut|wash|cook|dice|measure|weigh|get|lay|mash|whisk|beat|boil|fry|toast|warm|drain|rinse|clean|crush|shred|open)\s+(?:the|your|a|an|some|up|any)\b)/gi,
    '$1. Meanwhile, ',
  ],
];
