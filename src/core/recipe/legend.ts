// The marks of a worksheet: "* = ask an adult", "(A) means with help". The sheet says once what a mark means; a line that carries it says so by it.

const ASKS_HELP = /\b(?:adults?|grown[- ]?ups?|teachers?|helpers?|carers?|staff|someone|help|supervis\p{L}*)\b/iu;
const MARK = '\\*{1,3}|★|☆|†|‡|!{1,2}|\\([A-Za-z]\\)|\\[[A-Za-z]\\]|\\p{Extended_Pictographic}\\ufe0f?';
const LEGEND = new RegExp(
  `^\\W{0,3}?(?:(?:steps?|lines?)\\s+(?:marked\\s+)?(?:with\\s+)?(?:an?\\s+)?)?(${MARK})\\s*(?:=|:|–|-|means?\\b|is\\b|are\\b)\\s*(\\p{L}.{2,80})$`,
  'iu',
);

/** A mark and what it stands for: that an adult helps, or something that no step needs. */
export type Legend = {
  line: number;
  mark: string;
  help: string | null;
  /** Said in brackets on a line that says more: these words of it. */ inside?: string;
};

/** "Loaded wedges (A = adult helps)": what a mark means, beside the title. */
const INSIDE = /\s*[([]\s*([A-Za-z*★☆†])\s*=\s*(\p{L}[^()[\]]{2,60})[)\]]/iu;

/** "Egg fried rice  ** adult help at the stars **": a mark that is told by its name. */
const BY_NAME =
  /\s*(?:[([]\s*)?(?:(\*{1,3}|★|☆)\s*)?(\p{L}[^*★☆.()[\]]{0,50}\b(?:stars?|starred|asterisks?)\b[^*★☆.()[\]]{0,30})(?:\1|[*★☆]{1,3})?\s*[)\]]?\.?\s*$/iu;

/** The mark that other lines carry, where one is told by its name. */
function namedMark(lines: readonly string[], line: number): Legend[] {
  const text = lines[line]!;
  const said = BY_NAME.exec(text);
  if (!said || !ASKS_HELP.test(said[2]!)) return [];
  const others = lines.filter((_, k) => k !== line).join('\n');
  const mark = ['***', '**', '*', '★', '☆'].find((one) => others.includes(one));
  if (!mark) return [];
  const isWhole = said[0].trim() === text.trim();
  return [{ line, mark, help: 'adult help', ...(isWhole ? {} : { inside: said[0] }) }];
}

/**
 * The lines that say what a mark means.
 * @param lines a text's lines; `line` counts from 0
 * @example legendsOf(['Peel the carrot. (A)', '(A) = ask an adult']) // [{ line: 1, mark: '(A)', help: 'ask an adult' }]
 */
export function legendsOf(lines: readonly string[]): Legend[] {
  return lines.flatMap((text, line) => {
    const beside = INSIDE.exec(text);
    if (beside && beside[0].trim() !== text.trim()) {
      const mark = /[A-Za-z]/.test(beside[1]!) ? `(${beside[1]!})` : beside[1]!;
      const help = ASKS_HELP.test(beside[2]!) ? beside[2]!.trim() : null;
      return lines.some((other, k) => k !== line && other.includes(mark)) ? [{ line, mark, help, inside: beside[0] }] : [];
    }
    const named = namedMark(lines, line);
    if (named.length > 0) return named;
    const said = LEGEND.exec(text.trim());
    const mark = said?.[1] ?? '';
    // a bullet is no mark: one has to stand at other lines too, or the legend asks for help
    const help = said && ASKS_HELP.test(said[2]!) ? said[2]!.trim().replace(/[.!]+$/, '') : null;
    const used = lines.some((other, k) => k !== line && other.includes(mark));
    return said && used && (help !== null || /^[([]/.test(mark)) ? [{ line, mark, help }] : [];
  });
}

/**
 * A line with its marks put in words, in brackets behind the sentence that carries them.
 * @example withMarksSaid('*Drain the pasta.', [{ line: 9, mark: '*', help: 'with an adult' }]) // 'Drain the pasta (with an adult).'
 */
export function withMarksSaid(text: string, legends: readonly Legend[]): string {
  return legends.reduce((said, { mark, help }) => {
    if (!said.includes(mark)) return said;
    const words = help === null ? '' : ` (${help})`;
    const first = new RegExp(`^(\\W{0,6}?(?:\\d{1,2}[.)]\\s*)?)${escaped(mark)}\\s*(?=\\p{L})(.*?)([.!]?)(?=\\s+\\p{Lu}|\\s*$)`, 'u');
    return said
      .replace(first, (_all, lead: string, sentence: string, stop: string) => `${lead}${sentence}${words}${stop}`)
      .replace(new RegExp(`\\s*([.!]?)\\s*${escaped(mark)}`, 'gu'), (_all, stop: string) => `${words}${stop}`);
  }, text);
}

const escaped = (mark: string) => mark.replace(/[*!()[\]†‡]/g, '\\$&');
