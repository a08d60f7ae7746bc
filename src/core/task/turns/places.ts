// Turns of speech about where things go and what goes together: "put the flour on a plate and the crumbs on another".
import type { Turn } from './turn';

/** "mix the oats in one bowl and the eggs ...": with where they are mixed. */
const ALSO_IN = (place: string) =>
  new RegExp(
    `(^|[.!?;]\\s+)(mix|whisk|beat|stir|combine|mash|crush)\\s+(?!(?:the\\s+)?(?:dry|wet)\\b)([^.;]{3,80}?)\\s+in\\s+(?:one|a|the)\\s+((?:[\\p{L}-]+\\s+)?(?:bowl|jug|mug|cup|dish|pan))\\s*,?\\s+and\\s+([^.;]{3,80}?)\\s+in\\s+${place}`,
    'giu',
  );

/** "Put it on a plate with something heavy on top". */
const WEIGHT =
  /,?\s+with\s+(something\s+heavy|(?:an?|some|two|a few)\s+(?:heavy\s+|full\s+)*(?:\p{L}+\s+)?(?:weights?|pans?|books?|tins?|cans?))\s+(?:set\s+|balanced\s+)?on\s+top(?:\s+of\s+it)?(?=\s*[.;,]|\s+and\b|$)/giu;

/** What is poured, and seldom poured over. */
const LIQUID =
  '(?:\\p{L}+\\s+)?(?:sauce|dressing|tea|coffee|water|hot chocolate|milk|stock|broth|custard|gravy|batter|marinade|glaze|syrup|juices?|cream|oil|vinaigrette|drizzle|icing|topping|jelly|glaze|melted chocolate|(?:egg|milk|cream)\\s+mixture|melted butter)';
const RUNS_OVER = new RegExp(
  `\\b(pour|spoon|drizzle|ladle)\\s+over\\s+((?:the\\s+)?${LIQUID}(?:,?\\s+and\\s+(?:the\\s+)?${LIQUID})?)(?=\\s*[.,;]|\\s+and\\b|\\s+\\p{L}+ly\\b|$)`,
  'giu',
);

/** "Add the apples along with any dressing left in the bowl": it is no bowl that they go to. */
const LEFT_THERE =
  /\b((?:(?:along|together)\s+)?with|and|plus)\s+((?:any|the|all the)\s+(?:\p{L}+\s+)?\p{L}+)\s+(?:left(?:\s?over)?|remaining)\s+in\s+(?:the|your|its)\s+\p{L}+(?=\s*[.,;]|\s+and\b|$)/giu;

const TIPS = 'pour|drizzle|spoon|scrape|tip|brush|trickle';
const REST_THERE = `((?:any|all\\s+the|the)\\s+(?:\\p{L}+\\s+){0,2}?\\p{L}+)\\s+(?:(?:left|remaining)(?:\\s?over|\\s+behind)?)\\s+in\\s+((?:the|your)\\s+(?:\\p{L}+\\s+)?(?:bowl|dish|jug|pan|pot|tin|tray|plate|bag|jar|saucepan))`;

