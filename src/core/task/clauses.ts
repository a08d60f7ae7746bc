// Splits an instruction into its single actions: "Peel, core and dice the apples, then put them in a bowl" is four.
import { plainNumbers } from '../amount/quantity';
import { findFood } from '../recipe/food';
import { isCheer, isTold } from '../recipe/method-lines';
import { isVerb } from '../technique/lexicon';
import { findTools } from '../technique/tools';
import { imperativeOf, KITCHEN_VERBS } from '../recipe/verbs';
import { ADVERBS, FOOD_VERBS, NOUN_VERBS, STATE_VERBS } from './clause-words';
import { helpOf, helpAsked, isOfHelp, type Help } from './adult-help';
import { plainTurns } from './turns-of-speech';

/** One action as the recipe words it. */
export type Clause = {
  /** The imperative, lower case; null when the sentence has none ("Makes a thick soup."). */
  verb: string | null;
  /** What follows the verb, without the parts below. */
  rest: string;
  /** "when the oil is hot": what has to be so before. */
  condition: string | null;
  /** "in a large bowl", "using a fork": said before the verb. */
  lead: string | null;
  /** "until golden". */
  until: string | null;
  adverb: string | null;
  /** The verb stands alone and takes its object from the next action: the "peel" of "peel and slice the banana". */
  shared: boolean;
  /** It goes on beside what came before ("meanwhile", "while it cooks"). */
  meanwhile: boolean;
  /** It starts a sentence: what came before shares no object with it. */
  first: boolean;
  /** What its sentence says in brackets: "no pink in the middle". */
  aside: string | null;
  /** How near the recipe wants an adult: "ask an adult to help you cut it", "(adult)". */
  help: Help | null;
};

