// Who does it, where the recipe says so: "ask an adult to help you", "ADULT:", "(with help)".
import { capital } from '../recipe/method-lines';
import { startsWithVerb } from '../recipe/verbs';
import type { Supervision } from '../technique/model';

/** How near the recipe wants an adult. */
export type Help = Extract<Supervision, 'within-reach' | 'adult-does'>;

const ADULT = /\b(?:(?:ask for|get|with) help|adults?|grown[- ]?ups?|teachers?|carers?|staff|supervis\p{L}*)\b/iu;
const PERSON =
  '(?:an?\\s+|the\\s+|your\\s+)?(?:adult|grown[- ]?up|teacher|carer|parent|helper|staff(?:\\s+member)?|member of staff|someone)';
const ASK = new RegExp(
  `^(?:(?:then|next|now|first(?:ly)?|second(?:ly)?|finally|lastly|after that|afterwards),?\\s+)?(?:ask|get|have|let)\\s+${PERSON}\\s+(?:to\\s+)?(help\\s+(?:you\\s+)?(?:to\\s+)?)?(?=\\p{L})`,
  'iu',
);
const ADULT_FIRST = new RegExp(`^(?:\\[?${PERSON}(?:\\s+(?:only|step|job|does|do this))?\\]?\\s*[:\\-–—]\\s*)`, 'iu');
const WITH_HELP = new RegExp(
  `(?:^with\\s+(?:the\\s+)?(?:help|supervision)(?:\\s+(?:of|from)\\s+${PERSON})?,?\\s+)|(?:,?\\s*\\bwith\\s+(?:${PERSON}(?:['’]s)?\\s+(?:help|supervision)|(?:the\\s+)?(?:help|supervision)(?:\\s+(?:of|from)\\s+${PERSON})?|${PERSON})(?=\\s*[.,;]|$),?\\s*)`,
  'iu',
);

/** "An adult drains the pasta", "Adult drains it", "Your teacher will pour in the water". */
const ADULT_DOES = new RegExp(
  `^(?=(?:(?:an?|the|your)\\s)|adult\\s)${PERSON}\\s+(will\\s+|can\\s+|should\\s+|must\\s+|has\\s+to\\s+|needs\\s+to\\s+)?(\\p{L}+)\\b`,
  'iu',
);

/** The sentence as it is told to whoever does it, where an adult is said to do something that is known. */
function toldTo(sentence: string): string | null {
  const m = ADULT_DOES.exec(sentence);
  if (!m) return null;
  const rest = sentence.slice(m[0].length);
  const verb = m[2]!.toLowerCase();
  const bare = m[1] ? [verb] : [verb.replace(/s$/, ''), verb.replace(/es$/, ''), verb.replace(/ies$/, 'y')];
  const known = bare.find((v) => (m[1] || v !== verb) && startsWithVerb(`${v} ${rest}`));
  return known ? capital(`${known}${rest}`) : null;
}

/** What a note in brackets asks for: "(adult only)", "(with help)". */
export const helpOf = (said: string): Help => (/\b(?:help|supervis|with|near|watch)/i.test(said) ? 'within-reach' : 'adult-does');

/** "Ask an adult to help you drain the pasta": drain the pasta, with an adult beside. */
export function helpAsked(sentence: string): { text: string; help: Help | null } {
  if (!ADULT.test(sentence) && !/\bwith (?:the )?help\b|\bsomeone\b|\bhelper\b|\bparent\b|\bstaff\b/i.test(sentence))
    return { text: sentence, help: null };
  const asked = ASK.exec(sentence);
  if (asked) return { text: capital(sentence.slice(asked[0].length)), help: asked[1] ? 'within-reach' : 'adult-does' };
  const first = ADULT_FIRST.exec(sentence);
  if (first) return { text: capital(sentence.slice(first[0].length)), help: 'adult-does' };
  const told = toldTo(sentence);
  if (told) return { text: told, help: 'adult-does' };
  const beside = WITH_HELP.exec(sentence);
  if (beside)
    return {
      text: capital(`${sentence.slice(0, beside.index)} ${sentence.slice(beside.index + beside[0].length)}`.trim()),
      help: 'within-reach',
    };
  return { text: sentence, help: null };
}

/** Whether a note speaks of who does it. */
export const isOfHelp = (said: string) => ADULT.test(said);
