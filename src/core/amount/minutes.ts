// Times in instructions: "for 8 minutes", "1 hour and 30 minutes", "overnight".
import { plainNumbers, readNumber } from './quantity';

const UNIT_MINUTES: [RegExp, number][] = [
  [/^h(?:(?:ou)?rs?)?\b/i, 60],
  [/^min(?:ute)?s?\b/i, 1],
  [/^s(?:ec(?:ond)?s?)?\b/i, 1 / 60],
];

// What stands between the parts of one time.
const SAME_TIME = /^\s*-?(?:hours?|hrs?|h|min(?:ute)?s?)?\.?,?\s*(?:and\s+)?$/i;

/** The minutes that a text names, the least of a range; null when it names none. "Overnight" is eight hours (common practice). */
export function minutesOfText(text: string): number | null {
  if (!/hour|hr|min|sec|overnight|\d\s?[hms]\b/i.test(text)) return null;
  const plain = plainNumbers(text).replace(/\b(?:another|an extra|a further)\s+(?=hour|min)/gi, '1 ');
  if (/\bovernight\b/i.test(plain)) return 480;
  let total: number | null = null;
  let from = 0;
  let last = Infinity;
  for (const m of plain.matchAll(
    /(?<![\d/.-])(?:\d|half an?\b|an?\s(?=hour|minute)|(?:one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|fifteen|twenty|thirty|forty)\b)/gi,
  )) {
    if (m.index < from) continue;
    const number = readNumber(plain, m.index);
    if (!number?.ok) continue;
    const after = plain.slice(m.index + number.length).replace(/^[\s-]*(?:more\s+|an?\s+|extra\s+)?/i, '');
    const unit = UNIT_MINUTES.find(([pattern]) => pattern.test(after));
    if (!unit) continue;
    // "2 minutes less than the packet says"
    if (/^\S+\s+(?:less|fewer|under)\b/i.test(after)) continue;
    // "chill until needed, up to 24 hours": so long it keeps, and nobody waits for it
    if (unit[1] === 60 && /\bup to\s+$/i.test(plain.slice(0, m.index))) continue;
    // "1 hour and 30 minutes", "1 min 30 s" are one time, "5 minutes, then 10 minutes" two: the first counts
    if (total !== null && !(unit[1] < last && SAME_TIME.test(plain.slice(from, m.index)))) break;
    last = unit[1];
    total = (total ?? 0) + Math.round(number.min.valueOf() * unit[1] * 100) / 100;
    from = m.index + number.length;
  }
  return total;
}
