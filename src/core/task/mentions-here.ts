// What a text speaks of, as the kitchen is when it is read.
import { lotsOf } from '../kitchen/index';
import { WHOLE } from './amount-before';
import { mentionsIn, type Mention } from './mentions';
import type { State } from './state';

/** Less than this fills no pan, in millilitres. */
const PANFUL = 400;

/** "A pan of water", with 3 tbsp of hot water on the list: water from the tap. */
const isPanful = (state: State, text: string, m: Mention) =>
  state.world.ingredients[m.ingredient]!.food?.category === 'water' &&
  state.world.ingredients[m.ingredient]!.ml < PANFUL &&
  /\b(?:pan|pot|saucepan)s? of (?:\p{L}+ )*$/iu.test(text.slice(0, m.at));

const FILLED_TIN = /^(?:Half-fill|Fill|Swill|Rinse) (?:the|each|your|one of the|an?) (?:empty )?(?:tin|can|jar|carton)s?\b/;

/** "Rinse under cold water", "mix the oil with 1 tbsp water", "pour boiling water over them", with the water of the list in the dough: from the tap. */
const isTap = (state: State, text: string, m: Mention) =>
  state.world.ingredients[m.ingredient]!.food?.category === 'water' &&
  // "water", with no amount, on a list of what one needs: out of the tap
  (state.world.ingredients[m.ingredient]!.one.min === null ||
    /\bunder\s+(?:the\s+)?(?:\p{L}+\s+){0,2}$/iu.test(text.slice(0, m.at)) ||
    // "half-fill the empty tin with water and add that": what is in the tin
    FILLED_TIN.test(state.steps.at(-1)?.text ?? '') ||
    /^(?:the|your|one|an?|one\s+of\s+the)\s+(?:empty\s+)?(?:tin|can|jar|carton)s?\b[^.;]*\bwith\s+(?:the\s+)?(?:cold\s+)?$/iu.test(
      text.slice(0, m.at),
    ) ||
    ((m.quantity !== null || (m.part === 'all' && !/\bthe\s+(?:\p{L}+\s+){0,2}$/iu.test(text.slice(0, m.at)))) &&
      lotsOf(state.world, m.ingredient).every((lot) => lot.joined && lot.parts.size > 1)));

/**
 * The ingredients that a text speaks of; "the veg" is what is still veg, where spinach has gone into the ricotta and others are to come.
 * @param stirs it is stirred, turned or baked on: what lies in the vessel in hand, with whatever else is in there
 */
export function mentionsHere(state: State, text: string, stirs = false): Mention[] {
  const mentions = mentionsIn(text, state.names, state.used, state.objectUses).filter(
    (m) => !isPanful(state, text, m) && !isTap(state, text, m),
  );
  const together = (m: Mention) => mentions.filter((other) => other.at === m.at && other.end === m.end && other.end > other.at);
  const placeOf = (m: Mention) => lotsOf(state.world, m.ingredient).at(-1)?.at ?? null;
  const isWorkedIn = (m: Mention) => {
    if (stirs && placeOf(m) !== null && placeOf(m) === state.container) return false;
    const lot = lotsOf(state.world, m.ingredient).at(-1);
    const isOthers = lot?.joined === true && [...lot.parts.keys()].some((i) => !together(m).some((other) => other.ingredient === i));
    return isOthers && together(m).some((other) => placeOf(other) !== placeOf(m));
  };
  // "nestle the chicken among the vegetables": those that are there, and no beans that come later
  const isPlace = (m: Mention) =>
    /\b(?:among|amongst|amid|around|round|between|over|under|underneath|beside|alongside|next\s+to|(?:on\s+)?top\s+of|on|onto|to|in\s+with)\s+(?:the\s+|your\s+)?$/i.test(
      text.slice(0, m.at),
    );
  const isThere = (m: Mention) => state.placed.has(m.ingredient);
  // "the rest of the veg", all of it cut up before: what is not in yet, whole
  const rests = mentions.filter((m) => m.part === 'rest' && together(m).length > 1);
  if (rests.some(isThere) && !rests.every(isThere))
    return mentions.flatMap((m) => (!rests.includes(m) ? [m] : isThere(m) ? [] : [{ ...m, ...WHOLE }]));
  const away = mentions.filter((m) => together(m).length > 1 && isPlace(m) && !isThere(m) && together(m).some(isThere));
  if (away.length > 0) return mentions.filter((m) => !away.includes(m));
  return mentions.filter((m) => together(m).length < 2 || !isWorkedIn(m) || together(m).every(isWorkedIn));
}
