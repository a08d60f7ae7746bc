// What a clause acts on where it speaks of a place: "stir in the paprika", "pour over the sauce", "spread in the tin", "top with".
import { objectPhrase } from '../plan/object-phrase';
import { foodIs } from '../recipe/food';
import { listed } from '../recipe/listed';
import { findFood } from '../recipe/food';
import { worksOf } from '../technique/works';
import { hole, spokenOf, theThing, withPronoun } from './holes';
import { isTarget } from './locate-all';
import { isOverWater } from './means/here';
import type { Reading, Said } from './object-told';
import { HAS_PLACE, isFlat, isPlace, PLACE_SAID, seasonedWith, toPlace } from './place-words';
import { inside } from './push';
import { nameOf } from './ready';
import { isContainer, type Located, type State } from './state';
import { handledAlone } from './things';
import { inTool, toolCall } from './tool-names';

/** The things that the steps just before put on or into what lies there, of several that are spoken of. */
function cameLast(state: State, c: Located): string[] {
  const last: number[] = [];
  for (const step of [...state.steps].reverse()) {
    const [use] = step.uses ?? [];
    if (
      step.sourceLine !== c.line ||
      step.into !== state.container ||
      worksOf(step.technique).act !== 'put' ||
      use?.ingredient === undefined ||
      use.ingredient === null
    )
      break;
    last.unshift(use.ingredient);
  }
  return last.length > 0 && last.length < state.objectUses.length ? last.map((i) => `the ${nameOf(state.recipe.ingredients[i]!)}`) : [];
}

/** "Spread the sauce inside. Fill with": the bread that was spoken of, not all that lies there. */
export function filledThing(state: State, c: Located, to: string): string | null {
  const spokenOfNow = state.objectUses;
  // the peppers, and not the oil on them
  const mains = spokenOfNow.filter((i) => !state.world.ingredients[i]!.minor);
  const about = mains.length > 0 ? mains : spokenOfNow;
  const isBread = about.every((i) => foodIs(findFood(state.recipe.ingredients[i]!.item), 'of-flour'));
  // "lay the salmon on the tray. Brush with the sauce": the salmon
  const isOne =
    about.length === 1 && !c.mentions.some((m) => m.ingredient === about[0]) && /^(?:brush|glaze|rub|baste)$/.test(c.verb ?? '');
  if (
    (c.technique?.id !== 'stuff' && !isBread && !isOne) ||
    about.length === 0 ||
    about.length > 2 ||
    about.some((i) => state.placed.get(i) !== to)
  )
    return null;
  return listed(about.map((i) => `the ${nameOf(state.recipe.ingredients[i]!)}`));
}

/** "Stir the milk into the bowl to give a soft batter": where it goes stands before what for and how. */
export const withGoal = (said: string, goal: string) => {
  const at =
    /\s(?:to (?:give|make|form|get|loosen|combine|bring|bind)|with|until|so that|using|if)\b|,\sone at a time|,\s(?:saving|keeping|reserving|leaving|stopping|easing|making|taking|holding|tilting|going)\b/i.exec(
      said,
    )?.index ?? said.length;
  return `${said.slice(0, at)} ${goal}${said.slice(at)}`;
};

/** What lies where it is done, and the vessel itself. */
const there = (state: State) => hole('there', state.container ? `the ${toolCall(state, state.container)}` : null);
const vessel = (state: State) => (state.container ? `the ${toolCall(state, state.container)}` : there(state));
/** What the clause names of the list, but for where things go. */
export const namedIn = (c: Located) => c.mentions.filter((m) => m.end > m.at && !isTarget(c, m));
/** Whether it cuts something straight into what stands there. */
const cutsIn = ({ state, c, act }: Said) =>
  act === 'ready' &&
  state.container !== null &&
  state.container !== 'board' &&
  (namedIn(c).length > 0 || c.mentions.some((m) => m.end > m.at && !state.placed.has(m.ingredient)));

/** "Sift the flour and cocoa over the mixture and fold in": what came last. */
const newest: Reading = ({ state, c, rest, act }) => {
  const last = act === 'join' && /^in(?:to)?(?=$|\s+(?:until|gently|with|well)\b)/i.test(rest) ? cameLast(state, c) : [];
  return last.length > 0 ? `${listed(last)} ${rest}` : null;
};

/** "Stir", beside a bowl with several things in it. */
const everything: Reading = ({ state, c, rest, act }) => {
  if (act !== 'join' || rest || !state.container) return null;
  const alone = c.mentions.length === 1 && inside(state, state.container).length === 0;
  return alone ? null : `everything ${inTool(state, state.container)}`;
};

/** "Dissolve the cube and pour in", "nestle the chicken back in": one has to say into what. */
const putIn: Reading = ({ state, c, rest, act }) => {
  if (act !== 'put' || !state.container) return null;
  if (/^(?:(?:it|them)\s+)?in(?:\s+(?:too|as well))?$/i.test(rest)) return `${theThing(state)} ${toPlace(state, c.verb!, state.container)}`;
  const back = /^(the .{2,40}? )?back in$/i.exec(rest);
  return back ? `${back[1] ?? `${theThing(state)} `}back ${toPlace(state, c.verb!, state.container)}` : null;
};

