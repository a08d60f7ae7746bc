// How hard the words of a step are to read, and plainer ones for them.
import { table } from '../amount/table';
import { syllable } from 'syllable';
import type { Step } from '../plan/model';

/** School grade up to which a step's words are taken for easy, unless the class sets another (common practice). */
export const USUAL_GRADE = 4;

// Kitchen words that the counter gets wrong.
const SYLLABLES = table<number>({ large: 1 });

/**
 * The Flesch-Kincaid grade of a text: 0.39 x words a sentence + 11.8 x syllables a word - 15.59 (Kincaid, Fishburne, Rogers & Chissom 1975).
 * Numbers, amounts and units count as one syllable each. Not below 0.
 * Says how long words and sentences are, and nothing of whether a learner knows the words.
 */
export function readingGrade(text: string): number {
  const words = text.match(/[\p{L}\p{N}½⅓⅔¼¾⅛°%'’-]+/gu) ?? [];
  if (words.length === 0) return 0;
  const sentences = Math.max(1, (text.match(/[.!?]+(?:\s|$)/g) ?? []).length);
  const syllables = words.reduce(
    (n, word) => n + (/\p{L}{2,}/u.test(word) ? (SYLLABLES.get(word.toLowerCase()) ?? Math.max(1, syllable(word))) : 1),
    0,
  );
  return Math.max(0, Math.round((0.39 * (words.length / sentences) + 11.8 * (syllables / words.length) - 15.59) * 10) / 10);
}

// Long or bookish words of recipes and what a learner hears at the table instead (common practice). Longest first.
const PLAINER: [RegExp, string][] = [
  [/\bapproximately\b/gi, 'about'],
  [/\bimmediately\b/gi, 'at once'],
  [/\bthoroughly\b/gi, 'well'],
  [/\boccasionally\b/gi, 'now and then'],
  [/\bcontinuously\b|\bconstantly\b/gi, 'all the time'],
  [/\bvigorously\b/gi, 'hard'],
  [/\bgradually\b/gi, 'bit by bit'],
  [/\bevenly\b/gi, 'all over'],
  [/\bgently\b/gi, 'softly'],
  [/\bcombined\b/gi, 'mixed'],
  [/\bcombine\b/gi, 'mix'],
  [/\bincorporated?\b/gi, 'mix in'],
  [/\btransfer\b/gi, 'move'],
  [/\bremove\b/gi, 'take'],
  [/\brefrigerate\b/gi, 'put in the fridge'],
  [/\brefrigerator\b/gi, 'fridge'],
  [/\bmicrowave on high\b/gi, 'heat in the microwave'],
  [/\bsaucepan\b/gi, 'pan'],
  [/\bskillet\b/gi, 'frying pan'],
  [/\bdivide\b/gi, 'share'],
  [/\barrange\b/gi, 'lay'],
  [/\bposition\b/gi, 'put'],
  [/\bdistribute\b/gi, 'spread'],
  [/\bdiscard\b/gi, 'throw away'],
  [/\breserve\b|\bset aside\b/gi, 'keep'],
  [/\badditional\b/gi, 'more'],
  [/\bremaining\b/gi, 'rest of the'],
  [/\ba further\b/gi, 'another'],
  [/\bpreheat\b/gi, 'heat'],
  [/\bmoderate\b/gi, 'medium'],
  [/\btemperature\b/gi, 'heat'],
  [/\bsoftened\b/gi, 'soft'],
  [/\bthickened\b/gi, 'thick'],
  [/\bgolden brown\b/gi, 'brown'],
  [/\bsprinkle\b/gi, 'shake'],
  [/\bscatter\b/gi, 'drop'],
  [/\bgarnish with\b/gi, 'top with'],
  [/\bvegetables\b/gi, 'veg'],
  [/\bingredients\b/gi, 'things'],
  [/\bmixture\b/gi, 'mix'],
  [/\bcompletely\b/gi, 'quite'],
  [/\bcarefully\b/gi, 'with care'],
  [/\binto a small bowl, one at a time\b/gi, 'into a bowl, one by one'],
  [/, or until\b/gi, ' until'],
  [/\brest of the the\b/gi, 'rest of the'],
  [/\bthe rest of the rest of the\b/gi, 'the rest of the'],
];

/**
 * Plainer words for a step: shorter words, the same action.
 * @returns null where the table knows none
 * @example plainerWording('Combine the remaining oil.') // 'Mix the rest of the oil.'
 */
export function plainerWording(text: string): string | null {
  let plain = text;
  for (const [pattern, word] of PLAINER)
    plain = plain.replace(pattern, (found) => (/^\p{Lu}/u.test(found) ? word.charAt(0).toUpperCase() + word.slice(1) : word));
  plain = plain.replace(/\bthe rest of the\b/gi, (found) => found).replace(/\bthe the\b/gi, 'the');
  return plain === text ? null : plain;
}

/** The steps whose words are harder than a grade, hardest first. */
export function hardSteps(steps: readonly Step[], grade: number = USUAL_GRADE): { key: string; grade: number }[] {
  return steps
    .map((s) => ({ key: s.key, grade: readingGrade(s.text) }))
    .filter((s) => s.grade > grade)
    .sort((a, b) => b.grade - a.grade);
}
