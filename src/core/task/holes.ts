// Places in the words of a step that only the world can fill: what is acted on, and what it goes to.
import { findFood, nameWords, singular } from '../recipe/food';
import { objectPhrase } from '../plan/object-phrase';
import { listed } from '../recipe/listed';
import { hasMark } from '../technique/tools';
import { inside } from './push';
import { nameOf } from './ready';
import type { State } from './state';
import { toolCall } from './tool-names';

/** A place in the words that the world fills: `kind` what is acted on, or what lies where it goes; `else` what it is called where the world cannot tell. */
export const hole = (kind: 'thing' | 'there' | 'held' | 'spoken', other: string | null) => `⟦${kind}|${other ?? ''}⟧`;

/** What was spoken of last and no ingredient can say: "the balls". */
export const spokenOf = (state: State): string | null =>
  state.object && !/\b(?:it|them)\b|everything/i.test(state.object) && state.object.length <= 60 ? state.object : null;

/** "Butter the ramekins and put them on a tray": with nothing in them yet it is they that are spoken of. */
const emptyVessel = (state: State): string | null =>
  state.prepared && inside(state, state.prepared).length === 0 && state.objectUses.length === 0
    ? `the ${toolCall(state, state.prepared)}`
    : null;

/** What is acted on, where no word of the clause says it. */
export const theThing = (state: State) => hole('thing', spokenOf(state));

/** "Core the apples and cut each one into 8 wedges": each apple. */
function eachOfThem(state: State): string | null {
  const [only, more] = state.objectUses;
  if (only === undefined || more !== undefined) return null;
  const name = nameOf(state.recipe.ingredients[only]!);
  const words = name.split(' ');
  const last = singular(words.at(-1)!);
  if (last === words.at(-1)) return null;
  // "each potato" is as clear as "each baking potato", where there are no others
  const isAlone = findFood(last) !== null && state.recipe.ingredients.every((one, i) => i === only || !nameWords(one.item).includes(last));
  return `each ${isAlone ? last : [...words.slice(0, -1), last].join(' ')}`;
}

/** Pronouns as holes: what is acted on, and what it goes to. */
export function withPronoun(state: State, rest: string): string {
  const these =
    state.lineObjects.length > 1 && !state.themIsLast && /\bthem\b/i.test(rest)
      ? listed(state.lineObjects.map((i) => `the ${nameOf(state.recipe.ingredients[i]!)}`))
      : null;
  const thing = these ?? hole('thing', spokenOf(state) ?? emptyVessel(state));
  const first =
    /^((?:in|over|up|out|down|off|through)\s+)?(?:it|them|each one|(?:this|that)(?=$|\s+(?:too|all|over|into|on|onto|to|in|and|with|until|for)\b)|all of (?:it|them))\b(?:\s+too\b)?(?:\s+all(?!\s+(?:over|together))\b)?/i.exec(
      rest,
    );
  const one = first && /\beach one\b/i.test(first[0]) ? eachOfThem(state) : null;
  if (first && one) return `${one}${rest.slice(first[0].length)}`;
  if (first) return `${thing}${first[1] ? ` ${first[1].trim()}` : ''}${rest.slice(first[0].length)}`;
  const dish = state.vesselSpoken ? `the ${toolCall(state, state.vesselSpoken)}` : null;
  if (dish && /\b(?:in|into|on|onto)\s+it\b/i.test(rest)) return rest.replace(/\b(in|into|on|onto)\s+it\b/i, `$1 ${dish}`);
  // "arrange the dumplings in it": in the basket that they go into
  if (state.container && !hasMark(state.container, 'flat') && objectPhrase(rest)) {
    const goes = `$1 the ${toolCall(state, state.container)}`;
    rest = rest.replace(/\b(in|into)\s+it\b/i, goes);
  }
  return (
    rest
      // "toss the apples in this"
      .replace(/\b(in|into|with|over)\s+this(?=\s*[.,;]|$)/i, `$1 ${hole('there', null)}`)
      .replace(/\b(over|to|with|into|onto|on|in|around|off|of|from)\s+(?:it|them)\b/i, `$1 ${hole('there', spokenOf(state))}`)
      .replace(/^(and \p{L}+)\s+(?:it|them)\b/iu, `$1 ${thing}`)
  );
}