const OPENER =
  /^(?:(?:and\s+)?(?:then|next|now|first of all|to begin with|first(?:ly)?|second(?:ly)?|third(?:ly)?|finally|lastly|also|after that|afterwards|at the end|to begin|to start|in the meantime|meanwhile|at the same time|when ready|please|you (?:can|should|may|will need to)|it is time to|be sure to|make sure (?:to|you)|remember to|don't forget to|in the morning|straight ?away|at once|(?:the )?(?:next day|night before|day before|evening before))\b[\s,:]*)+/i;
const CONDITION =
  /^(?:while|when|once|as soon as|after|before|if|as|during|(?:about )?(?:half an hour|an hour|(?:\d+|\p{L}+) (?:minutes?|mins?|hours?)) before)\b/iu;
const LEAD = /^(?:in|into|on|onto|using|with|over|for|to|at|from|working|starting|beginning|on top of)\b/i;

const OBJECT_START =
  /^(?:the|it|them|these|those|this|that|a|an|each|all|both|any|some|half|one|two|three|four|six|eight|your|everything|\d+|more|another|remaining|together|well|again|just until|just till|until|so|with|into|in|for|over|on|onto|up|off|out|from|at|to|slightly|tightly|loosely|gently|thoroughly|lightly|occasionally|through|down|under|around|between|among|by|as|another|immediately|hot|warm|cold|evenly|finely|overnight|(?:very|really|quite|more|less)(?= \p{L}+(?:ly|low)\b))\b/iu;
const DETERMINER = /^(?:the|it|them|these|those|a|an|one|each|all|both|your|everything|\d+|any|half)\b/i;

// "min." before a capital is both an abbreviation and an end; "approx." never ends anything, and "in." is one only behind a number.
const SHORT =
  /\b(min|mins|tbsp|tsp|oz|lb|hr|hrs|sec|secs)\.(?=\s+(\S)?)|\b(approx|deg|no|vs|e\.g|i\.e)\.(?=\s)|(?<=[\d½¼¾]\s?)\bin\.(?=\s)/gi;

/** Sentences of a text. A full stop ends one when the next starts with a capital; "approx." and "1.5" do not, "5 min. then" neither. */
function sentences(text: string): string[] {
  return text
    .replace(SHORT, (found: string, _unit: string | undefined, next: string | undefined) =>
      next && /\p{Lu}/u.test(next) ? found : found.slice(0, -1),
    )
    .split(/(?<=[.!?])\s+(?=["'(]?[\p{Lu}\d])|;\s+|\n+/u)
    .map((s) =>
      s
        .trim()
        .replace(/[.!]+$/, '')
        .trim(),
    )
    .filter((s) => /\p{L}/u.test(s));
}

const BRACKETS = /\s*\(([^()]{0,200})\)/g;
/** What stands in brackets is an aside, out of the step's words: where it says something of its own it becomes a cue. */
function takeAsides(text: string): { text: string; asides: string[] } {
  const asides: string[] = [];
  const rest = text.replace(BRACKETS, (_all, inside: string) => ` ⟦${asides.push(inside.trim()) - 1}⟧`);
  return { text: rest, asides };
}
const HELD = /\s*⟦(\d+)⟧/g;
// an amount, a time or a temperature in another unit says nothing new; nor does one word
const WARNS = /\b(?:careful|hot|steam|sharp|watch|mind|spits?)\b/i;
const SAYS_MORE = (aside: string) =>
  ((aside.match(/\p{L}{2,}/gu)?.length ?? 0) >= 3 || WARNS.test(aside)) && !/^\W*\d/.test(aside) && !/°/.test(aside);

/** All single actions of one instruction, in order. */
export function clausesOf(instruction: string, before?: () => string): Clause[] {
  const { text, asides } = takeAsides(plainTurns(plainNumbers(instruction), before));
  return sentences(text).flatMap((said) => {
    if (isCheer(said.replace(HELD, ''))) return [];
    // "To reheat, microwave for 30 seconds" is for another day
    if (LATER.test(said) || HELP_WITH.test(said) || isTold(said))
      return [{ ...NOTHING_DONE, rest: said.replace(HELD, '').trim(), first: true }];
    const inside = [...said.matchAll(HELD)].map((m) => asides[Number(m[1])]!);
    const own = inside.filter((aside) => SAYS_MORE(aside) && !isOfHelp(aside));
    const asked = helpAsked(
      said
        .replace(HELD, '')
        .replace(/\s{2,}/g, ' ')
        .trim(),
    );
    const noted = inside.filter(isOfHelp).map(helpOf)[0] ?? null;
    const clauses = withStates(clausesOfSentence(asked.text));
    for (const clause of clauses) clause.help = asked.help ?? noted;
    const last = clauses.at(-1);
    if (last && own.length > 0) last.aside = own.join('; ');
    return clauses;
  });
}

const LATER = /^to (?:reheat|store|freeze|defrost|make ahead)\b/i;
// "Get an adult to help with the hob" is said of all that follows
const HELP_WITH =
  /^(?:ask|get|have)\s+(?:an?\s+|your\s+)?(?:adult|grown[- ]?up|teacher|carer|parent|helper|someone)\s+(?:to\s+)?help\s+(?:you\s+)?with\b/i;
const NOTHING_DONE: Clause = {
  verb: null,
  rest: '',
  condition: null,
  lead: null,
  until: null,
  adverb: null,
  shared: false,
  meanwhile: false,
  first: false,
  aside: null,
  help: null,
};

/** "Bake until golden and set": the bare "set" behind an end is a part of that end, no action of its own. */
function withStates(clauses: Clause[]): Clause[] {
  return clauses.reduce<Clause[]>((all, clause) => {
    const last = all.at(-1);
    if (clause.verb === 'set' && last?.until && /^(?:in the (?:middle|centre|center))?$/i.test(clause.rest))
      all[all.length - 1] = { ...last, until: `${last.until} and set${clause.rest ? ` ${clause.rest}` : ''}` };
    else all.push(clause);
    return all;
  }, []);
}

function clausesOfSentence(sentence: string): Clause[] {
  let rest = sentence;
  let meanwhile = false;
  let condition: string | null = null;
  let lead: string | null = null;
  for (let round = 0; round < 4; round++) {
    const opener = OPENER.exec(rest);
    if (opener && opener[0].length < rest.length) {
      meanwhile ||= /mean(?:while|time)|same time/i.test(opener[0]);
      rest = rest.slice(opener[0].length);
      continue;
    }
    const side = /^((?:cut|skin|flat)[- ]sides? (?:down|up)),\s+/i.exec(rest);
    if (side) {
      lead = side[1]!;
      rest = rest.slice(side[0].length);
      continue;
    }
    const comma = commaBeforeVerb(rest);
    if (comma > 0 && CONDITION.test(rest)) {
      const said = rest.slice(0, comma).trim();
      if (/^(?:while|as)\b/i.test(said)) meanwhile = true;
      else if (!TIME_LEFT.test(said)) condition = said.toLowerCase();
      rest = rest.slice(comma + 1).trim();
    } else if (comma > 0 && TO_GO.test(rest)) {
      meanwhile = true;
      rest = rest.slice(comma + 1).trim();
    } else if (comma > 0 && LEAD.test(rest)) {
      lead = rest.slice(0, comma).trim();
      rest = rest.slice(comma + 1).trim();
    } else break;
  }
  const parts = splitAtVerbs(rest).flatMap(withLaterAction);
  const clauses = parts.map((part, i) => makeClause(part, part.condition ?? (i === 0 ? condition : null)));
  if (clauses[0]) {
    clauses[0].meanwhile = meanwhile;
    clauses[0].first = true;
  }
  // a place said first holds for all actions of the sentence
  for (const [i, clause] of clauses.entries())
    clause.lead =
      parts[i]!.lead ??
      (lead && !/^(?:to|for)\b/i.test(lead) && (i === 0 || !/^(?:working|starting|beginning|using|with)\b/i.test(lead)) ? lead : null);
  return clauses;
}

/** "When there are 5 minutes left": when in the plan, and nothing to look for. */
const TIME_LEFT =
  /^(?:about |around )?\d+\s*(?:minutes?|mins?)\.? before\b.*\b(?:ready|done|cooked|time)$|^when (?:there(?:['’]s| is| are)|you have|it has) (?:about )?\S+ (?:minutes?|mins?) (?:left|to go|remaining)\b/i;

/** "With 10 minutes to go, cook the pasta": beside what cooks. */
const TO_GO = /^with (?:about |around )?\S+ (?:minutes?|mins?)\.? (?:to go|left|remaining),/i;

/** Whether an action starts at a place is seen from so many characters of what follows: some twenty words. */
const LOOK_AHEAD = 120;

/** The comma after which the main action starts; -1 when there is none. */
function commaBeforeVerb(text: string): number {
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

type Part = { text: string; condition?: string; lead?: string };

/** Cuts a run of words where a new imperative starts: after a comma, "and" or "then". */
function splitAtVerbs(text: string): Part[] {
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
function withLaterAction(part: Part): Part[] {
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

const wordsOf = (text: string) => text.split(/\s+/);
const plain = (word: string | undefined) => (word ?? '').toLowerCase().replace(/[^\p{L}-]/gu, '');

function startsAction(after: string, before: string, then: boolean): boolean {
  const words = wordsOf(after.replace(OPENER, ''));
  let i = 0;
  while (i < 2 && ADVERBS.has(plain(words[i]))) i++;
  const verb = plain(words[i]);
  if (!verb || (!KITCHEN_VERBS.has(verb) && !isVerb(verb))) return false;
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
function placeLast(verb: string, rest: string): string {
  const [, one, place, joint, more] = (GOES_IN.test(verb) ? THEN_MORE.exec(rest) : null) ?? [];
  if (!one || !place || !more) return rest;
  // "with a spoon" is how, "with the carrots" is what goes along
  return joint === 'with' && (!RUNS.test(verb) || findTools(more).length > 0 || findFood(more) === null)
    ? rest
    : `${one} and ${more} ${place}`;
}

function makeClause(part: Part, condition: string | null): Clause {
  let text = part.text.replace(OPENER, '');
  let adverb: string | null = null;
  let words = wordsOf(text);
  while (words.length > 1 && ADVERBS.has(plain(words[0]))) {
    adverb = plain(words[0]);
    words = words.slice(1);
  }
  text = words.join(' ');
  const verb = plain(words[0]);
  const known =
    (isVerb(verb) || KITCHEN_VERBS.has(verb)) && !/^(?:do not|don't|never|take care|be careful|watch out|keep an eye)\b/i.test(text);
  if (!known) return { ...NOTHING_DONE, rest: text, condition };
  let rest = words
    .slice(1)
    .join(' ')
    .replace(/^[,:]\s*/, '');
  let until: string | null = null;
  const m =
    /(?:^|[\s,]+)((?:until|till|so that|or until|so (?:it|they|everything|all of it|(?:the|all|each) \p{L}+)(?=\s+(?:is|are|gets?|becomes?|has|have|comes?|turns?|stays?)\b))\b.*)$/iu.exec(
      rest,
    );
  if (m) {
    until = m[1]!.replace(/^or\s+/i, '').replace(/[,.\s]+$/, '');
    rest = rest.slice(0, m.index);
    // "until softened, 6 to 8 minutes": the time belongs to the action
    const time = /,\s+(?:for\s+)?((?:about\s+|around\s+|another\s+)?\d[^,]*?(?:min|sec|hour|hr)\w*)$/i.exec(until);
    if (time) {
      until = until.slice(0, time.index);
      rest =
        `${rest.replace(/^,?\s*(stirring\b.*)$/i, '')} for ${time[1]}${/^,?\s*stirring\b/i.test(rest) ? `, ${rest.replace(/^,?\s*/, '')}` : ''}`.trim();
    }
  }
  const when = /(?:^|,?\s+)((?:when|once)\s+(?:the|it|they|they're|it's|golden|soft|ready|cool(?:ed)?|cold|set|done|firm)\b.*)$/i.exec(
    rest,
  );
  let held = condition;
  if (when && !held && (when.index > 0 || /^(?:when|once)\s+(?:cool|cold|set|done|firm)/i.test(rest))) {
    held = when[1]!.toLowerCase();
    rest = rest.slice(0, when.index);
  }
  // "fold in the nuts, if using"
  const choice = /,?\s+(if (?:using(?:\s+(?:it|them))?|you (?:like|want|wish)|liked|desired|wanted|wished|needed))$/i.exec(rest);
  if (choice && !held) {
    held = choice[1]!.toLowerCase();
    rest = rest.slice(0, choice.index);
  }
  rest = placeLast(verb, rest.replace(/[\s,]+$/, ''));
  return {
    verb,
    rest,
    condition: held,
    lead: null,
    until,
    adverb: adverb === 'very' ? null : adverb,
    shared: rest === '' && until === null,
    meanwhile: false,
    first: false,
    aside: null,
    help: null,
  };
}
