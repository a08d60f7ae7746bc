// Turns of speech of worksheets and of a teacher's notes: "Keep stirring!", "YES / NO", the rice in a bowl and the chilli on top.
import type { Turn } from './turn';

export const SHEETS: readonly Turn[] = [
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
