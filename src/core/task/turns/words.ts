// Turns of speech of any work, words that a short style leaves out, and asides: "give it a good stir", "cut each in half".
import { ASIDES } from './asides';
import { SHEETS } from './sheets';
import { IN_TURN } from './in-turn';
import type { Turn } from './turn';

/** "giving it a good stir" */
const giving = (act: string) =>
  new RegExp(`\\bgiving\\s+((?:it|them|everything|the\\s+[\\p{L} ]{2,20}?))\\s+a\\s+(?:good\\s+|quick\\s+|gentle\\s+)?${act}\\b`, 'giu');

/** "Serve in bowls with the parmesan grated over": that is done when it is served. */
const servedWith = (done: string, act: string): Turn => [
  `${done} over|${done} on top`,
  new RegExp(
    `\\bserve\\b([^.;]*?),?\\s+(?:with|and)\\s+((?:the|some|a little)\\s+\\p{L}+(?:\\s\\p{L}+)?)\\s+${done}\\s+(?:over(?:\\s+the\\s+top)?|on top)(?=\\s*[.,;]|$)`,
    'giu',
  ),
  `serve$1. ${act} $2 over the top`,
];

/** What is done along with another act, at its end. */
const ALSO = [
  ['crumbling', 'Crumble'],
  ['grating', 'Grate'],
  ['squeezing', 'Squeeze'],
  ['snipping', 'Snip'],
  ['tearing', 'Tear'],
  ['scattering', 'Scatter'],
  ['sprinkling', 'Sprinkle'],
] as const;

