// Adds a step, plays it in the world, and keeps what the reader has in mind in step with that.
import { isHot, isLotHot, type Lot } from '../kitchen/index';
import type { Draft } from '../plan/draft';
import { playAlone, playedOf } from '../plan/play';
import type { State } from './state';
import { isHeld, standsIn, withPanNamed, withStandIn } from './vessels';

/** Adds steps and plays them; those that have to be over before the first heat go before it. */
export function push(state: State, draft: Draft): void {
  const into = draft.into ?? null;
  const said = withStandIn(state, draft.text, into);
  const text = withPanNamed(state, said, into);
  // "the pan" was the frying pan: no saucepan is used
  const isOther = text !== said && into !== 'saucepan' && !isHeld(state, 'saucepan');
  const named = { ...draft, text, ...(isOther && draft.tools ? { tools: draft.tools.filter((id) => id !== 'saucepan') } : {}) };
  state.steps.push(named);
  played(state, named);
}

/** Steps that make ready what a hot step needs go before the first heat. */
export function pushEarly(state: State, drafts: readonly Draft[]): void {
  if (state.beforeHeat === null) state.steps.push(...drafts);
  else {
    state.steps.splice(state.beforeHeat, 0, ...drafts);
    state.beforeHeat += drafts.length;
  }
  for (const draft of drafts) played(state, draft);
}

function played(state: State, draft: Draft): void {
  playAlone(state.world, playedOf(draft));
  sync(state);
}

/** Less than this of an ingredient is a dusting or a splash, where more of it lies elsewhere. */
const LEAST_SHARE = 0.1;

const isLoose = (lot: Lot) => lot.at === null || lot.at === 'board';
const shares = (a: Lot, b: Lot) => [...b.parts.keys()].some((i) => a.parts.has(i));

/** What the reader knows of places and heat is what the world says. */
export function sync(state: State): void {
  const { world } = state;
  state.placed.clear();
  state.cooked.clear();
  for (const lot of world.lots) {
    for (const i of lot.parts.keys()) if (lot.cooked) state.cooked.add(i);
    if (lot.at === null || (lot.at === 'board' && !lot.joined && !lot.cooked && !lot.clings) || lot.portion) continue;
    // what was scooped out lies loose, and is what is spoken of: not its skin
    if (lot.shell && world.lots.some((other) => other !== lot && !other.shell && isLoose(other) && shares(other, lot))) continue;
    const at = standsIn(world, lot)!;
    // flour that a tray was dusted with is not where the flour is
    for (const [i, share] of lot.parts) if (share > LEAST_SHARE || !state.placed.has(i)) state.placed.set(i, at);
  }
  state.hob = world.ring?.under ?? null;
  state.hotFood = world.lots.some((lot) => isLotHot(world, lot));
  state.scalding = state.container !== null && state.container !== state.hob && isHot(world, state.container) ? state.container : null;
}

/** The ingredients that lie in a vessel. */
export const inside = (state: State, vessel: string): number[] => [...state.placed].filter(([, at]) => at === vessel).map(([i]) => i);
