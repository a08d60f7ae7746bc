// What a clause that puts something leaves unsaid: what is put, where it goes, and what it is called after.
import { contents, lotsOf } from '../kitchen/index';
import { foodIs } from '../recipe/food';
import { nameOf } from './ready';
import { bareOf, isShaped } from '../kitchen/matter';
import { hasMark, toolById } from '../technique/tools';
import { worksOf } from '../technique/works';
import { wholeOf } from './mentions';
import { isLeft } from './begins-anew';
import { inside } from './push';
import type { Phrase } from './slots';
import { isContainer, type Located, type State } from './state';
import { placeOf, SHAPE, PARCELS } from './nouns';
import { pieceOf, type Frame, type Things } from './things';
import { inHand, inUse, isHeld, isPan, mixingBowl, servedIn } from './vessels';

/** "pour on the milk": "pour the milk over it". */
export function withoutStart(c: Located, { from, to }: Phrase): Located {
  const rest = c.rest.slice(from).trimStart();
  const by = c.rest.length - rest.length;
  return {
    ...c,
    rest: `${rest.slice(0, to - by)} over it${rest.slice(to - by)}`,
    mentions: c.mentions.map((m) => (m.end > m.at ? { ...m, at: m.at - by, end: m.end - by } : m)),
  };
}

/** Rice, pasta and the like that are ready to eat: what is spooned over them is spooned onto the plate. */
export function isServedUnder(state: State, ingredient: number): boolean {
  const { one, food } = state.world.ingredients[ingredient]!;
  const isReady = /\bcooked\b/i.test(one.item) || one.notes.some((note) => /\bserv/i.test(note));
  return foodIs(food, 'boils') && (isReady || lotsOf(state.world, ingredient).some((lot) => lot.cooked));
}

/** "Spoon over bowls of hot rice", of what is in the pan: it goes over the rice. */
export function overBase(state: State, c: Located): Located | null {
  const said =
    /^over\s+(?:(?:bowls|plates|mounds?|a\s+(?:bowl|bed|plate|mound))\s+of\s+)?(?:(?:the|some|your)\s+)?(?:(?:hot|warm|steaming|cooked)\s+)*/i.exec(
      c.rest,
    );
  const [base] = c.mentions;
  if (!said || c.mentions.length !== 1 || !/^(?:spoon|ladle|pour|tip|pile|scoop)$/.test(c.verb ?? '')) return null;
  if (!isServedUnder(state, base!.ingredient) || state.container === null || !isHeld(state, state.container)) return null;
  const name = `the ${nameOf(state.recipe.ingredients[base!.ingredient]!).replace(/^cooked\s+/i, '')}`;
  return { ...c, rest: `it over ${name}`, tools: [], mentions: [{ ...base!, at: 'it over the '.length, end: `it over ${name}`.length }] };
}

export const placeUnder = (state: State, c: Located) =>
  worksOf(c.technique?.id, c.technique?.like).traits.has('pour') ? mixingBowl(state) : 'board';

/** "Mix the cream in a jug and pour over": over what stands beside. */
export function overWhat(state: State, c: Located, frame: Frame): string | null {
  // "serve in bowls. Grate the cheese over the top": in the bowls
  const served = servedIn(state);
  if (served && /\bover(?: the top)?$/i.test(c.rest.trim())) return served;
  if ((frame.theme !== null && frame.theme.pronoun === null) || frame.with !== null) return null;
  const said = c.rest.trim();
  const isOver = /^(?:(?:it|this|them)\s+)?(?:evenly\s+)?(?:all\s+)?over(?:\s+the\s+(?:top|base|crust|bottom))?$/i.test(said);
  const isOnTop = /^(?:(?:it|this|them)\s+)?(?:evenly\s+)?on top$/i.test(said) && isMadeBeside(state);
  const isIn = /^(?:(?:it|this|that|them|everything)\s+)?in(?:\s+too|\s+as well)?$/i.test(said) && isMadeBeside(state);
  if (!isOver && !isOnTop && !isIn) return null;
  // herbs that were torn just now go over what is in hand
  const isLoose = state.objectUses.length > 0 && state.objectUses.every((i) => !state.placed.has(i));
  if (isOver && isLoose && state.container !== null && state.container !== 'board' && isHeld(state, state.container)) return null;
  if (isIn) return inUse(state).find((v) => v !== state.container && v !== 'board' && !hasMark(v, 'aside')) ?? null;
  // not over what waits measured in its bowl
  const isBase = (v: string) =>
    contents(state.world, v).some((lot) => (v === 'board' ? isShaped(lot) || lot.joined : lot.joined || !lot.portion));
  const bases = inUse(state).filter((v) => v !== state.container && isBase(v));
  // what was worked on last, and not the compote that was set aside before
  const worked = state.steps.findLast((s) => bases.includes(s.into ?? ''))?.into ?? null;
  return worked !== null && bases[0] !== undefined && isLeft(state, bases[0]) ? worked : (bases[0] ?? null);
}