export const PLACES: readonly Turn[] = [
  // "squeeze over the lemon juice"
  [
    'squeeze over',
    /\bsqueeze\s+over\s+((?:the|some)\s+(?:juice(?:\s+of\s+[^.;,]{3,24}?)?|(?:\p{L}+\s+){1,2}juice|remaining\s+\p{L}+|lemon|lime|orange))(?=\s*[.,;]|\s+and\b|$)/giu,
    'squeeze $1 over it',
  ],
  // "bring up the sides of the paper and fold over the top"
  [
    'fold over',
    /\b(of the )(paper|foil|parchment)\b([^.;]*?\band\s+)fold\s+(?:it\s+|them\s+)?over(?=\s+the\s+top\b|\s*[.,;])/gi,
    '$1$2$3fold the $2 over',
  ],
  ['2nd|1st', /\b(in|into|on|onto|to)\s+(?:the\s+|a\s+)?2nd\s+(?=\p{L})/giu, '$1 a second '],
  // "boil the kettle (adult), the spaghetti into a second pan"
  [
    'into|onto',
    /(^|[.;]\s+|\),\s+)((?:(?<=\),\s+)|the\s+)\p{L}+(?:\s+\p{L}+)?)\s+(into|onto)\s+((?:a|the|another|your|2nd|second|separate)\s+(?:\p{L}+\s+){0,2}(?:pan|pot|bowl|dish|tray|tin|plate|jug|saucepan))\b/giu,
    '$1put $2 $3 $4',
  ],
  ['on top', WEIGHT, '. Put $1 on top'],
  // "brown in batches, transferring them to a plate as they are done"
  [
    'transferring|removing|setting',
    /,?\s+(?:transferring|removing|moving|setting)\s+(it|them|each(?:\s+\p{L}+)?|the\s+\p{L}+)\s+(?:aside\s+)?(?:on|to|onto|on\s+to)\s+((?:a|the)\s+(?:\p{L}+\s+)?(?:plate|dish|bowl|tray|board))(?:\s+(?:as|when|once)\s+(?:they|you|it|each)\b[^.;,]{0,30})?/giu,
    '. Lift $1 onto $2',
  ],
  // "put straight on the oven shelf": in, and no switch
  [
    'shelf|rack',
    /\b(put|place|pop|lay|slide|sit|set|arrange)\s+((?:it|them|(?:the|your|each)\s+[\p{L} ]{2,24}?)\s+)?(?:directly\s+|straight\s+|right\s+)?on(?:to)?\s+(?:the|a)\s+(?:(?:oven|middle|top|cent(?:re|er)|bottom|lower|upper)\s+)+(?:shelf|rack)\b(?:\s+(?:of|in)\s+(?:the|your)\s+oven)?(?!\s+(?:of|in)\s+(?:the|your)\s+fridge)/giu,
    'place $2in the oven on the shelf',
  ],
  // "put it on a plate and into the microwave"
  [
    'microwave|oven|fridge|freezer',
    /\b(put|place|pop|lay)\s+((?:it|them|the\s+[\p{L} ]{2,24}?)\s+on(?:to)?\s+(?:a|the)\s+(?:\p{L}+\s+)?\p{L}+)\s+and\s+(?:then\s+)?(in|into)\s+(the\s+(?:microwave|oven|fridge|freezer))\b/giu,
    '$1 $2, then put $3 $4',
  ],
  [
    ' out',
    /\bget\s+(it|them|the\s+(?:\p{L}+\s+)?(?:tray|tin|dish|plate|bowl|pan))\s+out(?=\s*[.,;]|\s+(?:and|of|with|using)\b)/giu,
    'take $1 out',
  ],
  // "shake the dressing ingredients together in a jar with the lid on tight"
  [
    'shake',
    /\bshake\s+(?:together\s+|up\s+)?((?:(?!\bin\b)[^.;])+?)(?:\s+(?:together|up))?\s+in\s+(an?|the)\s+((?:\p{L}+\s+){0,2}?(?:jar|tub|pot|box|bottle|container))\s+with\s+(?:the|an?|its)\s+(?:(?:tight|well)[- ]fitting\s+)?lid(?:\s+(?:screwed|firmly|securely|tightly|tight|on|closed|shut))*/giu,
    'put $1 in $2 $3, put the lid on and shake',
  ],
  // "pour over anything left in the bowl", "drizzle any oil left in the dish over the fish": it comes from there, and goes elsewhere
  [
    'left|remaining',
    /\b(?:anything|everything|what(?:ever)?(?:'s|\s+is|\s+was)?)(?:\s+that\s+is)?\s+(?=(?:left|remaining)\b[^.;,]{0,12}\bin\s+(?:the|your)\s)/gi,
    'the rest ',
  ],
  [
    'left|remaining',
    new RegExp(`\\b(${TIPS})\\s+(?:over|with)\\s+${REST_THERE}(?=\\s*[.,;]|\\s+and\\b|$)`, 'giu'),
    '$1 $2 from $3 over the top',
  ],
  ['left|remaining', new RegExp(`\\b(${TIPS})\\s+${REST_THERE}\\s+(?=(?:all\\s+)?(?:over|on|onto|into)\\b)`, 'giu'), '$1 $2 from $3 '],
  ['lid', /\b(?:clamp|jam|slap|bang|fit|press|pop)\s+on\s+(?=(?:the|a|its)\s+(?:\p{L}+\s+)?lid\b)/giu, 'put on '],
  // "space them out on the tray": they go there, one apart from the other
  [
    'space',
    /\bspace\s+(it|them|the\s+[\p{L} ]{2,24}?)\s+(?:well\s+|evenly\s+)?(?:out|apart)\s+((?:on|over|in)(?:to)?\s+(?:the|a|an|your)\s+[^.;,]{3,40}?)(?=\s*[.,;]|\s+and\b|$)/giu,
    'put $1 $2, well apart',
  ],
  ['space', /\bspace\s+(it|them|the\s+[\p{L} ]{2,24}?)\s+(?:well\s+|evenly\s+)?(?:out|apart)\b/giu, 'spread $1 out'],
  // "add the cabbage to the tofu along with the ginger": the ginger goes there too
  [
    'with',
    /\b(add|stir|tip|put)\s+([^.;,]{2,40}?)\s+((?:to|into)\s+the\s+(?!(?:\p{L}+\s+)?(?:pan|pot|bowl|wok|skillet|dish|saucepan|casserole|jug|tin|cooker|processor|blender|mixture)\b)[^.;,]{2,30}?),?\s+(?:along|together)\s+with\s+((?:(?!,?\s+(?:and|then)\s+(?:mix|stir|cook|fry|toss|soften|simmer|combine|beat|whisk|season|bring|let|leave|blend)\b)[^.;])+)/giu,
    '$1 $2 and $4 $3',
  ],
  ['round the', /\bround (?=the (?:edges?|outside|sides?) of\b)/gi, 'around '],
  ['rough|ruffle', /\b(rough|ruffle)\s+(?:(?:it|them)\s+up|up(?=\s+(?:with|using)\b))/gi, '$1 up the top'],
  [
    'hold',
    /\bhold\s+(the\s+lid)\s+(down|on)(\s+(?:with|using)\s+an?\s+(?:\p{L}+\s+)?\p{L}+)?\s+and\s+(blend|whizz|blitz|pulse|process)\b/giu,
    '$4, holding $1 $2$3,',
  ],
  ['left|remaining|leftover', LEFT_THERE, '$1 $2 left'],
  // "use an 8cm round cutter to stamp out 12 circles"
  [
    'cutter',
    /\buse\s+((?:an?|the|your)\s+(?:[\p{L}\d.]+[ -]){0,4}?cutter)\s+to\s+(?:stamp|cut|press)\s+out\s+([^.;,]+)/giu,
    'cut out $2 with $1',
  ],
  // "then with wet hands shape into 8 cakes"
  [
    'hands',
    /,?\s+(?:and|then)\s+with\s+((?:\p{L}+\s+){0,2}hands),?\s+(shape|form|roll|press|pat|divide|squeeze|mix)\b([^.;,]*)/giu,
    ', then $2$3 with $1',
  ],
  ['all over', /\b(brush|rub|coat|spray|glaze|dust) all over with\b/gi, '$1 with'],
  // "spoon a little jam on each bun, followed by a teaspoon of cream"
  [
    'followed by',
    /\b(spoon|put|pour|spread|drizzle|scatter|sprinkle|dollop)\s+([^.;,]{3,40}?)\s+(on|onto|over|into)\s+([^.;,]{3,24}?),?\s+followed by\s+([^.;,]{3,40}?)(?=\s*[.;,]|\s+and\b|$)/giu,
    '$1 $2 $3 $4, then put $5 $3 $4',
  ],
  // "sprinkle it over, followed by the raisins"
  [
    'followed by',
    /\b(spoon|put|pour|spread|drizzle|scatter|sprinkle|dollop|add|tip|stir)((?:\s+(?:it|this|them|that))?)\s+(over|on top|on|in),?\s+(?:and\s+)?followed by\s+([^.;,]{3,40}?)(?=\s*[.;,]|$)/giu,
    '$1$2 $3. $1 $4 $3',
  ],
  ['followed', /\b((?:dip|coat|roll|dredge)\b[^.;]*?),?\s+(?:and\s+)?followed by\b/gi, '$1, then'],
  ['followed', /,?\s+(?:and\s+)?followed by\b/gi, ' and'],
  // what stays behind is not used
  ['behind', /,?\s+leaving\s+((?:any|the)\s+[^.;,]{3,30}?)\s+behind(?:\s+in\s+the\s+\p{L}+)?(?=\s*[.,;]|$)/giu, ' (leave $1 behind)'],
  [
    'throwing|discarding',
    /,\s+(?:throwing|discarding)\s+(?:away\s+)?((?:the|any)\s+(?!seeds)[^.;]+?)(?:\s+away)?(?=\s*[.;]|$)/gi,
    '. Throw away $1',
  ],
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
  // "pour over the sauce", where the sauce is what is poured
  ['over ', RUNS_OVER, '$1 $2 over'],
  // "spoon the polenta into bowls, ladle over the stew"
  [
    'over the',
    /\b(ladle|spoon)\s+over\s+(the\s+(?:\p{L}+\s+)?(?:stew|curry|chilli|ragu|ragù|bolognese|ratatouille|casserole|goulash|tagine|dal|dhal|mince|beans|compote))(?=\s*[.,;]|\s+and\b|$)/giu,
    '$1 $2 over',
  ],
  // "divide the rice between bowls and spoon over the curry": the curry goes over the rice
  [
    'over the',
    /\b((?:divide|serve|share|spoon|pile|place|put|split|arrange|tip)\b[^.;]*\b(?:rice|couscous|noodles?|pasta|spaghetti|mash|potato(?:es)?|quinoa|polenta|bulgur|bowls?|plates?|dish(?:es)?)\b[^.;]*?(?:,|,?\s+and|,?\s+then|,?\s+and then)\s+)(ladle|spoon|pour)\s+over\s+(the\s+(?:\p{L}+\s+)?(?:stew|curry|chilli|chili|ragu|rag\u00f9|bolognese|casserole|mince|tagine|dal|daal|dhal|soup|goulash|stir-fry|filling|mixture))(?=\s*[.,;]|\s+and\b|$)/giu,
    '$1$2 $3 over',
  ],
  [
    'rack',
    /\b((?:transfer|move|turn out|remove|place|put|(?:transferr|mov|turn|remov|plac|putt)ing(?: out)?)\b[^.;]*?\brack)\s+to\s+cool\b/gi,
    '$1. Cool',
  ],
  ['out ', /\b(scoop|spoon|take|cut|dig)\s+out\s+(?=(?:flesh|seeds?|pits?|stones?|cores?|pulp|insides?)\b)/gi, '$1 out the '],
  // "place, rounded side up, on a grill pan"
  [
    'side up|side down|sides up|sides down',
    /\b(place|put|lay|arrange|set|sit)\s*,\s*((?:[\p{L}-]+\s+)?sides?\s+(?:up|down))\s*,\s*((?:on|in|onto|into)\s+[^.;,]+)/giu,
    '$1 them $3, $2',
  ],
  [
    'foil|edge|packet|parcel',
    /\b(fold|crimp|seal|open|unwrap|place|put|lay) (?=(?:foil (?:over|up|in|round|around)|edges?|packets?|parcels?)\b)/gi,
    '$1 the ',
  ],
  // "brush tops with milk"
  ['top', /\b(brush|level|smooth|sprinkle|dust)\s+(?=tops?\b)/gi, '$1 the '],
  ['over top|over edge', /\bover (?=(?:tops|edges)\b)/gi, 'over the '],
  // "cut the courgette into slices and the onion into wedges"
  [
    'into',
    /\b(cut|slice|chop)\s+((?:the|\d[\d./]*)\s+[^.;,]{2,30}?\s+(?:(?:in)?to\s+[^.;,]{3,30}?|in (?:half|halves|quarters|thirds)))\s*(?:,|,?\s+and)\s+((?:the|\d[\d./]*)\s+[^.;,]{2,30}?\s+(?:in)?to\s+(?!the\b)[^.;,]{3,30}?)(?=\s*[.,;]|\s+and\b|$)/gi,
    '$1 $2. $1 $3',
  ],
  // "the flour in a second dish and the egg in a third"
  [' a third', /\b((?:in|into|on|onto)\s+a third)(?=\s*[.,;]|$)/gi, '$1 bowl'],
  // "pour over enough water to cover them"
  ['water', /\bpour\s+over\s+(?:enough\s+)?((?:cold\s+)?water)\s+to\s+cover(?:\s+(?:it|them|the\s+\p{L}+))?/giu, 'cover with $1'],
  // "use it to line a flan tin"
  [
    'line',
    /\buse\s+(it|them|the\s+(?:\p{L}+\s+)?(?:pastry|dough))\s+to\s+line\s+((?:an?|the|your)\s+[^.;,]{3,40}?)(?=\s*[.;,]|\s+and\b|$)/giu,
    'lay $1 in $2',
  ],
  ['line', /\bline\s+((?:an?|the|your)\s+[^.;,]{3,40}?)\s+with\s+(the\s+(?:\p{L}+\s+)?(?:pastry|dough))\b/giu, 'lay $2 in $1'],
  ['return', /\b(return\b[^.;]*?\bto the (?:pan|pot|wok|skillet))\s+to\s+(?:warm|heat)(?: through)?\b/gi, '$1. Heat through'],
  ['blender', /\buse\s+((?:an?|the|your)\s+(?:(?:stick|hand|immersion|handheld)\s+)?blender)\b(?!\s+to\b)/gi, 'blend with $1'],
  ['wet', /\bwet ingredients into (?:the )?dry\b(?! ingredients)/gi, 'wet ingredients into the dry ingredients'],
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
  // "Take each strip and twist it"
  ['take', /\btake (each|one|a) (\p{L}+(?: of \p{L}+)?) and (\p{L}+) (?:it|each)\b/giu, '$3 $1 $2'],
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
  ['fill', /\bhalf[- ]fill\s+([^.;,]{3,40}?)\s+with\b/gi, 'fill $1 half full with'],
  ['fill', /\bhalf[- ]fill\b/gi, 'fill'],
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
];
