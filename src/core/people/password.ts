// What a password has to be: long, and not what anybody would try first. Rules of kinds of characters are left out, as NIST SP 800-63B asks.

/** The fewest and most characters. NIST SP 800-63B (from memory): at least 8, and at least 64 taken; 12 since a second factor is no duty here. */
export const SHORTEST = 12;
export const LONGEST = 200;
/** Fewer different characters than this are a pattern, not a password. */
const FEWEST_DIFFERENT = 5;

/** Rows of keys and counting: a password that is mostly one of them is among the first that are tried. */
const ROWS = ['abcdefghijklmnopqrstuvwxyz', '01234567890123456789', 'qwertyuiopasdfghjklzxcvbnm', 'qwertzuiopasdfghjklyxcvbnm'];
/** What is tried first of words. */
const FIRST_TRIED = [
  'password',
  'passwort',
  'letmein',
  'welcome',
  'iloveyou',
  'changeme',
  'yellowrung',
  'cooking',
  'kitchen',
  'teacher',
  'school',
];

const letters = (text: string) => text.toLowerCase().replace(/[^\p{L}\p{N}]/gu, '');

/** How much of a text is left when words that anybody knows are taken out. */
function without(text: string, words: readonly string[]): string {
  return words.filter((w) => w.length >= 3).reduce((left, w) => left.replaceAll(w, ''), text);
}

function isRow(text: string): boolean {
  return ROWS.some((row) => (row + row).includes(text) || [...(row + row)].reverse().join('').includes(text));
}

/**
 * Why a password is not taken, in words; null where it is.
 * @param known words of the person and the school: the address, names
 */
export function whyNoPassword(password: string, known: readonly string[]): string | null {
  const length = [...password].length;
  if (length < SHORTEST)
    return `At least ${SHORTEST} characters: three or four words that do not belong together are easy to keep in mind.`;
  if (length > LONGEST) return `At most ${LONGEST} characters.`;
  const plain = letters(password);
  if (new Set(plain).size < FEWEST_DIFFERENT) return 'This repeats the same few characters. Take words that do not belong together.';
  if (isRow(plain)) return 'These keys stand beside each other. Take words that do not belong together.';
  const own = known.flatMap((k) => k.split(/[\s@.]+/)).map(letters);
  if (without(plain, [...own, ...FIRST_TRIED]).length < SHORTEST / 2)
    return 'Names, the address and common words are what is tried first. Take words that do not belong together.';
  return null;
}
