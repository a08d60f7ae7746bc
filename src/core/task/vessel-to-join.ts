// In which vessel things are worked into one.
import { toFraction } from '../amount/quantity';
import { gramsIn } from '../amount/units';
import { contents, isHot, type Known } from '../kitchen/index';
import { isPutAway } from '../kitchen/world';
import { kindOf } from '../technique/lexicon';
import { hasMark, toolById } from '../technique/tools';
import { placeOf } from './nouns';
import { waterIn } from './put-cards';
import type { Located, State } from './state';
import type { Things } from './things';
import { inHand, inUse, isHeld, isPan, mixingBowl } from './vessels';

const WORKS_IN = new Set(['mix', 'beat', 'cream', 'rub-in', 'mash']);

/** A counted carrot or pepper, in millilitres (common practice: 100 to 200 g). */
const PIECE_ML = 120;
/** About how much room a thing takes that is not measured by the cup, in millilitres; herbs and spices take none. */
function roomOf({ one, ml, minor }: Known): number {
  if (ml > 0 || minor || one.min === null) return ml;
  const amount = toFraction(one.min)!.valueOf();
  return amount * (gramsIn(one.unit)?.valueOf() ?? (one.unit === null ? PIECE_ML : 0));
}

/** A salad is not tossed in the jar that its dressing was shaken in: not where it has no room, unless the recipe says so. */
export function vesselToJoin(state: State, c: Located, said: Things, goal: { vessel: string | null }, insertion: boolean): string {
  const to = vesselMeant(state, c, said, goal, insertion);
  const come = [...new Set([...said.fresh.map((m) => m.ingredient), ...said.there])].filter((i) => state.placed.get(i) !== to);
  const room = (v: string) => (toolById(v)?.kind === 'container' ? (toolById(v)?.holds ?? Infinity) : Infinity);
  // what is tossed needs as much again, and half of that: noodles are weighed dry
  const times = kindOf(c.technique?.id) === 'toss' ? 3 : 1;
  const ml = times * come.reduce((sum, i) => sum + roomOf(state.world.ingredients[i]!), 0);
  if (goal.vessel !== null || hasMark(to, 'aside') || ml <= room(to)) return to;
  const lie = said.there.flatMap((i) => state.placed.get(i) ?? []).filter((v) => v !== to && v !== 'board' && ml <= room(v));
  return lie[0] ?? mixingBowl(state);
}

function vesselMeant(state: State, c: Located, said: Things, goal: { vessel: string | null }, insertion: boolean): string {
  const id = kindOf(c.technique?.id);
  const held = insertion ? inHand(state) : state.container;
  if (goal.vessel) return goal.vessel;
  if (id === 'blend' && !/\b(?:stick|hand|immersion)\b/i.test(`${c.lead ?? ''} ${c.rest} ${c.until ?? ''}`)) return 'blender';
  // what is mixed while the dish bakes, and cornflour that becomes a paste, have a bowl of their own
  const paste =
    !insertion && /\b(?:to|into|makes?|forms?)\s+(?:an?\s+)?(?:\p{L}+\s+)?(?:paste|slurry)\b/iu.test(`${c.rest} ${c.until ?? ''}`);
  if (
    said.fresh.length > 0 &&
    said.there.length === 0 &&
    ((c.meanwhile && held !== null && held === state.inOven) || (paste && isPan(held)))
  )
    return mixingBowl(state);
  const where = placeOf(state, said.there);
  // not into the topping that chills meanwhile
  const isAway = (v: string) => isPutAway(state.world.vessels.get(v)?.place ?? 'table');
  const other = [held, ...inUse(state)].find(
    (v): v is string => v !== null && v !== where && v !== 'board' && isHeld(state, v) && !isAway(v),
  );
  // "add the butter to the flour and rub it in": where it lies, with the flour
  const isAmid =
    where !== null &&
    where === held &&
    contents(state.world, where).some((lot) => ![...lot.parts.keys()].some((i) => said.there.includes(i)));
  if (insertion && where !== null && !isAmid && (said.fresh.length === 0 || /\bback in\b/i.test(c.rest)) && other) return other;
  // "squeeze the cucumber, then mix with the yoghurt": not into the koftas that chill
  if (!insertion && said.fresh.length > 0 && said.there.length === 0 && held !== null && isAway(held) && !/\bin with\b/i.test(c.rest))
    return mixingBowl(state);
  // eggs that were chopped up are mixed with mayo in a bowl
  if (where === 'board' && said.fresh.length > 0 && WORKS_IN.has(id)) return mixingBowl(state);
  if (where !== null && !insertion) return where;
  if (insertion && held !== null) return held;
  const machine = /^(?:whip|whisk|beat)$/.test(c.verb ?? '') || c.technique?.id === 'whip';
  const water = !insertion && waterIn(c, state) !== null;
  const anew =
    said.fresh.length > 0 &&
    said.there.length === 0 &&
    c.first &&
    (said.fresh.length > 1 || machine || id === 'mash' || water) &&
    WORKS_IN.has(id) &&
    // some of the beans that are in the pan
    (water || !said.fresh.every((m) => m.part === 'some' && state.placed.get(m.ingredient) === held));
  // what was cracked into a cup is beaten there
  const own = placeOf(
    state,
    said.fresh.map((m) => m.ingredient),
  );
  if (said.fresh.length === 1 && own && own !== held && machine) return own;
  // "toss both in the oil", beside a hot tin: not in there
  const isTossed =
    id === 'toss' && said.fresh.length > 0 && said.there.length === 0 && c.first && held !== null && isHot(state.world, held);
  if (isTossed && isHeld(state, held)) return mixingBowl(state);
  // "toss the berries with a spoon of flour", with the batter in hand: not in there
  const isCoatedFirst = id === 'toss' && said.fresh.length > 1 && said.there.length === 0 && c.first && held !== null;
  if (isCoatedFirst && isHeld(state, held) && contents(state.world, held).every((lot) => lot.joined)) return mixingBowl(state);
  // "peel and mash the avocado", while the tray of nachos bakes
  const isOnTray =
    id === 'mash' && said.fresh.length > 0 && said.there.length === 0 && held !== null && hasMark(held, 'bakes') && !isPan(held);
  if (isOnTray && isHeld(state, held)) return mixingBowl(state);
  if (anew && held !== null && (isHeld(state, held) || toolById(held)?.kind !== 'container')) return mixingBowl(state);
  if (held === null || held === 'board' || (toolById(held)?.kind === 'surface' && said.fresh.length > 0)) return mixingBowl(state);
  if (hasMark(held, 'bakes') && toolById(held)?.kind === 'cookware' && said.fresh.length > 1 && id === 'mix' && !insertion)
    return mixingBowl(state);
  return held;
}