/** "Mix the crumbs with the cheese and sprinkle on top": all that is in the bowl in hand was made to go on something else. */
function isMadeBeside(state: State): boolean {
  const held = state.container;
  return (
    held !== null &&
    toolById(held)?.kind === 'container' &&
    state.objectUses.length > 0 &&
    // half of the cheese may be in the sauce
    state.objectUses.every((i) => lotsOf(state.world, i).some((lot) => lot.at === held)) &&
    inside(state, held).every((i) => state.objectUses.includes(i)) &&
    !hasMark(held, 'each')
  );
}

/** What is poured or scattered has no name of its own any more. */
export const RUNS_OVER = /^(?:pour|drizzle|sprinkle|scatter|season|cover|crumble|squeeze|spread)$/;

/** "Put the parcels on the tray": they are parcels when they are baked. */
export const shapeSaid = (state: State, { theme }: Frame): string | null =>
  theme !== null &&
  (theme.mentions.length === 0 || pieceOf(state, theme) !== null) &&
  theme.pronoun === null &&
  SHAPE.test(theme.text) &&
  (/^the \p{L}+s$/iu.test(theme.text) || PARCELS.test(theme.text))
    ? theme.text
    : null;

/** All that lies there but what was only scattered on it. */
export const beneath = (state: State, vessel: string): number[] => {
  return [...new Set(bareOf(contents(state.world, vessel)).flatMap((lot) => [...lot.parts.keys()]))];
};

/** What is put when nothing is named: what was spoken of, or all that is in hand. */
export function spokenFor(state: State, goal: string | null): Things {
  const loose = state.objectUses.filter((i) => !state.placed.has(i));
  if (loose.length > 0)
    return { fresh: loose.map(wholeOf), there: state.objectUses.filter((i) => state.placed.has(i) && state.placed.get(i) !== goal) };
  const away = state.objectUses.filter((i) => state.placed.get(i) !== goal);
  if (away.length > 0) return { fresh: [], there: away };
  return { fresh: [], there: state.container && state.container !== goal ? inside(state, state.container) : state.objectUses };
}

/** Where things go when no place is named. */
export function placeForPut(state: State, c: Located, theme: Things): string {
  const held = inHand(state);
  const works = worksOf(c.technique?.id, c.technique?.like);
  // unrolled, cut up and only then put on the sheet that was lined
  const unrolls = /^un(?:roll|fold|wrap)$/.test(c.verb ?? '');
  // and in no muffin tin: its circles are cut out first
  if (unrolls && (movesLater(state, c) || (state.prepared !== null && hasMark(state.prepared, 'each')))) return 'board';
  // "spoon into the cases", which stand on a tray
  if (state.prepared && /\b(?:in|into|between|among)\s+(?:the\s+|each\s+|your\s+)?(?:\p{L}+\s+)?(?:cases?|liners?)\b/iu.test(c.rest))
    return state.prepared;
  // biscuits and dumplings go where paper lies ready for them
  if (theme.fresh.length === 0 && state.prepared && (held === 'board' || held === null)) return state.prepared;
  // "Line a steamer. Add the dumplings."
  if (state.prepared !== null && state.vesselSpoken === state.prepared && !isHeld(state, state.prepared)) return state.prepared;
  if (c.technique?.id === 'stuff') return placeOf(state, state.objectUses) ?? 'board';
  if (unrolls) return 'board';
  // "lay the wraps flat": not in the bowl that the filling is in
  if (
    /^(?:lay|spread|arrange|set|line)$/.test(c.verb ?? '') &&
    /\b(?:flat|out|up)\b/i.test(c.rest) &&
    theme.fresh.length + theme.there.length > 0
  ) {
    // "lay a tortilla flat": it is filled and rolled before it goes into the dish
    if (/^(?:an?|one|each)\b.*\bflat\b/i.test(c.rest)) return 'board';
    // "tip them onto a tray. Spread out": there
    return (theme.fresh.length === 0 ? flatUnder(state, theme.there) : null) ?? state.prepared ?? 'board';
  }
  // "crack the egg into a cup, tip it in": into the pan, and not into the cup that it is in
  const isThere = theme.fresh.length === 0 && theme.there.length > 0 && theme.there.every((i) => state.placed.get(i) === held);
  if (isThere && /\bin$/i.test(c.rest) && state.hob !== null && state.hob !== held) return state.hob;
  // "dissolve the cube in the hot water. Add the tomatoes and the stock": to what is in the pan
  const isMadeAside = theme.there.length > 0 && theme.there.every((i) => state.placed.get(i) === held);
  const pot = [state.hob, ...inUse(state)].find((v) => isPan(v) && v !== held && isHeld(state, v));
  if (isMadeAside && pot && held !== null && !isPan(held) && /^(?:add|pour|tip)$/.test(c.verb ?? '')) return pot;
  if (held !== null && held !== 'board') return held;
  if (works.traits.has('hand') || c.technique?.id === 'stuff' || held === 'board') return held ?? 'board';
  return c.tools.length > 0 && !c.tools.some((t) => isContainer(t.id)) ? (held ?? mixingBowl(state)) : mixingBowl(state);
}

