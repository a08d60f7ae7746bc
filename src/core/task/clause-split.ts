// Where a new action starts within a sentence: after a comma, "and" or "then", before an imperative.
import { findFood, isFoodName } from '../recipe/food';
import { isVerb } from '../technique/lexicon';
import { findTools } from '../technique/tools';
import { imperativeOf, KITCHEN_VERBS } from '../recipe/verbs';
import { ADVERBS, FOOD_VERBS, NOUN_VERBS, STATE_VERBS } from './clause-words';

export const OPENER =
  /^(?:(?:and\s+)?(?:then|next|now|first of all|to begin with|first(?:ly)?|second(?:ly)?|third(?:ly)?|finally|lastly|also|after that|afterwards|at the end|to begin|to start|in the meantime|meanwhile|at the same time|when ready|please|you (?:can|should|may|will need to)|it is time to|be sure to|make sure (?:to|you)|remember to|don't forget to|in the morning|straight ?away|at once|(?:the )?(?:next day|night before|day before|evening before))\b[\s,:]*)+/i;

const OBJECT_START =
  /^(?:the|it|them|these|those|this|that|a|an|each|all|both|any|some|half|one|two|three|four|six|eight|your|everything|\d+|more|another|remaining|together|well|again|just until|just till|until|so|with|into|in|for|over|on|onto|up|off|out|from|at|to|slightly|tightly|loosely|gently|thoroughly|lightly|occasionally|through|down|under|around|between|among|by|as|another|immediately|hot|warm|cold|evenly|finely|overnight|(?:very|really|quite|more|less)(?= \p{L}+(?:ly|low)\b))\b/iu;
const DETERMINER = /^(?:the|it|them|these|those|a|an|one|each|all|both|your|everything|\d+|any|half)\b/i;

/** Whether an action starts at a place is seen from so many characters of what follows: some twenty words. */
const LOOK_AHEAD = 120;

/** The comma after which the main action starts; -1 when there is none. */
export function commaBeforeVerb(text: string): number {
  for (let at = text.indexOf(','); at >= 0; at = text.indexOf(',', at + 1)) {
    const after = text
      .slice(at + 1, at + 1 + LOOK_AHEAD)
      .trim()
      .replace(OPENER, '');
    const words = after.toLowerCase().split(/\s+/);
    const first = ADVERBS.has(words[0] ?? '') ? words[1] : words[0];
    if (first && KITCHEN_VERBS.has(first.replace(/[^\p{L}-]/gu, ''))) return at;
  }
  return -1;
}

export type Part = { text: string; condition?: string; lead?: string };

/** Cuts a run of words where a new imperative starts: after a comma, "and" or "then". */
export function splitAtVerbs(text: string): Part[] {
  const parts: Part[] = [];
  const joint = /(?:\s*,\s*(?:and\s+then|then|and|but)?\s+|\s+(?:and\s+then|and|then|but)\s+|\s+-\s+|\s*:\s+)/gi;
  let from = 0;
  let m: RegExpExecArray | null;
  while ((m = joint.exec(text))) {
    const behind = m.index + m[0].length;
    const after = text.slice(behind, behind + LOOK_AHEAD);
    const said = m[0].toLowerCase();
    if (!startsAction(after, text.slice(from, m.index), said.includes('then'))) continue;
    parts.push({ text: text.slice(from, m.index) });
    from = m.index + m[0].length;
  }
  parts.push({ text: text.slice(from) });
  // "add the seeds and, when they sizzle, add the garlic": the condition belongs to what follows
  for (let i = 0; i + 1 < parts.length; i++) {
    const said = /(?:,|\band,?)\s*((?:when|once|as soon as|after)\s[^,]+)$/i.exec(parts[i]!.text);
    // "scrape it into the tin and, with oiled hands, press it flat"
    const by = /\band,\s*((?:with|using)\s[^,]+)$/i.exec(parts[i]!.text);
    if (said) parts[i + 1]!.condition = said[1]!.toLowerCase();
    else if (by) parts[i + 1]!.lead = by[1]!;
    if (said ?? by) parts[i]!.text = parts[i]!.text.slice(0, (said ?? by)!.index);
  }
  return parts
    .map((p) => ({
      ...p,
      text: p.text
        .trim()
        .replace(/^(?:then|and)\s+/i, '')
        .replace(/[\s,]+(?:and)?$/i, ''),
    }))
    .filter((p) => p.text);
}

/** "Stand 10 minutes before turning out onto a rack", "blend, adding the milk": two actions, where the second names what it is done to. */
export function withLaterAction(part: Part): Part[] {
  const m = /^(.*?\S)(?:,?\s+before\s+|,\s+(?=adding\s))([a-z]+ing)\s+(?!for\b|and\b|it\b$|(?:any )?more\b|the next\b)(\S.*)$/i.exec(
    part.text,
  );
  if (!m || !hasVerbFirst(m[1]!)) return [part];
  const verb = imperativeOf(m[2]!.toLowerCase());
  if (!KITCHEN_VERBS.has(verb) || /^(?:serve|eat|use)$/.test(verb) || (verb === 'cut' && !/^into\b/i.test(m[3]!))) return [part];
  // "before lifting out and cutting up"
  const second = /^(.*?)\s+and\s+([a-z]+ing)\b(.*)$/i.exec(m[3]!);
  const next = second ? imperativeOf(second[2]!.toLowerCase()) : '';
  if (second && KITCHEN_VERBS.has(next))
    return [{ ...part, text: m[1]! }, { text: `${verb} ${second[1]!}` }, { text: `${next} it${second[3]!}` }];
  return [{ ...part, text: m[1]! }, { text: `${verb} ${m[3]!}` }];
}

export const wordsOf = (text: string) => text.split(/\s+/);
export const plain = (word: string | undefined) => (word ?? '').toLowerCase().replace(/[^\p{L}-]/gu, '');

/** Words for what stands beside a dish, which are verbs elsewhere. */
const SERVED_BESIDE: ReadonlySet<string> = new Set(['dip', 'mash', 'toast', 'roast', 'spread', 'roll', 'wrap', 'stew']);

const WARM = /^(?:warm|toast|roast|mash|grill|cool|chill)$/;

function startsAction(after: string, before: string, then: boolean): boolean {
  const words = wordsOf(after.replace(OPENER, ''));
  let i = 0;
  while (i < 2 && ADVERBS.has(plain(words[i]))) i++;
  const verb = plain(words[i]);
  if (!verb || (!KITCHEN_VERBS.has(verb) && !isVerb(verb))) return false;
  // "the egg white and fish sauce": a food
  if (words.length > i + 1 && isFoodName(`${verb} ${plain(words[i + 1])}`)) return false;
  // a comma or bracket glued to the verb: "cover, ..." the verb stands alone
  const alone = /[,;:.]$/.test(words[i]!) || i + 1 >= words.length;
  const tail = words.slice(i + 1).join(' ');
  // "brush tops with milk"
  if (/^(?:brush|rub|glaze|dust|spread)$/.test(verb) && /^(?:the\s+)?(?:tops?|edges?|sides?|ends?|rims?)\b[^,;]*\bwith\b/i.test(tail))
    return true;
  if (/^(?:side|sides|edges?|ends?|heat|water|mixture|sauce)\b/i.test(tail) && NOUN_VERBS.has(verb) && !then)
    return /^(?:heat)\b/i.test(tail) && verb === 'reduce';
  if (verb === 'reduce' && /^heat\b/i.test(tail)) return true;
  if (verb === 'pat' && /^dry\b/i.test(tail)) return true;
  if (verb === 'set' && /^aside\b/i.test(tail)) return true;
  if (verb === 'let' && /^(?:stand|rest|cool|sit|simmer|cook|boil|rise|prove)\b/i.test(tail)) return true;
  if (verb === 'season' && (alone || joinsVerb(tail)) && hasVerbFirst(before)) return true;
  // "serve with the wedges and dip"
  const isBeside = /^(?:serve|eat|enjoy|top)\b[^.;]*\bwith\b/i.test(before.trim());
  if (isBeside && alone && SERVED_BESIDE.has(verb)) return false;
  // "with yoghurt and warm naan"
  if (isBeside && !alone && WARM.test(verb) && !DETERMINER.test(tail) && findFood(tail) !== null) return false;
  if (FOOD_VERBS.has(verb))
    return (
      (!alone && DETERMINER.test(tail)) ||
      (then && !alone) ||
      (verb === 'stew' && /^(?:gently|slowly|for\b)/i.test(tail)) ||
      // "halve, stone and peel the avocado"
      ((alone || joinsVerb(tail)) &&
        hasVerbFirst(before) &&
        wordsOf(before.trim()).length <= 2 &&
        ['stone', 'seed', 'core', 'shell', 'juice', 'zest'].includes(verb)) ||
      (verb === 'season' && /^(?:with|to|well|generously|lightly)\b/i.test(tail)) ||
      (verb === 'spread' && OBJECT_START.test(tail)) ||
      (verb === 'toast' && /^(?:on (?:one|both|each)|until|for|under|lightly|in (?:a|the)|both)\b/i.test(tail)) ||
      (verb === 'garnish' && /^with\b/i.test(tail))
    );
  const inUntil = /\b(?:until|till|so that)\b/i.test(before);
  if (STATE_VERBS.has(verb) && inUntil && !then) return DETERMINER.test(tail) || (/^for\b/i.test(tail) && !NEVER_ALONE.has(verb));
  if (then || i > 0) return true;
  // "reduce the heat, cover partially"
  if (NOUN_VERBS.has(verb) && hasVerbFirst(before) && /^(?!only\b)\p{Ll}+ly\b(?!\s+\p{Ll}+ed\b)/u.test(tail)) return true;
  if (!NOUN_VERBS.has(verb) && !STATE_VERBS.has(verb)) return true;
  if (alone) return hasVerbFirst(before) && !/\b(?:a|an|the|to|some|of)$/i.test(before.trim());
  return OBJECT_START.test(tail) || joinsVerb(tail) || isBareObject(verb, before, tail);
}

const NEVER_ALONE = new Set(['sizzle', 'foam', 'smoke']);
const hasVerbFirst = (text: string) => {
  const words = wordsOf(text.slice(0, LOOK_AHEAD).replace(OPENER, ''));
  return words.slice(0, 2).some((w) => KITCHEN_VERBS.has(plain(w)));
};
const joinsVerb = (tail: string) => /^(?:and|then|,)\s/i.test(tail) && KITCHEN_VERBS.has(plain(wordsOf(tail)[1]));
/** "Drain pasta and slice tomatoes": a verb of work with a bare plural behind it, after another action. */
const isBareObject = (verb: string, before: string, tail: string) =>
  hasVerbFirst(before) &&
  // "wash and peel carrots"
  (wordsOf(before).length > 1 || findFood(tail) !== null) &&
  [
    'slice',
    'dice',
    'peel',
    'cut',
    'drain',
    'rinse',
    'cook',
    'boil',
    'mash',
    'beat',
    'whisk',
    'crush',
    'toss',
    'warm',
    'heat',
    'place',
    'bake',
    'fry',
    'blend',
    'open',
    'zest',
    'sift',
    'top',
  ].includes(verb);

const GOES_IN = /^(?:add|put|tip|stir|place|pour|return|scrape|spoon|scoop|ladle|transfer|slide|empty|drop|throw)$/;
/** Acts of putting whose "with" is seldom a tool. */
const RUNS = /^(?:pour|scrape|spoon|scoop|ladle|transfer|slide|empty)$/;
const THEN_MORE =
  /^(.*?\S)\s+((?:back\s+)?(?:to|in|into)\s+(?:the|an?|your)\s+(?:[\p{L}-]+\s+)?(?:pan|pot|bowl|wok|skillet|dish|saucepan|casserole|jug|tin|cooker|processor|blender|mixture|tray|oven))\s+(and|with)\s+((?:the|an?|some|any|half|\d)\b(?!.*\b(?:to|in|into|on|onto|over|with)\b).*)$/iu;
/** "Add the oil to the pan along with the onion", "scrape it into the bowl with the carrots": both go there, so the place is said last. */
export function placeLast(verb: string, rest: string): string {
  const [, one, place, joint, more] = (GOES_IN.test(verb) ? THEN_MORE.exec(rest) : null) ?? [];
  if (!one || !place || !more) return rest;
  // "with a spoon" is how, "with the carrots" is what goes along
  return joint === 'with' && (!RUNS.test(verb) || findTools(more).length > 0 || findFood(more) === null)
    ? rest
    : `${one} and ${more} ${place}`;
}
