// What a writer remarks behind an order, in brackets: "Pour over the sauce (it will spit)." It stands by while turns of speech are put plainly, so that an order reads as it would without it.
import { startsWithVerb } from '../../recipe/verbs';
import { isOfHelp } from '../adult-help';
import { SAYS_MORE } from '../sentences';

/** Spaces of other widths, one for each remark: to every turn of speech they are what stands between two words. */
const MARKS = '\u2000\u2001\u2002\u2003\u2004\u2005\u2006\u2007\u2008\u2009\u200a';
/** A page may have such spaces of its own. */
const WIDTHS = new RegExp(`[${MARKS}]`, 'gu');
const MARKED = new RegExp(`([.;!?]*)(\\s*?)([${MARKS}])`, 'gu');
/** "It will smell lovely.", "Do not rush this.": a sentence of its own that orders nothing. */
const SENTENCE =
  /(?<=[.!])\s+((?:this (?:is|will|makes?|takes?|helps?|gives?|keeps?|stops?)|it (?:will|may|might|can|won['’]t) (?:look|smell|seem|be|get|take|feel|taste)|it['’]ll|they (?:will|may|might) (?:look|smell|seem|be|get|feel)|they['’]ll|(?:do not|don['’]t) (?:rush|worry|panic|be (?:shy|afraid|tempted))|be (?:patient|brave|gentle)|take your time|well done|you(?:['’]re| are) (?:nearly|almost|doing)|yum|smells? )[^.!?;()\d]{0,70}[.!])(?=\s|$)/giu;
const BEHIND = /\s*\(([^()]{0,200})\)(\s*(?:[.;!?]+|$))/g;

/** What names an adult, an amount or a size, or what was or is to be done, is no remark: the turns read that. */
const isRemark = (inside: string) =>
  /^\p{L}/u.test(inside) &&
  !/\d/.test(inside) &&
  SAYS_MORE(inside) &&
  !isOfHelp(inside) &&
  !TELLS_WORK.test(inside) &&
  !startsWithVerb(inside);
const TELLS_WORK = /^(?:(?:but|and|or|then|still|\p{L}+ly)\s+)?(?:\p{L}+(?:ed|ing)\b|keep\b|with\b|without\b|in\b|on\b)/iu;

type Remark = { said: string; isSentence: boolean };

/**
 * A line without the remarks at the ends of its orders and between them, and how to put them back.
 * @returns `back` takes the line as it is said then; a remark whose place is gone stands at its end
 */
export function remarksApart(line: string): { text: string; back: (said: string) => string } {
  const kept: Remark[] = [];
  const take = (said: string, isSentence: boolean): string | null => {
    const mark = MARKS[kept.length];
    if (mark === undefined) return null;
    kept.push({ said: said.trim(), isSentence });
    return mark;
  };
  const alone = line.replace(WIDTHS, ' ').replace(SENTENCE, (all: string, said: string) => take(said, true) ?? all);
  const text = alone.replace(BEHIND, (all: string, inside: string, stop: string) => {
    const mark = isRemark(inside.trim()) ? take(inside, false) : null;
    return mark === null ? all : `${stop.trim() || '.'}${mark}`;
  });
  return { text, back: kept.length === 0 ? (said) => said : (said) => putBack(said, kept) };
}

function putBack(line: string, kept: readonly Remark[]): string {
  const left = new Set(kept);
  const text = line.replace(MARKED, (_all, stop: string, space: string, mark: string) => {
    const { said, isSentence } = kept[MARKS.indexOf(mark)]!;
    left.delete(kept[MARKS.indexOf(mark)]!);
    return isSentence ? `${stop} ${said}` : ` (${said})${stop}${stop ? '' : space}`;
  });
  return [...left].reduce(
    (t, { said, isSentence }) =>
      isSentence ? `${t.trimEnd()} ${said}` : t.replace(/([.;!?]*)\s*$/, (_all, stop: string) => ` (${said})${stop}`),
    text,
  );
}
