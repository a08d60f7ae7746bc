// What a row of a table of turns is.
/** A turn of speech: words of which a line must hold one (looked for first, since few lines do), how it is said, and the plain words for it. */
export type Turn = readonly [string, RegExp, string];
