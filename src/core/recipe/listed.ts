// Names one after another, as a sentence has them.

/** @example listed(['oil', 'salt', 'rice']) // "oil, salt and rice" */
export const listed = (names: readonly string[]): string =>
  names.length > 1 ? `${names.slice(0, -1).join(', ')} and ${names.at(-1)}` : (names[0] ?? '');
