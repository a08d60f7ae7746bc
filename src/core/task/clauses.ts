// Splits an instruction into its single actions: "Peel, core and dice the apples, then put them in a bowl" is four.
import { minutesOfText } from '../amount/minutes';
import { plainNumbers } from '../amount/quantity';
import { isCheer, isTold } from '../recipe/method-lines';
import { isVerb } from '../technique/lexicon';
import { KITCHEN_VERBS } from '../recipe/verbs';
import { ADVERBS } from './clause-words';
import { type Help, helpAsked, helpOf, isOfHelp } from './adult-help';
import { plainTurns } from './turns-of-speech';
import { HELD, SAYS_MORE, sentences, takeAsides } from './sentences';
import { commaBeforeVerb, OPENER, type Part, placeLast, plain, splitAtVerbs, withLaterAction, wordsOf } from './clause-split';

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
  /** So many minutes before what cooks is done: "when there are 3 minutes left". */
  left: number | null;
  /** What its sentence says in brackets: "no pink in the middle". */
  aside: string | null;
  /** How near the recipe wants an adult: "ask an adult to help you cut it", "(adult)". */
  help: Help | null;
};
const CONDITION =
  /^(?:while|when|once|as soon as|after|before|if|as|during|(?:about )?(?:half an hour|an hour|(?:\d+|\p{L}+) (?:minutes?|mins?|hours?)) before)\b/iu;
const LEAD = /^(?:in|into|on|onto|using|with|over|for|to|at|from|working|starting|beginning|on top of)\b/i;

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
  left: null,
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
  let left: number | null = null;
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
      if (/^(?:while|as(?! soon))\b/i.test(said)) meanwhile = true;
      else if (TIME_LEFT.test(said)) left = minutesOfText(said);
      else condition = said.toLowerCase();
      rest = rest.slice(comma + 1).trim();
    } else if (comma > 0 && TO_GO.test(rest)) {
      meanwhile = true;
      left = minutesOfText(rest.slice(0, comma));
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
    clauses[0].left = left;
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
  /^(?:about |around )?\d+\s*(?:minutes?|mins?)\.? before\b.*\b(?:ready|done|cooked|time)$|^(?:when|once) (?:there(?:['’]s| is| are)|you have|(?:it|they|the \S+(?: \S+)?) (?:has|have)) (?:about )?\S+ (?:minutes?|mins?) (?:left|to go|remaining)\b/i;

/** "With 10 minutes to go, cook the pasta": beside what cooks. */
const TO_GO = /^with (?:about |around )?\S+ (?:minutes?|mins?)\.? (?:to go|left|remaining),/i;

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
  // "sprinkle evenly with the sugar": how, and with what
  const how = /^(\p{L}+ly)\s+(?=with\b)/iu.exec(rest);
  if (how && adverb === null && /^(?:sprinkle|scatter|dust|brush|drizzle|spread|season|top)$/.test(verb)) {
    adverb = how[1]!.toLowerCase();
    rest = rest.slice(how[0].length);
  }
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
    left: null,
    aside: null,
    help: null,
  };
}
