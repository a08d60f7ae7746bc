// What a clause acts on where it speaks of a part, or of what another step left: "remove the stalks and chop them", "trim off the ends", "stand it on a plate".
import { objectPhrase } from '../plan/object-phrase';
import { shellOf } from '../kitchen/index';
import { PART, PARTS } from '../recipe/part-nouns';
import { hasMark } from '../technique/tools';
import { hole, theThing, withPronoun } from './holes';
import { namedIn } from './object-into';
import type { Reading, Said } from './object-told';
import { isAmong, STANDS_ON } from './place-words';
import type { Located, State } from './state';
import { toolCall } from './tool-names';

const PART_NOUN = new RegExp(
  `^(?:the\\s+|any\\s+|its\\s+|their\\s+)?(?:hard |tough |woody |green |outer |root |papery )?(?:${PART}|tops and tails)$`,
  'i',
);
/** The part that the step before took off, where a later line takes it up: "fry the stalks". */
function partUsedLater(state: State, c: Located): string | null {
  const part = OFF.exec(state.steps.at(-1)?.text ?? '')?.[1];
  const line = state.recipe.instructions[c.line - 1] ?? '';
  const later = [line.slice(line.indexOf(c.rest) + c.rest.length), ...state.recipe.instructions.slice(c.line)].join(' ');
  return part && new RegExp(`\\b${part}\\b`, 'i').test(later) ? `the ${part}` : null;
}

const OFF = new RegExp(`^(?:Remove|Take|Cut|Pull|Pick|Slice|Snip)\\b.*?\\bthe (${PARTS})\\b`);

/** What a step took off or out, and is thrown away. */
const WASTE = new RegExp(`\\bthe (?:${PART}|fat|liquid|water)\\b`);
export const PRONOUN = /^(?:it|them|everything|these|this|that|each one|all of (?:it|them)|both)\b(?:\s+all(?!\s+(?:over|together))\b)?/i;

/** "Remove the stalks and chop them", where the stalks are spoken of again; "scoop out the seeds and throw away". */
const tookOff: Reading = ({ state, c, rest, act }) => {
  if (c.mentions.length > 0) return null;
  const part = act === 'ready' && /^them\b/i.test(rest) ? partUsedLater(state, c) : null;
  if (part) return `${part}${rest.slice('them'.length)}`;
  const waste = act === 'bin' && !objectPhrase(rest) ? WASTE.exec(state.steps.at(-1)?.text ?? '')?.[0] : undefined;
  return waste ? `${waste} ${rest.replace(/^(?:it|them)\b\s*/i, '')}` : null;
};

const OUT =
  /^(?:out|up|off|down|away)\s+(?!(?:to|into|in|on|onto|with|for|until|of|from|and|well|tightly|tight|using|by)\b)(?!\p{L}+ly\b|\d+(?:\.\d+)?\s*(?:cm|mm|inch|min|hour|sec))[\p{L}\d]/iu;

/** "Stand it on a plate": the mug, not what is in it. "Seal it", of a bag. */
const vesselItself: Reading = ({ state, rest, act, id }) => {
  if (act === 'wait' && STANDS_ON.test(rest) && state.container && !hasMark(state.container, 'flat'))
    return rest.replace(/^it/i, `the ${toolCall(state, state.container)}`);
  if (id === 'seal' && /^(?:it|the bag)\b/i.test(rest) && state.container === 'bag') return rest.replace(/^(?:it|the bag)\b/i, 'the bag');
  return null;
};

/** The words of an object that is a part of what was spoken of: "the top" of the bread, "the ends" of a parcel's paper. */
export function ofItsThing({ state, c, rest, act }: Said, phrase: string): string {
  const isPart =
    PART_NOUN.test(phrase) &&
    // "rough up the top with a fork"
    !(act === 'touch' && /^the tops?$/i.test(phrase)) &&
    shellOf(state.world, phrase) === null &&
    c.mentions.length === 0 &&
    state.objectUses.length > 0 &&
    !/\b(?:of|from|off)\b/i.test(rest);
  if (!isPart) return withPronoun(state, rest);
  const sheet = state.container === 'paper' || state.container === 'foil' ? `the ${toolCall(state, state.container)}` : null;
  return rest.replace(phrase, `${phrase} of ${sheet ?? theThing(state)}`);
}

/** In the order in which they are tried. */
export const TOLD_BY_PART: readonly Reading[] = [
  ({ state, rest, id }) => (id === 'pat-dry' && /^dry\b/i.test(rest) ? `${theThing(state)} ${rest}` : null),
  tookOff,
  // "run cold water over them"
  ({ state, rest }) => (/^(?:cold|hot|warm|boiling) water over\b/i.test(rest) ? withPronoun(state, rest) : null),
  // "rinse and shake dry"
  ({ state, rest, act }) => (act === 'ready' && /^and\s+\p{L}+\s+dry\b/iu.test(rest) ? `${theThing(state)} ${rest}` : null),
  // "crush them", of what went in last among the rest
  ({ state, rest, act }) =>
    act === 'join' && /^them\b/i.test(rest) && isAmong(state) ? rest.replace(/^them\b/i, hole('spoken', null)) : null,
  // "drain, reserving a cup of the water"
  ({ state, rest }) => (/^(?:reserving|saving|holding)\b/i.test(rest) ? `${theThing(state)}, ${rest}` : null),
  // "fold in the sides"
  ({ rest, act }) =>
    act === 'shape' && /^(?:in|over|up) (?:the|both|all) (?:sides?|ends?|edges?|corners?|flaps?)\b/i.test(rest) ? rest : null,
  // "trim off the ends": of what was spoken of
  ({ state, rest }) =>
    /^(?:off|out)\b/i.test(rest) && PART_NOUN.test(rest.replace(/^(?:off|out)\s+/i, '')) && state.objectUses.length > 0
      ? `${rest} of ${theThing(state)}`
      : null,
  // "cut out rounds", "spoon off any fat"
  ({ state, rest }) =>
    OUT.test(rest) && !PRONOUN.test(rest.replace(/^\S+\s+/, '')) && !objectPhrase(rest) ? withPronoun(state, rest) : null,
  ({ state, c, rest }) =>
    /^(?:let|leave|allow)$/.test(c.verb ?? '') && /^(?:to\s+)?(?:cool|rest|stand|sit|set|go|get|thaw|soak|rise|prove)\b/i.test(rest)
      ? `${theThing(state)} ${rest}`
      : null,
  vesselItself,
  ({ state, rest, id }) => (id === 'make-well' ? withPronoun(state, rest) : null),
  // "brush over the flatbreads": what was spoken of is brushed over them
  ({ state, c, rest, act }) =>
    act === 'put' && /^over\s+the\b/i.test(rest) && namedIn(c).length === 0 ? withPronoun(state, `${theThing(state)} ${rest}`) : null,
];
