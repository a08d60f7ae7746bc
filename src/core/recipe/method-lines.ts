// What a method's lines say beside their work: a label before it, and the heat of the oven that stands elsewhere.
import { findTemperature } from '../amount/temperature';
import { stripMarks } from './line-score';
import type { LineRole, Recipe } from './recipe';
import { startsWithVerb } from './verbs';

const OVEN_LINE = /^(?:oven|bake at)(?:\s+temp(?:erature)?)?\s*:?\s+(?:at |to )?(?=\d|gas\b)(.{2,50})$/i;
const HEATS_OVEN =
  /\b((?:pre-?heat|heat|turn on|switch on|warm)(?: up)? (?:the |your )?oven|get (?:the |your )?oven (?:nice and )?hot)\b(?!\s+(?:to|at)\b)/i;

/** "Oven temp: 220 C", on a line of its own. */
export const isOvenHeat = (text: string) => /^oven temp(?:erature)?\b/i.test(text) && OVEN_LINE.test(text);

/** Food is no hotter inside, in °C: "check the thickest drumstick: 75 °C" says nothing of the oven. */
const MOST_INSIDE = 100;

/** "Oven: 200 °C" beside the times, with "heat the oven" in a method that never says how hot: the heat belongs there. */
export function sayOvenHeat(draft: { recipe: Recipe; lines: LineRole[] }): void {
  const heat = draft.lines.flatMap((l) =>
    l.role === 'time' || l.role === 'note' ? (OVEN_LINE.exec(stripMarks(l.text))?.[1] ?? []) : [],
  )[0];
  if (!heat || draft.recipe.instructions.some((line) => (findTemperature(line)?.celsius ?? 0) > MOST_INSIDE)) return;
  const at = draft.recipe.instructions.findIndex((line) => HEATS_OVEN.test(line));
  if (at < 0 && draft.recipe.instructions.some((line) => /\b(?:bake|roast)\b/i.test(line)))
    return sayFirst(draft, `Heat the oven to ${heat.trim()}`);
  if (at >= 0)
    draft.recipe.instructions[at] = draft.recipe.instructions[at]!.replace(
      HEATS_OVEN,
      (said) => `${/^get\b/i.test(said) ? 'Heat the oven' : said} to ${heat.trim()}`,
    );
}

/** "Oven 200C." over a method that bakes and says no more of it: the first thing to do. */
function sayFirst(draft: { recipe: Recipe; lines: LineRole[] }, text: string): void {
  draft.recipe.instructions.unshift(text.replace(/[.!]?$/, '.'));
  draft.lines = draft.lines.map((l) =>
    l.role === 'instruction' && l.index !== null
      ? { ...l, index: l.index + 1 }
      : OVEN_LINE.test(stripMarks(l.text))
        ? { ...l, role: 'instruction', index: 0 }
        : l,
  );
}

const LABEL = /^(\p{Lu}[^.:;!?\d]{2,40}):\s+(?=\p{L})/u;
// Who does it, and what to look out for, is never taken off.
const SAYS_MORE =
  /^(?:to (?:reheat|store|freeze|defrost|make ahead)|note|tip|warning|caution|careful|danger|safety|adult|grown[- ]?up|teacher|carer|parent|helper)\b/i;
const SAYS_HELP = /\b(?:adult|grown[- ]?up|teacher|carer|parent|helper|help)/i;
const DOES_SOMETHING = /^(?:drain|peel|chop|slice|rinse|wash|open|add|grate|crack|whisk|stir|mix|check|taste|test|step)\b/i;

/**
 * "Bake the tofu: Spread it on the tray and bake": what stands before the colon only names what is done behind it. A machine or a choice that is named there
 * is kept.
 * @example withoutLabel('Microwave: cook for 3 minutes.') // 'Cook for 3 minutes in the microwave.'
 */
