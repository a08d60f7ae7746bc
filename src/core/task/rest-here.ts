// What follows a verb, with what was spoken of before in place of what only points back: "it", "the rest", "one into each box".
import { toFraction } from '../amount/quantity';
import { objectPhrase } from '../plan/object-phrase';
import { CUT_NOUN, MADE_MANY } from '../recipe/shape-nouns';
import { singular } from '../recipe/food';
import { actOfKind } from '../technique/works';
import { findTechnique, kindOf, techniqueById } from '../technique/lexicon';
import { findTools } from '../technique/tools';
import type { Clause } from './clauses';
import { ALL_IN, looseIn } from './locate-all';
import { nameOf } from './ready';
import { isContainer, type State } from './state';

/** "Stir in the spinach and let it wilt": what went in last does it, and not the stew. */
const NEWEST_DOES = /^(it|them)\s+(?:to\s+)?(wilt|melt|dissolve|soften)\b/i;

/** For "peel, core and dice the apples" the object is in a later clause. */
function withSharedObject(clause: Clause, sharedFrom: Clause | null): string {
  if (!clause.shared || sharedFrom === null) return clause.rest;
  // "drain and put in a dish" drains no dish
  const isPlace =
    /^(?:in|into|on|onto)\s/i.test(sharedFrom.rest) &&
    findTools(sharedFrom.rest).some((t) => (isContainer(t.tool.id) || t.tool.id === 'colander') && t.at < 24);
  const object = isPlace ? null : objectPhrase(sharedFrom.rest);
  if (!object) return clause.rest;
  const joining = clause.verb && techniqueById(findTechnique([clause.verb], new Set())?.id ?? '');
  // "stir and serve", "cover and simmer": these act on what is at hand
  const isOfHand =
    !joining ||
    ['cover', 'uncover', 'mix', 'serve', 'wait', 'drain', 'cook', 'simmer', 'season', 'taste'].includes(joining.id) ||
    // "reheat, stir in half the cream"
    actOfKind(kindOf(joining.id)) === 'heat';
  return !isOfHand || (clause.verb === 'drain' && !/\bfor\b/.test(sharedFrom.rest)) ? object : clause.rest;
}

/** "Take the tops off the others": what is left of what was spoken of. */
const OTHERS = /\bthe (?:others|other ones|remaining ones)(?=\s*$|\s+(?:in|into|on|with|and|up|off|for)\b)/i;

const BARE_REST = /\bthe (?:rest|remainder)(?=\s*$|\s+(?:in|into|on|over|to|on top)\b|\s*,)/i;
/** The one thing of the step before of which there is more. */
function partlyTaken(state: State): number | null {
  const isLeft = (i: number) => {
    const taken = state.taken.get(i);
    const all = toFraction(state.recipe.ingredients[i]!.min ?? '');
    return taken !== undefined && all !== null && taken.compare(all) < 0;
  };
  const left = [...new Set((state.steps.at(-1)?.uses ?? []).flatMap((use) => use.ingredient ?? []))].filter(isLeft);
  return left.length === 1 ? left[0]! : null;
}

/** "Tuck one into each box". */
const COUNT_ALONE = /^(?:one|two|three|four|\d+|some|a few)(?=\s+(?:in|into|on|onto|to|over|beside)\b)/i;
const INTO_PIECES = new RegExp(`\\binto\\s+(?:[\\p{L}\\d-]+\\s+){0,4}?(${CUT_NOUN}|${MADE_MANY})\\b`, 'iu');

/** "Cut the lime into wedges and tuck one into each box": one wedge. */
function piecesOf(state: State, line: number, count: string): string | null {
  const last = state.steps.at(-1);
  const noun = last?.sourceLine === line ? INTO_PIECES.exec(last.text)?.[1]?.toLowerCase() : undefined;
  return noun === undefined ? null : `${count} ${/^one$/i.test(count) ? singular(noun) : noun}`;
}

/** What follows the verb, with what was spoken of before in place of "it" where it is one thing of several. */
export function restHere(state: State, clause: Clause, line: number, sharedFrom: Clause | null): string {
  let rest = withSharedObject(clause, sharedFrom);
  // "stir in half of it": of what was spoken of last
  const only = state.objectUses.length === 1 ? state.recipe.ingredients[state.objectUses[0]!] : undefined;
  if (only)
    rest = rest
      .replace(/\b(half|rest|third|quarter)\s+of\s+(?:it|them)\b/i, `$1 of the ${nameOf(only)}`)
      // "open the tin of beans. Pour half into the bowl": of the beans; where the list has half a tin, that is all of it
      .replace(/^half(?=\s+(?:in|into|onto?|to)\b)/i, `${only.min === '1/2' && only.unit !== null ? '' : 'half of '}the ${nameOf(only)}`)
      .replace(OTHERS, `the rest of the ${nameOf(only)}`);
  // "stir in half of the cheese. Add the rest": of the cheese
  const parted = BARE_REST.test(rest) ? partlyTaken(state) : null;
  if (parted !== null) rest = rest.replace(BARE_REST, `the rest of the ${nameOf(state.recipe.ingredients[parted]!)}`);
  rest = rest.replace(COUNT_ALONE, (count) => piecesOf(state, line, count) ?? count);
  rest = rest.replace(ALL_IN, (all) => looseIn(state) ?? all);
  return rest.replace(NEWEST_DOES, (all, _it: string, does: string) => {
    const last = state.steps.at(-1);
    const newest = last?.uses?.length === 1 ? last.uses[0]!.ingredient : null;
    // on a lit ring the technique itself is of what went in last
    return newest !== null && last?.sourceLine === line && state.hob === null
      ? `the ${nameOf(state.recipe.ingredients[newest]!)} ${does}`
      : all;
  });
}
