// What a text says that it makes: "to make a raita", "to form a thick paste".
const SAID = '\\bto\\s+(?:make|form)\\s+(?:an?|the|your)\\s+(?:[\\p{L}-]+,?\\s){0,3}?([\\p{L}-]{3,})';
const AT_END = new RegExp(`${SAID}$`, 'iu');
const ANYWHERE = new RegExp(`${SAID}(?=\\s*(?:[.,;]|$))`, 'gimu');

/** What is made, at the end of a clause: all its words, and the last by itself; null where nothing is. */
export function madeSaid(rest: string): { words: string; noun: string } | null {
  const said = AT_END.exec(rest);
  return said && { words: said[0], noun: said[1]!.toLowerCase() };
}

/** All that a method, or cards, say that they make, each by its last word. */
export const madeIn = (lines: readonly string[]): string => [...lines.join('\n').matchAll(ANYWHERE)].map((m) => m[1]!).join(' ');