export function withoutLabel(text: string): string {
  // "Pair 1: wash the strawberries": who does it is for the lesson
  const who =
    /^(?:pair|group|team|station|table|job|person|learner|student|step|task)\s+\d{1,2}\s*(\([^()]{1,30}\))?\s*[:–-]\s+(?=\p{L})/iu.exec(
      text,
    );
  if (who) {
    const rest = withoutLabel(capital(text.slice(who[0].length)));
    return who[1] && SAYS_HELP.test(who[1]) ? firstSentence(rest, who[1]) : rest;
  }
  // "Let everyone build their own fajita: spoon some chicken ..."
  const each =
    /^let (?:everyone|everybody|each (?:person|learner|student|pupil|child)|the (?:class|group|children|learners|students|pupils))\b[^:.]{3,60}:\s+(?=\p{L})/iu.exec(
      text,
    );
  if (each) return withoutLabel(capital(text.slice(each[0].length)));
  // "Before we start: oven on 170 C"
  const early = /^before (?:we|you) (?:start|begin|cook)\s*[:,–-]\s+(?=\p{L})/iu.exec(text);
  if (early) return withoutLabel(capital(text.slice(early[0].length)));
  const label = LABEL.exec(text);
  if (!label || label[1]!.split(/\s+/).length > 5) return text;
  // "Rinse: put the rice in a sieve and rinse it" says it again, "Drain the beans: rinse them" does not
  const words = (said: string): string[] => said.toLowerCase().match(/\p{L}+/gu) ?? [];
  const again = words(text.slice(label[0].length)).includes(words(label[1]!)[0] ?? '');
  if (SAYS_MORE.test(label[1]!) || (DOES_SOMETHING.test(label[1]!) && !again)) return text;
  // "Heat the tortillas: wrap them in paper"
  const thing = label[1]!
    .replace(/^(?:first|next|then|now)\s+/i, '')
    .replace(/(?:\s+on)?(?:\s+(?:first|now|next))?$/i, '')
    .replace(/^\S+\s+/, '');
  if (/^(?:optional|if you like|extra)$/i.test(label[1]!)) return firstSentence(capital(text.slice(label[0].length)), 'if you like');
  const rest = text
    .slice(label[0].length)
    .replace(/^(\p{L}+\s+)(?:it|them)\b/iu, (_all, verb: string) => `${verb}${/\s/.test(label[1]!) ? thing : 'it'}`);
  if (!startsWithVerb(rest)) return text;
  // "Warm the tortillas: wrap in foil"
  if (/^(?:warm|heat|toast)\s/i.test(label[1]!) && /^\p{L}+\s+(?:in|on|with)\s/iu.test(rest))
    return capital(rest.replace(/^\p{L}+/u, (verb) => `${verb} ${/^(?:the|your)\s/i.test(thing) ? thing : `the ${thing}`}`));
  // "While the fish bakes, make the slaw: cut ..."
  if (/^(?:while|meanwhile)\b/i.test(label[1]!)) return `Meanwhile, ${rest.charAt(0).toLowerCase()}${rest.slice(1)}`;
  const where = /^(?:in the )?(microwave|air fryer|oven|slow cooker|grill)$/i.exec(label[1]!)?.[1];
  return where ? firstSentence(capital(rest), `in the ${where.toLowerCase()}`) : capital(rest);
}

/** With a capital at its head. */
export const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);

/** "Cook for 3 minutes. Stir." with "in the microwave" put behind its first sentence. */
const firstSentence = (text: string, words: string) => text.replace(/^[^.!]+/, (first) => `${first.trimEnd()} ${words}`);

