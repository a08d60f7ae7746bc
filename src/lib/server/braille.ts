// Print into braille by the translator of Debian's package liblouis-bin, a program of its own; nothing is kept and nothing is sent anywhere.
import { execFile } from 'node:child_process';

/** Tables of liblouis for Unified English Braille: uncontracted and contracted. */
const TABLES = { uncontracted: 'en-ueb-g1.ctb', contracted: 'en-ueb-g2.ctb' } as const;
export type BrailleGrade = keyof typeof TABLES;
export const BRAILLE_GRADES = Object.keys(TABLES) as BrailleGrade[];

const LONGEST_MS = 5000;

/** There is no translator on this machine. */
export class NoBraille extends Error {
  override name = 'NoBraille';
}

/** What print has and braille tables have not. */
const plain = (line: string): string =>
  line
    .replace(/[\r\n]+/g, ' ')
    .replaceAll('→', '-')
    .replaceAll('▲', '')
    .replace(/([½⅓¼⅔¾⅛])/g, (c) => ({ '½': '1/2', '⅓': '1/3', '¼': '1/4', '⅔': '2/3', '¾': '3/4', '⅛': '1/8' })[c]!);

/**
 * Each line in braille ASCII, in the same order.
 * @throws NoBraille where the translator is not installed
 */
export function toBraille(lines: readonly string[], grade: BrailleGrade): Promise<string[]> {
  return new Promise((resolve, reject) => {
    const child = execFile('lou_translate', ['--forward', TABLES[grade]], { timeout: LONGEST_MS, maxBuffer: 4_000_000 }, (failed, out) => {
      if (failed) reject((failed as NodeJS.ErrnoException).code === 'ENOENT' ? new NoBraille() : failed);
      else resolve(out.split('\n').slice(0, lines.length));
    });
    child.stdin?.on('error', () => undefined);
    child.stdin?.end(lines.map((l) => `${plain(l).trim() || '-'}\n`).join(''));
  });
}