export const WORDS: readonly Turn[] = [
  ...IN_TURN,
  servedWith('grated', 'Grate'),
  servedWith('poured', 'Pour'),
  servedWith('spooned', 'Spoon'),
  servedWith('crumbled', 'Crumble'),
  servedWith('scattered', 'Scatter'),
  servedWith('sprinkled', 'Sprinkle'),
  servedWith('drizzled', 'Drizzle'),
  servedWith('squeezed', 'Squeeze'),
  // "cut the peppers into chunks too"
  [' too', /(?<=\p{L})\s+too(?=\s*(?:[.,;!]|$))/giu, ''],
  [
    'ribbons',
    /\buse\s+(?:the|a|your)\s+((?:\p{L}+\s+)?peeler)\s+to\s+(?:make|cut|shave|peel)\s+(?:it\s+into\s+|them\s+into\s+)?((?:thin\s+|long\s+|wide\s+)*ribbons)\b/giu,
    'shave it into $2 with the $1',
  ],
  // "If it's too thick add another splash of water."
  [
    'too',
    /\b(if\s+(?:it|they|the\s+(?:\p{L}+\s+)?\p{L}+?)(?:'s|'re|\s+(?:is|are|looks?|seems?|feels?|gets?))\s+(?:a\s+bit\s+|a\s+little\s+|still\s+)?too\s+\p{L}+)\s+(?=(?:add|stir|pour|mix|put|cook|simmer|turn|splash)\b)/giu,
    '$1, ',
  ],
  ['ribbons', /\b(?:and|then)\s+make\s+(?:thin\s+|long\s+)?ribbons\b/gi, 'and shave it into ribbons'],
  // a stone sits fast: the halves are twisted, and it is taken out
  [
    'twist',
    /(?<=\bhal(?:f|ve)\b[^.;]*),?\s+(?:then\s+)?twist(?=,?\s+(?:and|then)\s+(?:remove|take|lift|pull)\b)/giu,
    ', twist the halves apart',
  ],
  ['squeeze', /\bsqueeze\s+to\s+open(?:\s+(?:it|them))?\b/gi, 'squeeze open'],
  ['zap|nuke', /\b(?:zap|nuke)\b/gi, 'microwave'],
  ['couple', /\b(?:a )?couple of (?=hours?\b|min(?:ute)?s?\b)/gi, '2 '],
  // "Eat with the sour cream": that is how it is served
  ['eat', /(^|[.!?;]\s+)eat\s+(?:(?:it|them|this|these)\s+)?(?=with\b)/gi, '$1Serve '],
  ['hold', /\bhold\s+(the\s+(?:\p{L}+\s+)?bag)\s+(?:shut|closed|tight(?:ly)?)(?=\s*[.,;]|\s+and\b|$)/giu, 'seal $1'],
  ['now and', /\b(?:every\s+)?now and (?:then|again)\b/gi, 'sometimes'],
  ['again and', /\bagain and again\b/gi, 'repeatedly'],
  ['about', /\b(put|place|spoon|drop|dollop)\s+about\s+(?=\d|an?\s+\p{L}*spoon)/giu, '$1 '],
  // "Too dry? Add a splash of water."
  ['too ', /(^|[.!?]\s+)too\s+(\p{L}+)\?\s+(\p{L}[^.!?]*)(?=[.!?]|$)/giu, '$1Tip: if it is too $2, $3'],
  // an aside between dashes
  ['-|–|—', /\s[-–—]\s((?:your|the|it|they|this|or|if)\b[^-–—.;]{3,60}?)\s[-–—]\s/gi, ' ($1) '],
  ['inch|cm', /(\d\s?(?:x|by|×)\s?\d+[- ]?(?:inch(?:es)?|in|cm)?\s+(?:\p{L}+\s+)?)pan\b/giu, '$1baking pan'],
  ['again', /\bdo\s+(?:it|this|that)\s+(?:all\s+)?again\b/gi, 'repeat'],
  // "5 more mins."
  ['min', /(^|[.!?]\s+)(?:another\s+)?(\d+(?:\s*(?:-|to)\s*\d+)?)\s+(?:more\s+)(min(?:ute)?s?)(?=\s*[.!]|$)/gi, '$1Cook for $2 $3 more'],
  // "pour in, along with the tomatoes"
  ['along', /\b(pour|add|tip|stir)\s+(?:it\s+|them\s+)?in,?\s+along\s+with\s+/gi, '$1 in, then add '],
  [
    'keep',
    /(?:,\s+(?:but\s+|and\s+)?|\s+and\s+)keep(?:ing)?\s+(?:back\s+)?(?=(?:an?|some|\d\S*)\s|(?:the|its|their)\s+(?:\p{L}+\s+)?(?:juices?|liquid|syrup|brine)\b)/giu,
    ', reserving ',
  ],
  ['keep', /\s+\(\s*(?:but\s+)?keep(?:ing)?\s+((?:the|its|their)\s+(?:juices?|liquid|syrup|brine|oil))\s*\)/gi, ', reserving $1'],
  ...SHEETS,
  // "drain, reserving a cup of the cooking water": before it is poured away
  [
    'water',
    /\bdrain\b([^.;]{0,60}?),?\s+(?:reserving|saving|keeping|holding)\s+(?:back\s+)?((?:about\s+)?(?:an?|some|\d\S*|half\s+an?)\b(?:[^.;,]{0,30}?\s)??)(?:of\s+)?(?:the\s+|its\s+)?(?:\p{L}+\s+)?water\b/giu,
    'scoop out $2of the cooking water, then drain$1',
  ],
  // "grate or sprinkle in the nutmeg", which the list has ground
  ['or', /\b(?:grate|crumble|tear|snip|grind)\s+or\s+(sprinkle|scatter|stir|shake|drop)\b/gi, '$1'],
  // "eat straight away or pack into boxes and keep in the fridge for up to 2 days"
  [
    'or',
    /\b(eat|serve|enjoy)\s+((?:it\s+|them\s+)?(?:straight\s*away|right\s+away|immediately|at\s+once|now|warm|hot))\s*,?\s+or\s+(?=[^.]*\b(?:fridge|freezer|freeze|store|keep|pack|lunch\s*box)\b)[^.]*/giu,
    '$1 $2',
  ],
  // "in a large, shallow casserole"
  [
    ',',
    /\b(an?|the|your)\s+((?:large|small|medium|big|deep|wide|shallow|heavy|clean|non-?stick|heatproof|ovenproof))(?:,\s+(?:and\s+)?)(?=(?:large|small|deep|wide|shallow|heavy(?:-\p{L}+)?|lidded|clean|dry|non-?stick|heatproof|ovenproof|flameproof|microwave-?safe)\b)/giu,
    '$1 $2 ',
  ],
  ['tuck', /(?:,?\s+and\s+|[.]\s+)tuck\s+in(?=\s*[.!]|$)/gi, '. Eat'],
  ['and stir', /(?<!\bthe\s+)\b(cook|simmer|fry|heat)\s+and\s+stir\s+(?:for\s+)?(?=\d|until\b)/gi, '$1, stirring, '],
  ['avo', /\bavo\b/gi, 'avocado'],
  // "chop the onion and add to the bowl along with the flour": what was chopped, and the flour
  [
    'with',
    /\b(add|tip|put|pour|place|scrape|spoon|throw|stir|fold|pop|go)\s+((?:in)?to\s+(?:the|your)\s+(?:\p{L}+\s+)?\p{L}+),?\s+(?:along|together)\s+with\b/giu,
    '$1 $2 with',
  ],
  ['along', /\balong with (?!the\b|an?\b|some\b|any\b|half\b|your\b|all\b|\d)(?=\p{L})/giu, 'and the '],
  ['along', /\balong with\b/gi, 'and'],
  // "stir the tomatoes through"
  [
    'through',
    /\b(stir|fold|mix|toss)\s+((?:the|some|all the)\s+(?:(?!\b(?:warm|heat|cook|it|them)\b)[^.;,]){2,40}?)\s+through(?=\s*[.,;!]|,?\s+(?:and|then)\b|$)/gi,
    '$1 in $2',
  ],
  // "put it back in for another minute": it cooks on
  [
    'back',
    /\bput\s+(?:it|them|the\s+\p{L}+)\s+back(?:\s+in(?:to)?(?:\s+the\s+(?:oven|microwave|air fryer))?)?\s+for\s+(?:another\s+|a\s+further\s+)?(\d[\d/. -]*\s*(?:min(?:ute)?s?|sec(?:ond)?s?))\b/giu,
    'cook for $1 more',
  ],
  // "rub it with a finger dipped in water"
  [
    'finger',
    /\bdip\s+(?:a|your)\s+finger\s+in(?:to)?\s+(?:the\s+|some\s+)?(water|egg|milk)\s+and\s+run\s+it\s+(?:a?round|along)\s+(the\s+edges?)\b/giu,
    'wet $2 with the $1 using a finger',
  ],
  [
    'give',
    /\bgive\s+(?:(it(?:\s+all)?|them|everything|the\s+[\p{L} ]{2,30}?)\s+)?(?:a|another|one\s+last|a\s+final|one\s+more)\s+(?:good\s+|quick\s+|gentle\s+)?(stir|mix|toss|shake|whisk|rinse|wash)\b/giu,
    '$2 $1',
  ],
  ['giving', giving('stir'), 'stirring $1'],
  ['giving', giving('shake'), 'shaking $1'],
  ['giving', giving('toss'), 'tossing $1'],
  [' or ', /\b(halve|quarter|slice|dice|chop|mash|grate)\s+or\s+(?:halve|quarter|slice|dice|chop|mash|grate)\b/gi, '$1'],
  // "continue to cook for 5 minutes" goes on with the same; "continue adding the stock" is done again and again
  ['continue', /\bcontinue\s+(?:to\s+)?(cook|simmer|bake|roast|fry|boil|stir|whisk|mix|beat|knead)(?:ing)?\b/gi, '$1'],
  ['continue', /\bcontinue\s+(?:to\s+add|adding)\s+/gi, 'continue with '],
  // "Use oven gloves to take the bowl out"
  [
    'gloves|mitts',
    /(^|[.!?;]\s+)(?:use|wear(?:ing)?|using)\s+(?:your\s+|the\s+)?(?:oven\s+)?(?:gloves|mitts)(?:,\s*|\s+(?:to|and)\s+)/gi,
    '$1Put on oven gloves. Then ',
  ],
  // "Use a fork to mash the banana"
  [
    'use ',
    /(^|[.!?;,]\s+(?:then\s+)?)use\s+((?:an?|the|your|some)?\s*[\p{L} -]{3,40}?)\s+to\s+([^.;]+?)(?=\s+and\s+(?:let|allow|then)\b|,?\s+then\b|[.;]|$)/giu,
    '$1$3 using $2',
  ],
  // "In a big bowl mix the eggs": the place, with no comma behind it
  [
    '',
    /(^|[.!?;]\s+)((?:in|into|on|using|with)\s+(?:an?|the|another|your)\s+(?:[\p{L}-]+\s+){0,3}?(?:bowl|pan|pot|saucepan|skillet|wok|jug|dish|cup|mug|tray|blender|processor|tin|jar|spoon|fork|whisk|knife|mixer))\s+(?=(?:mix|stir|whisk|whip|beat|combine|add|put|heat|warm|melt|cook|fry|soften|brown|toss|mash|blend|boil|bring|simmer|place|pour|crack|sift|crush|cut|chop|slice|fold|cream|rub|spread|make)\b)/giu,
    '$1$2, ',
  ],
  // "add just enough water to make a soft dough": it is worked in
  [
    'dough|paste|batter',
    /\b(add|pour in|tip in|put in)\s+((?:just\s+)?(?:enough\s+|about\s+)?(?:of\s+)?(?:the\s+)?[\p{L}\d ]{3,40}?)\s+to\s+(make|form|give|bind(?:\s+(?:it|everything))?\s+into)\s+(an?\s+(?:[\p{L}-]+,?\s+){0,3}?(?:dough|paste|batter))\b/giu,
    '$1 $2 and mix to make $4',
  ],
  // what is said of a thing behind a dash
  [
    '-|–|—',
    /\s[-–—]\s((?:the|it|they|this|that|these)\b[^.;()]*?\b(?:will|may|might|can|should|makes?|gets?|goes|go|is|are|won't)\b[^.;!()]*?)(?=,?\s+(?:and\s+)?then\b|[.;!]|$)/gi,
    ' ($1)',
  ],
  [
    '-|–|—',
    /\s[-–—]\s((?:an?|some|a few|one|two|most|any)\b[^.;()]*?\b(?:is|are|will|may|might|can|should|works?)\b[^.;!()]*?)(?=,?\s+(?:and\s+)?then\b|[.;!]|$)/gi,
    ' ($1)',
  ],
  ['-|–|—', /\s[-–—]\s((?:don['’]t|do not|never)\b[^.;()!]*?)(?=,?\s+(?:and\s+)?then\b|[.;!]|$)/gi, ' ($1)'],
  [
    'let',
    /\b(?:let|allow|leave)\s+(?:everyone|everybody|people|each (?:person|learner|child))\s+(?:to\s+)?(?:add|choose|help themselves to)\b/gi,
    'add',
  ],
  [
    'let',
    /\b(?:let|allow)\s+(?:everyone|everybody|people|each (?:person|learner|child))\s+(?:to\s+)?(spread|fill|top|roll|put|take|spoon|cut|scatter|decorate|dip)\b/gi,
    '$1',
  ],
  [
    'when|once',
    /(^|[.!?;]\s+)((?:when|once) [^,.;]{4,40}?\b(?:ready|cooked|soft|hot|done|cool|cold|golden|boiling)) (?=(?:cook|add|put|take|drain|stir|pour|turn|remove|serve|cut|mix|tip|spoon|peel|lift)\b)/gi,
    '$1$2, ',
  ],
  // "drain, saving a bit of the water in case you need it"
  ['in case', /,?\s+(?:just\s+)?in\s+case\s+(?:you|it|the\s+\p{L}+|they)\s+(?:need|want|is|are|gets?|seems?)\b[^.;,()]*/giu, ''],
  // "split, butter and eat warm"
  [
    'butter',
    /\b(split|halve|toast|slice)\s+(them|it|the\s+\p{L}+),\s*(?:and\s+)?butter,?(?=\s+and\s+(?:eat|serve|enjoy)\b)/giu,
    '$1 $2, spread them with butter',
  ],
  ['butter', /\b(split|halve|toast|slice),\s*(?:and\s+)?butter,?(?=\s+and\s+(?:eat|serve|enjoy)\b)/giu, '$1 them, spread them with butter'],
  // "set aside 2 tbsp of the cheese. Stir the rest into the bowl"
  [
    'the rest',
    /(\b(?:set aside|put aside|keep(?: back)?|save|reserve|hold back)\s+[^.;]{2,30}?\bof\s+the\s+)(\p{L}+(?:\s+\p{L}+)?)([^.;]{0,30}[.;]\s+[^.;]{0,30}?\bthe rest)(?=\s+(?:in|into|over|to|on)\b)/giu,
    '$1$2$3 of the $2',
  ],
  // "cut 16 squares", of what was baked
  ['cut', /\bcut\s+(?=\d+\s+(?:squares|slices|bars|wedges|pieces|fingers|portions)\b)/gi, 'cut into '],
  // "if it is too thick loosen with a bit more juice"
  [
    'if',
    /(^|[.!?;]\s+)(if\s+(?:it|the\s+\p{L}+|they)(?:\s+is|['’]s|\s+are|\s+looks?|\s+seems?)\s+(?:too\s+|a\s+bit\s+)?\p{L}+)\s+(?=(?:add|loosen|thin|put|give|cook|bake|pour|stir|leave|use)\b)/giu,
    '$1$2, ',
  ],
  // "slice the top off each bun and cut it in half"
  [
    'top',
    /(\b(?:slice|cut)\s+the\s+tops?\s+off\s+[^.;,]+?(?:,\s*|\s+and\s+)(?:then\s+)?cut\s+)(?:it|them|each(?:\s+one)?)\b/giu,
    '$1each top',
  ],
  // "add the tomatoes and half a can of water"
  [
    'of water',
    /\b(add|pour in|tip in|stir in)\s+([^.;]{3,60}?)(?:,\s*|\s+and\s+|,\s+and\s+)half\s+(?:a|the)\s+(can|tin)\s+of\s+water\b/gi,
    '$1 $2. Fill the $3 half full with water and add the water',
  ],
  // "coat in flour, then egg, then crumbs"
  [
    'then',
    /\b(coat|dip|roll|dredge)\s+([^.;,]{2,40}?)\s+in\s+(?:the\s+)?(\p{L}+),\s+then\s+(?!in\b)(?:the\s+)?(\p{L}+),?\s+(?:and\s+)?then\s+(?!in\b)(?:the\s+)?(\p{L}+)(?=\s*[.;]|$)/giu,
    '$1 $2 in the $3, then in the $4, then in the $5',
  ],
  // "while that is going"
  ['while', /\bwhile (?:that|this|it)(?:['’]s| is) (?:going|happening|on|doing|working|in progress),?\s*/gi, 'meanwhile, '],
  ['meantime', /(^|[.!?;]\s+)(?:in the\s+)?meantime,?\s+/gi, '$1meanwhile, '],
  // "add everything except the beans, crumbling in the stock cube"
  ...ALSO.map(([doing, order]): Turn => [
    doing,
    new RegExp(`,\\s+(?:and\\s+)?${doing}\\s+(in|over)\\s+(the\\s+[^.;,]+?)(?=\\s*(?:[.;,]|$|\\s+as\\b))`, 'giu'),
    `. ${order} $1 $2`,
  ]),
  // a teacher's own short words
  ['s+p|s&p|s & p', /\bs\s?[+&]\s?p\b/gi, 'the salt and pepper'],
  ['micro', /(^|[.!?;]\s+|,\s+(?:then\s+)?)micro\s+(?=(?:for\s+)?(?:another\s+)?\d)/gi, '$1microwave '],
  // "swirl a tsp yoghurt in each"
  ['tsp|tbsp', /\b(?:the|a)\s+(tsp|tbsp)\s+(?=(?!of\b|measure|spoon)\p{Ll}{3})/giu, '1 $1 of '],
  ...ASIDES,
];
