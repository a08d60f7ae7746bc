// What an action asks for that a step has done already, or that the routine behind every recipe will.
import { minutesOfText } from '../amount/minutes';
import { lotsOf } from '../kitchen/index';
import { isPutAway } from '../kitchen/world';
import { kindOf } from '../technique/lexicon';
import type { Act } from '../technique/works';
import { isHobOff } from './frames-hob';
import { inside } from './push';
import { focusOn, lastOf, type Located, type State } from './state';
import { isHeld } from './vessels';

/** Rinsed for its first cut, and only trimmed since. */
const isRinsedJustNow = (state: State, i: number): boolean => {
  const lots = lotsOf(state.world, i);
  return (
    lots.length > 0 &&
    lots.every((lot) => lot.forms.has('rinse') && lot.forms.has('trim') && [...lot.forms].every((f) => JUST_TRIMMED.has(f)))
  );
};
const JUST_TRIMMED: ReadonlySet<string> = new Set(['rinse', 'trim', 'cut', 'measure']);

/** "Turn off the heat" after its ring went off, "take it out of the oven" after it came out, "eat": a step has done it, or will. */
export function isDoneAlready(state: State, c: Located, act: Act): boolean {
  if (act === 'off') return isHobOff(state, c);
  const last = state.steps.at(-1);
  // "Bake for 25 minutes. Set the timer!": it was set for that
  if (c.technique?.id === 'set-timer' && minutesOfText(c.rest) === null)
    return state.steps.slice(-3).some((s) => s.tools?.includes('timer') === true && (s.minutes?.waiting ?? 0) >= 1);
  if (c.technique?.id === 'gloves-on') return kindOf(last?.technique) === 'take-out-oven';
  // it came out when its time was up
  if (
    act === 'oven-out' &&
    // with a bowl in the microwave in hand it is that bowl, though a dish was baked before
    (state.container === state.inOven || !isPutAway(state.world.vessels.get(state.container ?? '')?.place)) &&
    c.mentions.every((m) => state.inOven !== null && state.placed.get(m.ingredient) === state.inOven) &&
    lastOf(state, 'take-out-oven') > Math.max(lastOf(state, 'bake'), lastOf(state, 'preheat-oven'))
  ) {
    if (state.inOven !== null && isHeld(state, state.inOven)) {
      state.container = state.inOven;
      focusOn(state, inside(state, state.inOven), null);
    }
    return true;
  }
  if (act === 'oven-out') return kindOf(last?.technique) === 'take-out-oven';
  // "trim, wash and slice the leek": it was rinsed before it was cut
  if (
    kindOf(c.technique?.id) === 'rinse' &&
    !/\bagain\b/i.test(c.rest) &&
    c.mentions.length > 0 &&
    c.mentions.every((m) => isRinsedJustNow(state, m.ingredient))
  )
    return true;
  // eating stands in the routine behind every recipe; "eat with lime" brings the lime
  return act === 'eat' && c.mentions.length === 0;
}
