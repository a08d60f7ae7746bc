// Turns of speech of worksheets and of a teacher's notes: "Keep stirring!", "YES / NO", the rice in a bowl and the chilli on top.
import type { Turn } from './turn';

export const SHEETS: readonly Turn[] = [
  // "Check: no pink in the chicken!"
  ['check', /\bcheck\s*[:–-]?\s+(?=no\s+(?:pink|red|blood)\b)/gi, 'check that there is '],
  // "GREEN board only for veg! RED board for chicken."
  [
    'board',
    /(^|[.!?;]\s+)(?:the\s+)?(red|green|blue|brown|yellow|white)\s+(?:chopping\s+)?board\s+(?:is\s+)?(?:only\s+)?for\s+(?:the\s+)?([\p{L} ]{3,20}?)(?:\s+only)?(?=\s*[.!;]|$)/giu,
    '$1use the $2 board for the $3',
  ],
  // "Get ready: apron on, hair tied back"
  ['get ready', /(^|[.!?;]\s+)get ready(?:\s+to\s+cook)?\s*[:–—-]\s*/gi, '$1'],
  ['apron', /(^|[.,;:!?]\s+|\band\s+)aprons?\s+on(?=\s*(?:[.,;!]|$|and\b))/gi, '$1put on your apron'],
  ['hair', /(^|[.,;:!?]\s+|\band\s+)(?:long\s+)?hair\s+(?:tied\s+(?:back|up)|back|up)(?=\s*(?:[.,;!]|$|and\b))/gi, '$1tie back long hair'],
  ['sleeves', /(^|[.,;:!?]\s+|\band\s+)sleeves\s+(?:rolled\s+)?up(?=\s*(?:[.,;!]|$|and\b))/gi, '$1roll up your sleeves'],
  ['hands', /(^|[.,;:!?]\s+|\band\s+)(?:clean\s+hands|hands\s+(?:washed|clean))(?=\s*(?:[.,;!]|$|and\b))/gi, '$1wash your hands'],
  // "ADULT: check hands are washed"
  ['hands', /\bcheck\s+(?:that\s+)?(?:your\s+|all\s+|everyone['’]s\s+)?hands\s+are\s+(?:washed|clean)\b/gi, 'wash your hands'],
  // "Set the timer: 1 hour"
  [
    'timer',
    /\b(set|start)\s+(the|a|your)\s+timer\s*(?:[:–—-]|\()\s*((?:about\s+)?\d[^.;()]*?\b(?:min(?:ute)?s?|hours?|hrs?|sec(?:ond)?s?)\b)\)?/gi,
    '$1 $2 timer for $3',
  ],
  // "Microwave for 1 minute. Stir. 1 minute more."
  [
    'more|another|longer',
    /([.!]\s+|,\s+then\s+)(?:for\s+)?(?:another\s+)?(\d+(?:\s?[-–]\s?\d+)?\s*(?:min(?:ute)?s?|sec(?:ond)?s?))(?:\s+(?:more|longer|again))(?=\s*(?:[.!;]|$|until\b))/gi,
    '$1Cook for $2 more',
  ],
  // "rub the oil on with your hands"
  [
    ' on ',
    /\b(rub|brush|spread|smear|massage)\s+(the\s+[\p{L} ]{3,24}?)\s+on(?=\s+with\s+(?:your|clean|a|the)\b|\s*(?:[.;!]|$)|\s+all\s+over\b)/giu,
    '$1 $2 over it',
  ],
  // "just before serving, top each pot with raspberries"
  [
    'before',
    /(^|[.!?;]\s+)(?:just|right|shortly)\s+before\s+(serving|eating|you (?:serve|eat)|it is served),?\s+([^.;]+?)(?=\s*(?:[.;]|$))/giu,
    '$1$3 just before $2',
  ],
  // "leave to stand for 5 minutes before serving with peas": what it is eaten with is no part of the waiting
  ['before serving', /(\bmin(?:ute)?s?\b)\s+before\s+serving(?=\s+(?:with|in|on)\b)/gi, '$1. Serve'],
  // "brush round edges with egg"
  [
    'round',
    /\b(brush|spread|press|pinch|seal|crimp|wipe|rub|go|run|gap)\s+(?:the\s+)?((?:all\s+)?a?round)\s+(?=(?:edges?|sides?|rims?|outside|borders?)\b)/gi,
    '$1 $2 the ',
  ],
  ['keep stirring', /(^|[.!?;]\s+)keep stirring(?:\s+(?:it|them|everything))?(?=\s*[.!;]|$)/gi, '$1stir constantly'],
  // "Was it too spicy? YES / NO": what is ticked is no step, the question stays with its step
  ['?', /\?(?:\W*\b(?:yes|no|maybe|a lot|a little|a bit|sometimes)\b)+[\s.!]*/gi, '? '],
  // "put it on to boil", with the water in it
  [
    'on to boil',
    /\b(water\b[^.;]*?)\bput\s+(?:it|them|the\s+(?:pan|pot|saucepan|water))\s+on\s+to\s+(?:boil|heat(?:\s+up)?)\b/gi,
    '$1bring the water to the boil',
  ],
  ['on to boil', /\bput\s+(?:it|them|the\s+(?:pan|pot|saucepan|water))\s+on\s+to\s+(?:boil|heat(?:\s+up)?)\b/gi, 'bring it to the boil'],
  // "⚠ HOT": a warning of the line before it
  ['⚠', /([.!?]?)\s*⚠\ufe0f?\s*(\p{Lu}[\p{Lu} !]*)(?=[.!?]|\s|$)/gu, ' ($2)$1'],
  // "chill while you make the soup", which the next lines do
  [
    'while you',
    /,?\s+while\s+you\s+(?:make|prepare|get\s+on\s+with)\s+(?!(?:the\s+)?(?:rest|others?|remaining)\b)(?:the\s+)?\p{L}+(?:\s+\p{L}+)?(?=\s*[.!;]|\s*$)/giu,
    '',
  ],
  // "put the rice in a bowl and the chilli on top"
  [
    'on top',
    /\b(put|spoon|tip|lay|place)\s+((?:the\s+|some\s+)?[\p{L} ]{3,30}?)\s+((?:in|into|on|onto)\s+(?:an?|the|your|each)\s+[\p{L} ]{3,20}?)\s+and\s+((?:the\s+|some\s+)?(?!then\b|put\b)[\p{L} ]{3,30}?)\s+on\s+(?:the\s+)?top\b/giu,
    '$1 $2 $3, then $1 $4 on top',
  ],
];
