// What is done in its water is drained before another pan takes the ring and before other work begins, so that nothing waits in its water.
import { mentionsIn } from './mentions';
import type { Clause } from './clauses';
import { isApart } from './pan-of-heat';
import { inside } from './push';
import { focusOn, type Located, type State } from './state';
import { thingsOf, frameOf } from './things';
import { worksOf } from '../technique/works';
import { isPan } from './vessels';

type Said = { clause: Clause; line: number };

/** How many actions on the draining may stand and still be meant: a "meanwhile" is seldom longer (common practice). */
const AHEAD = 20;

/** What is in hand now, to be taken up again where the recipe drains it: "drain the potatoes and mash" mashes the potatoes. */
export function inHandAgain(state: State): () => void {
  const { objectUses, container } = state;
  return () => {
    focusOn(state, objectUses, null);
    state.container = container;
  };
}

/**
 * "Boil the pasta. Meanwhile, fry the mushrooms. Drain the pasta": where among the actions its draining stands.
 * @param i the action that is done meanwhile, on a ring of its own or cold; or that begins in another pan
 * @returns the places of the actions that come first: the cup of water that is kept, and the draining; none where nothing is in water, or nobody drains it by
 * name
 */
export function drainedBefore(state: State, clauses: readonly Said[], i: number, c: Located): number[] {
  const pan = state.container;
  if (pan === null || (state.world.vessels.get(pan)?.water ?? 'none') === 'none') return [];
  const onHeat = worksOf(c.technique?.id, c.technique?.like).act === 'heat';
  // on another ring by its own words, or said to be done beside it
  if (!c.meanwhile && !(onHeat && c.tools.some((t) => isPan(t.id) && t.id !== pan))) return [];
  // cold work beside it begins with the sentence that says so; what is done to the pan itself is no other work
  if (!onHeat && (!c.first || inside(state, pan).some((i) => c.mentions.some((m) => m.ingredient === i)))) return [];
  const object = thingsOf(state, c, frameOf(state, c).theme);
  // "meanwhile, heat the oil in a frying pan": another pan by its name
  const namesOther = object.there.length === 0 && c.tools.some((t) => isPan(t.id) && t.id !== pan);
  if (onHeat && !namesOther && !isApart(state, c, object.fresh, object.there)) return [];
  const boiled = inside(state, pan);
  const k = clauses.slice(i + 1, i + 1 + AHEAD).findIndex(({ clause }) => {
    const named = clause.verb === 'drain' ? mentionsIn(clause.rest, state.names, state.used) : [];
    return named.length > 0 && named.every((m) => boiled.includes(m.ingredient));
  });
  if (k < 0) return [];
  const kept = clauses
    .slice(i + 1, i + 1 + k)
    .flatMap(({ clause }, at) => (KEEPS_WATER.test(`${clause.verb} ${clause.rest}`) ? [i + 1 + at] : []));
  return [...kept, i + 1 + k];
}

/** "Reserve a cup of the cooking water": before it is poured away. */
const KEEPS_WATER = /^(?:reserve|save|keep|set aside|scoop|ladle|take|spoon)\b.*\bwater\b/i;
