// Turns of speech as rows: what a line says in a roundabout way, and the plain words for it.

import { SHAPE_MANY } from '../recipe/shape-nouns';

/** "giving it a good stir" */
const giving = (act: string) =>
  new RegExp(`\\bgiving\\s+((?:it|them|everything|the\\s+[\\p{L} ]{2,20}?))\\s+a\\s+(?:good\\s+|quick\\s+|gentle\\s+)?${act}\\b`, 'giu');

/** "mix the oats in one bowl and the eggs ...": with where they are mixed. */
const ALSO_IN = (place: string) =>
  new RegExp(
    `(^|[.!?;]\\s+)(mix|whisk|beat|stir|combine|mash|crush)\\s+(?!(?:the\\s+)?(?:dry|wet)\\b)([^.;]{3,80}?)\\s+in\\s+(?:one|a|the)\\s+((?:[\\p{L}-]+\\s+)?(?:bowl|jug|mug|cup|dish|pan))\\s*,?\\s+and\\s+([^.;]{3,80}?)\\s+in\\s+${place}`,
    'giu',
  );

// A row: words of which a line must hold one (looked for first, since few lines do), the turn of speech, and the plain words.
export const PLAIN: readonly [string, RegExp, string][] = [
  ['now and', /\bnow and (?:then|again)\b/gi, 'sometimes'],
  ['again and', /\bagain and again\b/gi, 'repeatedly'],
  // "add the cabbage to the tofu along with the ginger": the ginger goes there too
  [
    'with',
    /\b(add|stir|tip|put)\s+([^.;,]{2,40}?)\s+((?:to|into)\s+the\s+(?!(?:\p{L}+\s+)?(?:pan|pot|bowl|wok|skillet|dish|saucepan|casserole|jug|tin|cooker|processor|blender|mixture)\b)[^.;,]{2,30}?),?\s+(?:along|together)\s+with\s+((?:(?!,?\s+(?:and|then)\s+(?:mix|stir|cook|fry|toss|soften|simmer|combine|beat|whisk|season|bring|let|leave|blend)\b)[^.;])+)/giu,
    '$1 $2 and $4 $3',
  ],
  ['round the', /\bround (?=the (?:edges?|outside|sides?) of\b)/gi, 'around '],
  ['rough|ruffle', /\b(rough|ruffle)\s+(?:(?:it|them)\s+up|up(?=\s+(?:with|using)\b))/gi, '$1 up the top'],
  // "adding the beans for the last 4", of 6 minutes
  ['last |final ', /\b(min(?:ute)?s?\b[^.;]{0,60}\bfor the (?:last|final) \d+)(?=\s*[.,;]|$)/gi, '$1 minutes'],
  ['about', /\b(put|place|spoon|drop|dollop)\s+about\s+(?=\d|an?\s+\p{L}*spoon)/giu, '$1 '],
  ['half an hour', /\bhalf an hour before the end\b/gi, '30 minutes before the end'],
  ['lid off', /\b(leave|let|cool|stand|simmer|cook|rest)\b([^.;,]{0,40}?),?\s+with (?:the|its) lid off\b/gi, '$1$2, uncovered'],
  [
    'hold',
    /\bhold\s+(the\s+lid)\s+(down|on)(\s+(?:with|using)\s+an?\s+(?:\p{L}+\s+)?\p{L}+)?\s+and\s+(blend|whizz|blitz|pulse|process)\b/giu,
    '$4, holding $1 $2$3,',
  ],
  // "Boil the kettle and pour the water over": it is boiling
  [
    'kettle',
    /\b(boil\s+(?:the|a)\s+kettle(?:,?\s+(?:and|then|and\s+then)|[.;]\s+(?:then\s+)?(?:carefully\s+)?)\s*pour\s+(?:over\s+)?)(?:the\s+|some\s+|enough\s+)?(?:hot\s+)?water\b/gi,
    '$1the boiling water',
  ],
  // "Too dry? Add a splash of water."
  ['too ', /(^|[.!?]\s+)too\s+(\p{L}+)\?\s+(\p{L}[^.!?]*)(?=[.!?]|$)/giu, '$1Tip: if it is too $2, $3'],
  // an aside between dashes
  ['-|–|—', /\s[-–—]\s((?:your|the|it|they|this|or|if)\b[^-–—.;]{3,60}?)\s[-–—]\s/gi, ' ($1) '],
  [
    'boiling water',
    /\b(drop|put|lower|plunge|tip)\s+(the\s+[^.;,]{3,30}?)\s+(?:in)?to\s+the\s+boiling\s+water((?:,\s+[^.;,]{3,30}\s+at\s+a\s+time,?)?)\s+(?:and\s+(?:cook|boil)\s+)?for\s+(?=\d)/gi,
    '$1 $2 into the pan$3, then boil for ',
  ],
  ['inch|cm', /(\d\s?(?:x|by|×)\s?\d+[- ]?(?:inch(?:es)?|in|cm)?\s+(?:\p{L}+\s+)?)pan\b/giu, '$1baking pan'],
  // "in a large, shallow casserole"
  [
    ',',
    /\b(an?|the|your)\s+((?:large|small|medium|big|deep|wide|shallow|heavy|clean|non-?stick|heatproof|ovenproof))(?:,\s+(?:and\s+)?)(?=(?:large|small|deep|wide|shallow|heavy(?:-\p{L}+)?|lidded|clean|dry|non-?stick|heatproof|ovenproof|flameproof|microwave-?safe)\b)/giu,
    '$1 $2 ',
  ],
  // "put a large pan of salted water on to boil"
  [
    'on to boil',
    /\bput\s+(an?\s+(?:\p{L}+\s+)?(?:pan|pot|saucepan)\s+of\s+)(?:\p{L}+\s+)?water\s+on\s+to\s+boil\b/giu,
    'bring $1water to the boil',
  ],
  ['once boiling', /(^|[.!?;]\s+)once boiling,\s+(\p{Ll})/giu, '$1$2'],
  ['tuck', /(?:,?\s+and\s+|[.]\s+)tuck\s+in(?=\s*[.!]|$)/gi, '. Eat'],
  // "run the cold tap over them"
  [
    'tap|water over',
    /\brun\s+(?:the\s+)?cold\s+(?:tap|water)\s+over\s+(?:it|them)(?=\s*[.,;]|\s+(?:until|for|to)\b|$)/gi,
    'rinse under cold water',
  ],
  // "then lowest heat 10 min"
  [
    'heat',
    /,?\s+then\s+(?:the\s+)?(lowest|low|gentle|medium|high)\s+heat\s+(?:for\s+)?(?=\d)/gi,
    ', then turn the heat to $1, then cook for ',
  ],
  ['and stir', /\b(cook|simmer|fry|heat)\s+and\s+stir\s+(?:for\s+)?(?=\d|until\b)/gi, '$1, stirring, '],
  ['avo', /\bavo\b/gi, 'avocado'],
  ['along', /\balong with\b/gi, 'and'],
  ['followed', /\b((?:dip|coat|roll|dredge)\b[^.;]*?),?\s+(?:and\s+)?followed by\b/gi, '$1, then'],
  ['followed', /,?\s+(?:and\s+)?followed by\b/gi, ' and'],
  // "turn the heat to low for 12 minutes": it goes on cooking
  [
    'heat',
    /\b((?:turn|reduce|lower)\s+(?:down\s+)?the\s+heat(?:\s+(?:right\s+)?down)?(?:\s+to\s+(?:very\s+)?(?:low|medium(?:-low)?|a\s+simmer))?)\s+for\s+(?=\d)/gi,
    '$1, then cook for ',
  ],
  // "take it out 10 minutes before you want to use it"
  [
    'before',
    /,?\s+((?:about\s+)?(?:\d+|an)\s+(?:min(?:ute)?s?|hours?))\s+before\s+(?:you\s+(?:want|need|plan)\s+(?:to\s+\p{L}+\s+)?(?:it|them)|using(?:\s+(?:it|them))?)(?=\s*[.;]|$)/giu,
    ' $1 before it is needed',
  ],
  // what stays behind is not used
  ['behind', /,?\s+leaving\s+((?:any|the)\s+[^.;,]{3,30}?)\s+behind(?:\s+in\s+the\s+\p{L}+)?(?=\s*[.,;]|$)/giu, ' (leave $1 behind)'],
  [
    'throwing|discarding',
    /,\s+(?:throwing|discarding)\s+(?:away\s+)?((?:the|any)\s+(?!seeds)[^.;]+?)(?:\s+away)?(?=\s*[.;]|$)/gi,
    '. Throw away $1',
  ],
  // "get the rice on first: cook it ..."
  ['get ', /(^|[.!?;]\s+)get\s+(?:the|your)\s+(\p{L}+)\s+on(?:\s+first)?\s*:\s+(\p{L}+)\s+it\b/giu, '$1$3 the $2'],
  // "rub it with a finger dipped in water"
  [
    'finger',
    /\bdip\s+(?:a|your)\s+finger\s+in(?:to)?\s+(?:the\s+|some\s+)?(water|egg|milk)\s+and\s+run\s+it\s+(?:a?round|along)\s+(the\s+edges?)\b/giu,
    'wet $2 with the $1 using a finger',
  ],
  [
    'give',
    /\bgive\s+(?:(it(?:\s+all)?|them|everything|the\s+[\p{L} ]{2,30}?)\s+)?(?:a|another)\s+(?:good\s+|quick\s+|gentle\s+)?(stir|mix|toss|shake|whisk|rinse|wash)\b/giu,
    '$2 $1',
  ],
  ['giving', giving('stir'), 'stirring $1'],
  ['giving', giving('shake'), 'shaking $1'],
  ['giving', giving('toss'), 'tossing $1'],
  [' or ', /\b(halve|quarter|slice|dice|chop|mash|grate)\s+or\s+(?:halve|quarter|slice|dice|chop|mash|grate)\b/gi, '$1'],
  // "continue to cook for 5 minutes" goes on with the same; "continue adding the stock" is done again and again
  ['continue', /\bcontinue\s+(?:to\s+)?(cook|simmer|bake|roast|fry|boil|stir|whisk|mix|beat|knead)(?:ing)?\b/gi, '$1'],
  ['continue', /\bcontinue\s+(?:to\s+add|adding)\s+/gi, 'continue with '],
  // "put the flour on a plate and the crumbs on another plate": two things, each in its place
  [
    'another|a second|a third',
    /\b(put|place|tip|pour)\s+([^.;,]{3,50}?)\s+((?:in|on|into|onto)\s+(?:an?|one)\s+[\p{L} -]{3,24}?)\s+and\s+(the\s+[^.;,]{2,40}?)\s+((?:in|on|into|onto)\s+(?:another|a second|a third)\b)/giu,
    '$1 $2 $3. Put $4 $5',
  ],
  // "mix the oats and sugar in one bowl and the eggs and milk in another"
  [
    'another|a second|a separate',
    ALSO_IN('(?:another|a second|a separate)\\s+((?:[\\p{L}-]+\\s+)?(?:bowl|jug|mug|cup|dish|pan))'),
    '$1$2 $3 in a $4. $2 $5 in another $6',
  ],
  ['another|a second|a separate', ALSO_IN('(?:another|a second)(?:\\s+one)?(?=\\s*[.,;]|$)'), '$1$2 $3 in a $4. $2 $5 in another bowl'],
  ['oven on', /(^|[.!?;]\s+)oven on:?\s+(?:at\s+|to\s+)?(?=\d|gas)/gi, '$1heat the oven to '],
  // "rest for 2 minutes with the lid on"
  ['lid on', /\b(leave|stand|rest|let sit|sit)\b([^.;,]{0,40}?),?\s+with (?:the|its|a) lid (?:still )?on\b/gi, 'cover, then $1$2'],
  // "let it stand, covered, for 10 minutes"

  [
    'covered',
    /\b(?:let|leave|allow)\s+(it|them|the\s+\p{L}+)\s+(?:to\s+)?(stand|rest|sit|cool),?\s+(?:loosely\s+)?covered,?/giu,
    'cover, then leave $1 to $2',
  ],
  // "leave for 2 minutes, covered"
  [
    'covered',
    /\b(leave|stand|rest|simmer|cook|bake)\b([^.;,]{0,50}?),?\s+(?:(?:loosely|still)\s+)?covered(?=[.;,]|$),?/gi,
    'cover, then $1$2',
  ],
  // "Use oven gloves to take the bowl out"
  [
    'gloves|mitts',
    /(^|[.!?;]\s+)(?:use|wear(?:ing)?|using)\s+(?:your\s+|the\s+)?(?:oven\s+)?(?:gloves|mitts)(?:,\s*|\s+(?:to|and)\s+)/gi,
    '$1Put on oven gloves. Then ',
  ],
  // "pour over the sauce", where the sauce is what is poured
  [
    'over the',
    /\b(pour|spoon|drizzle|ladle)\s+over\s+(the\s+(?:\p{L}+\s+)?(?:sauce|dressing|tea|coffee|water|hot chocolate|milk|stock|broth|custard|gravy|batter|marinade|glaze|syrup|juices?|cream|oil|vinaigrette|drizzle|icing|topping|jelly|glaze|melted chocolate|(?:egg|milk|cream)\s+mixture|melted butter))(?=\s*[.,;]|\s+and\b|$)/giu,
    '$1 $2 over',
  ],
  // "divide the rice between bowls and spoon over the curry": the curry goes over the rice
  [
    'over the',
    /\b((?:divide|serve|share|spoon|pile|place|put|split|arrange|tip)\b[^.;]*\b(?:rice|couscous|noodles?|pasta|spaghetti|mash|potato(?:es)?|quinoa|polenta|bulgur|bowls?|plates?|dish(?:es)?)\b[^.;]*?(?:,|,?\s+and|,?\s+then|,?\s+and then)\s+)(ladle|spoon|pour)\s+over\s+(the\s+(?:\p{L}+\s+)?(?:stew|curry|chilli|chili|ragu|rag\u00f9|bolognese|casserole|mince|tagine|dal|daal|dhal|soup|goulash|stir-fry|filling|mixture))(?=\s*[.,;]|\s+and\b|$)/giu,
    '$1$2 $3 over',
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
    /(^|[.!?;]\s+)((?:in|into|on|using|with)\s+(?:an?|the|another|your)\s+(?:[\p{L}-]+\s+){0,3}?(?:bowl|pan|pot|saucepan|skillet|wok|jug|dish|cup|mug|tray|blender|processor|tin|jar|spoon|fork|whisk|knife|mixer))\s+(?=(?:mix|stir|whisk|beat|combine|add|put|heat|melt|cook|fry|toss|mash|blend|boil|place|pour|cut|chop|slice|fold|cream|rub|spread)\b)/giu,
    '$1$2, ',
  ],
  // "return to the oven for 10 minutes"
  [
    'oven',
    /\b(?:return|put)\b(?:\s+(?:it|them|the\s+\p{L}+))?(?:\s+back)?\s+(?:to|in|into)\s+(?:the\s+)?oven\s+(?:and\s+(?:bake|cook|roast)\s+)?(?=for\b|until\b|\d)/giu,
    'bake ',
  ],
  ['grill', /\breturn\b(?:\s+(?:it|them|the\s+\p{L}+))?\s+to the grill\s+(?=for\b|until\b|\d)/giu, 'grill '],
  [
    'rack',
    /\b((?:transfer|move|turn out|remove|place|put|(?:transferr|mov|turn|remov|plac|putt)ing(?: out)?)\b[^.;]*?\brack)\s+to\s+cool\b/gi,
    '$1. Cool',
  ],
  // what is said of a thing behind a dash
  [
    '-|–|—',
    /\s[-–—]\s((?:the|it|they|this|that|these)\b[^.;()]*?\b(?:will|may|might|can|should|makes?|is|are|won't)\b[^.;!()]*)(?=[.;!]|$)/gi,
    ' ($1)',
  ],
  ['-|–|—', /\s[-–—]\s((?:don['’]t|do not|never)\b[^.;()!]*)(?=[.;!]|$)/gi, ' ($1)'],
  ['lid', /(^|[.!?;]\s+)lid on\b(?: tight(?:ly)?)?/gi, '$1Put the lid on'],
  ['lid', /(\blid\b[^.!?]*[.!?]\s+hold )it\b/gi, '$1the lid'],
  ['keep', /(^|[.!?;]\s+)keep (?:watching|an eye)\b/gi, '$1Watch'],
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
  // "put the pasta in a pan of boiling water": the water boils first
  [
    'boiling',
    /(^|[.!?;]\s+)(put|add|drop|lower|tip|place|plunge)\s+([^.;]{3,60}?)\s+(?:in|into|to)\s+(an?\s+(?:[\p{L}-]+\s+){0,2}?(?:pan|pot|saucepan))\s+of\s+(?:(?:salted|lightly|gently|fast|rapidly)\s+)*boiling\s+(?:salted\s+)?water\b/giu,
    '$1bring $4 of water to the boil. $2 $3 into the pan',
  ],
  // "for the last 5 minutes of cooking, add the broccoli"
  [
    'last |final |before the end',
    /(^|[.!?;]\s+)((?:(?:for|in)\s+the\s+(?:last|final)\s+\d+\s*min\p{L}*|\d+\s*min\p{L}*\s+before\s+the\s+end)(?:\s+of\s+(?:the\s+)?(?:cooking\s+time|cooking|time))?),?\s+((?:add|put|stir|tip|drop|throw|lower|cover|uncover|take)\b[^.;]*)/giu,
    '$1$3 $2',
  ],
  ['out ', /\b(scoop|spoon|take|cut|dig)\s+out\s+(?=(?:flesh|seeds?|pits?|stones?|cores?|pulp|insides?)\b)/gi, '$1 out the '],
  // "place, rounded side up, on a grill pan"
  [
    'side up|side down|sides up|sides down',
    /\b(place|put|lay|arrange|set|sit)\s*,\s*((?:[\p{L}-]+\s+)?sides?\s+(?:up|down))\s*,\s*((?:on|in|onto|into)\s+[^.;,]+)/giu,
    '$1 them $3, $2',
  ],
  // "add half of sweetcorn"
  [
    ' of ',
    /\b(half|most|the rest|some|two[- ]thirds|three[- ]quarters) of (?!the\b|an?\b|it\b|them\b|th(?:is|at|ese|ose)\b|your\b|each\b|one\b|both\b|all\b)(?=\p{Ll})/giu,
    '$1 of the ',
  ],
  [
    'foil|edge|packet|parcel',
    /\b(fold|crimp|seal|open|unwrap|place|put|lay) (?=(?:foil (?:over|up|in|round|around)|edges?|packets?|parcels?)\b)/gi,
    '$1 the ',
  ],
  ['mixture|batter|dough', /\b(divide|pour|spoon|press|spread|transfer|roll|shape|form|knead) (?=(?:mixture|batter|dough)\b)/gi, '$1 the '],
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
  // "brush tops with milk"
  ['top', /\b(brush|level|smooth|sprinkle|dust)\s+(?=tops?\b)/gi, '$1 the '],
  ['over top|over edge', /\bover (?=(?:tops|edges)\b)/gi, 'over the '],
  ['stir all the time', /\bstir all the time\b/gi, 'stir constantly'],
  ['drain ', /\bdrain (?=(?:fat|grease|water|liquid|juices?|oil)\b)/gi, 'drain the '],
  ['each ', /\b(shape|form|roll) each(?=\s+into\s+an?\b)/gi, '$1 each piece'],
  // "cut each in half": each one
  [
    'each ',
    /\b(cut|wrap|slice|divide|fold|thread|halve|quarter|flatten|dip|coat|brush) each(?=\s+(?:in|into|with|on|onto|up|out)\b)/gi,
    '$1 each one',
  ],
  ['stir fry|stir frying', /\bstir fry(?=\b|ing\b)/gi, 'stir-fry'],
  // "cut the courgette into slices and the onion into wedges"
  [
    'into',
    /\b(cut|slice|chop)\s+((?:the|\d[\d./]*)\s+[^.;,]{2,30}?\s+(?:(?:in)?to\s+[^.;,]{3,30}?|in (?:half|halves|quarters|thirds)))\s*(?:,|,?\s+and)\s+((?:the|\d[\d./]*)\s+[^.;,]{2,30}?\s+(?:in)?to\s+(?!the\b)[^.;,]{3,30}?)(?=\s*[.,;]|\s+and\b|$)/gi,
    '$1 $2. $1 $3',
  ],
  // "cook the rice: rinse it in a sieve ...": what stands before the colon only says what is coming
  [
    ': ',
    /(^|[.!?;,]\s+)(?:first\s+)?(?:cook|prepare|make|do|boil|roast|toast|dress|fry|press|dry|drain|cool|soften|rinse|chop|cut)\s+((?:the|your)\s+\p{L}+(?:\s\p{L}+)?):\s+(\p{L}+)\s+(?:it|them)\b/giu,
    '$1$3 $2',
  ],
  // "when cooled decorate with the icing"
  [
    'when|once',
    /(^|[.!?;]\s+)((?:when|once) (?:(?:completely|fully|quite) )?(?:cooled|cold|cool|ready|done|golden|set|hot|cooked|soft|baked)) (?!enough\b|and\b|or\b|to\b)(?=\p{L})/giu,
    '$1$2, ',
  ],
  // "the flour in a second dish and the egg in a third"
  [' a third', /\b((?:in|into|on|onto)\s+a third)(?=\s*[.,;]|$)/gi, '$1 bowl'],
  // "get a large pan of water boiling"
  [
    'boiling',
    /(^|[.!?;]\s+)get\s+((?:an?|the|your)\s+(?:\p{L}+\s+)?(?:pan|pot|saucepan)\s+of\s+(?:\p{L}+\s+)?water)\s+boiling\b/giu,
    '$1bring $2 to the boil',
  ],
  // "pour over enough water to cover them"
  ['water', /\bpour\s+over\s+(?:enough\s+)?((?:cold\s+)?water)\s+to\s+cover(?:\s+(?:it|them|the\s+\p{L}+))?/giu, 'cover with $1'],
  // "simmer, lid on, for 15 minutes"
  ['lid on', /\b(simmer|cook|bubble|boil|steam)\b([^.;,]{0,40}?),\s+(?:with )?(?:the )?lid on,?/gi, 'cover, then $1$2'],
  // "reduce to a simmer and cook, partly covered, 15 minutes"
  [
    'simmer and',
    /\b(?:reduce|lower|turn)(?:\s+(?:the\s+)?heat)?(?:\s+down)?\s+to\s+a\s+(?:\p{L}+\s+)?simmer,?\s+and\s+(?:let\s+(?:it\s+)?)?(?:cook|simmer|bubble)\b/giu,
    'reduce the heat. Then simmer',
  ],
  // "simmer, partly covered, for 20 minutes"
  [
    'covered',
    /\b(simmer|cook|bubble|boil)\b([^.;,]{0,40}?),\s+(?:partly|partially|half|part)[- ]covered\b,?/gi,
    'cover with the lid, leaving a gap, then $1$2',
  ],
  // "use it to line a flan tin"
  [
    'line',
    /\buse\s+(it|them|the\s+(?:\p{L}+\s+)?(?:pastry|dough))\s+to\s+line\s+((?:an?|the|your)\s+[^.;,]{3,40}?)(?=\s*[.;,]|\s+and\b|$)/giu,
    'lay $1 in $2',
  ],
  ['line', /\bline\s+((?:an?|the|your)\s+[^.;,]{3,40}?)\s+with\s+(the\s+(?:\p{L}+\s+)?(?:pastry|dough))\b/giu, 'lay $2 in $1'],
  // "half cover with a lid"
  [
    'cover',
    /(?:,?\s+(?:and\s+)?)?\b(?:half|partly|partially|part)[- ]?cover\b(\s+(?:it|the\s+\p{L}+))?(?:\s+with\s+(?:a|the|its)\s+lid)?/giu,
    '. Cover$1 with the lid, leaving a gap. Then',
  ],
  // "spoon or pipe onto the custard": the first will do
  [
    ' or ',
    /\b(spoon|pour|spread|scoop|mix|stir|shake|toss|fold|crush|whisk|beat|roll|pat|cut|tear|fry|bake|grill|boil|steam|pipe|drizzle|sprinkle|scatter|blend|mash)\s+or\s+(?:pipe|spoon|spread|pour|whizz|blend|mix|stir|shake|toss|fold|crush|whisk|beat|roll|pat|press|cut|tear|grill|fry|bake|microwave|steam|boil|drizzle|sprinkle|scatter|squash|bash|snip|slice)(?=\s+(?:it|them|the|an?|in|into|on|onto|over|with|together|up|until|out|some|each)\b)/gi,
    '$1',
  ],
  ['air fry', /\bair fry(?=\b|ing\b)/gi, 'air-fry'],
  ['enough', /\s+(?:just\s+)?(?:big|large) enough (?:to|for) [^.;,]+/gi, ''],
  ['return', /\b(return\b[^.;]*?\bto the (?:pan|pot|wok|skillet))\s+to\s+(?:warm|heat)(?: through)?\b/gi, '$1. Heat through'],
  ['covered', /\b(microwave|cook|simmer|bake|roast)\s*,\s*covered\s*,?\s+/gi, 'cover, then $1 '],
  ['side', /(\d+)\s*(min(?:ute)?s?)\s*\/\s*side\b/gi, '$1 $2 each side'],
  ['blender', /\buse\s+((?:an?|the|your)\s+(?:(?:stick|hand|immersion|handheld)\s+)?blender)\b(?!\s+to\b)/gi, 'blend with $1'],
  ['fridge|refrigerator', /(^|[.!?;]\s+)(?:fridge|refrigerator)\s+(?=for\b|until\b|over|up to\b)/gi, '$1Chill '],
  ['freezer', /(^|[.!?;]\s+)freezer\s+(?=for\b|until\b|over)/gi, '$1Freeze '],
  // "Off the heat, grate in the parmesan"
  ['off ', /(^|[.!?;]\s+)off (?:the )?heat,\s+/gi, '$1Take off the heat. Then '],
  ['back in', /(^|[.!?;]\s+)back in(?:to)? the oven\s+(?=for\b|until\b|\d)/gi, '$1Bake '],
  ['&', /\s&\s/g, ' and '],
  ['mixing', /,\s+mixing\s+(?=with\b|until\b)/gi, '. Mix '],
  ['after', /(^|[.!?;]\s+)(after (?:about |another )?\d+ ?(?:minutes?|mins?|hours?))\s+(?=\p{L})/giu, '$1$2, '],
  ['wet', /\bwet ingredients into (?:the )?dry\b(?! ingredients)/gi, 'wet ingredients into the dry ingredients'],
  // "the other tbsp oil", of two
  [
    'other |second |last |remaining ',
    /\b(?:the\s+)?(?:(?:other|last|second)\s+|remaining\s+(?=\d))(?:\d[\d./]*\s*)?(?:tbsp?|tbs|tsp|tablespoons?(?:ful)?|teaspoons?(?:ful)?|cups?|m[lL]|g|oz)\.?\s+(?:of\s+)?(?:the\s+)?(?=\p{L})/giu,
    'the rest of the ',
  ],
  ['w/', /\bw\/\s*(?=\p{L})/giu, 'with '],
  // "split and butter while still warm"
  [
    'and butter',
    /\b(split|halve|slice|toast|open|cut)((?:\s+(?:them|it|the\s+\p{L}+))?)\s+and\s+butter\b(?!\s+(?:the|a|some|over|into|in)\b)/giu,
    '$1$2, then spread with butter',
  ],
  // "fill the liners 3/4 full"
  [
    'fill',
    /\bfill\s+((?:(?:the|each|your|\d+)\s+)?(?:prepared\s+|muffin\s+|paper\s+|cupcake\s+)*(?:liners?|cases?|cups?|holes?|moulds?|molds?))\s+(?:until\s+)?((?:about\s+|roughly\s+)?(?:\S+|two[- ]thirds|three[- ]quarters)\s+full)\b/giu,
    'spoon the mixture into $1 until $2',
  ],
  // "grate the cheese and stir in three quarters of it"
  [
    'of it|of them',
    /\b(\p{L}+)\s+(the\s+\p{L}+(?:\s\p{L}+)?)\s+and\s+((?:stir|mix|fold|add|scatter|sprinkle|pour|tip|spoon|put|beat|whisk)(?:\s+(?:in|over|on))?)\s+((?:about\s+)?(?:half|most|some|two[- ]thirds|three[- ]quarters|an?\s+(?:third|quarter)))\s+of\s+(?:it|them)\b/giu,
    '$1 $2, then $3 $4 of $2',
  ],
  // "2 in. apart", "1/2-in. slices", "1/4 in. thick"
  ['in.', /(\d)-in\.(?=\s+\p{Ll})/gu, '$1-inch'],
  ['in.', /(\b1|\d\/\d|[½¼¾⅓])\s?in\.(?=\s+\p{Ll})/gu, '$1 inch'],
  ['in.', /(\d)\s?in\.(?=\s+\p{Ll})/gu, '$1 inches'],
  ['til', /(?:\bor )?(?<!\p{L})['’‘]?til\b(?!l)/giu, 'until'],
  ['seasoning', /,\s+seasoning\s+/gi, '. Season '],
  // "Take each strip and twist it"
  ['take', /\btake (each|one|a) (\p{L}+(?: of \p{L}+)?) and (\p{L}+) (?:it|each)\b/giu, '$3 $1 $2'],
  // an aside between dashes
  ['-|–|—', /\s[-–—]\s((?:be careful|careful|watch|mind|take care)\b[^-–—.]*?)\s[-–—]\s/gi, ' ($1) '],
  ['-|–|—', /\s[-–—]\s(?=(?:be careful|careful|watch out|mind|take care)\b)/gi, '; '],
  [
    'back',
    /\bput\s+(?:it|them|the\s+\p{L}+)\s+(?:straight\s+|right\s+)?back\s+(?:in|into)(?:\s+the\s+oven)?\s+and\s+(cook|bake|roast)\b/giu,
    '$1',
  ],
  [
    'ingredients',
    /\b(dry|wet)\s+ingredients\s+in\s+(?:one|a)\s+bowl\s+and\s+(?:the\s+)?(wet|dry)(?:\s+ingredients)?\s+in\s+(?:another|a second)(?:\s+bowl)?/gi,
    '$1 ingredients in a bowl. Mix the $2 ingredients in another bowl',
  ],
  // "pour wet into dry"
  [
    'dry',
    /\b(?:the\s+)?(wet|dry)\s+(?:mix(?:ture)?\s+)?into\s+(?:the\s+)?(wet|dry)\b(?!\s+ingredients)/gi,
    'the $1 ingredients into the $2 ingredients',
  ],
  [
    'let|leave|allow',
    /\b(?:let|leave|allow)\s+(?:(?:it|them|everything|the\s+\p{L}+(?:\s+\p{L}+)?)\s+)?(?:to\s+)?(bubble|simmer|boil)(?:\s+away)?\b/giu,
    '$1',
  ],
  // "pop under a hot grill for 3 minutes"
  [
    'grill|broiler',
    /\b(?:pop|slide|stick|flash|put|place|return|set|brown)(\s+(?:it|them|the\s+[\p{L}-]+(?:\s+[\p{L}-]+)?))?\s+(?:back\s+)?under\s+(?:a|the)\s+(?:(?:very\s+)?hot\s+|preheated\s+|medium\s+|high\s+)*(?:grill|broiler)(?=\s+(?:for|until)\b)/giu,
    'grill$1',
  ],
  // what is said of a thing in passing
  [' be', /,\s+((?:it|they|the\s+\p{L}+)\s+(?:will|may|might|can)\s+be\b)/giu, '; $1'],
  ['oven', /(^|[.!?;]\s+)oven:?\s+(?:on\s+)?(?:(?:at|to)\s+)?(?=\d)/gi, '$1heat the oven to '],
  ['get ', /^get (?:the|your) (oven|grill)\b(?:\s+nice and)?\s+hot\b/i, 'heat the $1'],
  ['fill', /\bhalf[- ]fill\s+([^.;,]{3,40}?)\s+with\b/gi, 'fill $1 half full with'],
  ['fill', /\bhalf[- ]fill\b/gi, 'fill'],
  ['till', /\btill\b/gi, 'until'],
  // "with a hand blender or in a blender": the first will do
  [
    ' or ',
    /\b(with\s+an?\s+[\p{L}-]+(?:\s+[\p{L}-]+)?)\s+or\s+(?:in|with|using)\s+an?\s+[\p{L}-]+(?:\s+(?!until\b|for\b)[\p{L}-]+)?(?=\s+(?:until|for)\b|\s*[.,;]|$)/giu,
    '$1',
  ],
  // "bring the water to the boil. Add the pasta and set a timer for 10 minutes": it cooks so long
  [
    'timer',
    /\b((?:boil|simmer)\w*\b(?:(?!\b(?:oven|microwave|fridge|freezer|grill|fryer|toaster|kettle|bowl|jug|mug|lid|cover|leave|soak|stand)\b)[^;]){1,160}?)\s+and\s+set\s+(?:a|the|your)\s+timer\s+(?:for|to)\s+(?=\d)/gi,
    '$1 and cook for ',
  ],
  // "get a frying pan nice and hot"
  [
    'get ',
    /(^|[.!?;,]\s+)get\s+((?:an?|the|your)\s+(?:[\p{L}-]+\s+){0,2}?(?:pan|wok|skillet|griddle))\s+(?:(?:nice and|really|very|good and)\s+)*hot\b/giu,
    '$1heat $2',
  ],
  // "add the garlic and give it another minute"
  [
    'give',
    /\bgive\s+(?:it|them|everything)\s+((?:(?:about|another|a\s+further|an\s+extra)\s+)*(?:\d+(?:\s*(?:-|–|to)\s*\d+)?\s+|a\s+|a\s+couple\s+of\s+)?(?:more\s+)?(?:min(?:ute)?s?|sec(?:ond)?s?)\b)/gi,
    'cook for $1',
  ],
  ['roll', /\bre-?roll\s+((?:the|any|your)\s+[\p{L} ]{3,24}?)(?=\s*[.,;]|\s+and\b|$)/giu, 'roll out $1 again'],
  ['re-cover|recover', /\bre-?cover\b/gi, 'cover'],
  // "leave for 10 minutes while you slice the pepper"
  [
    'while you',
    /([^.;!?,\s]),?\s+while\s+you\s+(?:wait,?\s+)?(?!\w+\s+(?:the\s+)?(?:rest|others?|remaining)\b)(?=(?:slice|chop|peel|grate|make|mix|prepare|cut|wash|cook|dice|measure|weigh|get|lay|mash|whisk|beat|boil|fry|toast|warm|drain|rinse|clean|crush|shred|open)\s+(?:the|your|a|an|some|up|any)\b)/gi,
    '$1. Meanwhile, ',
  ],
  // "slice the chicken and pop in a bowl with the soy"
  [
    'pop|bung|chuck|whack|stick|dump|throw',
    /(^|[.!?;,]\s+|\band\s+|\bthen\s+)(?:pop|bung|chuck|whack|stick|dump|throw)\s+(?=(?:in|into|on|onto)\s+(?:an?|the|another)\s)/gi,
    '$1put ',
  ],
  // "fill the tin with water, swirl it round and add that too"
  [
    'with water',
    /\b((?:fill|rinse|swill)(?:\s+out)?\s+[^.;,]{3,40}?\s+with\s+water)\s*,?\s+(?:(?:swirl|swill|swish|rinse)\s+(?:it|the\s+water)\s+(?:a?round|out|about)\s+)?(and|then|and\s+then)\s+(add|pour|tip|stir)\s+(?:that|this|it)(\s+in)?(?:\s+(?:too|as\s+well|also))?(?=\s*[.,;]|$|\s+(?:to|into)\b)/gi,
    '$1 $2 $3 the water$4',
  ],
  // "throw in the peas for another minute": they go in, and all cooks so long
  [
    'another|a further|an extra',
    /\b((?:add|throw|toss|tip|drop|put|stir)(?:\s+in)?)\s+((?:(?!\b(?:and\s+\p{L}+\s+for|back|oven|microwave|grill|fridge|freezer|heat)\b)[^.;,]){3,50}?)\s+for\s+((?:another|a\s+further|an\s+extra)\s+(?:\d+(?:\s*(?:-|to)\s*\d+)?\s+|couple\s+of\s+)?min(?:ute)?s?)\b/giu,
    '$1 $2, then cook for $3',
  ],
];