const TOLD =
  /^[^\p{L}\p{N}]*(?:tips?|notes?|(?:cook|chef|teacher)['’]?s (?:tips?|notes?)|variations?|swaps?|(?:\p{L}+ )?(?:option|alternative|version)s?|leftovers?|storage|to store|make ahead|did you know|serving suggestions?|allerg\p{L}*|(?:washing|clear(?:ing)?|tidy(?:ing)?)[- ]up(?: \p{L}+)?|homework|extension|challenge|evaluation|reflection|(?:my|our) targets?|success criteria|key ?words?|vocabulary|skills?)\s*:\s+\S/iu;

/** "Vegan option: use oat drink", "Tip: ...": told beside the method, and no step of it. */
export const isTold = (text: string) =>
  TOLD.test(text) ||
  isCheer(text) ||
  ASKS.test(text) ||
  LEFT_OVER.test(text) ||
  BEST_EATEN.test(text) ||
  ONCE_MORE.test(text) ||
  IN_TURNS.test(text) ||
  TOO_BROWN.test(text) ||
  BY_HAND.test(text);

/** "Well done!", "This is the fun part!", "Take your time.": to the learner, and no work. */
export const isCheer = (text: string) => CHEERS.test(text.replace(/[.!]+$/, ''));
const CHEERS =
  /^(?:(?:well|nicely|nearly|almost|all|job) done|(?:very )?(?:good|great|nice|super|brilliant|lovely|amazing)(?: (?:job|work|one|going|stuff|cooking))?|hooray|yum(?:my)?|ta-?da|voil[aà]|that(?:['’]s| is) (?:it|all|the (?:hard|easy|fun) (?:part|bit))|(?:now )?(?:this|here|that|now)(?:['’]s|s| is| comes) (?:(?:is|for)\s+)?(?:the |a )?(?:[\p{L}-]+ )?(?:part|bit|fun|step)|you(?:['’]re| are) (?:(?:nearly|almost|half-?way) (?:there|done|finished)|done|finished|doing (?:well|great))|(?:please )?(?:take your time|do not rush|don['’]t rush|be patient|have fun|no hurry|no rush)|(?:\p{L}+ (?:love|loves|like|likes|enjoy|enjoys) (?:this|it|these|them)(?: (?:part|bit|one|step))?))(?: (?:here|now|everyone|everybody|chef|chefs|too|with this|with it))?$/iu;

/** "Use your hands or a big spoon": with what the step before is done. */
const BY_HAND = /^use\s+(?:your\s+(?:clean\s+)?(?:hands|fingers)|an?\s+(?:\p{L}+\s+)?(?:spoon|fork|whisk))(?:\s+or\s+[^.,;]{3,30})?$/iu;

/** "If the top gets too brown, lay foil over it": what to look out for. */
const TOO_BROWN =
  /^(?:(?:check|look|have a look|keep an eye)\b[^:;,]*[:;,–-]\s*(?:and\s+)?)?if (?:the|it|they)\b[^,]*\b(?:brown\w*|dark\w*|burn\w*),/i;

/** "You may have to do this in 2 batches": how to do the step before. */
const IN_TURNS =
  /^(?:(?:you|we)(?:['’]ll)?\s+(?:(?:may|might|will)\s+)?(?:have|need|want)\s+to\s+)?(?:do\s+this|work)\s+in\s+(?:\p{L}+|\d+)\s+batches$/iu;

/** "Leftovers go in a freezer bag": for another day. */
const LEFT_OVER = new RegExp(
  '^(?:(?:freeze|keep|store|save|chill|refrigerate)\\s+(?:(?:any|the|your)\\s+)?leftovers?\\b' +
    '|(?:freeze|keep|store|save|chill|refrigerate)\\s+any\\s+(?:(?:(?:that|which)\\s+)?(?:you|are|is)\\s|(?:\\p{L}+\\s+){1,2}(?:you|that are|left)\\b)' +
    '|(?:any\\s+)?leftovers?\\s+(?:go|goes|will|can|keep|keeps|are|freeze|reheat|store)\\b)',
  'iu',
);

/** "Best eaten on the day", "They keep for three days in a tin", "Goes well with peas": of the dish when it is done. */
const BEST_EATEN =
  /^(?:(?:best|nicest|delicious|lovely|great) (?:eaten|served|enjoyed|on the day|warm|cold|with)\b|(?:(?:it|they|these|this|the \p{L}+) (?:will )?(?:keep|freeze|store)|keeps|freezes|stores) (?:well|for (?:up to )?(?:\d|an?\b|two|three|four|five)|in (?:the|a|an airtight))|(?:it |this |they )?goes? (?:well|nicely) with\b)/iu;

/** "If it is lumpy, stop the blender and go again": how to go on with the step before. */
const ONCE_MORE =
  /^if\b.*\b(?:go|blend|whizz|mix|pulse|process|try|do it)\s+(?:it\s+)?again\b|^if (?:not|it (?:is|does)(?: not|n['’]t)[^,]*),.*\b(?:(?:bake|cook|roast|boil|simmer)\b.*\b(?:more|another|longer|extra|further)|(?:test|check|try)\s+(?:it\s+)?again)\b/i;

/** "How did I do?", "Did you like it?": asked of the learner afterwards. */
const ASKS =
  /^(?:i|we) (?:did|can do|made|do) (?:it|this|that)\b[^.]{0,12}[:?]|^(?:how|what|who|which|where|why|did|do|was|were|can|could|would)\b[^.!?]*\?(?:\W*\b(?:yes|no|a lot|a little|a bit|sometimes)\b)*\W*$/i;
