// Sizes that a step names, for a sheet that shows them as large as they are: how large a piece is cut, how thick dough is rolled, how far apart things lie.
import { readAmountField, toFraction } from '../amount/quantity';

export type TrueSize = { label: string; mm: number; shape: 'square' | 'round' | 'length' };

/** Up to this a size is shown, in millimetres: tins and trays are larger, and have theirs already. */
const MOST = 120;
/** Millimetres. The inch is 25.4 (international yard and pound agreement, 1959). */
const UNITS = new Map([
  ['mm', 1],
  ['cm', 10],
  ['in', 25.4],
]);

// "in" by itself is mostly no inch
const SIZE =
  /(\d+\s*[½¼¾⅓⅔]|[½¼¾⅓⅔]|\d+\s+\d\/\d|\d+\/\d+|\d+(?:[.,]\d+)?)\s*-?\s*(mm\b|cm\b|inch(?:es)?\b|in(?=[.,;)]|$|\s+(?:thick|wide|long|apart|high|deep)\b))/gi;
const SQUARE = /\b(?:cubes?|chunks?|pieces?|dice|squares?)\b/i;
const ROUND = /\b(?:cutter|circles?|rounds?|rings?)\b/i;

/** The sizes in the words of a step, each once, in their order. */
export function trueSizes(text: string): TrueSize[] {
  const shape = /\bthick\b|\bapart\b|\bwide\b|\blong\b/i.test(text)
    ? 'length'
    : SQUARE.test(text)
      ? 'square'
      : ROUND.test(text)
        ? 'round'
        : 'length';
  const found = [...text.matchAll(SIZE)].flatMap(([, number, unit]): TrueSize[] => {
    const read = readAmountField(number!.replace(',', '.'));
    if (!read || 'why' in read) return [];
    const name = unit!.toLowerCase().startsWith('in') ? 'in' : unit!.toLowerCase();
    const mm = (toFraction(read.min)?.valueOf() ?? 0) * UNITS.get(name)!;
    return mm > 0 && mm <= MOST ? [{ label: `${number!.trim()} ${name}`, mm, shape }] : [];
  });
  return found.filter((one, i) => found.findIndex((o) => o.mm === one.mm) === i);
}
