// A column of a worksheet that says who helps with each step: "3. Cut the chicken.      TA".

const HEAD =
  /^(.*?\S)\s{3,}(?:who(?:['’]s)?(?:\s+(?:helps?|does\s+(?:it|this)|will\s+help|with|can\s+help))?|help(?:ers?|s)?|support|adults?|done\s+by)\s*\??\s*$/i;
const IN_COLUMN = /^(.*?\S)\s{3,}(\S(?:.{0,22}\S)?)\s*$/;
const ADULT = /\b(?:TA|LSA|adults?|teacher|staff|helper|support|grown[- ]?up|carer|miss|sir)\b/i;
const LEARNER = /^(?:me|i|myself|self|us|we|all|everyone|pupils?|students?|learners?|both|pairs?|✓|-)\W*$/i;

/** How an adult's help stands behind each sentence, as a recipe's own "(with an adult)" would. */
const withAdult = (text: string): string =>
  /[.!]\s*$/.test(text) ? text.replace(/(?<=[\p{L})])([.!]+)(?=\s|$)/gu, ' (with an adult)$1') : `${text} (with an adult)`;

/**
 * Lines without their column of helpers: where an adult helps, the line says so; where the learner does it alone, it is only a line.
 * Lines whose last column is neither stay as they are.
 * @example withHelpersSaid(['What to do     Who helps?', '1. Drain the pasta.     TA']) // ['What to do', '1. Drain the pasta (with an adult).']
 */
export function withHelpersSaid(lines: readonly string[]): string[] {
  const head = lines.findIndex((line) => HEAD.test(line));
  if (head < 0) return [...lines];
  return lines.map((line, i) => {
    if (i === head) return HEAD.exec(line)![1]!;
    const [, text, who] = i > head ? (IN_COLUMN.exec(line) ?? []) : [];
    if (text === undefined || who === undefined) return line;
    if (LEARNER.test(who)) return text;
    return ADULT.test(who) && who.split(/\s+/).length <= 4 ? withAdult(text) : line;
  });
}
