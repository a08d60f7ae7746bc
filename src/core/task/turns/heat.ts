// Turns of speech about heat, lids and time: "then lowest heat 10 min", "for the last 5 minutes, add the peas".
import type { Turn } from './turn';
import { WAITS } from './waits';

/** "Put the eggs in a pan of cold water". */
const IN_COLD = (cold: string) =>
  new RegExp(
    `\\b(put|place|tip)\\s+((?:the\\s+)?[\\p{L}\\d ,]{3,40}?)\\s+(in|into)\\s+(an?|the|your)\\s+((?:\\p{L}+\\s+){0,2}(?:pan|saucepan|pot))\\s+of\\s+(?:${cold})\\s+water\\b(?=\\s*[.,;]|\\s+and\\b|$)`,
    'giu',
  );

export const HEAT: readonly Turn[] = [
  // "microwave for 5 minutes, stopping to stir after 2"
  ...(
    [
      ['stir', 'stirring'],
      ['turn', 'turning'],
      ['flip', 'turning'],
      ['toss', 'tossing'],
      ['shake', 'shaking'],
      ['baste', 'basting'],
    ] as const
  ).map(([verb, doing]): Turn => [
    `to ${verb}`,
    new RegExp(
      `\\b(?:stopping|pausing|remembering|making sure|taking care|being sure)\\s+to\\s+${verb}\\b(?=[^.;]{0,30}\\b(?:after|half-?\\s?way)\\b)`,
      'gi',
    ),
    doing,
  ]),
  // "return the broth to a boil"
  [
    'return|reheat',
    /\b(?:return|reheat)\s+((?:it|them|everything|(?:the|your)\s+(?:\p{L}+\s+){1,3}?)\s*)?(?:back\s+)?(?:up\s+)?to\s+(?:a|the)\s+(?:full\s+|rolling\s+|rapid\s+)?boil\b/giu,
    'bring $1back to the boil',
  ],
  [
    'return|reheat',
    /\b(?:return|reheat)\s+((?:it|them|everything|(?:the|your)\s+(?:\p{L}+\s+){1,3}?)\s*)?(?:back\s+)?(?:up\s+)?to\s+a\s+(?:gentle\s+|low\s+)?simmer\b/giu,
    'bring $1back to a simmer',
  ],
  // "put 3 cm of water in a saucepan and bring it to a simmer": the water
  [
    'water',
    /(\bwater\s+(?:in|into|to)\s+(?:a|the|your)\s+(?:[\p{L}-]+\s+){0,2}(?:pan|saucepan|pot|wok|skillet)(?:,|\s+and|,\s+and|[.])\s+(?:then\s+)?)(bring|heat)\s+it\b/giu,
    '$1$2 the water',
  ],
  // "set the oven to 200 °C and let it heat up": that is what it does
  [
    'oven',
    /(\boven\b[^.;]*?)(?:,?\s+and\s+|,\s+then\s+|[.,]\s+)(?:let|leave|allow|wait\s+for)\s+(?:it|the\s+oven)\s+(?:to\s+)?(?:heat|warm|get)(?:\s+(?:up|hot|through))?(?=\s*[.;,]|$)/gi,
    '$1',
  ],
  ['boiled water', /\b(?:just|freshly|recently)[- ]boiled water\b/gi, 'boiling water'],
  // "Lid on, fridge overnight"
  ['lid on', /(^|[.!?;:]\s+)(?:the\s+)?lid\s+on(?=\s*[,.;]|\s+and\b)/gi, '$1put the lid on'],
  [
    'fridge',
    /([.!?;:,]\s+(?:then\s+)?(?:into\s+(?:the\s+)?)?)fridge\s+(?=overnight\b|for\s+(?:at\s+least\s+)?\d|\d)/gi,
    ', chill in the fridge ',
  ],
  // "bake 30-35 min. Skewer test!"
  ['skewer test', /(\d\s*min(?:ute)?s?)[.,;]?\s*(?:do\s+(?:the|a)\s+)?skewer\s+test\b[!.]?/gi, '$1 until a skewer comes out clean.'],
  // "cook for 6 minutes, keep turning it"
  [
    'keep',
    /,\s+(?:and\s+)?keep\s+(turning|stirring|moving|shaking|tossing)(?:\s+(?:it|them|everything))?(?=\s*[.;,!]|$)/gi,
    ', $1 all the time',
  ],
  // "toss over a high heat", in the pan in hand
  ['toss over', /\btoss\s+(?=over\s+(?:an?\s+)?(?:very\s+)?(?:high|medium|low|medium-high)\s+heat\b)/gi, 'toss everything '],
  // "put the potatoes in a pan of cold salted water": the water comes after them
  [' of ', IN_COLD('(?:lightly\\s+)?salted\\s+cold|cold\\s+(?:lightly\\s+)?salted'), '$1 $2 $3 $4 $5, cover with cold water (salted)'],
  [' of ', IN_COLD('cold'), '$1 $2 $3 $4 $5, cover with cold water'],
  // "hob off"
  ...['hob', 'oven', 'heat', 'gas', 'ring', 'grill', 'air fryer'].map((what): Turn => [
    `${what} off`,
    new RegExp(`(^|[.!?;]\\s+|,\\s+(?:then\\s+)?)(?:the\\s+)?${what}\\s+off\\b(?=\\s*(?:[.!?;,]|$|and\\b))`, 'gi'),
    `$1turn off the ${what}`,
  ]),
  // "transfer the pan to the oven for 20 minutes": so long it bakes
  [
    'oven for',
    /\b(?:transfer|return|move|put|pop|place|slide|get|send)\s+((?:it|them|everything|(?:the|your)\s+(?:\p{L}+\s+){0,2}(?:pan|dish|tray|tin|sheet|casserole|pot|skillet|ramekins?|parcels?))\s+)?(back\s+)?(in|into|to)\s+the\s+(?:hot\s+|preheated\s+)?oven,?\s+(?:and\s+(?:leave|cook)\s+)?for\s+(?=(?:about\s+|around\s+|another\s+|a\s+further\s+)*\d)/giu,
    'put $1$2in the oven and bake for ',
  ],
  // "add the garlic for 1 minute": so long it cooks
  [
    'for',
    /\badd\s+((?:the\s+)?(?:(?!and\b|with\b|to\b|in\b|cook\b|fry\b|simmer\b)\p{L}+\s+){1,3})for\s+((?:about\s+|another\s+)?(?:an?|\d+(?:\s?[-–]\s?\d+)?)\s+(?:min(?:ute)?s?|sec(?:ond)?s?))(?=\s*(?:[.,;]|$|until\b|and\b))/giu,
    'add $1and cook for $2',
  ],
  // "leave for 20 minutes while you preheat the oven": that is said in its own place
  ['preheat', /,?\s+while\s+(?:you\s+(?:pre)?heat|the)\s+(?:up\s+)?(?:the\s+)?oven\b[^.;]*(?=[.;]|$)/gi, ''],
  // "fry the onion for 5 minutes, lid on": it goes in before the lid does
  [
    'lid on',
    /\b(fry|cook|sweat|soften)\s+(the\s+[\p{L}, ]{3,40}?)\s+(?:for\s+)?(\d+(?:\s?[-–]\s?\d+)?\s*min(?:ute)?s?),\s+(?:with\s+)?(?:the\s+)?lid on(?:,\s*(?=until\b)|(?=\s*[.;,]|$))\s*/giu,
    'add $2, put the lid on and $1 for $3 ',
  ],
  // "fry the onion for 5 minutes, lid on", "turn down, lid on, simmer"
  [
    'lid on',
    /\b(fry|cook|sweat|soften|simmer|steam|boil|bubble)\s+([^.;,]*?),\s+(?:with\s+)?(?:the\s+)?lid on(?:,\s*(?=until\b|for\b)|(?=\s*[.;,]|$))\s*/gi,
    'put the lid on and $1 $2 ',
  ],
  ['lid on', /,\s+lid on,\s+(?=simmer|cook|leave|boil|steam|bubble)/gi, ', put the lid on, '],
  // "put back on a low heat to warm through"
  [
    'to warm|to heat',
    /\b(?:put|return|place|set)\s+(?:(?:it|the\s+pan|the\s+pot|everything|the\s+soup|the\s+sauce)\s+)?(?:back\s+)?(?:on|over|to)\s+(?:to\s+)?(?:an?\s+|the\s+)?(low|gentle|medium|very low)\s+heat\s+to\s+(?:warm|heat)(?:\s+(?:it|everything))?\s+through\b/gi,
    'warm it through over a $1 heat',
  ],
  // "turn the hob to medium", "set the ring at number 4", "put the stove on low"
  [
    'hob|ring|burner|stove|cooker|gas',
    /\b(?:turn|set|switch|put)\s+(?:the\s+|your\s+)?(?:hob|ring|burner|stove(?:top)?|cooker|gas)\s+(?:up\s+|down\s+|on\s+)?(?:to|at|on)\s+(?:a\s+)?((?:very\s+)?(?:low|medium(?:[- ](?:low|high))?|high|gentle)(?:\s+heat)?|(?:number\s+|mark\s+|setting\s+)?\d)\b/giu,
    'turn the heat to $1',
  ],
  [
    'turn it on',
    /\bon\s+(the|a|your)\s+(hob|stove(?:top)?|ring|burner)((?:,?\s+(?:and|then)|[.,;])\s+)(?:and\s+|then\s+)?(turn|switch)\s+it\s+on\b/giu,
    'on $1 $2$3$4 on the $2',
  ],
  ['toaster oven|mini oven|countertop oven', /\b(?:toaster|mini|counter-?top)[- ]oven\b/gi, 'oven'],
  // "wait for big bubbles", "wait until the water bubbles"
  [
    'wait',
    /\bwait\s+(?:for|(?:un)?till?\s+(?:you\s+(?:can\s+)?see|there\s+are|it\s+has))\s+(?:the\s+)?(?:(?:big|large|lots\s+of|many)\s+)*bubbles(?:\s+to\s+(?:appear|come|rise))?\b/gi,
    'bring to the boil',
  ],
  [
    'wait',
    /\bwait\s+(?:for|(?:un)?till?)\s+(it|the\s+water)\s+(?:to\s+)?(?:boils?|bubbles?|is\s+(?:boiling|bubbling))\b/gi,
    'bring $1 to the boil',
  ],
  // "Press the button. Count to 20. Press stop."
  [
    'count to',
    /\bpress\s+(?:the\s+)?(?:button|on|go)\b[.,]?\s*(?:and\s+|then\s+)*count\s+(?:slowly\s+)?to\s+(\d+)\b[.,]?(?:\s*(?:and\s+|then\s+)*(?:press|push)\s+(?:the\s+)?(?:stop|off|button)(?:\s+button)?(?:\s+again)?\b)?/gi,
    'blend for $1 seconds',
  ],
  ['blender', /\bblender\s+(?:jug|cup|jar|goblet)\b/gi, 'blender'],
  [
    'turn it',
    /\bturn\s+it\s+(?:up\s+|down\s+)?to\s+(?:a\s+)?((?:low|medium(?:[- ](?:low|high))?|high)(?:\s+heat)?)(?=\s*[.,;]|\s+and\b|$)/gi,
    'turn the heat to $1',
  ],
  // "Open the flavour sachet. Sprinkle it in."
  [
    'open',
    /\bopen\s+(the|a)\s+((?:\p{L}+\s+){0,2}(?:sachet|packet|pouch))([.,]?\s+(?:and\s+|then\s+)*)(sprinkle|tip|pour|add|stir|empty|shake)\s+(?:it|the\s+contents)\s+(?=in|over|on\b)/giu,
    'open $1 $2$3$4 the $2 ',
  ],
  [
    'kettle',
    /\bboil\s+((?:a|the|your)\s+(?:full\s+)?kettle(?:\s+of\s+(?:\p{L}+\s+)?water)?)((?:,?\s+(?:and|then)|[.,;])\s+(?:and\s+|then\s+)?)(pour|tip)\s+it\b/giu,
    'boil $1$2$3 the water',
  ],
  ['refrigerator', /\brefrigerator\b/gi, 'fridge'],
  // "adding the beans for the last 4", of 6 minutes
  ['last |final ', /\b(min(?:ute)?s?\b[^.;]{0,60}\bfor the (?:last|final) \d+)(?=\s*[.,;]|$)/gi, '$1 minutes'],
  ['last minute|final minute', /\b((?:warm|toast|heat)\b[^.;,]{3,60}?\bfor)\s+the\s+(?:last|final)\s+(?=minute\b)/gi, '$1 1 '],
  // "boil 10 mins"
  [
    'min|sec|hour|hr',
    /(?<![\p{L}-]|\bto )(boil|simmer|fry|cook|bake|roast|grill|steam|microwave|poach|chill|soak|rest|stand|cool)\s+(?=(?:about\s+)?\d+(?:[./]\d+)?(?:\s*(?:-|–|to)\s*\d+)?\s*(?:min|sec|hours?\b|hrs?\b))/giu,
    '$1 for ',
  ],
  // "On a baking tray, 20-25 mins", "In the oven 20 mins", in a short style
  [
    'tray|sheet',
    /^on\s+((?:an?\s+|the\s+)?(?:[\p{L}-]+\s+)?(?:tray|sheet)\b[^.;:\d]{0,30}?)[\s,:–-]*(?:for\s+)?(?=\d+(?:\s*(?:-|–|to)\s*\d+)?\s*min)/giu,
    'bake on $1 for ',
  ],
  ['oven', /^(?:in|into)\s+(?:the\s+)?oven[\s,:–-]*(?:for\s+)?(?=\d+(?:\s*(?:-|–|to)\s*\d+)?\s*min)/gi, 'bake for '],
  ['last minute|final minute', /\b((?:for|in)\s+the\s+(?:last|final))\s+(?=minute\b)/gi, '$1 1 '],
  ['for last|for final', /\bfor (last|final) (?=\d)/gi, 'for the $1 '],
  [
    'during the last|during the final',
    /\b((?:add|stir|tip|put|throw|drop)\b[^.;,]{2,60}?)\bduring the (last|final) (?=\d)/gi,
    '$1for the $2 ',
  ],
  // "Oven on 200 (fan 180)": with no letter behind
  ['oven on', /^((?:first,?\s+)?(?:the\s+)?oven\s+on)\b(?:\s*[:,–—-])?\s*(?:to\s+|at\s+)?(\d{3})(?=\s*(?:[(.,;]|$))/gi, '$1, $2 degrees'],
  // "Oven on, 200°C"
  ['oven on', /^(?:first,?\s+)?(?:the\s+)?oven\s+on\b(?:\s*[:,–—-])?\s*/gi, 'Turn the oven on, '],
  ['another|further', /\b(for (?:another|a further)) (\d+)(?=\s*[.,;]|$)/gi, '$1 $2 minutes'],
  ['half an hour', /\bhalf an hour before the end\b/gi, '30 minutes before the end'],
  // "put the rice on to boil"
  ['on to', /\bput\s+(the\s+(?:\p{L}+\s+)?\p{L}+)\s+on\s+to\s+(boil|cook|simmer|steam)\b/giu, '$2 $1'],
  ['lid off', /\b(leave|let|cool|stand|simmer|cook|rest)\b([^.;,]{0,40}?),?\s+with (?:the|its) lid off\b/gi, '$1$2, uncovered'],
  // "Boil the kettle and pour the water over": it is boiling
  [
    'kettle',
    /\b(boil\s+(?:the|a)\s+kettle(?:,?\s+(?:and|then|and\s+then)|[.;]\s+(?:then\s+)?(?:carefully\s+)?)\s*pour\s+(?:over\s+)?)(?:the\s+|some\s+|enough\s+)?(?:hot\s+)?water\b/gi,
    '$1the boiling water',
  ],
  [
    'boiling water',
    /\b(drop|put|lower|plunge|tip)\s+(the\s+[^.;,]{3,30}?)\s+(?:in)?to\s+the\s+boiling\s+water((?:,\s+[^.;,]{3,30}\s+at\s+a\s+time,?)?)\s+(?:and\s+(?:cook|boil)\s+)?for\s+(?=\d)/gi,
    '$1 $2 into the pan$3, then boil for ',
  ],
  // "put a large pan of salted water on to boil"
  [
    'on to boil',
    /\bput\s+(an?\s+(?:\p{L}+\s+)?(?:pan|pot|saucepan)\s+of\s+)(?:\p{L}+\s+)?water\s+on\s+to\s+boil\b/giu,
    'bring $1water to the boil',
  ],
  ['once boiling', /(^|[.!?;]\s+)once boiling,\s+(\p{Ll})/giu, '$1$2'],
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
  // "get the rice on first: cook it ..."
  ['get ', /(^|[.!?;]\s+)get\s+(?:the|your)\s+(\p{L}+)\s+on(?:\s+first)?\s*:\s+(\p{L}+)\s+it\b/giu, '$1$3 the $2'],
  ['oven on', /(^|[.!?;]\s+)oven on:?\s+(?:at\s+|to\s+)?(?=\d|gas)/gi, '$1heat the oven to '],
  ...WAITS,
];
