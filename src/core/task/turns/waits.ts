// Turns of speech about lids, waits and machines, and what is done again: "lid on", "then 1 more minute", "let it simmer away".
import type { Turn } from './turn';

export const WAITS: readonly Turn[] = [
  // "cook under a hot grill for 8 minutes"
  [
    'grill|broiler',
    /\bcook\s+((?:it|them|the\s+[\p{L} ]{3,24}?)\s+)?under\s+(?:an?|the)\s+(?:(?:hot|preheated|medium|high|medium-hot)\s+)*(?:grill|broiler)\b/giu,
    'grill $1',
  ],
  // "5 mins before they're ready: tip the beans into a bowl"
  [
    'before',
    /(^|[.!?]\s+)(?:about\s+|around\s+)?\d+(?:\s?[-–]\s?\d+)?\s*min\p{L}*\s+before\s+(?:they|it|the\s+(?:\p{L}+\s)?\p{L}+)(?:(?:['’](?:re|s)|\s+(?:is|are))\s+(?:ready|done|cooked|up|due|finished)(?:\s+to\s+come\s+out)?)\s*[:,]\s+/giu,
    '$1Meanwhile, ',
  ],
  // "Use the RED board for the chicken. Cut the chicken into strips."
  [
    'board',
    /\buse\s+(?:the|a)\s+(\p{L}+)\s+(?:chopping\s+)?board(?:\s+for\s+(?:the\s+)?[^.,;]+)?[.,;]?\s+(?:and\s+|then\s+|to\s+)*(cut|slice|chop|dice|peel)\b([^.;]*)/giu,
    '$2$3 on the $1 board',
  ],
  // "Add the boiling water. Adult pours!"
  [
    'adult|teacher|grown',
    /([^.!?]{5,}?)[.!]\s+(?:(?:an?|the|your)\s+)?(adult|teacher|grown[- ]?up)\s+(?:does(?:\s+(?:it|this))?|only|job|pours?|cuts?|drains?|lifts?)\s*(?=[.!]|$)/gi,
    '$1 ($2)',
  ],
  // "microwave for 1 minute, stir, then 1 more minute"
  [
    'more|another',
    /\b(microwave|cook|heat|boil|simmer|fry|bake|grill|zap)\b([^.;]*?\d+\s*(?:min(?:ute)?s?|sec(?:ond)?s?)),?\s+(?:and\s+|then\s+)*(stir|turn|flip|shake)((?:\s+(?:it|them|over|well))*),?\s+(?:and\s+)?then\s+(?:for\s+)?(?:(\d+)\s+more|another\s+(\d+))\s+(min(?:ute)?s?|sec(?:ond)?s?)\b/gi,
    '$1$2, $3$4, then $1 for $5$6 more $7',
  ],
  // "rest for 2 minutes with the lid on"
  // "take off the heat and leave, lid on, for 5 minutes"
  [
    'lid',
    /\b(leave|stand|rest|let (?:it|them) (?:stand|rest|sit)),\s+(?:with\s+the\s+)?lid(?:\s+still)?\s+on,\s+(?=for\b)/gi,
    '$1 with the lid on ',
  ],
  // "stir in the spinach a handful at a time, letting each lot wilt before you add the next"
  [
    'wilt',
    /,?\s+(?:letting|allowing)\s+(?:it|them|each(?:\s+\p{L}+)?|the leaves)\s+(?:to\s+)?wilt(?:\s+down)?(?:\s+(?:a\s+(?:little|bit)\s+)?before\s+[^.;,]+)?(?=\s*[.,;]|$)/giu,
    ' until it wilts',
  ],
  ['lid on', /\b(leave|stand|rest|let sit|sit)\b([^.;,]{0,40}?),?\s+with (?:the|its|a) lid (?:still )?on\b/gi, 'cover, then $1$2'],
  // "boil without the lid for 11 minutes"
  [
    'without',
    /\b(boil|simmer|cook|bake|roast|fry)((?:\s+(?:it|them|the\s+\p{L}+))?)\s+without\s+(?:the\s+|a\s+)?lid(?:\s+on)?\b/giu,
    '$1$2 uncovered',
  ],
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
  // "return to the oven for 10 minutes"
  [
    'oven',
    /\b(?:return|put)\b(?:\s+(?:it|them|the\s+\p{L}+))?(?:\s+back)?\s+(?:to|in|into)\s+(?:the\s+)?oven\s+(?:and\s+(?:bake|cook|roast)\s+)?(?=for\b|until\b|\d)/giu,
    'bake ',
  ],
  ['grill', /\breturn\b(?:\s+(?:it|them|the\s+\p{L}+))?\s+to the grill\s+(?=for\b|until\b|\d)/giu, 'grill '],
  ['lid', /(^|[.!?;]\s+)lid on\b(?: tight(?:ly)?)?/gi, '$1Put the lid on'],
  ['lid', /(\blid\b[^.!?]*[.!?]\s+hold )it\b/gi, '$1the lid'],
  ['keep', /(^|[.!?;]\s+)keep (?:watching|an eye)\b/gi, '$1Watch'],
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
  ['stir fry|stir frying', /\bstir fry(?=\b|ing\b)/gi, 'stir-fry'],
  // "get a large pan of water boiling"
  [
    'boiling',
    /(^|[.!?;]\s+)get\s+((?:an?|the|your)\s+(?:\p{L}+\s+)?(?:pan|pot|saucepan)\s+of\s+(?:\p{L}+\s+)?water)\s+boiling\b/giu,
    '$1bring $2 to the boil',
  ],
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
  // "half cover with a lid"
  [
    'cover',
    /(?:,?\s+(?:and\s+)?)?\b(?:half|partly|partially|part)[- ]?cover\b(\s+(?:it|the\s+\p{L}+))?(?:\s+with\s+(?:a|the|its)\s+lid)?/giu,
    '. Cover$1 with the lid, leaving a gap. Then',
  ],
  ['air fry', /\bair fry(?=\b|ing\b)/gi, 'air-fry'],
  ['covered', /\b(microwave|cook|simmer|bake|roast)\s*,\s*covered\s*,?\s+/gi, 'cover, then $1 '],
  ['side', /(\d+)\s*(min(?:ute)?s?)\s*\/\s*side\b/gi, '$1 $2 each side'],
  ['fridge|refrigerator', /(^|[.!?;]\s+)(?:fridge|refrigerator)\s+(?=for\b|until\b|over|up to\b)/gi, '$1Chill '],
  ['freezer', /(^|[.!?;]\s+)freezer\s+(?=for\b|until\b|over)/gi, '$1Freeze '],
  // "Off the heat, grate in the parmesan"
  ['off ', /(^|[.!?;]\s+)off (?:the )?heat,\s+/gi, '$1Take off the heat. Then '],
  ['back in', /(^|[.!?;]\s+)back in(?:to)? the oven\s+(?=for\b|until\b|\d)/gi, '$1Bake '],
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
  ['oven', /(^|[.!?;]\s+)oven:?\s+(?:on\s+)?(?:(?:at|to)\s+)?(?=\d)/gi, '$1heat the oven to '],
  ['get ', /^get (?:the|your) (oven|grill)\b(?:\s+nice and)?\s+hot\b/i, 'heat the $1'],
  // "bring the water to the boil. Add the pasta and set a timer for 10 minutes": it cooks so long
  [
    'timer',
    /\b((?:boil|simmer)\w*\b(?:(?!\b(?:oven|microwave|fridge|freezer|grill|fryer|toaster|kettle|bowl|jug|mug|lid|cover|leave|soak|stand)\b)[^;]){1,160}?)(?:\s+and|,?\s+(?:and\s+)?then)\s+set\s+(?:(?:a|the|your)\s+)?timer\s+(?:for|to)\s+(?=\d)/gi,
    '$1 and cook for ',
  ],
  // "get a frying pan nice and hot"
  [
    'get ',
    /(^|[.!?;,]\s+)get\s+((?:an?|the|your)\s+(?:[\p{L}-]+\s+){0,2}?(?:pan|wok|skillet|griddle))\s+(?:(?:nice and|really|very|good and)\s+)*hot\b/giu,
    '$1heat $2',
  ],
  ['re-cover|recover', /\bre-?cover\b/gi, 'cover'],
  // "throw in the peas for another minute": they go in, and all cooks so long
  [
    'another|a further|an extra',
    /\b((?:add|throw|toss|tip|drop|put|stir)(?:\s+in)?)\s+((?:(?!\b(?:and\s+\p{L}+\s+for|back|oven|microwave|grill|fridge|freezer|heat)\b)[^.;,]){3,50}?)\s+for\s+((?:another|a\s+further|an\s+extra)\s+(?:\d+(?:\s*(?:-|to)\s*\d+)?\s+|couple\s+of\s+)?min(?:ute)?s?)\b/giu,
    '$1 $2, then cook for $3',
  ],
];
