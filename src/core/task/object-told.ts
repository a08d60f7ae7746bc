// What a clause acts on where its act alone tells: lids, heat, what is served, shared out, drained, greased.
import { objectPhrase } from '../plan/object-phrase';
import { listed } from '../recipe/listed';
import { findTools } from '../technique/tools';
import { type Act, worksOf } from '../technique/works';
import { shortTitle } from './dish-title';
import { hole, spokenOf } from './holes';
import { withCover } from './covers';
import { heatWords, vesselToCoat, withVessel } from './place-words';
import { sheetUnder } from './nouns';
import { nameOf } from './ready';
import type { Located, State } from './state';
import { toolCall } from './tool-names';

/** A clause whose object is asked for: what stands behind its verb, and what kind of act it is. */
export type Said = { state: State; c: Located; rest: string; act: Act; id: string };
/** One way in which a clause says what it acts on; null where it does not say it so. */
export type Reading = (said: Said) => string | null;

/** "Stir the dip. Serve with the wedges", of paprika wedges: it is not the wedges that are served with the wedges. */
function isDishItself(state: State, rest: string): boolean {
  const beside = /^with (?:the|your) (?:\p{L}+ )?(\p{L}{4,})(?=$|[,;])/iu.exec(rest)?.[1];
  return beside !== undefined && new RegExp(`\\b${beside}$`, 'i').test(shortTitle(state.recipe.title));
}

/** "Serve split, with butter", "serve dusted with sugar": how, and not what. */
const SERVED_HOW = /^(?:split|cut|\p{L}+ed)\b(?=\s*(?:,|$)|\s+(?:with|into|in|and|over|up|on)\b)/iu;

const offRing: Reading = ({ state, act, rest }) => {
  const vessel = state.hob ?? state.container;
  if (act !== 'off-ring' || !vessel || (objectPhrase(rest) && !/^(?:(?:it|them)\s+)?(?:off|from)\b/i.test(rest))) return null;
  return `the ${toolCall(state, vessel)} ${rest.replace(/^(?:it|them)\s+/i, '')}`;
};

/** "Fold over", "roll up", with the filling on it: it is the pastry that is folded. */
const folded: Reading = ({ state, c, rest }) => {
  // "roll up the wraps" says what
  const isUnsaid =
    /^(?:fold (?:(?:it|them)\s+)?(?:over|in half|up(?=\s*(?:$|and\b|to\b)))|roll (?:(?:it|them)\s+)?up)\b(?!\s+(?:the|an?|each|every|your|both|all|one)\b)/i;
  if (!isUnsaid.test(`${c.verb} ${rest}`)) return null;
  const sheet = sheetUnder(state, state.objectUses);
  return sheet === undefined ? null : `the ${nameOf(state.recipe.ingredients[sheet]!)} ${rest.replace(/^(?:it|them)\s+/i, '')}`;
};

/** "Divide between two pots", of a dish that is called after its pots; "break up the sponges and divide between 6 cups". */
const sharedOut: Reading = ({ state, c, rest, act, id }) => {
  const isNamedAfter = () =>
    act === 'serve' && /^(?:between|among|into)\b/i.test(rest) && findTools(state.recipe.title.split(' ').at(-1)!).length > 0;
  const isWhatWasSpokenOf = () =>
    id === 'share-out' &&
    (!c.first || c.line < state.recipe.instructions.length) &&
    !objectPhrase(rest) &&
    state.objectUses.length > 0 &&
    state.cooked.size === 0;
  return isNamedAfter() || isWhatWasSpokenOf() ? `${hole('thing', spokenOf(state))} ${rest}` : null;
};

/** "Drain and serve with the sauce": what was drained. "Lift out the chicken and leave until cool enough to handle": not the soup that it was in. */
const cameOut: Reading = ({ state, c, rest, act, id }) => {
  const last = c.first ? null : worksOf(state.steps.at(-1)?.technique).act;
  const wasLifted = last === 'lift' && (act === 'cool' || act === 'wait') && !objectPhrase(rest) && state.objectUses.length < 3;
  const isDrained = last === 'drain' && ((act === 'serve' && /^with\b/i.test(rest)) || (id === 'share-out' && !objectPhrase(rest)));
  if (!wasLifted && !isDrained) return null;
  return `${listed(state.objectUses.map((i) => `the ${nameOf(state.recipe.ingredients[i]!)}`)) || hole('thing', null)} ${rest}`;
};

const served: Reading = ({ state, rest, act }) =>
  act === 'serve' && (!objectPhrase(rest) || SERVED_HOW.test(rest) || /^(?:over|on|in|from)\s/i.test(rest))
    ? `${isDishItself(state, rest) ? hole('spoken', spokenOf(state)) : `the ${shortTitle(state.recipe.title)}`} ${rest}`
    : null;

const greased: Reading = ({ state, rest, act }) => {
  if (act !== 'coat-vessel') return null;
  if (/^with\b/i.test(rest)) return `${hole('there', vesselToCoat(state))} ${rest}`;
  const vessel = vesselToCoat(state);
  return vessel ? rest.replace(/^(?:it|them)\b/i, vessel) : null;
};

/** In the order in which they are tried. */
export const TOLD_BY_ACT: readonly Reading[] = [
  ({ state, c, rest, id }) =>
    id === 'cover' || id === 'uncover' ? `${withVessel(state, rest)}${withCover(state, c, state.container)}` : null,
  ({ c, rest, act }) => (act === 'off' || act === 'ring-set' ? heatWords(c, rest) : null),
  offRing,
  folded,
  sharedOut,
  cameOut,
  served,
  greased,
  ({ rest, act }) => (act === 'water' && /^with\b/i.test(rest) ? `${hole('there', null)} ${rest}` : null),
];
