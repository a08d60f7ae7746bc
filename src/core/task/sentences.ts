// The sentences of an instruction, and what stands in brackets beside them.
// "min." before a capital is both an abbreviation and an end; "approx." never ends anything, and "in." is one only behind a number.
const SHORT =
  /\b(min|mins|tbsp|tsp|oz|lb|hr|hrs|sec|secs)\.(?=\s+(\S)?)|\b(approx|deg|no|vs|e\.g|i\.e)\.(?=\s)|(?<=[\d½¼¾]\s?)\bin\.(?=\s)/gi;

/** Sentences of a text. A full stop ends one when the next starts with a capital; "approx." and "1.5" do not, "5 min. then" neither. */
export function sentences(text: string): string[] {
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
export function takeAsides(text: string): { text: string; asides: string[] } {
  const asides: string[] = [];
  const rest = text.replace(BRACKETS, (_all, inside: string, at: number) => {
    // "a small plate (about 15 cm)": the only number there is, where "8 inch (20 cm)" only says it again
    const isSize = LENGTH.test(inside.trim()) && !/\d[^.;,]{0,24}$/.test(text.slice(0, at));
    return ` ⟦${asides.push(isSize ? `the size: ${inside.trim()}` : inside.trim()) - 1}⟧`;
  });
  return { text: rest, asides };
}
const LENGTH =
  /^(?:about |around |roughly )?\d[\d.,/]*\s?(?:cm|mm|inch(?:es)?|in|")(?:\s*(?:x|by|×)\s*\d[\d.,/]*\s?(?:cm|mm|inch(?:es)?|in|")?)?(?:\s+(?:across|wide|thick|long|round|deep))?$/i;
export const HELD = /\s*⟦(\d+)⟧/g;
// an amount, a time or a temperature in another unit says nothing new; nor does one word
const WARNS = /\b(?:careful|hot|steam|sharp|watch|mind|spits?)\b/i;
export const SAYS_MORE = (aside: string) =>
  ((aside.match(/\p{L}{2,}/gu)?.length ?? 0) >= 3 || WARNS.test(aside)) && !/^\W*\d/.test(aside) && !/°/.test(aside);
