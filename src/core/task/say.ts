// Says a step: made from its clause, with what it names as its uses.
import { kindHas } from '../technique/works';
import { toFraction } from '../amount/quantity';
import { useOf, type Draft } from '../plan/draft';
import type { Use } from '../plan/model';
import { kindOf } from '../technique/lexicon';
import type { Mention } from './mentions';
import { push } from './push';
import type { Located, State } from './state';
import { common } from './step-of-clause';
import { isMore, take } from './supply';

/** Whether all of an ingredient went somewhere before. */
function isGone(state: State, m: Mention): boolean {
  const all = toFraction(state.recipe.ingredients[m.ingredient]!.min ?? '0');
  return (all?.valueOf() ?? 0) > 0 && (state.taken.get(m.ingredient)?.compare(all!) ?? -1) >= 0;
}

/** What a step takes of a thing that is named: its amount the first time, only the thing after that. */
export function useOfMention(state: State, c: Located, m: Mention): Use {
  if (isMore(state, c, m))
    return { ingredient: null, item: state.recipe.ingredients[m.ingredient]!.item, quantity: m.quantity, unit: m.unit };
  if (m.part !== 'all') return take(state, m);
  const moved = kindHas(kindOf(c.technique?.id), 'tips') && state.placed.has(m.ingredient) && state.taken.has(m.ingredient);
  const use = useOf(state.recipe.ingredients, m.ingredient);
  return moved || isGone(state, m) ? { ...use, quantity: null, unit: null } : use;
}

/** One step for a clause, with what it names as its uses. */
export function say(state: State, c: Located, own: Partial<Draft> & { text: string }): void {
  const uses = own.uses ?? c.mentions.map((m) => useOfMention(state, c, m));
  for (const mention of c.mentions) state.used.add(mention.ingredient);
  push(state, { ...common(state, c, own.into ?? null), ...own, uses });
}
