// What a text speaks of, as the kitchen is when it is read.
import { lotsOf } from '../kitchen/index';
import { mentionsIn, type Mention } from './mentions';
import type { State } from './state';

/** The ingredients that a text speaks of; "the veg" is what is still veg, where spinach has gone into the ricotta and others are to come. */
export function mentionsHere(state: State, text: string): Mention[] {
  const mentions = mentionsIn(text, state.names, state.used);
  const together = (m: Mention) => mentions.filter((other) => other.at === m.at && other.end === m.end && other.end > other.at);
  const placeOf = (m: Mention) => lotsOf(state.world, m.ingredient).at(-1)?.at ?? null;
  const isWorkedIn = (m: Mention) => {
    const lot = lotsOf(state.world, m.ingredient).at(-1);
    const isOthers = lot?.joined === true && [...lot.parts.keys()].some((i) => !together(m).some((other) => other.ingredient === i));
    return isOthers && together(m).some((other) => placeOf(other) !== placeOf(m));
  };
  return mentions.filter((m) => together(m).length < 2 || !isWorkedIn(m) || together(m).every(isWorkedIn));
}
