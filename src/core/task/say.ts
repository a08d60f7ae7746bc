// Says a step: makes it from its clause, plays it in the world, and keeps what the reader has in mind in step with that.
import { isHot, isLotHot, lotsOf } from '../kitchen/index';
import { useOf, type Draft } from '../plan/draft';
import { playAlone, playedOf } from '../plan/play';
import { toFraction } from '../amount/quantity';
import { kindOf } from '../technique/lexicon';
import type { Mention } from './mentions';
import type { Use } from '../plan/model';
import { PUTTING, type Located, type State } from './state';
import { common } from './step-of-clause';
import { take } from './supply';

/** Adds steps and plays them; those that have to be over before the first heat go before it. */
export function push(state: State, draft: Draft): void {
  state.steps.push(draft);
  played(state, draft);
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

/** What the reader knows of places and heat is what the world says. */
export function sync(state: State): void {
  const { world } = state;
  state.placed.clear();
  state.cooked.clear();
  for (const lot of world.lots) {
    for (const i of lot.parts.keys()) if (lot.cooked) state.cooked.add(i);
    if (lot.at === null || (lot.at === 'board' && !lot.joined && !lot.cooked) || lot.portion) continue;
    const at = lot.at === 'colander' && lot.forms.has('drain') ? (world.drained ?? lot.at) : lot.at;
    for (const i of lot.parts.keys()) state.placed.set(i, at);
  }
  state.hob = world.ring?.under ?? null;
  state.hotFood = world.lots.some((lot) => isLotHot(world, lot));
  state.scalding = state.container !== null && state.container !== state.hob && isHot(world, state.container) ? state.container : null;
}

/** Whether all of an ingredient went somewhere before. */
export function isGone(state: State, m: Mention): boolean {
  const all = toFraction(state.recipe.ingredients[m.ingredient]!.min ?? '0');
  return (all?.valueOf() ?? 0) > 0 && (state.taken.get(m.ingredient)?.compare(all!) ?? -1) >= 0;
}

/** What a step takes of a thing that is named: its amount the first time, only the thing after that. */
export function useOfMention(state: State, c: Located, m: Mention): Use {
  if (m.part !== 'all') return take(state, m);
  const moved = PUTTING.has(kindOf(c.technique?.id)) && state.placed.has(m.ingredient) && state.taken.has(m.ingredient);
  const use = useOf(state.recipe.ingredients, m.ingredient);
  return moved || isGone(state, m) ? { ...use, quantity: null, unit: null } : use;
}

/** One step for a clause, with what it names as its uses. */
export function say(state: State, c: Located, own: Partial<Draft> & { text: string }): void {
  const uses = own.uses ?? c.mentions.map((m) => useOfMention(state, c, m));
  for (const mention of c.mentions) state.used.add(mention.ingredient);
  push(state, { ...common(state, c, own.into ?? null), ...own, uses });
}

/** The ingredients that lie in a vessel. */
export const inside = (state: State, vessel: string): number[] => [...state.placed].filter(([, at]) => at === vessel).map(([i]) => i);

/** Whether an ingredient was worked into others. */
export const isJoined = (state: State, i: number): boolean => lotsOf(state.world, i).every((lot) => lot.joined);