const INTO =
  /^(?:in|through)\s+(?!\p{L}+ly\b)(?!(?:a|an|the)\s+(?:\p{L}+\s+)?(?:bowl|pan|pot|jug|tray|dish|mug|cup|sieve|colander|strainer|funnel|muslin|circles?|one direction|same way)\b)(?!(?:with|until|batches|small|for)\b)(?=\S)/iu;

/** "Stir in the paprika": into what is there already. */
const intoWhatIsThere: Reading = (said) => {
  const { state, c, rest, act, id } = said;
  const into = INTO.exec(rest);
  if (!into || id === 'coat' || id === 'dip' || (act !== 'join' && act !== 'put' && !cutsIn(said)) || isPlace(c, rest)) return null;
  const goal = id === 'rub-in' || isFlat(state) ? there(state) : vessel(state);
  return withGoal(withPronoun(state, rest.slice(into[0].length)), `into ${goal}`);
};

/** "Pour over the sauce": over what is there. */
const overWhatIsThere: Reading = (said) => {
  const { state, c, rest, act } = said;
  const over = /^over\s+(?=\p{L})(?!(?:it|them)\b)/iu.exec(rest);
  if (!over || HAS_PLACE.test(rest.slice(over[0].length))) return null;
  const pours = act === 'put' && (namedIn(c).length > 0 || /\bwater\b/i.test(rest));
  return pours || cutsIn(said) ? `${rest.slice(over[0].length)} over ${there(state)}` : null;
};

/** "Top with", "fill up with", "toss with the oil": what lies there already. */
const withMore: Reading = ({ state, c, rest, act }) => {
  if (act === 'join') return /^with\b/i.test(rest) && namedIn(c).length > 0 ? `${hole('held', null)} ${rest}` : null;
  if (act !== 'put') return null;
  if (/^up with\b/i.test(rest)) return `${vessel(state)} ${rest}`;
  // "top each one with jam": each of what stands there
  if (/^each one with\b/i.test(rest) && /^(?:top|finish|decorate|dot)$/.test(c.verb ?? '')) return rest;
  if (!/^with\b/i.test(rest)) return null;
  const filled = state.container ? filledThing(state, c, state.container) : null;
  return `${filled ?? (handledAlone(state).length > 0 ? hole('spoken', null) : there(state))} ${rest}`;
};

const seasoned: Reading = ({ state, c, rest, id }) => {
  if (id !== 'season') return null;
  if (/^to taste with\b/i.test(rest)) return `${there(state)} ${rest}`;
  if (/\bwith\b/i.test(rest)) return null;
  const object = objectPhrase(rest)
    ? withPronoun(state, rest)
    : `${handledAlone(state).length > 0 ? hole('spoken', null) : there(state)} ${rest}`;
  return `${object}${seasonedWith(state, c)}`;
};

/** In the order in which they are tried. */
export const TOLD_BY_PLACE: readonly Reading[] = [
  // "set over a pan of simmering water": the bowl is what stands there
  ({ state, rest, act, id }) =>
    act === 'heat' && id !== 'steam' && isOverWater(rest) && /^over\b/i.test(rest) && state.container
      ? `the ${toolCall(state, state.container)} ${rest}`
      : null,
  // "pour through a sieve over the bread"
  ({ state, rest, act }) =>
    act === 'put' && /^through (?:an?|the|your)\s/i.test(rest) ? `${hole('spoken', spokenOf(state))} ${rest}` : null,
  newest,
  // "stir in the spinach and let it wilt"
  ({ state, c, rest, id }) =>
    worksOf(id, c.technique?.like).traits.has('newest') && /^(?:it|them)\b/i.test(rest) && state.objectUses.length > 0
      ? rest.replace(/^(?:it|them)\b/i, hole('spoken', null))
      : null,
  everything,
  // "crush roughly with a masher"
  ({ state, c, rest, act }) =>
    act === 'join' && c.mentions.length === 0 && /^\p{L}+ly\s+(?:with|using)\s+(?:an?|the|your)\s/iu.test(rest)
      ? `${theThing(state)} ${rest}`
      : null,
  putIn,
  // "spread in the tin"
  ({ state, c, rest, act }) =>
    act === 'put' && c.mentions.length === 0 && PLACE_SAID.test(rest) && c.tools.some((t) => isContainer(t.id) && t.at < 40)
      ? `${theThing(state)} ${rest}`
      : null,
  // "cut open", "arrange in a single layer"
  ({ state, rest }) => (/^(?:open$|in (?:a single|one|an even|a thin) layer\b)/i.test(rest) ? `${theThing(state)} ${rest}` : null),
  intoWhatIsThere,
  overWhatIsThere,
  // "pour warm water into a dish": water is what is poured
  ({ rest, act }) => (act === 'put' && /^(?:(?:some|a little|enough)\s+)?(?:\p{L}+\s+)?water\s+(?:in|into)\s/iu.test(rest) ? rest : null),
  withMore,
  seasoned,
];
