// What a clause acts on, in words: the object that it names, that was spoken of, or that the world fills in.
import { objectPhrase } from '../plan/object-phrase';
import { findFood } from '../recipe/food';
import type { Act } from '../technique/works';
import { hole, spokenOf, withPronoun } from './holes';
import { namedIn, TOLD_BY_PLACE, withGoal } from './object-into';
import { ofItsThing, PRONOUN, TOLD_BY_PART } from './object-part';
import { type Reading, type Said, TOLD_BY_ACT } from './object-told';
import { HAS_PLACE, isPlaceFirst, toPlace } from './place-words';
import type { Located, State } from './state';

/** Acts of which one has to say what they are done to. */
const NEEDS_OBJECT = new Set<Act>([
  'heat',
  'join',
  'put',
  'touch',
  'shape',
  'ready',
  'soak',
  'drain',
  'lift',
  'cool',
  'chill',
  'wait',
  'check',
  'microwave',
  'toast',
  'oven',
  'bin',
]);
/** Verbs that need nothing behind them, or whose object is the time itself. */
const ALONE = /^(?:wait|count|set|hold|start|continue|repeat|go|watch|look|enjoy|eat)$/;

const firstOf = (readings: readonly Reading[], said: Said): string | null => {
  for (const reading of readings) {
    const words = reading(said);
    if (words !== null) return words;
  }
  return null;
};

/** The object of a clause, and what stands behind it; with holes where only the world can tell. */
export function withObject(state: State, c: Located, rest: string, act: Act): string {
  const said: Said = { state, c, rest, act, id: c.technique?.id ?? '' };
  const byAct = firstOf(TOLD_BY_ACT, said);
  if (byAct !== null) return byAct;
  if (!NEEDS_OBJECT.has(act)) return withPronoun(state, rest);
  return firstOf(TOLD_BY_PLACE, said) ?? firstOf(TOLD_BY_PART, said) ?? named(said);
}

/** "Cut the lime in half and squeeze over the cabbage": the lime, where what stands behind has no juice. */
function isSqueezedOver({ state, c, rest }: Said): boolean {
  if (c.technique?.makes !== 'juice' || !/^(?:over|into|on|onto)\b/i.test(rest)) return false;
  const isSqueezed = (ingredient: number) => findFood(state.recipe.ingredients[ingredient]!.item)?.prepare.includes(c.technique!.id);
  const said = c.mentions.filter((m) => m.end > m.at);
  return said.length > 0 && !said.some((m) => isSqueezed(m.ingredient));
}

/** What is named, or a pronoun; else what was spoken of last. */
function named(said: Said): string {
  const { state, c, rest, act } = said;
  // "put half in each jar"
  const share = act === 'put' ? /^(?:half|some) (?=(?:in|into|on|onto|over|to|between)\b)/i.exec(rest)?.[0].trim() : undefined;
  if (share) return rest.replace(/^\S+/, `${share} of ${hole('spoken', null)}`);
  if (PRONOUN.test(rest.replace(/^(?:in|over|up|out|down|off|through)\s+/i, ''))) return withPronoun(state, rest);
  // "reheat if needed"
  if (/^if\b/i.test(rest) && act === 'heat') return `${hole('thing', spokenOf(state))} ${rest}`;
  if (isSqueezedOver(said)) return `${hole('spoken', spokenOf(state))} ${rest}`;
  const phrase = isPlaceFirst(rest, act) ? null : objectPhrase(rest);
  if (phrase) {
    const words = ofItsThing(said, phrase);
    return act === 'put' && !HAS_PLACE.test(words) && state.container ? withGoal(words, toPlace(state, c.verb!, state.container)) : words;
  }
  const isListed = namedIn(c).length > 0 && !/^(?:in|into|on|onto|over|with|to|from)\b/i.test(rest);
  if (act !== 'put' && (isListed || (ALONE.test(c.verb ?? '') && !/^aside\b/i.test(rest)))) return withPronoun(state, rest);
  // "add the butter and rub in": what was added is rubbed in
  if (/^in(?:to)?\b/i.test(rest) && act === 'join') return `${hole('spoken', null)} ${rest}`;
  const behind = rest
    .replace(/^(?=\d)/, 'for ')
    .replace(/^(?:back\s+)?to (?:a )?boil\b/i, (words) => (/back/i.test(words) ? 'back to the boil' : 'to the boil'));
  return withPronoun(state, `${hole('thing', spokenOf(state))} ${behind}`);
}