/** The tray or dish that things lie on already, where there is room to spread them. */
function flatUnder(state: State, there: readonly number[]): string | null {
  const lies = placeOf(state, there);
  return lies !== null && lies !== 'board' && toolById(lies)?.kind !== 'container' ? lies : null;
}

/** A later sentence puts it on the tray or the sheet. */
function movesLater(state: State, c: Located): boolean {
  const line = state.recipe.instructions[c.line - 1] ?? '';
  const later = [line.slice(line.indexOf(c.rest) + c.rest.length), state.recipe.instructions[c.line] ?? ''].join(' ');
  return /\b(?:put|place|lift|transfer|arrange|lay|slide|move)\b[^.;]{0,60}\b(?:on|onto|to)\s+(?:the|your|a)\s+(?:lined\s+|prepared\s+|baking\s+)*(?:trays?|sheets?)\b/i.test(
    later,
  );
}

export const isMinor = (state: State, i: number) => state.world.ingredients[i]!.minor;

/** What was worked into one goes as one: the milk goes with the egg. */
export const withWorkedIn = (state: State, there: readonly number[]): number[] => [
  ...new Set(
    there.flatMap((i) =>
      lotsOf(state.world, i).flatMap((lot) => (lot.joined && lot.at === state.placed.get(i) ? [...lot.parts.keys()] : [i])),
    ),
  ),
];

/** "Beat the egg with the water, add to the bowl": not to the one that they were beaten in. */
export function otherBowl<Goal extends { vessel: string | null }>(state: State, { theme, goal: said }: Frame, goal: Goal): Goal {
  const isSpoken = theme === null || (theme.pronoun !== null && theme.mentions.length === 0);
  if (!isSpoken || goal.vessel === null || !/^the bowl$/i.test(said?.text ?? '') || placeOf(state, state.objectUses) !== goal.vessel)
    return goal;
  const isFilled = (v: string) => contents(state.world, v).some((lot) => !lot.portion);
  const other = inUse(state).find((v) => v !== goal.vessel && toolById(v)?.kind === 'container' && isFilled(v));
  return other === undefined ? goal : { ...goal, vessel: other };
}

/** "Roll into balls. Sit the dumplings on top": of the stew, and not of themselves. */
export function ontoDish<Goal extends { vessel: string | null }>(state: State, frame: Frame, object: Things, goal: Goal): Goal {
  const isTop = /^(?:the )?top$/i.test(frame.goal?.text ?? '') && frame.theme?.pronoun === null && object.fresh.length === 0;
  const lies = isTop ? placeOf(state, object.there) : null;
  if (lies === null || (goal.vessel !== null && goal.vessel !== lies) || toolById(lies)?.kind !== 'container') return goal;
  const dish = [state.hob, ...inUse(state)].find((v) => v !== null && v !== lies && contents(state.world, v).some((lot) => lot.cooked));
  return dish ? { ...goal, vessel: dish } : goal;
}

/** "Beat the egg in a cup. Brush the edges with it": of what was worked before, not of the egg. */
export function edgesAt(state: State, { theme }: Frame, withs: Things): string | null {
  const coat = [...withs.fresh.map((m) => m.ingredient), ...withs.there];
  const isPart = theme !== null && theme.vessel === null && theme.mentions.length === 0 && EDGES.test(theme.text);
  if (!isPart || coat.length === 0 || !state.objectUses.every((i) => coat.includes(i))) return null;
  return state.steps.findLast((s) => s.into && isHeld(state, s.into) && !inside(state, s.into).some((i) => coat.includes(i)))?.into ?? null;
}
const EDGES = /^(?:(?:a|all)?round\s+)?(?:the\s+|your\s+)?(?:\p{L}+\s+)?(?:edges?|tops?|sides?|rims?|borders?)\b/iu;
