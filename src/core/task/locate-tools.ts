// Which tools a clause names, and what tells the senses of its verb apart.
import { isHot, isLotHot, lotsOf } from '../kitchen/index';
import { findFood } from '../recipe/food';
import { findTools, hasMark } from '../technique/tools';
import type { Clause } from './clauses';
import { objectPhrase } from '../plan/object-phrase';
import type { Mention } from './mentions';
import type { Located, State } from './state';
import { inUse, isHeld, isPan } from './vessels';

/** What stands behind a verb, and what of the list it names, by places in it. */
export type Words = { rest: string; mentions: Mention[] };

// Techniques are named in Latin letters; a class of all the world's letters costs three times as much.
export const WORDS = /[a-z\u00df-\u00ff-]+/g;

/** The tools of a clause: no tin that something comes in, no plate that only gives a size. */
export function toolsHere(state: State, said: string, mentions: readonly Mention[]): Located['tools'] {
  const tools = findTools(said)
    // "each sponge finger"
    .filter((t) => t.tool.kind !== 'cleaning' || !mentions.some((m) => t.at < m.end && t.at + t.length > m.at))
    .filter((t) => !mentions.some((m) => t.at < m.end && t.at + t.length > m.at && /tin|can|dish|pot|box|carton|tub|bag/.test(t.tool.name)))
    // "to the size of a side plate"
    .filter(
      (t) =>
        !/\b(?:size|width|length|thickness|shape|big as|large as) (?:of )?(?:an?|the|your)\s+(?:\p{L}+\s+)?$/iu.test(said.slice(0, t.at)),
    )
    .filter((t) => !/\b(?:tin|can|jar|glass|cup|mug)s?\s+of\b/i.test(said.slice(t.at, t.at + t.length + 4)))
    .map((t) => ({ id: basketOf(state, said.slice(t.at, t.at + t.length)) ?? potOf(state, said, t) ?? t.tool.id, at: t.at }));
  // "in a cup" is a vessel; "a cup of" is an amount
  const cup = said.includes('cup') && /\b(?:in|into)\s+(?:a|the|another)\s+(?:\p{L}+\s+)?cup\b(?!\s+(?:of|measure))/iu.exec(said);
  if (cup) tools.push({ id: 'cup', at: cup.index + cup[0].length - 3 });
  const sheet = said.includes('sheet') && /\bon(?:to)?\s+(?:the|each)\s+(?:prepared\s+|lined\s+)?sheets?\b/i.exec(said);
  if (sheet && state.steps.some((s) => s.tools?.includes('tray'))) tools.push({ id: 'tray', at: sheet.index + sheet[0].length - 5 });
  // the tin that tomatoes came in bakes no cake
  return state.tinned ? tools.filter(({ id, at }) => id !== 'cake-tin' || !/^tins?\b/i.test(said.slice(at))) : tools;
}

/** "Top each pot", of what was spooned into glasses: those. */
function potOf(state: State, said: string, { tool, at }: ReturnType<typeof findTools>[number]): string | undefined {
  if (!isPan(tool.id) || !/\b(?:each|every)\s+$/i.test(said.slice(0, at)) || isHeld(state, tool.id)) return undefined;
  return inUse(state).find((v) => hasMark(v, 'each'));
}

/** What tells the senses of a verb apart: the words beside it, the tools, what it is done to and what that is. */
export function sensesBy(
  state: State,
  clause: Clause,
  { rest, mentions }: Words,
  tools: Located['tools'],
  words: readonly string[],
): Set<string> {
  // a tool goes by its id, not by its words: a Dutch oven is no oven
  const named = findTools(rest).filter((t) => t.tool.id !== 'oven' && rest.slice(t.at, t.at + t.length).includes(' '));
  const bare = named.reduceRight((text, t) => text.slice(0, t.at) + ' ' + text.slice(t.at + t.length), rest);
  const about = new Set<string>(named.length > 0 ? (bare.toLowerCase().match(WORDS) ?? []) : words);
  for (const word of [...about]) if (word.endsWith('s')) about.add(word.slice(0, -1));
  for (const { id } of tools) about.add(id);
  const phrase = objectPhrase(rest);
  const acting = mentions.length > 0 || (phrase && !/^(?:it|them)$/i.test(phrase)) ? mentions.map((m) => m.ingredient) : state.objectUses;
  for (const i of acting) {
    const one = state.recipe.ingredients[i]!;
    const food = findFood(one.item);
    if (food) about.add(food.id).add(food.category).add(food.group);
    if (/boiling/i.test(one.item)) about.add('boiling-water');
  }
  if (isHotHere(state, mentions)) about.add('hot');
  if (clause.verb === 'microwave') about.add('microwave');
  if (state.container === 'slow-cooker') about.add('slow-cooker');
  return about;
}

/** Whether what a clause speaks of is hot: a tin that is drained beside the stove is not. */
function isHotHere(state: State, mentions: readonly Mention[]): boolean {
  const meant = mentions.length > 0 ? mentions.map((m) => m.ingredient) : state.objectUses;
  const lots = meant.flatMap((i) => lotsOf(state.world, i));
  if (lots.length > 0) return lots.some((lot) => isLotHot(state.world, lot));
  return state.container !== null && isHot(state.world, state.container);
}

/** "The basket", of a recipe that steams: no air fryer's. */
const basketOf = (state: State, said: string): string | null => {
  const text = state.recipe.instructions.join(' ');
  return /^baskets?$/i.test(said) && /\bsteam(?:er|ing) basket\b/i.test(text) && !/\bfry(?:er|ing) basket\b/i.test(text) ? 'steamer' : null;
};
