// What a row of a table of turns is, and how its plain words are filled in.
/** A turn of speech: words of which a line must hold one (looked for first, since few lines do), how it is said, and the plain words for it. */
export type Turn = readonly [string, RegExp, string];

/** The replacement with its parts filled in; a capital where the turn of speech began with one. */
export function asFirst(found: string[], to: string): string {
  const filled = to.replace(/\$(\d)/g, (_all, k: string) => found[Number(k)] ?? '').replace(/\s+/g, ' ');
  // "Leek goes into the pan": it opens the sentence no more
  const opens = /^(?:[.!?;]\s+)?(\p{Lu}\p{Ll}+)/u.exec(found[0]!)?.[1];
  const isMoved = opens !== undefined && !/^(?:[.!?;]\s+)?\p{Lu}/u.test(filled);
  const text = isMoved ? filled.replace(new RegExp(`(?<=[^.!?;:\\s]\\s)${opens}\\b`, 'u'), opens.toLowerCase()) : filled;
  const sentences = text.replace(/([.!?]\s+)(\p{Ll})/gu, (_all, stop: string, letter: string) => stop + letter.toUpperCase());
  if (/^\p{Lu}/u.test(found[0]!)) return sentences.charAt(0).toUpperCase() + sentences.slice(1);
  // behind a full stop a sentence begins
  return sentences.replace(/^([;]\s+)(\p{Ll})/u, (_all, stop: string, letter: string) => stop + letter.toUpperCase());
}
