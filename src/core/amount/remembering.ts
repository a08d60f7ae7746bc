// Keeps what was found for a text, for questions that are asked over and over in one pass.

/**
 * A function that answers the same text from memory. Bounded, so that hostile text cannot fill the memory: it forgets all when full, and never
 * keeps a long text.
 * @param find must depend on its text alone
 * @param longest characters of a text that is kept
 * @param most texts that are kept
 */
export function remembering<T>(find: (text: string) => T, longest: number, most = 5000): (text: string) => T {
  const seen = new Map<string, T>();
  return (text) => {
    const kept = seen.get(text);
    if (kept !== undefined || seen.has(text)) return kept as T;
    const found = find(text);
    if (seen.size >= most) seen.clear();
    if (text.length <= longest) seen.set(text, found);
    return found;
  };
}
