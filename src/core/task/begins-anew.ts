// Where another part of a recipe begins: what is finished and was left to itself is no longer the place of what is done next.
import type { Act } from '../technique/works';
import { worksOf } from '../technique/works';
import { isHeld } from './vessels';
import { isFat } from './pan-of-heat';
import { isSourcePrep, phrasesOf } from './slots';
import type { Located, State } from './state';

/** Acts after which what was made is left to itself. */
const LEAVES: ReadonlySet<Act> = new Set<Act>(['serve', 'chill', 'cool', 'store', 'place-out', 'oven-out', 'wait']);
/** Works that begin something of what they name: no garnish, and nothing that goes to what is there. */
const BEGINS: ReadonlySet<Act> = new Set<Act>(['ready', 'shape', 'touch', 'lift', 'place-out', 'heat', 'join', 'put', 'dip', 'soak']);
/** "Stir in the peas", "pour over the sauce", "lay the fish on top": to what is there. */
const TO_IT =
  /^(?:in|into|on|onto|over|through)\b|\b(?:in|over|on|through|on top|together with it)$|\b(?:on top|over|into|onto|on|with|among|around|between|through) (?:of )?(?:it|them|the|each|everything|both|all)\b/i;
const OWN_BOWL = /^(?:beat|whisk|whip|cream|crush|mash)$/;
const LAYS_OUT = /^(?:put|place|combine|tip|lay)$/;

/** Things that nothing was done with yet. */
const isFresh = (state: State, i: number) => !state.placed.has(i) && !state.used.has(i);

const isLeaving = (technique: string | null | undefined) => {
  const { act, traits } = worksOf(technique);
  return LEAVES.has(act) || traits.has('later');
};

/** The dish in hand was served, put to cool or set aside by what was last done with it. */
export function isLeft(state: State, held: string): boolean {
  const last = state.steps.findLast((s) => s.into === held);
  return last !== undefined && isLeaving(last.technique);
}

/**
 * Whether a clause begins something of its own, though a dish is in hand: it names no place, speaks of nothing that is there, and that dish was left.
 * @example "Leave the sauce to cool. Flatten the bread with a rolling pin.": not in the sauce
 */
export function beginsAnew(state: State, c: Located): boolean {
  const held = state.container;
  if (held === null || held === 'board' || c.meanwhile || !isHeld(state, held) || !isLeft(state, held)) return false;
  // "flatten each slice", of the bread that was cut just now
  const about = c.mentions.length > 0 ? c.mentions.map((m) => m.ingredient) : state.objectUses;
  if (about.length === 0 || !about.every((i) => (c.mentions.length > 0 ? isFresh(state, i) : !state.placed.has(i)))) return false;
  if (TO_IT.test(c.rest) || phrasesOf(state, c).some((p) => p.vessel !== null && p.prep !== 'with' && !isSourcePrep(p.prep))) return false;
  const { act, traits } = worksOf(c.technique?.id, c.technique?.like);
  if (!BEGINS.has(act) || (!c.first && (act === 'heat' || act === 'join'))) return false;
  // "flatten the bread", "rub the peppers": in the hands
  if (act === 'put' && traits.has('hand')) return true;
  if (c.mentions.length === 0 && (act === 'heat' || act === 'join' || act === 'put')) return false;
  if (act === 'heat') return c.mentions.some((m) => !isFat(state, m.ingredient));
  if (act === 'join') return c.mentions.length > 1 || OWN_BOWL.test(c.verb ?? '');
  if (act === 'put') return LAYS_OUT.test(c.verb ?? '') && c.mentions.length > 1;
  return true;
}
